/** The sentences of what is got ready, and of what is made by hand. */
import { mostReady, type SingleFormula, type Step } from '../../formula/document'
import { idFor } from '../../formula/edit'
import { capital, LONGEST_SAY, secondsIn, short } from '../../formula/sentence'
import { actOf } from '../sentence/button'
import { waitsCold } from '../sentence/due'
import { label } from '../sentence/endings'
import { type HeatUnit, inCelsiusWords } from '../sentence/heats'
import { inOven, pours } from '../sentence/moves'
import { worksIn } from '../sentence/works'

/** "Meanwhile warm the cream": beside nothing yet. */
const BESIDE_WHAT = /^(?:meanwhile|at the same time|while (?:that|this|it)\b[^,]{0,20}),?\s+/i

/** Sentences of what is got ready, as a formula keeps them. */
export function readySaid(said: readonly string[], unit: HeatUnit | null): Pick<SingleFormula, 'ready'> {
  const ready = said
    .slice(0, mostReady)
    .map((s) => short(capital(inCelsiusWords(s, unit).replace(BESIDE_WHAT, '')), LONGEST_SAY))
  return ready.length > 0 ? { ready } : {}
}

/**
 * The sentences of what is not boiled as steps, each after its time where it says one. `groupAt`: what goes in with each sentence; where all of
 * them only get ready, one step makes it of what goes in with the first.
 */
export function plainSteps(
  said: readonly string[],
  name: string,
  ready: ReadonlySet<number>,
  groupAt: ReadonlyMap<number, string> = new Map(),
): Step[] {
  const taken = new Set<string>()
  const done = said.flatMap((s, at) => (ready.has(at) ? [] : [{ text: s, at }]))
  const steps = done.length > 0 ? done : [{ text: `Make the ${name.toLowerCase()}`, at: 0 }]
  const told = steps.map((s) => s.text)
  return steps.map(({ text, at }, i): Step => {
    const adds = groupAt.get(at)
    const id = idFor(label(text), taken)
    taken.add(id)
    const [seconds, handwork] = [secondsIn(text), worksIn(text, { said, unit: null, whips: null })]
    // what was baked or poured lies there until it is cold
    const lies = told.slice(0, i).some((s) => pours(s) || inOven(s))
    return {
      id,
      label: label(text),
      when: seconds !== null ? { on: 'after', seconds } : { on: 'ready' },
      say: short(inCelsiusWords(text, null), LONGEST_SAY),
      why: '',
      act: actOf(text),
      ...(adds && { adds }),
      ...(handwork && { handwork }),
      ...(seconds === null &&
        lies &&
        (handwork?.kind === 'cool' ? { when: { on: 'window' as const } } : waitsCold(text, handwork, true))),
    }
  })
}
