import { type Conditions, standardPressure, type Vessel } from '@/core'

type Named<T> = T & { readonly id: string }

/** The kitchen as the sentence needs it. */
export interface KitchenView {
  readonly rooms: readonly { id: string; name: string; altitudeM: number; roomC: number; humidity: number }[]
  readonly pots: readonly Named<Conditions['pot']>[]
  readonly burners: readonly Named<Conditions['burner']>[]
  readonly vessels: readonly { id: string; facts: Vessel }[]
  readonly channels: readonly { id: string; name: string }[]
}

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
  choice.vessel === null ? null : find(kitchen.vessels, choice.vessel).facts

export function conditionsOf(kitchen: KitchenView, choice: Choice): Conditions {
  const room = find(kitchen.rooms, choice.room)
  return {
    pressurePa: standardPressure(room.altitudeM),
    roomC: room.roomC,
    humidity: room.humidity,
    pot: find(kitchen.pots, choice.pot),
    burner: find(kitchen.burners, choice.burner),
  }
}
