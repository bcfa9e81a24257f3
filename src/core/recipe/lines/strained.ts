/** What only gives its flavour to a liquid, and is strained off or taken out again before the sweet is made. */

import { mentions } from '../../formula/called'
import type { Ingredient } from '../../matter/ingredient'
import { shelfOf } from '../../matter/ingredients'

/** "Discard the tea bags", "fish out the bay leaves and the zest": what is taken out again. "Remove the pan from the heat" takes out nothing. */
const TAKES_OUT =
  /\b(?:discard|remove|(?:fish|lift|pick|pull|scoop|strain|take) out|squeeze (?:out )?and (?:discard|remove))(?:ing)? ((?:(?!\b(?:from|then|before|with|and (?:add|bring|boil|cook|heat|pour|put|reheat|return|stir|warm|whisk))\b)[^,;.])+)/gi
const STRAINS =
  /\bstrain(?:ed|ing)?\b|\bthrough an? (?:\w+ )?(?:muslin|sieve|strainer)\b|\bsieve (?:it|out|the (?:cream|milk|water))\b/i
const STEEPS = /\b(?:infus|macerat|steep)/i
/** "Boil the cream with the ginger": a liquid is heated with it. */
const HEATS = /\b(?:boil|bring|heat|scald|simmer|soak|warm)/i
const LIQUID = /\b(?:cream|milk|tea|water)\b/i
/** "Ground ginger" is none of the ginger that was steeped. */
const OTHER_FORM = /\b(?:candied|crystalli[sz]ed|ground|powdered|stem) \p{L}+/giu
/** ◊ Nobody strains off after more sentences than this what was put in before. */
const SOON = 3

/** Flavourings that stay what they are, and so are held back by a sieve. */
const HELD_BACK = /zest|ginger|-pod|leaf|leaves|herbs/
const isFlavour = ({ id, whole }: Ingredient): boolean =>
  shelfOf(id) === 'own' || HELD_BACK.test(id) || (whole && shelfOf(id) === 'flavours')

/** Whether a method strains off or takes out again what has these names; `ingredient`: what it is, null where that is asked. */
export function isStrainedOut(
  said: readonly string[],
  names: readonly string[],
  ingredient: Ingredient | null,
): boolean {
  if (said.some((s) => [...s.matchAll(TAKES_OUT)].some(([, what = '']) => mentions(what, names)))) return true
  const at = said.findIndex((s) => mentions(s, names) && (STEEPS.test(s) || (HEATS.test(s) && LIQUID.test(s))))
  if (at < 0) return false
  const until = said.slice(at, at + SOON + 1).findIndex((s) => STRAINS.test(s))
  if (until < 0) return false
  const steeps = said.slice(at, at + until + 1).some((s) => STEEPS.test(s))
  const isUsedLater = said.slice(at + until + 1).some((s) => mentions(s.replace(OTHER_FORM, ' '), names))
  if (isUsedLater) return false
  if (ingredient === null) return steeps
  return isFlavour(ingredient) || (ingredient.whole && shelfOf(ingredient.id) === 'nuts' && steeps)
}
