/** What a batch will be: one finding a subject, from the analysis and the kitchen it is made in. */

import { poursFromPot, workingWindows } from '../cooling/working'
import type { BiteId } from '../craft/bite'
import type { FamilyId } from '../craft/families'
import type { Work } from '../craft/families/family'
import type { Finding, FindingOf, Tone } from '../finding'
import type { Allergen } from '../matter/ingredient'
import { massOf } from '../matter/mix'
import { boilingPoint } from '../physics/boiling'
import { type Keeping, keepingIn } from '../physics/humidity'
import { doctorShare, type GrainRisk } from '../physics/solubility'
import {
  type Celsius,
  type CelsiusStep,
  type Grams,
  inCelsius,
  inGrams,
  inSeconds,
  type Seconds,
} from '../quantity/figures'
import type { Analysis, Conditions } from './analyse'
import { type FormulaDocument, type GramsByLine, isBoiled, type PartState, type Shape } from './document'
import { ganacheHolds } from './ganache'
import { withInverted } from './inverted'
import { isFormed, type ShapedBy, shapedBy } from './layout-formed'
import { allergensIn } from './mixes'
import { finishedMix, traceSteps } from './trace'

/** The figures of each verdict. Shares are of 1; a span is infinite where the moment never comes. */
export interface VerdictFigures {
  /** `set`: something else than its sugar holds it. */
  bite: {
    readonly bite: BiteId
    readonly aboveGlass: CelsiusStep
    readonly crystal: number | null
    readonly set: boolean
  }
  water: {
    readonly share: number
    readonly out: Grams
    readonly steam: Grams
    readonly time: Seconds
    readonly burner: string
    /** Where it first boils, which is above its target: there it has lost nothing yet; null where it boils down to it. */
    readonly boilsFrom: Celsius | null
  }
  grain: {
    readonly risk: GrainRisk | 'none'
    /** It is meant to grain. */
    readonly meant: boolean
    readonly doctors: number
    /** What the doctors may be at least and at most, where acid or heat makes some of them; null where hardly any. */
    readonly between: { readonly low: number; readonly high: number } | null
  }
  /** Chocolate and cream: shares of fat and of water in it. */
  ganache: { readonly fat: number; readonly water: number; readonly splits: boolean }
  humidity: {
    readonly stickyAbove: number
    readonly driesBelow: number
    readonly room: number
    readonly keeping: Keeping
    readonly family: FamilyId
    /** Whether it is a glass, and whether it stands in jars. */
    readonly glassy: boolean
    readonly inJars: boolean
  }
  fits: { readonly fill: number; readonly peakLitres: number; readonly potLitres: number; readonly pot: string }
  /**
   * `until`: how long it can be poured or spread; `scores`: how long a glass takes a score, null for a chew, which is cut; `setsAt`: where it sets, whatever
   * its sugar does.
   */
  work: {
    readonly work: Work
    readonly by: ShapedBy
    readonly until: Seconds
    readonly scores: Seconds | null
    readonly setsAt: Celsius | null
  }
  allergens: { readonly allergens: readonly Allergen[] }
  weight: { readonly out: Grams; readonly parts: number }
  'part-waits': {
    readonly part: string
    readonly waitsFor: string
    readonly state: PartState
    readonly about: string
  }
}

export type Verdict = FindingOf<VerdictFigures>
type VerdictOn<Id extends keyof VerdictFigures> = Finding<Id, VerdictFigures[Id]>

/** ◊ A pot filled further than this at the worst moment is only just large enough. */
const BARELY_FITS = 0.85

/** How a rise to `fill` of the pot is to be taken. */
export const fitTone = (fill: number): Tone => (fill > 1 ? 'bad' : fill > BARELY_FITS ? 'mind' : 'good')

const grainTone: Readonly<Record<GrainRisk | 'none', Tone>> = {
  readily: 'mind',
  may: 'mind',
  'if-stirred': 'good',
  resists: 'good',
  none: 'good',
}

/** ◊ How thick a drop lies, for its cooling. */
const DROP_MM = 8

/** How deep what is poured lies, mm. */
export const depthOf = (shape: Shape): number =>
  shape.kind === 'cut' ? shape.heightMm : shape.kind === 'broken' ? shape.thicknessMm : DROP_MM

const bite = (a: Analysis): VerdictOn<'bite'> => ({
  id: 'bite',
  tone: 'good',
  figures: { bite: a.bite.id, aboveGlass: a.bite.aboveGlass, crystal: a.bite.crystal, set: a.work === 'set' },
})

/** ◊ A target so far below where it boils, °C, is no target of a boil. */
const UNBOILED = 1

function boilsFrom({ atTarget, targetC }: Analysis, { pressurePa }: Conditions): Celsius | null {
  const from = atTarget.water > 0 ? boilingPoint(atTarget, pressurePa) : targetC
  return from > targetC + UNBOILED ? inCelsius(from) : null
}

function water(a: Analysis, c: Conditions): VerdictOn<'water'> {
  const from = boilsFrom(a, c)
  return {
    id: 'water',
    tone: !Number.isFinite(a.minutes) ? 'bad' : from === null ? 'good' : 'mind',
    figures: {
      boilsFrom: from,
      share: a.waterShare,
      out: inGrams(massOf(a.finished)),
      steam: inGrams(a.steamGrams),
      time: inSeconds(a.minutes * 60),
      burner: c.burner.name,
    },
  }
}

/** Fudge is meant to grain: there it is a warning that it does not. */
const meantTone: Readonly<Record<GrainRisk | 'none', Tone>> = {
  readily: 'good',
  may: 'good',
  'if-stirred': 'good',
  resists: 'mind',
  none: 'mind',
}

