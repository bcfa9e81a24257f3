import type { KitchenView } from '@/contract/kitchen'
import { pressureIn } from '@/contract/kitchen-figures'
import {
  type Conditions,
  type FormulaDocument,
  finishedMix,
  gramsAsWritten,
  massOf,
  type Size,
  scale,
  traceSteps,
  trayArea,
  type Vessel,
} from '@/core'
import { mainPiece, sizeBatch } from './size-batch'

/** What the sentence has chosen from the kitchen, by id. */
export interface Choice {
  readonly room: string
  readonly pot: string
  readonly burner: string
  readonly vessel: string | null
}

const find = <T extends { id: string }>(list: readonly T[], id: string): T => {
  const found = list.find((x) => x.id === id)
  if (!found) throw new Error(`The kitchen has no "${id}"`)
  return found
}

export const vesselOf = (kitchen: KitchenView, choice: Choice): Vessel | null =>
  choice.vessel === null ? null : find(kitchen.vessel, choice.vessel)

export function conditionsOf(kitchen: KitchenView, choice: Choice): Conditions {
  const room = find(kitchen.room, choice.room)
  return {
    pressurePa: pressureIn(room),
    roomC: room.roomC,
    humidity: room.humidity,
    pot: find(kitchen.pot, choice.pot),
    burner: find(kitchen.burner, choice.burner),
    surfaces: kitchen.surface.map(({ name, kind, thicknessMm }) => ({ name, kind, thicknessMm })),
  }
}

/** A formula opens as it is written: every line as it stands. */
export const sizeAsWritten = (formula: FormulaDocument): Size => ({
  by: 'weight',
  grams: massOf(finishedMix(traceSteps(formula, gramsAsWritten(formula)))),
})

/** The smallest pot that takes a first batch in one boil with room to spare, and the trays it covers best. */
export function firstChoice(formula: FormulaDocument, kitchen: KitchenView): Choice {
  const kind = formula.shape.kind === 'mould' ? 'mould' : 'tray'
  const vessels = kitchen.vessel
    .filter((v) => v.kind === kind)
    .map((v) => ({ id: v.id, spare: spareOf(formula, v) }))
    .filter(({ spare }) => Number.isFinite(spare))
    .sort((a, b) => a.spare - b.spare)
  const rest = {
    room: kitchen.room[0]?.id ?? '',
    burner: kitchen.burner[0]?.id ?? '',
    vessel: vessels[0]?.id ?? null,
  }
  const choices = [...kitchen.pot].sort((a, b) => a.litres - b.litres).map((p) => ({ ...rest, pot: p.id }))
  const roomy = choices.find((choice) => {
    const sized = sizeBatch(formula, sizeAsWritten(formula), formula.shape, conditionsOf(kitchen, choice), null)
    if ('problem' in sized) return false
    const { boiled } = mainPiece(sized)
    return boiled === null || (boiled.analysis.fill < 0.85 && sized.plan.boils.every((b) => !/ of /.test(b.label)))
  })
  return roomy ?? choices.at(-1) ?? { ...rest, pot: '' }
}

/** What another tray to line and pour costs, as area, mm². */
const TRAY = 120_000

/** ◊ A cavity that is so many times as large as the piece, or as small, is none of its own, as a logarithm. */
const UNLIKE = Math.log(1.5)

/** How badly a vessel suits: a mould by its cavity, a tray by the area left over; infinite for what does not suit at all. */
function spareOf(formula: FormulaDocument, vessel: Vessel): number {
  if (vessel.kind === 'mould') {
    const wanted = formula.shape.kind === 'mould' ? formula.shape.millilitres : vessel.millilitres
    const off = Math.abs(Math.log(vessel.millilitres / wanted))
    return off > UNLIKE ? Number.POSITIVE_INFINITY : off
  }
  try {
    const plan = scale(formula, { size: sizeAsWritten(formula), vessel })
    // one large tray before several small ones
    return plan.vessels > 0 ? plan.vessels * (TRAY + trayArea(vessel)) : Number.POSITIVE_INFINITY
  } catch (error) {
    // a piece larger than the tray
    if (error instanceof RangeError) return Number.POSITIVE_INFINITY
    throw error
  }
}
