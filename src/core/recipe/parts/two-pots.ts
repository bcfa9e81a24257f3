/** A recipe that boils twice: the honey that goes onto the whites first, while the sugar climbs in a pot of its own. */

import { callsIn, mentions } from '../../formula/called'
import type { FormulaDocument, Step } from '../../formula/document'
import { idFor } from '../../formula/edit'
import { capital, LONGEST_SAY, short, uncapital } from '../../formula/sentence'
import type { Answers, Draft, Lexicon, WrittenPiece } from '../draft/draft'
import { readLines } from '../lines/lines'
import { withoutOtherAmounts } from '../lines/same-named'
import { takesHeaded } from '../lines/takes'
import { isWhippedWithWhites } from '../lines/whites'
import { boilsTo, endingOf, inOrder } from '../method/end'
import { ADDS_IN } from '../sentence/adds'
import { WATCHES } from '../sentence/endings'
import { type HeatUnit, heatIn } from '../sentence/heats'
import { FOAM, inOtherPot, isGotReady, pours, WHIPPED_IN, whipsWhites } from '../sentence/moves'
import { isMark } from '../text/lettered'
import type { Written } from '../text/listed'
import type { Headed } from '../text/split'
import { markOf, questionsUnder, under } from './layers'
import { heatUnitOf, readPiece } from './piece'

/** "Pour the honey over the whites", "pour in the honey with the mixer running". */
const ONTO_WHITES = new RegExp(
  `${/\b(?:pour|run|trickle|drizzle|stream|add)\b.*\b/.source}(?:${[
    `${/(?:onto|over|into|on|to)\b.*\b/.source}(?:${FOAM}|(?:mixer|bowl)\\b)`,
    /(?:machine|mixer|motor|whisk|beaters) (?:is |are )?(?:going|on|running)\b(?! (?:full|high|low|medium|speed)\b)/
      .source,
    /honey\b.{0,20}\bstream\b/.source,
    WHIPPED_IN,
  ].join(
    '|',
  )})|${/\b(?:mixer|whisk|beaters)\b.{0,30}\b(?:add|drizzle|pour|run|stream|trickle)\b.{0,20}\bhoney\b/.source}|${/^(?:the )?(?:hot )?honey (?:on|onto|over|into) (?:the )?whites\b|^pour (?:it )?(?:on|over)(?! (?:an?|the|to)\b)|\bpour (?:on (?:the )?(?:hot )?honey|(?:the )?(?:hot )?honey on)\b|^(?:pour|run|trickle|drizzle|stream) (?:in )?(?:the )?(?:hot )?honey(?: in)?(?=$|[,;]| (?:slowly|while)\b)/.source}`,
  'i',
)
/** What whites are called once they are whipped. */
const CALLED_FOAM = /\b(?:foam|frapp[eé]|meringue)(?!\w)/i
const WHITES = /\b(?:whites|egg whites?|albumen)\b/i
const BOWL = /\b(?:bowl|mixer)\b/i
const POT = /\b(?:pan|pot|saucepan)\b/i
const SWEET = /^(?:sugar|glucose)$/
const SWEETENS = /\b(?:sugar|honey|glucose|syrup|molasses|treacle|sucrose)$/
const GLUCOSE = /^(?:glucose|(?:light |dark )?corn syrup)\b/
const PUTS_IN = /\b(?:pour|add|run|trickle|drizzle|stream)\b/i

/** "Cook the sugar syrup": all that is not the honey. */
const THE_SYRUP = /\b(?:the|boil|cook|heat) (?:sugar )?syrup\b/i

/** "Add the honey and cook to 128°": into the same pot. */
const GOES_IN = new RegExp(`\\b(?:${ADDS_IN}|pour)\\b`, 'i')

/** What is begun at a heat boils nothing. */
const BEGINS = /\b(?:start|begin)\b|\bwhites (?:on|to (?:firm|soft|stiff))\b/i

/** "When the syrup is at 120° start …": what is watched ends there. */
const THEN_DOES = /,|\b(?:start|begin|whip|whisk|beat)\b/i
/** "Start the whites when the honey is at 110°" */
const WATCHED_LAST = /(?<=^(?:start|begin|whip|whisk|beat|(?:egg )?whites)\b.*)\b(?:when|once|as soon as)\b.*$/i

/** ◊ What was cooked first and whipped in is this warm once the other syrup is there, °C. */
const WHIPPED_C = 60

