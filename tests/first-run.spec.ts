/** A workshop that is new: what it asks for, and what it then has. */
import { startApp } from '../scripts/lib/app'
import { prepareDatabase } from '../scripts/lib/database'
import { fillOwn } from '../scripts/lib/own-workshop'
import { freePort, stop } from '../scripts/lib/processes'
import { expect, test } from './app'

test('an empty workshop asks for a room, a thermometer, a pot and a ring, and then opens the book', async ({
  page,
  app,
}) => {
  const url = app.database.keeperUrl.replace('/imbry_test?', '/imbry_test_own?')
  await app.database.create('imbry_test_own')
  await prepareDatabase(url, app.token, fillOwn)
  const port = (await freePort()) as number
  const own = await startApp(port, url)
  await page.goto(`http://127.0.0.1:${port}/`)
  await expect(page.getByRole('heading', { name: 'A kitchen of your own' })).toBeVisible()
  for (const [what, name] of [
    ['room', 'back kitchen'],
    ['thermometer', 'glass one'],
    ['pot', 'blue pot'],
    ['burner', 'left ring'],
  ] as const) {
    // a page that has just been drawn does not listen yet: a maker would press again
    await expect(async () => {
      await page.getByRole('button', { name: `Add a ${what}` }).click({ timeout: 1000 })
      await expect(page.getByLabel('Called')).toBeVisible({ timeout: 1000 })
    }).toPass()
    await page.getByLabel('Called').fill(name)
    await page.getByRole('button', { name: `Add the ${what}` }).click()
    await expect(page.getByRole('heading', { name })).toBeVisible()
  }
  await page.getByRole('link', { name: 'Open the book' }).click()
  await expect(page.getByRole('heading', { name: 'The book is empty' })).toBeVisible()
  await page.getByRole('link', { name: 'Write the first formula' }).click()
  await expect(page).toHaveURL(/\/formulas\/new$/)
  // nothing of the demo is there
  await page.goto(`http://127.0.0.1:${port}/logbook`)
  await expect(page.locator('main')).not.toContainText(/caramel|Quay/i)
  await stop(own, 'SIGTERM')
})
