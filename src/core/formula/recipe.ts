/** A whole recipe pasted as text, made into a draft: what is sure is taken, what is not is asked. */
import type { FamilyId } from '../craft/families'
import { boiledFamilies } from '../craft/families'
import type { Ingredient } from '../matter/ingredient'
import { type HouseUnit, type LineReading, preparationsIn, readLine } from '../matter/line'
import type { Pantry } from '../matter/names'
import { parseNumber } from '../quantity/number'
import { toCelsius } from '../quantity/temperature'
import type { FormulaDocument, Line, Step, Trigger } from './document'
import { idFor, plainPour, plainPull } from './edit'

export interface Question {
  readonly id: string
  readonly group: string
  readonly text: string
  readonly reading: Extract<LineReading, { status: 'ask' }>
}

export interface Draft {
  readonly formula: FormulaDocument
  /** Lines that are not in the formula yet, because something is unsure. */
  readonly questions: readonly Question[]
}

const HEAD_LIST = /^(?:ingredients|you(?:'|’)?ll need|you will need|what you need|for the (?!.*\d).*)\s*:?$/i
const HEAD_METHOD = /^(?:method|directions?|instructions?|preparation|steps?|how to make(?: it)?|to make.*)\s*:?$/i
const NOTHING = /^(?:serves|makes|yield|prep(?:aration)? time|cook(?:ing)? time|total time|notes?)\b.*$/i

const bare = (line: string): string => line.replace(/^\s*(?:[-–*•·▢□]|\d+[.)])\s+/, '').trim()

const beginsWithAmount = (line: string): boolean =>
  parseNumber(bare(line)) !== null || /^(?:a |an )?(?:pinch|dash|knob|handful|splash|juice)\b/i.test(bare(line))

/** ◊ A sentence of method is longer than a line of the list, or ends as sentences do. */
const looksLikeMethod = (line: string): boolean =>
  line.length > 90 || (/[.!]$/.test(line) && line.split(' ').length > 5)

interface Split {
  name: string
  list: string[]
  method: string[]
}

function split(text: string): Split {
  const lines = text
    .split(/\r?\n/)
    .map((l) => l.trim())
    .filter((l) => l && !NOTHING.test(l))
  const out: Split = { name: '', list: [], method: [] }
  let mode: 'start' | 'list' | 'method' = 'start'
  for (const line of lines) {
    if (HEAD_LIST.test(line)) mode = 'list'
    else if (HEAD_METHOD.test(line)) mode = 'method'
    else if (mode === 'method') out.method.push(line)
    else if (looksLikeMethod(line) && !(mode === 'list' && beginsWithAmount(line))) {
      mode = 'method'
      out.method.push(line)
    } else if (!out.name && mode === 'start' && !beginsWithAmount(line)) out.name = line
    else {
      mode = 'list'
      out.list.push(line)
    }
  }
  return out
}

/** ◊ What a name says of the family, first match. */
const familyWords: readonly (readonly [RegExp, FamilyId])[] = [
  [/marshmallow/i, 'marshmallow'],
  [/nougat|torrone/i, 'nougat'],
  [/fudge/i, 'fudge'],
  [/brittle|praline/i, 'brittle'],
  [/honeycomb|cinder/i, 'honeycomb'],
  [/toffee|butterscotch|butter crunch/i, 'toffee'],
  [/popcorn/i, 'popcorn'],
  [/sauce|pouring/i, 'caramel-sauce'],
  [/lolli|drop|hard candy|boiled sweet|rock/i, 'hard-candy'],
  [/caramel/i, 'caramel'],
]

const familyOf = (text: string): FamilyId => familyWords.find(([words]) => words.test(text))?.[1] ?? 'caramel'

const TEMPERATURE =
  /(\d{2,3})(?:\s*(?:–|-|to)\s*(\d{2,3}))?\s*(?:°|º|degrees?)?\s*(c|f|celsius|fahrenheit)\b|(\d{2,3})\s*[°º]/i

/** The temperature a sentence speaks of, °C; the middle of a range. Without a unit, above 200 is taken as °F. */
export function temperatureIn(sentence: string): number | null {
  const found = TEMPERATURE.exec(sentence)
  if (!found) return null
  const low = Number(found[1] ?? found[4])
  const middle = found[2] ? (low + Number(found[2])) / 2 : low
  const unit = found[3]?.[0]?.toLowerCase() ?? (middle > 200 ? 'f' : 'c')
  return Math.round(10 * (unit === 'f' ? toCelsius(middle) : middle)) / 10
}

function secondsIn(sentence: string): number | null {
  const found =
    /(?:for|after|about|set|cool|rest|wait)\D{0,25}?(\d+)(?:\s*(?:–|-|to)\s*\d+)?\s*(seconds?|minutes?|mins?|hours?|hrs?)/i.exec(
      sentence,
    )
  if (!found) return null
  const unit = (found[2] as string)[0]?.toLowerCase()
  return Number(found[1]) * (unit === 's' ? 1 : unit === 'm' ? 60 : 3600)
}

const sentences = (lines: readonly string[]): string[] =>
  lines
    .flatMap((l) => bare(l).match(/[^.!?]+(?:\.(?=\d)[^.!?]+)*[.!?]?/g) ?? [])
    .map((s) => s.trim().replace(/[.!]$/, ''))
    .filter((s) => s.length > 3)

const short = (text: string, most: number): string =>
  text.length <= most ? text : `${text.slice(0, most - 1).replace(/\s+\S*$/, '')}…`

const label = (text: string): string => short(text.split(/[,;:]/)[0]?.split(' ').slice(0, 3).join(' ') ?? text, 24)

/** Oven work is not the pot's temperature. */
const inOven = (s: string): boolean => /\b(oven|bake|preheat)\b/i.test(s)

function stepsFrom(said: readonly string[], target: number): Step[] {
  const taken = new Set<string>()
  let pulled = false
  const steps = said.map((text, i): Step => {
    const celsius = inOven(text) ? null : temperatureIn(text)
    const seconds = secondsIn(text)
    let when: Trigger = { on: 'ready' }
    if (celsius !== null && Math.abs(celsius - target) < 1 && !pulled) {
      when = { on: 'target' }
      pulled = true
    } else if (celsius !== null && celsius > 60 && !pulled) when = { on: 'rises', celsius }
    else if (celsius !== null && pulled && celsius < target) when = { on: 'falls', celsius }
    else if (seconds !== null && i > 0) when = { on: 'after', seconds }
    else if (i > 0 && !pulled && /\b(comes? to (?:a|the) boil|once (?:it )?boil|when (?:it )?boil)/i.test(text))
      when = { on: 'boil' }
    const id = idFor(label(text), taken)
    taken.add(id)
    return {
      id,
      label: label(text),
      when,
      say: short(text, 190),
      why: 'As the recipe says.',
      act: 'Done',
      ...(i === 0 && { adds: 'pot', heat: 6, cautions: ['hotSugar'] }),
      ...(when.on === 'target' && { offHeat: true, cautions: ['unattended'] }),
    }
  })
  return withEnds(steps)
}

/** Every boiled formula is lit, pulled and emptied: what the text leaves out is put in plainly. */
function withEnds(steps: readonly Step[]): Step[] {
  const out = [...steps]
  if (!out.some((s) => s.adds))
    out.unshift({
      id: 'start',
      label: 'All in',
      when: { on: 'ready' },
      say: 'Everything on',
      why: 'As the list says.',
      act: 'Heat is on',
      adds: 'pot',
      heat: 6,
      cautions: ['hotSugar'],
    })
  if (!out.some((s) => s.when.on === 'target')) out.push(plainPull)
  const pourAt = out.findIndex(
    (s) =>
      /\b(pour|spread|turn out|scrape)\b/i.test(s.say) && out.indexOf(s) > out.findIndex((x) => x.when.on === 'target'),
  )
  if (pourAt >= 0) out[pourAt] = { ...(out[pourAt] as Step), empties: true }
  else out.push(plainPour)
  return out
}

/** A line's note, with what it says is done beforehand. */
function noted(note: string | null, ingredient: Ingredient): Pick<Line, 'note' | 'prepare'> {
  const prepare = preparationsIn(note, ingredient)
  return { ...(note && { note: short(note, 190) }), ...(prepare && { prepare }) }
}

/** ◊ Sugar work is pulled between these, °C. */
const isTarget = (c: number): boolean => c >= 100 && c <= 180

/** Reads a recipe. Everything written is either in the draft, among its questions, or in its notes. */
export function readRecipe(text: string, pantry: Pantry, house: readonly HouseUnit[] = []): Draft {
  const { name, list, method } = split(text)
  const family = familyOf(`${name} ${method.join(' ')}`)
  const said = sentences(method)
  const warm = said
    .flatMap((s) => (inOven(s) ? [] : [temperatureIn(s)]))
    .filter((c): c is number => c !== null && isTarget(c))
  const facts = boiledFamilies[family as keyof typeof boiledFamilies]
  const target = warm.at(-1) ?? (facts.usual.low + facts.usual.high) / 2
  const lines: Line[] = []
  const questions: Question[] = []
  for (const typed of list) {
    const reading = readLine(bare(typed), pantry, house)
    const taken = [...lines, ...questions].map((l) => l.id)
    if (reading.status === 'ask') questions.push({ id: idFor('ask', taken), group: 'pot', text: typed, reading })
    else
      lines.push({
        id: idFor(reading.ingredient.name, taken),
        group: 'pot',
        ingredient: reading.ingredient.id,
        grams: Math.round(reading.grams * 10) / 10,
        typed: short(typed, 190),
        ...noted(reading.note, reading.ingredient),
      })
  }
  return {
    questions,
    formula: {
      version: 1,
      name: short(name || 'A pasted recipe', 120),
      family,
      school: Object.keys(facts.schools)[0] as string,
      about: '',
      groups: [{ id: 'pot', label: 'In the pot', celsius: 20 }],
      lines,
      target: { celsius: target, within: 1.5 },
      steps: stepsFrom(said, target),
      shape: { kind: 'cut', lengthMm: 25, widthMm: 25, heightMm: 15 },
      waste: 0.05,
      boils: [],
      notes: short(text, 4900),
      source: 'pasted text',
    },
  }
}
