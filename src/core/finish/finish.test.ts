import fc from 'fast-check'
import { describe, expect, it, test } from 'vitest'
import { demoBoil, demoFormulas } from '@/demo/formulas'
import { assessCook, type CookAssessment } from '../cook/assess'
import { mouldsNow } from '../cook/moulds'
import { celsiusAt, whenDownTo } from '../cooling/course'
import { slabCourse, warmingSeconds } from '../cooling/slab'
import { families } from '../craft/families'
import { handworkKinds } from '../craft/handwork'
import { type Surface, type SurfaceKind, surfaceKinds } from '../craft/surfaces'
import { analyse } from '../formula/analyse'
import { cautionsOf, scalds } from '../formula/cautions'
import { boiledIn, gramsAsWritten } from '../formula/document'
import { traceSteps } from '../formula/trace'
import type { CookAct } from '../log/log'
import { pantryOf } from '../matter/names'
import { readRecipe } from '../recipe/recipe'
import { testConditions } from '../testing'
import { asPulled } from './as-pulled'
import { foreseeFinish, settingMinutes } from './foresee'
import { movesOf } from './moves'
import { conditions, cookedByHand, finishOf, fridge, marble, rack } from './testing'

const cooked = (id: string, upTo: string, seconds: number, more?: readonly (readonly [number, CookAct])[]) =>
  cookedByHand(demoBoil(id), upTo, seconds, more)

