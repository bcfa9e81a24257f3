import type { FinishAssessment } from '@/core'
import { sayWindow } from '@/words'

interface Props {
  readonly finish: FinishAssessment
  readonly now: number
}

/** s shown at least, and how much of what is to come is shown once it has opened. */
const LEAST = 600
const AFTER = 1.15

/** The works to come on a strip of time: from the pour, over now, to when the last of them has opened. */
export function WindowStrip({ finish: { mass, ahead }, now }: Props) {
  const bars = ahead.filter((w) => Number.isFinite(w.opens))
  const ends = bars.map((w) => (Number.isFinite(w.closes) ? w.closes : w.opens + 0.2 * (w.opens - mass.since)))
  const span = Math.max(LEAST, AFTER * (now - mass.since), ...ends.map((at) => at - mass.since))
  const share = (at: number): number => Math.min(100, Math.max(0, (100 * (at - mass.since)) / span))
  if (bars.length === 0) return null
  return (
    <span
      className="relative block h-3 rounded-full bg-marble"
      aria-hidden
      title={bars.map((w) => sayWindow(w, mass.since)).join(', ')}
    >
      {bars.map((w) => (
        <span
          key={w.step.id}
          className={`absolute inset-y-0 rounded-full ${w.state === 'missed' ? 'bg-rest' : w.state === 'open' ? 'bg-cherry' : 'bg-angelica'}`}
          style={{ left: `${share(w.opens)}%`, right: `${100 - share(w.closes)}%` }}
        />
      ))}
      <span className="absolute -inset-y-1 w-1 rounded-full bg-ink" style={{ left: `${share(now)}%` }} />
    </span>
  )
}
