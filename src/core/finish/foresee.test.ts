/** What is foreseen of the finish on paper, held against what the stove says once it is poured. */
import { expect, it } from 'vitest'
import { demoFormulas } from '@/demo/formulas'
import { analyse } from '../formula/analyse'
import { type BoiledFormula, boiledIn } from '../formula/document'
import { pantryOf } from '../matter/names'
import { readRecipe } from '../recipe/recipe'
import { foreseeFinish } from './foresee'
import { conditions, cookedByHand, finishOf, rack } from './testing'

const told = (name: string, list: string, method: string): readonly [string, BoiledFormula] => {
  const boiled = boiledIn(readRecipe(`${name}\n\n${list}\n\n${method}`, pantryOf()).formula)[0]
  if (!boiled) throw new Error('Nothing is boiled')
  return [name, boiled.formula]
}

const POPCORN = '150 g popped corn\n200 g sugar\n110 g corn syrup\n80 g water\n57 g butter'
const popcorn = told(
  'Popcorn balls',
  POPCORN,
  'Boil the sugar, syrup, water and butter to 128 °C. Pour over the popcorn. Shape into balls.',
)
const brittle = told(
  'Brittle',
  '400 g sugar\n150 g glucose syrup\n150 g water\n200 g peanuts',
  'Boil the sugar, glucose and water to 150 °C. Stir in the peanuts. Pour on a tray. Break up when cold.',
)

/** ◊ Of the time from the pour to a work so much may be between paper and stove: what stands in its pot a minute has cooled. */
const APART = 0.25

const all = [
  popcorn,
  brittle,
  ...Object.values(demoFormulas)
    .flatMap(boiledIn)
    .map((b) => [b.label, b.formula] as const),
]

/** The works that wait for their window, s from the pour, on paper and at the stove. */
function windowsOf(formula: BoiledFormula): { kind: string; paper: number; stove: number }[] {
  const pours = formula.steps.find((s) => s.empties)
  if (!pours) throw new Error('It is never poured')
  const { at, seen } = cookedByHand(formula, pours.id, 20)
  const foreseen = foreseeFinish(formula, analyse(formula, conditions), conditions, rack)
  return finishOf(seen).ahead.flatMap(({ step, kind, opens }) => {
    const on = foreseen.find((f) => f.step.id === step.id)
    return step.when.on === 'window' && on && on.opens > 0 && Number.isFinite(opens)
      ? [{ kind, paper: on.opens, stove: opens - at }]
      : []
  })
}

it('is at the stove what it was on paper', () => {
  const windows = all.flatMap(([label, formula]) => windowsOf(formula).map((w) => ({ label, ...w })))
  expect(windows.length).toBeGreaterThan(12)
  for (const { label, kind, paper, stove } of windows)
    expect(Math.abs(stove / paper - 1), `${label}: ${kind}`).toBeLessThan(APART)
})

it('is made by hands once they can bear it, and long before it is cold', () => {
  const [, formula] = popcorn
  const [form] = foreseeFinish(formula, analyse(formula, conditions), conditions)
  expect(form?.step.handwork?.kind).toBe('form')
  expect(form?.at).toBeGreaterThan(60)
  expect(form?.at).toBeLessThan(20 * 60)
})

it('counts from the oven, the fridge or the freezer where a step keeps it there', () => {
  const breaks = (method: string): number => {
    const [, formula] = told(
      'Brittle',
      '400 g sugar\n150 g glucose syrup\n150 g water',
      `Boil all to 150 °C. Pour on a tray. ${method}Break up when cold.`,
    )
    return foreseeFinish(formula, analyse(formula, conditions), conditions).at(-1)?.at ?? Number.NaN
  }
  const plain = breaks('')
  expect(breaks('Bake at 120 °C for 40 min. ')).toBeGreaterThan(40 * 60 + plain / 2)
  expect(breaks('Chill for 10 min. ')).toBeLessThan(plain)
})
