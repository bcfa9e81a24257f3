/** What a kitchen is made of: one schema a kind of thing. Everything the sentence offers comes from here. */

import { z } from 'zod'
import { burnerSchema, potSchema, surfaceSchema, vesselSchema } from './batch'
import { within } from './bounds'
import { ingredientSchema } from './formula'
import { day, handle, instant, plainText, shortText } from './text'

const room = z.object({
  name: shortText,
  altitudeM: within('altitudeM'),
  /** What the barometer in the room shows, hPa; null to go by the altitude. */
  barometerHPa: within('barometerHPa').nullable(),
  roomC: within('roomC'),
  humidity: within('share'),
})

const waterTest = z.object({
  at: instant,
  pot: handle,
  waterGrams: within('grams'),
  fromC: z.number().min(0).max(90),
  toC: z.number().min(10).max(95),
  seconds: z.number().min(1).max(7200),
  roomC: within('roomC'),
})

const burner = z.intersection(
  burnerSchema,
  z.object({
    tests: z.array(waterTest).max(50),
    /** What batches before this have taught of it is forgotten. */
    learnsFrom: instant.optional(),
  }),
)

const check = z.object({
  at: instant,
  bath: z.enum(['ice', 'boil']),
  reads: z.number().min(-20).max(130),
  pressurePa: within('pressurePa'),
})

const thermometer = z.object({
  name: shortText,
  maxC: z.number().min(50).max(600),
  /** The channel it reports on; null for one that is read by eye. */
  channel: handle.nullable(),
  checks: z.array(check).max(200),
})

const cutter = z.object({ name: shortText, round: z.boolean(), lengthMm: within('trayMm'), widthMm: within('trayMm') })
/** What is shared in a day: mixers to whip and beat in, ovens to bake in. */
const machine = z.object({ name: shortText, kind: z.enum(['mixer', 'oven']), count: within('owned').int() })
/** A colour by the house's own name, on the caramel ramp. */
const shade = z.object({ name: shortText, celsius: z.number().min(140).max(210) })
const measure = z.object({ name: shortText, millilitres: within('measureMl') })
/** What was bought at once: it runs out, and can be called back. */
const lot = z.object({
  name: shortText,
  ingredient: z.string().min(1).max(80),
  /** As it stands on the pack. */
  code: shortText,
  grams: within('stockGrams'),
  /** For all of it, in the house's own money. */
  price: within('price').nullable(),
  got: day,
  bestBefore: day.nullable(),
})

/** The house that sells: one of them. */
const house = z.object({
  name: shortText,
  address: plainText(300).trim(),
  /** As it stands before a price. */
  currency: plainText(8).trim(),
  perKwh: within('price').nullable(),
  perWrap: within('price').nullable(),
  perHour: within('price').nullable(),
})
const ownIngredient = z.object({ ingredient: ingredientSchema, pricePerKg: within('price').nullable() })

export const kitchenSchemas = {
  room,
  pot: potSchema,
  burner,
  vessel: vesselSchema,
  surface: surfaceSchema,
  machine,
  thermometer,
  cutter,
  measure,
  shade,
  ingredient: ownIngredient,
  lot,
  house,
} as const

export type KitchenKind = keyof typeof kitchenSchemas
export type KitchenFacts<K extends KitchenKind = KitchenKind> = z.infer<(typeof kitchenSchemas)[K]>

export const kitchenKinds = Object.keys(kitchenSchemas) as KitchenKind[]
export const kindSchema = z.enum(kitchenKinds as [KitchenKind, ...KitchenKind[]])

/** Everything of each kind, with its id. */
export type KitchenThings = { readonly [K in KitchenKind]: readonly (KitchenFacts<K> & { readonly id: string })[] }

export interface ThingAddress {
  readonly kind: KitchenKind
  readonly id: string
}

export interface KitchenView extends KitchenThings {
  /** What is there but cannot be read, by this Imbry at least. */
  readonly unreadable: readonly ThingAddress[]
  /** Probes, and scales, that report by themselves. */
  readonly channels: readonly { readonly id: string; readonly name: string }[]
  readonly scales: readonly { readonly id: string; readonly name: string }[]
}

/** Without one of each no batch can be sized. */
export const neededKinds: readonly KitchenKind[] = ['room', 'pot', 'burner']

export const isFurnished = (things: KitchenThings): boolean => neededKinds.every((kind) => things[kind].length > 0)
