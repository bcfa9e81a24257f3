/** Lengths that sentences speak of: the sides of a piece, of the tin it is poured into, and how thick it lies. */
import { mmPer } from '../../quantity/length'
import { tenths } from '../../quantity/number'
import { countOf, figureOf, lengthsInFigures } from './measures'

/** A number, a unit of length, and one with the other, as sources of patterns. */
export const NUMBER = '(?:\\d\\/\\d|\\d+(?:\\.\\d+)?(?:[ -]?[¼½¾⅓⅔⅛⅜⅝⅞]|[ -]\\d\\/\\d)?|[¼½¾⅓⅔⅛⅜⅝⅞])'
export const UNIT = '(?:mm|cm|in(?:ch(?:es)?|\\.)?(?![a-z])|"|″|”)'
const PAIR = new RegExp(
  `(${NUMBER})[\\s-]*(${UNIT})?\\s*(?:x|×|by)[\\s-]*(${NUMBER})(?:\\s*(?:x|×|by)\\s*${NUMBER})?[\\s-]*(${UNIT})?`,
  'i',
)
export const ONE = new RegExp(`(${NUMBER})[\\s-]*(${UNIT})`, 'i')
/** "12 mm deep", "1/4 inch thick", "roll to 3 mm", "frame at 12 mm". */
const THICK = new RegExp(
  `(${NUMBER})[\\s-]*(${UNIT})[\\s-]*(?:thick|deep|high|tall|(?:in )?depth|layer)|\\b(?:roll|press|spread|coax|level|nudge|push|smooth|frames?,?|tray,?|flatten|pour(?: to| at| thin)?(?= [\\d¼½¾])|cast|(?:depth|thickness) of|sheet(?:er)?(?: at|(?= \\d))|slab)\\b[^,;]{0,30}?(?<![\\d.]|[x×] ?)(${NUMBER})[\\s-]*(${UNIT})(?!\\s*(?:[x×]|by|square|round|pan|tin|tray|sheet|frame))|\\b(?:roll|press|spread|pour|tip|cast|deposit)\\b.*, (?:to |at |about )*(${NUMBER})[\\s-]*(${UNIT})$|(?<![x×] ?)\\b(\\d+)[\\s-]*(mm) (?:frames?|bars|rulers)\\b|\\bbetween (?:papers|sheets|mats|rulers|bars),? (${NUMBER})[\\s-]*(mm|cm)\\b`,
  'i',
)
/** "A frame 30 x 40 x 1.2 cm": it is filled to the brim. */
const FRAME = new RegExp(
  `\\bframes?\\b[^;.]{0,20}?(?:${NUMBER})[\\s-]*(?:${UNIT})?\\s*[x×]\\s*(?:${NUMBER})[\\s-]*(?:${UNIT})?\\s*[x×]\\s*(${NUMBER})[\\s-]*(${UNIT})`,
  'i',
)
const VESSEL = '(?:pans?|tins?|trays?|dish(?:es)?|frames?|pie plates?|\\brings?)\\b'
/** "Two 20 cm tins", "2 x 9x13 pans": how many of them. */
const MANY =
  /(?<![x×] ?)\b(two|three|four|[2-4])(?: ?[x×])? (?=(?:[^\s.;,]+ ){0,5}?(?:dishes|frames|pans|(?:half|quarter)[- ]sheets|tins|trays)\b)/i
