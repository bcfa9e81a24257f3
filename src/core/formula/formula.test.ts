import fc from 'fast-check'
import { describe, expect, it, test } from 'vitest'
import { demoBoil, demoFormulas } from '@/demo/formulas'
import { boiledFamilies } from '../craft/families'
import type { Handwork } from '../craft/handwork'
import { expectedOf } from '../craft/testing'
import { massOf } from '../matter/mix'
import { boilingPoint } from '../physics/boiling'
import { standardPressure } from '../physics/water'
import { testConditions } from '../testing'
import { analyse } from './analyse'
import { boiledIn, type FormulaDocument, gramsAsWritten, isBoiled } from './document'
import { faultsOf } from './faults'
import { layoutOf } from './layout'
import { gramsOfBoil } from './plan'
import { liesThick, piecesPerVessel, scale, slabOf } from './scale'
import { finishedMix, traceSteps } from './trace'
import { verdictsOf } from './verdicts'

const formula = demoBoil
const caramels = formula('smoked-salt-tamarind-caramels')
const drops = formula('rhubarb-nettle-elderflower-drops')
const kitchen = testConditions
const every = Object.entries(demoFormulas)
const everyBoil = every.flatMap(([id, f]) =>
  boiledIn(f).map((b) => [b.part ? `${id}, ${b.part}` : id, b.formula] as const),
)

describe('documents', () => {
  test.each(every)('%s can be cooked', (_, f) => expect(faultsOf(f)).toEqual([]))

  test.each(everyBoil.filter(([, f]) => f.family in boiledFamilies))(
    '%s follows its recipe through the stove without a gap',
    async (_, f) => {
      const a = analyse(f, kitchen)
      const { lands } = await expectedOf(f.family)
      const { usual } = boiledFamilies[f.family as keyof typeof boiledFamilies]
      const parted = f.school.startsWith('two-syrups') && f.parts === undefined
      if (parted) return expect(f.target.celsius).toBe(122)
      expect(f.target.celsius).toBeGreaterThanOrEqual(usual.low - 8)
      expect(f.target.celsius).toBeLessThanOrEqual(usual.high)
      expect(Number.isFinite(a.minutes)).toBe(true)
      expect(100 * a.waterShare).toBeGreaterThan(0.5)
      expect(100 * a.waterShare).toBeLessThan(lands.water[1] + 6)
      expect(f.steps.filter((s) => s.empties)).toHaveLength(1)
    },
  )

  it.each(everyBoil)('%s is what it is, whatever lies on it', (_, f) => {
    const bare = analyse(f, kitchen)
    fc.assert(
      fc.property(
        fc.constantFrom('icing-sugar', 'dark-chocolate-70', 'almonds', 'cornflour', 'flaky-salt'),
        fc.constantFrom('coat', 'dust', 'sprinkle', 'cover-chips', 'wrap'),
        fc.double({ min: 1, max: 400, noNaN: true }),
        (ingredient, kind, grams) => {
          const handwork = { kind } as Handwork
          const last = { id: 'on', label: 'On', when: { on: 'ready' as const }, say: '', why: '', act: 'On' }
          const dressed: FormulaDocument = {
            ...f,
            groups: [...f.groups, { id: 'on', label: 'On', celsius: 20 }],
            lines: [...f.lines, { id: 'on', group: 'on', ingredient, grams }],
            steps: [...f.steps, { ...last, adds: 'on', handwork }],
          }
          const a = analyse(dressed, kitchen)
          for (const of of ['bite', 'keeps', 'grain', 'doctors', 'waterShare', 'finished', 'peakLitres'] as const)
            expect(a[of]).toEqual(bare[of])
          expect(a.outGrams).toBeCloseTo(bare.outGrams + grams, 6)
          const [plain, plan] = [f, dressed].map((formula) => scale(formula, { size: { by: 'pieces', pieces: 40 } }))
          expect(plan?.factor).toBeCloseTo(plain?.factor ?? 0, 9)
          expect(plan?.pieceGrams).toBeGreaterThan(plain?.pieceGrams ?? 0)
        },
      ),
      { numRuns: 20 },
    )
  })

  it('names what is wrong', () => {
    const broken: FormulaDocument = {
      ...caramels,
      lines: [...caramels.lines, { id: 'sugar', group: 'nowhere', ingredient: 'unobtainium', grams: 1 }],
      steps: caramels.steps.filter((s) => s.when.on !== 'target'),
    }
    const faults = faultsOf(broken).join('\n')
    expect(faults).toMatch(/group that does not exist: "nowhere"/)
    expect(faults).toMatch(/unobtainium/)
    expect(faults).toMatch(/"sugar" stands twice/)
    expect(faults).toMatch(/No step takes the pot off/)
  })
})

