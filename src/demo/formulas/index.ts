import type { FormulaDocument } from '@/core'
import { bergamotSauce } from './bergamot-sauce'
import { blackcurrantMarshmallow } from './blackcurrant-marshmallow'
import { butterscotch } from './butterscotch'
import { coconutBrittle } from './coconut-brittle'
import { dryCaramels } from './dry-caramels'
import { figFudge } from './fig-fudge'
import { gingerHoneycomb } from './ginger-honeycomb'
import { hardDrops } from './hard-drops'
import { juniperPopcorn } from './juniper-popcorn'
import { maltedFudge } from './malted-fudge'
import { orchardToffee } from './orchard-toffee'
import { quinceLollipops } from './quince-lollipops'
import { sesameBrittle } from './sesame-brittle'
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
}
