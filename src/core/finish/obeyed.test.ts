/** Who does what the panel says, when it says so, is never told afterwards that it was too early or too late. */
import { expect, it } from 'vitest'
import { demoFormulas } from '@/demo/formulas'
import { assessCook } from '../cook/assess'
import { type BoiledFormula, boiledIn } from '../formula/document'
import type { CookEvent } from '../log/log'
import { pantryOf } from '../matter/names'
import { readRecipe } from '../recipe/recipe'
import { testBoil, testConditions } from '../testing'
import { cameWrong, type WorkOutcome } from './outcomes'

const rack = { name: 'rack', kind: 'rack', thicknessMm: 0 } as const
const conditions = { ...testConditions, surfaces: [rack] }

/** s between two looks at the panel, more while its moment is far; looks at one that only asks to be told how warm it is, and s, until no more is waited for. */
const GLANCE = 20
const FAR_SHARE = 1 / 4
const PATIENCE = 20
const LONGEST = 26 * 3600

/** A cook by hand, pulled at its target and from there done as the panel says. */
function obeyed(formula: BoiledFormula): readonly WorkOutcome[] {
  const boil = testBoil(formula, { conditions, channel: null })
  const pull = formula.steps.findIndex((s) => s.when.on === 'target')
  const events: CookEvent[] = formula.steps
    .slice(0, pull + 1)
    .map((step, i) =>
      i < pull
        ? { id: step.id, at: 40 * i, type: 'step', step: step.id }
        : { id: step.id, at: 40 * i + 1500, type: 'pulled', step: step.id, celsius: formula.target.celsius },
    )
  let now = events.at(-1)?.at ?? 0
  let next = pull + 1
  let seen = assessCook(boil, { events: [...events], readings: [] }, now)
  const end = now + LONGEST
  let unasked = 0
  while (next < formula.steps.length && now < end && unasked < PATIENCE) {
    seen = assessCook(boil, { events: [...events], readings: [] }, now, seen)
    const step = formula.steps[next]
    const byEye = step !== undefined && ['word', 'sign', 'texture'].includes(step.when.on)
    if (step && (seen.pot.doNow.mood === 'now' || byEye)) {
      events.push({ id: step.id, at: now, type: 'step', step: step.id })
      next++
    }
    const ahead = seen.pot.doNow.due?.seconds ?? 0
    unasked = ahead > 0 ? 0 : unasked + 1
    now += Math.max(GLANCE, FAR_SHARE * ahead)
  }
  return assessCook(boil, { events, readings: [] }, now).finish?.outcomes ?? []
}

const pasted = {
  'a marshmallow poured into its bowl':
    'Clouds\n\n300 g sugar\n320 g light corn syrup\n118 ml water\n21 g gelatin powder\n118 ml water (for the gelatin)\n\nSprinkle the gelatin over its water. Boil the sugar, syrup and water to 115 °C. Immediately remove from the heat. Pour the syrup over the gelatin. Whip on high for 12 minutes until lukewarm. Scrape into an oiled tin. Leave overnight. Cut.',
  'a tablet beaten hot':
    'Tablet\n\n900 g sugar\n150 ml milk\n115 g butter\n1 tin condensed milk\n\nBoil all to 118 °C. Take off the heat and beat hard for 5 minutes. Pour into a tin. Mark into squares after 20 minutes.',
  'a fudge that cools first':
    'Fudge\n\n600 g sugar\n366 g milk\n57 g butter\n120 g pecans\n\nBoil the sugar and milk to 113 °C. Remove from the heat, add the butter and let cool 10 minutes. Beat until thick and creamy. Stir in the pecans. Spread in a tin. Cut.',
  'pulled sugar':
    'Mints\n\n600 g sugar\n230 ml water\n110 g butter\n\nBoil all to 126 °C. Pour onto marble. When cool enough, pull till it gets stiff. Cut with scissors.',
  'a toffee with chips on it':
    'Toffee\n\n226 g butter\n200 g sugar\n60 ml water\n225 g dark chocolate\n\nBoil the butter, sugar and water to 149 °C. Pour onto a sheet. After 2 minutes sprinkle with the chocolate. Wait 5 minutes and spread until smooth. Break into pieces.',
  'a nougat whipped to a heat':
    'Nougat\n\n300 g honey\n300 g sugar\n80 ml water\n60 g egg white\n250 g almonds\n\nBoil the honey, sugar and water to 140 °C. Pour onto the egg whites. Whip on high until 60 °C. Fold in the almonds. Press into a frame. Leave overnight. Cut.',
}

it.each([
  ...Object.entries(demoFormulas).flatMap(([id, f]) =>
    boiledIn(f).map((b) => [`${id} ${b.part ?? ''}`, b.formula] as const),
  ),
  ...Object.entries(pasted).flatMap(([name, text]) =>
    boiledIn(readRecipe(text, pantryOf()).formula).map((b) => [name, b.formula] as const),
  ),
])('%s, done as the panel says', (_, formula) => expect(obeyed(formula).filter((o) => cameWrong(o.came))).toEqual([]))
