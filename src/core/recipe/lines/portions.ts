/** Lines that go in by parts: "half the butter" in one sentence and "the remaining butter" in a later one. */

import { fullNames, lettersOf, mentions, namesOf, withoutNames, withoutTastes } from '../../formula/called'
import type { Line } from '../../formula/document'
import { idFor } from '../../formula/edit'
import type { Ingredient } from '../../matter/ingredient'
import { amountIn } from '../../matter/line'
import { tenths } from '../../quantity/number'
import { inBowl, ONTO } from '../method/beside-the-pot'
import { PUTS_IN, SYRUP_IN, steepedGoesInAt } from '../method/made-apart'
import { COUNT, SIZE, UNIT } from '../sentence/amounts'
import { isGotReady, pours, whipsWhites } from '../sentence/moves'
import { isCounted } from './same-named'

/** Shares as they are said of a line. */
const SHARES: Readonly<Record<string, number>> = {
  half: 1 / 2,
  'a third': 1 / 3,
  'third of': 1 / 3,
  'quarter of': 1 / 4,
  'one third': 1 / 3,
  'two thirds': 2 / 3,
  'a quarter': 1 / 4,
  'three quarters': 3 / 4,
  '1/2': 1 / 2,
  '1/3': 1 / 3,
  '2/3': 2 / 3,
  '1/4': 1 / 4,
  '3/4': 3 / 4,
  '½': 1 / 2,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '¼': 1 / 4,
  '¾': 3 / 4,
}
// "3/4 of the sugar", and not "3/4 cup of the sugar"
const SHARED = Object.keys(SHARES)
  .map((share) => (/^\P{L}/u.test(share) ? `(?<![\\d.] ?)${share}(?= of\\b)` : share))
  .join('|')
const MADE = '(?:boiling|chopped|cold|crushed|grated|ground|hot|melted|roasted|shredded|softened|toasted|warm)'
const MEASURES = /^[\d¼½¾⅓⅔]/
const MEASURED = `(?:${COUNT}\\s*${SIZE}${UNIT})`

/** ◊ Two parts are all of a line where they come so near to it. */
const SAME = 0.05

/** "Scatter half of them in the pan", after a sentence that names them. */
const OF_THEM = new RegExp(`\\b(${SHARED})\\b (?:of )?(?:them|it|these)\\b`, 'i')
/** "Scatter over the rest", "flip and repeat": of what was shared out last. */
const THE_REST =
  /\b(?:scatter|sprinkle|add|(?:beat|fold|mix|put|stir|tip|whisk) in|top)\b(?:\s+(?!the\b)\w+)?\s+(?:the )?(?:rest|other half)\b(?! of)|\b(?:flip|turn|invert)\b.{0,20}\brepeat\b|\brepeat (?:with|on) the (?:rest|other side)\b/i
/** "Start whisking on medium": what is whipped beside the pot. */
const WHIPS = /^(?!.*\b(?:pan|pot|saucepan|heat)\b)(?:start |begin )?(?:whisk|whip)(?:p?ing)?\b/i

/** "Everything except half of the cream": the other half goes in there. */
const LEAVES_OUT = new RegExp(`\\b(?:everything|all)\\b.*\\b(?:except|but)\\b.{0,12}\\b(?:${SHARED})\\b`, 'i')

const GELATIN = /\bgelatine?\b/i

/** "Line the sheet and sprinkle on half the nuts", "scatter half in a tray" */
const LAID =
  /\b(?:lay|scatter|spread|sprinkle|strew)\b.*\b(?:dish|mat|paper|parchment|sheet|slab|tin|tray)\b|\b(?:dish|mat|paper|parchment|sheet|slab|tin|tray)\b.*\b(?:scatter|sprinkle|strew)\b/i

/** The sentence that pours syrup onto what sentence `at` puts in a bowl; null where it does not, or nothing is. */
function outOfBowl(said: readonly string[], at: number): number | null {
  const sentence = said[at] ?? ''
  const steeped = steepedGoesInAt(said, at)
  if (steeped >= 0) return steeped
  if (!isGotReady(sentence) && !inBowl(sentence) && !WHIPS.test(sentence) && !whipsWhites(sentence)) return null
  // "sprinkle half the nuts on the sheet": it is poured over them
  if (LAID.test(sentence)) {
    const over = said.findIndex((s, i) => i > at && pours(s) && !isGotReady(s))
    if (over >= 0) return over
  }
  // "off the heat add the gelatine": with what it lies in
  const added = GELATIN.test(sentence) ? said.findIndex((s, i) => i > at && PUTS_IN.test(s) && GELATIN.test(s)) : -1
  const poured = added >= 0 ? added : said.findIndex((s, i) => i > at && (ONTO.test(s) || SYRUP_IN.test(s)))
  return poured < 0 ? null : poured
}

