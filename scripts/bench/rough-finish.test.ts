/** Every family finished in the rough kitchen by a maker who does what the panel says; and once each by one who does not. */
import { describe, expect, it, test } from 'vitest'
import { assessCook, type BoiledFormula, type CookAct, type CookAssessment, type CookEvent, isEarly } from '@/core'
import { testBoil, testConditions } from '@/core/testing'
import { demoBoil } from '@/demo/formulas'
import { type Cooling, cameOut, isJudged, type Lump, roughLump, roughSlab } from '../../tests/rough/finish'

const finished = [
  ['caramel', 'smoked-salt-tamarind-caramels'],
  ['caramel-sauce', 'bergamot-pouring-caramel'],
  ['toffee', 'orchard-toffee'],
  ['brittle', 'coconut-chip-brittle'],
  ['honeycomb', 'ginger-honeycomb'],
  ['hard-candy', 'rhubarb-nettle-elderflower-drops'],
  ['fudge', 'malted-milk-fudge'],
  ['condensed-milk', 'condensed-milk-fig-fudge'],
  ['nougat', 'bay-leaf-honey-nougat'],
  ['marshmallow', 'blackcurrant-marshmallow'],
  ['popcorn', 'juniper-popcorn-clusters'],
] as const

const GLANCE = 10
const FAR = 600
/** s between two readings a maker takes with a thermometer in the hand, while it is in a pot or a bowl. */
const LOOKS = 180
const LONGEST = 16 * 3600
const conditions = { ...testConditions, surfaces: [{ name: 'rack', kind: 'rack' as const, thicknessMm: 0 }] }

interface Done {
  readonly step: string
  readonly work: string
  readonly celsius: number
  readonly at: number
}

interface Finished {
  readonly done: readonly Done[]
  /** What the panel warned of: an early act that it questions, a window that has closed. */
  readonly warned: readonly string[]
  readonly all: boolean
}

/** Share of all there is that goes in with a group. */
const shareOf = ({ lines }: BoiledFormula, group: string): number =>
  lines.filter((l) => l.group === group).reduce((sum, l) => sum + l.grams, 0) /
  lines.reduce((sum, l) => sum + l.grams, 0)

/** `disobey`: the work done at once when it comes up, or only so many s after its window has closed. */
function finish(id: string, seed: number, disobey?: { readonly work: string; readonly late: number | null }): Finished {
  const formula = demoBoil(id)
  const boil = testBoil(formula, { conditions, channel: null })
  const events: CookEvent[] = []
  const log = (at: number, act: CookAct): void => {
    events.push({ id: `${events.length}`, at, ...act })
  }
  const pull = formula.steps.findIndex((s) => s.when.on === 'target')
  formula.steps.slice(0, pull).forEach((s, i) => {
    log(60 * i, { type: 'step', step: s.id })
  })
  let now = 1500
  log(now, { type: 'pulled', step: formula.steps[pull]?.id ?? '', celsius: formula.target.celsius })
  const done: Done[] = []
  const warned = new Set<string>()
  let pot: Lump = roughLump(4200, 7, formula.target.celsius, 21, seed)
  let mass: Cooling = pot
  let before: CookAssessment | undefined
  let shown: readonly CookEvent[] = [...events]
  let looked = now
  let closedAt = Number.POSITIVE_INFINITY
  while (now < LONGEST) {
    const seen: CookAssessment = assessCook(boil, { events: shown, readings: [] }, now, before)
    before = seen
    const { doNow } = seen.pot
    const { step } = doNow
    if (!step) break
    const work = step.handwork?.kind ?? ''
    for (const f of seen.finish?.findings ?? []) warned.add(f.id)
    if (doNow.until === 0) closedAt = Math.min(closedAt, now)
    const rebel = disobey?.work === work
    const acts = rebel
      ? disobey.late === null || now > closedAt + disobey.late
      : doNow.mood === 'now' || step.when.on === 'word'
    if (acts) {
      if (isEarly(doNow)) warned.add('early')
      log(now, { type: 'step', step: step.id })
      shown = [...events]
      done.push({ step: step.id, work, celsius: mass.celsius(), at: now })
      const group = formula.groups.find((g) => g.id === step.adds)
      if (group) pot.stirIn(shareOf(formula, group.id), group.celsius)
      if (work === 'whip') mass = roughLump(6000, 1, mass.celsius(), 21, seed)
      const next = formula.steps[seen.cook.state.next + 1]
      if (next?.handwork?.kind === 'whip') {
        pot = roughLump(2300, 4.4, mass.celsius(), 21, seed)
        mass = pot
      }
      if (step.empties)
        mass = roughSlab(
          {
            depthMm:
              formula.shape.kind === 'cut'
                ? formula.shape.heightMm
                : formula.shape.kind === 'broken'
                  ? formula.shape.thicknessMm
                  : 8,
            startC: mass.celsius(),
            roomC: 21,
            place: 'rack',
            air: formula.air ?? 0,
          },
          seed,
        )
    }
    const { place } = seen.finish ?? { place: 'slab' }
    if (now - looked >= LOOKS && (place === 'pot' || place === 'bowl')) {
      looked = now
      log(now, { type: 'reads', celsius: mass.celsius() })
      shown = [...events]
    }
    // nobody looks at a slab every ten seconds through the night
    const glance = (doNow.due?.seconds ?? 0) > FAR ? FAR / 5 : GLANCE
    mass.wait(glance)
    now += glance
  }
  return { done, warned: [...warned], all: done.length === formula.steps.length - pull - 1 }
}

