/** What past batches say of a target. Temperatures are as at sea level, like the formula's. */
import { type Advice, type Helped, inCelsius, inCelsiusStep, inGrams, type MethodAdvice } from '@/core'
import { formatPercent, formatSpan } from '../format'
import type { Said } from '../said'
import type { Say } from '../units'
import { lower } from './names'

/** ◊ Two targets this close are told apart by a tenth. */
const CLOSE = 1.5

export function sayAdvice(advice: Advice, target: number, say: Say): Said {
  switch (advice.kind) {
    case 'too-few':
      return {
        text: 'Your batches say nothing yet',
        detail: `${advice.have} judged of the ${advice.need} it takes: score them in the logbook`,
      }
    case 'too-alike':
      return {
        text: 'Your batches are too alike to learn from',
        detail: `they lie within ${say.step(inCelsiusStep(advice.spread))} of each other`,
      }
    case 'target': {
      const near = Math.abs(advice.best - target) < CLOSE
      const heat = (c: number): string => (near ? say.fine(inCelsius(c)) : say.temperature(inCelsius(c)))
      return {
        text: {
          change: `Try ${heat(advice.best)} instead of ${heat(target)}`,
          keep: `${say.temperature(inCelsius(target))} has served you well`,
          unsure: `Whether ${say.temperature(inCelsius(target))} is the best does not show yet`,
        }[advice.says],
        detail: `${advice.batches} batches: best at ${say.fine(inCelsius(advice.best))} ± ${say.step(inCelsiusStep(advice.sd))}`,
      }
    }
  }
}

const came = { better: 'helped', worse: 'did not help', even: 'made no difference that shows' } as const

/** Whether a revision helped, by what its batches scored. */
export const sayHelped = ({ revision, before, after, came: how }: Helped): Said => ({
  text: `Revision ${revision} ${came[how]}`,
  detail: `${after.batches} batches score ${after.score.toFixed(1)}; ${before.batches} of revision ${before.revision} scored ${before.score.toFixed(1)}`,
})

/** What the log says of the method, and what it goes by. */
export function sayMethodAdvice(advice: MethodAdvice, say: Say): Said {
  const { batches, of } = advice
  const by = `${batches} of the last ${of} batches`
  switch (advice.kind) {
    case 'doctor':
      return {
        text: `More ${lower(advice.name)}: ${say.weight(inGrams(advice.toGrams))} instead of ${say.weight(inGrams(advice.fromGrams))}`,
        detail: `${by} grained; as much sugar comes off as it brings`,
      }
    case 'heat':
      return {
        text: `Heat ${advice.toDial} instead of ${advice.fromDial} from “${advice.step}” on`,
        detail: `${by} scorched, parted or foamed over`,
      }
    case 'water':
      return {
        text: `Begin with ${say.weight(inGrams(advice.toGrams))} of water instead of ${say.weight(inGrams(advice.fromGrams))}`,
        detail: `some ${Math.round(advice.savedMinutes)} min sooner at your pace, and the same sweet; the sugar still dissolves`,
      }
    case 'air':
      return {
        text: `${formatPercent(advice.toAir)} of it is air, not ${formatPercent(advice.fromAir)}`,
        detail: `${batches} of the last ${of} batches were measured ${advice.toAir > advice.fromAir ? 'deeper' : 'flatter'} than reckoned`,
      }
    case 'time':
      return {
        text: `“${advice.step}” after ${formatSpan(advice.toS)} instead of ${formatSpan(advice.fromS)}`,
        detail: `${by} were worked ${advice.toS < advice.fromS ? 'after' : 'before'} their window`,
      }
  }
}
