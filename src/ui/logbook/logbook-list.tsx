'use client'

import { format } from 'date-fns'
import Link from 'next/link'
import type { LogbookEntry } from '@/contract/logbook'
import { formatCount, formatGrams } from '@/core'
import { useTemperature } from '@/ui/shell/preferences'
import { outcomeOf } from './outcome'
import { Thumbnail } from './thumbnail'

const toneLook = {
  good: 'bg-angelica text-on-fill',
  mind: 'bg-lemon text-on-lemon',
  none: 'bg-marble text-muted',
} as const

/** Every batch, newest first, by month. */
export function LogbookList({ entries }: { readonly entries: readonly LogbookEntry[] }) {
  const months = new Map<string, LogbookEntry[]>()
  for (const e of entries) {
    const month = format(new Date(e.startedAt), 'MMMM yyyy')
    months.set(month, [...(months.get(month) ?? []), e])
  }
  return (
    <div className="flex flex-col gap-6">
      {[...months].map(([month, list]) => (
        <section key={month} aria-label={month}>
          <h2 className="casual mb-2 flex items-baseline gap-3 text-[20px] font-bold">
            {month}
            <span className="text-[15px] font-normal text-muted">
              {list.filter((e) => outcomeOf(e).tone === 'good').length} of {list.length} on target
            </span>
          </h2>
          <ul className="sheet divide-y divide-line overflow-hidden">
            {list.map((e) => (
              <Row key={e.id} entry={e} />
            ))}
          </ul>
        </section>
      ))}
    </div>
  )
}

function Row({ entry }: { readonly entry: LogbookEntry }) {
  const { say } = useTemperature()
  const outcome = outcomeOf(entry)
  const at = new Date(entry.startedAt)
  return (
    <li>
      <Link href={`/logbook/${entry.id}`} className="flex items-center gap-5 px-5 py-3 hover:bg-marble/60">
        <span className="w-14 shrink-0 text-center">
          <span className="casual block text-[24px] leading-none font-extrabold">{format(at, 'd')}</span>
          <span className="text-[14px] text-muted">{format(at, 'EEE')}</span>
        </span>
        <span className="hidden sm:block">
          <Thumbnail entry={entry} />
        </span>
        <span className="min-w-0 flex-1">
          <span className="casual block truncate text-[18px] font-bold">{entry.formulaName}</span>
          <span className="block truncate text-[14px] text-muted">
            {formatCount(entry.pieces)} pieces · {formatGrams(entry.outGrams)} ·{' '}
            {entry.boilsPlanned > 1 && `${entry.boils.length} of ${entry.boilsPlanned} boils · `}
            {entry.room}
          </span>
          {entry.note && <span className="block truncate text-[14px]">{entry.note}</span>}
        </span>
        <span className="shrink-0 text-right">
          <span className="figures block text-[18px]">
            {outcome.reached === null ? '—' : say(outcome.reached)}
            <span className="text-[14px] text-muted"> of {say(entry.target)}</span>
          </span>
          <span
            className={`mt-1 inline-block rounded-[8px] px-2 py-0.5 text-[13px] font-semibold ${toneLook[outcome.tone]}`}
          >
            {outcome.word}
          </span>
        </span>
      </Link>
    </li>
  )
}