/** ◊ Two heats of a text are one where they are no further apart than that, in its own degrees. */
const SAME_HEAT = 2

/** "Pour in the honey. Beat for 5 min": that is done before the next syrup is there. */
const BEATS = /^(?:(?:continue|keep)(?: on)? )?(?:beat|whip|whisk)(?:p?ing)?\b(?!.*\b(?:add|pour|stream|whites?)\b)/i
/** "Add the honey, beating for 2 minutes" */
const WHIPPING_IN = new RegExp(`\\b${WHIPPED_IN}`, 'i')
const beatenIn = (said: readonly string[]): string[] => {
  const isBeaten = (i: number): boolean =>
    BEATS.test(said[i] ?? '') &&
    (ONTO_WHITES.test(said[i - 1] ?? '')
      ? said.slice(i + 1).some((s) => heatIn(s) !== null)
      : WHIPPING_IN.test(`${said[i - 1]}, ${uncapital(said[i] as string)}`))
  return said.flatMap((s, i) => {
    if (isBeaten(i)) return []
    if (!isBeaten(i + 1)) return s
    const beaten = uncapital(said[i + 1] as string)
    return /^\w+ing\b/.test(beaten) ? `${s}, ${beaten}` : `${s}, then ${beaten}`
  })
}

/** ◊ A nougat of two syrups is a soft one, until its maker says otherwise. */
const TWO_SYRUPS = 'two-syrups-soft'

/** Sentences, counted from 0: those of either boil, and the one that pours the first of them out. */
interface TwoPots {
  readonly first: readonly number[]
  readonly poured: number
  readonly second: readonly number[]
}

function potsIn(said: readonly string[], unit: HeatUnit | null, written: readonly Written[]): TwoPots | null {
  const boils = said.flatMap((s, i) =>
    !isGotReady(s) && !BEGINS.test(s) && !whipsWhites(s) && boilsTo(s, unit) ? [i] : [],
  )
  const first = boils[0] ?? -1
  const poured = said.findIndex((s, i) => i > first && ONTO_WHITES.test(s))
  const inOther = (b: number): boolean => inOtherPot(`${said[b - 1] ?? ''}. ${said[b]}`)
  // "pour the honey over the whites": what was boiled with the rest is not poured by itself
  const speaks = (at: number, { names }: Written): boolean => mentions(said[at] ?? '', names)
  const pouredOf = (a: number, b: number): boolean =>
    written.some((w) => speaks(a, w) && speaks(poured, w) && !speaks(b, w))
  // what is poured by itself was boiled by itself, whichever of the two is told first
  const isAlone = (b: number): boolean => pouredOf(first, b) || (!GOES_IN.test(said[b] ?? '') && pouredOf(b, first))
  // "cook the syrup to 124°. Once it reaches 124° pour …" is one boil, told twice
  const lowOf = (b: number): number => heatIn(said[b] ?? '')?.low ?? Number.NaN
  const isSame = (b: number): boolean => !inOther(b) && Math.abs(lowOf(b) - lowOf(first)) < SAME_HEAT
  const second = boils.find((b) => b > first && !isSame(b) && (b > poured || inOther(b) || isAlone(b)))
  if (first < 0 || poured < 0 || second === undefined) return null
  // "put the honey in a pan. Boil it to 121°"
  const withStart = (at: number, after: number): number[] =>
    at - 1 > after && at - 1 !== poured && POT.test(said[at - 1] ?? '') && !BEGINS.test(said[at - 1] ?? '')
      ? [at - 1, at]
      : [at]
  // the honey is poured first, though the sugar was lit before it
  const pours = said[poured] as string
  const what = pours.slice(Math.max(0, pours.search(PUTS_IN))).split(/,|\b(?:into|on|onto|over|then|to)\b/)[0] as string
  const alone = (a: number, b: number): boolean =>
    written.some((w) => mentions(what, w.names) && speaks(a, w) && !speaks(b, w))
  const [lit, next] = [withStart(first, -1), withStart(second, first)]
  return alone(second, first) && !alone(first, second)
    ? { first: next, poured, second: lit }
    : { first: lit, poured, second: next }
}

