/** The logbook as its pages read it. */
import { z } from 'zod'
import type { FamilyId } from '@/core'
import type { BatchConditions } from './batch'
import type { BoilView, Frame } from './cook'

/** A curve in small: [s since the first flame, °C], at most some forty points. */
export const curveSchema = z.array(z.tuple([z.number(), z.number()])).max(64)
export type SmallCurve = readonly (readonly [number, number])[]

export interface LogbookBoil {
  readonly id: string
  /** Hottest once it was pulled, °C; null for a boil that never was, or is still on. */
  readonly reached: number | null
  /** It was pulled, though nothing may have been read then. */
  readonly pulled: boolean
  readonly curve: SmallCurve
  readonly open: boolean
}

/** One batch as a list shows it. */
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
  readonly practice: boolean
  readonly note: string
  readonly score: number | null
}

/** A page of the logbook, newest first, and where the next one begins; null for the last. */
export interface LogbookPage {
  readonly entries: readonly LogbookEntry[]
  readonly next: string | null
}

/** Where a page begins: the time and the id of the batch before it, "2026-11-24T10:00:00.000Z 01J…". */
export const cursorSchema = z
  .string()
  .regex(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z [0-9A-HJKMNP-TV-Z]{26}$/, 'is not where a page begins')

export interface BatchStory {
  readonly entry: LogbookEntry
  readonly conditions: BatchConditions
  readonly boils: readonly { readonly boil: BoilView; readonly log: Frame }[]
}
