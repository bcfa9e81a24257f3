/** What the room's air does to a finished sweet. */
import { type Mix, sugarsIn, withWater } from '../matter/mix'
import { waterActivity } from './boiling'
import { glassTransition } from './glass'
import { sucroseSolubility } from './solubility'

/**
 * The liquid of a sweet that has grained, at `tempC` (0 to 140 °C): sucrose beyond what its water can hold is crystal and
 * no solute. Solubility after Charles (1960), other sugars beside it not counted ◊.
 */
export function liquidOf(mix: Mix, tempC: number): Mix {
  const s = sucroseSolubility(tempC)
  const dissolved = Math.min(mix.sucrose, (mix.water * s) / (100 - s))
  return { ...mix, sucrose: dissolved, insoluble: mix.insoluble + mix.sucrose - dissolved }
}

/** Crystal in a sweet that has grained, as a share of its sugar and water, 0 to 1; 0 for what holds neither. `tempC` 0 to 140 °C. */
export function crystalShare(mix: Mix, tempC: number): number {
  const all = sugarsIn(mix) + mix.water
  return all > 0 ? (mix.sucrose - liquidOf(mix, tempC).sucrose) / all : 0
}

/** Magnus's formula over water, as coefficients for °C (Sonntag 1990). */
const MAGNUS = { a: 17.62, b: 243.12 } as const

/** Below this, °C, whatever lies in air at `tempC` and `humidity` (0 to 1, not 0) gathers water. 21° at 63 % gives 13.7°. */
export function dewPoint(tempC: number, humidity: number): number {
  const g = Math.log(humidity) + (MAGNUS.a * tempC) / (MAGNUS.b + tempC)
  return (MAGNUS.b * g) / (MAGNUS.a - g)
}

/** Water that air at `tempC` holds when it holds no more, g/m³. 18.3 at 21°. */
export const saturatedAir = (tempC: number): number =>
  (611.2 * Math.exp((MAGNUS.a * tempC) / (MAGNUS.b + tempC)) * 1000) / (461.5 * (tempC + 273.15))

/** The humidities between which a sweet keeps as it is, 0 to 1. */
export interface Keeps {
  /** Its own: the water activity of its liquid. */
  readonly own: number
  readonly stickyAbove: number
  /** 0 for a glass: it has nothing to lose. */
  readonly driesBelow: number
}

/** ◊ This far from its own humidity a sweet still keeps for weeks. */
const STEADY = 0.06
/** ◊ A glass is sticky once the room is this far above the glass point of its skin, °C; it counts as one up to there. */
const SKIN = 5
/** The wettest skin that is looked for, g of water over g of the rest. */
const WETTEST = 0.3

/**
 * How a sweet keeps at `tempC`; `grained`: its sucrose has come out as fine crystals. A glass (hard candy, brittle, toffee)
 * is not sticky at its own water activity, but where the air wets its skin until it flows. 10 to 40 °C.
 */
export function keeps(mix: Mix, tempC: number, grained: boolean): Keeps {
  const liquid = grained ? liquidOf(mix, tempC) : mix
  const own = waterActivity(liquid, tempC)
  if (grained || glassTransition(mix) + SKIN < tempC)
    return { own, stickyAbove: own + STEADY, driesBelow: Math.max(0, own - STEADY) }
  let low = mix.water
  let high = Math.max(low, WETTEST * sugarsIn(mix))
  for (let i = 0; i < 40; i++) {
    const water = (low + high) / 2
    if (glassTransition(withWater(mix, water)) + SKIN > tempC) low = water
    else high = water
  }
  return { own, stickyAbove: Math.max(own, waterActivity(withWater(mix, low), tempC)), driesBelow: 0 }
}

export type Keeping = 'sticky' | 'steady' | 'dries'

/** Which way it goes in a room at `humidity`, 0 to 1. */
export const keepingIn = ({ stickyAbove, driesBelow }: Keeps, humidity: number): Keeping =>
  humidity > stickyAbove ? 'sticky' : humidity < driesBelow ? 'dries' : 'steady'