/** "Pour the honey onto the whites, then the syrup": either is a moment of its own. */
const THEN_OTHER = /^(.*?),? (?:and )?then (?:(?:add|pour)(?: in)? )?(the .*|(?:sugar )?syrup\b.*)$/i
/** "Whisk the whites to soft peaks; pour the honey on", "… and add the honey in a stream" */
const WHIPPED_THEN = new RegExp(
  `^(.*\\b${FOAM}.*?)(?:[;,] *(?:then )?(?=pour\\b)|,? and (?=(?:add|pour)\\b.*\\bstream\\b))(.*)$`,
  'i',
)
/** "Whip the egg at medium": of an egg that is whipped the white. */
const whitesOf = (sentence: string): string =>
  sentence.replace(/^(beat|whip|whisk) (?:the )?eggs?\b(?! (?:white|yolk))/i, '$1 the egg whites')

/** "Honey to 122°, onto the whites" */
const BOILED_ONTO =
  /^(.*\bto \d{3}[^,;]*)[,;] (?:and )?(onto (?:the )?(?:(?:egg )?whites|egg|foam|frapp[eé]|meringue)\b.*)$/i
const inTwo = (sentence: string): string[] => {
  const [, boiled, onto] = BOILED_ONTO.exec(sentence) ?? []
  if (boiled && onto) return [boiled, `Pour ${onto.replace(/\begg\b(?! whites)/i, 'the egg whites')}`]
  const [, whipped, poured] = (ONTO_WHITES.test(sentence) && WHIPPED_THEN.exec(sentence)) || []
  if (whipped && poured) return [whipped, capital(poured)]
  const [, one, other] = (ONTO_WHITES.test(sentence) && THEN_OTHER.exec(sentence)) || []
  if (!one || !other) return [sentence]
  // "pour the honey, then the syrup, over the whites": both go there
  const where = ONTO_WHITES.test(one) ? '' : ` ${/\b(?:onto|over|into|on)\b.*$/i.exec(other)?.[0] ?? ''}`
  return [`${one}${where}`, `Pour in ${other}`]
}

/** "When the sugar is at 110° start the honey in another pan. Whip the whites when the honey is at 121°": how far the second pan is taken stands with what waits for it. */
const STARTED = /^(.*?)(?:[,;] )?\b(?:start|begin|put on) (?:the )?(honey|sugar|syrup)\b[^,;]*$/i
const startedApart = (said: readonly string[]): string[] =>
  said.flatMap((s, i) => {
    const [, before = '', what] = (inOtherPot(s) && STARTED.exec(s)) || []
    if (!what) return [s]
    const isAt = new RegExp(
      `\\b(?:when|once) (?:the )?${what} (?:gets to|hits|is at|reaches) ((?:about )?\\d{3} ?°? ?[CF]?)`,
      'i',
    )
    const heat = said
      .slice(i + 1)
      .map((t) => isAt.exec(t)?.[1])
      .find((at) => at !== undefined)
    if (!heat) return [s]
    // when it is begun is read in the notes: each pot has a clock of its own
    const [set = ''] = before.split(/[,;] (?=(?:when|once|as soon as)\b)/i)
    const boiled = `Boil the ${what} to ${heat.trim()} in another pan`
    return set === '' || /^(?:when|once|as soon as)\b/i.test(set) ? [boiled] : [set, boiled]
  })

/** "Half the syrup", "a third of it"; "the remaining syrup". */
const HALF = /\b(?:half|a (?:half|quarter|third)|one (?:half|third)|some|part)\b(?: of)?(?: the| it)\b/i
const THE_REST = /\b(?:boil|cook|heat|continue|return)\b.{0,30}\b(?:other half|remain(?:der|ing)|rest)\b/i

/** "Run in the honey": for the pot it comes from, that is all of it poured out. */
const emptied = (sentence: string): string => {
  const poured = sentence.replace(/^pour in\b/i, 'Pour out')
  return pours(poured) ? poured : `Pour out: ${uncapital(sentence)}`
}

