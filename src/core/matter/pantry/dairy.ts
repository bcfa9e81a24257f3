import { type Allergen, ingredient } from '../ingredient'

const milk: Allergen[] = ['milk']
const computed = { source: 'computed' } as const

/** A cream by its fat: the rest is skimmed milk. */
const cream = (percent: number, name: string) => {
  const skim = (100 - percent) / 100
  return ingredient(
    `cream-${percent}`,
    name,
    { fat: percent, milkProtein: 3.4 * skim, lactose: 4.9 * skim, ash: 0.75 * skim },
    { density: 1.03 - percent * 0.0009, allergens: milk, ...computed },
  )
}

const plantMilk = (id: string, name: string, parts: Parameters<typeof ingredient>[2], allergens: Allergen[]) =>
  ingredient(id, name, parts, { density: 1.03, allergens })

const butter = { density: 0.95, allergens: milk }

/** Creams, milks, butters, other fats and egg. */
export const dairy = [
  cream(12, 'Half-and-half, 12 % fat'),
  cream(18, 'Single cream, 18 % fat'),
  cream(30, 'Whipping cream, 30 % fat'),
  cream(36, 'Cream, 36 % fat'),
  cream(48, 'Double cream, 48 % fat'),
  ingredient(
    'creme-fraiche',
    'Crème fraîche',
    { fat: 30, milkProtein: 2.4, lactose: 2.4, acid: 0.7, ash: 0.5 },
    {
      density: 1.0,
      allergens: milk,
    },
  ),
  ingredient(
    'sour-cream',
    'Sour cream',
    { fat: 20, milkProtein: 2.7, lactose: 3.5, acid: 0.7, ash: 0.6 },
    { density: 1.0, allergens: milk },
  ),
  ingredient(
    'milk-whole',
    'Whole milk',
    { fat: 3.6, milkProtein: 3.3, lactose: 4.7, ash: 0.7 },
    {
      density: 1.03,
      allergens: milk,
    },
  ),
  ingredient(
    'milk-half',
    'Semi-skimmed milk',
    { fat: 1.7, milkProtein: 3.4, lactose: 4.8, ash: 0.7 },
    {
      density: 1.03,
      allergens: milk,
    },
  ),
  ingredient(
    'milk-skimmed',
    'Skimmed milk',
    { fat: 0.1, milkProtein: 3.4, lactose: 4.9, ash: 0.75 },
    {
      density: 1.035,
      allergens: milk,
    },
  ),
  ingredient(
    'milk-powder',
    'Milk powder, skimmed',
    { fat: 1, milkProtein: 36, lactose: 52, ash: 7.5 },
    {
      density: 0.5,
      allergens: milk,
    },
  ),
  ingredient(
    'milk-powder-whole',
    'Milk powder, whole',
    { fat: 26.7, milkProtein: 26.3, lactose: 38.4, ash: 6.1 },
    {
      density: 0.5,
      allergens: milk,
    },
  ),
  ingredient(
    'malted-milk',
    'Malted milk powder',
    { fat: 8, milkProtein: 10, lactose: 18, glucoseSolids: 45, starch: 10, ash: 3.5, protein: 2.5, de: 42 },
    {
      density: 0.45,
      allergens: ['milk', 'gluten'],
      source: 'trade specification',
    },
  ),
  ingredient(
    'evaporated-milk',
    'Evaporated milk',
    { fat: 7.6, milkProtein: 6.8, lactose: 10, ash: 1.6 },
    {
      density: 1.07,
      allergens: milk,
    },
  ),
  ingredient(
    'condensed-milk',
    'Sweetened condensed milk',
    { fat: 8.3, milkProtein: 7.9, lactose: 10.8, sucrose: 44.2, ash: 1.8 },
    {
      density: 1.3,
      allergens: milk,
    },
  ),
  ingredient(
    'dulce-de-leche',
    'Dulce de leche',
    { fat: 7.5, milkProtein: 7, lactose: 10, sucrose: 45, ash: 1.7 },
    { density: 1.3, allergens: milk },
  ),
  ingredient(
    'soft-caramels',
    'Soft caramels, bought',
    { sucrose: 33, glucoseSolids: 37, lactose: 6, milkProtein: 4.5, fat: 8.5, salt: 0.6, ash: 1, de: 42 },
    { density: 0.75, allergens: [...milk, 'soya'] },
  ),
  ingredient(
    'buttermilk',
    'Buttermilk',
    { fat: 0.9, milkProtein: 3.3, lactose: 4.2, acid: 0.7, ash: 0.75 },
    {
      density: 1.03,
      allergens: milk,
    },
  ),
  ingredient(
    'clotted-cream',
    'Clotted cream',
    { fat: 63.5, milkProtein: 1.6, lactose: 2.3, ash: 0.4 },
    {
      density: 0.97,
      allergens: milk,
    },
  ),
  ingredient(
    'mascarpone',
    'Mascarpone',
    { fat: 42, milkProtein: 4.6, lactose: 3.6, acid: 0.3, ash: 0.6 },
    {
      density: 1,
      allergens: milk,
    },
  ),
  ingredient(
    'cream-cheese',
    'Cream cheese',
    { fat: 34, milkProtein: 6.2, lactose: 3.8, acid: 0.3, salt: 0.8, ash: 1.1 },
    { density: 1, allergens: milk },
  ),
  ingredient(
    'ricotta',
    'Ricotta',
    { fat: 13, milkProtein: 11, lactose: 3, ash: 1.1 },
    { density: 1.04, allergens: milk },
  ),
  ingredient(
    'yogurt',
    'Yogurt, plain',
    { fat: 3.3, milkProtein: 3.6, lactose: 4, acid: 1, ash: 0.75 },
    { density: 1.03, allergens: milk },
  ),
  ingredient(
    'whey-powder',
    'Whey powder, sweet',
    { lactose: 73, milkProtein: 12.5, fat: 1.1, ash: 8.4 },
    { density: 0.6, allergens: milk },
  ),
  ingredient(
    'khoa',
    'Khoa, boiled-down milk',
    { fat: 26, milkProtein: 18, lactose: 24, ash: 3.6 },
    { density: 0.9, allergens: milk },
  ),
  plantMilk(
    'oat-milk',
    'Oat drink',
    { fat: 1.5, protein: 1, monosaccharide: 1, glucoseSolids: 3.5, starch: 2, ash: 0.3, insoluble: 0.8, de: 60 },
    ['gluten'],
  ),
  plantMilk('soya-milk', 'Soya drink', { fat: 1.9, protein: 3.4, sucrose: 2.5, ash: 0.6, insoluble: 0.5 }, ['soya']),
  plantMilk('almond-milk', 'Almond drink', { fat: 1.1, protein: 0.5, sucrose: 2.4, ash: 0.3, insoluble: 0.3 }, [
    'nuts',
  ]),
  ingredient(
    'coconut-milk',
    'Coconut milk',
    { fat: 19, protein: 1.8, sucrose: 2.5, ash: 0.8, insoluble: 0.9 },
    {
      density: 0.98,
    },
  ),
  ingredient(
    'coconut-cream',
    'Coconut cream',
    { fat: 28, protein: 2.6, sucrose: 3, ash: 1, insoluble: 1.4 },
    {
      density: 0.97,
    },
  ),
  ingredient(
    'condensed-coconut-milk',
    'Sweetened condensed coconut milk',
    { sucrose: 45, monosaccharide: 1, fat: 12, protein: 1.5, ash: 0.7, insoluble: 0.8 },
    { density: 1.27 },
  ),
  ingredient(
    'butter',
    'Butter, unsalted',
    { fat: 82, milkProtein: 0.7, lactose: 0.7, ash: 0.1 },
    {
      ...butter,
      prepare: ['cut-up'],
    },
  ),
  ingredient(
    'butter-salted',
    'Butter, salted',
    { fat: 80.5, milkProtein: 0.7, lactose: 0.7, salt: 1.6, ash: 0.1 },
    {
      ...butter,
      prepare: ['cut-up'],
    },
  ),
  ingredient('ghee', 'Ghee', { fat: 99.6 }, { density: 0.91, allergens: milk }),
  // what was its water is gone, and what browned in it stays
  ingredient('brown-butter', 'Brown butter', { fat: 98, milkProtein: 0.8, lactose: 0.7, ash: 0.2 }, butter),
  ingredient(
    'margarine',
    'Margarine, hard',
    { fat: 80, salt: 1.2, lactose: 0.3, ash: 0.1 },
    // whey or milk powder is in most; a pack without is an ingredient of one's own
    {
      density: 0.95,
      allergens: milk,
    },
  ),
  ingredient('coconut-oil', 'Coconut oil', { fat: 99.9 }, { density: 0.92 }),
  ingredient('shortening', 'Shortening', { fat: 100 }, { density: 0.87 }),
  ingredient('lard', 'Lard', { fat: 100 }, { density: 0.87 }),
  ingredient('vegetable-oil', 'Vegetable oil', { fat: 100 }, { density: 0.92 }),
  ingredient('sesame-oil', 'Sesame oil', { fat: 100 }, { density: 0.92, allergens: ['sesame'] }),
  ingredient('peanut-oil', 'Peanut oil', { fat: 100 }, { density: 0.92, allergens: ['peanuts'] }),
  ingredient(
    'egg',
    'Whole egg',
    { fat: 9.5, protein: 12.6, monosaccharide: 0.4, ash: 1 },
    { density: 1.03, allergens: ['egg'] },
  ),
  ingredient(
    'egg-yolk',
    'Egg yolk',
    { fat: 27, protein: 16, monosaccharide: 0.4, ash: 1.7 },
    { density: 1.03, allergens: ['egg'] },
  ),
  ingredient(
    'egg-white',
    'Egg white',
    { protein: 10.5, monosaccharide: 0.7, ash: 0.7, fat: 0.2 },
    {
      density: 1.04,
      allergens: ['egg'],
      prepare: ['unchill'],
    },
  ),
  ingredient(
    'egg-white-powder',
    'Egg white powder',
    { protein: 81, monosaccharide: 5, ash: 5.5, water: 8.5 },
    {
      density: 0.45,
      allergens: ['egg'],
    },
  ),
]
