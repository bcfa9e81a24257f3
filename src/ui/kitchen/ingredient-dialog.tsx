'use client'

import { useState } from 'react'
import { useForm, useWatch } from 'react-hook-form'
import { ulid } from 'ulid'
import { allergens } from '@/contract/formula'
import { type KitchenFacts, kitchenSchemas } from '@/contract/kitchen'
import {
  type Allergen,
  type Component,
  componentFacts,
  formatGrams,
  type Ingredient,
  ingredients,
  mix,
  readNumber,
} from '@/core'
import { Box } from '@/ui/kit/box'
import { Button } from '@/ui/kit/button'
import { SheetDialog } from '@/ui/kit/sheet-dialog'
import { useThings } from './use-things'

interface Props {
  readonly thing: (KitchenFacts<'ingredient'> & { readonly id: string }) | null
  onClose(): void
}

/** What labels speak of; water is what is left. */
const asked = [
  'sucrose',
  'monosaccharide',
  'glucoseSolids',
  'lactose',
  'fat',
  'milkProtein',
  'protein',
  'starch',
  'cocoaSolids',
  'insoluble',
  'salt',
  'acid',
  'ash',
] as const satisfies readonly Component[]

interface Values {
  name: string
  synonyms: string
  density: string
  price: string
  whole: boolean
  parts: Record<(typeof asked)[number], string>
  allergens: Record<string, boolean>
}

const number = (text: string | undefined): number => readNumber(text || '0')

const valuesOf = (facts: KitchenFacts<'ingredient'> | null): Values => ({
  name: facts?.ingredient.name ?? '',
  synonyms: facts?.ingredient.synonyms.join(', ') ?? '',
  density: String(facts?.ingredient.density ?? 1),
  price: facts?.pricePerKg?.toString() ?? '',
  whole: facts?.ingredient.whole ?? false,
  parts: Object.fromEntries(
    asked.map((c) => [c, facts ? String(Math.round(facts.ingredient.per100[c] * 100) / 100) : '']),
  ) as Values['parts'],
  allergens: Object.fromEntries(allergens.map((a) => [a, facts?.ingredient.allergens.includes(a) ?? false])),
})

