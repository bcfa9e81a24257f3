import type { Page } from '@playwright/test'
import { logAct, startBoil } from '../scripts/lib/cook'
import { expect, test } from './app'
import { alive, openBoil, startPractice } from './stove'

test.describe.configure({ mode: 'parallel' })

/** What a maker with four pots does: to the pot that calls, and what it asks for; until all are in the log. */
async function tend(page: Page, until: () => Promise<boolean>): Promise<void> {
  for (let turns = 0; turns < 400; turns++) {
    if (await until()) return
    const called = await page.evaluate(() => {
      const big = document.querySelector<HTMLElement>('[data-testid=primary]')
      const word = ['word', 'sign', 'texture'].includes(big?.dataset.when ?? '')
      if (big && (big.dataset.mood === 'now' || word)) return 'press'
      const others = 'nav[aria-label="Other pots"]'
      // what rests lets a pot have the screen that waits for a word
      const rests = document.querySelector(`[data-emptied=true]:not(${others} *)`) !== null
      const card =
        document.querySelector<HTMLElement>(`${others} [data-mood=now]`) ??
        (rests ? document.querySelector<HTMLElement>(`${others} [data-emptied=false]`) : null)
      // nobody waits for what cools
      const jump = [...document.querySelectorAll('button')].find((b) => b.textContent === 'On to its moment')
      const turn = card ?? jump
      turn?.click()
      return turn ? 'turned' : 'wait'
    })
    if (called === 'press') {
      const before = await page.getByTestId('primary').textContent()
      await page.keyboard.press(' ')
      await page
        .waitForFunction((text) => document.querySelector('[data-testid=primary]')?.textContent !== text, before, {
          timeout: 2000,
        })
        .catch(() => undefined)
    }
    if (called === 'wait') await page.waitForFunction(callsOrTime, Date.now() + 1500, { polling: 100 })
  }
  throw new Error('the pots were never done')
}

const callsOrTime = (latest: number): boolean =>
  Date.now() > latest ||
  document.querySelector('[data-testid=primary][data-mood=now], nav[aria-label="Other pots"] [data-mood=now]') !== null

