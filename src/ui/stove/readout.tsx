'use client'

import type { FrozenThermometer } from '@/contract/batch'
import { formatGrams, type Look, shownAt } from '@/core'
import { useTemperature } from '@/ui/shell/preferences'

interface Props {
  readonly view: Look
  /** s since the last reading; null before the first. */
  readonly age: number | null
  /** The thermometer read by eye; null with a probe in the pot, and without any. */
  readonly byEye: FrozenThermometer | null
}

const STALE_S = 20

/** The temperature, large, with what it means beside it. */
export function Readout({ view, age, byEye }: Props) {
  const { say, step, unit } = useTemperature()
  const stale = age !== null && age > STALE_S
  const facts: readonly (readonly [string, string])[] = [
    byEye && view.forecast
      ? ['shows at the pull', say(shownAt(byEye, view.forecast.pullAt))]
      : ['climbing', view.climb === null ? '—' : `${step(view.climb)}°/min`],
    ['water left', view.water === null ? '—' : formatGrams(view.water)],
    ['would set', view.bite?.word ?? '—'],
  ]
  return (
    <section aria-label="Thermometer" className="sheet flex items-center justify-between gap-3 px-5 py-3">
      <p
        data-testid="temperature"
        className={`casual leading-none font-extrabold ${stale ? 'text-muted' : 'text-cherry'}`}
      >
        <span className="text-[clamp(64px,7.6vw,98px)] tracking-tight">
          {view.celsius === null ? '–' : say(view.celsius).replace('°', '')}
        </span>
        <span className="text-[clamp(28px,3.4vw,44px)]">°{unit}</span>
        {view.reckoned && <span className="block text-[14px] font-semibold text-muted">reckoned, not measured</span>}
        {stale && <span className="block text-[14px] font-semibold">no reading for {Math.round(age)} s</span>}
      </p>
      <dl className="w-[140px] shrink-0 space-y-0.5">
        {facts.map(([label, text]) => (
          <div key={label}>
            <dt className="truncate text-[14px] leading-tight text-muted">{label}</dt>
            <dd className="casual text-[18px] leading-tight font-bold">{text}</dd>
          </div>
        ))}
      </dl>
    </section>
  )
}
