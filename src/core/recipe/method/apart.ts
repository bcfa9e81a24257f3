/** Whether what follows a link is a moment of its own: a cook that ends somewhere else, what is done once one has ended, a wait after work. */
import { ADDS_IN } from '../sentence/adds'
import { coolnessIn } from '../sentence/coolness'
import { endingsIn, MEANWHILE, WATCHES } from '../sentence/endings'
import { BOILS_FROM, heatIn } from '../sentence/heats'
import { bathes, GETS_COLD, isGotReady, pours, putsBack, takesOff, whipsWhites } from '../sentence/moves'
import { SETS_OUT } from './begins'
import { any, both, type Case, heats, isHotter, isSaidToCool, lasts, not } from './cuts'
import {
  ADDS,
  ALONE,
  BACK_UP,
  BROWNS,
  FILLS_IT,
  KEEPS_ON,
  LASTS,
  LATER,
  MIXES_FOR,
  ON_SLAB,
  ONCE_COLD,
  ONWARD,
  PUT_ON,
  RETURNS,
  ROLLS_AT,
  STEAMS,
  STOPS,
  STREAMS,
  TOPS_LATER,
  UNSTIRRED,
  WAITS,
} from './links'

/** What a clause begins with. */
const begins = (words: string): RegExp => new RegExp(`^(?:${words})`, 'i')

const ends = (clause: string): boolean => endingsIn(clause, 'C').length > 0
/** By more than a time. */
const endsOtherwise = (clause: string): boolean => endingsIn(clause, 'C').some((e) => e.by !== 'time')
/** What is left to a heat at which nothing boils cools to it. */
const coolsIn = (clause: string): boolean => {
  const heat = heatIn(clause)
  return heat !== null && (heat.cools || (!heat.oven && heat.high < BOILS_FROM))
}

const PUTS_IN =
  /\b(?:add|stir in|(?:fold|mix|stir) them in|pour|trickle|drizzle|mix|put|combine|place|tip|(?:beat|whisk) in|float|dot|drop in|dump in|throw in)\b/i
const ADDS_MORE = begins(`${ADDS}\\b`)
const RESTS = begins(`${WAITS}\\b`)
const SLAB_WORK = begins(`${ON_SLAB}\\b`)
const LATER_WORK = begins(`${LATER}\\b`)
const AT_ONE = /^at \d/i
/** "When cool, cut", "when frothy": that is said of what was poured, or of whites. */
const COOLED = /\b(?:cool|cold|set|firm|hard|frothy|foamy)\b/i
const CUTS = /^(?:cut|mark|score|slice)\b/i
const WORKS =
  /^(?:(?:raise|increase|turn up)\b.{0,40}\b(?:and|then) )?(?:whisk|whip|beat|stir|knead|boil|cook|simmer)\b/i
/** "Boil covered for 3 minutes; uncover and boil to 118°" */
const BOILED_FOR = both(/\b(?:boil|bubble|cook|simmer)\b(?!.*\b(?:before|while)\b)/i, lasts)
/** "Put the sugar in a pan, bring to the boil; take off the heat …" */
const BROUGHT_UP =
  /(?:^|[,;]\s+|\b(?:and|then) )(?:bring|heat) (?:[^,;]{2,50} )?(?:back |up )?to (?:a|the) (?:full |gentle |rolling )?boil$/i
/** "Let it cool to 60°; add the acid, fill the moulds and leave 30 minutes" */
const RESTS_LATER = new RegExp(`[,;]\\s+(?:and |then )?${WAITS}\\b|\\b(?:and|then) ${WAITS}\\b`, 'i')
/** "Leave for an hour, smash it up" */
const BROKEN_LAST = new RegExp(`(?:^|[,;]\\s+(?:and )?(?:then )?)${LATER}\\b[^,;]*$`, 'i')

