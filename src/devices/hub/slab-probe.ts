/** The stand-in probe once it has been stuck into what was poured: it reads the middle of a slab that cools by itself. */
import { ulid } from 'ulid'
import type { BoilView, PushedReading } from '@/contract/cook'
import {
  type CookEvent,
  celsiusAt,
  emptiedAt,
  finishLogOf,
  firstPlace,
  gramsOfBoil,
  massNow,
  openCook,
  standing,
} from '@/core'
import type { ProbeModel } from '../probe'

/** s between two readings: a slab is slow. */
const EVERY = 10
/** A hub that was away tells so many s of it again, and no more. */
const LONGEST = 2 * 3600
/** ◊ The stand-in's slabs cool a little faster than the book says: whoever follows them has to find out. */
const TRUE_PACE = 1.1
const BY_ITSELF = { lagS: 0, noiseC: 0 }

/** What a probe that stands in a slab reads after `since` and up to `now`, s on the cook's clock; nothing where it stands in none. */
export function slabReadings(
  boil: BoilView,
  events: readonly CookEvent[],
  probe: ProbeModel,
  since: number,
  now: number,
): PushedReading[] {
  const stuckAt = standing(events).findLast((e) => e.type === 'stuck')?.at
  if (stuckAt === undefined || now < since + EVERY) return []
  const cook = openCook(boil.formula, gramsOfBoil(boil.plan, boil.number), boil.conditions, BY_ITSELF, events)
  const emptied = emptiedAt(boil.formula, cook.state)
  const { pulledAt } = cook.state
  if (emptied === null || pulledAt === null) return []
  // what a hand or an eye says of it changes nothing in it
  const log = { ...finishLogOf(events, [], pulledAt, firstPlace(boil.conditions)), sightings: [] }
  const mass = massNow(cook, log, [], now)
  if (!mass?.slab) return []
  const startedAt = Date.parse(boil.startedAt)
  const out: PushedReading[] = []
  const from = Math.max(stuckAt, since, now - LONGEST)
  for (let at = EVERY * (Math.floor(from / EVERY) + 1); at <= now; at += EVERY) {
    const celsius = probe.read(celsiusAt(mass.course, emptied + TRUE_PACE * (at - emptied)), EVERY)
    if (celsius !== null)
      out.push({ id: ulid(), at: new Date(startedAt + at * 1000).toISOString(), celsius, boil: boil.id })
  }
  return out
}
