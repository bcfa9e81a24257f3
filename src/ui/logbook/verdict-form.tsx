'use client'

import { zodResolver } from '@hookform/resolvers/zod'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { type Control, Controller, useForm } from 'react-hook-form'
import { againAfter, type BatchVerdict, verdictSchema } from '@/contract/verdict'
import { type FamilyId, type FlawId, flawIds, type ScaleId, STEPS, scaleIds, type Tasting } from '@/core'
import { Box } from '@/ui/kit/box'
import { Button } from '@/ui/kit/button'
import { NumberField } from '@/ui/kit/number-field'
import { send } from '@/ui/kit/send'
import { flawNames, scaleIn, scoreNames } from '@/words'

interface Props {
  readonly batchId: string
  readonly family: FamilyId
  readonly verdict: BatchVerdict
}

/** What is thought of a batch: a score, what eyes and teeth say, what is wrong with it, and what to remember. */
export function BatchVerdictForm({ batchId, family, verdict }: Props) {
  const router = useRouter()
  const { control, register, handleSubmit, reset, formState } = useForm<BatchVerdict>({
    defaultValues: verdict,
    resolver: zodResolver(verdictSchema),
  })
  const [problem, setProblem] = useState<string | null>(null)

  const save = handleSubmit(
    async (next) => {
      try {
        await send('PUT', `/api/batches/${batchId}/verdict`, { ...next, from: verdict })
        reset(next)
        setProblem(null)
        router.refresh()
      } catch (error) {
        setProblem(`${(error as Error).message} Your words are still here.`)
      }
    },
    () => setProblem('Something here is not a figure that can be right. Your words are still here.'),
  )

  const changed = formState.isDirty
  return (
    <form onSubmit={changed ? save : (e) => e.preventDefault()} className="sheet flex flex-col gap-4 p-5">
      <Score control={control} />
      <Tastes control={control} family={family} />
      <Flaws control={control} />
      <Binned control={control} />
      <Kept control={control} family={family} />
      <label className="flex flex-col gap-1 text-body text-muted">
        Note
        <textarea
          rows={2}
          maxLength={5000}
          placeholder="What to remember, what to change tomorrow"
          aria-describedby={problem ? 'note-trouble' : undefined}
          {...register('note')}
          className="rounded-control border border-line bg-marble/50 p-3 text-main text-ink"
        />
      </label>
      {problem && (
        <p id="note-trouble" role="alert" className="text-small text-cherry">
          {problem}
        </p>
      )}
      {/* a figure that is being typed counts when its box is left, by this very press */}
      <Button type="submit" look={changed ? 'primary' : 'plain'} aria-disabled={!changed}>
        {changed ? 'Save' : verdict.note || verdict.score ? 'Saved' : 'Nothing to save'}
      </Button>
    </form>
  )
}

type Controlled = { readonly control: Control<BatchVerdict> }

function Score({ control }: Controlled) {
  return (
    <Controller
      name="score"
      control={control}
      render={({ field }) => (
        <fieldset className="flex gap-1">
          <legend className="casual mb-2 text-title font-bold">How was it?</legend>
          {scoreNames.map((word, i) => (
            <button
              key={word}
              type="button"
              aria-pressed={field.value === i + 1}
              onClick={() => field.onChange(field.value === i + 1 ? null : i + 1)}
              className={`min-h-11 flex-auto rounded-control px-1.5 text-small font-semibold ${field.value === i + 1 ? 'bg-bar text-on-bar' : 'bg-marble hover:brightness-95'}`}
            >
              {word}
            </button>
          ))}
        </fieldset>
      )}
    />
  )
}

/** Short scales in this family's own words; a touch on the same step again takes it back. And what a piece weighs. */
function Tastes({ control, family }: Controlled & { readonly family: FamilyId }) {
  return (
    <Controller
      name="judged.tasting"
      control={control}
      render={({ field: { value, onChange } }) => {
        const keep = (next: Tasting): void =>
          onChange(
            Object.keys(next.scales).length > 0 || next.pieceGrams !== undefined || next.colourC !== undefined
              ? next
              : null,
          )
        const taste: Tasting = value ?? { scales: {} }
        return (
          <div className="flex flex-col gap-1.5">
            {scaleIds.map((id) => (
              <Scale
                key={id}
                id={id}
                family={family}
                value={taste.scales[id]}
                onPick={(mark) => {
                  const { [id]: _, ...scales } = taste.scales
                  keep({ ...taste, scales: mark === undefined ? scales : { ...scales, [id]: mark } })
                }}
              />
            ))}
            <NumberField
              label="A piece weighs"
              as="weight"
              value={taste.pieceGrams ?? null}
              onValue={(pieceGrams) => keep({ ...taste, pieceGrams })}
              onEmpty={() => keep({ scales: taste.scales, ...(taste.colourC && { colourC: taste.colourC }) })}
              onInvalid={() => onChange({ ...taste, pieceGrams: Number.NaN })}
            />
          </div>
        )
      }}
    />
  )
}

