/** When it went wrong: how many grams, to what temperature, how long, and whether it is still worth it. */
import { type Mix, massOf } from '../matter/mix'
import { temperatureToday, waterLeftAt } from '../physics/boiling'
import { heatContent, waterHeat } from '../physics/heat'
import { doctorShare, sucroseSolubility } from '../physics/solubility'
import { latentHeat } from '../physics/water'
import type { FamilyId } from './families'

export type Trouble = 'too-far' | 'too-soft' | 'too-dark' | 'grained' | 'split'

export interface RescueContext {
  readonly family: FamilyId
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
}

export interface Rescue {
  readonly worthIt: boolean
  readonly waterGrams: number
  readonly glucoseGrams: number
  /** Where to stop, in today's air, °C. */
  readonly toCelsius: number
  readonly minutes: number
  readonly say: string
  readonly why: string
}

/** ◊ The colour past which a family tastes of burnt rather than of itself, °C colour-equivalent. */
const spoiltAt: Record<FamilyId, number> = {
  'hard-candy': 166,
  caramel: 188,
  'caramel-sauce': 190,
  'condensed-milk': 188,
  toffee: 186,
  brittle: 182,
  honeycomb: 176,
  fudge: 184,
  nougat: 172,
  marshmallow: 164,
  layered: 188,
  popcorn: 182,
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

type Plan = Omit<Rescue, 'toCelsius' | 'minutes'>

const plans: Record<Trouble, (c: RescueContext) => Plan> = {
  'too-far': (c) => {
    const missing = Math.max(0, waterWanted(c) - c.mix.water)
    const water = missing + MIXES_IN * (massOf(c.mix) - c.mix.water)
    const spoilt = c.colourC > spoiltAt[c.family]
    return {
      worthIt: !spoilt,
      waterGrams: water,
      glucoseGrams: 0,
      say: 'Off the heat. Hot water in, a little at a time, then back to the boil',
      why: spoilt
        ? 'Water brings the bite back, but the colour has gone too far.'
        : 'Only water has gone; it can be put back.',
    }
  },
  'too-soft': (c) => ({
    worthIt: c.colourC <= spoiltAt[c.family],
    waterGrams: MELTS_SLAB * (massOf(c.mix) - c.mix.water),
    glucoseGrams: 0,
    say: 'Melt it with the hot water over low heat, then boil to the target',
    why: 'It holds too much water; the extra only melts it evenly and leaves again.',
  }),
  'too-dark': (c) => ({
    worthIt: c.colourC < BURNT,
    waterGrams: MIXES_IN * massOf(c.mix),
    glucoseGrams: 0,
    say: c.colourC < BURNT ? 'Stop it with the hot water and make a dark sauce of it' : 'Let it go',
    why:
      c.colourC < BURNT
        ? 'Colour cannot be taken back, but bitter-sweet is a flavour.'
        : 'It is burnt: it will taste of nothing else.',
  }),
  grained: (c) => {
    const hot = sucroseSolubility(104)
    const water = Math.max(0, (c.mix.sucrose * (100 - hot)) / hot - c.mix.water) + MIXES_IN * c.mix.sucrose
    const doctors = c.mix.glucoseSolids + c.mix.monosaccharide + c.mix.lactose
    const short = doctorShare(c.mix) < DOCTORS ? (DOCTORS * (doctors + c.mix.sucrose) - doctors) / (1 - DOCTORS) : 0
    return {
      worthIt: c.colourC <= spoiltAt[c.family],
      waterGrams: water,
      glucoseGrams: short / GLUCOSE_SOLIDS,
      say: 'Dissolve it all again under a lid, wash the sides down, then boil without stirring',
      why: 'Every crystal has to go, or the next grain starts from it; glucose keeps it from happening twice.',
    }
  },
  split: (c) => ({
    worthIt: true,
    waterGrams: MENDS * massOf(c.mix),
    glucoseGrams: 0,
    say: 'Heat down, hot water in by the spoon, stir steadily until it comes together',
    why: 'The fat has left because there was too little water to hold it, or the heat came too fast.',
  }),
}

/** What to do about `trouble`. Grams are for all that is in `mix`. */
export function rescue(trouble: Trouble, context: RescueContext): Rescue {
  const plan = plans[trouble](context)
  const toCelsius = temperatureToday(context.mix, context.target, context.pressurePa)
  const surplus = Math.max(
    0,
    context.mix.water + plan.waterGrams + plan.glucoseGrams * (1 - GLUCOSE_SOLIDS) - waterWanted(context),
  )
  return {
    ...plan,
    toCelsius,
    minutes: minutesFor(context.mix, surplus, Math.min(context.celsius, 95), toCelsius, context.watts),
  }
}