/** Of tins of which nobody says how many there are no size helps. */
const SOME = /\b(?:dishes|frames|pans|plates|rings|tins|trays)\b/gi
/** "Pour into a buttered 13x9" */
const MADE_READY = '\\b(?:buttered|greased|oiled|lined|papered|prepared)\\s+'
const TIN_PAIR = new RegExp(
  `${PAIR.source}\\s*(?:[a-z]+\\s+){0,4}?${VESSEL}|${VESSEL}[^;.]{0,12}?${PAIR.source}|${MADE_READY}${PAIR.source}|\\b(?:pat|pour|press|spread)\\b[^.;,]{0,20}\\bin(?:to)? an? ${PAIR.source}`,
  'i',
)
/** "An 8 inch square tin", "a tin about 7 inches square", "a round tin, 20 cm" */
const TIN_ONE = new RegExp(
  `${ONE.source}[\\s-]*(?:[a-z]+[\\s-]+){0,5}?${VESSEL}|${VESSEL} \\(?(?:about |of |measuring )*${ONE.source}[\\s-]*(?:sq(?:uare)?|round|across|in diameter)\\b|\\b(?:cake|flan|mousse|round|springform|square|tart)\\b[^.;\\d]{0,20}?${VESSEL},? \\(?(?:about |of |measuring )*${ONE.source}(?![\\s-]*(?:deep|high|thick|tall))`,
  'i',
)
/** What a pot stands on is no tin: "on an 18 cm ring". */
const STOVE_RING = /\b(?:on|over|under)\b[^.;]{0,30}\bring\b/gi
/** ◊ What has a name instead of a size, mm. */
const NAMED_TINS: readonly (readonly [RegExp, Sides])[] = [
  [/\bquarter[- ]sheet\b/i, [330, 229]],
  [/\bhalf[- ]sheet\b/i, [457, 330]],
  [/\b(?:2[ -]?lb|900 ?g)\b.{0,12}\bloaf\b/i, [230, 130]],
  [/\b(?:1[ -]?lb|450 ?g)\b.{0,12}\bloaf\b/i, [160, 110]],
]
const ROUND_TIN = /\b(?:diameter|flan|pie|ring|round|springform|tart)\b/i

/** ◊ Without a unit a pan is in inches below this, a piece in mm from this on, mm in a cm below this. */
const INCHES_BELOW = 19
const MM_FROM = 8
const CM_BELOW = 70

/** mm of a number as it is written, in a unit of length; NaN for what is neither. */
export const mmOf = (number: string, unit: string): number =>
  // multiplied in this order 3/4 in is 19.1 mm, as it should be
  Math.round(10 * figureOf(number) * (mmPer(unit) ?? Number.NaN)) / 10

/** What the groups of a pattern found, of whichever of its ways it was; none where it is not there. */
export const partsIn = (pattern: RegExp, text: string): string[] =>
  (pattern.exec(text) ?? []).slice(1).filter((part) => part !== undefined)

/** "A 23 cm (9 inch) square tin": the same size again. */
const AGAIN = new RegExp(`(?<=\\d[\\s-]*${UNIT})\\s*\\((?:about |approx\\w*\\.? )?${NUMBER}[^()]{0,20}\\)`, 'gi')
/** "Two (8-inch) square pans" */
const IN_BRACKETS = new RegExp(`\\((\\d[^()]{1,24})\\)(?= (?:[a-z]+ ){0,3}${VESSEL})`, 'gi')
const saidOnce = (sentence: string): string =>
  lengthsInFigures(sentence)
    .replace(AGAIN, '')
    .replace(IN_BRACKETS, '$1')
    .replace(/\b(?:a|the) pair of\b/gi, 'two')
    .replace(STOVE_RING, ' ')
    .replace(/\s*[Øø](?=\s|\d)/g, ' ')

/** Length and width of a piece, mm, neither of them more than `most`; null where none is said. */
export function pieceIn(said: string, most: number = PIECE.most): { lengthMm: number; widthMm: number } | null {
  const sentence = saidOnce(said).replace(THICK, ' ').replace(TIN_PAIR, ' ').replace(TIN_ONE, ' ')
  const pair = PAIR.exec(sentence)
  if (pair) {
    const [, a = '', unitA, b = '', unitB] = pair
    const unit = unitB ?? unitA ?? unitOfPiece(a, b)
    if (unit) return within({ lengthMm: mmOf(a, unitA ?? unit), widthMm: mmOf(b, unit) }, most)
  }
  const [across = '', unitAcross = '', along = '', unitAlong = ''] = partsIn(LENGTHS_OF_STRIPS, sentence)
  if (across) return within({ lengthMm: mmOf(along, unitAlong), widthMm: mmOf(across, unitAcross) }, most)
  const [long = '', unitLong = '', wide = '', unitWide = ''] = partsIn(LONG_AND_WIDE, sentence)
  if (long) return within({ lengthMm: mmOf(long, unitLong), widthMm: mmOf(wide, unitWide) }, most)
  const one = ONE.exec(sentence)
  const side = one ? mmOf(one[1] as string, one[2] as string) : Number.NaN
  return within(STRIPS.test(sentence) ? { lengthMm: side, widthMm: STRIP_MM } : squareOf(side), most)
}

