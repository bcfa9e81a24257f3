'use client'

import { useWindowVirtualizer } from '@tanstack/react-virtual'
import { Columns2 } from 'lucide-react'
import { useEffect, useRef, useState } from 'react'
import type { Find, LogbookEntry, LogbookPage } from '@/contract/logbook'
import { inGrams } from '@/core'
import { Link } from '@/ui/kit/link'
import { get } from '@/ui/kit/send'
import { useSay, useTime } from '@/ui/shell/preferences'
import { flawNames, formatCount, scoreNames } from '@/words'
import { addressOf } from './find-sentence'
import { outcomeOf, sayReached } from './outcome'
import { Thumbnail } from './thumbnail'

const toneLook = {
  good: 'bg-angelica text-on-fill',
  mind: 'bg-lemon text-on-lemon',
  none: 'bg-marble text-muted',
} as const

type Row = { readonly month: string } | { readonly entry: LogbookEntry }

/** Heights to begin with, px; each row is measured once it is drawn. */
const HEIGHT = { month: 52, entry: 92 }
/** The next page is fetched so many rows before the end. */
const AHEAD = 12

/** Every batch, newest first, by month: only what is in sight is drawn, and pages are fetched as they are come to. */
interface Props {
  readonly first: LogbookPage
  readonly find: Find
  readonly practice: boolean
  /** Of batches that are set beside each other: which, and what a touch does. */
  readonly beside: ReadonlySet<string>
  onBeside(id: string): void
}

export function LogbookList({ first, find, practice, beside, onBeside }: Props) {
  const time = useTime()
  const { entries, more, problem } = usePages(first, find, practice)
  const rows = entries.flatMap((entry, i): Row[] => {
    const month = time(entry.startedAt, 'month')
    const before = entries[i - 1]
    return before && time(before.startedAt, 'month') === month ? [{ entry }] : [{ month }, { entry }]
  })
  const list = useRef<HTMLUListElement>(null)
  const [top, setTop] = useState(0)
  useEffect(() => setTop(list.current?.offsetTop ?? 0), [])
  const virtual = useWindowVirtualizer({
    count: rows.length,
    estimateSize: (i) => ('month' in (rows[i] as Row) ? HEIGHT.month : HEIGHT.entry),
    overscan: 8,
    scrollMargin: top,
    // what the server draws, before there is a window to look through
    initialRect: { width: 1280, height: 800 },
    // a page that was scrolled before it came alive still begins as the server drew it
    initialOffset: 0,
  })
  const shown = virtual.getVirtualItems()
  const last = shown.at(-1)?.index ?? 0
  useEffect(() => {
    if (last > rows.length - AHEAD) more()
  }, [last, rows.length, more])
  return (
    <>
      <ul ref={list} className="relative" style={{ height: virtual.getTotalSize() }}>
        {shown.map(({ key, index, start }) => {
          const row = rows[index] as Row
          return (
            <li
              key={key}
              data-index={index}
              ref={virtual.measureElement}
              className="absolute inset-x-0"
              style={{ transform: `translateY(${start - virtual.options.scrollMargin}px)` }}
            >
              {'month' in row ? (
                <h2 className="casual pt-4 pb-2 text-head font-bold">{row.month}</h2>
              ) : (
                <EntryRow entry={row.entry} beside={beside.has(row.entry.id)} onBeside={onBeside} />
              )}
            </li>
          )
        })}
      </ul>
      {problem && (
        <p role="alert" className="py-3 text-body text-cherry">
          {problem}
        </p>
      )}
    </>
  )
}

/** The pages fetched so far, and the way to the next one. */
function usePages(first: LogbookPage, find: Find, practice: boolean) {
  const [pages, setPages] = useState<readonly LogbookPage[]>([first])
  const [problem, setProblem] = useState<string | null>(null)
  const fetching = useRef(false)
  const { next } = pages.at(-1) as LogbookPage
  const more = (): void => {
    if (next === null || fetching.current || problem) return
    fetching.current = true
    const asked = addressOf('/api/logbook', find, practice)
    get<LogbookPage>(`${asked}${asked.includes('?') ? '&' : '?'}after=${encodeURIComponent(next)}`)
      .then(
        (page) => setPages((known) => [...known, page]),
        (error: Error) => setProblem(`${error.message} What is here so far is all that was fetched.`),
      )
      .finally(() => {
        fetching.current = false
      })
  }
  return { entries: pages.flatMap((p) => p.entries), more, problem }
}

interface RowProps {
  readonly entry: LogbookEntry
  readonly beside: boolean
  onBeside(id: string): void
}

function EntryRow({ entry, beside, onBeside }: RowProps) {
  const say = useSay()
  const time = useTime()
  const { reached, target, word } = sayReached(entry, say)
  return (
    <div className={`sheet relative mb-1.5 flex items-stretch ${beside ? 'outline-3 outline-cherry' : ''}`}>
      <Link
        href={`/logbook/${entry.id}`}
        className="flex min-h-20 min-w-0 flex-1 items-center gap-3 rounded-sheet px-4 py-3 hover:brightness-95 sm:gap-5 sm:px-5"
      >
        <span className="w-11 shrink-0 text-center sm:w-14">
          <span className="casual block text-large leading-none font-extrabold">{time(entry.startedAt, 'day')}</span>
          <span className="text-small text-muted">{time(entry.startedAt, 'weekday')}</span>
        </span>
        <span className="hidden sm:block">
          <Thumbnail entry={entry} />
        </span>
        <span className="min-w-0 flex-1">
          <span className="casual block text-title leading-tight font-bold">{entry.formulaName}</span>
          <span className="block text-small text-muted">
            {formatCount(entry.pieces)} pieces · {say.weight(inGrams(entry.outGrams))} ·{' '}
            {entry.boilsPlanned > 1 && `${entry.boils.length} of ${entry.boilsPlanned} boils · `}
            {entry.room}
          </span>
          {entry.note && <span className="line-clamp-1 text-small">{entry.note}</span>}
        </span>
        <span className="hidden w-28 shrink-0 text-small leading-snug md:block">
          {entry.score !== null && <span className="block font-semibold">{scoreNames[entry.score - 1]}</span>}
          {entry.flaws.map((f) => (
            <span key={f} className="block text-cherry">
              {flawNames[f]}
            </span>
          ))}
        </span>
        <span className="shrink-0 text-right sm:w-36">
          <span className="figures block text-title whitespace-nowrap">
            {reached}
            <span className="text-small text-muted"> of {target}</span>
          </span>
          <span
            className={`mt-1 inline-block rounded-inner px-2 py-0.5 text-fine font-semibold ${toneLook[outcomeOf(entry).tone]}`}
          >
            {word}
          </span>
        </span>
      </Link>
      <button
        type="button"
        aria-pressed={beside}
        aria-label={`Set ${entry.formulaName} of ${time(entry.startedAt, 'brief')} beside others`}
        title="Set beside others"
        onClick={() => onBeside(entry.id)}
        className={`grid w-12 shrink-0 place-items-center rounded-r-sheet border-l border-line ${beside ? 'bg-cherry text-on-fill' : 'text-muted hover:bg-marble'}`}
      >
        <Columns2 size={20} aria-hidden />
      </button>
    </div>
  )
}
