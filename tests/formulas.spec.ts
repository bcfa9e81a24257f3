import { readFile, writeFile } from 'node:fs/promises'
import { startScale } from '../scripts/lib/app'
import { stop } from '../scripts/lib/processes'
import { expect, test } from './app'

const CARAMELS = '/formulas/smoked-salt-tamarind-caramels'

test('a formula is edited line by line, corrected, branched, saved, compared and restored', async ({ page, app }) => {
  await page.goto(`${app.url}/formulas/quick-tahini-fudge/edit`)
  const add = page.getByLabel('Add to Off the heat')

  // understood as it is typed, with the words kept
  await add.fill('1⅔ cups light brown sugar, packed')
  await expect(page.getByText(/355 g light brown sugar · packed/)).toBeVisible()
  const water = await page.getByText(/% water/).textContent()
  await add.press('Enter')
  await expect(page.getByText('“1⅔ cups light brown sugar, packed”')).toBeVisible()
  await expect(page.getByText(/% water/)).not.toHaveText(water ?? '')

  // unsure: asked, and saving waits
  await add.fill('a handful of chocolate')
  await add.press('Enter')
  await expect(page.getByText(/One line waits for an answer/)).toBeVisible()
  await expect(page.getByRole('button', { name: 'Save revision 2' })).toBeDisabled()
  await page.getByRole('button', { name: 'Milk chocolate' }).click()
  await page.getByLabel('How much', { exact: true }).fill('80')
  await page.getByRole('button', { name: 'Take it at 80 g' }).click()
  await expect(page.getByRole('textbox', { name: 'How much Milk chocolate' })).toHaveValue('80')

  // undo and redo by key
  await page.keyboard.press('Control+z')
  await expect(page.getByText(/One line waits/)).toBeVisible()
  await page.keyboard.press('Control+Shift+z')
  await expect(page.getByRole('textbox', { name: 'How much Milk chocolate' })).toHaveValue('80')

  // moved by keys: a line up, a step down
  await page.getByRole('textbox', { name: 'How much Milk chocolate' }).press('Alt+ArrowUp')
  const names = page.getByRole('textbox', { name: /^How much / })
  await expect(names.nth(5)).toHaveAccessibleName('How much Milk chocolate')
  await page.getByRole('button', { name: /^Move step 4/ }).press('Alt+ArrowDown')
  await page.keyboard.press('Control+z')

  // another school changes the method, and says so
  await page.getByRole('combobox', { name: /^School/ }).click()
  await page.getByRole('option', { name: 'cool undisturbed, then beat' }).click()
  await expect(page.getByText('It cools undisturbed to 46°, then is beaten')).toBeVisible()
  await expect(page.getByText('Beat until it turns matt and thickens')).toBeVisible()
  await page.getByRole('button', { name: 'Save revision 2' }).click()
  await page.waitForURL(/quick-tahini-fudge$/)
  await page.getByRole('link', { name: 'revision 2' }).click()
  await expect(page.getByRole('row', { name: /Milk chocolate/ })).toContainText('80 g')
  await expect(page.getByRole('row', { name: /Beat/ })).toBeVisible()
  await page.getByRole('button', { name: 'Restore it' }).click()
  await expect(page.getByText('Revision 3', { exact: true }).first()).toBeVisible()
  await page.goto(`${app.url}/formulas/quick-tahini-fudge`)
  await expect(page.getByRole('link', { name: 'revision 3' })).toBeVisible()
  await expect(page.getByRole('rowheader', { name: /Milk chocolate/ })).toHaveCount(0)
})

