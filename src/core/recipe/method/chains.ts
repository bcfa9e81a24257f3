/** A sentence that does one thing after the other, cut where the next of them has a time or a heat of its own. */
import { secondsIn } from '../../formula/sentence'
import { coolnessIn } from '../sentence/coolness'
import { WATCHES } from '../sentence/endings'
import { heatIn } from '../sentence/heats'
import { isGotReady, pours, TURNED_OFF } from '../sentence/moves'

/** What is done at once: by the word a clause begins with. */
const ACTS =
  'add|chuck|deglaze|dump|drop|flip|fold in|mix in|pour|put in|scatter|scrape|slide in|spread|sprinkle|stir in|stop|swirl in|throw|tip|toss in|top|turn out|whisk in'
/** What goes on for so long, or to such a heat. */
const LASTS =
  'bake|beat|blend|boil|bring|bubble|carry on|continue|cook|cool|flip|give it|go on|go up|heat|keep|knead|let it|mix|press|pull|reduce|shake|simmer|sit|stir|stretch|turn|wait|warm|whip|whisk|work|(?:on )?(?:high|low|medium)(?= (?:for )?\\d)|\\d+ ?(?:h|hrs?|hours?|days?)'

/** What is done with pieces, and what makes them. */
const FINISHES = 'coat|dip|dredge|dust|enrobe|toss'
const CUTS = /(?:^|\b(?:and|then) |, )(?:break|cut|slice|snap|(?:de|un)mou?ld)\b[^,;]*$/i
const FINISHING = new RegExp(`^(?:${FINISHES})\\b`, 'i')

/** "Pull for 15 minutes until white, twist into ropes and cut" */
const SHAPES = 'roll|shape|snip|stretch|twist'
const PULLED = /\bpull\b(?!.*\b(?:off|from) the\b).*\b(?:min\w*|till?|until)\b/i
const SHAPING = new RegExp(`^(?:${SHAPES})\\b`, 'i')

const LINK = new RegExp(
  `(?:[,;]\\s+(?:and then |and |then )?|\\s+[–—-]\\s+|\\s+(?:and then|and|then)\\s+)(?=(?:quickly |slowly |gently )?(?:(?:${LASTS}|${FINISHES}|${SHAPES})\\b|to (?:about )?\\d{3}))`,
  'gi',
)
const BEGINS_ACT = new RegExp(`^(?:then |now )?(?:quickly |slowly |gently |carefully )?(?:${ACTS})\\b`, 'i')
/** "At 120° add the butter" */
const ACTS_THEN = new RegExp(`^[^,;]{0,60},? (?:${ACTS})\\b`, 'i')
/** "Add the cream over 2 minutes", "this takes 5 minutes": that is not waited for either. */
const NO_WAIT = /\bover (?:about )?\d|\b(?:keeps|takes|should take)\b/i

/** "Start the mixer, stream in the syrup" */
const STREAMS_IN = /\b(?:drizzle|pour|run|stream|trickle) in (?:the )?(?:hot )?(?:honey|syrup)$/i

const acts = (head: string): boolean =>
  BEGINS_ACT.test(head) ||
  STREAMS_IN.test(head) ||
  (WATCHES.test(head) && ACTS_THEN.test(head)) ||
  pours(head) ||
  TURNED_OFF.test(head)

/** "Chill 20 min, bake 30 min", "whip on low 1 min, then high 10 min": one time after the other. */
const GOES_ON = /^(?:bake|(?:on )?(?:high|low|medium))\b/i

const ONWARD = /^to (?=(?:about )?\d)/i

/** "Cool to 43°, add the vanilla and beat until it is thick": it goes in at that heat, and is worked after that. */
const COOLS_THEN_ADDS =
  /\b(?:cool|leave|let|rest|set (?:it |this )?aside|stand)\b[^;]*(?:[,;]| and| then) (?:and |then )*(?:add|(?:beat|blend|drop|mix|pour|put|stir|whisk) in|scatter on|sprinkle on)\b/i
const WORKED_ON = /^(?:beat|(?:continue|go on|keep) (?:beating|stirring|working)|knead|stir(?! in\b)|whip|work)\b/i

/** "Add the vanilla and beat until thick": whoever beats for minutes has had it in for long. */
const ONLY_ADDS = /^(?:then )?(?:add|(?:blend|drop|mix|put|stir) in)\b[^;]{3,60}$/i
const BEATEN_TO =
  /^(?:beat|work)\b(?! in\b).*\b(?:till?|until)\b.*\b(?:creamy|dull|gloss|grainy|sheen|shin(?:e|y)|stiff|thick)/i

/** Whether a clause after `head` has a moment of its own. */
function isApart(head: string, tail: string): boolean {
  const [from, to] = [heatIn(head), heatIn(tail)]
  // "cook to 107°, cool to 40° and blend in the butter"
  if (from && to?.cools && !from.cools && !from.oven) return true
  if (COOLS_THEN_ADDS.test(head) && WORKED_ON.test(tail)) return from?.cools || coolnessIn(head) !== null
  // "to 130°, nuts, to 150°"
  if (ONWARD.test(tail)) return from !== null && to !== null && to.low > from.high
  if (ONLY_ADDS.test(head) && BEATEN_TO.test(tail)) return heatIn(head) === null && secondsIn(head) === null
  if (PULLED.test(head) && SHAPING.test(tail)) return true
  if (FINISHING.test(tail)) return CUTS.test(head)
  if (GOES_ON.test(tail)) return secondsIn(head) !== null && secondsIn(tail) !== null && !isGotReady(head)
  if (!acts(head) || isGotReady(head)) return false
  if (to !== null) return !WATCHES.test(head) && (from === null || from.cools) && secondsIn(head) === null
  return secondsIn(tail) !== null && secondsIn(head) === null && !NO_WAIT.test(tail)
}

/** The clauses of a sentence, each with a moment of its own. */
export function chainOf(sentence: string): string[] {
  for (const link of sentence.matchAll(LINK)) {
    const [head, tail] = [sentence.slice(0, link.index), sentence.slice(link.index + link[0].length)]
    // what stands between it and its own figure is of it
    if (isApart(head, tail)) return [head, ...chainOf(tail.replace(ONWARD, 'cook to '))]
  }
  return [sentence]
}
