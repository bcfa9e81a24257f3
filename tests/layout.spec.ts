/** Every word of the stove can be read: in every state of a cook, on a laptop, a tablet and a phone. */
import type { Page } from '@playwright/test'
import { logAct, startBoil } from '../scripts/lib/cook'
import { expect, test } from './app'
import { cutInBoxes, layoutFaults, standsOut } from './layout'
import { openBoil } from './stove'

const SIZES = [
  { width: 1280, height: 800 },
  { width: 1024, height: 768 },
  { width: 390, height: 844 },
] as const

const PANELS = ['d', 'h', 'n', 'l', 't'] as const

async function expectReadable(page: Page, state: string): Promise<void> {
  for (const size of SIZES) {
    await page.setViewportSize(size)
    // the curve is drawn anew for the size
    await page.evaluate(() => new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn))))
    expect(await layoutFaults(page), `${state}, ${size.width} × ${size.height}`).toEqual([])
  }
}

for (const [formula, channel] of [
  ['black-cardamom-dry-caramels', null],
  ['rhubarb-nettle-elderflower-drops', 'second-probe'],
  ['blackcurrant-marshmallow', null],
] as const)
  test(`nothing is cut off or lies on anything else beside a second pot: ${formula}, ${channel ?? 'by hand'}`, async ({
    page,
    app,
  }) => {
    const beside = await startBoil(app.url, 'smoked-salt-tamarind-caramels', 'third-probe')
    const { boil } = await startBoil(app.url, formula, channel)
    await openBoil(page, app.url, boil)
    await expectReadable(page, 'just lit')
    for (const panel of PANELS) {
      await page.keyboard.press(panel)
      await expectReadable(page, `panel ${panel}`)
      await page.keyboard.press('Escape')
    }
    const primary = page.getByTestId('primary')
    for (
      let when = await primary.getAttribute('data-when');
      when !== 'end';
      when = await primary.getAttribute('data-when')
    ) {
      if (when === 'target' && channel === null) {
        for (const celsius of [100, 120, 200]) {
          await logAct(app.url, boil, { type: 'reads', celsius })
          await logAct(app.url, boil, { type: 'test', test: 'drop', result: 'hard-ball' })
        }
        await expect(page.getByRole('button', { name: /^Went too far/ })).toBeVisible()
        await expectReadable(page, 'too far')
      }
      const before = await primary.textContent()
      await page.keyboard.press(' ')
      await expect(primary).not.toHaveText(before ?? '')
      await expectReadable(page, `after "${before}"`)
    }
    for (const id of [boil, beside.boil]) await logAct(app.url, id, { type: 'abandoned', reason: 'only looked at' })
  })

test('no page scrolls across, and no box hides what is written in it, on a laptop, a tablet and a phone', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/logbook`)
  const story = await page.locator('main a[href^="/logbook/0"]').first().getAttribute('href')
  const own = '/formulas/smoked-salt-tamarind-caramels'
  const ofFormulas = [
    '/formulas',
    own,
    `${own}/edit`,
    '/formulas/rye-shortcake-bars/edit',
    `${own}/balance`,
    `${own}/revisions`,
    '/formulas/new',
  ]
  for (const path of [...ofFormulas, '/day', '/logbook', story, '/logbook/recall', '/kitchen', '/stove']) {
    await page.goto(`${app.url}${path}`)
    await expect(page.locator('main')).toBeVisible()
    for (const size of SIZES) {
      await page.setViewportSize(size)
      // what is drawn to scale is drawn anew for the size
      await expect.poll(() => standsOut(page), `${path}, ${size.width} × ${size.height}`).toEqual([])
      await expect.poll(() => cutInBoxes(page), `${path}, ${size.width} × ${size.height}`).toEqual([])
    }
  }
})
