/** The running app: readings to screens, readings to the database, and what the stove ships. */
import { gzipSync } from 'node:zlib'
import { chromium, type Page } from '@playwright/test'
import { ulid } from 'ulid'
import { startWorkshop } from '../lib/app'
import { chromiumOptions } from '../lib/chromium'
import { logAct, startBoil } from '../lib/cook'
import { cuesOff } from './cues'
import { median, percentile, type Row } from './table'

const TOKEN = 'bench'
const FORMULA = 'orchard-toffee'
const WINDOWS = 8
const CHANNELS = ['quick-probe', 'second-probe', 'third-probe', 'short-probe'] as const
/** Each probe takes a reading a second, and not in step with the others. */
const PUSHES = 40
const BETWEEN_MS = 1000
const LONG = { readings: 30_000, hours: 2, watchS: 10, opened: 9 }
const FLOOD = { seconds: 10, perSecond: 500, perPush: 50 }

export async function benchApp(): Promise<Row[]> {
  const app = await startWorkshop('bench', TOKEN)
  const latencies = await readingToScreen(app)
  const cues = await cuesOff(app)
  const flood = await manyReadings(app)
  const long = await longCook(app)
  const shown = long.opens.map((o) => o.shown)
  const live = long.opens.map((o) => o.live)
  return [
    {
      what: `reading to screen, ${CHANNELS.length} cooks and ${WINDOWS} windows, 95th percentile`,
      measured: `${percentile(latencies, 0.95)} ms (median ${percentile(latencies, 0.5)} ms)`,
      wanted: 'under 150 ms',
    },
    {
      what: `${FLOOD.perSecond} readings a second for ${FLOOD.seconds} s`,
      measured: `${flood.stored} of ${flood.sent} stored in ${flood.seconds.toFixed(1)} s`,
      wanted: 'no loss',
    },
    {
      what: 'cues and alarms off their moment, worst of 4 windows',
      measured: `${Math.max(...cues)} ms`,
      wanted: 'within 1000 ms',
    },
    {
      what: `a cook of ${LONG.hours} h and ${LONG.readings} readings opens in`,
      measured: `median ${Math.round(median(shown))} ms of ${LONG.opened} (slowest ${Math.round(Math.max(...shown))} ms; live at ${Math.round(median(live))} ms)`,
      wanted: 'under 500 ms',
    },
    {
      what: 'its longest frame while the curve grows',
      measured: `${Math.round(long.longest)} ms (95th percentile ${Math.round(long.usual)} ms)`,
      wanted: 'none over 50 ms',
    },
    {
      what: 'compressed script of the stove',
      measured: `${Math.round((await scriptBytes(app)) / 1024)} kB`,
      wanted: 'under 250 kB',
    },
  ]
}

async function push(app: string, channel: string, lines: readonly string[]): Promise<number> {
  const response = await fetch(`${app}/api/probes/${channel}/readings`, {
    method: 'POST',
    headers: { authorization: `Bearer ${TOKEN}` },
    body: lines.join('\n'),
  })
  if (!response.ok) throw new Error(await response.text())
  return ((await response.json()) as { stored: number }).stored
}

const pause = (ms: number): Promise<void> => new Promise((r) => setTimeout(r, Math.max(0, ms)))

const reading = (celsius: number): string => JSON.stringify({ id: ulid(), at: new Date().toISOString(), celsius })

