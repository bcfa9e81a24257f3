/** What is wanted of a day, as it is first asked for. */
import { ulid } from 'ulid'
import type { Day, DayView } from '@/contract/day'

type Item = Day['items'][number]

/** ◊ Pieces a product is added with. */
export const USUAL_PIECES = 80

/** What a product is called, by its formula; by its id where the book has it no more. */
export const productName = ({ book }: Pick<DayView, 'book'>, formula: string): string =>
  book.find((b) => b.id === formula)?.name ?? formula

/** One more product of a day, under an id of its own. */
export const freshItem = (formula: string, pieces = USUAL_PIECES): Item => ({
  id: ulid().slice(-10),
  formula,
  size: { by: 'pieces', pieces },
})

/** The same again as on another day, under ids of their own. */
export const sameAgain = (items: readonly Item[]): Item[] =>
  items.map(({ formula, size }) => ({ ...freshItem(formula), size }))
