/** Which family a recipe belongs to, and which of its schools. */
import { type FamilyId, firstSchool } from '../../craft/families'
import type { Line } from '../../formula/document'

/** ◊ What a name says of the family, first match; where the list has this in it. */
const familyWords: readonly (readonly [words: RegExp, FamilyId, holds?: RegExp])[] = [
  [/\bfondant\b/i, 'fudge'],
  [
    /\b(?:fondue|sauce)\b|\bdip\s*$|pouring|\bspread\b|^(?!.*\b(?:bars?|caramels?|chews?|fudge|squares|toffees?|truffles?)\b).*\b(?:cajeta|dulce de leche)\b/i,
    'caramel-sauce',
  ],
  [/nougat(?!ine)|torrone|turr[oó]n|divinity/i, 'nougat'],
  [
    /fudge|penuche|\bmaple (?:butter|cand(?:y|ies)|cream|sugar)\b(?!.*marshmallow)|mint cake|(?:mint|opera|rose|violet|fruit|sugar) creams?|\btablet\b|coconut ice\b/i,
    'fudge',
  ],
  [/marshmallow/i, 'marshmallow'],
  [
    /\bp[âa]tes? de fruits?\b|\bfruit (?:cheese|gums?|jell(?:y|ies)|pastes?)\b|\bgumm(?:y|ies)\b|\bgumdrops?\b|\bwine gums?\b|\bjell(?:y|ies)\b(?! beans?\b)|\blokum\b|\bl[ou]+koumi\b|\brahat\b|\bturkish(?:[- ]style)? (?:\w+ )?delight\b|\b(?:lemon|orange|rose(?:water)?) delight\b|\bmembrillo\b/i,
    'jelly',
    /agar|cornflour|gelatin|juice|pectin|puree|starch/i,
  ],
  // quince paste, damson cheese
  [/\b(?:cheese|paste)s?\b/i, 'jelly', /^(?=.*puree)(?!.*(?:butter|cream(?![- ]of)|milk))/is],
  [/pralines?\b(?! paste)/i, 'fudge', /cream|milk/i],
  [/brittle|praline(?! paste)|nougatine/i, 'brittle'],
  [/honeycomb|cinder|sponge (?:candy|toffee)|hok(?:e|ie)y/i, 'honeycomb'],
  [/sea ?foam/i, 'honeycomb', /soda|bicarbonate/i],
  [/popcorn|caramel corn/i, 'popcorn'],
  [/pulled|pull candy|taff(?:y|ies)|humbug|\bmints\b/i, 'hard-candy'],
  [/(?:toffee|candy) apples?\b/i, 'hard-candy'],
  [/toffee|butterscotch|butter ?crunch/i, 'toffee'],
  [/lolli|hard cand(?:y|ies)|boiled sweet|\brock\b/i, 'hard-candy'],
  // what has milk in it and is dropped from a spoon is no boiled sweet
  [/\bdrops?\b(?! tests?\b)/i, 'hard-candy', /^(?!.*(?:cream(?![- ]of)|milk))/is],
  // sugar alone that is browned is no chewy caramel
  [/caramel/i, 'caramel', /butter|cream|milk|cr[eè]me/i],
]

const POPPED = /popcorn|popping|popped corn/i
/** ◊ What a list says of the family, first match: is one of these in it, and none of those. */
const familyMakeUps: readonly (readonly [has: RegExp, lacks: RegExp | null, FamilyId])[] = [
  [POPPED, null, 'popcorn'],
  [/gelatin/i, null, 'marshmallow'],
  [/\b(?:agar|pectin)\b|gelatin/i, /\bbutter|chocolate|cream(?![- ]of)|egg[- ]white|milk|soda/i, 'jelly'],
  [/\b(?:agar|pectin)\b/i, null, 'marshmallow'],
  [/egg[- ]white/i, null, 'nougat'],
  [/condensed milk/i, null, 'condensed-milk'],
  [/bicarb|\bsoda\b/i, /nut|almond|peanut|pecan|sesame|seed|milk|cream(?![- ]of)|citric|tartaric/i, 'honeycomb'],
  [/nut|almond|cashew|pecan|pistachio|sesame|\bseeds?\b/i, /cream(?![- ]of)|milk/i, 'brittle'],
  [/cream(?![- ]of)|milk/i, null, 'caramel'],
  [/butter/i, null, 'toffee'],
  [/sugar/i, null, 'hard-candy'],
]

/** ◊ So much butter beside the sugar, and no cream, makes a toffee of it, whatever nuts are in it. */
const BUTTERY = 0.5

function isButtery(lines: readonly Line[], list: string): boolean {
  const gramsOf = (what: RegExp): number => lines.reduce((sum, l) => sum + (what.test(l.ingredient) ? l.grams : 0), 0)
  return (
    gramsOf(/^butter(?:-|$)/) > BUTTERY * gramsOf(/sugar|demerara|muscovado|syrup|honey|treacle/) &&
    !/cream(?![- ]of)|milk/i.test(list)
  )
}

