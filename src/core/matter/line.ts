/** A line of a recipe as people write it, read into an ingredient and grams; what is unsure becomes a question. */
import type { PlainFindingOf } from '../finding'
import { NUMBER, parseNumber, type Range, readNumber } from '../quantity/number'
import {
  bracketed,
  type HouseUnit,
  leadingAmount,
  measureAt,
  TO_USE,
  takeBrackets,
  trailingAmount,
  withoutHoles,
} from './amount'
import type { Amount } from './amount-sums'
import { disagrees, pintOf, UK_PINT } from './disagree'
import { inclusion } from './inclusion'
import type { Ingredient, Preparation } from './ingredient'
import { ingredientById } from './ingredients'
import { leftOver } from './left-over'
import { written } from './line-written'
import type { Found, Pantry } from './names'
import { citrus } from './pantry/fruit'
import { isUnreckoned } from './unreckoned'

export interface QuestionFigures {
  empty: object
  negative: object
  'of-what': object
  which: object
  'which-named': { readonly name: string }
  several: object
  unknown: { readonly name: string }
  /** It sweetens, and is no sugar. */
  unreckoned: { readonly name: string }
  vague: { readonly word: string }
  'how-much': { readonly ingredient: string }
  /** `amount`: as it is written. */
  weighs: { readonly amount: string; readonly ingredient: string }
  /** Two amounts stand there and do not say the same. */
  disagree: { readonly amount: string; readonly other: string }
  /** A number that is no part of the amount. */
  'left-over': { readonly number: string }
  'too-little': object
  'too-much': object
  'which-pint': object
}

/** What has to be asked about a line. */
export type LineQuestion = PlainFindingOf<QuestionFigures>

export type { HouseUnit } from './amount'

export type LineReading =
  | {
      readonly status: 'sure'
      readonly ingredient: Ingredient
      readonly grams: number
      /** Grams at either end, where a range was given. */
      readonly between: Range | null
      /** Preparation and asides, as written. */
      readonly note: string | null
      /** The amount as it was understood: "1⅔ cups". */
      readonly amount: string
    }
  | {
      readonly status: 'ask'
      readonly question: LineQuestion
      readonly ingredient: Ingredient | null
      readonly grams: number | null
      readonly candidates: readonly Ingredient[]
      readonly note: string | null
    }

interface Parsed {
  readonly amount: Amount | null
  /** Why an amount that stands there is not one. */
  readonly vague: string | null
  readonly name: string
  readonly note: string | null
}

const VAGUE =
  /^(?:a\s+|an\s+|one\s+)?(?:(?:big|small|large|good|tiny)\s+)?(handful|knob|dab|splash|glug|drizzle|bit|little|touch|squeeze|few drops|few|spoonful|spoon|lump|dollop|scoop|bunch|piece|slice|nut|mug|glass|teacup|some|any)s?\b(?:\s+of)?/i
const TO_TASTE = new RegExp(
  `\\b(to taste|as needed|as required|to your liking|optional|for (?:coating|dusting|greasing|rolling|sprinkling|garnish|the pan|the tin)|${TO_USE})\\b`,
  'i',
)
/** "1 small tin of condensed milk": how much that holds. */
const UNSIZED =
  /^(?:an?\s+|one\s+|\d+\s+)?((?:big|small|large|medium|tiny)\s+(?:bag|bar|bottle|box|can|carton|jar|pack|packet|pot|tin|tub))(?:e?s)?\b(?:\s+of)?/i
/** "0.06 egg white", "egg white 0.06": a share of one that nobody counts; its unit is left out. */
const BEGINS_SMALL = /^0?[.,]\d/
const ENDS_SMALL = /\p{L}{3}\s+0?[.,]\d+$/u
function lacksUnit(line: string, house: readonly HouseUnit[]): boolean {
  const measure = BEGINS_SMALL.test(line) ? measureAt(line, house) : null
  return ENDS_SMALL.test(line) || (measure !== null && (measure.unit === null || measure.unit.kind === 'count'))
}

