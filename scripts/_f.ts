import { chromium } from '@playwright/test'
import { ulid } from 'ulid'
import { demoBoil } from '@/demo/formulas'
import { chromiumOptions } from './lib/chromium'

// usage: formula doneUpTo minutesAfter out [WxH] [keys]
const [, , formula, upTo, minutes, out, size = '1280x800', keys = ''] = process.argv
const url = 'http://127.0.0.1:3210'
const f = demoBoil(formula as string)
const id = ulid(),
  boilId = ulid()
const post = async (path: string, body: unknown) => {
  const r = await fetch(url + path, {
    method: 'POST',
    headers: { 'content-type': 'application/json', origin: url },
    body: JSON.stringify(body),
  })
  if (!r.ok) console.log(path, r.status, (await r.text()).slice(0, 400))
  return r
}
const shape = f.shape
const vessel = shape.kind === 'mould' ? null : null
async function main() {
  await post('/api/batches', {
    id,
    boilId,
    formula,
    revision: 1,
    size: { by: 'weight', grams: 1400 },
    shape,
    room: 'quay',
    pot: 'copper-9',
    burner: 'left-gas',
    vessel,
    channel: null,
    thermometer: null,
    rate: 1,
  })
  const start = Date.now()
  const acts: any[] = []
  let t = 0
  for (const s of f.steps) {
    t += s.when.on === 'target' ? 1500 : s.when.on === 'after' && !s.handwork ? s.when.seconds : 40
    acts.push([
      t,
      s.when.on === 'target' ? { type: 'pulled', step: s.id, celsius: f.target.celsius } : { type: 'step', step: s.id },
    ])
    if (s.id === upTo) break
  }
  for (const [at, act] of acts)
    await post(`/api/boils/${boilId}/acts`, { id: ulid(), at: new Date(start + at * 1000).toISOString(), act })
  const T = t + 60 * Number(minutes)
  await post(`/api/boils/${boilId}/acts`, {
    id: ulid(),
    at: new Date(start + T * 1000).toISOString(),
    act: { type: 'clock', rate: 1, wall: new Date().toISOString() },
  })
  const browser = await chromium.launch(chromiumOptions)
  const [w, h] = size.split('x').map(Number)
  const page = await browser.newPage({ viewport: { width: w as number, height: h as number } })
  page.on('pageerror', (e) => console.log('ERR', e.message))
  page.on('console', (m) => m.type() === 'error' && console.log('CON', m.text().slice(0, 300)))
  await page.goto(`${url}/stove/${boilId}`)
  await page.waitForTimeout(2500)
  for (const k of keys.split(',').filter(Boolean)) {
    await page.keyboard.press(k)
    await page.waitForTimeout(700)
  }
  await page.screenshot({ path: out as string })
  console.log((await page.getByLabel('Do now').innerText()).replace(/\n/g, ' | '))
  await browser.close()
  await post(`/api/boils/${boilId}/acts`, {
    id: ulid(),
    at: new Date(start + (T + 60) * 1000).toISOString(),
    act: { type: 'finished' },
  })
}
void main()