describe('a formula traced through the pot', () => {
  test.each(every)('%s: what goes in comes out or leaves as steam', (_, f) => {
    const grams = gramsAsWritten(f)
    const stops = [...traceSteps(f, grams), ...(f.parts ?? []).flatMap((p) => traceSteps(p.formula, grams))]
    const poured = Object.values(grams).reduce((a, b) => a + b, 0)
    const steam = stops.reduce((sum, s) => sum + s.steam, 0)
    expect(massOf(finishedMix(traceSteps(f, grams))) + steam).toBeCloseTo(poured, 6)
  })

  it('holds, at the pull, the water that boils at the target', () => {
    const pull = traceSteps(caramels, gramsAsWritten(caramels)).find((s) => s.step.id === 'pull')
    expect(pull && boilingPoint(pull.before)).toBeCloseTo(119, 3)
  })
})

describe('analysis', () => {
  it('keeps the composition and moves the temperature with the air', () => {
    const sea = analyse(drops, kitchen)
    const hill = analyse(drops, { ...kitchen, pressurePa: standardPressure(1480) })
    expect(hill.waterShare).toBeCloseTo(sea.waterShare, 10)
    expect(sea.targetC - hill.targetC).toBeGreaterThan(5.5)
    expect(hill.bite.id).toBe(sea.bite.id)
  })

  it('doubling the batch doubles steam and minutes but not the target', () => {
    const grams = gramsAsWritten(caramels)
    const one = analyse(caramels, kitchen, grams)
    const two = analyse(caramels, kitchen, Object.fromEntries(Object.entries(grams).map(([k, g]) => [k, 2 * g])))
    expect(two.steamGrams).toBeCloseTo(2 * one.steamGrams, 6)
    expect(two.minutes / one.minutes).toBeGreaterThan(1.8)
    expect(two.targetC).toBeCloseTo(one.targetC, 6)
  })

  it('says when the burner cannot do it', () => {
    const candle = { ...kitchen, burner: { ...kitchen.burner, watts: 80 } }
    expect(analyse(caramels, candle).minutes).toBe(Number.POSITIVE_INFINITY)
    const water = verdictsOf(analyse(caramels, candle), candle, caramels).find((v) => v.id === 'water')
    expect(water?.tone).toBe('bad')
    expect(water?.figures).toMatchObject({ time: Number.POSITIVE_INFINITY, burner: candle.burner.name })
  })

  it('warns of boiling over, damp rooms and allergens', () => {
    const small = { ...kitchen, pot: { ...kitchen.pot, litres: 3, name: '3 l pan' } }
    const verdicts = verdictsOf(analyse(caramels, small), small, caramels)
    const tones = Object.fromEntries(verdicts.map((v) => [v.id, v.tone]))
    expect(tones).toMatchObject({ fits: 'bad', humidity: 'mind', allergens: 'mind' })
    expect(verdicts.find((v) => v.id === 'allergens')?.figures).toEqual({ allergens: ['milk'] })
  })
})

describe('a target below where it first boils', () => {
  const boilsFrom = (formula: ReturnType<typeof demoBoil>): unknown => {
    const water = verdictsOf(analyse(formula, testConditions), testConditions, formula).find((v) => v.id === 'water')
    return water?.id === 'water' ? [water.figures.boilsFrom !== null, water.tone] : null
  }

  it('is said to be one: it only warms, and loses nothing', () => {
    const drops = demoBoil('rhubarb-nettle-elderflower-drops')
    const own = traceSteps(drops, gramsAsWritten(drops)).find((s) => s.step.when.on === 'boil')?.before
    const first = own ? boilingPoint(own, testConditions.pressurePa) : Number.NaN
    const at = (celsius: number) => ({ ...drops, target: { ...drops.target, celsius } })
    expect(boilsFrom(at(first - 2))).toEqual([true, 'mind'])
    expect(boilsFrom(at(first + 2))).toEqual([false, 'good'])
  })

  it('is that of none in the book', () => {
    const boiled = Object.values(demoFormulas).filter(isBoiled)
    expect(boiled.filter((f) => (boilsFrom(f) as boolean[] | null)?.[0]).map((f) => f.name)).toEqual([])
  })
})

