import { and, asc, eq } from 'drizzle-orm'
import {
  type KitchenFacts,
  type KitchenKind,
  type KitchenThings,
  kitchenKinds,
  kitchenSchemas,
} from '@/contract/kitchen'
import type { Db } from './client'
import { channels, kitchenThings } from './schema'

export type ChannelRecord = typeof channels.$inferSelect

/** Everything the kitchen owns, by kind, in the order of its ids. */
export async function readThings(db: Db): Promise<KitchenThings> {
  const rows = await db.select().from(kitchenThings).orderBy(asc(kitchenThings.id))
  const ofKind = (kind: KitchenKind) =>
    rows.filter((r) => r.kind === kind).map((r) => ({ id: r.id, ...(kitchenSchemas[kind].parse(r.facts) as object) }))
  return Object.fromEntries(kitchenKinds.map((kind) => [kind, ofKind(kind)])) as unknown as KitchenThings
}

/** Puts a thing in, or in the place of the one with its id. */
export async function putThing<K extends KitchenKind>(
  db: Db,
  kind: K,
  id: string,
  facts: KitchenFacts<K>,
): Promise<void> {
  await db.insert(kitchenThings).values({ kind, id, facts }).onDuplicateKeyUpdate({ set: { facts } })
}

/** Takes a thing out; false when it was not there. */
export async function removeThing(db: Db, kind: KitchenKind, id: string): Promise<boolean> {
  const [result] = await db.delete(kitchenThings).where(and(eq(kitchenThings.kind, kind), eq(kitchenThings.id, id)))
  return result.affectedRows > 0
}

export const listChannels = (db: Db): Promise<ChannelRecord[]> => db.select().from(channels).orderBy(asc(channels.id))

export async function findChannel(db: Db, id: string): Promise<ChannelRecord | null> {
  const rows = await db.select().from(channels).where(eq(channels.id, id)).limit(1)
  return rows[0] ?? null
}

export async function putChannel(db: Db, channel: ChannelRecord): Promise<void> {
  await db.insert(channels).values(channel).onDuplicateKeyUpdate({ set: channel })
}

/** Puts many things of a kind in, all or none. */
export async function putThings<K extends KitchenKind>(
  db: Db,
  kind: K,
  things: readonly { readonly id: string; readonly facts: KitchenFacts<K> }[],
): Promise<void> {
  await db.transaction(async (tx) => {
    for (const { id, facts } of things)
      await tx.insert(kitchenThings).values({ kind, id, facts }).onDuplicateKeyUpdate({ set: { facts } })
  })
}
