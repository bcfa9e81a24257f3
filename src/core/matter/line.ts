/** A line of a recipe as people write it, read into an ingredient and grams; what is unsure becomes a question. */
import type { PlainFindingOf } from '../finding'
import { parseNumber, type Range } from '../quantity/number'
import { parseUnit, type Unit } from '../quantity/units'
import { toGrams } from './convert'
import type { Ingredient, Preparation } from './ingredient'
import type { Found, Pantry } from './names'

/** A measure of the house: "our glass is 210 ml". */
export interface HouseUnit {
  readonly name: string
  readonly millilitres: number
}

export interface QuestionFigures {
  empty: object
  negative: object
  'of-what': object
  which: object
  'which-named': { readonly name: string }
  several: object
  unknown: { readonly name: string }
  vague: { readonly word: string }
  'how-much': { readonly ingredient: string }
  /** `amount`: as it is written. */
  weighs: { readonly amount: string; readonly ingredient: string }
  'too-little': object
  'too-much': object
}

/** What has to be asked about a line. */
export type LineQuestion = PlainFindingOf<QuestionFigures>

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

interface Amount {
  /** Grams of the ingredient, the middle of a range. Null: not known for it. */
  grams(ingredient: Ingredient): number | null
  readonly spread: number
  readonly words: string
}

interface Parsed {
  readonly amount: Amount | null
  /** Why an amount that stands there is not one. */
  readonly vague: string | null
  readonly name: string
  readonly note: string | null
}

const ABOUT =
  /^(?:about\b|around\b|approximately\b|approx\.?|roughly\b|circa\b|ca\b\.?|~|≈|c\.\s(?=\d)|some\s(?=\d))\s*/i
const SIZED = /^(scant|level|heaped|heaping|rounded|generous|good|big|small|large|medium)\s+/i
/** ◊ How much more or less a spoon or cup holds so. */
const sizes: Readonly<Record<string, number>> = {
  scant: 0.95,
  heaped: 1.25,
  heaping: 1.25,
  rounded: 1.15,
  generous: 1.1,
}
const VAGUE =
  /^(?:a\s+|an\s+|one\s+)?(?:(?:big|small|large|good)\s+)?(handful|knob|splash|glug|drizzle|bit|little|touch|squeeze|few|spoonful|spoon|lump|dollop|scoop|bunch|piece|slice|nut|mug|glass|teacup|some|any)s?\b(?:\s+of)?/i
const TO_TASTE =
  /\b(to taste|as needed|as required|to your liking|optional|for (?:dusting|greasing|rolling|garnish|the pan|the tin))\b/i
const PACK =
  'tins?|cans?|packets?|packages?|pkts?|sachets?|envelopes?|jars?|bags?|bars?|boxes|box|bottles?|tubs?|cartons?|sticks?|sheets?|blocks?|pots?'

