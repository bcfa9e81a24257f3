import {
  analyse,
  boilingPoint,
  gramsAsWritten,
  groupMix,
  mix,
  type PotEvent,
  scale,
  simulatePot,
  standardPressure,
  waterLeftAt,
} from '@/core'
import { demoBoil } from '@/demo/formulas'
import { demoBurners, demoPots } from '@/demo/kitchen'
import { microseconds, type Row } from './table'

const syrup = mix({ sucrose: 70, glucoseSolids: 30, water: 12 })
const drops = demoBoil('rhubarb-nettle-elderflower-drops')
const conditions = {
  pressurePa: standardPressure(12),
  roomC: 21,
  humidity: 0.6,
  pot: demoPots[1] as (typeof demoPots)[number],
  burner: demoBurners[1] as (typeof demoBurners)[number],
}
const lit: PotEvent[] = [
  { at: 0, kind: 'add', mix: groupMix(drops, 'pot', gramsAsWritten(drops)), celsius: 20 },
  { at: 0, kind: 'heat', dial: 10 },
]

export function benchCore(): Row[] {
  const us = (n: number): string => `${n.toFixed(2)} µs`
  const ms = (n: number): string => `${(n / 1000).toFixed(2)} ms`
  return [
    {
      what: 'boiling point of a mix',
      measured: us(microseconds((i) => boilingPoint({ ...syrup, water: 3 + (i % 20) }), 5000)),
      wanted: 'under 20 µs',
    },
    {
      what: 'water left',
      measured: us(microseconds((i) => waterLeftAt(syrup, 105 + (i % 45)), 5000)),
      wanted: 'under 100 µs',
    },
    {
      what: 'a 30-minute cook at 1 s steps',
      measured: ms(microseconds(() => simulatePot({ ...conditions }, lit, { until: 1800 }), 3)),
      wanted: 'under 5 ms',
    },
    {
      what: 'a formula analysed',
      measured: ms(microseconds(() => analyse(drops, conditions), 50)),
      wanted: 'under 1 ms',
    },
    {
      what: 'a batch sized',
      measured: ms(microseconds((i) => scale(drops, { size: { by: 'pieces', pieces: 100 + i }, potLitres: 4 }), 50)),
      wanted: '',
    },
  ]
}
