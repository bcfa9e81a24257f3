/**
 * The pot against a general ODE package (ode45-cash-karp, adaptive Runge-Kutta) on the same equations: a 30-minute
 * cook seen every second, each as exact as the other against a reference with fine steps.
 */

import rk45 from 'ode45-cash-karp'
import {
  boilsAt,
  burnerPower,
  gramsAsWritten,
  groupMix,
  heatCapacity,
  latentHeat,
  type PotEvent,
  potThermal,
  simulatePot,
  solutionOf,
} from '@/core'
import { demoBoil } from '@/demo/formulas'
import { demoBurners, demoPots } from '@/demo/kitchen'
import { microseconds, type Row } from './table'

const drops = demoBoil('rhubarb-nettle-elderflower-drops')
const syrup = groupMix(drops, 'pot', gramsAsWritten(drops))
const setup = {
  pot: demoPots[1] as (typeof demoPots)[number],
  burner: { ...(demoBurners[1] as (typeof demoBurners)[number]), responseS: 0.01 },
  roomC: 21,
  pressurePa: 101325,
}
const UNTIL = 1800
/** Gets it to hard crack in half an hour; past the last water the pot has rules of its own. */
const DIAL = 8
const lit: PotEvent[] = [
  { at: 0, kind: 'add', mix: syrup, celsius: 21 },
  { at: 0, kind: 'heat', dial: DIAL },
]

/** d/dt of syrup temperature, water (g) and base temperature; while it boils the temperature is the boiling curve's. */
function potEquations() {
  const { baseCapacity, baseToSyrup, baseToRoom, syrupToRoom } = potThermal(setup.pot)
  const power = burnerPower(setup.burner, DIAL)
  const solution = solutionOf(syrup)
  const lnP = Math.log(setup.pressurePa)
  return (dy: number[], [warm = 0, water = 0, base = 0]: number[]): void => {
    const boils = boilsAt(solution, water, lnP, warm)
    const celsius = Math.min(warm, boils)
    const given = baseToSyrup * (base - celsius)
    const net = given - syrupToRoom * (celsius - setup.roomC)
    const dBase = (power - given - baseToRoom * (base - setup.roomC)) / baseCapacity
    const capacity = heatCapacity({ ...syrup, water }, celsius)
    dy[2] = dBase
    if (warm < boils - 1e-4) {
      dy[0] = net / capacity
      dy[1] = 0
      return
    }
    const slope = (boilsAt(solution, water + 0.05, lnP, celsius) - boils) / 0.05
    const dWater = -net / (latentHeat(celsius) / 1000 - capacity * slope)
    dy[0] = slope * dWater
    dy[1] = dWater
  }
}

function byPackage(tolerance: number): number[] {
  const solver = rk45([21, syrup.water, 21], potEquations(), 0, 1, { tol: tolerance })
  const solution = solutionOf(syrup)
  const lnP = Math.log(setup.pressurePa)
  const out = [21]
  for (let t = 1; t < UNTIL; t++) {
    while (solver.t < t - 1e-9) solver.step(t)
    const [warm = 0, water = 0] = solver.y
    out.push(Math.min(warm, boilsAt(solution, water, lnP, warm)))
  }
  return out
}

const byPot = (step: number): number[] =>
  simulatePot(setup, lit, { until: UNTIL, step, every: 1 }).map((s) => s.celsius)

/** Largest difference from the reference, °C, at whole seconds. */
function worst(values: readonly number[], reference: readonly number[], shift: number): number {
  let most = 0
  for (let t = 1; t < UNTIL - 1; t++)
    most = Math.max(most, Math.abs((values[t - shift] as number) - (reference[t] as number)))
  return most
}

export function benchOde(): Row[] {
  // samples of the pot stand at the end of each step, those of the package at its start
  const fine = simulatePot(setup, lit, { until: UNTIL + 1, step: 0.02, every: 0.02 })
  const reference = Array.from({ length: UNTIL }, (_, t) => (t === 0 ? 21 : (fine[t * 50 - 1]?.celsius ?? Number.NaN)))
  const rows = [1e-2, 1e-3, 1e-5].map((tolerance) => {
    const us = microseconds(() => byPackage(tolerance), 1, 5)
    return { tolerance, us, off: worst(byPackage(tolerance), reference, 0) }
  })
  const pots = [1, 0.2].map((step) => ({
    step,
    us: microseconds(() => byPot(step), 3),
    off: worst(byPot(step), reference, 1),
  }))
  const us = pots[0]?.us ?? Number.NaN
  return [
    ...pots.map((r) => ({
      what: `the pot, ${r.step} s steps`,
      measured: `${(r.us / 1000).toFixed(2)} ms, within ${r.off.toFixed(3)}°`,
      wanted: r.step === 1 ? 'under 5 ms' : '',
    })),
    ...rows.map((r) => ({
      what: `ode45-cash-karp, tolerance ${r.tolerance}`,
      measured: `${(r.us / 1000).toFixed(1)} ms, within ${r.off.toFixed(3)}° (${(r.us / us).toFixed(0)} times the pot at 1 s)`,
      wanted: '',
    })),
  ]
}
