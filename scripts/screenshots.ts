/** One current picture of each main view, from the demo workshop. */
import { resolve } from 'node:path'
import { type Browser, chromium, type Page } from '@playwright/test'
import { startPractice, whenDue } from '../tests/stove'
import { startHub, startWorkshop } from './lib/app'
import { chromiumOptions } from './lib/chromium'
import { stopAll } from './lib/processes'

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
  await page.getByRole('button', { name: '10×' }).click()
  await page.keyboard.press('d')
  await page.keyboard.press('3')
  await page.getByText('Logged:').waitFor({ state: 'hidden' })
  await page.getByRole('button', { name: '1×', exact: true }).click()
  await page.locator('svg .fill-cherry').first().waitFor()
  await shoot(page, 'stove')
  await page.setViewportSize({ width: 1024, height: 768 })
  await page.getByRole('button', { name: 'Dim' }).click()
  await shoot(page, 'stove-dim-1024')
  await page.close()
}

async function main(): Promise<void> {
  const app = await startWorkshop('pictures', 'pictures')
  startHub(app, 'pictures')
  const browser = await chromium.launch(chromiumOptions)
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.goto(`${app}/formulas`)
  await shoot(page, 'formulas')
  await page.getByRole('link', { name: /tamarind caramels/ }).click()
  await page.getByText('119° pull').waitFor()
  await shoot(page, 'formula')
  await page.goto(`${app}/logbook`)
  await shoot(page, 'logbook')
  await page.locator('main li a').nth(2).click()
  await page.getByRole('heading', { name: 'Log', exact: true }).waitFor()
  await page.locator('svg .stroke-cherry').first().waitFor()
  await shoot(page, 'batch')
  await page.close()
  await stove(browser, app)
  await browser.close()
}

main()
  .catch((error: Error) => {
    console.error(error)
    process.exitCode = 1
  })
  .finally(stopAll)
