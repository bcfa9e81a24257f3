/** Whether thermometer, pot and tray will do for one boil. */

import type { FindingOf, Tone } from '../finding'
import { type Celsius, inCelsius, inMillimetres, type Millimetres } from '../quantity/figures'
import { type Analysis, type Conditions, hottestOf } from './analyse'
import { depthAtPull, PROBE_DEPTH } from './boils'
import type { BatchPlan, Vessel } from './plan'
import { depthOf, fitTone } from './verdicts'

export interface EquipmentFigures {
  thermometer: { readonly name: string; readonly readsTo: Celsius; readonly hottest: Celsius; readonly enough: boolean }
  pot: { readonly name: string; readonly peakLitres: number; readonly potLitres: number; readonly fill: number }
  depth: { readonly depth: Millimetres; readonly wanted: Millimetres; readonly enough: boolean }
  /** `rim`: null where the kitchen does not know it. */
  tray: { readonly name: string; readonly poured: Millimetres; readonly rim: Millimetres | null }
  mould: { readonly name: string; readonly needed: number; readonly there: number }
}

export type EquipmentCheck = FindingOf<EquipmentFigures>

export interface Thermometer {
  readonly name: string
  /** Reads up to here, °C. */
  readonly maxC: number
}

/** ◊ A thermometer should read this far past the target, so that an overshoot is seen, °C. */
const SPARE_C = 8
/** ◊ A rim less than this above what is poured is little, mm. */
const SPARE_RIM = 5

/** The checks of one boil in these conditions, with these thermometers, poured into this vessel. */
export function equipmentChecks(
  analysis: Analysis,
  plan: BatchPlan,
  conditions: Conditions,
  vessel: Vessel | null,
  thermometers: readonly Thermometer[],
): EquipmentCheck[] {
  const hottest = inCelsius(hottestOf(analysis))
  const depth = depthAtPull(analysis, conditions.pot)
  return [
    ...thermometers.map(({ name, maxC }): EquipmentCheck => {
      const enough = maxC >= hottest
      return {
        id: 'thermometer',
        tone: !enough ? 'bad' : maxC < hottest + SPARE_C ? 'mind' : 'good',
        figures: { name, readsTo: inCelsius(maxC), hottest, enough },
      }
    }),
    {
      id: 'pot',
      tone: fitTone(analysis.fill),
      figures: {
        name: conditions.pot.name,
        peakLitres: analysis.peakLitres,
        potLitres: conditions.pot.litres,
        fill: analysis.fill,
      },
    },
    {
      id: 'depth',
      tone: depth < PROBE_DEPTH ? 'mind' : 'good',
      figures: { depth: inMillimetres(depth), wanted: inMillimetres(PROBE_DEPTH), enough: depth >= PROBE_DEPTH },
    },
    ...(vessel?.kind === 'tray' ? [trayCheck(vessel, plan)] : []),
    ...(vessel?.kind === 'mould' ? [mouldCheck(vessel, plan)] : []),
  ]
}

function trayCheck({ name, depthMm }: Extract<Vessel, { kind: 'tray' }>, { shape }: BatchPlan): EquipmentCheck {
  const poured = shape.kind === 'mould' ? 0 : depthOf(shape)
  const tone: Tone =
    depthMm === undefined ? 'good' : poured > depthMm ? 'bad' : poured > depthMm - SPARE_RIM ? 'mind' : 'good'
  return {
    id: 'tray',
    tone,
    figures: { name, poured: inMillimetres(poured), rim: depthMm === undefined ? null : inMillimetres(depthMm) },
  }
}

function mouldCheck(
  { name, count = 1, cavities }: Extract<Vessel, { kind: 'mould' }>,
  plan: BatchPlan,
): EquipmentCheck {
  const share = plan.boils[0]?.share ?? 1
  const needed = Math.ceil((plan.pieces * share) / cavities - 1e-9)
  return { id: 'mould', tone: needed > count ? 'mind' : 'good', figures: { name, needed, there: count } }
}
