/** A day of several products: asked for, planned, run by touch. */
import AxeBuilder from '@axe-core/playwright'
import { expect, test } from './app'
import { layoutFaults } from './layout'

test('a day is asked for in a sentence, planned, and run by ticking', async ({ page, app }) => {
  test.setTimeout(90_000)
  await page.goto(`${app.url}/day?date=2027-02-01`)
  await page.getByRole('button', { name: 'Things: 0 things' }).click()
  for (const name of ['Orchard toffee with dried pear', 'Coconut-chip brittle', 'Quince lollipops']) {
    await page.getByRole('button', { name: 'Something more' }).click()
    await page.getByRole('button', { name, exact: true }).click()
    await expect(page.getByRole('textbox', { name: `Pieces of ${name}` })).toBeVisible()
  }
  await page.keyboard.press('Escape')
  await expect(page.getByText(/^ready \d\d:\d\d, .* to spare$/)).toBeVisible({ timeout: 20_000 })
  await expect(page.getByRole('img', { name: /The day in lanes/ })).toBeVisible()
  await expect(page.getByRole('region', { name: 'What holds it up' })).toContainText(
    /One more cook|With one more|With another/,
  )
  expect((await layoutFaults(page)).filter((f) => !f.includes('svg'))).toEqual([])
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([])

  const next = page.getByRole('region', { name: /get ready|cook/ })
  const before = await next.getByRole('listitem').first().textContent()
  const kept = page.waitForResponse((r) => r.url().includes('/api/days/') && r.ok())
  await next.getByRole('button', { name: 'Done' }).first().click()
  await kept
  await expect(next.getByRole('listitem').first()).not.toHaveText(before ?? '')
  await page.reload()
  await expect(page.getByRole('button', { name: 'Things: 3 things' })).toBeVisible()
  await expect(next.getByRole('listitem').first()).not.toHaveText(before ?? '')

  // the hour is brought forward until it cannot be had, and that is said
  await page.getByRole('button', { name: /^By:/ }).click()
  await page.getByRole('button', { name: '08:30', exact: true }).click()
  await expect(page.getByText(/later|not all of it fits/).first()).toBeVisible({ timeout: 20_000 })
})