const clean = (text: string): string =>
  text
    .replace(/\bhalf[-\s]and[-\s]half\b/gi, 'halfandhalf')
    .replace(/[\u2010-\u2015]/g, '–')
    .replace(/[\u00a0\u2009\u202f]/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()
    .replace(/^(?:[-–*•·▢□]|\[[ x]?\])\s+/i, '')
    .replace(/(\d) (?=\d{3}(?!\d))/g, '$1')
    .replace(/(\d),(?=\d{3}(?!\d)\s*(?:g|ml|grams?|millilit))/gi, '$1')

/** Numbers in words with a half or quarter after them: "one and a half", "2 and a quarter", "three quarters of a". */
const inWords = (text: string): string =>
  text
    .replace(/\bthree[- ]quarters?(?: of an?)?(?=\s)/i, '¾')
    .replace(/\btwo[- ]thirds?(?: of an?)?(?=\s)/i, '⅔')
    .replace(/\b(?:one|a)[- ]third(?: of an?)?(?=\s)/i, '⅓')
    .replace(/\b(?:one|a)[- ]quarter(?: of an?)?(?=\s)/i, '¼')
    .replace(/\b(?:one|a)[- ]half(?: an?)?(?=\s)/i, '½')
    .replace(/\b(\w+) and (?:a |one )?half(?=\s)/i, (all, n) => withFraction(n, '½') ?? all)
    .replace(/\b(\w+) and (?:a |one )quarter(?=\s)/i, (all, n) => withFraction(n, '¼') ?? all)
    .replace(/\b(\w+) and three[- ]quarters(?=\s)/i, (all, n) => withFraction(n, '¾') ?? all)
    .replace(/\ba couple(?: of)?(?=\s)/i, '2')
    .replace(/\bhalf a dozen\b/i, '6')

function withFraction(number: string, glyph: string): string | null {
  const found = parseNumber(number)
  return found && found.rest === '' && Number.isInteger(found.range.low) ? `${found.range.low}${glyph}` : null
}

interface Measure {
  readonly amount: Range
  readonly unit: Unit | null
  readonly factor: number
  readonly rest: string
  readonly words: string
}

function houseUnit(text: string, house: readonly HouseUnit[]): { unit: Unit; rest: string } | null {
  for (const { name, millilitres } of house) {
    const found = new RegExp(`^${name.replace(/[^\p{L}\p{N} ]/gu, '')}(?:e?s)?\\b`, 'iu').exec(text)
    if (found)
      return { unit: { id: name, kind: 'volume', size: millilitres, names: [name] }, rest: text.slice(found[0].length) }
  }
  return null
}

/** A number and its unit at the start of a text, with what says how full the spoon is. */
function measureAt(text: string, house: readonly HouseUnit[]): Measure | null {
  const about = text.replace(ABOUT, '')
  const early = SIZED.exec(about)
  const number = parseNumber(early ? about.slice(early[0].length) : about)
  if (!number) {
    const bare = early ? about.slice(early[0].length) : about
    const unit = houseUnit(bare, house) ?? parseUnit(bare)
    // "pinch of salt", "scant cup": one of it
    if (!unit || unit.unit.kind === 'mass' || unit.unit.id === 'each') return null
    return {
      amount: { low: 1, high: 1 },
      unit: unit.unit,
      factor: sizes[early?.[1]?.toLowerCase() ?? ''] ?? 1,
      rest: unit.rest,
      words: `1 ${unit.unit.id}`,
    }
  }
  let rest = number.rest.replace(/^\s*[-–]\s*(?=[a-z])/i, ' ').trimStart()
  const late = SIZED.exec(rest)
  if (late) rest = rest.slice(late[0].length)
  const again = /^an?\s/i.test(about) && /^\s*\d/.test(number.rest) ? parseNumber(number.rest) : null
  const range = again?.range ?? number.range
  if (again) rest = again.rest.replace(/^\s*[-–]\s*(?=[a-z])/i, ' ').trimStart()
  const unit = houseUnit(rest, house) ?? parseUnit(rest)
  const size = (late ?? early)?.[1]?.toLowerCase()
  const after = (unit?.rest ?? rest).trimStart()
  // "a cup and a half of"
  const half = unit ? /^and (?:a |one )(half|quarter)\b/i.exec(after) : null
  const more = half ? (half[1]?.toLowerCase() === 'half' ? 0.5 : 0.25) : 0
  return {
    amount: { low: range.low + more, high: range.high + more },
    unit: unit?.unit ?? null,
    // a large egg is an egg: sizes speak of spoons and cups
    factor: unit && size ? (sizes[size] ?? 1) : 1,
    rest: half ? after.slice(half[0].length).trimStart() : after,
    words: [size && sizes[size] ? size : '', rangeWords(range, more), unit?.unit.id ?? ''].filter(Boolean).join(' '),
  }
}

const figure = (n: number): string => String(Math.round(n * 100) / 100)
const rangeWords = ({ low, high }: Range, more = 0): string =>
  low === high ? figure(low + more) : `${figure(low + more)} to ${figure(high + more)}`

const amountOf = (m: Measure): Amount => ({
  grams: (i) => {
    const grams = toGrams({ amount: m.amount, unit: m.unit, rest: '' }, i)
    return grams === null ? null : grams * m.factor
  },
  spread: m.amount.high === m.amount.low ? 0 : (m.amount.high - m.amount.low) / (m.amount.high + m.amount.low),
  words: m.words,
})

const scaled = (a: Amount, times: number, words: string): Amount => ({
  grams: (i) => {
    const g = a.grams(i)
    return g === null ? null : g * times
  },
  spread: a.spread,
  words,
})

const joined = (a: Amount, b: Amount, sign: 1 | -1): Amount => ({
  grams: (i) => {
    const [x, y] = [a.grams(i), b.grams(i)]
    return x === null || y === null ? null : x + sign * y
  },
  spread: a.spread,
  words: `${a.words} ${sign > 0 ? 'and' : 'less'} ${b.words}`,
})

/** Asides in brackets: an amount by weight is believed over cups; the rest is a note. */
function takeBrackets(
  text: string,
  house: readonly HouseUnit[],
): { text: string; weights: Measure[]; notes: string[]; each: Measure | null } {
  const weights: Measure[] = []
  const notes: string[] = []
  let each: Measure | null = null
  const out = text.replace(/[([]([^)\]]*)[)\]]/g, (_all, inside: string) => {
    for (const part of inside.split(/\s*[/;,=]\s*|\sor\s/i)) {
      const m = measureAt(part.trim(), house)
      if (m?.unit?.kind === 'mass' || (m?.unit?.kind === 'volume' && /^(?:each)?$/.test(m.rest) && !weights.length)) {
        if (/^each/i.test(m.rest) || /\beach\b/i.test(part)) each = m
        else weights.push(m)
      } else if (part.trim() && !/^\d/.test(part.trim())) notes.push(part.trim())
    }
    return ' '
  })
  return { text: out.replace(/\s+/g, ' ').trim(), weights, notes, each }
}

