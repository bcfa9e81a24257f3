/** CSV that a spreadsheet takes for text and figures, never for something to carry out. */
import Papa from 'papaparse'

/** What begins like a formula of a spreadsheet gets a mark before it that says it is text. */
const AS_TEXT = { escapeFormulae: true } as const

/** A cell as it was before it got that mark. */
export const plainCell = (cell: string): string => (/^'[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell)

/** Rows as text, under their columns' names. */
export const writeCsv = (fields: readonly string[], data: readonly (readonly unknown[])[]): string =>
  Papa.unparse({ fields: [...fields], data: data as unknown[][] }, AS_TEXT)

/** The rows of a text, cell by cell; no more than one beyond `most`. */
export const readCsv = (text: string, most: number): string[][] =>
  Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy', preview: most + 1 }).data
