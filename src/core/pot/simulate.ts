/**
 * The pot: a base that takes the burner's power and hands it on, and a syrup that warms, boils its water away along
 * its own boiling curve, and past the last water heats as dry sugar and browns. Mass and heat are kept in a ledger so
 * that the books can be checked.
 */
import { addMix, emptyMix, type Mix, massOf, sugarsIn, withWater } from '../matter/mix'
import { boilsAt, type Solution, solutionOf } from '../physics/boiling'
import { browningRate, milkHeadStart } from '../physics/browning'
import {
  heatCapacityPoly,
  heatContent,
  meltedAt,
  polyAt,
  polyHeat,
  sucroseMelting,
  waterCapacity,
  waterHeat,
} from '../physics/heat'
import { latentHeat } from '../physics/water'
import { type Burner, burnerPower, type Pot, type PotThermal, potThermal } from './equipment'

export interface PotSetup {
  readonly pot: Pot
  readonly burner: Burner
  readonly roomC: number
  readonly pressurePa: number
}

/** Something done to the pot at `at` seconds. */
export type PotEvent = { readonly at: number } & (
  | { readonly kind: 'heat'; readonly dial: number }
  | { readonly kind: 'lid'; readonly on: boolean }
  | { readonly kind: 'add'; readonly mix: Mix; readonly celsius: number }
  | { readonly kind: 'off' }
)

export interface PotSample {
  /** s from the start */
  readonly at: number
  /** Syrup and pot base, °C. */
  readonly celsius: number
  readonly baseC: number
  /** Water left and whole contents, g. */
  readonly water: number
  readonly grams: number
  readonly boiling: boolean
  /** Sugar not melted yet, g. */
  readonly crystals: number
  /** Browning, minutes at 170 °C. */
  readonly dose: number
  /** Heat into the syrup, W. */
  readonly watts: number
}

/** Heat in J above contents and base at 0 °C; mass in g. */
export interface PotLedger {
  burner: number
  added: number
  lost: number
  steam: number
  melting: number
  gramsAdded: number
  gramsSteam: number
}

/** ◊ Share of the steam that a lid sends back. */
const LID_RETURNS = 0.9
/** ◊ Water below this share of the sugars is bound and does not boil off. */
const BOUND = 0.002

/** J by which a step's balance may be out before the temperature closes it: about a thousandth of a degree. */
const CLOSE = 3

/** A pot in the middle of a cook. Advanced in place, because a step has to cost about a microsecond. */
export interface PotState {
  readonly setup: PotSetup
  readonly thermal: PotThermal
  readonly lnPressure: number
  at: number
  contents: Mix
  filled: boolean
  water: number
  celsius: number
  baseC: number
  dial: number
  watts: number
  lid: boolean
  onBurner: boolean
  boiling: boolean
  crystals: number
  /** Sugar of the lot that melts, as it was when the last of it went in, g. */
  lot: number
  dose: number
  intoSyrup: number
  ledger: PotLedger
  /** Derived from `contents` whenever they change. */
  solution: Solution
  dryCapacity: readonly [number, number, number]
  dryGrams: number
  headStart: number
  bound: number
  lastSteam: number
}

/** A clean, empty, cold pot on the burner, heat off. */
export function startPot(setup: PotSetup): PotState {
  const state: PotState = {
    setup,
    thermal: potThermal(setup.pot),
    lnPressure: Math.log(setup.pressurePa),
    at: 0,
    contents: emptyMix,
    filled: false,
    water: 0,
    celsius: setup.roomC,
    baseC: setup.roomC,
    dial: 0,
    watts: 0,
    lid: false,
    onBurner: true,
    boiling: false,
    crystals: 0,
    lot: 0,
    dose: 0,
    intoSyrup: 0,
    ledger: { burner: 0, added: 0, lost: 0, steam: 0, melting: 0, gramsAdded: 0, gramsSteam: 0 },
    solution: { moles: 0, strength: 0 },
    dryCapacity: [0, 0, 0],
    dryGrams: 0,
    headStart: 0,
    bound: 0,
    lastSteam: 0,
  }
  return state
}

/** What the pot holds now. */
export const contentsOf = (pot: PotState): Mix => withWater(pot.contents, pot.water)

function fill(pot: PotState, contents: Mix): void {
  pot.contents = contents
  pot.filled = true
  pot.water = contents.water
  pot.solution = solutionOf(contents)
  pot.dryCapacity = heatCapacityPoly(contents, 0)
  const grams = massOf(contents)
  pot.dryGrams = grams - contents.water
  pot.headStart = milkHeadStart(contents, grams)
  pot.bound = BOUND * sugarsIn(contents)
}

/** J in the syrup above 0 °C with `water` grams at `t`. */
const heatIn = (pot: PotState, water: number, t: number): number =>
  polyHeat(pot.dryCapacity, t) + (water / 1000) * waterHeat(t)
