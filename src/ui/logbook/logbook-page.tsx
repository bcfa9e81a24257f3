'use client'

import { useState } from 'react'
import { MOST_BESIDE } from '@/contract/choices'
import type { Find, LogbookFacets, LogbookPage } from '@/contract/logbook'
import { Link } from '@/ui/kit/link'
import { Empty } from '@/ui/kit/state'
import { formatCount } from '@/words'
import { addressOf, FindSentence, isAsked } from './find-sentence'
import { LogbookList } from './logbook-list'
import { MonthStrip } from './month-strip'

/** Looks that are named; the rest are counted. */
const MOST_DUE = 4

interface Props {
  readonly first: LogbookPage
  readonly find: Find
  readonly facets: LogbookFacets
  readonly practice: boolean
  /** To be looked at again, the first due first. */
  readonly due: readonly { readonly id: string; readonly name: string; readonly days: number }[]
}

/** Every batch: asked for by a sentence, counted by month, set beside each other. */
export function LogbookView({ first, find, facets, practice, due }: Props) {
  const [beside, setBeside] = useState<ReadonlySet<string>>(new Set())
  const toggle = (id: string): void =>
    setBeside((now) => {
      if (now.has(id)) return new Set([...now].filter((x) => x !== id))
      return now.size < MOST_BESIDE ? new Set([...now, id]) : now
    })
  const count = facets.months.reduce((sum, m) => sum + Object.values(m.scores).reduce((a, b) => a + b, 0), 0)
  if (first.entries.length === 0 && !isAsked(find))
    return (
      <Empty
        title={practice ? 'No practice yet' : 'No batch yet'}
        text={
          practice
            ? 'A practice clock runs ten or sixty times as fast; it is chosen when a batch is started.'
            : 'Every batch you cook is kept here with its curve.'
        }
        href="/formulas"
        action="Choose a formula"
      />
    )
  return (
    <>
      <FindSentence find={find} facets={facets} practice={practice} />
      {due.length > 0 && !isAsked(find) && (
        <p className="flex flex-wrap items-center gap-x-3 gap-y-1 rounded-sheet bg-lemon px-5 py-3 text-main text-on-lemon">
          <strong>Look again:</strong>
          {due.slice(0, MOST_DUE).map((d) => (
            <Link key={`${d.id} ${d.days}`} href={`/logbook/${d.id}#again`} className="underline underline-offset-4">
              {d.name}, {d.days === 1 ? 'a day' : d.days === 7 ? 'a week' : 'a month'} on
            </Link>
          ))}
          {due.length > MOST_DUE && <span>and {due.length - MOST_DUE} more</span>}
        </p>
      )}
      <div className="flex flex-wrap items-end justify-between gap-x-6 gap-y-2">
        <MonthStrip months={facets.months} find={find} practice={practice} />
        <p className="text-body text-muted" aria-live="polite">
          {first.entries.length === 0
            ? 'No batch is like that. Take a word away.'
            : `${formatCount(count)} ${count === 1 ? 'batch' : 'batches'}${isAsked(find) ? ' like that' : ''}`}
        </p>
      </div>
      <LogbookList
        key={addressOf('/', find, practice)}
        first={first}
        find={find}
        practice={practice}
        beside={beside}
        onBeside={toggle}
      />
      {beside.size > 0 && (
        <div className="sticky bottom-4 z-10 flex items-center gap-3 self-center rounded-sheet bg-bar px-5 py-3 text-main text-on-bar">
          <span>
            {beside.size} {beside.size === 1 ? 'batch' : 'batches'} chosen
          </span>
          <button type="button" onClick={() => setBeside(new Set())} className="min-h-11 px-3 underline">
            None
          </button>
          <Link
            href={`/logbook/beside?ids=${[...beside].join(',')}`}
            className="flex min-h-11 items-center rounded-control bg-cherry px-5 font-semibold text-on-fill"
          >
            {beside.size === 1 ? 'Set beside the ones before it' : 'Set side by side'}
          </Link>
        </div>
      )}
    </>
  )
}
