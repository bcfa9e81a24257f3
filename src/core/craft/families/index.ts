/** The families of sugar work. A new family is one file here and one line in this table. */

import { brittle } from './brittle'
import { caramel } from './caramel'
import { caramelSauce } from './caramel-sauce'
import { chocolate } from './chocolate'
import { condensedMilk } from './condensed-milk'
import type { Family, FamilyFacts, Work } from './family'
import { fudge } from './fudge'
import { hardCandy } from './hard-candy'
import { honeycomb } from './honeycomb'
import { jelly } from './jelly'
import { layered } from './layered'
import { marshmallow } from './marshmallow'
import { nougat } from './nougat'
import { popcorn } from './popcorn'
import { toffee } from './toffee'

export const boiledFamilies = {
  'hard-candy': hardCandy,
  caramel,
  'caramel-sauce': caramelSauce,
  'condensed-milk': condensedMilk,
  toffee,
  brittle,
  honeycomb,
  fudge,
  nougat,
  marshmallow,
  jelly,
  popcorn,
} as const satisfies Record<string, Family>

export type BoiledFamilyId = keyof typeof boiledFamilies

export const families = { ...boiledFamilies, chocolate, layered } satisfies Record<string, FamilyFacts>

export type FamilyId = keyof typeof families

export const familyIds = Object.keys(families) as [FamilyId, ...FamilyId[]]

/** A school in words; its id where the family does not know it. */
export const schoolLabel = (family: FamilyId, school: string): string => schoolsOf(family)[school] ?? school

/** The schools of a family, by id. */
export const schoolsOf = (family: FamilyId): Readonly<Record<string, string>> =>
  (families[family] as FamilyFacts).schools

/** The school a sweet of the family is of where nothing tells another. */
export const firstSchool = (family: FamilyId): string => Object.keys(schoolsOf(family))[0] as string

/** How a sweet of this family and school is worked between the pull and the setting. */
export function workOf(family: FamilyId, school: string): Work {
  const { work, workIn } = families[family] as FamilyFacts
  return workIn?.[school] ?? work
}

/** Below which °C a sweet of this family and school is set and no longer runs, whatever its sugar does; null where its sugar decides. */
export const setsAt = (family: FamilyId, school: string): number | null =>
  (families[family] as FamilyFacts).setsAt?.[school] ?? null

/** Whether fine grain is what makes a sweet of this family and school: its sucrose is crystal then, and no solute. */
export function isGrained(family: FamilyId, school: string): boolean {
  const { grains, smooth } = families[family] as FamilyFacts
  return grains && !smooth?.includes(school)
}
