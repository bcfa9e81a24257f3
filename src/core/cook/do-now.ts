/** What to do now: one sentence, its reason, and when. It changes before the moment comes, never after. */
import type { FormulaDocument, Step } from '../formula/document'
import type { Forecast } from './forecast'
import type { CookState, Seen } from './log'

export type Mood = 'wait' | 'soon' | 'now' | 'done'

export interface DoNow {
  readonly mood: Mood
  readonly say: string
  /** A second line to get ready for what comes, when it is close. */
  readonly prepare: string | null
  readonly why: string
  /** The step the big button logs; null once all is done. */
  readonly step: Step | null
  /** s until it is due, with the range where it is a forecast. */
  readonly due: { readonly seconds: number; readonly low: number; readonly high: number } | null
  readonly cautions: readonly string[]
}

/** Said this long ahead, s: time to put the spoon down and reach. */
const SOON = 25

/** ◊ A shade seen this near the wanted one is it, °C colour-equivalent. */
const SHADE = 4
/** ◊ Cooler than this, °C, sugar has no colour that tells. */
const PALEST = 158

export interface Moment {
  readonly now: number
  /** Best estimate of the temperature; null without a probe. */
  readonly celsius: number | null
  /** Where a `boil` trigger is met. */
  readonly boilC: number | null
  /** Forecast to the next step's own temperature, where it has one. */
  readonly forecast: Forecast | null
  /** Without a probe: a drop since the last step says the target is reached. */
  readonly dropped?: boolean
  /** Until it has cooled to the next step's temperature. */
  readonly cooling?: DoNow['due']
}

/** What was seen is what was wanted: the same sign or drop, or a shade as dark. */
export const isAs = (seen: Seen, wanted: Seen): boolean =>
  typeof seen === 'number' && typeof wanted === 'number' ? seen >= wanted - SHADE : seen === wanted

/** Whether it was seen since the last step. */
export const saw = (state: CookState, wanted: Seen): boolean =>
  state.seen.some(({ at, what }) => at >= state.lastDoneAt && isAs(what, wanted))

function untilDue(step: Step, state: CookState, m: Moment): DoNow['due'] {
  const { when } = step
  const exactly = (seconds: number) => ({ seconds, low: seconds, high: seconds })
  if (step.shows !== undefined && saw(state, step.shows)) return exactly(0)
  switch (when.on) {
    case 'ready':
      return exactly(0)
    case 'after':
      return exactly(Math.max(0, state.lastDoneAt + when.seconds - m.now))
    case 'falls':
      if (m.celsius !== null && m.celsius <= when.celsius) return exactly(0)
      return m.cooling ?? null
    case 'boil':
      if (m.celsius !== null && m.boilC !== null && m.celsius >= m.boilC - 0.7) return exactly(0)
      return fromForecast(m.forecast)
    case 'sign':
      return saw(state, when.sign) ? exactly(0) : null
    case 'word':
      return null
    case 'colour':
    case 'rises':
      // sugar alone that has the colour of a temperature is there
      return when.celsius >= PALEST && saw(state, when.celsius) ? exactly(0) : fromForecast(m.forecast)
    case 'target':
      return m.dropped ? exactly(0) : fromForecast(m.forecast)
  }
}

function fromForecast(f: Forecast | null): DoNow['due'] {
  return f && Number.isFinite(f.eta) ? { seconds: f.eta, low: f.low, high: f.high } : null
}

/** The do-now panel for a cook in this state at this moment. */
export function doNow(formula: FormulaDocument, state: CookState, moment: Moment): DoNow {
  const step = formula.steps[state.next] ?? null
  if (!step)
    return {
      mood: 'done',
      say: 'Done. Judge it and close the batch',
      prepare: null,
      why: 'Bite, colour and grain are easiest to judge today.',
      step: null,
      due: null,
      cautions: [],
    }
  const due = untilDue(step, state, moment)
  const mood: Mood = due === null ? 'wait' : due.seconds <= 0.5 ? 'now' : due.seconds <= SOON ? 'soon' : 'wait'
  const waits = mood === 'wait' && step.meanwhile !== undefined
  const close = step.prepare && due !== null && due.seconds <= step.prepare.seconds
  return {
    mood,
    say: waits ? (step.meanwhile?.say ?? step.say) : step.say,
    prepare: mood === 'wait' && close ? (step.prepare?.say ?? null) : null,
    why: waits ? (step.meanwhile?.why ?? step.why) : step.why,
    step,
    due,
    cautions: waits ? [] : (step.cautions ?? []),
  }
}
