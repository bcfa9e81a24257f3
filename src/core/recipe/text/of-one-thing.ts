/** A line of a list with several amounts in it: as much of each of several things, some more of the same, a part of it, or kinds of it. */
import { measureAt } from '../../matter/amount'
import { numberText, readNumber } from '../../quantity/number'
import { bare, hasAmount } from './unmarked'

/** "1½ cups each granulated and light brown sugar", "1 tsp each cinnamon, coriander": as much of either. */
const EACH =
  /^(\S*[\d¼½¾⅓⅔]\S*(?: [\d/¼½¾⅓⅔]+)? ?[\p{L}.]+) each(?: of|:)? ((?:[\p{L}'’-]+ ?){1,4}(?:(?:, ?| ?(?:and|&|\+) )(?:[\p{L}'’-]+ ?){1,4})+)$/iu
export function ofEach(line: string): string[] | null {
  const [, amount, names = ''] = EACH.exec(bare(line)) ?? []
  if (amount === undefined) return null
  const all = names.replace(/,? (?:combined|mixed|sifted)(?: together)?$/i, '').split(/,? (?:and|&|\+) |, ?/)
  // "granulated and brown sugar"
  const noun = / (sugar|chocolate|seeds)$/i.exec(all.at(-1) ?? '')?.[1]
  return all.map((name) => `${amount} ${name.trim()}${noun && !/ /.test(name.trim()) ? ` ${noun}` : ''}`)
}

/** "2 cups sugar, plus 2 tbsp for the whites", "Sugar 500 g + 30 g for the whites": some more of the same, for something else. */
const MORE_FOR =
  /^(.+?),? (?:plus|\+|and|&) (\S*[\d¼½¾⅓⅔]\S*(?: [\d/¼½¾⅓⅔]+)? ?[a-z]{1,12}\.?(?: \([^()]{2,24}\))?) ((?:for|to (?:blend|go|mix|whisk) with) (?:\p{L}+ ){0,3}\p{L}+)$/iu
/** "1 tsp kosher salt, plus flaky salt for finishing": something else, of which nobody says how much. */
const OTHER_FOR =
  /^(.+?),? plus ((?!(?:a|an|enough|extra|more|some)\b)(?:\p{L}+ ){1,3})((?:for (?:finishing|garnish(?:ing)?|rolling|serving|sprinkling|(?:the )?top(?:ping)?)|to (?:finish|garnish|serve|sprinkle|top)))(?: \(optional\)|, optional)?$/iu
const NAMED_FIRST = /^(\p{L}[\p{L} -]{2,40}?):? [\d¼½¾⅓⅔]/u
function moreFor(line: string): string[] | null {
  const [, one = '', other, useOf] = OTHER_FOR.exec(bare(line)) ?? []
  if (other !== undefined && hasAmount(one)) return [one, `${other.trim()}, ${useOf}`]
  const [, first = '', amount, use] = MORE_FOR.exec(bare(line)) ?? []
  if (amount === undefined) return null
  // "2 1/2 cups (500 g) sugar plus 2 tbsp for dusting": what is said of the first is not said of the other
  const called = measureAt(first, [])?.rest.replace(/^\s*\([^()]*\)\s*/, '')
  const [name] = (called ?? NAMED_FIRST.exec(first)?.[1] ?? '').split(',')
  return name && hasAmount(first) ? [first, `${amount} ${name}, ${use}`] : null
}

/** "2 cups whole almonds, toasted, 1/2 cup of them chopped": the rest, and that part of it. */
const PART_OF_IT =
  /^([\d¼½¾⅓⅔][\d /¼½¾⅓⅔]*?) ?(\p{L}+)(\.? )([^,]+)(.*), ([\d¼½¾⅓⅔][\d /¼½¾⅓⅔]*?) ?(\p{L}+)\.? of (?:it|them|these) ([\p{L} ]+)$/iu
function partOf(line: string): string[] | null {
  const [, whole = '', unit = '', gap, name = '', made, part = '', same = '', how] = PART_OF_IT.exec(bare(line)) ?? []
  const rest = readNumber(whole) - readNumber(part)
  if (unit === '' || unit.toLowerCase() !== same.toLowerCase() || !(rest > 0)) return null
  return [
    `${numberText(rest)} ${unit}${gap}${name}${made}`,
    `${part} ${unit}${gap}${how} ${name.replace(/^whole /i, '')}`,
  ]
}

/** "Sugar 500g demerara + 150g caster", "chocolate: 200 g dark and 100 g milk": of each kind an amount. */
const WEIGHT = '\\d[\\d.,]* ?(?:k?g|oz|lbs?)'
const OF_KINDS = new RegExp(
  `^(chocolate|nuts?|sugar):? (${WEIGHT}) (\\p{L}{4,}) (?:\\+|and|&|plus) (${WEIGHT}) (\\p{L}{4,})$`,
  'iu',
)
function ofKinds(line: string): string[] | null {
  const [, noun = '', ...each] = OF_KINDS.exec(bare(line)) ?? []
  const [one, first, other, second] = each
  // almonds are nuts by themselves
  const called = /^nut/i.test(noun) ? '' : ` ${noun.toLowerCase()}`
  return first === undefined ? null : [`${one} ${first}${called}`, `${other} ${second}${called}`]
}

/** "Sugar 80 g + 750 g": two lots that go in apart; "1 lb + 4 oz" is one amount. */
const NUMBER = '\\d[\\d.,]*'
const LOTS = new RegExp(
  `^(?:(\\p{L}[\\p{L} ]{2,30}?):? )?(${NUMBER}) ?(k?g|ml|oz|lbs?) ?\\+ ?(${NUMBER}) ?\\3(?: (?:of )?(\\p{L}.*))?$`,
  'iu',
)
function inLots(line: string): string[] | null {
  const [, before, one, unit, other, after] = LOTS.exec(bare(line)) ?? []
  const name = before ?? after
  return name === undefined ? null : [`${one} ${unit} ${name}`, `${other} ${unit} ${name}`]
}

/** A line of several amounts of one thing as a line each; null for any other. */
export const ofOneThing = (line: string): string[] | null =>
  moreFor(line) ?? partOf(line) ?? ofKinds(line) ?? inLots(line)
