/** A maker who finishes a sweet in the rough kitchen by what the panel says, or does not; and how often it comes out right. */
import { assessCook, type BoiledFormula, type CookAct, type CookAssessment, type CookEvent, isEarly } from '@/core'
import { testBoil, testConditions } from '@/core/testing'
import { demoBoil } from '@/demo/formulas'
import { type Cooling, cameOut, isJudged, type Lump, roughAir, roughLump, roughSlab } from '../../tests/rough/finish'
import type { Row } from './table'

export const finished = [
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
  ['pulled sugar', 'water-mint-pillows'],
  ['dark chocolate', 'harbour-dark-dipping-chocolate'],
  ['milk chocolate', 'pilot-house-milk-chocolate'],
] as const

/** Share of milk chocolate that the panel has spread on the stone. */
const STONE_SHARE = 0.78
const GLANCE = 10
const FAR = 600
/** s between two readings a maker takes with a thermometer in the hand, while it is in a pot or a bowl; of chocolate more often. */
const LOOKS = 180
const LOOKS_AT_CHOCOLATE = 30
/** s after which a smear has set, where it does. */
const SMEAR = 240
const LONGEST = 16 * 3600
const conditions = { ...testConditions, surfaces: [{ name: 'rack', kind: 'rack' as const, thicknessMm: 0 }] }

export interface Done {
  readonly step: string
  readonly work: string
  readonly celsius: number
  readonly at: number
}

export interface Finished {
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
export function finish(
  id: string,
  seed: number,
  disobey?: { readonly work: string; readonly late: number | null },
): Finished {
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
  const chocolate = formula.family === 'chocolate'
  let pot: Lump = chocolate
    ? roughLump(1900, 1.9, formula.target.celsius, 21, seed)
    : roughLump(4200, 7, formula.target.celsius, 21, seed)
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
    for (const f of seen.finish?.findings ?? []) {
      warned.add(f.id)
      // the bowl is warmed where that is what is said
      if (chocolate && !disobey && f.id === 'missed' && f.figures.warmTo !== null && seen.finish?.place === 'pot') {
        pot.warm(f.figures.warmTo)
        log(now, { type: 'reads', celsius: mass.celsius() })
        shown = [...events]
      }
    }
    if (doNow.until === 0) closedAt = Math.min(closedAt, now)
    const rebel = disobey?.work === work
    const lastAt = done.at(-1)?.at ?? now
    if (step.when.on === 'texture' && now - lastAt >= SMEAR && doNow.mood === 'wait') {
      log(now, { type: 'texture', texture: step.when.texture })
      shown = [...events]
    }
    const acts = rebel
      ? disobey.late === null || now > closedAt + disobey.late
      : doNow.mood === 'now' || step.when.on === 'word'
    if (acts) {
      if (isEarly(doNow)) warned.add('early')
      log(now, { type: 'step', step: step.id })
      shown = [...events]
      done.push({ step: step.id, work, celsius: mass.celsius(), at: now })
      const group = formula.groups.find((g) => g.id === step.adds)
      if (group && chocolate) pot.seed(shareOf(formula, group.id), group.celsius)
      else if (group) pot.stirIn(shareOf(formula, group.id), group.celsius)
      if (work === 'table')
        mass = roughSlab({ depthMm: 5, startC: pot.celsius(), roomC: 21, place: 'stone', air: 0 }, seed)
      if (work === 'gather') {
        // most of it lay on the stone
        pot.warm(STONE_SHARE * mass.celsius() + (1 - STONE_SHARE) * pot.celsius())
        mass = pot
      }
      if (work === 'pull') mass = roughLump(1500, 1.5, mass.celsius(), 21, seed)
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
            air: roughAir[formula.family] ?? 0,
          },
          seed,
        )
    }
    const { place } = seen.finish ?? { place: 'slab' }
    const held = place === 'pot' || place === 'bowl' || chocolate
    if (now - looked >= (chocolate ? LOOKS_AT_CHOCOLATE : LOOKS) && held) {
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

/** Share of the works that come out right over `kitchens` kitchens a family, by what the panel says. */
export function benchRoughFinish(kitchens = 10): Row[] {
  return finished.map(([family, id]) => {
    const works = Array.from({ length: kitchens }, (_, k) => finish(id, 700 + k).done).flat()
    const judged = works.filter((d) => isJudged(family, d.work))
    const right = judged.filter((d) => cameOut(family, d.work, d.celsius) === 'right')
    return {
      what: `${family} finished in ${kitchens} rough kitchens`,
      measured: `${right.length} of ${judged.length} works right`,
      wanted: 'all',
    }
  })
}
