/** How much of a tray is covered, and where a bar across it has to stand. */
import type { Tray } from './plan'

/** What of a tray's measures its area hangs on. */
export type TrayMeasures = Pick<Tray, 'lengthMm' | 'widthMm' | 'round'>

/** Area, mm², of a tray from its end to a bar `mm` along it; the whole tray unless told. */
export function trayArea({ lengthMm, widthMm, round }: TrayMeasures, mm = lengthMm): number {
  if (!round) return mm * widthMm
  const r = lengthMm / 2
  const h = Math.min(Math.max(mm, 0), lengthMm)
  return r * r * Math.acos((r - h) / r) - (r - h) * Math.sqrt(Math.max(0, h * (lengthMm - h)))
}

/** Halvings that find a bar in the longest tray to a hundredth of a millimetre. */
const HALVINGS = 20

/** Where a bar stands, mm along a tray, that leaves `share` of its area behind it, 0 to 1. */
export function barAt(tray: TrayMeasures, share: number): number {
  if (!tray.round) return share * tray.lengthMm
  const wanted = share * trayArea(tray)
  let [low, high] = [0, tray.lengthMm]
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2
    if (trayArea(tray, middle) < wanted) low = middle
    else high = middle
  }
  return (low + high) / 2
}
