/** Pots and burners as the physics sees them. */

export type Metal = 'copper' | 'steel' | 'aluminium' | 'iron'

/** Heat capacity of pot metals, J/(kg·K). */
const metalCapacity: Record<Metal, number> = { copper: 385, steel: 490, aluminium: 897, iron: 460 }

export interface Pot {
  readonly name: string
  readonly litres: number
  readonly diameterMm: number
  readonly massKg: number
  readonly metal: Metal
}

export interface Burner {
  readonly name: string
  /** Rated power, W. */
  readonly watts: number
  /** Share of it that reaches the pot, 0 to 1. */
  readonly efficiency: number
  /** Time constant of a change of heat, s: gas and induction about 2, a cast plate a minute or more. */
  readonly responseS: number
}

/** ◊ Heat transfer: base to boiling syrup, and pot to room, W/(m²·K). ◊ Share of the pot's metal in its base. */
const transfer = { toSyrup: 1300, toRoom: 5, baseOfPot: 0.38 }

export interface PotThermal {
  /** Base heat capacity, J/K. */
  readonly baseCapacity: number
  /** Base to syrup, W/K. */
  readonly baseToSyrup: number
  /** Syrup and wall to room, W/K. */
  readonly syrupToRoom: number
  /** Base to room, W/K. */
  readonly baseToRoom: number
  /** m² of its base, and of its wall as far as the syrup stands. */
  readonly baseM2: number
  readonly wallM2: number
}

/** Thermal constants of a pot. */
export function potThermal(pot: Pot): PotThermal {
  const d = pot.diameterMm / 1000
  const base = (Math.PI * d * d) / 4
  const wall = Math.PI * d * ((pot.litres / 1000 / base) * 0.5)
  return {
    baseCapacity: transfer.baseOfPot * pot.massKg * metalCapacity[pot.metal],
    baseToSyrup: transfer.toSyrup * base,
    syrupToRoom: transfer.toRoom * (base + wall),
    baseToRoom: transfer.toRoom * base,
    baseM2: base,
    wallM2: wall,
  }
}

/** Dial positions 0 to 10. */
export const DIAL_TOP = 10
/** Power into the pot at a dial setting, W. */
export const burnerPower = (burner: Burner, dial: number): number =>
  (burner.watts * burner.efficiency * Math.min(DIAL_TOP, Math.max(0, dial))) / DIAL_TOP
