import type { BookPage, BookQuery, Written } from '@/contract/book'
import { ownIngredients } from '@/contract/kitchen-figures'
import { type FormulaDocument, faultsOf, type HouseUnit, idFor, kindred, pantryOf, readLine } from '@/core'
import {
  addRevision,
  db,
  type FormulaRecord,
  findFormula,
  findWrite,
  formulaIds,
  listRevisions,
  readThings,
  searchBook,
} from '@/db'
import { Problem } from './problem'
import { checkWorkable } from './workable'

export type { FormulaRecord } from '@/db'

export async function formula(id: string, revision?: number): Promise<FormulaRecord> {
  const found = await findFormula(db(), id, revision)
  if (!found) throw new Problem(404, `There is no formula "${id}"${revision ? ` revision ${revision}` : ''}`)
  return found
}

export async function revisions(id: string): Promise<FormulaRecord[]> {
  const found = await listRevisions(db(), id)
  if (found.length === 0) throw new Problem(404, `There is no formula "${id}"`)
  return found
}

/** What was looked for, as it was understood, and what was found. */
export interface Search {
  readonly query: BookQuery
  readonly page: BookPage
}

/** Finds formulas. "400 g cream" in the search box asks what can be made with it. */
export async function search(asked: BookQuery): Promise<Search> {
  const query = asked.have ? asked : await withWhatIsThere(asked)
  const have = query.have ? kindred(query.have) : []
  return { query, page: await searchBook(db(), query, have) }
}

async function withWhatIsThere(asked: BookQuery): Promise<BookQuery> {
  if (!/\d/.test(asked.q)) return asked
  const things = await readThings(db())
  const house: HouseUnit[] = things.measure.map(({ name, millilitres }) => ({ name, millilitres }))
  const reading = readLine(asked.q, pantryOf(ownIngredients(things)), house)
  return reading.status === 'sure' ? { ...asked, q: '', have: reading.ingredient.id, grams: reading.grams } : asked
}

/** Addresses that are pages of the book. */
const RESERVED = ['new']

const KEPT = 'The book is as it was; so is what you wrote.'

/** @throws Problem 400 naming everything that keeps the formula from being cooked. */
export function checked(document: FormulaDocument): FormulaDocument {
  const faults = faultsOf(document)
  if (faults.length > 0) throw new Problem(400, faults.slice(0, 5).join('. '), KEPT)
  checkWorkable(document, KEPT)
  return document
}

/** Puts a new formula into the book, under an address made from its name. */
export async function addFormula(document: FormulaDocument, write: string, now: Date): Promise<Written> {
  checked(document)
  // in this order: where the same write has taken an address by then, it is found, and no second one is looked for
  const taken = await formulaIds(db())
  const before = await findWrite(db(), write)
  if (before) return before
  for (let tries = 0; tries < 5; tries++) {
    const id = idFor(document.name, [...taken, ...RESERVED])
    const written = await addRevision(db(), id, document, now, { writeId: write, from: null })
    if ('revision' in written) return { id, revision: written.revision }
    taken.push(id)
  }
  throw new Problem(
    409,
    'Many formulas of this name are being written at once. Try again',
    'What you wrote is kept here.',
  )
}

/** Adds a revision, unless another was written since the one it began from. */
export async function revise(
  id: string,
  { document, from, write }: { document: FormulaDocument; from: number; write: string },
  now: Date,
): Promise<Written> {
  checked(document)
  await formula(id)
  const written = await addRevision(db(), id, document, now, { writeId: write, from })
  if ('conflict' in written)
    throw new Problem(
      409,
      `Revision ${written.conflict} was written in the meantime`,
      'Yours is kept here: compare them, then save it as a revision after that one or as a formula of its own.',
    )
  return { id, revision: written.revision }
}
