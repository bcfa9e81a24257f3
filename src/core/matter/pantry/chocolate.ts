import { type Allergen, ingredient } from '../ingredient'

const cocoa = (percent: number) =>
  ingredient(
    `cocoa-${percent}`,
    `Cocoa powder, ${percent} % fat`,
    { fat: percent, cocoaSolids: 90.5 - percent, ash: 5, water: 4.5 },
    {
      density: 0.45,
    },
  )

/** Dark chocolate by its cocoa share; about half of it is cocoa butter. */
const dark = (percent: number) =>
  ingredient(
    `dark-chocolate-${percent}`,
    `Dark chocolate, ${percent} %`,
    { fat: percent * 0.56, cocoaSolids: percent * 0.44 - 1, sucrose: 99.3 - percent, ash: 1.2, water: 0.5 },
    {
      density: 0.65,
      prepare: ['chop'],
      allergens: ['soya'],
      source: 'trade specification',
    },
  )

const withMilk: Allergen[] = ['milk', 'soya']

/** Cocoas and chocolates. */
export const chocolates = [
  cocoa(11),
  cocoa(22),
  dark(54),
  dark(70),
  dark(85),
  ingredient(
    'unsweetened-chocolate',
    'Unsweetened chocolate',
    { fat: 53, cocoaSolids: 42.5, ash: 3, water: 1.5 },
    {
      density: 0.65,
      prepare: ['chop'],
    },
  ),
  ingredient(
    'milk-chocolate',
    'Milk chocolate',
    { fat: 31, milkProtein: 6.5, lactose: 9.5, sucrose: 43.5, cocoaSolids: 6.5, ash: 2, water: 1 },
    {
      density: 0.65,
      prepare: ['chop'],
      allergens: withMilk,
      source: 'trade specification',
    },
  ),
  ingredient(
    'white-chocolate',
    'White chocolate',
    { fat: 33, milkProtein: 6, lactose: 9, sucrose: 49.5, ash: 1.5, water: 1 },
    {
      density: 0.65,
      prepare: ['chop'],
      allergens: withMilk,
      source: 'trade specification',
    },
  ),
  ingredient(
    'gianduja',
    'Gianduja',
    {
      fat: 35,
      protein: 5,
      milkProtein: 2,
      lactose: 3,
      sucrose: 43,
      insoluble: 4.5,
      cocoaSolids: 5,
      ash: 1.5,
      water: 1,
    },
    {
      density: 0.65,
      prepare: ['chop'],
      allergens: ['nuts', ...withMilk],
      source: 'trade specification',
    },
  ),
  ingredient(
    'cacao-nibs',
    'Cacao nibs',
    { fat: 53, cocoaSolids: 42, ash: 2.5, water: 2.5 },
    { density: 0.5, whole: true },
  ),
  ingredient('cocoa-butter', 'Cocoa butter', { fat: 100 }, { density: 0.91 }),
]
