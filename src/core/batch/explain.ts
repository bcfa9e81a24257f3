/**
 * Why a batch came out as it did. Each cause moves the traits of a batch in its own direction by an unknown amount; how
 * much better that explains what is unusual about this one than chance does (the Bayes factor of a linear model with
 * normal errors), with what was said of the sweet, ranks the causes. Nothing may be behind it, and then that is said.
 */

import { type Analysis, analyse, type Conditions } from '../formula/analyse'
import { type BoiledFormula, gramsAsWritten } from '../formula/document'
import { traceSteps } from '../formula/trace'
import { massOf } from '../matter/mix'
import { boilingPoint } from '../physics/boiling'
import { meanOf, medianOf } from '../quantity/statistics'
import { type CauseId, causeFacts, causeIds, type Effects, type Sensitivity } from './causes'
import { type FlawFacts, type FlawId, flaws } from './flaws'
import { type TraitId, type Traits, traitFacts, traitIds } from './traits'

/** A batch as it is compared: where it was cooked, and its traits. */
export interface Compared {
  /** Formula, and the ring with its pot, by any names that tell them apart. */
  readonly formula: string
  readonly ring: string
  readonly traits: Traits
}

/** What is unusual about one trait of a batch. */
export interface Unusual {
  readonly trait: TraitId
  readonly here: number
  /** What it usually is, and by how much it differs from batch to batch with nothing the matter. */
  readonly usual: number
  readonly sd: number
  /** Batches it is known from. */
  readonly batches: number
}

export interface Suspect {
  readonly cause: CauseId
  /** Chance that it is behind it, 0 to 1. */
  readonly chance: number
  /** How large it then was, in its own unit. */
  readonly size: number
  /** What in the log speaks for it, the strongest first; nothing where it is only often so. */
  readonly evidence: readonly Unusual[]
}

export interface Explanation {
  readonly flaws: readonly FlawId[]
  /** The likeliest first; those hardly possible are left out. */
  readonly suspects: readonly Suspect[]
  /** The one that explains it, where one does. */
  readonly found: Suspect | null
}

/** ◊ Batches further back say no more of what is usual. */
const LOOKS_BACK = 24
/** ◊ What is known of scatter in general counts as so many batches of one's own. */
const OWN_SCATTER = 5
/** ◊ A handful of batches that are all alike proves no steadier hand than this share of what is usual. */
const LEAST_SCATTER = 0.9
/** ◊ With nothing said against a batch, a cause is named from this chance on; with a flaw named, from this. */
const NAMED = { unasked: 0.7, asked: 0.4 }
const LEAST_CHANCE = 0.02
const MOST_SUSPECTS = 4
/** ◊ A cause that is there differs from its usual size by this share. */
const SPREAD = 0.45
/** ◊ Standard deviations from which a trait counts as evidence. */
const SPEAKS = 1

/**
 * What is unusual about the newest `batches` together (one, or a few in a row of one formula on one ring), against those
 * before them, newest first.
 */
export function unusualIn(batches: readonly [Compared, ...Compared[]], past: readonly Compared[]): Unusual[] {
  const [batch] = batches
  return traitIds.flatMap((trait): Unusual[] => {
    const known = batches.flatMap((b) => b.traits[trait] ?? [])
    if (known.length === 0) return []
    const { scatter, usual, of } = traitFacts(trait)
    const alike = past.filter(
      (p) => (of === undefined || p.ring === batch.ring) && (of === 'ring' || p.formula === batch.formula),
    )
    const seen = alike.flatMap((p) => p.traits[trait] ?? []).slice(0, LOOKS_BACK)
    const own = scatterOf(seen, scatter)
    // one bad batch among those before must not become what is usual
    const middle = seen.length >= 3 ? medianOf(seen) : seen.length > 0 ? meanOf(seen) : 0
    const weight = 1 / usual.sd ** 2 + seen.length / own ** 2
    return [
      {
        trait,
        here: meanOf(known),
        usual: (usual.mean / usual.sd ** 2 + (seen.length / own ** 2) * middle) / weight,
        sd: Math.sqrt(own ** 2 / known.length + 1 / weight),
        batches: seen.length,
      },
    ]
  })
}

/** Explains a batch of which these flaws are said by what is unusual about it, among these causes. */
export function explain(
  unusual: readonly Unusual[],
  said: readonly FlawId[],
  to: Sensitivity,
  among: readonly CauseId[] = causeIds,
): Explanation {
  const possible = among.filter((c) => {
    const { leads, asked } = causeFacts(c)
    return said.length > 0 ? said.some((f) => leads[f] !== undefined) : !asked
  })
  const weighed = possible.map((cause) => weigh(cause, unusual, said, to))
  const none = Math.log(1 - possible.reduce((sum, c) => sum + causeFacts(c).rare, 0))
  const top = Math.max(none, ...weighed.map((w) => w.odds))
  const all = weighed.reduce((sum, w) => sum + Math.exp(w.odds - top), Math.exp(none - top))
  const suspects = weighed
    .map(({ odds, ...suspect }): Suspect => ({ ...suspect, chance: Math.exp(odds - top) / all }))
    .filter((s) => s.chance >= LEAST_CHANCE)
    .sort((a, b) => b.chance - a.chance)
    .slice(0, MOST_SUSPECTS)
  const first = suspects[0]
  const named = first && first.chance >= (said.length > 0 ? NAMED.asked : NAMED.unasked)
  return { flaws: said, suspects, found: named && first ? first : null }
}