interface ScaleProps {
  readonly id: ScaleId
  readonly family: FamilyId
  readonly value: number | undefined
  /** What it is called where not by its own name. */
  readonly title?: string
  onPick(mark: number | undefined): void
}

function Scale({ id, family, value, onPick, ...named }: ScaleProps) {
  const { steps, ...own } = scaleIn(family, id)
  const title = named.title ?? own.title
  return (
    <fieldset className="grid grid-cols-[88px_minmax(0,1fr)_112px] items-center gap-2 text-small">
      <legend className="contents">
        <span className="text-muted">{title}</span>
      </legend>
      <span className="flex gap-0.5">
        {Array.from({ length: STEPS }, (_, i) => (
          <button
            key={steps[i]}
            type="button"
            aria-label={`${title}: ${steps[i]}`}
            aria-pressed={value === i + 1}
            title={steps[i]}
            onClick={() => onPick(value === i + 1 ? undefined : i + 1)}
            className="grid min-h-9 flex-1 place-items-center rounded-inner hover:bg-marble"
          >
            <span
              className={`rounded-full ${value === i + 1 ? 'size-4 bg-bar' : 'size-2.5 border-2 border-muted bg-sheet'}`}
              aria-hidden
            />
          </button>
        ))}
      </span>
      <span className="truncate font-semibold" aria-hidden>
        {value === undefined ? '' : steps[value - 1]}
      </span>
    </fieldset>
  )
}

/** What is wrong with it, if anything: several may be. */
function Flaws({ control }: Controlled) {
  return (
    <Controller
      name="judged.flaws"
      control={control}
      render={({ field: { value, onChange } }) => (
        <details className="text-small" open={value.length > 0}>
          <summary className="min-h-9 cursor-pointer content-center text-body text-muted">
            {value.length > 0 ? 'What is wrong with it' : 'Something wrong with it?'}
          </summary>
          <div className="mt-1 flex flex-wrap gap-1.5">
            {flawIds.map((id: FlawId) => (
              <button
                key={id}
                type="button"
                aria-pressed={value.includes(id)}
                onClick={() => onChange(value.includes(id) ? value.filter((f) => f !== id) : [...value, id])}
                className={`min-h-9 rounded-control px-2.5 font-semibold ${value.includes(id) ? 'bg-cherry text-on-fill' : 'bg-marble hover:brightness-95'}`}
              >
                {flawNames[id]}
              </button>
            ))}
          </div>
        </details>
      )}
    />
  )
}

const after = { 1: 'A day on', 7: 'A week on', 30: 'A month on' } as const

/** How it kept, as it was found after a day, a week and a month. */
function Kept({ control, family }: Controlled & { readonly family: FamilyId }) {
  return (
    <Controller
      name="judged.kept"
      control={control}
      render={({ field: { value, onChange } }) => (
        <details id="again" className="text-small" open={value.length > 0}>
          <summary className="min-h-9 cursor-pointer content-center text-body text-muted">How did it keep?</summary>
          {againAfter.map((days) => {
            const found = value.find((k) => k.days === days)
            return (
              <Scale
                key={days}
                id="stick"
                title={after[days]}
                family={family}
                value={found?.stick}
                onPick={(stick) => {
                  const others = value.filter((k) => k.days !== days)
                  onChange(
                    stick === undefined ? others : [...others, { ...found, days, stick, note: found?.note ?? '' }],
                  )
                }}
              />
            )
          })}
        </details>
      )}
    />
  )
}

/** What was thrown away, and why. */
function Binned({ control }: Controlled) {
  return (
    <Controller
      name="judged.binned"
      control={control}
      render={({ field: { value, onChange } }) => (
        <div className="grid grid-cols-[120px_minmax(0,1fr)] gap-3">
          <NumberField
            label="Binned, pieces"
            as="number"
            value={value?.pieces ?? null}
            onValue={(pieces) => onChange({ pieces, reason: value?.reason ?? '' })}
            onEmpty={() => onChange(null)}
            onInvalid={() => onChange({ pieces: Number.NaN, reason: '' })}
          />
          {value && (
            <Box
              label="Because"
              value={value.reason}
              onChange={(e) => onChange({ ...value, reason: e.target.value })}
            />
          )}
        </div>
      )}
    />
  )
}
