/** Pictures of batches. Lists read what they are, never the pictures themselves. */
import { and, asc, count, eq, gt } from 'drizzle-orm'
import type { PictureInfo } from '@/contract/pictures'
import type { Db } from './client'
import { batches, pictures } from './schema'
import { transact } from './transaction'

export interface NewPicture {
  readonly id: string
  readonly batchId: string
  readonly at: Date
  readonly width: number
  readonly height: number
  readonly small: Buffer
  readonly large: Buffer
}

/** Keeps a picture, once; `full` where the batch has as many as it may, `missing` where there is no such batch. */
export const putPicture = (
  db: Db,
  picture: NewPicture,
  most: number,
): Promise<'stored' | 'repeated' | 'full' | 'missing'> =>
  transact(db, async (tx) => {
    // held, so that two screens at once do not both take the last place
    const [batch] = await tx
      .select({ id: batches.id })
      .from(batches)
      .where(eq(batches.id, picture.batchId))
      .for('update')
    if (!batch) return 'missing'
    const [there] = await tx.select({ id: pictures.id }).from(pictures).where(eq(pictures.id, picture.id))
    if (there) return 'repeated'
    const [has] = await tx.select({ n: count() }).from(pictures).where(eq(pictures.batchId, picture.batchId))
    if (Number(has?.n ?? 0) >= most) return 'full'
    await tx.insert(pictures).values(picture)
    return 'stored'
  })

/** Pictures of all batches that go out, after one: their ids and their batches'. */
export const picturesAfter = (db: Db, after: string, limit: number): Promise<{ id: string; batchId: string }[]> =>
  db
    .select({ id: pictures.id, batchId: pictures.batchId })
    .from(pictures)
    .where(gt(pictures.id, after))
    .orderBy(asc(pictures.id))
    .limit(limit)

/** What pictures a batch has, oldest first. */
export async function picturesOf(db: Db, batch: string): Promise<PictureInfo[]> {
  const rows = await db
    .select({ id: pictures.id, at: pictures.at, width: pictures.width, height: pictures.height })
    .from(pictures)
    .where(eq(pictures.batchId, batch))
    .orderBy(asc(pictures.id))
  return rows.map((r) => ({ ...r, at: r.at.toISOString() }))
}

/** The bytes of a picture; null for none of that id. */
export async function pictureBytes(db: Db, id: string, size: 'small' | 'large'): Promise<Buffer | null> {
  const [row] = await db.select({ bytes: pictures[size] }).from(pictures).where(eq(pictures.id, id)).limit(1)
  return row?.bytes ?? null
}

/** Takes a picture of a batch away. */
export async function dropPicture(db: Db, batch: string, id: string): Promise<void> {
  await db.delete(pictures).where(and(eq(pictures.id, id), eq(pictures.batchId, batch)))
}