const capacityOf = (pot: PotState, water: number, t: number): number =>
  polyAt(pot.dryCapacity, t) + (water / 1000) * waterCapacity(t)

/** Temperature at which the contents hold `heat` J, found from a near guess. */
function temperatureFor(pot: PotState, water: number, heat: number, guess: number): number {
  let t = guess
  for (let i = 0; i < 12; i++) {
    const step = (heat - heatIn(pot, water, t)) / capacityOf(pot, water, t)
    t += step
    if (Math.abs(step) < 1e-6) break
  }
  return t
}

/** Does one thing to the pot, now. */
export function applyToPot(pot: PotState, event: PotEvent): void {
  switch (event.kind) {
    case 'heat':
      pot.dial = event.dial
      // what was taken off goes back on the ring that is turned up for it
      if (event.dial > 0) pot.onBurner = true
      break
    case 'lid':
      pot.lid = event.on
      break
    case 'off':
      pot.onBurner = false
      break
    case 'add': {
      const heat = heatIn(pot, pot.water, pot.celsius)
      const added = heatContent(event.mix, event.celsius)
      const guess = pot.filled ? pot.celsius : event.celsius
      fill(pot, addMix(contentsOf(pot), event.mix))
      // sugar into dry or molten sugar stays crystals; where there is water it dissolves, and so do those already there
      if (pot.water > sucroseMelting.dryBelow * pot.contents.sucrose) pot.crystals = 0
      else pot.crystals += event.mix.sucrose
      pot.lot = pot.crystals
      pot.celsius = temperatureFor(pot, pot.water, heat + added, guess)
      pot.ledger.added += added
      pot.ledger.gramsAdded += massOf(event.mix)
      break
    }
  }
}

/** Moves the pot on by `dt` seconds (at most about 2). */
export function advancePot(pot: PotState, dt: number): void {
  const { setup, ledger } = pot
  const wanted = pot.onBurner ? burnerPower(setup.burner, pot.dial) : 0
  // taken off, the flame's heat is gone at once; turned, it follows the burner's own response
  pot.watts = pot.onBurner ? wanted + (pot.watts - wanted) * Math.exp(-dt / setup.burner.responseS) : 0
  pot.at += dt
  const taken = pot.watts * shareTaken(pot.baseC)
  ledger.burner += taken * dt
  if (!pot.filled) heatEmpty(pot, taken, dt)
  else heatFull(pot, taken, dt)
}

/** ◊ °C from which a base takes less of what its ring gives, and at which it takes no more: nothing stands hotter on a kitchen's ring. */
const TAKES_LESS = 350
const TAKES_NONE = 550
const shareTaken = (baseC: number): number => Math.min(1, Math.max(0, (TAKES_NONE - baseC) / (TAKES_NONE - TAKES_LESS)))

/** ◊ g that are none: what has so little in it is empty. */
const NOTHING = 0.5

function heatFull(pot: PotState, taken: number, dt: number): void {
  const { thermal, setup, ledger } = pot
  const room = setup.roomC
  const base =
    (thermal.baseCapacity * pot.baseC + dt * (taken + thermal.baseToSyrup * pot.celsius + thermal.baseToRoom * room)) /
    (thermal.baseCapacity + dt * (thermal.baseToSyrup + thermal.baseToRoom))
  const flows = thermal.baseToSyrup * (base - pot.celsius) * dt
  const given = atMost(pot, base, flows)
  const lost = thermal.syrupToRoom * (pot.celsius - room) * dt
  ledger.lost += lost + thermal.baseToRoom * (base - room) * dt
  pot.baseC = base + (flows - given) / thermal.baseCapacity
  pot.intoSyrup = given / dt

  const heat = heatIn(pot, pot.water, pot.celsius) + given - lost
  if (pot.crystals > 0) melt(pot, heat)
  else boil(pot, heat)
  // water alone boils away to nothing
  if (pot.dryGrams + pot.water < NOTHING) {
    pot.filled = false
    pot.boiling = false
  }
  pot.dose += (browningRate(pot.celsius + pot.headStart) * dt) / 60
}

/** ◊ g of which a base warms only a part in one step. */
const MUCH = 150

/** A smear of butter takes, or gives, no more than makes it as warm as the base, and boils off and melts all that can: J of `given`. */
function atMost(pot: PotState, baseC: number, given: number): number {
  if (pot.dryGrams + pot.water > MUCH) return given
  const warms = heatIn(pot, pot.water, baseC) - heatIn(pot, pot.water, pot.celsius)
  if (given <= 0) return Math.max(given, Math.min(0, warms))
  const boils = (Math.max(0, pot.water - pot.bound) * latentHeat(pot.celsius)) / 1000
  const melts = (pot.crystals * sucroseMelting.joulesPerKg) / 1000
  return Math.min(given, Math.max(0, warms) + boils + melts)
}

