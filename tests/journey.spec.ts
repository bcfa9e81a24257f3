import { expect, test } from './app'
import { alive, slowDown, startPractice, temperature, whenDue } from './stove'

test('from the book to the logbook: size, cook, be told, log, pull, find it again', async ({ page, app }) => {
  await page.goto(app.url)
  await expect(page.getByRole('heading', { name: 'The stove is cold' })).toBeVisible()
  await page.getByRole('link', { name: /hard drops/ }).click()

  // it opens as it is written; sizing recomputes the weigh list at once, in every way of asking, and is remembered
  const sugar = page.getByRole('row', { name: /Granulated sugar/ })
  await expect(sugar).toContainText('450 g')
  await page.getByRole('button', { name: /^How much/ }).click()
  await page.getByRole('radio', { name: 'Pieces' }).click()
  await page.getByLabel('Good pieces').fill('288')
  await page.keyboard.press('Enter')
  await expect(sugar).toContainText('280 g')
  await page.getByRole('radio', { name: 'What I have' }).click()
  await page.getByLabel(/I have this much granulated sugar/).fill('300')
  await page.keyboard.press('Enter')
  await expect(sugar).toContainText('100 g')
  await page.reload()
  await expect(sugar).toContainText('100 g')
  await expect(page.getByText(/for each of 3 boils/)).toBeVisible()
  await page.keyboard.press('Escape')

  await startPractice(page, app.url, 'rhubarb-nettle-elderflower-drops', 1200)
  await expect(page.getByText('Sugar and water on, lid on')).toBeVisible()
  await whenDue(page, 'Heat is on')
  await whenDue(page, 'Glucose is in')
  // at sixty times the pace a busy machine would not see what stands there for a minute of the pot's
  await page.getByRole('radio', { name: '10×' }).click()
  await whenDue(page, 'Sides brushed')

  // the forecast speaks with a range, the next things are asked for in time
  await expect(page.getByText(/Pull: .* to go, between/)).toBeVisible()
  await expect(page.getByText('Moulds and flavour within reach.')).toBeVisible({ timeout: 60_000 })
  // a drop that agrees with the thermometer: one that does not would move the pull
  await expect.poll(() => temperature(page), { timeout: 60_000 }).toBeGreaterThan(122)
  await page.keyboard.press('d')
  await page.keyboard.press('4')
  await expect(page.locator('svg').getByText('drop: hard ball')).toBeVisible()
  await page.keyboard.press('ArrowDown')
  await expect(page.getByRole('button', { name: /^Heat 7/ })).toBeVisible()
  // the pull is made in earnest
  await slowDown(page)
  await whenDue(page, 'Pulled')
  await page.getByRole('radio', { name: '10×' }).click()
  await whenDue(page, 'Stirred in')
  await whenDue(page, 'Moulds filled')
  await expect(page.getByRole('button', { name: /Start Nettle, boil 2 of 3/ })).toBeVisible()
  // what lies in the moulds is followed to the moment it lets go of them, and asked about when it is touched before
  await expect(page.getByTestId('primary')).toContainText('Unmoulded')
  await page.keyboard.press(' ')
  await expect(page.getByRole('alert', { name: 'Was that meant?' })).toBeVisible()
  await page.keyboard.press('u')
  await page.getByRole('button', { name: 'On to its moment' }).click()
  await whenDue(page, 'Unmoulded')
  await whenDue(page, 'Wrapped')
  await page.getByRole('button', { name: /Close this boil/ }).click()

  await page.waitForURL(/\/logbook\//)
  await expect(page.getByRole('heading', { name: /hard drops/ })).toBeVisible()
  await expect(page.getByText('on target')).toBeVisible()
  for (const entry of [
    'Heat is on',
    'Glucose is in',
    'Sides brushed',
    'Drop: hard ball',
    'Heat 7',
    'Pulled',
    'Unmoulded',
  ])
    await expect(page.getByRole('listitem').filter({ hasText: new RegExp(`${entry}$`, 'i') })).toBeVisible()
  await page.getByLabel('Note').fill('Clear and dry.')
  await page.getByRole('button', { name: 'good', exact: true }).click()
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByRole('button', { name: 'Saved' })).toBeVisible()
  // practice is a list of its own
  await page.goto(`${app.url}/logbook`)
  await expect(page.getByRole('heading', { name: 'Logbook' })).toBeVisible()
  await expect(page.getByRole('listitem').filter({ hasText: 'Clear and dry.' })).toHaveCount(0)
  await page.getByRole('link', { name: 'Practice cooks' }).click()
  await expect(page.getByRole('listitem').filter({ hasText: 'Clear and dry.' })).toHaveCount(1)
})

