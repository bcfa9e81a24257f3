'use client'

import { zodResolver } from '@hookform/resolvers/zod'
import { useMemo, useState } from 'react'
import { Controller, type FieldErrors, useForm, useWatch } from 'react-hook-form'
import { ulid } from 'ulid'
import { z } from 'zod'
import { type KitchenFacts, kitchenSchemas } from '@/contract/kitchen'
import {
  type Allergen,
  allergens,
  type Component,
  componentFacts,
  type Ingredient,
  ingredients,
  mix,
  readNumber,
  unitWeightsOf,
} from '@/core'
import { AlertDialog } from '@/ui/kit/alert-dialog'
import { Box } from '@/ui/kit/box'
import { Button } from '@/ui/kit/button'
import { Checkbox } from '@/ui/kit/checkbox'
import { Select } from '@/ui/kit/select'
import { SheetDialog } from '@/ui/kit/sheet-dialog'
import { Switch } from '@/ui/kit/switch'
import { formatShare } from '@/words'
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

type Written = z.input<typeof kitchenSchemas.ingredient>

const waterIn = (parts: Values['parts']): number => 100 - asked.reduce((sum, c) => sum + number(parts[c]), 0)

/** What was typed as an ingredient; what the dialog does not ask about stays as it was. */
const ingredientOf = (v: Values, was: Ingredient | null, id: string): Written['ingredient'] => ({
  id,
  name: v.name.trim(),
  per100: mix({
    ...Object.fromEntries(asked.map((c) => [c, number(v.parts[c])])),
    water: waterIn(v.parts),
    de: was?.per100.de ?? 42,
  }),
  density: number(v.density),
  unitGrams: was ? { ...unitWeightsOf(was) } : {},
  whole: v.whole,
  allergens: allergens.filter((a): a is Allergen => v.allergens[a] === true),
  synonyms: v.synonyms
    .split(',')
    .map((s) => s.trim())
    .filter(Boolean),
  prepare: [...(was?.prepare ?? [])],
  source: 'computed',
})

/** The form as the kitchen's own schema takes it. */
const formSchema = (was: Ingredient | null, id: string) =>
  z
    .custom<Values>()
    .transform(
      (v): Written => ({
        ingredient: ingredientOf(v, was, id),
        pricePerKg: v.price.trim() === '' ? null : number(v.price),
      }),
    )
    .pipe(kitchenSchemas.ingredient)

/** An ingredient of one's own: what is in 100 g of it, what it costs and whom it harms. */
export function IngredientDialog({ thing, onClose }: Props) {
  const { keep, drop } = useThings()
  const [like, setLike] = useState('')
  const [trouble, setTrouble] = useState<string | null>(null)
  const [id] = useState(() => thing?.id ?? `own-${ulid().toLowerCase()}`)
  const resolver = useMemo(() => zodResolver(formSchema(thing?.ingredient ?? null, id)), [thing, id])
  const { register, handleSubmit, setValue, control, formState } = useForm<Values, unknown, KitchenFacts<'ingredient'>>(
    { defaultValues: valuesOf(thing), resolver },
  )
  const water = waterIn(useWatch({ control, name: 'parts' }))

  const save = handleSubmit(
    (facts) => tried(() => keep('ingredient', id, facts)),
    (errors) => setTrouble(troubleWith(errors, water)),
  )
  async function tried(work: () => Promise<void>): Promise<void> {
    try {
      await work()
      onClose()
    } catch (error) {
      setTrouble((error as Error).message)
    }
  }

  const startFrom = (id: string): void => {
    setLike(id)
    const model = ingredients.find((i) => i.id === id)
    if (!model) return
    for (const c of asked) setValue(`parts.${c}`, String(Math.round(model.per100[c] * 100) / 100))
    for (const a of allergens) setValue(`allergens.${a}`, model.allergens.includes(a))
    setValue('density', String(model.density))
    setValue('whole', model.whole)
  }

  return (
    <SheetDialog
      width="wide"
      title={thing ? thing.ingredient.name : 'An ingredient of your own'}
      about="Shares of its weight, as the label says them. It goes with every formula that uses it."
      onClose={onClose}
    >
      <form onSubmit={save} className="flex flex-col gap-4" noValidate>
        <div className="grid gap-3 sm:grid-cols-2">
          <Box label="Called" {...register('name')} />
          <Box label="Also called" hint="with commas between" {...register('synonyms')} />
        </div>
        {!thing && (
          <Select
            label="Begin from something like it"
            value={like}
            options={[{ id: '', label: 'nothing' }, ...ingredients.map((i) => ({ id: i.id, label: i.name }))]}
            onPick={startFrom}
          />
        )}
        <fieldset>
          <legend className="casual mb-2 text-main font-bold">What it is made of</legend>
          <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
            {asked.map((c) => (
              <Box key={c} label={componentFacts[c].label} unit="%" inputMode="decimal" {...register(`parts.${c}`)} />
            ))}
          </div>
          <p className={`mt-2 text-body ${water < 0 ? 'text-cherry' : 'text-muted'}`} aria-live="polite">
            {water < 0 ? `${formatShare(-water / 100)} more than there is` : `and ${formatShare(water / 100)} of water`}
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
          <Controller
            name="whole"
            control={control}
            render={({ field }) => <Switch label="Goes in as pieces" on={field.value} onChange={field.onChange} />}
          />
        </div>
        <fieldset>
          <legend className="casual mb-1 text-main font-bold">Allergens</legend>
          <div className="flex flex-wrap gap-x-5 gap-y-1">
            {allergens.map((a) => (
              <Controller
                key={a}
                name={`allergens.${a}`}
                control={control}
                render={({ field }) => (
                  <Checkbox checked={field.value ?? false} onChange={field.onChange}>
                    {a}
                  </Checkbox>
                )}
              />
            ))}
          </div>
        </fieldset>
        {trouble && (
          <p role="alert" className="text-body text-cherry">
            {trouble}
          </p>
        )}
        <div className="flex flex-wrap justify-end gap-3">
          {thing && (
            <AlertDialog
              title={`Throw out ${thing.ingredient.name}?`}
              text="Formulas that use it keep what they know of it. It is not offered any more."
              yes="Throw it out"
              onYes={() => void tried(() => drop('ingredient', thing.id))}
            >
              <Button className="mr-auto">Throw out</Button>
            </AlertDialog>
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

function troubleWith(errors: FieldErrors, water: number): string {
  if (water < 0) return 'It adds up to more than 100 %'
  const where = Object.keys(errors).concat(Object.keys(errors.ingredient ?? {}))
  if (where.includes('name')) return 'It needs a name'
  if (where.includes('pricePerKg')) return 'The price is not a figure that can be right'
  if (where.includes('density')) return 'The weight of a millilitre is not a figure that can be right'
  return 'One of the figures cannot be right: each is between 0 and 100'
}
