'use client'

import { format } from 'date-fns'
import { Hourglass } from 'lucide-react'
import Link from 'next/link'
import { useCallback, useEffect, useState } from 'react'
import { emptiedAt, families, formatClock, formatSpan, paceOf } from '@/core'
import { sugarColour } from '@/ui/chart/ladder-scale'
import { useTemperature } from '@/ui/shell/preferences'
import { boilName } from './boil-name'
import type { CookLog } from './cook-log'
import { looks } from './pot-card'
import { useCook } from './use-cook'
import { type BoilOn, useLogs } from './use-logs'

/** How soon a boil wants a person, s: 0 for now. */
type Soon = number

/** All that is on the stove, and what rests after it: the one that wants a person next comes first. */
export function StoveList({ boils }: { readonly boils: readonly BoilOn[] }) {
  const logs = useLogs(boils)
  const [soon, setSoon] = useState<ReadonlyMap<string, Soon>>(new Map())
  const hear = useCallback(
    (id: string, at: Soon) => setSoon((known) => (known.get(id) === at ? known : new Map(known).set(id, at))),
    [],
  )
  const inOrder = [...boils].sort(
    (a, b) => (soon.get(a.boil.id) ?? Number.POSITIVE_INFINITY) - (soon.get(b.boil.id) ?? Number.POSITIVE_INFINITY),
  )
  return (
    <div className="flex flex-col gap-5 p-4 lg:p-6">
      <h1 className="casual text-[36px] font-extrabold">On the stove, and resting</h1>
      <ul className="grid gap-4 lg:grid-cols-2">
        {inOrder.map(({ boil }) => (
          <BoilCard key={boil.id} boil={boil} log={logs.get(boil.id) as CookLog} onSoon={hear} />
        ))}
      </ul>
    </div>
  )
}

interface CardProps {
  readonly boil: BoilOn['boil']
  readonly log: CookLog
  onSoon(id: string, at: Soon): void
}

/** A tenth of a minute is near enough for an order that does not flicker. */
const COARSE = 6

/** One boil as it stands; a touch brings it up whole. */
function BoilCard({ boil, log, onSoon }: CardProps) {
  const { say } = useTemperature()
  const { view, cook, now, snapshot } = useCook(boil, log)
  const { doNow } = view
  const { formula, conditions } = boil
  const left = doNow.due?.seconds ?? null
  const rests = emptiedAt(formula, cook.state) !== null
  const at = left === null ? Number.MAX_VALUE : COARSE * Math.round(left / COARSE)
  useEffect(() => onSoon(boil.id, at), [onSoon, boil.id, at])
  const waits = rests && doNow.mood === 'wait' && left !== null
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
          style={{ background: sugarColour(view.celsius ?? formula.target.celsius) }}
        />
        <span className="flex min-w-0 flex-1 flex-col justify-between gap-2 px-6 py-5">
          <span className="flex items-start justify-between gap-4">
            <span className="min-w-0">
              <span className="block text-[14px] font-semibold opacity-75">
                {[families[formula.family].label, boilName(boil)].filter(Boolean).join(' · ')}
              </span>
              <span className="casual block text-[24px] leading-snug font-bold">{formula.name}</span>
            </span>
            <span className="casual shrink-0 text-[46px] leading-none font-extrabold text-cherry">
              {waits ? <Rest seconds={left} /> : view.celsius !== null && !rests ? say(view.celsius) : null}
            </span>
          </span>
          <span className="block text-[19px] leading-snug">
            {doNow.mood === 'now' && (
              <strong className="mr-2 rounded-[8px] bg-[#c2124b] px-2 py-0.5 text-white">Now</strong>
            )}
            <strong className="casual">{doNow.say}</strong>
            {doNow.step && !waits && left !== null && left > 0.5 && (
              <>
                . {doNow.step.label} in <span className="tabular-nums">{formatSpan(left)}</span>
              </>
            )}
            {waits && <Until seconds={left / paceOf(snapshot.events)} then={doNow.step?.say ?? ''} />}
          </span>
          <span className="flex flex-wrap justify-between gap-x-4 text-[14px] opacity-75">
            <span>
              {conditions.pot.name} on the {conditions.burner.name}, {conditions.room}
            </span>
            <span className="figures">{formatClock(now)} from first flame</span>
          </span>
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
  const [here, setHere] = useState(false)
  // only the window knows the hour on its wall
  useEffect(() => setHere(true), [])
  if (!here) return null
  return (
    <span className="block text-[16px]">
      At <span className="tabular-nums">{format(Date.now() + seconds * 1000, 'HH:mm')}</span>: {then}
    </span>
  )
}
