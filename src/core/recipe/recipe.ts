/** A whole recipe pasted as text, made into a draft: what is sure is taken, what is not is asked. */

import { MOST_SENTENCES } from '../formula/called'
import { short } from '../formula/sentence'
import type { HouseUnit } from '../matter/line'
import type { Pantry } from '../matter/names'
import type { Answers, Draft, Lexicon, WrittenPiece } from './draft/draft'
import { readLines } from './lines/lines'
import { unlistedIn } from './lines/unlisted'
import { methodIn } from './method/clauses'
import { withBase } from './parts/bases'
import { isMadeByHand, layersIn, readLayers } from './parts/layers'
import { readPiece } from './parts/piece'
import { readTwoPots } from './parts/two-pots'
import { ofOwnPart } from './text/interleaved'
import { withNames } from './text/lettered'
import { withPurpose } from './text/listed'
import { inGrams } from './text/shares'
import { splitRecipe } from './text/split'
import { withoutTitles } from './text/titles'
import { waterInGrams } from './text/units'
import { BULLET } from './text/unmarked'

/** ◊ What the notes of a formula take of the text it was read from. */
const MOST_TEXT = 4900

/** What is not boiled is one part, of all that is in the list. */
function wholeList({ name, list, said }: WrittenPiece, lexicon: Lexicon) {
  const { lines, written } = readLines(list, lexicon)
  return {
    heading: name || 'All of it',
    lines: [
      ...list.flatMap((s) => s.lines.map((line) => withPurpose(line, s.heading))),
      ...unlistedIn(said, lines, written, lexicon),
    ],
  }
}

/** A piece of whose list nothing is written, with what its method measures as its list. */
const listed = (piece: WrittenPiece, lexicon: Lexicon): WrittenPiece =>
  piece.list.length > 0
    ? piece
    : { ...piece, list: [{ heading: null, lines: unlistedIn(piece.said, [], [], lexicon) }] }

/** What the whites of a nougat stand under. */
const FOAM_LIST = /\b(?:meringue|whites|foam|frapp[eé])(?!\w)/i

/** A recipe as it was read. */
export interface ReadRecipe extends Draft {
  /** What of the text stands in the notes alone. */
  readonly left: readonly string[]
}

/** Reads a recipe. Everything written is in the draft, among what is asked, got ready, or left. */
export function readRecipe(
  text: string,
  pantry: Pantry,
  house: readonly HouseUnit[] = [],
  answers: Answers = {},
): ReadRecipe {
  const split = splitRecipe(text, answers.weights)
  const { list, left } = inGrams(split.list)
  const lexicon = { pantry, house }
  const rows = list.flatMap((s) => s.lines)
  const spoken = ofOwnPart(split.method, list).map((line) => line.replace(BULLET, ''))
  const told = withNames(spoken, list).map((line) => waterInGrams(line, rows))
  const { done: all, aside } = methodIn(withoutTitles(told))
  // what stands beyond is kept in the notes alone
  const said = all.slice(0, MOST_SENTENCES)
  const recipe = withBase(
    {
      ...split,
      list: list.filter((s) => s.lines.length > 0),
      method: said.length < all.length ? [{ heading: null, lines: said }] : split.method,
      left: [...split.left, ...left],
    },
    said,
    lexicon,
  )
  const written = {
    name: recipe.name,
    list: recipe.list,
    said,
    makes: recipe.makes,
    yields: recipe.yields,
    vessel: recipe.vessel,
  }
  const whole = listed(written, lexicon)
  const headed = layersIn(recipe)
  // "honey syrup", "sugar syrup", "meringue": two boils onto one foam are no layers
  const onFoam = headed?.some((l) => FOAM_LIST.test(l.heading)) ? readTwoPots(whole, lexicon, answers) : null
  const layers = onFoam ? null : (headed ?? (isMadeByHand(whole, lexicon) ? [wholeList(whole, lexicon)] : null))
  const draft =
    layers && answers.layered !== false
      ? readLayers(recipe, layers, lexicon, answers)
      : (onFoam ?? readTwoPots(whole, lexicon, answers) ?? readPiece(written, lexicon, answers))
  return {
    ...draft,
    left: [...recipe.left, ...aside, ...all.slice(MOST_SENTENCES)],
    asks: [
      ...(split.unitless === null ? [] : [{ id: 'weights' as const, text: split.unitless }]),
      ...(layers ? [{ id: 'layered' as const, labels: layers.map((l) => l.heading) }] : []),
      ...draft.asks,
    ],
    formula: { ...draft.formula, notes: short(text, MOST_TEXT), source: 'pasted text' },
  }
}
