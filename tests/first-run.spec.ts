/** A workshop that is new: what it asks for, and what it then has. */
import { expect, test, workshopBeside } from './app'

test('an empty workshop asks for a room, a thermometer, a pot and a ring, and then opens the book', async ({
  page,
  app,
}) => {
  const { url, stop } = await workshopBeside(app, 'own', 'own')
  await page.goto(url)
  await expect(page.getByRole('heading', { name: 'A kitchen of your own' })).toBeVisible()
  for (const [what, name] of [
    ['room', 'back kitchen'],
    ['thermometer', 'glass one'],
    ['pot', 'blue pot'],
    ['burner', 'left ring'],
  ] as const) {
    await page.getByRole('button', { name: `Add a ${what}` }).click()
    await page.getByLabel('Called').fill(name)
    await page.getByRole('button', { name: `Add the ${what}` }).click()
    await expect(page.getByRole('heading', { name })).toBeVisible()
  }
  await page.getByRole('link', { name: 'Open the book' }).click()
  await expect(page.getByRole('heading', { name: 'The book is empty' })).toBeVisible()
  await page.getByRole('link', { name: 'Write the first formula' }).click()
  await expect(page).toHaveURL(/\/formulas\/new$/)
  // nothing of the demo is there
  await page.goto(`${url}/logbook`)
  await expect(page.locator('main')).not.toContainText(/caramel|Quay/i)
  await stop()
})
