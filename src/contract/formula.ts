/** The formula document at the boundary: exactly the core's type, with limits. */

import { z } from 'zod'
import {
  allergens,
  type Chocolate,
  cautionIds,
  chocolates,
  components,
  cutTools,
  type Filler,
  type Film,
  type Formed,
  type FormulaDocument,
  familyIds,
  filling,
  films,
  forming,
  type Ingredient,
  massOf,
  mostReady,
  partStates,
  preparations,
  type Shape,
  type Sign,
  signs,
  type Texture,
  textures,
} from '@/core'
import { within } from './bounds'
import type { Same } from './same'
import { innerId, oneOf, plainText, shortText } from './text'

const celsius = z.number().min(-30).max(250)
const dial = z.number().min(0).max(10)
const id = innerId

const trigger = z.discriminatedUnion('on', [
  z.object({ on: z.literal('ready') }),
  z.object({ on: z.literal('boil') }),
  z.object({ on: z.literal('rises'), celsius }),
  z.object({ on: z.literal('falls'), celsius }),
  z.object({ on: z.literal('target') }),
  z.object({
    on: z.literal('after'),
    seconds: z
      .number()
      .min(0)
      .max(7 * 86400),
  }),
  z.object({ on: z.literal('colour'), celsius }),
  z.object({ on: z.literal('sign'), sign: oneOf<Sign>(signs) }),
  z.object({ on: z.literal('window') }),
  z.object({ on: z.literal('texture'), texture: oneOf<Texture>(textures) }),
  z.object({ on: z.literal('part'), part: id, state: z.enum(partStates) }),
  z.object({ on: z.literal('word'), word: shortText }),
])

const plainWork = z.object({
  kind: z.enum([
    'lay-under',
    'spread',
    'leave',
    'score',
    'break',
    'pull',
    'unmould',
    'beat',
    'fold-in',
    'pour-over',
    'cover-chips',
    'coat',
    'dust',
    'sprinkle',
    'table',
    'gather',
    'cool',
  ]),
})

const handwork = z.discriminatedUnion('kind', [
  plainWork,
  z.object({ kind: z.literal('cut'), tool: z.enum(cutTools) }),
  z.object({ kind: z.literal('form'), into: oneOf<Formed>(forming) }),
  z.object({ kind: z.literal('fill'), by: oneOf<Filler>(filling), level: z.number().min(0.1).max(1) }),
  z.object({ kind: z.literal('pipe'), depthMm: within('heightMm') }),
  z.object({ kind: z.literal('whip'), on: z.enum(['gelatin', 'egg']) }),
  z.object({ kind: z.literal('temper'), chocolate: oneOf<Chocolate>(chocolates) }),
  z.object({ kind: z.literal('chill'), celsius }),
  z.object({ kind: z.literal('bake'), celsius }),
  z.object({ kind: z.literal('wrap'), film: oneOf<Film>(films) }),
])

const step = z.object({
  id,
  label: shortText,
  when: trigger,
  say: shortText,
  // a recipe that gives no reason gets none made up
  why: plainText(200).trim(),
  meanwhile: z.object({ say: shortText, why: shortText }).optional(),
  act: shortText,
  prepare: z.object({ say: shortText, seconds: z.number().min(0).max(86400) }).optional(),
  test: shortText.optional(),
  shows: z.union([oneOf<Sign>(signs), celsius]).optional(),
  adds: id.optional(),
  joins: id.optional(),
  lid: z.boolean().optional(),
  heat: dial.optional(),
  offHeat: z.boolean().optional(),
  bath: z.boolean().optional(),
  handwork: handwork.optional(),
  empties: z.boolean().optional(),
  cautions: z.array(z.enum(cautionIds)).max(10).optional(),
})

export const shapeSchema = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('cut'),
    lengthMm: within('pieceMm'),
    widthMm: within('pieceMm'),
    heightMm: within('heightMm'),
    round: z.boolean().optional(),
    trimMm: within('trimMm').optional(),
  }),
  z.object({ kind: z.literal('mould'), millilitres: within('cavityMl'), sticks: z.boolean().optional() }),
  z.object({
    kind: z.literal('broken'),
    thicknessMm: within('heightMm'),
    gramsEach: within('pieceGrams'),
    formed: z.enum(['dipped', 'dropped', 'rolled']).optional(),
  }),
])

const share = z.number().min(0).max(100)
const grams100 = Object.fromEntries(components.map((c) => [c, share])) as Record<
  (typeof components)[number],
  typeof share
>
const mix = z
  .object({ ...grams100, de: z.number().min(1).max(100) })
  .refine((m) => Math.abs(massOf(m) - 100) < 0.5, 'must add up to 100 g')

const prepare = z.array(z.enum(preparations)).max(preparations.length)

/** An ingredient's make-up, where it is the kitchen's own. */
export const ingredientSchema = z.object({
  id,
  name: shortText,
  per100: mix,
  density: z.number().min(0.05).max(5),
  unitGrams: z.record(z.string().max(20), within('grams')),
  whole: z.boolean(),
  allergens: z.array(z.enum(allergens)).max(allergens.length),
  prepare: prepare.default([]),
  synonyms: z.array(shortText).max(20),
  source: z.enum(['food table', 'trade specification', 'computed']),
})

const single = z.object({
  version: z.literal(1),
  name: shortText,
  family: z.enum(familyIds),
  school: id,
  about: plainText(1000),
  groups: z.array(z.object({ id, label: shortText, celsius })).max(20),
  lines: z
    .array(
      z.object({
        id,
        group: id,
        ingredient: id,
        grams: within('grams'),
        note: shortText.optional(),
        prepare: prepare.optional(),
        strained: z.boolean().optional(),
        typed: shortText.optional(),
      }),
    )
    .max(60),
  target: z.object({ celsius, within: z.number().min(0.1).max(20) }).nullable(),
  ready: z.array(shortText).max(mostReady).optional(),
  steps: z.array(step).min(1).max(40),
  shape: shapeSchema,
  air: z.number().min(0).max(0.85).optional(),
  waste: z.number().min(0).max(0.5),
  boils: z.array(shortText).max(12),
  notes: plainText(5000).optional(),
  source: plainText(500).optional(),
  own: z.array(ingredientSchema).max(60).optional(),
})

const part = z.object({
  id,
  label: shortText,
  // parts go one deep: what is in a part is a part of no part
  formula: z.strictObject(single.shape),
  needs: z.array(z.object({ part: id, state: z.enum(partStates) })).max(8),
  celsius,
})

const formula = single.extend({ parts: z.array(part).max(8).optional() })

const proofs: [
  Same<z.output<typeof ingredientSchema>, Ingredient>,
  Same<z.output<typeof shapeSchema>, Shape>,
  Same<z.output<typeof formula>, FormulaDocument>,
] = [true, true, true]
void proofs

export const formulaSchema: z.ZodType<FormulaDocument> = formula
