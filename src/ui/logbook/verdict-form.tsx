'use client'

import { useRouter } from 'next/navigation'
import { type FormEvent, useState } from 'react'
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
  const [text, setText] = useState(note)
  const [mark, setMark] = useState(score)
  const [saved, setSaved] = useState({ note, score })
  const [problem, setProblem] = useState<string | null>(null)

  async function save(event: FormEvent): Promise<void> {
    event.preventDefault()
    try {
      await send('PUT', `/api/batches/${batchId}/verdict`, { note: text, score: mark })
      setSaved({ note: text, score: mark })
      setProblem(null)
      router.refresh()
    } catch (error) {
      setProblem(`${(error as Error).message} Your words are still here.`)
    }
  }

  const changed = text !== saved.note || mark !== saved.score
  return (
    <form onSubmit={save} className="sheet flex flex-col gap-3 p-5">
      <fieldset className="flex gap-1">
        <legend className="casual mb-2 text-title font-bold">How was it?</legend>
        {SCORES.map((word, i) => (
          <button
            key={word}
            type="button"
            aria-pressed={mark === i + 1}
            onClick={() => setMark(mark === i + 1 ? null : i + 1)}
            className={`min-h-11 flex-auto rounded-control px-1.5 text-small font-semibold ${mark === i + 1 ? 'bg-bar text-on-bar' : 'bg-marble hover:brightness-95'}`}
          >
            {word}
          </button>
        ))}
      </fieldset>
      <label htmlFor="note" className="text-body text-muted">
        Note
      </label>
      <textarea
        id="note"
        rows={3}
        maxLength={5000}
        value={text}
        placeholder="Bite, colour, what to change tomorrow"
        onChange={(e) => setText(e.target.value)}
        className="rounded-control border border-line bg-marble/50 p-3 text-main"
      />
      {problem && (
        <p role="alert" className="text-small text-cherry">
          {problem}
        </p>
      )}
      <Button type="submit" look={changed ? 'primary' : 'plain'} disabled={!changed}>
        {changed ? 'Save' : saved.note || saved.score ? 'Saved' : 'Nothing to save'}
      </Button>
    </form>
  )
}
