/** The demo workshop's rooms and equipment. */
import type { Burner, Pot, Vessel } from '@/core'

type Named<T> = T & { id: string }

export const demoRooms = [
  { id: 'quay', name: 'Quay kitchen', altitudeM: 12, roomC: 21, humidity: 0.63 },
  { id: 'hill', name: 'Hill kitchen', altitudeM: 1480, roomC: 20, humidity: 0.31 },
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

export const demoVessels: { id: string; facts: Vessel }[] = [
  { id: 'slab-30', facts: { kind: 'tray', name: 'slab tray', lengthMm: 300, widthMm: 200 } },
  { id: 'sheet-40', facts: { kind: 'tray', name: 'baking sheet', lengthMm: 400, widthMm: 300 } },
  { id: 'pan-9x13', facts: { kind: 'tray', name: '9 × 13 inch pan', lengthMm: 318, widthMm: 216 } },
  { id: 'jars', facts: { kind: 'mould', name: 'set of six jars', cavities: 6, millilitres: 190 } },
  { id: 'drops-54', facts: { kind: 'mould', name: '54-cavity mould', cavities: 54, millilitres: 2.6 } },
  { id: 'drops-24', facts: { kind: 'mould', name: '24-cavity mould', cavities: 24, millilitres: 6 } },
]

export const demoChannels = [
  { id: 'quick-probe', name: 'Quick probe', lagS: 4, noiseC: 0.15 },
  { id: 'second-probe', name: 'Second probe', lagS: 4, noiseC: 0.15 },
]
