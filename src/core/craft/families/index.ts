/** The families of sugar work. A new family is one file here and one line in this table. */

import { brittle } from './brittle'
import { caramel } from './caramel'
import { caramelSauce } from './caramel-sauce'
import { condensedMilk } from './condensed-milk'
import { fudge } from './fudge'
import { hardCandy } from './hard-candy'
import { honeycomb } from './honeycomb'
import { marshmallow } from './marshmallow'
import { nougat } from './nougat'
import { popcorn } from './popcorn'
import { toffee } from './toffee'

export const families = {
  'hard-candy': hardCandy,
  caramel: caramel,
  'caramel-sauce': caramelSauce,
  'condensed-milk': condensedMilk,
  toffee: toffee,
  brittle: brittle,
  honeycomb: honeycomb,
  fudge: fudge,
  nougat: nougat,
  marshmallow: marshmallow,
  popcorn: popcorn,
} as const

export type FamilyId = keyof typeof families

export const familyIds = Object.keys(families) as FamilyId[]
