/** Whether the log names what was the matter, on histories of the rough kitchen, where it stands in no log. */
import {
  analyse,
  assessCook,
  type Compared,
  type Conditions,
  creeping,
  explain,
  flawsIn,
  givesFrom,
  gramsOfBoil,
  sensitivityOf,
  summaryOf,
  tastedTraits,
  traitsOf,
  unusualIn,
} from '@/core'
import { demoBoil } from '@/demo/formulas'
import type { RoughCook } from '../../tests/rough/cook'
import { LASTS, type Planted, planted, type RoughBatch, roughHistory, roughPast } from '../../tests/rough/history'
import { median, type Row } from './table'

export const whyFormulas = [
  'smoked-salt-tamarind-caramels',
  'orchard-toffee',
  'rhubarb-nettle-elderflower-drops',
  'blackcurrant-marshmallow',
] as const

/** Batches with nothing the matter before those asked about. */
const PAST = 8
/** What shows in the sweet is asked about the batch; what creeps in, about the batches since. */
const shows: ReadonlySet<Planted> = new Set(['stirred-hot', 'damp-air'])

export interface Named {
  readonly what: Planted | 'nothing'
  /** What the log named first of the batch, and of the last ones together. */
  readonly one: string
  readonly several: string
}

/** Asks the log about one kitchen: with nothing the matter, and with each thing in turn. */
export function askedOf(id: string, seed: number): Named[] {
  const formula = demoBoil(id)
  const history = roughHistory(formula, seed, PAST)
  const read = ({ cook, humidity, tasting }: RoughBatch): { compared: Compared; tasting: RoughBatch['tasting'] } => {
    // the hygrometer hangs where it is dry
    const boil = { ...cook.boil, conditions: { ...cook.boil.conditions, humidity: Math.min(humidity, 0.6) } }
    const a = assessCook(boil, { events: cook.events, readings: cook.readings }, cook.endedAt + 100)
    const traits = { ...traitsOf(a), ...tastedTraits(tasting, a.analysis.outGrams / 100) }
    return { compared: { formula: id, ring: 'the ring', traits }, tasting }
  }
  const past = history.past.map((b) => read(b).compared).reverse()
  const to = sensitivityOf(formula, (history.past[0] as RoughBatch).cook.boil.conditions)
  const ask = (what: Named['what'], batches: readonly RoughBatch[]): Named => {
    const all = batches.map(read)
    const [first, ...rest] = all as [(typeof all)[number], ...typeof all]
    const said = flawsIn(first.tasting, [])
    const one = explain(unusualIn([first.compared], past), said, to)
    const row = [first.compared, ...rest.map((r) => r.compared)] as const
    const several = explain(unusualIn(row, past), [], to, creeping)
    return {
      what,
      one: (said.length > 0 ? one.suspects[0]?.cause : one.found?.cause) ?? 'nothing',
      several: several.found?.cause ?? 'nothing',
    }
  }
  return [ask('nothing', history.sound), ...planted.map((what) => ask(what, history.amiss[what]))]
}

/** The name the log is judged by: of the batch for what shows in it, of the last ones for what creeps in; for nothing, either. */
export const judgedBy = ({ what, one, several }: Named): string =>
  what === 'nothing' ? (one === 'nothing' ? several : one) : shows.has(what) ? one : several

/** How far the minutes reckoned before the flame are off the real ones: by the plate, and by what earlier cooks have taught, as shares. */
export function learnedOff(id: string, seed: number): { readonly plate: number; readonly learned: number } | null {
  const formula = demoBoil(id)
  const cooks = roughPast(formula, seed, PAST + 1)
  const [last, ...before] = cooks.reverse() as [RoughCook, ...RoughCook[]]
  const ended = before.map((c) => assessCook(c.boil, { events: c.events, readings: c.readings }, c.endedAt + 100))
  const gives = givesFrom(
    ended.flatMap((a) => summaryOf(a).power ?? []),
    ended.flatMap((a) => traitsOf(a).pace ?? []),
  )
  const pulled = last.events.find((e) => e.type === 'pulled')?.at
  const lit = last.events.find((e) => e.type === 'step')?.at ?? 0
  if (!gives || pulled === undefined) return null
  const grams = gramsOfBoil(last.boil.plan, 1)
  const minutes = (pulled - lit) / 60
  const off = (conditions: Conditions): number => Math.abs(analyse(formula, conditions, grams).minutes / minutes - 1)
  return { plate: off(last.boil.conditions), learned: off({ ...last.boil.conditions, gives }) }
}

/** Rows of how often the planted cause was named first. */
export function benchWhy(first = 60_000, kitchens = 50): Row[] {
  const all = whyFormulas.flatMap((id, i) =>
    Array.from({ length: kitchens }, (_, k) => askedOf(id, first + 1000 * i + k)).flat(),
  )
  const off = whyFormulas.flatMap((id, i) =>
    Array.from({ length: kitchens / 2 }, (_, k) => learnedOff(id, first + 500 + 1000 * i + k)).filter(
      (o) => o !== null,
    ),
  )
  const percentOff = (of: (o: (typeof off)[number]) => number): string => `${Math.round(100 * median(off.map(of)))} %`
  const learned: Row = {
    what: `minutes reckoned before the flame, ${off.length} kitchens, median error`,
    measured: `${percentOff((o) => o.learned)} by what ${PAST} cooks have taught, ${percentOff((o) => o.plate)} by the plate`,
    wanted: '',
  }
  const named = (['nothing', ...planted] as const).map((what) => {
    const asked = all.filter((n) => n.what === what)
    const right = asked.filter((n) => judgedBy(n) === what).length
    const alone = asked.filter((n) => n.one === what).length
    const wrong = new Map<string, number>()
    for (const n of asked) if (judgedBy(n) !== what) wrong.set(judgedBy(n), (wrong.get(judgedBy(n)) ?? 0) + 1)
    return {
      what: `${what}, ${asked.length} histories`,
      measured: `${Math.round((1000 * right) / asked.length) / 10} % (by one batch alone ${Math.round((100 * alone) / asked.length)} %; else ${[...wrong].map(([n, c]) => `${n} ${c}`).join(', ') || 'none'})`,
      wanted: what === 'nothing' ? '≥ 95 %' : shows.has(what) ? '≥ 85 %' : `≥ 85 % over ${LASTS}`,
    }
  })
  return [...named, learned]
}
