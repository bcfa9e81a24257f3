/** What is said at the stove: what to do now, what goes wrong, what is doubtful. */
import {
  byTheDegree,
  type CookDoubt,
  type CookTrouble,
  type DoNow,
  type FarOff,
  inCelsius,
  inCelsiusStep,
  type PotNow,
  type Step,
  type TroubleFigures,
} from '@/core'
import { formatPercent, formatSpan } from '../format'
import { type Said, type Sayings, sayFinding } from '../said'
import type { Say } from '../units'
import { handworkNames, sayMoment } from './finish'
import { capital, colourNames, lower } from './names'
import { proseIn } from './prose'

export interface DoNowSaid {
  readonly say: string
  /** A second line to get ready for what comes, when it is close. */
  readonly prepare: string | null
  readonly why: string
  /** When the next work can be done, where that is foreseen. */
  readonly ahead: string | null
  /** How long it stays so. */
  readonly window: string | null
}

/** What is said by itself: nothing is got ready for it, and it has no moment. */
function alone(say: string, why: string): DoNowSaid {
  return { say, prepare: null, why, ahead: null, window: null }
}

/** The lemon panel in words: the maker's own, out of the formula. */
export function sayDoNow(doNow: DoNow, say: Say): DoNowSaid {
  const { step, meanwhile, prepare, test } = doNow
  if (!step) return alone('Done. Judge it and close the batch', 'Bite, colour and grain are easiest to judge today.')
  if (test)
    return alone(
      `${step.label}: test it now`,
      byTheDegree(step)
        ? 'Chocolate is worked by the degree, and this is only reckoned: read it before you go on.'
        : 'Nothing was read for a while, so the time is only reckoned. A thermometer, cold water, a sign or the colour decides.',
    )
  const words = (meanwhile && step.meanwhile) || step
  return {
    say: proseIn(words.say, say),
    prepare: prepare && step.prepare ? proseIn(step.prepare.say, say) : null,
    why: proseIn(words.why, say),
    ...sayOpening(doNow),
  }
}

/** A boil that is done before the last of its batch, whose next one is called so. */
export const sayOnTo = (next: string): DoNowSaid =>
  alone(`Done. On to ${next}`, 'The batch is judged once all of it is made.')

/** When a work of the finish opens, and how long it stays open. */
function sayOpening({ step, meanwhile, mood, due, until }: DoNow): Pick<DoNowSaid, 'ahead' | 'window'> {
  const work = step?.handwork
  if (!work) return { ahead: null, window: null }
  const opens = due && due.seconds > 0.5 ? due.seconds : 0
  const ahead = meanwhile && opens > 0 ? `${capital(handworkNames[work.kind])} in ${sayMoment(opens)}` : null
  const [low, high] = [due?.low ?? 0, due?.high ?? 0]
  if (until === null) return { ahead, window: ahead && high > low ? `Some ${sayRange({ low, high })}.` : null }
  if (mood === 'wait' && until > 0 && until <= opens)
    return { ahead, window: `By reckoning it can be done only within ${sayMoment(until)}.` }
  if (mood === 'wait') return { ahead, window: opens > 0 && until > opens ? sayWindow(opens, until) : null }
  return { ahead, window: until > 0 ? `For another ${sayMoment(until)}.` : null }
}

/** ◊ s: the ends of a window that is shorter are told apart by no clock in minutes. */
const SHORT = 60
const sayWindow = (opens: number, until: number): string =>
  until - opens < SHORT
    ? `It holds for ${sayMoment(until - opens)}, ${sayMoment(opens)} from now.`
    : `It holds from ${sayMoment(opens)} to ${sayMoment(until)} from now.`

const sayRange = ({ low, high }: { readonly low: number; readonly high: number }): string =>
  `${sayMoment(low)} to ${sayMoment(high)} by what is known`

/** A boil that is closed: nothing more to do here. */
export const closedBoil: DoNowSaid = alone('This boil is closed', 'Its story is in the logbook.')

/** ◊ s in which what was read is no news yet. */
const JUST = 10

