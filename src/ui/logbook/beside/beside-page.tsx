'use client'

import { ArrowLeft } from 'lucide-react'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import type { Beside, BesideBatch } from '@/contract/logbook'
import { inCelsius, inCelsiusStep, inGrams } from '@/core'
import { useKeys } from '@/ui/kit/keys'
import { Link } from '@/ui/kit/link'
import { Segments } from '@/ui/kit/segments'
import { ChoiceList, Slot } from '@/ui/kit/slot'
import { useSay, useTime } from '@/ui/shell/preferences'
import { flawNames, sayUnusual, scoreNames } from '@/words'
import { sayReached } from '../outcome'
import { Curves, type LinedUp, spanOf, zeroOf } from './curves'
import { lookOf } from './looks'
import { PullRun } from './pull-run'

const LADDER = [105, 110, 115, 120, 130, 140]
/** Of the stretch shown, what one press moves it by, and what it becomes at one press closer. */
const STEP = 0.2
const CLOSER = 0.6

/** Batches side by side on the ladder, and what was different about the first. */
export function BesidePage({ data: cooked, after }: { readonly data: Beside; readonly after: boolean }) {
  const router = useRouter()
  const data = after ? { ...cooked, batches: cooked.batches.map((b) => ({ ...b, curve: b.cools })) } : cooked
  const [at, setAt] = useState<LinedUp>('pull')
  const [zoom, setZoom] = useState<readonly [number, number] | null>(null)
  const first = data.batches[0] as BesideBatch
  const change = (next: (from: number, to: number) => readonly [number, number]): void =>
    setZoom((z) => next(...((z ?? spanOf(data.batches, at, after)) as [number, number])))
  useKeys({
    sooner: () => change((a, b) => [a - STEP * (b - a), b - STEP * (b - a)]),
    later: () => change((a, b) => [a + STEP * (b - a), b + STEP * (b - a)]),
    closer: () => change((a, b) => [b - CLOSER * (b - a), b]),
    farther: () => change((a, b) => [b - (b - a) / CLOSER, b]),
    0: () => setZoom(null),
  })
  const line = (next: LinedUp): void => {
    setAt(next)
    setZoom(null)
  }
  return (
    <div className="flex min-h-dvh flex-col gap-3 p-4 lg:h-dvh lg:p-5">
      <Sentence data={data} at={at} onLine={line} />
      <div className="grid min-h-0 flex-1 gap-3 lg:grid-cols-[minmax(0,1fr)_400px]">
        <section aria-label="Curves" className="sheet flex min-h-[420px] flex-col p-3">
          <Segments
            label="Which curves"
            className="mb-1 self-start"
            itemClassName="min-h-9 text-small"
            options={[
              { id: 'cook', label: 'The cook' },
              { id: 'after', label: 'After the pour' },
            ]}
            value={after ? 'after' : 'cook'}
            onPick={(id) => {
              const ids = data.batches.map((b) => b.entry.id).join(',')
              setZoom(null)
              router.replace(`/logbook/beside?ids=${ids}${id === 'after' ? '&after=1' : ''}`)
            }}
          />
          <Curves data={data} at={after ? 'pull' : at} after={after} zoom={zoom} onZoom={setZoom} />
          <p className="flex items-center justify-between px-2 text-fine text-muted">
            Drag over a stretch to look closer; arrows move it, + and − change it.
            {zoom && (
              <button type="button" onClick={() => setZoom(null)} className="min-h-8 px-2 underline">
                All of it
              </button>
            )}
          </p>
        </section>
        <div className="flex min-h-0 flex-col gap-3 overflow-auto">
          <Legend batches={data.batches} at={at} />
          <Different data={data} />
        </div>
      </div>
      <PullRun pulls={data.pulls} here={first.entry.id} />
    </div>
  )
}

interface SentenceProps {
  readonly data: Beside
  readonly at: LinedUp
  onLine(at: LinedUp): void
}

