import { and, asc, eq } from 'drizzle-orm'
import {
  type KitchenFacts,
  type KitchenKind,
  type KitchenThings,
  kitchenKinds,
  kitchenSchemas,
  type ThingAddress,
} from '@/contract/kitchen'
import type { Db } from './client'
import { channels, kitchenThings } from './schema'
import { transact } from './transaction'

export type ChannelRecord = typeof channels.$inferSelect

/** Everything the kitchen owns, by kind, in the order of its ids, and which things are there but cannot be read. */
export async function readKitchen(db: Db): Promise<{ things: KitchenThings; unreadable: ThingAddress[] }> {
  const rows = await db.select().from(kitchenThings).orderBy(asc(kitchenThings.id))
  const unreadable: ThingAddress[] = []
  const ofKind = (kind: KitchenKind) =>
    rows
      .filter((r) => r.kind === kind)
      .flatMap(({ id, facts }) => {
        const parsed = kitchenSchemas[kind].safeParse(facts)
        if (parsed.success) return [{ id, ...(parsed.data as object) }]
        unreadable.push({ kind, id })
        return []
      })
  const things = Object.fromEntries(kitchenKinds.map((kind) => [kind, ofKind(kind)])) as unknown as KitchenThings
  return { things, unreadable }
}

export const readThings = async (db: Db): Promise<KitchenThings> => (await readKitchen(db)).things

/** Puts a thing in, or in the place of the one with its id. */
export async function putThing<K extends KitchenKind>(
  db: Db,
  kind: K,
  id: string,
  facts: KitchenFacts<K>,
): Promise<void> {
  await db.insert(kitchenThings).values({ kind, id, facts }).onDuplicateKeyUpdate({ set: { facts } })
}

/** Takes a thing out, unless it was not there, or is the last of its kind where `oneStays`. */
export const removeThing = (
  db: Db,
  kind: KitchenKind,
  id: string,
  oneStays = false,
): Promise<'removed' | 'missing' | 'last'> =>
  transact(db, async (tx) => {
    // held until the end, so that of two who take out the last two one stays
    const all = await tx
      .select({ id: kitchenThings.id })
      .from(kitchenThings)
      .where(eq(kitchenThings.kind, kind))
      .for('update')
    if (!all.some((t) => t.id === id)) return 'missing'
    if (oneStays && all.length === 1) return 'last'
    await tx.delete(kitchenThings).where(and(eq(kitchenThings.kind, kind), eq(kitchenThings.id, id)))
    return 'removed'
  })

export const listChannels = (db: Db): Promise<ChannelRecord[]> => db.select().from(channels).orderBy(asc(channels.id))

export async function findChannel(db: Db, id: string): Promise<ChannelRecord | null> {
  const rows = await db.select().from(channels).where(eq(channels.id, id)).limit(1)
  return rows[0] ?? null
}

/** Adds a channel; one that is there stays as it is, its token with it. */
export async function addChannel(db: Db, channel: ChannelRecord): Promise<void> {
  await db.insert(channels).ignore().values(channel)
}

/** Gives every channel this token. */
export async function setToken(db: Db, tokenHash: string): Promise<void> {
  await db.update(channels).set({ tokenHash })
}

/** Puts many things of a kind in, all or none. */
export async function putThings<K extends KitchenKind>(
  db: Db,
  kind: K,
  things: readonly { readonly id: string; readonly facts: KitchenFacts<K> }[],
): Promise<void> {
  await transact(db, async (tx) => {
    for (const { id, facts } of things)
      await tx.insert(kitchenThings).values({ kind, id, facts }).onDuplicateKeyUpdate({ set: { facts } })
  })
}
