/** The logbook as its pages read it. */
import type { FamilyId } from '@/core'
import type { BatchConditions } from './batch'
import type { BoilView, Frame } from './cook'

export interface LogbookBoil {
  readonly id: string
  readonly reached: number | null
  /** [ms, °C], a few points for a thumbnail. */
  readonly curve: readonly (readonly [number, number])[]
}

export interface LogbookEntry {
  readonly id: string
  readonly formulaName: string
  readonly family: FamilyId
  readonly startedAt: string
  readonly room: string
  readonly outGrams: number
  readonly pieces: number
  /** Target in that day's air, °C, and how far either side is good. */
  readonly target: number
  readonly within: number
  readonly boils: readonly LogbookBoil[]
  readonly boilsPlanned: number
  readonly note: string
  readonly score: number | null
}

export interface BatchStory {
  readonly entry: LogbookEntry
  readonly conditions: BatchConditions
  readonly boils: readonly { readonly boil: BoilView; readonly log: Frame }[]
}
