import { ingredient } from '../ingredient'

const trade = { source: 'trade specification' } as const

/** Sugars, syrups and honeys. */
export const sugars = [
  ingredient('water', 'Water', { water: 100 }),
  ingredient(
    'sugar',
    'Granulated sugar',
    { sucrose: 99.95, ash: 0.05 },
    {
      density: 0.85,
    },
  ),
  ingredient(
    'caster-sugar',
    'Caster sugar',
    { sucrose: 99.95, ash: 0.05 },
    {
      density: 0.9,
    },
  ),
  ingredient(
    'icing-sugar',
    'Icing sugar',
    { sucrose: 96.7, starch: 3, water: 0.3 },
    {
      density: 0.5,
    },
  ),
  ingredient(
    'demerara',
    'Demerara sugar',
    { sucrose: 98.2, monosaccharide: 0.6, ash: 0.6 },
    {
      density: 0.92,
    },
  ),
  ingredient(
    'light-brown-sugar',
    'Light brown sugar',
    { sucrose: 93, monosaccharide: 3.5, ash: 1.2 },
    {
      density: 0.93,
    },
  ),
  ingredient(
    'dark-brown-sugar',
    'Dark brown sugar',
    { sucrose: 89.5, monosaccharide: 5, ash: 2.2 },
    {
      density: 0.95,
    },
  ),
  ingredient(
    'light-muscovado',
    'Light muscovado',
    { sucrose: 91, monosaccharide: 4, ash: 1.8 },
    {
      density: 0.93,
    },
  ),
  ingredient(
    'dark-muscovado',
    'Dark muscovado',
    { sucrose: 87, monosaccharide: 6, ash: 3.2 },
    {
      density: 0.95,
    },
  ),
  ingredient(
    'palm-sugar',
    'Palm sugar',
    { sucrose: 80, monosaccharide: 8, ash: 2.5, protein: 1 },
    {
      density: 0.9,
    },
  ),
  ingredient('glucose-28', 'Glucose syrup, 28 DE', { glucoseSolids: 79, de: 28 }, { density: 1.42, ...trade }),
  ingredient('glucose-38', 'Glucose syrup, 38 DE', { glucoseSolids: 80, de: 38 }, { density: 1.42, ...trade }),
  ingredient(
    'glucose-42',
    'Glucose syrup, 42 DE',
    { glucoseSolids: 80.3, de: 42 },
    {
      density: 1.42,
      ...trade,
    },
  ),
  ingredient('glucose-60', 'Glucose syrup, 60 DE', { glucoseSolids: 81.5, de: 60 }, { density: 1.42, ...trade }),
  ingredient(
    'corn-syrup',
    'Light corn syrup',
    { glucoseSolids: 72, sucrose: 3, salt: 0.3, de: 45 },
    {
      density: 1.38,
      ...trade,
    },
  ),
  ingredient(
    'dark-corn-syrup',
    'Dark corn syrup',
    { glucoseSolids: 68, sucrose: 7, ash: 0.8, salt: 0.4, de: 45 },
    {
      density: 1.38,
      ...trade,
    },
  ),
  ingredient(
    'dextrose',
    'Dextrose powder',
    { monosaccharide: 91, water: 9 },
    {
      density: 0.65,
      ...trade,
    },
  ),
  ingredient('fondant', 'Fondant', { sucrose: 79, glucoseSolids: 9, de: 42 }, { density: 1.36, ...trade }),
  ingredient(
    'golden-syrup',
    'Golden syrup',
    { sucrose: 33, monosaccharide: 47, ash: 1.2, salt: 0.3 },
    {
      density: 1.43,
    },
  ),
  ingredient(
    'invert-syrup',
    'Invert syrup',
    { monosaccharide: 72, sucrose: 5, ash: 0.2 },
    {
      density: 1.38,
      ...trade,
    },
  ),
  ingredient(
    'honey',
    'Honey',
    { monosaccharide: 72, sucrose: 6, glucoseSolids: 3.5, acid: 0.5, ash: 0.4, protein: 0.4, de: 42 },
    {
      density: 1.42,
    },
  ),
  ingredient(
    'maple-syrup',
    'Maple syrup',
    { sucrose: 63.5, monosaccharide: 2.5, ash: 0.6, acid: 0.1 },
    {
      density: 1.33,
    },
  ),
  ingredient(
    'treacle',
    'Black treacle',
    { sucrose: 36, monosaccharide: 26, ash: 9, protein: 1.5, acid: 1.5 },
    {
      density: 1.42,
    },
  ),
  ingredient(
    'date-syrup',
    'Date syrup',
    { monosaccharide: 68, sucrose: 2, ash: 1.8, insoluble: 1.2 },
    { density: 1.38 },
  ),
  ingredient(
    'agave-syrup',
    'Agave syrup',
    { monosaccharide: 74, glucoseSolids: 2, ash: 0.3, de: 42 },
    { density: 1.37 },
  ),
  ingredient(
    'malt-extract',
    'Malt extract',
    { glucoseSolids: 68, sucrose: 3, protein: 5, ash: 1.5, de: 60 },
    { density: 1.4, allergens: ['gluten'], ...trade },
  ),
  ingredient('rice-syrup', 'Rice syrup', { glucoseSolids: 78, ash: 0.3, protein: 0.3, de: 42 }, { density: 1.4 }),
  ingredient('fructose', 'Fructose', { monosaccharide: 99.8 }, { density: 0.8, ...trade }),
  ingredient('maltodextrin', 'Maltodextrin', { glucoseSolids: 95, de: 18 }, { density: 0.5, ...trade }),
  ingredient('maple-sugar', 'Maple sugar', { sucrose: 85, monosaccharide: 5, ash: 1.2 }, { density: 0.85 }),
  ingredient('pearl-sugar', 'Pearl sugar', { sucrose: 99.8 }, { density: 0.8, whole: true }),
  ingredient('cane-syrup', 'Cane syrup', { sucrose: 50, monosaccharide: 23, acid: 0.3, ash: 1.2 }, { density: 1.38 }),
  ingredient(
    'sorghum-syrup',
    'Sorghum syrup',
    { sucrose: 33, monosaccharide: 39, acid: 0.6, ash: 2.2 },
    { density: 1.4 },
  ),
  ingredient('birch-syrup', 'Birch syrup', { monosaccharide: 65, acid: 0.6, ash: 1.4 }, { density: 1.33 }),
  ingredient('fruit-cordial', 'Fruit cordial', { sucrose: 35, monosaccharide: 12, acid: 1.2 }, { density: 1.2 }),
  ingredient('soft-drink', 'Soft drink', { monosaccharide: 10.4, acid: 0.1 }, { density: 1.04 }),
  ingredient(
    'sprinkles',
    'Sugar sprinkles',
    { sucrose: 80, glucoseSolids: 6, starch: 8, fat: 3, water: 3, de: 42 },
    { density: 0.85, whole: true, ...trade },
  ),
]
