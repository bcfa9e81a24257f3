/** The demo workshop's rooms and equipment. */
import type { KitchenFacts } from '@/contract/kitchen'
import type { Burner, Pot, Vessel } from '@/core'
import { demoHouse, demoLots } from './lots'

type Named<T> = T & { id: string }

export const demoRooms: Named<KitchenFacts<'room'>>[] = [
  { id: 'quay', name: 'Quay kitchen', altitudeM: 12, barometerHPa: null, roomC: 21, humidity: 0.63 },
  { id: 'hill', name: 'Hill kitchen', altitudeM: 1480, barometerHPa: null, roomC: 20, humidity: 0.31 },
]

export const demoPots: Named<Pot>[] = [
  { id: 'steel-2', name: '2 l steel', litres: 2, diameterMm: 160, massKg: 1.1, metal: 'steel' },
  { id: 'aluminium-4', name: '4 l aluminium', litres: 4, diameterMm: 220, massKg: 1.3, metal: 'aluminium' },
  { id: 'copper-9', name: '9 l copper', litres: 9, diameterMm: 280, massKg: 3.4, metal: 'copper' },
  { id: 'steel-14', name: '14 l steel', litres: 14, diameterMm: 320, massKg: 4.2, metal: 'steel' },
]

export const demoBurners: Named<Burner>[] = [
  { id: 'left-gas', name: 'left gas ring', watts: 3000, efficiency: 0.52, responseS: 2 },
  { id: 'right-gas', name: 'right gas ring', watts: 1800, efficiency: 0.6, responseS: 2 },
  { id: 'induction', name: 'induction plate', watts: 2000, efficiency: 0.84, responseS: 1 },
]

export const demoVessels: Named<Vessel>[] = [
  { id: 'slab-30', kind: 'tray', name: 'slab tray', lengthMm: 300, widthMm: 200, depthMm: 30 },
  { id: 'sheet-40', kind: 'tray', name: 'baking sheet', lengthMm: 400, widthMm: 300, depthMm: 20 },
  { id: 'tin-20', kind: 'tray', name: '20 cm square tin', lengthMm: 196, widthMm: 196, depthMm: 48 },
  { id: 'ring-24', kind: 'tray', name: '24 cm ring', lengthMm: 238, widthMm: 238, depthMm: 45, round: true },
  { id: 'pan-9x13', kind: 'tray', name: '9 × 13 inch pan', lengthMm: 318, widthMm: 216, depthMm: 50 },
  { id: 'jars', kind: 'mould', name: 'set of six jars', cavities: 6, millilitres: 190, count: 2 },
  { id: 'drops-54', kind: 'mould', name: '54-cavity mould', cavities: 54, millilitres: 2.6, count: 4 },
  { id: 'drops-24', kind: 'mould', name: '24-cavity mould', cavities: 24, millilitres: 6, count: 3 },
]

const probe = (id: string, name: string) => ({ id, name, lagS: 4, noiseC: 0.15, kind: 'probe' as const, room: null })

export const demoChannels = [
  probe('quick-probe', 'Quick probe'),
  probe('second-probe', 'Second probe'),
  probe('third-probe', 'Third probe'),
  probe('short-probe', 'Short probe, touches the pan'),
]
export const demoChannelIds = demoChannels.map((c) => c.id)

const other = { lagS: 0, noiseC: 0 }

export const demoDevices = [
  { id: 'bench-scale', name: 'bench scale', ...other, kind: 'scale' as const, room: null },
  { id: 'quay-barometer', name: 'Quay barometer', ...other, kind: 'barometer' as const, room: 'quay' },
]

const checksOf = (by: number, days: readonly string[]): KitchenFacts<'thermometer'>['checks'] =>
  days.flatMap((day) => [
    { at: `${day}T06:40:00.000Z`, bath: 'ice' as const, reads: by, pressurePa: 101_180 },
    {
      at: `${day}T06:50:00.000Z`,
      bath: 'boil' as const,
      // what water boils at under that pressure, to a tenth
      reads: 100 + by,
      pressurePa: 101_180,
    },
  ])

