/** What a formula will be: computed once per size, pot and kitchen, in plain figures for the verdicts and the ladder. */
import { type Bite, biteOf } from '../craft/bite'
import { type FamilyId, isGrained, setsAt, workOf } from '../craft/families'
import type { Work } from '../craft/families/family'
import { type Stage, type StageFacts, stageOf, stagesOf } from '../craft/stages'
import type { Surface } from '../craft/surfaces'
import { type Mix, massOf, waterShare } from '../matter/mix'
import { boilingPoint, temperatureToday } from '../physics/boiling'
import { type Keeps, keeps } from '../physics/humidity'
import { doctorShare, type GrainRisk, grainRisk } from '../physics/solubility'
import { type Burner, burnerPower, type Pot, potThermal } from '../pot/equipment'
import { type FormulaDocument, type GramsByLine, gramsAsWritten, isBoiled, type Shape, type Step } from './document'
import { peakLitres } from './headroom'
import { type Inverted, invertedIn, withInverted } from './inverted'
import { finishedMix, massMix, type Stop, traceSteps } from './trace'

export interface Conditions {
  readonly pressurePa: number
  readonly roomC: number
  /** Relative humidity of the room, 0 to 1. */
  readonly humidity: number
  readonly pot: Pot
  readonly burner: Burner
  /** What a tray can be laid on here; it is poured onto the first. */
  readonly surfaces?: Surface[]
  /** s a piece took these hands in earlier batches, where they formed or filled it. */
  readonly secondsEach?: number
  /** What this ring gave this pot in earlier boils; as its plate says unless known. */
  readonly gives?: { readonly share: number; readonly sd: number; readonly boils: number; readonly pace?: number }
}

export interface Rung {
  readonly step: Step
  /** Where it falls due in today's air, °C. */
  readonly celsius: number
}

export interface Analysis {
  /** The target in today's air, °C. */
  readonly targetC: number
  /** At the target, before the last additions. */
  readonly atTarget: Mix
  /** The mass as it is finished, without what lies on it. */
  readonly finished: Mix
  readonly waterShare: number
  /** g of fat in the whole sweet, with what lies on it. */
  readonly fatGrams: number
  /** g into the pot, g of the whole sweet, g of steam. */
  readonly potGrams: number
  readonly outGrams: number
  readonly steamGrams: number
  /** Minutes from first flame to pull with this burner; Infinity where it cannot get there. */
  readonly minutes: number
  readonly bite: Bite
  readonly stage: StageFacts
  readonly stages: readonly Stage[]
  /** Volume at its worst, litres, and as a share of the pot. */
  readonly peakLitres: number
  readonly fill: number
  /** Share of the sweeteners that is no sucrose, with what acid and heat split. */
  readonly doctors: number
  /** Of the sucrose, what its acid and its caramel split on the way. */
  readonly inverted: Inverted
  readonly grain: GrainRisk | 'none'
  readonly meantToGrain: boolean
  readonly family: FamilyId
  readonly work: Work
  /** °C at which it is set, whatever its sugar does; null where its sugar decides. */
  readonly setsAt: number | null
  readonly keeps: Keeps
  readonly rungs: readonly Rung[]
  readonly shape: Shape
}

/**
 * Analyses `formula` with `grams` in one boil (as written unless told) under `conditions`. What is baked or mixed by hand has no
 * stages, comes to nothing hotter than it is, and takes as long as its waits.
 * @throws RangeError for an ingredient the pantry lacks or a pressure outside 20 to 200 kPa.
 */
