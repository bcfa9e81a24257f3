/** One current picture of each main view, from the demo workshop. */
import { rmSync } from 'node:fs'
import { resolve } from 'node:path'
import { type Browser, chromium, type Page } from '@playwright/test'
import type { KitchenView } from '@/contract/kitchen'
import { demoChannelIds, demoThings } from '@/demo/kitchen'
import { cooked, startPractice, whenDue } from '../tests/stove'
import { startApp, startHub } from './lib/app'
import { chromiumOptions } from './lib/chromium'
import { logAct } from './lib/cook'
import { ownDatabase } from './lib/database'
import { halfRun } from './lib/demo-workshop'
import { fillOwn } from './lib/own-workshop'
import { freePort, stopAll } from './lib/processes'
import { startWorkshop } from './lib/workshop'

const out = (name: string): string => resolve('docs/screenshots', `${name}.png`)

async function shoot(page: Page, name: string): Promise<void> {
  await page.evaluate(() => document.fonts.ready)
  await page.screenshot({ path: out(name), animations: 'disabled' })
}

async function stove(browser: Browser, app: string): Promise<void> {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await startPractice(page, app, 'rhubarb-nettle-elderflower-drops', 2400)
  await whenDue(page, 'Heat is on')
  await whenDue(page, 'Glucose is in')
  await whenDue(page, 'Sides brushed')
  await page.getByText('Moulds and flavour within reach.').waitFor()
  await page.getByRole('radio', { name: '10×' }).click()
  await page.keyboard.press('d')
  await page.keyboard.press('3')
  await page.getByText('Logged:').waitFor({ state: 'hidden' })
  await page.getByRole('radio', { name: '1×', exact: true }).click()
  await page.locator('svg .fill-cherry').first().waitFor()
  await shoot(page, 'stove')
  await page.setViewportSize({ width: 1024, height: 768 })
  await page.getByRole('button', { name: 'Dim' }).click()
  await shoot(page, 'stove-dim-1024')
  await page.close()
}

/** A slab that is left alone until it takes a score, and a marshmallow under the whisk. */
async function afterThePour(browser: Browser, app: string): Promise<void> {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  for (const [formula, upTo, seconds, name] of [
    ['smoked-salt-tamarind-caramels', 'pour', 480, 'after-the-pour'],
    ['blackcurrant-marshmallow', 'finish', 240, 'whipping'],
  ] as const) {
    const boil = await cooked(app, formula, upTo, seconds)
    await page.goto(`${app}/stove/${boil}`)
    await page.getByText('live', { exact: true }).waitFor()
    await page.locator('svg .stroke-cherry').first().waitFor()
    await shoot(page, name)
    await logAct(app, boil, { type: 'abandoned', reason: 'a picture' })
  }
  await page.close()
}

/** The editor with a line being typed, and two revisions side by side. */
async function writing(page: Page, app: string): Promise<void> {
  const formula = `${app}/formulas/quick-tahini-fudge`
  await page.goto(`${formula}/edit`)
  const line = page.getByLabel('Add to In the pot')
  await line.fill('1⅔ cups light brown sugar, packed')
  await page.getByText(/355 g light brown sugar/).waitFor()
  await page.locator('svg .fill-angelica').first().waitFor()
  await shoot(page, 'edit')
  await line.fill('')
  await page.getByRole('textbox', { name: 'How much Tahini' }).fill('140')
  await page.getByRole('combobox', { name: /^School/ }).click()
  await page.getByRole('option', { name: 'cool undisturbed, then beat' }).click()
  await page.getByRole('button', { name: 'Save revision 2' }).click()
  await page.waitForURL(/quick-tahini-fudge$/)
  await page.goto(`${formula}/revisions`)
  await page.getByRole('row', { name: /Tahini/ }).waitFor()
  await shoot(page, 'revisions')
}

/** Three pots, the one that calls large. */
async function pots(browser: Browser, app: string): Promise<void> {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  for (const [formula, probe] of [
    ['smoked-salt-tamarind-caramels', 'Second probe'],
    ['malted-milk-fudge', 'Third probe'],
  ] as const) {
    await startPractice(page, app, formula, 1200, 60, probe)
    await whenDue(page, 'Heat is on')
  }
  await page.getByText(/to go, between/).waitFor()
  await page.getByText('Logged:').waitFor({ state: 'hidden' })
  await page.locator('svg .fill-cherry').first().waitFor()
  await page.locator('[data-deaf]').waitFor({ state: 'detached' })
  await shoot(page, 'pots')
  await startPractice(page, app, 'blackcurrant-marshmallow', 900, 1, 'No probe, by hand')
  const primary = page.getByTestId('primary')
  while ((await page.locator('main [data-emptied=true] [data-testid=primary]').count()) === 0) {
    const before = await primary.textContent()
    await page.keyboard.press(' ')
    await page.waitForFunction((t) => document.querySelector('[data-testid=primary]')?.textContent !== t, before)
  }
  await page.goto(`${app}/stove`)
  await page.getByText(/^At \d\d:\d\d/).waitFor()
  await shoot(page, 'resting')
  await page.close()
}

