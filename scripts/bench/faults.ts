/** Cooks in which something is really wrong: how soon it is said, and how soon it could be. */
import type { BoiledFormula } from '@/core'
import { type RoughCook, roughCook } from '../../tests/rough/cook'
import type { Fault } from '../../tests/rough/pot'
import { saidWhereAsked, saidWhereKnown, setApartBy } from './ideal'
import { HEAT_DOUBTS, looks, PROBE_DOUBTS } from './looks'
import { percent, type Row, share } from './table'

export interface Caught {
  readonly kind: Fault['kind']
  /** s from when its effect was plain until it was said; Infinity where it never was. */
  readonly after: number
}

/** A cook with a fault, and when its effect was plain, s. */
export interface WrongCook {
  readonly cook: RoughCook
  readonly plain: number
}

/** s within which a doubt is wanted once its effect is plain. */
const WANTED_S = 30
/** s of readings whose average tells what is plain, and by how many of its standard deviations. */
const PLAIN = { seconds: 30, sds: 4 }
const HEATS = [0.8, 0.65, 0.5, 1.25, 1.4] as const

/** A fault somewhere on the way to the pull; null where there is no room for one that the log would not hide. */
export function faultIn(sound: RoughCook, seed: number, kind: Fault['kind']): Fault | null {
  const last = sound.aims.at(-1)
  if (!last?.pulls) return null
  const start = Math.max(sound.boiledAt + 150, last.from + 120)
  const at = start + (((seed * 7919) % 100) / 100) * (last.at - 75 - start)
  if (at < start || sound.untold.some(([a, b]) => at > a - 60 && at < b + 60)) return null
  return { kind, at, by: kind === 'metal' ? 0.5 : (HEATS[(seed * 31) % HEATS.length] as number) }
}

/** Cooks `sound` again with a fault; null where its effect never got plain in time before the end. */
export function wrongCook(
  formula: BoiledFormula,
  seed: number,
  fault: Fault,
  sound: RoughCook,
  roughness: number,
): WrongCook | null {
  const cook = roughCook(formula, seed, { fault, roughness })
  const n = PLAIN.seconds
  const mean = (tips: readonly number[], t: number) => tips.slice(t - n, t).reduce((a, b) => a + b, 0) / n
  const until = Math.min(cook.endedAt, sound.endedAt)
  for (let t = Math.ceil(fault.at) + 1; t < until; t++)
    if (Math.abs(mean(cook.tips, t) - mean(sound.tips, t)) > (PLAIN.sds * sound.noiseC) / Math.sqrt(n))
      return t + WANTED_S > cook.endedAt ? null : { cook, plain: t }
  return null
}

/** Follows it until it is said, for two minutes after it was plain. */
export function caught({ cook, plain }: WrongCook, { kind, at }: Fault): Caught {
  const says = kind === 'heat' ? HEAT_DOUBTS : PROBE_DOUBTS
  for (const view of looks(cook, 2, plain + 120, 2))
    if (view.now > at && view.pot.forecast?.doubts.some((d) => says.includes(d)))
      return { kind, after: view.now - plain }
  return { kind, after: Number.POSITIVE_INFINITY }
}

/** Standard deviations by which all that was read within the time wanted sets it apart from the sound cook. */
export function apartBy(
  formula: BoiledFormula,
  seed: number,
  { cook, plain }: WrongCook,
  roughness: number,
): number | null {
  const kept = roughCook(formula, seed, { keepEvery: 10, roughness })
  return setApartBy(kept, cook, plain + WANTED_S, seed, roughness)
}

const wrongs: Record<Fault['kind'], string> = {
  heat: 'heat changed by a fifth to a half',
  out: 'probe out of the syrup',
  metal: 'probe on the metal',
}

/** One line a kind of fault; `apart`: what changes of heat could be told by, in standard deviations. */
export function faultRows(faults: readonly Caught[], apart: readonly number[]): Row[] {
  const rows = (Object.keys(wrongs) as Fault['kind'][]).map((kind) => {
    const found = faults.filter((f) => f.kind === kind).map((f) => f.after)
    const within = (s: number) => percent(share(found, (after) => after <= s))
    return {
      what: `really wrong: ${wrongs[kind]} (${found.length} cooks)`,
      measured: `said within 30 s of being plain ${within(WANTED_S)}, within 2 min ${within(120)}`,
      wanted: '95 % within 30 s',
    }
  })
  const mean = (said: (sds: number) => number) => percent(apart.reduce((sum, sds) => sum + said(sds), 0) / apart.length)
  const knowing = {
    what: `somebody who knows the laws of the kitchen, not its figures: heat (${apart.length} cooks)`,
    measured: `within 30 s at most ${mean(saidWhereAsked)}; told when and how much, ${mean(saidWhereKnown)}`,
    wanted: 'no doubt can be surer',
  }
  return [...rows, knowing]
}
