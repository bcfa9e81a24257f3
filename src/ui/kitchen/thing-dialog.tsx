'use client'

import { zodResolver } from '@hookform/resolvers/zod'
import { type ReactNode, useState } from 'react'
import { type Control, Controller, type FieldValues, useForm } from 'react-hook-form'
import { type KitchenFacts, kitchenSchemas } from '@/contract/kitchen'
import { AlertDialog } from '@/ui/kit/alert-dialog'
import { Box } from '@/ui/kit/box'
import { Button } from '@/ui/kit/button'
import { NumberField } from '@/ui/kit/number-field'
import { Select } from '@/ui/kit/select'
import { SheetDialog } from '@/ui/kit/sheet-dialog'
import { Switch } from '@/ui/kit/switch'
import type { Field, Section } from './fields'
import { useThings } from './use-things'

interface Props {
  readonly section: Section
  /** The thing to change; null for a new one. */
  readonly thing: (KitchenFacts & { readonly id: string }) | null
  /** With what was done, where something was. */
  onClose(done?: string): void
  /** What else can be done with it: a check, a test. */
  readonly children?: ReactNode
}

/** Everything asked about one thing, on a sheet. */
export function ThingDialog({ section, thing, onClose, children }: Props) {
  const { keep, drop } = useThings()
  const [trouble, setTrouble] = useState<string | null>(null)
  const name = thing && 'name' in thing ? thing.name : ''
  const { control, handleSubmit, formState } = useForm<FieldValues>({
    // what a check or a test changes below is in the boxes above at once
    values: { ...section.fresh, ...thing },
    resolver: zodResolver<FieldValues, unknown, FieldValues>(kitchenSchemas[section.kind] as never),
  })
  async function tried(work: () => Promise<void>, done: string): Promise<void> {
    try {
      await work()
      onClose(done)
    } catch (error) {
      setTrouble((error as Error).message)
    }
  }
  const save = handleSubmit((facts) =>
    tried(() => keep(section.kind, thing?.id ?? null, facts as unknown as KitchenFacts), `${facts.name} is kept`),
  )
  return (
    <SheetDialog title={thing ? name : `A new ${section.one}`} about={section.about} onClose={() => onClose()}>
      <form onSubmit={save} className="grid gap-4 sm:grid-cols-2" noValidate>
        {section.fields.map((f) => (
          <OneField key={f.name} field={f} control={control} />
        ))}
        {trouble && (
          <p role="alert" className="text-body text-cherry sm:col-span-2">
            {trouble}
          </p>
        )}
        <div className="flex flex-wrap justify-end gap-3 sm:col-span-2">
          {thing && (
            <AlertDialog
              title={`Throw out ${name}?`}
              text="Batches made with it keep what they know of it. It is not offered any more."
              yes="Throw it out"
              onYes={() => void tried(() => drop(section.kind, thing.id), `${name} is thrown out`)}
            >
              <Button className="mr-auto">Throw out</Button>
            </AlertDialog>
          )}
          <Button onClick={() => onClose()}>Leave as it was</Button>
          <Button look="primary" type="submit" disabled={formState.isSubmitting}>
            {thing ? 'Save' : `Add the ${section.one}`}
          </Button>
        </div>
      </form>
      {children}
    </SheetDialog>
  )
}

/** One fact, in the control that suits it. */
function OneField({ field, control }: { readonly field: Field; readonly control: Control }) {
  return (
    <Controller
      name={field.name}
      control={control}
      render={({ field: { value, onChange, onBlur, ref }, fieldState }) => {
        const problem = fieldState.error ? wrongWith(field) : undefined
        switch (field.as) {
          case 'text':
            return (
              <Box
                ref={ref}
                label={field.label}
                hint={field.hint}
                problem={problem}
                value={value}
                onChange={onChange}
                onBlur={onBlur}
              />
            )
          case 'date':
            return (
              <Box
                ref={ref}
                type="date"
                label={field.label}
                problem={problem}
                value={value ?? ''}
                onChange={(e) => onChange(e.target.value || (field.optional ? field.optional.nothing : ''))}
                onBlur={onBlur}
              />
            )
          case 'choice':
            return <Select label={field.label} options={field.options ?? []} value={value} onPick={onChange} />
          case 'yes':
            return <Switch label={field.label} on={value} onChange={onChange} />
          default:
            return (
              <NumberField
                label={field.label}
                as={field.as}
                hint={problem ?? field.hint}
                value={value ?? null}
                least={field.least}
                onValue={onChange}
                onEmpty={field.optional && (() => onChange(field.optional?.nothing))}
                onInvalid={() => onChange(Number.NaN)}
              />
            )
        }
      }}
    />
  )
}

/** What is wrong, in the words of the kitchen. */
const wrongWith = (field: Field): string =>
  field.as === 'text' ? 'It needs a name' : 'That is not a figure that can be right'
