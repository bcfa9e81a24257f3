/** Sizing and starting a batch: what is asked for, and what is frozen. */

import { z } from 'zod'
import type { BatchPlan, Burner, Pot, Size, Vessel } from '@/core'
import { shapeSchema } from './formula'
import type { Same } from './same'
import { handle, shortText, ulid } from './text'

const amount = z.number().positive()

export const sizeSchema = z.discriminatedUnion('by', [
  z.object({ by: z.literal('pieces'), pieces: z.number().int().positive().max(100_000) }),
  z.object({ by: z.literal('weight'), grams: amount.max(100_000) }),
  z.object({ by: z.literal('vessels'), count: amount.max(1000) }),
  z.object({ by: z.literal('ingredient'), line: z.string().max(40), grams: amount.max(100_000) }),
  z.object({
    by: z.literal('packs'),
    line: z.string().max(40),
    unit: z.string().max(20),
    count: amount.max(1000),
  }),
])

const gramsByLine = z.record(z.string(), z.number().nonnegative())

const batchPlan = z.object({
  factor: amount,
  grams: gramsByLine,
  outGrams: amount,
  shape: shapeSchema,
  pieceGrams: amount,
  pieces: z.number().int().nonnegative(),
  vessels: z.number().int().nonnegative(),
  boils: z.array(z.object({ label: z.string(), part: z.string().nullable(), share: amount.max(1) })).min(1),
})

export const potSchema = z.object({
  name: shortText,
  litres: amount,
  diameterMm: amount,
  massKg: amount,
  metal: z.enum(['copper', 'steel', 'aluminium', 'iron']),
})

export const burnerSchema = z.object({
  name: shortText,
  watts: amount,
  efficiency: amount.max(1),
  responseS: amount,
})

export const vesselSchema = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('tray'),
    name: shortText,
    lengthMm: amount,
    widthMm: amount,
    depthMm: amount.optional(),
  }),
  z.object({
    kind: z.literal('mould'),
    name: shortText,
    cavities: amount.int(),
    millilitres: amount,
    count: amount.int().optional(),
  }),
])

/** A thermometer as its checks had it when the batch was begun; `channel` null for one that is read by eye. */
export const frozenThermometerSchema = z.object({
  name: z.string(),
  channel: handle.nullable(),
  gain: z.number(),
  shift: z.number(),
  sd: z.number(),
})
export type FrozenThermometer = z.infer<typeof frozenThermometerSchema>

/** The kitchen a batch was made in, frozen with it. */
export const conditionsSchema = z.object({
  room: z.string(),
  altitudeM: z.number(),
  pressurePa: amount,
  roomC: z.number(),
  humidity: z.number().min(0).max(1),
  pot: potSchema,
  burner: burnerSchema,
  vessel: vesselSchema.nullable(),
  /** Of each probe that has one of its own, and the one read by eye. */
  thermometers: z.array(frozenThermometerSchema).default([]),
})
export type BatchConditions = z.infer<typeof conditionsSchema>

const proofs: [
  Same<z.output<typeof sizeSchema>, Size>,
  Same<z.output<typeof batchPlan>, BatchPlan>,
  Same<z.output<typeof potSchema>, Pot>,
  Same<z.output<typeof burnerSchema>, Burner>,
  Same<z.output<typeof vesselSchema>, Vessel>,
] = [true, true, true, true, true]
void proofs

export const batchPlanSchema: z.ZodType<BatchPlan> = batchPlan

const rate = z.number().min(1).max(60)

export const startBatchSchema = z.object({
  id: ulid,
  boilId: ulid,
  formula: handle,
  revision: z.number().int().positive(),
  size: sizeSchema,
  shape: shapeSchema,
  room: handle,
  pot: handle,
  burner: handle,
  vessel: handle.nullable(),
  channel: handle.nullable(),
  /** The thermometer that is read by eye, where there is no probe. */
  thermometer: handle.nullable().default(null),
  rate,
})
export type StartBatch = z.infer<typeof startBatchSchema>

export const startBoilSchema = z.object({ id: ulid, number: z.number().int().positive(), rate })
export type StartBoil = z.infer<typeof startBoilSchema>

export const verdictSchema = z.object({
  note: z.string().max(5000),
  score: z.number().int().min(1).max(5).nullable(),
})
export type BatchVerdict = z.infer<typeof verdictSchema>
