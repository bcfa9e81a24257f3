/** A sentence that does one thing after the other, cut where the next of them has a time or a heat of its own. */
import { coolnessIn } from '../sentence/coolness'
import { WATCHES } from '../sentence/endings'
import { heatIn } from '../sentence/heats'
import { isGotReady, pours, TURNED_OFF } from '../sentence/moves'
import { any, areApart, atLinks, both, type Case, heats, isHotter, isSaidToCool, lasts, not } from './cuts'

/** What is done at once: by the word a clause begins with. */
const ACTS =
  'add|chuck|deglaze|dump|drop|flip|fold in|mix in|pour|put in|scatter|scrape|slide in|spread|sprinkle|stir in|stop|swirl in|throw|tip|toss in|top|turn out|whisk in'
/** What goes on for so long, or to such a heat. */
const LASTS =
  'bake|beat|blend|boil|bring|bubble|carry on|continue|cook|cool|flip|give it|go on|go up|heat|keep|knead|let it|mix|press|pull|reduce|shake|simmer|sit|stir|stretch|turn|wait|warm|whip|whisk|work|(?:on )?(?:high|low|medium)(?= (?:for )?\\d)|\\d+ ?(?:h|hrs?|hours?|days?)'

/** What is done with pieces, and what makes them. */
const FINISHES = 'coat|dip|dredge|dust|enrobe|toss'

/** "Pull for 15 minutes until white, twist into ropes and cut" */
const SHAPES = 'roll|shape|snip|stretch|twist'

/** Where a sentence may be cut. */
export const LINK = new RegExp(
  `(?:[,;]\\s+(?:and then |and |then )?|\\s+[–—-]\\s+|\\s+(?:and then|and|then)\\s+)(?=(?:quickly |slowly |gently )?(?:(?:${LASTS}|${FINISHES}|${SHAPES})\\b|to (?:about )?\\d{3}))`,
  'gi',
)
const BEGINS_ACT = new RegExp(`^(?:then |now )?(?:quickly |slowly |gently |carefully )?(?:${ACTS})\\b`, 'i')
/** "At 120° add the butter" */
const ACTS_THEN = new RegExp(`^[^,;]{0,60},? (?:${ACTS})\\b`, 'i')

/** "Start the mixer, stream in the syrup" */
const STREAMS_IN = /\b(?:drizzle|pour|run|stream|trickle) in (?:the )?(?:hot )?(?:honey|syrup)$/i

const acts = (head: string): boolean =>
  BEGINS_ACT.test(head) ||
  STREAMS_IN.test(head) ||
  (WATCHES.test(head) && ACTS_THEN.test(head)) ||
  pours(head) ||
  TURNED_OFF.test(head)

const ONWARD = /^to (?=(?:about )?\d)/i

/** The first case that knows the words decides; where none does, it is one moment. */
export const CASES: readonly Case[] = [
  {
    told: 'Cook to 107°[, ]cool to 40° and blend in the butter',
    head: both(heats, not(isSaidToCool), (head) => !heatIn(head)?.oven),
    tail: isSaidToCool,
    apart: true,
  },
  // it goes in at that heat, and is worked after that
  {
    told: 'Cool to 43°, add the vanilla[ and ]beat until it is thick',
    head: /\b(?:cool|leave|let|rest|set (?:it |this )?aside|stand)\b[^;]*(?:[,;]| and| then) (?:and |then )*(?:add|(?:beat|blend|drop|mix|pour|put|stir|whisk) in|scatter on|sprinkle on)\b/i,
    tail: /^(?:beat|(?:continue|go on|keep) (?:beating|stirring|working)|knead|stir(?! in\b)|whip|work)\b/i,
    apart: any(isSaidToCool, (head) => coolnessIn(head) !== null),
  },
  {
    told: 'To 130°, nuts[, ]to 150°',
    tail: ONWARD,
    apart: isHotter,
  },
  // whoever beats for minutes has had it in for long
  {
    told: 'Add the vanilla[ and ]beat until thick',
    head: /^(?:then )?(?:add|(?:blend|drop|mix|put|stir) in)\b[^;]{3,60}$/i,
    tail: /^(?:beat|work)\b(?! in\b).*\b(?:till?|until)\b.*\b(?:creamy|dull|gloss|grainy|sheen|shin(?:e|y)|stiff|thick)/i,
    apart: not(any(heats, lasts)),
  },
  {
    told: 'Pull for 15 minutes until white[, ]twist into ropes and cut',
    head: /\bpull\b(?!.*\b(?:off|from) the\b).*\b(?:min\w*|till?|until)\b/i,
    tail: new RegExp(`^(?:${SHAPES})\\b`, 'i'),
    apart: true,
  },
  // pieces, and what makes them
  {
    told: 'Cut into squares[ and ]dip in chocolate',
    tail: new RegExp(`^(?:${FINISHES})\\b`, 'i'),
    apart: /(?:^|\b(?:and|then) |, )(?:break|cut|slice|snap|(?:de|un)mou?ld)\b[^,;]*$/i,
  },
  // one time after the other
  {
    told: 'Chill for 20 minutes[, ]bake for 30 minutes',
    tail: /^(?:bake|(?:on )?(?:high|low|medium))\b/i,
    apart: (head, tail) => lasts(head) && lasts(tail) && !isGotReady(head),
  },
  { told: 'Boil{ and }cook to 118°', head: any(not(acts), isGotReady), apart: false },
  {
    told: 'Add the butter[, ]cook to 118°',
    tail: heats,
    apart: both(not(WATCHES), not(lasts), any(not(heats), isSaidToCool)),
  },
  // "add the cream over 2 minutes", "this takes 5 minutes": that is not waited for either
  {
    told: 'Pour onto the slab[, ]cool for 5 minutes',
    head: not(lasts),
    tail: both(lasts, not(/\bover (?:about )?\d|\b(?:keeps|takes|should take)\b/i)),
    apart: true,
  },
]

/** The clauses of a sentence, each with a moment of its own. */
export function chainOf(sentence: string): string[] {
  // what stands between it and its own figure is of it
  for (const [head, tail] of atLinks(sentence, LINK))
    if (areApart(CASES, head, tail)) return [head, ...chainOf(tail.replace(ONWARD, 'cook to '))]
  return [sentence]
}
