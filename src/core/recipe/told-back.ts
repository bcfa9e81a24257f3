/** A recipe told back as it was read: what goes in when, in which words, and which figures of them nothing follows. */

import { type FormulaDocument, type Group, piecesOf, type Shape, type Step } from '../formula/document'
import { nameOfLine } from '../formula/line-name'
import { ingredientIn } from '../formula/mixes'
import { secondsIn } from '../formula/sentence'
import { measureAt } from '../matter/amount'
import { amountOf } from '../matter/amount-sums'
import type { Draft } from './draft/draft'
import { usualSize } from './method/shape'
import { isAddedPlainly } from './method/steps'
import { allHeatsIn, figuresIn, type HeatSaid, inDegrees } from './sentence/heats'

/** What goes in at a moment; grams null where that is still asked. */
export interface GoesIn {
  readonly name: string
  readonly grams: number | null
}

/** A figure of a sentence that no step waits for, nothing is warmed to and no line weighs: it stands in the words alone. */
export type Unfollowed =
  | { readonly of: 'amount'; readonly amount: string }
  | { readonly of: 'heat'; readonly celsius: number }
  | { readonly of: 'time'; readonly seconds: number }
  /** It could be a heat, and was read as none. */
  | { readonly of: 'figure'; readonly figure: number }

export interface ToldMoment {
  readonly step: Step
  /** Null where the step before it was read from the same words. */
  readonly words: string | null
  readonly goesIn: readonly GoesIn[]
  /** How warm what goes in is, °C; null for as warm as the room. */
  readonly warm: number | null
  readonly unfollowed: readonly Unfollowed[]
  /** No sentence of the text says so: every boil is lit, pulled and emptied. */
  readonly added: boolean
}

export interface ToldPiece {
  /** Id of the part; null for the whole. */
  readonly part: string | null
  readonly label: string
  readonly formula: FormulaDocument
  readonly moments: readonly ToldMoment[]
  /** How much of the size of its pieces is what is usual for their kind. */
  readonly usualSize: ReturnType<typeof usualSize>
  /** It is poured into what another pot boils, and never made into pieces by itself. */
  readonly joinsPot: boolean
  /** What no step puts in. */
  readonly idle: readonly GoesIn[]
}

/** A row of the list, and the group it goes in with. */
interface Row {
  readonly group: string
  readonly text: string
}

/** ◊ °C: what is no warmer than that stands about in the room; a figure is followed where something is at most so far from it. */
const ROOM_C = 20
const NEAR_C = 5

/** A draft as its moments, piece by piece in the order they are made. @throws RangeError for a line of an ingredient that nobody knows. */
export const tellBack = ({ formula, questions, asks }: Pick<Draft, 'formula' | 'questions' | 'asks'>): ToldPiece[] =>
  piecesOf(formula).map(({ part, label, formula: piece }) => {
    const inGroup = (group: string): GoesIn[] => [
      ...piece.lines.flatMap((l) => (l.group === group ? [{ name: nameOfLine(piece, l), grams: l.grams }] : [])),
      ...questions.flatMap((q) => (q.group === group ? [{ name: q.text, grams: null }] : [])),
    ]
    const rows = [...piece.lines.map((l) => ({ group: l.group, text: l.typed ?? '' })), ...questions]
    // what is in °C or °F is asked already
    const isOpen = asks.some((a) => a.id === 'unit' && (a.part?.id ?? null) === part)
    const taken = new Set(piece.steps.flatMap((s) => s.adds ?? []))
    return {
      part,
      label,
      formula: piece,
      moments: piece.steps.map((step, i) => momentOf(step, piece, i, rows, inGroup, isOpen)),
      usualSize: usualSize(piece.shape, piece.family),
      joinsPot: part !== null && formula.target !== null,
      idle: piece.groups.flatMap((g) => (taken.has(g.id) ? [] : inGroup(g.id))),
    }
  })

function momentOf(
  step: Step,
  piece: FormulaDocument,
  at: number,
  rows: readonly Row[],
  inGroup: (group: string) => GoesIn[],
  isOpen: boolean,
): ToldMoment {
  const group = piece.groups.find((g) => g.id === step.adds)
  const alike = piece.steps.filter((s) => s.say === step.say)
  const repeats = piece.steps[at - 1]?.say === step.say
  return {
    step,
    words: repeats ? null : step.say,
    goesIn: group ? inGroup(group.id) : [],
    warm: group && group.celsius > ROOM_C ? group.celsius : null,
    unfollowed: [
      ...(repeats ? [] : unfollowedIn(step.say, alike, piece, isOpen)),
      ...(repeats ? [] : unweighedIn(step.say, piece, plain(rows.map((r) => r.text).join('\n')))),
      ...(group ? unfollowedRows(rows, group, piece, isOpen) : []),
    ],
    added: isAddedPlainly(step),
  }
}

