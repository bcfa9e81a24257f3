import fc from 'fast-check'
import { describe, expect, it, test } from 'vitest'
import {
  analyse,
  type BoiledFormula,
  boiledIn,
  boilsAgain,
  type CookEvent,
  differences,
  equipmentChecks,
  type FormulaDocument,
  gramsAsWritten,
  inCelsius,
  inCelsiusStep,
  inGrams,
  inMillimetres,
  inSchool,
  isBoiled,
  type Move,
  piecesOf,
  readyList,
  rescue,
  type Step,
  scale,
  schoolsOf,
  switchesFor,
  switchIngredient,
  troubles,
  unscaledOf,
  verdictsOf,
  type WorkAhead,
  wantOf,
  wholeVerdicts,
} from '@/core'
import { cookedByHand } from '@/core/finish/testing'
import { testConditions } from '@/core/testing'
import { demoBoil, demoFormulas } from '@/demo/formulas'
import { demoVessels } from '@/demo/kitchen'
import { formatClock, formatCount, formatShare, formatSpan } from './format'
import {
  asMissed,
  biteNames,
  measureOf,
  metric,
  proseIn,
  type Say,
  sayAdvice,
  sayCause,
  sayDifference,
  sayDoNow,
  sayDoubt,
  sayDue,
  sayEquipment,
  sayEvent,
  sayIn,
  sayLost,
  sayMove,
  sayReady,
  sayRescue,
  saySchool,
  sayStorage,
  saySwitch,
  sayTarget,
  sayUnscaled,
  sayVerdict,
  sayWant,
  type Units,
} from './index'

const american: Units = { temperature: 'F', weight: 'oz', length: 'in' }
const systems = [metric, american].map(sayIn)
const say = sayIn(metric)
const us = sayIn(american)
const drops = demoBoil('rhubarb-nettle-elderflower-drops')

/** Every sentence the product says of a formula before it is cooked. */
function everythingSaid(formula: FormulaDocument, words: Say): string[] {
  const vessel = demoVessels.find((v) => (v.kind === 'mould') === (formula.shape.kind === 'mould')) ?? null
  const plan = scale(formula, { size: { by: 'pieces', pieces: 60 }, vessel: vessel ?? undefined })
  const said = [
    ...readyList(formula, plan, vessel).map((i) => sayReady(i, words)),
    ...wholeVerdicts(formula, plan.grams, formula).map((v) => sayVerdict(v, words)),
    ...boiledIn(formula).flatMap(({ formula: f }) => {
      const analysis = analyse(f, testConditions)
      const thermometers = [{ name: 'meat thermometer', maxC: 110 }]
      return [
        ...verdictsOf(analysis, testConditions, formula).map((v) => sayVerdict(v, words)),
        ...equipmentChecks(analysis, plan, testConditions, vessel, thermometers).map((c) => sayEquipment(c, words)),
        ...unscaledOf({
          formula: f,
          plan,
          grams: gramsAsWritten(f),
          analysis,
          written: analysis,
          conditions: testConditions,
        }).map((u) => sayUnscaled(u, words)),
      ]
    }),
  ].flatMap(({ text, detail }) => [text, detail])
  const steps = piecesOf(formula).flatMap((p) =>
    p.formula.steps.flatMap((s) => [
      sayDue(s, words, p.formula.target?.celsius ?? null),
      ...[s.say, s.why, s.prepare?.say, s.meanwhile?.say, s.test].flatMap((t) => (t ? [proseIn(t, words)] : [])),
    ]),
  )
  const schools = Object.keys(schoolsOf(formula.family)).flatMap((school) =>
    inSchool(formula, school).notes.map((n) => saySchool(n, words)),
  )
  const switches = formula.lines.flatMap((line) =>
    switchesFor(formula, line).flatMap(({ ingredient, refused }) =>
      refused ? [] : switchIngredient(formula, line.id, ingredient.id).notes.map((n) => saySwitch(n, words)),
    ),
  )
  const rows = differences(formula, drops, testConditions).flatMap((d) => Object.values(sayDifference(d, words)))
  return [...said, ...steps, ...schools, ...switches, ...rows]
}

