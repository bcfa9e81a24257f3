import { readFileSync } from 'node:fs'
import type { Pool } from 'mysql2/promise'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { demoFormulas } from '@/demo/formulas'
import { demoHistory } from '@/demo/history'
import { findBatch, insertBatch } from './batches'
import type { Db } from './client'
import { addRevision, findFormula, indexFormulas } from './formulas'
import { freshDatabase } from './testing'

let db: Db
let pool: Pool
let close: () => Promise<void>

beforeAll(async () => {
  ;({ db, pool, close } = await freshDatabase())
})
afterAll(() => close())

const sample = demoHistory().find((h) => h.batch.formulaId === 'rhubarb-nettle-elderflower-drops')
if (!sample) throw new Error('the demo log has no drops')

it('boils that were labels become parts with their share', async () => {
  const { batch, boils } = sample
  const [first] = boils
  if (!first) throw new Error('no boil')
  await addRevision(db, batch.formulaId, demoFormulas[batch.formulaId] as (typeof demoFormulas)[string], new Date())
  await insertBatch(db, batch, { ...first.boil, channelId: null })
  await pool.query(
    'UPDATE batches SET plan = JSON_SET(plan, "$.boils", JSON_ARRAY("Rhubarb", "Nettle", "Elderflower")) WHERE id = ?',
    [batch.id],
  )
  await pool.query(readFileSync('src/db/migrations/0002_boil_shares.sql', 'utf8'))
  const found = await findBatch(db, batch.id)
  expect(found?.plan.boils).toEqual([
    { label: 'Rhubarb', part: null, share: 1 / 3 },
    { label: 'Nettle', part: null, share: 1 / 3 },
    { label: 'Elderflower', part: null, share: 1 / 3 },
  ])
})

it('formulas from before the index are indexed', async () => {
  const [id, document] = Object.entries(demoFormulas)[1] as [string, (typeof demoFormulas)[string]]
  await addRevision(db, id, document, new Date())
  await pool.query('UPDATE formulas SET latest = 0, name = "" WHERE id = ?', [id])
  await indexFormulas(db)
  const [rows] = await pool.query('SELECT latest, name FROM formulas WHERE id = ?', [id])
  expect(rows).toEqual([{ latest: 1, name: document.name }])
  expect((await findFormula(db, id))?.document).toEqual(document)
})
