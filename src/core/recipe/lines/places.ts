/** Where the lines of a list go in: which sentence of the method puts each into the pot. */

import { mentions, withoutNames } from '../../formula/called'
import { parseNumber } from '../../quantity/number'
import type { Beside } from '../method/beside-the-pot'
import { isGotReady, pours } from '../sentence/moves'
import { isOutside, type Written } from '../text/listed'
import { BLOOMS, GELATIN, ICING, isIcing, placeOf, probablyAt } from './place-of'
import { hasTwin, twinAt } from './same-named'
import { FIRST, nextIn } from './takes'
import { themAt } from './them'

/** "If thick, add hot cream a cup at a time": what helps then, and puts in nothing of the list. */
const CURES =
  /\bif (?:it |they |the [\w ]{3,20}? )?(?:(?:becomes?|gets?|goes|is|are|looks?|seems?|turns?)(?:['’]s)? )?(?:too |very )?(?:crumbly|dry|grainy|loose|runny|separates?|seizes?|splits?|stiff|thick|thickens|thin)\b.*$/i

/**
 * The sentence each line first goes in with, by line id; a line no sentence mentions is not there. `doneAt`: the sentence that ends the cook;
 * `known`: where parts of lines go.
 */
export function placesOf(
  told: readonly string[],
  beside: Beside,
  written: readonly Written[],
  doneAt: number,
  known: ReadonlyMap<string, number>,
): Map<string, number> {
  const said = told.map((s) => s.replace(CURES, ''))
  // a part of what is mixed apart goes in with that, and what lies on a sheet is met where the pot is poured over it
  const metAt = (id: string, at: number): number => {
    const names = written.find((w) => w.id === id)?.names ?? []
    const met = beside.ready.has(at) ? said.findIndex((s, i) => i > at && pours(s) && mentions(s, names)) : -1
    return met < 0 ? at : met
  }
  const out = new Map([...known].map(([id, at]) => [id, beside.apart.get(at) ?? metAt(id, at)]))
  const opens = said.findIndex((s) => FIRST.test(s))
  const count = parseNumber(FIRST.exec(said[opens] ?? '')?.[1] ?? '')?.range.low ?? 0
  const next = nextIn(said, written)
  const soaks = soakedInPot(said, beside, written)
  for (const [n, line] of written.entries()) {
    if (known.has(line.id)) continue
    const soaked = soaks !== null && mentions(said[soaks] as string, line.names) ? soaks + 1 : undefined
    const at =
      n < count
        ? opens
        : (byName(said, line, beside) ?? next.get(line.id) ?? soaked ?? placeOf(said, line, written, beside, doneAt))
    if (at >= 0) out.set(line.id, at)
  }
  for (const { id, names } of written.filter((w) => !out.has(w.id) && !isOutside(w))) {
    const at = themAt(said, beside.ready, names)
    if (at >= 0) out.set(id, at)
  }
  // gelatin that only soaks waits for the syrup, and not for what goes in with the rest of its water
  for (const line of written.filter((w) => isGelatin(w) && !out.has(w.id))) {
    const at = probablyAt(said, line.names)
    if (at >= 0) out.set(line.id, at)
  }
  for (const line of written) {
    const stands = twinAt(said, line, written)
    const mate =
      (!out.has(line.id) && !isOutside(line)) || (beside.ready.has(stands) && !line.waits)
        ? bloomedWith(said, beside, line, written, out, stands)
        : undefined
    if (mate !== undefined) out.set(line.id, mate)
    // what stands with the gelatin under its heading lies in the bowl with it
    // and where only the gelatin is spoken of, cold water is what it blooms in
    const isHeaded = BLOOM.test(line.heading ?? '')
    const isCold = [line.typed, ...line.calls].some((call) => /^(?:cold water|water cold)$/i.test(call))
    const gelatin = written.find((w) => isGelatin(w) && ((isHeaded && w.heading === line.heading) || isCold))
    const bowl = gelatin ? out.get(gelatin.id) : undefined
    // and of two waters, of which the method speaks once, the cold one beside it in the list
    const isSpared = isCold && stands < 0 && hasTwin(line, written) && isNextTo(written, line)
    if (bowl !== undefined && (isSpared || !out.has(line.id))) out.set(line.id, bowl)
    // "roll in the cornflour mix": the sugar it is mixed with
    const starch = isIcing(line) ? written.find((w) => STARCH.test(w.typed)) : undefined
    const dusts = starch ? (out.get(starch.id) ?? -1) : -1
    if (dusts > doneAt && !out.has(line.id)) out.set(line.id, dusts)
    const own = withOwn(said, line, written, out)
    if (own === null) out.delete(line.id)
    else if (own !== undefined) out.set(line.id, own)
  }
  for (const line of written.filter((w) => !out.has(w.id) && !isOutside(w))) {
    const at = withHeaded(said, line, written, out)
    if (at !== undefined) out.set(line.id, at)
  }
  for (const { id, carries } of written) {
    const carried = carries === null ? undefined : out.get(carries)
    if (carried !== undefined) out.set(id, carried)
  }
  return out
}

/** "The starch cream": whether a sentence calls what stands under a heading by that; one word alone could be a line of any list. */
const callsHeading = (sentence: string, heading: string | null): boolean =>
  heading?.includes(' ') === true && sentence.toLowerCase().includes(heading.toLowerCase())

/** "Sour sanding: sugar, citric acid", "tumble in sour sanding": the sentence that puts what stands under such a name around the sweet. */
function byName(said: readonly string[], line: Written, { ready }: Beside): number | undefined {
  if (!isOutside(line)) return undefined
  const at = said.findIndex((s, i) => !ready.has(i) && callsHeading(s, line.heading))
  return at < 0 ? undefined : at
}

/** "Bring to the boil, stirring", of nothing by its name. */
const HEATS_THAT =
  /^(?:(?:bring|heat)(?: it)?(?: slowly| gently)? (?:up )?to (?:an? |the )?(?:boil|simmer)|(?:boil|simmer)(?= (?:for )?\d))\b/i
/** "Soak the agar in the water. Bring to the boil": the sentence by which what is heated then lies in its pot, where that is the first to be heated; null for none. Gelatin is never boiled. */
function soakedInPot(said: readonly string[], { ready }: Beside, written: readonly Written[]): number | null {
  const heated = said.findIndex((_, i) => !ready.has(i))
  const soaks = said[heated - 1] ?? ''
  const isThat = HEATS_THAT.test(said[heated] ?? '') && !written.some((w) => mentions(said[heated] as string, w.names))
  return isThat && /\b(?:hydrate|soak|sprinkle|whisk)\b/i.test(soaks) && !GELATIN.test(soaks) ? heated - 1 : null
}

/**
 * Where a line goes in that was found in a sentence which speaks of the same thing under another heading, with what stands there beside it, and
 * of nothing that stands beside this one: with that, or null where that goes in nowhere; undefined for no such sentence.
 */
function withOwn(
  said: readonly string[],
  line: Written,
  written: readonly Written[],
  places: ReadonlyMap<string, number>,
): number | null | undefined {
  const at = places.get(line.id)
  const speaks = (w: Written): boolean => mentions(said[at ?? -1] ?? '', w.names)
  const besides = (w: Written): Written[] => written.filter((o) => o !== w && o.heading === w.heading)
  const isTwin = (w: Written): boolean =>
    w !== line && w.names[0] === line.names[0] && w.heading !== line.heading && places.get(w.id) === at
  const own = besides(line)
  if (at === undefined || line.heading === null || own.some(speaks)) return undefined
  if (!written.some((w) => isTwin(w) && w.heading !== null && besides(w).some(speaks))) return undefined
  if (own.length === 0) return undefined
  return own.map((w) => places.get(w.id)).find((place) => place !== undefined) ?? null
}

/** "Whisk the starch cream": where all goes in that stands with a line under the name of what is made there; undefined where it goes in apart, or nothing speaks of that. */
function withHeaded(
  said: readonly string[],
  { heading }: Written,
  written: readonly Written[],
  places: ReadonlyMap<string, number>,
): number | undefined {
  if (!said.some((s) => callsHeading(s, heading))) return undefined
  const [at, ...others] = new Set(written.flatMap((w) => (w.heading === heading ? (places.get(w.id) ?? []) : [])))
  return others.length === 0 ? at : undefined
}

/** "If it gets too thick add hot cream", "sprinkle with more salt", "butter your hands" */
const ONLY_MORE = /\bif\b|\b(?:extra|more)\b|^(?:butter|grease|oil|roll)\b|\bhands\b/i
/** "Until the butter melts", "with the almonds on top" */
const ONLY_SEEN = /\b(?:as|before|once|so that|till|until|when|while|with)\b.*$/i
const WATER = /^(?:(?:boiling|cold|hot|tap|warm) )?water$/

/** The sentence that names a line which was found in sentence `at`, with everything or under its heading, and which none names up to there; -1 for no such sentence. */
export function namedLater(
  said: readonly string[],
  { ready }: Beside,
  id: string,
  at: number,
  written: readonly Written[],
): number {
  const names = written.find((w) => w.id === id)?.names ?? []
  // water is spoken of wherever something is tried, brushed or cooled
  const own = names.filter((n) => !WATER.test(n) && !written.some((w) => w.id !== id && w.names.includes(n)))
  if (own.length === 0 || said.slice(0, at + 1).some((s) => mentions(s, names))) return -1
  // "toss in icing sugar" names no sugar that is boiled
  const plain = own.includes('icing sugar') ? said : said.map((s) => s.replace(ICING, ' '))
  return plain.findIndex(
    (s, i) => i > at && !ready.has(i) && !ONLY_MORE.test(s) && mentions(s.replace(ONLY_SEEN, ''), own),
  )
}

const STARCH = /\b(?:corn ?flour|(?:corn ?|potato )?starch)\b/i
const BLOOM = /\b(?:bloom|gelatine?)\b/i
const isGelatin = ({ names }: Written): boolean => names.some((n) => /^gelatine?$/.test(n))

/** Whether a line stands next to gelatin in its list. */
function isNextTo(written: readonly Written[], line: Written): boolean {
  const at = written.indexOf(line)
  return [written[at - 1], written[at + 1]].some((w) => w !== undefined && isGelatin(w))
}

/** "Bloom the gelatin in the water": where what else stands in that sentence (`stands`, where a line stands there of several alike) goes in later; undefined for no such sentence. */
function bloomedWith(
  said: readonly string[],
  { ready }: Beside,
  line: Written,
  written: readonly Written[],
  places: ReadonlyMap<string, number>,
  stands: number,
): number | undefined {
  const at = stands >= 0 ? stands : said.findIndex((s, i) => (ready.has(i) || isGotReady(s)) && mentions(s, line.names))
  const sentence = said[at] ?? ''
  if (!BLOOMS.test(sentence)) return undefined
  // "powdered sugar" speaks of no other sugar
  const [others = ''] = withoutNames(
    [sentence],
    line.names.filter((n) => /\s/.test(n)),
  )
  // of two waters the one that stands beside it
  const stood = (w: Written): boolean => w.heading === line.heading || !hasTwin(w, written)
  const mate = written.find(
    (w) => w.names[0] !== line.names[0] && (places.get(w.id) ?? -1) > at && mentions(others, w.names) && stood(w),
  )
  return mate ? places.get(mate.id) : undefined
}
