/** A maker who does nothing but what the do-now panel says, when it says so: every family, in every school, comes out. */
import { describe, expect, it } from 'vitest'
import { demoFormulas } from '@/demo/formulas'
import { probeModel } from '@/devices/probe'
import { type FamilyId, families } from '../craft/families'
import { assessFinish } from '../finish/finish'
import { analyse } from '../formula/analyse'
import { type BoiledFormula, boiledIn, gramsAsWritten, isBoiled, type Step } from '../formula/document'
import { inSchool } from '../formula/schools'
import type { CookAct, CookEvent } from '../log/log'
import { potEventsOf } from '../log/pot-events'
import { pantryOf } from '../matter/names'
import { temperatureToday } from '../physics/boiling'
import { colourTemperature } from '../physics/browning'
import { advancePot, applyToPot, contentsOf, startPot } from '../pot/simulate'
import { seeded, seedOf } from '../quantity/seeded'
import { readRecipe } from '../recipe/recipe'
import { testConditions } from '../testing'
import { openCook } from '../track/cook'
import { COLOUR_SD } from './evidence'
import { pastTarget } from './past-target'
import { type PotNow, potNow, syrupC } from './pot-now'
import { brownedBy } from './tests'
import { troublesOf } from './troubles'

const LONGEST = 3 * 3600
/** s between two looks at the panel, over the flame and once it has been off it for a while; and until what only the maker can see is taken as seen. */
const GLANCE = { heated: 2, left: 10, leftAfter: 120 }
const SEEN = 20

interface Obeyed {
  /** Troubles that were told of on the way. */
  readonly alarms: readonly string[]
  readonly done: readonly string[]
  readonly poured: boolean
  /** How warm the syrup was at each step, °C. */
  readonly at: ReadonlyMap<string, number>
  /** How far past the target it got, carried over, °C. */
  readonly offBy: number
}

function obey(formula: BoiledFormula, seed: number): Obeyed {
  const grams = gramsAsWritten(formula)
  const facts = { lagS: 4, noiseC: 0.15 }
  const burner = { ...testConditions.burner, efficiency: testConditions.burner.efficiency * 0.92 }
  const pot = startPot({ ...testConditions, burner })
  const probe = probeModel({ ...facts, offsetC: 0, dropShare: 0.01 }, testConditions.roomC, seeded(seed))
  const events: CookEvent[] = []
  const alarms = new Set<string>()
  const at = new Map<string, number>()
  const analysis = analyse(formula, testConditions)
  const readings: { at: number; celsius: number }[] = []
  let cook = openCook(formula, grams, testConditions, facts, events)
  let before: PotNow | undefined
  let colour = { mean: 20, sd: COLOUR_SD.curve }
  let fresh = true
  let target = Number.NaN
  let hottest = Number.NEGATIVE_INFINITY
  let pulledAt = Number.POSITIVE_INFINITY
  while (pot.at < LONGEST) {
    const glance = pot.at > pulledAt + GLANCE.leftAfter ? GLANCE.left : GLANCE.heated
    const next = formula.steps[cook.state.next]
    if (!next || formula.steps.some((s) => s.empties && cook.state.done.has(s.id))) break
    const finish = assessFinish({ cook, events, readings, analysis, pieces: 50, pieceGrams: 10 }, pot.at)
    const seen: PotNow = potNow(cook, readings, pot.at, fresh ? undefined : before, finish)
    before = seen
    fresh = false
    const { doNow } = seen
    if (Math.round(pot.at) % 20 < glance)
      colour = { mean: colourTemperature(brownedBy(readings, cook).dose), sd: COLOUR_SD.curve }
    const past = pastTarget(cook, readings, syrupC(seen), analysis.targetC, pot.at)
    for (const t of troublesOf({ cook, pot: seen, analysis, past, colour, now: pot.at }))
      alarms.add(`${t.tone} ${t.id}`)
    const byEye = ['word', 'sign', 'texture'].includes(next.when.on)
    if (doNow.mood === 'now' || (byEye && pot.at > cook.state.lastDoneAt + SEEN)) {
      const pulls = next.when.on === 'target'
      const act: CookAct = pulls
        ? { type: 'pulled', step: next.id, celsius: readings.at(-1)?.celsius ?? null }
        : { type: 'step', step: next.id }
      const event: CookEvent = { id: `${events.length}`, at: pot.at, ...act }
      if (pulls) {
        target = temperatureToday(contentsOf(pot), formula.target.celsius, testConditions.pressurePa)
        pulledAt = pot.at
      }
      at.set(next.id, pot.celsius)
      events.push(event)
      for (const e of potEventsOf(formula, grams, event)) applyToPot(pot, e)
      cook = openCook(formula, grams, testConditions, facts, events, cook)
      fresh = true
    }
    for (let i = 0; i < glance; i++) {
      advancePot(pot, 1)
      if (pot.at >= pulledAt && pot.at < pulledAt + 10) hottest = Math.max(hottest, pot.celsius)
      const celsius = probe.read(pot.celsius, 1, pot.baseC)
      if (celsius !== null) readings.push({ at: pot.at, celsius })
    }
  }
  return {
    alarms: [...alarms],
    at,
    done: [...cook.state.done.keys()],
    poured: formula.steps.some((s) => s.empties && cook.state.done.has(s.id)),
    offBy: hottest - target,
  }
}

const oneOf = (family: FamilyId): BoiledFormula | undefined =>
  Object.values(demoFormulas)
    .flatMap(boiledIn)
    .find((b) => b.formula.family === family)?.formula

