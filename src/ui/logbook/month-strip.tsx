'use client'

import type { Find, MonthCount } from '@/contract/logbook'
import { Link } from '@/ui/kit/link'
import { formatCount, sayMonth, scoreNames } from '@/words'
import { addressOf } from './find-sentence'

const HEIGHT = 44
/** By score, 0 for those not judged; told apart by height in the column and by word, never by colour alone. */
const looks = ['bg-line', 'bg-cherry', 'bg-lemon', 'bg-muted', 'bg-angelica/60', 'bg-angelica']

interface Props {
  readonly months: readonly MonthCount[]
  readonly find: Find
  readonly practice: boolean
}

const total = ({ scores }: MonthCount): number => Object.values(scores).reduce((a, b) => a + b, 0)

const inWords = (m: MonthCount): string =>
  `${sayMonth(m.month)}: ${formatCount(total(m))} ${total(m) === 1 ? 'batch' : 'batches'}. ${[5, 4, 3, 2, 1, 0]
    .flatMap((s) => (m.scores[s] ? [`${m.scores[s]} ${s === 0 ? 'not judged' : scoreNames[s - 1]}`] : []))
    .join(', ')}`

/** How many by month, stacked by score: the way to a month. */
export function MonthStrip({ months, find, practice }: Props) {
  const most = Math.max(1, ...months.map(total))
  return (
    <ul className="flex flex-wrap gap-1.5" aria-label="Batches by month">
      {months.toReversed().map((m) => {
        const on = find.month === m.month
        return (
          <li key={m.month}>
            <Link
              href={addressOf('/logbook', { ...find, month: on ? undefined : m.month }, practice)}
              aria-label={inWords(m)}
              aria-current={on || undefined}
              title={inWords(m)}
              className={`flex min-w-16 flex-col gap-1 rounded-control px-2 py-1.5 ${on ? 'bg-bar text-on-bar' : 'bg-sheet hover:brightness-95'}`}
            >
              <span className="flex w-full flex-col justify-end" style={{ height: HEIGHT }} aria-hidden>
                {[0, 1, 2, 3, 4, 5].map((s) => (
                  <span
                    key={s}
                    className={`w-full ${looks[s]}`}
                    style={{ height: (HEIGHT * (m.scores[s] ?? 0)) / most }}
                  />
                ))}
              </span>
              <span className="flex justify-between gap-2 text-fine">
                <span>{sayMonth(m.month).slice(0, 3)}</span>
                <span className="figures">{total(m)}</span>
              </span>
            </Link>
          </li>
        )
      })}
    </ul>
  )
}
