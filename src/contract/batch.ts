/** Sizing and starting a batch: what is asked for, and what is frozen. */

import { z } from 'zod'
import {
  type BatchPlan,
  type Burner,
  type Pot,
  type Size,
  type Surface,
  type SurfaceKind,
  surfaceKinds,
  type Vessel,
} from '@/core'
import { within } from './bounds'
import { shapeSchema } from './formula'
import type { Same } from './same'
import { handle, oneOf, revisionNumber, shortText, ulid } from './text'

const lineId = z.string().max(40)

export const sizeSchema = z.discriminatedUnion('by', [
  z.object({ by: z.literal('pieces'), pieces: within('pieces').int() }),
  z.object({ by: z.literal('weight'), grams: within('batchGrams') }),
  z.object({ by: z.literal('vessels'), count: within('vessels') }),
  z.object({ by: z.literal('ingredient'), line: lineId, grams: within('grams') }),
  z.object({ by: z.literal('packs'), line: lineId, unit: z.string().max(20), count: within('vessels') }),
])

/** ◊ More boils than this is no day's work; a plan that comes to it was asked for by mistake. */
const MOST_BOILS = 200

/** Computed, and held against the same world as what is given. */
const batchPlan = z.object({
  factor: z.number().min(1e-6).max(1e6),
  grams: z.record(z.string(), z.number().min(0).max(100_000)),
  outGrams: within('batchGrams'),
  shape: shapeSchema,
  pieceGrams: z.number().min(0.001).max(100_000),
  pieces: z.number().int().min(0).max(10_000_000),
  vessels: z.number().int().min(0).max(100_000),
  boils: z
    .array(z.object({ label: z.string(), part: z.string().nullable(), share: z.number().positive().max(1) }))
    .min(1, 'Nothing of it is boiled')
    .max(MOST_BOILS, `It would take more than ${MOST_BOILS} boils in this pot`),
})

export const potSchema = z.object({
  name: shortText,
  litres: within('potLitres'),
  diameterMm: within('potMm'),
  massKg: within('potKg'),
  metal: z.enum(['copper', 'steel', 'aluminium', 'iron']),
})

export const burnerSchema = z.object({
  name: shortText,
  watts: within('watts'),
  efficiency: within('efficiency'),
  responseS: within('responseS'),
})

export const vesselSchema = z.discriminatedUnion('kind', [
  z
    .object({
      kind: z.literal('tray'),
      name: shortText,
      lengthMm: within('trayMm'),
      widthMm: within('trayMm'),
      depthMm: within('heightMm').optional(),
      round: z.boolean().optional(),
    })
    .refine((t) => !t.round || t.widthMm === t.lengthMm, {
      path: ['widthMm'],
      error: 'A round pan is as wide as long',
    }),
  z.object({
    kind: z.literal('mould'),
    name: shortText,
    cavities: within('cavities').int(),
    millilitres: within('cavityMl'),
    count: within('owned').int().optional(),
  }),
])

export const surfaceSchema = z.object({
  name: shortText,
  kind: oneOf<SurfaceKind>(surfaceKinds),
  thicknessMm: within('surfaceMm'),
})

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
  altitudeM: within('altitudeM'),
  pressurePa: within('pressurePa'),
  roomC: within('roomC'),
  humidity: within('share'),
  pot: potSchema,
  burner: burnerSchema,
  vessel: vesselSchema.nullable(),
  /** What a tray can be laid on, the one it is poured onto first. */
  surfaces: z.array(surfaceSchema).max(20).optional(),
  /** What the ring gave the pot in earlier boils, share of its plate. */
  gives: z
    .object({
      share: z.number().min(0.05).max(5),
      sd: z.number().min(0).max(2),
      boils: z.number().int().min(1),
      pace: z.number().min(0.1).max(10).optional(),
    })
    .optional(),
  /** s a piece took in earlier batches of this formula. */
  secondsEach: z.number().min(0.1).max(3600).optional(),
  /** Time constants the logs of its probe have shown, s, newest first. */
  lagsSeen: z.object({ channel: handle, seconds: z.array(z.number().min(0.1).max(120)).max(24) }).optional(),
  /** The probe it was begun with: what is baked or mixed by hand takes none, and leaves it to the first that is boiled. */
  probe: handle.optional(),
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
  Same<z.output<typeof surfaceSchema>, Surface>,
] = [true, true, true, true, true, true]
void proofs

export const batchPlanSchema: z.ZodType<BatchPlan> = batchPlan

const rate = z.number().min(1).max(60)

export const startBatchSchema = z.object({
  id: ulid,
  boilId: ulid,
  formula: handle,
  revision: revisionNumber,
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
  /** Lots chosen while it was weighed: they are taken down first. */
  lots: z.array(handle).max(60).default([]),
})
export type StartBatch = z.infer<typeof startBatchSchema>

export const startBoilSchema = z.object({ id: ulid, number: z.number().int().min(1).max(MOST_BOILS), rate })
export type StartBoil = z.infer<typeof startBoilSchema>
