/** An ordinary kitchen for tests. */
import type { BoilFacts } from './cook/assess'
import type { Conditions } from './formula/analyse'
import { type BoiledFormula, gramsAsWritten } from './formula/document'
import { standardPressure } from './physics/water'

export const testConditions: Conditions = {
  pressurePa: standardPressure(12),
  roomC: 21,
  humidity: 0.63,
  pot: { name: '9 l copper', litres: 9, diameterMm: 280, massKg: 3.4, metal: 'copper' },
  burner: { name: 'ring', watts: 3000, efficiency: 0.52, responseS: 2 },
}

/** A boil of `formula` as it is written, in one pot of the ordinary kitchen. */
export const testBoil = (formula: BoiledFormula, change: Partial<BoilFacts> = {}): BoilFacts => ({
  formula,
  plan: {
    factor: 1,
    grams: gramsAsWritten(formula),
    outGrams: 1000,
    shape: formula.shape,
    pieceGrams: 10,
    pieces: 100,
    vessels: 0,
    boils: [{ label: '', part: null, share: 1 }],
  },
  number: 1,
  part: null,
  conditions: testConditions,
  channel: 'probe',
  probe: { lagS: 4, noiseC: 0.2, thermometer: null },
  ...change,
})
