import type { Doubt, Estimate } from '@/core'

/** What the forecast doubts, said so that something can be done about it. */
export const doubtWords: Record<Doubt, string> = {
  'probe-out': 'The probe seems to be out of the syrup: the line goes on without it.',
  'probe-on-metal': 'The probe seems to touch metal: the line goes on without it.',
  unexplained: 'The temperature has jumped: log what went in.',
  silent: 'The probe is silent: the line goes on from what is known.',
  stall: 'It has stalled: is the flame out?',
  'heat-lower': 'It gets less heat than it did: log a turn of the dial.',
  'heat-higher': 'It gets more heat than it did: log a turn of the dial.',
  lid: 'Not while the lid is on.',
  never: 'At this heat it will not get there.',
}

/** What the tests say of the thermometer, when they disagree beyond chance. `step` says a difference in the maker's unit. */
export function thermometerWords(estimate: Estimate | null, step: (celsius: number) => string): string | null {
  if (!estimate?.disagrees || !estimate.off) return null
  const { mean, sd } = estimate.off
  return `The drops say your thermometer reads about ${step(Math.abs(mean))}° ${mean > 0 ? 'high' : 'low'} (give or take ${step(sd)}°).`
}
