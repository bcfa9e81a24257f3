/** Times of a written recipe that are counted from the boil: "bring to the boil and simmer for 10 minutes". */
import type { Step } from '../../formula/document'
import { idFor } from '../../formula/edit'
import { CLIMBS } from '../sentence/due'

/** "Simmer 10 min", "cover for three minutes": so long at the boil; "cover and cook for three minutes": from when it is put on. */
const AT_BOIL = /\b(?:boil|simmer|bubble|steam)\b|^(?!.*\b(?:cook|heat)\b).*\b(?:cover(?:ed)?(?! with)|lid)\b/i
/** "Don't let it boil" */
const NOT_AT_ALL = /\b(?:do not|don.?t|never|not|without)\b[^,;.]{0,20}\bboil\w*/gi
const timesBoil = (say: string): boolean => AT_BOIL.test(say.replace(NOT_AT_ALL, ' '))
const BRINGS = /\b(?:boil|simmer)\b/i

/** "Bring the milk and sugar to a simmer": what is done next is done then. */
const BRINGS_ALL = /\b(?:bring\b[^;]*\b|(?:cook|heat|stir)\b[^;]*\bto (?:an? |the )?)(?:boil|simmer)\b(?!.*\d)[^;]*$/i

/** ◊ s of a simmer beside which it does not matter how long the pot takes to get there. */
const LONG_S = 1800

/** Steps in which what is timed at the boil is timed from it: a wait for the boil stands before it, where none does. */
export function timedFromBoil(steps: readonly Step[]): readonly Step[] {
  const pull = steps.findIndex((s) => s.when.on === 'target')
  const taken = new Set(steps.map((s) => s.id))
  const out: Step[] = []
  const boiling = (say: string): Step => {
    const id = idFor('at the boil', taken)
    taken.add(id)
    return { id, label: 'Boiling', when: { on: 'boil' }, say, why: '', act: 'It boils' }
  }
  let lit = false
  let boils = false
  /** What the ring burns at before the last step, and at it. */
  let [dial, now] = [0, 0]
  for (const [i, step] of steps.entries()) {
    const isTimed =
      step.when.on === 'after' && step.when.seconds < LONG_S && timesBoil(step.say) && (pull < 0 || i < pull)
    if (isTimed && lit && !boils) {
      const before = out.at(-1)
      // a flame that is turned up is turned up first
      const isPlain = before?.heat === undefined || before.heat < dial
      if (
        before?.when.on === 'ready' &&
        isPlain &&
        before.adds === undefined &&
        !before.offHeat &&
        BRINGS.test(before.say)
      )
        out.splice(-1, 1, { ...before, when: { on: 'boil' } })
      else out.push(boiling(step.say))
    }
    // what is put in and brought to the boil is there before anything is done to it
    const last = out.at(-1)
    const isDone = step.when.on === 'ready' && (step.adds !== undefined || step.offHeat === true)
    if (isDone && lit && last?.adds !== undefined && last.when.on === 'ready' && BRINGS_ALL.test(last.say) && i <= pull)
      out.push(boiling(last.say))
    ;[dial, now] = [now, step.heat ?? now]
    lit = (lit || step.heat !== undefined) && !step.offHeat
    boils = lit && (CLIMBS.has(step.when.on) || isTimed || (boils && step.adds === undefined))
    out.push(step)
  }
  return out
}
