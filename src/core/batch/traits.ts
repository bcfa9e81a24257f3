/**
 * What one batch can be compared with another by: a few figures of its boil, read off its log once it has ended. A table
 * of what they are, how much they differ where nothing is the matter, and how much they matter.
 */
import type { CookAssessment } from '../cook/assess'
import { summaryOf } from '../cook/summary'
import { analyse } from '../formula/analyse'
import { isBoiled } from '../formula/document'
import { depthOf } from '../formula/verdicts'
import { standing } from '../log/log'
import type { Reading } from '../log/readings'
import { DIAL_TOP } from '../pot/equipment'
import { forecastContext } from '../track/cook'
import { mean, ROW } from '../track/heat-state'
import { lagIn } from '../track/probe-slow'
import { trackCook } from '../track/track'
import { type Track, trackFacts } from '../track/track-state'
import type { Tasting } from './tasting'
import { sugarOff } from './weighed'

interface TraitFacts {
  /** ◊ Standard deviation from batch to batch with nothing the matter. */
  readonly scatter: number
  /** ◊ What it is before this maker's own are known, and how sure. */
  readonly usual: { readonly mean: number; readonly sd: number }
  /** ◊ Steps on a scale of a tasting that one of its own scatters makes: what a difference could have done. */
  readonly matters: number
  /** Told by the ring and the pot, whatever is cooked, or by both; else by the formula. */
  readonly of?: 'ring' | 'both'
}

export const traits = {
  /** ln of the share of its plate that the ring gave. */
  power: { scatter: 0.06, usual: { mean: 0, sd: 0.25 }, matters: 0.5, of: 'ring' },
  /** °C that its first boil was read above what its make-up boils at. */
  boilsAt: { scatter: 0.22, usual: { mean: 0, sd: 0.8 }, matters: 1 },
  /** ln of the minutes from the flame to the boil, from there to the pull as if at full heat, and over the last ten degrees. */
  toBoil: { scatter: 0.12, usual: { mean: 2.3, sd: 2 }, matters: 0.1, of: 'both' },
  climb: { scatter: 0.09, usual: { mean: 2.7, sd: 2 }, matters: 0.4, of: 'both' },
  /** ln of how many times as long as its plate says the whole cook took: what the next one is reckoned by. */
  pace: { scatter: 0.1, usual: { mean: 0.1, sd: 0.3 }, matters: 0, of: 'both' },
  last: { scatter: 0.15, usual: { mean: 1, sd: 2 }, matters: 0.5, of: 'both' },
  /** Minutes above 140°. */
  over140: { scatter: 0.5, usual: { mean: 1, sd: 3 }, matters: 1 },
  /** °C past the target it got, and °C it climbed once it was pulled. */
  missed: { scatter: 0.8, usual: { mean: 0, sd: 0.8 }, matters: 1.5 },
  carried: { scatter: 0.5, usual: { mean: 1, sd: 1 }, matters: 0.8, of: 'both' },
  /** Times it was stirred after the boil without being asked to. */
  stirs: { scatter: 0.3, usual: { mean: 0, sd: 0.2 }, matters: 1.5 },
  /** Turns of the dial no step asked for, and the mean dial from the boil to the pull. */
  turns: { scatter: 0.7, usual: { mean: 0.4, sd: 0.5 }, matters: 0.3 },
  dial: { scatter: 0.5, usual: { mean: 8, sd: 3 }, matters: 0.4 },
  /** Minutes under the lid. */
  lid: { scatter: 0.7, usual: { mean: 2, sd: 3 }, matters: 0.3 },
  /** Time constant of its probe, s, where it was out of the pot and came back. */
  lag: { scatter: 1.5, usual: { mean: 5, sd: 3 }, matters: 0 },
  /** °C the drops say the thermometer shows too much. */
  tests: { scatter: 1.5, usual: { mean: 0, sd: 0.8 }, matters: 0.8 },
  /** Colour-equivalent temperature of the syrup when it was poured, °C. */
  colour: { scatter: 2, usual: { mean: 160, sd: 20 }, matters: 0.6 },
  /** The shade it has, measured beside white paper, as the temperature caramel has it at, °C. */
  shade: { scatter: 3, usual: { mean: 160, sd: 20 }, matters: 0.6 },
  /** Relative humidity of the room, 0 to 1, and how warm it was, °C. */
  humidity: { scatter: 0.05, usual: { mean: 0.55, sd: 0.15 }, matters: 0.8 },
  room: { scatter: 1.5, usual: { mean: 21, sd: 3 }, matters: 0.3 },
  /** ◊ A work after the pour too early (−1) or too late (+1): the one furthest off. */
  worked: { scatter: 0.25, usual: { mean: 0, sd: 0.2 }, matters: 1 },
  /** mm of the slab as it was measured over what was reckoned, ln; and g of a piece likewise. */
  depth: { scatter: 0.05, usual: { mean: 0, sd: 0.05 }, matters: 0.6 },
  weight: { scatter: 0.016, usual: { mean: 0, sd: 0.04 }, matters: 0.6 },
  /** ln of the s a piece took the hands that formed or filled it. */
  each: { scatter: 0.3, usual: { mean: 1.6, sd: 0.8 }, matters: 0 },
  /** Share of it lost to edges, as it was weighed. */
  lost: { scatter: 0.03, usual: { mean: 0.05, sd: 0.05 }, matters: 0.1 },
  /** ln of the sugar a scale weighed over what was wanted. */
  sugar: { scatter: 0.01, usual: { mean: 0, sd: 0.02 }, matters: 0.15 },
  /** °C past its own moment that something went in, of what was furthest off. */
  added: { scatter: 1.5, usual: { mean: 0.5, sd: 1.5 }, matters: 0.4 },
  /** Marks on the scales. */
  bite: { scatter: 0.55, usual: { mean: 3, sd: 0.4 }, matters: 0 },
  grain: { scatter: 0.5, usual: { mean: 1.2, sd: 0.4 }, matters: 0 },
  stick: { scatter: 0.55, usual: { mean: 1.4, sd: 0.5 }, matters: 0 },
  thick: { scatter: 0.5, usual: { mean: 3, sd: 0.3 }, matters: 0 },
} as const satisfies Record<string, TraitFacts>

