/** A thermometer in a pot: late by its lag, scattered by its noise, off by its offset, and now and then silent. */
import { normal } from '@/core/quantity/seeded'

export interface ProbeFacts {
  readonly lagS: number
  readonly noiseC: number
  readonly offsetC: number
  /** Share of readings that never leave the probe, 0 to 1. */
  readonly dropShare: number
  /** A tip that now and then rests on the base: how often an hour, and for how many s. */
  readonly touches?: { readonly perHour: number; readonly seconds: number }
}

/** ◊ °C a probe can show: a pot forgotten on the flame is hotter, and it then says nothing. */
const RANGE = { from: -50, to: 350 }

export interface ProbeModel {
  /** Sees `celsius` for `seconds` more, or the base where it touches; null where a reading is lost or out of its range. */
  read(celsius: number, seconds: number, baseC?: number): number | null
}

export function probeModel(facts: ProbeFacts, startC: number, random: () => number): ProbeModel {
  let tip = startC
  let touching = 0
  return {
    read(celsius, seconds, baseC = celsius) {
      const { perHour, seconds: held } = facts.touches ?? { perHour: 0, seconds: 0 }
      if (touching > 0) touching -= seconds
      else if (perHour > 0 && random() < (perHour * seconds) / 3600) touching = held
      const felt = touching > 0 ? baseC : celsius
      tip += (felt - tip) * (1 - Math.exp(-seconds / Math.max(0.1, facts.lagS)))
      const shown = tip + facts.offsetC + facts.noiseC * normal(random)
      const lost = random() < facts.dropShare
      return lost || shown < RANGE.from || shown > RANGE.to ? null : Math.round(shown * 100) / 100
    },
  }
}
