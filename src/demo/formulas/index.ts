import type { FormulaDocument } from '@/core'
import { coconutBrittle } from './coconut-brittle'
import { hardDrops } from './hard-drops'
import { orchardToffee } from './orchard-toffee'
import { tamarindCaramels } from './tamarind-caramels'

/** The demo workshop's book, by address. */
export const demoFormulas: Readonly<Record<string, FormulaDocument>> = {
  'rhubarb-nettle-elderflower-drops': hardDrops,
  'smoked-salt-tamarind-caramels': tamarindCaramels,
  'coconut-chip-brittle': coconutBrittle,
  'orchard-toffee': orchardToffee,
}