/** The first case that knows the words decides; where none does, it is one moment. */
export const CASES: readonly Case[] = [
  {
    told: 'Pour into a pan[ and ]when nearly cold mark into squares',
    tail: begins(`${ONCE_COLD}.*\\b${LATER}\\b`),
    apart: pours,
  },
  { told: 'Pour onto a slab[; ]fold the edges to the middle', tail: SLAB_WORK, apart: any(pours, SLAB_WORK) },
  // nuts are spread and baked in one
  {
    told: 'Press into the tin[ and ]bake for 15 minutes',
    tail: /^bake\b/i,
    apart: /\b(?:pour|press|tip|toss|turn)\b|\bspread (?:evenly|it|in|on|over|out)\b/i,
  },
  { told: 'Leave for 10 minutes{ and }let it cool to 40°', head: RESTS, tail: RESTS, apart: false },
  { told: 'Pour into the tin[, ]leave for 2 hours', tail: both(RESTS, lasts), apart: true },
  // it lies where it was poured while it cools
  {
    told: 'Pour into the tin[ and ]leave until cold',
    head: any(pours, CUTS),
    tail: both(
      RESTS,
      any(heats, GETS_COLD, (tail) => coolnessIn(tail) !== null),
    ),
    apart: true,
  },
  {
    told: 'Drop in the butter[, ]set the pan in cold water to 43°',
    head: PUTS_IN,
    tail: both(RESTS, bathes, heats),
    apart: true,
  },
  // it is in while it cools
  {
    told: 'Off the heat add the butter[ and ]leave until it is about 50°',
    head: both(PUTS_IN, not(heats)),
    tail: both(RESTS, coolsIn),
    apart: true,
  },
  { told: 'Beat it{ and }let it stand', tail: RESTS, apart: false },
  {
    told: 'When it reaches 110° turn it down[; ]add the butter at 114°',
    tail: begins(`${ADDS_IN}\\b[^\\d,;]* at (?:about )?\\d{3}\\b`),
    apart: isHotter,
  },
  { told: 'At 60° add the butter[; ]at 40° the praline', head: both(AT_ONE, heats), tail: AT_ONE, apart: true },
  {
    told: 'Remove from the heat at 150°[; ]after boiling has ceased add the flavour',
    head: heats,
    tail: both(/^after (?:it|the|boiling|bubbling)\b/i, PUTS_IN),
    apart: true,
  },
  { told: 'Pour into the tin[; ]sea salt on top after 10 minutes', tail: begins(TOPS_LATER), apart: pours },
  { told: 'Keep under a lamp[; ]roll at 80°', tail: begins(ROLLS_AT), apart: true },
  // counted from what stands before it
  { told: 'Spread it on a tray[; ]after 10 minutes sprinkle on the chips', tail: /^after (?:about )?\d/i, apart: true },
  {
    told: 'Cook it to a deep amber[, ]deglaze with the cream',
    head: not(any(WATCHES, takesOff)),
    tail: begins(`${STOPS}\\b`),
    apart: true,
  },
  { told: 'Add the butter[; ]bring it back up to 118°', tail: begins(BACK_UP), apart: true },
  { told: 'Float the butter on top[ and ]do not stir until 46°', tail: begins(UNSTIRRED), apart: not(RESTS) },
  {
    told: 'Bring to the boil[, ]cover and steam for 3 minutes',
    tail: begins(`${STEAMS}\\b`),
    apart: (_, tail) => lasts(tail),
  },
  {
    told: 'Boil with the lid on[, ]uncover and boil to 118°',
    tail: /^uncover/i,
    apart: (head, tail) => /\bcover(?:ed)?\b|\blid\b/i.test(head) && ends(tail),
  },
  {
    told: 'Cook to 140°[, then ]on to 155°',
    tail: begins(ONWARD),
    apart: (head, tail) => {
      const [before, { low = 0 }] = [heatIn(head), heatIn(tail) ?? {}]
      return before ? before.high < low : low > 0 && any(RESTS, PUTS_IN)(head)
    },
  },
  // what lies in it is boiled; a pan is only made ready
  {
    told: 'Butter the sides of a pan[; ]in it put the sugar and water',
    head: isGotReady,
    tail: /^(?:in it|shear in|pour)\b/i,
    apart: true,
  },
  {
    told: 'Warm the nuts in the oven[ and ]when the caramel is at 165° stir them in',
    head: isGotReady,
    tail: both(WATCHES, PUTS_IN, heats),
    apart: true,
  },
  // "butter a roasting pan, put in the popcorn": it lies there
  {
    told: 'Line a tin[; ]combine the sugar and cream in a pan',
    head: isGotReady,
    tail: both(begins(SETS_OUT), not(/^put in\b/i), not(isGotReady)),
    apart: true,
  },
  {
    told: 'Butter the sides of a saucepan[, then ]add the sugar and milk',
    head: both(isGotReady, /\b(?:saucepan|pot|kettle)\b/i),
    tail: both(/^add\b/i, not(isGotReady)),
    apart: true,
  },
  {
    told: 'Oil a shallow tin, dust[, ]spoon in, smooth',
    head: isGotReady,
    tail: begins(FILLS_IT),
    apart: true,
  },
  { told: 'Line the tin{ and }heat the oven to 150°', head: isGotReady, apart: false },
  { told: 'Boil it to 118°[; ]meanwhile whip the whites', tail: MEANWHILE, apart: true },
  {
    told: 'Stir until the sugar has dissolved[; ]cook to 123°',
    head: /\b(?:until|till?)\b.*\b(?:dissolve[ds]?|melt(?:ed|s)|clear)\b/i,
    tail: endsOtherwise,
    apart: true,
  },
  {
    told: 'Pour onto a slab[; ]when cool enough to handle, pull until white',
    tail: /^(?:when|once|as soon as)\b.*\bpull\b/i,
    apart: pours,
  },
  { told: 'Boil to 124°[; ]when it is at 118° whisk the egg whites', tail: both(WATCHES, whipsWhites), apart: heats },
  {
    told: 'Boil the sugar and water[; ]when it reaches 120° add the butter',
    tail: WATCHES,
    apart: (_, tail) => PUTS_IN.test(tail) && !COOLED.test(tail),
  },
  { told: 'Pour over the gelatin[, then ]10 min on high', tail: begins(MIXES_FOR), apart: pours },
  {
    told: 'Off the heat whisk in the cream[; ]return to the heat and cook to 118°',
    tail: begins(RETURNS),
    apart: (head, tail) => takesOff(head) && endsOtherwise(tail),
  },
  { told: 'Whip the whites to soft peaks[, ]stream in the hot syrup', tail: begins(STREAMS), apart: whipsWhites },
  {
    told: 'Beat the egg whites stiff[; ]beat them into the mixture',
    head: whipsWhites,
    tail: /^(?:beat|fold|stir|whisk)\b.*\b(?:in|into)\b/i,
    apart: true,
  },
  { told: 'Add the vanilla[, ]beating for 5 minutes', tail: begins(LASTS), apart: any(PUTS_IN, pours) },
  {
    told: 'Add the gelatin[, ]whip to 40°',
    tail: /^(?:beat|cool|whip|whisk) to (?:about )?\d/i,
    apart: both(PUTS_IN, not(heats)),
  },
  {
    told: 'Add the vanilla[; ]continue beating for 5 minutes',
    tail: both(/^(?:continue|keep|go on) (?:on )?(?:beating|whisking|whipping|stirring|mixing)\b/i, lasts),
    apart: PUTS_IN,
  },
  // however long it cools, it is cold by then
  {
    told: 'Chill until set[; ]cut into squares',
    tail: LATER_WORK,
    apart: (head, tail) =>
      any(
        pours,
        /^(?:chill|freeze|refrigerate)\b.*\b(?:until|till?)\b/i,
        /^(?:allow|cool|leave|let)\b.*\b(?:completely|fully|quite cold|thoroughly)\b/i,
        both(
          /^(?:chill|cool(?= \d)|freeze|refrigerate|(?:place|put|set) (?:it )?in the (?:freezer|fridge|refrigerator))\b/i,
          lasts,
        ),
      )(head) ||
      // "score while warm and snap when cold"
      (/^(?:mark|score)\b/i.test(head) && COOLED.test(tail)),
  },
  {
    told: 'Leave for 1 hour, break it up[ and ]dip in chocolate',
    tail: begins(`(?:melt|${PUT_ON})\\b`),
    apart: any(BROKEN_LAST, both(RESTS, lasts)),
  },
  // it has stood for so long, and is worked then
  {
    told: 'Bake for 45 minutes{ and }stir it three times while it bakes',
    head: both(RESTS, lasts),
    tail: /^stir\b.*\b(?:\w+ times|every \d+ ?min\w*|(?:as|while) it (?:bakes|cools|stands))\b/i,
    apart: false,
  },
  {
    told: 'Leave for 10 minutes[ and ]beat until thick',
    head: both(RESTS, lasts),
    tail: any(WORKS, ADDS_MORE),
    apart: true,
  },
  // it has cooled so far, and what goes in then is worked or poured later on
  {
    told: 'Let it cool to 60°[; ]add the acid, fill the moulds and leave for 30 minutes',
    head: both(RESTS, isSaidToCool),
    tail: both(ADDS_MORE, RESTS_LATER),
    apart: true,
  },
  { told: 'Cool to 50°{ and }stir in the vanilla', head: isSaidToCool, tail: both(WORKS, ADDS_MORE), apart: false },
  { told: 'Cool to 43°[ and ]beat until it is thick', head: isSaidToCool, tail: WORKS, apart: true },
  { told: 'Cook to 118°[ and ]whip the egg whites', tail: whipsWhites, apart: heats },
  { told: 'Return it to the heat[ and ]cook to 118°', head: putsBack, tail: ends, apart: true },
  // one moment
  {
    told: 'Let the bubbles die down; at 130°{, }stir in the nuts',
    head: /(?:^|;\s*)(?:as soon as|at|once|when)\b[^,;]*$/i,
    tail: ADDS_MORE,
    apart: false,
  },
  // they are not boiled with the rest
  { told: 'Boil for 4 minutes[, ]add the nuts', head: BOILED_FOR, tail: ADDS_MORE, apart: true },
  {
    told: 'When it boils put in the butter[ and ]boil until it creams',
    head: /^(?:as soon as|once|when) it boils\b/i,
    tail: /^(?:boil|continue|cook)\b.*\b(?:till|to|until)\b/i,
    apart: PUTS_IN,
  },
  // it boils by then
  { told: 'Bring to the boil[, ]add the butter', head: BROUGHT_UP, tail: ADDS_MORE, apart: true },
  {
    told: 'Add the nibs, stir until they sand[, ]keep going until it is amber',
    tail: begins(`${KEEPS_ON}.*\\b(?:until|till)\\b`),
    apart: PUTS_IN,
  },
  {
    told: 'Beat until smooth[, ]pour into the tin',
    head: /^(?:(?:cool|remove|take off)\b[^,]{0,30}, )?(?:beat|mix|stir|whisk)\b.*\b(?:until|till?)\b/i,
    tail: pours,
    apart: true,
  },
  {
    told: 'Boil for 8 minutes[ and ]take off the heat',
    head: any(BROUGHT_UP, BOILED_FOR),
    tail: takesOff,
    apart: true,
  },
  { told: 'Return it to the heat[, ]caramelise a little', tail: begins(BROWNS), apart: putsBack },
  // what a look ends, told last
  {
    told: 'Cook until it is amber[, ]butter, spread on a mat',
    tail: begins(`${ALONE}(?=$|[,;])`),
    apart: both(/\b(?:until|till)\b[^,;]*$/i, endsOtherwise),
  },
  {
    told: 'Cook to 150°[ and ]pour onto a tray',
    tail: any(
      begins(`(?:${ADDS}|deglaze|stream|trickle|drizzle|pour|spread|tip|scrape|turn (?:it )?out)\\b`),
      takesOff,
    ),
    apart: endsOtherwise,
  },
  {
    told: 'Add the butter[ and ]beat for 3 minutes',
    head: any(PUTS_IN, takesOff),
    tail: both(WORKS, lasts),
    apart: true,
  },
  { told: 'Add the butter[ and ]cook to 118°', head: any(PUTS_IN, heats), tail: endsOtherwise, apart: true },
  // the flame of the first is not that of the second
  {
    told: 'Dissolve over a low heat[ then ]boil to 127°',
    head: /^(?:dissolve|stir)\b.*\b(?:gentle|gently|low|slowly)\b/i,
    tail: both(/^b(?:oil|ring)\b/i, endsOtherwise),
    apart: true,
  },
]
