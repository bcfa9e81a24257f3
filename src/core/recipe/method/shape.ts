/** The pieces a recipe makes, from what its method says of them: how they come about, how large, how thick; else what is usual for their kind. */
import type { BoiledFamilyId, FamilyId } from '../../craft/families'
import { airOf } from '../../formula/air'
import { type FormulaDocument, gramsAsWritten, type Shape } from '../../formula/document'
import { blankFormula } from '../../formula/edit'
import type { FormedBy } from '../../formula/layout-formed'
import { finishedMix, massMix, traceSteps } from '../../formula/trace'
import { massOf } from '../../matter/mix'
import { volumeOf } from '../../physics/heat'
import { tenths } from '../../quantity/number'
import { A_MOULD } from '../sentence/handwork'
import {
  CANE_MM,
  depthSaid,
  fitting,
  mmOf,
  NUMBER,
  ONE,
  partsIn,
  pieceIn,
  sharedBy,
  squareOf,
  type Tin,
  thicknessIn,
  tinOf,
  UNIT,
  within,
} from '../sentence/lengths'
import { gramsInFigures, lengthsInFigures, millilitresInFigures } from '../sentence/measures'
import { countsInFigures } from '../text/how-many'

/** ◊ What a kind is usually made into, where that is no slab cut into squares. */
const usual: Readonly<Partial<Record<BoiledFamilyId, Shape>>> = {
  fudge: { kind: 'cut', lengthMm: 25, widthMm: 25, heightMm: 20 },
  marshmallow: { kind: 'cut', lengthMm: 30, widthMm: 30, heightMm: 25 },
  jelly: { kind: 'cut', lengthMm: 25, widthMm: 25, heightMm: 15 },
  nougat: { kind: 'cut', lengthMm: 40, widthMm: 15, heightMm: 20 },
  toffee: { kind: 'broken', thicknessMm: 7, gramsEach: 10 },
  brittle: { kind: 'broken', thicknessMm: 6, gramsEach: 25 },
  honeycomb: { kind: 'broken', thicknessMm: 30, gramsEach: 18 },
  popcorn: { kind: 'broken', thicknessMm: 40, gramsEach: 30 },
  'hard-candy': { kind: 'mould', millilitres: 2.6 },
  'caramel-sauce': { kind: 'mould', millilitres: 190 },
}

/** ◊ How thick what is usually moulded is made where it is cut or broken, mm. */
const MOULDED_MM = 10

