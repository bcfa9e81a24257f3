/** Where the lines of a list go in: which sentence of the method puts each into the pot. */
import { measureAt } from '../matter/amount'
import type { Ingredient } from '../matter/ingredient'
import { everyNameOf } from '../matter/synonyms'
import { parseNumber } from '../quantity/number'
import type { Line } from './document'
import { heatIn, inOven, isGotReady, secondsIn, WATCHES, warmthIn, whipsWhites } from './method'

/** What sentences are compared by: lower case, and letters alone. */
export const lettersOf = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[^a-z]+/g, ' ')
    .trim()

/** Words that name an ingredient in a sentence: the last of its name, and what people call it. */
export function namesOf(line: Line, ingredient: Ingredient): string[] {
  const isNut = ingredient.whole && ingredient.allergens.some((a) => a === 'nuts' || a === 'peanuts')
  const isFruit = /^(?:dried|candied|crystallised)-|^raisins/.test(ingredient.id)
  const isGlucose = /^glucose-\d/.test(ingredient.id)
  return [
    ...namesIn([...everyNameOf(ingredient), typedName(line.typed ?? '')]),
    ...(isNut ? ['nuts'] : []),
    ...(/^gelatin/.test(ingredient.id) ? ['gelatin', 'gelatine'] : []),
    ...(isFruit ? ['fruit'] : []),
    ...(/^vanilla/.test(ingredient.id) ? ['vanilla'] : []),
    ...(isGlucose ? ['glucose'] : []),
  ]
}

/** What an ingredient is called, in full. */
export const fullNames = (ingredient: Ingredient): string[] => everyNameOf(ingredient).map(lettersOf)

/** What a sentence calls a line by besides its name: the amount it begins or ends with, "25 g", what it is marked by, "(A)", how warm it is. */
export const callsTyped = (typed: string): string[] =>
  [
    /^\d[\d./]* ?[a-z]+(?= )|\d[\d./]* ?[a-z]+$/i.exec(typed)?.[0],
    /\([A-Z]\)/.exec(typed)?.[0],
    /\b(?:hot|cold|boiling|warm) \w+$/i.exec(typedName(typed))?.[0],
  ].filter((c): c is string => c !== undefined)

/** Words that name in a sentence what a line speaks of that is not known for sure yet: its own, and those of what it most likely is. */
export const namesTyped = (typed: string, likely: Ingredient | undefined): string[] =>
  namesIn([typedName(typed), ...(likely ? everyNameOf(likely) : [])])

const typedName = (typed: string): string => (measureAt(typed, [])?.rest ?? typed).replace(/\(.*?\)|,.*$/g, '')

function namesIn(names: readonly string[]): string[] {
  const own = names.map(lettersOf)
  const tails = own.flatMap((n) => {
    const words = n.split(/\s+/).filter((w) => w.length > 2)
    return [words.slice(-2).join(' '), ...words.slice(-1)]
  })
  return [...new Set([...own, ...tails])].filter((n) => n.length > 2)
}

/** What is named after a line and is none: syrup that is boiled, a sugar thermometer, water a bowl stands over, water of a drop test. */
const NO_LINES =
  /\b(?:hot|boiling|cooked)\s+(?:sugar\s+)?syrup\b|\bsugar syrup\b|\bcolou?r of (?:\w+ )?\w+|\b(?:make|making|until|till|when|once|while|as) the syrup\b|\b(?:sugar|candy) thermometer\b|\bover (?:\w+ )?(?:boiling|simmering|hot) water\b|\b(?:pan|pot|bowl|glass|cup|jug|basin) of (?:[\w-]+ ){0,2}water\b|\b(?:drop\w*|bit|little|\w*spoonful|balls?|snaps?|stop|stand|dip|plunge)\b.{0,30}\bin(?:to)? (?:[\w-]+ ){0,2}water\b/gi

export const mentions = (sentence: string, names: readonly string[]): boolean => {
  // what has been boiled is no line of the list any more
  const raw = sentence.replace(NO_LINES, ' ')
  const words = ` ${raw.toLowerCase().replace(/[^a-z]+/g, ' ')} `
  return names.some(
    (n) => words.includes(` ${n} `) || words.includes(` ${n}s `) || words.includes(` ${n.replace(/s$/, '')} `),
  )
}

