'use client'

import type { FrozenThermometer } from '@/contract/batch'
import { type FinishAssessment, inCelsius, inCelsiusStep, inGrams, type PotNow, shownAt } from '@/core'
import { useSay } from '@/ui/shell/preferences'
import { biteNames, formatSpan, formatTimes, type Say, sayReckoned } from '@/words'

interface Props {
  readonly view: PotNow
  /** It is a syrup: it has water to lose. */
  readonly syrup?: boolean
  /** Its sugar decides what it would set to: no starch, pectin, agar or gelatin does. */
  readonly bites?: boolean
  /** The sweet off the heat, out of its pot. */
  readonly finish?: FinishAssessment | null
  /** s since the last reading; null before the first. */
  readonly age: number | null
  /** The thermometer read by eye; null with a probe in the pot, and without any. */
  readonly byEye: FrozenThermometer | null
}

const STALE_S = 20

/** ◊ g of water that no temperature tells apart from none. */
const NEARLY_DRY = 5

const waterLeft = (grams: number, say: Say): string =>
  grams < NEARLY_DRY ? `under ${say.weight(inGrams(NEARLY_DRY))}` : say.weight(inGrams(grams))

/** The temperature, large, with what it means beside it. */
export function Readout({ view, age, byEye, syrup = true, bites = syrup, finish = null }: Props) {
  const say = useSay()
  const stale = age !== null && age > STALE_S
  // where a degree decides, its tenths are shown
  const shown = finish?.bands.some((b) => b.state === 'in-temper') ? say.fine : say.temperature
  const degrees = (c: number): string => say.temperature(inCelsius(c))
  const facts: readonly (readonly [string, string])[] = finish
    ? [
        ['falls', `${say.step(inCelsiusStep(Math.max(0, finish.falls)))}/min`],
        ...(finish.place === 'bowl' ? [['stands', formatTimes(finish.mass.foam?.times ?? 1)] as const] : []),
        ...(finish.mass.slab ? [['its face', degrees(finish.top)] as const] : []),
        ['the room', degrees(finish.roomC)],
      ]
    : [
        byEye && view.forecast
          ? ['shows at the pull', say.temperature(inCelsius(shownAt(byEye, view.forecast.pullAt)))]
          : ['climbing', view.climb === null ? '—' : `${say.step(inCelsiusStep(view.climb))}/min`],
        ...(syrup ? [['water left', view.water === null ? '—' : waterLeft(view.water, say)] as const] : []),
        ...(bites ? [['would set', view.bite ? biteNames[view.bite.id] : '—'] as const] : []),
      ]
  return (
    <section aria-label="Thermometer" className="sheet flex items-center justify-between gap-3 px-5 py-3">
      <p
        data-testid="temperature"
        className={`casual leading-none font-extrabold ${stale ? 'text-muted' : 'text-cherry'}`}
      >
        <span className="text-reading tracking-tight">
          {view.celsius === null ? '–' : shown(inCelsius(view.celsius)).replace('°', '')}
        </span>
        <span className="text-unit">°{say.units.temperature}</span>
        {view.reckoned && (
          <span className="block text-small font-semibold text-muted">
            {view.celsius === null
              ? 'not known: read or test it'
              : finish?.mass.slab
                ? 'in the middle, reckoned'
                : sayReckoned(view.read, say)}
          </span>
        )}
        {stale && <span className="block text-small font-semibold">no reading for {formatSpan(age)}</span>}
      </p>
      <dl className="w-[140px] shrink-0 space-y-0.5">
        {facts.map(([label, text]) => (
          <div key={label}>
            <dt className="truncate text-small leading-tight text-muted">{label}</dt>
            <dd className="casual text-title leading-tight font-bold">{text}</dd>
          </div>
        ))}
      </dl>
    </section>
  )
}
