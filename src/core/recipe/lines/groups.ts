/** The groups of a recipe: what goes in together, what that is called, and how warm it is. */

import { mentions } from '../../formula/called'
import type { Group, Line } from '../../formula/document'
import { capital, short } from '../../formula/sentence'
import { type Beside, ONTO } from '../method/beside-the-pot'
import { label } from '../sentence/endings'
import {
  type HeatUnit,
  heatIn,
  heatOfAdded,
  inCelsiusWords,
  inDegrees,
  unitOf,
  WARMTH,
  warmthTyped,
} from '../sentence/heats'
import { pours, takesOff, warmthIn, whipsWhites } from '../sentence/moves'
import { purposeOf, type Written } from '../text/listed'

/** ◊ What stands about is as warm as the room, °C. */
const ROOM_C = 20

interface Read {
  readonly said: readonly string[]
  readonly unit: HeatUnit | null
  readonly beside: Beside
  readonly pullAt: number
}

/** Lines that go in together, and what they are called. */
interface Together {
  readonly names: readonly string[]
  readonly lines: readonly Line[]
  /** By what the list says that all of them are for; null where it does not. */
  readonly called: string | null
}

/** The id of the group that goes in with each sentence, by that sentence, in their order; what goes in with the `first` is in the pot. */
export const groupIdsAt = (places: readonly number[], first: number): ReadonlyMap<number, string> =>
  new Map([...new Set(places)].sort((a, b) => a - b).map((at) => [at, at === first ? 'pot' : `at-${at + 1}`]))

/** What lines are called that are all for the same, on or around the sweet: "For dusting"; null for any others. */
export function calledByPurpose(lines: readonly Written[]): string | null {
  const purposes = new Set(lines.map(purposeOf))
  const [purpose = null] = purposes.size === 1 ? purposes : []
  return purpose === null ? null : short(capital(purpose), 40)
}

/** The groups, each by the sentence it goes in with. */
export function groupsFor(
  groupAt: ReadonlyMap<number, string>,
  { said, unit, beside, pullAt }: Read,
  togetherAt: (at: number) => Together,
): Group[] {
  const pourAt = said.findIndex((s, i) => i > pullAt && pours(s))
  const groups = [...groupAt].map(([at, id]): Group => {
    const sentence = said[at] ?? ''
    const isOff = (at > pullAt && (pourAt < 0 || at <= pourAt)) || takesOff(sentence)
    const { names, lines, called } = togetherAt(at)
    const when = id === 'pot' ? 'In the pot' : isOff ? 'Off the heat' : label(inCelsiusWords(sentence, unit))
    const told = id === 'pot' ? ROOM_C : heatToldOf(sentence, unit)
    const celsius = told ?? warmthOf(lines, unit, warmthAt(said, beside, at, names, unit))
    return { id, label: called ?? when, celsius }
  })
  return groups.some((g) => g.id === 'pot') ? groups : [{ id: 'pot', label: 'In the pot', celsius: ROOM_C }, ...groups]
}

/** How warm a sentence says that what it puts in is, °C; null where it does not. */
function heatToldOf(sentence: string, unit: HeatUnit | null): number | null {
  const heat = heatOfAdded(sentence)
  const own = heat && unitOf(heat, unit)
  return heat && own ? inDegrees(heat.low, own) : null
}

/** How warm lines are together, by their mass, °C, of which those that do not say it themselves are at `otherwise`. */
function warmthOf(lines: readonly Line[], unit: HeatUnit | null, otherwise: number): number {
  const warm = lines.map((l) => ({ grams: l.grams, celsius: warmthTyped(l.typed ?? '', unit) }))
  const grams = lines.reduce((sum, l) => sum + l.grams, 0)
  if (grams === 0 || warm.every((w) => w.celsius === null)) return otherwise
  return Math.round(warm.reduce((sum, w) => sum + w.grams * (w.celsius ?? otherwise), 0) / grams)
}

/** What is got ready by being warmed: "warm the nuts in a low oven", "keep the cream hot". */
const WARMED = /^(?:gently )?(?:warm|heat)\b|^(?!(?:butter|oil|grease|line)\b).*\bkeep\b.{0,30}\b(?:warm|hot)\b/i

/** "Whisk the miso into the cream. Heat it till steaming" */
const WARMS_IT = /^(?:bring|heat|re-?heat|scald|warm) (?:it|this|that)\b/i

/** Cream and milk get no hotter, °C: what is said beyond it is the heat of something else. */
const BOILS_C = 100

/** ◊ What is warmed apart goes in as warm as it was made, °C; what the syrup is poured onto is as warm as the room. */
function warmthAt(
  said: readonly string[],
  { apart, ready, paste }: Beside,
  at: number,
  names: readonly string[],
  unit: HeatUnit | null,
): number {
  const warmedTo = said.flatMap((s, i) => (apart.get(i) === at && !whipsWhites(s) ? (heatIn(s) ?? []) : []))[0]
  const own = warmedTo && !warmedTo.oven && unitOf(warmedTo, unit)
  const celsius = warmedTo && own ? inDegrees(warmedTo.low, own) : Number.NaN
  if (celsius <= BOILS_C) return celsius
  if (paste?.joinedAt === at) return WARMTH.hot
  const isWarmed = (s: string, i: number): boolean =>
    (apart.get(i) === at && /\b(?:warm|heat|scald|bring|infuse)/i.test(s)) ||
    (apart.get(i - 1) === at && ready.has(i) && WARMS_IT.test(s)) ||
    (ready.has(i) && !apart.has(i) && WARMED.test(s) && mentions(s, names))
  const itself = ONTO.test(said[at] ?? '') ? WARMTH.room : warmthIn(said[at] ?? '', names)
  return said.some(isWarmed) ? Math.max(WARMTH.warm, itself) : itself
}