describe('finished in the rough kitchen by what the panel says', () => {
  test.each(finished.flatMap(([family, id]) => [1, 2].map((seed) => [family, seed, id] as const)))(
    '%s, kitchen %d: every work at a moment that comes out right',
    (family, seed, id) => {
      const { done, all } = finish(id, seed)
      expect(all).toBe(true)
      for (const { work, celsius } of done) expect(`${work} ${cameOut(family, work, celsius)}`).toBe(`${work} right`)
      const judged = done.filter((d) => isJudged(family, d.work))
      if (family !== 'honeycomb') expect(judged.length).toBeGreaterThan(0)
    },
  )

  it('what is cut is wrapped before its sides are sticky', () => {
    const { done } = finish('smoked-salt-tamarind-caramels', 4)
    const at = (work: string) => done.find((d) => d.work === work)?.at ?? Number.NaN
    expect(at('wrap') - at('cut')).toBeLessThan(600)
  })
})

describe('disobeyed', () => {
  test.each([
    ['caramel', 'smoked-salt-tamarind-caramels', 'score', null, 'early'],
    ['toffee', 'orchard-toffee', 'score', 600, 'missed'],
    ['brittle', 'coconut-chip-brittle', 'break', null, 'early'],
    ['honeycomb', 'ginger-honeycomb', 'break', null, 'early'],
    ['hard-candy', 'rhubarb-nettle-elderflower-drops', 'unmould', null, 'early'],
    ['hard-candy', 'rhubarb-nettle-elderflower-drops', 'fill', 120, 'missed'],
    ['fudge', 'malted-milk-fudge', 'beat', null, 'early'],
    ['condensed-milk', 'condensed-milk-fig-fudge', 'cut', null, 'early'],
    ['marshmallow', 'blackcurrant-marshmallow', 'whip', null, 'early'],
    ['popcorn', 'juniper-popcorn-clusters', 'form', 300, 'missed'],
    ['caramel-sauce', 'bergamot-pouring-caramel', 'fill', 600, 'missed'],
    ['nougat', 'bay-leaf-honey-nougat', 'whip', 900, 'missed'],
  ] as const)('%s %s: %s, late by %s s: warned of (%s), and it comes out so', (family, id, work, late, warning) => {
    const { done, warned } = finish(id, 5, { work, late })
    expect(warned).toContain(warning)
    const at = done.find((d) => d.work === work)
    if (at && isJudged(family, work))
      expect(cameOut(family, work, at.celsius)).toBe(late === null ? 'too early' : 'too late')
  })
})