/** Without a unit: tenths are those of a cm, and what is no number of inches is in mm; null where it may be either. */
const unitOfPiece = (a: string, b: string): string | null =>
  Number(a) >= MM_FROM && Number(b) >= MM_FROM ? 'mm' : /\.\d/.test(a + b) ? 'cm' : null

const LENGTH = `(${NUMBER})[\\s-]*(${UNIT})`
/** "Slit 18 mm, cut 28 mm", "strips 2 cm wide, then into 4 cm pieces": how wide, and how long the pieces. */
const LENGTHS_OF_STRIPS = new RegExp(
  `\\bslit(?: to| at)? ${LENGTH}[,;]? (?:and )?cut(?: to| at)? ${LENGTH}|\\bstrips?,? ${LENGTH}(?: wide)?\\b[^.;\\d]{0,40}? ${LENGTH}[\\s-]*(?:bars|lengths|pieces)|${LENGTH}[\\s-]*strips\\b[^.;\\d]{0,40}? ${LENGTH}[\\s-]*(?:bars|lengths|pieces)|${LENGTH} wide[^.;\\d]{1,12}${LENGTH} long\\b`,
  'i',
)
/** "4 cm long and 2 cm wide", "4 cm lengths, 2 cm wide" */
const LONG_AND_WIDE = new RegExp(`${LENGTH}[\\s-]*(?:long|lengths)\\b[^.;\\d]{1,12}${LENGTH} wide\\b`, 'i')

/** "Strips 15 cm long": of a strip only the length is said. */
const STRIPS =
  /\b(?:batons?|fingers?|lengths?|sticks?|strips?)\b[^.;]*\blong\b|\blong (?:batons|fingers|sticks|strips)\b/i
/** ◊ Width of such a strip, mm. */
const STRIP_MM = 15

/** The sides of a square, mm. */
export const squareOf = (side: number) => ({ lengthMm: side, widthMm: side })
/** ◊ No piece is smaller or larger than this, mm. */
const PIECE = { least: 5, most: 200 }
/** ◊ And what is cut off a rope is no longer than this, mm: a cane. */
export const CANE_MM = 300
/** A piece, or null where it is smaller or larger than any. */
export const within = <T extends { lengthMm: number; widthMm: number }>(
  piece: T,
  most: number = PIECE.most,
): T | null => ([piece.lengthMm, piece.widthMm].every((mm) => mm >= PIECE.least && mm <= most) ? piece : null)

/** Sides of a rectangle, mm. */
type Sides = readonly [number, number]
/** What something is poured into: its area, mm², and its sides where it has two that are straight. */
export interface Tin {
  readonly area: number
  readonly sides: Sides | null
}
const ofSides = (sides: Sides): Tin => ({ area: sides[0] * sides[1], sides })

/** ◊ What lies thinner than this, mm, was poured into no tin of so many inches. */
const THINNEST = 4

/** The tin a sentence speaks of; null where none is said. `litres`: what is poured into it, where that is known. */
function tinIn(said: string, litres: number | null): Tin | null {
  const sentence = saidOnce(said)
  const [before, number] = MANY.exec(sentence) ?? []
  if (before === undefined || number === undefined) return oneTinIn(sentence.replace(SOME, ' '), litres)
  const count = countOf(number)
  const one = oneTinIn(sentence.replace(before, ''), litres === null ? null : litres / count)
  return one && { area: count * one.area, sides: null }
}

