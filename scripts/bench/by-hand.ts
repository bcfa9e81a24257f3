/** A cook without a probe, judged in the rough kitchen: now and then the maker types what a thermometer of his own shows. */
import { type CookEvent, farOff } from '@/core'
import { chance } from '../../tests/rough/chance'
import type { RoughCook } from '../../tests/rough/cook'
import { isFar, isJudged, looks } from './looks'
import { AS_OUTSIDE, byFamily, inKitchen } from './rough'
import { median, percent, percentile, type Row, share } from './table'

/** s between two readings, about; °C by which a thermometer nobody checked is off, and by which it is misread. */
const EYE = { everyS: 120, offC: 0.7, misreadC: 0.4 }
const BEAT = 5

/** What is typed in a cook, to the degree. */
function typedIn(cook: RoughCook, seed: number): CookEvent[] {
  const eye = chance(seed, 6)
  const off = EYE.offC * eye.normal()
  const out: CookEvent[] = []
  for (let at = eye.between(60, 120); at < cook.endedAt; at += EYE.everyS * eye.between(0.7, 1.3)) {
    const tip = cook.tips[Math.round(at) - 1] as number
    out.push({ id: `t${out.length}`, at, type: 'reads', celsius: Math.round(tip + off + EYE.misreadC * eye.normal()) })
  }
  return out
}

interface Seen {
  /** Shares of the time ahead by which the forecast was off, whether the truth was inside, and s it was off in the last two minutes. */
  readonly off: number[]
  readonly inside: boolean[]
  readonly near: number[]
  /** °C by which the temperature shown was off. */
  readonly celsius: number[]
  /** Of what was typed, whether it was asked about: all of it was so. */
  readonly asked: boolean[]
}

/** What a maker without a probe is shown of a cook, who types a temperature every two minutes. */
export function judgeByHand(cook: RoughCook, seed: number): Seen {
  const seen: Seen = { off: [], inside: [], near: [], celsius: [], asked: [] }
  const typed = typedIn(cook, seed)
  const events = [...cook.events, ...typed].sort((a, b) => a.at - b.at)
  const byHand = { ...cook, boil: { ...cook.boil, channel: null }, events, readings: [] }
  for (const look of looks(byHand, BEAT, cook.endedAt, BEAT)) {
    const { now, pot } = look
    const { forecast, celsius, doNow } = pot
    for (const t of typed) if (t.at > now && t.at <= now + BEAT) seen.asked.push(farOff(t, look) !== null)
    const aim = cook.aims.find((a) => a.step === doNow.step?.id)
    if (!aim || !forecast || !isJudged(cook, aim, now)) continue
    const ahead = aim.at - now
    const off = Math.abs(forecast.eta - ahead)
    if (celsius !== null && ahead > 0) seen.celsius.push(Math.abs(celsius - (cook.truth[now - 1] as number)))
    if (ahead < 120 && ahead > 8) seen.near.push(off)
    if (!isFar(ahead) || now % 15 !== 0) continue
    seen.off.push(off / ahead)
    seen.inside.push(ahead >= forecast.low && ahead <= forecast.high)
  }
  return seen
}

const said = (all: readonly Seen[]): string => {
  const [off, near, celsius] = (['off', 'near', 'celsius'] as const).map((what) => all.flatMap((s) => s[what]))
  return `median ${percent(median(off as number[]))}, worst tenth ${percent(percentile(off as number[], 0.9))}, inside ${percent(
    share(
      all.flatMap((s) => s.inside),
      (inside) => inside,
    ),
  )}, last 2 min ${median(near as number[]).toFixed(1)} s; temperature off by ${median(celsius as number[]).toFixed(1)}°, worst tenth ${percentile(celsius as number[], 0.9).toFixed(1)}°; asked about ${percent(
    share(
      all.flatMap((s) => s.asked),
      (asked) => asked,
    ),
  )} of what is so`
}

/** One line a family of what is shown to a maker who types a temperature every two minutes. */
export const benchByHand = (first = 7_800_000, cooks = 40): Row[] =>
  byFamily(inKitchen(judgeByHand, { roughness: AS_OUTSIDE }, first, cooks), said)
