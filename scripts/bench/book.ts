/** The book and the sentence: finding among two thousand formulas, and how long a change of the batch takes to be on screen. */
import { chromium, type Page } from '@playwright/test'
import type { FormulaFile } from '@/contract/files'
import { demoFormulas } from '@/demo/formulas'
import { chromiumOptions } from '../lib/chromium'
import { startWorkshop } from '../lib/workshop'
import { percentile, type Row } from './table'

const FORMULAS = 2000
const PER_FILE = 500
const LOOKS = 120

const words = ['quay', 'hill', 'lantern', 'smoked', 'salted', 'dark', 'soft', 'winter', 'harbour', 'honeyed']

/** The demo's formulas over and over under names of their own. */
function files(): FormulaFile[] {
  const all = Object.values(demoFormulas)
  const formulas = Array.from({ length: FORMULAS }, (_, i) => {
    const document = all[i % all.length] as (typeof all)[number]
    const name = `${words[i % words.length]} ${words[Math.floor(i / words.length) % words.length]} ${document.name} ${i}`
    return { address: `bench-${i}`, document: { ...document, name } }
  })
  return Array.from({ length: FORMULAS / PER_FILE }, (_, n) => ({
    format: 'imbry-formulas' as const,
    version: 1 as const,
    formulas: formulas.slice(n * PER_FILE, (n + 1) * PER_FILE),
  }))
}

const queries = [
  '',
  '?q=lantern+salted',
  '?q=400+g+cream',
  '?family=caramel&sort=cooked',
  '?without=milk,nuts&sort=target',
  '?from=117&to=127',
  '?q=honey&page=2',
  '?q=nothing+like+this',
]

export async function benchBook(): Promise<Row[]> {
  const app = await startWorkshop('bench_book', 'bench')
  const began = performance.now()
  for (const file of files()) {
    const response = await fetch(`${app}/api/book`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(file),
    })
    if (!response.ok) throw new Error(await response.text())
  }
  const imported = (performance.now() - began) / 1000
  const looks: number[] = []
  for (let i = -queries.length; i < LOOKS; i++) {
    const start = performance.now()
    await (await fetch(`${app}/formulas${queries[(i + queries.length) % queries.length]}`)).text()
    // the first round warms it up
    if (i >= 0) looks.push(performance.now() - start)
  }
  const browser = await chromium.launch(chromiumOptions)
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  const plain = await sentence(page, `${app}/formulas/smoked-salt-tamarind-caramels`)
  const parted = await sentence(page, `${app}/formulas/rye-shortcake-bars`)
  await browser.close()
  const ms = (times: readonly number[]): string =>
    `${Math.round(percentile(times, 0.95))} ms (median ${Math.round(percentile(times, 0.5))} ms)`
  return [
    {
      what: `the book of ${FORMULAS}, listed and searched, 95th percentile`,
      measured: ms(looks),
      wanted: 'under 150 ms',
    },
    { what: 'the sentence changed, all of it on screen, 95th percentile', measured: ms(plain), wanted: 'under 50 ms' },
    { what: 'the same for a formula in three parts', measured: ms(parted), wanted: 'under 50 ms' },
    { what: `${FORMULAS} formulas taken in`, measured: `${imported.toFixed(1)} s`, wanted: '' },
  ]
}

/** From a new number in the sentence to everything on the page drawn anew, ms. */
async function sentence(page: Page, url: string): Promise<number[]> {
  await page.goto(url)
  await page.getByRole('button', { name: /^How much/ }).click()
  await page.getByRole('radio', { name: 'Pieces' }).click()
  const box = page.getByLabel('Good pieces')
  await box.fill('150')
  await box.press('Enter')
  return box.evaluate(async (element) => {
    const input = element as HTMLInputElement
    const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set
    const times: number[] = []
    for (let i = 0; i < 60; i++) {
      await new Promise(requestAnimationFrame)
      const start = performance.now()
      set?.call(input, String(100 + 3 * i))
      input.dispatchEvent(new Event('input', { bubbles: true }))
      // what is typed counts once it is entered
      input.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }))
      // drawn once the frame after the change has been composed
      await new Promise((done) => requestAnimationFrame(() => setTimeout(done)))
      if (i >= 10) times.push(performance.now() - start)
    }
    return times
  })
}
