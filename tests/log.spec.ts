/** The log as it is used: found in, set side by side, asked why, balanced, labelled, recalled. */
import type { Page } from '@playwright/test'
import { expect, test } from './app'
import { findings } from './axe'
import { layoutFaults } from './layout'

const rows = (page: Page) => page.locator('main li a[href^="/logbook/0"]')

/** Nothing is cut off, covered, or closed to those who cannot see it. */
async function sound(page: Page): Promise<void> {
  // a long note is cut in a list on purpose: it stands whole in its story
  expect((await layoutFaults(page)).filter((f) => !f.includes('line-clamp'))).toEqual([])
  expect(await findings(page)).toEqual([])
}

test('a batch is found by a sentence, and asked why it grained', async ({ page, app }) => {
  await page.goto(`${app.url}/logbook`)
  await page.getByRole('searchbox', { name: 'Ask the log' }).fill('fudge · in September · scored under fair · grained')
  await page.keyboard.press('Enter')
  await expect(page.getByText('1 batch like that')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Fault: grained' })).toBeVisible()
  await sound(page)
  await rows(page).first().click()
  const why = page.getByRole('region', { name: /Why is it grained/ })
  await expect(why.getByText('It was stirred, or knocked, while it was hot')).toBeVisible()
  await expect(why.getByText(/It was stirred once after the boil/)).toBeVisible()
  await expect(why.getByText(/Next time/)).toBeVisible()
})

test('what is tasted is kept, and changes what the log says', async ({ page, app }) => {
  await page.goto(`${app.url}/logbook?formula=coconut-chip-brittle`)
  await rows(page).first().click()
  await page.getByRole('button', { name: 'Grain: coarse' }).click()
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByRole('heading', { name: 'Why is it grained?' })).toBeVisible()
  await page.reload()
  await expect(page.getByRole('button', { name: 'Grain: coarse' })).toHaveAttribute('aria-pressed', 'true')
  await sound(page)
})

test('batches are set side by side, lined up and looked at closely, by keys too', async ({ page, app }) => {
  await page.goto(`${app.url}/logbook?formula=orchard-toffee&flaw=scorched`)
  await page.getByRole('button', { name: /Set Orchard toffee .* beside others/ }).click()
  await page.getByRole('link', { name: 'Set beside the ones before it' }).click()
  const curves = page.getByRole('img', { name: /Curves of 4 batches/ })
  await expect(curves).toBeVisible()
  await expect(page.getByRole('region', { name: 'What was different' })).toContainText(/past the target/)
  await expect(page.getByRole('region', { name: /Where you pulled/ })).toBeVisible()
  await sound(page)
  const first = await curves.locator('polyline').last().getAttribute('points')
  await page.getByRole('button', { name: /Lined up at/ }).click()
  await page.getByRole('button', { name: 'the first flame' }).click()
  await expect(curves.locator('polyline').last()).not.toHaveAttribute('points', first ?? '')
  const box = (await curves.boundingBox()) as { x: number; y: number; width: number; height: number }
  await page.mouse.move(box.x + 0.4 * box.width, box.y + 200)
  await page.mouse.down()
  await page.mouse.move(box.x + 0.7 * box.width, box.y + 200)
  await page.mouse.up()
  await expect(page.getByRole('button', { name: 'All of it' })).toBeVisible()
  await page.keyboard.press('0')
  await expect(page.getByRole('button', { name: 'All of it' })).toBeHidden()
  await page.keyboard.press('+')
  await expect(page.getByRole('button', { name: 'All of it' })).toBeVisible()
})

test('a formula is turned round, and what comes of it is taken as a draft', async ({ page, app }) => {
  await page.goto(`${app.url}/formulas/smoked-salt-tamarind-caramels`)
  await page.getByRole('link', { name: 'Balance it' }).click()
  const wish = async (slot: RegExp, choice: string): Promise<void> => {
    await page.getByRole('button', { name: slot }).click()
    await page.getByRole('button', { name: choice, exact: true }).click()
  }
  await wish(/^Bite/, 'softer by a step')
  await wish(/^Glucose/, 'glucose at most 30 %')
  await page.getByRole('button', { name: 'Balance', exact: true }).click()
  await expect(page.getByText(/Pull at \d+\.\d° instead of/)).toBeVisible()
  await sound(page)
  await page.getByRole('button', { name: 'Take it as a draft' }).click()
  await page.waitForURL(/\/edit$/)
  await expect(page.getByText(/not saved|go on with/i).first()).toBeVisible()
})

test('a label is made of a batch, and a code leads both ways', async ({ page, app }) => {
  await page.goto(`${app.url}/logbook?formula=smoked-salt-tamarind-caramels`)
  await rows(page).first().click()
  await page.getByRole('link', { name: 'Label' }).click()
  const card = page.getByText(/^Ingredients:/).first()
  await expect(card).toBeVisible()
  await expect(page.getByText('milk', { exact: true }).first()).toHaveCSS('text-transform', 'uppercase')
  await expect(page.getByText(/certifies nothing/)).toBeVisible()
  const saved = page.waitForEvent('download')
  await page.getByRole('button', { name: 'SVG' }).click()
  expect((await saved).suggestedFilename()).toMatch(/^label-\d{6}-\w{3}\.svg$/)
  const code = /Batch (\d{6}-\w{3})/.exec((await page.locator('header').textContent()) ?? '')?.[1] ?? ''
  await page.goto(`${app.url}/logbook/recall`)
  await page.getByLabel('What does the code').fill(code)
  await page.getByRole('button', { name: 'Follow it' }).click()
  await expect(page.getByRole('cell', { name: /Granulated sugar/ })).toBeVisible()
  await sound(page)
  await page
    .getByRole('row', { name: /Granulated sugar/ })
    .getByRole('link')
    .click()
  await expect(page.getByText(/batches had of Granulated sugar/)).toBeVisible()
  await expect(page.getByText(code)).toBeVisible()
})

test('what the kitchen has taught is shown, and forgotten when asked', async ({ page, app }) => {
  await page.goto(`${app.url}/kitchen/taught`)
  const cards = page.getByRole('listitem').filter({ has: page.getByText(/Gives/) })
  await expect(cards.nth(2)).toBeVisible()
  const before = await cards.count()
  await sound(page)
  await page.getByRole('button', { name: 'Forget it' }).first().click()
  await page.getByRole('alertdialog').getByRole('button', { name: 'Forget it' }).click()
  await expect(cards).not.toHaveCount(before)
})
