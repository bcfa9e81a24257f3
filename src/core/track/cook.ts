/** A cook as its log stands: what is in the pot, under which heat, on which road. */

import type { Conditions } from '../formula/analyse'
import { type FormulaDocument, type GramsByLine, isBoiled } from '../formula/document'
import { climbsTo } from '../formula/trace'
import { type CookEvent, type CookState, type Filling, readLog } from '../log/log'
import { type Mix, massOf, withWater } from '../matter/mix'
import { temperatureToday, waterLeftAt } from '../physics/boiling'
import { heatContent } from '../physics/heat'
import { burnerPower, DIAL_TOP, potThermal } from '../pot/equipment'
import type { ForecastContext, Stretch } from './forecast'
import { type HeatPath, heatPath, isDry, joulesAt, temperatureAt } from './heat-path'
import { LOSSES } from './heat-state'
import { probeLag } from './probe-slow'

export interface Probe {
  /** No probe at all: temperatures are typed, and told by the log. */
  readonly byHand?: boolean
  /** Time constant as its maker says, s. */
  readonly lagS: number
  /** Time constants that earlier logs have shown, s. */
  readonly lagsSeen?: readonly number[]
  readonly noiseC: number
  /** How well its correction is known, °C; as an unchecked thermometer unless told. */
  readonly sd?: number
}

/** ◊ How far a temperature that is reckoned may be past something before that is said, °C. */
export const slackOf = ({ byHand, noiseC }: Probe): number => (byHand ? 2 * noiseC : 0)

export interface Cook {
  readonly formula: FormulaDocument
  readonly grams: GramsByLine
  readonly conditions: Conditions
  readonly probe: Probe
  readonly state: CookState
  readonly stretches: readonly Stretch[]
}

/** ◊ How far a burner may be from what it says, before it is measured. */
const POWER_DOUBT = 0.25

/**
 * A cook as its log stands. `before` is the cook before the newest event: roads already worked out are kept, which
 * makes an event cheap.
 */
export function openCook(
  formula: FormulaDocument,
  grams: GramsByLine,
  conditions: Conditions,
  probe: Probe,
  events: readonly CookEvent[],
  before?: Cook,
): Cook {
  const state = readLog(formula, grams, events)
  const { baseCapacity } = potThermal(conditions.pot)
  const known = new Map<number, HeatPath>(before?.stretches.map((s) => [s.from, s.path]))
  const stretches: Stretch[] = []
  let last: Filling | null = null
  // g of water that boiled off by the clock
  let less = 0
  // what is baked or mixed by hand boils along no road
  for (const f of isBoiled(formula) ? state.fillings.filter((f) => massOf(f.mix) > 0) : []) {
    const same = last?.mix === f.mix ? stretches.at(-1)?.path : known.get(f.from)
    const boiled = stretches.at(-1)
    if (f.timed && last && boiled) less += boiledOff(last.mix, boiled, f.from, state.dials, conditions)
    else if (f.celsius !== undefined) less = 0
    const mix = withLess(f.mix, less)
    // what went into molten sugar melts in it; what was there has molten
    const crystals = f.added && last && isDry(mix) ? f.added.mix.sucrose : undefined
    const path = same ?? heatPath(mix, conditions.pressurePa, baseCapacity, crystals)
    stretches.push({ from: f.from, lid: f.lid, startC: f.celsius, mixed: mixingOf(f, less), gains: f.gains, path })
    last = f
  }
  return { formula, grams, conditions, probe, state, stretches }
}

/** What was in the pot before the last addition, and the joules that brought; undefined where that is not known. */
const mixingOf = ({ before, added }: Filling, less: number): Stretch['mixed'] =>
  before && added ? { before: withLess(before, less), joules: heatContent(added.mix, added.celsius) } : undefined

const withLess = (mix: Mix, less: number): Mix => (less > 0 ? withWater(mix, Math.max(0, mix.water - less)) : mix)

/** ◊ s of one step along a boil by the clock. */
const STEP = 10

/** g of water that boiled off `mix`, which was in the pot on the road of a stretch, until `until`, by what the ring gives. */
function boiledOff(
  mix: Mix,
  { path, from, startC }: Stretch,
  until: number,
  dials: CookState['dials'],
  { pot, burner, roomC, gives, pressurePa }: Conditions,
): number {
  const loses = LOSSES * potThermal(pot).syrupToRoom
  let joules = joulesAt(path, startC ?? roomC)
  for (let at = from; at < until; at += STEP) {
    const dial = dials.findLast((d) => d.at <= at)?.dial ?? 0
    const watts = burnerPower(burner, dial) * (gives?.share ?? 1)
    joules += (watts - loses * (temperatureAt(path, joules) - roomC)) * Math.min(STEP, until - at)
  }
  const celsius = temperatureAt(path, joules)
  return celsius > path.boilC ? Math.max(0, mix.water - waterLeftAt(mix, celsius, pressurePa)) : 0
}

/** What went into the pot, with the water it held when the last of it did. */
export const contents = (cook: Cook): Mix | null => cook.state.fillings.at(-1)?.mix ?? null

/** Temperature in today's air at which step `index` falls due, or null for one that does not wait for heat. */
export function stepTemperature(cook: Cook, index: number): number | null {
  const step = cook.formula.steps[index]
  const mix = contents(cook)
  if (!step || !mix) return null
  const { when } = step
  if (when.on === 'boil') return cook.stretches.at(-1)?.path.boilC ?? null
  const wanted = climbsTo(when, mix, cook.formula.target?.celsius ?? null)
  return wanted === null ? null : temperatureToday(mix, wanted, cook.conditions.pressurePa)
}

/** What a forecast to `target` °C has to know; `pulls`: the pot comes off there. */
export function forecastContext(cook: Cook, target: number, pulls: boolean, now: number): ForecastContext {
  const { pot, burner, roomC, gives } = cook.conditions
  const thermal = potThermal(pot)
  const watts = burnerPower(burner, DIAL_TOP) * (gives?.share ?? 1)
  return {
    now,
    stretches: cook.stretches,
    dials: cook.state.dials,
    target,
    pulls,
    fullPower: { watts, sd: (gives?.sd ?? POWER_DOUBT) * watts },
    base: { capacity: thermal.baseCapacity, toSyrup: thermal.baseToSyrup },
    ringS: burner.responseS,
    lossWattsPerDegree: thermal.syrupToRoom,
    roomC,
    lag: probeLag(cook.probe.lagS, cook.probe.lagsSeen),
    noiseC: cook.probe.noiseC,
    byHand: cook.probe.byHand,
  }
}
