import { type Allergen, ingredient } from '../ingredient'

const gelatinous: Allergen[] = ['gelatin']
const gelatinMakeUp = { gelatin: 87, ash: 1.5, water: 11.5 }

const powder = { source: 'trade specification' } as const

const gelatin = (id: string, name: string, how: 'bloom' | 'soak') =>
  ingredient(id, name, gelatinMakeUp, { density: 0.7, allergens: gelatinous, prepare: [how], ...powder })

/** Sheets by grade. */
const sheet = (grade: string) => gelatin(`gelatin-${grade}`, `Gelatin sheets, ${grade}`, 'soak')

/** Bloom strength of a gelatin by its id. */
export const bloomOf: Readonly<Record<string, number>> = {
  'gelatin-powder': 225,
  'gelatin-powder-160': 160,
  'gelatin-powder-180': 180,
  'gelatin-powder-200': 200,
  'gelatin-powder-250': 250,
  'gelatin-powder-280': 280,
  'gelatin-bronze': 140,
  'gelatin-silver': 160,
  'gelatin-gold': 200,
  'gelatin-platinum': 250,
}
/** What is no sheet, by its id. */
export const gelatinPowders: readonly string[] = Object.keys(bloomOf).filter((id) => /powder/.test(id))

/** What sets, sours, lifts and thickens. */
export const setting = [
  ...gelatinPowders.map((id) => gelatin(id, `Gelatin powder, ${bloomOf[id]} bloom`, 'bloom')),
  sheet('bronze'),
  sheet('silver'),
  sheet('gold'),
  sheet('platinum'),
  ingredient('pectin', 'Pectin powder', { insoluble: 60, sucrose: 28, ash: 4, water: 8 }, { density: 0.6, ...powder }),
  ingredient('agar', 'Agar powder', { insoluble: 86, ash: 3.5, water: 10.5 }, { density: 0.6, ...powder }),
  ingredient('gum-arabic', 'Gum arabic', { insoluble: 86, ash: 3.5 }, { density: 0.6, ...powder }),
  ingredient('xanthan', 'Xanthan gum', { insoluble: 83, ash: 8 }, { density: 0.6, ...powder }),
  ingredient('lecithin', 'Lecithin', { fat: 97, water: 3 }, { density: 1, allergens: ['soya'], ...powder }),
  ingredient(
    'soda',
    'Baking soda',
    { ash: 100 },
    {
      density: 0.92,
      prepare: ['sift'],
    },
  ),
  ingredient('baking-powder', 'Baking powder', { ash: 68, starch: 27, water: 5 }, { density: 0.9 }),
  ingredient('cream-of-tartar', 'Cream of tartar', { acid: 98.5, ash: 1, water: 0.5 }, { density: 0.75 }),
  ingredient('citric-acid', 'Citric acid', { acid: 99.5, water: 0.5 }, { density: 0.9 }),
  ingredient('tartaric-acid', 'Tartaric acid', { acid: 99.5, water: 0.5 }, { density: 0.95 }),
  ingredient('malic-acid', 'Malic acid', { acid: 99.5, water: 0.5 }, { density: 0.9 }),
  ingredient('lactic-acid', 'Lactic acid, 80 %', { acid: 80 }, { density: 1.2, ...powder }),
  ingredient('vinegar', 'White vinegar', { acid: 5 }, { density: 1.01 }),
  ingredient(
    'balsamic-vinegar',
    'Balsamic vinegar',
    { monosaccharide: 15, acid: 6 },
    { density: 1.08, allergens: ['sulphites'] },
  ),
  ingredient(
    'cornflour',
    'Cornflour',
    { starch: 87, protein: 0.4, ash: 0.1, fat: 0.1 },
    {
      density: 0.55,
    },
  ),
  ingredient('potato-starch', 'Potato starch', { starch: 82, ash: 0.3 }, { density: 0.7 }),
  ingredient('tapioca-starch', 'Tapioca starch', { starch: 88, ash: 0.1 }, { density: 0.5 }),
  ingredient(
    'wheat-flour',
    'Plain flour',
    { starch: 71, monosaccharide: 0.4, protein: 10.5, fat: 1.2, ash: 0.5, insoluble: 3.4 },
    {
      density: 0.55,
      allergens: ['gluten'],
    },
  ),
  ingredient(
    'rye-flour',
    'Rye flour',
    { starch: 62, monosaccharide: 1, protein: 9, fat: 1.7, ash: 1.3, insoluble: 12 },
    {
      density: 0.5,
      allergens: ['gluten'],
    },
  ),
  ingredient(
    'rice-flour',
    'Rice flour',
    { starch: 79, protein: 6.5, fat: 0.9, ash: 0.5, insoluble: 1.1 },
    { density: 0.6 },
  ),
  ingredient(
    'semolina',
    'Semolina',
    { starch: 69, protein: 12.7, fat: 1, insoluble: 3.9, ash: 0.8 },
    { density: 0.7, allergens: ['gluten'] },
  ),
  ingredient(
    'chickpea-flour',
    'Chickpea flour',
    { starch: 45, protein: 22, fat: 6.7, sucrose: 3, insoluble: 11, ash: 2.8 },
    { density: 0.4 },
  ),
  ingredient('rice-paper', 'Rice paper, edible', { starch: 85, protein: 1, water: 14 }, { density: 0.3 }),
  ingredient(
    'marshmallows',
    'Marshmallows',
    { sucrose: 40, glucoseSolids: 40, gelatin: 2, de: 42 },
    { density: 0.21, allergens: gelatinous },
  ),
  ingredient(
    'marshmallow-creme',
    'Marshmallow creme',
    { sucrose: 35, glucoseSolids: 44, protein: 0.8, de: 42 },
    { density: 0.41, allergens: ['egg'] },
  ),
]