test('lines are dragged by pointer and by keys', async ({ page, app }) => {
  await page.setViewportSize({ width: 1280, height: 1400 })
  await page.goto(`${app.url}${CARAMELS}/edit`)
  const names = page.getByRole('textbox', { name: /^How much / })
  await expect(names.first()).toHaveAccessibleName('How much Granulated sugar')
  // each key waits for what the screen reader hears of the one before
  const heard = page.locator('[aria-live=assertive]').filter({ hasText: 'item' })
  await page.getByRole('button', { name: 'Move Water' }).focus()
  await page.keyboard.press('Space')
  await expect(heard).toContainText('over droppable area water')
  // the list hears keys from a timer on that it sets as it lifts: one that is set later ends later
  await page.evaluate(() => new Promise((listens) => setTimeout(listens)))
  await page.keyboard.press('ArrowUp')
  await expect(heard).toContainText('over droppable area glucose')
  await page.keyboard.press('ArrowUp')
  await expect(heard).toContainText('over droppable area sugar')
  await page.keyboard.press('Space')
  await expect(heard).toContainText('was dropped')
  await expect(names.first()).toHaveAccessibleName('How much Water')
  const from = await page.getByRole('button', { name: 'Move Smoked salt' }).boundingBox()
  const to = await page.getByRole('button', { name: 'Move Cream, 36 % fat' }).boundingBox()
  if (!from || !to) throw new Error('nothing to drag')
  await page.mouse.move(from.x + 10, from.y + 10)
  await page.mouse.down()
  await page.mouse.move(to.x + 10, to.y + 30, { steps: 12 })
  // let go only once the list has seen where it is
  await expect(heard).toContainText('over droppable area cream')
  await page.mouse.up()
  await expect(names.nth(3)).toHaveAccessibleName('How much Smoked salt')
})

test('a switch does its arithmetic and is saved as a formula of its own; what cannot work says why', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/formulas/orchard-toffee/edit`)
  await page.getByRole('button', { name: 'Something else for Butter, salted' }).click()
  await expect(page.getByText(/the fat splits out on the way up/)).toBeVisible()
  await page.getByRole('button', { name: /^Butter, unsalted/ }).click()
  await expect(page.getByText(/the same fat/)).toBeVisible()
  await expect(page.getByText(/less salt, with no line to put it right in/)).toBeVisible()
  await page.getByLabel('Name of the formula').fill('Orchard toffee, unsalted')
  await page.getByRole('button', { name: 'Save as a new one' }).click()
  await page.waitForURL(/orchard-toffee-unsalted$/)
  await expect(page.getByRole('rowheader', { name: 'Butter, unsalted' })).toBeVisible()
})

test('what is written and not saved is there again after the window was closed', async ({ page, app }) => {
  await page.goto(`${app.url}/formulas/ginger-honeycomb/edit`)
  await page.getByLabel('What it is, in a line').fill('Half an idea')
  await page.goto(`${app.url}/formulas`)
  await page.goto(`${app.url}/formulas/ginger-honeycomb/edit`)
  await page.getByRole('button', { name: 'Go on with them' }).click()
  await expect(page.getByLabel('What it is, in a line')).toHaveValue('Half an idea')
})

test('two who write at once do not overwrite each other', async ({ page, context, app }) => {
  const other = await context.newPage()
  for (const p of [page, other]) {
    await p.goto(`${app.url}/formulas/quince-lollipops/edit`)
    await p.getByRole('textbox', { name: /^How much Granulated sugar/ }).fill(p === page ? '700' : '800')
  }
  await page.getByRole('button', { name: /^Save revision/ }).click()
  await page.waitForURL(/quince-lollipops$/)
  await other.getByRole('button', { name: /^Save revision/ }).click()
  await expect(other.getByText(/was written in the meantime/)).toBeVisible()
  await expect(other.getByRole('textbox', { name: /^How much Granulated sugar/ })).toHaveValue('800')
})

test('a whole recipe is pasted, its questions answered, and it is in the book', async ({ page, app }) => {
  await page.goto(`${app.url}/formulas/new`)
  await page.getByRole('button', { name: 'Paste a recipe' }).click()
  await page
    .getByLabel('The recipe')
    .fill(
      'Lantern butterscotch\n\n450 g light brown sugar\n250 g salted butter\n2 tbsp golden syrup\n1 tsp stardust\n\nMethod\nMelt it all gently. Cook to 144°C. Pour into a tin and leave to set for 40 minutes.',
    )
  await expect(page.getByText(/3 lines understood, 1 to ask about/)).toBeVisible()
  await page.getByRole('button', { name: 'Make a draft of it' }).click()
  await expect(page.getByLabel('Name of the formula')).toHaveValue('Lantern butterscotch')
  await expect(page.getByText('144° pull')).toBeVisible()
  // of what is not whole yet no stage is told
  const ladder = page.getByRole('region', { name: 'Ladder' })
  await expect(ladder).not.toContainText('soft ball')
  await page.getByRole('button', { name: 'Leave it out' }).click()
  await expect(ladder).toContainText('soft ball')
  await page.getByRole('button', { name: 'Save in the book' }).click()
  await page.waitForURL(/lantern-butterscotch$/)
  await expect(page.getByRole('rowheader', { name: 'Golden syrup' })).toBeVisible()
})

test('a batch is sized by trays and tins, laid out to scale, and split where the pot is too small', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}${CARAMELS}`)
  await page.getByRole('button', { name: /^Set in/ }).click()
  await page.getByRole('button', { name: /^slab tray/ }).click()
  await page.getByRole('button', { name: /^How much/ }).click()
  await page.getByRole('radio', { name: 'Trays' }).click()
  await page.getByLabel(/slab trays, filled to the edges/).fill('3')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Escape')
  await expect(page.getByText(/· 351 pieces of/)).toBeVisible()
  await page.getByRole('tab', { name: 'Lay out' }).click()
  await expect(page.getByRole('img', { name: /slab tray, 300 × 200 mm inside, cut into 117 pieces/ })).toBeVisible()
  await expect(page.getByText('Does not grow with the batch')).toBeVisible()
  // too much for the four-litre pot: equal boils
  await page.getByRole('button', { name: /^Pot:/ }).click()
  await page.getByRole('button', { name: /^4 l aluminium/ }).click()
  await expect(page.getByText(/\d boils · 351 pieces/)).toBeVisible()
  await expect(
    page.getByRole('list', { name: 'Boils, one after the other' }).getByRole('listitem').nth(2),
  ).toContainText('3 of')

  await page.goto(`${app.url}/formulas/condensed-milk-fig-fudge`)
  await page.getByRole('button', { name: /^How much/ }).click()
  await page.getByRole('radio', { name: 'What I have' }).click()
  await page.getByRole('button', { name: /^Sweetened condensed milk/ }).click()
  await page.getByLabel(/or whole tins/).fill('2')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('row', { name: /condensed milk/ })).toContainText('794 g')
})

