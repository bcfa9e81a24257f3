/** What of a method happens beside the pot: warmed in a pan of its own, whipped in a bowl, toasted, baked, bloomed. */

import { NO_LINES } from '../../formula/called'
import { secondsIn } from '../../formula/sentence'
import { WATCHES } from '../sentence/endings'
import { heatIn } from '../sentence/heats'
import { FOAM, inOven, isGotReady, pours, TURNS_OFF, warms, whipsWhites } from '../sentence/moves'
import { goesInAt, NO_JUG, PUTS_IN, SUGAR, SWEET_TOO, WARMED_TO } from './made-apart'
import { type Paste, pasteIn } from './pastes'

/** Onto what waits in the bowl: "pour the hot syrup slowly down the side of the bowl". */
export const ONTO = new RegExp(
  `\\bpour\\b(?!.{0,20}\\b(?:water|milk)\\b).*\\b(?:syrup|bowl|gelatin|mixer)\\b${NO_JUG}|\\b(?:pour|run|trickle|drizzle|stream)\\b.*\\b${FOAM}|^pour (?:it )?(?:over|on)$|^into (?:the )?(?:mixer )?bowl\\b`,
  'i',
)

/** Something is put together or scalded in a bowl, beside the pot. */
export const inBowl = (sentence: string): boolean =>
  /^(?!.*\b(?:pan|pot|saucepan|syrup)\b)(?:.*\b(?:in(?:to)?|to) (?:a |an |another |the |your )?(?:\w+ ){0,2}bowl\b|(?:combine|mix|stir|whisk)\b(?! in (?:1|an?|one) cup (?:of )?[a-z]).* in (?:an? )?(?:\w+ ){0,2}(?:cup|dish|ramekin|saucer)\b)/i.test(
    sentence.replace(NO_LINES, ' '),
  )

/** What stands for a while, after what was done to it beside the pot. */
const STAYS = 'leave|let|allow|set aside|stand|rest|infuse|steep'
const STANDS = new RegExp(`^(?:${STAYS})\\b`, 'i')

/** "Crush the biscuits, stir in the butter, press into the tin": all of a base, though it begins as what is got ready. */
const PRESSED = /\b(?:mix|stir|work)\b.*\bpress (?:it |the \w+ )?(?:in|on)to\b/i
/** Sentences of what is made by hand that only get something ready, and the time that then stands. */
export function readyByHand(said: readonly string[]): ReadonlySet<number> {
  const ready = new Set<number>()
  for (const [i, s] of said.entries())
    if ((isGotReady(s) && !PRESSED.test(s)) || (ready.has(i - 1) && STANDS.test(s) && secondsIn(s) !== null))
      ready.add(i)
  return ready
}

/** "Melt it in the microwave", once it has bloomed. */
const MELTS_BLOOMED =
  /^(?:gently )?(?:dissolve|heat|melt|warm) (?:it|the (?:bloomed )?gelatine?)\b.{0,30}\b(?:bain.?marie|microwave|water|bath)\b|^melt (?:it )?at \d\d\b/i

/** "Tip onto a plate": what was toasted or popped, before anything sweet is heated. */
const TIPS_ASIDE = /^(?:tip|transfer|turn) (?:them |it )?(?:in|into|on|onto|out)\b/i

const ADDS = /^add\b/i

/** What is done to something that was warmed apart, before it goes in. */
const TENDS = new RegExp(
  `^(?:(?:get|heat|warm|bring) (?:it|this|that)|${WARMED_TO.source.slice(1)}|(?:heat|warm) (?:gently )?(?:until|till)|${TURNS_OFF}|remove|take(?!.* to \\d)|discard|fish out|strain|cover|keep|cool|chill|(?:stir|whisk) (?:until|till) .{0,30}(?:combined|melted|smooth)|${STAYS})\\b`,
  'i',
)

/** What of a method happens beside the pot. */
export interface Beside {
  /** Sentences that warm something apart, each with the one that puts it in. */
  readonly apart: ReadonlyMap<number, number>
  /** Sentences by which nothing goes into the pot yet: what is bloomed, lined, toasted, or warmed apart. */
  readonly ready: ReadonlySet<number>
  /** The starch paste that is cooked apart, which the syrup is poured into; null for none. */
  readonly paste: Paste | null
}

