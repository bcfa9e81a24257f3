/** The lid of a written recipe: "cover for three minutes", "uncover and boil to 118°". */
import type { Step } from '../../formula/document'
import { idFor } from '../../formula/edit'

const COVERS =
  /\bcover(?:ed)?\b(?!\s+(?:with(?! (?:an? |its |the )?(?:[\w-]+ )?lid\b)|in|the (?!pan|pot|saucepan)))|\b(?:put|place|pop) (?:the|a) lid on\b|(?<!\b(?:with|take|leave) (?:the|a) )\blid on\b|\bwith (?:the|a) lid on\b/i
const UNCOVERS =
  /\buncover(?:ed)?\b|\b(?:remove|take off|lift(?: off)?) (?:the )?lid\b|\btake (?:it|the lid) off\b|\blid off\b/i
const BOILS_FIRST = /\b(?:bring|comes?)\b.{0,30}\bboil\b.*\b(?:cover|lid)/i
/** "Cover until it boils, then uncover": it comes off by itself, where nothing else is waited for in between. */
const UNTIL_BOIL = /\b(?:cover(?:ed)?|lid on)\b.{0,12}\b(?:until|till) (?:it |the \w+ )?(?:comes to (?:a|the) )?boil/i

/** What is waited for under a lid. */
const waits = ({ when }: Step): boolean => when.on === 'after' || when.on === 'boil'

const lidStep = (say: string, id: string, lid: boolean): Step => ({
  id,
  label: lid ? 'Lid on' : 'Lid off',
  when: (lid ? BOILS_FIRST : UNTIL_BOIL).test(say) ? { on: 'boil' } : { on: 'ready' },
  say,
  why: '',
  act: lid ? 'Lid is on' : 'Lid is off',
  lid,
})

/** A wait under the lid, which ends by taking it off. */
const lifted = (step: Step): Step => ({ ...step, act: 'Lid is off', lid: false })

/** Steps with the lid put on and taken off where their words say so; as they are, where nothing says that it comes off again. */
export function withLids(steps: readonly Step[]): readonly Step[] {
  const pull = steps.findIndex((s) => s.when.on === 'target')
  const out: Step[] = []
  const taken = new Set(steps.map((s) => s.id))
  const fresh = (name: string): string => {
    const id = idFor(name, taken)
    taken.add(id)
    return id
  }
  let covered = false
  for (const [i, step] of steps.entries()) {
    const begins = steps[i - 1]?.say !== step.say
    const ends = steps[i + 1]?.say !== step.say
    const puts = i <= pull && COVERS.test(step.say)
    // what is covered once it boils is covered then
    const boilsNext = BOILS_FIRST.test(step.say) && steps[i + 1]?.when.on === 'boil' && !ends
    if (puts && !covered && step.when.on === 'boil' && !ends) {
      covered = true
      out.push({ ...step, act: 'Lid is on', lid: true })
    } else if (puts && begins && !covered && boilsNext) {
      out.push(step)
    } else if (puts && begins && ends && !covered && step.when.on === 'ready' && UNTIL_BOIL.test(step.say)) {
      out.push({ ...step, lid: true }, lidStep(step.say, fresh('lid off'), false))
    } else if (puts && begins && !covered && step.when.on === 'ready') {
      covered = true
      out.push({ ...step, lid: true })
    } else if (puts && begins && !covered && waits(step)) {
      out.push(lidStep(step.say, fresh('lid on'), true), lifted(step))
    } else if (puts && ends && covered && waits(step)) {
      covered = false
      out.push(lifted(step))
    } else if (covered && begins && UNCOVERS.test(step.say)) {
      covered = false
      if (step.when.on === 'ready') out.push({ ...step, lid: false })
      else out.push(lidStep(step.say, fresh('lid off'), false), step)
    } else out.push(step)
  }
  return covered ? steps : out
}