export type TraitId = keyof typeof traits
export const traitIds = Object.keys(traits) as TraitId[]
export const traitFacts = (id: TraitId): TraitFacts => traits[id]

/** Those of a batch that are known. */
export type Traits = Readonly<Partial<Record<TraitId, number>>>

/** ◊ A boil is steady that nothing goes into for so many s; it is held against its make-up so many s on; readings to a look. */
const STEADY = { least: 90, until: 260, look: 10 }
const LAST_DEGREES = 10
const BROWNS_FROM = 140

/** The traits of a boil that has ended, from its log. What it did not show is left out. */
export function traitsOf(assessment: CookAssessment): Traits {
  const { cook, readings, boil, estimate, record } = assessment
  const { pulledAt, pulledC, dials } = cook.state
  const { roomC, humidity } = boil.conditions
  const weather = { humidity, room: roomC, ...made(assessment) }
  if (pulledAt === null || !isBoiled(boil.formula)) return weather
  const seen = readings.filter((r) => r.at <= pulledAt)
  const boiledAt = boil.channel === null ? null : boilOf(assessment, seen, pulledAt)
  const { power, reachedC: hottest } = summaryOf(assessment)
  const from = boiledAt?.at ?? null
  const asked = new Set(boil.formula.steps.flatMap((s) => (s.heat === undefined ? [] : [s.id]))).size
  const stands = standing(record.events)
  const dial = from === null ? Number.NaN : meanDial(dials, from, pulledAt)
  return dropUnknown({
    ...weather,
    power: power === null ? undefined : Math.log(power),
    boilsAt: boiledAt?.off,
    toBoil: from === null ? undefined : log(from / 60),
    climb: from === null ? undefined : log(((pulledAt - from) / 60) * (dial / DIAL_TOP)),
    pace: paceOf(assessment, pulledAt),
    last: log(minutesAbove(seen, assessment.analysis.targetC - LAST_DEGREES)),
    over140: seen.length > 0 ? minutesAbove(readings, BROWNS_FROM) : undefined,
    missed: hottest === null ? undefined : hottest - assessment.analysis.targetC,
    carried: hottest === null || pulledC === null ? undefined : hottest - pulledC,
    // that none is logged does not say that there was none
    stirs: stands.filter((e) => e.type === 'did' && e.what === 'stirred' && e.at > (from ?? 0)).length || undefined,
    turns: Math.max(0, dials.filter((d) => d.at < pulledAt).length - asked),
    dial,
    lid: lidMinutes(cook.state.fillings, pulledAt),
    lag:
      lagIn(
        record.readings,
        cook.stretches.map((s) => s.from),
      ) ?? undefined,
    tests: stands.some((e) => e.type === 'test') ? estimate?.off?.mean : undefined,
    colour: estimate?.colour.mean,
    sugar: sugarOff(boil.formula, cook.grams, record.events) ?? undefined,
    added: addedOff(assessment, seen),
  })
}

/** Traits of a tasting, as far as it went. */
export function tastedTraits(tasting: Tasting | null, plannedPieceGrams: number): Traits {
  if (!tasting) return {}
  const { bite, grain, stick, thick } = tasting.scales
  const { pieceGrams, colourC } = tasting
  return dropUnknown({
    bite,
    grain,
    stick,
    thick,
    shade: colourC,
    weight: pieceGrams !== undefined && plannedPieceGrams > 0 ? Math.log(pieceGrams / plannedPieceGrams) : undefined,
  })
}

