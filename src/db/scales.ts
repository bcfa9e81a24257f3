import { eq, inArray } from 'drizzle-orm'
import type { Db } from './client'
import { scaleStates } from './schema'
import { transact } from './transaction'

export type ScaleState = Omit<typeof scaleStates.$inferSelect, 'channelId'>

const unheard: ScaleState = { grams: null, at: null, stillGrams: null, stillSince: null, wanted: null }

/** What these scales show and what is wanted on them, by channel; none for one that was never heard of. */
export async function readScales(db: Db, channelIds: readonly string[]): Promise<Map<string, ScaleState>> {
  const rows = await db
    .select()
    .from(scaleStates)
    .where(inArray(scaleStates.channelId, [...channelIds]))
  return new Map(rows.map(({ channelId, ...state }) => [channelId, state]))
}

/** Changes what is known of a scale by what it is now; nobody else changes it meanwhile. */
export async function changeScale(
  db: Db,
  channelId: string,
  change: (state: ScaleState) => Partial<ScaleState>,
): Promise<void> {
  await transact(db, async (tx) => {
    // an update that changes nothing still takes the row for writing
    await tx.insert(scaleStates).values({ channelId }).onDuplicateKeyUpdate({ set: { channelId } })
    const [row] = await tx.select().from(scaleStates).where(eq(scaleStates.channelId, channelId)).for('update')
    const set = change(row ?? unheard)
    if (Object.keys(set).length > 0) await tx.update(scaleStates).set(set).where(eq(scaleStates.channelId, channelId))
  })
}
