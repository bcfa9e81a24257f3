'use client'

import { zodResolver } from '@hookform/resolvers/zod'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { Controller, useForm } from 'react-hook-form'
import { type BatchVerdict, verdictSchema } from '@/contract/verdict'
import { Button } from '@/ui/kit/button'
import { send } from '@/ui/kit/send'

interface Props {
  readonly batchId: string
  readonly note: string
  readonly score: number | null
}

const SCORES = ['bin', 'seconds', 'fair', 'good', 'best'] as const

/** What is thought of a batch: a score and what to remember. */
export function BatchVerdictForm({ batchId, note, score }: Props) {
  const router = useRouter()
  const { control, register, handleSubmit, reset, formState } = useForm<BatchVerdict>({
    defaultValues: { note, score },
    resolver: zodResolver(verdictSchema),
  })
  const [problem, setProblem] = useState<string | null>(null)

  const save = handleSubmit(async (verdict) => {
    try {
      await send('PUT', `/api/batches/${batchId}/verdict`, { ...verdict, from: formState.defaultValues })
      reset(verdict)
      setProblem(null)
      router.refresh()
    } catch (error) {
      setProblem(`${(error as Error).message} Your words are still here.`)
    }
  })

  const changed = formState.isDirty
  const said = problem ?? formState.errors.note?.message
  return (
    <form onSubmit={save} className="sheet flex flex-col gap-3 p-5">
      <Controller
        name="score"
        control={control}
        render={({ field }) => (
          <fieldset className="flex gap-1">
            <legend className="casual mb-2 text-title font-bold">How was it?</legend>
            {SCORES.map((word, i) => (
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
      <label htmlFor="note" className="text-body text-muted">
        Note
      </label>
      <textarea
        id="note"
        rows={3}
        maxLength={5000}
        placeholder="Bite, colour, what to change tomorrow"
        aria-describedby={said ? 'note-trouble' : undefined}
        {...register('note')}
        className="rounded-control border border-line bg-marble/50 p-3 text-main"
      />
      {said && (
        <p id="note-trouble" role="alert" className="text-small text-cherry">
          {said}
        </p>
      )}
      <Button type="submit" look={changed ? 'primary' : 'plain'} disabled={!changed}>
        {changed
          ? 'Save'
          : formState.defaultValues?.note || formState.defaultValues?.score
            ? 'Saved'
            : 'Nothing to save'}
      </Button>
    </form>
  )
}
