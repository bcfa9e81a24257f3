/** Apart from the schemas: windows read logs, and need no Zod for that. */
import type { CookEvent } from '@/core'
import type { LoggedAct } from './cook'

/** Logged acts as the core reads them: on the clock of a cook that began at `startedAt` ms, oldest first. */
export const eventsOf = (acts: Iterable<LoggedAct>, startedAt: number): CookEvent[] =>
  [...acts]
    .map(({ id, at, act }) => ({ id, at: (Date.parse(at) - startedAt) / 1000, ...act }))
    .sort((a, b) => a.at - b.at)
