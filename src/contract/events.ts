/** Apart from the schemas: windows read logs, and need no Zod for that. */
import type { CookEvent, CookRecord } from '@/core'
import type { Frame, LoggedAct } from './cook'

/** A cook and its rests are over by then, ms: what is dated later was not taken in it. */
export const LONGEST_COOK_MS = 7 * 86_400_000

/** Whether a time, ms, can be one of a cook that began at `startedAt`. */
export const isWithinCook = (startedAt: number, at: number): boolean =>
  at >= startedAt && at <= startedAt + LONGEST_COOK_MS

/** An act may be dated so much before the flame, s, by a clock that is a little off. */
export const BEFORE_S = 1

/**
 * Logged acts as the core reads them: on the clock of a cook that began at `startedAt` ms, oldest first. One that is dated
 * before the flame, or after any cook is over, was dated by a wrong clock: it is put where it was logged, after what was
 * logged before it.
 */
export const eventsOf = (acts: Iterable<LoggedAct>, startedAt: number): CookEvent[] => {
  let latest = 0
  return [...acts]
    .map(({ id, at, act, by }): CookEvent => {
      const said = (Date.parse(at) - startedAt) / 1000
      const unsure = said < -BEFORE_S || said * 1000 > LONGEST_COOK_MS
      const when = unsure ? latest : said
      latest = Math.max(latest, when)
      return { id, at: when, ...(unsure && { unsure }), ...(by && { by }), ...act }
    })
    .sort((a, b) => a.at - b.at)
}

/** A whole log as the core judges it: acts and readings on the clock of a cook that began at `startedAt` ms, oldest first. */
export const recordOf = ({ acts, readings }: Pick<Frame, 'acts' | 'readings'>, startedAt: number): CookRecord => ({
  events: eventsOf(acts, startedAt),
  readings: readings.map(([ms, celsius]) => ({ at: (ms - startedAt) / 1000, celsius })).sort((a, b) => a.at - b.at),
})