/** "1.250 g": a point that parts thousands, or not. */
const DOTTED = /(?<![\d.,])[1-9]\d{0,2}\.\d{3}\s*(?:g|ml|grams?|millilit\w*)\b/i

/** "Water 150": of what, and a number of no unit. */
const ENDS_BARE = /^(\p{L}[\p{L} ’'-]+?):?\s+(\d{1,4})$/u

/** A pint may be one of Britain, a fifth more, unless what it is of is called as in America. */
const WHICH_PINT = /^(?!.*\b(?:u[ks]|imperial|heavy|whipping cream|half[- ]and|corn syrup)\b).*\b(?:pts?|pints?)\b/i

/** "1 1/2 dozen", "two dozen" */
const DOZENS = new RegExp(`(?<![\\d/.,\\p{L}])(${NUMBER}) dozens?(?: of)?(?= )`, 'iu')

/** Numbers in words with a half or quarter after them: "one and a half", "2 and a quarter", "three quarters of a". */
const inWords = (text: string): string =>
  text
    // before "a half" alone is read
    .replace(/\b(\w+) and (?:a |one[- ])?half(?=\s)/i, (all, n) => withFraction(n, '½') ?? all)
    .replace(/\b(\w+) and (?:a |one )quarter(?=\s)/i, (all, n) => withFraction(n, '¼') ?? all)
    .replace(/\b(\w+) and three[- ]quarters(?=\s)/i, (all, n) => withFraction(n, '¾') ?? all)
    .replace(/\bthree[- ](?:quarters?|fourths?)(?: of an?)?(?=\s)/i, '¾')
    .replace(/\btwo[- ]thirds?(?: of an?)?(?=\s)/i, '⅔')
    .replace(/\b(?:one|a)[- ]third(?: of an?)?(?=\s)/i, '⅓')
    .replace(/\b(?:one|a)[- ](?:quarter|fourth)(?: of an?)?(?=\s)/i, '¼')
    .replace(/\bone[- ]eighth(?: of an?)?(?=\s)/i, '⅛')
    .replace(/\b(?:one|a)[- ]half(?: an?)?(?=\s)/i, '½')
    .replace(/^(\d+\s*[/⁄]\s*\d+|[¼½¾⅓⅔⅛]) of an?(?=\s)/i, '$1')
    .replace(/\ba couple(?: of)?(?=\s)/i, '2')
    .replace(/\bhalf a dozen\b/i, '6')
    .replace(DOZENS, (all, dozens) => {
      const count = 12 * readNumber(dozens)
      return Number.isInteger(count) ? String(count) : all
    })

function withFraction(number: string, glyph: string): string | null {
  const found = parseNumber(number)
  return found && found.rest === '' && Number.isInteger(found.range.low) ? `${found.range.low}${glyph}` : null
}

function parse(text: string, house: readonly HouseUnit[]): Parsed {
  const brackets = takeBrackets(text, house)
  const bare = brackets.text
  const plain = withoutHoles(bare)
  const taste = TO_TASTE.exec(plain)
  const isSized = brackets.said.length > 0 || brackets.each !== null
  const said = VAGUE.exec(plain) ?? (isSized ? null : UNSIZED.exec(plain))
  const vague = said && !house.some((h) => h.name.toLowerCase() === said[1]?.toLowerCase()) ? said : null
  // "a handful of": the article is no amount
  const lead = vague ? null : leadingAmount(bare, house, brackets)
  const found = lead ? { amount: lead.amount, name: lead.rest } : trailingAmount(bare, house, brackets)
  if (found) {
    const split = splitNote(found.name)
    return { amount: found.amount, vague: null, name: split.name, note: noteOf([split.note, ...brackets.notes]) }
  }
  const weight = bracketed(brackets)
  const told = splitNote(
    plain
      .replace(VAGUE, '')
      .replace(isSized ? '' : UNSIZED, '')
      .replace(TO_TASTE, '')
      .replace(/^\s*of\s+/i, '')
      .trim(),
  )
  // "honey 180 g — dark"
  const before = weight || told.note === null ? null : trailingAmount(told.name, house, brackets)
  return {
    amount: weight ?? before?.amount ?? null,
    vague: before ? null : (vague?.[1] ?? taste?.[1] ?? null),
    name: before?.name ?? told.name,
    note: noteOf([told.note, ...brackets.notes]),
  }
}

/** "Cup of milk" */
const PACK_OF = /^(?:bag|bottle|can|carton|cup|jar|mug|packet|pint|quart|stick|tin|tub) of\b/i

/** Whether something else with an amount of its own stands in the note: "500 g sugar, 200 g glucose". */
const namesAnother = (note: string | null, pantry: Pantry, house: readonly HouseUnit[]): boolean =>
  (note ?? '').split(/\s*[,;]\s*|\.\s+|\s+(?:and|plus)\s+/i).some((part) => {
    // "1/2 cup water, small piece of butter"
    const little = (VAGUE.exec(part) ?? UNSIZED.exec(part) ?? PACK_OF.exec(part))?.[0]
    if (little && pantry.find(splitNote(part.slice(little.length).trim()).name).ingredient) return true
    const m = measureAt(part, house)
    return m?.unit && /^\d|^[¼½¾⅓⅔⅛]/.test(part) ? pantry.find(splitNote(m.rest).name).ingredient !== null : false
  })

const noteOf = (notes: readonly (string | null)[]): string | null =>
  notes.filter((n): n is string => !!n?.trim()).join(', ') || null

/** What follows a comma, a dash or "for …" is how it is prepared. */
function splitNote(name: string): { name: string; note: string | null } {
  const found =
    /^(.*?)(?:\s*(?:(?<!\d),|,(?!\d)|[;–])\s*|\s+-\s+|\s+(?=(?:if (?:you|using|desired|liked|wanted)|for|plus extra|plus more|to serve|at room|or more|or so)\b|\+ ?(?:extra|more)\b))(.*)$/i.exec(
      name,
    )
  const head = (found?.[1] ?? name).trim()
  return { name: head.replace(/[.:]$/, ''), note: found?.[2]?.trim() || null }
}

const JUICE =
  /^(?:the\s+)?(?:freshly\s+squeezed\s+|fresh\s+|strained\s+|finely\s+grated\s+)?(juice|(?:grated )?(?:zest|rind|peel)|juice and (?:grated )?zest|(?:grated )?zest and juice) (?:(?:of|from)\s+|(?=\d))(.*)$/i
/** What is said after a fruit that only this is taken of it. */
const takenAfter = (words: string): RegExp =>
  new RegExp(`^(.*?)\\b(${citrus.join('|')})s?(?:,\\s*|\\s*\\(\\s*)${words}\\s*\\)?(\\s*\\([^()]*\\))?$`, 'i')
/** "1 lemon, zested", "2 oranges (zest only)" */
const ZESTED = takenAfter('(?:finely |freshly |fine |grated |just the )*(?:zest|zested|rind|peel)(?: only)?')
/** "1 lemon, juiced", "2 limes (juice only)" */
const JUICED = takenAfter('(?:freshly |just the )*(?:juiced|juice(?: only| of)?)')

/** "the juice of 2 limes", "juice and zest of a lemon" as an amount of what is taken. */
const juiceOf = (text: string): string =>
  text
    .replace(/\bzested and juiced\b|\bjuiced and zested\b/i, 'juice and zest')
    .replace(ZESTED, 'zest of $1$2$3')
    .replace(JUICED, 'juice of $1$2$3')
    .replace(JUICE, (all, taken: string, what: string) => {
      const fruit = citrus.find((f) => new RegExp(`\\b${f}s?\\b`, 'i').test(what))
      const name = !/juice/i.test(taken) ? 'zest' : /zest/i.test(taken) ? 'juice and zest' : 'juice'
      return fruit
        ? what.replace(new RegExp(`(?:large|small|medium)?\\s*\\b${fruit}s?\\b`, 'i'), ` ${fruit} ${name}`).trim()
        : all
    })

/** Two goods that a cup weighs differently of. */
const [HEAVY, LIGHT] = [ingredientById('honey'), inclusion('own', 'Crumbs', [])]

/** Grams of an amount that is a weight, whatever it is of; null for a volume or a count. */
function weightOf(amount: Amount): number | null {
  const grams = amount.grams(HEAVY)
  return grams !== null && grams === amount.grams(LIGHT) ? grams : null
}

/** "6 sheets gelatine", "4 leaves (8 g) gelatin": no powder. */
const IN_SHEETS = /^\d+ (?:sheets?|leaves|leaf)(?: \([^)]*\))? (?:of )?(?:unflavou?red )?gelatine?\b/i

/** The amount that a text is, "1 and 1/2 cups", as a line of a list would have it; null for none. */
export const amountIn = (text: string): Amount | null => parse(inWords(written(text)), []).amount

/** Reads a line. `pantry` finds ingredients by name, `house` are the kitchen's own measures. Never throws. */
export function readLine(text: string, pantry: Pantry, house: readonly HouseUnit[] = []): LineReading {
  const line = inWords(juiceOf(written(text)))
  const parsed = parse(line, house)
  const [, bareName, bareNumber] = (!parsed.amount && ENDS_BARE.exec(parsed.name)) || []
  const name = IN_SHEETS.test(line) ? 'leaf gelatin' : (bareName ?? parsed.name)
  const { found, note } = foundFor({ ...parsed, name }, pantry)
  const ask = (
    question: LineQuestion,
    grams: number | null = null,
    candidates: readonly Ingredient[] = found.candidates,
  ): LineReading => ({
    status: 'ask',
    question,
    ingredient: found.ingredient,
    grams,
    candidates,
    note,
  })
  if (!line) return ask({ id: 'empty', figures: {} })
  const dotted = DOTTED.exec(line)
  if (dotted) return ask({ id: 'disagree', figures: { amount: dotted[0], other: dotted[0].replace('.', '') } })
  if (/^[-–−]\s*\d/.test(line)) return ask({ id: 'negative', figures: {} })
  if (!parsed.name) return ask({ id: 'of-what', figures: {} })
  const choices = parsed.name.split(/\s+or\s+|\s*\/\s*/i)
  if (choices.length > 1 && !found.ingredient) {
    const each = choices.map((c) => pantry.find(c).ingredient).filter((i): i is Ingredient => i !== null)
    return ask({ id: 'which', figures: {} }, null, each.length > 0 ? each : found.candidates)
  }
  if (!found.ingredient && isUnreckoned(parsed.name))
    // another syrup would be no better than none
    return ask({ id: 'unreckoned', figures: { name: parsed.name } }, parsed.amount && weightOf(parsed.amount), [])
  if (!found.ingredient && /\band\b|&|\+/.test(parsed.name)) return ask({ id: 'several', figures: {} })
  if (namesAnother(parsed.note, pantry, house)) return ask({ id: 'several', figures: {} })
  const told = found.ingredient && parsed.amount ? parsed.amount.grams(found.ingredient) : null
  const grams =
    told !== null && found.ingredient && parsed.amount ? told * pintOf(parsed.amount, found.ingredient) : told
  if (!found.ingredient) {
    const id = found.candidates.length > 0 ? 'which-named' : 'unknown'
    return ask(
      { id, figures: { name: bareName ?? parsed.name } },
      bareNumber
        ? Number(bareNumber)
        : parsed.amount && (found.candidates[0] ? parsed.amount.grams(found.candidates[0]) : weightOf(parsed.amount)),
    )
  }
  if (parsed.vague && !parsed.amount) return ask({ id: 'vague', figures: { word: parsed.vague } })
  if (!parsed.amount || lacksUnit(line, house))
    return ask(
      { id: 'how-much', figures: { ingredient: found.ingredient.name } },
      bareNumber ? Number(bareNumber) : null,
    )
  if (grams === null)
    return ask({
      id: 'weighs',
      figures: { amount: parsed.amount.words(found.ingredient), ingredient: found.ingredient.name },
    })
  if (WHICH_PINT.test(line) && parsed.amount.beside(found.ingredient).length === 0)
    return ask({ id: 'which-pint', figures: {} }, grams * UK_PINT)
  const other = disagrees(parsed.amount, found.ingredient, line)
  if (other) {
    const figures = { amount: parsed.amount.words(found.ingredient), other: other.words(found.ingredient) }
    return ask({ id: 'disagree', figures }, grams)
  }
  const [left] = leftOver(line, parsed.amount.numbers)
  if (left !== undefined) return ask({ id: 'left-over', figures: { number: left } }, grams)
  if (!(grams > 0)) return ask({ id: 'too-little', figures: {} })
  if (grams > 100_000) return ask({ id: 'too-much', figures: {} }, grams)
  const { spread } = parsed.amount
  return {
    status: 'sure',
    ingredient: found.ingredient,
    grams,
    between: spread > 0 ? { low: grams * (1 - spread), high: grams * (1 + spread) } : null,
    note,
    amount: parsed.amount.words(found.ingredient),
  }
}

/** The name alone, or with the first words of the note, which may belong to it: "chocolate, dark", "cream, 36 % fat". */
function foundFor({ name, note }: Parsed, pantry: Pantry): { found: Found; note: string | null } {
  const [first = '', ...others] = note?.split(/,\s*/) ?? []
  const whole = first ? (pantry.called(`${name} ${first}`) ?? pantry.percent(`${name} ${first}`)) : null
  if (whole && whole !== pantry.called(name))
    return { found: { ingredient: whole, candidates: [] }, note: others.join(', ') || null }
  const [share = ''] = /\d+(?:\.\d+)?\s*%/.exec(first) ?? []
  const found = pantry.find(`${name} ${share}`)
  // "mandorle (almonds, skin on)", "nuts (almonds)": a name that is not known for sure, beside one that is
  const beside = found.ingredient ? null : pantry.called(first)
  if (!beside) return { found, note }
  return { found: { ingredient: null, candidates: [beside, ...found.candidates.filter((c) => c !== beside)] }, note }
}

/** What a note says is done to an ingredient beforehand, read as it is written. */
const preparationWords: readonly (readonly [RegExp, Preparation])[] = [
  [/\binfus/i, 'infuse'],
  [/\b(?:cold|chilled|chill)\b/i, 'chill'],
]
const RAW = /\b(?:raw|untoasted|unroasted)\b/i

/** "Steeped in the cream and strained out", "taken out again": nothing of it stays in. */
const STRAINED = /\b(?:strained|sieved|fished|lifted|taken) (?:off|out)\b|\bdiscarded\b/i

/** How an ingredient is used, where its note says something else than usual. */
export interface Usage {
  /** What is done to it before the heat goes on. */
  readonly prepare?: readonly Preparation[]
  readonly strained?: true
}

/** How an ingredient is used as its note has it; nothing where the ingredient's own ways hold. */
export function usedAs(note: string | null | undefined, ingredient: Ingredient): Usage {
  if (!note) return {}
  const said = preparationWords.flatMap(([words, how]) => (words.test(note) ? [how] : []))
  const usual = ingredient.prepare.filter((how) => how !== 'toast' || !RAW.test(note))
  const all = [...new Set([...usual, ...said])]
  const isUsual = all.length === ingredient.prepare.length && said.length === 0
  return { ...(!isUsual && { prepare: all }), ...(STRAINED.test(note) && { strained: true as const }) }
}