/** ◊ Standard deviations a difference has to be before it is said, and how many are. */
const DIFFERENT = { least: 1.3, most: 6 }

/** What was different about a batch, by what it could have done to the sweet; marks of a tasting are what it did, and not among them. */
export function whatDiffered(unusual: readonly Unusual[]): Unusual[] {
  const off = ({ here, usual, sd }: Unusual): number => Math.abs(here - usual) / sd
  return unusual
    .filter((u) => u.batches > 0 && traitFacts(u.trait).matters > 0 && off(u) >= DIFFERENT.least)
    .sort((a, b) => off(b) * traitFacts(b.trait).matters - off(a) * traitFacts(a.trait).matters)
    .slice(0, DIFFERENT.most)
}

interface Weighed extends Omit<Suspect, 'chance'> {
  /** ln of the chance, but for what all have in common. */
  readonly odds: number
}

function weigh(cause: CauseId, unusual: readonly Unusual[], said: readonly FlawId[], to: Sensitivity): Weighed {
  const { does, size, rare, leads, odds } = causeFacts(cause)
  const effects: Effects = does(to)
  // e'D⁻¹r and e'D⁻¹e over the traits it moves
  let pull = 0
  let grip = 0
  // a mark that is a flaw already counts as that
  const counted = new Set<string>(said.flatMap((f) => (flaws[f] as FlawFacts).scale ?? []))
  const moved = unusual.filter((u) => effects[u.trait] !== undefined && !counted.has(u.trait))
  for (const u of moved) {
    const e = effects[u.trait] as number
    pull += (e * (u.here - u.usual)) / u.sd ** 2
    grip += e ** 2 / u.sd ** 2
  }
  const doubt = SPREAD * size
  const variance = 1 / (1 / doubt ** 2 + grip)
  const likely = variance * (size / doubt ** 2 + pull)
  const factor = (likely ** 2 / variance - (size / doubt) ** 2) / 2 + Math.log(variance / doubt ** 2) / 2
  const flawed = said.reduce((sum, f) => sum + Math.log((leads[f] ?? flaws[f].said) / flaws[f].said), 0)
  const strength = (u: Unusual): number => ((effects[u.trait] as number) * (u.here - u.usual)) / u.sd
  return {
    cause,
    odds: Math.log(rare) + factor + flawed + (odds?.(to) ?? 0),
    size: Math.max(0, likely),
    evidence: moved
      .filter((u) => Math.sign(effects[u.trait] as number) * (u.here - u.usual) > SPEAKS * u.sd)
      .sort((a, b) => strength(b) - strength(a)),
  }
}

/** How much a trait differs from batch to batch: what is usual, and this maker's own. */
const scatterOf = (seen: readonly number[], usual: number): number =>
  seen.length < OWN_SCATTER
    ? usual
    : Math.max(
        LEAST_SCATTER * usual,
        Math.sqrt((OWN_SCATTER * usual ** 2 + seen.length * robustSd(seen) ** 2) / (OWN_SCATTER + seen.length)),
      )

/** Standard deviation by the median of what lies off the middle: one bad batch does not widen it. */
function robustSd(list: readonly number[]): number {
  const middle = medianOf(list)
  return 1.4826 * medianOf(list.map((x) => Math.abs(x - middle)))
}

/** ◊ Degrees above the glass point that make a step of bite. */
const STEP_OF_BITE = 9
const BROWNS_FROM = 135
const GRAIN_ODDS = { resists: -1.5, 'if-stirred': -0.5, may: 0.7, readily: 1.5, none: -2 }

/** How a formula answers to what may go wrong with it, from its make-up. */
export function sensitivityOf(
  formula: BoiledFormula,
  conditions: Conditions,
  analysis: Analysis = analyse(formula, conditions),
): Sensitivity {
  const hotter = { ...formula, target: { ...formula.target, celsius: formula.target.celsius + 1 } }
  const step = (analyse(hotter, conditions).bite.aboveGlass - analysis.bite.aboveGlass) / -STEP_OF_BITE
  const stops = traceSteps(formula, gramsAsWritten(formula), conditions.roomC)
  const first =
    (stops.find((s) => s.step.when.on === 'boil') ?? stops.at(stops.findIndex((s) => s.step.when.on === 'target') - 1))
      ?.after ?? analysis.atTarget
  const at = boilingPoint(first, conditions.pressurePa)
  const more = { ...first, sucrose: first.sucrose * 1.1 }
  const wetter = { ...first, water: first.water * 1.1 }
  return {
    bitePerDegree: Math.max(0, Math.min(0.6, step)),
    boilPerSugar: (boilingPoint(more, conditions.pressurePa) - at) / Math.log(1.1),
    boilPerWater: (at - boilingPoint(wetter, conditions.pressurePa)) / Math.log(1.1),
    sugarShare: analysis.finished.sucrose / massOf(analysis.finished),
    grains: analysis.meantToGrain,
    browns: analysis.targetC >= BROWNS_FROM,
    grainOdds: GRAIN_ODDS[analysis.grain],
  }
}
