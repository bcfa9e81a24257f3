'use client'

import { Hourglass } from 'lucide-react'
import { useEffect, useState } from 'react'
import { families, inCelsius, isBoiled, mouldsNow, paceOf } from '@/core'
import { sugarColour } from '@/ui/chart/ladder-scale'
import { Link } from '@/ui/kit/link'
import { useSay, useTime } from '@/ui/shell/preferences'
import { formatClock, formatCount, formatSpan, lower, sayDoNow, sayPlace, sayStep } from '@/words'
import { boilName } from './boil-name'
import { callOf } from './call'
import { WindowStrip } from './finish/window-strip'
import { looks } from './pot-card'
import { type BoilOn, isFinishing, type LiveCook, useStove } from './stove'
import { useAlarm, useAwake } from './use-alarm'

/** A tenth of a minute is near enough for an order that does not flicker. */
const COARSE = 6

/** How soon a boil wants a person, s. */
const wantsIn = ({ pot }: LiveCook): number =>
  pot.doNow.due === null ? Number.MAX_VALUE : COARSE * Math.round(pot.doNow.due.seconds / COARSE)

/** A boil that is there but cannot be read. */
export interface LostBoil {
  readonly id: string
  readonly name: string
  readonly startedAt: string
}

/** All that is on the stove, and what rests after it: the one that wants a person next comes first. */
export function StoveList({ boils, lost }: { readonly boils: readonly BoilOn[]; readonly lost: readonly LostBoil[] }) {
  const time = useTime()
  useAwake(boils.length > 0)
  const all = useStove(boils)
  const inOrder = [...all.values()].sort((a, b) => wantsIn(a) - wantsIn(b))
  return (
    <div className="flex flex-col gap-5 p-4 lg:p-6">
      <h1 className="casual text-page font-extrabold">On the stove, and resting</h1>
      <ul className="grid gap-4 lg:grid-cols-2">
        {inOrder.map((live) => (
          <BoilCard key={live.log.boil.id} live={live} />
        ))}
        {lost.map((b) => (
          <li key={b.id} className="rounded-sheet bg-sheet px-6 py-5">
            <span className="casual block text-large leading-snug font-bold">{b.name}</span>
            <span className="block text-body text-muted">
              Begun {time(b.startedAt, 'clock')}, and written in a way this Imbry cannot read. What was logged is kept.
            </span>
          </li>
        ))}
      </ul>
      <Moulds all={inOrder} />
    </div>
  )
}

/** Which moulds are free, and when the others will be: what the next boil waits for. */
function Moulds({ all }: { readonly all: readonly LiveCook[] }) {
  const kinds = mouldsNow(all.map((cook) => ({ of: cook, cook, vessel: cook.log.boil.conditions.vessel })))
  if (kinds.every((k) => k.full.length === 0)) return null
  return (
    <section aria-labelledby="moulds" className="sheet px-6 py-4 text-main">
      <h2 id="moulds" className="casual text-title font-bold">
        Moulds
      </h2>
      <ul>
        {kinds.map(({ name, owned, free, full }) => (
          <li key={name} className="flex flex-wrap items-center gap-x-4 gap-y-1 py-1.5">
            <span className="flex items-center gap-1.5" aria-hidden>
              {Array.from({ length: Math.min(owned, MOST_DRAWN) }, (_, i) => (
                <span
                  key={i}
                  className={`size-5 rounded-inner ${i < owned - free ? 'bg-cherry' : 'border-2 border-line'}`}
                />
              ))}
            </span>
            <strong>{name}</strong>
            <span className="text-muted">
              {formatCount(free)} of {formatCount(owned)} free
            </span>
            {full.map(({ of, count, freeIn }) => (
              <span key={of.log.boil.id}>
                {formatCount(count)} with {lower(boilName(of.log.boil) || of.log.boil.formula.name)}
                {freeIn > 0 ? `, ${formatSpan(60 * Math.ceil(freeIn / 60))} more` : ': it lets go now'}
              </span>
            ))}
          </li>
        ))}
      </ul>
    </section>
  )
}

/** ◊ Moulds of a kind that are drawn one by one. */
const MOST_DRAWN = 12