/** "Scatter the almonds on an oiled tray". */
const ON_TRAY =
  /^(?:evenly )?(?:divide|scatter|sprinkle|spread|lay|put|place)\b.{3,40}\b(?:between|on|over|in)(?:to)? (?:an? |the )?(?:[\w"″×.-]+ ){0,4}(?:tray|sheet|mat|foil|parchment|paper|slab|marble|bottom|(?:roasting|roll|sheet|baking) (?:pan|tin)s?)\b/i

const LAYS_ON_IT =
  /^(?:evenly )?(?:arrange|lay|put|scatter|spread|sprinkle|strew)\b.{3,40}\b(?:in|on|over) (?:it|them)$/i

/** What is got ready however late it is told. */
const VESSEL = /\b(?:pan|tin|tray|sheet|mou?lds?|slab|board|dish|marble|paper|foil|starch|sugar)\b/i

/** A base is pressed into its tin before anything is boiled. */
const BASE = /\bpress(?:ed)?\b.{0,30}\b(?:in|into|over|onto)\b.{0,40}\b(?:tin|pan|tray|dish)\b/i

/** "Butter a tin": nothing of that goes into a pot. */
const GREASES =
  /^(?:(?:generously|lightly|well) )?(?:butter|grease|line|oil|spray)\b.{0,60}\b(?:dish|foil|mou?lds?|pan|paper|parchment|sheet|slab|tin|tray)\b/i

const PUT_SOMEWHERE =
  /^(?:arrange|place|put|spread|tip)\b (?:all |all of )?(?:the )?([^,;.]{3,50}?) (?:in|into|on|onto)\b/i
const POURED_ONTO = /\b(?:drizzle|pour|scrape|stream|tip|turn)\b[^,;.]{0,40}?\b(?:on|onto|over)\b([^,;.]{3,40})/i
/** "Put the popcorn in a roaster", and later "pour over the popcorn": it waits there for the boil. */
function waitsToBePouredOver(said: readonly string[], i: number): boolean {
  const things = PUT_SOMEWHERE.exec(said[i] as string)?.[1]?.match(/\p{L}{4,}/gu) ?? []
  return said.slice(i + 1).some((s) => {
    const onto = POURED_ONTO.exec(s)?.[1]?.toLowerCase()
    return onto !== undefined && things.some((thing) => new RegExp(`\\b${thing}\\b`, 'iu').test(onto))
  })
}

/** What of the sentences `said` happens beside the pot. `doneAt`: the one that ends the cook, where that is known. */
export function besideIn(said: readonly string[], doneAt = said.length): Beside {
  const paste = pasteIn(said)
  const apart = new Map(
    said.flatMap((_, i) => {
      const isLaid = GREASES.test(said[i] as string) || ON_TRAY.test(said[i] as string)
      const at = isLaid ? -1 : paste?.made.includes(i) ? paste.joinedAt : goesInAt(said, i)
      return at < 0 ? [] : [[i, at] as const]
    }),
  )
  // what is begun at a heat of the pot is a moment of the cook, and whites have to be whipped while it climbs
  const ready = new Set<number>()
  const others = new Set<number>()
  // what is baked before anything sweet is heated are nuts
  const firstHeated = (isSweet: (s: string) => boolean): number =>
    said.findIndex((s) => isSweet(s) && !inOven(s) && !isGotReady(s))
  const sweet = firstHeated((s) => SUGAR.test(s) || SWEET_TOO.test(s))
  const sugarAt = firstHeated((s) => SUGAR.test(s))
  for (const [i, s] of said.entries()) {
    const waits =
      ready.has(i - 1) &&
      ((STANDS.test(s) && secondsIn(s) !== null) || MELTS_BLOOMED.test(s) || (i < sweet && TIPS_ASIDE.test(s)))
    // "cool, chop finely": the nuts that were toasted, before anything sweet is heated
    const isTended = i < sweet && ready.has(i - 1) && TENDS.test(s) && !PUTS_IN.test(s)
    // "butter a sheet, sprinkle half of the nuts on it"
    const isLaid = ready.has(i - 1) && GREASES.test(said[i - 1] ?? '') && LAYS_ON_IT.test(s)
    const isMoment = whipsWhites(s) || (WATCHES.test(s) && heatIn(s) !== null)
    // "remove from the heat and let steep": the pan of the cream, not the pot
    const isOther =
      (apart.has(i) && !isMoment) ||
      (i < sweet && (inOven(s) || ON_TRAY.test(s) || BASE.test(s) || waitsToBePouredOver(said, i))) ||
      (others.has(i - 1) && TENDS.test(s) && !PUTS_IN.test(s)) ||
      // "add the sage and leave to infuse"
      (others.has(i - 1) && ADDS.test(s) && !SUGAR.test(s) && STANDS.test(said[i + 1] ?? ''))
    if (isOther) others.add(i)
    // "off the heat add the chocolate", "pour in the cream": to what stands there, where nothing sweet is on the stove yet
    const goesIn = apart.get(i - 1)
    if (goesIn !== undefined && !isOther && !isGotReady(s) && i < sugarAt && PUTS_IN.test(s)) {
      apart.set(i, goesIn)
      others.add(i)
      ready.add(i)
    }
    // nothing is put in any more that could be warmed for it
    const isOut = said.some((poured, k) => k > doneAt && k < i && pours(poured)) && !VESSEL.test(s)
    const isLate = i > doneAt && (warms(s) || isOut) && !said.some((later, k) => k > i && PUTS_IN.test(later))
    if ((isGotReady(s) && !isLate) || waits || isTended || isOther || isLaid) ready.add(i)
  }
  return { apart, ready, paste }
}