test('parts are shown in their order, each with its own ladder', async ({ page, app }) => {
  await page.goto(`${app.url}/formulas/rye-shortcake-bars`)
  await expect(page.getByRole('heading', { name: 'Base' })).toBeVisible()
  await expect(page.getByText('112° pull')).toBeVisible()
  await page.getByRole('radio', { name: 'Whole' }).click()
  await expect(page.getByText('Top waits until the caramel is firm')).toBeVisible()
  await expect(page.getByText(/Contains gluten, milk, soya/)).toBeVisible()
})

test('getting ready: ticked by touch and key, kept through a reload, and printed', async ({ page, app }) => {
  await page.goto(`${app.url}${CARAMELS}`)
  await page.getByRole('tab', { name: 'Get ready' }).click()
  await expect(page.getByText('The meat thermometer stops at 110°')).toBeVisible()
  await expect(page.getByText(/Cool running water for 20 minutes/).first()).toBeVisible()
  await expect(page.getByText(/6 to do/)).toBeVisible()
  await page
    .getByText(/^Warm \d+ g cream/)
    .first()
    .click()
  await page.keyboard.press('1')
  await expect(page.getByText(/4 to do/)).toBeVisible()
  await page.getByLabel('First flame at').fill('16:00')
  await expect(page.getByText('15:39')).toBeVisible()
  await page.reload()
  await page.getByRole('tab', { name: 'Get ready' }).click()
  await expect(page.getByText(/4 to do/)).toBeVisible()

  // what the printer gets: the sheet, on the paper chosen, and nothing else
  await page.getByRole('radio', { name: 'Letter' }).click()
  await page.emulateMedia({ media: 'print' })
  const paper = page.getByTestId('paper')
  await expect(paper).toBeVisible()
  await expect(paper).toContainText('Granulated sugar')
  await expect(paper).toContainText('Before the first flame')
  await expect(page.getByRole('navigation', { name: 'Places' })).toBeHidden()
  await expect(page.getByRole('button', { name: 'Cook this batch' })).toBeHidden()
  const letter = await page.pdf({ preferCSSPageSize: true })
  // 8.5 × 11 inch, in points, and one sheet of it
  expect(letter.toString('latin1')).toMatch(/MediaBox \[0 0 612 792\]/)
  expect(letter.toString('latin1').match(/\/Type \/Page\b/g)).toHaveLength(1)
  await page.emulateMedia({ media: 'screen' })
})

