/** Which temperatures a work can be done at, and what a mass can do at each. */
import { type FamilyId, families } from '../craft/families'
import type { FamilyFacts } from '../craft/families/family'
import { type HandworkKind, heights, type WorkWindow } from '../craft/handwork'
import type { Mix } from '../matter/mix'
import { glassTransition } from '../physics/glass'
import { type Course, whenDownTo } from './course'

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

export const windowFor = (family: FamilyId, kind: HandworkKind): WorkWindow | null =>
  (families[family] as FamilyFacts).windows[kind] ?? null

/** When a range of temperature is passed through, s on the cook's clock. */
export interface Span {
  readonly opens: number
  readonly closes: number
}

export const spanOf = (course: Course, { high, low }: HeatRange): Span => ({
  opens: whenDownTo(course, high),
  closes: Number.isFinite(low) ? whenDownTo(course, low) : Number.POSITIVE_INFINITY,
})

/** What a mass can do, from hot to cold. */
export const masses = {
  glass: ['runs', 'levels', 'scores', 'cuts', 'snaps'],
  grained: ['too-hot', 'beats', 'too-stiff'],
  foam: ['slack', 'pours', 'sets'],
} as const
export type MassState = (typeof masses)[keyof typeof masses][number]

export interface Band {
  readonly state: MassState
  /** °C, from the upper end down. */
  readonly from: number
  readonly to: number
}

/** What the mass can do at each temperature, from `hottest` down to `coldest` °C. */
export function bandsOf(family: FamilyId, mix: Mix, hottest: number, coldest: number): Band[] {
  const { work, windows } = families[family] as FamilyFacts
  const glass = glassTransition(mix)
  const edges: readonly number[] =
    work === 'beaten'
      ? edgesOf(windows.beat)
      : work === 'whipped'
        ? edgesOf(windows.whip)
        : [heights.runs, heights.levels, heights.scores, heights.cuts].map((h) => h + glass)
  const states: readonly MassState[] =
    work === 'beaten' ? masses.grained : work === 'whipped' ? masses.foam : masses.glass
  const clip = (c: number): number => Math.min(hottest, Math.max(coldest, c))
  return states
    .map((state, i) => ({
      state,
      from: clip(edges[i - 1] ?? Number.POSITIVE_INFINITY),
      to: clip(edges[i] ?? Number.NEGATIVE_INFINITY),
    }))
    .filter((b) => b.from > b.to)
}

function edgesOf(window: WorkWindow | undefined): number[] {
  if (!window || !('celsius' in window)) return []
  const [low, high] = window.celsius
  return [high, low].filter((c): c is number => c !== null)
}
