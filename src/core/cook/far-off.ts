/** A test that the pot can hardly have shown: a slip of the hand, or a cook that is not where it is reckoned to be. */

import type { CookAct, CookEvent } from '../log/log'
import { shadeTemperature } from '../physics/browning'
import { type Cook, contents } from '../track/cook'
import { stretchOf } from './evidence'
import type { PotNow } from './pot-now'
import { evidenceOf } from './tests'

/** ◊ °C between a test and where the pot is before it is asked about, and standard deviations of what is reckoned. */
const FAR = { celsius: 12, sds: 4 }
/** ◊ A shade comes so many °C sooner in a pot that stands at its heat. */
const SHADE_SOONER = 15

/** Where the pot was thought to be, and the heat nearest to it at which a test shows what it showed, °C; null for a temperature, which says so itself. */
export interface FarOff {
  readonly potC: number
  readonly showsC: number | null
}

/**
 * What to ask of a test or a typed temperature before it is believed; null where it is of the pot as it is known, or nothing is known. A
 * probe is slow to hear of what has just gone in, and one reading may be a spatter: a test agrees with what is shown or with what is foreseen.
 */
export function farOff(act: CookAct, { cook, pot }: { readonly cook: Cook; readonly pot: PotNow }): FarOff | null {
  const shows = showsOf(act, cook)
  if (pot.celsius === null || shows === null || cook.state.pulledAt !== null) return null
  const nearest = (potC: number): number => Math.min(Math.max(potC, shows.low), shows.high)
  const far = Math.max(FAR.celsius, pot.reckoned ? FAR.sds * (pot.forecast?.nowSd ?? 0) : 0)
  const agrees = (potC: number): boolean => Math.abs(nearest(potC) - potC) <= far
  if (agrees(pot.celsius) || (pot.forecast && agrees(pot.forecast.nowC))) return null
  return { potC: pot.celsius, showsC: act.type === 'reads' ? null : nearest(pot.celsius) }
}

/** The heats at which a test shows what it showed, °C; null for what is no test of heat. */
function showsOf(act: CookAct, cook: Cook): { readonly low: number; readonly high: number } | null {
  if (act.type === 'reads') return { low: act.celsius, high: act.celsius }
  const mix = contents(cook)
  const [evidence] = evidenceOf([{ ...act, id: '', at: 0 } as CookEvent], [])
  if (!mix || !evidence) return null
  if (evidence.kind !== 'colour') return stretchOf(evidence, mix, cook.conditions.pressurePa)
  const shade = shadeTemperature(mix, evidence.celsius)
  return shade === null ? null : { low: shade - SHADE_SOONER, high: Number.POSITIVE_INFINITY }
}