function heatEmpty(pot: PotState, taken: number, dt: number): void {
  const { thermal, setup } = pot
  const before = pot.baseC
  pot.baseC =
    (thermal.baseCapacity * before + dt * (taken + thermal.baseToRoom * setup.roomC)) /
    (thermal.baseCapacity + dt * thermal.baseToRoom)
  pot.ledger.lost += thermal.baseToRoom * (pot.baseC - setup.roomC) * dt
}

/** Dry sugar with `heat` joules in it: over its melting range each degree melts its share of the lot. */
function melt(pot: PotState, heat: number): void {
  const perGram = sucroseMelting.joulesPerKg / 1000
  const left = (t: number): number => Math.min(pot.crystals, pot.lot * (1 - meltedAt(t)))
  let low = temperatureFor(pot, pot.water, heat - pot.crystals * perGram, pot.celsius)
  let high = temperatureFor(pot, pot.water, heat, pot.celsius)
  for (let i = 0; i < 30 && high - low > 1e-7; i++) {
    const mid = (low + high) / 2
    if (heatIn(pot, pot.water, mid) + (pot.crystals - left(mid)) * perGram < heat) low = mid
    else high = mid
  }
  const used = (pot.crystals - left(low)) * perGram
  pot.crystals = left(low)
  pot.ledger.melting += used
  pot.celsius = temperatureFor(pot, pot.water, heat - used, low)
}

/**
 * Settles the syrup with `heat` joules in it: below its boiling point it is simply that warm, above it steam leaves
 * until heat and boiling curve agree. Solved by secant on the steam, then closed exactly on the heat.
 */
function boil(pot: PotState, heat: number): void {
  const from = pot.celsius
  const free = pot.water - pot.bound
  const start = free > 1e-6 ? boilsAt(pot.solution, pot.water, pot.lnPressure, from) : Number.POSITIVE_INFINITY
  const spare = free > 1e-6 ? heat - heatIn(pot, pot.water, start) : -1
  pot.boiling = spare > 0
  if (!pot.boiling) {
    pot.celsius = temperatureFor(pot, pot.water, heat, from)
    pot.lastSteam = 0
    return
  }
  const gone = pot.lid ? 1 - LID_RETURNS : 1
  const perGram = (latentHeat(from) + gone * waterHeat(from)) / 1000
  // all the free water gone is as far as it goes; the root lies between none and that
  let low = 0
  let high = free / gone
  let a = 0
  let fa = spare
  let steam = Math.min(high, pot.lastSteam > 0 ? pot.lastSteam : (spare / perGram) * 0.6)
  let celsius = start
  for (let i = 0; i < 40; i++) {
    const water = pot.water - gone * steam
    celsius = boilsAt(pot.solution, water, pot.lnPressure, celsius)
    const f = heat - steam * perGram - heatIn(pot, water, celsius)
    if (f > 0) low = steam
    else high = steam
    if (Math.abs(f) < CLOSE || high - low < 1e-9) break
    let next = steam - (f * (steam - a)) / (f - fa)
    if (!(next > low && next < high)) next = (low + high) / 2
    a = steam
    fa = f
    steam = next
  }
  pot.water -= gone * steam
  pot.celsius = temperatureFor(pot, pot.water, heat - steam * perGram, celsius)
  pot.ledger.steam += steam * perGram
  pot.ledger.gramsSteam += gone * steam
  pot.lastSteam = steam
}

/** Heat held by contents and base above 0 °C, J: what the ledger must add up to. */
export const heatHeld = (pot: PotState): number =>
  heatIn(pot, pot.water, pot.celsius) + pot.thermal.baseCapacity * pot.baseC

const sampleOf = (pot: PotState): PotSample => ({
  at: pot.at,
  celsius: pot.celsius,
  baseC: pot.baseC,
  water: pot.water,
  grams: pot.dryGrams + pot.water,
  boiling: pot.boiling,
  crystals: pot.crystals,
  dose: pot.dose,
  watts: pot.intoSyrup,
})

export interface SimulateOptions {
  /** Stop at this time, s. */
  readonly until: number
  /** Step and time between samples, s; 1 and 1 unless told. */
  readonly step?: number
  readonly every?: number
  /** Stop early, after the sample for which this is true. */
  readonly stopWhen?: (sample: PotSample) => boolean
}

/** Cooks a whole batch: `events` in order of time are done to a pot, which is sampled on the way. */
export function simulatePot(setup: PotSetup, events: readonly PotEvent[], options: SimulateOptions): PotSample[] {
  const step = options.step ?? 1
  const every = Math.max(1, Math.round((options.every ?? step) / step))
  const pot = startPot(setup)
  const samples: PotSample[] = []
  let next = 0
  for (let i = 1; pot.at < options.until - 1e-9; i++) {
    while (next < events.length && (events[next] as PotEvent).at <= pot.at + 1e-9)
      applyToPot(pot, events[next++] as PotEvent)
    advancePot(pot, step)
    if (i % every === 0) {
      const sample = sampleOf(pot)
      samples.push(sample)
      if (options.stopWhen?.(sample)) break
    }
  }
  return samples
}
