/** A starch paste that is cooked in a pan of its own, which the syrup is then poured into and boiled down with. */
import { isGotReady, pours } from '../sentence/moves'

/** "In a large pan whisk the cornflour into the water" */
const MAKES =
  /^(?:meanwhile,?\s+)?(?:in (?:an?|another|the) (?:second, )?[^,;]{0,40}?,?\s+)?(?:blend|combine|dissolve|make|mix|put|slake|stir|whisk)\b.*\b(?:corn ?starch|cornflour|starch)\b/i
const OF_SUGAR = /\b(?:sugar|syrup|glucose|honey)\b/i
/** "… over medium heat till it thickens", "cook, stirring, until thick" */
const IS_COOKED = /\b(?:boil|bring|cook|heat|simmer)\b|\b(?:glue|gluey|thick(?:en(?:s|ed)?)?)\b/i
/** "Pour the hot syrup into the paste", "add the syrup in three goes", "whisk the sugar and water into the cornflour" */
const BEGINS = '^(?:(?:gradually|slowly|now|then),? )*(?:add|beat|mix|pour|run|stir|stream|trickle|whisk)\\b[^;]*\\b'
const NOT_ONTO = '(?![^;]*\\b(?:egg|foam|gelatin|meringue|mou?lds?|tin|tray|whites?)\\b)'
const JOINS = new RegExp(
  `${BEGINS}(?:sugar\\b[^;]*\\b(?:in)?to (?:the )?(?:corn ?starch|cornflour|starch)\\b|(?:hot )?syrup\\b${NOT_ONTO})`,
  'i',
)
/** "Simmer for 1 hour", "turn to low and cook, stirring, 45 min" */
const COOKS_ON = /\b(?:boil|bubble|cook|simmer)\b/i

/** Sentences, counted from 0: those that make the paste, and the one by which the syrup meets it. */
export interface Paste {
  readonly made: readonly number[]
  readonly joinedAt: number
}

/** The paste of a method; null where none is cooked by itself, or nothing is boiled on once the syrup is in it. */
export function pasteIn(said: readonly string[]): Paste | null {
  const from = said.findIndex((s) => MAKES.test(s) && !OF_SUGAR.test(s))
  const joinedAt = said.findIndex((s, i) => i > from && JOINS.test(s))
  if (from < 0 || joinedAt < 0) return null
  // what is boiled of sugar in between is the syrup
  const ends = said.findIndex((s, i) => i > from && (i === joinedAt || OF_SUGAR.test(s) || isGotReady(s)))
  // "mix the cornflour with the water. Add the purée. Heat until thick": up to where it is cooked last
  const cooked = said.findLastIndex((s, i) => i >= from && i < ends && IS_COOKED.test(s))
  const made = said.flatMap((_, i) => (i === from || (i > from && i <= cooked) ? [i] : []))
  const poured = said.findIndex((s, i) => i > joinedAt && pours(s))
  const goesOn = said.some((s, i) => i > joinedAt && (poured < 0 || i < poured) && COOKS_ON.test(s))
  return goesOn && made.some((i) => IS_COOKED.test(said[i] as string)) ? { made, joinedAt } : null
}