describe('a slab that was poured', () => {
  it('is left alone until it takes a score, is scored in its window, and is cut once it is as cool as the room', () => {
    const { at, judge } = cooked('smoked-salt-tamarind-caramels', 'pour', 0)
    const early = judge(at + 60)
    expect(early.pot.doNow).toMatchObject({ mood: 'wait', meanwhile: true, step: { id: 'score' } })
    const [score, cut] = finishOf(early).ahead
    expect(score?.kind).toBe('score')
    expect(cut?.kind).toBe('cut')
    expect(judge((score?.opens ?? 0) + 1).pot.doNow.mood).toBe('now')
    expect(judge((score?.closes ?? 0) + 1).finish?.findings[0]).toMatchObject({
      id: 'missed',
      figures: { kind: 'score', instead: 'cut-as-it-is', warmTo: null },
    })
    expect(celsiusAt(finishOf(early).mass.course, cut?.opens ?? 0)).toBeCloseTo(testConditions.roomC + 4, 1)
  })

  it('is not spoilt by a score that comes late where it is cut, and is where it is broken along its lines', () => {
    const scored = (id: string, late: number) => {
      const { judge, at } = cooked(id, 'pour', 0)
      const missed = finishOf(judge(at + late)).findings[0]
      const { seen } = cooked(id, 'pour', late + 60, [[late, { type: 'step', step: 'score' }]])
      return { missed, came: finishOf(seen).outcomes.find((o) => o.kind === 'score')?.came }
    }
    expect(scored('smoked-salt-tamarind-caramels', 2 * 3600)).toMatchObject({
      missed: { id: 'missed', figures: { instead: 'cut-as-it-is' } },
      came: 'harmless',
    })
    expect(scored('orchard-toffee', 3600)).toMatchObject({
      missed: { id: 'missed', figures: { instead: 'break-it' } },
      came: 'late',
    })
  })

  it('is cut right through where a score came too late and a knife still goes through it', () => {
    const { judge, at } = cooked('orchard-toffee', 'pour', 0)
    const closes = finishOf(judge(at + 60)).ahead[0]?.closes ?? 0
    const [missed] = finishOf(judge(closes + 5)).findings
    expect(missed).toMatchObject({ id: 'missed', figures: { kind: 'score', instead: 'cut-through' } })
    const { seen } = cooked('orchard-toffee', 'pour', closes - at + 60, [
      [closes - at + 30, { type: 'step', step: 'score' }],
    ])
    expect(finishOf(seen).outcomes.find((o) => o.kind === 'score')?.came).toBe('right')
  })

  it('says what each place would do to it before it is moved there, and then does so', () => {
    const { seen, at } = cooked('smoked-salt-tamarind-caramels', 'pour', 300)
    const { mass, ahead } = finishOf(seen)
    const moves = movesOf(mass, ahead[0] ?? null, conditions, at + 300)
    const there = moves.find((m) => m.on.name === 'marble')
    expect(there?.next?.opens).toBeLessThan(finishOf(seen).ahead[0]?.opens ?? 0)
    expect(moves.find((m) => m.on.name === 'fridge')?.sweats).toBeLessThan(at + 4 * 3600)
    const moved = cooked('smoked-salt-tamarind-caramels', 'pour', 301, [[300, { type: 'lies', on: marble }]])
    expect(Math.abs((finishOf(moved.seen).ahead[0]?.opens ?? 0) - (there?.next?.opens ?? 0))).toBeLessThan(30)
    expect(finishOf(moved.seen).mass.on).toEqual(marble)
  })

  it('rests as long in the cold: what sets by itself is cut no sooner there', () => {
    for (const id of ['blackcurrant-marshmallow', 'plum-and-star-anise-squares']) {
      const { seen, at } = cooked(id, 'pour', 300)
      const { mass, ahead } = finishOf(seen)
      const cut = ahead[0]
      const rests = demoBoil(id).steps.find((s) => s.handwork?.kind === 'cut')?.when
      expect(cut?.opens).toBeCloseTo(at + (rests && 'seconds' in rests ? rests.seconds : 0), -1)
      const moves = movesOf(mass, cut ?? null, conditions, at + 300)
      expect(moves.map((m) => m.next?.opens)).toEqual(moves.map(() => cut?.opens))
    }
  })

  it('follows what is measured of it: a thinner slab, a touch, a thermometer in its middle', () => {
    const plain = cooked('smoked-salt-tamarind-caramels', 'pour', 900).seen
    const opens = (a: CookAssessment) => finishOf(a).ahead[0]?.opens ?? 0
    const told = (act: CookAct) => cooked('smoked-salt-tamarind-caramels', 'pour', 900, [[800, act]]).seen
    expect(opens(told({ type: 'measures', depthMm: 12 }))).toBeLessThan(opens(plain) - 60)
    expect(opens(told({ type: 'feels', touch: 'warm' }))).toBeLessThan(opens(plain))
    const hot = told({ type: 'reads', celsius: 90 })
    expect(opens(hot)).toBeGreaterThan(opens(plain))
    expect(finishOf(hot).measured).toBe(true)
    expect(finishOf(plain).measured).toBe(false)
    expect(hot.pot.reckoned).toBe(false)
  })

  it('is foreseen better once it was read: a kitchen that cools a quarter faster or slower', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.75, max: 1.3, noNaN: true }), (pace) => {
        const { seen, at } = cooked('smoked-salt-tamarind-caramels', 'pour', 1)
        const { mass } = finishOf(seen)
        if (!mass.slab) throw new Error('no slab')
        const truth = slabCourse(mass.slab, celsiusAt(mass.course, at), [{ from: at, on: rack }], pace)
        const read = [600, 1200].map((s) => [s, { type: 'reads', celsius: celsiusAt(truth, at + s) }] as const)
        const wanted = whenDownTo(truth, 60)
        const error = (a: CookAssessment) => Math.abs(whenDownTo(finishOf(a).mass.course, 60) - wanted)
        const told = cooked('smoked-salt-tamarind-caramels', 'pour', 1300, read).seen
        expect(error(told)).toBeLessThan(Math.max(90, 0.6 * error(seen)))
      }),
      { numRuns: 15 },
    )
  })

  it('that is colder than the dew point is said to weep when it comes out', () => {
    const cold = cooked('condensed-milk-fig-fudge', 'pour', 6 * 3600, [[60, { type: 'lies', on: fridge }]]).seen
    expect(finishOf(cold).findings.map((f) => f.id)).toContain('dew')
  })

  it('is the same whether it was looked at before or not', () => {
    const { at, judge } = cooked('orchard-toffee', 'pour', 0)
    let before: CookAssessment | undefined
    for (let s = 5; s < 900; s += 37) {
      before = judge(at + s, before)
      expect(before.finish).toEqual(judge(at + s).finish)
    }
  })

  it('that lies bare for longer than its sides bear is said to', () => {
    const late = cooked('smoked-salt-tamarind-caramels', 'cut', 3 * 3600).seen
    expect(finishOf(late).findings).toContainEqual({ id: 'bare', figures: { goes: 'sticky' } })
    expect(late.pot.doNow).toMatchObject({ mood: 'now', until: 0 })
  })

  it('wrapped by: once it is cut its sides have so long, and less in a damper room', () => {
    const { at, judge } = cooked('smoked-salt-tamarind-caramels', 'cut', 10)
    const { ahead, keeping, mass } = finishOf(judge(at + 10))
    expect(ahead[0]?.kind).toBe('wrap')
    // cut warm they give water off, and take up none before they are cooler
    const cool = whenDownTo(mass.course, keeping.fromC)
    expect(cool).toBeGreaterThan(at)
    expect(ahead[0]?.closes).toBeCloseTo(cool + 3600 * keeping.bareHours, 3)
    expect(finishOf(judge(cool + 60)).ahead[0]?.closes).toBeCloseTo(cool + 3600 * keeping.bareHours, 3)
  })

  it.each(
    Object.values(demoFormulas)
      .flatMap(boiledIn)
      .flatMap(({ formula }) => {
        const at = formula.steps.findIndex((s) => s.handwork?.kind === 'wrap')
        const when = formula.steps[at]?.when
        return when?.on === 'after'
          ? [[formula.name, formula, formula.steps[at - 1]?.id ?? '', when.seconds] as const]
          : []
      }),
  )(
    '%s waits as long as its formula says, and is not blamed for lying bare meanwhile',
    (_, formula, before, seconds) => {
      const { at, judge } = cookedByHand(formula, before, 0)
      const due = judge(at + seconds + 5)
      expect(due.pot.doNow.mood).toBe('now')
      expect(finishOf(due).findings.map((f) => f.id)).not.toContain('bare')
    },
  )

  it('is called for where its own step says, on the panel and in what a move would change', () => {
    const { at, judge } = cooked('treacle-dark-butterscotch-drops', 'pour', 0)
    const { mass, ahead } = finishOf(judge(at + 60))
    expect(ahead[0]?.opens).toBeCloseTo(whenDownTo(mass.course, 33), 0)
  })
})

