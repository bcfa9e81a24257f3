/** What the devices beside the probe hub say: a kitchen scale and a barometer. Described in docs/device-contracts.md. */

import { z } from 'zod'
import { within } from './bounds'
import { instant } from './text'

export type DeviceKind = 'probe' | 'scale' | 'barometer'

export const weightSchema = z.object({
  id: z.string().min(8).max(40),
  at: instant,
  grams: z.number().min(-50_000).max(200_000),
})
export type PushedWeight = z.infer<typeof weightSchema>

/** What hangs in a room says of its air; a hygrometer in the same case is welcome and not asked for. */
export const pressureSchema = z.object({
  at: instant,
  hPa: within('barometerHPa'),
  humidity: within('share').optional(),
})

/** What is to be weighed next on a scale; null for nothing. */
export const wantedSchema = z.object({ grams: within('grams').nullable() })
export type Wanted = z.infer<typeof wantedSchema>

/** A scale as a page follows it: what it shows, and since when it has stood still, s. */
export const scaleFrameSchema = z.object({ grams: z.number(), still: z.number() })
export type ScaleFrame = z.infer<typeof scaleFrameSchema>
