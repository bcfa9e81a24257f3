/** A worker: plans a day, better and better, then what it would be with one thing more. Whoever wants it to stop ends it. */
import { type DayPlan, type DayTask, type PlanProgress, planning, runOut, seeded, triesFor } from '@/core'
import { type Compiled, compileDay, type DayWanted, mostThatFit } from './day-task'

/** What the day would be with one thing changed. */
export interface WhatIf {
  readonly what: 'cook' | 'ring' | 'pot'
  /** Ready in time then, and how many more. */
  readonly end: number
  readonly late: number
}

export type FromDay =
  | { readonly compiled: Compiled; readonly plan: DayPlan; readonly share: number }
  | { readonly whatIfs: readonly WhatIf[] }
  | { readonly most: number }
  | { readonly failed: string }

const tell = (message: FromDay): void => self.postMessage(message)

/** ◊ Share of the tries that each what-if gets. */
const WHAT_IF = 0.1
const SEED = 20261126

const best = (task: DayTask, tries: number, each?: (step: PlanProgress) => void): DayPlan =>
  runOut(planning(task, seeded(SEED), tries), each)

/** One more of what there are such things of. */
const oneMore = (task: DayTask, kind: string): DayTask => ({
  ...task,
  things: Object.fromEntries(Object.entries(task.things).map(([t, n]) => [t, t.startsWith(`${kind} `) ? n + 1 : n])),
})

/** A day to plan, or one of its items of which as many are wanted as fit. */
type ToDay = DayWanted & { readonly most?: string }

self.onmessage = ({ data }: MessageEvent<ToDay>) => {
  try {
    if (data.most !== undefined) {
      tell({ most: mostThatFit(data, data.most) })
      return
    }
    const compiled = compileDay(data)
    const { task } = compiled
    const tries = triesFor(task)
    const plan = best(task, tries, (step) => tell({ compiled, plan: step.plan, share: step.tries / tries }))
    tell({ compiled, plan, share: 1 })
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