/** ◊ So much of it condensed milk, and the caramel is one of that. */
const CONDENSED = 0.5
function isCondensed(lines: readonly Line[]): boolean {
  const total = lines.reduce((sum, l) => sum + l.grams, 0)
  return lines.some((l) => l.ingredient === 'condensed-milk' && l.grams > CONDENSED * total)
}

/** What is beaten once it has cooled, until it dulls, is meant to grain. */
const GRAINS =
  /\b(?:cool|off|ice[- ]bath|(?:from|off) (?:the )?(?:heat|fire))\b.*(?:\b(?:beat|work|knead)\b.*\b(?:gloss|shine|sheen|dull|thick|creamy)|\bstir\b[^.]*\b(?:dull|gloss|opaque|creamy|lightens|grain))/is

/** What is pulled until it is white. */
const PULLED =
  /\bpull\b.{0,60}\b(?:firm|light|lightened|pale|white|satiny?|opaque|rope|yellow)|\bstretch\b.{0,60}\b(?:light|opaque|pale|satiny?|white)\b|\bpull,? and (?:cut|twist)\b/i

/** What is whipped holds air, whatever sets it: what is not is no marshmallow. Pectin and agar are whisked in, and hold none by that. */
const WHIPPED =
  /\b(?:aerat|beat|fluff|whip)\w*|\bmixer\b|\bpeaks\b|\bwhisk(?:ed|ing)?\b(?! (?:in|it in|the gelatine? in)\b)|\bwhites\b/i
const WHIPPED_JELLY = /\b(?:aerat|fluff|whip)\w*|\bpeaks\b/i
const isOfKind = (made: FamilyId, method: string): boolean =>
  made === 'marshmallow' ? method === '' || WHIPPED.test(method) : made !== 'jelly' || !WHIPPED_JELLY.test(method)

/** Set by a starch that is cooked thick, and not dusted with one. */
const STARCH = /corn ?(?:flour|starch)|\bstarch\b/i
const THICKENED = /\b(?:glue\w*|paste|slurry|thick\w*)\b/i
const NO_PASTE = /\bbutter|agar|chocolate|cream(?![- ]of)|egg[- ]white|gelatin|milk|pectin|soda/i

/** ◊ Less gelatin than this share of a list sets nothing of it. */
const SETS = 0.01

/** "Seafoam (not honeycomb)", "nut-free" */
const DENIED = /\bnot (?:an? )?[\p{L}-]+|\b\p{L}+-free\b/giu

/** What its make-up says it is; undefined where that says nothing. */
function madeOf(lines: readonly Line[], list: string, method: string): FamilyId | undefined {
  // what butter and sugar are poured over decides, where it is popped corn
  if (!POPPED.test(list) && isButtery(lines, list)) return 'toffee'
  if (STARCH.test(list) && THICKENED.test(method) && !NO_PASTE.test(list)) return 'jelly'
  return familyMakeUps.find(
    ([has, lacks, family]) => has.test(list) && !(lacks?.test(list) ?? false) && isOfKind(family, method),
  )?.[2]
}

/** The family a recipe belongs to: its name says it, else its make-up, else its method; a guess to confirm. */
export function familyOf(name: string, lines: readonly Line[], method: string): FamilyId {
  const said = (text: string): FamilyId | undefined => {
    const found = familyWords.find(([words, , holds]) => words.test(text) && (holds?.test(list) ?? true))?.[1]
    return (found === 'caramel' || found === 'toffee') && isCondensed(lines) ? 'condensed-milk' : found
  }
  // milk chocolate is no milk, nor cocoa butter butter
  const total = lines.reduce((sum, l) => sum + l.grams, 0)
  const list = lines
    .filter((l) => !/^gelatin/.test(l.ingredient) || l.grams >= SETS * total)
    .map((l) =>
      `${l.ingredient} ${l.typed ?? ''}`
        .replace(/milk[- ]chocolate/gi, 'chocolate')
        .replace(/cocoa[- ]butter/gi, 'cocoa'),
    )
    .join('; ')
  const made = madeOf(lines, list, method)
  const whipped = made === 'nougat' || made === 'marshmallow'
  return (
    said(name.replace(DENIED, '')) ??
    (PULLED.test(method) && !/cream(?![- ]of)|milk/i.test(list) ? 'hard-candy' : undefined) ??
    (GRAINS.test(method) && !whipped ? 'fudge' : made) ??
    said(method) ??
    'caramel'
  )
}