test('formulas are found by what is there, what is avoided and how hot', async ({ page, app }) => {
  await page.goto(`${app.url}/formulas`)
  await page.getByRole('searchbox').fill('400 g cream')
  await expect(page.getByText(/g from what you have/).first()).toBeVisible()
  await page.getByRole('button', { name: 'Forget what I have' }).click()
  await page.getByRole('button', { name: /^Without/ }).click()
  await page.getByRole('checkbox', { name: 'milk' }).click()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('link', { name: /tamarind/ })).toHaveCount(0)
  await expect(page.getByRole('link', { name: /hard drops/ })).toBeVisible()
  await page.getByRole('button', { name: /^Family/ }).click()
  await page.getByRole('button', { name: 'Fudge' }).click()
  await expect(page.getByText(/Nothing like that is in the book/)).toBeVisible()
})

test('a second word is changed, and letters are typed, before the book has answered', async ({ page, app }) => {
  await page.goto(`${app.url}/formulas`)
  const search = page.getByRole('searchbox')
  await search.fill('400 g cream')
  await expect(page.getByText(/g from what you have/).first()).toBeVisible()
  await expect(search).toHaveValue('')

  let answer = (): void => {}
  const held = new Promise<void>((done) => {
    answer = done
  })
  await page.route(/_rsc=/, async (route) => {
    await held
    await route.continue()
  })
  await page.getByRole('button', { name: 'Forget what I have' }).click()
  await page.getByRole('button', { name: /^Without/ }).click()
  await page.getByRole('checkbox', { name: 'milk' }).click()
  await page.getByRole('checkbox', { name: 'egg' }).click()
  await page.keyboard.press('Escape')
  // the pause between the two words is longer than the search waits
  const asked = page.waitForRequest(/q=hard/)
  await search.pressSequentially('hard ')
  await asked
  await search.pressSequentially('drops')
  answer()
  await expect(page).toHaveURL(/q=hard\+drops&without=milk%2Cegg$/)
  await expect(search).toHaveValue('hard drops')
  await expect(search).toBeFocused()
  await expect(page.getByRole('link', { name: /hard drops/ })).toBeVisible()
})

test('the book goes out as a file and comes back; a broken one changes nothing', async ({ page, app }) => {
  await page.goto(`${app.url}/formulas`)
  const saved = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Files' }).click()
  await page.getByRole('menuitem', { name: 'Export the whole book' }).click()
  const path = await (await saved).path()
  const file = JSON.parse(await readFile(path, 'utf8')) as {
    formulas: { address: string; document: { name: string } }[]
  }
  expect(file.formulas.length).toBeGreaterThanOrEqual(17)

  const field = page.getByLabel('File to take in')
  const take = (name: string, text: string) =>
    field.setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) })
  await page.getByRole('button', { name: 'Files' }).click()
  await page.getByRole('menuitem', { name: 'Take in a file' }).click()
  await take('book.json', JSON.stringify(file))
  await expect(page.getByText(/0 formulas added, 0 revised/)).toBeVisible()
  await take('torn.json', JSON.stringify(file).slice(0, 500))
  await expect(page.getByText(/“torn.json” is not JSON/)).toBeVisible()
  const [one] = file.formulas
  if (!one) throw new Error('an empty book')
  const evil = {
    ...file,
    formulas: [{ ...one, address: 'evil', document: { ...one.document, name: '<script>alert(1)</script>' } }],
  }
  await take('evil.json', JSON.stringify(evil))
  await expect(page.getByText(/formulas\.0\.document\.name: must be plain words/)).toBeVisible()
  // from the disk: nothing as long as that is passed through the browser's wire
  const huge = test.info().outputPath('huge.json')
  await writeFile(huge, `{"x":"${'x'.repeat(33 * 1024 * 1024)}"}`)
  await field.setInputFiles(huge)
  await expect(page.getByText(/“huge.json” is 33 MB; at most 32/)).toBeVisible()
  await take('old.json', JSON.stringify({ ...file, version: 9 }))
  await expect(page.getByText(/version 9; version 1 is understood/)).toBeVisible()

  // a recipe becomes a draft
  await take(
    'recipe.jsonld',
    JSON.stringify({
      '@context': 'https://schema.org',
      '@type': 'Recipe',
      name: 'Harbour fudge',
      recipeIngredient: ['500 g sugar', '300 ml cream', '50 g butter'],
      recipeInstructions: [{ '@type': 'HowToStep', text: 'Cook to 115 °C, then pour.' }],
    }),
  )
  await page.getByRole('button', { name: /Make a draft of Harbour fudge/ }).click()
  await page.waitForURL(/formulas\/new$/)
  await page.getByRole('button', { name: 'Go on with them' }).click()
  await expect(page.getByLabel('Name of the formula')).toHaveValue('Harbour fudge')
})