/** "Combine the sugars": whatever is called one. */
const SUGARS = /\bsugars\b/i

const EVERYTHING =
  /\b(?:everything|(?:put|place|bring|tip) (?:it )?all\b|all (?:but|except)|(?:all (?:of )?(?:the )?|(?:the|your) )(?:other |remaining )?ingredients|(?<!\b(?:sprinkle|scatter) )(?<!\bover )the rest(?! of))\b/i

/** "Off the heat, vanilla in". */
const GOES_IN = /\bin$/i

/** A heading that is only a mark, by which the method calls all beneath it: "bring A to the boil", "bring part 1 to 118°". */
const LETTER = /^(?:(?:part|stage|phase) [A-H\d]|[A-H])$/i

/** Whether a sentence puts in what is called so, and does not only speak of it: "stir until the nuts hang in it". */
function putsIn(sentence: string, names: readonly string[]): boolean {
  if (GOES_IN.test(sentence)) return mentions(sentence, names)
  const at = sentence.search(PUTS_IN)
  return at >= 0 && mentions(sentence.slice(at).split(/;|\b(?:until|till|while)\b/i)[0] as string, names)
}

const EXCEPT =
  /\b(?:except|but|save|apart from)\b(.*?)(?=\b(?:in|into|over|until|and (?:heat|bring|cook|stir|melt))\b|;|$)/i
const isLeftOut = (sentence: string, names: readonly string[]): boolean =>
  EVERYTHING.test(sentence) && mentions(EXCEPT.exec(sentence)?.[1] ?? '', names)

/** "Warm the cream with …": in a pan of its own, where a later sentence puts that in. Whatever has sugar is the pot itself. */
const WARMS =
  /^(?:meanwhile,?\s+|(?:when|once|as soon as|at)\b[^,]{0,60}?,?\s+(?=start|begin|whip|whisk|beat)|(?:just )?before\b[^,]{0,40},\s+)?(?:in (?:a|another) .{0,30}?,?\s*)?(?:gently )?(?:(?:warm|heat|scald|bring|boil|infuse)\s+(?:the\s+)?(?:double |heavy |whipping |salted |unsalted |(?!sugar|glucose)\w+ )?(?:cream|milk|butter|pur[ée]e)|(?:warm|heat|melt)\s+(?:the\s+)?\w+(?=\s+(?:in|over)\b.{0,30}\b(?:bain.?marie|double boiler|microwave|simmering water|hot water)\b)|(?:start\s+|begin\s+)?(?:whisk|whip|beat)(?:p?ing)?\s+(?:the\s+)?(?:\w+\s+)?(?:egg\s+)?whites)\b/i
/** "Put the pod into a pan with the cream, bring to the boil", where "the warm cream" goes in later. */
const HEATED = /\b(?:warm(?:ed)?|hot|boiling|infused|scalded|strained)\s+(?:[\w-]+\s+){0,2}?(cream|milk)\b/i
const IN_PAN = /\b(?:pan|pot|saucepan)\b/i

/** "When the honey is at 118°" speaks of no whites, and "start whisking the whites" of no honey. */
const WAITS_FOR =
  /^(?:when|once|as soon as|at)\b.{0,60}?\b(?=(?:start|begin|whip|whisk|beat)\b)|^(?:just )?before\b[^,]{0,40},/i
const SUGAR = /\b(?:sugar|syrup|glucose)\b/i
const PUTS_IN =
  /\b(?:add|deglaze|pour in|stir in|whisk in|mix in|beat in|fold in|tip in|put in|trickle in|drizzle in|(?:pour|stir|whisk|beat|mix|trickle|drizzle|stream)\b.{0,40}\b(?:into|onto|over))\b/i
const MIXTURE = /\b(?:cream|milk|butter) mixture\b/i

/** "Dissolve the acid in the water", put in later as "the acid solution"; whatever stands in the pot itself is none. */
const MIXES = /^(?:mix|dissolve|stir|whisk|combine|blend)\b(?!.*\b(?:pan|pot|saucepan|heat|boil)\b)/i
const CALLED = /\b(?!the\b|and\b|this\b|your\b|then\b)(\w{3,}) (?:solution|mixture|mix|slurry|paste|powder)\b/i

