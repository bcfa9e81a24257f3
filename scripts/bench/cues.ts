/** Cues against the clock: how far from its moment every window says "get ready" and "now". */
import { chromium } from '@playwright/test'
import { ulid } from 'ulid'
import { demoBoil } from '@/demo/formulas'
import { chromiumOptions } from '../lib/chromium'
import { logAct, startBoil } from '../lib/cook'

const WINDOWS = 4
/** s from the first act to the next, and how long before it is announced. */
const AFTER = 35
const AHEAD = 25

/** A toffee whose second step is due by the clock alone, so that its moment is known. */
function timed() {
  const [first, ...rest] = demoBoil('orchard-toffee').steps
  const wait = {
    id: 'wait',
    label: 'Wait',
    when: { on: 'after', seconds: AFTER },
    say: 'Look at it',
    why: 'It has been a while.',
    act: 'Looked',
  }
  return { ...demoBoil('orchard-toffee'), name: 'Timed toffee', steps: [first, wait, ...rest] }
}

/** Cooks it in a few windows and returns the ms each cue was off in each of them. */
export async function cuesOff(app: string): Promise<number[]> {
  const response = await fetch(`${app}/api/formulas`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ write: ulid(), document: timed() }),
  })
  if (!response.ok) throw new Error(await response.text())
  const { boil } = await startBoil(app, ((await response.json()) as { id: string }).id, null)
  const browser = await chromium.launch(chromiumOptions)
  const pages = []
  for (let w = 0; w < WINDOWS; w++) {
    const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage()
    await page.goto(`${app}/stove/${boil}`)
    await page.getByText('live', { exact: true }).waitFor()
    pages.push(page)
  }
  const seen = pages.map((page) =>
    page.evaluate(
      () =>
        new Promise<number[]>((done) => {
          const at: number[] = []
          setInterval(() => {
            const button = document.querySelector<HTMLElement>('[data-testid=primary]')
            const mood = button?.textContent?.startsWith('Looked') ? button.dataset.mood : undefined
            if (mood === ['soon', 'now'][at.length]) at.push(Date.now())
            if (at.length === 2) done(at)
          }, 5)
        }),
    ),
  )
  const pressed = await pages[0]?.evaluate(
    () =>
      new Promise<number>((done) => {
        window.addEventListener('keydown', () => done(Date.now()), { capture: true, once: true })
        document.body.dispatchEvent(new KeyboardEvent('keydown', { key: ' ', code: 'Space', bubbles: true }))
      }),
  )
  const off = (await Promise.all(seen)).flatMap(([soon = 0, now = 0]) => [
    soon - ((pressed ?? 0) + 1000 * (AFTER - AHEAD)),
    now - ((pressed ?? 0) + 1000 * AFTER),
  ])
  await browser.close()
  await logAct(app, boil, { type: 'finished' })
  return off.map(Math.abs)
}
