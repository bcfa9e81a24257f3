/** How much of its sucrose a formula's own acid splits on the way to its target, and what is none any more because it was caramel. */
import { phOf } from '../matter/acidity'
import { type Mix, withWater } from '../matter/mix'
import { boilingPoint } from '../physics/boiling'
import { caramelShare, inversionAt } from '../physics/inversion'
import type { FormulaDocument, GramsByLine } from './document'
import { portionsIn } from './mixes'
import type { Stop } from './trace'

/** Share of the sucrose that is none any more, 0 to 1: likely, at least and at most. */
export interface Inverted {
  readonly share: number
  readonly low: number
  readonly high: number
}

/** ◊ How much lower the pH is in a syrup that is boiled down than in what it is made of, and how far it may be from that: tap water and fruit vary. */
const BOILED_DOWN = 0.5
const PH_OFF = 0.4
/** ◊ How much less or more than likely caramel has lost, as a share of it. */
const CARAMEL_OFF = 0.5
/** ◊ A stretch of the cook is looked at so many times, and lasts so many minutes at most: on a ring that is too weak none ends. */
const LOOKS = 6
const LONGEST_MIN = 180

/** A stretch of a cook: what is in the pot from one step to the next, g and °C, and how long that takes, min. */
interface Stretch {
  readonly from: Mix
  readonly fromC: number
  readonly toC: number
  readonly steam: number
  readonly minutes: number
}

/** Vukov's rate times minutes over a stretch, at pH 0: every unit of pH takes nine tenths of it. */
function exposureIn({ from, fromC, toC, steam, minutes }: Stretch): number {
  const each = Math.min(minutes, LONGEST_MIN) / LOOKS
  const looks = Array.from({ length: LOOKS }, (_, i) => (i + 0.5) / LOOKS)
  return looks.reduce((sum, part) => {
    const now = withWater(from, from.water - part * steam)
    // sugar that melts dry holds no acid apart
    if (now.water <= 0) return sum
    const celsius = steam > 0 ? boilingPoint(now) : fromC + part * (toC - fromC)
    return sum + each * inversionAt(now, celsius, 0)
  }, 0)
}

/**
 * What the acid of `formula`, and heat where it is caramel, takes of its sucrose until the last of `stops`, its pull; `minutesOf` a stop since the one before.
 * What goes in off the heat splits little, and is not counted.
 * @throws RangeError for an ingredient the pantry lacks.
 */
export function invertedIn(
  formula: FormulaDocument,
  grams: GramsByLine,
  stops: readonly Stop[],
  minutesOf: (stop: Stop, from: Stop | undefined) => number,
): Inverted {
  const groups = new Set<string>()
  const sucrose = stops.at(-1)?.before.sucrose ?? 0
  let [likely, least, most, browned] = [0, 0, 0, 0]
  for (const [i, stop] of stops.entries()) {
    const from = stops[i - 1]
    if (from?.step.adds) groups.add(from.step.adds)
    if (!from || from.after.sucrose <= 0) continue
    browned = Math.max(browned, (caramelShare(stop.beforeC) * from.after.sucrose) / sucrose)
    const ph = phOf(portionsIn(formula, groups, grams)) - BOILED_DOWN
    const exposure = exposureIn({
      from: from.after,
      fromC: from.afterC,
      toC: stop.beforeC,
      steam: stop.steam,
      minutes: minutesOf(stop, from),
    })
    likely += exposure * 10 ** -ph
    least += exposure * 10 ** -(ph + PH_OFF)
    most += exposure * 10 ** -(ph - PH_OFF)
  }
  const taken = (exposed: number, by: number): number => 1 - Math.exp(-exposed) * (1 - by * browned)
  return { share: taken(likely, 1), low: taken(least, 1 - CARAMEL_OFF), high: taken(most, 1 + CARAMEL_OFF) }
}

/** A mix with so much of its sucrose split; a mole of it takes up one of water. */
export function withInverted(mix: Mix, share: number): Mix {
  const split = share * mix.sucrose
  return {
    ...mix,
    sucrose: mix.sucrose - split,
    monosaccharide: mix.monosaccharide + SPLIT_G * split,
    water: Math.max(0, mix.water - (SPLIT_G - 1) * split),
  }
}
/** g of glucose and fructose from a g of sucrose, by their moles. */
const SPLIT_G = 360.31 / 342.3
