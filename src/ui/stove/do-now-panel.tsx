'use client'

import { useEffect, useState } from 'react'
import type { DoNow } from '@/core'
import { useTime } from '@/ui/shell/preferences'
import { cautions, type DoNowSaid, formatClock, formatSpan } from '@/words'

interface Props {
  readonly doNow: DoNow
  readonly said: DoNowSaid
  /** Cook time, s. */
  readonly now: number
  /** What to mind beside it: a doubt, a thermometer that is off. */
  readonly mind: string | null
  /** One tap that puts right what is minded. */
  readonly remedy: { readonly label: string; onPress(): void } | null
  readonly danger: boolean
  /** How fast the cook's clock runs; in earnest unless told. */
  readonly rate?: number
}

/** A moment by the clock on this wall, which only the window knows. */
function By({ seconds }: { readonly seconds: number }) {
  const time = useTime()
  const [here, setHere] = useState(false)
  useEffect(() => setHere(true), [])
  return here ? <strong> By {time(Date.now() + seconds * 1000, 'clock')}.</strong> : null
}

/** The lemon panel: the next thing to do, why, and when. */
export function DoNowPanel({ doNow, said, now, mind, remedy, danger, rate = 1 }: Props) {
  const { mood, due, step } = doNow
  const { say, prepare, why, ahead } = said
  const [first] = doNow.cautions
  const caution = first && cautions[first]
  return (
    <section
      aria-label="Do now"
      className={`flex min-w-0 flex-col justify-between gap-2 rounded-sheet bg-lemon px-6 py-4 text-on-lemon ${mood === 'now' || danger ? 'outline-[6px] -outline-offset-[6px] outline-alarm' : ''}`}
      style={mood === 'now' || danger ? { outlineStyle: 'solid' } : undefined}
    >
      <p aria-live="polite" className="casual text-now leading-[1.12] font-extrabold">
        {mood === 'soon' && !doNow.test && <span className="block text-[0.62em] font-bold">Get ready</span>}
        {prepare || ahead ? `${say}.` : say}
        {prepare && <span className="block">{prepare}.</span>}
        {ahead && <span className="block">{ahead}.</span>}
      </p>
      <p className="text-reason leading-snug">
        {mood === 'now' && <strong className="mr-2 rounded-inner bg-alarm px-2 py-0.5 text-white">Now</strong>}
        {caution && <strong className="mr-2">{caution}.</strong>}
        {mind ? <strong>{mind}</strong> : why}
        {remedy && (
          <button
            type="button"
            onClick={remedy.onPress}
            className="mx-2 min-h-16 rounded-control bg-on-lemon px-4 text-main font-semibold text-white"
          >
            {remedy.label}
          </button>
        )}
        {due && due.seconds > 0.5 && !ahead && (
          <>
            {' '}
            {step?.label}: <strong className="tabular-nums">{formatSpan(due.seconds)}</strong> to go
            {due.high === null
              ? ', perhaps much later'
              : due.high - due.low > 4 && `, between ${formatClock(due.low)} and ${formatClock(due.high)}`}
            .
          </>
        )}
        {said.window && <strong> {said.window}</strong>}
        {step?.handwork?.kind === 'wrap' && doNow.until !== null && <By seconds={doNow.until / rate} />}
        {mood === 'done' && ` ${formatSpan(now)} since it was begun.`}
      </p>
    </section>
  )
}