const massFirst = (weights: readonly Measure[]): Measure | undefined =>
  weights.find((w) => w.unit?.kind === 'mass') ?? weights[0]

/** The amount at the start of a line and what follows it. */
function leadingAmount(
  text: string,
  house: readonly HouseUnit[],
): { amount: Amount; rest: string; measure: Measure } | null {
  // "2 x 397 g tins of …"
  const times = /^(\d+)\s*[x×*]\s*(?=\d)/i.exec(text)
  const first = measureAt(times ? text.slice(times[0].length) : text, house)
  if (!first) return null
  let amount = amountOf(first)
  let rest = first.rest
  let sized = first.unit !== null || times !== null
  if (times) amount = scaled(amount, Number(times[1]), `${times[1]} × ${first.words}`)
  // "1 14-oz can": a count, then what is in one
  if (!first.unit && /^\d/.test(rest)) {
    const inside = measureAt(rest, house)
    if (inside?.unit?.kind === 'mass' || inside?.unit?.kind === 'volume') {
      amount = scaled(amountOf(inside), first.amount.low, `${first.words} × ${inside.words}`)
      rest = inside.rest
      sized = true
    }
  }
  const pack = new RegExp(`^(?:${PACK})\\b\\.?\\s*`, 'i').exec(rest)
  if (pack && sized) rest = rest.slice(pack[0].length)
  // "1 cup plus 2 tablespoons"
  const link = /^(?:(plus|and|\+|&)|(minus|less))\s+(?!extra\b|more\b)/i.exec(rest)
  const second = link && first.unit ? measureAt(rest.slice(link[0].length), house) : null
  if (link && second?.unit) {
    amount = joined(amount, amountOf(second), link[2] ? -1 : 1)
    rest = second.rest
  }
  return { amount, rest: rest.replace(/^of\s+/i, ''), measure: first }
}

const BETWEEN = /\s*(?:[:,–=]|\s-|\s)\s*/g
const AMOUNT = /^(?:about |approx\.? |~)?(?:\d|[¼½¾⅓⅔⅛⅜⅝⅞]|an?\s|one |two |three |four |half |scant |heaped |pinch)/i

