/** Lengths, weights and volumes as they are said, in figures: "half an inch", "2,5 centimetres", "2 to 3 cm", "half-pint jars". */
import { numberWords, parseNumber, tenths } from '../../quantity/number'

/** A unit as it is written, after words as well or after figures alone; and as what it is told, where that is another. */
interface Unit {
  readonly said: string
  readonly afterWords: boolean
  readonly as: string | null
  /** How many of those one is. */
  readonly per: number
}

const unit = (said: string, afterWords: boolean, as: string | null = null, per = 1): Unit => ({
  said,
  afterWords,
  as,
  per,
})

const LENGTHS = [
  unit('millimet(?:re|er)s?|mms?', true, 'mm'),
  unit('centimet(?:re|er)s?|cms?', true, 'cm'),
  unit('inch(?:es)?', true),
  unit('ins\\.?', false, 'in'),
  unit('in\\.?|["″”]', false),
]
const WEIGHTS = [
  unit('grams?|grammes?|gms?|g', true, 'g'),
  unit('ounces?|oz\\.?', true, 'g', 28.35),
  unit('pounds?|lbs?\\.?', true, 'g', 453.6),
]
/** ◊ Pints and cups are those of the jars that are sold by them: 473 and 237 ml. */
const VOLUMES = [
  unit('millilit(?:re|er)s?|ml|cc', true, 'ml'),
  unit('cl|centilit(?:re|er)s?', true, 'ml', 10),
  unit('dl|decilit(?:re|er)s?', true, 'ml', 100),
  unit('lit(?:re|er)s?|l', true, 'ml', 1000),
  unit('tea-?spoon(?:ful)?s?|tsps?\\.?', true, 'ml', 5),
  unit('table-?spoon(?:ful)?s?|tbsps?\\.?', true, 'ml', 15),
  unit('(?:fl\\.? ?)?(?:oz\\.?|ounces?)', true, 'ml', 29.57),
  unit('cups?', true, 'ml', 236.6),
  unit('pints?', true, 'ml', 473.2),
  unit('quarts?', true, 'ml', 946.4),
]

const GLYPHS = '¼½¾⅓⅔⅛⅜⅝⅞'
const PART = '(?:half|thirds?|quarters?|eighths?)'
const WORD = '(?:one|two|three|four|five|six|seven|eight|nine|ten|twelve)'
/** "Three-eighths of an", "a quarter", "half an", "two and a half", "one", "an" */
const IN_WORDS = `(?:(?:(?:an?|one|two|three|five|seven)[ -])?${PART}(?:[ -]of)?(?:[ -]an?)?|(?:${WORD}|\\d{1,2})[ -]and[ -]an?[ -](?:half|quarter)|${WORD}|an?)`
const FIGURE = `(?:\\d+[ -]\\d\\/\\d|\\d\\/\\d|\\d+(?:[.,]\\d+)?(?:[ -]?[${GLYPHS}])?|[${GLYPHS}])`
/** "And a half", which stands after the unit and before what is cut. */
const AND_PART = '(?:[ -]and[ -]an?[ -](half|quarter))?'

/** In how many parts the whole is cut, by how its word begins; "eight" is none. */
const PARTS: Readonly<Record<string, number>> = { half: 2, third: 3, quart: 4, eighth: 8 }
const PART_WORD = /^(?:half|third|quart|eighth)/
/** How many a word or a figure is; what is no number counts itself once. */
export const countOf = (word: string): number =>
  /^\d/.test(word) ? Number(word) : (numberWords[word.toLowerCase()] ?? 1)
const partOf = (word = ''): number => 1 / (PARTS[PART_WORD.exec(word.toLowerCase())?.[0] ?? ''] ?? Infinity)

/** What such words count: of what they are a part of, or whole ones with a part. */
function inWords(words: string): number {
  const all = words.toLowerCase().split(/[ -]+/)
  const part = all.find((w) => PART_WORD.test(w))
  const count = countOf(all[0] as string)
  if (part === undefined) return count
  return all.includes('and') ? count + partOf(part) : count * partOf(part)
}

/** Eighths are no more than thousandths. */
const written = (n: number): string => String(tenths(100 * n) / 100)
/** ◊ What is turned into another unit: tenths of what is small, whole ones of what is not. */
const inTheOther = (n: number): number => (n < 50 ? tenths(n) : Math.round(n))
/** What a number that may be written "1-1/2" comes to; NaN for what is none. */
export const figureOf = (figure: string): number =>
  parseNumber(figure.replace(/(\d)-(?=\d\/)/, '$1 '))?.range.low ?? Number.NaN