function mixedInAt(said: readonly string[], at: number): number {
  if (!MIXES.test(said[at] ?? '')) return -1
  return said.findIndex((s, i) => {
    const called = i > at && PUTS_IN.test(s) ? CALLED.exec(s)?.[1] : undefined
    return called !== undefined && !SUGAR.test(called) && mentions(said[at] as string, [called.toLowerCase()])
  })
}

/** What is popped apart goes in with what is poured over it. */
const POPS = /^(?:pop\b|(?:put|place|tip|heat|cook|keep|spread|add)\b.*\bpop(?:s|ping|ped)?\b)/i
const OVER_CORN = /\b(?:over|with|onto|into) (?:the )?(?:popped )?(?:pop)?corn\b/i

/** What is whipped waits for the syrup. */
export const SYRUP_IN =
  /\b(?:pour|trickl|drizzl|stream|add)(?:e|ing)?\b.{0,30}(?<!\b(?:corn|glucose|golden|maple|rice) )\b(?:syrup|meringue)\b/i

/** The sentence that puts in what sentence `at` warms, mixes or pops apart; -1 where that one does nothing apart. */
function goesInAt(said: readonly string[], at: number): number {
  const sentence = said[at] ?? ''
  if (POPS.test(sentence)) return said.findIndex((s, i) => i > at && OVER_CORN.test(s))
  const mixed = mixedInAt(said, at)
  if (mixed >= 0) return mixed
  const warmed = WARMS.exec(sentence)
  const what = lettersOf(warmed?.[0].split(/\s+/).at(-1) ?? '')
  if (!warmed && IN_PAN.test(sentence) && !SUGAR.test(sentence)) {
    const later = said.findIndex(
      (s, i) => i > at && PUTS_IN.test(s) && mentions(sentence, [HEATED.exec(s)?.[1] ?? '-']),
    )
    // what stands on the stove already is the pot
    return later >= 0 && !said.slice(0, at).some((s) => SUGAR.test(s) && IN_PAN.test(s)) ? later : -1
  }
  // whites are whipped with some sugar; whatever else has any is the pot itself
  if (!warmed || (what !== 'whites' && SUGAR.test(sentence))) return -1
  const named = said.findIndex((s, i) => i > at && PUTS_IN.test(s) && (mentions(s, [what]) || MIXTURE.test(s)))
  return named < 0 && what === 'whites' ? said.findIndex((s, i) => i > at && SYRUP_IN.test(s)) : named
}

/** "Combine the first four ingredients". */
const FIRST = /\bfirst (two|three|four|five|six|seven|\d)\b(?! (?:minutes?|times?|hours?|days?)\b)/i

/** What stands for a while, after what was done to it beside the pot. */
const STAYS = 'leave|let|allow|set aside|stand|rest|infuse|steep'
const STANDS = new RegExp(`^(?:${STAYS})\\b`, 'i')

/** What is done to something that was warmed apart, before it goes in. */
const TENDS = new RegExp(`^(?:remove|take|discard|strain|cover|keep|cool|${STAYS})\\b`, 'i')

/** What of a method happens beside the pot. */
export interface Beside {
  /** Sentences that warm something apart, each with the one that puts it in. */
  readonly apart: ReadonlyMap<number, number>
  /** Sentences by which nothing goes into the pot yet: what is bloomed, lined, toasted, or warmed apart. */
  readonly ready: ReadonlySet<number>
}

export function besideIn(said: readonly string[]): Beside {
  const apart = new Map(
    said.flatMap((_, i) => {
      const at = goesInAt(said, i)
      return at < 0 ? [] : [[i, at] as const]
    }),
  )
  // what is begun at a heat of the pot is a moment of the cook, and whites have to be whipped while it climbs
  const ready = new Set<number>()
  const others = new Set<number>()
  // what is baked before any sugar is heated are nuts
  const sweet = said.findIndex((s) => SUGAR.test(s))
  for (const [i, s] of said.entries()) {
    const waits = ready.has(i - 1) && STANDS.test(s) && secondsIn(s) !== null
    const isMoment = whipsWhites(s) || (WATCHES.test(s) && heatIn(s) !== null)
    // "remove from the heat and let steep": the pan of the cream, not the pot
    const isOther =
      (apart.has(i) && !isMoment) ||
      (i < sweet && inOven(s)) ||
      (others.has(i - 1) && TENDS.test(s) && !PUTS_IN.test(s))
    if (isOther) others.add(i)
    if (isGotReady(s) || waits || isOther) ready.add(i)
  }
  return { apart, ready }
}

