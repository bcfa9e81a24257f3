/**
 * The formula turned round: what is wished of the sweet, and the least change of grams and target that gives it. Solved by
 * linear programmes in a row (Griffith & Stewart 1961): near a make-up each measure is nearly straight in its grams, so
 * within a step that is trusted a linear programme finds the best change; a step that does not help is halved.
 */
import { runOut } from '../quantity/run-out'
import type { Conditions } from './analyse'
import { type Measured, type MeasureOf, measured, stepOf } from './balance-measures'
import type { BoiledFormula } from './document'

/** One wish: a measure kept within bounds. */
export interface Wish {
  readonly measure: MeasureOf
  readonly least?: number
  readonly most?: number
}

export interface BalanceTask {
  readonly formula: BoiledFormula
  readonly conditions: Conditions
  readonly wishes: readonly Wish[]
  /** Lines that stay as they are, by id. */
  readonly keep: readonly string[]
  readonly perKg: Readonly<Record<string, number>>
}

/** min costs·x over x ≥ 0 with least ≤ of·x ≤ most for each row. */
export interface LinearProgramme {
  readonly costs: readonly number[]
  readonly rows: readonly { readonly of: readonly number[]; readonly least?: number; readonly most?: number }[]
}
/** Solves one; null where it has no solution. */
export type SolveLinear = (lp: LinearProgramme) => readonly number[] | null

export interface Balanced {
  readonly formula: BoiledFormula
  readonly before: Measured
  readonly after: Measured
  /** Wishes it still falls short of, and by how much. */
  readonly short: readonly { readonly measure: MeasureOf; readonly by: number }[]
  /** What it was changed by, in the terms that were kept small: shares of grams, and degrees at so much each. */
  readonly change: number
}

/** ◊ Furthest a line may go, as a share of what was written, and the target, °C. */
const FURTHEST = { less: 0.7, more: 1.5, celsius: 14 }
/** ◊ What a degree of target costs beside a line changed by the whole of it; what a noticeable step of a wish missed costs. */
const DEGREE = 0.02
const MISSED = 8
/** Steps taken at most, the first of them, and the one at which nothing more comes of it. */
const STEPS = { most: 24, first: 0.2, least: 0.004 }
/** Share of a line, and °C, by which slopes are taken. */
const NUDGE = { share: 0.01, celsius: 0.5 }
/** Of a noticeable step, what counts as having reached a wish. */
const REACHED = 0.06

interface Place {
  /** Change of each free line as a share of it, then of the target, °C. */
  readonly x: readonly number[]
  readonly values: Measured
  readonly merit: number
}

/** How far `values` miss a wish, in noticeable steps. */
export function missOf({ measure, least, most }: Wish, values: Measured): number {
  const v = values[measure]
  return Math.max(0, (least ?? Number.NEGATIVE_INFINITY) - v, v - (most ?? Number.POSITIVE_INFINITY)) / stepOf(measure)
}

/** What a change of shares and degrees costs. */
export const changeOf = (x: readonly number[]): number =>
  x.reduce((sum, d, i) => sum + Math.abs(d) * (i === x.length - 1 ? DEGREE : 1), 0)

/** Lines that may change. */
export const freeLines = ({ formula, keep }: Pick<BalanceTask, 'formula' | 'keep'>): string[] =>
  formula.lines.flatMap((l) => (keep.includes(l.id) || l.grams <= 0 ? [] : [l.id]))

/** The formula with its free lines and its target changed. */
export function changedBy(task: BalanceTask, x: readonly number[]): BoiledFormula {
  const free = freeLines(task)
  const { formula } = task
  return {
    ...formula,
    lines: formula.lines.map((l) => {
      const i = free.indexOf(l.id)
      return i < 0 ? l : { ...l, grams: l.grams * (1 + (x[i] as number)) }
    }),
    target: { ...formula.target, celsius: formula.target.celsius + (x[free.length] as number) },
  }
}

/** What is tried on the way, for whoever shows how far it has come: from 0 to 1. */
export interface BalanceProgress {
  readonly share: number
  readonly change: number
  readonly misses: number
}

