/**
 * Days that nobody planned, and the rules of a kitchen to hold a plan against. Written from the rules, not from the
 * planner: it knows the shape of a plan and nothing of how one is made.
 */
import type { DayPlan, DayTask } from '@/core'
import { type Chance, chance } from './chance'

/** What a plan breaks, each in a sentence; nothing for a plan that can be worked. `begun`: tasks that were under way, whose windows may be past. */
export function brokenRules(day: DayTask, plan: DayPlan, begun: ReadonlySet<string> = new Set()): string[] {
  const broken: string[] = []
  const at = new Map(plan.placed.map((p) => [p.task.id, p]))
  const near = 1e-6
  for (const block of day.blocks) {
    if (plan.missing.includes(block.id)) continue
    const way = block.ways.find((w) => w.name === plan.ways[block.id])
    if (!way) {
      broken.push(`${block.id} is done in no way it has`)
      continue
    }
    const fixed = way.tasks.some((t) => begun.has(t.id))
    for (const t of way.tasks) {
      const p = at.get(t.id)
      if (!p) {
        broken.push(`${t.id} has no place`)
        continue
      }
      if (!fixed && Math.abs(p.end - p.start - t.seconds) > near) broken.push(`${t.id} is not as long as it is`)
      if (!fixed && p.start < (day.pins[t.id] ?? 0) - near) broken.push(`${t.id} begins before it was put`)
      if (!fixed && p.start < day.from - near) broken.push(`${t.id} begins before the day`)
      if ((t.attention === 'none') !== (p.person === null)) broken.push(`${t.id} has the wrong number of people`)
      for (const { task, least, most } of t.after) {
        const before = at.get(task)
        if (!before) continue
        const gap = p.start - before.end
        if (gap < least - near && !begun.has(t.id)) broken.push(`${t.id} comes too soon after ${task}`)
        if (gap > most + near && !fixed) broken.push(`${t.id} comes too late after ${task}`)
      }
      if (t.with && at.get(t.with)?.person !== p.person && !fixed) broken.push(`${t.id} is handed over`)
    }
    for (const need of block.needs) {
      const ends = plan.placed.filter((p) => p.block === need).map((p) => p.end)
      const begins = plan.placed.filter((p) => p.block === block.id).map((p) => p.start)
      if (!fixed && Math.max(...ends) > Math.min(...begins) + near)
        broken.push(`${block.id} begins before ${need} is done`)
    }
    for (const h of way.holds) {
      const [from, to] = [at.get(h.from), at.get(h.to)]
      const held = plan.held.some(
        (x) =>
          x.block === block.id &&
          x.thing === h.thing &&
          x.count === h.count &&
          Math.abs(x.start - (from?.start ?? 0)) < near &&
          Math.abs(x.end - (to?.end ?? 0)) < near,
      )
      if (!held) broken.push(`${block.id} does not hold ${h.thing} as long as it needs it`)
    }
  }
  for (const { id, hours, spared } of day.people) {
    const mine = plan.placed.filter((p) => p.person === id)
    for (const p of mine)
      if (spared.includes(p.task.kind) && !begun.has(p.task.id)) broken.push(`${p.task.id} is not done by ${id}`)
    for (const p of mine) {
      const there = hours.some(([from, to]) => p.start >= from - near && p.end <= to + near)
      if (!there && !begun.has(p.task.id)) broken.push(`${p.task.id} is outside the hours of ${id}`)
      const busy = mine
        .filter((o) => o.start <= p.start + near && o.end > p.start + near)
        .reduce((sum, o) => sum + (o.task.attention === 'whole' ? 2 : 1), 0)
      if (busy > 2) broken.push(`${id} has more than two hands at ${Math.round(p.start)}`)
    }
  }
  for (const [thing, count] of Object.entries(day.things)) {
    const mine = plan.held.filter((h) => h.thing === thing)
    for (const h of mine) {
      const used = mine
        .filter((o) => o.start <= h.start + near && o.end > h.start + near)
        .reduce((n, o) => n + o.count, 0)
      if (used > count) broken.push(`${thing} is used ${used} times at once, there are ${count}`)
    }
  }
  return broken
}

/** A day drawn by chance: some products of one to three boils, people, rings, pots and moulds. */
export function roughDay(seed: number, products = 6): DayTask {
  const c = chance(seed, 9)
  const int = (a: number, b: number): number => Math.floor(c.between(a, b + 1))
  const rings = ['ring a', 'ring b', 'ring c'].slice(0, int(1, 3))
  const pots = ['pot a', 'pot b', 'pot c'].slice(0, int(1, 3))
  const things: Record<string, number> = Object.fromEntries([...rings, ...pots].map((t) => [t, 1]))
  things.mould = int(1, 3)
  things.tray = int(1, 2)
  const hour = 3600
  return {
    blocks: Array.from({ length: products }, (_, i) => roughBlock(c, int, `p${i}`, rings, pots)),
    people: ['lead', 'second'].slice(0, int(1, 2)).map((id) => ({
      id,
      hours: [
        [0, 10 * hour],
        [24 * hour, 34 * hour],
      ] as const,
      spared: c.happens(0.2) && id === 'second' ? ['work' as const] : [],
    })),
    things,
    from: 0,
    by: 8 * hour,
    pins: {},
  }
}

const KINDS = ['ready', 'cook', 'pull'] as const

function roughBlock(
  c: Chance,
  int: (a: number, b: number) => number,
  id: string,
  rings: readonly string[],
  pots: readonly string[],
): DayTask['blocks'][number] {
  const task = (what: string, minutes: number, attention: 'whole' | 'half' | 'none', rest: object) => ({
    id: `${id} ${what}`,
    item: id,
    boil: 1,
    kind: KINDS.find((k) => k === what) ?? ('work' as const),
    what,
    seconds: 60 * minutes,
    attention,
    after: [],
    ...rest,
  })
  const cook = int(5, 40)
  const works = int(1, 3)
  const vessel = c.oneOf(['mould', 'tray'])
  let opens = 60 * int(5, 60)
  const tasks = (slower: number) => [
    task('ready', 10, 'whole', {}),
    task('cook', Math.round(cook * slower), 'half', { after: [{ task: `${id} ready`, least: 0, most: 9000 }] }),
    task('pull', int(4, 9), 'whole', {
      with: `${id} cook`,
      after: [{ task: `${id} cook`, least: 0, most: 0 }],
    }),
    ...Array.from({ length: works }, (_, k) => {
      const from = opens
      opens += 60 * int(10, 60)
      const before = k === 0 ? `${id} pull` : `${id} work${k - 1}`
      return task(`work${k}`, int(3, 15), c.happens(0.15) ? 'none' : 'whole', {
        after: [
          { task: before, least: 0, most: Number.POSITIVE_INFINITY },
          { task: `${id} pull`, least: from, most: from + 60 * int(10, 90) + 900 * k },
        ],
      })
    }),
  ]
  const ways = rings.slice(0, 2).map((ring, n) => {
    const pot = pots[n % pots.length] as string
    const made = tasks(1 + 0.3 * n)
    return {
      name: `${pot} on ${ring}`,
      tasks: made,
      holds: [
        { thing: ring, count: 1, from: `${id} cook`, to: `${id} pull` },
        { thing: pot, count: 1, from: `${id} cook`, to: `${id} pull` },
        { thing: vessel, count: 1, from: `${id} pull`, to: made.at(-1)?.id ?? '' },
      ],
    }
  })
  const [first, ...others] = ways
  if (!first) throw new Error('a kitchen has a ring')
  return { id, ways: [first, ...others], needs: [] }
}
