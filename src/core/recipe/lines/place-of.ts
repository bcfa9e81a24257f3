/** Where one line of a list goes in: the sentence of the method that puts it into the pot. */

import { callsIn, lettersOf, mentions, withoutNames, withoutTastes } from '../../formula/called'
import { type Beside, inBowl, ONTO } from '../method/beside-the-pot'
import { PUTS_IN, SYRUP_IN, WAITS_FOR } from '../method/made-apart'
import { isGotReady, pours } from '../sentence/moves'
import { FLEETING, isOutside, type Written } from '../text/listed'
import { hasTwin, longerNames, twinAt, withoutOtherAmounts } from './same-named'
import { EVERYTHING, isLeftOut, onlyNames, putsIn, takesHeaded } from './takes'
import { isWhites } from './whites'

/** "Combine the sugars": whatever is called one, and what else is sweet where no sentence puts that in by its name. */
const SUGARS = /\bsugars\b/i
const SWEETENER = /^(?:glucose|honey|dextrose|invert|treacle|molasses|syrup)\b/

/** Sentences without the longer names of other lines that hold one of a line's own: "condensed milk" speaks of no milk. */
function withoutOthers(said: readonly string[], line: Written, written: readonly Written[]): readonly string[] {
  return withoutNames(withoutOtherAmounts(said, line, written), longerNames(line, written))
}

/** "Roll in the starch": what is said of what goes around the pieces. */
export const LIES_AROUND = /\b(?:coat|dredge|dust|roll|toss|tumble)\b/i
/** "Pour over the almonds. Sprinkle with the rest": what is for the top goes on there. */
const LIES_ON = /^(?:while (?:still )?(?:hot|warm),? )?(?:sprinkle|scatter|strew|top|press|garnish|decorate)\b/i
const BEGINS_AROUND = new RegExp(`^${LIES_AROUND.source}`, 'i')

/** What lies in water, or is put together, before the syrup meets it. */
export const BLOOMS =
  /\b(?:bloom|hydrate|soak|sprinkle|dissolve|gelatine?)\b|^(?:(?:the )?(?:day|evening|night) before|combine|mix|place|put|scatter|sieve|sift|spread|stir|toss|whisk)\b/i

/** "Beat the whites when the syrup is at 118°" beats no syrup. */
const UNTIL_THEN = /\b(?:when|once|while|before|as|by the time)\b.*$/i

/** "Pour onto the dry mixture". */
const MIXED = /\b(?:over|onto|on|into) (?:the |your )?(?:[\w-]+ ){0,2}(?:mix(?:ture)?|ingredients)\b/i

