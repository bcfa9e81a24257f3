import { describe, expect, it, test } from 'vitest'
import { demoFormulas } from '@/demo/formulas'
import { type FamilyId, families, schoolsOf } from '../craft/families'
import type { Handwork } from '../craft/handwork'
import { windowOf } from '../finish/windows'
import { pantryOf } from '../matter/names'
import { readRecipe } from '../recipe/recipe'
import { handworkSaid } from '../recipe/sentence/handwork'
import { boiledIn } from './document'
import { blankFormula } from './edit'
import { hasFinish, usualFinish, withUsualFinish } from './usual-finish'

const schools = (Object.keys(families) as FamilyId[]).flatMap((f) =>
  Object.keys(schoolsOf(f)).map((school) => [f, school] as const),
)

describe('the usual finish', () => {
  test.each(schools)('of %s, %s: pours once, and ends wrapped', (family, school) => {
    const steps = usualFinish(family, school)
    expect(steps.filter((s) => s.empties)).toHaveLength(1)
    expect(['wrap', 'coat']).toContain(steps.at(-1)?.handwork?.kind)
    expect(new Set(steps.map((s) => s.id)).size).toBe(steps.length)
    for (const s of steps)
      if (s.when.on === 'window') expect(windowOf({ ...blankFormula, family, steps }, s), s.id).not.toBeNull()
  })

  it('is given to a formula that stops at its pour, whose own words stay', () => {
    const whole = withUsualFinish(blankFormula)
    expect(hasFinish(blankFormula)).toBe(false)
    expect(whole.steps.find((s) => s.id === 'pour')).toMatchObject({ say: 'Pour it out', handwork: { kind: 'leave' } })
    expect(whole.steps.slice(-3).map((s) => s.handwork?.kind)).toEqual(['score', 'cut', 'wrap'])
    expect(withUsualFinish(whole)).toEqual(whole)
  })

  it('puts beating and whipping before the pour', () => {
    const fudge = withUsualFinish({ ...blankFormula, family: 'fudge', school: 'cool-beat' })
    const at = (id: string) => fudge.steps.findIndex((s) => s.id === id)
    expect(at('beat')).toBeGreaterThan(at('finish'))
    expect(at('beat')).toBeLessThan(at('pour'))
  })

  it('leaves alone what a formula says of its own after the pour', () => {
    const own = {
      id: 'mine',
      label: 'Mine',
      when: { on: 'ready' as const },
      say: 'My own way',
      why: '',
      act: 'Done so',
    }
    const whole = withUsualFinish({ ...blankFormula, steps: [...blankFormula.steps, own] })
    expect(whole.steps.at(-1)).toEqual(own)
  })
})

describe('the demo formulas', () => {
  test.each(
    Object.values(demoFormulas)
      .flatMap(boiledIn)
      .map((b) => [b.label, b.formula] as const),
  )('%s: has a finish of its own, and asks for no window its family does not know', (label, formula) => {
    // the honey of a nougat is poured onto its whites, and done with
    if (label !== 'Honey syrup') expect(hasFinish(formula)).toBe(true)
    for (const s of formula.steps) if (s.when.on === 'window') expect(windowOf(formula, s)).not.toBeNull()
  })
})

describe('work in a written recipe', () => {
  test.each<[string, Handwork | null]>([
    ['Score into squares while still warm.', { kind: 'score' }],
    ['Break into pieces with a small hammer.', { kind: 'break' }],
    ['Cut into squares with an oiled knife.', { kind: 'cut', tool: 'oiled-knife' }],
    ['Snip with scissors: cut with scissors into pillows.', { kind: 'cut', tool: 'scissors' }],
    ['Beat until it loses its gloss and thickens.', { kind: 'beat' }],
    ['Pour into lollipop moulds.', { kind: 'fill', by: 'jug', level: 1 }],
    ['Ladle, that is pour, into hot jars.', { kind: 'fill', by: 'funnel', level: 0.95 }],
    ['Shape into balls with buttered hands.', { kind: 'form', into: 'balls' }],
    ['Scatter the chocolate chips over the top and wait 5 minutes.', { kind: 'cover-chips' }],
    ['Toss in cornflour and icing sugar.', { kind: 'dust' }],
    ['Wrap in waxed paper.', { kind: 'wrap', film: 'waxed-paper' }],
    ['Store in an airtight tin.', { kind: 'wrap', film: 'jar' }],
    ['Refrigerate for an hour.', { kind: 'chill', celsius: 4 }],
    ['Spread it level with a wet blade.', { kind: 'spread' }],
    ['With buttered fingers, pull candy until light.', { kind: 'pull' }],
    ['When it holds a fold, pull the white part until satiny.', { kind: 'pull' }],
    ['Pull it off the heat and wait for 5 minutes.', null],
    ['Add butter and stir smooth.', null],
    ['Bring it to the boil.', null],
    ['Stir in the vanilla.', null],
    ['Pour into the pan (do not spread).', null],
  ])('%s', (sentence, work) => {
    expect(handworkSaid(sentence)).toEqual(work)
  })

  it('waits for its window where the recipe gives no time', () => {
    const text = [
      'Plain toffee',
      '300 g butter',
      '300 g sugar',
      '60 g water',
      '1. Bring butter, sugar and water to the boil and cook to 148°C.',
      '2. Pour onto a lined tray and spread it.',
      '3. Score into squares.',
      '4. Break into pieces once cold.',
    ].join('\n')
    const { formula } = readRecipe(text, pantryOf())
    expect(formula.steps.find((s) => s.handwork?.kind === 'score')?.when).toEqual({ on: 'window' })
    expect(formula.steps.find((s) => s.handwork?.kind === 'break')?.when).toEqual({ on: 'window' })
  })
})