describe('moulds', () => {
  it('counts how many can still be filled, at the maker’s own pace once it is known', () => {
    const { at, judge } = cooked('rhubarb-nettle-elderflower-drops', 'flavour', 0)
    const first = finishOf(judge(at + 5)).forming
    expect(first).toMatchObject({ pace: 'usual', made: 0 })
    const slow = cooked('rhubarb-nettle-elderflower-drops', 'flavour', 40, [[40, { type: 'made', pieces: 4 }]])
    expect(finishOf(slow.seen).forming).toMatchObject({ pace: 'now', made: 4, secondsEach: 10 })
    const short = finishOf(slow.seen).findings.find((f) => f.id === 'short-of-pieces')
    expect(short).toBeDefined()
  })

  it('are full from the pour until they are turned out, and say when they let go', () => {
    const vessel = { kind: 'mould', name: '54-cavity mould', cavities: 54, millilitres: 2.6, count: 6 } as const
    const seen = (upTo: string, seconds = 20) => {
      const { seen: cook } = cooked('rhubarb-nettle-elderflower-drops', upTo, seconds)
      return { of: upTo, cook, vessel }
    }
    const none = mouldsNow([seen('flavour')])
    expect(none).toMatchObject([{ owned: 6, free: 6, full: [] }])
    const formula = demoBoil('rhubarb-nettle-elderflower-drops')
    const [fill, unmould] = ['fill', 'unmould'].map((k) => formula.steps.find((s) => s.handwork?.kind === k)?.id ?? '')
    const [kind] = mouldsNow([seen(fill ?? ''), seen(fill ?? '', 400)])
    expect(kind?.free).toBeLessThan(6)
    expect(kind?.full.map((f) => f.freeIn)).toEqual(kind?.full.map((f) => f.freeIn).toSorted((a, b) => a - b))
    // the one that was filled first lets go first, by as much
    const [first, second] = kind?.full ?? []
    expect((second?.freeIn ?? 0) - (first?.freeIn ?? 0)).toBeCloseTo(Math.min(380, second?.freeIn ?? 0), -2)
    expect(mouldsNow([seen(unmould ?? '')])).toMatchObject([{ free: 6 }])
  })
})

