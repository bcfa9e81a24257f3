'use client'

import { Columns2 } from 'lucide-react'
import { useState } from 'react'
import { eventsOf } from '@/contract/events'
import type { BatchStory } from '@/contract/logbook'
import {
  analyse,
  boilsAgain,
  cameWrong,
  countedIn,
  finishedWorks,
  givenUpIn,
  gramsOfBoil,
  heatsKnown,
  inCelsius,
  inGrams,
  isBoiled,
  openCook,
  type Reading,
  takenBack,
  weighedLines,
  yieldsIn,
} from '@/core'
import { CookCurve } from '@/ui/chart/cook-curve'
import { BackLink } from '@/ui/kit/back-link'
import { Link } from '@/ui/kit/link'
import { Segments } from '@/ui/kit/segments'
import { For, useSay, useTime } from '@/ui/shell/preferences'
import { boilName } from '@/ui/stove/boil-name'
import { marksOf } from '@/ui/stove/marks'
import { formatClock, formatCount, formatShare, sayEvent, sayOutcome, sayTarget, sayYield } from '@/words'
import { CookFiles } from './cook-files'
import { outcomeOf, sayReached } from './outcome'
import { Pictures } from './pictures/pictures'
import { Stock } from './stock'
import { BatchVerdictForm } from './verdict-form'
import { Why } from './why'

/** ◊ Share of a line that may be missing before it is worth a look. */
const WELL_WEIGHED = 0.02

/** One batch, from the first flame to the note. */
export function Story({ story }: { readonly story: BatchStory }) {
  const { entry, conditions, boils } = story
  const say = useSay()
  const time = useTime()
  const [shown, setShown] = useState(0)
  const said = sayReached(entry, say)
  const current = boils[shown]
  const made = countedIn(boils.map(eventsIn))
  const givenUp = boils.map((item) => givenUpIn(eventsIn(item))).find((reason) => reason !== null) ?? null
  return (
    <div className="flex min-h-dvh flex-col gap-4 p-4 lg:p-6">
      <header>
        <BackLink href="/logbook" className="mb-1">
          Logbook
        </BackLink>
        <div className="flex flex-wrap items-baseline justify-between gap-x-6">
          <h1 className="casual text-name leading-tight font-extrabold">{entry.formulaName}</h1>
          <Link
            href={`/logbook/beside?ids=${entry.id}`}
            className="inline-flex min-h-11 items-center gap-2 rounded-control bg-sheet px-4 text-body font-semibold hover:brightness-95"
          >
            <Columns2 size={17} aria-hidden />
            Beside the ones before it
          </Link>
        </div>
        <p className="mt-1 text-main text-muted">
          {entry.practice && <strong className="text-ink">Practice · </strong>}
          {time(entry.startedAt, 'long')} · code {entry.code} · {entry.room} · {conditions.pot.name} on the{' '}
          {conditions.burner.name}
        </p>
      </header>
      <dl className="grid grid-cols-2 gap-3 md:grid-cols-5">
        <Fact label="Target" text={said.target} />
        <Fact
          label="Reached"
          text={said.reached}
          detail={givenUp === null ? said.word : 'given up'}
          mind={outcomeOf(entry).tone === 'mind'}
        />
        <Fact
          label={made === null ? 'Planned' : 'Made'}
          text={`${formatCount(made ?? entry.pieces)} pieces`}
          detail={made === null ? say.weight(inGrams(entry.outGrams)) : `of ${formatCount(entry.pieces)} planned`}
        />
        <Fact
          label="Air"
          text={`${Math.round(conditions.pressurePa / 100)} hPa`}
          detail={`${formatCount(conditions.altitudeM)} m`}
        />
        <Fact
          label="Room"
          text={say.temperature(inCelsius(conditions.roomC))}
          detail={`${formatShare(conditions.humidity)} humidity`}
        />
      </dl>
      <div className="grid flex-1 gap-4 lg:grid-cols-[minmax(0,1fr)_340px]">
        <div className="flex min-w-0 flex-col gap-4">
          <section aria-label="Curve" className="sheet flex flex-col p-4">
            {boils.length > 1 && (
              <Segments
                label="Boil"
                options={boils.map(({ boil }, i) => ({ id: String(i), label: boilName(boil) }))}
                value={String(shown)}
                onPick={(id) => setShown(Number(id))}
                className="mb-2 self-start border-0 bg-marble"
              />
            )}
            {current && <BoilCurve key={current.boil.id} item={current} />}
          </section>
          <div className="grid items-start gap-4 md:grid-cols-2">
            {story.why && (
              <Why why={story.why} givenUp={givenUp} reboils={story.boils.every((b) => boilsAgain(b.boil.formula))} />
            )}
            <div className="flex flex-col gap-4">
              <Pictures
                batch={entry.id}
                name={entry.formulaName}
                pictures={story.pictures}
                verdict={{ note: entry.note, score: entry.score, judged: story.judged }}
              />
              {current && <Weighed item={current} />}
              {current && <Finished item={current} />}
              {current && <Events item={current} />}
            </div>
          </div>
        </div>
        <div className="flex flex-col gap-4">
          <For may="cook">
            <BatchVerdictForm
              key={story.judged.tasting?.colourC}
              batchId={entry.id}
              family={entry.family}
              verdict={{ note: entry.note, score: entry.score, judged: story.judged }}
            />
          </For>
          <Stock batch={entry.id} stock={story.stock} />
          {current && <CookFiles boil={current.boil.id} />}
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
      <dt className={`flex justify-between gap-2 text-small ${mind ? '' : 'text-muted'}`}>
        {label}
        {detail && <span>{detail}</span>}
      </dt>
      <dd className="casual text-large leading-tight font-bold">{text}</dd>
    </div>
  )
}

