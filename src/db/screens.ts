/** Who may come in: the owner's passphrase, paired screens, and codes that are still good. */
import { and, asc, eq, gt, inArray, isNull, lt, or } from 'drizzle-orm'
import type { By, Role } from '@/contract/roles'
import type { Db } from './client'
import { owners, pairings, screens } from './schema'

const OWNER = 1

export async function readPassphrase(db: Db): Promise<string | null> {
  const [row] = await db.select().from(owners).where(eq(owners.id, OWNER))
  return row?.passphrase ?? null
}

/** Puts a hash in the place of `before`; false where another has been put there since. */
export async function changePassphrase(db: Db, hash: string, before: string | null, at: Date): Promise<boolean> {
  const [result] =
    before === null
      ? await db.insert(owners).ignore().values({ id: OWNER, passphrase: hash, changedAt: at })
      : await db
          .update(owners)
          .set({ passphrase: hash, changedAt: at })
          .where(and(eq(owners.id, OWNER), eq(owners.passphrase, before)))
  return result.affectedRows > 0
}

export interface NewScreen {
  readonly id: string
  readonly name: string
  readonly role: Role
  readonly tokenHash: string
}

export async function addScreen(db: Db, screen: NewScreen, at: Date): Promise<void> {
  await db.insert(screens).values({ ...screen, rotatedAt: at, pairedAt: at, lastSeenAt: at })
}

export type ScreenRow = typeof screens.$inferSelect

/** Screens that may come in, the first paired first. */
export const listScreens = (db: Db): Promise<ScreenRow[]> =>
  db.select().from(screens).where(isNull(screens.revokedAt)).orderBy(asc(screens.pairedAt))

/** The screen whose token this is, or was before the one it has now. */
export async function findScreen(db: Db, tokenHash: string): Promise<ScreenRow | null> {
  const [row] = await db
    .select()
    .from(screens)
    .where(and(isNull(screens.revokedAt), or(eq(screens.tokenHash, tokenHash), eq(screens.previousHash, tokenHash))))
  return row ?? null
}

/** Gives a screen a new token in the place of the one it has; `known` serves on beside it. False where that is done already. */
export async function changeToken(db: Db, row: ScreenRow, known: string, next: string, at: Date): Promise<boolean> {
  const [result] = await db
    .update(screens)
    .set({ tokenHash: next, previousHash: known, rotatedAt: at, lastSeenAt: at })
    .where(and(eq(screens.id, row.id), eq(screens.tokenHash, row.tokenHash)))
  return result.affectedRows > 0
}

/** The token before serves no longer: the one that took its place has arrived. */
export async function forgetToken(db: Db, id: string): Promise<void> {
  await db.update(screens).set({ previousHash: null }).where(eq(screens.id, id))
}

export async function sawScreen(db: Db, id: string, at: Date): Promise<void> {
  await db.update(screens).set({ lastSeenAt: at }).where(eq(screens.id, id))
}

/** Lets a screen in no more; false where there is no such screen. */
export async function revokeScreen(db: Db, id: string, at: Date): Promise<boolean> {
  const [result] = await db
    .update(screens)
    .set({ revokedAt: at })
    .where(and(eq(screens.id, id), isNull(screens.revokedAt)))
  return result.affectedRows > 0
}

/** Lets none of the screens of a role in any more. */
export async function revokeRole(db: Db, role: Role, at: Date): Promise<void> {
  await db
    .update(screens)
    .set({ revokedAt: at })
    .where(and(eq(screens.role, role), isNull(screens.revokedAt)))
}

/** Those of `ids` that may come in. */
export async function stillIn(db: Db, ids: readonly string[]): Promise<Set<string>> {
  if (ids.length === 0) return new Set()
  const rows = await db
    .select({ id: screens.id })
    .from(screens)
    .where(and(inArray(screens.id, [...ids]), isNull(screens.revokedAt)))
  return new Set(rows.map((r) => r.id))
}

export interface NewPairingRow extends By {
  readonly codeHash: string
  readonly expiresAt: Date
}

/** Keeps a code; the same pairing again gets the new one. Codes that are long dead go. */
export async function putPairing(db: Db, { id, ...pairing }: NewPairingRow, now: Date): Promise<void> {
  await db.delete(pairings).where(lt(pairings.expiresAt, new Date(now.getTime() - 3_600_000)))
  await db
    .insert(pairings)
    .values({ id, ...pairing })
    .onDuplicateKeyUpdate({ set: pairing })
}

/** Uses a code up: what it lets in, or null where it is none, or used, or dead. */
export async function usePairing(db: Db, codeHash: string, now: Date): Promise<{ name: string; role: Role } | null> {
  const good = and(eq(pairings.codeHash, codeHash), isNull(pairings.usedAt), gt(pairings.expiresAt, now))
  const [row] = await db.select().from(pairings).where(good)
  if (!row) return null
  const [result] = await db
    .update(pairings)
    .set({ usedAt: now })
    .where(and(eq(pairings.id, row.id), good))
  return result.affectedRows > 0 ? { name: row.name, role: row.role } : null
}

/** Kills every code that is still good: somebody is guessing. */
export async function dropPairings(db: Db): Promise<void> {
  await db.delete(pairings).where(isNull(pairings.usedAt))
}
