/** What to do now: which step, whether it is its turn yet, and when. It changes before the moment comes, never after. */
import type { CautionId } from '../craft/cautions'
import { cautionsOf } from '../formula/cautions'
import type { FormulaDocument, Step } from '../formula/document'
import type { CookState, Seen } from '../log/log'
import type { Forecast } from '../track/forecast'
import { EIGHTY } from '../track/scatter'

export type Mood = 'wait' | 'soon' | 'now' | 'done'

export interface DoNow {
  readonly mood: Mood
  /** The step the big button logs; null once all is done. */
  readonly step: Step | null
  /** It is not its turn yet: what the step says to do until then holds. */
  readonly meanwhile: boolean
  /** It is close: what the step wants within reach is to be got ready. */
  readonly prepare: boolean
  /** By the reckoning it may be there, and nothing was read for a while: only a test can tell. */
  readonly test: boolean
  /** s until it is due, with the range where it is a forecast; `high` null where nobody can say how late it may be. */
  readonly due: { readonly seconds: number; readonly low: number; readonly high: number | null } | null
  /** s until its window closes: 0 once it has; null where it stays open. */
  readonly until: number | null
  readonly cautions: readonly CautionId[]
}

/** Said this long ahead, s: time to put the spoon down and reach. */
const SOON = 25

/** ◊ s between two tests of what may be there by now. */
const AGAIN = 180

/** ◊ A shade seen this near the wanted one is it, °C colour-equivalent. */
const SHADE = 4
/** ◊ Cooler than this, °C, sugar has no colour that tells, and a drop in cold water shows no thread. */
const PALEST = 158
const THINNEST = 109

export interface Moment {
  readonly now: number
  /** Best estimate of the temperature; null without a probe. */
  readonly celsius: number | null
  /** Where a `boil` trigger is met. */
  readonly boilC: number | null
  /** Forecast to the next step's own temperature, where it has one. */
  readonly forecast: Forecast | null
  /** Without a probe, and nothing was read lately: the forecast is a reckoning from the log. */
  readonly unread?: boolean
  /** Without a probe: a drop since the last step says that the heat it waits for is reached. */
  readonly dropped?: boolean
  /** What is only boiled for a time on the way to its target is at that target already. */
  readonly there?: boolean
  /** Until it has cooled to the next step's temperature. */
  readonly cooling?: DoNow['due']
  /** When the next step's handwork can be done, s on the cook's clock, and how much of a foreseen time may be wrong. */
  readonly window?: { readonly opens: number; readonly closes: number; readonly doubt: number } | null
}

/** What was seen is what was wanted: the same sign or drop, or a shade as dark. */
export const isAs = (seen: Seen, wanted: Seen): boolean =>
  typeof seen === 'number' && typeof wanted === 'number' ? seen >= wanted - SHADE : seen === wanted

/** Whether it was seen since the last step. */
export const saw = (state: CookState, wanted: Seen): boolean =>
  state.seen.some(({ at, what }) => at >= state.lastDoneAt && isAs(what, wanted))

/** Whether the maker saw what the step waits for. */
function shown({ when, shows }: Step, state: CookState, m: Moment): boolean {
  if (shows !== undefined && saw(state, shows)) return true
  if (when.on === 'sign') return saw(state, when.sign)
  if (when.on === 'texture') return (state.textures.get(when.texture) ?? Number.NEGATIVE_INFINITY) >= state.lastDoneAt
  if (when.on === 'target') return m.dropped ?? false
  if (when.on === 'rises' && m.dropped) return true
  // sugar alone that has the colour of a temperature is there
  return isTold(when) && saw(state, when.celsius)
}

/** Whether a test can tell that it is there: a shade, dark enough to be one. */
const isTold = (when: Step['when']): when is Extract<Step['when'], { celsius: number }> =>
  (when.on === 'colour' || when.on === 'rises') && when.celsius >= PALEST

/** What only a thermometer or a test of the maker can tell: that it is there. */
const asksEyes = (step: Step): boolean =>
  step.when.on === 'target' ||
  (step.when.on === 'rises' && step.when.celsius >= THINNEST) ||
  isTold(step.when) ||
  byTheDegree(step)

/** Chocolate is worked by the degree: what is only reckoned of it is not enough. */
export const byTheDegree = ({ when, handwork }: Step): boolean =>
  when.on === 'window' && (handwork?.kind === 'temper' || handwork?.kind === 'gather')

