/** After the pour, at the screen: a slab scored in its window and cut, a marshmallow whipped, set, cut and dusted. */
import type { Page } from '@playwright/test'
import { logAct } from '../scripts/lib/cook'
import { expect, test } from './app'
import { cooked, openBoil, whenDue } from './stove'

test.use({ viewport: { width: 1280, height: 800 } })

/** On to the moment the panel waits for, and then what it asks. */
async function inItsTime(page: Page, act: string): Promise<void> {
  await page.getByRole('button', { name: 'On to its moment' }).click()
  await whenDue(page, act)
}

test('a caramel slab: left alone, moved, scored in its window, cut, counted, wrapped', async ({ page, app }) => {
  const boil = await cooked(app.url, 'smoked-salt-tamarind-caramels', 'pour')
  await openBoil(page, app.url, boil)
  const panel = page.getByRole('region', { name: 'Do now' })
  await expect(panel).toContainText('Leave the slab alone')
  await expect(panel).toContainText(/Score in \d+ min/)
  // scored now it would close: it is asked about, and taken back
  await page.keyboard.press(' ')
  await expect(page.getByRole('alert', { name: 'Was that meant?' })).toBeVisible()
  await page.keyboard.press('u')
  // each place says what it would change, before it is moved there
  await page.keyboard.press('f')
  await expect(page.getByRole('button', { name: /marble slab.*score in \d+ min/ })).toBeVisible()
  await page.getByRole('button', { name: /marble slab/ }).click()
  await expect(page.getByRole('heading', { name: /on the marble slab/ })).toBeVisible()
  await page.keyboard.press('t')
  await page.getByRole('button', { name: 'How deep it lies' }).click()
  await page.getByRole('button', { name: 'Deep, in the middle: less' }).click()
  await page.getByRole('button', { name: 'Log', exact: true }).click()
  await expect(page.getByText('15 mm deep, measured')).toBeVisible()
  await inItsTime(page, 'Scored')
  // a reload, as on another tablet, finds it as it is
  await page.reload()
  await inItsTime(page, 'Cut')
  await page.keyboard.press('c')
  await page.getByRole('button', { name: 'Imperfect: broken, crooked: more' }).click()
  await page.getByRole('button', { name: 'Log', exact: true }).click()
  await whenDue(page, 'Wrapped')
  await page.getByRole('button', { name: /Close this boil/ }).click()
  await page.waitForURL(/\/logbook\//)
  await expect(page.getByText(/^Scored in its window/)).toBeVisible()
  await expect(page.getByText(/^Cut in its window/)).toBeVisible()
  await expect(page.getByText(/good, 1 imperfect/).first()).toBeVisible()
})

test('a marshmallow: whipped until just warm, spread, set, cut and dusted', async ({ page, app }) => {
  const boil = await cooked(app.url, 'blackcurrant-marshmallow', 'finish')
  await openBoil(page, app.url, boil)
  const panel = page.getByRole('region', { name: 'Do now' })
  await expect(panel).toContainText(/Stop whipping in \d+ min/)
  await expect(page.getByText('by the clock')).toBeVisible()
  await page.keyboard.press('t')
  await page.getByRole('radio', { name: 'By hand' }).click()
  await page.getByRole('button', { name: 'How high it stands' }).click()
  await page.getByRole('button', { name: 'As high as at first: more' }).click()
  await page.getByRole('button', { name: 'Log', exact: true }).click()
  await expect(page.getByText('by its height')).toBeVisible()
  await inItsTime(page, 'Whipped')
  await whenDue(page, 'In the tray')
  await expect(page.getByRole('heading', { name: /on the wire rack/ })).toBeVisible()
  await inItsTime(page, 'Cut')
  await page.keyboard.press('k')
  await expect(page.getByText('polypropylene')).toBeVisible()
  await page.keyboard.press('Escape')
  await whenDue(page, 'Dusted')
  await whenDue(page, 'Bagged')
  await page.getByRole('button', { name: /Close this boil/ }).click()
  await page.waitForURL(/\/logbook\//)
  await expect(page.getByText(/^Whipping stopped in its window/)).toBeVisible()
})

test('a base baked, got cold in its tin, and the caramel for it begun', async ({ page, app }) => {
  const boil = await cooked(app.url, 'rye-shortcake-bars', 'rub')
  await openBoil(page, app.url, boil)
  const panel = page.getByRole('region', { name: 'Do now' })
  await expect(panel).toContainText(/Out of the oven in \d+ min/)
  await expect(page.getByText('baked through, reckoned')).toBeVisible()
  // nothing is asked of a pot there is none of
  await expect(page.getByRole('button', { name: /^Heat/ })).toHaveCount(0)
  await inItsTime(page, 'Baked')
  await expect(panel).toContainText(/Cold in 1 h/)
  await expect(page.getByText('too warm to cover')).toBeVisible()
  await inItsTime(page, 'It is cold')
  // nothing is judged before all of it is made
  await expect(panel).toContainText('Done. On to Caramel, 2 of 4')
  await page.getByRole('button', { name: /^Start Caramel, 2 of 4/ }).click()
  await expect(page.getByRole('heading', { name: /Caramel, 2 of 4/ })).toBeVisible()
  // the next test finds a cold stove
  const caramel = page.url().split('/').at(-1) as string
  for (const on of [boil, caramel]) await logAct(app.url, on, { type: 'finished' })
})

test('sugar pulled, and snipped while its rope bends', async ({ page, app }) => {
  const boil = await cooked(app.url, 'water-mint-pillows', 'pour', 5)
  await openBoil(page, app.url, boil)
  await inItsTime(page, 'It shines like satin')
  await expect(page.getByRole('heading', { name: /in a rope/ })).toBeVisible()
  await expect(page.getByText(/time for (all )?\d+.* at 2 s each/)).toBeVisible()
  await whenDue(page, 'All snipped')
  await whenDue(page, 'Bagged')
  await page.getByRole('button', { name: /Close this boil/ }).click()
  await page.waitForURL(/\/logbook\//)
  await expect(page.getByText(/^Pulled in its window/)).toBeVisible()
})

test('what was done too early or too late is said, at the stove and in the story', async ({ page, app }) => {
  const boil = await cooked(app.url, 'orchard-toffee', 'pour')
  await openBoil(page, app.url, boil)
  await inItsTime(page, 'Scored')
  // broken while it still bends
  await page.keyboard.press(' ')
  await page.getByRole('button', { name: 'It is so' }).click()
  await expect(page.getByRole('region', { name: 'Do now' })).toContainText(
    /Broken too early.*it bends before it breaks/,
  )
  await page.keyboard.press('n')
  await page.getByRole('button', { name: 'End this boil here' }).click()
  await page.getByRole('button', { name: 'It is done' }).click()
  await page.waitForURL(/\/logbook\//)
  await expect(page.getByText(/^Broken too early/)).toBeVisible()
})

test('a temper run: melted, seeded by what is read, worked while it holds', async ({ page, app }) => {
  const boil = await cooked(app.url, 'harbour-dark-dipping-chocolate', 'seed')
  await openBoil(page, app.url, boil)
  const panel = page.getByRole('region', { name: 'Do now' })
  const reads = async (celsius: string): Promise<void> => {
    await page.keyboard.press('t')
    await page.getByRole('radio', { name: 'By hand' }).click()
    await page.getByRole('button', { name: 'A thermometer in its middle' }).click()
    await page.keyboard.type(celsius)
    await page.keyboard.press('Enter')
  }
  await reads('36')
  await expect(panel).toContainText(/Temper in/)
  await expect(page.getByText('in temper', { exact: true })).toBeVisible()
  await reads('28')
  await expect(panel).toContainText(/Too late to temper.*Warm it to 32/)
  await reads('32')
  await whenDue(page, 'Smear is made')
  await page.keyboard.press('t')
  await page.getByRole('radio', { name: 'It looks' }).click()
  await page.getByRole('button', { name: 'a smear sets glossy' }).click()
  await whenDue(page, 'It shines')
  await whenDue(page, 'All coated')
  await page.getByRole('button', { name: /Close this boil/ }).click()
  await page.waitForURL(/\/logbook\//)
  await expect(page.getByText(/^Tempered in its window/)).toBeVisible()
})

test('three moulds over three boils: each waits for its own, and says when', async ({ page, app }) => {
  const boils = []
  for (const last of ['pour', 'flavour']) boils.push(await cooked(app.url, 'rhubarb-nettle-elderflower-drops', last))
  await page.goto(`${app.url}/stove`)
  // what wants a person first stands first: moulds to fill before moulds that rest
  const cards = page.getByRole('listitem').filter({ hasText: 'hard drops' })
  await expect(cards.first()).toContainText('Fill the moulds now')
  await expect(cards.last()).toContainText(/in its moulds, on the wire rack, \d+° reckoned/)
  await expect(cards.last()).toContainText(/Turn them out/)
  for (const boil of boils) await logAct(app.url, boil, { type: 'abandoned', reason: 'only looked at' })
})
