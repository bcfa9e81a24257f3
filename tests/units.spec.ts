/** The units a maker has chosen. */
import { expect, test } from './app'
import { startPractice, whenDue } from './stove'

test('temperatures follow the unit chosen, everywhere, and stay so', async ({ page, app }) => {
  await page.goto(`${app.url}/formulas/orchard-toffee`)
  await expect(page.getByText('148° pull')).toBeVisible()
  await page.getByRole('button', { name: /^Units/ }).click()
  await page.getByRole('button', { name: '°F' }).click()
  await expect(page.getByText('298° pull')).toBeVisible()
  await page.goto(`${app.url}/formulas`)
  await expect(page.getByText('298°').first()).toBeVisible()
})

test.describe('half the world away', () => {
  test.use({ timezoneId: 'Pacific/Auckland', locale: 'en-NZ' })

  test('a maker in °F and ounces types °F, pulls at °F, and finds it in the log at the time of the kitchen', async ({
    page,
    context,
    app,
  }) => {
    await context.addCookies([{ name: 'units', value: 'F-oz-in', url: app.url }])
    await page.goto(`${app.url}/formulas`)
    await expect(page.getByText(/\d\d\d°/).first()).toBeVisible()
    await startPractice(page, app.url, 'quince-lollipops', 1, 10, 'No probe, by hand')
    await whenDue(page, 'Heat is on')
    await page.keyboard.press('t')
    for (const digit of '262') await page.keyboard.press(digit)
    await page.keyboard.press('Enter')
    await expect(page.locator('svg').getByText('262° by eye')).toBeVisible()
    await expect(page.getByTestId('temperature')).toContainText('°F')
    await page.keyboard.press('n')
    await page.getByRole('button', { name: 'End this boil here' }).click()
    await page.getByRole('button', { name: 'It is done' }).click()
    await page.waitForURL(/\/logbook\//)
    await expect(page.getByRole('listitem').filter({ hasText: '262°' }).first()).toBeVisible()
    // the first page of a browser is drawn before its zone is known, the next one in it
    await page.reload()
    const there = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', timeZone: 'Pacific/Auckland' })
    await expect(page.locator('main')).toContainText(there.format(new Date()))
    await page.goto(`${app.url}/logbook`)
    await expect(page.getByRole('heading', { name: 'Logbook' })).toBeVisible()
  })
})