/** Whichever of them it is, they are all alike. */
function oneTinIn(sentence: string, litres: number | null): Tin | null {
  const pair = partsIn(TIN_PAIR, sentence)
  if (pair.length > 0) {
    const numbers = pair.filter((s) => /^[\d¼½¾⅓⅔⅛⅜⅝⅞]/.test(s))
    const unit = pair.find((s) => !/^[\d¼½¾⅓⅔⅛⅜⅝⅞]/.test(s))
    const [a = '', b = ''] = numbers
    const larger = Math.max(Number(a), Number(b))
    const [usual, metric] = [unit ?? unitOfPan(larger), unit ?? 'cm'].map((u) => ofSides([mmOf(a, u), mmOf(b, u)]))
    return usual && litres !== null && (litres * 1e6) / usual.area < THINNEST ? (metric ?? usual) : (usual ?? null)
  }
  const [number, unit] = partsIn(TIN_ONE, sentence)
  if (number === undefined || unit === undefined) {
    const named = NAMED_TINS.find(([name]) => name.test(sentence))
    return named ? ofSides(named[1]) : null
  }
  const side = mmOf(number, unit)
  if (/\bloaf\b/i.test(sentence)) return ofSides([side, LOAF * side])
  if (ROUND_TIN.test(sentence)) return { area: (Math.PI * side ** 2) / 4, sides: null }
  return ofSides([side, side])
}
/** ◊ A loaf tin is half as wide as it is long. */
const LOAF = 0.5
/** The first sentence that speaks of a tin; null where none does. */
export const tinSaid = (said: readonly string[]): string | null => said.find((s) => tinIn(s, null) !== null) ?? null
/** The first tin that sentences speak of; null where none does. */
export const tinOf = (said: readonly string[], litres: number | null = null): Tin | null =>
  said.flatMap((s) => tinIn(s, litres) ?? [])[0] ?? null
const unitOfPan = (larger: number): string => (larger < INCHES_BELOW ? 'in' : larger < CM_BELOW ? 'cm' : 'mm')

/** ◊ From here on nobody measures tenths of a mm. */
const WHOLE_MM = 10
/** ◊ A slab is no thinner and no thicker than this, mm. */
const SLAB = { least: 2, most: 60 }

/** How thick the first of some sentences says that it lies, mm; null where none does. */
export function thicknessIn(said: readonly string[]): number | null {
  for (const s of said) {
    const found = partsIn(THICK, saidOnce(s))
    const [number = '', unit = ''] = found.length > 0 ? found : partsIn(FRAME, saidOnce(s))
    const mm = mmOf(number, unit)
    if (mm >= 1 && mm <= SLAB.most) return mm
  }
  return null
}

/** How deep it lies, mm: as the sentences `after` its end say, or as so many litres fill the first tin of `said`; null where neither is known. */
export function depthSaid(after: readonly string[], said: readonly string[], litres: number | null): number | null {
  const area = tinOf(said, litres)?.area
  const fills = litres !== null && area ? (litres * 1e6) / area : Number.NaN
  const mm = thicknessIn(after) ?? (fills >= SLAB.least && fills <= SLAB.most ? fills : null)
  if (mm === null) return null
  return mm < WHOLE_MM ? tenths(mm) : Math.round(mm)
}

/** ◊ More pieces than this nobody cuts a tin into, and no rows are looked for. */
const MOST_PIECES = 1000
/** ◊ A piece that is so many times as long as wide is no square any more. */
const OBLONG = 1.6
/** A length of which so many do fit, mm. */
export const fitting = (mm: number): number => Math.floor(10 * mm + 1e-6) / 10

/** The sides of a piece where a slab is cut into as many as it says, mm: in rows as near to squares as its sides allow. */
export function sharedBy(makes: number | null, slab: Tin | null): { lengthMm: number; widthMm: number } | null {
  if (makes === null || slab === null) return null
  const [long, wide] = slab.sides ?? []
  const rows =
    long && wide && makes <= MOST_PIECES
      ? Array.from({ length: makes }, (_, i) => i + 1).filter((n) => makes % n === 0)
      : []
  const pieces = rows.map((n) => [(long ?? 0) / n, ((wide ?? 0) * n) / makes] as const)
  const oblong = ([a, b]: Sides): number => Math.max(a / b, b / a)
  const best = pieces.toSorted((a, b) => oblong(a) - oblong(b))[0]
  if (best && oblong(best) < OBLONG) return within({ lengthMm: fitting(best[0]), widthMm: fitting(best[1]) })
  return within(squareOf(tenths(Math.sqrt(slab.area / makes))))
}