/** Ends what is on the large pot, and resolves in the logbook. */
async function endIt(page: Page, why: string): Promise<void> {
  // keys count once the page listens, which it does before its line is up
  await alive(page)
  await page.keyboard.press('Escape')
  await page.keyboard.press('n')
  await page.getByRole('button', { name: 'End this boil here' }).click()
  await page.getByRole('button', { name: why }).click()
  await page.waitForURL(/\/logbook\//)
}

const probes = ['quick-probe', 'second-probe', 'third-probe', 'short-probe']
/** Every formula is cooked whole, with a probe and without, in ui/stove/whole-cooks.test.ts. */
test('four families at once, from the first flame to the log', async ({ page, app }) => {
  test.setTimeout(240_000)
  const formulas = [
    'smoked-salt-tamarind-caramels',
    'rhubarb-nettle-elderflower-drops',
    'orchard-toffee',
    'coconut-chip-brittle',
  ]
  const lit: { batch: string; boil: string }[] = []
  for (const [i, formula] of formulas.entries())
    lit.push(await startBoil(app.url, formula, probes[i] ?? null, { grams: 320, rate: 60 }))
  await openBoil(page, app.url, lit[0]?.boil ?? '')
  await expect(page.getByRole('navigation', { name: 'Other pots' }).getByRole('button')).toHaveCount(3)
  const emptied = page.locator('[data-emptied=true]')
  await tend(page, async () => (await emptied.count()) === formulas.length)
  await endIt(page, 'It is done')
  for (const { batch, boil } of lit) {
    if (!page.url().endsWith(batch)) {
      await logAct(app.url, boil, { type: 'finished' })
      await page.goto(`${app.url}/logbook/${batch}`)
    }
    const pulled = page.getByRole('listitem').filter({ hasText: /pulled/i })
    await expect(pulled.first()).toBeVisible()
  }
})

test('by hand: temperatures are typed, the line says it is reckoned, and a boil can be given up with its reason', async ({
  page,
  app,
}) => {
  // so slow that the boil, some three minutes away, is still foreseen when it is looked for
  await startPractice(page, app.url, 'quince-lollipops', 500, 10, 'No probe, by hand')
  await page.keyboard.press(' ')
  await expect(page.getByText('reckoned, not measured')).toBeVisible()
  // the log alone foresees the boil, and the maker confirms it
  await expect(page.getByText(/to go, between/)).toBeVisible()
  await page.keyboard.press(' ')
  await page.keyboard.press('t')
  for (const digit of '118') await page.keyboard.press(digit)
  await page.keyboard.press('Enter')
  await expect(page.locator('svg').getByText('118° by eye')).toBeVisible()
  await expect
    .poll(async () => Number((await page.getByTestId('temperature').textContent())?.match(/\d+/)?.[0]))
    .toBeGreaterThan(115)
  await expect(page.getByText(/Pull: .* to go, between/)).toBeVisible()

  // read again, and better: the first is kept, the better one stands at its time
  await page.keyboard.press('l')
  await page.getByRole('listitem').filter({ hasText: '118° by eye' }).getByRole('button', { name: 'Change' }).click()
  for (const digit of '116') await page.keyboard.press(digit)
  await page.keyboard.press('Enter')
  await expect(page.locator('svg').getByText('116° by eye')).toBeVisible()
  await expect(page.locator('svg').getByText('118° by eye')).toHaveCount(0)
  await page.keyboard.press('u')
  await expect(page.locator('svg').getByText('118° by eye')).toBeVisible()

  // a minute ago; and taken back out of the log, both kept
  await page.keyboard.press('l')
  await page.getByRole('button', { name: '1 min earlier' }).first().click()
  await page.keyboard.press('l')
  await page.getByRole('listitem').filter({ hasText: '118° by eye' }).getByRole('button', { name: 'Take back' }).click()
  await expect(page.locator('svg').getByText('118° by eye')).toHaveCount(0)
  await endIt(page, 'It burnt')
  await expect(page.getByRole('listitem').filter({ hasText: /given up/i })).toBeVisible()
})

/** Does as soon as it is asked for whatever comes before the step that `tells`, which it leaves waiting. */
async function upTo(page: Page, tells: (text: string) => boolean): Promise<void> {
  const primary = page.getByTestId('primary')
  const shown = async () => (await primary.textContent()) ?? ''
  for (let at = await shown(); !tells(at); at = await shown()) {
    await page.keyboard.press(' ')
    await expect(primary).not.toHaveText(at)
  }
  await expect(primary).not.toHaveAttribute('data-mood', 'now')
}

/** Two touches: a test and what it showed. */
async function see(page: Page, kind: string, shown: string | RegExp): Promise<void> {
  await page.keyboard.press('d')
  await page.getByRole('radio', { name: kind, exact: true }).click()
  await page.getByRole('button', { name: shown }).first().click()
}

/** To the end of what is poured, quickly, and into the log. */
async function toTheLog(page: Page): Promise<void> {
  await page.getByRole('radio', { name: '60×' }).click()
  await tend(page, async () => (await page.locator('[data-emptied=true]').count()) === 1)
  await endIt(page, 'It is done')
}

test('by colour and signs, from the first flame to the log', async ({ page, app }) => {
  await startPractice(page, app.url, 'bergamot-pouring-caramel', 500, 10, 'No probe, by hand')
  const primary = page.getByTestId('primary')
  await upTo(page, (text) => text.includes('Cream is in'))
  await see(page, 'Colour', /^amber/)
  await expect(primary).toHaveAttribute('data-mood', 'now')
  await page.keyboard.press(' ')
  await expect(primary).toContainText('Pulled')
  await see(page, 'Signs', 'smells of caramel')
  await see(page, 'Signs', 'a clean streak on the pan')
  await see(page, 'Drop', /thread/i)
  await toTheLog(page)
  for (const logged of [/colour: /i, /smells of caramel/i, /clean streak/i, /pulled/i])
    await expect(page.getByRole('listitem').filter({ hasText: logged }).first()).toBeVisible()
})

test('two syrups: the second is lit so that both arrive together, on a probe of its own', async ({ page, app }) => {
  test.setTimeout(180_000)
  await startPractice(page, app.url, 'bay-leaf-honey-nougat', 900, 60, 'Quick probe')
  const honey = page.getByRole('button', { name: /Start Honey syrup, boil 2 of 2/ })
  await tend(page, async () => honey.isVisible())
  await expect(page.getByText('so that both arrive together')).toBeVisible()
  await honey.click()
  await expect(page.getByRole('navigation', { name: 'Other pots' })).toBeVisible()
  const emptied = page.locator('[data-emptied=true]')
  await tend(page, async () => (await emptied.count()) === 2)
  for (let i = 0; i < 2; i++) {
    await page.goto(`${app.url}/stove`)
    await page.getByRole('main').getByRole('link').first().click()
    await page.waitForURL(/\/stove\/[0-9A-Z]{26}$/)
    await endIt(page, 'It is done')
  }
})

test('a cook goes out as CSV and JSON, and takes readings from a file', async ({ page, app, request }) => {
  await startPractice(page, app.url, 'orchard-toffee', 600, 60, 'No probe, by hand')
  const id = page.url().split('/').pop()
  await page.keyboard.press(' ')
  await endIt(page, 'It is done')
  const file = page.getByLabel('Readings from a file')
  await file.setInputFiles({
    name: 'probe.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('Time,Temperature (°F)\n00:00:00,68\n00:05:00,212\n00:10:00,\n00:15:00,298\n'),
  })
  await expect(page.getByText('3 readings taken in, 1 rows skipped.')).toBeVisible()
  const csv = await (await request.get(`${app.url}/api/boils/${id}/export?as=csv`)).text()
  expect(csv.split('\n')[0]?.trim()).toBe('time,elapsed_s,celsius_raw,celsius,act')
  expect(csv).toMatch(/,300\.0,100,100,/)
  expect(csv).toMatch(/""type"":""step""/)
  const json = (await (await request.get(`${app.url}/api/boils/${id}/export`)).json()) as {
    log: { readings: number[][] }
  }
  expect(json.log.readings).toHaveLength(3)
  await file.setInputFiles({ name: 'x.csv', mimeType: 'text/csv', buffer: Buffer.from('a,b\n1,2\n') })
  await expect(page.getByText(/No column is a time/)).toBeVisible()
})

test('sound and the edge of the screen call; each is silenced for this cook and stays so', async ({ page, app }) => {
  await startPractice(page, app.url, 'ginger-honeycomb', 500, 1, 'Quick probe')
  await expect(page.getByTestId('edge')).toBeVisible()
  const sound = page.getByRole('button', { name: 'Sound' })
  await expect(sound).toHaveAttribute('aria-pressed', 'true')
  await page.keyboard.press('m')
  await expect(sound).toHaveAttribute('aria-pressed', 'false')
  await page.reload()
  await expect(page.getByRole('button', { name: 'Sound' })).toHaveAttribute('aria-pressed', 'false')
  await expect(page.getByTestId('edge')).toBeVisible()
  const edge = page.getByRole('button', { name: 'Edge of the screen' })
  await edge.click()
  await expect(page.getByTestId('edge')).toHaveCount(0)
  await edge.click()
  await expect(page.getByTestId('edge')).toBeVisible()
  await page.keyboard.press(' ')
  await expect(page.getByTestId('edge')).toHaveCount(0)
  await endIt(page, 'It is done')
})

test('a window whose timers sleep, as a hidden one’s do, is told in time all the same', async ({ page, app }) => {
  await page.addInitScript(() => {
    Object.assign(window, { setInterval: () => 0 })
  })
  await startPractice(page, app.url, 'ginger-honeycomb', 500, 60, 'No probe, by hand')
  await page.keyboard.press(' ')
  const primary = page.getByTestId('primary')
  await expect(primary).not.toHaveAttribute('data-mood', 'now')
  await expect(primary).toHaveAttribute('data-mood', 'now', { timeout: 60_000 })
  await endIt(page, 'It is done')
})

test('eight windows of one browser follow a cook over one line, and agree', async ({ page, app, context }) => {
  await startPractice(page, app.url, 'ginger-honeycomb', 500, 1, 'Quick probe')
  const windows = [page]
  for (let i = 1; i < 8; i++) {
    const window = await context.newPage()
    await window.goto(page.url())
    windows.push(window)
  }
  for (const window of windows) await alive(window)
  const last = windows.at(-1) as Page
  await last.keyboard.press(' ')
  for (const window of windows) await expect(window.getByTestId('primary')).toContainText('Lid is off')
  // one that goes takes nothing with it
  await last.close()
  await page.keyboard.press('ArrowUp')
  for (const window of windows.slice(0, -1)) await expect(window.getByRole('button', { name: /^Heat 9/ })).toBeVisible()
  for (const window of windows.slice(1, -1)) await window.close()
  await endIt(page, 'It is done')
})
