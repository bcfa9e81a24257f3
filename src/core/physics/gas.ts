/** Gas from baking soda: 2 NaHCO3 → Na2CO3 + H2O + CO2, one mole of gas for two of soda. */
import { R, STANDARD_PRESSURE, ZERO_C } from './water'

const SODA_MOLAR = 84.007
/** ◊ Share of the gas that the syrup holds as foam. */
const HELD = 0.5

/** Moles of CO2 from `grams` of soda, fully decomposed by heat. */
export const sodaMoles = (grams: number): number => grams / SODA_MOLAR / 2

/** Litres of CO2 from `grams` of soda at `tempC` and `pressurePa`. 1 g gives 0.207 l at 150 °C. */
export const sodaLitres = (grams: number, tempC: number, pressurePa = STANDARD_PRESSURE): number =>
  (sodaMoles(grams) * R * (tempC + ZERO_C) * 1000) / pressurePa

/** Litres of it held as foam, which the pot must have room for. */
export const sodaFoamLitres = (grams: number, tempC: number, pressurePa = STANDARD_PRESSURE): number =>
  HELD * sodaLitres(grams, tempC, pressurePa)
