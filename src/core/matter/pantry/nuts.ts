import { type Allergen, ingredient, type Preparation } from '../ingredient'

interface NutFacts {
  fat: number
  protein: number
  sucrose: number
  insoluble: number
  /** g in a cup, which says its density. */
  cup: number
  allergen?: Allergen | null
  /** Toasted unless told, where it is an allergen: those are eaten as nuts. */
  prepare?: Preparation[]
}

const nut = (id: string, name: string, f: NutFacts) =>
  ingredient(
    id,
    name,
    { fat: f.fat, protein: f.protein, sucrose: f.sucrose, insoluble: f.insoluble, ash: 2.6 },
    {
      density: f.cup / 236.6,
      whole: true,
      allergens: f.allergen === null ? [] : [f.allergen ?? 'nuts'],
      prepare: f.prepare ?? (f.allergen === null ? [] : ['toast']),
    },
  )

const paste = (id: string, name: string, fat: number, protein: number, insoluble: number, allergens: Allergen[]) =>
  ingredient(id, name, { fat, protein, insoluble, ash: 3, water: 1 }, { density: 1.08, allergens })

/** Nuts, seeds, coconut, popcorn and their pastes. */
export const nuts = [
  nut('almonds', 'Almonds', { fat: 50, protein: 21, sucrose: 4.5, insoluble: 17.5, cup: 143 }),
  nut('almonds-flaked', 'Almonds, flaked', {
    fat: 51,
    protein: 21.5,
    sucrose: 4.5,
    insoluble: 16.5,
    cup: 92,
  }),
  nut('hazelnuts', 'Hazelnuts', {
    fat: 61,
    protein: 15,
    sucrose: 4.3,
    insoluble: 12,
    cup: 135,
  }),
  nut('pine-nuts', 'Pine nuts', { fat: 64, protein: 14, sucrose: 4, insoluble: 13, cup: 135 }),
  nut('pistachios', 'Pistachios', { fat: 46, protein: 20.5, sucrose: 7.5, insoluble: 19.5, cup: 123 }),
  nut('walnuts', 'Walnuts', { fat: 65, protein: 15, sucrose: 2.6, insoluble: 11, cup: 117 }),
  nut('pecans', 'Pecans', { fat: 71, protein: 9.2, sucrose: 4, insoluble: 10, cup: 109 }),
  nut('cashews', 'Cashews', { fat: 45, protein: 18, sucrose: 6, insoluble: 23.5, cup: 137 }),
  nut('macadamias', 'Macadamias', { fat: 74, protein: 8, sucrose: 4.5, insoluble: 9.5, cup: 134 }),
  nut('brazil-nuts', 'Brazil nuts', { fat: 67, protein: 14.3, sucrose: 2.3, insoluble: 11, cup: 133 }),
  ingredient(
    'chestnuts',
    'Chestnuts, cooked',
    { starch: 27, sucrose: 11, protein: 2, fat: 1.4, insoluble: 5, ash: 1 },
    { density: 0.6, whole: true },
  ),
  nut('peanuts', 'Peanuts', {
    fat: 49.5,
    protein: 25.5,
    sucrose: 4.5,
    insoluble: 12.5,
    cup: 146,
    allergen: 'peanuts',
  }),
  nut('sesame', 'Sesame seeds', {
    fat: 50,
    protein: 18,
    sucrose: 0.3,
    insoluble: 25,
    cup: 144,
    allergen: 'sesame',
  }),
  nut('poppy-seed', 'Poppy seed', { fat: 42, protein: 18, sucrose: 2.5, insoluble: 26, cup: 141, allergen: null }),
  nut('pumpkin-seed', 'Pumpkin seeds', {
    fat: 49,
    protein: 30,
    sucrose: 1.3,
    insoluble: 12,
    cup: 129,
    allergen: null,
  }),
  nut('sunflower-seed', 'Sunflower seeds', {
    fat: 51,
    protein: 21,
    sucrose: 2.5,
    insoluble: 18,
    cup: 140,
    allergen: null,
  }),
  nut('linseed', 'Linseed', {
    fat: 42,
    protein: 18,
    sucrose: 1.5,
    insoluble: 29,
    cup: 168,
    allergen: null,
  }),
  nut('chia-seed', 'Chia seeds', { fat: 31, protein: 17, sucrose: 0.5, insoluble: 43, cup: 165, allergen: null }),
  nut('hemp-seed', 'Hemp seeds, hulled', {
    fat: 49,
    protein: 32,
    sucrose: 1.5,
    insoluble: 8,
    cup: 150,
    allergen: null,
  }),
  nut('coconut-chips', 'Coconut chips, raw', {
    fat: 62,
    protein: 7,
    sucrose: 6,
    insoluble: 19.4,
    cup: 60,
    prepare: [],
    allergen: null,
  }),
  nut('coconut-desiccated', 'Desiccated coconut', {
    fat: 64,
    protein: 6.5,
    sucrose: 6,
    insoluble: 18,
    cup: 85,
    allergen: null,
  }),
  ingredient(
    'popcorn',
    'Popped corn',
    { starch: 65, protein: 12, fat: 4.5, insoluble: 13, ash: 1.5, water: 4 },
    {
      density: 0.035,
      whole: true,
      prepare: ['keep-hot'],
    },
  ),
  ingredient(
    'popcorn-kernels',
    'Popcorn kernels',
    { starch: 61, protein: 11, fat: 4.2, insoluble: 8.5, ash: 1.3 },
    {
      density: 0.8,
      whole: true,
    },
  ),
  ingredient(
    'puffed-rice',
    'Puffed rice',
    { starch: 84, protein: 6.5, fat: 1, insoluble: 1.5, ash: 2, water: 5 },
    {
      density: 0.07,
      whole: true,
    },
  ),
  ingredient(
    'rolled-oats',
    'Rolled oats',
    { starch: 57, protein: 13.5, fat: 7, sucrose: 1, insoluble: 10.5, ash: 1.8 },
    { density: 0.38, whole: true, allergens: ['gluten'] },
  ),
  ingredient(
    'cornflakes',
    'Cornflakes',
    { starch: 75, sucrose: 8, protein: 7.5, fat: 0.6, insoluble: 3.5, salt: 1.2 },
    { density: 0.12, whole: true, allergens: ['gluten'] },
  ),
  paste('tahini', 'Tahini', 55, 18, 23, ['sesame']),
  paste('peanut-butter', 'Peanut butter', 50, 25, 21, ['peanuts']),
  paste('hazelnut-paste', 'Hazelnut paste', 62, 15, 19, ['nuts']),
  paste('pistachio-paste', 'Pistachio paste', 47, 21, 28, ['nuts']),
  paste('almond-butter', 'Almond butter', 55, 21, 20, ['nuts']),
  paste('cashew-butter', 'Cashew butter', 48, 18, 30, ['nuts']),
  ingredient(
    'praline-paste',
    'Praline paste, half sugar',
    { sucrose: 51, fat: 30, protein: 7.5, insoluble: 9.5, ash: 1.3 },
    { density: 1.15, allergens: ['nuts'], source: 'trade specification' },
  ),
  ingredient(
    'marzipan',
    'Marzipan',
    { sucrose: 48, glucoseSolids: 8, fat: 17, protein: 7, insoluble: 8, ash: 1, de: 42 },
    {
      density: 1.2,
      allergens: ['nuts'],
      source: 'trade specification',
    },
  ),
]
