/** Orders as a spreadsheet writes them: which product, how many pieces. */
import Papa from 'papaparse'

export interface Order {
  readonly formula: string
  readonly pieces: number
}

export interface Orders {
  /** Of each product once, its pieces added up. */
  readonly orders: readonly Order[]
  /** Lines that say no product of the book, or no number of pieces; as they stand. */
  readonly unread: readonly string[]
}

/** ◊ Lines of a file of orders that are read. */
const MOST_LINES = 1000
const MOST_PIECES = 100_000

const plain = (text: string): string => text.trim().toLowerCase()

/** Reads orders; `book`: products by id and name, either of which a line may say. */
export function ordersIn(text: string, book: readonly { readonly id: string; readonly name: string }[]): Orders {
  const { data } = Papa.parse<string[]>(text.trim(), { skipEmptyLines: true })
  const known = new Map(book.flatMap(({ id, name }) => [[plain(id), id] as const, [plain(name), id] as const]))
  const sums = new Map<string, number>()
  const unread: string[] = []
  for (const [i, row] of data.slice(0, MOST_LINES).entries()) {
    const formula = row.map((cell) => known.get(plain(cell))).find(Boolean)
    const numbers = row.filter((cell) => /^\s*\d+\s*$/.test(cell)).map(Number)
    const [pieces] = numbers
    if (formula && numbers.length === 1 && pieces && pieces <= MOST_PIECES)
      sums.set(formula, Math.min(MOST_PIECES, (sums.get(formula) ?? 0) + pieces))
    // the first line may only say what the columns are
    else if (i > 0 || numbers.length > 0 || formula) unread.push(row.join(', '))
  }
  return { orders: [...sums].map(([formula, pieces]) => ({ formula, pieces })), unread }
}
