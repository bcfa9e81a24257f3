/** CSV that a spreadsheet takes for text and figures, never for something to carry out; read and written in turns. */
import Papa from 'papaparse'
import { turn } from './in-turns'

/** What begins like a formula of a spreadsheet gets a mark before it that says it is text. */
const AS_TEXT = { escapeFormulae: true } as const

/** A cell as it was before it got that mark. */
export const plainCell = (cell: string): string => (/^'[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell)

/** Rows, and characters, at once: between them others have their turn. */
const ROWS = 4000
const CHARACTERS = 128 * 1024

/** Rows as text, under their columns' names. */
export async function writeCsv(fields: readonly string[], data: readonly (readonly unknown[])[]): Promise<string> {
  const parts = [Papa.unparse([[...fields]], AS_TEXT)]
  for (let i = 0; i < data.length; i += ROWS) {
    parts.push(Papa.unparse(data.slice(i, i + ROWS) as unknown[][], AS_TEXT))
    await turn()
  }
  return parts.join('\r\n')
}

/** The rows of a text, cell by cell; no more than a piece beyond `most`. */
export async function readCsv(text: string, most: number): Promise<string[][]> {
  const plain = text.replace(/^\uFEFF/, '')
  const rows: string[][] = []
  for (let from = 0; from < plain.length && rows.length <= most; ) {
    const end = endOfPiece(plain, from)
    for (const row of Papa.parse<string[]>(plain.slice(from, end), CELLS).data) rows.push(row)
    from = end
    await turn()
  }
  return rows
}

/** Pieces of a text may hold no more than one of its delimiters, so none is guessed at piece by piece. */
const CELLS = { skipEmptyLines: 'greedy' } as const

/** Where a piece of whole lines ends: a line that is within quotes goes on. */
function endOfPiece(text: string, from: number): number {
  let end = from
  let quotes = 0
  do {
    const next = text.indexOf('\n', Math.max(end, from + CHARACTERS))
    const to = next < 0 ? text.length : next + 1
    for (let at = text.indexOf('"', end); at >= 0 && at < to; at = text.indexOf('"', at + 1)) quotes++
    end = to
  } while (quotes % 2 === 1 && end < text.length)
  return end
}
