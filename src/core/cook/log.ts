/** The cook's log, and what it says: state is never kept, it is read off the events. */
import type { StageId } from '../craft/stages'
import type { FormulaDocument, Grams, Step } from '../formula/document'
import { walk } from '../formula/walk'
import { emptyMix, type Mix } from '../matter/mix'
import type { Sign } from './evidence'

/** Something that happened, `at` seconds on the cook's clock. */
export type CookEvent = { readonly id: string; readonly at: number } & CookAct

export type CookAct =
  | { readonly type: 'step'; readonly step: string }
  | { readonly type: 'pulled'; readonly step: string; readonly celsius: number | null }
  | { readonly type: 'heat'; readonly dial: number }
  | { readonly type: 'lid'; readonly on: boolean }
  | { readonly type: 'test'; readonly test: 'drop'; readonly result: StageId }
  | { readonly type: 'test'; readonly test: 'sign'; readonly sign: Sign }
  | { readonly type: 'test'; readonly test: 'colour'; readonly celsius: number }
  | { readonly type: 'note'; readonly text: string }
  | { readonly type: 'clock'; readonly rate: number; readonly wall: string }
  | { readonly type: 'finished' }
  /** Takes an earlier event back; both stay in the log. */
  | { readonly type: 'undo'; readonly of: string }

/** Ids of the events that later ones take back. */
export const takenBack = (events: readonly CookEvent[]): ReadonlySet<string> =>
  new Set(events.flatMap((e) => (e.type === 'undo' ? [e.of] : [])))

/** The events that stand, in order of time: those taken back are left out, and so are the takings back. */
export function standing(events: readonly CookEvent[]): CookEvent[] {
  const undone = takenBack(events)
  return events.filter((e) => e.type !== 'undo' && !undone.has(e.id)).sort((a, b) => a.at - b.at)
}

export interface Filling {
  readonly from: number
  /** What is in the pot then, with the water the formula reckons is left at that step. */
  readonly mix: Mix
  readonly lid: boolean
}

export interface CookState {
  /** When each step was done, by id. */
  readonly done: ReadonlyMap<string, number>
  /** Index of the step that is next; the number of steps once all are done. */
  readonly next: number
  readonly lastDoneAt: number
  readonly fillings: readonly Filling[]
  readonly dials: readonly { readonly at: number; readonly dial: number }[]
  readonly lid: boolean
  readonly dial: number
  readonly pulledAt: number | null
  readonly pulledC: number | null
  readonly finishedAt: number | null
}

/** What a log of events, in any order, says about a boil of `formula` with `grams` in it. */
export function readLog(formula: FormulaDocument, grams: Grams, events: readonly CookEvent[]): CookState {
  const stops = walk(formula, grams)
  const done = new Map<string, number>()
  const fillings: Filling[] = []
  const dials: { at: number; dial: number }[] = []
  let next = 0
  let lastDoneAt = 0
  let lid = false
  let dial = 0
  let mix = emptyMix
  let pulledAt: number | null = null
  let pulledC: number | null = null
  let finishedAt: number | null = null

  const turn = (at: number, to: number): void => {
    dial = to
    dials.push({ at, dial })
  }
  const cover = (at: number, on: boolean): void => {
    if (lid === on) return
    lid = on
    if (fillings.length > 0) fillings.push({ from: at, mix, lid })
  }
  const doStep = (at: number, id: string): void => {
    const index = formula.steps.findIndex((s) => s.id === id)
    if (index < 0) return
    const step = formula.steps[index] as Step
    done.set(id, at)
    lastDoneAt = at
    if (index >= next) {
      // steps passed over count as done: what they add is in the pot
      const adds = formula.steps.slice(next, index + 1).some((s) => s.adds)
      next = index + 1
      if (adds) {
        mix = stops[index]?.after ?? mix
        if (step.lid !== undefined) lid = step.lid
        fillings.push({ from: at, mix, lid })
      }
    }
    if (step.lid !== undefined) cover(at, step.lid)
    if (step.heat !== undefined) turn(at, step.heat)
    if (step.offHeat) turn(at, 0)
  }

  for (const e of standing(events)) {
    if (e.type === 'step') doStep(e.at, e.step)
    else if (e.type === 'pulled') {
      doStep(e.at, e.step)
      if (pulledAt === null) pulledAt = e.at
      pulledC ??= e.celsius
    } else if (e.type === 'heat') turn(e.at, e.dial)
    else if (e.type === 'lid') cover(e.at, e.on)
    else if (e.type === 'finished') finishedAt ??= e.at
  }
  return { done, next, lastDoneAt, fillings, dials, lid, dial, pulledAt, pulledC, finishedAt }
}
