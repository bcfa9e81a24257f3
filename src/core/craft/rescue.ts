/** When it went wrong: how many grams, to what temperature, how long, and whether it is still worth it. */
import { type Mix, massOf } from '../matter/mix'
import { temperatureToday, waterLeftAt } from '../physics/boiling'
import { heatContent, waterHeat } from '../physics/heat'
import { doctorShare, sucroseSolubility } from '../physics/solubility'
import { latentHeat } from '../physics/water'
import { type Celsius, type Grams, inCelsius, inGrams, inSeconds, type Seconds } from '../quantity/figures'

export const troubles = ['too-far', 'too-soft', 'too-dark', 'grained', 'split'] as const
export type Trouble = (typeof troubles)[number]

export interface RescueContext {
  /** Past this shade it tastes of burnt, °C colour-equivalent. */
  readonly spoiltAt: number
  /** What is in the pot or on the slab now, with its water. */
  readonly mix: Mix
  readonly celsius: number
  /** The target at the standard atmosphere, °C, and today's pressure. */
  readonly target: number
  readonly pressurePa: number
  /** Colour-equivalent temperature, °C. */
  readonly colourC: number
  /** Power into the pot, W. */
  readonly watts: number
  /** Nothing is in it yet that a boil spoils: whites, gelatin, soda, popped corn. */
  readonly boilsAgain: boolean
}

export interface Rescue {
  readonly trouble: Trouble
  readonly worthIt: boolean
  readonly boilsAgain: boolean
  readonly water: Grams
  readonly glucose: Grams
  /** Where to stop, in today's air. */
  readonly until: Celsius
  readonly time: Seconds
}

/** ◊ A batch that never was brown can be a caramel up to here. */
const BURNT = 192
/** ◊ Hot water in excess of what is missing, share of the solids: it takes some to mix in without lumps. */
const MIXES_IN = 0.06
/** ◊ To melt a set slab again. */
const MELTS_SLAB = 0.18
/** ◊ The doctor share that keeps it from graining twice. */
const DOCTORS = 0.28
/** ◊ Water that brings a split emulsion back, share of the whole. */
const MENDS = 0.04

const GLUCOSE_SOLIDS = 0.803

/** Minutes to boil `extra` grams of water away again and come to `toC`. */
function minutesFor(mix: Mix, extra: number, fromC: number, toC: number, watts: number): number {
  const joules =
    (extra / 1000) * (latentHeat(110) + waterHeat(110) - waterHeat(90)) +
    Math.max(0, heatContent(mix, toC) - heatContent(mix, fromC))
  return watts > 0 ? joules / watts / 60 : Number.POSITIVE_INFINITY
}

const waterWanted = (c: RescueContext): number => waterLeftAt(c.mix, c.target)

interface Plan {
  readonly worthIt: boolean
  /** g */
  readonly water: number
  readonly glucose: number
}

const plans: Record<Trouble, (c: RescueContext) => Plan> = {
  'too-far': (c) => {
    const missing = Math.max(0, waterWanted(c) - c.mix.water)
    const water = missing + MIXES_IN * (massOf(c.mix) - c.mix.water)
    const spoilt = c.colourC > c.spoiltAt
    return {
      worthIt: !spoilt,
      water,
      glucose: 0,
    }
  },
  'too-soft': (c) => ({
    worthIt: c.colourC <= c.spoiltAt,
    water: MELTS_SLAB * (massOf(c.mix) - c.mix.water),
    glucose: 0,
  }),
  'too-dark': (c) => ({
    worthIt: c.colourC < BURNT,
    water: MIXES_IN * massOf(c.mix),
    glucose: 0,
  }),
  grained: (c) => {
    const hot = sucroseSolubility(104)
    const water = Math.max(0, (c.mix.sucrose * (100 - hot)) / hot - c.mix.water) + MIXES_IN * c.mix.sucrose
    const doctors = c.mix.glucoseSolids + c.mix.monosaccharide + c.mix.lactose
    const short = doctorShare(c.mix) < DOCTORS ? (DOCTORS * (doctors + c.mix.sucrose) - doctors) / (1 - DOCTORS) : 0
    return {
      worthIt: c.colourC <= c.spoiltAt,
      water,
      glucose: short / GLUCOSE_SOLIDS,
    }
  },
  split: (c) => ({
    worthIt: true,
    water: MENDS * massOf(c.mix),
    glucose: 0,
  }),
}

/** What to do about `trouble`. Grams are for all that is in `mix`. */
export function rescue(trouble: Trouble, context: RescueContext): Rescue {
  const { worthIt, water, glucose } = plans[trouble](context)
  const { boilsAgain } = context
  const until = temperatureToday(context.mix, context.target, context.pressurePa)
  const surplus = Math.max(0, context.mix.water + water + glucose * (1 - GLUCOSE_SOLIDS) - waterWanted(context))
  const minutes = minutesFor(context.mix, surplus, Math.min(context.celsius, 95), until, context.watts)
  return {
    trouble,
    worthIt: worthIt && boilsAgain,
    boilsAgain,
    water: inGrams(water),
    glucose: inGrams(glucose),
    until: inCelsius(until),
    time: inSeconds(60 * minutes),
  }
}
