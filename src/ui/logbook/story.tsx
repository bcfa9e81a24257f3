'use client'

import { format } from 'date-fns'
import { ArrowLeft } from 'lucide-react'
import Link from 'next/link'
import { useState } from 'react'
import { eventsOf } from '@/contract/events'
import type { BatchStory } from '@/contract/logbook'
import {
  analyse,
  believed,
  formatClock,
  formatCount,
  formatGrams,
  formatShare,
  gramsOfBoil,
  type Reading,
  takenBack,
} from '@/core'
import { CookCurve } from '@/ui/chart/cook-curve'
import { targetWords } from '@/ui/chart/target-words'
import { useTemperature } from '@/ui/shell/preferences'
import { boilName } from '@/ui/stove/boil-name'
import { marksOf, wordsFor } from '@/ui/stove/marks'
import { CookFiles } from './cook-files'
import { outcomeOf } from './outcome'
import { BatchVerdictForm } from './verdict-form'

/** One batch, from the first flame to the note. */
export function Story({ story }: { readonly story: BatchStory }) {
  const { entry, conditions, boils } = story
  const { say } = useTemperature()
  const [shown, setShown] = useState(0)
  const outcome = outcomeOf(entry)
  const current = boils[shown]
  return (
    <div className="flex min-h-dvh flex-col gap-4 p-4 lg:p-6">
      <header>
        <Link
          href="/logbook"
          className="mb-1 inline-flex min-h-8 items-center gap-1.5 text-[15px] text-muted hover:text-ink"
        >
          <ArrowLeft size={16} aria-hidden />
          Logbook
        </Link>
        <h1 className="casual text-[clamp(26px,2.8vw,36px)] leading-tight font-extrabold">{entry.formulaName}</h1>
        <p className="mt-1 text-[16px] text-muted">
          {format(new Date(entry.startedAt), 'EEEE d MMMM yyyy, HH:mm')} · {entry.room} · {conditions.pot.name} on the{' '}
          {conditions.burner.name}
        </p>
      </header>
      <dl className="grid grid-cols-2 gap-3 md:grid-cols-5">
        <Fact label="Target" text={say(entry.target)} />
        <Fact
          label="Reached"
          text={outcome.reached === null ? '—' : say(outcome.reached)}
          detail={outcome.word}
          mind={outcome.tone === 'mind'}
        />
        <Fact label="Made" text={`${formatCount(entry.pieces)} pieces`} detail={formatGrams(entry.outGrams)} />
        <Fact
          label="Air"
          text={`${Math.round(conditions.pressurePa / 100)} hPa`}
          detail={`${formatCount(conditions.altitudeM)} m`}
        />
        <Fact label="Room" text={say(conditions.roomC)} detail={`${formatShare(conditions.humidity)} humidity`} />
      </dl>
      <div className="grid flex-1 gap-4 lg:grid-cols-[minmax(0,1fr)_320px]">
        <section
          aria-label="Curve"
          className="sheet flex h-[460px] flex-col self-start p-4 lg:sticky lg:top-4 lg:h-[520px]"
        >
          {boils.length > 1 && (
            <div className="mb-2 flex gap-2" role="tablist" aria-label="Boils">
              {boils.map(({ boil }, i) => (
                <button
                  key={boil.id}
                  type="button"
                  role="tab"
                  aria-selected={i === shown}
                  onClick={() => setShown(i)}
                  className={`min-h-11 rounded-control px-4 text-[15px] font-semibold ${i === shown ? 'bg-bar text-on-bar' : 'bg-marble'}`}
                >
                  {boilName(boil)}
                </button>
              ))}
            </div>
          )}
          {current && <BoilCurve key={current.boil.id} item={current} />}
        </section>
        <div className="flex flex-col gap-4">
          <BatchVerdictForm batchId={entry.id} note={entry.note} score={entry.score} />
          {current && <CookFiles boil={current.boil.id} />}
          {current && <Events item={current} />}
        </div>
      </div>
    </div>
  )
}

interface FactProps {
  readonly label: string
  readonly text: string
  readonly detail?: string
  readonly mind?: boolean
}

function Fact({ label, text, detail, mind }: FactProps) {
  return (
    <div className={`rounded-sheet px-5 py-3 ${mind ? 'bg-lemon text-on-lemon' : 'bg-sheet'}`}>
      <dt className={`flex justify-between gap-2 text-[14px] ${mind ? '' : 'text-muted'}`}>
        {label}
        {detail && <span>{detail}</span>}
      </dt>
      <dd className="casual text-[24px] leading-tight font-bold">{text}</dd>
    </div>
  )
}

type Item = BatchStory['boils'][number]

const secondsIn = ({ boil, log }: Item) => {
  const start = Date.parse(boil.startedAt)
  const readings: Reading[] = log.readings
    .map(([ms, celsius]) => ({ at: (ms - start) / 1000, celsius }))
    .sort((a, b) => a.at - b.at)
  const events = eventsOf(log.acts, start)
  return { readings: believed(readings, events, boil.probe.thermometer ?? undefined), events }
}

function BoilCurve({ item }: { readonly item: Item }) {
  const { say } = useTemperature()
  const { formula, plan, conditions } = item.boil
  const { readings, events } = secondsIn(item)
  const analysis = analyse(formula, conditions, gramsOfBoil(plan, item.boil.number))
  if (readings.length === 0)
    return <p className="p-6 text-[16px] text-muted">No probe was in this pot: only the log below tells of it.</p>
  return (
    <CookCurve
      stages={analysis.stages}
      readings={readings}
      marks={marksOf(events, formula, (readings.at(-1)?.at ?? 0) + 120)}
      target={analysis.targetC}
      within={formula.target.within}
      targetText={targetWords(analysis, say)}
      here={null}
      forecast={null}
      nextC={null}
      path={[]}
      highest={Math.max(...analysis.rungs.map((r) => r.celsius), ...readings.map((r) => r.celsius - 6))}
    />
  )
}

function Events({ item }: { readonly item: Item }) {
  const { events } = secondsIn(item)
  const undone = takenBack(events)
  return (
    <section aria-labelledby="log" className="sheet p-5">
      <h2 id="log" className="casual text-[18px] font-bold">
        Log
      </h2>
      <ol className="mt-2">
        {events.map((e) => {
          const words = wordsFor(e, item.boil.formula)
          if (words === null) return null
          return (
            <li key={e.id} className="flex gap-4 border-b border-line py-1.5 text-[15px] last:border-0">
              <span className="figures w-16 shrink-0 text-right text-muted">{formatClock(e.at)}</span>
              <span className={undone.has(e.id) ? 'line-through opacity-60' : 'first-letter:uppercase'}>
                {e.type === 'note' ? e.text : words}
                {undone.has(e.id) && <span className="sr-only"> (taken back)</span>}
              </span>
            </li>
          )
        })}
      </ol>
    </section>
  )
}
