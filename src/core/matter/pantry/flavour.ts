import { ingredient } from '../ingredient'

const salt = (id: string, name: string, density: number) =>
  ingredient(id, name, { salt: 99.6, water: 0.4 }, { density })

/** Alcohol leaves with the first boiling: it counts as gas. */
const spirit = (id: string, name: string, sucrose: number) =>
  ingredient(id, name, { gas: 33 * (1 - sucrose / 100), sucrose }, { density: 0.95 + sucrose / 400 })

/** What flavours whole, and is counted. */
const wholeSpice = (id: string, name: string) =>
  ingredient(id, name, { insoluble: 76, starch: 4, fat: 6, ash: 4, water: 10 }, { density: 0.35, whole: true })

/** Salts, flavours, colours, spirits and spices. */
export const flavours = [
  salt('salt', 'Fine salt', 1.22),
  salt('flaky-salt', 'Flaky sea salt', 0.55),
  salt('coarse-salt', 'Coarse salt', 0.95),
  salt('smoked-salt', 'Smoked salt', 1.0),
  ingredient('vanilla', 'Vanilla extract', { gas: 30, monosaccharide: 4 }, { density: 0.95 }),
  ingredient('vanilla-paste', 'Vanilla paste', { monosaccharide: 55, sucrose: 15, insoluble: 2 }, { density: 1.25 }),
  ingredient('vanilla-powder', 'Vanilla powder', { insoluble: 72, monosaccharide: 15, fat: 5 }, { density: 0.45 }),
  ingredient('vanilla-pod', 'Vanilla pod', { insoluble: 55, monosaccharide: 15, fat: 5 }, { density: 0.6 }),
  ingredient('extract', 'Flavour extract', { gas: 35 }, { density: 0.93 }),
  ingredient('almond-extract', 'Almond extract', { gas: 35 }, { density: 0.93, allergens: ['nuts'] }),
  ingredient('flavour', 'Flavour oil', { fat: 100 }, { density: 0.92 }),
  ingredient('colour', 'Food colour, liquid', { water: 98, insoluble: 2 }, { density: 1.02 }),
  ingredient('colour-gel', 'Food colour, gel', { glucoseSolids: 60, insoluble: 5, de: 42 }, { density: 1.25 }),
  ingredient('rose-water', 'Rose water', { water: 100 }, { density: 1 }),
  ingredient('orange-flower-water', 'Orange flower water', { water: 100 }, { density: 1 }),
  spirit('rum', 'Rum', 0),
  spirit('whisky', 'Whisky', 0),
  spirit('brandy', 'Brandy', 0),
  spirit('liqueur', 'Liqueur', 30),
  ingredient(
    'wine',
    'Wine',
    { gas: 10.5, monosaccharide: 0.4, acid: 0.6, ash: 0.2 },
    { density: 0.99, allergens: ['sulphites'] },
  ),
  ingredient(
    'fortified-wine',
    'Port, sherry or Marsala',
    { gas: 15, monosaccharide: 10, acid: 0.5, ash: 0.2 },
    { density: 1.02, allergens: ['sulphites'] },
  ),
  ingredient(
    'beer',
    'Beer',
    { gas: 4.2, glucoseSolids: 3.2, protein: 0.4, ash: 0.2, de: 30 },
    { density: 1.01, allergens: ['gluten'] },
  ),
  ingredient(
    'cider',
    'Cider, fermented',
    { gas: 4.5, monosaccharide: 2.5, acid: 0.5, ash: 0.2 },
    { density: 1.01, allergens: ['sulphites'] },
  ),
  ingredient('tea', 'Tea, brewed', { insoluble: 0.2, ash: 0.1 }, { density: 1 }),
  ingredient('tea-leaves', 'Tea leaves', { insoluble: 68, protein: 20, fat: 2, ash: 5, water: 5 }, { density: 0.3 }),
  ingredient(
    'coffee-beans',
    'Coffee beans',
    { insoluble: 57, fat: 14, protein: 13, sucrose: 7, ash: 5, water: 4 },
    { density: 0.38, whole: true },
  ),
  ingredient('coffee', 'Coffee, brewed', { insoluble: 0.3, ash: 0.2 }, { density: 1 }),
  ingredient(
    'instant-coffee',
    'Instant coffee',
    { insoluble: 50, glucoseSolids: 32, protein: 8, ash: 7, water: 3, de: 20 },
    { density: 0.25 },
  ),
  ingredient(
    'spice',
    'Ground spice',
    { insoluble: 70, starch: 10, fat: 6, ash: 5, water: 9 },
    {
      density: 0.5,
    },
  ),
  ingredient(
    'herbs',
    'Dried herbs and flowers',
    { insoluble: 76, fat: 6, protein: 2, ash: 7, water: 9 },
    { density: 0.12 },
  ),
  ingredient(
    'soy-sauce',
    'Soy sauce',
    { salt: 14.5, protein: 8, monosaccharide: 3, acid: 0.8, ash: 1 },
    { density: 1.16, allergens: ['soya', 'gluten'] },
  ),
  wholeSpice('cinnamon-stick', 'Cinnamon stick'),
  wholeSpice('star-anise', 'Star anise'),
  wholeSpice('cardamom-pods', 'Cardamom pods'),
  wholeSpice('cloves', 'Cloves, whole'),
  wholeSpice('peppercorns', 'Peppercorns'),
  ingredient('matcha', 'Matcha', { insoluble: 62, protein: 28, fat: 5, water: 5 }, { density: 0.4 }),
  ingredient(
    'miso',
    'Miso, white',
    { salt: 6, protein: 9, monosaccharide: 20, starch: 14, fat: 4, insoluble: 3 },
    { density: 1.15, allergens: ['soya', 'gluten'] },
  ),
  ingredient('bay-leaf', 'Bay leaf', { insoluble: 84, fat: 8, ash: 3, water: 5 }, { density: 0.1 }),
  ingredient(
    'juniper',
    'Juniper berries, dried',
    { insoluble: 70, monosaccharide: 16, fat: 2, ash: 3, water: 9 },
    { density: 0.4, whole: true },
  ),
]