describe('a mass under the whisk', () => {
  it('is stopped just warm, and is by then light enough', () => {
    const { at, judge } = cooked('blackcurrant-marshmallow', 'finish', 0)
    const soon = judge(at + 60)
    expect(finishOf(soon).place).toBe('bowl')
    expect(finishOf(soon).mass.foam?.state).toBe('short')
    const stop = finishOf(soon).ahead[0]
    expect((stop?.opens ?? 0) - at).toBeGreaterThan(5 * 60)
    expect((stop?.opens ?? 0) - at).toBeLessThan(14 * 60)
    const then = judge((stop?.opens ?? 0) + 1)
    expect(then.pot.doNow.mood).toBe('now')
    expect(finishOf(then).mass.foam?.state).toBe('there')
  })

  it('that its maker whips for longer than it should take is not said to be too late', () => {
    const plain = demoBoil('blackcurrant-marshmallow')
    const stopAfter = (seconds: number) => {
      const steps = plain.steps.map((s) =>
        s.handwork?.kind === 'whip' ? { ...s, when: { on: 'after' as const, seconds } } : s,
      )
      const { seen } = cookedByHand({ ...plain, steps }, 'finish', seconds + 1)
      return finishOf(seen).ahead[0]
    }
    expect(stopAfter(3600)).toMatchObject({ kind: 'whip', state: 'open', closes: Number.POSITIVE_INFINITY })
    expect(Number.isFinite(stopAfter(300)?.closes)).toBe(true)
  })

  it('that stands too low is said to be dense, and by its height there is more or less of it', () => {
    const low = cooked('blackcurrant-marshmallow', 'finish', 700, [[600, { type: 'stands', times: 1.6 }]]).seen
    expect(finishOf(low).findings.map((f) => f.id)).toContain('whipped-short')
    const high = cooked('blackcurrant-marshmallow', 'finish', 700, [[600, { type: 'stands', times: 3 }]]).seen
    expect(finishOf(high).mass.foam?.litres).toBeGreaterThan(1.5 * (finishOf(low).mass.foam?.litres ?? 0))
    expect(finishOf(high).mass.foam?.measured).toBe(true)
  })

  it('that is touched and found just warm is taken for just warm', () => {
    const told = cooked('blackcurrant-marshmallow', 'finish', 310, [[300, { type: 'texture', texture: 'just-warm' }]])
    const untold = cooked('blackcurrant-marshmallow', 'finish', 310)
    expect(finishOf(told.seen).celsius).toBeLessThan(finishOf(untold.seen).celsius - 5)
  })
})

describe('fudge', () => {
  it('has a band to be beaten in only in a school that beats it cool', () => {
    const bands = (id: string) => finishOf(cooked(id, 'pour', 60).seen).bands.map((b) => b.state)
    expect(bands('malted-milk-fudge')).toContain('beats')
    expect(bands('quick-tahini-fudge')).toEqual(['soft', 'cuts'])
  })
})

describe('chocolate', () => {
  const bowl = (after: readonly (readonly [number, CookAct])[], seconds: number) =>
    cooked('harbour-dark-dipping-chocolate', 'seed', seconds, after)

  it('cools on its own ladder to where it works, by what is read of it', () => {
    const { seen } = bowl([[60, { type: 'reads', celsius: 34 }]], 70)
    expect(finishOf(seen).bands.map((b) => b.state)).toContain('in-temper')
    expect(seen.pot.doNow).toMatchObject({ mood: 'wait', step: { id: 'temper' } })
    const there = bowl([[60, { type: 'reads', celsius: 31.6 }]], 70).seen
    expect(there.pot.doNow.mood).toBe('now')
    expect(there.pot.doNow.until).toBeGreaterThan(0)
  })

  it('that has become too cold is said to be, with what to do', () => {
    const cold = bowl([[60, { type: 'reads', celsius: 28 }]], 70).seen
    expect(finishOf(cold).findings[0]).toMatchObject({ id: 'missed', figures: { kind: 'temper', instead: 'warm-it' } })
  })

  it('the seed takes the heat that enthalpy says: it brings the melt near to where it works', () => {
    const stops = traceSteps(
      demoBoil('harbour-dark-dipping-chocolate'),
      gramsAsWritten(demoBoil('harbour-dark-dipping-chocolate')),
      21,
    )
    const seeded = stops.find((s) => s.step.id === 'seed')?.afterC ?? Number.NaN
    expect(seeded).toBeGreaterThan(28)
    expect(seeded).toBeLessThan(34)
  })
})

