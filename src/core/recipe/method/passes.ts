/** What is put right of the steps of a method once all of them are there. */
import type { Step } from '../../formula/document'
import { idFor } from '../../formula/edit'
import { CLIMBS } from '../sentence/due'
import { MEDIUM } from '../sentence/flame'
import { withLids } from '../sentence/lids'
import { timedFromBoil } from './at-boil'
import { inTheLast } from './in-the-last'

/** ◊ s that a base is only dipped. */
const DIP_S = 60

/** "Sit the pan in cold water for 5 min", "cool in an ice bath to 38°": it stands in the water while that is waited for. */
const bathedFirst = (steps: readonly Step[]): readonly Step[] =>
  steps.flatMap((step): Step[] => {
    const { bath, ...waits } = step
    const isDip = step.when.on === 'after' && step.when.seconds < DIP_S
    if (!bath || step.when.on === 'ready' || isDip) return [step]
    const id = idFor(
      `${step.id} in water`,
      steps.map((s) => s.id),
    )
    return [{ id, label: 'In cold water', when: { on: 'ready' }, say: step.say, why: '', act: 'It is in', bath }, waits]
  })

/** "Whip the whites at 118° of the syrup. Heat the syrup to 140°": no heat is waited for in a pot that is not on. */
function litFirst(steps: readonly Step[]): readonly Step[] {
  const lit = steps.findIndex((s) => s.heat !== undefined)
  // "put the sugar in a casserole and make a caramel": what is in it is on
  const climbs = steps.findIndex((s) => CLIMBS.has(s.when.on))
  const filled = steps.slice(0, Math.max(0, climbs)).findLastIndex((s) => s.adds !== undefined)
  if (filled >= 0 && (lit < 0 || climbs < lit))
    return steps.map((s, i) => (i === filled ? { ...s, heat: MEDIUM, cautions: ['hotSugar'] } : s))
  if (steps.slice(0, lit).some((s) => s.adds !== undefined)) return steps
  const early = steps.filter((s, i) => i < lit && CLIMBS.has(s.when.on))
  const rest = steps.filter((s) => !early.includes(s))
  const at = lit - early.length + 1
  return [...rest.slice(0, at), ...early, ...rest.slice(at)]
}

/** "Cool for 5 minutes. Beat until thick": where the recipe has said how long it waits, no other moment is waited for. */
const beatenInTime = (steps: readonly Step[]): Step[] =>
  steps.map((step, i) => {
    // what goes in once it has waited is beaten with it
    const before = steps.slice(0, i).findLast((s) => s.adds === undefined || s.when.on !== 'ready')
    const isBeaten = step.handwork?.kind === 'beat' && step.when.on === 'window'
    const [adds, on] = [before?.adds !== undefined, before?.when.on]
    const hasWaited = on === 'falls' || (adds ? on === 'word' : on === 'after')
    return isBeaten && hasWaited ? { ...step, when: { on: 'ready' } } : step
  })

/** One pass after the other. */
export const PASSES: readonly ((steps: readonly Step[]) => readonly Step[])[] = [
  litFirst,
  timedFromBoil,
  withLids,
  bathedFirst,
  beatenInTime,
  inTheLast,
]
