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
  unit('g', 'mass', 1, 'gram', 'grams', 'gramme', 'grammes', 'gms', 'gm', 'gr', 'grs'),
  unit('kg', 'mass', 1000, 'kgs', 'kilo', 'kilos', 'kilogram', 'kilograms'),
  unit('hg', 'mass', 100, 'hectogram', 'hectograms'),
  unit('dag', 'mass', 10, 'dkg', 'deka', 'dekagram', 'dekagrams'),
  unit('mg', 'mass', 0.001, 'milligram', 'milligrams'),
  unit('oz', 'mass', 28.349523, 'ozs', 'ounce', 'ounces'),
  unit('lb', 'mass', 453.59237, 'lbs', 'pound', 'pounds', '#'),
  unit('ml', 'volume', 1, 'cc', 'mls', 'millilitre', 'millilitres', 'milliliter', 'milliliters'),
  unit('cl', 'volume', 10, 'centilitre', 'centilitres'),
  unit('dl', 'volume', 100, 'decilitre', 'decilitres', 'deciliter', 'deciliters'),
  unit('l', 'volume', 1000, 'litre', 'litres', 'liter', 'liters'),
  unit('fl oz', 'volume', 29.573529, 'fl. oz', 'fl.oz', 'floz', 'fluid ounce', 'fluid ounces', 'fluid oz'),
  unit(
    'uk fl oz',
    'volume',
    28.413063,
    'imperial fluid ounce',
    'imperial fluid ounces',
    'uk fluid ounce',
    'uk fluid ounces',
  ),
  unit('cup', 'volume', 236.588, 'cups', 'cupful', 'cupfuls', 'us cup', 'us cups'),
  unit('metric cup', 'volume', 250, 'metric cups', 'au cup', 'au cups'),
  unit('uk cup', 'volume', 284.131, 'uk cups', 'imperial cup', 'imperial cups'),
  unit(
    'tbsp',
    'volume',
    14.787,
    'tablespoon',
    'tablespoons',
    'tablespoonful',
    'tablespoonfuls',
    'tbsps',
    'tbs',
    'tb',
    'tbl',
    'tblsp',
    'tablesp',
    'us tbsp',
    'soup spoon',
    'soup spoons',
    'soupspoon',
    'soupspoons',
    'metric tbsp',
  ),
  unit('au tbsp', 'volume', 20, 'australian tablespoon', 'australian tablespoons', 'au tablespoon', 'au tablespoons'),
  unit('dessertspoon', 'volume', 10, 'dessertspoons', 'dessert spoon', 'dessert spoons', 'dessertsp', 'dsp', 'dstspn'),
  unit('tsp', 'volume', 4.929, 'teaspoon', 'teaspoons', 'teaspoonful', 'teaspoonfuls', 'tsps', 'teasp'),
  unit('pint', 'volume', 473.176, 'pints', 'pt', 'pts', 'us pint', 'us pints'),
  unit('uk pint', 'volume', 568.261, 'uk pints'),
  unit('quart', 'volume', 946.353, 'quarts', 'qt', 'qts'),
  unit('gallon', 'volume', 3785.41, 'gallons', 'gal', 'gals'),
  unit('dram', 'volume', 3.697, 'drams'),
  unit('dash', 'volume', 0.62, 'dashes'),
  unit('drop', 'volume', 0.05, 'drops'),
  unit('pinch', 'volume', 0.31, 'pinches', 'pinch of'),
  unit('stick', 'count', 1, 'sticks'),
  unit('tin', 'count', 1, 'tins', 'can', 'cans'),
  unit(
    'packet',
    'count',
    1,
    'packets',
    'pkt',
    'pkts',
    'package',
    'packages',
    'sachet',
    'sachets',
    'envelope',
    'envelopes',
  ),
  unit('sheet', 'count', 1, 'sheets', 'leaf', 'leaves'),
  // sold in any size: understood only where the line says how much is in one
  unit('jar', 'count', 1, 'jars'),
  unit('bag', 'count', 1, 'bags'),
  unit('bar', 'count', 1, 'bars'),
  unit('box', 'count', 1, 'boxes'),
  unit('bottle', 'count', 1, 'bottles'),
  unit('tub', 'count', 1, 'tubs', 'carton', 'cartons', 'pot', 'pots'),
  unit('each', 'count', 1, 'whole', 'pc', 'pcs'),
]

const byName = new Map(units.flatMap((u) => u.names.map((name) => [name, u] as const)))
const longestFirst = [...byName.keys()].sort((a, b) => b.length - a.length)

/** One-letter units, told apart by their case as cooks write them. */
const letters: Readonly<Record<string, string>> = { T: 'tbsp', t: 'tsp', c: 'cup', C: 'cup', L: 'l', G: 'g' }

/** Reads a unit at the start of `text`; returns it and what follows, or null. Longest name wins. */
export function parseUnit(text: string): { unit: Unit; rest: string } | null {
  const t = text.trimStart()
  const letter = /^([TtcCLG])(?:\.|\s|$)/.exec(t)
  const known = letter && byName.get(letters[letter[1] as string] as string)
  if (letter && known) return { unit: known, rest: t.slice(letter[0].length).trimStart() }
  const lower = t.toLowerCase()
  for (const name of longestFirst) {
    if (lower.startsWith(name) && !/^[\p{L}\d]/u.test(lower.slice(name.length)))
      return { unit: byName.get(name) as Unit, rest: t.slice(name.length).replace(/^\.?\s*/, '') }
  }
  return null
}