/** ◊ Share of the sweeteners that acid or heat has to make of them before it is said. */
const SPLIT_SAID = 0.01

function grain({ grain: risk, meantToGrain: meant, doctors, finished, inverted }: Analysis): VerdictOn<'grain'> {
  const doctorsAt = (share: number): number => doctorShare(withInverted(finished, share))
  const isSaid = doctors - doctorShare(finished) >= SPLIT_SAID
  return {
    id: 'grain',
    tone: (meant ? meantTone : grainTone)[risk],
    figures: {
      risk,
      meant,
      doctors,
      between: isSaid ? { low: doctorsAt(inverted.low), high: doctorsAt(inverted.high) } : null,
    },
  }
}

/** ◊ A mould that holds so much, ml, is a jar. */
const JAR_ML = 60

const humidity = (a: Analysis, c: Conditions): VerdictOn<'humidity'> => ({
  id: 'humidity',
  tone: keepingIn(a.keeps, c.humidity) === 'steady' ? 'good' : 'mind',
  figures: {
    stickyAbove: a.keeps.stickyAbove,
    driesBelow: a.keeps.driesBelow,
    room: c.humidity,
    keeping: keepingIn(a.keeps, c.humidity),
    family: a.family,
    glassy: a.bite.aboveGlass < 0,
    inJars: a.shape.kind === 'mould' && a.shape.millilitres >= JAR_ML,
  },
})

const fits = (a: Analysis, c: Conditions): VerdictOn<'fits'> => ({
  id: 'fits',
  tone: fitTone(a.fill),
  figures: { fill: a.fill, peakLitres: a.peakLitres, potLitres: c.pot.litres, pot: c.pot.name },
})

/** ◊ Less time than this to work it, minutes, wants minding. */
const HURRY = 2

/** What is spread lies on its tray; what fills moulds, or is dropped from a spoon, waits in its pot. */
const isSpread = (a: Analysis): boolean => a.work === 'spread' && a.shape.kind !== 'mould' && !isFormed(a.shape)

/**
 * Minutes from the pull in which it can be poured or spread; a sweet that stays above its glass point by more never hurries
 * anyone. It is poured out of its pot, where it keeps its heat; what is spread cools where it lies.
 */
export const minutesToWork = (a: Analysis, { pot, roomC }: Conditions): number =>
  isSpread(a)
    ? workingWindows(a.finished, depthOf(a.shape), a.targetC, roomC).spreads
    : poursFromPot(a.finished, pot, a.targetC, roomC, a.setsAt)

const work = (a: Analysis, c: Conditions): VerdictOn<'work'> => {
  const onTray = workingWindows(a.finished, depthOf(a.shape), a.targetC, c.roomC)
  const minutes = minutesToWork(a, c)
  const hurries = (isSpread(a) || a.work === 'poured' || a.work === 'set' || a.work === 'pulled') && minutes < HURRY
  return {
    id: 'work',
    tone: hurries ? 'mind' : 'good',
    figures: {
      work: a.work,
      by: shapedBy(a.shape),
      until: inSeconds(minutes * 60),
      scores: a.keeps.driesBelow > 0 ? null : inSeconds(onTray.scores * 60),
      setsAt: a.setsAt === null ? null : inCelsius(a.setsAt),
    },
  }
}

const allergenVerdict = (allergens: readonly Allergen[]): VerdictOn<'allergens'> => ({
  id: 'allergens',
  tone: allergens.length > 0 ? 'mind' : 'good',
  figures: { allergens },
})

const judges = [bite, water, grain, humidity, fits, work]
/** Chocolate is no syrup: it has no water to lose and no sugar to grain. */
const ofChocolate = [fits, work]

/** A syrup that is poured into what another pot boils is no sweet: nobody bites, wraps or cuts it. */
const ofJoining = [water, grain, fits]

/**
 * What this boil of the formula `whole`, or of its `part`, will be. Allergens are those of the whole sweet: nobody eats a part of it.
 */
export function verdictsOf(
  analysis: Analysis,
  conditions: Conditions,
  whole: FormulaDocument,
  part: string | null = null,
): Verdict[] {
  const joins = part !== null && isBoiled(whole) && whole.steps.some((s) => s.joins === part)
  const asked = analysis.work === 'tempered' ? ofChocolate : joins ? ofJoining : judges
  return [...asked.map((judge) => judge(analysis, conditions)), allergenVerdict(allergensIn(whole))]
}

function ganacheVerdict(formula: FormulaDocument): Verdict[] {
  const holds = ganacheHolds(formula)
  return holds ? [{ id: 'ganache', tone: holds.splits ? 'bad' : 'good', figures: holds }] : []
}

/** What can be said of what is not boiled itself: its weight, the order of its parts, the allergens of the `whole` sweet. */
export function wholeVerdicts(formula: FormulaDocument, grams: GramsByLine, whole: FormulaDocument): Verdict[] {
  const parts = formula.parts ?? []
  const labelOf = (id: string): string => parts.find((p) => p.id === id)?.label ?? id
  return [
    {
      id: 'weight',
      tone: 'good',
      figures: { out: inGrams(massOf(finishedMix(traceSteps(formula, grams)))), parts: parts.length },
    },
    ...ganacheVerdict(formula),
    ...parts.flatMap((p) =>
      p.needs.map(
        (n): Verdict => ({
          id: 'part-waits',
          tone: 'mind',
          figures: { part: p.label, waitsFor: labelOf(n.part), state: n.state, about: p.formula.about },
        }),
      ),
    ),
    allergenVerdict(allergensIn(whole)),
  ]
}
