/**
 * The stand-in probe once the sweet has left its pot: it reads the middle of what it was stuck into, a bowl under the whisk, a
 * slab, a rope; and chocolate that is back in its bowl. All of that cools by itself.
 */
import type { BoilView } from '@/contract/cook'
import { type CookEvent, celsiusAt, finishLogOf, firstPlace, gramsOfBoil, massNow, openCook, standing } from '@/core'
import type { ProbeModel } from '../probe'

/** s between two readings: out of the pot everything is slow. */
export const MASS_EVERY = 10
/** A hub that was away tells so many s of it again, and no more. */
const LONGEST = 2 * 3600
/** ◊ What the stand-in holds cools a little faster than the book says: whoever follows them has to find out. */
const TRUE_PACE = 1.1
const BY_ITSELF = { lagS: 0, noiseC: 0 }

/** What it read, and when, s on the cook's clock. */
interface MassReading {
  readonly at: number
  readonly celsius: number
}

/** What the probe reads of it after `since` and up to `now`, s on the cook's clock; nothing where it stands in nothing. */
export function massReadings(
  boil: BoilView,
  events: readonly CookEvent[],
  probe: ProbeModel,
  since: number,
  now: number,
): MassReading[] {
  const stuckAt = standing(events).findLast((e) => e.type === 'stuck')?.at
  const cook = openCook(boil.formula, gramsOfBoil(boil.plan, boil.number), boil.conditions, BY_ITSELF, events)
  const { pulledAt } = cook.state
  if (pulledAt === null) return []
  // what a hand or an eye says of it changes nothing in it
  const log = { ...finishLogOf(events, [], pulledAt, firstPlace(boil.conditions)), sightings: [] }
  const mass = massNow(cook, log, [], now)
  // what is back in its bowl has the probe in it again
  const standsFrom = mass?.place === 'pot' ? mass.since : stuckAt
  if (!mass || standsFrom === undefined) return []
  const out: MassReading[] = []
  const from = Math.max(standsFrom, mass.since, since, now - LONGEST)
  for (let at = MASS_EVERY * (Math.floor(from / MASS_EVERY) + 1); at <= now; at += MASS_EVERY) {
    const celsius = probe.read(celsiusAt(mass.course, mass.since + TRUE_PACE * (at - mass.since)), MASS_EVERY)
    if (celsius !== null) out.push({ at, celsius })
  }
  return out
}
