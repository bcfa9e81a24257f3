/** What a line is called on a list. */

import { typedName } from './called'
import { type FormulaDocument, type Line, piecesOf } from './document'
import { ingredientIn } from './mixes'
import { capital } from './sentence'

/** Ingredients that stand for any of their kind. */
const KINDS = new Set([
  'spice',
  'flavour',
  'extract',
  'colour',
  'colour-gel',
  'fruit-juice',
  'vinegar',
  'whisky',
  'brandy',
  'rum',
  'liqueur',
])
/** ◊ No name is longer, in letters. */
const LONGEST = 40
/** "A few drops of lemon oil" */
const DROPS = /^(?:an? )?(?:few |\d+ )?drops (?:of )?/i

/** What the line of an id is called, in whatever piece of a formula it stands; the id where it stands in none. */
export function nameOfId(formula: FormulaDocument, id: string): string {
  for (const { formula: piece } of piecesOf(formula)) {
    const line = piece.lines.find((l) => l.id === id)
    if (line) return nameOfLine(piece, line)
  }
  return id
}

/** What a line is called: as the pantry calls it, or as it was written where that only says its kind: "Cinnamon", and not "Ground spice". */
export function nameOfLine(
  formula: Pick<FormulaDocument, 'own'>,
  { ingredient, typed = '' }: Pick<Line, 'ingredient' | 'typed'>,
): string {
  const { name } = ingredientIn(formula, ingredient)
  const own = KINDS.has(ingredient) ? typedName(typed).replace(DROPS, '').replace(/^of /i, '').trim() : ''
  if (own === '' || own.length > LONGEST) return name
  return capital(/^colour/.test(ingredient) && !/colou?r/i.test(own) ? `${own} colour` : own)
}
