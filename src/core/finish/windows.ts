/** Which temperatures a work can be done at, and what a mass can do at each. */

import { type Course, whenDownTo } from '../cooling/course'
import { type FamilyId, families, setsAt, workOf } from '../craft/families'
import type { FamilyFacts, UsualWork, Work } from '../craft/families/family'
import { type Chocolate, chocolates, type HandworkKind, heights, type WorkWindow } from '../craft/handwork'
import { type FormulaDocument, isBoiled, type Step } from '../formula/document'
import type { Mix } from '../matter/mix'
import { glassTransition } from '../physics/glass'

/** A range of temperature, °C: open from `high` downwards to `low`. Infinite where there is no limit. */
export interface HeatRange {
  readonly high: number
  readonly low: number
}

/** The window of a work as temperatures of this mass in this room. */
export function heatRangeOf(window: WorkWindow, glassC: number, roomC: number): HeatRange {
  if ('nearRoom' in window) return { high: roomC + window.nearRoom, low: Number.NEGATIVE_INFINITY }
  const [low, high] = 'above' in window ? window.above : window.celsius
  const by = 'above' in window ? glassC : 0
  return {
    high: high === null ? Number.POSITIVE_INFINITY : high + by,
    low: low === null ? Number.NEGATIVE_INFINITY : low + by,
  }
}

/** Work that is done to chocolate in temper, at the heat it works at. */
const IN_TEMPER: ReadonlySet<HandworkKind> = new Set(['temper', 'gather', 'coat', 'spread', 'pipe', 'fill'])

/** ◊ In temper it is still worked so much below its range, °C, thicker. */
const THICKER = 1.5

/** ◊ Of every sweet whose family says nothing else: no work that has to wait for its moment is called for while it is hot. */
const everywhere: FamilyFacts['windows'] = {
  cool: { nearRoom: 3 },
  break: { nearRoom: 4 },
  unmould: { nearRoom: 8 },
  score: { nearRoom: 20 },
  pull: { above: [28, 50] },
  form: { nearRoom: 25 },
}

const windowsOf = (family: FamilyId): FamilyFacts['windows'] => ({
  ...everywhere,
  ...(families[family] as FamilyFacts).windows,
})

/** Whether a school leaves a work of its family out of its finish and does it when it likes: tablet is beaten hot. */
function isLeftOut(kind: HandworkKind, family: FamilyId, school: string): boolean {
  const { finish } = families[family] as FamilyFacts
  const own = finish[school]
  const isIn = (works: readonly UsualWork[]): boolean => works.some((f) => f.work.kind === kind)
  return own !== undefined && isIn(finish.usual) && !isIn(own)
}

/** The window of a step's work in its formula: the family's, and for chocolate that of its kind; null for work without one. */
export function windowOf({ family, school, steps }: FormulaDocument, step: Step): WorkWindow | null {
  const kind = step.handwork?.kind
  if (!kind) return null
  const { work } = families[family] as FamilyFacts
  if (isLeftOut(kind, family, school)) return null
  if (work !== 'tempered' || !IN_TEMPER.has(kind)) return windowsOf(family)[kind] ?? null
  const { works, cools } = chocolates[chocolateOf(steps)]
  // on the stone it is worked down to where its crystals form, and no further
  if (kind === 'gather') return { celsius: [cools[0] - THICKER, cools[1] + 0.5] }
  return { celsius: [kind === 'temper' ? works[0] : works[0] - THICKER, works[1] + 0.5] }
}

/** Which chocolate is tempered; dark where no step says. */
export function chocolateOf(steps: readonly Step[]): Chocolate {
  const tempered = steps.map((s) => s.handwork).find((w) => w?.kind === 'temper')
  return tempered?.kind === 'temper' ? tempered.chocolate : 'dark'
}

