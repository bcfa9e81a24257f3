/** The formula document at the boundary: exactly the core's type, with limits. */

import { z } from 'zod'
import { type FormulaDocument, familyIds } from '@/core'
import { shortText } from './text'

const celsius = z.number().min(-30).max(250)
const dial = z.number().min(0).max(10)
const id = z.string().min(1).max(40)

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
])

const step = z.object({
  id,
  label: shortText,
  when: trigger,
  say: shortText,
  why: shortText,
  meanwhile: z.object({ say: shortText, why: shortText }).optional(),
  act: shortText,
  prepare: z.object({ say: shortText, seconds: z.number().min(0).max(86400) }).optional(),
  adds: id.optional(),
  lid: z.boolean().optional(),
  heat: dial.optional(),
  offHeat: z.boolean().optional(),
  empties: z.boolean().optional(),
  cautions: z.array(id).max(10).optional(),
})

const millimetres = z.number().positive().max(2000)

export const shapeSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('cut'), lengthMm: millimetres, widthMm: millimetres, heightMm: millimetres }),
  z.object({ kind: z.literal('mould'), millilitres: z.number().positive().max(1000) }),
  z.object({ kind: z.literal('broken'), thicknessMm: millimetres, gramsEach: z.number().positive().max(5000) }),
])

export const formulaSchema: z.ZodType<FormulaDocument> = z.object({
  version: z.literal(1),
  name: shortText,
  family: z.enum(familyIds as [FormulaDocument['family'], ...FormulaDocument['family'][]]),
  school: id,
  about: z.string().max(1000),
  groups: z
    .array(z.object({ id, label: shortText, celsius }))
    .min(1)
    .max(20),
  lines: z
    .array(
      z.object({
        id,
        group: id,
        ingredient: id,
        grams: z.number().positive().max(100_000),
        note: shortText.optional(),
      }),
    )
    .min(1)
    .max(60),
  target: z.object({ celsius, within: z.number().min(0.1).max(20) }),
  steps: z.array(step).min(1).max(40),
  shape: shapeSchema,
  air: z.number().min(0).max(0.85).optional(),
  waste: z.number().min(0).max(0.5),
  boils: z.array(shortText).max(12),
})
