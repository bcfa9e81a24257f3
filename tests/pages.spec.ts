/** Every page, opened once: readable by everyone, in both lights, on a laptop, a tablet and a phone, and in one system of units at a time. */
import type { Page } from '@playwright/test'
import { logAct, startBoil } from '../scripts/lib/cook'
import { demoThings } from '../src/demo/kitchen'
import { type App, expect, test } from './app'
import { findings } from './axe'
import { cutInBoxes, SIZES, standsOut } from './layout'

test.describe.configure({ mode: 'parallel' })

/** Figures of each system, as they stand in a sentence; “in” may begin the next line, too. */
const METRIC = /\d[\d\s\u202f.,½¼¾⅛⅜⅝⅞]*(?:°C|\u202f?kg\b|\s?g\b|\s?mm\b|\s?cm\b)/
const IMPERIAL = /\d[\d\s\u202f.,½¼¾⅛⅜⅝⅞]*(?:°F|\s?oz\b|\s?lb\b|″)|\d(?:[^\S\n]|[\d.,½¼¾⅛⅜⅝⅞])*in\b/

/** What is read by those tests that work there: it is the dearest of all that is looked at. */
const READ_ELSEWHERE = /\/(?:day|stove\/\w+)$/

const CARAMELS = '/formulas/smoked-salt-tamarind-caramels'
const BARS = '/formulas/rye-shortcake-bars'

/** What things of the demo's kitchen are called. */
const names = Object.values(demoThings).flatMap((things) => things.flatMap((t) => ('name' in t ? [t.name] : [])))

/** A figure of another system that is read on a page; null for none. What its author wrote may have any: a name may say "9 × 13 inch". */
async function figureOf(page: Page, foreign: RegExp): Promise<string | null> {
  await expect(page.locator('main [aria-busy=true]')).toHaveCount(0)
  // biome-ignore lint/performance/useDomNodeTextContent: the words of two neighbours must not run together
  const text = await page.locator('main').innerText()
  return foreign.exec(names.reduce((rest, name) => rest.replaceAll(name, ''), text))?.[0] ?? null
}

async function expectReadable(page: Page, what: string): Promise<void> {
  expect(await findings(page), what).toEqual([])
  await page.evaluate(() => {
    document.documentElement.dataset.theme = 'dim'
  })
  // the same page in other colours
  expect(await findings(page, 'color-contrast'), `${what}, dimmed`).toEqual([])
}

async function expectToFit(page: Page, what: string): Promise<void> {
  for (const size of SIZES) {
    await page.setViewportSize(size)
    // what is drawn to scale is drawn anew for the size
    await expect.poll(() => standsOut(page), `${what}, ${size.width} × ${size.height}`).toEqual([])
    await expect.poll(() => cutInBoxes(page), `${what}, ${size.width} × ${size.height}`).toEqual([])
  }
  await page.setViewportSize(SIZES[0])
}

/** Opens a page, and every view of it. Resolves once it was looked at, first by its address alone. */
async function throughViews(page: Page, url: string, look: (what: string) => Promise<void>): Promise<void> {
  await page.goto(url)
  await expect(page.locator('main h1').first()).toBeAttached()
  await look(url)
  if (!url.endsWith(CARAMELS)) return
  const [, ...others] = await page.getByRole('tab').all()
  for (const tab of others) {
    await tab.click()
    await look(`${url}, ${await tab.textContent()}`)
  }
}

const ofBook = [
  '/formulas',
  CARAMELS,
  `${CARAMELS}/edit`,
  BARS,
  `${BARS}/edit`,
  `${CARAMELS}/balance`,
  `${CARAMELS}/revisions`,
  '/formulas/new',
]

/** The pages that are no formula's, one of them of a pot that is on. */
async function besideBook(page: Page, app: App): Promise<{ paths: string[]; end(): Promise<unknown> }> {
  const { boil } = await startBoil(app.url, 'orchard-toffee', null)
  await page.goto(`${app.url}/logbook`)
  const story = await page.locator('main a[href^="/logbook/0"]').first().getAttribute('href')
  return {
    paths: ['/day', '/logbook', `${story}`, '/logbook/recall', '/kitchen', '/stove', `/stove/${boil}`, '/nowhere'],
    end: () => logAct(app.url, boil, { type: 'abandoned', reason: 'only looked at' }),
  }
}

for (const [which, pathsOf] of [
  ['of the book', async () => ({ paths: ofBook, end: async () => null })],
  ['beside the book', besideBook],
] as const) {
  test(`every page ${which} can be read, fits, and shows no figure of another system`, async ({ page, app }) => {
    const { paths, end } = await pathsOf(page, app)
    for (const path of paths)
      await throughViews(page, app.url + path, async (what) => {
        expect(await figureOf(page, IMPERIAL), what).toBeNull()
        if (what === app.url + path && !READ_ELSEWHERE.test(path)) await expectReadable(page, what)
        await expectToFit(page, what)
      })
    await end()
  })

  test(`no page ${which} shows a metric figure to who has chosen others`, async ({ page, context, app }) => {
    await context.addCookies([{ name: 'units', value: 'F-oz-in', url: app.url }])
    const { paths, end } = await pathsOf(page, app)
    for (const path of paths)
      await throughViews(page, app.url + path, async (what) => {
        expect(await figureOf(page, METRIC), what).toBeNull()
      })
    await end()
  })
}
