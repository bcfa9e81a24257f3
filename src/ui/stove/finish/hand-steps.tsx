import { Check } from 'lucide-react'
import { inCelsius, paceOf, wantOf } from '@/core'
import { useSay } from '@/ui/shell/preferences'
import { formatClock, formatSpan, proseIn, sayWant } from '@/words'
import { CookHeader } from '../cook-header'
import type { LiveCook } from '../stove'
import type { Acts } from '../use-acts'
import type { Voices } from '../use-alarm'

interface Props {
  readonly live: LiveCook
  readonly acts: Acts
  readonly voices: Voices
}

/** What is baked or mixed by hand, step by step: no syrup, no curve, but the same clock, log and calls. */
export function HandSteps({ live, acts, voices }: Props) {
  const say = useSay()
  const { log, cook, analysis, pot, now } = live
  const { formula, conditions, plan } = log.boil
  const waits = pot.doNow.due?.seconds ?? 0
  return (
    <section aria-label="Steps" className="sheet flex min-h-0 flex-col overflow-y-auto px-4 pt-1 pb-3">
      <CookHeader live={live} acts={acts} voices={voices} seconds={now} onJump={waits > 10 ? acts.jump : null} />
      <ol className="mt-1 flex flex-col gap-1">
        {formula.steps.map((step, i) => {
          const at = cook.state.done.get(step.id)
          const here = i === cook.state.next
          const want = here ? wantOf(step, { formula, analysis, plan, conditions }) : null
          return (
            <li
              key={step.id}
              aria-current={here ? 'step' : undefined}
              className={`flex gap-4 rounded-control px-4 py-3 ${here ? 'bg-lemon text-on-lemon' : i < cook.state.next ? 'text-muted' : ''}`}
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
      {cook.state.next === 0 && (
        <p className="mt-auto px-4 pt-2 text-body text-muted">
          Weighed for {formula.name.toLowerCase()}, in a room at {say.temperature(inCelsius(conditions.roomC))}.
        </p>
      )}
    </section>
  )
}
