/** A short, seeded part of `npm run fuzz`: nothing that comes in is a fault of ours, and every page of what was made opens. */
import { fuzz } from '../scripts/fuzz/run'
import { expect, test, workshopBeside } from './app'

test('two hundred odd requests are answered without a fault, and what they made can be shown', async ({ app }) => {
  // the book is not the same afterwards
  const { url, stop } = await workshopBeside(app, 'fuzz', 'book')
  const { faults, statuses } = await fuzz(url, app.token, 2026, 200)
  await stop()
  expect(faults.map((f) => `${f.n}: ${f.what}\n${f.asked}`)).toEqual([])
  // it got in, and was refused, and was not merely turned away at the door
  for (const status of [200, 400, 404, 405, 421]) expect(statuses[status], `${status}`).toBeGreaterThan(0)
  expect(statuses[200]).toBeGreaterThan(40)
})
