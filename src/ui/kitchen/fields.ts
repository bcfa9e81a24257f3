/** What is asked about each kind of thing. One table a kind. */
import type { KitchenFacts, KitchenKind } from '@/contract/kitchen'
import { ingredients, type SurfaceKind, surfaceKinds } from '@/core'
import { type MeasureId, surfaceNames } from '@/words'

export interface Field {
  /** Where the fact stands. */
  readonly name: string
  readonly label: string
  readonly hint?: string
  readonly as: MeasureId | 'text' | 'choice' | 'yes' | 'date'
  /** May be left empty; what stands for nothing then. */
  readonly optional?: { readonly nothing: null | undefined }
  readonly least?: number
  readonly options?: readonly { readonly id: string; readonly label: string }[]
}

const surfaceOptions = (Object.keys(surfaceKinds) as SurfaceKind[]).map((id) => ({ id, label: surfaceNames[id] }))

const name: Field = { name: 'name', label: 'Called', as: 'text' }
const inside = 'within the rim; the name on the box is the outside. mm, cm or in'

export interface Section<K extends KitchenKind = KitchenKind> {
  readonly id: string
  readonly kind: K
  readonly title: string
  readonly one: string
  readonly about: string
  readonly fields: readonly Field[]
  readonly fresh: KitchenFacts<K>
}

const section = <K extends KitchenKind>(s: Section<K>): Section => s as unknown as Section