/** What a temperature that was reckoned goes by: what somebody read lately, or nothing but the clock and the log. */
export function sayReckoned(read: PotNow['read'], say: Say): string {
  if (!read) return 'reckoned, not measured'
  const ago = read.ago < JUST ? 'just now' : `${formatSpan(JUST * Math.round(read.ago / JUST))} ago`
  return `reckoned: ${say.temperature(inCelsius(read.celsius))} was read ${ago}`
}

/** What is asked of a step, called `act`, that was logged far from its moment. */
export function sayEarly(act: string, { nextC, celsius, doNow: { due } }: PotNow, say: Say): Said {
  const left = due && `Its moment is some ${formatSpan(60 * Math.max(1, Math.round(due.seconds / 60)))} away`
  const at = nextC === null ? left : `Its moment is ${say.temperature(inCelsius(nextC))}`
  const now = celsius === null ? null : `it is at ${say.temperature(inCelsius(celsius))}`
  const detail = `${[at ?? 'Its moment has not come', now].filter(Boolean).join(', ')}.`
  return { text: `“${act}” already?`, detail }
}

/** What is asked of a test, called `test`, that the pot can hardly have shown. */
export function sayFarOff(test: string, { potC, showsC }: FarOff, reckoned: boolean, say: Say): Said {
  const heat = (c: number): string => say.temperature(inCelsius(c))
  const pot = `The pot ${reckoned ? 'is reckoned to be' : 'was read'} at ${heat(potC)}`
  const shows = showsC !== null && `that shows ${showsC > potC ? 'from' : 'up to'} some ${heat(showsC)}`
  return { text: `“${test}”: is that so?`, detail: `${shows ? `${pot}, and ${shows}` : pot}.` }
}

/** What a step asks for, in the reader's units. */
export const sayStep = (step: Pick<Step, 'say'>, say: Say): string => proseIn(step.say, say)

export interface TroubleSaid {
  readonly say: string
  readonly act: string
  readonly why: string
}

const troubles: Sayings<TroubleFigures, TroubleSaid> = {
  overshoot: ({ reckoned }) => ({
    say: reckoned ? 'By the clock it is past its target' : 'Past the target',
    act: 'Off the heat now, base in cold water',
    why: 'Every few seconds more is a harder, darker sweet; water can bring it back.',
  }),
  'too-hot': () => ({
    say: 'Hotter than it should melt',
    act: 'Off the water now, stir it cooler',
    why: 'Hotter still it thickens and tastes scorched. No water near it: a drop and it seizes.',
  }),
  'past-shade': ({ wanted }) => ({
    say: `Past ${colourNames[wanted]}`,
    act: 'Stop it now, with what goes in next or its base in cold water',
    why: 'At this heat the next shade is seconds away.',
  }),
  burning: ({ shade, last }) => ({
    say: shade === 'burnt' ? 'It is burnt' : `It is burning, ${colourNames[shade]} by now`,
    act: 'Off the heat; taste a cold drop before anything goes in',
    why: `Past ${colourNames[last]} this sweet tastes of burnt sugar, and nothing takes that back.`,
  }),
  flares: () => ({
    say: 'It is hot enough to catch fire',
    act: 'Heat off and lid on; no water, let it cool where it stands',
    why: 'Sugar and fat this hot give off what burns, and water thrown on them bursts into steam.',
  }),
  smoke: () => ({
    say: 'It smokes',
    act: 'Off the heat now; if it smokes on, stop',
    why: 'What smokes is burning: it is bitter from here, and hot enough to catch.',
  }),
  dry: ({ dial }) => ({
    say: 'Its water may be gone by now',
    act: `Look into the pot: heat down to ${dial}, hot water back if it is nearly dry`,
    why: 'On this ring so much can have boiled off in the time.',
  }),
  racing: ({ dial }) => ({
    say: 'It is racing to the target',
    act: `Heat down to ${dial}`,
    why: 'The last water goes in a rush: at this heat a hand is too slow.',
  }),
  stall: () => ({
    say: 'It has stalled',
    act: 'Look at the flame',
    why: 'The heat is on and the temperature stands still where it should climb.',
  }),
  metal: () => ({
    say: 'The probe seems to touch metal',
    act: 'Lift the tip clear of the base',
    why: 'It reads the pan, not the syrup; the forecast goes on without it.',
  }),
  out: () => ({
    say: 'The probe seems to be out of the syrup',
    act: 'Put the tip back in, two fingers deep',
    why: 'It reads air or froth; the forecast goes on without it.',
  }),
  foam: ({ dial, fill }) => ({
    say: 'Foam may reach the rim',
    act: `Heat down to ${dial}, a spoon across the pot`,
    why: `It rises to ${formatPercent(fill)} of the pot at its worst.`,
  }),
  'scorch-milk': ({ dial }) => ({
    say: 'Milk can scorch at this heat',
    act: `Heat down to ${dial}, scrape the base`,
    why: 'The base is far hotter than the syrup above it.',
  }),
  'scorch-sugar': ({ dial }) => ({
    say: 'Near its colour this heat burns the base',
    act: `Heat down to ${dial}, scrape the base`,
    why: 'The base is far hotter than the syrup above it.',
  }),
  split: ({ dial }) => ({
    say: 'The butter may split out',
    act: `Heat down to ${dial}, stir slowly and steadily`,
    why: 'So much fat holds together only while it warms gently and evenly.',
  }),
  forgotten: ({ seconds, rests }) => ({
    say: rests ? 'Still there?' : 'Still on the stove?',
    act: rests ? 'End it, or go on' : 'End it, log that it is poured, or go on',
    why: `Nothing was logged for ${formatSpan(60 * Math.round(seconds / 60))}.`,
  }),
  grain: () => ({
    say: 'A stir at the boil can start grain',
    act: 'Brush the sides down, lid on for a minute, then leave it',
    why: 'There is little glucose in it to hold the sugar back; steam washes the crystals off.',
  }),
}

