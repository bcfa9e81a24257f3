'use client'

import { Check, TriangleAlert, X } from 'lucide-react'
import type { ReactNode } from 'react'
import type { Tone, Verdict } from '@/core'
import { Link } from '@/ui/kit/link'
import { For, useSay } from '@/ui/shell/preferences'
import { sayVerdict } from '@/words'

const marks: Record<Tone, { Icon: typeof Check; look: string; word: string }> = {
  good: { Icon: Check, look: 'bg-angelica text-on-fill', word: 'Good' },
  mind: { Icon: TriangleAlert, look: 'bg-lemon text-on-lemon', word: 'Mind this' },
  bad: { Icon: X, look: 'bg-cherry text-on-fill', word: 'Will not do' },
}

interface Props {
  readonly verdicts: readonly Verdict[]
  /** Where it can be turned round; null for what is not boiled as a whole. */
  readonly balance: string | null
  /** What past batches say, of a formula that has been cooked by itself. */
  readonly children?: ReactNode
}

export function VerdictList({ verdicts, balance, children }: Props) {
  const say = useSay()
  return (
    <section aria-labelledby="verdicts" className="sheet flex-1 px-5 py-4">
      <div className="flex items-baseline justify-between gap-3">
        <h2 id="verdicts" className="casual text-title font-bold">
          What this will be
        </h2>
        {balance && (
          <For may="owner">
            <Link href={balance} className="text-body underline underline-offset-4">
              Balance it
            </Link>
          </For>
        )}
      </div>
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
        {children}
      </ul>
    </section>
  )
}
