/** An ordinary kitchen for tests. */
import type { Conditions } from './formula/analyse'
import { standardPressure } from './physics/water'

export const testConditions: Conditions = {
  pressurePa: standardPressure(12),
  roomC: 21,
  humidity: 0.63,
  pot: { name: '9 l copper', litres: 9, diameterMm: 280, massKg: 3.4, metal: 'copper' },
  burner: { name: 'ring', watts: 3000, efficiency: 0.52, responseS: 2 },
}
