/** What a hand at the stove sends to the app, without a screen. */
import { ulid } from 'ulid'
import type { StartBatch } from '@/contract/batch'
import type { CookAct } from '@/core'
import { demoFormulas } from '@/demo/formulas'

async function write(url: string, body: unknown): Promise<boolean> {
  const response = await fetch(url, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  })
  const text = await response.text()
  if (!response.ok && response.status < 500) throw new Error(text)
  return response.ok
}

const SLAB = { kind: 'cut', lengthMm: 40, widthMm: 30, heightMm: 7 } as const

/** Lights a batch of a formula of the book in the demo kitchen; resolves with it and its first boil. */
export async function startBoil(
  app: string,
  formula: string,
  channel: string | null,
  { grams = 1000, rate = 1 } = {},
): Promise<{ batch: string; boil: string }> {
  const batch: StartBatch = {
    id: ulid(),
    boilId: ulid(),
    formula,
    revision: 1,
    size: { by: 'weight', grams },
    shape: demoFormulas[formula]?.shape ?? SLAB,
    room: 'quay',
    pot: 'copper-9',
    burner: 'induction',
    vessel: null,
    channel,
    thermometer: null,
    lots: [],
    rate,
  }
  if (!(await write(`${app}/api/batches`, batch))) throw new Error('The app could not start a batch.')
  return { batch: batch.id, boil: batch.boilId }
}

/** Logs an act; false where the app is away or could not. @throws what the app refused. */
export async function logAct(app: string, boil: string, act: CookAct, at = new Date()): Promise<boolean> {
  try {
    return await write(`${app}/api/boils/${boil}/acts`, { id: ulid(), at: at.toISOString(), act })
  } catch (error) {
    if (error instanceof TypeError) return false
    throw error
  }
}