/** A temperature in °C where °F is read, a weight in grams, a length in millimetres; and the other way round. */
const METRIC = /\d\s?(?:g|mm|cm|°C)\b|\b(?:[2-9]\d|1[0-8]\d)°(?!\d)/
const AMERICAN = /\d\s?(?:oz|lb|in|°F)\b/

describe('the lemon panel', () => {
  it('says of a window when it opens and closes, and of one that closes before its moment only that', () => {
    const step = {
      ...(demoBoil('smoked-salt-tamarind-caramels').steps[0] as Step),
      handwork: { kind: 'score' } as const,
    }
    const at = (opens: number, closes: number) =>
      sayDoNow(
        {
          mood: 'wait',
          step,
          meanwhile: false,
          prepare: false,
          test: false,
          due: { seconds: opens, low: opens, high: opens },
          until: closes,
          cautions: [],
        },
        say,
      ).window
    expect(at(300, 900)).toBe('It holds from 5 min to 15 min from now.')
    expect(at(1700, 380)).toBe('By reckoning it can be done only within 6 min 20.')
    expect(at(600, 615)).toBe('It holds for 15 s, 10 min from now.')
  })
})

describe('every sentence', () => {
  it.each(Object.entries(demoFormulas))('of %s says something, in either system of units', (_, formula) => {
    for (const words of systems)
      for (const sentence of everythingSaid(formula, words)) {
        expect(sentence).not.toMatch(/undefined|NaN|Infinity|\[object/)
        expect(sentence.trim()).not.toBe('')
      }
  })

  it.each(Object.entries(demoFormulas))('of %s says at the stove how it sets as its verdict does', (_, formula) => {
    const analysis = analyse(formula, testConditions)
    const verdict = verdictsOf(analysis, testConditions, formula).find((v) => v.id === 'bite')
    if (!verdict || !isBoiled(formula) || analysis.work === 'tempered') return
    const bites = analysis.work === 'set' ? 'holds its shape' : biteNames[analysis.bite.id]
    expect(sayVerdict(verdict, say).text.toLowerCase()).toContain(bites)
    expect(sayTarget(analysis, say)).toContain(bites)
  })

  it.each(Object.entries(demoFormulas))('of %s holds no figure of the other system', (_, formula) => {
    for (const sentence of everythingSaid(formula, say)) expect(sentence).not.toMatch(AMERICAN)
    for (const sentence of everythingSaid(formula, us)) {
      expect(sentence).not.toMatch(/\d\s?(?:g|mm|cm)\b/)
      // hotter than its glass point or boiled: no syrup is at 60 to 180 °F but what is warmed or cooled
      for (const [, degrees] of sentence.matchAll(/at (\d+)°/g)) expect(Number(degrees)).not.toBeLessThan(60)
    }
    expect(METRIC.test('at 119°')).toBe(true)
  })
})

describe('what becomes of a sweet', () => {
  test.each([
    ['bergamot-pouring-caramel', 0.4, /gets a skin, close it/],
    ['malted-milk-fudge', 0.4, /crumbles/],
    ['blackcurrant-marshmallow', 0.4, /tough/],
    ['juniper-popcorn-clusters', 0.7, /the corn goes soft/],
    ['ginger-honeycomb', 0.7, /sinks/],
    ['smoked-salt-tamarind-caramels', 0.7, /runs, wrap each piece/],
  ])('%s in a room at %d: as its family does', (id, humidity, said) => {
    const formula = demoBoil(id)
    const conditions = { ...testConditions, humidity }
    const found = verdictsOf(analyse(formula, conditions), conditions, formula).find((v) => v.id === 'humidity')
    expect(found && sayVerdict(found, say).detail).toMatch(said)
  })

  it('is what it came out as, and what it lies in: no snap to lose, no piece to wrap', () => {
    const said = (id: string, change: Partial<BoiledFormula>, humidity = 0.7, celsius = 0) => {
      const plain = demoBoil(id)
      const formula = { ...plain, target: { ...plain.target, celsius: plain.target.celsius + celsius }, ...change }
      const conditions = { ...testConditions, humidity }
      const found = verdictsOf(analyse(formula, conditions), conditions, formula).find((v) => v.id === 'humidity')
      return found && sayVerdict(found, say).detail
    }
    expect(said('coconut-chip-brittle', {})).toMatch(/loses its snap/)
    expect(said('coconut-chip-brittle', {}, 0.7, -25)).toMatch(/turns soft/)
    expect(said('smoked-salt-tamarind-caramels', { shape: { kind: 'mould', millilitres: 190 } })).toMatch(/close it/)
  })

  it('that is spooned out or rolled is neither cut nor poured', () => {
    const plain = demoBoil('smoked-salt-tamarind-caramels')
    const said = (formed: 'dropped' | 'rolled') => {
      const formula = { ...plain, shape: { kind: 'broken' as const, thicknessMm: 12, gramsEach: 15, formed } }
      const found = verdictsOf(analyse(formula, testConditions), testConditions, formula).find((v) => v.id === 'work')
      return found && sayVerdict(found, say)
    }
    expect(said('dropped')?.text).toMatch(/^Spoon it out within/)
    expect(said('rolled')?.detail).toMatch(/rolled once/)
  })

  test.each([
    ['quince-lollipops', /^Keeps \d/, /yeasts/],
    ['bergamot-pouring-caramel', /^Holds its water .* yeasts and moulds/, /Keeps/],
  ])('%s keeps only as long as nothing grows in it', (id, said, never) => {
    const formula = demoBoil(id)
    const plan = scale(formula, { size: { by: 'weight', grams: 500 } })
    const step = formula.steps.find((s) => s.handwork?.kind === 'wrap')
    const want =
      step && wantOf(step, { formula, analysis: analyse(formula, testConditions), plan, conditions: testConditions })
    const text = want ? sayWant(want, say) : ''
    expect(text).toMatch(said)
    expect(text).not.toMatch(never)
  })
})

describe('figures in the reader’s units', () => {
  test.each([
    [say.temperature(inCelsius(119.4)), '119°'],
    [us.temperature(inCelsius(119.4)), '247°'],
    [say.fine(inCelsius(118.44)), '118.4°'],
    [say.written(inCelsius(119.5)), '119.5°'],
    [say.written(inCelsius(121)), '121°'],
    [say.step(inCelsiusStep(-2)), '−2.0°'],
    [us.step(inCelsiusStep(2)), '3.6°'],
    [say.weight(inGrams(1820.4)), '1\u202f820 g'],
    [say.weight(inGrams(8.54)), '8.5 g'],
    [say.weight(inGrams(0)), '0 g'],
    [say.fineWeight(inGrams(12.36)), '12.4 g'],
    [us.weight(inGrams(694.6)), '1 lb 8\u202f½ oz'],
    [us.weight(inGrams(453.59)), '1 lb'],
    [us.weight(inGrams(113.4)), '4 oz'],
    [us.fineWeight(inGrams(4.6)), '0.162 oz'],
    [say.length(inMillimetres(16)), '16 mm'],
    [us.length(inMillimetres(25.4)), '1 in'],
    [us.length(inMillimetres(9.525)), '⅜ in'],
    [say.size(inMillimetres(22), inMillimetres(22), inMillimetres(16)), '22 × 22 × 16 mm'],
  ])('%s', (said, wanted) => expect(said).toBe(wanted))

  const glyphs: Record<string, number> = {
    '⅛': 1 / 8,
    '¼': 1 / 4,
    '⅜': 3 / 8,
    '½': 1 / 2,
    '⅝': 5 / 8,
    '¾': 3 / 4,
    '⅞': 7 / 8,
  }
  const worth = (text: string): number =>
    [...text.replace(/\u202f(?=\d)/g, '').matchAll(/(\d+(?:\.\d+)?)?\u202f?([⅛¼⅜½⅝¾⅞])?\s?(lb|oz|g)/g)].reduce(
      (sum, [, whole, glyph, unit]) =>
        sum + (Number(whole ?? 0) + (glyphs[glyph ?? ''] ?? 0)) * { g: 1, oz: 28.349523, lb: 453.59237 }[unit as 'g'],
      0,
    )

  it('a weight is never shown more than one per cent off', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.2, max: 50_000, noNaN: true }), (g) => {
        for (const words of systems)
          for (const said of [words.weight(inGrams(g)), words.fineWeight(inGrams(g))])
            expect(Math.abs(worth(said) / g - 1), `${g} g said as ${said}`).toBeLessThanOrEqual(0.0101)
      }),
    )
  })

  it('spans, clocks, counts and shares are the same in every system', () => {
    expect(formatCount(-1234567)).toBe('−1\u202f234\u202f567')
    expect(formatSpan(205)).toBe('3 min 25')
    expect(formatSpan(4800)).toBe('1 h 20')
    expect(formatSpan(-3)).toBe('0 s')
    expect(formatClock(3730)).toBe('1:02:10')
    expect(formatShare(0.0964)).toBe('9.6 %')
  })
})