/** ◊ "Fine" and "finely" begin alike. */
const STEM = 4

/** Whether a sentence uses a word of the one line that the other, of the same thing, does not have: "coarse", "for the top". */
function speaksOf(sentence: string, one: Line, other: Line): boolean {
  const stems = (text: string): string[] => (lettersOf(text).match(/\b[a-z]{4,}/g) ?? []).map((w) => w.slice(0, STEM))
  const others = stems(other.typed ?? '')
  const spoken = stems(sentence)
  return stems(one.typed ?? '').some((w) => !others.includes(w) && spoken.includes(w))
}

interface Parts {
  /** g of the first, the sentence that takes it, and the one that takes the rest; null where none does. */
  readonly taken: number
  readonly first: number
  readonly rest: number | null
}

/** The sentences that call a line by one of its names, each in its place; the others are empty. */
const sentencesOf = (said: readonly string[], names: readonly string[]): readonly string[] =>
  said.map((s) => {
    const text = s.toLowerCase()
    return names.some((n) => text.includes(n)) ? s : ''
  })

/** What a sentence has in it that says a share or a measure of something: most have none, and patterns with a line's own names in them are dear. */
const PARTS_ONE = new RegExp(`(?<![\\w/.,])${MEASURED}|${SHARED}`, 'i')
const SAID_PART = new RegExp(`(?<![\\w/.,])(?:${MEASURED}(?= )|(?<share>${SHARED}))(?!\\w)`, 'gi')
const REST_OF = String.raw`\b(?:rest of|remaining|reserved|other (?:half of|cup|pint|pound)|remainder of)\b`
const SAYS_REST = new RegExp(REST_OF, 'i')
const SAYS_ALL = /\ball\b/i
const SHARE_OF = `\\b(?:(?:${SHARED})(?!-| (?:and|&) half| an hour| a minute| an? (?:grapefruit|lemon|lime|orange)\\b| (?:(?:of )?an? )?(?:cup|ounce|pint|pound|quart|teaspoon|tablespoon|tsp|tbsp)s?\\b)|(?:some|most|the rest|the remainder) of (?:the|your)|the remaining|the other half of)\\b`
const SAYS_SHARE = new RegExp(`${SHARE_OF}|${OF_THEM.source}`, 'i')

/** The parts a line goes in by; null where it goes in as one. `sharing`: which sentences say a share or a measure. */
function partsOf(
  said: readonly string[],
  sharing: readonly boolean[],
  line: Line,
  ingredient: Ingredient,
  names: readonly string[],
): Parts | null {
  const own = sentencesOf(said, names)
  if (!said.some((_, i) => (own[i] || own[i - 1]) && sharing[i])) return null
  const words = names.join('|')
  // "half into a buttered pan" is no half of the butter
  const named = new RegExp(`^[^,.:;]{0,24}\\b(?:${words})(?!e[dr])`, 'i')
  const measured = new RegExp(`^ (?:of|(?:${MADE} )?(?:${words}))\\b`, 'i')
  const part = (s: string): string | undefined =>
    [...s.matchAll(SAID_PART)].find(({ 0: said, groups, index }) => {
      const after = s.slice(index + said.length)
      return named.test(after) && (groups?.share !== undefined || measured.test(after))
    })?.[0]
  const ofRest = new RegExp(`${REST_OF}.{0,30}\\b(?:${words})`, 'i')
  const called = new RegExp(`\\b(?:${words})`, 'i')
  // "all the cream but a third"
  const butFor = new RegExp(`\\ball (?:of )?(?:the )?(?:${words}) (?:but|except|save) (${SHARED})(?!\\w)`, 'i')
  const allBut = (s: string): RegExpExecArray | null => (SAYS_ALL.test(s) ? butFor.exec(s) : null)
  const shares = said.map((s, at) => {
    if (!sharing[at]) return ''
    const ofThem = (): RegExpExecArray | null => (called.test(own[at - 1] ?? '') ? OF_THEM.exec(s) : null)
    return allBut(own[at] as string)?.[1] ?? part(own[at] as string) ?? ofThem()?.[1] ?? ''
  })
  const shareAt = (at: number): string => shares[at] ?? ''
  const takenAt = (at: number): number => {
    const share = shareAt(at)
    const grams = amountIn(share)?.grams(ingredient) ?? 0
    const shared = SHARES[share.toLowerCase()] ?? 0
    return line.grams * (allBut(own[at] ?? '') ? 1 - shared : shared) || grams
  }
  const first = said.findIndex((_, i) => shareAt(i) !== '')
  if (first < 0) return null
  const taken = takenAt(first)
  // "1/2 cup water" twice, of a cup
  const completes = (at: number): boolean =>
    takenAt(at) > 0 && Math.abs(takenAt(at) + taken - line.grams) < SAME * line.grams
  // what is whipped meanwhile stands behind what is boiled of the rest
  const ofThat = own.findIndex((s, i) => i !== first && SAYS_REST.test(s) && ofRest.test(s))
  const later = ofThat >= 0 ? ofThat : said.findIndex((s, i) => i > first && (THE_REST.test(s) || completes(i)))
  // "1/2 cup in the pan, 1/2 cup on top, roll in the remaining": what lies under it is met where the next of it goes
  const between = said.flatMap((s, i) =>
    i > first && i < later && MEASURES.test(shareAt(i)) && !isGotReady(s) ? [i] : [],
  )
  const next = between[0]
  if (next !== undefined && isGotReady(said[first] ?? '') && taken + takenAt(next) < (1 - SAME) * line.grams)
    return { taken: taken + takenAt(next), first: next, rest: later }
  return taken > 0 && taken < (1 - SAME) * line.grams ? { taken, first, rest: later < 0 ? null : later } : null
}

