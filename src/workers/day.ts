/** A worker: plans a day, better and better, then what it would be with one thing more. Whoever wants it to stop ends it. */
import { type DayPlan, type DayTask, type PlanProgress, planning, runOut, seeded, triesFor } from '@/core'
import { type Compiled, compileDay, type DayWanted, mostThatFit, standInsOf } from './day-task'

/** What the day would be with one thing changed. */
export interface WhatIf {
  readonly what: 'cook' | 'ring' | 'pot' | 'half'
  /** The item there is half of. */
  readonly item?: string
  /** Ready in time then, and how many more. */
  readonly end: number
  readonly late: number
}

export type FromDay =
  | { readonly compiled: Compiled }
  | { readonly plan: DayPlan; readonly share: number }
  | { readonly whatIfs: readonly WhatIf[] }
  | { readonly most: number }
  | { readonly standIns: Readonly<Record<string, number>> }
  | { readonly failed: string }

const tell = (message: FromDay): void => self.postMessage(message)

/** ◊ ms between two plans that are shown: better ones come faster than anybody looks at them, and a page has each to draw. */
const SHOWN_EVERY = 250
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

/** A day to plan, one of its items of which as many are wanted as fit, or one to be practised, of this seed. */
type ToDay = DayWanted & { readonly most?: string; readonly practise?: number }

/** The day with half of one item. */
const halved = (wanted: DayWanted, item: string): DayWanted => ({
  ...wanted,
  day: {
    ...wanted.day,
    items: wanted.day.items.map((i) => {
      if (i.id !== item) return i
      const { size } = i
      return size.by === 'pieces'
        ? { ...i, size: { ...size, pieces: Math.ceil(size.pieces / 2) } }
        : { ...i, size: { ...size, grams: size.grams / 2 } }
    }),
  },
})

self.onmessage = ({ data }: MessageEvent<ToDay>) => {
  try {
    if (data.most !== undefined) {
      tell({ most: mostThatFit(data, data.most) })
      return
    }
    if (data.practise !== undefined) {
      tell({ standIns: standInsOf(data, data.practise) })
      return
    }
    const compiled = compileDay(data)
    const { task } = compiled
    const tries = triesFor(task)
    tell({ compiled })
    let shown = Number.NEGATIVE_INFINITY
    const plan = best(task, tries, (step) => {
      if (performance.now() - shown < SHOWN_EVERY) return
      shown = performance.now()
      tell({ plan: step.plan, share: step.tries / tries })
    })
    tell({ plan, share: 1 })
    const third = { id: 'one more', hours: task.people[0]?.hours ?? [], spared: [] }
    const variants = [
      ['cook', { ...task, people: [...task.people, third] }],
      ['ring', oneMore(task, 'ring')],
      ['pot', oneMore(task, 'pot')],
    ] as const
    const tried = (what: WhatIf['what'], other: DayTask, item?: string): WhatIf => {
      const then = best(other, Math.ceil(WHAT_IF * triesFor(other)))
      return { what, end: then.end, late: then.late.length + then.missing.length, ...(item && { item }) }
    }
    const last = plan.placed.toSorted((a, b) => b.end - a.end)[0]?.task.item
    tell({
      whatIfs: [
        ...variants.map(([what, other]) => tried(what, other)),
        ...(last ? [tried('half', compileDay(halved(data, last)).task, last)] : []),
      ],
    })
  } catch (error) {
    tell({ failed: (error as Error).message })
  }
}
