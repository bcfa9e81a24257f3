/** A workshop of its own for a test of the services: the demo's formulas and kitchen, and four probes. */
import { ulid } from 'ulid'
import { addChannel, addRevision, type Db } from '@/db'
import { freshDatabase } from '@/db/testing'
import { demoFormulas } from '@/demo/formulas'
import { furnish } from '../../scripts/lib/demo-workshop'
import type { Problem } from './problem'
import { hashToken } from './tokens'

export async function freshWorkshop(): Promise<{ db: Db; close: () => Promise<void> }> {
  const fresh = await freshDatabase()
  const { db } = fresh
  ;(globalThis as { imbryDb?: Db }).imbryDb = db
  for (const [id, document] of Object.entries(demoFormulas)) await addRevision(db, id, document, new Date())
  await furnish(db)
  for (const id of ['one', 'two', 'three', 'quick-probe'])
    await addChannel(db, {
      id,
      name: id,
      tokenHash: hashToken('secret'),
      lagS: 4,
      noiseC: 0.1,
      kind: 'probe',
      room: null,
    })
  return fresh
}

/** Asks for 300 drops in the hill kitchen. */
export const request = (channel: string | null = 'one') => ({
  id: ulid(),
  boilId: ulid(),
  formula: 'rhubarb-nettle-elderflower-drops',
  revision: 1,
  size: { by: 'pieces' as const, pieces: 300 },
  shape: { kind: 'mould' as const, millilitres: 2.6 },
  room: 'hill',
  pot: 'aluminium-4',
  burner: 'induction',
  vessel: 'drops-54',
  channel,
  thermometer: null as string | null,
  rate: 1,
  lots: [],
})

/** What went wrong with some work, or null. */
export const problem = (work: Promise<unknown>) =>
  work.then(
    () => null,
    (e: unknown) => e as Problem,
  )
