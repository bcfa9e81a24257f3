/** A base that is pressed into its tin first, told under no heading: it is a part of its own, and what is boiled lies on it. */

import { mentions } from '../../formula/called'
import type { Lexicon } from '../draft/draft'
import { readLines } from '../lines/lines'
import { isOutside, type Written } from '../text/listed'
import type { SplitRecipe } from '../text/split'
import { BAKED } from './layers'

/** "Press into a tin", and what is done with it there: "bake for 20 minutes", "chill". */
const LAID = /\b(?:flatten|pat|press)\b.*\b(?:dish|pan|sheet|tin|tray|\d+ ?[x×] ?\d+)\b/i
const SETS =
  /^(?:allow|bake|chill|cool|freeze|fridge|leave|let|prick|put in the (?:freezer|fridge|oven)|refrigerate|remove|set aside)\b/i
/** "Butter a tin" speaks of no butter of the list. */
const GREASES = /^(?:lightly |generously )?(?:butter|grease|line|oil)\b/i
/** What is on a flame, and no base. */
const BOILS = /\b(?:boil|carameli[sz]e|simmer|thermometer)/i
/** ◊ A base is mixed of so many things; one alone, crackers on a tray, is what is poured over. */
const MIXED = 2
/** What the rest is called, as far as its name or its method says. */
const SWEET = /\b(caramel|fudge|ganache|marshmallow|nougat|toffee)\b/i

/** The sentence by which something is laid before anything boils; -1 for none. */
function laidFirst(said: readonly string[]): number {
  const laid = said.findIndex((s) => LAID.test(s))
  return said.slice(0, laid + 1).some((s) => BOILS.test(s)) ? -1 : laid
}

/** A split recipe, of the sentences `said`, with its base and the rest under headings; as it is, where nothing is laid first, or headings stand there already. */
export function withBase(recipe: SplitRecipe, said: readonly string[], lexicon: Lexicon): SplitRecipe {
  const { name, list, method } = recipe
  const laid = laidFirst(said)
  if (laid < 0) return recipe
  const [first, second] = list
  const isHeadless = list.length === 2 && first?.heading === null && second && SWEET.test(second.heading ?? '')
  // what stands over "caramel:" under no heading
  if (isHeadless && method.every((m) => m.heading === null))
    return { ...recipe, list: [{ ...first, heading: 'base' }, second] }
  if ([...list, ...method].some((s) => s.heading !== null)) return recipe
  const ends = said.findIndex((s, i) => i > laid && !SETS.test(s))
  const base = said.slice(0, ends)
  const rest = said.slice(ends)
  const { written } = readLines(list, lexicon)
  const speaks = (of: readonly string[], names: readonly string[]): boolean =>
    of.some((s) => !GREASES.test(s) && mentions(s, names))
  // "the sugar" may be any of two, "the brown sugar" is one
  const ownOf = (w: Written): readonly string[] =>
    w.names.filter((n) => !written.some((o) => o !== w && o.names.includes(n)))
  const isBase = written.map((w, i) => {
    const twins = written.flatMap((o, k) => (o.names[0] === w.names[0] ? [k] : []))
    // of two butters the first is in the base, where the rest speaks of one as well
    if (twins.length > 1) return speaks(base, w.names) && (!speaks(rest, w.names) || twins[0] === i)
    return speaks(base, ownOf(w)) || (speaks(base, w.names) && !speaks(rest, ownOf(w)))
  })
  const isShared = written.some((w, i) => isBase[i] && speaks(rest, ownOf(w)))
  const holdsFlour = written.some((w, i) => isBase[i] && BAKED.test(w.typed))
  const boiled = written.some((w, i) => !isBase[i] && !isOutside(w))
  if (
    ends < 0 ||
    isBase.filter(Boolean).length < MIXED ||
    isShared ||
    !holdsFlour ||
    !boiled ||
    !rest.some((s) => BOILS.test(s))
  )
    return recipe
  const called = (SWEET.exec(name) ?? SWEET.exec(rest.join(' ')))?.[1]?.toLowerCase() ?? 'filling'
  const rows = list.flatMap((s) => s.lines)
  const under = (heading: string, of: boolean) => ({ heading, lines: rows.filter((_, i) => isBase[i] === of) })
  const told = (heading: string, of: readonly string[]) => ({ heading, lines: of.map((s) => `${s}.`) })
  return {
    ...recipe,
    list: [under('base', true), under(called, false)],
    method: [told('base', base), told(called, rest)],
  }
}