/** "500 g sugar (divided)", "2 cups sugar (div)" */
const DIVIDED = /\bdiv(?:ided\b|\.|(?=[\s),]|$))/i

/** "Half the cream, stir, then the rest": all of it in one moment. */
const AND_THE_REST = /\bthen the rest\b|\b(?:add|(?:beat|pour|stir|whisk) in) the (?:remainder|rest)$/i

/** "Sugar, syrup and half the cream: boil": where the sugar is, is the pot. */
const isInPot = (sentence: string): boolean =>
  /\b(?:glucose|sugars?|syrup)\b/i.test(sentence) && !isGotReady(sentence) && !whipsWhites(sentence)

const RESERVED = /\b(?:reserved|saved)\b/i
const SYRUP = 'syrup'
const NUTS = 'nuts'

/** "Until half of the sugar has melted": none of it goes in then. */
const UNTIL_SOME = /\b(?:until|till?) (?:about |nearly )?(?:half|an? (?:half|third)|most|some)\b[^,;.]*/gi

/** Whether some of a line or the rest of it is spoken of. */
function isShared(all: readonly string[], names: readonly string[]): boolean {
  const said = all.map((s) => s.replace(UNTIL_SOME, ' '))
  const own = sentencesOf(said, names)
  const mayShare = said.map((s, i) => Boolean(own[i] || own[i - 1]) && SAYS_SHARE.test(s))
  if (!mayShare.includes(true)) return false
  const words = names.join('|')
  const shares = new RegExp(
    `${SHARE_OF}(?:(?!\\b(?:and|with)\\b)[^,.:;]){0,24}\\b(?:${words})(?!\\w)(?! (?:and \\w+ )?mixture)`,
    'i',
  )
  const called = new RegExp(`\\b(?:${words})\\b`, 'i')
  const isOfThem = (s: string, i: number): boolean => OF_THEM.test(s) && called.test(`${said[i - 1] ?? ''} ${s}`)
  return said.some((s, i) => mayShare[i] && (shares.test(own[i] as string) || isOfThem(s, i)) && !AND_THE_REST.test(s))
}

const AMOUNT_OF = new RegExp(`(?<!\\w)((?!an? )${MEASURED}) (?:of (?:the )?)?`, 'gi')

/** "340 ml water in a pan", of a litre and more: whether that is measured, and no rest of it follows in the same breath. */
function isMeasuredLess(sentence: string, { typed = '' }: Line, names: readonly string[]): boolean {
  const begins = (text: string): boolean =>
    names.some((n) => text.toLowerCase().startsWith(n) && !/^\w/.test(text.slice(n.length)))
  // "200 g cold water": with a word before its name
  const measured = [...sentence.matchAll(AMOUNT_OF)].find((amount) => {
    const rest = sentence.slice(amount.index + amount[0].length)
    return begins(rest) || begins(rest.replace(/^\w+ /, ''))
  })?.[1]
  return measured !== undefined && !typed.startsWith(measured) && !/\b(?:rest|remaining|remainder)\b/i.test(sentence)
}

/**
 * Lines that go in by parts, each part as a line of its own, where the parts go that need no other looking for, and of which lines parts are spoken
 * that are not understood. `asked`: what else stands in the list, and is not known yet.
 */
