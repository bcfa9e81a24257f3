/** Published figures that the core is checked against: one list, for the document. The tests hold the same figures. */
import {
  boilingPoint,
  browningRate,
  colourTemperature,
  glassTransition,
  latentHeat,
  mix,
  saturationPressure,
  sodaLitres,
  sodaMoles,
  standardPressure,
  sucroseSolubility,
  waterActivity,
  waterLeftAt,
} from '@/core'

import { sucroseBoilingPoints } from '@/core/physics/check-values'

export interface Check {
  readonly what: string
  readonly published: string
  readonly computed: string
}

const sucrose = mix({ sucrose: 100 })
const seventyThirty = mix({ sucrose: 70, glucoseSolids: 30 })
const dry = (share: number) => mix({ sucrose: 70 * share, glucoseSolids: 30 * share, water: 100 * (1 - share) })
const cooked = (t: number) => ({ ...sucrose, water: waterLeftAt(sucrose, t) })
const share = (t: number): number => {
  const w = waterLeftAt(seventyThirty, t)
  return (100 * w) / (100 + w)
}
const check = (what: string, published: string, value: number, digits: number, unit: string): Check => ({
  what,
  published,
  computed: `${value.toFixed(digits)}${unit}`,
})

/** The kitchen table: solids of a stage and its band, °C. */
const kitchenTable = [
  ['thread', 80, '110–113'],
  ['soft ball', 85, '113–116'],
  ['firm ball', 87, '118–121'],
  ['hard ball', 92, '121–130'],
  ['soft crack', 95, '132–143'],
  ['hard crack', 99, '149–154'],
] as const

export const checks: Record<string, readonly Check[]> = {
  boiling: [
    ...sucroseBoilingPoints.map(([s, t]) =>
      check(
        `sucrose ${s} %, standard atmosphere`,
        `${t.toFixed(2)} °C`,
        boilingPoint(mix({ sucrose: s, water: 100 - s })),
        2,
        ' °C',
      ),
    ),
    check('70/30 sucrose/42 DE at 145 °C: water', '2.94 %', share(145), 2, ' %'),
    check('70/30 at 150 °C: water', '2.11 %', share(150), 2, ' %'),
    check('70/30 at 119 °C: water', '10.04 %', share(119), 2, ' %'),
    check('standard pressure at 1 480 m', '84 764 Pa', standardPressure(1480), 0, ' Pa'),
    check('water boils at 1 480 m', '95.1 °C', boilingPoint(mix({ water: 1 }), standardPressure(1480)), 1, ' °C'),
    check('97 % 70/30 syrup, sea level', '144.7 °C', boilingPoint(dry(0.97)), 1, ' °C'),
    check('97 % 70/30 syrup, 1 480 m', '138.5 °C', boilingPoint(dry(0.97), standardPressure(1480)), 1, ' °C'),
    check('saturation pressure at 99.974 °C', '101 324 Pa', saturationPressure(99.974), 0, ' Pa'),
  ],
  kitchen: kitchenTable.map(([stage, s, band]) =>
    check(`${stage}, ${s} % sucrose`, `${band} °C`, boilingPoint(mix({ sucrose: s, water: 100 - s })), 1, ' °C'),
  ),
  glass: [
    check('sucrose boiled to 115 °C', '−24 °C', glassTransition(cooked(115)), 1, ' °C'),
    check('to 125 °C', '−0.5 °C', glassTransition(cooked(125)), 1, ' °C'),
    check('to 135 °C', '+16.4 °C', glassTransition(cooked(135)), 1, ' °C'),
    check('to 150 °C', '+37.7 °C', glassTransition(cooked(150)), 1, ' °C'),
  ],
  solubility: [
    check('at 20 °C', '66.60 %', sucroseSolubility(20), 2, ' %'),
    check('at 100 °C', '83.18 %', sucroseSolubility(100), 2, ' %'),
  ],
  colour: [
    check('10 min at 165 °C', '189 °C', colourTemperature(10 * browningRate(165)), 0, ' °C'),
    check('5 min at 150 °C', '165 °C', colourTemperature(5 * browningRate(150)), 0, ' °C'),
    check('20 min at 140 °C', '171 °C', colourTemperature(20 * browningRate(140)), 0, ' °C'),
  ],
  gas: [
    check('1 g of soda', '5.95 mmol', sodaMoles(1) * 1000, 2, ' mmol'),
    check('at 150 °C', '0.207 l', sodaLitres(1, 150), 3, ' l'),
  ],
  humidity: [
    check('saturated sucrose at 25 °C', '0.85', waterActivity(mix({ sucrose: 67, water: 33 }), 25), 2, ''),
    check(
      '70/30 syrup at 10 % water',
      '0.48',
      waterActivity(mix({ sucrose: 63, glucoseSolids: 27, water: 10 }), 25),
      2,
      '',
    ),
  ],
  heat: [check('latent heat at 100 °C', '2 257 kJ/kg', latentHeat(100) / 1000, 0, ' kJ/kg')],
}
