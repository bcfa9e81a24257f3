/** The running app: readings to screens, readings to the database, and what the stove ships. */
import { gzipSync } from 'node:zlib'
import { chromium, type Page } from '@playwright/test'
import { ulid } from 'ulid'
import { startWorkshop } from '../lib/app'
import { chromiumOptions } from '../lib/chromium'
import { percentile, type Row } from './table'

const TOKEN = 'bench'
const WINDOWS = 4
const PUSHES = 120
const FLOOD = { seconds: 10, perSecond: 500, perPush: 50 }

export async function benchApp(): Promise<Row[]> {
  const app = await startWorkshop('bench', TOKEN)
  const latencies = await readingToScreen(app)
  const flood = await manyReadings(app)
  return [
    {
      what: `reading to screen, ${WINDOWS} windows, 95th percentile`,
      measured: `${percentile(latencies, 0.95)} ms (median ${percentile(latencies, 0.5)} ms)`,
      wanted: 'under 300 ms',
    },
    {
      what: `${FLOOD.perSecond} readings a second for ${FLOOD.seconds} s`,
      measured: `${flood.stored} of ${flood.sent} stored in ${flood.seconds.toFixed(1)} s`,
      wanted: 'no loss',
    },
    {
      what: 'compressed script of the stove',
      measured: `${Math.round((await scriptBytes(app)) / 1024)} kB`,
      wanted: 'under 250 kB',
    },
  ]
}

async function startBoil(app: string, channel: string): Promise<string> {
  const boilId = ulid()
  const response = await fetch(`${app}/api/batches`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({
      id: ulid(),
      boilId,
      formula: 'orchard-toffee',
      revision: 1,
      size: { by: 'weight', grams: 1000 },
      shape: { kind: 'cut', lengthMm: 40, widthMm: 30, heightMm: 7 },
      room: 'quay',
      pot: 'copper-9',
      burner: 'induction',
      vessel: 'slab-30',
      channel,
      rate: 1,
    }),
  })
  if (!response.ok) throw new Error(await response.text())
  return boilId
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
  const boilId = await startBoil(app, 'quick-probe')
  const browser = await chromium.launch(chromiumOptions)
  const seen = new Map<string, number>()
  const pages: Page[] = []
  for (let w = 0; w < WINDOWS; w++) {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
    await page.exposeFunction('imbrySeen', (text: string, at: number) => {
      const key = `${w} ${Number.parseInt(text, 10)}`
      if (!seen.has(key)) seen.set(key, at)
    })
    await page.goto(`${app}/stove/${boilId}`)
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
    await push(app, 'quick-probe', [reading(celsius)])
    for (let w = 0; w < WINDOWS; w++) {
      while (!seen.has(`${w} ${celsius}`)) await new Promise((r) => setTimeout(r, 5))
      latencies.push((seen.get(`${w} ${celsius}`) as number) - sent)
    }
  }
  await browser.close()
  return latencies
}

async function manyReadings(app: string): Promise<{ sent: number; stored: number; seconds: number }> {
  await startBoil(app, 'second-probe')
  const start = performance.now()
  let sent = 0
  let stored = 0
  const pause = (1000 * FLOOD.perPush) / FLOOD.perSecond
  const pushes: Promise<void>[] = []
  for (let i = 0; i < (FLOOD.seconds * FLOOD.perSecond) / FLOOD.perPush; i++) {
    const lines = Array.from({ length: FLOOD.perPush }, (_, k) => reading(100 + (k % 40)))
    sent += lines.length
    pushes.push(
      push(app, 'second-probe', lines).then((n) => {
        stored += n
      }),
    )
    await new Promise((r) => setTimeout(r, Math.max(0, start + (i + 1) * pause - performance.now())))
  }
  await Promise.all(pushes)
  return { sent, stored, seconds: (performance.now() - start) / 1000 }
}

/** Bytes of all scripts the stove page makes a browser of today fetch, each compressed. */
async function scriptBytes(app: string): Promise<number> {
  const boilId = await startBoil(app, 'quick-probe')
  const html = await (await fetch(`${app}/stove/${boilId}`)).text()
  const tags = [...html.matchAll(/<script[^>]+src="([^"]+)"[^>]*>/g)].filter(([tag]) => !/nomodule/i.test(tag))
  const sources = new Set(tags.map(([, src]) => src as string))
  let bytes = 0
  for (const src of sources) bytes += gzipSync(Buffer.from(await (await fetch(app + src)).arrayBuffer())).length
  return bytes
}