describe('figures as they are typed', () => {
  const read = (as: Parameters<typeof measureOf>[0], text: string, units = metric) => measureOf(as).read(text, units)

  test.each([
    ['weight', '250', metric, 250],
    ['weight', '1 480 g', metric, 1480],
    ['weight', '0,3 kg', metric, 300],
    ['weight', '8', american, 226.8],
    ['weight', '1 lb 8 ½ oz', metric, 694.56],
    ['weight', '1 lb 8½', american, Number.NaN],
    ['weight', '250 g', american, 250],
    ['weight', '1,480', metric, Number.NaN],
    ['weight', '3 spoons', metric, Number.NaN],
    ['weight', '', metric, Number.NaN],
    ['temperature', '119,5', metric, 119.5],
    ['temperature', '246', american, 118.89],
    ['temperature', '119 °C', american, 119],
    ['temperature', '246F', metric, 118.89],
    ['temperature', '-4', metric, -4],
    ['temperature', 'hot', metric, Number.NaN],
    ['step', '1.8', american, 1],
    ['length', '16', metric, 16],
    ['length', '5/8', american, 15.875],
    ['length', '9½"', metric, 241.3],
    ['length', '2 cm', american, 20],
    ['percent', '4 %', metric, 0.04],
    ['minutes', '1,5', metric, 90],
    ['pieces', '144', metric, 144],
  ] as const)('%s “%s”', (as, text, units, wanted) => {
    if (Number.isNaN(wanted)) expect(read(as, text, units)).toBeNaN()
    else expect(read(as, text, units)).toBeCloseTo(wanted, 1)
  })

  it('what a box shows is read back as what it is', () => {
    const value = fc.double({ min: 0.5, max: 5000, noNaN: true })
    fc.assert(
      fc.property(value, fc.constantFrom('weight', 'temperature', 'step', 'length', 'litres', 'minutes'), (n, as) => {
        for (const { units } of systems) {
          const { show, read: readBack } = measureOf(as)
          expect(Math.abs(readBack(show(n, units), units) - n)).toBeLessThan(0.002 * n + 0.35)
        }
      }),
    )
  })
})

