/** Three months of the demo workshop's batches, the same at every start: a seeded maker who gets better. */

import { ulid } from 'ulid'
import { type BatchConditions, vesselSchema } from '@/contract/batch'
import type { LoggedAct } from '@/contract/cook'
import type { Judged } from '@/contract/verdict'
import {
  type BatchPlan,
  type BoiledFormula,
  boiledIn,
  type CookAct,
  type FlawId,
  type GramsByLine,
  gramsOfBoil,
  scale,
  standardPressure,
} from '@/core'
import { normal, seeded } from '@/core/quantity/seeded'
import { demoBoil } from './formulas'
import { demoBurners, demoPots, demoRooms, demoVessels } from './kitchen'
import { type CookedBoil, cookBoil } from './maker'
import { judgedOf, leftRing, lessons, noteFor } from './tasting'

/** g below which nobody listens to the bench scale. */
const WEIGHED_FROM = 15
const FIRST_DAY = Date.parse('2026-08-24T06:30:00.000Z')
const DAY = 86_400_000
const BATCHES = 42
const PROBE = { lagS: 4, noiseC: 0.15, offsetC: 0, dropShare: 0.01 }
const KEEP_EVERY = 5
const LEFT_RING = 'left gas ring'

export interface HistoryBoil {
  boil: {
    id: string
    batchId: string
    number: number
    label: string
    channelId: string
    startedAt: Date
    clock: { id: string; rate: number }
  }
  events: LoggedAct[]
  readings: { id: string; at: Date; celsius: number }[]
}

export interface HistoryBatch {
  batch: {
    id: string
    formulaId: string
    revision: number
    plan: BatchPlan
    conditions: BatchConditions
    startedAt: Date
  }
  boils: HistoryBoil[]
  note: string
  score: number
  judged: Judged
}

/** Ids of their own seeds, so that the last can be known without cooking them all. */
const batchIdOf = (i: number): string => ulid(FIRST_DAY + i * DAY, seeded(i + 1))

export const lastDemoBatchId = batchIdOf(BATCHES - 1)

/** What is usual for each formula: pieces, where it sets, which pot. */
const usual: Record<string, { pieces: number; vessel: string; pot: string }> = {
  'rhubarb-nettle-elderflower-drops': { pieces: 324, vessel: 'drops-54', pot: 'aluminium-4' },
  'smoked-salt-tamarind-caramels': { pieces: 144, vessel: 'slab-30', pot: 'copper-9' },
  'coconut-chip-brittle': { pieces: 60, vessel: 'sheet-40', pot: 'aluminium-4' },
  'orchard-toffee': { pieces: 80, vessel: 'slab-30', pot: 'copper-9' },
  'malted-milk-fudge': { pieces: 64, vessel: 'tin-20', pot: 'aluminium-4' },
  'bay-leaf-honey-nougat': { pieces: 50, vessel: 'slab-30', pot: 'aluminium-4' },
}

/** What is made week by week; the rest now and then. */
const WEEKLY = Object.keys(usual).slice(0, 4)

interface Mishap {
  readonly formula: string
  readonly room: string
  /** Of the air that day; as the room usually is unless told. */
  readonly humidity?: number
  /** °C past the target. */
  readonly misses: number
  /** What was done that no step asked for: so many s after a step. */
  readonly slip?: { readonly after: string; readonly seconds: number; readonly act: CookAct }
  readonly note: string
  readonly score: number
  readonly flaws: readonly FlawId[]
}

/** The batches everybody remembers, by their number. */
const mishaps: Readonly<Record<number, Mishap>> = {
  11: {
    formula: 'malted-milk-fudge',
    room: 'quay',
    misses: 0.4,
    slip: { after: 'pull', seconds: 240, act: { type: 'did', what: 'stirred' } },
    note: 'Grained: somebody stirred it while it was still hot. Leave it alone until 46°, spoon out of reach.',
    score: 2,
    flaws: ['grained'],
  },
  18: {
    formula: 'orchard-toffee',
    room: 'quay',
    misses: 13,
    slip: { after: 'pull', seconds: 5, act: { type: 'test', test: 'smell', smell: 'smoke' } },
    note: 'Scorched: full flame to the end, and nobody at the pot for a minute. Binned. Heat down at 130° from now on.',
    score: 1,
    flaws: ['scorched'],
  },
  30: {
    formula: 'bay-leaf-honey-nougat',
    room: 'quay',
    humidity: 0.84,
    misses: -4.5,
    note: 'Never set: pulled short on a day at 84 % humidity, it was weeping by the evening. Hotter, or another day.',
    score: 1,
    flaws: ['would-not-set', 'weeps'],
  },
}

const from = <T>(list: readonly T[], random: () => number): T => list[Math.floor(random() * list.length)] as T
const byId = <T extends { id: string }>(list: readonly T[], id: string): T => list.find((x) => x.id === id) as T
const without = <T extends { id: string }>({ id: _, ...rest }: T): Omit<T, 'id'> => rest

function conditionsFor(formulaId: string, random: () => number, mishap?: Mishap): BatchConditions {
  const room = byId(demoRooms, mishap?.room ?? (random() < 0.7 ? 'quay' : 'hill'))
  const plan = usual[formulaId] as { vessel: string; pot: string }
  return {
    room: room.name,
    altitudeM: room.altitudeM,
    pressurePa: standardPressure(room.altitudeM),
    roomC: room.roomC,
    humidity: mishap?.humidity ?? Math.round((room.humidity + 0.04 * normal(random)) * 100) / 100,
    pot: without(byId(demoPots, plan.pot)),
    burner: without(from(demoBurners, random)),
    vessel: vesselSchema.parse(byId(demoVessels, plan.vessel)),
    thermometers: [],
  }
}

