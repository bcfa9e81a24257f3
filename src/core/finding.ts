/**
 * What core finds out is data; a sentence is a view of it. A finding has the name of its row, how serious it is, and its
 * figures in units that cannot be mixed up. `src/words` turns it into a sentence in the reader's language and units.
 */

export type Tone = 'good' | 'mind' | 'bad'

export interface Finding<Id extends string, Figures, T extends string = Tone> {
  readonly id: Id
  readonly tone: T
  readonly figures: Figures
}

/** Findings of a subject, from a type that lists the figures of each by its id. */
export type FindingOf<Table, T extends string = Tone> = {
  [Id in keyof Table & string]: Finding<Id, Table[Id], T>
}[keyof Table & string]

/** A finding without the tone, where a subject has none. */
export type PlainFindingOf<Table> = {
  [Id in keyof Table & string]: { readonly id: Id; readonly figures: Table[Id] }
}[keyof Table & string]
