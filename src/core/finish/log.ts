/** What the log says of a sweet once it is out of the pot. */

import type { Stay } from '../cooling/slab'
import { type OffCuts, textures, touches } from '../craft/handwork'
import { onARack, type Surface } from '../craft/surfaces'
import { type CookEvent, standing } from '../log/log'
import type { Reading } from '../log/readings'

/** A temperature that is known of it: of its middle or its face, °C, and how sharply. */
export interface Sighting {
  readonly at: number
  readonly celsius: number
  readonly sd: number
  readonly of: 'middle' | 'face'
}

/** What the whole came to once it was cut. */
export interface Yield {
  readonly pieces: number
  readonly seconds: number
  readonly trimGrams: number
  /** What became of what was trimmed off. */
  readonly offCuts?: OffCuts
}

export interface FinishLog {
  /** Where it lay, from when on; at least one. */
  readonly stays: readonly Stay[]
  /** Measured depth, mm; null while nobody measured. */
  readonly depthMm: number | null
  readonly sightings: readonly Sighting[]
  /** How high it last stood in the bowl, and when. */
  readonly stands: { readonly at: number; readonly times: number } | null
  /** Pieces made, newest last. */
  readonly made: readonly { readonly at: number; readonly pieces: number }[]
  readonly yields: Yield | null
}

/** ◊ A thermometer stuck into a slab by hand: its tip is not quite in the middle. */
const STUCK_SD = 1.5
/** ◊ s between two readings of a probe that stands in it which say something new. */
const NEWS = 60

/** Reads a log from `from`, s, when it left the pot; `on`: where it is poured while nobody says so; `probed`: readings of a probe, oldest first. */
export function finishLogOf(
  events: readonly CookEvent[],
  probed: readonly Reading[],
  from: number,
  on: Surface = onARack,
): FinishLog {
  const stays = [{ from, on }]
  const sightings: Sighting[] = []
  const made: { at: number; pieces: number }[] = []
  let depthMm: number | null = null
  let stands: FinishLog['stands'] = null
  let yields: FinishLog['yields'] = null
  let stuckAt = Number.POSITIVE_INFINITY
  const see = (at: number, of: Sighting['of'], fact: { celsius: number; sd: number } | null): void => {
    if (fact && at > from) sightings.push({ at, of, celsius: fact.celsius, sd: fact.sd })
  }
  for (const e of standing(events)) {
    if (e.type === 'lies') stays.push({ from: Math.max(from, e.at), on: e.on })
    else if (e.type === 'measures') depthMm = e.depthMm
    else if (e.type === 'stands') stands = { at: e.at, times: e.times }
    else if (e.type === 'made') made.push({ at: e.at, pieces: e.pieces })
    else if (e.type === 'yields') yields = e
    else if (e.type === 'stuck') stuckAt = e.at
    else if (e.type === 'feels') see(e.at, 'face', touches[e.touch])
    else if (e.type === 'reads') see(e.at, 'middle', { celsius: e.celsius, sd: STUCK_SD })
    else if (e.type === 'texture') see(e.at, 'middle', textures[e.texture])
  }
  let last = Number.NEGATIVE_INFINITY
  for (const r of probed)
    if (r.at > stuckAt + NEWS && r.at >= last + NEWS) {
      see(r.at, 'middle', { celsius: r.celsius, sd: STUCK_SD })
      last = r.at
    }
  return {
    stays: stays.filter((s, i) => stays[i + 1]?.from !== s.from).sort((a, b) => a.from - b.from),
    depthMm,
    sightings: sightings.sort((a, b) => a.at - b.at),
    stands,
    made,
    yields,
  }
}

/** Good pieces counted over the logs of a batch's boils; null while nobody counted. */
export function countedIn(logs: readonly (readonly CookEvent[])[]): number | null {
  const counted = logs.flatMap((events) => yieldsIn(events) ?? [])
  return counted.length > 0 ? counted.reduce((sum, y) => sum + y.pieces, 0) : null
}

/** The last count of a log; null where nobody counted. */
export const yieldsIn = (events: readonly CookEvent[]): Yield | null =>
  standing(events).findLast((e): e is Extract<CookEvent, { type: 'yields' }> => e.type === 'yields') ?? null