export const sections: readonly Section[] = [
  section({
    id: 'rooms',
    kind: 'room',
    title: 'Rooms',
    one: 'room',
    about: 'Air pressure moves every temperature; humidity decides what turns sticky.',
    fields: [
      name,
      { name: 'altitudeM', label: 'Above the sea', as: 'metres', least: -430 },
      {
        name: 'barometerHPa',
        label: 'Barometer shows',
        as: 'hectopascals',
        optional: { nothing: null },
        hint: 'in the room, not reduced to the sea; empty to go by altitude',
      },
      { name: 'roomC', label: 'Temperature', as: 'temperature' },
      { name: 'humidity', label: 'Humidity', as: 'percent' },
    ],
    fresh: { name: '', altitudeM: 0, barometerHPa: null, roomC: 20, humidity: 0.5 },
  }),
  section({
    id: 'thermometers',
    kind: 'thermometer',
    title: 'Thermometers',
    one: 'thermometer',
    about: 'Checked in ice and in boiling water, each knows what it is off by.',
    fields: [name, { name: 'maxC', label: 'Reads up to', as: 'temperature' }],
    fresh: { name: '', maxC: 200, channel: null, checks: [] },
  }),
  section({
    id: 'pots',
    kind: 'pot',
    title: 'Pots',
    one: 'pot',
    about: 'How much it holds to the rim decides the largest boil; its metal, what it carries on.',
    fields: [
      name,
      { name: 'litres', label: 'Holds to the rim', as: 'litres' },
      { name: 'diameterMm', label: 'Inside across', as: 'length', hint: 'mm, cm or in' },
      { name: 'massKg', label: 'Weighs empty', as: 'kilograms' },
      {
        name: 'metal',
        label: 'Metal',
        as: 'choice',
        options: ['copper', 'steel', 'aluminium', 'iron'].map((id) => ({ id, label: id })),
      },
    ],
    fresh: { name: '', litres: 4, diameterMm: 220, massKg: 1.5, metal: 'steel' },
  }),
  section({
    id: 'burners',
    kind: 'burner',
    title: 'Burners',
    one: 'burner',
    about: 'What reaches the pot is what counts: warm some water by the clock and it is known.',
    fields: [
      name,
      { name: 'watts', label: 'Rated', as: 'watts' },
      {
        name: 'efficiency',
        label: 'Of it into the pot',
        as: 'percent',
        hint: 'gas about 50, a coil 70, induction 85; better: measure',
      },
      {
        name: 'responseS',
        label: 'Slow to change by',
        as: 'seconds',
        hint: 'gas and induction 2, a cast plate 60',
      },
    ],
    fresh: { name: '', watts: 2000, efficiency: 0.5, responseS: 2, tests: [] },
  }),
  section({
    id: 'trays',
    kind: 'vessel',
    title: 'Trays',
    one: 'tray',
    about: 'By their inside: the slab knows no other size.',
    fields: [
      name,
      { name: 'round', label: 'Round: a pan or a ring', as: 'yes' },
      { name: 'lengthMm', label: 'Inside length', as: 'length', hint: inside },
      { name: 'widthMm', label: 'Inside width', as: 'length', hint: 'of a round one the same again' },
      { name: 'depthMm', label: 'Depth', as: 'length', optional: { nothing: undefined }, hint: 'mm, cm or in' },
    ],
    fresh: { kind: 'tray', name: '', lengthMm: 300, widthMm: 200 },
  }),
  section({
    id: 'moulds',
    kind: 'vessel',
    title: 'Moulds',
    one: 'mould',
    about: 'How many there are decides how many boils can set at once.',
    fields: [
      name,
      { name: 'cavities', label: 'Cavities', as: 'number' },
      { name: 'millilitres', label: 'Each holds', as: 'millilitres' },
      { name: 'count', label: 'You have', as: 'number' },
    ],
    fresh: { kind: 'mould', name: '', cavities: 24, millilitres: 4, count: 1 },
  }),
  section({
    id: 'surfaces',
    kind: 'surface',
    title: 'Places to cool',
    one: 'place',
    about:
      'What a tray is laid on decides when it can be scored and cut. The first is where it goes unless you say so.',
    fields: [
      name,
      { name: 'kind', label: 'It is', as: 'choice', options: surfaceOptions },
      { name: 'thicknessMm', label: 'How thick', as: 'length', hint: 'nothing for a rack or a shelf' },
    ],
    fresh: { name: '', kind: 'wood', thicknessMm: 30 },
  }),
  section({
    id: 'cutters',
    kind: 'cutter',
    title: 'Cutters',
    one: 'cutter',
    about: 'Round ones leave more edge; the layout counts it.',
    fields: [
      name,
      { name: 'lengthMm', label: 'Length, or across', as: 'length', hint: 'mm, cm or in' },
      { name: 'widthMm', label: 'Width', as: 'length', hint: 'the same again for round and square' },
      { name: 'round', label: 'Round', as: 'yes' },
    ],
    fresh: { name: '', round: false, lengthMm: 25, widthMm: 25 },
  }),
  section({
    id: 'machines',
    kind: 'machine',
    title: 'Mixers and ovens',
    one: 'machine',
    about: 'A day is planned so that no two sweets want the same one at once.',
    fields: [
      name,
      {
        name: 'kind',
        label: 'Is',
        as: 'choice',
        options: [
          { id: 'mixer', label: 'a mixer' },
          { id: 'oven', label: 'an oven' },
        ],
      },
      { name: 'count', label: 'You have', as: 'number', least: 1 },
    ],
    fresh: { name: '', kind: 'mixer', count: 1 },
  }),
  section({
    id: 'measures',
    kind: 'measure',
    title: 'House measures',
    one: 'measure',
    about: 'A glass, a ladle, the blue mug: lines that speak of them are understood.',
    fields: [name, { name: 'millilitres', label: 'Holds', as: 'millilitres' }],
    fresh: { name: '', millilitres: 200 },
  }),
  section({
    id: 'shades',
    kind: 'shade',
    title: 'Shades',
    one: 'shade',
    about: 'Colours by your own names, for cooking by eye.',
    fields: [name, { name: 'celsius', label: 'A syrup heated evenly has it at', as: 'temperature' }],
    fresh: { name: '', celsius: 175 },
  }),
  section({
    id: 'lots',
    kind: 'lot',
    title: 'Lots',
    one: 'lot',
    about: 'What was bought, with its code: batches take it down, and it can be called back.',
    fields: [
      name,
      {
        name: 'ingredient',
        label: 'It is',
        as: 'choice',
        options: ingredients.map((i) => ({ id: i.id, label: i.name })),
      },
      { name: 'code', label: 'Code on the pack', as: 'text' },
      { name: 'grams', label: 'How much', as: 'weight' },
      { name: 'price', label: 'Paid for it', as: 'number', optional: { nothing: null } },
      { name: 'got', label: 'Came in', as: 'date' },
      { name: 'bestBefore', label: 'Best before', as: 'date', optional: { nothing: null } },
    ],
    fresh: { name: '', ingredient: 'sugar', code: '', grams: 1000, price: null, got: '2026-01-01', bestBefore: null },
  }),
  section({
    id: 'house',
    kind: 'house',
    title: 'The house',
    one: 'house',
    about: 'What stands on a label, and what energy, wrapping and an hour cost.',
    fields: [
      name,
      { name: 'address', label: 'Address on labels', as: 'text' },
      { name: 'currency', label: 'Money', as: 'text', hint: 'as it stands before a price' },
      { name: 'perKwh', label: 'A kilowatt-hour', as: 'number', optional: { nothing: null } },
      { name: 'perWrap', label: 'A wrapper', as: 'number', optional: { nothing: null } },
      { name: 'perHour', label: 'An hour of work', as: 'number', optional: { nothing: null } },
    ],
    fresh: { name: '', address: '', currency: '', perKwh: null, perWrap: null, perHour: null },
  }),
]

/** Of what kind, and for trays and moulds, which. */
export const belongs = (s: Section, thing: { kind?: string }): boolean =>
  s.kind !== 'vessel' || thing.kind === (s.fresh as { kind?: string }).kind
