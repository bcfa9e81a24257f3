'use client'

import { useTime } from '@/ui/shell/preferences'
import { sayLink, whatIfWords } from '@/words'
import type { Planned, usePlan } from './use-day'

/** ◊ s a what-if has to gain to be worth saying. */
const WORTH = 300

interface HoldUpProps {
  readonly planned: Planned
  readonly whatIfs: ReturnType<typeof usePlan>['whatIfs']
  readonly names: Readonly<Record<string, string>>
  readonly first: number
  readonly by: number
  thing(id: string): string
}

/** The chain that decides the end, and what it would be with one thing more. */
export function HoldUp({ planned: { plan, chain }, whatIfs, names, first, by, thing }: HoldUpProps) {
  const time = useTime()
  const clock = (s: number): string => time(first + 1000 * s, 'clock')
  const late = plan.late.length + plan.missing.length
  const gains = (whatIfs ?? []).filter((w) => w.late < late || (w.late === late && plan.end - w.end > WORTH))
  return (
    <section aria-labelledby="hold" className="sheet p-5 max-lg:order-3">
      <h2 id="hold" className="casual text-title font-bold">
        What holds it up
      </h2>
      <ol className="mt-1 text-body leading-snug">
        {chain
          .toReversed()
          .slice(-7)
          .map((l) => (
            <li key={l.task.task.id} className="flex gap-3 border-b border-line py-1 last:border-0">
              <span className="figures w-12 shrink-0 text-muted">{clock(l.task.start)}</span>
              <span>{sayLink(l, names[l.task.block] ?? '', thing)}</span>
            </li>
          ))}
      </ol>
      <p className="mt-2 text-body" aria-live="polite">
        {whatIfs === null
          ? 'Trying with one more cook, ring or pot …'
          : gains.length === 0
            ? 'One more cook, ring or pot would not end it sooner.'
            : gains
                .map(
                  (w) =>
                    `${whatIfWords[w.what]}${w.item ? ` (${names[w.item]})` : ''}: ready ${clock(w.end)}${w.late < late ? `, ${late - w.late} more in time` : ''}.`,
                )
                .join(' ')}
        {plan.end > by && ' It cannot all be ready by then with what there is.'}
      </p>
    </section>
  )
}
