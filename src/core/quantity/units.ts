/** Units of the kitchen. Mass in grams, volume in millilitres, lengths in millimetres; the rest are counted. */
export type UnitKind = 'mass' | 'volume' | 'count'

export interface Unit {
  readonly id: string
  readonly kind: UnitKind
  /** Grams or millilitres in one; 1 for counted units. */
  readonly size: number
  readonly names: readonly string[]
}

const unit = (id: string, kind: UnitKind, size: number, ...names: string[]): Unit => ({
  id,
  kind,
  size,
  names: [id, ...names],
})

/** A cup without a country is the US cup: say "metric cup" or "UK cup" for the others. */
export const units: readonly Unit[] = [
  unit('g', 'mass', 1, 'gram', 'grams', 'gramme', 'grammes', 'gr'),
  unit('kg', 'mass', 1000, 'kilo', 'kilos', 'kilogram', 'kilograms'),
  unit('mg', 'mass', 0.001, 'milligram', 'milligrams'),
  unit('oz', 'mass', 28.349523, 'ounce', 'ounces'),
  unit('lb', 'mass', 453.59237, 'lbs', 'pound', 'pounds'),
  unit('ml', 'volume', 1, 'millilitre', 'millilitres', 'milliliter', 'milliliters'),
  unit('cl', 'volume', 10, 'centilitre', 'centilitres'),
  unit('l', 'volume', 1000, 'litre', 'litres', 'liter', 'liters'),
  unit('fl oz', 'volume', 29.573529, 'fluid ounce', 'fluid ounces'),
  unit('cup', 'volume', 236.588, 'cups', 'us cup', 'us cups'),
  unit('metric cup', 'volume', 250, 'metric cups', 'au cup', 'au cups'),
  unit('uk cup', 'volume', 284.131, 'uk cups', 'imperial cup', 'imperial cups'),
  unit('tbsp', 'volume', 14.787, 'tablespoon', 'tablespoons', 'tbsps', 'tbs'),
  unit('au tbsp', 'volume', 20, 'australian tablespoon', 'australian tablespoons'),
  unit('tsp', 'volume', 4.929, 'teaspoon', 'teaspoons', 'tsps'),
  unit('pint', 'volume', 473.176, 'pints', 'us pint', 'us pints'),
  unit('uk pint', 'volume', 568.261, 'uk pints'),
  unit('drop', 'volume', 0.05, 'drops'),
  unit('pinch', 'volume', 0.31, 'pinches', 'pinch of'),
  unit('stick', 'count', 1, 'sticks'),
  unit('tin', 'count', 1, 'tins', 'can', 'cans'),
  unit('packet', 'count', 1, 'packets', 'sachet', 'sachets', 'envelope', 'envelopes'),
  unit('sheet', 'count', 1, 'sheets', 'leaf', 'leaves'),
  unit('each', 'count', 1, 'whole'),
]

const byName = new Map(units.flatMap((u) => u.names.map((name) => [name, u] as const)))
const longestFirst = [...byName.keys()].sort((a, b) => b.length - a.length)

/** Reads a unit at the start of `text`; returns it and what follows, or null. Longest name wins. */
export function parseUnit(text: string): { unit: Unit; rest: string } | null {
  const t = text.trimStart()
  const lower = t.toLowerCase()
  for (const name of longestFirst) {
    if (lower.startsWith(name) && !/^[\p{L}\d]/u.test(lower.slice(name.length)))
      return { unit: byName.get(name) as Unit, rest: t.slice(name.length).replace(/^\.?\s*/, '') }
  }
  return null
}