/** Times, ms, from the moment a reading is sent to the moment each window shows it. */
async function readingToScreen(app: string): Promise<number[]> {
  const boils = await Promise.all(CHANNELS.map((channel) => startBoil(app, FORMULA, channel)))
  const first = boils[0]?.boil
  const browser = await chromium.launch(chromiumOptions)
  const seen = new Map<string, number>()
  const pages: Page[] = []
  for (let w = 0; w < WINDOWS; w++) {
    // a window of its own, as on another tablet: connections are counted by browser
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } })
    const page = await context.newPage()
    await page.exposeFunction('imbrySeen', (text: string, at: number) => {
      const key = `${w} ${Number.parseInt(text, 10)}`
      if (!seen.has(key)) seen.set(key, at)
    })
    await page.goto(`${app}/stove/${first}`)
    await page.getByText('live', { exact: true }).waitFor()
    await page.evaluate(() => {
      const shown = document.querySelector('[data-testid=temperature]') as HTMLElement
      const tell = (window as unknown as { imbrySeen(text: string, at: number): void }).imbrySeen
      new MutationObserver(() => tell(shown.textContent ?? '', Date.now())).observe(shown, {
        subtree: true,
        childList: true,
        characterData: true,
      })
    })
    pages.push(page)
  }
  const latencies: number[] = []
  for (let i = 0; i < PUSHES; i++) {
    const celsius = 30 + i
    const sent = Date.now()
    await Promise.all(
      CHANNELS.map(async (channel, k) => {
        await pause((BETWEEN_MS * k) / CHANNELS.length)
        await push(app, channel, [reading(celsius)])
      }),
    )
    for (let w = 0; w < WINDOWS; w++) {
      while (!seen.has(`${w} ${celsius}`)) await pause(5)
      latencies.push((seen.get(`${w} ${celsius}`) as number) - sent)
    }
    await pause(sent + BETWEEN_MS - Date.now())
  }
  await browser.close()
  // what is on would call from the windows of the next measure
  for (const { boil } of boils) await logAct(app, boil, { type: 'finished' })
  return latencies
}

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
async function longCook(app: string): Promise<{ opens: Opened[]; longest: number; usual: number }> {
  const { boil } = await startBoil(app, FORMULA, 'third-probe')
  const every = (LONG.hours * 3600) / LONG.readings
  const curve = (n: number): string => `${(n * every).toFixed(2)},${(20 + 100 * (1 - Math.exp(-n / 9000))).toFixed(2)}`
  const rows = Array.from({ length: LONG.readings }, (_, n) => curve(n))
  await importReadings(app, boil, rows)
  const browser = await chromium.launch(chromiumOptions)
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.addInitScript(MARK_CURVE)
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

async function importReadings(app: string, boil: string, rows: readonly string[]): Promise<void> {
  const response = await fetch(`${app}/api/boils/${boil}/readings`, {
    method: 'POST',
    headers: { 'content-type': 'text/csv' },
    body: `seconds,celsius\n${rows.join('\n')}`,
  })
  if (!response.ok) throw new Error(await response.text())
}

async function manyReadings(app: string): Promise<{ sent: number; stored: number; seconds: number }> {
  const { boil } = await startBoil(app, FORMULA, 'second-probe')
  const start = performance.now()
  let sent = 0
  let stored = 0
  const between = (1000 * FLOOD.perPush) / FLOOD.perSecond
  const pushes: Promise<void>[] = []
  for (let i = 0; i < (FLOOD.seconds * FLOOD.perSecond) / FLOOD.perPush; i++) {
    const lines = Array.from({ length: FLOOD.perPush }, (_, k) => reading(100 + (k % 40)))
    sent += lines.length
    pushes.push(
      push(app, 'second-probe', lines).then((n) => {
        stored += n
      }),
    )
    await pause(start + (i + 1) * between - performance.now())
  }
  await Promise.all(pushes)
  const seconds = (performance.now() - start) / 1000
  await logAct(app, boil, { type: 'finished' })
  return { sent, stored, seconds }
}

/** Bytes of all scripts the stove page makes a browser of today fetch, each compressed. */
async function scriptBytes(app: string): Promise<number> {
  const { boil } = await startBoil(app, FORMULA, 'quick-probe')
  const html = await (await fetch(`${app}/stove/${boil}`)).text()
  const tags = [...html.matchAll(/<script[^>]+src="([^"]+)"[^>]*>/g)].filter(([tag]) => !/nomodule/i.test(tag))
  const sources = new Set(tags.map(([, src]) => src as string))
  let bytes = 0
  for (const src of sources) bytes += gzipSync(Buffer.from(await (await fetch(app + src)).arrayBuffer())).length
  return bytes
}
