/** The stove on the screens it is used on. */
import { expect, test } from './app'
import { findings } from './axe'
import { startPractice, whenDue } from './stove'

test('the stove fits the screens it is used on, and passes axe in every panel', async ({ page, app }) => {
  await startPractice(page, app.url, 'smoked-salt-tamarind-caramels', 1500)
  await whenDue(page, 'Heat is on')
  await expect(page.getByTestId('temperature')).toContainText(/\d/)
  for (const size of [
    { width: 1280, height: 800 },
    { width: 1024, height: 768 },
  ]) {
    await page.setViewportSize(size)
    const beyond = await page.evaluate(() => ({
      down: document.documentElement.scrollHeight - innerHeight,
      across: document.documentElement.scrollWidth - innerWidth,
    }))
    expect(beyond).toEqual({ down: 0, across: 0 })
    const small = await page.locator('main button').evaluateAll((buttons) =>
      buttons
        // the practice clock is no part of a cook
        .filter((b) => !/×$/.test(b.textContent ?? ''))
        .map((b) => ({ label: b.textContent, height: Math.round(b.getBoundingClientRect().height) }))
        .filter(({ height }) => height > 0 && height < 64),
    )
    expect(small).toEqual([])
  }
  for (const key of ['Escape', 'd', 'h', 'n']) {
    await page.keyboard.press(key)
    expect(await findings(page), key).toEqual([])
    await page.keyboard.press('Escape')
  }
  await page.setViewportSize({ width: 390, height: 844 })
  await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBe(0)
  await page.getByRole('button', { name: /^Note/ }).click()
  await page.getByRole('button', { name: 'End this boil here' }).click()
  await page.getByRole('button', { name: 'It is done' }).click()
  await page.waitForURL(/\/logbook\//)
})