/** Every batch of the log, oldest first. */
export function demoHistory(): HistoryBatch[] {
  const random = seeded(20260824)
  const history = Array.from({ length: BATCHES }, (_, i) => {
    const weekly = WEEKLY[(i * 3 + Math.floor(random() * 2)) % WEEKLY.length] as string
    const startedAt = new Date(FIRST_DAY + Math.floor(i * 2.1) * DAY + Math.floor(random() * 7 * 3600) * 1000)
    const mishap = mishaps[i]
    return batchOn(batchIdOf(i), mishap?.formula ?? weekly, startedAt, 1 - i / BATCHES, random, i, mishap)
  })
  // what a formula has taught stands in the last batch of it
  const last = new Map(history.map((h) => [h.batch.formulaId, h]))
  for (const [formula, batch] of last) batch.note = lessons[formula] ?? batch.note
  return history
}

/** What a batch scores: five at its best a little past the target, less by the square of the miss. */
function scoreFor(offBy: number, within: number, random: () => number): number {
  const miss = (offBy - 0.3) / within
  return Math.max(1, Math.min(5, Math.round(4.9 - 0.9 * miss * miss + 0.5 * normal(random))))
}

function withSlip(acts: CookedBoil['acts'], mishap?: Mishap): CookedBoil['acts'] {
  const slip = mishap?.slip
  const after = acts.find((a) => 'step' in a.act && a.act.step === slip?.after)
  if (!slip || !after) return acts
  return [...acts, { at: after.at + slip.seconds, act: slip.act }].sort((a, b) => a.at - b.at)
}

/** What the bench scale said of each line, to its half gram: a hand strays by a few in a thousand. */
function weighedFor(formula: BoiledFormula, grams: GramsByLine, at: Date, nth: number): LoggedAct {
  const random = seeded(4000 + nth)
  const onScale = formula.lines.flatMap(({ id }) => {
    const wanted = grams[id] ?? 0
    return wanted < WEIGHED_FROM ? [] : [[id, Math.round(2 * wanted * (1 + 0.004 * normal(random))) / 2] as const]
  })
  return {
    id: ulid(at.getTime(), random),
    at: at.toISOString(),
    act: { type: 'weighed', grams: Object.fromEntries(onScale) },
  }
}

/** `greenness` runs from 1 for the first batch to 0 for the last: the misses shrink with practice. */
function batchOn(
  batchId: string,
  formulaId: string,
  startedAt: Date,
  greenness: number,
  random: () => number,
  nth: number,
  mishap?: Mishap,
): HistoryBatch {
  const formula = demoBoil(formulaId)
  const conditions = conditionsFor(formulaId, random, mishap)
  const { pieces } = usual[formulaId] as { pieces: number }
  const plan = scale(formula, {
    size: { by: 'pieces', pieces },
    vessel: conditions.vessel ?? undefined,
    potLitres: conditions.pot.litres,
  })
  let begin = startedAt.getTime()
  let worst = 0
  const boils = plan.boils.map(({ label, part }, n): HistoryBoil => {
    const usually = 0.3 + (0.5 + 1.6 * greenness) * normal(random) + 0.6 * greenness
    const misses = part === null && mishap ? mishap.misses : usually
    const boiled = boiledIn(formula).find((b) => b.part === part)?.formula ?? formula
    const cooked = cookBoil(
      boiled,
      gramsOfBoil(plan, n + 1),
      conditions,
      PROBE,
      { misses, power: (0.9 + 0.06 * random()) * ringNow(conditions, begin), every: KEEP_EVERY },
      random,
    )
    if (Math.abs(cooked.offBy) > Math.abs(worst)) worst = cooked.offBy
    const at = (seconds: number): Date => new Date(begin + seconds * 1000)
    const id = ulid(begin, random)
    const boil: HistoryBoil = {
      boil: {
        id,
        batchId,
        number: n + 1,
        label,
        channelId: 'quick-probe',
        startedAt: at(0),
        clock: { id: ulid(begin, random), rate: 1 },
      },
      events: [
        weighedFor(boiled, gramsOfBoil(plan, n + 1), at(0), nth),
        ...withSlip(cooked.acts, mishap).map((a) => ({
          id: ulid(at(a.at).getTime(), random),
          at: at(a.at).toISOString(),
          act: a.act,
        })),
      ],
      readings: cooked.readings.map((r) => ({
        id: ulid(at(r.at).getTime(), random),
        at: at(r.at),
        celsius: r.celsius,
      })),
    }
    begin += (cooked.readings.at(-1)?.at ?? 0) * 1000 + 600_000
    return boil
  })
  const score = mishap?.score ?? scoreFor(worst, formula.target.within, random)
  return {
    batch: { id: batchId, formulaId, revision: 1, plan, conditions, startedAt },
    boils,
    note: mishap?.note ?? noteFor(worst, nth),
    score,
    judged: judgedOf(
      {
        formulaId,
        offBy: worst,
        humidity: conditions.humidity,
        score,
        pieceGrams: plan.pieceGrams,
        flaws: mishap?.flaws ?? [],
        pieces: plan.pieces,
      },
      random,
    ),
  }
}

const ringNow = ({ burner }: BatchConditions, at: number): number => (burner.name === LEFT_RING ? leftRing(at) : 1)
