/** How long the page of a boil takes to open, after hours of cooking and at rest, and how smoothly it goes on. */
import { chromium, type Page } from '@playwright/test'
import { demoBoil } from '@/demo/formulas'
import { chromiumOptions } from '../lib/chromium'
import { logAct, startBoil } from '../lib/cook'
import { pause, percentile } from './table'

export const LONG = { readings: 30_000, hours: 2, watchS: 10, opened: 9 }

/** ms from the navigation until a frame with the curve in it has been painted, and until the page hears of the pot. */
interface Opened {
  readonly shown: number
  readonly live: number
}

/** Told by the page itself: a question from outside would wait behind the page's own work, and add to it. */
const MARK_CURVE = `
  const painted = () => requestAnimationFrame(() => performance.mark('curve'))
  const look = () => requestAnimationFrame(() => (document.querySelector('svg .stroke-cherry') ? painted() : look()))
  look()
`

/** A long cook opened, and watched while it grows by a reading a second: ms to open, and ms between frames. */
export async function longCook(
  app: string,
  formula: string,
): Promise<{ opens: Opened[]; longest: number; usual: number }> {
  const { boil } = await startBoil(app, formula, 'third-probe')
  const every = (LONG.hours * 3600) / LONG.readings
  const curve = (n: number): string => `${(n * every).toFixed(2)},${(20 + 100 * (1 - Math.exp(-n / 9000))).toFixed(2)}`
  const rows = Array.from({ length: LONG.readings }, (_, n) => curve(n))
  await importReadings(app, boil, rows)
  const browser = await chromium.launch(chromiumOptions)
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.addInitScript(MARK_CURVE)
  const opens = await openings(page, app, boil)
  const frames = page.evaluate(async (seconds) => {
    const gaps: number[] = []
    let before = performance.now()
    const end = before + seconds * 1000
    while (before < end) {
      await new Promise(requestAnimationFrame)
      const now = performance.now()
      gaps.push(now - before)
      before = now
    }
    return gaps
  }, LONG.watchS)
  for (let i = 0; i < LONG.watchS; i++) {
    await importReadings(app, boil, [curve(0), curve(LONG.readings + 4 * i)])
    await pause(900)
  }
  const gaps = (await frames).slice(30)
  await browser.close()
  return { opens, longest: Math.max(...gaps), usual: percentile(gaps, 0.95) }
}

/** The page of a boil, opened again and again from a page at rest. */
async function openings(page: Page, app: string, boil: string): Promise<Opened[]> {
  const opens: Opened[] = []
  for (let i = 0; i < LONG.opened; i++) {
    await page.goto(`${app}/logbook`)
    // as for a maker, who looks at the page before touching it
    await pause(500)
    await page.goto(`${app}/stove/${boil}`, { waitUntil: 'commit' })
    await page.getByText('live', { exact: true }).waitFor()
    opens.push(
      await page.evaluate(() => ({
        shown: performance.getEntriesByName('curve')[0]?.startTime ?? Number.NaN,
        live: performance.now(),
      })),
    )
  }
  return opens
}

/** A slab that rests after its pour, by hand: ms until its page shows how it cools. */
export async function restingPage(app: string, id: string): Promise<number[]> {
  const formula = demoBoil(id)
  const { boil } = await startBoil(app, id, null)
  for (const { id: step, when, empties } of formula.steps) {
    const pulls = when.on === 'target'
    await logAct(app, boil, pulls ? { type: 'pulled', step, celsius: formula.target.celsius } : { type: 'step', step })
    if (empties) break
  }
  const browser = await chromium.launch(chromiumOptions)
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.addInitScript(MARK_CURVE)
  const opens = await openings(page, app, boil)
  await browser.close()
  await logAct(app, boil, { type: 'finished' })
  return opens.map((o) => o.shown)
}

async function importReadings(app: string, boil: string, rows: readonly string[]): Promise<void> {
  const response = await fetch(`${app}/api/boils/${boil}/readings`, {
    method: 'POST',
    headers: { 'content-type': 'text/csv' },
    body: `seconds,celsius\n${rows.join('\n')}`,
  })
  if (!response.ok) throw new Error(await response.text())
}
