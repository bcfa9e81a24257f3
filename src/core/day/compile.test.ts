import { expect, it } from 'vitest'
import { demoBoil } from '@/demo/formulas'
import { withReady } from '../formula/edit'
import { scale } from '../formula/scale'
import { testConditions } from '../testing'
import { blocksOf, type DayItem } from './compile'
import type { Task } from './task'

const drops = demoBoil('rhubarb-nettle-elderflower-drops')

/** Tasks of one boil whose formula says itself what is got ready. */
function tasksOf(ready: readonly string[]): readonly Task[] {
  const formula = withReady(drops, ready)
  const item: DayItem = {
    id: 'a',
    formula,
    plan: scale(formula, { size: { by: 'weight', grams: 500 } }),
    stands: [{ pot: 'pot', ring: 'ring', conditions: testConditions }],
    vessel: null,
    stations: new Set(),
    paces: {},
  }
  return blocksOf(item)[0]?.ways[0]?.tasks ?? []
}

const taskOf = (tasks: readonly Task[], kind: Task['kind']): Task => {
  const found = tasks.find((t) => t.kind === kind)
  if (!found) throw new Error(`no ${kind}`)
  return found
}
/** Seconds between the end of getting ready and the flame, at least. */
const waitsFor = (tasks: readonly Task[]): number | undefined =>
  taskOf(tasks, 'cook').after.find((lag) => lag.task === taskOf(tasks, 'ready').id)?.least

it('takes the time of what a formula says itself is got ready, and its flame waits for that', () => {
  const [plain, own] = [tasksOf([]), tasksOf(['Grind the petals', 'Roast the seeds for 20 min'])]
  expect(waitsFor(plain)).toBe(0)
  expect(waitsFor(own)).toBe(20 * 60)
  expect(taskOf(own, 'ready').seconds).toBeGreaterThan(taskOf(plain, 'ready').seconds)
})

it('begins no day the evening before: what stands overnight was begun by then', () => {
  expect(waitsFor(tasksOf(['Soak the petals overnight']))).toBe(0)
})