describe('sugar that is pulled', () => {
  const poured = cooked('water-mint-pillows', 'pour', 1)
  const pulls = finishOf(poured.seen).ahead[0]
  const pulled = (after: number, now: number) =>
    cooked('water-mint-pillows', 'pour', now, [[after, { type: 'step', step: 'satin' }]]).seen
  const opens = (pulls?.opens ?? 0) - poured.at

  it('waits until it no longer runs; what comes after is foreseen once it is a rope', () => {
    expect(poured.seen.pot.doNow).toMatchObject({ mood: 'wait', step: { id: 'satin' } })
    expect(finishOf(poured.seen).ahead.map((w) => w.kind)).toEqual(['pull'])
    expect(opens).toBeGreaterThan(60)
  })

  it('is not pulled before gloved hands can hold it', () => {
    expect(finishOf(poured.judge(poured.at + opens)).celsius).toBeLessThan(100)
  })

  it('is a rope then, that bends for minutes, and is counted as it is snipped', () => {
    const rope = finishOf(pulled(opens + 60, opens + 90))
    expect(rope.place).toBe('rope')
    expect(rope.ahead[0]).toMatchObject({ kind: 'cut', state: 'open' })
    expect(rope.forming?.left).toBeGreaterThan(20)
    const later = finishOf(pulled(opens + 60, opens + 300))
    expect(later.celsius).toBeLessThan(rope.celsius)
    expect(later.forming?.left).toBeLessThan(rope.forming?.left ?? 0)
    const stiff = finishOf(pulled(opens + 60, opens + 3600))
    expect(stiff.findings[0]).toMatchObject({ id: 'missed', figures: { kind: 'cut' } })
  })

  it('is said to have been pulled too hot, and goes under a lamp where it was left too long', () => {
    expect(finishOf(pulled(2, 3)).findings[0]).toMatchObject({ id: 'came', figures: { kind: 'pull', came: 'early' } })
    expect(finishOf(poured.judge(poured.at + 3600)).findings[0]).toMatchObject({
      id: 'missed',
      figures: { kind: 'pull', instead: 'under-lamp' },
    })
  })
})

describe('chocolate on a stone', () => {
  const spread = cooked('pilot-house-milk-chocolate', 'table', 1)
  const down = (finishOf(spread.seen).ahead[0]?.opens ?? 0) - spread.at
  const back = (after: number, now: number) =>
    finishOf(cooked('pilot-house-milk-chocolate', 'table', now, [[after, { type: 'step', step: 'gather' }]]).seen)

  it('is worked down to where its crystals form, and is in temper once it is back in its bowl', () => {
    expect(finishOf(spread.seen)).toMatchObject({ place: 'slab', ahead: [{ kind: 'gather', state: 'ahead' }] })
    expect(down).toBeGreaterThan(60)
    expect(down).toBeLessThan(900)
    const bowl = back(down + 10, down + 20)
    expect(bowl.place).toBe('pot')
    expect(Math.abs(bowl.celsius - 29.5)).toBeLessThan(1)
    expect(bowl.ahead[0]).toMatchObject({ kind: 'temper', state: 'open' })
  })

  it('is told of crystals that have not formed, and of lumps', () => {
    expect(back(20, 25).findings[0]).toMatchObject({ id: 'came', figures: { kind: 'gather', came: 'early' } })
    expect(back(20, 25).ahead[0]).toMatchObject({ kind: 'temper', state: 'ahead' })
    const late = back(down + 3600, down + 3610)
    expect(late.outcomes).toMatchObject([{ kind: 'gather', came: 'late' }])
    expect(late.findings.map((f) => f.id)).toContain('missed')
  })
})

describe('chocolate in temper', () => {
  it('that was read too warm has lost it, and is said to bloom; a degree over is not that', () => {
    const { at, seen } = cooked('harbour-dark-dipping-chocolate', 'temper', 60)
    const boil = { ...seen.boil, channel: 'probe' }
    const read = (celsius: number) =>
      assessCook(boil, { events: seen.record.events, readings: [{ at: at + 30, celsius }] }, at + 60).finish?.findings
    expect(read(35.2)?.[0]).toMatchObject({ id: 'out-of-temper', figures: { celsius: 35.2, most: 34 } })
    expect(read(33)?.map((f) => f.id)).not.toContain('out-of-temper')
  })
})

