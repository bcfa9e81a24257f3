import fc from 'fast-check'
import { describe, expect, it, test } from 'vitest'
import { demoBoil, demoFormulas } from '@/demo/formulas'
import { demoVessels } from '@/demo/kitchen'
import { pantryOf } from '../matter/names'
import { readRecipe } from '../recipe/recipe'
import { testConditions } from '../testing'
import { analyse } from './analyse'
import { boilSlots, depthAtPull, largestBoil, PROBE_DEPTH, smallestProbed } from './boils'
import { boiledIn, type FormulaDocument, gramsAsWritten } from './document'
import { equipmentChecks } from './equipment-checks'
import { peakLitres } from './headroom'
import { type BatchPlan, gramsOfBoil, type Mould, type Tray, type Vessel } from './plan'
import { readyList } from './ready'
import { liesThick, scale, slabOf } from './scale'
import { traceSteps } from './trace'
import { unscaledOf } from './unscaled'
import { verdictsOf } from './verdicts'

const drops = demoBoil('rhubarb-nettle-elderflower-drops')
const caramels = demoBoil('smoked-salt-tamarind-caramels')
const vessel = (id: string) => demoVessels.find((v) => v.id === id) as Vessel
const tray = vessel('slab-30') as Tray
const mould = vessel('drops-54') as Mould

test.each(Object.entries(demoFormulas))('%s is got ready in an order one person can do', (_, formula) => {
  const plan = scale(formula, { size: { by: 'weight', grams: 900 } })
  const list = readyList(formula, plan, null)
  const weigh = list.find((i) => i.id === 'weigh')
  const weighed = (weigh?.begin ?? 0) - (weigh?.hands ?? 0)
  for (const [i, item] of list.entries()) {
    // hands do one thing at a time, and what waits is done by the flame
    const next = list[i + 1]
    if (next) expect(item.begin - item.hands).toBeGreaterThanOrEqual(next.begin)
    expect(item.begin - item.hands).toBeGreaterThanOrEqual(item.waits)
    // only what is weighed can be warmed, bloomed, toasted or chopped
    if ('things' in item.figures && item.id !== 'unchill') expect(item.begin).toBeLessThanOrEqual(weighed)
  }
})

test.each(Object.entries(demoFormulas))('%s: a pan warms a liquid, and ice stands where it can scald', (_, formula) => {
  const ready = readyList(formula, scale(formula, { size: { by: 'weight', grams: 900 } }), null)
  const warm = ready.find((i) => i.id === 'warm')
  if (warm && 'things' in warm.figures)
    expect(warm.figures.things.some(({ name }) => /cream|milk|purée|juice|honey|syrup/i.test(name))).toBe(true)
  const hottest = Math.max(...boiledIn(formula).map((b) => b.formula.target.celsius))
  expect(ready.some((i) => i.id === 'ice')).toBe(hottest > 60)
})

const listOf = (formula: FormulaDocument) =>
  readyList(
    formula,
    { ...scale(formula, { size: { by: 'weight', grams: 700 } }), grams: gramsAsWritten(formula) },
    null,
  )

it('prepares for a syrup what goes into one, all of a thing at once, and nothing of a base', () => {
  const recipe = (nuts: string, method: string): FormulaDocument =>
    readRecipe(
      `Slice\n\nBase\n200 g flour\n100 g butter\n80 g hazelnuts, toasted\nCaramel\n200 g sugar\n100 g butter\n60 g butter\n${nuts}\n\nMethod\nBase: rub the butter into the flour and press in a tin. Bake at 180 °C for 15 min.\nCaramel: ${method}`,
      pantryOf(),
    ).formula
  const things = (formula: FormulaDocument, id: string): unknown => {
    const found = listOf(formula).find((i) => i.id === id)
    return found && 'things' in found.figures ? found.figures.things : null
  }
  const boiled = 'boil the sugar and butter to 120 °C and stir in the pecans. Pour over the base.'
  const raw = recipe('100 g pecans', boiled)
  expect(things(raw, 'cut-up')).toEqual([{ name: 'Butter, unsalted', grams: 160 }])
  // a recipe toasts only what it says it does
  expect(things(raw, 'toast')).toEqual([{ name: 'Hazelnuts', grams: 80 }])
  const toasted = [
    { name: 'Hazelnuts', grams: 80 },
    { name: 'Pecans', grams: 100 },
  ]
  expect(things(recipe('100 g pecans, toasted', boiled), 'toast')).toEqual(toasted)
  // what the method says of it stands there in its own words, and once
  const said = recipe('100 g pecans', `toast the pecans, then ${boiled}`)
  expect(things(said, 'toast')).toEqual([{ name: 'Hazelnuts', grams: 80 }])
  expect(listOf(said).flatMap((i) => (i.id === 'own' ? [i.figures.say] : []))).toEqual(['Toast the pecans'])
})