const isNear = (followed: readonly number[], celsius: number): boolean =>
  followed.some((c) => Math.abs(c - celsius) <= NEAR_C)

/** Heats that are near to none of those that are followed. `isOpen`: in which unit bare ones are, is asked. */
const unfollowedHeats = (heats: readonly HeatSaid[], followed: readonly number[], isOpen: boolean): Unfollowed[] =>
  heats.flatMap((heat) => {
    // the words of a step are in °C, but for what they say is so much over boiling water
    const celsius = inDegrees((heat.low + heat.high) / 2, heat.unit ?? 'C')
    return heat.oven || (isOpen && heat.unit === null) || isNear(followed, celsius) ? [] : [{ of: 'heat', celsius }]
  })

/** The figures of a sentence that none of the steps read from it follows. */
function unfollowedIn(
  say: string,
  steps: readonly Step[],
  { groups, target }: FormulaDocument,
  isOpen: boolean,
): Unfollowed[] {
  const followed = steps.flatMap(({ when, adds, handwork }) => [
    ...('celsius' in when ? [when.celsius] : []),
    ...(when.on === 'target' && target ? [target.celsius] : []),
    ...groups.flatMap((g) => (g.id === adds ? [g.celsius] : [])),
    ...(handwork && 'celsius' in handwork ? [handwork.celsius] : []),
  ])
  const isFollowed = (n: number): boolean => isNear(followed, n) || isNear(followed, inDegrees(n, 'F'))
  const heats = allHeatsIn(say)
  const seconds = secondsIn(say)
  return [
    ...figuresIn(say).flatMap((figure) => (isFollowed(figure) ? [] : [{ of: 'figure' as const, figure }])),
    ...unfollowedHeats(heats, followed, isOpen),
    ...(seconds !== null && heats.length === 0 && steps.every((s) => s.when.on === 'ready')
      ? [{ of: 'time' as const, seconds }]
      : []),
  ]
}

/** "Honey 300 g, to 121 °C": heats that stand in the list itself, and that nothing of the cook follows. */
function unfollowedRows(
  rows: readonly Row[],
  group: Group,
  { steps, groups, target }: FormulaDocument,
  isOpen: boolean,
): Unfollowed[] {
  const followed = [
    ROOM_C,
    ...steps.flatMap(({ when }) => ('celsius' in when ? [when.celsius] : [])),
    ...groups.map((g) => g.celsius),
    ...(target ? [target.celsius] : []),
  ]
  return rows.flatMap((row) => (row.group === group.id ? unfollowedHeats(allHeatsIn(row.text), followed, isOpen) : []))
}

/** An amount of something, and no size of a pan or a piece. */
const AMOUNT =
  /(?<![\d/.\p{L}])(?:\d+(?:[./]\d+)?(?:\s*[½¼¾⅓⅔]|\s+\d\/\d)?|[½¼¾⅓⅔])\s?(?:k?g|m?l|oz|ounces?|lbs?|pounds?|cups?|tbsps?|tbs?|tsps?|tablespoons?|teaspoons?)\b(?!.{0,14}\b(?:pan|pot|bowl|jars?|mou?lds?|tin|saucepan|each|pieces?|drops|balls|bottles?|jug|measure|kettle|scoop|silicone)\b)/giu
/** ◊ Two amounts are the same where they come so near to each other. */
const SAME = 0.05

const plain = (text: string): string => text.replace(/[^\S\n]/g, '').toLowerCase()

/** "Roll balls of 15 g", "drop by 1/2 teaspoon", "jars (250 ml)": what a piece takes. */
function isPiece(say: string, amount: string, shape: Shape): boolean {
  if (shape.kind === 'cut') return false
  if (shape.kind === 'broken' && shape.formed === 'dropped' && SPOONED.test(say)) return true
  const each = shape.kind === 'mould' ? shape.millilitres : shape.gramsEach
  return MADE_INTO.test(say) && Number.parseFloat(amount) === each
}
const SPOONED = /\b(?:drop|scoop|spoon)\b/i
const MADE_INTO =
  /\b(?:balls?|bottles?|break|deposit|drops?|each|fill|jars?|lollies|mou?lds?|pieces?|pipe|portions?|roll)\b/i

/** The amounts of a sentence that neither stand in the list (`typed`) nor are what a line weighs. */
function unweighedIn(say: string, piece: FormulaDocument, typed: string): Unfollowed[] {
  return [...say.matchAll(AMOUNT)].flatMap(([amount]) => {
    const measure = measureAt(amount, [])
    const isWeighed = piece.lines.some(({ ingredient, grams }) => {
      const g = measure && amountOf(measure).grams(ingredientIn(piece, ingredient))
      return g !== null && Math.abs(g - grams) <= SAME * grams
    })
    return typed.includes(plain(amount)) || isWeighed || isPiece(say, amount, piece.shape)
      ? []
      : [{ of: 'amount' as const, amount }]
  })
}
