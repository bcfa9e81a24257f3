/** A kitchen with more than one screen: the owner's, a tablet that cooks, one that looks on, and one that is sent away. */
import type { Browser, Page } from '@playwright/test'
import { expect, test, workshopBeside } from './app'
import { findings } from './axe'

const CODE = '40718523'
const PASSPHRASE = 'four copper kettles'

async function screen(browser: Browser): Promise<Page> {
  return (await browser.newContext()).newPage()
}

const accessible = async (page: Page): Promise<void> => expect(await findings(page)).toEqual([])

/** The owner makes a code; a new screen comes in by it. */
async function pair(owner: Page, tablet: Page, url: string, name: string, role: string): Promise<void> {
  await owner.goto(`${url}/kitchen/screens`)
  // a page that has just been drawn does not listen yet
  await expect(owner.getByRole('button', { name: 'Make a code' })).toBeEnabled()
  await owner.getByLabel('It is called').fill(name)
  await owner.getByRole('radio', { name: role }).click()
  await owner.getByRole('button', { name: 'Make a code' }).click()
  const code = ((await owner.getByTestId('code').textContent()) ?? '').replace(/\D/g, '')
  // as the picture says it
  await tablet.goto(`${url}/sign-in?code=${code}`)
  await tablet.getByRole('button', { name: 'Come in' }).first().click()
  await expect(tablet).toHaveURL(/\/stove$/)
}

test('screens are paired, each does what it may, and one that is sent away is out', async ({ browser, app }) => {
  const { url, stop } = await workshopBeside(app, 'screens', 'book', { IMBRY_SIGN_IN: '1', IMBRY_SETUP_CODE: CODE })
  const [owner, cook, packing] = [await screen(browser), await screen(browser), await screen(browser)]

  await owner.goto(`${url}/formulas`)
  await expect(owner).toHaveURL(/\/sign-in$/)
  await accessible(owner)
  await owner.getByLabel(/Code in the terminal/).fill('00000000')
  await owner.getByLabel('A passphrase for the owner').fill(PASSPHRASE)
  await owner.getByRole('button', { name: 'Open the kitchen' }).click()
  await expect(owner.getByText(/not the code in the terminal/)).toBeVisible()
  await owner.getByLabel(/Code in the terminal/).fill(CODE)
  await owner.getByRole('button', { name: 'Open the kitchen' }).click()
  await expect(owner).toHaveURL(/\/stove$/)

  await pair(owner, cook, url, 'second cook', 'Cooks')
  await pair(owner, packing, url, 'packing', 'Looks on')
  await owner.reload()
  for (const name of ['second cook', 'packing']) await expect(owner.getByText(name, { exact: true })).toBeVisible()
  await accessible(owner)

  // a right that is missing is not offered, and is refused all the same
  await packing.goto(`${url}/formulas/smoked-salt-tamarind-caramels`)
  await expect(packing.getByRole('heading', { level: 1 })).toBeVisible()
  await expect(packing.getByRole('button', { name: 'Cook this batch' })).toHaveCount(0)
  expect((await packing.goto(`${url}/formulas/new`))?.status()).toBe(403)

  await cook.goto(`${url}/formulas/smoked-salt-tamarind-caramels`)
  await expect(cook.getByRole('link', { name: 'Edit' })).toHaveCount(0)
  await expect(async () => {
    // a slow try may have opened the dialog already
    const byHand = cook.getByRole('button', { name: 'No probe, by hand' })
    if (!(await byHand.isVisible()))
      await cook.getByRole('button', { name: 'Cook this batch' }).click({ timeout: 1000 })
    await byHand.click({ timeout: 1000 })
  }).toPass()
  await cook.getByRole('button', { name: 'Light the burner' }).click()
  await expect(cook).toHaveURL(/\/stove\/\w{26}/)
  await cook.getByTestId('primary').click()
  await cook.keyboard.press('l')
  await expect(cook.getByText('second cook')).toBeVisible()

  // whoever looks on follows the same cook, without its buttons
  await packing.goto(cook.url())
  await expect(packing.getByText('This screen looks on')).toBeVisible()

  await owner
    .getByRole('listitem')
    .filter({ hasText: 'second cook' })
    .getByRole('button', { name: 'Send away' })
    .click()
  await owner.getByRole('alertdialog').getByRole('button', { name: 'Send it away' }).click()
  await expect(owner.getByText('second cook', { exact: true })).toHaveCount(0)
  await cook.goto(`${url}/stove`)
  await expect(cook).toHaveURL(/\/sign-in$/)
  await accessible(cook)
  await stop()
})