type Item = BatchStory['boils'][number]

/** The log alone: most of a story needs no reading. */
const eventsIn = ({ boil, log }: Item) => eventsOf(log.acts, Date.parse(boil.startedAt))

const secondsIn = (item: Item) => {
  const { boil, log } = item
  const start = Date.parse(boil.startedAt)
  const readings: Reading[] = log.readings
    .map(([ms, celsius]) => ({ at: (ms - start) / 1000, celsius }))
    .sort((a, b) => a.at - b.at)
  const events = eventsIn(item)
  return { readings: heatsKnown(boil, { events, readings }), events }
}

function BoilCurve({ item }: { readonly item: Item }) {
  const say = useSay()
  const { formula, plan, conditions } = item.boil
  const { readings, events } = secondsIn(item)
  const analysis = analyse(formula, conditions, gramsOfBoil(plan, item.boil.number))
  if (readings.length === 0)
    return (
      <p className="p-6 text-main text-muted">
        {isBoiled(formula) ? 'No probe was in this pot' : 'No pot was needed for this'}: only the log below tells of it.
      </p>
    )
  return (
    <div className="flex h-[390px] flex-col lg:h-[450px]">
      {item.boil.channel === null && (
        <p className="px-6 text-small text-muted">
          No probe was in this pot: the curve goes from one thing that was read, tested or done to the next.
        </p>
      )}
      <CookCurve
        stages={analysis.stages}
        readings={readings}
        marks={marksOf(events, formula, say, (readings.at(-1)?.at ?? 0) + 120)}
        target={analysis.targetC}
        within={formula.target?.within ?? 0}
        targetText={sayTarget(analysis, say)}
        here={null}
        now={null}
        way={[]}
        byHand={item.boil.channel === null}
        forecast={null}
        nextC={null}
        path={[]}
        highest={Math.max(...analysis.rungs.map((r) => r.celsius), ...readings.map((r) => r.celsius - 6))}
      />
    </div>
  )
}

/** What the scale said of each line against what was wanted; nothing where none told. */
function Weighed({ item }: { readonly item: Item }) {
  const say = useSay()
  const { formula, plan, number } = item.boil
  const lines = weighedLines(formula, gramsOfBoil(plan, number), eventsIn(item))
  if (lines.length === 0) return null
  return (
    <section aria-labelledby="weighed" className="sheet p-5">
      <h2 id="weighed" className="casual text-title font-bold">
        Weighed
      </h2>
      <table className="mt-1 w-full text-body">
        <thead className="text-left text-small text-muted">
          <tr>
            <th className="font-normal">Line</th>
            <th className="text-right font-normal">Wanted</th>
            <th className="text-right font-normal">On the scale</th>
          </tr>
        </thead>
        <tbody>
          {lines.map((l) => (
            <tr
              key={l.line}
              className={`border-t border-line ${Math.abs(l.weighed / l.wanted - 1) > WELL_WEIGHED ? 'font-semibold text-cherry' : ''}`}
            >
              <td className="py-1">{l.name}</td>
              <td className="figures py-1 text-right">{say.weight(inGrams(l.wanted))}</td>
              <td className="figures py-1 text-right">{say.weight(inGrams(l.weighed))}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}

/** What came of the works after the pour, and of the cut; nothing where the log tells of neither. */
function Finished({ item }: { readonly item: Item }) {
  const say = useSay()
  const { formula, plan, conditions, number } = item.boil
  const { readings, events } = secondsIn(item)
  const cook = openCook(formula, gramsOfBoil(plan, number), conditions, item.boil.probe, events)
  const works = finishedWorks(cook, events, readings)
  const counted = yieldsIn(events)
  if (works.length === 0 && !counted) return null
  return (
    <section aria-labelledby="finish" className="sheet p-5">
      <h2 id="finish" className="casual text-title font-bold">
        After the pour
      </h2>
      <ul className="mt-1">
        {works.map((w) => (
          <li
            key={w.step}
            className={`border-b border-line py-1.5 text-body leading-snug last:border-0 ${cameWrong(w.came) ? 'font-semibold text-cherry' : ''}`}
          >
            {sayOutcome(w, say)}
          </li>
        ))}
        {counted && <li className="py-1.5 text-body leading-snug">{sayYield(counted, say)}</li>}
      </ul>
    </section>
  )
}

function Events({ item }: { readonly item: Item }) {
  const say = useSay()
  const events = eventsIn(item)
  const undone = takenBack(events)
  return (
    <section aria-labelledby="log" className="sheet p-5">
      <h2 id="log" className="casual text-title font-bold">
        Log
      </h2>
      <ol className="mt-2">
        {events.map((e) => {
          const words = sayEvent(e, item.boil.formula, say)
          if (words === null) return null
          return (
            <li key={e.id} className="flex gap-4 border-b border-line py-1.5 text-body last:border-0">
              <span className="figures w-16 shrink-0 text-right text-muted">{formatClock(e.at)}</span>
              <span className={undone.has(e.id) ? 'line-through opacity-60' : 'first-letter:uppercase'}>
                {e.type === 'note' ? e.text : words}
                {undone.has(e.id) && <span className="sr-only"> (taken back)</span>}
                {e.by && <span className="text-muted"> · {e.by}</span>}
              </span>
            </li>
          )
        })}
      </ol>
    </section>
  )
}
