/** Every family cooked with no thermometer at all: the maker's tests say when it is there, and only they do. */
import { describe, expect, it } from 'vitest'
import { demoFormulas } from '@/demo/formulas'
import { analyse } from '../formula/analyse'
import { type BoiledFormula, boiledIn, gramsAsWritten, isBoiled } from '../formula/document'
import { inSchool } from '../formula/schools'
import type { CookAct, CookEvent } from '../log/log'
import { pantryOf } from '../matter/names'
import { readRecipe } from '../recipe/recipe'
import { testConditions } from '../testing'
import { openCook } from '../track/cook'
import { pointsInLog } from './by-hand'
import { type PotNow, potNow } from './pot-now'
import { brownedBy, estimateOf, pointsInTests } from './tests'
import { troublesOf } from './troubles'

type Test = Extract<CookAct, { type: 'test' }>
const drop = (result: Extract<Test, { test: 'drop' }>['result']): Test => ({ type: 'test', test: 'drop', result })
const streak: Test = { type: 'test', test: 'sign', sign: 'clean-streak' }
const shade = (celsius: number): Test => ({ type: 'test', test: 'colour', celsius })

const formulaOf = (id: string, part: string | null = null): BoiledFormula => {
  const found = demoFormulas[id] && boiledIn(demoFormulas[id]).find((b) => b.part === part)
  if (!found) throw new Error(`no boil ${part} in ${id}`)
  return found.formula
}
const BY_TESTS = { byHand: true, lagS: 0, noiseC: 3 }
const toffeeByColour = inSchool(formulaOf('orchard-toffee'), 'colour').formula as BoiledFormula

/** What shows that each is there, and what shows that it is not there yet. */
const deciding: readonly (readonly [what: string, formula: BoiledFormula, there: Test, early: Test])[] = [
  ['caramel', formulaOf('smoked-salt-tamarind-caramels'), drop('hard-ball'), drop('soft-ball')],
  ['caramel sauce, at its amber', formulaOf('bergamot-pouring-caramel'), shade(175), shade(160)],
  ['condensed milk', formulaOf('condensed-milk-fig-fudge'), streak, drop('syrup')],
  ['toffee by the drop', formulaOf('orchard-toffee'), drop('hard-crack'), drop('soft-crack')],
  ['toffee by colour', toffeeByColour, shade(175), shade(160)],
  ['brittle', formulaOf('sesame-and-poppy-brittle'), drop('hard-crack'), drop('soft-crack')],
  ['honeycomb', formulaOf('ginger-honeycomb'), drop('hard-crack'), drop('hard-ball')],
  ['hard candy', formulaOf('quince-lollipops'), drop('hard-crack'), drop('soft-crack')],
  ['fudge', formulaOf('malted-milk-fudge'), drop('soft-ball'), drop('thread')],
  ['nougat, sugar syrup', formulaOf('bay-leaf-honey-nougat'), drop('hard-crack'), drop('soft-crack')],
  ['nougat, honey syrup', formulaOf('bay-leaf-honey-nougat', 'honey'), drop('soft-ball'), drop('syrup')],
  ['marshmallow', formulaOf('blackcurrant-marshmallow'), drop('firm-ball'), drop('syrup')],
  ['popcorn balls', formulaOf('juniper-popcorn-clusters'), drop('hard-crack'), drop('soft-crack')],
  ['a layered bar’s filling', formulaOf('rye-shortcake-bars', 'filling'), drop('soft-ball'), drop('syrup')],
]

/** All that comes before what is tested for, done as soon as it is asked for; then the tests, a minute apart. */
function cookedTo(formula: BoiledFormula, tests: readonly Test[]): PotNow {
  const decides = formula.steps.findIndex((s) => s.when.on === 'target' || s.when.on === 'colour')
  const events: CookEvent[] = [
    { id: 'clock', at: 0, type: 'clock', rate: 1, wall: '2026-11-25T10:00:00.000Z' },
    ...formula.steps.slice(0, decides).map((s, i): CookEvent => ({ id: s.id, at: 5 * i, type: 'step', step: s.id })),
    ...tests.map((t, i): CookEvent => ({ id: `t${i}`, at: 200 + 60 * i, ...t })),
  ]
  const grams = gramsAsWritten(formula)
  const cook = openCook(formula, grams, testConditions, BY_TESTS, events)
  const { pressurePa, roomC } = testConditions
  const points = [...pointsInLog(formula, grams, events, pressurePa, roomC), ...pointsInTests(cook, events)]
  return potNow(
    cook,
    points.sort((a, b) => a.at - b.at),
    200 + 60 * Math.max(0, tests.length - 1) + 1,
  )
}

