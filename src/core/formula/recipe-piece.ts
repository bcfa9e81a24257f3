/** A list and its method as one formula: what is sure is taken, what is not is asked. */
import { boiledFamilies, type FamilyId } from '../craft/families'
import { mixOf } from '../matter/convert'
import type { Ingredient } from '../matter/ingredient'
import { type HouseUnit, type LineReading, preparationsIn, readLine } from '../matter/line'
import { massOf } from '../matter/mix'
import type { Pantry } from '../matter/names'
import type { FormulaDocument, Group, Line } from './document'
import { idFor } from './edit'
import { type HeatUnit, heatIn, label, recipeUnit, short, takesOff, unitOf } from './method'
import { endingOf, inOrder, targetOf, WITHIN } from './recipe-ending'
import { type Beside, besideIn, inHalves, namesOf, placesOf, probablyAt, warmthAt } from './recipe-places'
import { bare } from './recipe-split'
import { stepsFrom } from './recipe-steps'

export interface Question {
  readonly id: string
  readonly group: string
  readonly text: string
  readonly reading: Extract<LineReading, { status: 'ask' }>
}

export interface Draft {
  readonly formula: FormulaDocument
  /** Lines that are not in the formula yet, because something is unsure. */
  readonly questions: readonly Question[]
  /** What the method leaves open; empty once it is written. */
  readonly asks?: readonly Ask[]
}

/** ◊ What a name says of the family, first match. */
const familyWords: readonly (readonly [RegExp, FamilyId])[] = [
  [/marshmallow/i, 'marshmallow'],
  [/nougat|torrone/i, 'nougat'],
  [/fudge/i, 'fudge'],
  [/brittle|praline/i, 'brittle'],
  [/honeycomb|cinder/i, 'honeycomb'],
  [/toffee|butterscotch|butter crunch/i, 'toffee'],
  [/popcorn/i, 'popcorn'],
  [/sauce|pouring/i, 'caramel-sauce'],
  [/lolli|drop|hard candy|boiled sweet|rock/i, 'hard-candy'],
  [/caramel/i, 'caramel'],
]

/** ◊ What a list says of the family, first match: is one of these in it, and none of those. */
const familyMakeUps: readonly (readonly [has: RegExp, lacks: RegExp | null, FamilyId])[] = [
  [/popcorn|popping/i, null, 'popcorn'],
  [/gelatin/i, null, 'marshmallow'],
  [/egg white/i, null, 'nougat'],
  [/condensed milk/i, null, 'condensed-milk'],
  [/bicarbonate|baking soda/i, /nut|almond|peanut|pecan|sesame|seed/i, 'honeycomb'],
  [/nut|almond|pecan|sesame|seed/i, /cream|milk/i, 'brittle'],
  [/cream|milk/i, null, 'caramel'],
  [/butter/i, null, 'toffee'],
  [/sugar/i, null, 'hard-candy'],
]

/** The family a recipe belongs to: its name says it, else its make-up, else its method; a guess to confirm. */
function familyOf(name: string, lines: readonly Line[], method: string): FamilyId {
  const said = (text: string): FamilyId | undefined => familyWords.find(([words]) => words.test(text))?.[1]
  const list = lines.map((l) => `${l.ingredient} ${l.typed ?? ''}`).join('; ')
  const made = familyMakeUps.find(([has, lacks]) => has.test(list) && !(lacks?.test(list) ?? false))?.[2]
  return said(name) ?? made ?? said(method) ?? 'caramel'
}

/** A line's note, with what it says is done beforehand. */
function noted(note: string | null, ingredient: Ingredient): Pick<Line, 'note' | 'prepare'> {
  const prepare = preparationsIn(note, ingredient)
  return { ...(note && { note: short(note, 190) }), ...(prepare && { prepare }) }
}

/** What the maker answered to what was asked of a method. */
export interface Answers {
  readonly family?: FamilyId
  readonly unit?: HeatUnit
  /** Where it comes off, °C, where the text does not say. */
  readonly target?: number
  /** The step a line goes in with, by line id: a sentence, counted from 0. */
  readonly places?: Readonly<Record<string, number>>
  /** Whether it is made in parts, each under its heading. */
  readonly layered?: boolean
  /** Of each part, by its id. */
  readonly parts?: Readonly<Record<string, Answers>>
}

/** What a method leaves open, each asked once; a guess where there is one. */
export type Ask = OwnAsk & {
  /** The part it is asked of; the whole where there is none. */
  readonly part?: { readonly id: string; readonly label: string }
}
type OwnAsk =
  | { readonly id: 'layered'; readonly labels: readonly string[] }
  | { readonly id: 'family'; readonly guess: FamilyId }
  | { readonly id: 'unit'; readonly text: string }
  | { readonly id: 'target'; readonly seconds: number | null; readonly guess: number }
  | {
      readonly id: 'place'
      readonly line: string
      readonly name: string
      readonly guess: number
      readonly sentences: readonly string[]
    }

/** What a reader knows beside the text. */
export interface Lexicon {
  readonly pantry: Pantry
  readonly house: readonly HouseUnit[]
}

/** One sweet as it is written: what it is called, its list, and the sentences of its method. */
export interface WrittenPiece {
  readonly name: string
  readonly list: readonly string[]
  readonly said: readonly string[]
}