/** One boil as it stands; a touch brings it up whole. */
function BoilCard({ live }: { readonly live: LiveCook }) {
  const say = useSay()
  const { pot, now, snapshot, log } = live
  const { boil } = log
  const { doNow } = pot
  const { formula, conditions } = boil
  const left = doNow.due?.seconds ?? null
  const rests = live.emptiedAt !== null
  const waits = rests && doNow.mood === 'wait' && left !== null
  const said = sayDoNow(doNow, say)
  // from afar, too: whoever looks at the list is called by any of them
  useAlarm(boil.id, live.over ? null : callOf(doNow, live.troubles, say))
  return (
    <li>
      <Link
        href={`/stove/${boil.id}`}
        data-mood={doNow.mood}
        className={`flex h-full min-h-44 overflow-hidden rounded-sheet ${looks[doNow.mood]}`}
      >
        <span
          aria-hidden
          className="w-5 shrink-0"
          style={{ background: sugarColour(pot.celsius ?? formula.target?.celsius ?? conditions.roomC) }}
        />
        <span className="flex min-w-0 flex-1 flex-col justify-between gap-2 px-6 py-5">
          <span className="flex items-start justify-between gap-4">
            <span className="min-w-0">
              <span className="block text-small font-semibold opacity-75">
                {[families[formula.family].label, boilName(boil)].filter(Boolean).join(' · ')}
              </span>
              <span className="casual block text-large leading-snug font-bold">{formula.name}</span>
            </span>
            <span className="casual shrink-0 text-figure leading-none font-extrabold text-cherry">
              {waits ? (
                <Rest seconds={left} />
              ) : pot.celsius !== null && !rests ? (
                say.temperature(inCelsius(pot.celsius))
              ) : null}
            </span>
          </span>
          <span className="block text-title leading-snug">
            {doNow.mood === 'now' && (
              <strong className="mr-2 rounded-inner bg-alarm px-2 py-0.5 text-white">Now</strong>
            )}
            <strong className="casual">{said.say}</strong>
            {doNow.mood === 'now' && said.window && <span className="block text-main">{said.window}</span>}
            {doNow.step && !waits && left !== null && left > 0.5 && (
              <>
                . {doNow.step.label} in <span className="tabular-nums">{formatSpan(left)}</span>
              </>
            )}
            {waits && (
              <Until seconds={left / paceOf(snapshot.events)} then={doNow.step ? sayStep(doNow.step, say) : ''} />
            )}
          </span>
          {isFinishing(live) ? (
            <>
              <WindowStrip finish={live.finish} now={now} />
              <span className="flex flex-wrap justify-between gap-x-4 text-small opacity-75">
                <span>
                  {sayPlace(live.finish)}, {say.temperature(inCelsius(live.finish.celsius))}{' '}
                  {live.finish.measured ? 'measured' : 'reckoned'}
                </span>
                <span className="figures">{formatSpan(60 * Math.floor((now - live.finish.mass.since) / 60))}</span>
              </span>
            </>
          ) : (
            <span className="flex flex-wrap justify-between gap-x-4 text-small opacity-75">
              <span>
                {isBoiled(formula) ? `${conditions.pot.name} on the ${conditions.burner.name}, ` : ''}
                {conditions.room}
              </span>
              <span className="figures">
                {formatClock(now)} {isBoiled(formula) ? 'from first flame' : 'since it was begun'}
              </span>
            </span>
          )}
        </span>
      </Link>
    </li>
  )
}

/** What is left of a rest, large. */
const Rest = ({ seconds }: { readonly seconds: number }) => (
  <span className="flex items-center gap-2 text-ink">
    <Hourglass size={30} aria-hidden />
    <span className="tabular-nums">{formatSpan(seconds)}</span>
    <span className="sr-only"> to rest</span>
  </span>
)

/** When a rest ends by the clock on this wall, and what is to be done then. */
function Until({ seconds, then }: { readonly seconds: number; readonly then: string }) {
  const time = useTime()
  const [here, setHere] = useState(false)
  // only the window knows the hour on its wall
  useEffect(() => setHere(true), [])
  if (!here) return null
  return (
    <span className="block text-main">
      At <span className="tabular-nums">{time(Date.now() + seconds * 1000, 'clock')}</span>: {then}
    </span>
  )
}
