/** What a maker does at the screen, for journeys. */
import { expect, type Page } from '@playwright/test'
import { logAct, startBoil } from '../scripts/lib/cook'
import type { CookAct } from '../src/core'
import { madeIn } from '../src/core/formula/document'
import { demoFormulas } from '../src/demo/formulas'

/** Opens a formula, sizes it, and lights the burner at a practice pace. Resolves on the stove. */
export async function startPractice(
  page: Page,
  url: string,
  formula: string,
  grams: number,
  pace = 60,
  probe?: string | RegExp,
): Promise<void> {
  await page.goto(`${url}/formulas/${formula}`)
  await page.getByRole('button', { name: /^How much/ }).click()
  await page.getByRole('radio', { name: 'Weight' }).click()
  await page.getByLabel('Finished weight').fill(String(grams))
  await page.keyboard.press('Enter')
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Cook this batch' }).click()
  if (probe) await page.getByRole('button', { name: probe }).click()
  await page.getByRole('button', { name: pace === 1 ? /^For real/ : new RegExp(`Practice, ${pace}×`) }).click()
  await page.getByRole('button', { name: 'Light the burner' }).click()
  await page.waitForURL(/\/stove\/[0-9A-Z]{26}$/)
}

/** Waits until the stove on a page takes what is pressed: before it is alive a key goes nowhere. */
export const alive = (page: Page): Promise<void> => expect(page.getByText('live', { exact: true })).toBeVisible()

/** Opens a boil at the stove, alive. */
export async function openBoil(page: Page, url: string, boil: string): Promise<void> {
  await page.goto(`${url}/stove/${boil}`)
  await alive(page)
}

const primary = (page: Page) => page.getByTestId('primary')

/**
 * Waits until the act is what the big button says and it is due, then does it with the space bar. Watched in the page many times a second,
 * for at 60× a second late would be a minute; at every frame it would keep the browser drawing.
 */
export async function whenDue(page: Page, act: string): Promise<void> {
  await page.waitForFunction(
    (wanted) => {
      const button = document.querySelector<HTMLElement>('[data-testid=primary]')
      return button?.dataset.mood === 'now' && button.textContent?.includes(wanted)
    },
    act,
    { polling: 25, timeout: 90_000 },
  )
  await page.keyboard.press(' ')
  await expect(primary(page)).not.toContainText(act)
}

/** Takes a fast practice back to the pace of a kitchen once what is next is near. Watched and done in the page: at 10× a busy machine's second is ten of the pot's. */
export async function slowDown(page: Page): Promise<void> {
  await page.waitForFunction(
    () => {
      const mood = document.querySelector<HTMLElement>('[data-testid=primary]')?.dataset.mood
      if (mood !== 'soon' && mood !== 'now') return false
      const paces = [...document.querySelectorAll<HTMLElement>('[role=radio]')]
      paces.find((pace) => pace.textContent === '1×')?.click()
      return true
    },
    undefined,
    { polling: 25, timeout: 90_000 },
  )
  await expect(page.getByRole('radio', { name: '1×', exact: true })).toBeChecked()
}

/** The temperature on the screen, °C. */
export async function temperature(page: Page): Promise<number> {
  return Number((await page.getByTestId('temperature').textContent())?.match(/-?\d+/)?.[0])
}

/** A practice boil by hand of what is made first of a formula, every step logged in its turn up to and with `upTo`, and its clock set so many s after. */
export async function cooked(app: string, id: string, upTo: string, after = 20): Promise<string> {
  const whole = demoFormulas[id]
  const formula = whole && madeIn(whole)[0]?.formula
  if (!formula) throw new Error(`Nothing is made of ${id}`)
  const { boil } = await startBoil(app, id, null, { grams: 1200, rate: 60 })
  const start = Date.now()
  let at = 0
  const log = (act: CookAct) => logAct(app, boil, act, new Date(start + at * 1000))
  for (const step of formula.steps) {
    at += step.when.on === 'target' ? 1500 : 30
    await log(
      step.when.on === 'target'
        ? { type: 'pulled', step: step.id, celsius: formula.target?.celsius ?? null }
        : { type: 'step', step: step.id },
    )
    if (step.id === upTo) break
  }
  at += after
  await log({ type: 'clock', rate: 1, wall: new Date().toISOString() })
  return boil
}