describe('sizing', () => {
  const amount = fc.double({ min: 50, max: 20_000, noNaN: true })

  it('is linear: every ingredient by one factor', () => {
    fc.assert(
      fc.property(amount, (grams) => {
        const plan = scale(caramels, { size: { by: 'weight', grams } })
        expect(plan.outGrams).toBeCloseTo(grams, 6)
        for (const l of caramels.lines) expect(plan.grams[l.id]).toBeCloseTo(l.grams * plan.factor, 9)
      }),
    )
  })

  it('by pieces, by weight and by one ingredient say the same batch', () => {
    fc.assert(
      fc.property(fc.integer({ min: 4, max: 2000 }), (pieces) => {
        const byPieces = scale(caramels, { size: { by: 'pieces', pieces } })
        const byWeight = scale(caramels, { size: { by: 'weight', grams: byPieces.outGrams } })
        const cream = byPieces.grams.cream as number
        const byCream = scale(caramels, { size: { by: 'ingredient', line: 'cream', grams: cream } })
        expect(byWeight.factor).toBeCloseTo(byPieces.factor, 9)
        expect(byCream.factor).toBeCloseTo(byPieces.factor, 9)
        expect(byWeight.pieces).toBe(pieces)
      }),
    )
  })

  it('gives a boil to every colour, and splits what would boil over', () => {
    expect(scale(drops, { size: { by: 'pieces', pieces: 300 } }).boils.map((b) => b.label)).toEqual([
      'Rhubarb',
      'Nettle',
      'Elderflower',
    ])
    const big = scale(caramels, { size: { by: 'weight', grams: 6000 }, potLitres: 9 })
    expect(big.boils.length).toBeGreaterThan(1)
    const one = gramsOfBoil(big, 1)
    expect(analyse(caramels, kitchen, one).fill).toBeLessThanOrEqual(0.95)
    expect((one.cream as number) * big.boils.length).toBeCloseTo(big.grams.cream as number, 6)
  })

  it('counts the air in a whipped sweet: lighter pieces, more of them', () => {
    const marshmallow = formula('blackcurrant-marshmallow')
    const flat = { ...marshmallow, air: 0 }
    const size = { by: 'weight' as const, grams: 1000 }
    expect(scale(marshmallow, { size }).pieceGrams / scale(flat, { size }).pieceGrams).toBeCloseTo(0.38, 6)
    expect(scale(marshmallow, { size }).pieces).toBeGreaterThan(2.5 * scale(flat, { size }).pieces)
  })

  it('counts trays by whole pieces, the better way round', () => {
    const tray = { kind: 'tray' as const, name: 'tray', lengthMm: 100, widthMm: 45 }
    expect(piecesPerVessel({ kind: 'cut', lengthMm: 20, widthMm: 30, heightMm: 10 }, tray, 10, 1.3)).toBe(6)
    const plan = scale(caramels, {
      size: { by: 'pieces', pieces: 144 },
      vessel: { ...tray, lengthMm: 300, widthMm: 200 },
    })
    expect(plan.vessels).toBe(2)
  })

  test.each([
    { kind: 'tray' as const, name: 'tin', lengthMm: 196, widthMm: 196 },
    { kind: 'tray' as const, name: 'ring', lengthMm: 238, widthMm: 238, round: true },
  ])('pours all of a batch into one $name at the depth that is said, and fills as much of it by that depth', (tin) => {
    const plan = scale(caramels, { size: { by: 'weight', grams: 900 }, vessel: tin })
    const heightMm = liesThick(caramels, plan, tin, 1)
    const shape = { ...caramels.shape, heightMm } as typeof caramels.shape
    const poured = scale(caramels, { size: { by: 'weight', grams: 900 }, shape, vessel: tin })
    expect(poured.vessels).toBe(1)
    expect(slabOf(caramels, poured, tin)).toMatchObject({ fullTrays: 1, barMm: null })
    expect(scale(caramels, { size: { by: 'vessels', count: 1 }, shape, vessel: tin }).outGrams / 900).toBeCloseTo(1, 2)
    expect(poured.pieces).toBe(layoutOf(shape as Extract<typeof shape, { kind: 'cut' }>, tin).count)
  })

  test.each([
    [{ by: 'pieces', pieces: 0 } as const, /more than nothing/],
    [{ by: 'weight', grams: -5 } as const, /more than nothing/],
    [{ by: 'weight', grams: Number.NaN } as const, /more than nothing/],
    [{ by: 'weight', grams: 500_000 } as const, /at most 100 kg/],
    [{ by: 'ingredient', line: 'gold', grams: 5 } as const, /no line "gold"/],
  ])('refuses %j', (size, message) => expect(() => scale(caramels, { size })).toThrow(message))
})