describe('without a thermometer', () => {
  it.each(deciding)('%s is there when its own test says so, and not before', (_, formula, there, early) => {
    expect(cookedTo(formula, []).doNow.mood).not.toBe('now')
    expect(cookedTo(formula, [early]).doNow.mood).not.toBe('now')
    const { doNow } = cookedTo(formula, [early, there])
    expect(doNow.step?.when.on).toMatch(/target|colour/)
    expect(doNow.mood).toBe('now')
  })

  it('a test from before the last step says nothing of what is in the pot now', () => {
    const formula = formulaOf('quince-lollipops')
    const early: CookEvent[] = [
      { id: 'a', at: 1, ...drop('hard-crack') },
      ...formula.steps.slice(0, 2).map((s, i): CookEvent => ({ id: s.id, at: 5 + i, type: 'step', step: s.id })),
    ]
    const cook = openCook(formula, gramsAsWritten(formula), testConditions, BY_TESTS, early)
    expect(potNow(cook, [], 20).doNow.mood).not.toBe('now')
  })
})

describe('what simmers for a time, and is mostly water', () => {
  const text = (grams: number, more = '') =>
    `Drops\n\n${grams} g lemon juice\n340 g honey\n\nBring the lemon juice to a boil.${more} Simmer for 10 minutes. Add the honey. Boil to 149 °C. Pour.`
  /** Troubles of a maker who waits for the simmer, `minutes` after it boiled. */
  const toldOf = (recipe: string, minutes: number) => {
    const { formula } = readRecipe(recipe, pantryOf())
    if (!isBoiled(formula)) throw new Error('not boiled')
    const wait = formula.steps.findIndex((s) => s.when.on === 'after')
    const events = formula.steps
      .slice(0, wait)
      .map((s, i): CookEvent => ({ id: s.id, at: i === wait - 1 ? 180 : i, type: 'step', step: s.id }))
    const now = 180 + 60 * minutes
    const cook = openCook(formula, gramsAsWritten(formula), testConditions, BY_TESTS, events)
    const pot = potNow(cook, [], now)
    const past = { beyond: false, trouble: false }
    const analysis = analyse(formula, testConditions)
    return troublesOf({ cook, pot, analysis, past, colour: null, now }).map((t) => t.id)
  }

  it('may be dry before its time is over: it is said to look', () => {
    expect(toldOf(text(120), 1)).toEqual([])
    expect(toldOf(text(120), 9)).toEqual(['dry'])
  })

  it('is not with more of it, nor under a lid', () => {
    expect(toldOf(text(900), 9)).toEqual([])
    expect(toldOf(text(120, ' Cover.').replace('Add the honey', 'Uncover, add the honey'), 9)).toEqual([])
  })
})

describe('with a probe', () => {
  it('a drop that disagrees is held against the thermometer, and does not pull the pot', () => {
    const formula = formulaOf('quince-lollipops')
    const grams = gramsAsWritten(formula)
    const pull = formula.steps.findIndex((s) => s.when.on === 'target')
    const events: CookEvent[] = formula.steps
      .slice(0, pull)
      .map((s, i): CookEvent => ({ id: s.id, at: 5 * i, type: 'step', step: s.id }))
      .concat({ id: 'drop', at: 400, ...drop('hard-crack') })
    const readings = Array.from({ length: 400 }, (_, i) => ({ at: i + 1, celsius: Math.min(120, 20 + i / 3) }))
    const cook = openCook(formula, grams, testConditions, { lagS: 4, noiseC: 0.15 }, events)
    expect(potNow(cook, readings, 401).doNow.mood).not.toBe('now')
    const estimate = estimateOf(cook, events, brownedBy(readings, cook), readings, 401)
    expect(estimate?.off?.mean).toBeLessThan(0)
  })
})
