/** The lines of a list as they are understood, with what each is called in a method. */

import { callsTyped, fullNames, fullTyped, mentions, namesOf, namesTyped } from '../../formula/called'
import type { FormulaDocument, Line } from '../../formula/document'
import { idFor } from '../../formula/edit'
import { LONGEST_SAY, short } from '../../formula/sentence'
import type { Ingredient } from '../../matter/ingredient'
import { ingredients } from '../../matter/ingredients'
import { readLine, usedAs } from '../../matter/line'
import { numberText, readNumber } from '../../quantity/number'
import type { Lexicon, Question } from '../draft/draft'
import { callsMarked } from '../text/lettered'
import { purposeIn, shellOf, type Written, waitsIn } from '../text/listed'
import type { Headed } from '../text/split'
import { bare } from '../text/unmarked'
import { isStrainedOut } from './strained'

/** The lines of a list: those that are understood, with what they are, and those to ask about. */
export function readLines(list: readonly Headed[], { pantry, house }: Lexicon) {
  const lines: Line[] = []
  const questions: Omit<Question, 'group'>[] = []
  const known = new Map<string, Ingredient>()
  const written: Written[] = []
  const rows = list.flatMap(({ heading, lines }) => lines.flatMap(inWater).map((row) => ({ ...row, heading })))
  for (const { heading, typed, isCarrier } of rows) {
    const carries = isCarrier ? (written.at(-1)?.id ?? null) : null
    const reading = readLine(bare(typed), pantry, house)
    const taken = [...lines, ...questions].map((l) => l.id)
    const said = {
      heading,
      purpose: purposeIn(typed) ?? shellOf(heading, typed),
      waits: waitsIn(typed),
      calls: [...callsTyped(bare(typed)), ...callsMarked(typed, heading)],
      typed: fullTyped(bare(typed)),
      carries,
    }
    if (reading.status === 'ask') {
      const id = idFor('ask', taken)
      questions.push({ id, text: bare(typed), reading })
      // where the juice is another line, it is not what "pineapple flavour" most likely is
      const [guess] = reading.candidates
      const likely = reading.ingredient ?? (guess && known.has(guess.id) ? undefined : guess)
      // "powdered sugar" is no sugar by itself
      const full = [fullTyped(bare(typed)), ...(reading.ingredient ? fullNames(reading.ingredient) : [])]
      written.push({ ...said, id, names: namesTyped(typed, likely), full })
    } else {
      const id = idFor(reading.ingredient.name, taken)
      known.set(reading.ingredient.id, reading.ingredient)
      const line: Line = {
        id,
        group: 'pot',
        ingredient: reading.ingredient.id,
        grams: Math.round(reading.grams * 10) / 10,
        typed: short(bare(typed), LONGEST_SAY),
        ...noted(reading.note, reading.ingredient),
      }
      lines.push(line)
      written.push({ ...said, id, names: namesOf(line, reading.ingredient), full: fullNames(reading.ingredient) })
    }
  }
  return { lines, questions, known, written }
}

/** "1 tsp soda, dissolved in 2 tsp hot water", "malic acid 6 g in 6 g water" */
const IN_WATER =
  /^(.*\p{L}),?\s+\(?(?:(?:bloomed|dissolved|hydrated|mixed|slaked|soaked|softened|stirred)\s+(?:in|into|with)|in(?=\s+[\d.,½]+\s?(?:g|ml)\s+(?:\p{L}+\s+)?water$))\s+((?:about\s+)?[\d¼½¾⅓⅔].*\b(?:brandy|cream|juice|milk|rum|water|whisky))(?:\s+(?:overnight|for\s.{3,20}))?\)?\.?$/iu

/** "16 g citric acid solution 50 %", "citric acid solution (1:1), 16 g" */
const SOLUTION =
  /^(?=.*?(\d[\d.,]*) ?g\b)(?=.*?\b(?:(\d{2}) ?%|1 ?: ?1|equal parts|half and half))(?=.*?\b((?:citric|lactic|malic|tartaric) acid) sol(?:ution|n?\.?)(?!\p{L}))/iu
/** What is weighed as a solution, and the water in it; null for any other row. */
function dissolved(typed: string): readonly [what: string, carrier: string] | null {
  const [, grams, percent = '50', acid] = SOLUTION.exec(typed) ?? []
  const all = readNumber(grams ?? '')
  const pure = (all * Number(percent)) / 100
  return acid && all > 0 ? [`${numberText(pure)} g ${acid}`, `${numberText(all - pure)} g water`] : null
}

/** A row of a list, and what it is stirred into as one of its own. */
function inWater(typed: string): { typed: string; isCarrier: boolean }[] {
  const [what = typed, carrier] = dissolved(typed) ?? IN_WATER.exec(typed)?.slice(1) ?? []
  return [{ typed: what, isCarrier: false }, ...(carrier === undefined ? [] : [{ typed: carrier, isCarrier: true }])]
}

/** A line's note, with what it says is done beforehand. */
const noted = (note: string | null, ingredient: Ingredient): Pick<Line, 'note' | 'prepare' | 'strained'> => ({
  ...(note && { note: short(note, LONGEST_SAY) }),
  ...usedAs(note, ingredient),
})

const TOASTS = /\b(?:toast|roast)/i

/** A line as its method uses it: whether it is toasted, and whether it is strained out again. */
export const asUsed = (line: Line, ingredient: Ingredient, said: readonly string[]): Line => {
  const toasted = asToasted(line, ingredient, said)
  return isStrainedOut(said, namesOf(line, ingredient), ingredient)
    ? { ...toasted, strained: true, note: strainedNote(line.note) }
    : toasted
}

const STRAINED_OUT = 'strained out'
/** A note that says as well that nothing of it stays in the sweet. */
export const strainedNote = (note: string | null | undefined): string =>
  short(note ? `${note}, ${STRAINED_OUT}` : STRAINED_OUT, LONGEST_SAY)

/** A line whose nuts are toasted beforehand only where the recipe says so: house ways are not put into another's mouth. */
function asToasted(line: Line, ingredient: Ingredient, said: readonly string[]): Line {
  const usual = line.prepare ?? ingredient.prepare
  const isToasted =
    TOASTS.test(line.typed ?? '') || said.some((s) => TOASTS.test(s) && mentions(s, namesOf(line, ingredient)))
  return usual.includes('toast') ? { ...line, prepare: usual.filter((how) => isToasted || how !== 'toast') } : line
}

/** The kitchen's own ingredients of a list, as they go with a formula. */
export function ownOf(known: ReadonlyMap<string, Ingredient>): Pick<FormulaDocument, 'own'> {
  const own = [...known.values()].filter((i) => !ingredients.includes(i))
  return own.length > 0 ? { own } : {}
}