/** Reads what is boiled in one pot. */
export function readPiece(piece: WrittenPiece, lexicon: Lexicon, answers: Answers = {}): Draft {
  const { name, list } = piece
  const { lines: written, questions, known } = readLines(list, lexicon)
  const ingredientOf = (l: Line): Ingredient => known.get(l.ingredient) as Ingredient
  const unit = answers.unit ?? recipeUnit(piece.said, list)
  const said = inOrder(piece.said, unit)
  const { all: lines, places } = inHalves(said, written, ingredientOf)
  const beside = besideIn(said)
  const guessed = familyOf(name, lines, said.join(' '))
  const family = answers.family ?? guessed
  const facts = boiledFamilies[family as keyof typeof boiledFamilies]
  const unclear = answers.unit ? undefined : said.flatMap((s) => heatIn(s) ?? []).find((h) => unitOf(h, unit) === null)

  const found = new Map([...placesOf(said, beside, lines, ingredientOf), ...places])
  const first = Math.min(
    ...found.values(),
    Math.max(
      0,
      said.findIndex((_, i) => !beside.ready.has(i)),
    ),
  )
  const guessOf = (l: Line): number => {
    const probably = probablyAt(said, namesOf(l, ingredientOf(l)))
    return probably < 0 ? first : probably
  }
  const placeOf = (l: Line): number => answers.places?.[l.id] ?? found.get(l.id) ?? guessOf(l)
  const groupAt = new Map(
    [...new Set(lines.map(placeOf))].sort((a, b) => a - b).map((at) => [at, at === first ? 'pot' : `at-${at + 1}`]),
  )
  const placed = lines.map((l) => ({ ...l, group: groupAt.get(placeOf(l)) ?? 'pot' }))

  const done = endingOf(said, unit)
  const inPot = placed.filter((l) => done === null || placeOf(l) <= done.at)
  const mix = mixOf(inPot.map((l) => ({ ingredient: ingredientOf(l), grams: l.grams })))
  const computed = done && (done.ending.by === 'heat' || massOf(mix) > 0) ? targetOf(done.ending, mix) : null
  const usual = (facts.usual.low + facts.usual.high) / 2
  const target = computed ?? { celsius: answers.target ?? usual, within: WITHIN.heat }
  const asks: Ask[] = [
    { id: 'family', guess: guessed },
    ...(unclear ? [{ id: 'unit' as const, text: unclear.text }] : []),
    ...(computed === null && unclear === undefined && said.length > 0
      ? [{ id: 'target' as const, seconds: done?.ending.by === 'time' ? done.ending.seconds : null, guess: usual }]
      : []),
    ...lines.flatMap((l): Ask[] =>
      found.has(l.id) || said.length === 0
        ? []
        : [{ id: 'place', line: l.id, name: ingredientOf(l).name, guess: guessOf(l), sentences: said }],
    ),
  ]
  return {
    questions: questions.map((q) => ({ ...q, group: 'pot' })),
    asks,
    formula: {
      version: 1,
      name: short(name || 'A pasted recipe', 120),
      family,
      school: Object.keys(facts.schools)[0] as string,
      about: '',
      groups: groupsFor(groupAt, said, beside, done?.at ?? said.length),
      lines: placed,
      target,
      steps: stepsFrom({
        said,
        ready: beside.ready,
        unit,
        pullAt: done?.at ?? -1,
        endings: done ? [done.ending, ...done.others] : [],
        groupAt,
      }),
      shape: { kind: 'cut', lengthMm: 25, widthMm: 25, heightMm: 15 },
      waste: 0.05,
      boils: [],
    },
  }
}

function groupsFor(
  groupAt: ReadonlyMap<number, string>,
  said: readonly string[],
  beside: Beside,
  pullAt: number,
): Group[] {
  const groups = [...groupAt].map(([at, id]): Group => {
    const sentence = said[at] ?? ''
    const when = id === 'pot' ? 'In the pot' : at > pullAt || takesOff(sentence) ? 'Off the heat' : label(sentence)
    return { id, label: when, celsius: id === 'pot' ? 20 : warmthAt(said, beside, at) }
  })
  return groups.some((g) => g.id === 'pot') ? groups : [{ id: 'pot', label: 'In the pot', celsius: 20 }, ...groups]
}

/** The lines of a list: those that are understood, with what they are, and those to ask about. */
export function readLines(list: readonly string[], { pantry, house }: Lexicon) {
  const lines: Line[] = []
  const questions: Omit<Question, 'group'>[] = []
  const known = new Map<string, Ingredient>()
  for (const typed of list) {
    const reading = readLine(bare(typed), pantry, house)
    const taken = [...lines, ...questions].map((l) => l.id)
    if (reading.status === 'ask') questions.push({ id: idFor('ask', taken), text: typed, reading })
    else {
      const id = idFor(reading.ingredient.name, taken)
      known.set(reading.ingredient.id, reading.ingredient)
      lines.push({
        id,
        group: 'pot',
        ingredient: reading.ingredient.id,
        grams: Math.round(reading.grams * 10) / 10,
        typed: short(typed, 190),
        ...noted(reading.note, reading.ingredient),
      })
    }
  }
  return { lines, questions, known }
}
