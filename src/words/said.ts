/** What every table of sentences has in common. */
import type { Say } from './units'

/** A sentence and the line beneath it. */
export interface Said {
  readonly text: string
  readonly detail: string
}

/** One way of saying each finding of a subject: leaving one out does not compile. */
export type Sayings<Figures, Out = Said> = {
  readonly [Id in keyof Figures]: (figures: Figures[Id], say: Say) => Out
}

interface AnyFinding<Id> {
  readonly id: Id
  readonly figures: unknown
}

/** A finding in words, by its row in the table of its subject. */
export const sayFinding = <Figures, Out>(
  sayings: Sayings<Figures, Out>,
  finding: AnyFinding<keyof Figures>,
  say: Say,
): Out => (sayings[finding.id] as (figures: unknown, say: Say) => Out)(finding.figures, say)