export const sayTrouble = (trouble: CookTrouble, say: Say): TroubleSaid => sayFinding(troubles, trouble, say)

type DoubtFigures = { readonly [D in CookDoubt as D['id']]: D['figures'] }

const doubts: Sayings<DoubtFigures, string> = {
  'probe-out': () => 'The probe seems to be out of the syrup: the forecast goes on without it.',
  'probe-on-metal': () => 'The probe seems to touch metal: the forecast goes on without it.',
  unexplained: () => 'The temperature has jumped: log what went in.',
  silent: () => 'The probe is silent: the forecast goes on from what is known.',
  stall: () => 'It has stalled: is the flame out?',
  'heat-lower': () => 'It gets less heat than it did: log a turn of the dial.',
  'heat-higher': () => 'It gets more heat than it did: log a turn of the dial.',
  lid: () => 'Not while the lid is on.',
  never: () => 'At this heat it will not get there.',
  unheated: () => 'The heat is on, and it does not climb: is the flame lit, and the probe in the pot?',
  'thermometer-off': ({ off, sd }, say) =>
    `The drops say your thermometer reads about ${say.step(inCelsiusStep(Math.abs(off)))} ${off > 0 ? 'high' : 'low'} (give or take ${say.step(sd)}).`,
}

export const sayDoubt = (doubt: CookDoubt, say: Say): string => sayFinding(doubts, doubt, say)

/** The one thing to mind in the lemon panel: a trouble first, then a doubt. */
export function sayMind(troubles: readonly CookTrouble[], doubt: CookDoubt | null, say: Say): string | null {
  const [worst] = troubles
  if (worst) {
    const said = sayTrouble(worst, say)
    return said.say.endsWith('?') ? `${said.say} ${said.act}.` : `${said.say}: ${lower(said.act)}.`
  }
  return doubt && sayDoubt(doubt, say)
}

/** Troubles of a pot that is lost, or soon will be: what is next no longer matters. */
const LOST: ReadonlySet<CookTrouble['id']> = new Set(['burning', 'flares'])

/** What the lemon panel says of such a pot in place of its next step, and what to do about it; null for any other. */
export function sayLost(troubles: readonly CookTrouble[], say: Say): { said: DoNowSaid; mind: string } | null {
  const [worst] = troubles
  if (!worst || !LOST.has(worst.id)) return null
  const { say: lost, act, why } = sayTrouble(worst, say)
  return { said: alone(lost, why), mind: `${act}.` }
}
