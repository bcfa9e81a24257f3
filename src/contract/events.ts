/** Apart from the schemas: windows read logs, and need no Zod for that. */
import type { CookEvent, CookRecord } from '@/core'
import type { Frame, LoggedAct } from './cook'

/** Logged acts as the core reads them: on the clock of a cook that began at `startedAt` ms, oldest first. */
export const eventsOf = (acts: Iterable<LoggedAct>, startedAt: number): CookEvent[] =>
  [...acts]
    .map(({ id, at, act, by }) => ({ id, at: (Date.parse(at) - startedAt) / 1000, ...(by && { by }), ...act }))
    .sort((a, b) => a.at - b.at)

/** A whole log as the core judges it: acts and readings on the clock of a cook that began at `startedAt` ms, oldest first. */
export const recordOf = ({ acts, readings }: Pick<Frame, 'acts' | 'readings'>, startedAt: number): CookRecord => ({
  events: eventsOf(acts, startedAt),
  readings: readings.map(([ms, celsius]) => ({ at: (ms - startedAt) / 1000, celsius })).sort((a, b) => a.at - b.at),
})
