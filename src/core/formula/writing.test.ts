import fc from 'fast-check'
import { describe, expect, it, test } from 'vitest'
import { demoBoil, demoFormulas } from '@/demo/formulas'
import { families } from '../craft/families'
import { pantryOf } from '../matter/names'
import { readRecipe } from '../recipe/recipe'
import { testConditions } from '../testing'
import { analyse } from './analyse'
import { type FormulaDocument, isBoiled, type Step } from './document'
import * as edit from './edit'
import { faultsOf } from './faults'
import { inSchool } from './schools'

const caramels = demoBoil('smoked-salt-tamarind-caramels')
const bars = demoFormulas['rye-shortcake-bars'] as FormulaDocument

describe('writing a formula', () => {
  const list = fc.uniqueArray(fc.integer({ min: 0, max: 30 }), { minLength: 1, maxLength: 12 })
  it('moves a thing before another, and loses nothing', () => {
    fc.assert(
      fc.property(list, fc.nat(), fc.nat(), (ids, a, b) => {
        const things = ids.map((n) => ({ id: String(n) }))
        const id = String(ids[a % ids.length])
        const before = b % (ids.length + 1) === ids.length ? null : String(ids[b % ids.length])
        const after = edit.moved(things, id, before)
        expect(after.map((x) => x.id).sort()).toEqual(things.map((x) => x.id).sort())
        const at = after.findIndex((x) => x.id === id)
        if (before === null) expect(at).toBe(after.length - 1)
        else if (before !== id) expect(after[at + 1]?.id).toBe(before)
      }),
    )
  })

  it('leaves a document alone when what is moved is not there', () => {
    expect(edit.moveStep(caramels, 'nothing', null).steps).toEqual(caramels.steps)
    expect(edit.moveStep(caramels, 'pull', 'nothing').steps).toEqual(caramels.steps)
  })

  it('gives new ids that are free', () => {
    expect(edit.idFor('Crème fraîche!', [])).toBe('creme-fraiche')
    expect(edit.idFor('Chocolate-dipped honeycomb from the allotment', [])).toBe('chocolate-dipped-honeycomb-from')
    expect(edit.idFor('Salt', ['salt', 'salt-2'])).toBe('salt-3')
    expect(edit.idFor('???', [])).toBe('x')
  })

  it('puts a group in with its step, and takes it out with its lines', () => {
    const step: Step = {
      id: 'nuts',
      label: 'Nuts',
      when: { on: 'ready' },
      say: 'Nuts in',
      why: 'Now',
      act: 'In',
      adds: 'nuts',
    }
    const more = edit.addGroup(caramels, { id: 'nuts', label: 'Nuts', celsius: 20 }, step)
    expect(faultsOf(more)).toEqual([])
    expect(more.steps.findIndex((s) => s.id === 'nuts')).toBe(more.steps.findIndex((s) => s.id === 'pull') - 1)
    const line = { id: 'almond', group: 'nuts', ingredient: 'almonds', grams: 100 }
    const filled = edit.moveLine(edit.addLine(more, line), 'salt', 'nuts', 'almond')
    expect(filled.lines.find((l) => l.id === 'salt')?.group).toBe('nuts')
    const less = edit.removeGroup(filled, 'nuts')
    expect(less.lines.map((l) => l.id)).not.toContain('almond')
    expect(faultsOf(less)).toEqual([])
  })

  it('forgets a field that is emptied', () => {
    const f = edit.changeStep(caramels, 'cream', { meanwhile: undefined, heat: undefined })
    expect(Object.keys(f.steps.find((s) => s.id === 'cream') as Step)).not.toContain('meanwhile')
  })

  it('writes in a part without touching the others', () => {
    const base = edit.pieceAt(bars, 'base')
    const after = edit.withPiece(bars, 'base', edit.changeLine(base, 'base-salt', { grams: 4 }))
    expect(edit.pieceAt(after, 'base').lines.find((l) => l.id === 'base-salt')?.grams).toBe(4)
    expect(edit.pieceAt(after, 'top')).toEqual(edit.pieceAt(bars, 'top'))
    expect(faultsOf(edit.removePart(bars, 'top'))).toEqual([])
    expect(edit.removePart(bars, 'base').parts?.find((p) => p.id === 'filling')?.needs).toEqual([])
  })

  it('puts a part in with the step it joins by', () => {
    const part = {
      id: 'nuts',
      label: 'Nuts',
      formula: { ...edit.pieceAt(bars, 'top'), lines: [{ id: 'n', group: 'melt', ingredient: 'almonds', grams: 50 }] },
      needs: [],
      celsius: 20,
    }
    const step: Step = {
      id: 'nuts',
      label: 'Nuts',
      when: { on: 'word', word: 'ready' },
      say: 'On top',
      why: 'Crunch',
      act: 'On',
      joins: 'nuts',
    }
    expect(faultsOf(edit.addPart(bars, part, step))).toEqual([])
  })
})

