/** How much: amounts as people write them at either end of a line, each number of them accounted for. */
import { numberText, parseNumber, type Range } from '../quantity/number'
import { parseUnit, type Unit } from '../quantity/units'
import {
  type Amount,
  also,
  amountOf,
  besides,
  countOf,
  either,
  joined,
  type Measure,
  times,
  withNumbers,
} from './amount-sums'
import { ingredientById } from './ingredients'

/** A measure of the house: "our glass is 210 ml". */
export interface HouseUnit {
  readonly name: string
  readonly millilitres: number
}

const ABOUT =
  /^(?:(?:another|a further|an additional)\s(?=\d)|about\b|around\b|approximately\b|approx\.?|roughly\b|circa\b|ca\b\.?|~|≈|c\.\s(?=\d)|some\s(?=\d))\s*/i
const SIZED =
  /^(scant|level|heaped|heaping|rounded|generous|good|big|small|large|medium|lge?\.?|sm\.?|med\.?|(?:(?:firmly|tightly|well)[- ])?packed)\s+/i
/** "A scant 1/3 cup" */
const ONE_OF = new RegExp(`^an? (?=${SIZED.source.slice(1)}[\\d¼½¾⅓⅔])`, 'i')
/** ◊ How much more or less a spoon or cup holds so. */
const sizes: Readonly<Record<string, number>> = {
  scant: 0.95,
  heaped: 1.25,
  heaping: 1.25,
  rounded: 1.15,
  generous: 1.1,
}
const PACK =
  'tins?|cans?|packs?|packets?|packages?|pkts?|pkgs?|squares?|sachets?|envelopes?|jars?|bags?|bars?|boxes|box|bottles?|tubs?|cartons?|sticks?|sheets?|blocks?|pots?'
const PACKED = new RegExp(`^(?:${PACK})\\b\\.?\\s*(?:of\\s+)?`, 'i')

function houseUnit(text: string, house: readonly HouseUnit[]): { unit: Unit; rest: string } | null {
  for (const { name, millilitres } of house) {
    const found = new RegExp(`^${name.replace(/[^\p{L}\p{N} ]/gu, '')}(?:e?s)?\\b`, 'iu').exec(text)
    if (found)
      return { unit: { id: name, kind: 'volume', size: millilitres, names: [name] }, rest: text.slice(found[0].length) }
  }
  return null
}

/** "100 % cocoa" is no amount. */
const SHARE = /^\d+(?:[.,]\d+)?\s*(?:%|per ?cent\b)/i
/** "155C" is how hot it is: nobody takes a hundred cups. */
const HEAT = /^[1-3]\d\d(?: ?[-–] ?[1-3]\d\d)? ?°?[CF]\b/

