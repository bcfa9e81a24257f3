/** What a maker does at the screen, for journeys. */
import { expect, type Page } from '@playwright/test'

/** Opens a formula, sizes it, and lights the burner at a practice pace. Resolves on the stove. */
export async function startPractice(page: Page, url: string, formula: string, grams: number, pace = 60): Promise<void> {
  await page.goto(`${url}/formulas/${formula}`)
  await page.getByRole('button', { name: /^How much/ }).click()
  await page.getByRole('button', { name: 'Weight', exact: true }).click()
  await page.getByLabel('Finished weight').fill(String(grams))
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Cook this batch' }).click()
  await page.getByRole('button', { name: new RegExp(`Practice, ${pace}×`) }).click()
  await page.getByRole('button', { name: 'Light the burner' }).click()
  await page.waitForURL(/\/stove\/[0-9A-Z]{26}$/)
}

const primary = (page: Page) => page.getByTestId('primary')

/** Waits until the act is what the big button says and it is due, then does it with the space bar. */
export async function whenDue(page: Page, act: string): Promise<void> {
  await expect(primary(page)).toContainText(act, { timeout: 60_000 })
  await expect(primary(page)).toHaveAttribute('data-mood', 'now', { timeout: 60_000 })
  await page.keyboard.press(' ')
  await expect(primary(page)).not.toContainText(act)
}

/** The temperature on the screen, °C. */
export async function temperature(page: Page): Promise<number> {
  return Number((await page.getByTestId('temperature').textContent())?.match(/-?\d+/)?.[0])
}
