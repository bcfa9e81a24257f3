/** Headings that are only marks, "A" or "Part 1", by which the method calls what stands beneath them. */

import { typedName } from '../../formula/called'
import { capital, uncapital } from '../../formula/sentence'
import { MARKED } from './marks'
import type { Headed } from './split'
import { bare } from './unmarked'

const MARK = new RegExp(`^(?:(?:${MARKED}) (?:\\d|one|two|three|four|five|six)|(?:(?:${MARKED}) )?([A-H]))$`, 'i')
/** The same in the words of a method, where only a letter in capitals is a mark. */
const MARKED_THERE = MARKED.replace(/\b\w/g, (letter) => `[${letter.toUpperCase()}${letter}]`)
/** Whether a heading is no name, but a mark. */
export const isMark = (heading: string): boolean => MARK.test(heading)

/** "Sucrose 300 g": what it is called, without its amount. */
const calledIn = (line: string): string => typedName(bare(line)).trim().replace(SHARE, '')
/** "Glucose syrup 43": how sweet, or how fat, it is. */
const SHARE = / \d{2}$/

/** What a method calls a line by that stands under a mark: "purée A"; none under any other heading. */
export function callsMarked(line: string, heading: string | null): string[] {
  const letter = MARK.exec(heading ?? '')?.[1]
  const noun = calledIn(line).split(/\s+/).at(-1)
  return letter && noun ? [`${noun} ${letter}`] : []
}

/** "B into A in 4 lots" */
const ONE_INTO_ANOTHER = /(?<=^|[.;] )([A-H]) ((?:on|in|over)(?:to)? [A-H]\b)/g

/** Lines of a method with the names of what a mark stands for in its place: "bring A to the boil" becomes "bring sugar, water to the boil". */
export function withNames(told: readonly string[], list: readonly Headed[]): string[] {
  const marks = list.flatMap(({ heading, lines }) => {
    const [whole, letter] = MARK.exec(heading ?? '') ?? []
    if (whole === undefined || lines.length === 0) return []
    const called = letter === undefined ? `\\b${whole}\\b` : `(?:\\b(?:${MARKED_THERE}) )?(?<![°º\\d] ?)\\b${letter}\\b`
    // a letter that begins a sentence is most likely an article, but not before "to 124°", "over A", "in"
    const opens =
      letter === undefined
        ? '|(?<=^|[.;] )'
        : `|(?<=\\w ?[+&] ?)|(?<=^(?:\\d{1,2} ?[./)] ?)?|[.;] )(?=${letter} (?:to \\d|at \\d|over|onto|into|in\\b))`
    return [
      {
        said: new RegExp(`(?:(?<=\\w,? )${opens})${called}`, letter === undefined ? 'gi' : 'g'),
        names: lines.map((row) => uncapital(calledIn(row))),
      },
    ]
  })
  // "purée A" is the purée of A alone, and is called so
  const one = (names: readonly string[], before: string): string | undefined =>
    before.length > 3 ? names.find((name) => name.toLowerCase().split(/\s+/).includes(before.toLowerCase())) : undefined
  return told.map((line) =>
    marks.reduce(
      (text, { said, names }) =>
        text.replace(said, (mark: string, ...found) => {
          const [at, whole] = found.slice(-2) as [number, string]
          const before = /(\p{L}+)\s$/u.exec(whole.slice(0, at))?.[1] ?? ''
          if (one(names, before) !== undefined) return mark
          // "phase 2 sugar" is that sugar alone, and is called so after it
          const after = /^\s(\p{L}+)/u.exec(whole.slice(at + mark.length))?.[1] ?? ''
          if (one(names, after) !== undefined) return 'the'
          const called = names.join(', ')
          return /(?:^|[.!?] )$/.test(whole.slice(0, at)) ? capital(called) : called
        }),
      marks.length > 0 ? line.replace(ONE_INTO_ANOTHER, 'Pour $1 $2') : line,
    ),
  )
}