/** Sentences without the longer names of other lines that hold one of a line's own: "condensed milk" speaks of no milk. */
function withoutOthers(said: readonly string[], line: Written, written: readonly Written[]): readonly string[] {
  const longer = written.flatMap((w) =>
    w === line
      ? []
      : w.names.filter(
          (n) => /\s/.test(n) && !line.names.includes(n) && line.names.some((own) => n.split(/\s+/).includes(own)),
        ),
  )
  if (longer.length === 0) return said
  const names = new RegExp(`\\b(?:${longer.map((n) => n.split(/\s+/).join('\\W+')).join('|')})\\b`, 'gi')
  return said.map((s) => s.replace(names, ' '))
}

/** A line as it stands in the list: the words it is called by, and the heading above it. */
export interface Written {
  readonly id: string
  readonly names: readonly string[]
  /** Its names in full, without what is only the last word of one. */
  readonly full: readonly string[]
  /** Its amount as it is written, "25 g", and what it is marked by, "(A)". */
  readonly calls: readonly string[]
  readonly heading: string | null
}

/** Headings of what goes on or around a sweet that is out of the pot: "to coat", "for dusting". */
const OUTSIDE =
  /\b(?:coat|coating|dip|dipping|dust|dusting|rolling|tossing|finish|decorat\w*|garnish|sprinkling|serving|to serve)\b/i
export const isOutside = ({ heading }: Pick<Written, 'heading'>): boolean => heading !== null && OUTSIDE.test(heading)

/** The sentence each line first goes in with, by line id; a line no sentence mentions is not there. `doneAt`: the sentence that ends the cook. */
export function placesOf(
  said: readonly string[],
  beside: Beside,
  written: readonly Written[],
  doneAt: number,
): Map<string, number> {
  const out = new Map<string, number>()
  const opens = said.findIndex((s) => FIRST.test(s))
  const count = parseNumber(FIRST.exec(said[opens] ?? '')?.[1] ?? '')?.range.low ?? 0
  for (const [n, line] of written.entries()) {
    const at = n < count ? opens : placeOf(said, line, written, beside, doneAt)
    if (at >= 0) out.set(line.id, at)
  }
  return out
}

const OVER = /\bpour\b.*\b(?:over|onto|on)\b/i

/** Something is put together or scalded in a bowl, beside the pot. */
export const inBowl = (sentence: string): boolean =>
  /^(?!.*\b(?:pan|pot|saucepan|syrup)\b).*\bin(?:to)? (?:a |another |the )?(?:\w+ ){0,2}bowl\b/i.test(
    sentence.replace(NO_LINES, ' '),
  )

/** The names of a line that are not all of another line's name: "the milk" is not the condensed milk, where there is milk as well. */
const ownNames = (line: Written, written: readonly Written[]): readonly string[] =>
  line.names.filter((n) => line.full.includes(n) || !written.some((w) => w !== line && w.full.includes(n)))

