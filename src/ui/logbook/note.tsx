'use client'

import { useRouter } from 'next/navigation'
import { type FormEvent, useState } from 'react'
import { Button } from '@/ui/kit/button'
import { send } from '@/ui/kit/send'

interface Props {
  readonly batchId: string
  readonly note: string
}

/** What to remember of a batch. */
export function BatchNote({ batchId, note }: Props) {
  const router = useRouter()
  const [text, setText] = useState(note)
  const [saved, setSaved] = useState(note)
  const [problem, setProblem] = useState<string | null>(null)

  async function save(event: FormEvent): Promise<void> {
    event.preventDefault()
    try {
      await send('PUT', `/api/batches/${batchId}/note`, { note: text })
      setSaved(text)
      setProblem(null)
      router.refresh()
    } catch (error) {
      setProblem(`${(error as Error).message} Your words are still here.`)
    }
  }

  return (
    <form onSubmit={save} className="sheet flex flex-col gap-3 p-5">
      <label htmlFor="note" className="casual text-[18px] font-bold">
        Note
      </label>
      <textarea
        id="note"
        rows={4}
        maxLength={5000}
        value={text}
        placeholder="Bite, colour, what to change tomorrow"
        onChange={(e) => setText(e.target.value)}
        className="rounded-control border border-line bg-marble/50 p-3 text-[16px]"
      />
      {problem && (
        <p role="alert" className="text-[14px] text-cherry">
          {problem}
        </p>
      )}
      <Button type="submit" look={text === saved ? 'plain' : 'primary'} disabled={text === saved}>
        {text === saved ? (saved ? 'Saved' : 'Nothing to save') : 'Save the note'}
      </Button>
    </form>
  )
}
