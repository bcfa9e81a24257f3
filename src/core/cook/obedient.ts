/** Whoever does what the steps say when they say it, over a simulated pot: for stand-ins, and for logs of a demo. */
import type { Conditions } from '../formula/analyse'
import type { BoiledFormula, GramsByLine, Step } from '../formula/document'
import { climbsTo } from '../formula/trace'
import { potEventsOf } from '../log/pot-events'
import { boilingPoint, temperatureToday, waterLeftAt } from '../physics/boiling'
import { heatCapacity } from '../physics/heat'
import { latentHeat } from '../physics/water'
import { potThermal } from '../pot/equipment'
import { advancePot, applyToPot, contentsOf, type PotState, startPot } from '../pot/simulate'
import { carriedHeat } from '../track/forecast'

/** s a maker in the history waits for a window in the pot or the bowl: the stand-in kitchen of the log has no whisk. */
const WINDOW_S = 600
/** ◊ s it boils until milk in it has the shade that was asked for. */
const MILK_BROWNS_S = 600

/** What the syrup in the pot is pulled at in this kitchen's air, °C. */
export const pullNear = (formula: BoiledFormula, pot: PotState, c: Conditions): number =>
  temperatureToday(contentsOf(pot), formula.target.celsius, c.pressurePa)

/** Whether a step is due in a pot, to somebody with a good eye; `misses`: °C past the target it is pulled. */
export function isDue(
  step: Step,
  pot: PotState,
  formula: BoiledFormula,
  c: Conditions,
  doneAt: number,
  misses: number,
): boolean {
  switch (step.when.on) {
    case 'ready':
    case 'word':
    case 'sign':
    case 'texture':
    case 'part':
      return true
    case 'window':
      return pot.at >= doneAt + WINDOW_S
    case 'after':
      return pot.at >= doneAt + step.when.seconds
    case 'falls':
      return pot.celsius <= step.when.celsius
    case 'boil':
      return pot.water > 0 && pot.celsius >= boilingPoint(contentsOf(pot), c.pressurePa) - 0.4
    case 'rises':
    case 'colour': {
      const now = contentsOf(pot)
      const wanted = climbsTo(step.when, now, formula.target.celsius)
      // a shade of milk is a matter of minutes at the boil
      return wanted === null
        ? pot.at >= doneAt + MILK_BROWNS_S
        : pot.celsius >= temperatureToday(now, wanted, c.pressurePa)
    }
    case 'target':
      return pot.celsius + carryOver(pot) >= pullNear(formula, pot, c) + misses
  }
}

/** A good eye for what the base still holds, °C: its spare heat over what a degree of this syrup costs. */
function carryOver(pot: PotState): number {
  const now = contentsOf(pot)
  const { baseCapacity, baseToSyrup, syrupToRoom } = potThermal(pot.setup.pot)
  const given = (pot.baseC - pot.celsius) * baseToSyrup
  const loss = syrupToRoom * (pot.celsius - pot.setup.roomC)
  const spare = carriedHeat(given, loss, { capacity: baseCapacity, toSyrup: baseToSyrup })
  const steam = Math.max(0, pot.water - waterLeftAt(now, pot.celsius + 1, pot.setup.pressurePa)) / 1000
  return spare / (baseCapacity + heatCapacity(now, pot.celsius) + steam * latentHeat(pot.celsius))
}

/** ◊ s hands take to do a step, and s no cook takes. */
const HANDS = 6
const LONGEST = 3 * 3600

export interface CookedThrough {
  /** s from the first flame until nobody may leave it any more, and until it is pulled. */
  readonly watchedAt: number
  readonly pulledAt: number
}

/** One boil cooked up to its pull, watched from `watchC` on; null where it never gets there. */
export function cookThrough(
  formula: BoiledFormula,
  grams: GramsByLine,
  conditions: Conditions,
  watchC: number,
): CookedThrough | null {
  const { pot: vessel, burner, roomC, pressurePa } = conditions
  const pot = startPot({ pot: vessel, burner, roomC, pressurePa })
  let [doneAt, watchedAt] = [0, Number.NaN]
  for (const step of formula.steps) {
    while (!(isDue(step, pot, formula, conditions, doneAt, 0) && pot.at >= doneAt + HANDS)) {
      if (pot.at >= LONGEST) return null
      advancePot(pot, 1)
      if (Number.isNaN(watchedAt) && pot.celsius >= watchC) watchedAt = pot.at
    }
    if (step.when.on === 'target') return { watchedAt: Number.isNaN(watchedAt) ? pot.at : watchedAt, pulledAt: pot.at }
    const event = { id: '', at: pot.at, type: 'step' as const, step: step.id }
    for (const e of potEventsOf(formula, grams, event)) applyToPot(pot, e)
    doneAt = pot.at
  }
  return null
}