/** "1-1/2" is one and a half. */
const isMixed = (from: string, between: string, to: string): boolean =>
  /^\d+$/.test(from) && /[-–]/.test(between) && /^(?:\d\/\d|[¼½¾⅓⅔⅛⅜⅝⅞])$/.test(to)

/** How a sentence is told with the measures of some units as figures. Of a range it keeps the middle: what is cut is cut to one size. */
function inFiguresOf(units: readonly Unit[]): (sentence: string) => string {
  const any = `(?:${units.map((u) => u.said).join('|')})(?![a-zA-Z])`
  const named = `(?:${units.flatMap((u) => (u.afterWords ? [u.said] : [])).join('|')})\\b`
  const words = new RegExp(`(?<![\\w/.,${GLYPHS}-]|\\d )(${IN_WORDS})[ -](${named})${AND_PART}`, 'gi')
  const andAPart = new RegExp(`(?<![\\d/.,])(\\d{1,2})(?: (?:and|&) |-and-)(\\d\\/\\d|[¼½¾])([\\s-]*${any})`, 'gi')
  const comma = new RegExp(`(?<![\\d.,])(\\d{1,2}),(\\d)(?=[\\s-]*${any}|\\s*[x×])`, 'gi')
  const range = new RegExp(
    `(?<![\\d/.,x×]|[x×*] |\\bby )(${FIGURE})[ -]*(${any})?\\s*(?:[-–]|to|or)\\s*(${FIGURE})([\\s-]*)(${any})`,
    'gi',
  )
  const rows = units.map((u) => [u, new RegExp(`^(?:${u.said})$`, 'i')] as const)
  const rowOf = (text: string): Unit | undefined => rows.find(([, said]) => said.test(text))?.[0]
  const told = units.flatMap((u) =>
    u.as === null ? [] : [[u, u.as, new RegExp(`(${FIGURE})([\\s-]*)(?:${u.said})(?![a-zA-Z])`, 'gi')] as const],
  )
  return (sentence) => {
    const figured = sentence
      .replace(
        words,
        (_, count: string, of: string, part?: string) => `${written(inWords(count) + partOf(part))} ${of}`,
      )
      .replace(andAPart, '$1 $2$3')
      .replace(comma, '$1.$2')
      .replace(range, (all, from: string, unitFrom: string | undefined, to: string, gap: string, unitTo: string) => {
        const [low, high] = [figureOf(from), figureOf(to)]
        const other = unitFrom !== undefined && rowOf(unitFrom) !== rowOf(unitTo)
        const between = all.slice(from.length, all.length - to.length - gap.length - unitTo.length)
        if (other || isMixed(from, between, to) || !(low < high)) return all
        return `${written((low + high) / 2)}${gap}${unitTo}`
      })
    return told.reduce(
      (text, [{ per }, as, said]) =>
        text.replace(said, (_, figure: string, gap: string) =>
          per === 1 ? `${figure}${gap}${as}` : `${inTheOther(per * figureOf(figure))} ${as}`,
        ),
      figured,
    )
  }
}

/** An inch, or a spoon, of nothing but what it is of: "in inch squares", "teaspoon-size moulds". */
const BARE_INCH =
  /(?<![\d¼½¾⅓⅔⅛⅜⅝⅞/."][\s-]*)\binch(?:[ -]and[ -]an?[ -](half|quarter))?(?=[ -](?:balls|cubes|deep|thick|lengths|long|pieces|rounds|squares?)\b)/gi
const BARE_SPOON = /(?<![\d¼½¾][\s-]*)\b((?:tea|table)spoon(?:ful)?)(?=[ -]sized?\b)/gi
const BARE_PINT = /(?<![\d¼½¾][\s-]*|(?:half|quarter)[ -])\b(pint|quart)(?= (?:\w+ )?(?:jars|bottles)\b)/gi

const lengths = inFiguresOf(LENGTHS)
const volumes = inFiguresOf(VOLUMES)

/** A sentence whose lengths are figures with short units. */
export const lengthsInFigures = (sentence: string): string =>
  lengths(sentence)
    .replace(BARE_INCH, (_, part?: string) => `${1 + partOf(part)} inch`)
    .replace(/(?<=\d)\*(?=\d)/g, '×')
/** A sentence whose weights are figures of grams. */
export const gramsInFigures = inFiguresOf(WEIGHTS)
/** A sentence whose volumes are figures of millilitres: an ounce is one of what a jar holds. */
export const millilitresInFigures = (sentence: string): string =>
  volumes(sentence.replace(BARE_SPOON, '1 $1').replace(BARE_PINT, '1 $1'))