describe('sizing by what it is set in', () => {
  it('covers so many trays to the height asked for', () => {
    const plan = scale(caramels, { size: { by: 'vessels', count: 2 }, vessel: tray })
    expect(liesThick(caramels, plan, tray, 2)).toBeCloseTo(16, 1)
    expect(plan.pieces).toBe(2 * 117)
    expect(plan.vessels).toBe(2)
  })

  it('counts the edges of the trays it is really cut on', () => {
    const kinds = demoVessels.filter((v): v is Tray & { id: string } => v.kind === 'tray')
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 600 }), fc.constantFrom(...kinds), (pieces, on) => {
        const plan = scale(caramels, { size: { by: 'pieces', pieces }, vessel: on })
        const slab = slabOf(caramels, plan, on)
        expect(slab?.pieces).toBeGreaterThanOrEqual(pieces)
        expect(plan.pieces).toBe(pieces)
        expect(plan.vessels).toBe((slab?.fullTrays ?? 0) + (slab?.barMm == null ? 0 : 1))
        // no more than a row of pieces beyond what was asked for
        expect(plan.outGrams).toBeLessThan(1.35 * pieces * plan.pieceGrams + (on.widthMm * 23 * 16 * 1.4) / 1000)
      }),
      { numRuns: 60 },
    )
  })

  it('gets the same pieces out of the same weight, however it was asked for', () => {
    const plan = scale(caramels, { size: { by: 'pieces', pieces: 144 }, vessel: tray })
    const again = scale(caramels, { size: { by: 'weight', grams: plan.outGrams }, vessel: tray })
    expect(again.pieces).toBe(slabOf(caramels, plan, tray)?.pieces)
    expect(again.vessels).toBe(plan.vessels)
  })

  it('refuses a piece that is larger than the tray', () => {
    const shape = { kind: 'cut', lengthMm: 500, widthMm: 30, heightMm: 10 } as const
    expect(() => scale(caramels, { size: { by: 'pieces', pieces: 3 }, shape, vessel: tray })).toThrow(
      /larger than the slab tray/,
    )
  })

  it('fills so many moulds', () => {
    const plan = scale(drops, { size: { by: 'vessels', count: 6 }, vessel: mould })
    expect(plan.pieces).toBe(6 * 54)
    expect(plan.vessels).toBe(6)
  })

  it('counts the air of whipped sweets', () => {
    const marshmallow = demoBoil('blackcurrant-marshmallow')
    const size = { by: 'vessels', count: 1 } as const
    const whipped = scale(marshmallow, { size, vessel: tray }).outGrams
    const flat = scale({ ...marshmallow, air: 0 }, { size, vessel: tray }).outGrams
    expect(whipped / flat).toBeCloseTo(1 - 0.62, 6)
  })

  it('asks for a vessel where there is none', () => {
    expect(() => scale(caramels, { size: { by: 'vessels', count: 1 } })).toThrow(/tray or mould/)
    expect(() => scale(caramels, { size: { by: 'packs', line: 'sugar', unit: 'tin', count: 1 } })).toThrow(
      /not counted by the tin/,
    )
  })
})

