/** A worker: plans a day, better and better, then what it would be with one thing more. Whoever wants it to stop ends it. */
import { chainOf, type DayPlan, type DayTask, type Link, planning, replan, type SoFar, triesFor } from '@/core'
import { type Compiled, compileDay, type DayWanted } from './day-task'

export interface DayAsked extends DayWanted {
  /** What has been done; null before anything has. */
  readonly soFar: SoFar | null
}

/** What the day would be with one thing changed. */
export interface WhatIf {
  readonly what: 'cook' | 'ring' | 'pot'
  /** Ready in time then, and how many more. */
  readonly end: number
  readonly late: number
}

export type FromDay =
  | { readonly compiled: Compiled; readonly plan: DayPlan; readonly chain: readonly Link[]; readonly share: number }
  | { readonly whatIfs: readonly WhatIf[] }
  | { readonly failed: string }

const tell = (message: FromDay): void => self.postMessage(message)

/** ◊ Share of the tries that each what-if gets. */
const WHAT_IF = 0.1
const SEED = 20261126

/** Mulberry32: the same numbers for the same day. */
function randomFrom(seed: number): () => number {
  let s = seed
  return () => {
    s = (s + 0x6d2b79f5) | 0
    let t = Math.imul(s ^ (s >>> 15), 1 | s)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}

function best(task: DayTask, tries: number, shown: (plan: DayPlan, share: number) => void = () => undefined): DayPlan {
  const steps = planning(task, randomFrom(SEED), tries)
  let step = steps.next()
  while (!step.done) {
    shown(step.value.plan, step.value.tries / tries)
    step = steps.next()
  }
  return step.value
}

/** One more of what there are such things of. */
const oneMore = (task: DayTask, kind: string): DayTask => ({
  ...task,
  things: Object.fromEntries(Object.entries(task.things).map(([t, n]) => [t, t.startsWith(`${kind} `) ? n + 1 : n])),
})

self.onmessage = ({ data }: MessageEvent<DayAsked>) => {
  try {
    const compiled = compileDay(data)
    const { task } = compiled
    const said = (plan: DayPlan, share: number): void => tell({ compiled, plan, chain: chainOf(plan, task), share })
    const whole = best(task, triesFor(task), data.soFar ? undefined : said)
    const plan = data.soFar ? replan(task, whole, data.soFar) : whole
    said(plan, 1)
    const third = { id: 'one more', hours: task.people[0]?.hours ?? [] }
    const variants = [
      ['cook', { ...task, people: [...task.people, third] }],
      ['ring', oneMore(task, 'ring')],
      ['pot', oneMore(task, 'pot')],
    ] as const
    tell({
      whatIfs: variants.map(([what, other]) => {
        const then = best(other, Math.ceil(WHAT_IF * triesFor(other)))
        return { what, end: then.end, late: then.late.length + then.missing.length }
      }),
    })
  } catch (error) {
    tell({ failed: (error as Error).message })
  }
}
