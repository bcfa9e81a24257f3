/** A heat that a recipe says twice, "boil until it reaches 120°. When it reaches 120°, add …": it is waited for once. */
import type { Step } from '../../formula/document'
import { LONGEST_SAY, short, uncapital } from '../../formula/sentence'

/** ◊ °C within which two heats are the same. */
const SAME = 1

/** Whether doing a step changes anything but that it has been waited for. */
const onlyWaits = (step: Step): boolean =>
  (['adds', 'joins', 'lid', 'heat', 'offHeat', 'bath', 'empties'] as const).every((of) => step[of] === undefined) &&
  (step.handwork === undefined || step.handwork.kind === 'cool')

/** "Boil for 20 minutes. A drop should make a soft ball": what ends it is the same boil. */
const TESTED = /^(?:a (?:bit|drop|little|\w*spoonful)|drop|test|try|check|to test)\b/i
const BOILS_ON = /^(?:boil|bubble|cook|simmer|keep (?:boiling|cooking))\b/i
const isTested = (before: Step, { when, say }: Step): boolean =>
  when.on === 'target' && before.when.on === 'after' && BOILS_ON.test(before.say) && TESTED.test(say)

/** "Leave to set. Cut into squares": it is left until it can be cut. */
const leadsTo = (before: Step, { when }: Step): boolean =>
  when.on === 'window' && (before.when.on === 'window' || before.when.on === 'word')

const NAMES_A_WAIT = /^(?:As|Once|When)\b/
/** "Cook until the syrup reaches 122°", with nothing more. */
const ONLY_COOKS = /^cook (?:until|to)\b[^,;]{0,50}°$/i

/** A step that is waited for as the one before it, with what that one says. */
function withWords(before: Step, step: Step): Step {
  if (before.say === step.say) return step
  if (ONLY_COOKS.test(step.say)) return { ...step, say: before.say }
  return {
    ...step,
    label: NAMES_A_WAIT.test(step.label) ? before.label : step.label,
    say: short(`${before.say}; ${uncapital(step.say)}`, LONGEST_SAY),
  }
}

/** Steps without those that only wait for what the next one waits for. `targetC`: where the pull is, °C; null where that is not known. */
export function waitedOnce(steps: readonly Step[], targetC: number | null): readonly Step[] {
  const out: Step[] = []
  for (const step of steps) {
    const before = out.at(-1)
    const { when } = step
    const celsius = when.on === 'target' ? targetC : 'celsius' in when ? when.celsius : null
    const isSame = ({ when: earlier }: Step): boolean =>
      celsius !== null &&
      (earlier.on === 'rises' || earlier.on === 'falls') &&
      earlier.on === (when.on === 'target' ? 'rises' : when.on) &&
      Math.abs(earlier.celsius - celsius) < SAME
    // "cook to 124°. While it cooks beat the whites. Once it is at 124° pour": what is done meanwhile stands before the end
    const told = when.on === 'target' ? out.findLastIndex((s) => isSame(s) && onlyWaits(s)) : -1
    const isOnTheWay = ({ when: on }: Step): boolean =>
      on.on === 'ready' || (on.on === 'rises' && celsius !== null && on.celsius < celsius)
    const isMeanwhile = told >= 0 && out.slice(told + 1).every((s) => isOnTheWay(s) && onlyWaits(s))
    if (isMeanwhile) out.push(withWords(out.splice(told, 1)[0] as Step, step))
    else if (before && (isSame(before) || leadsTo(before, step) || isTested(before, step)) && onlyWaits(before))
      out.splice(-1, 1, withWords(before, step))
    else out.push(step)
  }
  return out
}
