'use client'

import { Search } from 'lucide-react'
import { usePathname, useRouter } from 'next/navigation'
import { useOptimistic, useState, useTransition } from 'react'
import { scoreBands } from '@/contract/choices'
import type { Find, LogbookFacets } from '@/contract/logbook'
import { type FamilyId, type FlawId, families, familyIds, flawIds } from '@/core'
import { ChoiceList, Slot } from '@/ui/kit/slot'
import { flawNames, readFind, sayMonth } from '@/words'

/** A search as an address; what is not asked is left out. */
export function addressOf(path: string, find: Find, practice: boolean): string {
  const search = new URLSearchParams(
    Object.entries(find).flatMap(([k, v]) => (v === undefined || v === '' ? [] : [[k, String(v)]])),
  )
  if (practice) search.set('practice', '')
  return search.size > 0 ? `${path}?${search}` : path
}

export const isAsked = (find: Find): boolean => Object.values(find).some((v) => v !== undefined && v !== '')

interface Props {
  readonly find: Find
  readonly facets: LogbookFacets
  readonly practice: boolean
}

const pulledWords = { early: 'pulled early', on: 'pulled on target', late: 'pulled late' } as const
const scoreWords: Record<keyof typeof scoreBands, string> = {
  poor: 'scored under fair',
  fair: 'scored fair',
  good: 'scored good or best',
  best: 'scored best',
}

/** The log, found in by a sentence: typed as one, or word by word. */
export function FindSentence({ find, facets, practice }: Props) {
  const router = useRouter()
  const path = usePathname()
  const [busy, start] = useTransition()
  const [asked, setAsked] = useOptimistic(find)
  const ask = (change: Partial<Find>): void =>
    start(() => {
      const next = { ...asked, ...change }
      setAsked(next)
      router.replace(addressOf(path, next, practice), { scroll: false })
    })
  const formula = facets.formulas.find((f) => f.id === asked.formula)
  return (
    <div
      className="flex flex-wrap items-center gap-x-2.5 gap-y-2 rounded-sheet bg-bar px-5 py-3 text-title text-on-bar"
      aria-busy={busy}
    >
      <AskBox key={asked.q} value={asked.q} onAsk={(text) => ask(readFind(text, facets))} />
      <Choice
        label="What"
        value={asked.formula ? `f ${asked.formula}` : asked.family ? `k ${asked.family}` : ''}
        any="everything"
        text={formula?.name ?? (asked.family && families[asked.family].label.toLowerCase())}
        options={[
          ...facets.formulas.map((f) => ({ id: `f ${f.id}`, label: f.name })),
          ...familyIds.map((id) => ({ id: `k ${id}`, label: `any ${families[id].label.toLowerCase()}` })),
        ]}
        onPick={(id) =>
          ask({
            formula: id.startsWith('f ') ? id.slice(2) : undefined,
            family: id.startsWith('k ') ? (id.slice(2) as FamilyId) : undefined,
          })
        }
      />
      <Choice
        label="Ring"
        value={asked.ring ?? ''}
        any="on any ring"
        text={asked.ring && `on ${asked.ring}`}
        options={facets.rings.map((id) => ({ id, label: id }))}
        onPick={(ring) => ask({ ring: ring || undefined })}
      />
      <Choice
        label="Pull"
        value={asked.pulled ?? ''}
        any="however pulled"
        text={asked.pulled && pulledWords[asked.pulled]}
        options={Object.entries(pulledWords).map(([id, label]) => ({ id, label }))}
        onPick={(id) => ask({ pulled: (id || undefined) as Find['pulled'] })}
      />
      <Choice
        label="Score"
        value={asked.score ?? ''}
        any="of any score"
        text={asked.score && scoreWords[asked.score]}
        options={Object.keys(scoreBands).map((id) => ({ id, label: scoreWords[id as keyof typeof scoreBands] }))}
        onPick={(id) => ask({ score: (id || undefined) as Find['score'] })}
      />
      <Choice
        label="Fault"
        value={asked.flaw ?? ''}
        any="with or without fault"
        text={asked.flaw && flawNames[asked.flaw]}
        options={flawIds.map((id) => ({ id, label: flawNames[id] }))}
        onPick={(id) => ask({ flaw: (id || undefined) as FlawId | undefined })}
      />
      {asked.month && <Told text={`in ${sayMonth(asked.month)}`} onForget={() => ask({ month: undefined })} />}
      {asked.revision && <Told text={`of revision ${asked.revision}`} onForget={() => ask({ revision: undefined })} />}
    </div>
  )
}

interface ChoiceProps {
  readonly label: string
  readonly value: string
  readonly any: string
  readonly text: string | undefined
  readonly options: readonly { readonly id: string; readonly label: string }[]
  onPick(id: string): void
}

function Choice({ label, value, any, text, options, onPick }: ChoiceProps) {
  return (
    <Slot label={label} text={text || any} quiet={!text}>
      {(close) => (
        <ChoiceList
          value={value}
          options={[{ id: '', label: any }, ...options]}
          onPick={(id) => {
            onPick(id)
            close()
          }}
        />
      )}
    </Slot>
  )
}

function Told({ text, onForget }: { readonly text: string; onForget(): void }) {
  return (
    <span className="flex items-center rounded-control bg-slot pr-1 pl-3 text-lead font-semibold text-on-slot">
      {text}
      <button
        type="button"
        aria-label={`Forget “${text}”`}
        className="ml-1 grid size-8 place-items-center rounded-inner text-head hover:bg-slot-hover"
        onClick={onForget}
      >
        ×
      </button>
    </span>
  )
}

function AskBox({ value, onAsk }: { readonly value: string; onAsk(text: string): void }) {
  const [text, setText] = useState(value)
  return (
    <search className="relative">
      <form
        onSubmit={(e) => {
          e.preventDefault()
          onAsk(text.trim())
        }}
      >
        <Search size={18} aria-hidden className="absolute top-1/2 left-3 -translate-y-1/2 text-slot-muted" />
        <input
          type="search"
          aria-label="Ask the log"
          placeholder="toffee · late · October"
          value={text}
          maxLength={100}
          onChange={(e) => setText(e.target.value)}
          className="min-h-11 w-[300px] max-w-full rounded-control bg-slot pr-3 pl-9 text-lead text-on-slot placeholder:text-slot-muted"
        />
      </form>
    </search>
  )
}
