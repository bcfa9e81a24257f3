import { isDeepStrictEqual } from 'node:util'
import { FILE_FORMAT, type Imported } from '@/contract/files'
import type { FormulaDocument } from '@/core'
import { addRevisionIn, db, type FormulaRecord, findFormula, listFormulas, putThings, readThings, transact } from '@/db'
import { formula } from './formulas'
import { offThread } from './long/off-thread'
import { Problem } from './problem'

/** How many formulas are read at once: between them others have their turn. */
const AT_ONCE = 50

/** The whole book, or one formula of it, as the text of a file. */
export async function exportFormulas(id?: string): Promise<string> {
  const entries: string[] = []
  for await (const { id: address, document } of id === undefined ? wholeBook() : [await formula(id)])
    entries.push(JSON.stringify({ address, document }, null, 1))
  if (entries.length === 0) throw new Problem(404, 'The book is empty: there is nothing to export')
  return `{ "format": "${FILE_FORMAT}", "version": 1, "formulas": [\n${entries.join(',\n')}\n] }\n`
}

async function* wholeBook(): AsyncGenerator<FormulaRecord> {
  let after = ''
  for (;;) {
    const { records, last } = await listFormulas(db(), after, AT_ONCE)
    yield* records
    if (last === null) return
    after = last
  }
}

/** Takes a file in whole or not at all: new formulas are added, changed ones get a revision. */
export async function importFormulas(text: string, now: Date): Promise<Imported> {
  const entries = await offThread('readBook', text)
  return transact(db(), async (tx) => {
    const counts = { added: 0, revised: 0, same: 0 }
    for (const entry of entries) {
      const { address } = entry
      const document = JSON.parse(entry.document) as FormulaDocument
      const newest = await findFormula(tx, address)
      if (newest && isDeepStrictEqual(newest.document, document)) {
        counts.same++
        continue
      }
      await addRevisionIn(tx, address, document, now)
      if (newest) counts.revised++
      else counts.added++
    }
    return counts
  })
}

/** The kitchen's own ingredients as CSV. */
export async function exportIngredients(): Promise<string> {
  const { ingredient } = await readThings(db())
  return offThread('writeIngredients', ingredient)
}

/** Takes a CSV of ingredients in whole or not at all. */
export async function importIngredients(text: string): Promise<{ taken: number }> {
  const rows = await offThread('readIngredients', text)
  await putThings(db(), 'ingredient', rows)
  return { taken: rows.length }
}
