import type { BoiledFormula, FormulaDocument } from '@/core'
import { bergamotSauce } from './bergamot-sauce'
import { blackcurrantMarshmallow } from './blackcurrant-marshmallow'
import { butterscotch } from './butterscotch'
import { coconutBrittle } from './coconut-brittle'
import { dippingChocolate } from './dipping-chocolate'
import { dryCaramels } from './dry-caramels'
import { figFudge } from './fig-fudge'
import { gingerHoneycomb } from './ginger-honeycomb'
import { hardDrops } from './hard-drops'
import { honeyNougat } from './honey-nougat'
import { juniperPopcorn } from './juniper-popcorn'
import { maltedFudge } from './malted-fudge'
import { milkChocolate } from './milk-chocolate'
import { mintPillows } from './mint-pillows'
import { orchardToffee } from './orchard-toffee'
import { plumSquares } from './plum-squares'
import { quinceLollipops } from './quince-lollipops'
import { sesameBrittle } from './sesame-brittle'
import { shortcakeBars } from './shortcake-bars'
import { tahiniFudge } from './tahini-fudge'
import { tamarindCaramels } from './tamarind-caramels'

/** The demo workshop's book, by address. */
export const demoFormulas: Readonly<Record<string, FormulaDocument>> = {
  'rhubarb-nettle-elderflower-drops': hardDrops,
  'smoked-salt-tamarind-caramels': tamarindCaramels,
  'coconut-chip-brittle': coconutBrittle,
  'orchard-toffee': orchardToffee,
  'black-cardamom-dry-caramels': dryCaramels,
  'bergamot-pouring-caramel': bergamotSauce,
  'treacle-dark-butterscotch-drops': butterscotch,
  'sesame-and-poppy-brittle': sesameBrittle,
  'ginger-honeycomb': gingerHoneycomb,
  'quince-lollipops': quinceLollipops,
  'malted-milk-fudge': maltedFudge,
  'quick-tahini-fudge': tahiniFudge,
  'condensed-milk-fig-fudge': figFudge,
  'blackcurrant-marshmallow': blackcurrantMarshmallow,
  'juniper-popcorn-clusters': juniperPopcorn,
  'bay-leaf-honey-nougat': honeyNougat,
  'rye-shortcake-bars': shortcakeBars,
  'harbour-dark-dipping-chocolate': dippingChocolate,
  'water-mint-pillows': mintPillows,
  'pilot-house-milk-chocolate': milkChocolate,
  'plum-and-star-anise-squares': plumSquares,
}

/** A formula of the book that is boiled by itself. @throws Error when there is none of that name. */
export function demoBoil(id: string): BoiledFormula {
  const found = demoFormulas[id]
  if (!found?.target) throw new Error(`The demo book boils no "${id}"`)
  return { ...found, target: found.target }
}
