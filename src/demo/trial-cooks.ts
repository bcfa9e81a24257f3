/**
 * Simulated cooks to try the forecast on. What the forecast is told differs from what happens as it does in kitchens: the
 * burner's real power, a flame that wanders, weighing, the weather, and the probe's real lag are all a little off.
 */
import {
  addMix,
  advancePot,
  applyToPot,
  boilingPoint,
  burnerPower,
  contentsOf,
  DIAL_TOP,
  type ForecastContext,
  type HeatPath,
  heatPath,
  joulesAt,
  type Mix,
  mix,
  type PotState,
  potThermal,
  type Reading,
  startPot,
} from '@/core'
import { normal, seeded } from '@/core/quantity/seeded'
import { probeLag } from '@/core/track/probe-slow'
import { probeModel } from '@/devices/probe'
import { demoPots } from './kitchen'

export interface TrialCook {
  readonly readings: readonly Reading[]
  /** When the syrup, not the probe, reached the target, s. */
  readonly hit: number
  readonly boiledAt: number
  /** When the dial was turned, or null. */
  readonly turnedAt: number | null
  /** True temperature at whole seconds. */
  readonly truth: readonly number[]
  /** What the forecast knows at `now`. */
  contextAt(now: number): ForecastContext
}

export interface TrialOptions {
  /** Turn the dial once, five to three minutes before the target would be reached. */
  readonly turn?: boolean
}

const PROBE = { lagS: 6, noiseC: 0.3 }
const ROOM = 21
const WANDER = { share: 0.025, memoryS: 60 }

const between = (random: () => number, low: number, high: number): number => low + (high - low) * random()

function recipe(random: () => number): { mix: Mix; target: number } {
  const sucrose = between(random, 400, 1400)
  const glucoseSolids = sucrose * between(random, 0, 0.6)
  const water = (sucrose + glucoseSolids) * between(random, 0.25, 0.45)
  const kind = random()
  const rich = kind < 0.35 ? { fat: sucrose * 0.35, milkProtein: sucrose * 0.02, lactose: sucrose * 0.03 } : {}
  const buttery = kind > 0.8 ? { fat: sucrose * 0.8, salt: sucrose * 0.008 } : {}
  const target = kind < 0.35 ? between(random, 115, 124) : between(random, 128, 152)
  return { mix: mix({ sucrose, glucoseSolids, water, ...rich, ...buttery }), target }
}

/** One cook from cold water to its target, with everything about it drawn from `seed`. */
export function trialCook(seed: number, options: TrialOptions = {}): TrialCook {
  const random = seeded(seed)
  const told = recipe(random)
  const weighed = addMix(told.mix, mix({ glucoseSolids: told.mix.glucoseSolids * 0.015 * normal(random) }))
  const pot = demoPots[Math.floor(random() * demoPots.length)] as (typeof demoPots)[number]
  const thermal = potThermal(pot)
  const burner = {
    name: 'ring',
    watts: between(random, 1500, 3500),
    efficiency: 0.55,
    responseS: between(random, 1, 8),
  }
  const real = { ...burner, efficiency: burner.efficiency * between(random, 0.8, 1.15) }
  const pressurePa = between(random, 84000, 102500)
  const state = startPot({ pot, burner: real, roomC: ROOM, pressurePa: pressurePa + 250 * normal(random) })
  const probe = probeModel(
    { lagS: between(random, 4.8, 7.2), noiseC: PROBE.noiseC, offsetC: 0, dropShare: 0.03 },
    ROOM,
    random,
  )
  const dial = between(random, 6, 9)
  const other = random() < 0.5 ? dial * 0.65 : Math.min(DIAL_TOP, dial * 1.3)
  const ahead = between(random, 180, 300)

  const run = { readings: [] as Reading[], truth: [] as number[], boiledAt: 0, turnedAt: null as number | null }
  applyToPot(state, { at: 0, kind: 'add', mix: weighed, celsius: 20 })
  let flame = 0
  const target = Math.max(told.target, boilingPoint(told.mix, pressurePa) + 6) - (101325 - pressurePa) / 2800
  while (state.celsius < target && state.at < 3 * 3600) {
    flame += -flame / WANDER.memoryS + WANDER.share * Math.sqrt(2 / WANDER.memoryS) * normal(random)
    if (options.turn && run.turnedAt === null && state.boiling && secondsLeft(state, target) < ahead)
      run.turnedAt = state.at
    const set = run.turnedAt === null ? dial : other
    applyToPot(state, { at: state.at, kind: 'heat', dial: set * (1 + flame) })
    advancePot(state, 1)
    if (state.boiling && run.boiledAt === 0) run.boiledAt = state.at
    run.truth.push(state.celsius)
    const celsius = probe.read(state.celsius, 1)
    if (celsius !== null) run.readings.push({ at: state.at, celsius })
  }
  const path = heatPath(told.mix, pressurePa, thermal.baseCapacity)
  const watts = burnerPower(burner, DIAL_TOP)
  const turns = [{ at: 0, dial }, ...(run.turnedAt === null ? [] : [{ at: run.turnedAt, dial: other }])]
  return {
    ...run,
    hit: state.at,
    contextAt: (now) => ({
      now,
      stretches: [{ from: 0, path, lid: false }],
      dials: turns.filter((t) => t.at <= now),
      target,
      pulls: false,
      fullPower: { watts, sd: 0.25 * watts },
      base: { capacity: thermal.baseCapacity, toSyrup: thermal.baseToSyrup },
      ringS: burner.responseS,
      lossWattsPerDegree: thermal.syrupToRoom,
      roomC: ROOM,
      lag: probeLag(PROBE.lagS),
      noiseC: PROBE.noiseC,
    }),
  }
}

/** Roughly how long this pot will still need, s: the simulator knows its own heat. */
function secondsLeft(pot: PotState, target: number): number {
  const path = roadOf(pot)
  return (joulesAt(path, target) - joulesAt(path, pot.celsius)) / Math.max(50, pot.intoSyrup)
}

const roads = new WeakMap<PotState, HeatPath>()

function roadOf(pot: PotState): HeatPath {
  const known = roads.get(pot) ?? heatPath(contentsOf(pot), pot.setup.pressurePa)
  roads.set(pot, known)
  return known
}