describe('pots and boils', () => {
  test.each(Object.entries(demoFormulas))('the largest boil of %s just stays in the pot', (_, f) => {
    for (const { formula } of boiledIn(f)) {
      const grams = largestBoil(formula, 9)
      const plan = scale(formula, { size: { by: 'weight', grams } })
      expect(peakLitres(formula, plan.grams, traceSteps(formula, plan.grams))).toBeCloseTo(0.95 * 9, 6)
    }
  })

  it('splits into as many boils as the largest allows', () => {
    fc.assert(
      fc.property(fc.double({ min: 300, max: 30_000, noNaN: true }), (grams) => {
        const plan = scale(caramels, { size: { by: 'weight', grams }, potLitres: 9 })
        expect(plan.boils.length).toBe(Math.max(1, Math.ceil(grams / largestBoil(caramels, 9) - 1e-9)))
      }),
      { numRuns: 40 },
    )
  })

  it('knows when a probe stands in too little', () => {
    const little = analyse(caramels, testConditions, scale(caramels, { size: { by: 'weight', grams: 400 } }).grams)
    expect(depthAtPull(little, testConditions.pot)).toBeLessThan(PROBE_DEPTH)
    const enough = smallestProbed(little, testConditions.pot)
    const deep = analyse(caramels, testConditions, scale(caramels, { size: { by: 'weight', grams: enough } }).grams)
    expect(depthAtPull(deep, testConditions.pot)).toBeCloseTo(PROBE_DEPTH, 6)
  })

  it('lights a boil no sooner than its moulds are free when it comes off', () => {
    const plan: BatchPlan = scale(drops, { size: { by: 'pieces', pieces: 324 }, vessel: mould })
    const slots = boilSlots(plan, 20, 40, { ...mould, count: 2 })
    expect(slots.map((s) => s.label)).toEqual(['Rhubarb', 'Nettle', 'Elderflower'])
    expect(slots.map((s) => s.fillings)).toEqual([2, 2, 2])
    // the drops sit 40 minutes: the second boil waits for the first
    expect(slots[1]?.pulled).toBeCloseTo(slots[0]?.free as number, 6)
    expect(slots[1]?.waits).toBeGreaterThan(0)
    const many = boilSlots(plan, 20, 40, { ...mould, count: 12 })
    expect(many.every((s) => s.waits === 0)).toBe(true)
  })
})

describe('getting ready', () => {
  const all = Object.entries(demoFormulas)
  const vesselFor = (kind: string) => (kind === 'mould' ? mould : tray)

  test.each(all)('%s: the list runs backwards from the first flame, one pair of hands', (_, f) => {
    const v = vesselFor(f.shape.kind)
    const plan = scale(f, { size: { by: 'pieces', pieces: 60 }, vessel: v })
    const items = readyList(f, plan, v)
    expect(items.find((i) => i.id === 'weigh')).toBeDefined()
    for (const [i, item] of items.entries()) {
      expect(item.begin).toBeGreaterThanOrEqual(item.hands + item.waits)
      const next = items[i + 1]
      if (next) expect(item.begin).toBeGreaterThanOrEqual(next.begin + item.hands)
    }
  })

  test.each([
    ['blackcurrant-marshmallow', 'bloom', 'Gelatin powder, 225 bloom'],
    ['blackcurrant-marshmallow', 'dust', undefined],
    ['bay-leaf-honey-nougat', 'toast', 'Pistachios'],
    ['bay-leaf-honey-nougat', 'unchill', 'Egg white'],
    ['bay-leaf-honey-nougat', 'infuse', 'Honey'],
    ['smoked-salt-tamarind-caramels', 'warm', 'Cream, 36 % fat'],
    ['juniper-popcorn-clusters', 'keep-hot', 'Popped corn'],
    ['ginger-honeycomb', 'sift', 'Baking soda'],
    ['malted-milk-fudge', 'bath', undefined],
    ['rye-shortcake-bars', 'chop', 'Dark chocolate, 54 %'],
    ['rye-shortcake-bars', 'chill', 'Butter, unsalted'],
  ] as const)('%s asks to %s', (id, task, name) => {
    const f = demoFormulas[id] as (typeof demoFormulas)[string]
    const v = vesselFor(f.shape.kind)
    const item = readyList(f, scale(f, { size: { by: 'pieces', pieces: 60 }, vessel: v }), v).find((i) => i.id === task)
    expect(item).toBeDefined()
    if (name && item && 'things' in item.figures) expect(item.figures.things.map((t) => t.name)).toContain(name)
  })

  it('sifts no starch for what is rolled in sugar, and says of what is chilled why', () => {
    const itemsOf = (id: string) =>
      readyList(demoBoil(id), scale(demoBoil(id), { size: { by: 'weight', grams: 900 } }), null)
    expect(itemsOf('plum-and-star-anise-squares').map((i) => i.id)).not.toContain('dust')
    expect(itemsOf('blackcurrant-marshmallow').find((i) => i.id === 'chill')?.figures).toMatchObject({
      fat: false,
      liquid: true,
    })
    const bars = demoFormulas['rye-shortcake-bars'] as FormulaDocument
    const chill = readyList(bars, scale(bars, { size: { by: 'weight', grams: 900 } }), null).find(
      (i) => i.id === 'chill',
    )
    expect(chill?.figures).toMatchObject({ fat: true, liquid: false })
  })

  it('stands sticks only in the moulds of what is on sticks', () => {
    const sticks = (id: string) => {
      const f = demoBoil(id)
      return readyList(f, scale(f, { size: { by: 'pieces', pieces: 60 }, vessel: mould }), mould).find(
        (i) => i.id === 'mould',
      )?.figures
    }
    expect(sticks('quince-lollipops')).toMatchObject({ sticks: true })
    expect(sticks('rhubarb-nettle-elderflower-drops')).toMatchObject({ sticks: false })
  })

  it('does not toast what is meant to be raw', () => {
    const brittle = demoBoil('coconut-chip-brittle')
    const items = readyList(brittle, scale(brittle, { size: { by: 'pieces', pieces: 60 }, vessel: tray }), tray)
    expect(items.find((i) => i.id === 'toast')).toBeUndefined()
  })

  it('turns away a thermometer that stops short, and a tray that is too shallow', () => {
    const plan = scale(caramels, { size: { by: 'pieces', pieces: 200 }, vessel: tray })
    const narrow = { ...testConditions, pot: { ...testConditions.pot, diameterMm: 230 } }
    const analysis = analyse(caramels, narrow, plan.grams)
    const check = (depthMm: number, maxC: number) =>
      equipmentChecks(analysis, plan, narrow, { ...tray, depthMm }, [{ name: 'meat thermometer', maxC }])
    expect(check(40, 110).find((c) => c.id === 'thermometer')).toMatchObject({
      tone: 'bad',
      figures: { readsTo: 110, enough: false },
    })
    expect(check(40, 300).every((c) => c.tone === 'good')).toBe(true)
    expect(check(14, 300).find((c) => c.id === 'tray')).toMatchObject({ tone: 'bad' })
  })

  it('counts the moulds a boil needs at once', () => {
    const plan = scale(drops, { size: { by: 'pieces', pieces: 324 }, vessel: mould })
    const analysis = analyse(drops, testConditions, gramsOfBoil(plan, 1))
    const check = (count: number) =>
      equipmentChecks(analysis, plan, testConditions, { ...mould, count }, []).find((c) => c.id === 'mould')
    expect(check(1)).toMatchObject({ tone: 'mind', figures: { needed: 2, there: 1 } })
    expect(check(2)).toMatchObject({ tone: 'good' })
  })
})