describe('schools', () => {
  const pairs = Object.entries(demoFormulas).flatMap(([id, f]) =>
    Object.keys(families[f.family].schools).map((school) => [id, school, f] as const),
  )
  test.each(pairs)('%s in the school “%s” can still be cooked', (_, school, f) => {
    const { formula, notes } = inSchool(f, school)
    expect(faultsOf(formula)).toEqual([])
    expect(formula.school).toBe(school)
    expect(notes.length).toBeGreaterThan(0)
    if (isBoiled(formula)) expect(Number.isFinite(analyse(formula, testConditions).minutes)).toBe(true)
  })

  it('wet → dry leaves the water out and melts the sugar in two lots', () => {
    const { formula } = inSchool(caramels, 'dry')
    expect(formula.lines.some((l) => l.ingredient === 'water')).toBe(false)
    expect(formula.lines.filter((l) => l.ingredient === 'sugar').map((l) => l.grams)).toEqual([280, 280])
    expect(formula.lines.find((l) => l.id === 'glucose')?.group).toBe('cream')
    const back = inSchool(formula, 'wet').formula
    expect(back.lines.find((l) => l.ingredient === 'sugar')?.grams).toBe(560)
    expect(back.lines.some((l) => l.ingredient === 'water')).toBe(true)
    expect(analyse(back as typeof caramels, testConditions).waterShare).toBeCloseTo(
      analyse(caramels, testConditions).waterShare,
      2,
    )
  })

  it('cool-and-beat ↔ stir-soon changes what happens between pot and tin', () => {
    const soon = inSchool(demoBoil('malted-milk-fudge'), 'stir-soon').formula
    expect(soon.steps.some((s) => s.when.on === 'falls')).toBe(false)
    const cool = inSchool(demoBoil('quick-tahini-fudge'), 'cool-beat').formula
    expect(cool.steps.find((s) => s.when.on === 'falls')?.id).toBe('beat')
    expect(cool.steps.some((s) => s.adds === 'finish')).toBe(true)
  })

  it('thermometer ↔ colour and stirred ↔ left alone change the pull', () => {
    const toffee = demoBoil('orchard-toffee')
    const pullOf = (f: FormulaDocument) => f.steps.find((s) => s.when.on === 'target')
    expect(pullOf(inSchool(toffee, 'colour').formula)?.test).toMatch(/amber/)
    expect(pullOf(inSchool(inSchool(toffee, 'colour').formula, 'thermometer').formula)?.test).toBeUndefined()
    expect(pullOf(inSchool(toffee, 'boil-only').formula)?.meanwhile?.say).toMatch(/Hands off/)
  })
})

describe('a pasted recipe', () => {
  const text = `Grandmother's hazelnut caramels

Makes about 60

Ingredients
200 g sugar
1 cup heavy cream
½ cup light corn syrup
60 g butter, diced
1 tsp flaky sea salt
a handful of hazelnuts
2 oz secret sauce

Method
1. Put the sugar, corn syrup and 3 tbsp of water in a pan and melt gently. Stir until it comes to the boil.
2. Cook to 160°C, then pour in the cream. Cook again until it reaches 248°F.
3. Take off the heat and stir in butter and salt.
4. Pour into a lined tin. Leave to set for 4 hours, then cut.`
  const draft = readRecipe(text, pantryOf())

  it('takes what is sure and asks about the rest', () => {
    expect(draft.formula.name).toBe("Grandmother's hazelnut caramels")
    expect(draft.formula.family).toBe('caramel')
    expect(draft.formula.lines.map((l) => [l.ingredient, Math.round(l.grams)])).toEqual([
      ['sugar', 200],
      ['cream-36', 237],
      ['corn-syrup', 164],
      ['butter', 60],
      ['flaky-salt', 3],
      // only the method speaks of it
      ['water', 44],
    ])
    expect(draft.formula.lines[3]).toMatchObject({ typed: '60 g butter, diced', note: 'diced' })
    expect(draft.questions.map((q) => q.text)).toEqual(['a handful of hazelnuts', '2 oz secret sauce'])
  })

  it('finds the target, the way there and the rest after', () => {
    expect(draft.formula.target?.celsius).toBe(120)
    const { steps } = draft.formula
    expect(steps.filter((s) => s.when.on === 'target')).toHaveLength(1)
    expect(steps.some((s) => s.when.on === 'rises' && s.when.celsius === 160)).toBe(true)
    expect(steps.some((s) => s.when.on === 'after' && s.when.seconds === 4 * 3600)).toBe(true)
    expect(steps.filter((s) => s.empties)).toHaveLength(1)
    expect(faultsOf(draft.formula)).toEqual([])
  })

  it('keeps every word as a note', () => expect(draft.formula.notes).toBe(text))

  it('without a list or a method is still a draft that says what lacks', () => {
    const { formula, questions } = readRecipe('Mystery sweets', pantryOf())
    expect(formula.name).toBe('Mystery sweets')
    expect(questions).toEqual([])
    expect(faultsOf(formula)).toEqual(['Nothing goes in'])
    const water = readRecipe(
      'Jewels\n\n500 g isomalt\n50 g water\n\nBoil the isomalt with the water to 167 °C. Pour.',
      pantryOf(),
    )
    expect(faultsOf(water.formula)).toEqual(['No sugar goes in: nothing would boil to a target'])
    expect(formula.steps.some((s) => s.when.on === 'target')).toBe(true)
  })

  it('never throws and never drops a line', () => {
    const lineText = fc.oneof(
      fc.string({ maxLength: 60 }),
      fc.constantFrom(
        '200 g sugar',
        '1 cup cream',
        'Method',
        'Ingredients',
        'Cook to 240F.',
        'Pour and leave to set for 2 hours.',
      ),
    )
    fc.assert(
      fc.property(fc.array(lineText, { maxLength: 25 }), (rows) => {
        const { formula } = readRecipe(rows.join('\n'), pantryOf())
        // what is not boiled is a part that is made by hand
        const made = formula.target === null ? (formula.parts ?? []) : [formula]
        expect(made).toHaveLength(1)
        expect(formula.steps.filter((s) => s.when.on === 'target')).toHaveLength(formula.target === null ? 0 : 1)
        expect(new Set(formula.steps.map((s) => s.id)).size).toBe(formula.steps.length)
        for (const s of formula.steps) expect(s.say.length).toBeLessThanOrEqual(200)
      }),
      { numRuns: 50 },
    )
  })
})