function untilDue({ when }: Step, state: CookState, m: Moment): DoNow['due'] {
  switch (when.on) {
    case 'ready':
      return exactly(0)
    case 'after':
      return exactly(m.there ? 0 : Math.max(0, state.lastDoneAt + when.seconds - m.now))
    case 'falls':
      if (m.celsius !== null && m.celsius <= when.celsius) return exactly(0)
      return m.cooling ?? null
    case 'boil':
      if (m.celsius !== null && m.boilC !== null && m.celsius >= m.boilC - 0.7) return exactly(0)
      return fromForecast(m.forecast)
    case 'window':
      // work that has no window of its own in this family can be done at once
      return m.window ? fromWindow(m.window.opens - m.now, m.window.doubt) : exactly(0)
    case 'sign':
    case 'word':
    case 'texture':
    case 'part':
      return null
    case 'colour':
    case 'rises':
    case 'target':
      return fromForecast(m.forecast)
  }
}

function fromWindow(opensIn: number, doubt: number): DoNow['due'] {
  if (!Number.isFinite(opensIn)) return null
  const seconds = Math.max(0, opensIn)
  return { seconds, low: seconds * (1 - EIGHTY * doubt), high: seconds * (1 + EIGHTY * doubt) }
}

const exactly = (seconds: number) => ({ seconds, low: seconds, high: seconds })

/** ◊ A range that ends later than so many s, and so many times as late as what is foreseen, has no end. */
const LATEST = { s: 3600, times: 4 }

function fromForecast(f: Forecast | null): DoNow['due'] {
  if (!f || !Number.isFinite(f.eta)) return null
  const high = f.high <= Math.max(LATEST.s, LATEST.times * f.eta) ? f.high : null
  return { seconds: f.eta, low: f.low, high }
}

/** ◊ Logged this long before its moment, s, a step is likely a slip of the hand. */
const EARLY = 60

/** ◊ A wait that is cut short by no more than this share of it is a maker's own choice. */
const CUT_SHORT = 0.2

/** Whether the step that is next waits for a heat or a time that is still far off: to log it now is to be asked about. */
export function isEarly({ mood, step, due }: DoNow): boolean {
  if (mood !== 'wait' || step === null) return false
  const { when } = step
  if (when.on === 'after') return due !== null && due.seconds > Math.max(EARLY, CUT_SHORT * when.seconds)
  // of a shade that stands for no temperature nobody knows when it comes
  return FAR.has(when.on) && (due === null ? when.on !== 'colour' : due.seconds > EARLY)
}

/** What a step waits for that can be far off. */
const FAR: ReadonlySet<Step['when']['on']> = new Set(['boil', 'rises', 'falls', 'colour', 'target', 'window'])

/** The do-now panel for a cook in this state at this moment. */
export function doNow(formula: FormulaDocument, state: CookState, moment: Moment): DoNow {
  const step = formula.steps[state.next] ?? null
  if (!step)
    return {
      mood: 'done',
      step: null,
      meanwhile: false,
      prepare: false,
      test: false,
      due: null,
      until: null,
      cautions: [],
    }
  const seen = shown(step, state, moment)
  const due = seen ? exactly(0) : untilDue(step, state, moment)
  const asksTest = !seen && moment.unread === true && asksEyes(step)
  // what may be there by now, though it is foreseen for later, is tested every so often
  const looked = Math.max(state.lastDoneAt, state.seen.at(-1)?.at ?? Number.NEGATIVE_INFINITY)
  const mayBeThere = asksTest && due !== null && due.low <= SOON && moment.now - looked > AGAIN
  const isFar = due === null || due.seconds > SOON
  const mood: Mood = isFar ? (mayBeThere ? 'soon' : 'wait') : due.seconds > 0.5 || asksTest ? 'soon' : 'now'
  const meanwhile = mood === 'wait' && step.meanwhile !== undefined
  const closes = moment.window?.closes
  const close = step.prepare !== undefined && due !== null && due.seconds <= step.prepare.seconds
  return {
    mood,
    step,
    meanwhile,
    prepare: mood === 'wait' && close,
    test: mood === 'soon' && asksTest,
    due,
    until: closes === undefined || !Number.isFinite(closes) ? null : Math.max(0, closes - moment.now),
    cautions: meanwhile ? [] : cautionsOf(formula, step),
  }
}