/** Beaten or stirred once it is off, with nothing said of it cooling first: tablet. */
const AT_ONCE =
  /^(?!.*\b(?:cool(?! (?:place|surface|work ?top)\b)(?! (?:for )?(?:about )?(?:[1-5]|one|two|three|a few) min)|lukewarm|(?:sit|stand|rest)(?! (?:for )?(?:1|2|one|two|a) min)|(?:(?:drops?|comes|cools?) (?:down )?|(?:is|it['’]s|gets) down )to|(?:leave|let|wait)\b[^.;]{0,60}\b(?:till?|until)\b[^.;]{0,50}\b(?:\d\d|1[0-5]\d|warm to the (?:hand|touch))(?! ?min)|(?:bear|hold|keep|lay|put|rest) (?:your|a) (?:finger|hand|palm)|(?:barely|just|only) warm|skin)\b.*\b(?:beat|stir|work|knead)\b).*\b(?:beat|stir(?:ring)? (?:hard|vigorously|[^.]{0,30}\b(?:until|till) (?:(?:it|the mixture|mixture)(?: is)? )?(?:thick|dull|grain|cloud|cream)\w*))\b/is
/** Nothing in it is beaten, nor stirred until it looks otherwise: chips and creme are stirred in, and it is poured. */
const NEVER_BEATEN =
  /^(?!.*\b(?:beat|knead|paddle|whip|work)(?:ing|en|s)?\b)(?!.*\bstir\w*\b[^.]{0,40}\b(?:until|till)\b(?! (?:all |everything |it(?:['’]s| is) |(?:the )?(?:\w+ ){1,3})?(?:is |are |has |have )?(?:all |fully |well |completely )?(?:blended|combined|dissolve[sd]?|incorporated|melt(?:s|ed)?|mixed|smooth)))/is

/** ◊ What a name and a method, or else a list, say of the school; the first school of a family where nothing does. */
const schoolWords: readonly (readonly [FamilyId, RegExp, string])[] = [
  ['fudge', AT_ONCE, 'stir-soon'],
  ['fudge', NEVER_BEATEN, 'stir-soon'],
  [
    'caramel',
    /\bdry[- ](?:caramel(?:i[sz]e)?|pan|melt)\b|\b(?:caramel\w*|cook|melt) (?:the |all the )?sugar dry\b/i,
    'dry',
  ],
  ['nougat', /\bdivinity\b|\bsea ?foam\b/i, 'grained'],
  // told by eye, and no temperature with it
  [
    'condensed-milk',
    /^(?!.*\b(?:1[01]\d|2[23]\d) ?(?:°|degrees|[CF]\b)).*\b(?:(?:streak|trail) (?:on|in)|(?:clean|clear) (?:streak|trail|path)|(?:pull|com|leav)\w* (?:\w+ )?(?:away )?(?:from |off )?the (?:sides?|bottom|pan|pot))\b/is,
    'by-eye',
  ],
  ['caramel-sauce', /\b(?:stop|deglaze)\w*\b.{0,30}\b(?:water|juice)\b/i, 'stopped-water'],
  ['hard-candy', PULLED, 'pulled'],
  [
    'hard-candy',
    /\bpull(?:ed|ing)?\b.{0,60}\b(?:satiny?|gloss\w*|firm|stiff|opaque|dull|white|shin\w+|stiffens|light(?:ened)?|rope)\b|\bpulled\b|\bpull (?:it )?(?:as soon as|once|when|while)\b|\bpull (?:it )?(?:for )?(?:\d+ ?(?:–|-|to) ?)?\d+ ?min/i,
    'pulled',
  ],
]
const isNut = ({ ingredient }: Line): boolean =>
  /nut|almond|cashew|macadamia|pecan|pistachio|sesame|seeds?\b/.test(ingredient)

const schoolMakeUps: readonly (readonly [FamilyId, RegExp, string])[] = [
  ['marshmallow', /egg-white/, 'egg-white'],
  ['jelly', /pectin/, 'pectin'],
  ['jelly', /gelatin/, 'gelatin'],
  ['jelly', /agar/, 'agar'],
  ['jelly', /cornflour|starch/, 'starch'],
  ['honeycomb', /golden-syrup/, 'golden'],
  ['nougat', /./, 'one-syrup'],
]

/** When a line goes in: with the first of the pot, later on the heat, or off it. */
type GoesIn = 'first' | 'boiled' | 'off'

const DRY = /^(?:[\w-]*(?:sugar|muscovado|salt|-acid)|demerara|cream-of-tartar)$/
const DAIRY = /^(?:cream(?!-of)|milk|condensed|evaporated)/
/** ◊ How a caramel begins, by what is in its pot first. */
function caramelBegun(first: readonly string[]): string | null {
  if (first.length === 0) return null
  if (first.every((id) => DRY.test(id))) return 'dry'
  return first.some((id) => DAIRY.test(id)) ? 'all-in' : null
}

/** The school of a family that a name and a method, or else a list, speak of. */
export function schoolOf(
  family: FamilyId,
  text: string,
  lines: readonly Line[],
  goesIn: (line: Line) => GoesIn,
): string {
  const list = lines.map((l) => l.ingredient).join(' ')
  // nuts that go in after the end toast in no syrup
  if (family === 'brittle' && lines.some(isNut) && !lines.some((l) => isNut(l) && goesIn(l) !== 'off')) return 'roasted'
  // what never grains has condensed milk in it
  if (family === 'fudge' && NEVER_BEATEN.test(text) && /condensed-milk/.test(list)) return 'no-grain'
  const said = schoolWords.find(([of, words]) => of === family && words.test(text))
  const made = schoolMakeUps.find(([of, has]) => of === family && has.test(list))
  const begun =
    family === 'caramel' ? caramelBegun(lines.filter((l) => goesIn(l) === 'first').map((l) => l.ingredient)) : null
  return (said ?? made)?.[2] ?? begun ?? firstSchool(family)
}