function Sentence({ data, at, onLine }: SentenceProps) {
  const say = useSay()
  const time = useTime()
  const [first, ...others] = data.batches as [BesideBatch, ...BesideBatch[]]
  const hottest = Math.min(
    ...data.batches.flatMap((b) => (b.curve.length > 0 ? [Math.max(...b.curve.map(([, c]) => c))] : [])),
  )
  const names = { flame: 'the first flame', boil: 'the boil', pull: 'the pull' } as const
  const nameOf = (x: LinedUp): string => (typeof x === 'number' ? say.temperature(inCelsius(x)) : names[x])
  return (
    <header className="flex flex-wrap items-center gap-x-3 gap-y-2 rounded-sheet bg-bar px-5 py-3 text-title text-on-bar">
      <h1 className="sr-only">Side by side</h1>
      <Link
        href="/logbook"
        aria-label="Logbook"
        className="grid size-10 place-items-center rounded-control hover:bg-slot-hover"
      >
        <ArrowLeft size={20} aria-hidden />
      </Link>
      <span>Set</span>
      <Link
        href={`/logbook/${first.entry.id}`}
        className="rounded-control bg-slot px-3 py-1.5 text-lead leading-tight font-semibold text-on-slot hover:bg-slot-hover"
      >
        {time(first.entry.startedAt, 'brief')}, {first.entry.formulaName}
      </Link>
      <span>beside {others.length === 1 ? 'one other' : `${others.length} others`}, lined up at</span>
      <Slot label="Lined up at" text={nameOf(at)}>
        {(close) => (
          <ChoiceList
            value={String(at)}
            options={(['flame', 'boil', 'pull', ...LADDER.filter((t) => t < hottest)] as LinedUp[]).map((x) => ({
              id: String(x),
              label: nameOf(x),
            }))}
            onPick={(id) => {
              onLine(id in names ? (id as LinedUp) : Number(id))
              close()
            }}
          />
        )}
      </Slot>
      {data.different[0] && (
        <span className="ml-auto max-w-[46ch] text-right text-main text-lemon">
          {sayUnusual(data.different[0], say)}
        </span>
      )}
    </header>
  )
}

function Legend({ batches, at }: { readonly batches: readonly BesideBatch[]; readonly at: LinedUp }) {
  const say = useSay()
  const time = useTime()
  return (
    <ul className="sheet px-4 py-1" aria-label="Batches">
      {batches.map((b, i) => {
        const look = lookOf(i)
        const { reached } = sayReached(b.entry, say)
        const said = [
          b.entry.score !== null && scoreNames[b.entry.score - 1],
          ...b.entry.flaws.map((f) => flawNames[f]),
          zeroOf(b, at) === null && 'has no such moment',
          b.movedC !== 0 && `other air: moved by ${say.step(inCelsiusStep(b.movedC))}`,
        ].filter(Boolean)
        return (
          <li key={b.entry.id} className="border-b border-line last:border-0">
            <Link
              href={`/logbook/${b.entry.id}`}
              className="flex min-h-12 items-center gap-3 py-1.5 hover:brightness-95"
            >
              <svg width={40} height={12} aria-hidden className="shrink-0">
                <line
                  x1={0}
                  x2={40}
                  y1={6}
                  y2={6}
                  className={look.className}
                  strokeWidth={look.width}
                  strokeDasharray={look.dash}
                />
              </svg>
              <span className="min-w-0 flex-1">
                <span className="block truncate text-main leading-tight font-semibold">
                  {time(b.entry.startedAt, 'brief')}
                  {b.entry.formulaName !== batches[0]?.entry.formulaName && ` · ${b.entry.formulaName}`}
                </span>
                <span className="block truncate text-small text-muted">
                  {said.length > 0 ? said.join(' · ') : 'not judged'}
                </span>
              </span>
              <span className="figures text-main">{reached}</span>
            </Link>
          </li>
        )
      })}
    </ul>
  )
}

function Different({ data }: { readonly data: Beside }) {
  const say = useSay()
  const { different, lines, batches } = data
  const rest = batches.slice(1)
  const revision = batches[0]?.revision
  const revised = rest.some((b) => b.revision !== revision && b.entry.formulaName === batches[0]?.entry.formulaName)
  return (
    <section aria-labelledby="different" className="sheet px-5 py-4">
      <h2 id="different" className="casual text-title font-bold">
        What was different
      </h2>
      <ul className="mt-1 text-main leading-snug">
        {different.map((u) => (
          <li key={u.trait} className="border-b border-line py-1.5 last:border-0">
            {sayUnusual(u, say)}.
          </li>
        ))}
        {lines.map((l) => (
          <li key={l.name} className="border-b border-line py-1.5 last:border-0">
            {l.name} {say.weight(inGrams(Math.abs(l.here - l.there)))} {l.here > l.there ? 'more' : 'less'} a kilo
            {revised && `, revision ${revision}`}.
          </li>
        ))}
      </ul>
      {different.length === 0 && lines.length === 0 && (
        <p className="mt-1 text-body text-muted">
          {rest.length === 0
            ? 'There is nothing to set it beside yet.'
            : 'Nothing beyond what differs from day to day.'}
        </p>
      )}
    </section>
  )
}
