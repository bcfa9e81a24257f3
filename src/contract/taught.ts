/** What the log has taught about the kitchen, as its page reads it. */
import type { Gives, Suspect } from '@/core'
import type { Cook } from './choices'
import type { KitchenFacts } from './kitchen'

/** One batch's value in a run, oldest first. */
export interface TaughtPoint {
  readonly batch: string
  readonly at: string
  readonly value: number
}

export interface TaughtRing {
  /** The kitchen's thing; null for one that is gone. */
  readonly thing: (KitchenFacts<'burner'> & { readonly id: string }) | null
  readonly name: string
  readonly pot: string
  /** W of its plate that would reach a pot at full dial. */
  readonly watts: number
  /** What the next plan reckons with. */
  readonly gives: Gives | null
  /** Shares of its plate, by batch. */
  readonly run: readonly TaughtPoint[]
  /** °C this pot climbs after the pull on it: mean and scatter. */
  readonly carries: { readonly mean: number; readonly sd: number; readonly batches: number } | null
  /** What has crept in over its last batches. */
  readonly creeps: Suspect | null
}

export interface TaughtFormula {
  readonly id: string
  readonly name: string
  /** °C past the target: mean and scatter of the last batches. */
  readonly missed: { readonly mean: number; readonly sd: number; readonly batches: number }
  /** Share lost to edges; null where nobody weighed them. */
  readonly lost: number | null
}

/** How long a work really takes here: times as long as planned, in the middle of so many. */
export interface TaughtWork {
  readonly what: string
  readonly share: number
  readonly times: number
}

/** How late a role begins what is planned for it, s, in the mean of so many tasks. */
export interface TaughtRole {
  readonly cook: Cook
  readonly lateS: number
  readonly tasks: number
}

/** A probe, or the thermometer read by eye: what the logs say it is off by, and how slow it is. */
export interface TaughtProbe {
  /** Null for what is read by eye. */
  readonly name: string | null
  /** °C the drops and signs say it shows too much; null where too few tell. */
  readonly off: { readonly mean: number; readonly sd: number; readonly batches: number } | null
  /** Time constant, s, with the standard deviation of its logarithm; null where no log has shown it. */
  readonly lag: { readonly seconds: number; readonly sd: number; readonly batches: number } | null
}

export interface Taught {
  readonly works: readonly TaughtWork[]
  readonly roles: readonly TaughtRole[]
  readonly rings: readonly TaughtRing[]
  readonly formulas: readonly TaughtFormula[]
  readonly probes: readonly TaughtProbe[]
}
