/** The families of sugar work. A new family is one file here and one line in this table. */
import { brittle } from './brittle'
import { caramel } from './caramel'
import { hardCandy } from './hard-candy'
import { toffee } from './toffee'

export const families = { 'hard-candy': hardCandy, caramel, brittle, toffee } as const

export type FamilyId = keyof typeof families

export const familyIds = Object.keys(families) as FamilyId[]