/** An ingredient of one's own: what is in 100 g of it, what it costs and whom it harms. */
export function IngredientDialog({ thing, onClose }: Props) {
  const { keep, drop } = useThings()
  const [trouble, setTrouble] = useState<string | null>(null)
  const { register, handleSubmit, setValue, control, formState } = useForm<Values>({ defaultValues: valuesOf(thing) })
  const parts = useWatch({ control, name: 'parts' })
  const water = 100 - asked.reduce((sum, c) => sum + number(parts[c]), 0)

  const save = handleSubmit(async (v) => {
    const id = thing?.id ?? `own-${ulid().toLowerCase()}`
    const ingredient: Ingredient = {
      id,
      name: v.name.trim(),
      per100: mix({
        ...Object.fromEntries(asked.map((c) => [c, number(v.parts[c])])),
        water,
        de: thing?.ingredient.per100.de ?? 42,
      }),
      density: number(v.density),
      unitGrams: thing?.ingredient.unitGrams ?? {},
      whole: v.whole,
      allergens: allergens.filter((a): a is Allergen => v.allergens[a] === true),
      synonyms: v.synonyms
        .split(',')
        .map((s) => s.trim())
        .filter(Boolean),
      source: 'computed',
    }
    const parsed = kitchenSchemas.ingredient.safeParse({
      ingredient,
      pricePerKg: v.price.trim() === '' ? null : number(v.price),
    })
    if (!parsed.success) return setTrouble(troubleWith(parsed.error.issues[0]?.path ?? [], water))
    await tried(() => keep('ingredient', id, parsed.data))
  })
  async function tried(work: () => Promise<void>): Promise<void> {
    try {
      await work()
      onClose()
    } catch (error) {
      setTrouble((error as Error).message)
    }
  }

  const startFrom = (id: string): void => {
    const like = ingredients.find((i) => i.id === id)
    if (!like) return
    for (const c of asked) setValue(`parts.${c}`, String(Math.round(like.per100[c] * 100) / 100))
    for (const a of allergens) setValue(`allergens.${a}`, like.allergens.includes(a))
    setValue('density', String(like.density))
    setValue('whole', like.whole)
  }

  return (
    <SheetDialog
      wide
      title={thing ? thing.ingredient.name : 'An ingredient of your own'}
      about="Grams in 100 g, as the label says. It goes with every formula that uses it."
      onClose={onClose}
    >
      <form onSubmit={save} className="flex flex-col gap-4" noValidate>
        <div className="grid gap-3 sm:grid-cols-2">
          <Box label="Called" {...register('name')} />
          <Box label="Also called" hint="with commas between" {...register('synonyms')} />
        </div>
        {!thing && (
          <label className="text-[14px] text-muted">
            <span className="mb-1 block">Begin from something like it</span>
            <select
              defaultValue=""
              onChange={(e) => startFrom(e.target.value)}
              className="min-h-12 w-full rounded-control border border-line bg-marble px-3 text-[16px] text-ink"
            >
              <option value="">nothing</option>
              {ingredients.map((i) => (
                <option key={i.id} value={i.id}>
                  {i.name}
                </option>
              ))}
            </select>
          </label>
        )}
        <fieldset>
          <legend className="casual mb-2 text-[16px] font-bold">In 100 g</legend>
          <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
            {asked.map((c) => (
              <Box key={c} label={componentFacts[c].label} unit="g" inputMode="decimal" {...register(`parts.${c}`)} />
            ))}
          </div>
          <p className={`mt-2 text-[15px] ${water < 0 ? 'text-cherry' : 'text-muted'}`} aria-live="polite">
            {water < 0 ? `${formatGrams(-water)} more than 100` : `and ${formatGrams(water)} of water`}
          </p>
        </fieldset>
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
          <Box label="A millilitre weighs" unit="g" inputMode="decimal" {...register('density')} />
          <Box
            label="Price of a kilo"
            hint="empty where it does not matter"
            inputMode="decimal"
            {...register('price')}
          />
          <label className="flex min-h-12 items-center gap-3 self-center text-[15px]">
            <input type="checkbox" {...register('whole')} className="size-6 accent-[#1e7a55]" />
            Goes in as pieces
          </label>
        </div>
        <fieldset>
          <legend className="casual mb-1 text-[16px] font-bold">Allergens</legend>
          <div className="flex flex-wrap gap-x-5 gap-y-1">
            {allergens.map((a) => (
              <label key={a} className="flex min-h-11 items-center gap-2 text-[15px]">
                <input type="checkbox" {...register(`allergens.${a}`)} className="size-5 accent-[#1e7a55]" />
                {a}
              </label>
            ))}
          </div>
        </fieldset>
        {trouble && (
          <p role="alert" className="text-[15px] text-cherry">
            {trouble}
          </p>
        )}
        <div className="flex flex-wrap justify-end gap-3">
          {thing && (
            <Button className="mr-auto" onClick={() => tried(() => drop('ingredient', thing.id))}>
              Throw out
            </Button>
          )}
          <Button onClick={onClose}>Leave as it was</Button>
          <Button look="primary" type="submit" disabled={formState.isSubmitting}>
            Save
          </Button>
        </div>
      </form>
    </SheetDialog>
  )
}

function troubleWith(path: readonly PropertyKey[], water: number): string {
  if (water < 0) return 'It adds up to more than 100 g'
  const where = path.map(String)
  if (where.includes('name')) return 'It needs a name'
  if (where.includes('pricePerKg')) return 'The price is not a figure that can be right'
  if (where.includes('density')) return 'The weight of a millilitre is not a figure that can be right'
  return 'One of the figures cannot be right: each is between 0 and 100'
}
