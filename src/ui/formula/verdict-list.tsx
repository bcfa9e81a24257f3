'use client'

import { Check, NotebookPen, TriangleAlert, X } from 'lucide-react'
import type { Tone, Verdict } from '@/core'
import { useSay } from '@/ui/shell/preferences'
import { sayVerdict } from '@/words'
import type { Said } from '@/words/said'

const marks: Record<Tone, { Icon: typeof Check; look: string; word: string }> = {
  good: { Icon: Check, look: 'bg-angelica text-on-fill', word: 'Good' },
  mind: { Icon: TriangleAlert, look: 'bg-lemon text-on-lemon', word: 'Mind this' },
  bad: { Icon: X, look: 'bg-cherry text-on-fill', word: 'Will not do' },
}

interface Props {
  readonly verdicts: readonly Verdict[]
  /** What past batches say, of a formula that has been cooked by itself. */
  readonly advice: Said | null
}

export function VerdictList({ verdicts, advice }: Props) {
  const say = useSay()
  return (
    <section aria-labelledby="verdicts" className="sheet flex-1 px-5 py-4">
      <h2 id="verdicts" className="casual text-title font-bold">
        What this will be
      </h2>
      <ul className="mt-1">
        {verdicts.map((v, i) => {
          const said = sayVerdict(v, say)
          const { Icon, look, word } = marks[v.tone]
          return (
            <li key={`${v.id}${i}`} className="flex gap-4 border-b border-line py-2">
              <span className={`mt-0.5 grid size-7 shrink-0 place-items-center rounded-inner ${look}`} title={word}>
                <Icon size={17} strokeWidth={2.5} aria-label={word} />
              </span>
              <div>
                <p className="casual text-main leading-snug font-semibold">{said.text}</p>
                <p className="text-small leading-snug text-muted">{said.detail}</p>
              </div>
            </li>
          )
        })}
        {advice && (
          <li className="flex gap-4 py-2">
            <span className="mt-0.5 grid size-7 shrink-0 place-items-center rounded-inner bg-bar text-on-bar">
              <NotebookPen size={16} aria-label="From the logbook" />
            </span>
            <div>
              <p className="casual text-main leading-snug font-semibold">{advice.text}</p>
              <p className="text-small leading-snug text-muted">{advice.detail}</p>
            </div>
          </li>
        )}
      </ul>
    </section>
  )
}