describe('what does not scale', () => {
  const said = (pieces: number) => {
    const plan = scale(drops, { size: { by: 'pieces', pieces }, vessel: mould })
    const grams = gramsOfBoil(plan, 1)
    return unscaledOf({
      formula: drops,
      plan,
      grams,
      analysis: analyse(drops, testConditions, grams),
      written: analyse(drops, testConditions, gramsAsWritten(drops)),
      conditions: testConditions,
    })
  }
  const flavourOf = (pieces: number) => said(pieces).find((u) => u.id === 'flavour')

  it('names time, water, foam and pouring', () => {
    expect(said(600).map((r) => r.id)).toEqual(expect.arrayContaining(['time', 'water', 'foam', 'pouring']))
  })

  it('says the same of the time to pour as what the batch will be', () => {
    for (const { formula } of Object.values(demoFormulas).flatMap(boiledIn)) {
      const analysis = analyse(formula, testConditions)
      const plan = scale(formula, { size: { by: 'weight', grams: 900 } })
      const context = {
        formula,
        plan,
        grams: gramsAsWritten(formula),
        analysis,
        written: analysis,
        conditions: testConditions,
      }
      const pouring = unscaledOf(context).find((u) => u.id === 'pouring')
      const work = verdictsOf(analysis, testConditions, formula).find((v) => v.id === 'work')
      if (pouring) expect(pouring.figures, formula.name).toMatchObject({ until: work?.figures.until })
    }
  })

  it('begins with less flavour than in proportion for a larger boil, more for a smaller', () => {
    const [large, small] = [flavourOf(6000), flavourOf(150)].map((u) => (u?.id === 'flavour' ? u.figures : null))
    expect(large?.begin).toBeLessThan(large?.listed ?? 0)
    expect(small?.begin).toBeGreaterThan(small?.listed ?? 0)
  })
})
