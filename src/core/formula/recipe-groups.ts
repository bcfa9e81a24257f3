/** The groups of a recipe: what goes in together, what that is called, and how warm it is. */
import type { Group, Line } from './document'
import {
  capital,
  type HeatUnit,
  heatOfAdded,
  inCelsiusWords,
  inDegrees,
  label,
  short,
  unitOf,
  warmthTyped,
} from './method'
import type { Beside } from './recipe-beside'
import { pours, takesOff } from './recipe-moves'
import { warmthAt } from './recipe-places'

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
  /** What the list says that all of them are for, on or around the sweet: "coating"; null where it does not. */
  readonly purpose: string | null
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
    const { names, lines, purpose } = togetherAt(at)
    const outside = purpose === null ? null : short(capital(purpose), 40)
    const when = id === 'pot' ? 'In the pot' : isOff ? 'Off the heat' : label(inCelsiusWords(sentence, unit))
    const told = id === 'pot' ? ROOM_C : (heatToldOf(sentence, unit) ?? warmthOf(lines, unit))
    return { id, label: outside ?? when, celsius: told ?? warmthAt(said, beside, at, names, unit) }
  })
  return groups.some((g) => g.id === 'pot') ? groups : [{ id: 'pot', label: 'In the pot', celsius: ROOM_C }, ...groups]
}

/** How warm a sentence says that what it puts in is, °C; null where it does not. */
function heatToldOf(sentence: string, unit: HeatUnit | null): number | null {
  const heat = heatOfAdded(sentence)
  const own = heat && unitOf(heat, unit)
  return heat && own ? inDegrees(heat.low, own) : null
}

/** How warm lines are together of which some say that they are warm, by their mass, °C; null where none does. */
function warmthOf(lines: readonly Line[], unit: HeatUnit | null): number | null {
  const warm = lines.map((l) => ({ grams: l.grams, celsius: warmthTyped(l.typed ?? '', unit) }))
  const grams = lines.reduce((sum, l) => sum + l.grams, 0)
  if (grams === 0 || warm.every((w) => w.celsius === null)) return null
  return Math.round(warm.reduce((sum, w) => sum + w.grams * (w.celsius ?? ROOM_C), 0) / grams)
}
