'use client'

import { Plus, Search } from 'lucide-react'
import { usePathname, useRouter } from 'next/navigation'
import { useEffect, useEffectEvent, useOptimistic, useState, useTransition } from 'react'
import type { BookPage, BookQuery } from '@/contract/book'
import { allergens, type FamilyId, families, familyIds, inCelsius, inGrams, schoolLabel, schoolsOf } from '@/core'
import { Checkbox } from '@/ui/kit/checkbox'
import { Link } from '@/ui/kit/link'
import { ChoiceList, Slot } from '@/ui/kit/slot'
import { useSay } from '@/ui/shell/preferences'
import { BookCards, nameOf } from './book-cards'
import { EmptyBook } from './empty-book'

interface Props {
  readonly query: BookQuery
  readonly page: BookPage
  /** Own ingredients, by id, for their names. */
  readonly own: Readonly<Record<string, string>>
  readonly now: number
}

const sorts = [
  { id: 'name', label: 'by name' },
  { id: 'cooked', label: 'last cooked first' },
  { id: 'target', label: 'coolest target first' },
] as const

/** A query as an address; what is as usual is left out. */
function addressOf(path: string, q: BookQuery): string {
  const parts: [string, string | number | undefined][] = [
    ['q', q.q || undefined],
    ['family', q.family],
    ['school', q.school],
    ['without', q.without.join(',') || undefined],
    ['from', q.from],
    ['to', q.to],
    ['have', q.have],
    ['grams', q.grams && Math.round(q.grams)],
    ['sort', q.sort === 'name' ? undefined : q.sort],
    ['page', q.page === 1 ? undefined : q.page],
  ]
  const search = new URLSearchParams(parts.flatMap(([k, v]) => (v === undefined ? [] : [[k, String(v)]])))
  return search.size > 0 ? `${path}?${search}` : path
}

/** The book, found in by a sentence: every word in white can be changed. */
export function Book({ query, page, own, now }: Props) {
  const router = useRouter()
  const path = usePathname()
  const [busy, start] = useTransition()
  // a second word may be changed before the book has answered the first
  const [asked, setAsked] = useOptimistic(query)
  const ask = (change: Partial<BookQuery>): void =>
    start(() => {
      const next = { ...asked, page: 1, ...change }
      setAsked(next)
      router.replace(addressOf(path, next), { scroll: false })
    })
  if (page.total === 0 && !isNarrowed(query)) return <EmptyBook />
  const last = Math.max(1, Math.ceil(page.total / page.perPage))
  return (
    <>
      <div className="rounded-sheet bg-bar px-5 py-3">
        <BookSentence query={asked} own={own} onAsk={ask} />
      </div>
      <p className="text-body text-muted" aria-live="polite">
        {busy ? 'Looking …' : found(page.total, query)}
      </p>
      <div className={busy ? 'opacity-60' : ''}>
        <BookCards entries={page.entries} own={own} now={now} />
      </div>
      {last > 1 && (
        <nav aria-label="Pages" className="flex items-center justify-center gap-3 py-2">
          <PageLink on={query.page > 1} label="Earlier" onGo={() => ask({ page: query.page - 1 })} />
          <span className="figures text-body text-muted">
            {query.page} of {last}
          </span>
          <PageLink on={query.page < last} label="Later" onGo={() => ask({ page: query.page + 1 })} />
        </nav>
      )}
    </>
  )
}

/** Whether something is looked for, so that not all of the book is shown. */
const isNarrowed = (query: BookQuery): boolean =>
  Boolean(query.q || query.have || query.family || query.without.length > 0 || query.from || query.to)

function found(total: number, query: BookQuery): string {
  if (total === 0) return 'Nothing like that is in the book. Take a word away, or write it down as a new formula.'
  return `${total} ${total === 1 ? 'formula' : 'formulas'}${isNarrowed(query) ? ' like that' : ''}`
}

function PageLink({ on, label, onGo }: { readonly on: boolean; readonly label: string; onGo(): void }) {
  return (
    <button
      type="button"
      disabled={!on}
      onClick={onGo}
      className="min-h-12 rounded-control bg-sheet px-5 text-body font-semibold disabled:opacity-40"
    >
      {label}
    </button>
  )
}

interface SentenceProps {
  readonly query: BookQuery
  readonly own: Readonly<Record<string, string>>
  onAsk(change: Partial<BookQuery>): void
}

