/** The running app: readings to screens, readings to the database, and what the stove ships. */
import { gzipSync } from 'node:zlib'
import { chromium, type Page } from '@playwright/test'
import { ulid } from 'ulid'
import { chromiumOptions } from '../lib/chromium'
import { logAct, startBoil } from '../lib/cook'
import { startWorkshop } from '../lib/workshop'
import { cuesOff } from './cues'
import { LONG, longCook, restingPage } from './long'
import { median, pause, percentile, type Row } from './table'

const TOKEN = 'bench'
const FORMULA = 'orchard-toffee'
const SLAB = 'smoked-salt-tamarind-caramels'
const WINDOWS = 8
const CHANNELS = ['quick-probe', 'second-probe', 'third-probe', 'short-probe'] as const
/** Each probe takes a reading a second, and not in step with the others. */
const PUSHES = 40
const BETWEEN_MS = 1000
const FLOOD = { seconds: 10, perSecond: 500, perPush: 50 }

export async function benchApp(): Promise<Row[]> {
  const app = await startWorkshop('bench', TOKEN)
  const latencies = await readingToScreen(app)
  const cues = await cuesOff(app)
  const flood = await manyReadings(app)
  const long = await longCook(app, FORMULA)
  const resting = await restingPage(app, SLAB)
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
      what: 'a slab that rests opens in',
      measured: `median ${Math.round(median(resting))} ms of ${resting.length} (slowest ${Math.round(Math.max(...resting))} ms)`,
      wanted: 'as the stove does',
    },
    {
      what: 'its longest frame while the curve grows',
      measured: `${Math.round(long.longest)} ms (95th percentile ${Math.round(long.usual)} ms)`,
      wanted: 'none over 50 ms',
    },
    {
      what: 'compressed script of the stove',
      measured: `${((await scriptBytes(app)) / 1024).toFixed(1)} kB`,
      wanted: 'under 205 kB',
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