/** Balances step by step; each step yields how far it has come, so that it can be shown and stopped. */
export function* balancing(task: BalanceTask, solve: SolveLinear): Generator<BalanceProgress, Balanced> {
  const n = freeLines(task).length + 1
  const at = (x: readonly number[]): Place => {
    const values = measured(changedBy(task, x), task.conditions, task.perKg)
    const misses = task.wishes.reduce((sum, w) => sum + missOf(w, values), 0)
    return { x, values, merit: changeOf(x) + MISSED * misses }
  }
  const start = at(new Array<number>(n).fill(0))
  let best = start
  let trust = STEPS.first
  for (let i = 0; i < STEPS.most && trust > STEPS.least; i++) {
    const x = stepFrom(best, slopesAt(best, at, n), task.wishes, trust, solve)
    const next = x && at(x)
    if (next && next.merit < best.merit - 1e-6) {
      best = next
      trust = Math.min(0.5, trust * 1.4)
    } else trust /= 2.2
    const misses = task.wishes.filter((w) => missOf(w, best.values) > REACHED).length
    yield { share: (i + 1) / STEPS.most, change: changeOf(best.x), misses }
  }
  return {
    formula: changedBy(task, best.x),
    before: start.values,
    after: best.values,
    short: task.wishes.flatMap((w) => {
      const by = missOf(w, best.values)
      return by > REACHED ? [{ measure: w.measure, by: by * stepOf(w.measure) }] : []
    }),
    change: changeOf(best.x),
  }
}

const nudgeOf = (i: number, n: number): number => (i === n - 1 ? NUDGE.celsius : NUDGE.share)

/** What one unit of each change does to each measure, here. */
function slopesAt(here: Place, at: (x: readonly number[]) => Place, n: number): (measure: MeasureOf) => number[] {
  const nudged = Array.from({ length: n }, (_, i) => at(here.x.map((d, k) => (k === i ? d + nudgeOf(i, n) : d))))
  return (measure) => nudged.map((p, i) => (p.values[measure] - here.values[measure]) / nudgeOf(i, n))
}

/**
 * The best step within `trust`: variables are the new changes, split into what is above and below nothing, and what each
 * wish still misses, in noticeable steps.
 */
function stepFrom(
  here: Place,
  slopes: (measure: MeasureOf) => number[],
  wishes: readonly Wish[],
  trust: number,
  solve: SolveLinear,
): number[] | null {
  const n = here.x.length
  const size = 2 * n + wishes.length
  const unit = (entries: readonly (readonly [number, number])[]): number[] => {
    const row = new Array<number>(size).fill(0)
    for (const [i, v] of entries) row[i] = v
    return row
  }
  const bounds = here.x.map((d, i) => {
    const reach = i === n - 1 ? trust * 20 : trust
    const [low, high] = i === n - 1 ? [-FURTHEST.celsius, FURTHEST.celsius] : [-FURTHEST.less, FURTHEST.more]
    return {
      of: unit([
        [i, 1],
        [n + i, -1],
      ]),
      least: Math.max(low, d - reach),
      most: Math.min(high, d + reach),
    }
  })
  const rows = wishes.flatMap((w, k) => {
    const slope = slopes(w.measure)
    const scale = 1 / stepOf(w.measure)
    // value here + slope·(new − here), in noticeable steps
    const still = (here.values[w.measure] - slope.reduce((sum, s, i) => sum + s * (here.x[i] as number), 0)) * scale
    const of = slope.flatMap((s, i) => [[i, s * scale] as const, [n + i, -s * scale] as const])
    const miss = 2 * n + k
    return [
      ...(w.least === undefined ? [] : [{ of: unit([...of, [miss, 1]]), least: w.least * scale - still }]),
      ...(w.most === undefined ? [] : [{ of: unit([...of, [miss, -1]]), most: w.most * scale - still }]),
    ]
  })
  const cost = (i: number): number => (i === n - 1 ? DEGREE : 1)
  const costs = Array.from({ length: size }, (_, i) => (i < 2 * n ? cost(i % n) : MISSED))
  const found = solve({ costs, rows: [...bounds, ...rows] })
  return found ? here.x.map((_, i) => (found[i] as number) - (found[n + i] as number)) : null
}

/** The wishes that stand in the way: without any one of these all the others could be had. Empty where it is not down to one. */
export function inTheWay(task: BalanceTask, solve: SolveLinear): MeasureOf[] {
  return task.wishes.flatMap((w) => {
    const others = task.wishes.filter((o) => o !== w)
    const { short } = runOut(balancing({ ...task, wishes: others }, solve))
    return short.length === 0 ? [w.measure] : []
  })
}
