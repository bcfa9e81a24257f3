'use client'

import { cautions, type DoNow, formatClock, formatSpan } from '@/core'

interface Props {
  readonly doNow: DoNow
  /** Cook time, s. */
  readonly now: number
  /** What to mind beside it: a doubt, a thermometer that is off. */
  readonly mind: string | null
  /** One tap that puts right what is minded. */
  readonly remedy: { readonly label: string; onPress(): void } | null
  readonly danger: boolean
}

/** The lemon panel: the next thing to do, why, and when. */
export function DoNowPanel({ doNow, now, mind, remedy, danger }: Props) {
  const { mood, say, prepare, why, due, step } = doNow
  const caution = cautions[doNow.cautions[0] ?? '']
  return (
    <section
      aria-label="Do now"
      className={`flex min-w-0 flex-col justify-between gap-2 rounded-sheet bg-lemon px-6 py-4 text-on-lemon ${mood === 'now' || danger ? 'outline-[6px] -outline-offset-[6px] outline-[#c2124b]' : ''}`}
      style={mood === 'now' || danger ? { outlineStyle: 'solid' } : undefined}
    >
      <p aria-live="polite" className="casual text-[clamp(24px,2.9vw,38px)] leading-[1.12] font-extrabold">
        {mood === 'soon' && <span className="block text-[0.62em] font-bold">Get ready</span>}
        {prepare ? `${say}.` : say}
        {prepare && <span className="block">{prepare}.</span>}
      </p>
      <p className="text-[clamp(15px,1.4vw,18px)] leading-snug">
        {mood === 'now' && <strong className="mr-2 rounded-[8px] bg-[#c2124b] px-2 py-0.5 text-white">Now</strong>}
        {caution && <strong className="mr-2">{caution.short}.</strong>}
        {mind ? <strong>{mind}</strong> : why}
        {remedy && (
          <button
            type="button"
            onClick={remedy.onPress}
            className="mx-2 min-h-16 rounded-control bg-[#23152b] px-4 text-[16px] font-semibold text-white"
          >
            {remedy.label}
          </button>
        )}
        {due && due.seconds > 0.5 && (
          <>
            {' '}
            {step?.label}: <strong className="tabular-nums">{formatSpan(due.seconds)}</strong> to go
            {due.high - due.low > 4 && `, between ${formatClock(due.low)} and ${formatClock(due.high)}`}.
          </>
        )}
        {mood === 'done' && ` ${formatSpan(now)} from first flame.`}
      </p>
    </section>
  )
}
