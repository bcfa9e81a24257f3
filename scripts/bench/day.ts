/** The planner of a day: how soon, how good against an exact solver, how much better than the rule a kitchen goes by. */
import loadHighs from 'highs'
import {
  asPlanned,
  type DayPlan,
  type DayTask,
  longestSettingFirst,
  obeyedDay,
  planInOrder,
  planning,
  replan,
  runOut,
  triesFor,
  worthOf,
} from '@/core'
import { chance } from '../../tests/rough/chance'
import { roughDay } from '../../tests/rough/day'
import { median, percentile, type Row } from './table'

const SMALL_DAYS = 60
const LARGE_DAYS = 20
const STRAYING_DAYS = 100
/** s an exact solution may take. */
const LIMIT_S = 20

const randomOf = (seed: number) => {
  const c = chance(seed, 12)
  return () => c.between(0, 1)
}

const planned = (day: DayTask, seed: number): DayPlan => runOut(planning(day, randomOf(seed), triesFor(day)))

/** A day of at most a dozen tasks in one way each, every task with a whole person: what an exact solver can prove. */
function smallDay(seed: number): DayTask {
  const day = roughDay(seed, 2 + (seed % 2))
  let tasks = 0
  const blocks = day.blocks.flatMap((b) => {
    const [way] = b.ways
    tasks += way.tasks.length
    if (tasks > 12) return []
    const whole = way.tasks.map((t) => ({ ...t, attention: 'whole' as const, with: undefined }))
    return [{ ...b, ways: [{ ...way, tasks: whole }] as const }]
  })
  const [lead] = day.people
  return { ...day, blocks, people: lead ? [lead] : [], by: 1e6 }
}

/** The earliest end there is, by an integer programme with an order for every two tasks that share a person or a thing; null where it was not proved in time. */
function provedEnd(highs: Awaited<ReturnType<typeof loadHighs>>, day: DayTask): number | null {
  const tasks = day.blocks.flatMap((b) => b.ways[0].tasks)
  const at = new Map(tasks.map((t, i) => [t.id, i]))
  const BIG = 200_000
  const rows: string[] = []
  const binaries: string[] = []
  for (const [i, t] of tasks.entries()) {
    rows.push(`last - s${i} >= ${t.seconds}`)
    for (const l of t.after) {
      const k = at.get(l.task)
      const before = tasks[k ?? 0]
      if (k === undefined || !before) continue
      rows.push(`s${i} - s${k} >= ${l.least + before.seconds}`)
      if (Number.isFinite(l.most)) rows.push(`s${i} - s${k} <= ${l.most + before.seconds}`)
    }
  }
  // from the begin of one task to the end of another, the other stretch comes before or after
  const apart = (a: readonly [number, number], b: readonly [number, number]): void => {
    const y = `y${binaries.length}`
    binaries.push(y)
    rows.push(`s${b[0]} - s${a[1]} + ${BIG} ${y} >= ${tasks[a[1]]?.seconds}`)
    rows.push(`s${a[0]} - s${b[1]} - ${BIG} ${y} >= ${(tasks[b[1]]?.seconds ?? 0) - BIG}`)
  }
  for (const i of tasks.keys()) for (let k = i + 1; k < tasks.length; k++) apart([i, i], [k, k])
  const holds = day.blocks.flatMap((b) => b.ways[0].holds.map((h) => ({ ...h, block: b.id })))
  for (const [i, a] of holds.entries())
    for (const [k, b] of holds.entries()) {
      if (k <= i || a.thing !== b.thing || a.block === b.block || (day.things[a.thing] ?? 0) > 1) continue
      const ends = (h: typeof a): [number, number] => [at.get(h.from) ?? 0, at.get(h.to) ?? 0]
      apart(ends(a), ends(b))
    }
  const model = `Minimize\n obj: last\nSubject To\n${rows.map((r, i) => ` c${i}: ${r}`).join('\n')}\nBinaries\n ${binaries.join(' ')}\nEnd`
  const found = highs.solve(model, { time_limit: LIMIT_S })
  return found.Status === 'Optimal' ? found.ObjectiveValue : null
}

export async function benchDay(): Promise<Row[]> {
  const highs = await loadHighs()
  const over: number[] = []
  let unproved = 0
  for (let seed = 1; over.length + unproved < SMALL_DAYS; seed++) {
    const day = smallDay(seed)
    if (day.blocks.length < 2 || planInOrder(day, []).missing.length > 0) continue
    const proved = provedEnd(highs, day)
    if (proved === null) {
      unproved++
      continue
    }
    over.push(planned(day, seed).end / proved - 1)
  }
  const optimal = over.filter((o) => o < 1e-4).length
  const large = Array.from({ length: LARGE_DAYS }, (_, i) => ({
    ...roughDay(9000 + i, 8),
    people: roughDay(9001, 8)
      .people.slice(0, 1)
      .concat({ id: 'second', hours: roughDay(9001, 8).people[0]?.hours ?? [], spared: [] }),
  }))
  const firsts: number[] = []
  const times: number[] = []
  const again: number[] = []
  const gains: number[] = []
  for (const [i, day] of large.entries()) {
    const start = performance.now()
    const steps = planning(day, randomOf(i), triesFor(day))
    steps.next()
    firsts.push(performance.now() - start)
    const plan = runOut(steps)
    times.push(performance.now() - start)
    const rule = longestSettingFirst(day)
    gains.push(1 - worthOf(plan, day) / worthOf(rule, day))
    const now = plan.end / 3
    const soFar = asPlanned(plan, now)
    const from = performance.now()
    replan(day, plan, soFar)
    again.push(performance.now() - from)
  }
  const straying = Array.from({ length: STRAYING_DAYS }, (_, i) => {
    const day = roughDay(20_000 + i, 5)
    const plan = runOut(planning(day, randomOf(i), 200))
    return plan.missing.length > 0 ? null : obeyedDay(day, plan, randomOf(i + 500)).practice.spoiled.length
  }).filter((n) => n !== null)
  const percent = (n: number): string => `${(100 * n).toFixed(1)} %`
  return [
    {
      what: `latest end against an exact solver, ${over.length} days of up to 12 tasks`,
      measured: `optimal in ${percent(optimal / over.length)}, worst ${percent(Math.max(...over))} over (${unproved} not proved in ${LIMIT_S} s)`,
      wanted: '≥ 95 %, rest within 3 %',
    },
    {
      what: `first plan of ${LARGE_DAYS} days of 8 products and 2 people, worst`,
      measured: `${Math.max(...firsts).toFixed(0)} ms`,
      wanted: 'under 100 ms',
    },
    {
      what: 'the best it finds, median',
      measured: `${(median(times) / 1000).toFixed(1)} s`,
      wanted: 'about 2 s',
    },
    {
      what: 'better than the longest setting first',
      measured: `${percent(median(gains))} in the middle, ${percent(percentile(gains, 0.9))} in the best tenth`,
      wanted: '',
    },
    {
      what: 'planned again in the middle of the day, worst',
      measured: `${Math.max(...again).toFixed(0)} ms`,
      wanted: 'under 200 ms',
    },
    {
      what: `no window missed by who obeys, of ${straying.length} days whose cooks stray by a tenth and hands by 15 %`,
      measured: percent(straying.filter((n) => n === 0).length / straying.length),
      wanted: '≥ 80 %',
    },
  ]
}
