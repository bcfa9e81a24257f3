/** The charts of docs/science.md, each computed from the core. */
import {
  boilingPoint,
  browningRate,
  colourTemperature,
  doctorShare,
  forecast,
  glassTransition,
  invertedShare,
  type Mix,
  mix,
  rampDose,
  simulatePot,
  stagesOf,
  standardPressure,
  sucroseSolubility,
  waterActivity,
  waterLeftAt,
  workingWindows,
} from '@/core'
import { sucroseBoilingPoints } from '@/core/physics/check-values'
import { demoBurners, demoPots } from '@/demo/kitchen'
import { trialCook } from '@/demo/trial-cooks'
import { polynomialEta } from '../bench/forecast'
import { type Chart, curve, type Point } from './chart'

const sucrose = mix({ sucrose: 100 })
const seventyThirty = mix({ sucrose: 70, glucoseSolids: 30 })
const wetted = (dry: Mix, percent: number): Mix => ({ ...dry, water: (100 * percent) / (100 - percent) })
const solids = (dry: Mix, percent: number): Mix => wetted(dry, 100 - percent)

function potChart(): Chart {
  const syrup = mix({ sucrose: 1000, glucoseSolids: 241, water: 389 })
  const samples = simulatePot(
    {
      pot: demoPots[1] as (typeof demoPots)[number],
      burner: demoBurners[1] as (typeof demoBurners)[number],
      roomC: 21,
      pressurePa: 101325,
    },
    [
      { at: 0, kind: 'add', mix: syrup, celsius: 20 },
      { at: 0, kind: 'heat', dial: 10 },
    ],
    { until: 1400, every: 5 },
  )
  return {
    title: 'A kilo of sugar on 1.8 kW: the temperature races, the water falls in a line',
    x: { label: 'minutes', range: [0, 24] },
    y: { label: '°C, and grams of water left ÷ 2', range: [0, 200] },
    series: [
      { name: 'temperature, °C', points: samples.map((s) => [s.at / 60, s.celsius] as const) },
      { name: 'water left, g ÷ 2', points: samples.map((s) => [s.at / 60, s.water / 2] as const) },
    ],
  }
}

function forecastChart(): Chart {
  const cook = trialCook(77)
  const at = curve(60, 900, 15, (x) => x).map(([ahead]) => ahead)
  const by = (eta: (now: number) => number): Point[] =>
    at.flatMap((ahead) => {
      const now = Math.round(cook.hit - ahead)
      return now > cook.boiledAt + 90 ? [[ahead / 60, eta(now) / 60] as const] : []
    })
  const seen = (now: number) => cook.readings.filter((r) => r.at <= now)
  const { target } = cook.contextAt(cook.hit)
  return {
    title: 'What each method said, against what was true',
    x: { label: 'minutes truly to go', range: [0, 15] },
    y: { label: 'minutes foreseen', range: [0, 30] },
    series: [
      { name: 'heat line', points: by((now) => forecast(seen(now), cook.contextAt(now))?.eta ?? Number.NaN) },
      { name: 'straight line', points: by((now) => polynomialEta(seen(now), now, target, 120, 1)) },
      { name: 'quadratic', points: by((now) => polynomialEta(seen(now), now, target, 240, 2)) },
      {
        name: 'truth',
        points: [
          [0, 0],
          [15, 15],
        ],
        kind: 'dashed',
      },
    ],
  }
}

const ladder = (dry: Mix, pressure?: number): Point[] =>
  stagesOf(dry, pressure)
    .slice(1)
    .map((s, i) => [i + 1, s.from] as const)

