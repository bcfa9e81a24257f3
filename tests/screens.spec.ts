import { expect, test } from './app'
import { findings } from './axe'
import { startPractice, whenDue } from './stove'

for (const path of [
  '/formulas',
  '/formulas/smoked-salt-tamarind-caramels',
  '/formulas/rye-shortcake-bars',
  '/formulas/smoked-salt-tamarind-caramels/edit',
  '/formulas/smoked-salt-tamarind-caramels/revisions',
  '/formulas/new',
  '/kitchen',
  '/logbook',
  '/stove',
  '/nowhere',
]) {
  test(`${path} is readable by everyone, in daylight and dimmed`, async ({ page, app }) => {
    await page.goto(app.url + path)
    expect(await findings(page)).toEqual([])
    await page.evaluate(() => {
      document.documentElement.dataset.theme = 'dim'
    })
    // the same page in other colours
    expect(await findings(page, 'color-contrast')).toEqual([])
  })
}

test('the stove fits the screens it is used on, and passes axe in every panel', async ({ page, app }) => {
  await startPractice(page, app.url, 'smoked-salt-tamarind-caramels', 1500)
  await whenDue(page, 'Heat is on')
  await expect(page.getByTestId('temperature')).toContainText(/\d/)
  for (const size of [
    { width: 1280, height: 800 },
    { width: 1024, height: 768 },
  ]) {
    await page.setViewportSize(size)
    const beyond = await page.evaluate(() => ({
      down: document.documentElement.scrollHeight - innerHeight,
      across: document.documentElement.scrollWidth - innerWidth,
    }))
    expect(beyond).toEqual({ down: 0, across: 0 })
    const small = await page.locator('main button').evaluateAll((buttons) =>
      buttons
        // the practice clock is no part of a cook
        .filter((b) => !/×$/.test(b.textContent ?? ''))
        .map((b) => ({ label: b.textContent, height: Math.round(b.getBoundingClientRect().height) }))
        .filter(({ height }) => height > 0 && height < 64),
    )
    expect(small).toEqual([])
  }
  for (const key of ['Escape', 'd', 'h', 'n']) {
    await page.keyboard.press(key)
    expect(await findings(page), key).toEqual([])
    await page.keyboard.press('Escape')
  }
  await page.setViewportSize({ width: 390, height: 844 })
  await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBe(0)
  await page.getByRole('button', { name: /^Note/ }).click()
  await page.getByRole('button', { name: 'End this boil here' }).click()
  await page.getByRole('button', { name: 'It is done' }).click()
  await page.waitForURL(/\/logbook\//)
})

test('temperatures follow the unit chosen, everywhere, and stay so', async ({ page, app }) => {
  await page.goto(`${app.url}/formulas/orchard-toffee`)
  await expect(page.getByText('148° pull')).toBeVisible()
  await page.getByRole('button', { name: /^Units/ }).click()
  await page.getByRole('button', { name: '°F' }).click()
  await expect(page.getByText('298° pull')).toBeVisible()
  await page.goto(`${app.url}/formulas`)
  await expect(page.getByText('298°').first()).toBeVisible()
})

test('every view of a formula fits a phone', async ({ page, app }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(`${app.url}/formulas/smoked-salt-tamarind-caramels`)
  for (const view of ['Batch', 'Lay out', 'Get ready']) {
    await page.getByRole('tab', { name: view, exact: true }).click()
    await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth - innerWidth), view).toBe(0)
  }
})