/** Reads a recipe of two boils as a formula and a part that joins it; null where there is only one. */
export function readTwoPots(whole: WrittenPiece, lexicon: Lexicon, answers: Answers): Draft | null {
  const piece = { ...whole, said: beatenIn(startedApart(whole.said).map(whitesOf).flatMap(inTwo)) }
  if (!piece.said.some((s) => ONTO_WHITES.test(s))) return null
  // "pour half the syrup over the whites, cook the rest to 133°": one pot, poured in two goes
  if (whole.said.some((s) => ONTO_WHITES.test(s) && HALF.test(s)) && whole.said.some((s) => THE_REST.test(s)))
    return null
  const rows = piece.list.flatMap(({ heading, lines }) => lines.map((line) => ({ heading, line })))
  const unit = heatUnitOf(piece, answers)
  const { written } = readLines(piece.list, lexicon)
  const pots = potsIn(piece.said, unit, written)
  if (!pots) return null
  const spoken = (names: readonly string[], at: readonly number[]): boolean =>
    at.some((s) => mentions(piece.said[s] as string, names))
  const isCalled = ({ calls }: Written, at: readonly number[]): boolean =>
    at.some((s) => calls.some((c) => callsIn(piece.said[s] as string, c)))
  const isRest = pots.second.some((s) => THE_SYRUP.test(piece.said[s] as string))
  const isFirst = written.map(({ names }, i) => {
    // one sentence sets both pans out: the first boils what is then boiled or poured by its name
    if (isRest && !spoken(names, [...pots.first.slice(-1), pots.poured])) return false
    const twins = written.flatMap((w, k) => (w.names[0] === names[0] ? [k] : []))
    // "boil sugar (2)"
    const marked = twins.find((k) => k !== i && isCalled(written[k] as Written, pots.first))
    if (marked !== undefined && !isCalled(written[i] as Written, pots.first)) return false
    // of what both boils speak of, the first of two lines is the first boil's, and a line by itself the second's
    return spoken(names, pots.first) && (!spoken(names, pots.second) || (twins.length > 1 && twins[0] === i))
  })
  /** "Put the honey in a small pan; sugar and water in a medium one". */
  const isSetOut = ({ names }: Written): boolean => piece.said.some((s) => POT.test(s) && mentions(s, names))
  const listOf = (first: boolean): Headed[] =>
    rows.flatMap(({ heading, line }, i) => (isFirst[i] === first ? [{ heading, lines: [line] }] : []))
  const called = written[isFirst.indexOf(true)]?.names[0]
  const hasSecond =
    isRest ||
    written.some(
      (w, i) => !isFirst[i] && (spoken(w.names, pots.second) || (w.names.some((n) => SWEET.test(n)) && isSetOut(w))),
    )
  // where both are boiled of the same lines nothing is told apart here
  // and nobody boils glucose syrup by itself
  const isSweet = written.some(
    (w, i) => isFirst[i] && w.names.some((n) => SWEETENS.test(n)) && !w.names.some((n) => GLUCOSE.test(n)),
  )
  if (called === undefined || !hasSecond || !isSweet) return null

  /** "Start the honey" */
  const starts = new RegExp(`^(?:begin|light|put on|start)(?: with)? (?:the )?${called}$`, 'i')
  // "when the honey is at 118°" is said of the pot the honey is in, wherever it stands; "when it is", right after
  const isOfFirst = (s: string, i: number): boolean =>
    mentions(WATCHES.test(s) ? (s.split(THEN_DOES)[0] as string) : (WATCHED_LAST.exec(s)?.[0] ?? ''), [called]) ||
    (WATCHES.test(s) &&
      (pots.first.at(-1) === i - 1 || starts.test(piece.said[i - 1] ?? '')) &&
      /^\w+(?: soon as)? it\b|^(?:(?:once|when) )?at (?:about )?\d/i.test(s))
  // "in a second pan heat the honey", some sentences before how far, "start the honey"
  const setsOut = piece.said.flatMap((s, i) =>
    i < (pots.first[0] as number) &&
    !pots.second.includes(i) &&
    (POT.test(s) || starts.test(s)) &&
    !heatIn(s) &&
    mentions(s, [called]) &&
    !written.some((w, k) => !isFirst[k] && mentions(s, w.names))
      ? [i]
      : [],
  )
  const ofFirst = piece.said.flatMap((s, i) =>
    !pots.first.includes(i) && i !== pots.poured && heatIn(s) && isOfFirst(s, i) ? [i] : [],
  )
  const ofItsOwn = [...setsOut, ...pots.first, ...ofFirst]
  const name = `${capital(called)} syrup`
  const id = idFor(name, [])
  const mark = markOf(id, [])
  // what it is called by is in it from the start, whichever of its sentences speaks of it first
  const begins = Object.fromEntries(
    readLines(listOf(true), lexicon)
      .written.slice(0, 1)
      .map((w) => [w.id, 0]),
  )
  const first = readPiece(
    {
      name,
      list: listOf(true),
      others: written,
      said: inOrder(
        [...ofItsOwn.map((i) => piece.said[i] as string), emptied(piece.said[pots.poured] as string)],
        unit,
      ),
    },
    lexicon,
    { ...(unit && { unit }), ...answers.parts?.[id], places: { ...begins, ...answers.parts?.[id]?.places } },
  )
  const said = inOrder(
    piece.said.filter((_, i) => i !== pots.poured && !ofItsOwn.includes(i)),
    unit,
  )
  const ended = endingOf(said, unit)?.at ?? -1
  const joinsAt = said.findIndex((s, i) => i > ended && PUTS_IN.test(s))
  const meets = joinsAt < 0 ? Math.min(ended + 1, said.length - 1) : joinsAt
  // what the first was poured onto takes in the second as well
  const rest = readLines(listOf(false), lexicon).written
  const whips = piece.said.filter(whipsWhites)
  const bowls = [...whips, ...piece.said.filter((s) => WHITES.test(s) && /\b(?:mixer|bowl)\b/i.test(s))]
  // "cook the syrup": all that stands under that heading
  const isHeaded = (w: Written): boolean => pots.second.some((s) => takesHeaded(piece.said[s] as string, w))
  const waits = (line: Written): boolean => {
    const { names, calls } = line
    // "whip the whites with the 20 g sugar", "whip the foam"
    const isWhipped = whips.some(
      (s) => takesHeaded(s, line) || (mentions(s, names) && calls.some((c) => callsIn(s, c))),
    )
    // of two sugars the one that stands with the whites under their mark, or in their bowl
    const alike = rest.filter((w) => w.names[0] === names[0])
    const isMates =
      alike.some((w) => w.heading !== line.heading) &&
      (isMark(line.heading ?? '') || BOWL.test(line.heading ?? '')) &&
      rest.some((w) => w.heading === line.heading && w.names.some((n) => WHITES.test(n)))
    const isTheirs = isWhippedWithWhites(line, rest, piece.said)
    if (
      isWhipped ||
      isMates ||
      isTheirs ||
      line.waits ||
      CALLED_FOAM.test(line.heading ?? '') ||
      WHITES.test(line.heading ?? '')
    )
      return true
    return (
      !spoken(names, pots.second) &&
      (withoutOtherAmounts([piece.said[pots.poured] as string], line, rest).some((s) => mentions(s, names)) ||
        (withoutOtherAmounts(bowls, line, rest).some((s) => mentions(s, names)) && alike.length === 1) ||
        (CALLED_FOAM.test(piece.said[pots.poured] as string) && names.some((n) => WHITES.test(n))))
    )
  }
  const waiting = rest.flatMap((w) => (!isHeaded(w) && waits(w) ? [[w.id, meets] as const] : []))
  const main = readPiece({ ...piece, list: listOf(false), others: written, said }, lexicon, {
    ...(unit && { unit }),
    ...answers,
    places: { ...Object.fromEntries(waiting), ...answers.places },
  })
  const { family } = main.formula
  const school = family === 'nougat' ? TWO_SYRUPS : main.formula.school
  return {
    questions: [...questionsUnder(mark, first.questions), ...main.questions],
    asks: [
      ...first.asks.flatMap((a) => (a.id === 'family' ? [] : [{ ...a, part: { id, label: name } }])),
      ...main.asks.filter((a) => a.id !== 'place' || !waiting.some(([line]) => line === a.line)),
    ],
    formula: {
      ...main.formula,
      school,
      steps: joined(main.formula, { id, name }, piece.said[pots.poured] as string),
      parts: [
        { id, label: name, formula: under(mark, { ...first.formula, family, school }), needs: [], celsius: WHIPPED_C },
      ],
    },
  }
}

/** The steps with the one that joins the part after the pull. */
function joined({ steps }: FormulaDocument, part: { readonly id: string; readonly name: string }, say: string): Step[] {
  const at = steps.findIndex((s) => s.when.on === 'target') + 1
  const id = idFor(
    `${part.id} in`,
    steps.map((s) => s.id),
  )
  const joins: Step = {
    id,
    label: 'In the bowl',
    when: { on: 'word', word: 'it has been poured on and whipped in' },
    say: short(say, LONGEST_SAY),
    why: `${part.name} is a boil of its own, lit so that both arrive together.`,
    act: 'It is in',
    joins: part.id,
  }
  return [...steps.slice(0, at), joins, ...steps.slice(at)]
}
