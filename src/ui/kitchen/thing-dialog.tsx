'use client'

import { type ReactNode, useState } from 'react'
import { useForm } from 'react-hook-form'
import { type KitchenFacts, kitchenSchemas } from '@/contract/kitchen'
import { Box } from '@/ui/kit/box'
import { Button } from '@/ui/kit/button'
import { SheetDialog } from '@/ui/kit/sheet-dialog'
import { usePreferences } from '@/ui/shell/preferences'
import { type Field, type Section, toFact, toText } from './fields'
import { useThings } from './use-things'

interface Props {
  readonly section: Section
  /** The thing to change; null for a new one. */
  readonly thing: (KitchenFacts & { readonly id: string }) | null
  onClose(): void
  /** What else can be done with it: a check, a test. */
  readonly children?: ReactNode
}

type Values = Record<string, string | boolean>
type Facts = Record<string, string | number | boolean | null | undefined>

/** Everything asked about one thing, on a sheet. */
export function ThingDialog({ section, thing, onClose, children }: Props) {
  const { unit } = usePreferences()
  const { keep, drop } = useThings()
  const [trouble, setTrouble] = useState<string | null>(null)
  const facts = { ...section.fresh, ...thing } as Facts
  const { register, handleSubmit, setError, formState } = useForm<Values>({
    // what a check or a test changes below is in the boxes above at once
    values: Object.fromEntries(section.fields.map((f) => [f.name, toText(f, facts[f.name], unit)])),
  })
  const save = handleSubmit(async (values) => {
    const typed = Object.fromEntries(section.fields.map((f) => [f.name, toFact(f, values[f.name] ?? '', unit)]))
    const parsed = kitchenSchemas[section.kind].safeParse({ ...facts, ...typed })
    if (!parsed.success) {
      for (const issue of parsed.error.issues) {
        const field = section.fields.find((f) => f.name === String(issue.path[0]))
        if (field) setError(field.name, { message: wrongWith(field, values[field.name]) })
      }
      return
    }
    await tried(() => keep(section.kind, thing?.id ?? null, parsed.data))
  })
  async function tried(work: () => Promise<void>): Promise<void> {
    try {
      await work()
      onClose()
    } catch (error) {
      setTrouble((error as Error).message)
    }
  }
  return (
    <SheetDialog title={thing ? String(facts.name) : `A new ${section.one}`} about={section.about} onClose={onClose}>
      <form onSubmit={save} className="grid gap-4 sm:grid-cols-2" noValidate>
        {section.fields.map((f) => (
          <OneField
            key={f.name}
            field={f}
            unit={unit}
            problem={formState.errors[f.name]?.message}
            register={register}
          />
        ))}
        {trouble && (
          <p role="alert" className="text-[15px] text-cherry sm:col-span-2">
            {trouble}
          </p>
        )}
        <div className="flex flex-wrap justify-end gap-3 sm:col-span-2">
          {thing && (
            <Button className="mr-auto" onClick={() => tried(() => drop(section.kind, thing.id))}>
              Throw out
            </Button>
          )}
          <Button onClick={onClose}>Leave as it was</Button>
          <Button look="primary" type="submit" disabled={formState.isSubmitting}>
            {thing ? 'Save' : `Add the ${section.one}`}
          </Button>
        </div>
      </form>
      {children}
    </SheetDialog>
  )
}

interface OneFieldProps {
  readonly field: Field
  readonly unit: 'C' | 'F'
  readonly problem?: string
  readonly register: ReturnType<typeof useForm<Values>>['register']
}

function OneField({ field, unit, problem, register }: OneFieldProps) {
  if (field.as === 'choice')
    return (
      <label className="text-[14px] text-muted">
        <span className="mb-1 block">{field.label}</span>
        <select
          {...register(field.name)}
          className="min-h-12 w-full rounded-control border border-line bg-marble px-3 text-[17px] text-ink"
        >
          {field.options?.map((o) => (
            <option key={o.id} value={o.id}>
              {o.label}
            </option>
          ))}
        </select>
      </label>
    )
  if (field.as === 'yes')
    return (
      <label className="flex min-h-12 items-center gap-3 self-end text-[16px]">
        <input type="checkbox" {...register(field.name)} className="size-6 accent-[#1e7a55]" />
        {field.label}
      </label>
    )
  return (
    <Box
      label={field.label}
      unit={field.as === 'temperature' ? `°${unit}` : field.unit}
      hint={field.hint}
      problem={problem}
      inputMode={field.as === 'text' || field.as === 'length' ? undefined : 'decimal'}
      {...register(field.name)}
    />
  )
}

/** What is wrong, in the words of the kitchen. */
function wrongWith(field: Field, text: string | boolean | undefined): string {
  if (field.as === 'text') return 'It needs a name'
  if (text === '') return 'This has to be known'
  return field.as === 'length'
    ? `“${text}” is not a length that can be used`
    : `“${text}” is not a figure that can be right`
}
