/** Finding formulas: lists and searches over what the index says, never over the documents. */
import { and, asc, desc, eq, gt, gte, inArray, like, lte, type SQL, sql } from 'drizzle-orm'
import type { BookEntry, BookPage, BookQuery } from '@/contract/book'
import type { Allergen, FamilyId } from '@/core'
import type { Db } from './client'
import { containing } from './columns'
import { formulaIngredients, formulas } from './schema'

export const PER_PAGE = 60

// columns in words: in a query of one table the builder would leave the table names out
const lastCooked = sql<
  string | null
>`(select max(b.started_at) from batches b where b.formula_id = formulas.id and not b.practice)`

/** `have`: ids of ingredients any of which counts as the one that is there. */
export async function searchBook(db: Db, query: BookQuery, have: readonly string[]): Promise<BookPage> {
  const { q, family, school, without, from, to, grams } = query
  const conditions: (SQL | undefined)[] = [
    gt(formulas.latest, 0),
    ...q
      .split(/\s+/)
      .filter(Boolean)
      .map((word) => like(formulas.words, containing(word))),
    family && eq(formulas.family, family),
    school ? eq(formulas.school, school) : undefined,
    ...without.map((a) => sql`find_in_set(${a}, ${formulas.allergens}) = 0`),
    from === undefined ? undefined : gte(formulas.targetC, from),
    to === undefined ? undefined : lte(formulas.targetC, to),
    have.length > 0
      ? inArray(
          formulas.id,
          db
            .select({ id: formulaIngredients.formulaId })
            .from(formulaIngredients)
            .where(inArray(formulaIngredients.ingredient, [...have])),
        )
      : undefined,
  ]
  const where = and(...conditions)
  const order = {
    name: [asc(formulas.name)],
    target: [sql`${formulas.targetC} is null`, asc(formulas.targetC), asc(formulas.name)],
    cooked: [sql`last_cooked is null`, desc(sql`last_cooked`), asc(formulas.name)],
  }[query.sort]
  const [rows, [count]] = await Promise.all([
    db
      .select({ formula: formulas, lastCooked: lastCooked.as('last_cooked') })
      .from(formulas)
      .where(where)
      .orderBy(...order)
      .limit(PER_PAGE)
      .offset((query.page - 1) * PER_PAGE),
    db.select({ n: sql<number>`count(*)` }).from(formulas).where(where),
  ])
  const uses = await usesOf(
    db,
    rows.map((r) => r.formula.id),
    have,
  )
  return {
    total: Number(count?.n ?? 0),
    perPage: PER_PAGE,
    entries: rows.map(({ formula, lastCooked: cooked }): BookEntry => {
      const use = uses.get(formula.id)
      return {
        id: formula.id,
        revision: formula.latest,
        name: formula.name,
        family: formula.family as FamilyId,
        school: formula.school,
        about: formula.about ?? '',
        targetC: formula.targetC,
        outGrams: formula.outGrams,
        boils: formula.boils,
        allergens: formula.allergens ? (formula.allergens.split(',') as Allergen[]) : [],
        lastCooked: cooked ? `${cooked.replace(' ', 'T')}Z` : null,
        uses: use
          ? { ...use, gives: grams === undefined ? formula.outGrams : (formula.outGrams * grams) / use.grams }
          : null,
      }
    }),
  }
}

/** Which of these ingredients each formula takes most of, and how much. */
async function usesOf(
  db: Db,
  ids: readonly string[],
  have: readonly string[],
): Promise<Map<string, { ingredient: string; grams: number }>> {
  if (ids.length === 0 || have.length === 0) return new Map()
  const rows = await db
    .select()
    .from(formulaIngredients)
    .where(and(inArray(formulaIngredients.formulaId, [...ids]), inArray(formulaIngredients.ingredient, [...have])))
    .orderBy(asc(formulaIngredients.grams))
  return new Map(rows.map((r) => [r.formulaId, { ingredient: r.ingredient, grams: r.grams }]))
}
