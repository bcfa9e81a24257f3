/** What three months of batches know that three days do not: rings, pots, hands. */

import { type Cook, cooks } from '@/contract/choices'
import type { Day } from '@/contract/day'
import type { Taught, TaughtFormula, TaughtProbe, TaughtRing } from '@/contract/taught'
import { burnerPower, DIAL_TOP, deviationOf, givesFrom, meanOf, pacesFrom, probeLag, type TraitId } from '@/core'
import {
  type ChannelRecord,
  type ComparedBatch,
  comparedBatches,
  daysBefore,
  db,
  findBatch,
  listChannels,
  readThings,
} from '@/db'
import { MOST_EARLIER, timedIn } from './day'
import { among, explainedAmong } from './explain'

/** ◊ Batches looked back on, rings and formulas shown, and points of a run. */
const LOOKS_BACK = 240
const MOST = { rings: 8, formulas: 12, points: 30 }
/** ◊ Fewer batches teach nothing. */
const LEAST = 3

export async function taught(now: Date): Promise<Taught> {
  const [all, { burner }, days, channels] = await Promise.all([
    comparedBatches(db(), { before: now, limit: LOOKS_BACK }),
    readThings(db()),
    daysBefore(db(), now.toISOString().slice(0, 10), MOST_EARLIER),
    listChannels(db()),
  ])
  const rings: TaughtRing[] = []
  for (const batches of groups(all, (b) => b.ring).slice(0, MOST.rings)) {
    const [newest] = batches as [ComparedBatch, ...ComparedBatch[]]
    const thing = burner.find((b) => b.name === newest.burner) ?? null
    const since = thing?.learnsFrom ? Date.parse(thing.learnsFrom) : 0
    const counted = batches.filter((b) => b.startedAt.getTime() >= since)
    const powers = counted.flatMap((b) => (b.traits.power === undefined ? [] : [Math.exp(b.traits.power)]))
    const record = counted.length >= LEAST ? await findBatch(db(), newest.id) : null
    rings.push({
      thing,
      name: newest.burner,
      pot: newest.pot,
      watts: thing ? burnerPower(thing, DIAL_TOP) : 0,
      gives: givesFrom(
        powers,
        counted.flatMap((b) => b.traits.pace ?? []),
      ),
      run: counted
        .slice(0, MOST.points)
        .flatMap((b) =>
          b.traits.power === undefined
            ? []
            : [{ batch: b.id, at: b.startedAt.toISOString(), value: Math.exp(b.traits.power) }],
        )
        .reverse(),
      carries: spread(counted, 'carried'),
      creeps: record ? (explainedAmong(record, among(all, newest))?.creeps ?? null) : null,
    })
  }
  return {
    rings,
    formulas: groups(all, (b) => b.formula)
      .slice(0, MOST.formulas)
      .flatMap(taughtFormula),
    probes: groups(all, (b) => b.channel ?? '').flatMap(taughtProbe(channels)),
    ...taughtHands(days.map((d) => d.day)),
  }
}

/** Paces and lateness of hands, from the days that were worked. */
function taughtHands(days: readonly Day[]): Pick<Taught, 'works' | 'roles'> {
  const timed = days.flatMap(timedIn)
  const paces = pacesFrom(timed)
  const late = (cook: Cook): number[] =>
    days.flatMap(({ meant, began, who }) =>
      Object.entries(meant).flatMap(([task, [from]]) => {
        const start = began[task]
        return who[task] === cook && start !== undefined ? [start - from] : []
      }),
    )
  return {
    works: Object.entries(paces)
      .map(([what, share]) => ({ what, share, times: timed.filter((t) => t.what === what).length }))
      .sort((a, b) => Math.abs(Math.log(b.share)) - Math.abs(Math.log(a.share))),
    roles: cooks.flatMap((cook) => {
      const all = late(cook)
      return all.length >= LEAST ? [{ cook, lateS: meanOf(all), tasks: all.length }] : []
    }),
  }
}

const taughtProbe =
  (channels: readonly ChannelRecord[]) =>
  (batches: readonly ComparedBatch[]): TaughtProbe[] => {
    const channel = channels.find((c) => c.id === batches[0]?.channel)
    const off = spread(batches, 'tests')
    const seen = batches.flatMap((b) => b.traits.lag ?? []).slice(0, MOST.points)
    const lag = channel && seen.length > 0 ? { ...probeLag(channel.lagS, seen), batches: seen.length } : null
    return off || lag ? [{ name: channel?.name ?? null, off, lag }] : []
  }

function taughtFormula(batches: readonly ComparedBatch[]): TaughtFormula[] {
  const missed = spread(batches, 'missed')
  const [newest] = batches
  if (!missed || !newest) return []
  return [{ id: newest.formula, name: newest.name, missed, lost: spread(batches, 'lost')?.mean ?? null }]
}

/** Batches by what they have in common, the largest group first, newest first within. */
function groups(all: readonly ComparedBatch[], by: (b: ComparedBatch) => string): ComparedBatch[][] {
  const found = new Map<string, ComparedBatch[]>()
  for (const b of all) found.set(by(b), [...(found.get(by(b)) ?? []), b])
  return [...found.values()].sort((a, b) => b.length - a.length)
}

function spread(
  batches: readonly ComparedBatch[],
  trait: TraitId,
): { mean: number; sd: number; batches: number } | null {
  const values = batches.flatMap((b) => b.traits[trait] ?? [])
  if (values.length < LEAST) return null
  return { mean: meanOf(values), sd: deviationOf(values), batches: values.length }
}
