/** Every word of the stove can be read: in every state of a cook, on a laptop, a tablet and a phone. */
import type { Page } from '@playwright/test'
import { logAct, startBoil } from '../scripts/lib/cook'
import { expect, test } from './app'
import { layoutFaults, SIZES } from './layout'
import { openBoil } from './stove'

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