/** "While the gelatin blooms, combine …": what stands about goes nowhere. */
const WHILE_IT = /^while (?!(?:it(?:['’]s| is) )?(?:still )?(?:hot|warm)\b)(?:the |that |it )?[^,]{0,40},\s*/i

/** "Leave to soften while you make the syrup": that is another sentence's. */
const WHILE_YOU = /\bwhile (?:you|we|i)\b.*$/i

const OVER = /\bpour\b.*\b(?:over|onto|on)\b/i

/** "Almond extract" is not what "add the almonds" speaks of. */
const singular = (name: string): string => name.replace(/s$/, '')

/** The names of a line that are not all of another line's name: "the milk" is not the condensed milk, where there is milk as well. */
const ownNames = (line: Written, written: readonly Written[]): readonly string[] =>
  withoutTastes(line.names, written).filter(
    (n) =>
      line.full.includes(n) ||
      // "flaky sea salt" is "the sea salt", where the other is only called salt
      (callsIn(line.typed, n) &&
        !written.some((w) => w !== line && [n, `${n}s`].some((form) => callsIn(w.typed, form)))) ||
      !written.some(
        (w) =>
          w !== line &&
          (w.full.some((f) => singular(f) === singular(n)) ||
            (n === 'sugar' && isNoPlain(line) && w.names.includes(n)) ||
            (n === 'milk' && isTinned(line) && w.names.includes(n) && !isTinned(w))),
      ),
  )

/** "Whisk the agar into the juice … add the lemon juice": what is put in by a name of its own is not what a name speaks of that others have too. */
function namesSaid(
  said: readonly string[],
  line: Written,
  written: readonly Written[],
  ready: ReadonlySet<number>,
): readonly string[] {
  const names = ownNames(line, written)
  const own = names.filter((n) => !written.some((w) => w !== line && w.names.includes(n)))
  const isPutIn = said.some(
    (s, i) => !ready.has(i) && own.length > 0 && (putsIn(s, own) || (LIES_ON.test(s) && mentions(s, own))),
  )
  return isPutIn ? own : names
}

/** "Add the rose water, pour": it is in the sweet, whatever it stands under. */
const STIRRED_IN = /\b(?:add|(?:beat|fold|mix|stir|whisk) in)\b.*\bpour\b/i

/** "Add the tin of milk" */
const isTinned = ({ names }: Written): boolean => names.includes('tin of milk')

/** "Leave in icing sugar" speaks of no sugar that is boiled. */
export const ICING = /\b(?:icing|powdered|confectioners['’]?s?) sugar\b/gi
/** Nor "corn syrup" of corn that is popped. */
const CORN_SYRUP = /\bcorn syrup\b/gi
export const GELATIN = /\bgelatine?\b/i
/** "Slide in the gelatine and its soaking water" */
const SOAKED_IN = /\b(?:soak(?:ing|ed)|bloomed|softened|swollen)\b.*\b(?:gelatine?|water)\b/i
export const isIcing = ({ names }: Written): boolean => names.includes('icing sugar')
const isPopped = ({ names }: Written): boolean => names.includes('popped corn')
/** What "the sugar" is not, where there is another. */
const isNoPlain = (line: Written): boolean => isIcing(line) || line.names.includes('invert sugar')

export function placeOf(
  all: readonly string[],
  line: Written,
  written: readonly Written[],
  { apart, ready }: Beside,
  doneAt: number,
): number {
  const names = namesSaid(all, line, written, ready)
  const said = withoutOthers(all, line, written).map((s) =>
    [WHILE_IT, WHILE_YOU, ...(isIcing(line) ? [] : [ICING]), ...(isPopped(line) ? [CORN_SYRUP] : [])].reduce(
      (text, others) => text.replace(others, ' '),
      s,
    ),
  )
  if (isOutside(line)) {
    const about = lettersOf(line.purpose ?? line.heading ?? '')
      .split(' ')
      .at(-1)
      ?.replace(/ing$/, '')
    // "dipping" is what is done where one dips
    const done = [`${about}`, `${about}`.replace(/(.)\1$/, '$1'), `${about}ing`]
    const firstOf = (words: readonly string[]): number =>
      said.findIndex((s, i) => i > doneAt && !ready.has(i) && mentions(s, words))
    const named = firstOf(names)
    // "mix the starch and sugar; dust the top with the mixture"
    const mixed = [...apart].find(
      ([at, into]) => into > doneAt && ready.has(at) && mentions(said[at] ?? '', names),
    )?.[1]
    const first = named < 0 ? (mixed ?? firstOf(done)) : named
    // half of it lies in the tin, and the rest goes around what is cut: none of it is in the sweet
    const around =
      pours(said[first] ?? '') && !BEGINS_AROUND.test(said[first] ?? '') && !STIRRED_IN.test(said[first] ?? '')
        ? said.findIndex((s, i) => i > first && (LIES_AROUND.test(s) || (LIES_ON.test(s) && mentions(s, names))))
        : -1
    return around < 0 ? first : around
  }
  // "water (for the gelatin)" waits with it for the syrup
  if (line.waits) {
    const firstWhere = (is: (s: string) => boolean): number => said.findIndex((s, i) => !ready.has(i) && is(s))
    // "pour the syrup over the invert sugar, cool to 80°, add gelatine"
    const isSoaked = !written.some(isWhites)
    const isAdded = (s: string): boolean => isSoaked && putsIn(s, ['gelatin', 'gelatine'])
    const met = [isAdded, (s: string) => ONTO.test(s) || SYRUP_IN.test(s), (s: string) => GELATIN.test(s)]
      .map(firstWhere)
      .find((at) => at >= 0)
    if (met !== undefined) return met
  }
  // of two alike each goes in with its own heading
  const headed = said.findIndex((s, i) => (!ready.has(i) || apart.has(i)) && takesHeaded(s, line))
  const isAlike = (w: Written): boolean =>
    w !== line &&
    (w.names[0] === line.names[0] || (w.heading !== line.heading && w.names.some((n) => line.names.includes(n))))
  if (headed >= 0 && written.some(isAlike)) {
    // "boil the sugar, water and lemon juice; whisk the syrup into the paste": that is made already
    const mates = written.filter(
      (w) => w.heading === line.heading && !isOutside(w) && !w.names.some((n) => line.names.includes(n)),
    )
    const isMade = (s: string): boolean => mentions(s, names) && mates.some((w) => mentions(s, w.names))
    const made = said.findIndex((s, i) => i < headed && !ready.has(i) && isMade(s))
    if (made >= 0) return apart.get(made) ?? made
    // "boil the shell; fold in the acid": what is put in by its name later is not boiled with the rest
    const later = hasTwin(line, written)
      ? -1
      : said.findIndex((s, i) => i > headed && !ready.has(i) && putsIn(s, names))
    return later < 0 ? (apart.get(headed) ?? headed) : later
  }
  // as it is written: icing sugar may be what stands beside it
  const twin = twinAt(all, line, written)
  if (twin >= 0 && !apart.has(twin)) {
    if (ready.has(twin)) {
      // what lies on the tray is met where the pot is poured over it
      const met = said.findIndex(
        (s, i) =>
          i > twin && ((pours(s) && mentions(s, names)) || (GELATIN.test(said[twin] as string) && SOAKED_IN.test(s))),
      )
      return met < 0 ? probablyAt(said, names) : met
    }
    if (!inBowl(said[twin] as string)) return twin
    return Math.max(
      twin,
      said.findIndex((s, i) => i > twin && (ONTO.test(s) || SYRUP_IN.test(s) || OVER.test(s))),
    )
  }
  const warmed =
    twin >= 0
      ? twin
      : said.findIndex((s, i) => apart.has(i) && mentions(s.replace(WAITS_FOR, '').replace(UNTIL_THEN, ''), names))
  // "everything" is all that no sentence puts in by its name
  const isPlain = !isIcing(line) || written.filter((w) => w.names.includes('sugar') && !isIcing(w)).length < 2
  const isSugar =
    (line.names.includes('sugar') && isPlain) ||
    (line.names.some((n) => SWEETENER.test(n)) && !said.some((s) => mentions(s, names)))
  const isNamed = (s: string): boolean =>
    (mentions(s.replace(OF_WHAT, ''), names) && !isLeftOut(s, names)) || (SUGARS.test(s) && isSugar)
  // "crumble the butter … stir in the butter": by the sentence that puts it in
  const putAt = said.findLastIndex((s, i) => !ready.has(i) && putsIn(s, names))
  const isAlone = (s: string): boolean => !written.some((w) => w !== line && mentions(s, w.names))
  const isIdle = (s: string, i: number): boolean => i < Math.min(putAt, doneAt) && onlyNames(s) && isAlone(s)
  const named = said.flatMap((s, i) => (!ready.has(i) && isNamed(s) && !isIdle(s, i) ? [i] : []))
  // as it is written: without the names of others "the syrup ingredients" are all
  // "combine all syrup ingredients" takes what stands under that heading alone
  const begins = said.findIndex((_, i) => !ready.has(i))
  const isWhole = (s: string, i: number): boolean =>
    takesHeaded(s, line) ||
    (i === begins && BOILS_IT.test(all[i] as string) && !FLEETING.test(line.typed)) ||
    (EVERYTHING.test(all[i] as string) && !written.some((w) => takesHeaded(all[i] as string, w)))
  // "boil the sugar, add the cream, cook the lot to 118°; off the heat, butter": the lot is what is in it
  const isIn = (i: number): boolean =>
    doneAt >= 0 &&
    named.some((n) => n > Math.max(i, doneAt)) &&
    said.slice(0, i).some((s, k) => !ready.has(k) && written.some((w) => w !== line && mentions(s, w.names)))
  // what fruit lies in beforehand comes with it
  const soaks = said.some((s, i) => ready.has(i) && SOAKS.test(s) && mentions(s, names))
  const whole = said.flatMap((s, i) =>
    !soaks && !ready.has(i) && isWhole(s, i) && !isLeftOut(s, names) && !isIn(i) ? [i] : [],
  )
  const spoken = named.some((i) => putsIn(said[i] as string, names) || LIES_ON.test(said[i] as string))
    ? named
    : [...named, ...whole].sort((x, y) => x - y)
  // what a bowl holds for a while goes in where the pot is spoken of
  const inPot = spoken.find((i) => !inBowl(said[i] as string) || ONTO.test(said[i] as string))
  // what waits in a bowl goes in with the syrup that is poured onto it, or onto what lies there with it
  const bowl = spoken[0] ?? -1
  const beside = written.filter((w) => mentions(said[bowl] ?? '', w.names))
  const waits = said.findIndex(
    (s, i) =>
      i > bowl &&
      (SYRUP_IN.test(s) ||
        ONTO.test(s) ||
        (OVER.test(s) && (MIXED.test(s) || beside.some((w) => mentions(s, w.names))))),
  )
  return (
    apart.get(warmed) ??
    inPot ??
    (bowl < 0 ? Math.max(bloomedInBowl(said, names), restAt(said, names)) : waits < 0 ? bowl : waits)
  )
}

/** "Cook everything except the butter. Stir in the rest": where what was left out goes in by no name; -1 for no such thing. */
function restAt(said: readonly string[], names: readonly string[]): number {
  const out = said.findIndex((s) => isLeftOut(s, names))
  return out < 0 ? -1 : said.findIndex((s, i) => i > out && PUTS_IN.test(s) && THE_REST.test(s))
}
const THE_REST = /\b(?:everything else|(?:the )?(?:others|remaining ingredients|rest)(?! of\b))\b/i

/** "Nibs: boil sugar and water": what it is for, and not what is boiled. */
const OF_WHAT =
  /^\p{L}[\p{L} ]{2,20}:\s+(?=(?:boil|bring|cook|dissolve|heat|melt) (?:the )?\p{L}{3,}(?:,| and| \+|\/))/iu

/** "Boil it up till …", said first of all: of the list above it. */
const BOILS_IT =
  /^(?:boil|bring|cook|dissolve|heat|melt)(?:$|,| (?:it|them|the lot)\b| (?:gently|on|over|slowly|stirring|to|until|till)\b)/i

/** What stands about by itself goes in with no "everything": fruit in its rum, nuts on their tray. */
const SOAKS = /\b(?:bloom|macerate|soak|soften|steep)\b|^(?:place|put|scatter|spread)\b.*\b(?:sheet|tin|tray)\b/i

/** Where what blooms in the bowl of a mixer goes in: with the syrup that is poured into that bowl; -1 for no such thing. */
function bloomedInBowl(said: readonly string[], names: readonly string[]): number {
  const at = probablyAt(said, names)
  const blooms = said.some((s) => isGotReady(s) && BLOOMS.test(s) && BOWL.test(s) && mentions(s, names))
  return blooms && BOWL.test(said[at] ?? '') ? at : -1
}
const BOWL = /\b(?:bowl|mixer)\b/i

/** Where a line probably goes in that only what is got ready speaks of: with the syrup that is poured onto it; -1 for no idea. */
export function probablyAt(said: readonly string[], names: readonly string[]): number {
  const ready = said.findIndex((s) => isGotReady(s) && mentions(s, names))
  return ready < 0 ? -1 : said.findIndex((s, i) => i > ready && (ONTO.test(s) || SYRUP_IN.test(s)))
}
