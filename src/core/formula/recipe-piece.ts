/** A list and its method as one formula: what is sure is taken, what is not is asked. */
import { type BoiledFamilyId, boiledFamilies, type FamilyId } from '../craft/families'
import type { Ingredient } from '../matter/ingredient'
import { ingredients } from '../matter/ingredients'
import { type HouseUnit, type LineReading, preparationsIn, readLine } from '../matter/line'
import { type Mix, massOf } from '../matter/mix'
import type { Pantry } from '../matter/names'
import { mixOf } from '../matter/portions'
import type { FormulaDocument, Group, Line } from './document'
import { blankFormula, idFor } from './edit'
import {
  capital,
  endingsIn,
  type HeatUnit,
  heatIn,
  heatOfAdded,
  inCelsiusWords,
  inDegrees,
  label,
  leavesChoice,
  recipeUnit,
  secondsIn,
  short,
  unitOf,
  warmthTyped,
} from './method'
import { type Beside, besideIn } from './recipe-beside'
import { doubtful, type PlaceDoubt, SPOILED } from './recipe-doubts'
import { endingOf, inOrder, targetOf, WITHIN } from './recipe-ending'
import { familyOf, schoolOf } from './recipe-family'
import { inOtherPot, pours, takesOff } from './recipe-moves'
import { callsTyped, fullNames, mentions, namesOf, namesTyped } from './recipe-names'
import { isOutside, placesOf, probablyAt, purposeIn, purposeOf, type Written, waitsIn, warmthAt } from './recipe-places'
import { inPortions } from './recipe-portions'
import { madeFrom, shapeSaid } from './recipe-shape'
import { bare, type Headed } from './recipe-split'
import { SLOW_S, stepsFrom } from './recipe-steps'
import { unlistedIn } from './recipe-unlisted'

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
  /** What the method leaves open. */
  readonly asks: readonly Ask[]
  /** Sentences of what is got ready before the heat goes on. */
  readonly ready: readonly string[]
}

/** A line's note, with what it says is done beforehand. */
function noted(note: string | null, ingredient: Ingredient): Pick<Line, 'note' | 'prepare'> {
  const prepare = preparationsIn(note, ingredient)
  return { ...(note && { note: short(note, 190) }), ...(prepare && { prepare }) }
}

const TOASTS = /\b(?:toast|roast)/i

