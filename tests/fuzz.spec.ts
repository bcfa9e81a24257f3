/** A short, seeded part of `npm run fuzz`: nothing that comes in is a fault of ours, and every page of what was made opens. */
import mysql from 'mysql2/promise'
import { fuzz } from '../scripts/fuzz/run'
import { type App, expect, test } from './app'

/** Leaves no pot on the stove for the tests that follow. */
async function clearStove(app: App): Promise<void> {
  const connection = await mysql.createConnection(app.database.url)
  await connection.query('UPDATE boils SET ended_at = started_at WHERE ended_at IS NULL')
  await connection.end()
}

test('a thousand odd requests are answered without a fault, and what they made can be shown', async ({ app }) => {
  const { faults, statuses } = await fuzz(app.url, app.token, 2026, 1000)
  await clearStove(app)
  expect(faults.map((f) => `${f.n}: ${f.what}\n${f.asked}`)).toEqual([])
  // it got in, and was refused, and was not merely turned away at the door
  for (const status of [200, 400, 404, 405, 421]) expect(statuses[status], `${status}`).toBeGreaterThan(0)
  expect(statuses[200]).toBeGreaterThan(200)
})
