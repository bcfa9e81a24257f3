/** What a cook is made of at the boundary: acts, readings, and the picture of a boil that windows and hubs share. */

import { z } from 'zod'
import {
  type CookAct,
  deeds,
  offCuts,
  type Sign,
  type Smell,
  type StageId,
  signs,
  smells,
  stageTable,
  type Texture,
  type Touch,
  textures,
  touches,
} from '@/core'
import { batchPlanSchema, conditionsSchema, frozenThermometerSchema, surfaceSchema } from './batch'
import { within } from './bounds'
import { LONGEST_COOK_MS } from './events'
import { formulaSchema } from './formula'
import type { Same } from './same'
import { innerId, instant, oneOf, shortText, ulid } from './text'

const probeCelsius = within('probeC')

export const readingSchema = z.object({
  id: z.string().min(8).max(40),
  at: instant,
  celsius: probeCelsius,
  /** Which boil it was taken in, from a hub that follows its channel; otherwise its time decides. */
  boil: ulid.optional(),
})
export type PushedReading = z.infer<typeof readingSchema>

const rate = z.number().min(1).max(60)

/** ◊ Lines that can be weighed at once: no formula has so many. */
const MOST_LINES = 120

const valuedAct = z.discriminatedUnion('type', [
  z.object({ type: z.literal('heat'), dial: z.number().min(0).max(10) }),
  z.discriminatedUnion('test', [
    z.object({
      type: z.literal('test'),
      test: z.literal('drop'),
      result: z.enum(stageTable.map((s) => s.id) as [StageId, ...StageId[]]),
    }),
    z.object({
      type: z.literal('test'),
      test: z.literal('sign'),
      sign: z.enum(Object.keys(signs) as [Sign, ...Sign[]]),
    }),
    z.object({ type: z.literal('test'), test: z.literal('colour'), celsius: probeCelsius }),
    z.object({
      type: z.literal('test'),
      test: z.literal('smell'),
      smell: z.enum(Object.keys(smells) as [Smell, ...Smell[]]),
    }),
  ]),
  z.object({ type: z.literal('reads'), celsius: probeCelsius }),
  z.object({ type: z.literal('note'), text: z.string().trim().min(1).max(2000) }),
  z.object({ type: z.literal('texture'), texture: oneOf<Texture>(textures) }),
  z.object({ type: z.literal('measures'), depthMm: within('heightMm') }),
  z.object({ type: z.literal('feels'), touch: oneOf<Touch>(touches) }),
  z.object({ type: z.literal('stands'), times: within('grown') }),
  z.object({ type: z.literal('made'), pieces: within('pieces').int() }),
  z.object({
    type: z.literal('yields'),
    pieces: within('yield').int(),
    seconds: within('yield').int(),
    trimGrams: within('trimGrams'),
    offCuts: z.enum(offCuts).optional(),
  }),
])

export const actSchema = z.discriminatedUnion('type', [
  valuedAct,
  z.object({ type: z.literal('step'), step: innerId }),
  z.object({ type: z.literal('pulled'), step: innerId, celsius: probeCelsius.nullable() }),
  z.object({ type: z.literal('passed'), step: innerId }),
  z.object({
    type: z.literal('added'),
    ingredient: z.string().min(1).max(80),
    name: shortText,
    grams: within('grams'),
    celsius: probeCelsius,
  }),
  z.object({
    type: z.literal('weighed'),
    grams: z
      .record(innerId, within('grams'))
      .refine((g) => Object.keys(g).length <= MOST_LINES, 'names too many lines'),
  }),
  z.object({ type: z.literal('lid'), on: z.boolean() }),
  z.object({ type: z.literal('lies'), on: surfaceSchema }),
  z.object({ type: z.literal('stuck') }),
  z.object({ type: z.literal('correction'), celsius: z.number().min(-40).max(40) }),
  z.object({ type: z.literal('did'), what: z.enum(deeds) }),
  z.object({ type: z.literal('clock'), rate, wall: instant }),
  z.object({ type: z.literal('finished') }),
  z.object({ type: z.literal('abandoned'), reason: z.string().trim().min(1).max(500) }),
  z.object({
    type: z.literal('moved'),
    of: ulid,
    to: z
      .number()
      .min(0)
      .max(LONGEST_COOK_MS / 1000),
  }),
  z.object({ type: z.literal('amended'), of: ulid, act: valuedAct }),
  z.object({ type: z.literal('undo'), of: ulid }),
])

const proof: Same<z.output<typeof actSchema>, CookAct> = true
void proof

/** An act as it is logged: who made it (by id), when on the cook's clock, what. */
export const loggedActSchema = z.object({
  id: ulid,
  at: instant,
  act: actSchema,
  /** The screen it was done at, as the server knows it. */
  by: z.string().max(60).optional(),
})
export type LoggedAct = z.infer<typeof loggedActSchema>

export const boilViewSchema = z.object({
  id: ulid,
  batchId: ulid,
  number: z.number().int(),
  label: z.string(),
  channel: z.string().nullable(),
  startedAt: instant,
  endedAt: instant.nullable(),
  formulaId: z.string(),
  revision: z.number().int(),
  /** The part it cooks; null for the formula itself. */
  part: z.string().nullable(),
  formula: formulaSchema,
  plan: batchPlanSchema,
  conditions: conditionsSchema,
  probe: z.object({
    lagS: z.number(),
    lagsSeen: z.array(z.number()).optional(),
    noiseC: z.number(),
    /** What is known of the thermometer in it, or of the one read by eye; null for nothing. */
    thermometer: frozenThermometerSchema.nullable(),
  }),
})
/** A boil with all that is frozen about it. */
export type BoilView = z.infer<typeof boilViewSchema>

/** What has been logged since a cursor, as one frame of a stream. Readings are [milliseconds, °C]. */
export const frameSchema = z.object({
  cursor: z.string(),
  /** The server's clock, ms, so that a window with a wrong clock still shows the cook's time. */
  wall: z.number(),
  readings: z.array(z.tuple([z.number(), z.number()])),
  acts: z.array(loggedActSchema),
})
export type Frame = z.infer<typeof frameSchema>

/** What a stream over several boils says at a time. */
export const boilFramesSchema = z.array(frameSchema.extend({ boil: ulid }))
export type BoilFrame = z.infer<typeof boilFramesSchema>[number]

/** What a hub is told about its channel: the boil on it, all its acts so far, and the last reading stored. */
export const channelFrameSchema = z.object({
  boil: boilViewSchema.nullable(),
  acts: z.array(loggedActSchema),
  lastReadingAt: instant.nullable(),
})
export type ChannelFrame = z.infer<typeof channelFrameSchema>

/** A cook whole, as it is exported: the boil with all that is frozen about it, and its log. */
export const cookFileSchema = z.object({ boil: boilViewSchema, log: frameSchema })
export type CookFile = z.infer<typeof cookFileSchema>
