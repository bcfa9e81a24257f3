/** A cook looked at as the stove looks at it, and when what is said then is judged. */
import { assessCook, type CookAssessment, type CookRecord, type Doubt } from '@/core'
import type { Aim, RoughCook } from '../../tests/rough/cook'

/** s after the boil, or after something went in, from which a forecast is judged. */
const SETTLED = { boil: 90, addition: 60 }
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

/** Whether the log says at `now` what is so. */
export const isTold = (cook: RoughCook, now: number): boolean => !cook.untold.some(([a, b]) => now >= a && now <= b)

/** Whether a forecast of `aim` made at `now` is judged at all: the pot has settled, and the log says what is so. */
export const isJudged = (cook: RoughCook, aim: Aim, now: number): boolean =>
  now >= Math.max(cook.boiledAt + SETTLED.boil, aim.from + SETTLED.addition) && isTold(cook, now)

/** Whether so many s ahead count among "10 to 1 min ahead". */
export const isFar = (ahead: number): boolean => ahead <= 600 && ahead >= 60

/** s between two looks at a cook that is judged. */
export const BEAT = 2
/** Whether a forecast so many s ahead is asked for at a look: four a minute, and every one in the last two minutes. */
export const isAsked = (ahead: number): boolean =>
  (isFar(ahead) && Math.round(ahead) % 15 < BEAT) || (ahead < 120 && ahead > 8)