function BookSentence({ query, own, onAsk }: SentenceProps) {
  const say = useSay()
  const family = query.family ? families[query.family] : null
  const schools = query.family ? schoolsOf(query.family) : {}
  return (
    <div className="flex flex-wrap items-center gap-x-2.5 gap-y-2 text-title text-on-bar">
      <SearchBox value={query.q} onSearch={(q) => onAsk({ q })} />
      <span>in</span>
      <Slot label="Family" text={family ? family.label.toLowerCase() : 'every family'}>
        {(close) => (
          <ChoiceList
            value={query.family ?? ''}
            options={[{ id: '', label: 'every family' }, ...familyIds.map((id) => ({ id, label: families[id].label }))]}
            onPick={(id) => {
              onAsk({ family: (id || undefined) as FamilyId | undefined, school: undefined })
              close()
            }}
          />
        )}
      </Slot>
      {query.family && family && (
        <Slot label="School" text={query.school ? schoolLabel(query.family, query.school) : 'any school'}>
          {(close) => (
            <ChoiceList
              value={query.school ?? ''}
              options={[
                { id: '', label: 'any school' },
                ...Object.entries(schools).map(([id, label]) => ({ id, label })),
              ]}
              onPick={(id) => {
                onAsk({ school: id || undefined })
                close()
              }}
            />
          )}
        </Slot>
      )}
      <span>pulled</span>
      <Slot
        label="Target"
        text={
          query.from === undefined && query.to === undefined
            ? 'at any heat'
            : `from ${say.temperature(inCelsius(query.from ?? 100))} to ${say.temperature(inCelsius(query.to ?? 200))}`
        }
      >
        {(close) => (
          <ChoiceList
            value={`${query.from ?? ''}-${query.to ?? ''}`}
            options={heats.map((h) => ({
              id: `${h.from ?? ''}-${h.to ?? ''}`,
              label: h.label,
              detail:
                h.from === undefined || h.to === undefined
                  ? undefined
                  : `${say.temperature(inCelsius(h.from))}–${say.temperature(inCelsius(h.to))}`,
            }))}
            onPick={(id) => {
              const picked = heats.find((h) => `${h.from ?? ''}-${h.to ?? ''}` === id)
              onAsk({ from: picked?.from, to: picked?.to })
              close()
            }}
          />
        )}
      </Slot>
      <span>without</span>
      <Slot label="Without" text={query.without.length > 0 ? query.without.join(', ') : 'nothing to avoid'}>
        {() => (
          <ul>
            {allergens.map((a) => (
              <li key={a}>
                <Checkbox
                  className="text-main"
                  checked={query.without.includes(a)}
                  onChange={(on) =>
                    onAsk({ without: on ? [...query.without, a] : query.without.filter((x) => x !== a) })
                  }
                >
                  {a}
                </Checkbox>
              </li>
            ))}
          </ul>
        )}
      </Slot>
      {query.have && (
        <>
          <span>with</span>
          <span className="flex items-center rounded-control bg-slot pr-1 pl-3 text-lead font-semibold text-on-slot">
            {query.grams !== undefined && `${say.weight(inGrams(query.grams))} of `}
            {nameOf(query.have, own)}
            <button
              type="button"
              aria-label="Forget what I have"
              className="ml-1 grid size-8 place-items-center rounded-inner text-head hover:bg-slot-hover"
              onClick={() => onAsk({ have: undefined, grams: undefined })}
            >
              ×
            </button>
          </span>
        </>
      )}
      <span className="ml-auto" />
      <Slot label="Order" text={sorts.find((s) => s.id === query.sort)?.label ?? ''}>
        {(close) => (
          <ChoiceList
            value={query.sort}
            options={sorts}
            onPick={(id) => {
              onAsk({ sort: id as BookQuery['sort'] })
              close()
            }}
          />
        )}
      </Slot>
    </div>
  )
}

/** ◊ Heats as makers group them. */
const heats: readonly { label: string; from?: number; to?: number }[] = [
  { label: 'at any heat' },
  { label: 'to pour or fill', from: 100, to: 111 },
  { label: 'fudge and marshmallow', from: 111, to: 117 },
  { label: 'to cut', from: 117, to: 127 },
  { label: 'nougat and soft crack', from: 127, to: 146 },
  { label: 'to snap', from: 146, to: 175 },
]

const PAUSE_MS = 220

/** Looks a moment after the last letter; "400 g cream" asks what can be made with it. */
function SearchBox({ value, onSearch }: { readonly value: string; onSearch(q: string): void }) {
  const [text, setText] = useState(value)
  const [seen, setSeen] = useState(value)
  const [sent, setSent] = useState(value)
  // the book took the words for something else, or went back to others; letters it was not yet asked about stay
  if (value !== seen) {
    setSeen(value)
    if (text.trim() === sent && sent !== value) {
      setText(value)
      setSent(value)
    }
  }
  const search = (typed: string): void => {
    setSent(typed)
    onSearch(typed)
  }
  const look = useEffectEvent((typed: string) => {
    if (typed !== value) search(typed)
  })
  useEffect(() => {
    const pause = setTimeout(() => look(text.trim()), PAUSE_MS)
    return () => clearTimeout(pause)
  }, [text])
  return (
    <search className="relative">
      <Search size={18} aria-hidden className="absolute top-1/2 left-3 -translate-y-1/2 text-slot-muted" />
      <input
        type="search"
        aria-label="Find a formula, or say what you have"
        placeholder="caramel, or “400 g cream”"
        value={text}
        maxLength={100}
        onChange={(e) => setText(e.target.value)}
        onKeyDown={(e) => {
          if (e.key === 'Enter') search(text.trim())
        }}
        className="min-h-11 w-[300px] max-w-full rounded-control bg-slot pr-3 pl-9 text-lead text-on-slot placeholder:text-slot-muted"
      />
    </search>
  )
}

/** The ways into a new formula. */
export function NewFormula() {
  return (
    <Link
      href="/formulas/new"
      className="flex min-h-12 items-center gap-2 rounded-control bg-cherry px-5 text-main font-semibold text-on-fill hover:brightness-110"
    >
      <Plus size={19} aria-hidden />
      New formula
    </Link>
  )
}