test('a reload and a dead server in the middle lose nothing, and two windows agree', async ({ page, app, context }) => {
  test.setTimeout(240_000)
  await startPractice(page, app.url, 'coconut-chip-brittle', 900)
  await whenDue(page, 'Heat is on')
  await expect.poll(() => temperature(page)).toBeGreaterThan(40)

  const second = await context.newPage()
  await second.goto(page.url())
  await expect.poll(() => temperature(second)).toBeGreaterThan(40)
  await page.reload()
  await alive(page)
  await expect(page.getByTestId('primary')).toContainText('Lid is off')
  // at sixty times the pace the pot would be burnt, and the probe out of its range, before the server is back; under its lid it waits
  const slowed = page.waitForResponse((r) => r.url().endsWith('/acts') && r.ok())
  await page.getByRole('radio', { name: '10×' }).click()
  await slowed
  await whenDue(page, 'Lid is off')
  await expect(second.getByTestId('primary')).toContainText('Coconut is in')

  await app.kill()
  await expect(page.getByText(/^offline/)).toBeVisible()
  // what is done while the server is away is kept here, through a reload of nothing but the server
  await page.keyboard.press('n')
  await page.getByRole('button', { name: 'Sides brushed' }).click()
  await expect(page.getByText('offline, 1 kept here')).toBeVisible()
  await app.start()
  await alive(page)
  // the mark stands on the curve, so it waits for the hub to have sent what it kept
  await expect(second.getByText('Sides brushed').first()).toBeAttached({ timeout: 60_000 })

  // the hub catches up with what it kept: no hole of more than a few seconds in the readings
  await whenDue(page, 'Coconut is in')
  const boil = page.url().split('/').pop()
  const everything = () => firstFrame(`${app.url}/api/boils/stream?after=${boil}.0.0`)
  const timesIn = (frame: StreamFrame) => frame.readings.map(([ms]) => ms).sort((a, b) => a - b)
  await expect
    .poll(async () => {
      const times = timesIn(await everything())
      return Math.max(...times.slice(1).map((t, i) => t - (times[i] as number)))
    })
    .toBeLessThan(6000)
  const frame = await everything()
  const times = timesIn(frame)
  expect(new Set(times).size).toBe(times.length)
  expect(frame.acts.filter((a) => a.act.type === 'did')).toHaveLength(1)
  await second.close()

  await page.keyboard.press('n')
  await page.getByRole('button', { name: 'End this boil here' }).click()
  await page.getByRole('button', { name: 'It is done' }).click()
  await page.waitForURL(/\/logbook\//)
})

test('a slip is taken back, and the pot with it', async ({ page, app }) => {
  await startPractice(page, app.url, 'rhubarb-nettle-elderflower-drops', 900, 10)
  // a press that slid off its button is no press, and leaves Space to the pot
  await page.getByRole('radio', { name: '60×' }).hover()
  await page.mouse.down()
  await page.getByTestId('temperature').hover()
  await page.mouse.up()
  // a minute and a quarter before it boils: at ten times the pace that would be a busy machine's blink
  await page.getByRole('radio', { name: '1×', exact: true }).click()
  await whenDue(page, 'Heat is on')
  await expect(page.getByTestId('primary')).toContainText('Glucose is in')
  await page.keyboard.press(' ')
  await expect(page.getByTestId('primary')).toContainText('Sides brushed')
  // far from its moment it is taken, and asked about at once
  await page
    .getByRole('alert', { name: 'Was that meant?' })
    .getByRole('button', { name: /^Take it back/ })
    .click()
  await expect(page.getByTestId('primary')).toContainText('Glucose is in')
  await page.reload()
  await alive(page)
  await expect(page.getByTestId('primary')).toContainText('Glucose is in')
  await page.keyboard.press('n')
  await page.getByRole('button', { name: 'End this boil here' }).click()
  await page.getByRole('button', { name: 'It is done' }).click()
  await page.waitForURL(/\/logbook\//)
})

interface StreamFrame {
  readings: [number, number][]
  acts: { act: { type: string } }[]
}

/** Everything a stream has to say at first. */
async function firstFrame(url: string): Promise<StreamFrame> {
  const response = await fetch(url)
  const decoder = new TextDecoder()
  let text = ''
  const reader = (response.body as ReadableStream<Uint8Array>).getReader()
  for (let part = await reader.read(); !part.done; part = await reader.read()) {
    text += decoder.decode(part.value, { stream: true })
    const found = /^data: (.*)\n\n/m.exec(text)
    if (found) {
      await reader.cancel()
      const [frame] = JSON.parse(found[1] as string) as [StreamFrame]
      return frame
    }
  }
  throw new Error('the stream ended without a frame')
}