test('the server takes no file that a page would not send', async ({ request, app }) => {
  const foreign = await request.post(`${app.url}/api/book`, {
    headers: { 'content-type': 'application/json', origin: 'http://elsewhere.example' },
    data: Buffer.from('{}'),
  })
  expect(foreign.status()).toBe(403)
  const huge = await request.post(`${app.url}/api/book`, {
    headers: { 'content-type': 'application/json' },
    data: Buffer.alloc(50 * 1024 * 1024, ' '),
  })
  expect(huge.status()).toBe(413)
  expect(await huge.text()).toMatch(/Nothing was changed/)
})

test('the kitchen: a pan by its inside in inches, a checked thermometer, a measured burner, and the sentence offers them', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/kitchen`)
  await page.getByRole('button', { name: 'Add a tray' }).click()
  await page.getByLabel('Called').fill('grandmother’s pan')
  await page.getByLabel('Inside length').fill('wide')
  await page.getByLabel('Inside width').fill('8 in')
  await page.getByRole('button', { name: 'Add the tray' }).click()
  await expect(page.getByText(/^That is not one figure/)).toBeVisible()
  await page.getByLabel('Inside length').fill('12½ in')
  await page.getByRole('button', { name: 'Add the tray' }).click()
  await expect(page.getByRole('button', { name: /grandmother’s pan.*317\.5 × 203\.2 mm/ })).toBeVisible()

  await page.getByRole('button', { name: /^meat thermometer/ }).click()
  await page.getByLabel(/The bath is 99\.9°/).fill('98.4')
  await page.getByRole('button', { name: 'Note this check' }).click()
  await expect(page.getByRole('heading', { name: /shows 1\.5° too little/ })).toBeVisible()
  await page.keyboard.press('Escape')

  await page.getByRole('button', { name: /^right gas ring/ }).click()
  await page.getByLabel('From').fill('20')
  await page.getByLabel('To', { exact: true }).fill('90')
  await page.getByLabel('It took').fill('9')
  await page.getByRole('button', { name: 'Use this' }).click()
  await expect(page.getByLabel('Of it into the pot')).not.toHaveValue('60')
  await page.keyboard.press('Escape')
  await expect(page.getByRole('button', { name: /^right gas ring.*measured/ })).toBeVisible()

  await page.goto(`${app.url}${CARAMELS}`)
  await page.getByRole('button', { name: /^Set in/ }).click()
  await page.getByRole('button', { name: /^grandmother’s pan/ }).click()
  await expect(page.getByText(/one grandmother’s pan|two grandmother’s pans/)).toBeVisible()
})

test('a scale ticks the weigh list by itself', async ({ page, app }) => {
  const scale = startScale(app.url, app.token)
  await page.goto(`${app.url}/formulas/quince-lollipops`)
  await page.getByRole('tab', { name: 'Get ready' }).click()
  await expect(page.getByText(/^Weigh, 5 to go|^Weigh, \d to go/)).toBeVisible()
  await page.getByRole('button', { name: 'Listen to the bench scale' }).click()
  await expect(page.getByText(/on the scale \d/)).toBeVisible()
  // one after the other, each once the scale has shown it
  await expect(page.getByText(/^Weigh, 3 to go/)).toBeVisible({ timeout: 60_000 })
  const boxes = page.getByRole('region', { name: /^Weigh, / }).getByRole('checkbox')
  expect(await boxes.evaluateAll((all) => all.map((b) => b.getAttribute('aria-checked')))).toEqual([
    'true',
    'true',
    'false',
    'false',
    'false',
  ])
  await stop(scale, 'SIGTERM')
})
