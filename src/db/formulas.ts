import { and, asc, desc, eq, gt, sql } from 'drizzle-orm'
import {
  allergensIn,
  allLines,
  boiledIn,
  type FormulaDocument,
  finishedMix,
  gramsAsWritten,
  ingredientIn,
  mainBoil,
  massOf,
  nameOfLine,
  piecesOf,
  traceSteps,
} from '@/core'
import type { Db } from './client'
import { isReadable, type Unreadable, whole } from './columns'
import { formulaIngredients, formulaRevisions, formulas } from './schema'
import { type Tx, transact } from './transaction'

export interface FormulaRecord {
  id: string
  revision: number
  document: FormulaDocument
  createdAt: Date
}

const columns = {
  id: formulaRevisions.formulaId,
  revision: formulaRevisions.number,
  document: formulaRevisions.document,
  createdAt: formulaRevisions.createdAt,
}

/** The newest revisions after the formula `after`, by id; those that cannot be read are left out. `last` is null at the end. */
export async function listFormulas(
  db: Db,
  after: string,
  limit: number,
): Promise<{ records: FormulaRecord[]; last: string | null }> {
  const rows = await db
    .select(columns)
    .from(formulaRevisions)
    .innerJoin(formulas, and(eq(formulas.id, formulaRevisions.formulaId), eq(formulas.latest, formulaRevisions.number)))
    .where(gt(formulaRevisions.formulaId, after))
    .orderBy(asc(formulaRevisions.formulaId))
    .limit(limit)
  return { records: rows.flatMap(readable), last: rows.length < limit ? null : (rows.at(-1)?.id ?? null) }
}

type Row = Omit<FormulaRecord, 'document'> & { document: FormulaDocument | Unreadable }

/** A record of the row; none where it is unreadable. */
const readable = ({ document, ...row }: Row): FormulaRecord[] => (isReadable(document) ? [{ ...row, document }] : [])

/** One revision, the newest unless told; null when there is none. @throws UnreadableRow */
export async function findFormula(
  db: Pick<Db, 'select'>,
  id: string,
  revision?: number,
): Promise<FormulaRecord | null> {
  const rows = await db
    .select(columns)
    .from(formulaRevisions)
    .where(
      and(
        eq(formulaRevisions.formulaId, id),
        revision === undefined ? undefined : eq(formulaRevisions.number, revision),
      ),
    )
    .orderBy(desc(formulaRevisions.number))
    .limit(1)
  const [row] = rows
  return row ? { ...row, document: whole(row.document) } : null
}

/** Every revision of a formula that can be read, newest first. */
export async function listRevisions(db: Db, id: string): Promise<FormulaRecord[]> {
  const rows = await db
    .select(columns)
    .from(formulaRevisions)
    .where(eq(formulaRevisions.formulaId, id))
    .orderBy(desc(formulaRevisions.number))
  return rows.flatMap(readable)
}

export interface RevisionWrite {
  /** Made by the client; the same write twice is one revision. */
  writeId?: string
  /** The newest revision as the writer knew it; null for a formula that must not exist. Unchecked unless given. */
  from?: number | null
}

export type RevisionWritten = { readonly revision: number } | { readonly conflict: number }

/**
 * Adds a revision after the newest, and indexes the formula by it. Revisions are never changed. Where another was
 * written since `from`, nothing is, and the newest number comes back as a conflict.
 */
export const addRevision = (
  db: Db,
  id: string,
  document: FormulaDocument,
  at: Date,
  write: RevisionWrite = {},
): Promise<RevisionWritten> => transact(db, (tx) => addRevisionIn(tx, id, document, at, write))

/** As `addRevision`, within a transaction of the caller's. */
export async function addRevisionIn(
  tx: Tx,
  id: string,
  document: FormulaDocument,
  at: Date,
  { writeId, from }: RevisionWrite = {},
): Promise<RevisionWritten> {
  // an update that changes nothing still takes the row for writing, so two writers cannot take one number;
  // "insert ignore" would take it for reading only, and then deadlock
  await tx
    .insert(formulas)
    .values({ id, createdAt: at })
    .onDuplicateKeyUpdate({ set: { id: sql`id` } })
  if (writeId) {
    const [same] = await tx
      .select({ number: formulaRevisions.number })
      .from(formulaRevisions)
      .where(and(eq(formulaRevisions.formulaId, id), eq(formulaRevisions.writeId, writeId)))
    if (same) return { revision: same.number }
  }
  const [row] = await tx
    .select({ last: sql<number | null>`max(${formulaRevisions.number})` })
    .from(formulaRevisions)
    .where(eq(formulaRevisions.formulaId, id))
  const last = Number(row?.last ?? 0)
  if (from !== undefined && last !== (from ?? 0)) return { conflict: last }
  const revision = last + 1
  await tx
    .insert(formulaRevisions)
    .values({ formulaId: id, number: revision, document, createdAt: at, writeId: writeId ?? null })
  await indexFormula(tx, id, revision, document)
  return { revision }
}

/** Writes what lists and searches read of a formula. */
async function indexFormula(tx: Tx, id: string, revision: number, document: FormulaDocument): Promise<void> {
  const named = piecesOf(document).flatMap((p) =>
    p.formula.lines.flatMap((l) => [ingredientIn(p.formula, l.ingredient).name, nameOfLine(p.formula, l)]),
  )
  const amounts = new Map<string, number>()
  for (const l of allLines(document)) amounts.set(l.ingredient, (amounts.get(l.ingredient) ?? 0) + l.grams)
  await tx
    .update(formulas)
    .set({
      latest: revision,
      name: document.name,
      family: document.family,
      school: document.school,
      about: document.about,
      targetC: mainBoil(document)?.target.celsius ?? null,
      outGrams: massOf(finishedMix(traceSteps(document, gramsAsWritten(document)))),
      boils: boiledIn(document).reduce((sum, b) => sum + Math.max(1, b.formula.boils.length), 0),
      allergens: allergensIn(document).join(','),
      words: [document.name, document.about, ...new Set(named), ...allergensIn(document)].join(' ').toLowerCase(),
    })
    .where(eq(formulas.id, id))
  await tx.delete(formulaIngredients).where(eq(formulaIngredients.formulaId, id))
  if (amounts.size > 0)
    await tx
      .insert(formulaIngredients)
      .values([...amounts].map(([ingredient, grams]) => ({ formulaId: id, ingredient, grams })))
}

/** Every address in the book. */
export const formulaIds = async (db: Db): Promise<string[]> =>
  (await db.select({ id: formulas.id }).from(formulas)).map((r) => r.id)

/** The revision a client's write made; null when it made none. */
export async function findWrite(db: Db, writeId: string): Promise<{ id: string; revision: number } | null> {
  const [row] = await db
    .select({ id: formulaRevisions.formulaId, revision: formulaRevisions.number })
    .from(formulaRevisions)
    .where(eq(formulaRevisions.writeId, writeId))
  return row ?? null
}

/** Every formula of the book by its name, at most as many as a list shows. */
export const formulaNames = (db: Db): Promise<{ id: string; name: string }[]> =>
  db
    .select({ id: formulas.id, name: formulas.name })
    .from(formulas)
    .where(gt(formulas.latest, 0))
    .orderBy(formulas.name)
    .limit(500)
