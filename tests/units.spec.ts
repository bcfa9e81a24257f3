/** One system of units at a time: no page shows a figure of another. */
import type { Page } from '@playwright/test'
import { startBoil } from '../scripts/lib/cook'
import { demoThings } from '../src/demo/kitchen'
import { expect, test } from './app'
import { startPractice, whenDue } from './stove'

/** Figures of each system, as they stand in a sentence. */
const METRIC = /\d[\d\s\u202f.,½¼¾⅛⅜⅝⅞]*(?:°C|\u202f?kg\b|\s?g\b|\s?mm\b|\s?cm\b)/
const IMPERIAL = /\d[\d\s\u202f.,½¼¾⅛⅜⅝⅞]*(?:°F|\s?oz\b|\s?lb\b|\s?in\b|″)/

const systems = [
  { cookie: 'C-g-mm', foreign: IMPERIAL },
  { cookie: 'F-oz-in', foreign: METRIC },
] as const

/** What is read on a page, without what its author wrote: a name may say "9 × 13 inch". */
const textOf = async (page: Page): Promise<string> => {
  await expect(page.locator('main [aria-busy=true]')).toHaveCount(0)
  // biome-ignore lint/performance/useDomNodeTextContent: the words of two neighbours must not run together
  const text = await page.locator('main').innerText()
  return names.reduce((rest, name) => rest.replaceAll(name, ''), text)
}

/** What things of the demo's kitchen are called. */
const names = Object.values(demoThings).flatMap((things) => things.flatMap((t) => ('name' in t ? [t.name] : [])))

for (const { cookie, foreign } of systems)
  test(`no page shows a figure of another system: ${cookie}`, async ({ page, context, app }) => {
    await context.addCookies([{ name: 'units', value: cookie, url: app.url }])
    const { boil } = await startBoil(app.url, 'orchard-toffee', null)
    await page.goto(`${app.url}/logbook`)
    const story = await page.locator('main a[href^="/logbook/"]').first().getAttribute('href')
    const seen: [string, string][] = []
    const look = async (what: string) => seen.push([what, await textOf(page)])
    for (const path of ['/formulas', '/logbook', `${story}`, '/kitchen', '/stove', `/stove/${boil}`]) {
      await page.goto(app.url + path)
      await expect(page.locator('main h1').first()).toBeAttached()
      await look(path)
    }
    await page.goto(`${app.url}/formulas/smoked-salt-tamarind-caramels`)
    for (const tab of await page.getByRole('tab').all()) {
      await tab.click()
      await look(`the formula, ${await tab.textContent()}`)
    }
    for (const path of ['edit', 'revisions']) {
      await page.goto(`${app.url}/formulas/smoked-salt-tamarind-caramels/${path}`)
      await look(path)
    }
    for (const [what, text] of seen) expect(foreign.exec(text)?.[0] ?? null, what).toBeNull()
  })

test.describe('half the world away', () => {
  test.use({ timezoneId: 'Pacific/Auckland', locale: 'en-NZ' })

  test('a maker in °F and ounces types °F, pulls at °F, and finds it in the log at the time of the kitchen', async ({
    page,
    context,
    app,
  }) => {
    await context.addCookies([{ name: 'units', value: 'F-oz-in', url: app.url }])
    await page.goto(`${app.url}/formulas`)
    await expect(page.getByText(/\d\d\d°/).first()).toBeVisible()
    await startPractice(page, app.url, 'quince-lollipops', 1, 10, 'No probe, by hand')
    await whenDue(page, 'Heat is on')
    await page.keyboard.press('t')
    for (const digit of '262') await page.keyboard.press(digit)
    await page.keyboard.press('Enter')
    await expect(page.locator('svg').getByText('262° by eye')).toBeVisible()
    await expect(page.getByTestId('temperature')).toContainText('°F')
    await page.keyboard.press('n')
    await page.getByRole('button', { name: 'End this boil here' }).click()
    await page.getByRole('button', { name: 'It is done' }).click()
    await page.waitForURL(/\/logbook\//)
    await expect(page.getByRole('listitem').filter({ hasText: '262°' }).first()).toBeVisible()
    // the first page of a browser is drawn before its zone is known, the next one in it
    await page.reload()
    const there = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', timeZone: 'Pacific/Auckland' })
    await expect(page.locator('main')).toContainText(there.format(new Date()))
    await page.goto(`${app.url}/logbook`)
    await expect(page.getByRole('heading', { name: 'Logbook' })).toBeVisible()
  })
})