/** How far from its own temperature the step was taken that was furthest off, °C late; undefined where none waits for one. */
function addedOff({ boil, record }: CookAssessment, seen: readonly Reading[]): number | undefined {
  const steps = new Map(boil.formula.steps.map((s) => [s.id, s]))
  const offs = standing(record.events).flatMap((e) => {
    const when = e.type === 'step' ? steps.get(e.step)?.when : undefined
    const reading = when && seen.findLast((r) => r.at <= e.at)
    if (!reading || (when?.on !== 'rises' && when?.on !== 'falls')) return []
    return [when.on === 'rises' ? reading.celsius - when.celsius : when.celsius - reading.celsius]
  })
  return offs.sort((a, b) => Math.abs(b) - Math.abs(a))[0]
}

const log = (minutes: number): number | undefined => (minutes > 0 ? Math.log(minutes) : undefined)

const dropUnknown = (t: Partial<Record<TraitId, number | undefined>>): Traits =>
  Object.fromEntries(Object.entries(t).filter(([, v]) => v !== undefined && Number.isFinite(v)))

/** When it first came to the boil, s, and how far above its make-up the first steady boil was read, °C; null where nothing tells. */
function boilOf(
  { cook, analysis }: CookAssessment,
  seen: readonly Reading[],
  pulledAt: number,
): { at: number; off: number } | null {
  const facts = trackFacts(forecastContext(cook, analysis.targetC, true, pulledAt))
  const fed = cook.stretches.flatMap((s, i) => (s.path === cook.stretches[i - 1]?.path ? [] : [s.from]))
  let first: number | null = null
  let track: Track | undefined
  for (let upTo = 0; upTo < seen.length; ) {
    upTo = Math.min(seen.length, upTo + STEADY.look)
    track = trackCook(seen.slice(0, upTo), facts, track)
    const { boiledAt } = track
    if (boiledAt === null) continue
    first ??= boiledAt
    const next = Math.min(pulledAt, fed.find((at) => at > boiledAt) ?? pulledAt)
    if (next - boiledAt < STEADY.least) continue
    if (track.at >= Math.min(next - STEADY.look, boiledAt + STEADY.until))
      return { at: first, off: mean(track.state, ROW.off) }
  }
  return first === null ? null : { at: first, off: Number.NaN }
}

/** How much longer than its plate says a cook took from the first flame, ln. */
function paceOf({ boil, cook }: CookAssessment, pulledAt: number): number {
  const lit = cook.state.dials.find((d) => d.dial > 0)?.at ?? 0
  const { gives: _, ...plain } = boil.conditions
  return Math.log((pulledAt - lit) / 60 / analyse(boil.formula, plain, cook.grams).minutes)
}

function minutesAbove(readings: readonly Reading[], celsius: number): number {
  let seconds = 0
  for (const [i, r] of readings.entries()) {
    const before = readings[i - 1]
    if (before && before.celsius >= celsius && r.celsius >= celsius) seconds += Math.min(60, r.at - before.at)
  }
  return seconds / 60
}

function meanDial(dials: readonly { readonly at: number; readonly dial: number }[], from: number, to: number): number {
  const level = (t: number): number => dials.findLast((d) => d.at <= t)?.dial ?? 0
  const turns = [from, ...dials.map((d) => d.at).filter((at) => at > from && at < to), to]
  const sum = turns.slice(1).reduce((s, t, i) => s + level(turns[i] as number) * (t - (turns[i] as number)), 0)
  return to > from ? sum / (to - from) : Number.NaN
}

const lidMinutes = (fillings: readonly { readonly from: number; readonly lid: boolean }[], to: number): number =>
  fillings.reduce(
    (sum, f, i) => sum + (f.lid ? Math.max(0, Math.min(to, fillings[i + 1]?.from ?? to) - f.from) : 0),
    0,
  ) / 60

/** What was seen of it after the pour. */
function made({ finish, analysis, record }: CookAssessment): Traits {
  const came = finish?.outcomes.map((o): number => LATENESS[o.came]) ?? []
  const depthMm = finish?.log.depthMm ?? null
  return dropUnknown({
    each: log(secondsEach(record.events) ?? 0),
    worked: came.length > 0 ? (came.find((c) => c !== 0) ?? 0) : undefined,
    lost: finish?.log.yields ? finish.log.yields.trimGrams / analysis.outGrams : undefined,
    depth: depthMm === null ? undefined : Math.log(depthMm / depthOf(analysis.shape)),
  })
}

/** s a piece took, from the step before the making to the last count; null where nobody counted. */
function secondsEach(events: CookAssessment['record']['events']): number | null {
  const all = standing(events)
  const last = all.findLast((e) => e.type === 'made')
  if (last?.type !== 'made' || last.pieces < LEAST_MADE) return null
  const from = all.findLast((e) => e.type === 'step' && e.at < last.at)
  return from ? (last.at - from.at) / last.pieces : null
}

/** ◊ Fewer pieces are no pace. */
const LEAST_MADE = 5

const LATENESS = { early: -1, right: 0, harmless: 0, late: 1 }
