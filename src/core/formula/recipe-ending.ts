/** When a written recipe is done, and what temperature that is in its own syrup. */
import { signs } from '../craft/signs'
import { type StageId, stagesOf } from '../craft/stages'
import { type Mix, massOf } from '../matter/mix'
import { milkHeadStart } from '../physics/browning'
import type { Target } from './document'
import { type Ending, endingsIn, type HeatUnit } from './method'

/** ◊ Sugar work is pulled between these, °C. */
const isTarget = (c: number): boolean => c >= 100 && c <= 180

/** The sentence that says when it is done, and by what; a temperature before a drop, a drop before a look, a look before a time. */
export function endingOf(
  said: readonly string[],
  unit: HeatUnit | null,
): { at: number; ending: Ending; others: Ending[] } | null {
  const all = said.flatMap((s, at) => endingsIn(s, unit).map((ending) => ({ at, ending })))
  const good = all.filter(({ ending }) => ending.by !== 'heat' || isTarget((ending.low + ending.high) / 2))
  for (const by of ['heat', 'drop', 'sign', 'colour', 'time'] as const) {
    const found = good.findLast(({ ending }) => ending.by === by)
    if (found)
      return { ...found, others: good.filter((g) => g.at === found.at && g !== found).map(({ ending }) => ending) }
  }
  return null
}

/** ◊ How far either side of a temperature is still good where nothing is said, °C, and what a look leaves open. */
export const WITHIN = { heat: 1.5, look: 3 }

/** The target an ending stands for in a syrup of `mix`; null for a time alone, which says nothing of it. */
export function targetOf(ending: Ending, mix: Mix): Target | null {
  const stages = stagesOf(mix)
  const from = (id: StageId): number => stages.find((s) => s.id === id)?.from ?? Number.NaN
  const between = (low: number, high: number): Target | null =>
    Number.isFinite(low + high)
      ? { celsius: Math.round(5 * (low + high)) / 10, within: Math.max(WITHIN.heat, Math.min(6, (high - low) / 2)) }
      : null
  switch (ending.by) {
    case 'heat':
      return between(ending.low, ending.high)
    case 'drop': {
      const next = stages[stages.findIndex((s) => s.id === ending.stage) + 1]
      return between(from(ending.stage), next?.from ?? from(ending.stage) + 2 * WITHIN.look)
    }
    case 'sign': {
      const { from: low, to } = signs[ending.sign]
      return between(from(low), to === null ? from(low) + 2 * WITHIN.look : from(to))
    }
    case 'colour': {
      // milk browns before the sugar does
      const celsius = Math.round(ending.celsius - milkHeadStart(mix, massOf(mix)))
      return { celsius, within: WITHIN.look }
    }
    case 'time':
      return null
  }
}
