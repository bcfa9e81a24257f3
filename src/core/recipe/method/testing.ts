/** What tests of reading share. */
import type { BoiledFamilyId } from '../../craft/families'
import type { Shape } from '../../formula/document'
import { sentences } from './clauses'
import { shapeSaid } from './shape'

/** The pieces that a method alone speaks of; where `litres` is said, of so much. */
export const shapeRead = (
  family: BoiledFamilyId,
  method: string,
  litres: number | null = null,
  name = '',
  makes: number | null = null,
): Shape =>
  shapeSaid({
    family,
    name,
    said: sentences([method]),
    doneAt: -1,
    made: litres === null ? null : { litres, grams: 1300 * litres },
    makes,
    yields: null,
    vessel: null,
    tin: null,
  })
