import { eq } from 'drizzle-orm'
import type { Db } from './client'
import { scaleStates } from './schema'

export type ScaleState = Omit<typeof scaleStates.$inferSelect, 'channelId'>

const unheard: ScaleState = { grams: null, at: null, stillGrams: null, stillSince: null, wanted: null }

/** What a scale shows and what is wanted on it. */
export async function readScale(db: Db, channelId: string): Promise<ScaleState> {
  const [row] = await db.select().from(scaleStates).where(eq(scaleStates.channelId, channelId))
  return row ?? unheard
}

/** Changes what is known of a scale by what it is now; nobody else changes it meanwhile. */
export async function changeScale(
  db: Db,
  channelId: string,
  change: (state: ScaleState) => Partial<ScaleState>,
): Promise<void> {
  await db.transaction(async (tx) => {
    // an update that changes nothing still takes the row for writing
    await tx.insert(scaleStates).values({ channelId }).onDuplicateKeyUpdate({ set: { channelId } })
    const [row] = await tx.select().from(scaleStates).where(eq(scaleStates.channelId, channelId)).for('update')
    const set = change(row ?? unheard)
    if (Object.keys(set).length > 0) await tx.update(scaleStates).set(set).where(eq(scaleStates.channelId, channelId))
  })
}
