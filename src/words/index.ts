/**
 * The one room with language. Core finds out, `words` says it: one table a subject, each row a finding, in the reader's
 * units. Another language is another folder beside `en` with the same names, chosen here.
 */
export * from './en'
export * from './format'
export * from './read'
export type { Said } from './said'
export * from './time'
export * from './units'