export const charts: Readonly<Record<string, () => Chart>> = {
  boiling: () => ({
    title: 'Boiling point by solids',
    x: { label: 'dissolved solids, %', range: [50, 99] },
    y: { label: '°C', range: [95, 170] },
    series: [
      { name: 'sucrose', points: curve(50, 98.9, 0.1, (s) => boilingPoint(solids(sucrose, s))) },
      { name: 'published', points: sucroseBoilingPoints, kind: 'dots' },
      { name: '70/30 with 42 DE', points: curve(50, 98.9, 0.1, (s) => boilingPoint(solids(seventyThirty, s))) },
      {
        name: '70/30 at 1 480 m',
        points: curve(50, 98.9, 0.1, (s) => boilingPoint(solids(seventyThirty, s), standardPressure(1480))),
        kind: 'dashed',
      },
    ],
  }),
  glass: () => ({
    title: 'Glass point by solids',
    x: { label: 'dissolved solids, %', range: [75, 100] },
    y: { label: '°C', range: [-60, 70] },
    series: [
      { name: 'sucrose', points: curve(75, 99.9, 0.1, (s) => glassTransition(solids(sucrose, s))) },
      { name: '70/30 with 42 DE', points: curve(75, 99.9, 0.1, (s) => glassTransition(solids(seventyThirty, s))) },
      { name: 'invert', points: curve(75, 99.9, 0.1, (s) => glassTransition(solids(mix({ monosaccharide: 100 }), s))) },
    ],
  }),
  stages: () => ({
    title: 'Where each cold-water stage begins: 1 thread … 6 hard crack',
    x: { label: 'stage', range: [0.5, 6.5] },
    y: { label: '°C', range: [95, 155] },
    series: [
      { name: 'sucrose, sea level', points: ladder(sucrose) },
      { name: '70/30, sea level', points: ladder(seventyThirty) },
      { name: '70/30, 1 480 m', points: ladder(seventyThirty, standardPressure(1480)), kind: 'dashed' },
      {
        name: 'dairy caramel',
        points: ladder(mix({ sucrose: 500, glucoseSolids: 280, fat: 240, milkProtein: 11, lactose: 16 })),
      },
    ],
  }),
  solubility: () => ({
    title: 'What the water can hold, and what a cooling fudge holds',
    x: { label: '°C', range: [0, 120] },
    y: { label: 'sucrose in sucrose and water, %', range: [60, 95] },
    series: [
      { name: 'saturated', points: curve(0, 120, 1, sucroseSolubility) },
      {
        name: 'boiled to 115 °C',
        points: [
          [0, 85.8],
          [120, 85.8],
        ],
        kind: 'dashed',
      },
    ],
  }),
  inversion: () => ({
    title: 'Sucrose split at the boil (107 °C, 75 % solids)',
    x: { label: 'minutes', range: [0, 30] },
    y: { label: 'inverted, %', range: [0, 60] },
    series: [3, 3.5, 4, 5].map((ph) => ({
      name: `pH ${ph}`,
      points: curve(0, 30, 0.5, (m) => 100 * invertedShare(mix({ sucrose: 75, water: 25 }), 107, ph, m)),
    })),
  }),
  colour: () => ({
    title: 'Holding a temperature colours like going on',
    x: { label: 'minutes held', range: [0, 20] },
    y: { label: 'colour-equivalent °C', range: [120, 200] },
    series: [140, 150, 160, 170].map((t) => ({
      name: `held at ${t} °C`,
      points: curve(0, 20, 0.25, (m) => colourTemperature(rampDose(t) + m * browningRate(t))),
    })),
    bands: [
      { name: 'straw', from: 160, to: 168 },
      { name: 'pale amber', from: 168, to: 175 },
      { name: 'amber', from: 175, to: 183 },
      { name: 'deep amber', from: 183, to: 190 },
      { name: 'mahogany', from: 190, to: 196 },
    ],
  }),
  humidity: () => ({
    title: 'The room humidity a sweet neither takes up nor gives off',
    x: { label: 'water, %', range: [1, 25] },
    y: { label: 'equilibrium humidity, %', range: [0, 100] },
    series: [
      { name: 'sucrose', points: curve(1, 25, 0.25, (w) => 100 * waterActivity(wetted(sucrose, w), 25)) },
      {
        name: '70/30 with 42 DE',
        points: curve(1, 25, 0.25, (w) => 100 * waterActivity(wetted(seventyThirty, w), 25)),
      },
      {
        name: 'invert',
        points: curve(1, 25, 0.25, (w) => 100 * waterActivity(wetted(mix({ monosaccharide: 100 }), w), 25)),
      },
    ],
  }),
  slab: () => {
    const candy = { ...seventyThirty, water: waterLeftAt(seventyThirty, 149) }
    const by = (which: 'flows' | 'spreads' | 'scores' | 'set') =>
      curve(3, 20, 0.5, (mm) => workingWindows(candy, mm, 147, 21)[which])
    return {
      title: 'A hard candy slab poured at 147 °C in a 21 °C room',
      x: { label: 'thickness, mm', range: [3, 20] },
      y: { label: 'minutes after pouring', range: [0, 45] },
      series: [
        { name: 'flows until', points: by('flows') },
        { name: 'spreads until', points: by('spreads') },
        { name: 'scores until', points: by('scores') },
        { name: 'set from', points: by('set') },
      ],
    }
  },
  grain: () => ({
    title: 'Doctors among the sweeteners, by glucose syrup added to sugar',
    x: { label: 'g of 42 DE glucose syrup to 1 000 g of sugar', range: [0, 800] },
    y: { label: 'doctor share, %', range: [0, 45] },
    series: [
      {
        name: 'doctor share',
        points: curve(0, 800, 10, (g) => 100 * doctorShare(mix({ sucrose: 1000, glucoseSolids: 0.803 * g }))),
      },
    ],
    bands: [
      { name: 'grains readily', from: 0, to: 12 },
      { name: 'may grain', from: 12, to: 22 },
      { name: 'holds if not stirred', from: 22, to: 30 },
      { name: 'resists', from: 30, to: 45 },
    ],
  }),
  pot: potChart,
  forecast: forecastChart,
}
