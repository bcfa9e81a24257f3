/** A cook without a probe, judged in the rough kitchen: now and then the maker types what a thermometer of his own shows. */
import { assessCook, type CookAssessment, type CookEvent, type CookRecord } from '@/core'
import { demoBoil } from '@/demo/formulas'
import { chance } from '../../tests/rough/chance'
import { type RoughCook, roughCook } from '../../tests/rough/cook'
import { AS_OUTSIDE, isFar, isJudged, percent, roughFamilies, share } from './rough'
import { median, percentile, type Row } from './table'

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
}

/** What a maker without a probe is shown of a cook, who types a temperature every two minutes. */
export function judgeByHand(cook: RoughCook, seed: number): Seen {
  const seen: Seen = { off: [], inside: [], near: [], celsius: [] }
  const boil = { ...cook.boil, channel: null }
  const events = [...cook.events, ...typedIn(cook, seed)].sort((a, b) => a.at - b.at)
  let record: CookRecord = { events: [], readings: [] }
  let before: CookAssessment | undefined
  for (let now = BEAT; now <= cook.endedAt; now += BEAT) {
    const known = events.findLastIndex((e) => e.at <= now) + 1
    if (known !== record.events.length) record = { events: events.slice(0, known), readings: [] }
    before = assessCook(boil, record, now, before)
    const { forecast, celsius, doNow } = before.pot
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
  )}, last 2 min ${median(near as number[]).toFixed(1)} s; temperature off by ${median(celsius as number[]).toFixed(1)}°, worst tenth ${percentile(celsius as number[], 0.9).toFixed(1)}°`
}

/** One line a family of what is shown to a maker who types a temperature every two minutes. */
export function benchByHand(first = 7_800_000, cooks = 40): Row[] {
  const families = roughFamilies.map(([what, id], i) => ({
    what,
    seen: Array.from({ length: cooks }, (_, s) => {
      const seed = first + 1000 * i + s
      return judgeByHand(roughCook(demoBoil(id), seed, { roughness: AS_OUTSIDE }), seed)
    }),
  }))
  const all = families.flatMap((f) => f.seen)
  return [...families, { what: `all ${all.length} cooks`, seen: all }].map(({ what, seen }) => ({
    what,
    measured: said(seen),
    wanted: '',
  }))
}
