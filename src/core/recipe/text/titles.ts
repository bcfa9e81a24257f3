/** Titles of steps: "Cook the sugar: in a heavy pan combine …", "1. Add the butter. Stir in the butter until melted." */

import { isGotReady } from '../sentence/moves'
import { bare } from './unmarked'

/** What a title of a step begins with: something that is done. */
const DOES =
  /^(?:add|beat|bloom|boil|bring|carameli[sz]e|coat|combine|cook|cool|cover|create|cut|deglaze|dip|dissolve|dust|finish|fold|form|heat|incorporate|infuse|make|melt|mix|mould|mold|portion|pour|prep|prepare|pull|remove|rest|roll|scald|score|serve|set|shape|slice|start|stir|store|temper|test|toast|unmould|unmold|warm|weigh|whip|whisk|work|wrap)\b/i
/** A line that may begin with a title: of so many letters, without a figure, and ended by a colon or a full stop. */
const TITLED = /^(\p{Lu}[^.:!?;\d]{2,40})([.:])\s+(\p{L}.*)$/su
/** ◊ Letters by which words are told apart: "whip" and "whipping" begin alike. */
const STEM = 4
const stemsIn = (text: string): string[] =>
  (text.toLowerCase().match(/\p{L}{3,}/gu) ?? []).map((word) => word.slice(0, STEM))
const EMPTY = new Set(['and', 'the', 'for', 'with', 'into', 'from', 'your', 'then', 'all', 'out'])

/** The rest of a line whose title says nothing that the rest does not say again; null for any other line. */
function afterTitle(line: string, end: ':' | '.'): string | null {
  const [, title = '', ended, rest = ''] = TITLED.exec(bare(line)) ?? []
  if (ended !== end || !DOES.test(title)) return null
  // what is got ready is known by its title
  if (isGotReady(title) && !isGotReady(rest)) return null
  // and what is set aside is put in by it later
  if (SET_ASIDE.test(rest)) return null
  const [, ...words] = stemsIn(title)
  const said = new Set(stemsIn(rest))
  return words.every((word) => EMPTY.has(word) || said.has(word)) ? rest : null
}

const SET_ASIDE = /^[^.]*\b(?:reserve|set aside)(?=\.|$)/i

/** ◊ Short first sentences are titles where so many of a method's lines begin with one. */
const MOST_OF = 0.6
const FEWEST = 3

/** "MAKE MARSHMALLOWS: Sprinkle the gelatin": a title that is written as one. */
const IN_CAPITALS = /^(\p{Lu}[\p{Lu} ]{3,40}):\s+(?=\p{Lu}\p{Ll})/u
const withoutCapitals = (line: string): string =>
  DOES.test(IN_CAPITALS.exec(line)?.[1] ?? '') ? line.replace(IN_CAPITALS, '') : line

/** "STEP 1: PREP", "Step 2 - Boil the syrup": a title in a line of its own. */
const STEP_TITLE = /^step\s+\d{1,2}\s*[:.–—-]?\s*[^.:!?;\d]{3,40}$/i
/** Steps whose titles each stand over what is told. */
const underTitles = (told: readonly string[]): readonly string[] => {
  const titles = told.flatMap((line, i) => (STEP_TITLE.test(line) ? [i] : []))
  const stand = titles.every((i) => told[i + 1] !== undefined && !STEP_TITLE.test(told[i + 1] as string))
  return titles.length >= 2 && stand ? told.filter((line) => !STEP_TITLE.test(line)) : told
}

/** The lines of a method without their titles. A title that says more than its line stays. */
export function withoutTitles(lines: readonly string[]): string[] {
  const told = underTitles(lines).map(withoutCapitals)
  const stopped = told.filter((line) => afterTitle(line, '.') !== null).length
  const areTitled = stopped >= FEWEST && stopped >= MOST_OF * told.length
  // a title that says more is one sentence with what it stands over
  const joined = (line: string): string => {
    const [, title = '', , rest = ''] = TITLED.exec(bare(line)) ?? []
    return DOES.test(title) ? `${title}: ${rest}` : line
  }
  return told.map((line) => afterTitle(line, ':') ?? (areTitled ? (afterTitle(line, '.') ?? joined(line)) : line))
}