const pairs = (Object.keys(families) as FamilyId[]).flatMap((family) => {
  const formula = oneOf(family)
  return formula ? Object.keys(families[family].schools).map((school) => [family, school, formula] as const) : []
})

/** A syrup that is brought back to the boil after hot water went in, which is not boiling. */
function twiceBoiled(): BoiledFormula {
  const drops = oneOf('hard-candy') as BoiledFormula
  const index = drops.steps.findIndex((s) => s.adds && s.when.on === 'boil')
  const added = drops.steps[index]?.adds
  const again: Step = {
    id: 'again',
    label: 'Back at the boil',
    when: { on: 'boil' },
    say: 'Brush the sides',
    why: 'It has come back to the boil.',
    act: 'Brushed',
  }
  return {
    ...drops,
    groups: drops.groups.map((g) => (g.id === added ? { ...g, celsius: 80 } : g)),
    lines: drops.lines.map((l) => (l.group === added ? { ...l, ingredient: 'water' } : l)),
    steps: [...drops.steps.slice(0, index + 1), again, ...drops.steps.slice(index + 1)],
  }
}

describe('obeyed', () => {
  it('a syrup is back at the boil when it is, not while the probe still tells of before', () => {
    const { at } = obey(twiceBoiled(), 5)
    expect(at.get('again')).toBeGreaterThan(100.3)
  })

  it.each([
    [
      'a caramel that leaves the ring for its cream goes back on it, in the practice pot as well',
      'Caramels\n\n300 g sugar\n160 g light corn syrup\n60 ml water\n360 g cream\n\nStir together the sugar, corn syrup and water. Cook until light amber. Remove from the heat and whisk in the cream. Return the pan to medium heat. Cook to 118 °C. Pour out.',
    ],
    [
      'butter browned by the clock has lost its water when the sugar goes in',
      'Toffee\n\n2 c (452 g) butter\n2 c (400 g) sugar\n1/4 c water\n1 T corn syrup\n1 t salt\n\nBrown the butter in a heavy pot till nutty, 6 min. Whisk in sugar, water, corn syrup, salt. Cook over med-high, stirring in figure eights, to 300F – it will take about 12 min. Pour onto a sheet.',
    ],
    [
      'what is boiled for a time comes off sooner where it is there sooner',
      'Butter sauce\n\n115 g butter\n200 g brown sugar\n240 g cream\n\nMelt the butter with the sugar. Whisk in the cream. Cook for 10 minutes. Test the heat: cook to 106 °C. Cool 5 minutes. Pour into jars.',
    ],
    [
      'what is to cool further than the room lets it is cold once it is as cold as the room',
      'Maple fudge\n\n300 g maple syrup\n\nBoil the syrup to 113 °C. Take off the heat. Leave to cool to 19 °C. Beat until it dulls. Pour into a tin.',
    ],
    [
      'a boil that cools on its way is off the heat meanwhile, and goes on from there',
      'Caramels\n\n300 g sugar\n100 g glucose syrup\n60 g water\n200 g cream\n50 g butter\n\nBoil sugar, glucose and water to 150 °C. Let it cool to 120 °C, then stir in the cream. Cook to 118 °C. Add the butter. Pour.',
    ],
    [
      'a pot that was empty is filled before it is waited for',
      'Fruit drops\n\n600 g sugar\n240 g water\n60 g glucose syrup\n\nBlanch a fruit: bring to boil, drain. Bring sugar, water and glucose syrup to a simmer and cook 8 minutes (110 °C). Cook to 150 °C. Pour into moulds.',
    ],
  ])('%s', (_, text) => {
    const { formula } = readRecipe(text, pantryOf())
    if (!isBoiled(formula)) throw new Error('not boiled')
    const { alarms, poured, offBy } = obey(formula, 7)
    expect([poured, alarms.filter((a) => !a.startsWith('soon'))]).toEqual([true, []])
    expect(Math.abs(offBy)).toBeLessThan(formula.target.within + 1.5)
  })

  it.each(pairs)('%s in the school “%s” is cooked to its target and poured', (_, school, written) => {
    const { formula } = inSchool(written, school)
    if (!isBoiled(formula)) throw new Error('not boiled any more')
    const { alarms, done, poured, offBy } = obey(formula, seedOf(school))
    const all = formula.steps.map((s) => s.id)
    expect(done).toEqual(all.slice(0, done.length))
    expect(poured).toBe(true)
    expect(alarms.filter((a) => !a.startsWith('soon'))).toEqual([])
    expect(Math.abs(offBy)).toBeLessThan(formula.target.within + 1.5)
  })
})

describe('a probe that falls silent as something goes in', () => {
  it('stops no forecast: the burner goes on', () => {
    const drops = oneOf('hard-candy') as BoiledFormula
    const events: CookEvent[] = ['dissolve', 'glucose'].map((step, i) => ({
      id: step,
      at: 300 * i,
      type: 'step',
      step,
    }))
    // left far too long: the last it said was beyond all sugar
    const readings = Array.from({ length: 300 }, (_, i) => ({ at: i, celsius: 20 + 1.1 * i }))
    const cook = openCook(drops, gramsAsWritten(drops), testConditions, { lagS: 4, noiseC: 0.15 }, events)
    const etas = [310, 320, 330, 900].map((now) => potNow(cook, readings, now).forecast?.eta ?? Number.NaN)
    expect(etas[0]).toBeGreaterThan(20)
    for (const [i, pause] of [10, 10].entries())
      expect((etas[i] as number) - (etas[i + 1] as number)).toBeGreaterThan(0.7 * pause)
    expect(etas.at(-1)).toBe(0)
    expect(potNow(cook, readings, 900).doNow.mood).toBe('now')
  })
})