/** A new workshop, half set up. */
async function welcome(browser: Browser): Promise<void> {
  const folder = resolve('.imbry-test/welcome')
  rmSync(folder, { recursive: true, force: true })
  const port = (await freePort()) as number
  await startApp(port, await ownDatabase(folder, 'pictures', fillOwn))
  const app = `http://127.0.0.1:${port}`
  for (const [kind, thing] of [
    ['room', demoThings.room[1]],
    ['thermometer', demoThings.thermometer[0]],
    ['pot', demoThings.pot[2]],
  ] as const) {
    const { id, ...facts } = thing as { id: string }
    await fetch(`${app}/api/kitchen/${kind}/${id}`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(facts),
    })
  }
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.goto(`${app}/welcome`)
  await page.getByRole('button', { name: 'Add a burner' }).waitFor()
  await shoot(page, 'welcome')
  await page.close()
}

/** Batches side by side from the story that is open, its label, and a formula turned round. */
async function log(page: Page, app: string): Promise<void> {
  await page.getByRole('link', { name: 'Beside the ones before it' }).click()
  await page.getByRole('img', { name: /Curves of/ }).waitFor()
  await page.mouse.move(0, 0)
  await shoot(page, 'beside')
  await page.goto(`${app}/logbook?formula=smoked-salt-tamarind-caramels`)
  await page.locator('main li a[href^="/logbook/0"]').first().click()
  await page.getByRole('link', { name: 'Label' }).click()
  await page.getByText(/certifies nothing/).waitFor()
  await shoot(page, 'label')
  await page.goto(`${app}/formulas/smoked-salt-tamarind-caramels/balance`)
  for (const [slot, choice] of [
    [/^Bite/, 'softer by a step'],
    [/^Glucose/, 'glucose at most 30 %'],
    [/^Price/, 'not dearer'],
  ] as const) {
    await page.getByRole('button', { name: slot }).click()
    await page.getByRole('button', { name: choice, exact: true }).click()
  }
  await page.getByRole('button', { name: 'Balance', exact: true }).click()
  await page.getByRole('button', { name: 'Take it as a draft' }).waitFor()
  await page.mouse.move(0, 0)
  await shoot(page, 'balance')
}

/** The demo's planned day at eight past ten, once all that could be better has been tried. */
async function day(browser: Browser, app: string): Promise<void> {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  const date = new Date().toISOString().slice(0, 10)
  const kitchen = { ...demoThings, unreadable: [], channels: [], scales: [] } as unknown as KitchenView
  await fetch(`${app}/api/days/${date}`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json', origin: app },
    body: JSON.stringify({ day: halfRun(kitchen, 2.13 * 3600), version: 1 }),
  })
  await page.clock.install({ time: new Date(`${date}T10:08:00Z`) })
  await page.goto(`${app}/day`)
  await page
    .getByText(/One more cook, ring or pot|With (one more|another|half)/)
    .first()
    .waitFor({ timeout: 60_000 })
  await shoot(page, 'day')
  await page.close()
}

async function main(): Promise<void> {
  const app = await startWorkshop('pictures', 'pictures')
  startHub(app, 'pictures', demoChannelIds)
  const browser = await chromium.launch(chromiumOptions)
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.goto(`${app}/formulas`)
  await page.getByRole('link', { name: /tamarind caramels/ }).waitFor()
  await shoot(page, 'formulas')
  await page.getByRole('link', { name: /tamarind caramels/ }).click()
  await page.getByText('119° pull').waitFor()
  await shoot(page, 'formula')
  await page.getByRole('tab', { name: 'Finish' }).click()
  await shoot(page, 'finish')
  await writing(page, app)
  await page.goto(`${app}/kitchen`)
  await page.getByRole('heading', { name: 'Rooms' }).waitFor()
  await shoot(page, 'kitchen')
  await page.goto(`${app}/logbook`)
  await page.locator('main li a[href^="/logbook/0"]').first().waitFor()
  await shoot(page, 'logbook')
  await page.goto(`${app}/logbook?flaw=scorched`)
  await page.locator('main li a[href^="/logbook/0"]').first().click()
  await page.getByRole('heading', { name: 'Log', exact: true }).waitFor()
  // drawn by the server for another width, then by the page for its own
  await page.waitForFunction(() => {
    const drawing = document.querySelector<SVGSVGElement>('main svg[role=img]')
    return drawing?.viewBox.baseVal.width === drawing?.parentElement?.clientWidth
  })
  await shoot(page, 'batch')
  await log(page, app)
  await day(browser, app)
  await page.close()
  await afterThePour(browser, app)
  await stove(browser, app)
  await pots(browser, app)
  await welcome(browser)
  await browser.close()
}

main()
  .catch((error: Error) => {
    console.error(error)
    process.exitCode = 1
  })
  .finally(stopAll)
  // a browser that was left open by a failure would keep the process for ever
  .finally(() => process.exit())
