/** What is asked about a line of a recipe, how a sure one was understood, and what is told back of the whole. */
import {
  type Ask,
  type GoesIn,
  inCelsius,
  inGrams,
  type LineQuestion,
  type LineReading,
  type PlaceDoubt,
  type QuestionFigures,
  type TargetDoubt,
  type Unfollowed,
} from '@/core'
import { formatSpan } from '../format'
import { type Sayings, sayFinding } from '../said'
import type { Say } from '../units'
import { lower } from './names'

const questions: Sayings<QuestionFigures, string> = {
  empty: () => 'Nothing is written here',
  negative: () => 'An amount cannot be less than nothing',
  'of-what': () => 'How much is clear, but of what?',
  which: () => 'Which of them is it?',
  'which-named': ({ name }) => `Which of these is “${name}”?`,
  several: () => 'Is this more than one ingredient? Give each a line of its own',
  unknown: ({ name }) => `The pantry has no “${name}”`,
  unreckoned: ({ name }) =>
    `“${name}” boils, browns and sets by laws of its own, and Imbry reckons with sugars alone. What is said of this sweet would not hold`,
  vague: ({ word }) => `How many grams is “${word}”?`,
  'how-much': ({ ingredient }) => `How much ${ingredient.toLowerCase()}?`,
  weighs: ({ amount, ingredient }) => `What does ${amount} of ${ingredient.toLowerCase()} weigh?`,
  disagree: ({ amount, other }) => `It says ${amount}, and ${other}: which is it?`,
  'left-over': ({ number }) => `What is the ${number} in it? Give the amount alone`,
  'too-little': () => 'An amount must be more than nothing',
  'which-pint': () =>
    'A US pint is 473 ml, a UK pint 568 ml, and a gill a quarter of it. Which is meant? Write “us” or “uk” before it',
  'too-much': () => 'That is more than 100 kg: is the unit right?',
}

const unsaid = (name: string): string => `The method does not say when “${name}” goes in.`
/** Why it is asked where a line goes in that the method speaks of. */
const placeDoubts: { readonly [D in PlaceDoubt]: (name: string) => string } = {
  spoiled: (name) => `“${name}” seems to be in the pot while it boils, which spoils it.`,
  named: (name) => `“${name}” seems to go in with the rest, and a later sentence names it: Imbry has it there.`,
  quenches: (name) => `“${name}” seems to go in before the sugar is caramel, which it would keep from getting there.`,
  shared: (name) =>
    `“${name}” seems to go in by parts; Imbry has all of it in one place. Write it as two lines to part it.`,
  unboiled: (name) => `“${name}” seems to go in only once the boil is over.`,
  bare: (name) => `“${name}” seems to be on the heat before any sugar.`,
  elsewhere: (name) => `“${name}” seems to be in another pot, and Imbry follows one.`,
  late: (name) => `“${name}” seems to go in only once the sweet has left its pot.`,
}

/** Why it is asked where a cook ends, up to the verb. */
const targetDoubts: { readonly [By in TargetDoubt['by']]: (because: Extract<TargetDoubt, { by: By }>) => string } = {
  nothing: () => 'It does not say when it is done. At what temperature',
  look: ({ sentence }) =>
    `“${sentence}” tells it by eye, and how hot that is in this syrup is not known. At what temperature`,
  time: ({ seconds }) => `It says ${formatSpan(seconds)}; how far that goes depends on the ring. At what temperature`,
  choice: ({ sentence }) => `“${sentence}” names more than one temperature. At which of them`,
  bare: ({ sentence }) => `It seems to end at “${sentence}”. At what temperature`,
  unusual: ({ sentence }) => `“${sentence}” is far from where its kind is cooked to. At what temperature`,
  microwave: () =>
    'It is cooked in a microwave, by the minutes of that oven, and Imbry follows a pot on the stove. At what temperature',
}

const asks: { readonly [Id in Ask['id']]: (ask: Extract<Ask, { id: Id }>) => string } = {
  layered: ({ labels }) =>
    labels.length === 1
      ? 'Nothing of it seems to be boiled. Is it made by hand?'
      : `Made in parts, one on the other: ${labels.join(', ')}?`,
  family: () => 'A guess at what it is, from its name, its list and its method',
  unit: ({ text }) => `“${text}”: in which unit?`,
  weights: ({ text }) => `“${text}”, and the like: in which unit are the numbers of its list?`,
  target: ({ because }) => `${(targetDoubts[because.by] as (b: TargetDoubt) => string)(because)} does it come off?`,
  place: ({ name, doubt }) => `${doubt === null ? unsaid(name) : placeDoubts[doubt](name)} When does it go in?`,
}

/** What helps to answer where it comes off: what its figure would be, and what is usual. */
export function sayUsual({ because, guess, usual }: Extract<Ask, { id: 'target' }>, say: Say): string {
  const figure = because.by === 'bare' ? `that would be ${say.temperature(inCelsius(guess))}; ` : ''
  return `${figure}usual for its kind is about ${say.temperature(inCelsius(usual))}`
}

/** What a pasted method leaves open. */
export const sayAsk = (ask: Ask): string =>
  `${ask.part ? `${ask.part.label}: ` : ''}${(asks[ask.id] as (a: Ask) => string)(ask)}`

export const sayQuestion = (question: LineQuestion, say: Say): string => sayFinding(questions, question, say)

/** How the grams of a sure line came about: "1⅔ cups = 355 g". */
export function sayUnderstood({ amount, grams, between }: Extract<LineReading, { status: 'sure' }>, say: Say): string {
  const range = between ? `${say.weight(inGrams(between.low))} to ${say.weight(inGrams(between.high))}, ` : ''
  return `${range}${amount} = ${say.weight(inGrams(grams))}${between ? ', the middle of the range' : ''}`
}

/** What goes in at a moment of a recipe that is told back: "400 g sugar, 200 g butter (unsalted); “a drop of rose”, which is asked about". */
export function sayGoesIn(things: readonly GoesIn[], say: Say): string {
  const known = things.flatMap(({ name, grams }) =>
    grams === null ? [] : `${say.weight(inGrams(grams))} ${lower(name).replace(/, (.+)$/, ' ($1)')}`,
  )
  const asked = things.flatMap(({ name, grams }) => (grams === null ? `“${name}”` : []))
  const open = asked.length === 0 ? [] : [`${asked.join(', ')}, which ${asked.length > 1 ? 'are' : 'is'} asked about`]
  return [known.join(', '), ...open].filter(Boolean).join('; ')
}

const unfollowed: { readonly [Of in Unfollowed['of']]: (figure: Extract<Unfollowed, { of: Of }>, say: Say) => string } =
  {
    heat: ({ celsius }, say) => say.temperature(inCelsius(celsius)),
    time: ({ seconds }) => formatSpan(seconds),
    amount: ({ amount }) => amount,
    figure: ({ figure }) => `${figure}`,
  }

/** A figure of a recipe that no step follows. */
export const sayUnfollowed = (figure: Unfollowed, say: Say): string =>
  `${(unfollowed[figure.of] as (f: Unfollowed, say: Say) => string)(figure, say)} stands in the words alone`