export function analyse(
  formula: FormulaDocument,
  conditions: Conditions,
  grams: GramsByLine = gramsAsWritten(formula),
): Analysis {
  const stops = traceSteps(formula, grams, conditions.roomC)
  const pull = isBoiled(formula) ? stops.find((s) => s.step.when.on === 'target') : stops.at(-1)
  if (!pull) throw new RangeError(`"${formula.name}" has no step at its target`)
  const untilPull = stops.slice(0, stops.indexOf(pull) + 1)
  const [finished, whole] = [massMix(stops), finishedMix(stops)]
  const peak = peakLitres(formula, grams, stops)
  const { family, school } = formula
  const work = workOf(family, school)
  const grained = isGrained(family, school)
  const inverted = invertedIn(formula, grams, isBoiled(formula) ? untilPull : [], (stop, from) =>
    minutesOf(stop, from, conditions),
  )
  // what goes in after the pull is split as little as its share of the whole is small
  const split = withInverted(finished, inverted.share)
  return {
    targetC: isBoiled(formula)
      ? temperatureToday(pull.before, formula.target.celsius, conditions.pressurePa)
      : pull.beforeC,
    atTarget: pull.before,
    finished,
    waterShare: waterShare(finished),
    potGrams: massOf(pull.before) + steamOf(untilPull),
    fatGrams: whole.fat,
    outGrams: massOf(whole),
    steamGrams: steamOf(untilPull),
    minutes: isBoiled(formula) ? foreseenMinutes(untilPull, conditions) : waitedMinutes(formula),
    bite: biteOf(finished, conditions.roomC, { foam: work === 'whipped', set: work === 'set', grained }),
    stage: stageOf(pull.before),
    // chocolate is no syrup: no drop of it tells anything
    stages: !isBoiled(formula) || work === 'tempered' ? [] : stagesOf(pull.before, conditions.pressurePa),
    peakLitres: peak,
    fill: peak / conditions.pot.litres,
    doctors: doctorShare(split),
    inverted,
    grain: grainRisk(split, conditions.roomC),
    meantToGrain: grained,
    keeps: keeps(split, conditions.roomC, grained),
    family,
    work,
    setsAt: setsAt(family, school),
    shape: formula.shape,
    rungs: stops.flatMap((s) => {
      const celsius = rungAt(s, conditions.pressurePa)
      return celsius === null ? [] : [{ step: s.step, celsius }]
    }),
  }
}

const steamOf = (stops: readonly Stop[]): number => stops.reduce((sum, s) => sum + s.steam, 0)

function rungAt(stop: Stop, pressurePa: number): number | null {
  const { when } = stop.step
  if (when.on === 'boil') return boilingPoint(stop.before, pressurePa)
  if (when.on === 'falls') return when.celsius
  return when.on === 'rises' || when.on === 'colour' || when.on === 'target'
    ? temperatureToday(stop.before, stop.beforeC, pressurePa)
    : null
}

const waitedMinutes = ({ steps }: FormulaDocument): number =>
  steps.reduce((sum, { when }) => sum + (when.on === 'after' ? when.seconds : 0), 0) / 60

/** By how long cooks have really taken on this ring, where that is known; else by what it gives. */
function foreseenMinutes(stops: readonly Stop[], conditions: Conditions): number {
  const { gives, ...plain } = conditions
  return gives?.pace === undefined ? minutesFor(stops, conditions) : gives.pace * minutesFor(stops, plain)
}

/** Minutes from one stop to the next: as long as the heat takes, or as it waits. */
const minutesOf = (stop: Stop, from: Stop | undefined, conditions: Conditions): number =>
  stop.step.when.on === 'after' ? stop.step.when.seconds / 60 : minutesFor([stop], conditions, from?.afterC)

/** The heat each stretch needs over what the burner gives less what the pot loses; it begins `fromC`, cold unless told. */
function minutesFor(stops: readonly Stop[], { pot, burner, roomC, gives }: Conditions, fromC = roomC): number {
  const { syrupToRoom, baseCapacity } = potThermal(pot)
  let seconds = 0
  let from = fromC
  for (const s of stops) {
    const need = s.joules + baseCapacity * Math.max(0, s.beforeC - from)
    from = s.afterC
    if (need < 1) continue
    const net = burnerPower(burner, s.dial) * (gives?.share ?? 1) - syrupToRoom * (s.beforeC - roomC)
    if (net <= 0) return Number.POSITIVE_INFINITY
    seconds += need / net
  }
  return seconds / 60
}

/** The hottest a cook gets, °C: it may be well above the target, where cream is stopped into amber sugar. */
export const hottestOf = (analysis: Analysis): number =>
  Math.max(analysis.targetC, ...analysis.rungs.map((r) => r.celsius))
