import { asc, eq } from 'drizzle-orm'
import type { Db } from './client'
import { burners, channels, pots, rooms, vessels } from './schema'

export type RoomRecord = typeof rooms.$inferSelect
export type PotRecord = typeof pots.$inferSelect
export type BurnerRecord = typeof burners.$inferSelect
export type VesselRecord = typeof vessels.$inferSelect
export type ChannelRecord = typeof channels.$inferSelect

export interface KitchenRecord {
  rooms: RoomRecord[]
  pots: PotRecord[]
  burners: BurnerRecord[]
  vessels: VesselRecord[]
  channels: ChannelRecord[]
}

/** Everything the kitchen owns. */
export async function readKitchen(db: Db): Promise<KitchenRecord> {
  const [r, p, b, v, c] = await Promise.all([
    db.select().from(rooms).orderBy(asc(rooms.altitudeM)),
    db.select().from(pots).orderBy(asc(pots.litres)),
    db.select().from(burners).orderBy(asc(burners.id)),
    db.select().from(vessels).orderBy(asc(vessels.id)),
    db.select().from(channels).orderBy(asc(channels.id)),
  ])
  return { rooms: r, pots: p, burners: b, vessels: v, channels: c }
}

export async function findChannel(db: Db, id: string): Promise<ChannelRecord | null> {
  const rows = await db.select().from(channels).where(eq(channels.id, id)).limit(1)
  return rows[0] ?? null
}

/** Puts the kitchen's things in, replacing those of the same id. */
export async function writeKitchen(db: Db, kitchen: KitchenRecord): Promise<void> {
  await db.transaction(async (tx) => {
    for (const [table, rows] of [
      [rooms, kitchen.rooms],
      [pots, kitchen.pots],
      [burners, kitchen.burners],
      [vessels, kitchen.vessels],
      [channels, kitchen.channels],
    ] as const)
      for (const row of rows) await tx.insert(table).values(row).onDuplicateKeyUpdate({ set: row })
  })
}