function placeOf(
  all: readonly string[],
  line: Written,
  written: readonly Written[],
  { apart, ready }: Beside,
  doneAt: number,
): number {
  const names = ownNames(line, written)
  const said = withoutOthers(all, line, written)
  if (isOutside(line)) {
    const about = lettersOf(line.heading as string)
      .split(' ')
      .at(-1)
    const called = [...names, `${about}`, `${about}ing`]
    return said.findIndex((s, i) => i > doneAt && !ready.has(i) && mentions(s, called))
  }
  const twin = twinAt(said, line, written)
  if (twin >= 0 && !apart.has(twin)) return ready.has(twin) ? probablyAt(said, names) : twin
  const warmed = twin >= 0 ? twin : said.findIndex((s, i) => apart.has(i) && mentions(s.replace(WAITS_FOR, ''), names))
  // "everything" is all that no sentence puts in by its name
  const heading = LETTER.exec(line.heading ?? '')?.[0]
  const letter = heading ? new RegExp(`\\w .*(?<![°º\\d] ?)\\b${heading}\\b`, heading.length > 1 ? 'i' : '') : null
  const isNamed = (s: string): boolean =>
    (letter?.test(s) ?? false) ||
    (mentions(s, names) && !isLeftOut(s, names)) ||
    (SUGARS.test(s) && line.names.includes('sugar'))
  const named = said.flatMap((s, i) => (!ready.has(i) && isNamed(s) ? [i] : []))
  const whole = said.flatMap((s, i) => (!ready.has(i) && EVERYTHING.test(s) && !isLeftOut(s, names) ? [i] : []))
  const spoken = named.some((i) => putsIn(said[i] as string, names))
    ? named
    : [...named, ...whole].sort((x, y) => x - y)
  // what a bowl holds for a while goes in where the pot is spoken of
  const inPot = spoken.find((i) => !inBowl(said[i] as string) || ONTO.test(said[i] as string))
  // what waits in a bowl goes in with the syrup that is poured onto it, or onto what lies there with it
  const bowl = spoken[0] ?? -1
  const beside = written.filter((w) => mentions(said[bowl] ?? '', w.names))
  const waits = said.findIndex(
    (s, i) => i > bowl && (SYRUP_IN.test(s) || (OVER.test(s) && beside.some((w) => mentions(s, w.names)))),
  )
  return apart.get(warmed) ?? inPot ?? (bowl < 0 || waits < 0 ? bowl : waits)
}

/**
 * Where the same thing stands twice in a list, "water" for the gelatin and "water" for the syrup: the sentence that speaks of most
 * of what stands beside this one under its heading, else the first for the first of them, and so on. -1 where it stands there once, or once
 * is all that the method speaks of it.
 */
function twinAt(said: readonly string[], line: Written, written: readonly Written[]): number {
  const alike = written.filter((w) => w.names[0] === line.names[0] && !isOutside(w))
  const spoken = said.flatMap((s, i) => (mentions(s, line.names) && !isLeftOut(s, line.names) ? [i] : []))
  if (alike.length < 2 || spoken.length < alike.length) return -1
  const mates = written.filter((w) => w !== line && w.heading === line.heading && !alike.includes(w))
  const company = spoken.map((i) => mates.filter((m) => mentions(said[i] as string, m.names)).length)
  // "with the 25 g of sugar" says which
  const claim = (w: Written): number =>
    spoken.find((i) => (said[i] as string).includes(`${ORDINALS[alike.indexOf(w)]} ${line.names[0]}`)) ??
    spoken.find((i) => w.calls.some((c) => ` ${said[i]} `.replace(/,/g, ' ').includes(` ${c} `))) ??
    -1
  if (claim(line) >= 0) return claim(line)
  const [left, free] = [alike.filter((w) => claim(w) < 0), spoken.filter((i) => !alike.some((w) => claim(w) === i))]
  if (line.heading === null) return free[left.indexOf(line)] ?? -1
  return spoken[company.indexOf(Math.max(...company))] as number
}

/** "Add the second cream". */
const ORDINALS = ['first', 'second', 'third']

/** Onto what waits in the bowl: "pour the hot syrup slowly down the side of the bowl". */
export const ONTO = /\bpour\b.*\b(?:syrup|bowl|gelatin|mixer)\b/i

/** Where a line probably goes in that only what is got ready speaks of: with the syrup that is poured onto it; -1 for no idea. */
export function probablyAt(said: readonly string[], names: readonly string[]): number {
  const ready = said.findIndex((s) => isGotReady(s) && mentions(s, names))
  return ready < 0 ? -1 : said.findIndex((s, i) => i > ready && (ONTO.test(s) || SYRUP_IN.test(s)))
}

/** ◊ What is warmed apart goes in so warm, °C; what the syrup is poured onto is as warm as the room. */
export const warmthAt = (said: readonly string[], { apart }: Beside, at: number, names: readonly string[]): number =>
  said.some((s, i) => apart.get(i) === at && /\b(?:warm|heat|scald|bring|infuse)/i.test(s))
    ? 50
    : ONTO.test(said[at] ?? '')
      ? 20
      : warmthIn(said[at] ?? '', names)
