import { ingredient } from '../ingredient'

/** A sieved fruit by its sugars, acid and fibre. */
const puree = (id: string, name: string, monosaccharide: number, sucrose: number, acid: number, insoluble: number) =>
  ingredient(id, name, { monosaccharide, sucrose, acid, insoluble, ash: 0.5 }, { density: 1.05 })

const juice = (id: string, name: string, acid: number, monosaccharide: number) =>
  ingredient(id, name, { monosaccharide, acid, ash: 0.4 }, { density: 1.03 })

const dried = (
  id: string,
  name: string,
  monosaccharide: number,
  sucrose: number,
  insoluble: number,
  sulphites = true,
) =>
  ingredient(
    id,
    name,
    { monosaccharide, sucrose, insoluble, acid: 1.2, ash: 2 },
    {
      density: 0.6,
      whole: true,
      allergens: sulphites ? ['sulphites'] : [],
    },
  )

/** Fruits of which the juice and the zest are taken. */
export const citrus = ['lemon', 'lime', 'orange'] as const
/** Of their juice, g in 100 g. */
const ACID = { lemon: 6, lime: 6.2, orange: 1 } as const
const SUGARS = { lemon: 2.4, lime: 1.7, orange: 8.4 } as const
const capital = (fruit: string): string => fruit.charAt(0).toUpperCase() + fruit.slice(1)

/** Juices, with grated zest or without, zest, purées and dried fruit. */
export const fruits = [
  ...citrus.map((fruit) => juice(`${fruit}-juice`, `${capital(fruit)} juice`, ACID[fruit], SUGARS[fruit])),
  ...citrus.map((fruit) =>
    ingredient(
      `${fruit}-juice-zest`,
      `${capital(fruit)} juice and zest`,
      { monosaccharide: SUGARS[fruit], acid: ACID[fruit], insoluble: 1.5, ash: 0.4 },
      { density: 1.03 },
    ),
  ),
  ...citrus.map((fruit) =>
    ingredient(
      `${fruit}-zest`,
      `${capital(fruit)} zest`,
      { monosaccharide: 4, acid: 0.3, insoluble: 12, ash: 0.6 },
      { density: 0.4 },
    ),
  ),
  juice('grapefruit-juice', 'Grapefruit juice', 1.4, 8),
  juice('yuzu-juice', 'Yuzu juice', 5.5, 2),
  ingredient('fruit-juice', 'Fruit juice', { monosaccharide: 10.5, acid: 0.6, ash: 0.3 }, { density: 1.04 }),
  puree('raspberry-puree', 'Raspberry purée', 4.4, 0.2, 1.7, 6),
  puree('blackcurrant-puree', 'Blackcurrant purée', 7, 0.5, 3.4, 5.5),
  puree('strawberry-puree', 'Strawberry purée', 4.8, 0.6, 0.9, 2),
  puree('cherry-puree', 'Cherry purée', 11, 0.2, 1.4, 1.8),
  puree('blueberry-puree', 'Blueberry purée', 9.5, 0.1, 0.9, 2.4),
  puree('passionfruit-puree', 'Passion fruit purée', 6.5, 3.5, 3.2, 1),
  puree('mango-puree', 'Mango purée', 4, 9.5, 0.4, 1.6),
  puree('apricot-puree', 'Apricot purée', 3.3, 5.8, 1.3, 2),
  puree('quince-puree', 'Quince purée', 7.5, 0.6, 1, 3.5),
  puree('rhubarb-puree', 'Rhubarb purée', 1.1, 0, 1.6, 2.4),
  puree('apple-puree', 'Apple purée', 8.6, 1.8, 0.5, 1.8),
  puree('banana-puree', 'Banana purée', 9.5, 7, 0.4, 2.6),
  puree('blackberry-puree', 'Blackberry purée', 4.9, 0.1, 1.2, 5),
  puree('cranberry-puree', 'Cranberry purée', 4, 0.1, 3, 4),
  puree('lychee-puree', 'Lychee purée', 14, 1, 0.3, 1.3),
  puree('peach-puree', 'Peach purée', 2.4, 5.6, 0.6, 1.5),
  puree('pear-puree', 'Pear purée', 9, 0.7, 0.3, 3),
  puree('pineapple-puree', 'Pineapple purée', 4.2, 6, 0.8, 1.4),
  puree('plum-puree', 'Plum purée', 7.4, 1.6, 1.3, 1.6),
  puree('redcurrant-puree', 'Redcurrant purée', 6.6, 0.4, 2.4, 4),
  puree('pumpkin-puree', 'Pumpkin purée', 3, 1.2, 0.1, 3),
  ingredient('tamarind', 'Tamarind pulp', { monosaccharide: 30, acid: 9, insoluble: 8, ash: 2 }, { density: 1.15 }),
  ingredient(
    'boiled-cider',
    'Boiled cider',
    { monosaccharide: 58, sucrose: 4, acid: 2.6, ash: 1.4 },
    { density: 1.33 },
  ),
  ingredient(
    'pomegranate-molasses',
    'Pomegranate molasses',
    { monosaccharide: 60, acid: 7, ash: 1.8 },
    { density: 1.33 },
  ),
  dried('dried-pear', 'Dried pear, diced', 50, 5, 14),
  dried('dried-apricot', 'Dried apricots', 38, 8, 8),
  dried('dried-fig', 'Dried figs', 47, 1, 11, false),
  dried('dried-date', 'Dates, dried', 63, 5, 8, false),
  dried('raisins', 'Raisins', 65, 0.5, 5, false),
  dried('dried-cranberry', 'Dried cranberries', 62, 5, 5, false),
  dried('dried-cherry', 'Dried cherries', 60, 5, 5, false),
  dried('dried-apple', 'Dried apple', 48, 9, 9),
  dried('dried-mango', 'Dried mango', 45, 20, 3),
  dried('dried-pineapple', 'Dried pineapple, sugared', 35, 35, 3),
  dried('dried-strawberry', 'Dried strawberries', 55, 8, 7),
  dried('prunes', 'Prunes', 39, 0.3, 7, false),
  ingredient(
    'fresh-ginger',
    'Ginger root',
    { starch: 12, monosaccharide: 1.7, protein: 1.8, fat: 0.8, insoluble: 3, ash: 0.8 },
    { density: 0.5 },
  ),
  ingredient(
    'crystallised-ginger',
    'Crystallised ginger',
    { sucrose: 68, monosaccharide: 12, insoluble: 4 },
    {
      density: 0.72,
      whole: true,
    },
  ),
  ingredient(
    'glace-cherry',
    'Glacé cherries',
    { sucrose: 30, monosaccharide: 33, glucoseSolids: 9, insoluble: 2, de: 42 },
    {
      density: 0.75,
      whole: true,
      allergens: ['sulphites'],
    },
  ),
  ingredient(
    'candied-peel',
    'Candied peel',
    { sucrose: 30, monosaccharide: 35, glucoseSolids: 10, insoluble: 4, de: 42 },
    {
      density: 0.7,
      whole: true,
      allergens: ['sulphites'],
    },
  ),
  ingredient(
    'freeze-dried-strawberry',
    'Strawberries, freeze-dried',
    { monosaccharide: 50, sucrose: 6, acid: 8, insoluble: 27, ash: 4, water: 5 },
    { density: 0.15 },
  ),
  ingredient(
    'freeze-dried-raspberry',
    'Raspberries, freeze-dried',
    { monosaccharide: 38, sucrose: 2, acid: 13, insoluble: 38, ash: 4, water: 5 },
    {
      density: 0.2,
    },
  ),
]