/** ◊ Pieces that are cut or broken where that is not their kind's way; a lollipop, a jar, a pillow of pulled sugar. */
export const CUT = { lengthMm: 25, widthMm: 25 }
const BROKEN = { gramsEach: 20 }
const LOLLIPOP = { kind: 'mould', millilitres: 6, sticks: true } as const
/** ◊ No lollipop is smaller or larger than this, ml. */
const LOLLIPOP_ML = { least: 2, most: 40 }
const JAR: Shape = { kind: 'mould', millilitres: 190 }
const JAR_ML =
  /\bmakes (?:about )?\d{1,2} ?[×x] ?(\d{2,4})[ -]?ml\b|(\d{2,4})[ -]?ml\b.{0,12}\b(?:jars?|bottles?|tubs?|pots?|containers?)\b|\b(?:jars?|bottles?|tubs?)\b:? (?:in(?:to)? )?\d{1,2} ?[×x] ?(\d{2,4})[ -]?ml\b|\b(?:jars?|bottles?|tubs?),? (?:\((?:about |\d{1,2} ?[×x] ?)?|of |holding |taking )?(\d{2,4})[ -]?ml\b/i
/** "120 jars 220 g", "into 200 g jars" */
const JAR_G =
  /\b(?:jars?|tubs?):? (?:\(|in(?:to)? |of )?(?:\d{1,3} ?[×x] ?)?(\d{2,4}) ?g\b|(\d{2,4}) ?g (?:jars?|tubs?)\b/i
/** ◊ ml of a jar, at most. */
const LARGEST_JAR = 2000
export const MOULD: Shape = { kind: 'mould', millilitres: 10 }
/** ◊ A rope of pulled sugar is no wider than this, mm, whatever is snipped off it. */
const ROPE_MM = 15
const PILLOW = { kind: 'broken', thicknessMm: 10, gramsEach: 6 } as const
/** ◊ A lollipop that is spooned out is this thick, mm; what is dropped from a spoon; what a spoon holds, ml. */
const SPOONED_MM = 4
/** ◊ What is dipped gets a coat so thick, mm; of so much, g, where nobody says how many are dipped: an apple's. */
const COAT = { mm: 4, grams: 60 }
const DROPPED_MM = 12
const SPOONS = { tea: 5, tsp: 5, dessert: 10, table: 15, tbsp: 15 } as const

/** ◊ g of a ml of what is cut, rolled or dropped. */
const PIECE_DENSITY = 1.4

const LOLLIPOP_COUNT = /(?<!\d[ -]?)\b(\d{1,3}) (?:\w+ )?(?:lolli(?:pop|es)|lolly)\b/i
const LOLLIPOPS = /\blolli(?:pop|es)|\blolly\b/i
const LOLLIPOP_MOULDS = /\blolli\w*\b.{0,20}\bmou?lds?\b/i
const STICKS = /\bsticks?\b/i
/** What is spooned out by its name, wherever it is kept. */
const FLUFF = /\b(?:fluff|marshmallow (?:cr[eè]me?|spread))\b/i
const JARS = /\b(?:jars?|jar it|bottles?)\b/i
/** "Then a 7 oz jar marshmallow creme": what comes out of one. */
const OUT_OF_JAR =
  /\b(?:an?|half an?|one|\d+) (?:\(?\d+[ -]?(?:g|ml|oz|ounces?)\)?[ -])?(?:jar|bottle)s?\b(?! (?:and|at|by|for|if|in|on|or|so|then|to|until|when|while|with)\b) \p{L}/iu
const MOULDS = new RegExp(`\\b(?:${A_MOULD}|shells|cavit(?:y|ies))\\b`, 'i')
/** "Deposit 2.5 ml drops", "moulds (8 ml)". */
const MILLILITRES =
  /(\d+(?:\.\d+)?)[ -]?ml\b.{0,20}\b(?:drops?|puddles?|mou?lds?|cavit\w+|silicone|each)|\b(?:mou?lds?|cavities|silicone)\b,? (?:\(|of |holding |taking )?(?:about )?(\d+(?:\.\d+)?) ?ml\b/i
const ROPES =
  /\b(?:pull(?! (?:it )?(?:at|from|off|when it (?:gets to|hits|is at|reaches|reads))\b)|pulling(?! away)|snip|rope)\b/i
/** "Cut with scissors into 1-inch pieces" */
const SNIPS = /\b(?:snip|cut)\b.*/i
const DROPS =
  /\b(?:drop|scoop|spoon(?= (?:out )?(?:by )?(?:heap(?:ed|ing) |level |rounded )?(?:(?:\d|1\/[24]|[½¼])[- ])?(?:dessert|table|tbsp|tea|tsp)))\b.{0,40}?(?<!\w)(half[ -]?(?:an? )?|(?:1\/2|½) ?|(?:quarter|1\/4|¼) ?)?(?:(tea|dessert|table)?-?spoon|(tbsp|tsp)\b)|\b(?:dollop|drop|scoop|spoon) (?:fast |out |it |quick(?:ly)? |them |small )*(?:heaps |mounds )?on(?:to)?\b.{0,40}\b(?:almonds|cashews|clusters|foil|groups|marble|mat|nuts|paper|parchment|pecans|sheet)\b|\bspoon\b[^.;]{0,30}\b(?:on(?:to)?|over) (?:each|the) (?:clusters?|groups?|piles?)\b/i
/** "Spoon into molds (about 1 Tbsp each)" */
const SPOON_EACH =
  /\b(?:about |a |one |1 )(half |1\/2 |½ )?(?:(tea|dessert|table)spoon(?:ful)?|(tbsp|tsp))s?\b\.? (?:each|per (?:mou?ld|piece|lolli\w*))\b/i
const CUTS =
  /\b(?:bars (?=\d)|guitar(?! (?:sheet|film))|cut(?:ting)?(?! board)|detail(?= (?:it )?in(?:to)?\b)|saw(?= .*\d)|slice|score|(?<!\bthe \d+ ?(?:s|secs?|mins?)? ?)mark|divide(?! (?:it |them |the \w+ )?(?:among|between|on(?:to)?)\b)|inch squares|portion(?= (?:it|with|into (?!mou?ld)))|guillotine|stamp|punch)\b/i
/** "Dip each apple", into what was boiled and not into chocolate. */
const DIPS =
  /\b(?:dip|dunk|swirl|twirl) (?:in )?(?:each |every |the |your )?(?:(?!in\b)[\w-]+ )?(?:apples?|cherries|figs|fruits?|grapes|marshmallows|pears?|pretzels?|strawberries)\b(?!.*\bchocolate\b)/i
const BALLS = /\b(?:form|roll|shape)\b.*\bballs?\b/i
/** "Stamp into 1 in rounds" */
const STAMPS =
  /\b(?:cut|punch|stamp)\b[^.;]*\b(?:rounds?|dis[ck]s?|circles?)\b(?:,? (?:\(|(?:across|of|with|using|about|\d)\b)[^.;]{0,30})?/i
const CUBES = /\b(?:cubes|blocks)\b/i
const BREAKS = /\b(?:break|snap|smash|crack|shards?|bash|chunks|\w*spoonfuls?)\b/i

/** "Break in 15 g pieces". */
const GRAMS_EACH =
  /\b(?:break|snap|cast|cut|deposit|drop|pipe|portion|roll|form|pull|divide|spoon)\b[^.;]{0,40}?(?<![\d.])(\d{1,3}(?:\.\d+)?)[ -]?g\b(?: (?:(?:polycarbonate |silicone |starch )?mou?lds|pieces|portions|balls|clusters|discs|disks|dollops|drops|each|heaps|mounds|shards)|$)|\bmou?lds \((?:about )?(\d{1,3}(?:\.\d+)?) ?g(?: each)?\)|(?<![\d.])(\d{1,3}(?:\.\d+)?) ?g (?:per|to (?:an?|each)) (?:cavity|lolli|lolly|mou?ld|piece|stick)|\b(?:balls|lolli(?:pop|e)s|pieces|portions) of (?:about |around |approx\w*\.? )?(\d{1,3}(?:\.\d+)?) ?g\b|\b(?:deposit|fill|pipe|pour)\b[^.;()]{0,50}\((?:about )?(\d{1,3}(?:\.\d+)?) ?g each\)|^shape (?:about )?(\d{1,3}) ?g [a-z]{3,}/i

/** "A rope about 1/2 inch in diameter" */
const ACROSS = new RegExp(
  `\\b(?:ropes?|strips?)\\b[^.;]{0,20}?(${NUMBER})[\\s-]*(${UNIT})\\s*(?:in diameter|across|thick|wide)\\b|(${NUMBER})[\\s-]*(${UNIT})[\\s-]*(?:thick |wide )?ropes?\\b|\\bropes? (?:of |about )?(${NUMBER})[\\s-]*(${UNIT})`,
  'i',
)
/** "Roll into 2.5 cm balls" */
const BALL_ACROSS = new RegExp(`${ONE.source}[\\s-]*balls?\\b|\\bballs,? \\(?(?:of |about )*${ONE.source}`, 'i')
/** "Tablespoon-size balls" */
const BALL_SPOON = /(\d+(?:\.\d+)?) ml-sized? balls\b/i
const ROUND = new RegExp(
  `${ONE.source}[\\s-]*(?:wide\\s+)?(?:rounds?|dis[ck]s?|circles?|puddles?)\\b|\\b(?:rounds|dis[ck]s|circles),? \\(?(?:(?:about|of|using an?|with an?) )*${ONE.source}`,
  'i',
)

/** "Cut into 36", of no unit. */
const CUT_INTO =
  /\b(?:cut|slice|score|mark|divide|portion|shape|form|roll)\b(?: it| them| up)?(?: with an? [^.;\d]{3,30})? (?:in(?:to)?|to (?:give|make|yield)) (?:about |roughly |some )?(\d{2,3})\b(?![\s-]*(?:mm|cm|in\b|inch|x\b|×|by\b|g\b|"))|(?:^|[.;,] )(?:cut|slice)(?: it)? (\d{2,3})(?: (?:bars|pieces|squares))?(?=$|[.;])|\b(?:pieces|squares)\b[^.;]{0,20}?[ (](\d{2,3}) (?:of them|in all|altogether)\b|\byou(?:’ll|'ll| will| should)? get (?:about |roughly )?(\d{2,3})\b(?! ?(?:%|k?g|ml|°))/i

/** Into how many it is cut; null where that is not said. */
function cutInto(told: string): number | null {
  const count = partsIn(CUT_INTO, countsInFigures(told))[0]
  return count === undefined ? null : Number(count)
}

/** "Cut 6 x 6", "six rows of six", "6 strips, then each into 6", of no unit: so many rows one way and the other. */
const ROWS =
  /\b(?:cut|slice|score|mark) (?:it |in(?:to)? |an? )*(\d{1,2})(?: ?[x×] ?|[ -]by[ -]|(?: rows?| strips?)? of |(?: strips?| rows?)\b[^.;\d]{0,30}?\binto )(\d{1,2})(?!\d|[.,]\d| ?[x×]|[ -]?(?:mm|cm|in\b|inch|["”″]))/i
const EACH_WAY = /\b(?:cut|slice|score|mark) (?:it |in(?:to)? )*(\d{1,2}) (?:pieces |rows |strips )?each way\b/i
/** ◊ Fewer pieces than this no tin is cut into, and no more rows: those are sides. */
const FEWEST_IN_ROWS = 12
const MOST_ROWS = 12

/** The sides of what a tin holds where it is cut in rows, mm; null where neither is said. */
function inRows(told: string, pan: Tin | null): { lengthMm: number; widthMm: number } | null {
  const counted = countsInFigures(told)
  const [along = 0, across = along] = [...partsIn(ROWS, counted), ...partsIn(EACH_WAY, counted)].map(Number)
  const [long, wide] = pan?.sides ?? []
  if (!long || !wide || along * across < FEWEST_IN_ROWS || Math.max(along, across) > MOST_ROWS) return null
  return within({ lengthMm: fitting(long / along), widthMm: fitting(wide / across) })
}

/** A round so far across, mm; null where none is said. */
function roundIn(told: string): { lengthMm: number; widthMm: number } | null {
  const [across = '', unit = ''] = partsIn(ROUND, told)
  return within(squareOf(mmOf(across, unit)))
}

/** The sides of a square piece of so many grams, mm; null where nobody says how many. */
const weighing = (grams: number | null, heightMm: number): { lengthMm: number; widthMm: number } | null =>
  grams === null ? null : within(squareOf(tenths(Math.sqrt((1000 * grams) / (PIECE_DENSITY * heightMm)))))

/** g of a ball as far across as it is said; null where it is not. */
function ballOf(told: string): number | null {
  const [across = '', unit = ''] = partsIn(BALL_ACROSS, told)
  const spoon = Number(BALL_SPOON.exec(millilitresInFigures(told))?.[1] ?? Number.NaN)
  if (spoon > 0) return tenths(spoon * PIECE_DENSITY)
  const grams = tenths((Math.PI / 6) * (mmOf(across, unit) / 10) ** 3 * PIECE_DENSITY)
  return grams >= PIECE_G.least && grams <= PIECE_G.most ? grams : null
}

/** The sides of a piece where all that a tin holds is cut into as many as is said, mm; null where the tin or the number is not. */
export const sharedOf = (said: readonly string[], makes: number | null) =>
  sharedBy(makes ?? cutInto(said.join('. ')), tinOf(said))

/** What a formula makes as it is written, once it is cold: how much room it takes with its air, and its mass. */
export interface Made {
  readonly litres: number
  readonly grams: number
}

export interface ShapeSaid {
  readonly family: BoiledFamilyId
  readonly name: string
  readonly said: readonly string[]
  /** The sentence that ends the cook. */
  readonly doneAt: number
  /** All of it once it is made; null where that is not known. */
  readonly made: Made | null
  /** How many pieces it says it makes; null where it does not. */
  readonly makes: number | null
  /** The line that says so, where the size of a piece may stand: "50 caramels (2 × 3 cm)". */
  readonly yields: string | null
  /** The line of its list that says into what it is poured. */
  readonly vessel: string | null
  /** The sentence that says into which tin the layer beneath it goes. */
  readonly tin: string | null
}

/** Whether a sweet comes out of moulds. */
export const isMoulded = (said: readonly string[]): boolean =>
  said.some((s) => MOULDS.test(s)) && !said.some((s) => CUTS.test(s) && pieceIn(s) !== null)
/** "Cut parchment in 4 by 5-inch pieces and wrap each": of that no piece is made. */
const CUTS_PAPER = /\bcut (?:\w+ )?(?:cellophane|foil|papers?|parchment)\b/i
/** What fills shells that were cast before it was boiled. */
const FILLS_SHELLS = /\b(?:cap|fill|pipe)\b/i

/** The pieces a method speaks of. */
export function shapeSaid({ family, name, said, doneAt, made, makes, yields, vessel, tin }: ShapeSaid): Shape {
  const litres = made?.litres ?? null
  const into = [vessel, yields, name].filter((line) => line !== null)
  const after = said
    .slice(Math.max(0, doneAt))
    .filter((s) => !CUTS_PAPER.test(s))
    .map(lengthsInFigures)
  const told = after.join('. ')
  const plain = usual[family] ?? blankFormula.shape
  const any = (words: RegExp): boolean => after.some((s) => words.test(s))
  const sizeOf = (words: RegExp) => after.flatMap((s) => (words.test(s) ? (pieceIn(s) ?? []) : []))[0]
  const around = tin === null ? [...said, ...into] : [...said, ...into, tin]
  const pan = tinOf(around, litres)
  const portion = gramsSaid(told)
  const mm = (otherwise: number): number => depthSaid([...after, ...into], around, litres) ?? otherwise
  const millilitres = mouldSaid(after)
  // "butterscotch lollies" that are poured and cut have no sticks
  if ((LOLLIPOPS.test(name) && !(any(CUTS) && !any(STICKS))) || any(LOLLIPOP_MOULDS)) {
    const count = makes ?? Number(LOLLIPOP_COUNT.exec(said.join('. '))?.[1] ?? Number.NaN)
    const share = litres === null || Number.isNaN(count) ? spoonfulIn(after) : shareOf(litres * 1000, count)
    const each = portion === null ? share : portion / PIECE_DENSITY
    return lollipopOf(told, Number.isNaN(millilitres) ? each : millilitres)
  }
  const isPutUp = after.some((s) => JARS.test(s.replace(OUT_OF_JAR, '')))
  if (family === 'caramel-sauce' || (plain.kind !== 'mould' && (isPutUp || FLUFF.test(name)) && !any(CUTS)))
    return jarOf([...said, ...into, yields ?? ''].join('. '), made)
  if (any(ROPES) && family === 'hard-candy') {
    const snipped = after.flatMap((s) => pieceIn(SNIPS.exec(s)?.[0] ?? '', CANE_MM) ?? [])[0]
    const [across = '', unit = ''] = partsIn(ACROSS, told)
    const thick = across ? mmOf(across, unit) : (thicknessIn(after) ?? Number.NaN)
    return snippedTo(snipped ?? sizeOf(ROPES) ?? sizeOf(CUTS), within(squareOf(thick)))
  }
  if (any(DIPS)) return oneByOne('dipped', eachOf(made, makes) ?? portion ?? COAT.grams)
  const usualMm = usualThicknessOf(plain)
  if (any(CUTS)) {
    const heightMm = mm(sizeOf(CUBES)?.lengthMm ?? usualMm)
    const slab = pan ?? (litres === null ? null : { area: (litres * 1e6) / heightMm, sides: null })
    const shared = sharedBy(makes ?? cutInto(told), slab)
    const size =
      inRows(told, pan) ??
      sizeOf(CUTS) ??
      pieceIn(yields ?? '') ??
      shared ??
      weighing(portion, heightMm) ??
      (plain.kind === 'cut' ? plain : CUT)
    const stamped = roundIn(STAMPS.exec(told)?.[0] ?? '')
    if (stamped) return { kind: 'cut', ...stamped, round: true, heightMm }
    return { kind: 'cut', ...size, heightMm }
  }
  if (millilitres >= 1 && millilitres <= 100) return { kind: 'mould', millilitres }
  if (isMoulded(after) || (isMoulded(said) && any(FILLS_SHELLS))) {
    if (portion !== null) return { kind: 'mould', millilitres: tenths(portion / PIECE_DENSITY) }
    return plain.kind === 'mould' ? plain : MOULD
  }
  const spoonful = spoonfulIn(after)
  const each = eachOf(made, makes ?? cutInto(told)) ?? portion
  if (spoonful !== null) return oneByOne('dropped', each ?? tenths(spoonful * PIECE_DENSITY))
  const ball = any(BALLS) ? ballOf(told) : null
  if (ball !== null) return oneByOne('rolled', portion ?? ball)
  if (any(BREAKS) || plain.kind === 'broken')
    return {
      kind: 'broken',
      thicknessMm: mm(usualMm),
      gramsEach: each ?? (plain.kind === 'broken' ? plain.gramsEach : BROKEN.gramsEach),
    }
  const eachFormed = portion ?? (any(BALLS) ? each : null)
  if (eachFormed !== null) return oneByOne(any(BALLS) ? 'rolled' : 'dropped', eachFormed)
  if (plain.kind !== 'cut') return plain
  return { ...plain, ...sharedBy(makes, pan), heightMm: mm(usualMm) }
}

/** What is made one by one, so many g each. */
const oneByOne = (formed: FormedBy, gramsEach: number): Shape => ({
  kind: 'broken',
  thicknessMm: formed === 'dipped' ? COAT.mm : DROPPED_MM,
  gramsEach,
  formed,
})

/** ◊ So much of a pasted recipe is lost to edges and pot; how many it makes is counted without that. */
export const WASTE = 0.05
/** What each gets of all that is made, in tenths, so that there is enough for the last. */
const shareOf = (all: number, count: number): number => Math.floor((10 * all * (1 - WASTE)) / count) / 10

/** ◊ No piece that is dropped or broken off is lighter or heavier than this, g. */
const PIECE_G = { least: 1, most: 200 }

/** g of a piece where all of it is made into so many; null where that is not known. */
function eachOf(made: Made | null, makes: number | null): number | null {
  const each = made !== null && makes !== null ? shareOf(made.grams, makes) : Number.NaN
  return each >= PIECE_G.least && each <= PIECE_G.most ? each : null
}

/** ml of a mould or a drop, as it is said; NaN where it is not. What a mould holds may be told in spoons. */
function mouldSaid(after: readonly string[]): number {
  const ofMoulds = after.filter((s) => MOULDS.test(s)).map(millilitresInFigures)
  const found = [...after, ...ofMoulds].flatMap((s) => partsIn(MILLILITRES, s))[0]
  return Number(found ?? Number.NaN)
}

/** g of a piece, as it is said; null where it is not. */
function gramsSaid(told: string): number | null {
  const each = Number(partsIn(GRAMS_EACH, gramsInFigures(told))[0] ?? Number.NaN)
  return each >= PIECE_G.least && each <= PIECE_G.most ? each : null
}

/** `eachMl`: what each takes; null where nobody knows. */
function lollipopOf(told: string, eachMl: number | null): Shape {
  if (eachMl !== null && eachMl >= LOLLIPOP_ML.least && eachMl <= LOLLIPOP_ML.most)
    return { ...LOLLIPOP, millilitres: tenths(eachMl) }
  const wide = roundIn(told)?.widthMm
  return wide ? { ...LOLLIPOP, millilitres: Math.round((Math.PI * wide ** 2 * SPOONED_MM) / 400) / 10 } : LOLLIPOP
}

function jarOf(told: string, made: Made | null): Shape {
  const grams = Number(partsIn(JAR_G, told)[0] ?? Number.NaN)
  const density = made === null ? PIECE_DENSITY : made.grams / (1000 * made.litres)
  const millilitres = Number(partsIn(JAR_ML, millilitresInFigures(told))[0] ?? Math.round(grams / density))
  return millilitres <= LARGEST_JAR ? { kind: 'mould', millilitres } : JAR
}

/** What is snipped off a rope; `size` and how thick the rope is where that is said. */
function snippedTo(size: ReturnType<typeof pieceIn> | undefined, rope: ReturnType<typeof pieceIn>): Shape {
  if (!size) return PILLOW
  const widthMm = rope?.widthMm ?? Math.min(ROPE_MM, size.widthMm)
  return { kind: 'cut', ...size, widthMm, heightMm: rope?.widthMm ?? PILLOW.thicknessMm }
}

/** What each takes that is dropped from a spoon, ml; null where nothing is. */
function spoonfulIn(said: readonly string[]): number | null {
  const found = said.map((s) => DROPS.exec(s) ?? SPOON_EACH.exec(s)).find((drops) => drops !== null)
  if (!found) return null
  const [, part = '', spoon, short] = found
  return (
    SPOONS[(spoon ?? short ?? 'table').toLowerCase() as keyof typeof SPOONS] /
    (/quarter|4|¼/i.test(part) ? 4 : part ? 2 : 1)
  )
}

const USUAL_ML: readonly number[] = [MOULD, LOLLIPOP, JAR].flatMap((s) => (s.kind === 'mould' ? [s.millilitres] : []))

/** How thick a kind is usually made, mm. */
function usualThicknessOf(plain: Shape): number {
  if (plain.kind === 'mould') return MOULDED_MM
  return plain.kind === 'cut' ? plain.heightMm : plain.thicknessMm
}

/** How much of the size of a piece is what is usual for its kind, so that a text need not have said it: all of it, or only how thick it is. */
export function usualSize(shape: Shape, family: FamilyId): 'all' | 'thickness' | null {
  const plain = usual[family as BoiledFamilyId] ?? blankFormula.shape
  switch (shape.kind) {
    case 'cut': {
      const isUsual = [plain, CUT].some(
        (s) => 'lengthMm' in s && s.lengthMm === shape.lengthMm && s.widthMm === shape.widthMm,
      )
      if (isUsual) return 'all'
      return usualThicknessOf(plain) === shape.heightMm ? 'thickness' : null
    }
    case 'mould':
      return USUAL_ML.includes(shape.millilitres) || (plain.kind === 'mould' && plain.millilitres === shape.millilitres)
        ? 'all'
        : null
    case 'broken': {
      const own = plain.kind === 'broken' ? plain : PILLOW
      if (shape.thicknessMm !== own.thicknessMm) return null
      return shape.gramsEach === own.gramsEach ? 'all' : 'thickness'
    }
  }
}

/** What a formula makes; null for what has to be whipped and no step of it says so. */
export function madeFrom(formula: FormulaDocument): Made | null {
  const air = airOf(formula)
  if (formula.family === 'marshmallow' && air === 0) return null
  const stops = traceSteps(formula, gramsAsWritten(formula))
  return { litres: volumeOf(massMix(stops), 20) / (1 - air), grams: massOf(finishedMix(stops)) }
}