/** Whether a sweet is cut: a line to cut along is a help, and nothing breaks without one. */
export const isCut = ({ steps }: FormulaDocument): boolean => steps.some((s) => s.handwork?.kind === 'cut')

/** How cool a mass can be that a knife still goes through, °C. */
export const knifeTo = (glassC: number): number => glassC + heights.cuts

/** When a range of temperature is passed through, s on the cook's clock. */
export interface Span {
  readonly opens: number
  readonly closes: number
}

/** When a range is passed through, and no sooner than `notBefore`: cold does not shorten a rest. */
export const spanOf = (course: Course, { high, low }: HeatRange, notBefore = Number.NEGATIVE_INFINITY): Span => ({
  opens: Math.max(whenDownTo(course, high), notBefore),
  closes: Number.isFinite(low) ? whenDownTo(course, low) : Number.POSITIVE_INFINITY,
})

/** What a mass can do, from hot to cold. */
export const masses = {
  glass: ['runs', 'levels', 'scores', 'cuts', 'snaps'],
  grained: ['too-hot', 'beats', 'too-stiff'],
  stirred: ['soft', 'cuts'],
  foam: ['slack', 'pours', 'sets'],
  jelly: ['runs', 'sets', 'cuts'],
  chocolate: ['molten', 'seeding', 'in-temper', 'thick'],
  baked: ['warm', 'cold'],
} as const
export type MassState = (typeof masses)[keyof typeof masses][number]

export interface Band {
  readonly state: MassState
  /** °C, from the upper end down. */
  readonly from: number
  readonly to: number
}

/** What the mass can do at each temperature, from `hottest` down to `coldest` °C. */
export function bandsOf(formula: FormulaDocument, mix: Mix, hottest: number, coldest: number, roomC: number): Band[] {
  const windows = windowsOf(formula.family)
  const glass = glassTransition(mix)
  const ladder = isBoiled(formula) ? (ladders[workOf(formula.family, formula.school)] ?? 'glass') : 'baked'
  const edges: Readonly<Record<keyof typeof masses, readonly number[]>> = {
    glass: [heights.runs, heights.levels, heights.scores, heights.cuts].map((h) => h + glass),
    grained: edgesOf(windows.beat),
    stirred: [roomC + nearRoom(windows.cut)],
    foam: edgesOf(windows.whip),
    jelly: [setsAt(formula.family, formula.school) ?? hottest, roomC + nearRoom(windows.cut)],
    chocolate: chocolateEdges(formula),
    baked: [roomC + nearRoom(windows.cool)],
  }
  const states: readonly MassState[] = masses[ladder]
  const at = edges[ladder]
  const clip = (c: number): number => Math.min(hottest, Math.max(coldest, c))
  return states
    .map((state, i) => ({
      state,
      from: clip(at[i - 1] ?? Number.POSITIVE_INFINITY),
      to: clip(at[i] ?? Number.NEGATIVE_INFINITY),
    }))
    .filter((b) => b.from > b.to)
}

/** How much warmer than the room a work can be done, °C. */
const nearRoom = (window: WorkWindow | undefined): number => (window && 'nearRoom' in window ? window.nearRoom : 0)

/** Which ladder a mass has, by how it is worked; that of the glass point unless told. */
const ladders: Readonly<Partial<Record<Work, keyof typeof masses>>> = {
  beaten: 'grained',
  stirred: 'stirred',
  whipped: 'foam',
  set: 'jelly',
  tempered: 'chocolate',
}

/** Where chocolate is molten, where it comes into temper, and where it thickens, °C. */
function chocolateEdges({ steps }: FormulaDocument): readonly number[] {
  const { melts, works } = chocolates[chocolateOf(steps)]
  return [melts[0], works[1] + 0.5, works[0] - THICKER]
}

function edgesOf(window: WorkWindow | undefined): number[] {
  if (!window || !('celsius' in window)) return []
  const [low, high] = window.celsius
  return [high, low].filter((c): c is number => c !== null)
}
