/** A cook looked at as the stove looks at it. */
import { assessCook, type CookAssessment, type CookRecord, type Doubt } from '@/core'
import type { RoughCook } from '../../tests/rough/cook'

export const HEAT_DOUBTS: readonly Doubt[] = ['stall', 'heat-lower', 'heat-higher']
export const PROBE_DOUBTS: readonly Doubt[] = ['probe-out', 'probe-on-metal', 'unexplained']

/** Looks at a cook every `beat` seconds, as the stove does, up to `until`. */
export function* looks(cook: RoughCook, from: number, until: number, beat: number): Generator<CookAssessment> {
  let before: CookAssessment | undefined
  let [e, r] = [0, 0]
  let record: CookRecord = { events: [], readings: [] }
  for (let now = from; now <= until; now += beat) {
    const [wasE, wasR] = [e, r]
    while (e < cook.events.length && (cook.events[e]?.at ?? 0) <= now) e++
    while (r < cook.readings.length && (cook.readings[r]?.at ?? 0) <= now) r++
    record = {
      events: e === wasE ? record.events : cook.events.slice(0, e),
      readings: r === wasR ? record.readings : cook.readings.slice(0, r),
    }
    before = assessCook(cook.boil, record, now, before)
    yield before
  }
}
