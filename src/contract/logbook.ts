/** The logbook as its pages read it. */
import { z } from 'zod'
import {
  type Advice,
  type AdvisedBy,
  type Explanation,
  type FamilyId,
  type FlawId,
  familyIds,
  flaws,
  type Helped,
  type Stage,
  type Suspect,
  type Traits,
  traits,
  type Unusual,
} from '@/core'
import type { BatchConditions } from './batch'
import { MOST_BESIDE, pulls, scoreBands } from './choices'
import type { BoilView, Frame } from './cook'
import type { PictureInfo } from './pictures'
import type { BatchStock } from './stock'
import { handle, oneOf, plainText, revisionNumber, ulid } from './text'
import type { Judged } from './verdict'

/** A curve in small: [s since the first flame, °C], at most some forty points. */
export const curveSchema = z.array(z.tuple([z.number(), z.number()])).max(64)
export type SmallCurve = readonly (readonly [number, number])[]

export const traitsSchema: z.ZodType<Traits> = z.partialRecord(oneOf(traits), z.number())

/** What is looked for in the log. Everything may be left out; what is not understood is left out too. */
export const findSchema = z.object({
  /** Words of its name or its note, or its code. */
  q: plainText(100).trim().default('').catch(''),
  family: z.enum(familyIds).optional().catch(undefined),
  formula: handle.optional().catch(undefined),
  ring: plainText(200).trim().min(1).optional().catch(undefined),
  pulled: z.enum(pulls).optional().catch(undefined),
  /** "2026-10", or a month of any year: "10". */
  month: z
    .string()
    .regex(/^(\d{4}-)?(0[1-9]|1[0-2])$/)
    .optional()
    .catch(undefined),
  score: oneOf(scoreBands).optional().catch(undefined),
  flaw: oneOf(flaws).optional().catch(undefined),
  revision: z.coerce.number().pipe(revisionNumber).optional().catch(undefined),
})
export type Find = z.infer<typeof findSchema>

/** Nothing in particular. */
export const anything: Find = { q: '' }

/** Batches of a month, by score; 0 for those not judged. */
export interface MonthCount {
  readonly month: string
  readonly scores: Readonly<Record<number, number>>
}

export interface LogbookBoil {
  readonly id: string
  /** Hottest once it was pulled, °C; null for a boil that never was, or is still on. */
  readonly reached: number | null
  /** °C past its own target, which a part has; null where nobody summed it up so. */
  readonly missed: number | null
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
  readonly flaws: readonly FlawId[]
  readonly code: string
}

/** What the log can be asked for beside its words. */
export interface LogbookFacets {
  readonly months: readonly MonthCount[]
  readonly rings: readonly string[]
  readonly formulas: readonly { readonly id: string; readonly name: string }[]
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
  readonly formulaId: string
  readonly revision: number
  readonly judged: Judged
  readonly stock: BatchStock
  readonly pictures: readonly PictureInfo[]
  /** What explains it; null while its boil is on, or where nothing of it can be compared. */
  readonly why: (Explanation & { readonly different: readonly Unusual[]; readonly creeps: Suspect | null }) | null
  readonly conditions: BatchConditions
  readonly boils: readonly { readonly boil: BoilView; readonly log: Frame }[]
}

/** Which batches are set beside each other: ids with commas between, the one that is asked about first. */
export const besideSchema = z.object({
  ids: z
    .string()
    .transform((text) => [...new Set(text.split(','))])
    .pipe(z.array(ulid).min(1).max(MOST_BESIDE)),
  /** How they cooled after the pour, beside how they cooked. */
  after: z
    .literal('1')
    .optional()
    .transform((said) => said === '1'),
})

/** A batch as it is drawn beside others. */
export interface BesideBatch {
  readonly entry: LogbookEntry
  readonly revision: number
  /** Of its first boil: s since the flame, °C, put right. */
  readonly curve: SmallCurve
  /** How it cooled after the pour, s since the flame, °C in its middle; nothing unless it was asked for. */
  readonly cools: SmallCurve
  /** °C its curve was moved by into the air of the first. */
  readonly movedC: number
  readonly boiledAt: number | null
  readonly pulledAt: number | null
  /** Turns of the dial. */
  readonly turns: readonly { readonly at: number; readonly dial: number }[]
}

/** Where a batch was pulled, °C past its target; null where nothing was read. */
export interface Pull {
  readonly id: string
  readonly startedAt: string
  readonly off: number | null
  readonly within: number
  readonly score: number | null
}

export interface Beside {
  readonly batches: readonly BesideBatch[]
  readonly stages: readonly Stage[]
  /** What was different about the first, by what it could have done. */
  readonly different: readonly Unusual[]
  /** Lines of its list, g a kilo of finished sweet, here and in the mean of the others, where they differ. */
  readonly lines: readonly { readonly name: string; readonly here: number; readonly there: number }[]
  /** Of this formula, oldest first. */
  readonly pulls: readonly Pull[]
}

/** What past batches say of a formula's target, and whether its newest revision helped; null where that cannot be told. */
export type FormulaAdvice = Advice & {
  readonly helped: Helped | null
  /** The newest batches, by which the method is advised. */
  readonly recent: readonly AdvisedBy[]
}
