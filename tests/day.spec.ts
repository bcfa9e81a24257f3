/** A day of several products: asked for, planned, run by touch. */
import { expect, test } from './app'
import { findings } from './axe'
import { layoutFaults } from './layout'

/** ms for a search that ends by how much it has looked at, on however slow a machine. */
const SEARCHED = 60_000

test('a day is asked for in a sentence, planned, and run by ticking', async ({ page, app }) => {
  test.setTimeout(180_000)
  await page.goto(`${app.url}/day?date=2027-02-01`)
  await page.getByRole('button', { name: 'Things: 0 things' }).click()
  for (const name of ['Orchard toffee with dried pear', 'Coconut-chip brittle', 'Quince lollipops']) {
    await page.getByRole('button', { name: 'Add a product' }).click()
    await page.getByRole('button', { name, exact: true }).click()
    await expect(page.getByRole('textbox', { name: `Pieces of ${name}` })).toBeVisible()
  }
  await page.keyboard.press('Escape')
  await expect(page.getByText(/^ready \d\d:\d\d, .* to spare$/)).toBeVisible({ timeout: SEARCHED })
  await expect(page.getByRole('group', { name: /The day in lanes/ })).toBeVisible()
  await expect(page.getByRole('region', { name: 'What holds it up' })).toContainText(
    /One more cook|With (one more|another|half)/,
    { timeout: SEARCHED },
  )
  expect((await layoutFaults(page)).filter((f) => !f.includes('svg'))).toEqual([])
  expect(await findings(page)).toEqual([])

  const next = page.getByRole('region', { name: /get ready|cook/ })
  const kept = () =>
    page.waitForResponse((r) => r.url().includes('/api/days/') && r.request().method() === 'PUT' && r.ok())
  const begun = kept()
  await next.getByRole('button', { name: 'Begin' }).first().click()
  await begun
  const over = kept()
  await next.getByRole('button', { name: 'Done' }).click()
  await over
  await page.reload()
  await expect(page.getByRole('button', { name: 'Things: 3 things' })).toBeVisible()
  await page.getByText('Plan and what happened').click()
  await expect(page.getByRole('table').getByRole('row')).toHaveCount(2)

  // a task is put somewhere by its keys, and taken back
  const bar = page.getByRole('button', { name: /^Orchard toffee with dried pear: cook/ })
  const put = kept()
  await bar.press('ArrowRight')
  await put
  await expect(bar).toHaveAccessibleName(/put at \d\d:\d\d by hand/)
  const back = kept()
  await page.keyboard.press('Control+z')
  await back
  await expect(bar).not.toHaveAccessibleName(/by hand/)

  // the hour is brought forward until it cannot be had, and that is said
  await page.getByRole('button', { name: /^By:/ }).click()
  await page.getByRole('button', { name: '08:30', exact: true }).click()
  await expect(page.getByText(/\d late|not all of it fits/).first()).toBeVisible({ timeout: SEARCHED })
})

test('a day of four things is practised from moment to moment, with a pot late and a ring lost, and ends with all wrapped', async ({
  page,
  app,
}) => {
  test.setTimeout(180_000)
  await page.goto(`${app.url}/day?date=2027-01-15`)
  await page.getByRole('button', { name: 'Things: 0 things' }).click()
  const orders = [
    'product,pieces',
    'Orchard toffee with dried pear,60',
    'Coconut-chip brittle,60',
    'Quince lollipops,20',
    'Juniper popcorn clusters,40',
    'Nothing we make,12',
  ]
  await page.getByLabel('Orders from a CSV file').setInputFiles({
    name: 'orders.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(orders.join('\n')),
  })
  await expect(
    page.getByText('4 products were taken in. Not understood, and left out: Nothing we make, 12.'),
  ).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByText(/to spare$/)).toBeVisible({ timeout: SEARCHED })
  await expect(page.getByRole('button', { name: /: wrap, / })).toHaveCount(4)
  await page.getByRole('button', { name: 'Practise it' }).click()
  const practice = page.getByRole('region', { name: 'Practice' })
  const free = page.getByRole('button', { name: /^(Begin|Light it)$/ })
  const due = page.getByRole('region', { name: 'Practice' }).getByText(/Practice is over/)
  /** Pots that were due while the first was left on the heat: what comes in that time hangs on the plan, and is late with it. */
  let left = 0
  for (let i = 0; i < 400 && !(await due.isVisible()); i++) {
    if (i === 12) {
      // a ring gives up in the middle of it, and nothing stops
      await page.getByText('Something out of use?').click()
      await page.getByRole('checkbox', { name: 'induction plate' }).click()
      await expect(page.getByText('Out of use: 1')).toBeVisible()
    }
    const off = page.getByRole('button', { name: 'Take it off' })
    if ((await off.count()) > 0) {
      // the first pot is left on the heat for a while, every other is taken off at its moment
      if (left === 0) {
        for (let j = 0; j < 3; j++) await practice.getByRole('button', { name: 'To the next moment' }).click()
        left = await off.count()
      }
      await off.first().click()
      continue
    }
    const first = page.getByRole('listitem').filter({ has: free }).first()
    const now = (await practice.getByText(/^\d\d:\d\d$/).textContent()) ?? ''
    const at = (await first.count()) > 0 ? ((await first.textContent()) ?? '').slice(0, 5) : '99:99'
    if (at <= now) await first.getByRole('button').click()
    else await practice.getByRole('button', { name: 'To the next moment' }).click()
  }
  await expect(due).toBeVisible()
  await expect(page.getByText('does not fit')).toHaveCount(0)
  await expect(practice).toContainText(new RegExp(`, [1-${left}] pots? taken off late`))
  await practice.getByRole('button', { name: 'End practice' }).click()
  await expect(page.getByText('Nothing has begun.')).toBeVisible()
})
