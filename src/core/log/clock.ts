/** The cook's own clock. In practice it may run faster than the wall's; a change of pace is an event like any other. */
import type { CookEvent } from './log'

interface Pace {
  /** Wall time, ms, and cook time, s, where this pace began. */
  readonly wall: number
  readonly at: number
  readonly rate: number
}

function paces(events: readonly CookEvent[], startedAt: number): Pace[] {
  const list: Pace[] = [{ wall: startedAt, at: 0, rate: 1 }]
  for (const e of events) if (e.type === 'clock') list.push({ wall: Date.parse(e.wall), at: e.at, rate: e.rate })
  return list
}

/** Cook time, s since the start, when the wall clock shows `wall` ms. Both epochs are ms; the pace of the last change holds. */
export function cookTime(events: readonly CookEvent[], startedAt: number, wall: number): number {
  const last = paces(events, startedAt).at(-1) as Pace
  return Math.max(last.at, last.at + ((wall - last.wall) / 1000) * last.rate)
}

/** The pace the cook runs at now: 1 in earnest, more in practice. */
export const paceOf = (events: readonly CookEvent[]): number =>
  events.findLast((e): e is Extract<CookEvent, { type: 'clock' }> => e.type === 'clock')?.rate ?? 1