/** A number and its unit at the start of a text, with what says how full the spoon is. */
export function measureAt(text: string, house: readonly HouseUnit[]): Measure | null {
  if (SHARE.test(text) || HEAT.test(text)) return null
  const about = text.replace(ABOUT, '').replace(ONE_OF, '')
  const early = SIZED.exec(about)
  const number = parseNumber(early ? about.slice(early[0].length) : about)
  if (!number) {
    const bare = early ? about.slice(early[0].length) : about
    const unit = houseUnit(bare, house) ?? parseUnit(bare)
    const full = early?.[1]?.toLowerCase() ?? ''
    // "pinch of salt", "scant cup": one of it
    if (!unit || unit.unit.kind === 'mass' || unit.unit.id === 'each') return null
    return {
      amount: { low: 1, high: 1 },
      unit: unit.unit,
      factor: sizes[full] ?? 1,
      rest: unit.rest,
      words: `${sizes[full] ? `${full} ` : ''}1 ${unit.unit.id}`,
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
    words: [
      size && sizes[size] ? size : '',
      rangeWords(range, more),
      unit ? unitWord(unit.unit, range.high + more) : '',
    ]
      .filter(Boolean)
      .join(' '),
  }
}

/** "2 cups", "2 tsp": what is written short has no plural. */
const unitWord = ({ id, names }: Unit, amount: number): string =>
  (amount > 1 && id.length > 2 && /[aeiou]/.test(id) ? names.find((n) => n === `${id}s` || n === `${id}es`) : null) ??
  id

const rangeWords = ({ low, high }: Range, more = 0): string =>
  low === high ? numberText(low + more) : `${numberText(low + more)} to ${numberText(high + more)}`

/** What stands in brackets: amounts, what is in each, and asides. */
interface Brackets {
  readonly text: string
  readonly said: readonly Lead[]
  readonly each: Measure | null
  readonly notes: readonly string[]
}

/** A stroke between figures is a fraction; between amounts it parts them. */
const PARTS = /\s*(?:[;,=]|(?<!\d)\/|\/(?!\d)|(?<=[a-z]\.?)\/(?=\d))\s*|\sor\s/i
/** "(that is 1200 g)" */
const THAT_IS = /^(?:that is|that['’]s|i\.?e\.?|equals|which is)[, ]+/i

export function takeBrackets(text: string, house: readonly HouseUnit[]): Brackets {
  const said: Lead[] = []
  const notes: string[] = []
  let each: Measure | null = null
  const out = text.replace(/[([]([^)\]]*)[)\]]/g, (_all, inside: string) => {
    for (const part of inside.split(PARTS).map((p) => p.trim().replace(THAT_IS, ''))) {
      const whole = amountAt(part, house)
      const measure = whole?.measure
      const lead = whole && summed(whole, house)
      const isOne =
        measure?.unit &&
        (measure.unit.kind === 'mass' ||
          /^(?:each|total|in all|(?:(?:firmly|lightly|well) )?packed)?$/i.test(lead?.rest ?? ''))
      if (measure && lead && isOne) {
        if (/\beach\b/i.test(part)) each = measure
        else said.push(lead)
        const aside = lead.rest.replace(/\b(?:each|total|in all)\b/gi, '').trim()
        if (aside) notes.push(aside)
      } else if (part) notes.push(part)
    }
    return ' ( ) '
  })
  return { text: out.replace(/\s+/g, ' ').trim(), said, notes, each }
}

/** The amount of a line that only has it in brackets, a weight before any other; null where none stands there. */
export function bracketed({ said }: Brackets): Amount | null {
  const first = said.find((s) => s.measure.unit?.kind === 'mass') ?? said[0]
  if (!first) return null
  return also(first.amount, besides(said.filter((s) => s !== first).map((s) => s.amount)))
}

/** Where brackets stood. */
const HOLE = /\s*\( \)\s*/
export const withoutHoles = (text: string): string => text.replace(new RegExp(HOLE, 'g'), ' ').trim()

export interface Lead {
  readonly amount: Amount
  readonly rest: string
  readonly measure: Measure
}

/** A count and then a figure that may be the rest of it: "1 397g can", "1 1/4-oz envelope". */
const SPLIT = /^(\d{1,3})\s(\d{3}|\d+\s*[/⁄]\s*\d+)(?=\s*-?\s*[a-z])/i

function splitCount(text: string, house: readonly HouseUnit[]): Lead | null {
  const found = SPLIT.exec(text)
  if (!found) return null
  const size = measureAt(text.slice((found[1] as string).length + 1), house)
  if (!size?.unit || size.unit.kind === 'count') return null
  const pack = PACKED.exec(size.rest)
  const count = countOf(found[1] as string)
  const apart = times(count, amountOf(size))
  const isThousand = /^\d{3}$/.test(found[2] as string)
  const whole = measureAt(isThousand ? text.replace(/^(\d+)\s/, '$1') : text, house)
  if (!whole) return null
  if (!pack) {
    // "1 250 g" is a thousand and more; "1 250g" may be one of 250 g
    if (!isThousand || /^\d+\s\d+\s/.test(text)) return null
    return { amount: { ...amountOf(whole), beside: () => [apart] }, rest: whole.rest, measure: whole }
  }
  const rest = size.rest.slice(pack[0].length)
  const amount = isThousand ? apart : either(apart, amountOf(whole), Number(found[1]), pack[0])
  return { amount, rest, measure: { ...count, unit: null, factor: 1, rest } }
}

/** Units that are told in one breath with a larger one. */
const parts: Readonly<Record<string, readonly string[]>> = {
  kg: ['g'],
  lb: ['oz'],
  l: ['dl', 'ml'],
  cup: ['tbsp', 'tsp'],
  tbsp: ['tsp'],
}

/** A measure at the start of a text, with what is told of a smaller unit in the same breath: "1 pound 2 ounces". */
function amountAt(text: string, house: readonly HouseUnit[]): Lead | null {
  const measure = measureAt(text, house)
  if (!measure) return null
  const amount = amountOf(measure)
  const smaller = /^\d/.test(measure.rest) ? measureAt(measure.rest, house) : null
  return smaller?.unit && parts[measure.unit?.id ?? '']?.includes(smaller.unit.id)
    ? { amount: joined(amount, amountOf(smaller), 1), rest: smaller.rest, measure }
    : { amount, rest: measure.rest, measure }
}

/** The amount at the start of a line and what follows it; brackets have been taken, and `said` is what stood in them. */
export function leadingAmount(text: string, house: readonly HouseUnit[], brackets: Brackets): Lead | null {
  const split = splitCount(text, house)
  if (split) return withBrackets(split, brackets)
  // "2 x 397 g tins of …"
  const crossed = /^(\d+(?:\s*[½¼¾⅓⅔]|\s+\d\/\d|\/\d)?|[½¼¾⅓⅔])\s*[x×*]\s*(?=\d)/i.exec(text)
  const whole = amountAt(crossed ? text.slice(crossed[0].length) : text, house)
  if (!whole) return null
  const first = whole.measure
  let { amount, rest } = whole
  let sized = first.unit !== null || crossed !== null
  if (crossed) amount = times(countOf(crossed[1] as string), amount)
  // "2 (8-ounce) blocks": a count, then what is in one; "egg whites 3 (100 g)" says what all of them are
  const inside = brackets.said[0]
  if (!crossed && !first.unit && inside && rest.search(HOLE) === 0 && /\p{L}/u.test(rest)) {
    const others = brackets.said.slice(1).map((s) => times(first, s.amount))
    const after = rest.replace(HOLE, '')
    const pack = PACKED.exec(after)
    return {
      amount: also(times(first, inside.amount), besides(others)),
      rest: withoutHoles(pack ? after.slice(pack[0].length) : after),
      measure: first,
    }
  }
  // "1 14-oz can": the same without brackets
  if (!first.unit && /^\d/.test(rest)) {
    const next = measureAt(rest, house)
    if (next?.unit?.kind === 'mass' || next?.unit?.kind === 'volume') {
      amount = times(first, amountOf(next))
      rest = next.rest
      sized = true
    }
  }
  const pack = PACKED.exec(rest)
  if (pack && sized && first.unit?.kind !== 'count') rest = rest.slice(pack[0].length)
  // "300 ml/10 fl oz": the same again
  const again: Amount[] = []
  for (let found = OR.exec(rest); found; found = OR.exec(rest)) {
    const next = amountAt(rest.slice(found[0].length), house)
    if (!next?.measure.unit || !first.unit) break
    // "500 ml / 2 cups + 2 tbsp": the second is both of them; "240 ml / 1 cup + 2 tbsp" is one of them, and some more
    const both = summed(next, house)
    const other = isNearer(both, next, whole) ? both : next
    again.push(crossed ? times(countOf(crossed[1] as string), other.amount) : other.amount)
    rest = other.rest
  }
  // "170 g/6 oz can": the pack stands after both
  if (again.length > 0) rest = rest.trimStart().replace(PACKED, '')
  amount = also(amount, besides(again))
  return withBrackets(summed({ amount, rest, measure: first }, house), brackets)
}

/** ◊ What any two amounts are compared by: as dense as water. */
const ANY = ingredientById('water')
const isNearer = (a: Lead, b: Lead, to: Lead): boolean => {
  const off = (lead: Lead): number => Math.abs((lead.amount.grams(ANY) ?? 0) - (to.amount.grams(ANY) ?? 0))
  return off(a) < off(b)
}

/** "1 cup plus 2 tablespoons plus 1 teaspoon": all of it as one amount. */
function summed({ amount, rest, measure }: Lead, house: readonly HouseUnit[]): Lead {
  const link = measure.unit ? LINK.exec(rest) : null
  const other = link && measureAt(rest.slice(link[0].length), house)
  if (!link || !other?.unit) return { amount, rest, measure }
  return summed({ amount: joined(amount, amountOf(other), link[2] ? -1 : 1), rest: other.rest, measure }, house)
}

const LINK = /^(?:(plus|and|\+|&)|(minus|less))\s+(?!extra\b|more\b)/i
const OR = /^\s*(?:\/|=|\|)\s*(?=[\d¼½¾⅓⅔⅛])/

/** The amount with what brackets say beside it, or what they say is in each. */
function withBrackets({ amount, rest, measure }: Lead, { each, said }: Brackets): Lead {
  const bare = withoutHoles(rest).replace(/^of\s+/i, '')
  const pack = PACKED.exec(bare)
  const known = { rest: bare, measure }
  const name = pack ? bare.slice(pack[0].length) : bare
  if (each) return { amount: withNumbers(times(measure, amountOf(each)), amount), rest: name, measure }
  if (said.length === 0) return { amount, ...known }
  // "15 oz (425 g) can" is one of them
  const inPack = measure.unit?.kind === 'count' || (measure.unit === null && pack !== null)
  const count = measure.amount.low
  if (inPack && count !== 1) {
    // "2 cans (14 oz) milk": in each, or in both
    const named = measure.unit?.kind === 'count' ? measure.unit.id : (pack?.[0] ?? '')
    const [first, ...others] = said.map((s) => either(times(measure, s.amount), s.amount, count, named)) as [Amount]
    return {
      amount: withNumbers(also(first, besides(others)), amount),
      rest: name,
      measure,
    }
  }
  const [size, ...more] = said
  // "1 sachet (12 g) gelatine": what is usually in one says nothing of this one
  if (inPack && size?.measure.unit?.kind === 'mass')
    return { amount: withNumbers(also(size.amount, besides(more.map((s) => s.amount))), amount), rest: name, measure }
  const others = said.map((s) => ({ amount: s.amount, byMass: s.measure.unit?.kind === 'mass' }))
  const leads = measure.unit?.kind === 'mass' ? others.map((o) => ({ ...o, byMass: false })) : others
  return { amount: also(amount, leads), rest: name, measure }
}

const BETWEEN = /\s*(?:[:,–=]|\s-|\s)\s*/g
const AMOUNT = /^(?:about |approx\.? |~)?(?:\d|[¼½¾⅓⅔⅛⅜⅝⅞]|an?\s|one |two |three |four |half |scant |heaped |pinch)/i

/** "Vanilla pods 2". */
const FEW = /^(?:[1-9]|1[0-2])$/

/** "Egg whites 2 large" */
const OF_SIZE = /^([^,]*?)\s+(?:large|medium|small)(?=[.,]*$)/i

/** What is done with what goes around a sweet, or under it: "to dust", as the source of a pattern. */
export const TO_USE = 'to (?:coat|cover|dust|finish|line|roll|serve|sprinkle)'

/** ", softened", "toasted, kept hot", "for the tin": a note after an amount, with a comma, with how it is or with what it is for. */
const SAID_AFTER = new RegExp(
  `^\\s*(?:,\\s*(?=\\p{L})|(?=(?:\\p{L}+ed|cold|hot|warm)(?:,|$)|(?:for (?:the |your )?\\p{L}+|${TO_USE})$))(.*)`,
  'u',
)

/** "sugar 200 g", "salt: a pinch", "butter 80 g, softened": the first place from which the rest is an amount, and at most a note. */
export function trailingAmount(
  text: string,
  house: readonly HouseUnit[],
  brackets: Brackets,
): { amount: Amount; name: string } | null {
  for (const gap of text.matchAll(BETWEEN)) {
    const tail = text.slice(gap.index + gap[0].length).replace(OF_SIZE, '$1')
    if (gap.index < 2 || !AMOUNT.test(tail)) continue
    const lead = leadingAmount(tail, house, brackets)
    if (!lead || !(lead.measure.unit || FEW.test(withoutHoles(tail)))) continue
    const note = SAID_AFTER.exec(lead.rest)?.[1]
    if (note || !lead.rest.replace(/[.,]/g, '').trim())
      return { amount: lead.amount, name: [withoutHoles(text.slice(0, gap.index)), ...(note ? [note] : [])].join(', ') }
  }
  return null
}
