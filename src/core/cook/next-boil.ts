/** Which boil of a batch is to be lit next, and when: after this one, or beside it so that both arrive together. */
import { type Analysis, analyse } from '../formula/analyse'
import { isBoiled } from '../formula/document'
import { gramsOfBoil } from '../formula/plan'
import type { BoilFacts } from './assess'
import type { PotNow } from './pot-now'

export interface NextBoil {
  readonly number: number
  readonly label: string
  /** s from now; 0 or less: light it. */
  readonly startIn: number
  /** It has to arrive with this one. */
  readonly together: boolean
}

/** ◊ s to pour the one before the other is there. */
const BETWEEN = 45

/** The next boil of the plan, where there is one. `emptied`: this pot is free. */
export function nextBoilOf(
  boil: BoilFacts,
  analysis: Analysis,
  pot: Pick<PotNow, 'doNow' | 'forecast'>,
  now: number,
  emptied: boolean,
): NextBoil | null {
  const planned = boil.plan.boils[boil.number]
  if (!planned) return null
  const number = boil.number + 1
  const part = boil.formula.parts?.find((p) => p.id === planned.part)?.formula
  const joined = part !== undefined && boil.part === null && isBoiled(part)
  // another part waits until this one is all it has to be: firm, cold
  const free = pot.doNow.step === null || (emptied && planned.part === boil.part)
  if (!joined) return { number, label: planned.label, startIn: free ? 0 : Number.POSITIVE_INFINITY, together: false }
  const other = analyse(part, boil.conditions, gramsOfBoil(boil.plan, number)).minutes * 60
  const eta = pot.doNow.step?.when.on === 'target' ? pot.forecast?.eta : undefined
  const left = eta !== undefined && Number.isFinite(eta) ? eta : analysis.minutes * 60 - now
  return { number, label: planned.label, startIn: left - other - BETWEEN, together: true }
}