/** A line whose nuts are toasted beforehand only where the recipe says so: house ways are not put into another's mouth. */
export function asToasted(line: Line, ingredient: Ingredient, said: readonly string[]): Line {
  const usual = line.prepare ?? ingredient.prepare
  const isToasted =
    TOASTS.test(line.typed ?? '') || said.some((s) => TOASTS.test(s) && mentions(s, namesOf(line, ingredient)))
  return usual.includes('toast') ? { ...line, prepare: usual.filter((how) => isToasted || how !== 'toast') } : line
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
/** Why it is asked where a cook ends: nothing says it, a time alone does, a sentence names two heats, it is no pot that is heated. */
export type TargetDoubt =
  | { readonly by: 'nothing' }
  | { readonly by: 'time'; readonly seconds: number }
  | { readonly by: 'choice'; readonly sentence: string }
  | { readonly by: 'microwave' }
type OwnAsk =
  | { readonly id: 'layered'; readonly labels: readonly string[] }
  | { readonly id: 'family'; readonly guess: FamilyId }
  | { readonly id: 'unit'; readonly text: string }
  | {
      readonly id: 'target'
      readonly because: TargetDoubt
      readonly guess: number
    }
  | {
      readonly id: 'place'
      readonly line: string
      readonly name: string
      /** Why where it was found is doubted; null where nothing says when it goes in. */
      readonly doubt: PlaceDoubt | null
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
  readonly list: readonly Headed[]
  readonly said: readonly string[]
  /** How many pieces it says it makes. */
  readonly makes?: number | null
  /** What stands in the list of another boil that its sentences may speak of. */
  readonly others?: readonly Written[]
}

/** The unit the temperatures of a piece are in, as far as it says, or as was answered. */
export const heatUnitOf = ({ said, list }: WrittenPiece, answers: Answers): HeatUnit | null =>
  answers.unit ??
  recipeUnit(
    said,
    list.flatMap((s) => s.lines),
  )

/** Reads what is boiled in one pot. */
export function readPiece(piece: WrittenPiece, lexicon: Lexicon, answers: Answers = {}): Draft {
  const { name } = piece
  const own = readLines(piece.list, lexicon)
  const unlisted = unlistedIn(piece.said, [...own.written, ...(piece.others ?? [])], lexicon)
  const read = unlisted.length > 0 ? readLines([...piece.list, { heading: null, lines: unlisted }], lexicon) : own
  const { lines: listed, questions, known, written } = read
  const ingredientOf = (l: Line): Ingredient => known.get(l.ingredient) as Ingredient
  const unit = heatUnitOf(piece, answers)
  const said = inOrder(piece.said, unit)
  const done = endingOf(said, unit)
  const { all: lines, places, shared } = inPortions(said, listed, ingredientOf)
  const beside = besideIn(said, done?.at)
  const guessed = familyOf(name, lines, said.join(' '))
  const family = answers.family ?? guessed
  const facts = boiledFamilies[family as keyof typeof boiledFamilies]
  const unclear = answers.unit
    ? undefined
    : said.flatMap((s, i) => (beside.ready.has(i) ? [] : (heatIn(s) ?? []))).find((h) => unitOf(h, unit) === null)

  const found = placesOf(said, beside, written, done?.at ?? -1, places)
  const goesIn = lines.flatMap((l) => {
    const at = answers.places?.[l.id] ?? found.get(l.id)
    return at === undefined || (done && at > done.at) ? [] : [at]
  })
  const first =
    goesIn.length > 0
      ? Math.min(...goesIn)
      : Math.max(
          0,
          said.findIndex((_, i) => !beside.ready.has(i)),
        )
  const outside = new Set(written.flatMap((w) => (isOutside(w) ? [w.id] : [])))
  const guessOf = (l: Line): number => {
    if (outside.has(l.id)) return said.length - 1
    const probably = probablyAt(said, namesOf(l, ingredientOf(l)))
    if (probably >= 0) return probably
    const dipped = CHOCOLATE.test(l.ingredient) ? said.findIndex((s, i) => i > (done?.at ?? 0) && DIPS.test(s)) : -1
    if (dipped >= 0) return dipped
    // what a boil would spoil goes in after it
    return done && SPOILED.test(l.ingredient) ? Math.min(done.at + 1, said.length - 1) : first
  }
  const placeOf = (l: Line): number => answers.places?.[l.id] ?? found.get(l.id) ?? guessOf(l)
  const askedAt = (q: { readonly id: string }): number => Math.max(first, found.get(q.id) ?? first)
  const groupAt = new Map(
    [...new Set([...lines.map(placeOf), ...questions.map(askedAt)])]
      .sort((a, b) => a - b)
      .map((at) => [at, at === first ? 'pot' : `at-${at + 1}`]),
  )
  const placed = lines.map((l) => ({
    ...asToasted(l, ingredientOf(l), said),
    group: groupAt.get(placeOf(l)) ?? 'pot',
  }))
  const doubts = doubtful(
    lines.flatMap((l) => {
      const at = found.get(l.id)
      const placed = { id: l.id, ingredient: ingredientOf(l), grams: l.grams, shared: shared.has(l.id) }
      return at === undefined ? [] : [{ ...placed, at, elsewhere: inOtherPot(said[at] ?? '') }]
    }),
    { doneAt: done?.at ?? null, hotterAt: done ? hotterBefore(done, said, beside, unit) : null },
  )

  const mixAt = (at: number): Mix =>
    mixOf(placed.filter((l) => placeOf(l) <= at).map((l) => ({ ingredient: ingredientOf(l), grams: l.grams })))
  const mix = mixAt(done?.at ?? said.length)
  const computed = done && (done.ending.by === 'heat' || massOf(mix) > 0) ? targetOf(done.ending, mix) : null
  const usual = (facts.usual.low + facts.usual.high) / 2
  const doubt = targetDoubt(said, beside, done, unit) ?? (computed === null ? untold(done) : null)
  const target =
    computed && !(doubt && answers.target) ? computed : { celsius: answers.target ?? usual, within: WITHIN.heat }
  const asks: Ask[] = [
    { id: 'family', guess: guessed },
    ...(unclear ? [{ id: 'unit' as const, text: unclear.text }] : []),
    ...(doubt && unclear === undefined
      ? [{ id: 'target' as const, because: doubt, guess: computed?.celsius ?? usual }]
      : []),
    ...lines.flatMap((l): Ask[] =>
      said.length === 0 || (found.has(l.id) && !doubts.has(l.id))
        ? []
        : [
            {
              id: 'place',
              line: l.id,
              name: ingredientOf(l).name,
              doubt: doubts.get(l.id) ?? null,
              guess: found.get(l.id) ?? guessOf(l),
              sentences: said,
            },
          ],
    ),
  ]
  const formula: FormulaDocument = {
    version: 1,
    name: short(name || 'A pasted recipe', 120),
    family,
    school: schoolOf(family, `${name}. ${said.join('. ')}`, lines),
    about: '',
    groups: groupsFor(groupAt, { said, unit, beside, pullAt: done?.at ?? said.length }, (at) => {
      const there = lines.filter((l) => placeOf(l) === at)
      const purposes = new Set(written.flatMap((w) => (there.some((l) => l.id === w.id) ? [purposeOf(w)] : [])))
      const [purpose = null] = purposes.size === 1 ? purposes : []
      return { names: there.flatMap((l) => namesOf(l, ingredientOf(l))), lines: there, purpose }
    }),
    lines: placed,
    target,
    steps: stepsFrom({
      said,
      ready: beside.ready,
      unit,
      pullAt: done?.at ?? -1,
      endings: done ? [done.ending, ...done.others] : [],
      groupAt,
      whips: whippedIn(family, lines),
      stageC: (drop, at) => (massOf(mixAt(at)) > 0 ? (targetOf(drop, mixAt(at))?.celsius ?? null) : null),
    }),
    shape: blankFormula.shape,
    waste: 0.05,
    boils: [],
    ...ownOf(known),
  }
  // with much of it still to ask nobody knows how much it makes
  const made = placed.length === 0 || askedShare(questions, placed) > LITTLE ? null : madeFrom(formula)
  return {
    questions: questions.map((q) => ({ ...q, group: groupAt.get(askedAt(q)) ?? 'pot' })),
    asks,
    ready: said.filter((_, i) => beside.ready.has(i)),
    formula: {
      ...formula,
      shape: shapeSaid({
        family: family as BoiledFamilyId,
        name,
        said,
        doneAt: done?.at ?? -1,
        made,
        makes: piece.makes ?? null,
      }),
    },
  }
}

type Done = ReturnType<typeof endingOf>

const MICROWAVE = /\bmicrowave/i

/** Why a method's own word for where it ends is not taken; null where it is. */
function targetDoubt(
  said: readonly string[],
  { ready }: Beside,
  done: Done,
  unit: HeatUnit | null,
): Extract<TargetDoubt, { by: 'choice' | 'microwave' }> | null {
  const onHeat = said.slice(0, done ? done.at + 1 : said.length).filter((_, i) => !ready.has(i))
  if (onHeat.some((s) => MICROWAVE.test(s))) return { by: 'microwave' }
  const sentence = done ? (said[done.at] as string) : ''
  return leavesChoice(sentence, unit) ? { by: 'choice', sentence } : null
}

/** What a method says of its end that says no temperature. */
function untold(done: Done): TargetDoubt {
  const time = [done?.ending, ...(done?.others ?? [])].find((e) => e?.by === 'time')
  return time ? { by: 'time', seconds: time.seconds } : { by: 'nothing' }
}

/** ◊ A pot that was so much hotter before its end was caramel, and was then stopped with something wet, °C. */
const HOTTER = { by: 25, least: 145 }

/** The last sentence before the end by which the pot is much hotter than at its end; null where there is none. */
function hotterBefore(
  { at, ending }: NonNullable<Done>,
  said: readonly string[],
  { ready }: Beside,
  unit: HeatUnit | null,
): number | null {
  if (ending.by !== 'heat') return null
  const hotter = Math.max(HOTTER.least, ending.high + HOTTER.by)
  const found = said.findLastIndex(
    (s, i) =>
      i < at &&
      !ready.has(i) &&
      (secondsIn(s) ?? 0) < SLOW_S &&
      endingsIn(s, unit).some((e) => (e.by === 'heat' && e.low > hotter) || (e.by === 'colour' && e.celsius > hotter)),
  )
  return found < 0 ? null : found
}

/** ◊ So little of a sweet changes nothing that is seen of its size. */
const LITTLE = 0.1

/** How much is asked about, as a share of what is known; infinite where nobody knows how much it is. */
function askedShare(questions: readonly Omit<Question, 'group'>[], lines: readonly Line[]): number {
  const known = lines.reduce((sum, l) => sum + l.grams, 0)
  const gramsOf = ({ text, reading }: Omit<Question, 'group'>): number => {
    // which pint of water it is tells nothing once that has boiled away
    if (reading.question.id === 'which-pint' && reading.ingredient?.id === 'water') return 0
    // "a few drops", "salt", "for dusting": nobody leaves out how much there is of what a sweet is made of
    const isLittle = ['vague', 'how-much'].includes(reading.question.id) || purposeIn(text) !== null
    return reading.grams ?? (isLittle ? 0 : Number.POSITIVE_INFINITY)
  }
  return questions.reduce((sum, q) => sum + gramsOf(q), 0) / known
}

/** The kitchen's own ingredients of a list, as they go with a formula. */
export function ownOf(known: ReadonlyMap<string, Ingredient>): Pick<FormulaDocument, 'own'> {
  const own = [...known.values()].filter((i) => !ingredients.includes(i))
  return own.length > 0 ? { own } : {}
}

/** What a sweet is dipped in, and how that is said. */
const CHOCOLATE = /chocolate|couverture/
const DIPS = /\b(?:dip|coat|cover|enrobe|drizzle)\b/i

/** ◊ What stands about is as warm as the room, °C. */
const ROOM_C = 20

/** What whips a family up: gelatin before egg white, where there are both. */
function whippedIn(family: FamilyId, lines: readonly Line[]): 'gelatin' | 'egg' | null {
  if (family !== 'marshmallow' && family !== 'nougat') return null
  const has = (what: RegExp): boolean => lines.some((l) => what.test(l.ingredient))
  return has(/^gelatin/) ? 'gelatin' : has(/^egg-white/) ? 'egg' : null
}

interface Read {
  readonly said: readonly string[]
  readonly unit: HeatUnit | null
  readonly beside: Beside
  readonly pullAt: number
}

/** Lines that go in together, and what they are called. */
interface Together {
  readonly names: readonly string[]
  readonly lines: readonly Line[]
  /** What the list says that all of them are for, on or around the sweet: "coating"; null where it does not. */
  readonly purpose: string | null
}

/** The groups, each by the sentence it goes in with. */
function groupsFor(
  groupAt: ReadonlyMap<number, string>,
  { said, unit, beside, pullAt }: Read,
  togetherAt: (at: number) => Together,
): Group[] {
  const pourAt = said.findIndex((s, i) => i > pullAt && pours(s))
  const groups = [...groupAt].map(([at, id]): Group => {
    const sentence = said[at] ?? ''
    const isOff = (at > pullAt && (pourAt < 0 || at <= pourAt)) || takesOff(sentence)
    const { names, lines, purpose } = togetherAt(at)
    const outside = purpose === null ? null : short(capital(purpose), 40)
    const when = id === 'pot' ? 'In the pot' : isOff ? 'Off the heat' : label(inCelsiusWords(sentence, unit))
    const told = id === 'pot' ? ROOM_C : (heatToldOf(sentence, unit) ?? warmthOf(lines, unit))
    return { id, label: outside ?? when, celsius: told ?? warmthAt(said, beside, at, names, unit) }
  })
  return groups.some((g) => g.id === 'pot') ? groups : [{ id: 'pot', label: 'In the pot', celsius: ROOM_C }, ...groups]
}

/** How warm a sentence says that what it puts in is, °C; null where it does not. */
function heatToldOf(sentence: string, unit: HeatUnit | null): number | null {
  const heat = heatOfAdded(sentence)
  const own = heat && unitOf(heat, unit)
  return heat && own ? inDegrees(heat.low, own) : null
}

/** How warm lines are together of which some say that they are warm, by their mass, °C; null where none does. */
function warmthOf(lines: readonly Line[], unit: HeatUnit | null): number | null {
  const warm = lines.map((l) => ({ grams: l.grams, celsius: warmthTyped(l.typed ?? '', unit) }))
  const grams = lines.reduce((sum, l) => sum + l.grams, 0)
  if (grams === 0 || warm.every((w) => w.celsius === null)) return null
  return Math.round(warm.reduce((sum, w) => sum + w.grams * (w.celsius ?? ROOM_C), 0) / grams)
}

/** The lines of a list: those that are understood, with what they are, and those to ask about. */
export function readLines(list: readonly Headed[], { pantry, house }: Lexicon) {
  const lines: Line[] = []
  const questions: Omit<Question, 'group'>[] = []
  const known = new Map<string, Ingredient>()
  const written: Written[] = []
  for (const { heading, typed } of list.flatMap((s) => s.lines.map((typed) => ({ heading: s.heading, typed })))) {
    const reading = readLine(bare(typed), pantry, house)
    const taken = [...lines, ...questions].map((l) => l.id)
    if (reading.status === 'ask') {
      const id = idFor('ask', taken)
      questions.push({ id, text: typed, reading })
      const likely = reading.ingredient ?? reading.candidates[0]
      const full = [...namesTyped(typed, undefined), ...(reading.ingredient ? fullNames(reading.ingredient) : [])]
      written.push({
        id,
        heading,
        purpose: purposeIn(typed),
        waits: waitsIn(typed),
        names: namesTyped(typed, likely),
        full,
        calls: callsTyped(bare(typed)),
      })
    } else {
      const id = idFor(reading.ingredient.name, taken)
      known.set(reading.ingredient.id, reading.ingredient)
      const line: Line = {
        id,
        group: 'pot',
        ingredient: reading.ingredient.id,
        grams: Math.round(reading.grams * 10) / 10,
        typed: short(typed, 190),
        ...noted(reading.note, reading.ingredient),
      }
      lines.push(line)
      written.push({
        id,
        heading,
        purpose: purposeIn(typed),
        waits: waitsIn(typed),
        names: namesOf(line, reading.ingredient),
        full: fullNames(reading.ingredient),
        calls: callsTyped(bare(typed)),
      })
    }
  }
  return { lines, questions, known, written }
}