/** "sugar 200 g", "salt: a pinch": the first place from which the rest is an amount and nothing else. */
function trailingAmount(text: string, house: readonly HouseUnit[]): { amount: Amount; name: string } | null {
  for (const gap of text.matchAll(BETWEEN)) {
    const tail = text.slice(gap.index + gap[0].length)
    if (gap.index < 2 || !AMOUNT.test(tail)) continue
    const lead = leadingAmount(tail, house)
    if (lead?.measure.unit && !lead.rest.replace(/[.,]/g, '').trim())
      return { amount: lead.amount, name: text.slice(0, gap.index) }
  }
  return null
}

function parse(text: string, house: readonly HouseUnit[]): Parsed {
  const { text: bare, weights, notes, each } = takeBrackets(text, house)
  const taste = TO_TASTE.exec(bare)
  const said = VAGUE.exec(bare)
  const vague = said && !house.some((h) => h.name.toLowerCase() === said[1]?.toLowerCase()) ? said : null
  // "a handful of": the article is no amount
  const lead = vague ? null : leadingAmount(bare, house)
  if (lead) {
    const pack = new RegExp(`^(?:${PACK})\\b\\.?\\s*(?:of\\s+)?`, 'i').exec(lead.rest)
    const inPack = lead.measure.unit?.kind === 'count' || pack !== null
    const weight = massFirst(weights)
    const name = pack && (weight || each) ? lead.rest.slice(pack[0].length) : lead.rest
    const amount = each
      ? scaled(amountOf(each), lead.measure.amount.low, `${lead.measure.words} × ${each.words}`)
      : weight && inPack && /^\S+\s*[([]/.test(text)
        ? scaled(amountOf(weight), lead.measure.amount.low, `${lead.measure.words} × ${weight.words}`)
        : weight && lead.measure.unit?.kind !== 'mass'
          ? { ...amountOf(weight), words: `${weight.words}, as the line says beside ${lead.measure.words}` }
          : lead.amount
    const split = splitNote(name)
    return { amount, vague: null, name: split.name, note: noteOf([split.note, ...notes]) }
  }
  const tail = trailingAmount(bare, house)
  if (tail) {
    const split = splitNote(tail.name)
    return { amount: tail.amount, vague: null, name: split.name, note: noteOf([split.note, ...notes]) }
  }
  const weight = massFirst(weights)
  const split = splitNote(
    bare
      .replace(VAGUE, '')
      .replace(TO_TASTE, '')
      .replace(/^\s*of\s+/i, '')
      .trim(),
  )
  return {
    amount: weight ? amountOf(weight) : null,
    vague: vague?.[1] ?? taste?.[1] ?? null,
    name: split.name,
    note: noteOf([split.note, ...notes]),
  }
}

const noteOf = (notes: readonly (string | null)[]): string | null =>
  notes.filter((n): n is string => !!n?.trim()).join(', ') || null

/** What follows a comma, a dash or "for …" is how it is prepared. */
function splitNote(name: string): { name: string; note: string | null } {
  const found =
    /^(.*?)(?:\s*[,;–]\s*|\s+-\s+|\s+(?=(?:for|plus extra|plus more|to serve|at room|or more|or so)\b))(.*)$/i.exec(
      name,
    )
  const head = (found?.[1] ?? name).trim()
  return { name: head.replace(/[.:]$/, ''), note: found?.[2]?.trim() || null }
}

const fruits = ['lemon', 'lime', 'orange'] as const

/** "the juice of 2 limes" as an amount of the juice. */
const juiceOf = (text: string): string =>
  text.replace(
    /^(?:the\s+)?(?:freshly\s+squeezed\s+|fresh\s+|strained\s+)?juice (?:of|from)\s+(.*)$/i,
    (all, what: string) => {
      const fruit = fruits.find((f) => new RegExp(`\\b${f}s?\\b`, 'i').test(what))
      return fruit
        ? `${what.replace(new RegExp(`(?:large|small|medium)?\\s*\\b${fruit}s?\\b`, 'i'), ` ${fruit} juice`).trim()}`
        : all
    },
  )

/** Reads a line. `pantry` finds ingredients by name, `house` are the kitchen's own measures. Never throws. */
export function readLine(text: string, pantry: Pantry, house: readonly HouseUnit[] = []): LineReading {
  const line = inWords(juiceOf(clean(text)))
  const parsed = parse(line, house)
  const { found, note } = foundFor(parsed, pantry)
  const ask = (question: LineQuestion, grams: number | null = null): LineReading => ({
    status: 'ask',
    question,
    ingredient: found.ingredient,
    grams,
    candidates: found.candidates,
    note,
  })
  if (!line) return ask({ id: 'empty', figures: {} })
  if (/^[-–−]\s*\d/.test(line)) return ask({ id: 'negative', figures: {} })
  if (!parsed.name) return ask({ id: 'of-what', figures: {} })
  const choices = parsed.name.split(/\s+or\s+|\s*\/\s*/i)
  if (choices.length > 1 && !found.ingredient) {
    const each = choices.map((c) => pantry.find(c).ingredient).filter((i): i is Ingredient => i !== null)
    return {
      ...(ask({ id: 'which', figures: {} }) as Extract<LineReading, { status: 'ask' }>),
      candidates: each.length > 0 ? each : found.candidates,
    }
  }
  if (!found.ingredient && /\band\b|&|\+/.test(parsed.name)) return ask({ id: 'several', figures: {} })
  const grams = found.ingredient && parsed.amount ? parsed.amount.grams(found.ingredient) : null
  if (!found.ingredient) {
    const id = found.candidates.length > 0 ? 'which-named' : 'unknown'
    return ask(
      { id, figures: { name: parsed.name } },
      parsed.amount && found.candidates[0] ? parsed.amount.grams(found.candidates[0]) : null,
    )
  }
  if (parsed.vague && !parsed.amount) return ask({ id: 'vague', figures: { word: parsed.vague } })
  if (!parsed.amount) return ask({ id: 'how-much', figures: { ingredient: found.ingredient.name } })
  if (grams === null)
    return ask({ id: 'weighs', figures: { amount: parsed.amount.words, ingredient: found.ingredient.name } })
  if (!(grams > 0)) return ask({ id: 'too-little', figures: {} })
  if (grams > 100_000) return ask({ id: 'too-much', figures: {} }, grams)
  const { spread } = parsed.amount
  return {
    status: 'sure',
    ingredient: found.ingredient,
    grams,
    between: spread > 0 ? { low: grams * (1 - spread), high: grams * (1 + spread) } : null,
    note,
    amount: parsed.amount.words,
  }
}

/** The name alone, or with the first words of the note, which may belong to it: "chocolate, dark", "cream, 36 % fat". */
function foundFor({ name, note }: Parsed, pantry: Pantry): { found: Found; note: string | null } {
  const [first = '', ...others] = note?.split(/,\s*/) ?? []
  const whole = first ? (pantry.called(`${name} ${first}`) ?? pantry.percent(`${name} ${first}`)) : null
  if (whole && whole !== pantry.called(name))
    return { found: { ingredient: whole, candidates: [] }, note: others.join(', ') || null }
  return { found: pantry.find(name), note }
}

/** What a note says is done to an ingredient beforehand, read as it is written. */
const preparationWords: readonly (readonly [RegExp, Preparation])[] = [
  [/\binfus/i, 'infuse'],
  [/\b(?:cold|chilled|chill)\b/i, 'chill'],
]
const RAW = /\b(?:raw|untoasted|unroasted)\b/i

/**
 * What is done to an ingredient before the heat goes on, where its note says something else than usual; undefined where
 * the ingredient's own ways hold.
 */
export function preparationsIn(note: string | null | undefined, ingredient: Ingredient): Preparation[] | undefined {
  if (!note) return undefined
  const said = preparationWords.flatMap(([words, how]) => (words.test(note) ? [how] : []))
  const usual = ingredient.prepare.filter((how) => how !== 'toast' || !RAW.test(note))
  const all = [...new Set([...usual, ...said])]
  return all.length === ingredient.prepare.length && said.length === 0 ? undefined : all
}
