/** How pieces that are made one by one, dropped, rolled or dipped, lie on a tray. */
import type { Shape } from './document'
import type { Tray } from './plan'
import type { TrayMeasures } from './tray'

type Broken = Extract<Shape, { readonly kind: 'broken' }>
export type FormedShape = Broken & { readonly formed: NonNullable<Broken['formed']> }

/** How pieces are made that are made one by one. */
export type FormedBy = FormedShape['formed']
/** The ways a sweet becomes pieces. */
export type ShapedBy = Shape['kind'] | FormedBy

/** Whether the pieces of a shape are made one by one. */
export const isFormed = (shape: Shape): shape is FormedShape => shape.kind === 'broken' && shape.formed !== undefined

/** How a sweet of a shape becomes pieces. */
export const shapedBy = (shape: Shape): ShapedBy => (isFormed(shape) ? shape.formed : shape.kind)

/** ◊ Room left between two pieces, as a share of how far across they are. */
const ROOM = 0.35

/** How far across a piece is, mm: a drop as thick as its shape says, a ball, or a round thing under so thick a coat. `density` in g/ml, above 0. */
export function acrossOf({ formed, gramsEach, thicknessMm }: FormedShape, density: number): number {
  const mm3 = (1000 * gramsEach) / density
  if (formed === 'rolled') return Math.cbrt((6 * mm3) / Math.PI)
  // a coat goes all around, which is four times as much as a drop covers
  return (formed === 'dipped' ? 1 : 2) * Math.sqrt(mm3 / (Math.PI * thicknessMm))
}

/** A full tray: how far across each piece is, and where its middle lies, mm from a corner. */
export interface LaidOut {
  readonly acrossMm: number
  readonly centres: readonly { readonly x: number; readonly y: number }[]
}

/** As many pieces as a tray has room for, in rows; none where one is larger than the tray. */
export function formedOn(shape: FormedShape, tray: TrayMeasures & Pick<Tray, 'widthMm'>, density: number): LaidOut {
  const acrossMm = acrossOf(shape, density)
  const pitch = acrossMm * (1 + ROOM)
  // the last of a row needs no room after it
  const inRow = (mm: number): number => Math.max(0, Math.floor((mm + ROOM * acrossMm) / pitch + 1e-9))
  const places = (mm: number): number[] => {
    const length = inRow(mm)
    return Array.from({ length }, (_, i) => (mm - (length - 1) * pitch) / 2 + i * pitch)
  }
  const radius = tray.lengthMm / 2
  const isOn = (x: number, y: number): boolean =>
    !tray.round || Math.hypot(x - radius, y - radius) + acrossMm / 2 <= radius
  const centres = places(tray.widthMm).flatMap((y) =>
    places(tray.lengthMm).flatMap((x) => (isOn(x, y) ? [{ x, y }] : [])),
  )
  return { acrossMm, centres }
}
