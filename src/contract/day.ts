/** A day of several products, as it is kept: what is wanted, and what has been done of it. Its plan is computed, never kept. */
import { z } from 'zod'
import type { FormulaDocument, Gives } from '@/core'
import { within } from './bounds'
import { cooks, MOST_BREAKS, MOST_ITEMS } from './choices'
import type { BoilView } from './cook'
import type { KitchenView } from './kitchen'
import { day, handle, innerId, ulid } from './text'

/** "08:00", in the kitchen's own time. */
const clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'is not a time of day')

/** s since the first hour of the day, by task; two days at most. */
const moment = z.number().min(-86_400).max(172_800)
const moments = z.record(z.string().max(120), moment)

/** ◊ Things that may be out of use in one day. */
const MOST_LOST = 24

/** How much of a thing: so many pieces, or so much of it. */
const itemSize = z.discriminatedUnion('by', [
  z.object({ by: z.literal('pieces'), pieces: within('pieces').int() }),
  z.object({ by: z.literal('weight'), grams: within('batchGrams') }),
])

export const daySchema = z.object({
  from: clock,
  by: clock,
  room: handle,
  cooks: z.number().int().min(1).max(cooks.length),
  items: z
    .array(z.object({ id: innerId, formula: handle, size: itemSize }))
    .max(MOST_ITEMS)
    .refine((items) => new Set(items.map((i) => i.id)).size === items.length, 'names an item twice'),
  began: moments,
  ended: moments,
  who: z.record(z.string().max(120), z.enum(cooks)),
  /** Where somebody has put a task, s. */
  pins: moments,
  /** What was planned when the day began: begin, end and work of each task, to hold against what happened. */
  meant: z.record(z.string().max(120), z.tuple([moment, moment, z.string().max(30)])),
  /** In which pot on which ring each block was begun, by the name of its way. */
  ways: z.record(z.string().max(80), z.string().max(160)),
  /** Rings, pots and stations that are out of use, as the day's tasks name them. */
  lost: z.array(z.string().max(80)).max(MOST_LOST),
  /** Kinds of tasks each cook does not do. */
  spared: z.partialRecord(z.enum(cooks), z.array(z.enum(['ready', 'cook', 'work', 'wash'])).max(4)),
  /** When each cook is not there: breaks, a late start, an early end. */
  away: z.partialRecord(z.enum(cooks), z.array(z.tuple([clock, clock])).max(MOST_BREAKS)),
  /** The boil each block was begun as, by block. */
  boils: z.record(z.string().max(80), ulid),
})
export type Day = z.infer<typeof daySchema>

/** A day in `room` that nothing is wanted of yet. */
export const blankDay = (room: string): Day => ({
  from: '08:00',
  by: '16:30',
  room,
  cooks: 2,
  items: [],
  began: {},
  ended: {},
  who: {},
  pins: {},
  meant: {},
  ways: {},
  lost: [],
  spared: {},
  away: {},
  boils: {},
})

export const ofDay = z.object({ date: day })

/** A day, and the version its writer saw; 0 for one nobody has written yet. */
export const newDaySchema = z.object({ day: daySchema, version: z.number().int().min(0).max(1_000_000) })

/** A formula a day can be made of. */
export interface DayFormula {
  readonly id: string
  readonly revision: number
  readonly document: FormulaDocument
}

export interface Cooked {
  readonly startedAt: string
  readonly watchedAt: string | null
  readonly pulledAt: string | null
}

export interface DayView {
  readonly date: string
  readonly day: Day
  readonly version: number
  /** Of the items, and all the book's by name. */
  readonly formulas: readonly DayFormula[]
  readonly book: readonly { readonly id: string; readonly name: string }[]
  readonly kitchen: KitchenView
  /** What each ring has been found to give each pot, by "pot burner". */
  readonly gives: Readonly<Record<string, Gives>>
  /** How many times as long as usual the hands here take, by work. */
  readonly paces: Readonly<Record<string, number>>
  /** Earlier days something was planned for, the newest first, to be made from again. */
  readonly earlier: readonly { readonly date: string; readonly items: Day['items'] }[]
  /** Grams there are of what the kitchen keeps in lots, by ingredient. */
  readonly stock: Readonly<Record<string, number>>
  /** When the boils that were begun were lit, read at the heat at which nobody leaves a pot, and pulled, by block. */
  readonly cooked: Readonly<Record<string, Cooked>>
  /** Of those the boils that are on the stove, by block: the page follows them. */
  readonly onStove: Readonly<Record<string, BoilView>>
}