describe('sentences with something to decide', () => {
  it('advice shows the digit that decides', () => {
    expect(sayAdvice({ kind: 'too-few', have: 2, need: 6 }, 119, say).detail).toMatch(/^2 judged of the 6/)
    expect(sayAdvice({ kind: 'too-alike', spread: 0.4 }, 119, say).detail).toMatch(/0\.4°/)
    const better = { kind: 'target' as const, best: 120.6, sd: 0.4, batches: 12, says: 'change' as const }
    expect(sayAdvice(better, 119, say).text).toBe('Try 121° instead of 119°')
    expect(sayAdvice({ ...better, best: 119.9 }, 119, say).text).toBe('Try 119.9° instead of 119.0°')
    expect(sayAdvice({ ...better, says: 'keep' }, 119, say).text).toBe('119° has served you well')
    expect(sayAdvice({ ...better, says: 'unsure' }, 119, say).text).toBe('Whether 119° is the best does not show yet')
    expect(sayAdvice(better, 119, us).text).toBe('Try 249° instead of 246°')
  })

  it('a thermometer is off by a step, not by a temperature', () => {
    const doubt = { id: 'thermometer-off', figures: { off: inCelsiusStep(3.2), sd: inCelsiusStep(1) } } as const
    expect(sayDoubt(doubt, say)).toMatch(/reads about 3\.2° high \(give or take 1\.0°\)/)
    expect(sayDoubt(doubt, us)).toMatch(/reads about 5\.8° high \(give or take 1\.8°\)/)
    expect(sayDoubt({ ...doubt, figures: { off: inCelsiusStep(-2), sd: inCelsiusStep(1) } }, say)).toMatch(/2\.0° low/)
  })

  it('temperatures in a maker’s own words are read in the reader’s unit', () => {
    expect(proseIn('Bake at 165°, then cool to 31.5 °C', us)).toBe('Bake at 329°, then cool to 89°')
    expect(proseIn('Bake at 165°', say)).toBe('Bake at 165°')
    expect(proseIn('A 30° cone and 2 spoons', say)).toBe('A 30° cone and 2 spoons')
  })

  it('and so are those that the log speaks of, and a label', () => {
    expect(sayCause('long-in-the-heat', us).was).toBe('It stood longer above 284°')
    expect(sayCause('long-in-the-heat', say).was).toBe('It stood longer above 140°')
    expect(sayCause('out-of-temper', us).next).toMatch(/below 68°/)
    expect(sayCause('pulled-late', say).now).toMatch(/back to the boil/)
    expect(sayCause('pulled-late', say, boilsAgain(demoBoil('ginger-honeycomb'))).now).toMatch(/cannot be boiled again/)
    expect(sayCause('spread-thick', say, false).now).toBe('Cut smaller.')
    expect(sayStorage({ storage: 'chilled' }, us)).toBe('Keep chilled, between 32° and 41°.')
  })

  it('a pot that is lost says so in place of its next step, and no other does', () => {
    const burns = { id: 'burning', tone: 'danger', figures: { shade: 'burnt', last: 'amber' } } as const
    const flares = { id: 'flares', tone: 'danger', figures: {} } as const
    expect(sayLost([burns], say)).toMatchObject({ said: { say: 'It is burnt' }, mind: expect.stringMatching(/^Off/) })
    expect(sayLost([flares, burns], say)?.mind).toMatch(/no water/)
    const past = { id: 'overshoot', tone: 'danger', figures: { reckoned: false } } as const
    expect(sayLost([past, burns], say)).toBeNull()
    expect(sayLost([], say)).toBeNull()
  })

  it.each(troubles)('a rescue of “%s” says what to do and why', (trouble) => {
    const { atTarget, targetC } = analyse(drops, testConditions)
    const facts = { spoiltAt: 166, target: 149, pressurePa: 101_325, watts: 900, boilsAgain: true }
    for (const colourC of [120, 200]) {
      const said = sayRescue(rescue(trouble, { ...facts, mix: atTarget, celsius: targetC + 6, colourC }))
      expect(said.say.length).toBeGreaterThan(5)
      expect(said.why).toMatch(/[.]$/)
    }
    const whipped = { ...facts, mix: atTarget, celsius: 60, colourC: 120, boilsAgain: false }
    expect(sayRescue(rescue(trouble, whipped)).say).not.toMatch(/water|then boil|back to the boil/i)
  })

  it('events are called what the formula calls them', () => {
    const event = { id: 'a', at: 10 }
    const called = (act: object, words = say) => sayEvent({ ...event, ...act } as CookEvent, drops, words)
    expect(called({ type: 'step', step: 'glucose' })).toBe('glucose is in')
    expect(called({ type: 'heat', dial: 0 })).toBe('heat off')
    expect(called({ type: 'lid', on: true })).toBe('lid on')
    expect(called({ type: 'test', test: 'sign', sign: 'clean-streak' })).toBe('a clean streak on the pan')
    expect(called({ type: 'test', test: 'colour', celsius: 175 })).toBe('colour: amber')
    expect(called({ type: 'reads', celsius: 119 }, us)).toBe('246° by eye')
    expect(called({ type: 'finished' })).toBeNull()
    expect(called({ type: 'note', text: 'x'.repeat(60) })?.length).toBeLessThan(30)
  })
})

