/** A list told in turns with its method: "Boil to 240. Add:", over what is added then, and on with "Cook to 300". */
import { measureAt } from '../matter/amount'
import { bare, isRowOfList } from './rows'

/** "Add:", "cool 5 min, then stir in:" */
const ADDS_BELOW = /^(?!to\b)(.*\b(?:add|beat in|blend in|fold in|mix in|stir in|whisk in)) ?:$/i

/** What a row of a list names, without its amount and what is said of it. */
const namedIn = (row: string): string => (measureAt(bare(row), [])?.rest ?? row).split(/[,(]/)[0]?.trim() ?? ''

/** Lines in which a sentence names what stands in the rows below it; those rows stay, for the list. */
export const namedBelow = (lines: readonly string[]): string[] =>
  lines.map((line, i) => {
    const adds = ADDS_BELOW.exec(line)?.[1]
    if (adds === undefined) return line
    const after = lines.slice(i + 1)
    const ends = after.findIndex((l) => !isRowOfList(l))
    const rows = after.slice(0, ends)
    // what no sentence follows is the heading of a list
    return ends < 1 ? line : `${adds} ${rows.map(namedIn).join(', ')}.`
  })
