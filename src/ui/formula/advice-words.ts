import type { Advice } from '@/core'
import type { TemperatureWords } from '@/ui/shell/preferences'

/** What past batches say of the target, in a line and its number. Temperatures are as at sea level, like the formula's. */
export function adviceWords(
  advice: Advice,
  target: number,
  { say, step }: TemperatureWords,
): { text: string; detail: string } {
  switch (advice.kind) {
    case 'too-few':
      return {
        text: 'Your batches say nothing yet',
        detail: `${advice.have} judged of the ${advice.need} it takes: score them in the logbook`,
      }
    case 'too-alike':
      return {
        text: 'Your batches are too alike to learn from',
        detail: `they lie within ${step(advice.spread)}° of each other`,
      }
    case 'target':
      return {
        text: advice.worthChanging
          ? `Try ${say(advice.best)} instead of ${say(target)}`
          : `${say(target)} has served you well`,
        detail: `${advice.batches} batches: best at ${say(advice.best)} ± ${step(advice.sd)}°`,
      }
  }
}