describe('the finish on paper', () => {
  const boiled = Object.values(demoFormulas).flatMap(boiledIn)

  test.each(boiled.map((b) => [b.label, b.formula] as const))('%s: every work opens in its order', (_, formula) => {
    const works = foreseeFinish(formula, analyse(formula, conditions), conditions)
    for (const [i, w] of works.entries()) {
      expect(w.at).toBeGreaterThanOrEqual(works[i - 1]?.at ?? 0)
      expect(Number.isFinite(w.at)).toBe(true)
    }
  })

  it('a drop leaves its mould sooner on stone, in minutes', () => {
    const drops = demoBoil('rhubarb-nettle-elderflower-drops')
    const on = (surface: Surface) =>
      settingMinutes(drops, analyse(drops, conditions), { ...conditions, surfaces: [surface] })
    expect(on(rack)).toBeGreaterThan(15)
    expect(on(rack)).toBeLessThan(90)
    expect(on(fridge)).toBeLessThan(on(rack))
  })
})

describe('a window that was missed', () => {
  it('is warmed for the longer the thicker the slab', () => {
    const slab = (depthMm: number) => ({ mass: { k: 0.3, holds: 2.7e6 }, depthMm, into: 'tray' as const, roomC: 21 })
    expect(warmingSeconds(slab(20), 21, 60, 80)).toBeGreaterThan(2 * warmingSeconds(slab(8), 21, 60, 80))
    expect(warmingSeconds(slab(8), 21, 90, 80)).toBe(Number.POSITIVE_INFINITY)
  })
})

describe('cautions of handwork', () => {
  it('a shared board is spoken of only where there are nuts, a whisk where one runs', () => {
    const nougat = demoBoil('bay-leaf-honey-nougat')
    const fold = nougat.steps.find((s) => s.handwork?.kind === 'fold-in')
    if (!fold) throw new Error('no fold')
    expect(cautionsOf(nougat, fold)).toContain('sharedBoards')
    const drops = demoBoil('rhubarb-nettle-elderflower-drops')
    expect(cautionsOf(drops, fold)).not.toContain('sharedBoards')
    const beat = { ...fold, handwork: { kind: 'beat' } } as const
    expect(cautionsOf(drops, { ...beat, say: 'Beat until it dulls' })).toContain('mixer')
    expect(cautionsOf(drops, { ...beat, say: 'Beat with a wooden spoon until it dulls' })).not.toContain('mixer')
  })

  it('of hot sugar is of what is hot: chocolate in temper does not scald', () => {
    const said = (id: string) => demoBoil(id).steps.flatMap((step) => cautionsOf(demoBoil(id), step))
    expect(said('harbour-dark-dipping-chocolate')).not.toContain('hotSugar')
    expect(said('quince-lollipops')).toContain('hotSugar')
    expect([scalds(demoBoil('harbour-dark-dipping-chocolate')), scalds(demoBoil('quince-lollipops'))]).toEqual([
      false,
      true,
    ])
  })
})

describe('what came off far from its target', () => {
  const boil = demoBoil('orchard-toffee')
  const pulledAt = (celsius: number, seconds = 60) => {
    const { seen } = cookedByHand(boil, 'pour', seconds, [], celsius)
    return finishOf(seen)
  }

  it('sets as what it is: softer pulled early, harder pulled late', () => {
    const { celsius } = boil.target
    const scoredUntil = (c: number) => pulledAt(c).ahead.find((w) => w.kind === 'score')?.closes ?? Number.NaN
    expect(scoredUntil(celsius - 25)).toBeGreaterThan(scoredUntil(celsius))
    expect(scoredUntil(celsius + 15)).toBeLessThan(scoredUntil(celsius))
  })

  it('and is what was meant where it is no further off than a pan carries', () => {
    const { celsius } = boil.target
    expect(pulledAt(celsius - 5).mass.mix).toEqual(pulledAt(celsius).mass.mix)
    expect(pulledAt(celsius - 25).mass.mix.water).toBeGreaterThan(pulledAt(celsius).mass.mix.water)
  })
})

