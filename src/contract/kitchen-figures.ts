/** What is worked out of a kitchen's facts, by pages and server alike. Apart from the schemas, which most pages have no need of. */
import { type CheckedCorrection, correctionFrom, type Ingredient, standardPressure } from '@/core'
import type { KitchenFacts, KitchenThings } from './kitchen'

const DAY_MS = 86_400_000

/** What a thermometer's checks say of it at `now`, ms. */
export const correctionOf = (checks: KitchenFacts<'thermometer'>['checks'], now: number): CheckedCorrection =>
  correctionFrom(
    checks.map(({ at, ...check }) => ({ ...check, day: Date.parse(at) / DAY_MS })),
    now / DAY_MS,
  )

export const ownIngredients = (kitchen: Pick<KitchenThings, 'ingredient'>): Ingredient[] =>
  kitchen.ingredient.map((i) => i.ingredient)

/** Air pressure in a room, Pa: by its barometer where there is one, else by its altitude. */
export const pressureIn = ({ barometerHPa, altitudeM }: KitchenFacts<'room'>): number =>
  barometerHPa === null ? standardPressure(altitudeM) : barometerHPa * 100
