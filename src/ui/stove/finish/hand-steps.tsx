import { Check } from 'lucide-react'
import { useMemo } from 'react'
import { inCelsius, paceOf, type Want, wantOf } from '@/core'
import { useSay } from '@/ui/shell/preferences'
import { formatClock, formatSpan, lower, proseIn, sayWant } from '@/words'
import { CookHeader } from '../cook-header'
import type { LiveCook } from '../stove'
import type { Acts } from '../use-acts'
import type { Voices } from '../use-alarm'

interface Props {
  readonly live: LiveCook
  readonly acts: Acts
  readonly voices: Voices
}

/** How far a wait is through, and where what is baked is through to its middle; nothing for a step that waits for no time. */
function Wait({ live: { cook, pot, now }, want }: Pick<Props, 'live'> & { readonly want: Want | null }) {
  const step = pot.doNow.step
  if (step?.when.on !== 'after') return null
  const whole = step.when.seconds
  const share = (s: number): string => `${Math.min(100, Math.max(0, (100 * s) / whole))}%`
  const gone = now - cook.state.lastDoneAt
  const through = want?.id === 'bake' ? want.figures.takes : null
  return (
    <figure aria-label={`${formatSpan(Math.max(0, whole - gone))} to go`} className="mt-auto px-4 pt-4 pb-1">
      <div className="relative h-9">
        <span className="absolute inset-0 rounded-inner bg-slab-wash" />
        <span className="absolute inset-y-0 left-0 rounded-inner bg-slab" style={{ width: share(gone) }} />
        {through !== null && through < whole && (
          <span className="absolute -top-1 bottom-0 w-[3px] bg-ink" style={{ left: share(through) }} />
        )}
      </div>
      <figcaption className="relative h-6 text-small text-muted">
        <span className="absolute left-0">in</span>
        {through !== null && through < 0.8 * whole && (
          <span className="absolute -translate-x-1/2 text-ink" style={{ left: share(through) }}>
            baked through, reckoned
          </span>
        )}
        <span className="absolute right-0">out, after {formatSpan(whole)}</span>
      </figcaption>
    </figure>
  )
}

/** What is baked or mixed by hand, step by step: no syrup, no curve, but the same clock, log and calls. */
export function HandSteps({ live, acts, voices }: Props) {
  const say = useSay()
  const { log, cook, analysis, pot, now } = live
  const { formula, conditions, plan } = log.boil
  const waits = pot.doNow.due?.seconds ?? 0
  const next = formula.steps[cook.state.next]
  // how it comes up in the oven is reckoned once a step, not at every tick
  const wanted = useMemo(
    () => next && wantOf(next, { formula, analysis, plan, conditions }),
    [next, formula, analysis, plan, conditions],
  )
  return (
    <section aria-label="Steps" className="sheet flex min-h-0 flex-col overflow-y-auto px-4 pt-1 pb-3">
      <CookHeader live={live} acts={acts} voices={voices} seconds={now} onJump={waits > 10 ? acts.jump : null} />
      <ol className="mt-1 flex flex-col gap-1">
        {formula.steps.map((step, i) => {
          const at = cook.state.done.get(step.id)
          const here = i === cook.state.next
          const want = here ? wanted : null
          return (
            <li
              key={step.id}
              aria-current={here ? 'step' : undefined}
              className={`flex gap-4 rounded-control px-4 py-3 ${here ? 'border-2 border-cherry' : i < cook.state.next ? 'text-muted' : ''}`}
            >
              <span aria-hidden className="mt-0.5 w-6 shrink-0">
                {i < cook.state.next ? <Check size={22} strokeWidth={3} className="text-angelica" /> : i + 1}
              </span>
              <span className="min-w-0 flex-1">
                <span className="casual block text-title leading-tight font-bold">{proseIn(step.say, say)}</span>
                {here && step.why && <span className="block text-body leading-snug">{proseIn(step.why, say)}</span>}
                {want && <span className="block text-body leading-snug">{sayWant(want, say)}</span>}
              </span>
              <span className="figures shrink-0 text-main">
                {at !== undefined
                  ? `at ${formatClock(at)}`
                  : step.when.on === 'after'
                    ? formatSpan(here ? waits / paceOf(live.snapshot.events) : step.when.seconds)
                    : null}
              </span>
            </li>
          )
        })}
      </ol>
      <Wait live={live} want={wanted ?? null} />
      {cook.state.next === 0 && (
        <p className="mt-auto px-4 pt-2 text-body text-muted">
          Weighed for {lower(formula.name)}, in a room at {say.temperature(inCelsius(conditions.roomC))}.
        </p>
      )}
    </section>
  )
}