describe('a probe that slipped out just before the pull', () => {
  it('makes no other sweet of it', () => {
    const { seen } = cookedByHand(demoBoil('orchard-toffee'), 'pour', 60, [], 70)
    const { cook } = seen
    const at = (cook.state.pulledAt ?? 0) - 60
    expect(asPulled(cook, [{ at, celsius: 147 }])).toBe(cook.formula)
    expect(asPulled(cook, []).target?.celsius).toBeCloseTo(70, 0)
  })
})

describe('what the formula has done before it can be', () => {
  const beaten = (method: string, before: string) => {
    const text = `Fudge\n\n600 g sugar\n366 g milk\n57 g butter\n\nBoil it all to 113 °C. ${method} Beat until thick and creamy. Spread in a tin.`
    const [fudge] = boiledIn(readRecipe(text, pantryOf()).formula)
    if (!fudge) throw new Error('Nothing is boiled')
    const step = fudge.formula.steps.findLast((s) => s.say.startsWith(before))
    return finishOf(cookedByHand(fudge.formula, step?.id ?? '', 5).seen).findings.filter((f) => f.id === 'too-warm')
  }

  it('is said to be too warm where a wait is over that was too short', () => {
    const [found] = beaten('Let cool 10 minutes.', 'Let cool')
    expect(found).toMatchObject({ figures: { kind: 'beat' } })
    expect(found?.id === 'too-warm' && found.figures.celsius > found.figures.from).toBe(true)
  })

  it('and not where it is cool by then, nor where it is meant to be hot', () => {
    expect(beaten('Leave to cool to 45 °C.', 'Leave')).toEqual([])
    expect(beaten('', 'Boil')).toEqual([])
  })
})

describe('whatever is logged', () => {
  const act = fc.oneof(
    fc.record({
      type: fc.constant('lies' as const),
      on: fc.record({
        name: fc.constant('there'),
        kind: fc.constantFrom(...(Object.keys(surfaceKinds) as SurfaceKind[])),
        thicknessMm: fc.double({ min: 0, max: 200, noNaN: true }),
      }),
    }),
    fc.record({ type: fc.constant('measures' as const), depthMm: fc.double({ min: 0.5, max: 300, noNaN: true }) }),
    fc.record({ type: fc.constant('feels' as const), touch: fc.constantFrom('hot', 'cool') }),
    fc.record({ type: fc.constant('stands' as const), times: fc.double({ min: 0.5, max: 10, noNaN: true }) }),
    fc.record({ type: fc.constant('made' as const), pieces: fc.integer({ min: 1, max: 100_000 }) }),
    fc.record({ type: fc.constant('texture' as const), texture: fc.constantFrom('just-warm', 'ribbon') }),
    fc.record({ type: fc.constant('reads' as const), celsius: fc.double({ min: -50, max: 400, noNaN: true }) }),
    fc.constant({ type: 'stuck' as const }),
  )
  const boils = [
    'smoked-salt-tamarind-caramels',
    'quince-lollipops',
    'ginger-honeycomb',
    'harbour-dark-dipping-chocolate',
  ]

  it('its finish is figures', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...boils),
        fc.constantFrom('pull', 'pour'),
        fc.array(fc.tuple(fc.integer({ min: 0, max: 20_000 }), act), { maxLength: 8 }),
        fc.integer({ min: 0, max: 90_000 }),
        (id, upTo, acts, seconds) => {
          const { seen } = cooked(id, upTo, seconds, acts as readonly (readonly [number, CookAct])[])
          const finish = finishOf(seen)
          for (const n of [finish.celsius, finish.top, finish.bottom, finish.under, finish.falls])
            expect(Number.isFinite(n)).toBe(true)
          for (const w of finish.ahead) expect(Number.isNaN(w.opens + w.closes)).toBe(false)
          for (const m of movesOf(finish.mass, finish.ahead[0] ?? null, conditions, seen.now))
            expect(Number.isNaN(m.sweats)).toBe(false)
        },
      ),
      { numRuns: 60 },
    )
  })
})

describe('families', () => {
  it('say a window only for work that is known', () => {
    for (const facts of Object.values(families))
      for (const kind of Object.keys(facts.windows)) expect(handworkKinds).toContain(kind)
  })
})
