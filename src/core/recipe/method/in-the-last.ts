/** "Whip for 12 minutes. Add the extract in the last minute": it goes in before the work ends. */
import type { Step } from '../../formula/document'

const LAST = /\b(?:during|in|for) the last (?:(\d+|few|couple of) )?min(?:ute)?s?\b/i
/** ◊ "The last few minutes", min. */
const FEW = 2

/** How long before the end that is, s; null where a sentence says nothing of it. */
function beforeEndS(say: string): number | null {
  const found = LAST.exec(say)
  if (!found) return null
  const [, count] = found
  return 60 * (count === undefined ? 1 : Number(count) || FEW)
}

/** Work that lasts so long, ended for the reader when what goes in in its last minutes is due. */
export const inTheLast = (steps: readonly Step[]): Step[] =>
  steps.map((step, i) => {
    const next = steps[i + 1]
    const sooner = next?.adds !== undefined && next.when.on === 'ready' ? beforeEndS(next.say) : null
    if (sooner === null || step.when.on !== 'after' || step.handwork === undefined || step.when.seconds <= sooner)
      return step
    return { ...step, when: { on: 'after', seconds: step.when.seconds - sooner } }
  })