export function inPortions(
  said: readonly string[],
  lines: readonly Line[],
  ingredientOf: (l: Line) => Ingredient,
  asked: readonly string[],
) {
  const areNuts = (l: Line): boolean => namesOf(l, ingredientOf(l)).includes(NUTS)
  /** "Add the almonds. Sprinkle with half the nuts": those are others, where there are others. */
  const areOthers = (line: Line, called: readonly string[]): boolean =>
    areNuts(line) &&
    (lines.some((l) => l.ingredient !== line.ingredient && areNuts(l)) ||
      asked.some((text) => /\bnuts\b/i.test(text))) &&
    said.some((s) =>
      mentions(
        s,
        called.filter((n) => n !== NUTS),
      ),
    )
  const list = lines.map((l) => ({ names: namesOf(l, ingredientOf(l)), typed: l.typed ?? '' }))
  const sharing = said.map((s) => PARTS_ONE.test(s))
  const inFull = new Map(lines.map((l) => [l.ingredient, fullNames(ingredientOf(l))]))
  const places = new Map<string, number>()
  const shared = new Set<string>()
  const all = lines.flatMap((line): Line[] => {
    const ingredient = ingredientOf(line)
    // "half the water" is said of no orange flower water
    const called = namesOf(line, ingredient)
    // where it is called by another name, "a third of the syrup" is what was boiled
    const hasOther = said.some((s) =>
      mentions(
        s,
        called.filter((n) => n !== SYRUP),
      ),
    )
    const ofOthers = [...inFull].flatMap(([id, all]) => (id === line.ingredient ? [] : all))
    const names = withoutTastes(called, list).filter(
      (n) => !(n === SYRUP && hasOther) && !(n === NUTS && areOthers(line, called)) && !ofOthers.includes(n),
    )
    // "some of the icing sugar" is said of no other sugar, and "200 g milk chocolate" of no milk
    const longer = ofOthers.filter((n) => names.some((own) => n !== own && ` ${n} `.includes(` ${own} `)))
    const isIcing = called.includes('icing sugar')
    const spoken = withoutNames(said, isIcing ? longer : [...longer, 'icing sugar', 'powdered sugar'])
    // "boil with the lemon juice … fold in the zest", of a line that is both
    const speaksOfOne = (one: string, other: string): boolean =>
      said.some((s) => mentions(s, [one]) && !mentions(s, [other]))
    if (ingredient.id.endsWith('-juice-zest') && speaksOfOne('juice', 'zest') && speaksOfOne('zest', 'juice'))
      shared.add(line.id)
    // a pattern of all that a thing can be called is dear, and most of it nobody says
    const text = spoken.join(' ').toLowerCase()
    const heard = names.filter((n) => text.includes(n))
    const parts = heard.length > 0 ? partsOf(spoken, sharing, line, ingredient, heard) : null
    const { taken, first, rest } = parts ?? { taken: 0, first: -1, rest: null }
    if (rest === null) {
      const isOne = !lines.some((l) => l !== line && l.ingredient === line.ingredient)
      const isParted =
        DIVIDED.test(line.typed ?? '') ||
        (heard.length > 0 && isShared(spoken, heard)) ||
        (taken > 0 && isMeasuredLess(spoken[first] as string, line, heard))
      if (isOne && isParted) shared.add(line.id)
      return [line]
    }
    // "the 50 g of sugar" is another line, where there is one of so much
    const alike = lines.filter((l) => l !== line && l.ingredient === line.ingredient)
    if (alike.some((l) => Math.abs(l.grams - taken) < SAME * taken)) return [line]
    // "stir in the first almonds": all of those
    const nth = lines.filter((l) => l === line || alike.includes(l)).indexOf(line)
    if (alike.length > 0 && names.some((n) => said.some((s) => isCounted(s, nth, n)))) return [line]
    // "half of the fine nuts" is said of those that are finely chopped
    if (
      alike.some((l) => speaksOf(said[first] as string, l, line)) &&
      !alike.some((l) => speaksOf(said[first] as string, line, l))
    )
      return [line]
    const id = idFor(
      `${line.id} rest`,
      lines.map((l) => l.id),
    )
    const later = outOfBowl(said, rest)
    places.set(id, later ?? rest)
    // a part of the water the gelatin lies in goes in with it
    const bowl = outOfBowl(said, first)
    // "toast a quarter of the nuts; reserve": they are met where the reserved ones are put
    const kept = isGotReady(said[first] ?? '')
      ? said.findIndex((s, i) => i > first && RESERVED.test(s) && mentions(s, names))
      : -1
    if (bowl !== null) places.set(line.id, bowl)
    else if (kept >= 0) places.set(line.id, kept)
    // where the rest lies in a bowl, the first of it is in the pot
    else if (later !== null || alike.length > 0 || LEAVES_OUT.test(said[first] ?? '') || isInPot(said[first] ?? ''))
      places.set(line.id, first)
    return [
      { ...line, grams: tenths(taken) },
      { ...line, id, grams: tenths(line.grams - tenths(taken)) },
    ]
  })
  return { all, places, shared }
}
