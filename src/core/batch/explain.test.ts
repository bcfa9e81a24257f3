import fc from 'fast-check'
import { describe, expect, it, test } from 'vitest'
import { demoBoil } from '@/demo/formulas'
import { testConditions } from '../testing'
import { type CauseId, causeFacts, causeIds, type Effects } from './causes'
import { type Compared, explain, sensitivityOf, unusualIn, whatDiffered } from './explain'
import { type FlawId, flawIds, flawsIn } from './flaws'
import { type TraitId, type Traits, traitFacts, traitIds } from './traits'

const caramels = demoBoil('smoked-salt-tamarind-caramels')
const to = sensitivityOf(caramels, testConditions)
const toFudge = sensitivityOf(demoBoil('malted-milk-fudge'), testConditions)

// a stir that nobody logged is none that is known of
const usual: Traits = Object.fromEntries(
  traitIds.flatMap((t) => (t === 'stirs' ? [] : [[t, traitFacts(t).usual.mean]])),
)
const batch = (traits: Traits, ring = 'left'): Compared => ({ formula: 'caramels', ring, traits })
const past = Array.from({ length: 8 }, () => batch(usual))

/** A batch on which a cause of its usual size has left all it does. */
const touched = (effects: Effects, size: number): Traits =>
  Object.fromEntries(traitIds.map((t) => [t, (usual[t] ?? 0) + size * (effects[t] ?? 0)]))

const told = causeIds.filter((c) => Object.keys(causeFacts(c).does(to)).length > 1)

describe('what was behind a batch', () => {
  test.each(told)('%s, having done all it does and been complained of, is named first', (cause) => {
    const { does, size, leads } = causeFacts(cause)
    const at = { ...to, browns: true, grains: false, grainOdds: 0 }
    const flaw = (Object.keys(leads) as FlawId[]).sort((a, b) => (leads[b] ?? 0) - (leads[a] ?? 0))[0]
    const { suspects } = explain(unusualIn([batch(touched(does(at), size))], past), flaw ? [flaw] : [], at)
    expect(suspects[0]?.cause).toBe(cause)
    expect(suspects[0]?.evidence.length).toBeGreaterThan(0)
  })

  it('is nothing where nothing is unusual and nobody complains', () => {
    const { found, suspects } = explain(unusualIn([batch(usual)], past), [], to)
    expect(found).toBeNull()
    for (const s of suspects) expect(s.chance).toBeLessThan(0.2)
  })

  it('is said to stand in no log where only a complaint speaks for it', () => {
    const { suspects } = explain(unusualIn([batch(usual)], past), ['grained'], to)
    expect(suspects[0]).toMatchObject({ cause: 'stirred-hot', evidence: [] })
    expect(explain(unusualIn([batch(usual)], past), ['bloom'], to).suspects.map((s) => s.cause)).toContain(
      'out-of-temper',
    )
  })

  it('is likelier the stronger it shows, and never surer than sure', () => {
    const weaker = causeFacts('ring-weaker').does(to)
    const chanceAt = (size: number): number => {
      const { suspects } = explain(unusualIn([batch(touched(weaker, size))], past), [], to)
      return suspects.find((s) => s.cause === 'ring-weaker')?.chance ?? 0
    }
    const chances = [0.02, 0.08, 0.12, 0.16, 0.2].map(chanceAt)
    expect(chances).toEqual(chances.toSorted((a, b) => a - b))
    expect(chances[4]).toBeGreaterThan(0.9)
  })

  it('every set of traits and complaints gives chances that add up to no more than one', () => {
    fc.assert(
      fc.property(
        fc.dictionary(fc.constantFrom(...traitIds), fc.double({ min: -50, max: 50, noNaN: true })),
        fc.uniqueArray(fc.constantFrom(...flawIds), { maxLength: 4 }),
        (traits, said) => {
          const { suspects } = explain(unusualIn([batch(traits)], past), said, to)
          const sum = suspects.reduce((a, s) => a + s.chance, 0)
          expect(sum).toBeLessThanOrEqual(1 + 1e-9)
          for (const s of suspects) expect(Number.isFinite(s.size)).toBe(true)
          for (const s of suspects)
            if (said.length > 0) expect(said.some((f) => f in causeFacts(s.cause).leads)).toBe(true)
        },
      ),
    )
  })
})

describe('what is unusual', () => {
  it('is held against the same ring for the ring, and the same formula for the rest', () => {
    const here = { ...usual, power: -0.3, boilsAt: 1 }
    const elsewhere = Array.from({ length: 8 }, () => ({
      ...batch({ power: -0.3, boilsAt: 1 }, 'left'),
      formula: 'toffee',
    }))
    const of = (trait: TraitId) => unusualIn([batch(here)], elsewhere).find((u) => u.trait === trait)
    expect(of('power')?.usual).toBeCloseTo(-0.3, 1)
    expect(of('boilsAt')?.batches).toBe(0)
  })

  it('is not made usual by one bad batch, and is sharper over three than over one', () => {
    const spoilt = [batch({ ...usual, over140: 20 }), ...past]
    const of = (batches: readonly [Compared, ...Compared[]]) =>
      unusualIn(batches, spoilt).find((u) => u.trait === 'over140')
    const [one, three] = [of([batch(usual)]), of([batch(usual), batch(usual), batch(usual)])]
    expect(one?.usual).toBeCloseTo(usual.over140 ?? 0, 1)
    expect(three?.sd).toBeLessThan((one?.sd ?? 0) * 0.8)
  })

  it('is told by what it could have done, and leaves marks of a tasting to the tasting', () => {
    const here = { ...usual, missed: 4, room: 24, bite: 5 }
    const said = whatDiffered(unusualIn([batch(here)], past)).map((u) => u.trait)
    expect(said[0]).toBe('missed')
    expect(said).not.toContain('bite')
    expect(whatDiffered(unusualIn([batch(usual)], past))).toEqual([])
  })
})

describe('how a formula answers', () => {
  it('follows from its make-up', () => {
    expect(to.boilPerSugar).toBeGreaterThan(2)
    expect(to.bitePerDegree).toBeGreaterThan(0.1)
    expect([to.grains, toFudge.grains]).toEqual([false, true])
    expect(sensitivityOf(demoBoil('orchard-toffee'), testConditions).browns).toBe(true)
  })
})

describe('flaws', () => {
  it('are those that were named and those the marks name', () => {
    expect(flawsIn(null, ['bloom'])).toEqual(['bloom'])
    expect(flawsIn({ scales: { grain: 5, bite: 1 } }, [])).toEqual(['grained', 'too-soft'])
    expect(flawsIn({ scales: { grain: 3, bite: 4, stick: 3 } }, [])).toEqual([])
  })

  test.each(flawIds)('%s has a cause to look for', (flaw) => {
    expect(causeIds.filter((c: CauseId) => causeFacts(c).leads[flaw] !== undefined)).not.toEqual([])
  })
})
