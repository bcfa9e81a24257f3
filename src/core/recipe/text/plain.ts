/** A pasted text as plain lines: without the marks of a note or a web page, and the rows of a table as lines of a list. */

import { capital, uncapital } from '../../formula/sentence'
import { measureAt } from '../../matter/amount'
import { beginsDone } from '../sentence/endings'
import { inSentences } from './case'
import { amountsFirst } from './numbers'
import { spelledOut } from './shorthand'
import {
  asItStands,
  cellsIn,
  codeOf,
  groupOf,
  HAS_NUMBER,
  type Head,
  headOf,
  isAmount,
  isBeside,
  lineOf,
  RULE,
  sheetIn,
  strokedIn,
  toldOf,
} from './tables'
import { asTyped } from './typed'
import { unwrapped } from './wrapped'

/** "## Method", "> ", "- [ ] ", "- [x] " */
const LEADS = /^(?:#{1,6}\s+|>\s+)/
const TICK_BOX = /^(?:[-*+]\s+)?(?:\[[ x]?\]\s+|[☐☑☒✓✔□▪◦○●]\s*)/i
/** "**200 g**", "*Makes 36*", "`x`" */
const STRONG = /(\*\*|__|`)(?=\S)(.+?)\1/g
const STRESSED = /(^|[\s(])([*_])(?=[^\s*_])([^*_]+)\2(?=[\s.,;:!?)]|$)/g

/** "3. **Cook the sugar.** In a heavy pan …", "**Prep** – line a tin": the title of a step. */
const TITLE = /^(\d+[.)]\s+)?\*\*([^*\d]{3,40}?)(?:[.:]\*\*|\*\*\s*[:–—-])\s+(?=\S)/

/** "**Toffee**", "### For the coat", with nothing after it: a heading, where it does not stand first. */
const HEADING = /^(?:#{2,6}\s+([^#\d]{3,40}?)|\*\*([^*\d]{3,40}?)\*\*):?$/
/** "1️⃣ Butter a tin", "🍯 Honey caramels" */
const PICTURES = /^(?:\d\uFE0F?\u20E3|(?![\d#*©®™])\p{Extended_Pictographic}[\uFE0F\u200D]*)+\s*/u

/** "Boil to 150 °C 🌡️" */
const PICTURES_AFTER = /\s*(?:(?![\d#*©®™])\p{Extended_Pictographic}[\uFE0F\u200D]*)+(?=$|[.!])/gu

/** "iv. Nuts in": steps counted as the Romans did. */
const ROMAN = ['i', 'ii', 'iii', 'iv', 'v', 'vi', 'vii', 'viii', 'ix', 'x', 'xi', 'xii']
const ROMAN_STEP = new RegExp(`^(${ROMAN.join('|')})([.)])(?=\\s+\\S)`)

/** "a) Warm the cream": counted by letters. */
const LETTERS = 'abcdefghij'
const LETTERED = /^([a-j])\)(?=\s+\p{Lu}\p{Ll})/u
/** "Day 1: soak the fruit" */
const DAY = /^day \d\s*[:.–-]\s*(?=\S)/i
/** "Sugar ........ 120 g" */
const LEADER =
  /(?<=[\p{L}\d%)])\s*(?:\.{3,}|…+|(?:\. ){3,}\.?)\s*(?=\d+(?:[.,]\d+)?(?:\s?(?:k?g|m?l|oz|lbs?)\b|$))|\s*\.{4,}\s*(?=[\d¼½¾⅓⅔])|(?<=\S) \.{1,2} (?=\d+(?:[.,]\d+)?$)/gmu

const unmarked = (line: string): string =>
  line
    .trim()
    .replace(LEADER, ' ')
    .replace(LETTERED, (_, letter: string) => `${LETTERS.indexOf(letter) + 1})`)
    .replace(ROMAN_STEP, (_, roman: string, mark: string) => `${ROMAN.indexOf(roman) + 1}${mark}`)
    .replace(LEADS, '')
    .replace(DAY, '')
    .replace(PICTURES, '')
    .replace(PICTURES_AFTER, '')
    .replace(TICK_BOX, '')
    .replace(TITLE, '$1$2: ')
    .replace(STRONG, '$2')
    .replace(STRESSED, '$1$3')
    .trim()

/** "1 Put the sugar in a pan", one of several in a row of numbers; an amount of something is none. */
const COUNTED = /^(\d{1,2})\s+(?!x\b)(?=\p{L})/u
/** ◊ So many in a row count steps, where most of them are as long as sentences. */
const FEWEST = 3
const LONG = 25
/** ◊ And no more of them than this share look like an amount. */
const MOST_AMOUNTS = 0.25

/** Lines with a point behind the numbers that count them. */
function pointed(lines: readonly string[]): readonly string[] {
  const steps: number[] = []
  for (const [i, line] of lines.entries()) if (Number(COUNTED.exec(line)?.[1]) === steps.length + 1) steps.push(i)
  const isStep = (i: number): boolean =>
    (lines[i] as string).length > LONG ||
    /[.!]$/.test(lines[i] as string) ||
    beginsDone((lines[i] as string).replace(COUNTED, ''))
  const isAmount = (i: number): boolean => (measureAt(lines[i] as string, [])?.unit?.kind ?? 'count') !== 'count'
  // "4 Spoon out mounds" looks like an amount
  const amounts = steps.filter(isAmount).length
  const isList = amounts > MOST_AMOUNTS * steps.length || 2 * steps.filter(isStep).length < steps.length
  if (steps.length < FEWEST || isList) return lines
  return lines.map((line, i) => (steps.includes(i) ? line.replace(COUNTED, '$1. ') : line))
}

/** "0:26 121", "14:05 off": what was done by the clock. */
const CLOCK = /^(\d{1,2})[:.h](\d{2})\s+(?=\S)/
const AT_CLOCK = /^(\d{3})(?=$|[ ,;]+(.*)$)/
/** "20:40 marked": what somebody did, as what is to be done. */
const PAST = /^(add|boil|cover|mark|pour|scor|start|stir|turn|wrap)(?:r|p)?ed\b/i
/** What was done then as a sentence: a figure alone is what it was cooked to. */
const doneThen = (row: string): string => {
  const said = row.replace(CLOCK, '').replace(PAST, (_, did: string) => (did.toLowerCase() === 'scor' ? 'score' : did))
  const [, heat, rest] = AT_CLOCK.exec(said) ?? []
  return `${heat ? `Cook to ${heat}${rest ? `. ${capital(rest)}` : ''}` : capital(said)}.`
}

/** Rows that are told by the clock, each later than the one before, as a method. */
function told(rows: readonly string[]): readonly string[] {
  const minutes = rows.flatMap((row) => {
    const [, hours, past] = CLOCK.exec(row) ?? []
    return hours ? [60 * Number(hours) + Number(past)] : []
  })
  const isClock = minutes.length >= FEWEST && minutes.every((m, i) => i === 0 || m >= (minutes[i - 1] as number))
  if (!isClock) return rows
  const from = rows.findIndex((row) => CLOCK.test(row))
  return [...rows.slice(0, from), 'Method', ...rows.slice(from).map((row) => (CLOCK.test(row) ? doneThen(row) : row))]
}

/** "-- cook 119", "— butter in": what is done, marked by dashes where the list has none. */
const DASHED = /^\s*(?:--+\s*|—\s+)(?=[\p{L}\d])/u
function dashed(rows: readonly string[]): readonly string[] {
  let count = 0
  if (rows.filter((row) => DASHED.test(row)).length < 2) return rows
  return rows.map((row) => (DASHED.test(row) ? row.replace(DASHED, `${++count}. `) : row))
}

/** Where at least `least` rows follow one another that each are where they count to, from 0; -1 for nowhere. */
const runFrom = (rows: readonly string[], least: number, isAt: (i: number, n: number) => boolean): number =>
  rows.findIndex((_, i) => Array.from({ length: least }).every((_, n) => isAt(i + n, n)))

/** "a. Butter in the pan", "b. Sugar in", "c. To 141°": steps counted by small letters with a point. */
const LETTER_STEP = /^\s*([a-j])[./]\s+[\p{L}\d]/u
function letteredSteps(rows: readonly string[]): readonly string[] {
  const isAt = (i: number, n: number): boolean => LETTER_STEP.exec(rows[i] ?? '')?.[1] === LETTERS.charAt(n)
  const from = runFrom(rows, 3, isAt)
  if (from < 0) return rows
  return rows.map((row, i) => (isAt(i, i - from) ? row.replace(/^\s*[a-j][./]/, `${i - from + 1}.`) : row))
}

/** "A  Egg white 360 g", beneath it "   Sugar 90 g": groups told by a column of letters. */
const IN_COLUMN = /^\s*([A-H])(?:\t| {2,})\s*(?=\p{L})/u
function letteredGroups(rows: readonly string[]): readonly string[] {
  const marks = rows.flatMap((row) => IN_COLUMN.exec(row)?.[1] ?? [])
  if (marks.length < 2 || marks.some((mark, n) => mark.toLowerCase() !== LETTERS[n])) return rows
  return rows.flatMap((row) => {
    const [all = '', mark] = IN_COLUMN.exec(row) ?? []
    return mark ? [`${mark}:`, row.slice(all.length)] : [row]
  })
}

/** "2 cups heavy cream" */
const IS_AMOUNT =
  /^\s*\d+\s+(?:cans?|cups?|envelopes?|gallons?|lbs?|ounces?|oz|packets?|pints?|pounds?|quarts?|sheets?|sticks?|t(?:able|ea)spoons?|tbsps?|tsps?)\b/i
/** "1 Boil the sugar and the water", "2 Pour …": steps counted without a point, one beneath the other. ◊ So many of them, and so long on average, are no list. */
const COUNTED_ROWS = { rows: 4, letters: 20 }
const BARE_STEP =
  /^\s*(\d+)\s+(?:\p{L}|\d+ ?°|\d+ ?(?:h|hours?|min(?:ute)?s?)(?!\p{L})|[1-3]\d\d\b(?! ?(?:k?g|m?l|oz|lbs?)\b))/u
function countedSteps(rows: readonly string[]): readonly string[] {
  const isAt = (i: number, n: number): boolean => BARE_STEP.exec(rows[i] ?? '')?.[1] === String(n + 1)
  const from = runFrom(rows, COUNTED_ROWS.rows, isAt)
  if (from < 0) return rows
  const last = rows.findIndex((_, i) => i >= from && !isAt(i + 1, i + 1 - from))
  const steps = rows.slice(from, last + 1)
  if (steps.join('').length < COUNTED_ROWS.letters * steps.length || steps.some((row) => IS_AMOUNT.test(row)))
    return rows
  return rows.map((row, i) => (i >= from && i <= last ? row.replace(/^\s*\d+/, '$&.') : row))
}

/** "Step 3: boil the sugar to 118 °C.": a count, where more than a title follows. */
const STEP_SAID = /^(\s*)step (\d{1,2})\s*[:.)–-]\s+(?=.*(?:[.!)]|\S{3} .{25,})\s*$)/i
const countedInWords = (row: string): string => row.replace(STEP_SAID, '$1$2. ')

/** "1) Boil the sugar. 2) Add the butter", "1. boil it, 2. pour", "1 Line a tin. 2 Boil": steps counted in one row, a row each. */
const IN_ROW = /\s+(?=\d{1,2}\)\s+\p{L})|,\s+(?=\d{1,2}\.\s+\p{L})|(?<=[.;!])\s+(?=\d{1,2}(?:\s+\p{Lu}\p{Ll}|\/\s))/u
const BARE_COUNT = /^(\d{1,2})\s+(?=\p{Lu})/u
const BEGINS_COUNT = /^(\d{1,2})(?:[./)]|(?=\s+\p{Lu}))\s/u
function stepsApart(line: string): string[] {
  const steps = line.split(IN_ROW)
  const counts = steps.map((s) => Number(BEGINS_COUNT.exec(s)?.[1]))
  const isCounted = counts.every((n, i) => n === (counts[0] as number) + i)
  // "2 Heat the sugar until it dissolves. 3 Add the butter"
  const isDone = steps.length > 1 && steps.every((s) => beginsDone(s.replace(BEGINS_COUNT, '').trim()))
  return isCounted && (isDone || (counts[0] === 1 && steps.length >= FEWEST))
    ? steps.map((s) => s.replace(BARE_COUNT, '$1. '))
    : [line]
}

/** Stands for a line where a heading ends: what follows stands under it no more. */
export const ROW_ENDS = ''
const INDENTED = /^\s{2,}\S/
/** "Starch cream", over rows with amounts that are set in: a heading, whatever it is called. */
const OVER_SET_IN = /^\p{L}[\p{L} '’&-]{2,30}$/u
const isOverSetIn = (rows: readonly string[], i: number): boolean =>
  OVER_SET_IN.test(rows[i] ?? '') &&
  [1, 2].every((n) => /^\s/.test(rows[i + n] ?? '') && HAS_NUMBER.test(rows[i + n] ?? ''))

/** The lines of a text, empty only where what was set in under a heading ends. */
export const plainLines = (text: string): readonly string[] =>
  pointed(
    linesOf(inSentences(asTyped(text)))
      .flatMap(stepsApart)
      // a name is no shorthand, whatever arrow stands in it
      .map((line, i, all) =>
        i === 0 && all.length > 1 && !HAS_NUMBER.test(line) ? line : spelledOut(amountsFirst(line)),
      ),
  )

/** "Cook A2, A3 and A4": what a table calls so. */
const CODED = /(?<![\p{L}\d])[A-H]-?\d{1,2}(?![\p{L}\d])/gu

function linesOf(text: string): string[] {
  const codes = new Map<string, string>()
  const out: string[] = []
  let head: Head | null = null
  let opened = false
  let setIn = false
  let group: string | null = null
  const rows = told(
    unwrapped(countedSteps(letteredGroups(letteredSteps(dashed(sheetIn(text.split(/\r?\n/)).map(countedInWords)))))),
  )
  const stroked = strokedIn(rows)
  for (const [i, raw] of rows.entries()) {
    const cells = cellsIn(raw.trim(), stroked.has(raw.trim()))?.map(unmarked) ?? null
    if (RULE.test(raw.trim())) continue
    if (cells === null) {
      // an empty row under the head parts it from its own
      if (opened && raw.trim() === '') continue
      opened = false
      head = null
      const [, titled, strong] = (out.length > 0 && HEADING.exec(raw.trim())) || []
      const stands = out.length > 0 && isOverSetIn(rows, i)
      const heading = titled ?? strong ?? (stands ? raw : null)
      const line = heading === null ? unmarked(raw) : `${unmarked(heading).replace(/:$/, '')}:`
      if (!line) continue
      const isAmountSetIn = INDENTED.test(raw) && HAS_NUMBER.test(line)
      if (setIn && !INDENTED.test(raw) && HAS_NUMBER.test(line)) out.push(ROW_ENDS)
      out.push(line)
      setIn = isAmountSetIn
      continue
    }
    const opens: Head | null = head === null ? headOf(cells, RULE.test(rows[i + 1]?.trim() ?? '')) : null
    opened = opens !== null
    // "200 g | sugar" and "1 | Put the sugar in a pan" read as they stand
    if (opens) {
      head = opens
      if (opens.tells) out.push('Method')
    } else if (head?.tells) out.push(toldOf(cells, head.tells))
    else {
      const over = head ? groupOf(cells, head) : null
      if (over !== null && over !== group) out.push(over)
      group = over
      const full = cells.filter((c, i) => c !== '' && !isBeside(head, i))
      const code = head && codeOf(cells, head)
      if (code) codes.set(code, uncapital((full.find((c) => !isAmount(c)) ?? '').replace(/[,(].*/, '').trim()))
      out.push(isAmount(full[0] as string) && head === null ? asItStands(full) : lineOf(cells, head))
    }
  }
  return codes.size === 0 ? out : out.map((line) => line.replace(CODED, (code) => codes.get(code) ?? code))
}