test('a move says what it changes, and no more', () => {
  const work = { kind: 'cut', opens: 3000, closes: Number.POSITIVE_INFINITY } as unknown as WorkAhead
  const to = (opens: number, sweats = Number.POSITIVE_INFINITY): string =>
    sayMove({ next: { kind: 'cut', opens, closes: Number.POSITIVE_INFINITY }, sweats } as unknown as Move, work, 600)
  expect(to(1800)).toBe('cut in 20 min instead of 40 min')
  expect(to(3000)).toBe('cut no sooner')
  expect(to(3030, 4200)).toBe('cut no sooner; weeps after 1 h')
})

test('the panel does not go on asking for what it is too late for', () => {
  for (const [id, way] of [
    ['smoked-salt-tamarind-caramels', /^Leave it out: it is cut along a ruler/],
    ['orchard-toffee', /^Leave it out and break it along no line, under paper, or warm it to /],
  ] as const) {
    const { judge, at } = cookedByHand(demoBoil(id), 'pour', 0)
    const panelAt = (seconds: number) => {
      const { pot, finish } = judge(at + seconds)
      return asMissed(sayDoNow(pot.doNow, say), finish, say)
    }
    const late = panelAt(3 * 3600)
    expect(late.say).toBe('Too late to score')
    expect(late.why).toMatch(way)
    expect(panelAt(90).say).not.toMatch(/Too late/)
  }
})

test('what is too late to score is cut through while a knife can, down to so many degrees', () => {
  const { judge, at } = cookedByHand(demoBoil('orchard-toffee'), 'pour', 0)
  const closes = judge(at + 60).finish?.ahead[0]?.closes ?? 0
  const { pot, finish } = judge(closes + 5)
  expect(asMissed(sayDoNow(pot.doNow, say), finish, say).why).toMatch(
    /^Cut right through it along a ruler, .*: a knife goes through it down to \d+°\.$/,
  )
})

test('how it is worked is said by what becomes of it', () => {
  const workOf = (id: string): string => {
    const formula = demoBoil(id)
    const verdict = verdictsOf(analyse(formula, testConditions), testConditions, formula).find((v) => v.id === 'work')
    return verdict ? sayVerdict(verdict, say).text : ''
  }
  expect(workOf('treacle-dark-butterscotch-drops')).toMatch(/^Spoon it out within/)
  expect(workOf('orchard-toffee')).toMatch(/^Spread within/)
  expect(workOf('plum-and-star-anise-squares')).toMatch(/^Pour within/)
  expect(workOf('pilot-house-milk-chocolate')).not.toMatch(/seed/i)
})
