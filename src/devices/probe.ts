/** A thermometer in a pot: late by its lag, scattered by its noise, off by its offset, and now and then silent. */
import { normal } from './random'

export interface ProbeFacts {
  readonly lagS: number
  readonly noiseC: number
  readonly offsetC: number
  /** Share of readings that never leave the probe, 0 to 1. */
  readonly dropShare: number
}

export interface ProbeModel {
  /** Sees `celsius` for `seconds` more; null where a reading is lost. */
  read(celsius: number, seconds: number): number | null
}

export function probeModel(facts: ProbeFacts, startC: number, random: () => number): ProbeModel {
  let tip = startC
  return {
    read(celsius, seconds) {
      tip += (celsius - tip) * (1 - Math.exp(-seconds / Math.max(0.1, facts.lagS)))
      const shown = tip + facts.offsetC + facts.noiseC * normal(random)
      return random() < facts.dropShare ? null : Math.round(shown * 100) / 100
    },
  }
}