export const demoThermometers: Named<KitchenFacts<'thermometer'>>[] = [
  {
    id: 'clip',
    name: 'clip thermometer',
    maxC: 200,
    channel: null,
    checks: checksOf(2.4, ['2026-09-01', '2026-10-05', '2026-11-09']),
  },
  {
    id: 'quick',
    name: 'quick probe',
    maxC: 300,
    channel: 'quick-probe',
    checks: checksOf(0, ['2026-09-01', '2026-11-09']),
  },
  { id: 'meat', name: 'meat thermometer', maxC: 110, channel: null, checks: [] },
]

export const demoCutters: Named<KitchenFacts<'cutter'>>[] = [
  { id: 'round-28', name: '28 mm round', round: true, lengthMm: 28, widthMm: 28 },
  { id: 'round-40', name: '40 mm round', round: true, lengthMm: 40, widthMm: 40 },
  { id: 'square-25', name: '25 mm square', round: false, lengthMm: 25, widthMm: 25 },
]

export const demoSurfaces: Named<KitchenFacts<'surface'>>[] = [
  { id: 'a-rack', name: 'wire rack', kind: 'rack', thicknessMm: 0 },
  { id: 'bench', name: 'beech bench', kind: 'wood', thicknessMm: 40 },
  { id: 'fridge', name: 'fridge shelf', kind: 'fridge', thicknessMm: 0 },
  { id: 'marble', name: 'marble slab', kind: 'stone', thicknessMm: 30 },
]

export const demoMachines: Named<KitchenFacts<'machine'>>[] = [
  { id: 'deck-oven', name: 'deck oven', kind: 'oven', count: 1 },
  { id: 'stand-mixer', name: 'stand mixer', kind: 'mixer', count: 1 },
]

export const demoMeasures: Named<KitchenFacts<'measure'>>[] = [
  { id: 'glass', name: 'glass', millilitres: 210 },
  { id: 'ladle', name: 'ladle', millilitres: 125 },
]

export const demoShades: Named<KitchenFacts<'shade'>>[] = [
  { id: 'old-rope', name: 'old rope', celsius: 172 },
  { id: 'harbour-tea', name: 'harbour tea', celsius: 180 },
]

const nothing = {
  water: 0,
  sucrose: 0,
  monosaccharide: 0,
  lactose: 0,
  glucoseSolids: 0,
  fat: 0,
  milkProtein: 0,
  protein: 0,
  gelatin: 0,
  starch: 0,
  salt: 0,
  ash: 0,
  cocoaSolids: 0,
  insoluble: 0,
  acid: 0,
  gas: 0,
  de: 42,
}

export const demoIngredients: Named<KitchenFacts<'ingredient'>>[] = [
  {
    id: 'own-nettle-syrup',
    pricePerKg: 9.5,
    ingredient: {
      id: 'own-nettle-syrup',
      name: 'Nettle syrup, our own',
      per100: { ...nothing, sucrose: 48, monosaccharide: 12, acid: 0.8, insoluble: 0.4, water: 38.8 },
      density: 1.28,
      unitGrams: {},
      whole: false,
      allergens: [],
      prepare: [],
      synonyms: ['nettle syrup'],
      source: 'computed',
    },
  },
]

/** All of it, by kind. */
export const demoThings = {
  room: demoRooms,
  pot: demoPots,
  burner: demoBurners.map((b) => ({ ...b, tests: [] })),
  vessel: demoVessels,
  thermometer: demoThermometers,
  cutter: demoCutters,
  surface: demoSurfaces,
  machine: demoMachines,
  measure: demoMeasures,
  shade: demoShades,
  ingredient: demoIngredients,
  lot: demoLots,
  house: demoHouse,
}
