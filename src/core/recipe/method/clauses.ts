/** Sentences of a method, told apart where one sentence holds two moments of a cook. */
import { capital, secondsIn } from '../../formula/sentence'
import { ADDS_IN } from '../sentence/adds'
import { coolnessIn } from '../sentence/coolness'
import { endingsIn, MEANWHILE, WATCHES, WHEN_IT_BOILS } from '../sentence/endings'
import { BOILS_FROM, heatIn } from '../sentence/heats'
import {
  bathes,
  FOAM,
  GETS_COLD,
  isGotReady,
  pours,
  putsBack,
  RING,
  TURNS_OFF,
  takesOff,
  whipsWhites,
} from '../sentence/moves'
import { isAside, joined } from './asides'
import { readyFirst, SETS_OUT, THEN } from './begins'
import { chainOf } from './chains'
import { retold } from './in-turn'
import { onlyTold } from './only-told'
import { otherHeats } from './other-heats'
import { spoken } from './spoken'
import { oneWay } from './ways'

/** The sentences of a method that somebody does, what goes on to another moment as one of its own; and what is said by the way. */
export function methodIn(lines: readonly string[]): { readonly done: string[]; readonly aside: string[] } {
  const way = oneWay(lines)
  const all = spoken(way.done)
  const others = otherHeats(all)
  const only = onlyTold(all)
  const isBeside = (s: string): boolean => isAside(s) || others.has(s) || only.has(s)
  const done = joined(all.filter((s) => !isBeside(s)))
    .flatMap(clausesOf)
    .flatMap(inMoments)
    .map((s) => capital(s.replace(/[;,]\s*$/, '')))
    .filter((s) => s.length > 2)
    .map(ontoWhites)
  return { done, aside: [...all.filter(isBeside), ...way.aside] }
}

/** A sentence cut where its chain of work is, and what that leaves where it holds two moments again. */
function inMoments(sentence: string): string[] {
  const chain = chainOf(sentence)
  return chain.length > 1 ? chain.flatMap(clausesOf) : chain
}

/** The sentences of a method that somebody does. */
export const sentences = (lines: readonly string[]): string[] => methodIn(lines).done

/** "Whisk the white. Pour the honey onto it": by its name, what the sentence before has whipped. */
const ontoWhites = (sentence: string, i: number, all: readonly string[]): string =>
  whipsWhites(all[i - 1] ?? '') ? sentence.replace(ONTO_IT, '$1 the whites') : sentence
const ONTO_IT = /(?<=^(?:slowly )?(?:pour|run|trickle|drizzle|stream)\b.{0,40}\b)(into|onto|on|over) (?:it|them)\b/i

/** What is put on a sweet that lies there, whole or in pieces. */
const PUT_ON = '(?:coat|dip|scatter|sprinkle|top(?= with))'
/** What may be a moment of its own, after "and" or "then"; a wait, after a comma as well. */
const GOES_ON = `(?:uncover(?:ed)?|continue|go on|keep|start|begin|carameli[sz]e(?= to| till| until)|raise|increase|turn up|cook|boil|bubble(?= till| until| to)|heat|simmer|bring|add|(?:drop|dump|put|throw|toss|slip|dot) (?:in|with)|(?:sieve|sift) (?:in|over)|off (?:the )?heat\\b|(?:slow|low|gentle|medium|high|full) (?:fire|flame|heat) to|${PUT_ON}|stir|(?:emulsify|swirl) in|whisk|whip|beat|knead|pour|trickle|spread|tip|scrape(?! (?:down )?(?:the )?(?:bottom|base|sides?)\\b)|turn|(?:as quickly as you can |quickly |immediately |at once )?(?:${TURNS_OFF}|remove|take|pull))`
/** Work on what was poured, which waits until it can be done. */
const LATER = `(?:mark|score|cut(?! (?:the )?${RING})|break|crack|smash|snap|slice)`
/** Work on a slab while it cools. */
const ON_SLAB = '(?:fold|pull|satini[sz]e|temper)'
/** "Pour in a pan and when nearly cold mark in squares" */
const ONCE_COLD = '(?:when|once) (?:(?:almost|half|nearly|quite) )?(?:cold|cool|firm|set)\\b'
/** Work that goes on for so long with what was put in. */
const LASTS = '(?:beating|whisking|whipping|stirring|mixing)\\b(?!.{0,20}\\bevery\\b).{0,40}\\d+ ?(?:min|sec)'
const WAITS =
  '(?:(?:place|put|set) (?:it )?in the (?:freezer|fridge|refrigerator)(?= for\\b)|(?:do not|don.t) (?:touch|move|disturb)|leave|let|allow|set aside|rest|hold(?= (?:for )?\\d)|bake(?=[^,;]*\\d)|cool|chill|refrigerate|fridge|freezer?|stand|wait(?= (?:about )?\\d)|dry(?= (?:on (?:an? |the )?(?:\\w+ )?racks? )?(?:for )?(?:about )?\\d|(?= overnight\\b))|ripen|mature|weight(?:ed)?(?: (?:it )?down)?(?= (?:for|overnight)\\b)|(?:set|sit|stand) (?:the )?(?:pan|pot|saucepan) in (?:an? |the )?(?:basin|bath|bowl|cold|ice|sink))'
/** "Float the butter on top and do not stir until 46°" */
const UNSTIRRED = '(?:do not|don.t) (?:stir|beat) (?:it )?(?:until|till)\\b.*\\d'
/** "To 140°, then on to 155°". */
const ONWARD = '(?:(?:on|up|raise|further|without stirring) )?to (?:about |around )?\\d'
const ADDS = `(?:${ADDS_IN}|(?:emulsify|rain) in|dot with)`
/** "The temperature will drop – bring it back up to 148°" */
const BACK_UP = '(?:(?:bring|cook|heat|take) (?:it )?)?back (?:up )?to (?:about )?\\d'
/** What ends the browning of sugar. */
const STOPS =
  '(?:deglaze|(?:let down|loosen|slacken|stop) (?:it |the (?:caramel|boil|cooking) )?(?:with|in)(?! (?:an? |the )?(?:\\w+ )?(?:knife|scraper|spatula)))'
/** "Dissolve, cover and steam for 3 minutes", "stir to dissolve, lid on 3 minutes" */
const STEAMS = '(?:cover and (?:boil|cook|simmer|steam)|lid on (?:for )?(?:about )?\\d+ ?min\\w*)'
/** "Pour over the gelatin, then 10 min on high" */
const MIXES_FOR = '\\d+(?: ?[-–] ?\\d+)? ?min\\w* (?:at|on) (?:full|high|medium|top)\\b'
/** "Off the heat whisk in the cream; return to the heat and bubble" */
const RETURNS =
  '(?:put|return) (?:it |(?:the )?pan )?(?:back )?(?:on|to|over) (?:the |a )?(?:[\\w-]+ )?(?:burner|flame|heat|stove)\\b'
/** "Whip the whites, stream in the syrup" */
const STREAMS =
  '(?:pour|run|stream|trickle|drizzle) (?:(?:in|on|over) (?:the )?(?:hot )?(?:honey|syrup)|(?:the )?(?:hot )?(?:honey|syrup) (?:in|on|over))\\b'
/** "Then quickly stir in the soda" */
const HOW = '(?:carefully|gently|gradually|immediately|quickly|slowly|vigorously) '
/** "Until it is amber, butter, spread on a mat" */
const ALONE = '(?:bicarb|butter|cream|salt|soda|vanilla)'
/** "Return to the heat, caramelise lightly" */
const BROWNS = 'carameli[sz]e (?:a little|lightly)\\b'
/** "Keep stirring until it is amber" */
const KEEPS_ON = 'keep (?:cooking|going|stirring)\\b'
/** "Keep under a lamp; roll at 80°" */
const ROLLS_AT = 'roll (?:it )?(?:out )?at (?:about )?\\d'
/** "Into the tin; salt on top after 10 minutes" */
const TOPS_LATER = '(?:[\\w-]+ ){1,4}(?:on top|over(?: the top)?) after (?:about )?\\d'
/** "Put in the sugar and milk, and when it begins to boil add the butter" */
const AT_THE_BOIL_ADD = `${WHEN_IT_BOILS},? (?:add|put in|stir in)\\b`
/** "Warm the nuts in the oven and when the caramel is at 165° stir them in" */
const AT_ITS_HEAT = '(?:as soon as|once|when) (?:it|the \\w+)\\b[^,;]{0,30}?\\d{3}\\b'
/** "Boil to 124° and, just before it is ready, whisk the egg whites" */
const WHITES_BY_THEN =
  '(?:just before (?:it|the \\w+) (?:gets there|is (?:done|ready|there))|while (?:it|that|the \\w+) (?:boils|cooks|heats)|towards the end),? (?:beat|whip|whisk) the (?:egg )?whites\\b'
/** What links two moments, and what the second of them begins with. */
const LINKS: readonly (readonly [between: string, begins: string])[] = [
  [THEN, MIXES_FOR],
  [THEN, `${ONWARD}|(?:${HOW})?(?:${GOES_ON}|${LATER})\\b|${ONCE_COLD}`],
  [`(?:${THEN}|[,;]\\s+)`, AT_THE_BOIL_ADD],
  [THEN, AT_ITS_HEAT],
  [';\\s+', `${ON_SLAB}\\b`],
  [`(?:${THEN}|,\\s+)`, 'meanwhile\\b'],
  [`(?:${THEN}|[,;]\\s+)`, `(?:,\\s+)?${WHITES_BY_THEN}`],
  [`(?:${THEN}|[,;]\\s+)`, RETURNS],
  [
    ';\\s+',
    `(?:${HOW})?(?:${GOES_ON}|${SETS_OUT}|${LATER}|after|at \\d|when|once|as soon as|in it|meanwhile|at the same time)`,
  ],
  [
    ',\\s+',
    `${LASTS}|(?:whisk|whip|beat) (?:on (?:full|high|low|medium)(?: speed)? |at full speed )?(?:for )?(?:about )?\\d+ ?min|${LATER}\\b|deglaze\\b|(?:cook|boil|heat) to \\d`,
  ],
  [',\\s+', '(?:raise|on|up|beat|cool|whip|whisk) to (?:about )?\\d'],
  [',\\s+', `off the heat\\b|${ADDS}\\b[^,;]*\\boff the heat\\b`],
  [`(?:${THEN}|[,;]\\s+)`, `${WAITS}\\b`],
  [`(?:${THEN}|[,;]\\s+)`, UNSTIRRED],
  [',\\s+', `(?:add|stream|trickle|drizzle)\\b[^,;]*\\b(?:${FOAM}|thin stream\\b)`],
  [',\\s+', `${ADDS}\\b.{0,80}\\b(?:go on|cook|boil|heat|bring)\\b.{0,40}\\bto (?:about )?\\d`],
  [',\\s+', `(?:pour|remove|take (?:it )?off|${TURNS_OFF}|tip|${ADDS})\\b`],
  ['(?:[;,]|\\s+[–—-])\\s+', BACK_UP],
  [',\\s+', '(?:continue|go on|keep) (?:(?:on )?(?:boiling|cooking) )?(?:to|until) [^,;]{0,30}\\d'],
  [',\\s+', 'spread (?:it |them )?on(?:to)?\\b'],
  [',\\s+', `${ALONE}(?=$|[,;])`],
  [',\\s+', BROWNS],
  [',\\s+', `${KEEPS_ON}[^,;]*\\b(?:until|till)\\b`],
  [',\\s+', `${PUT_ON}\\b`],
  ['[,;]\\s+', TOPS_LATER],
  [`(?:${THEN}|[,;]\\s+)`, `${STOPS}\\b`],
  [',\\s+', `${STEAMS}\\b`],
  [',\\s+', 'uncover\\b'],
  [',\\s+', 'shear in\\b'],
  [',\\s+(?:then )?', STREAMS],
  [';\\s+', '(?:drizzle|run|stream|trickle)\\b'],
  [';\\s+', ROLLS_AT],
  ['\\s+[–—-]\\s+', '(?:pour|spread|tip|turn out)\\b'],
]
const LINK = new RegExp(LINKS.map(([between, begins]) => `${between}(?=${begins})`).join('|'), 'gi')
const SAYS_HOW = new RegExp(`^${HOW}`, 'i')
const ADDING_MORE = new RegExp(`^${ADDS}\\b`, 'i')
const SETTING_OUT = new RegExp(`^${SETS_OUT}`, 'i')
/** "Butter the sides of a saucepan, then add …": head and tail of a sentence. */
const FILLS_PAN = /\b(?:saucepan|pot|kettle)\b[^|]* \| add\b/i
const STANDS_ALONE = new RegExp(`^${ALONE}(?=$|[,;])`, 'i')
/** What a look ends, told last. */
const SEEN = /\b(?:until|till)\b[^,;]*$/i
const ROLLING_AT = new RegExp(`^${ROLLS_AT}`, 'i')
const TOPPING_LATER = new RegExp(`^${TOPS_LATER}`, 'i')
const BROWNING = new RegExp(`^${BROWNS}`, 'i')
const KEEPING_ON = new RegExp(`^${KEEPS_ON}.*\\b(?:until|till)\\b`, 'i')
const STOPPING = new RegExp(`^${STOPS}\\b`, 'i')
/** "Boil covered for 3 minutes; uncover and boil to 118°" */
const BOILED_FOR = /\b(?:boil|bubble|cook|simmer)\b(?!.*\b(?:before|while)\b)/i
const UNCOVERS = /^uncover/i
const COVERED = /\bcover(?:ed)?\b|\blid\b/i
const MIXING_FOR = new RegExp(`^${MIXES_FOR}`, 'i')
const RETURNING = new RegExp(`^${RETURNS}`, 'i')
const STREAMING = new RegExp(`^${STREAMS}`, 'i')
const STEAMING = new RegExp(`^${STEAMS}\\b`, 'i')
const BACKING_UP = new RegExp(`^${BACK_UP}`, 'i')
const GOES_FURTHER = new RegExp(`^${ONWARD}`, 'i')
const LASTING = new RegExp(`^${LASTS}`, 'i')
/** "Add the vanilla; continue beating for 5 minutes" */
const CONTINUES = /^(?:continue|keep|go on) (?:on )?(?:beating|whisking|whipping|stirring|mixing)\b/i
/** "When it is at 120°, add …", "let the bubbles die down; at 130°, stir in …" */
const LEADS_IN = /(?:^|;\s*)(?:as soon as|at|once|when)\b[^,;]*$/i
/** "Add the gelatin, whip to 40°" */
const WORKED_TO = /^(?:beat|cool|whip|whisk) to (?:about )?\d/i
const LEFT_UNSTIRRED = new RegExp(`^${UNSTIRRED}`, 'i')
const LATER_WORK = new RegExp(`^${LATER}\\b`, 'i')
/** "Pour into tins and, when cool enough, mark into squares" */
const ONCE = /^(.+?(?<!\bat)),? (?:and,? )?((?:when|once|as soon as) [^,]{3,40})$/i
const RESTS = new RegExp(`^${WAITS}\\b`, 'i')
/** "Let it cool to 60°; add the acid, fill the moulds and leave 30 minutes" */
const RESTS_LATER = new RegExp(`[,;]\\s+(?:and |then )?${WAITS}\\b|\\b(?:and|then) ${WAITS}\\b`, 'i')
const FOLLOWS = new RegExp(
  `^(?:${ADDS}|deglaze|stream|trickle|drizzle|pour|spread|tip|scrape|turn (?:it )?out)\\b`,
  'i',
)
const WORKS =
  /^(?:(?:raise|increase|turn up)\b.{0,40}\b(?:and|then) )?(?:whisk|whip|beat|stir|knead|boil|cook|simmer)\b/i
/** "Bake 45 minutes and stir it three times while it bakes" */
const ALL_THE_WHILE = /^stir\b.*\b(?:\w+ times|every \d+ ?min\w*|(?:as|while) it (?:bakes|cools|stands))\b/i
const DISSOLVES = /\b(?:until|till?)\b.*\b(?:dissolve[ds]?|melt(?:ed|s)|clear)\b/i
/** "Dissolve over a low heat then boil to 127°": the flame of the first is not that of the second. */
const LOW_FIRST = /^(?:dissolve|stir)\b.*\b(?:gentle|gently|low|slowly)\b/i
const WORKED_IN = /^(?:beat|fold|stir|whisk)\b.*\b(?:in|into)\b/i
const WORKED = /^(?:(?:cool|remove|take off)\b[^,]{0,30}, )?(?:beat|mix|stir|whisk)\b.*\b(?:until|till?)\b/i
const PUTS_IN =
  /\b(?:add|stir in|(?:fold|mix|stir) them in|pour|trickle|drizzle|mix|put|combine|place|tip|(?:beat|whisk) in|float|dot|drop in|dump in|throw in)\b/i
/** "When cool, cut", "when frothy": that is said of what was poured, or of whites. */
const COOLED = /\b(?:cool|cold|set|firm|hard|frothy|foamy)\b/i
/** "Pour on a slab; when cool enough to handle, pull until white". */
const PULLS = /^(?:when|once|as soon as)\b.*\bpull\b/i
/** "Butter the sides of a pan; in it combine …", "premix the milk and the fats, shear in" */
const IN_IT = /^(?:in it|shear in)\b/i
/** "Butter a roasting pan, put in the popcorn": it lies there. */
const INTO_IT = /^put in\b/i
const WHEN_COLD = new RegExp(`^${ONCE_COLD}.*\\b${LATER}\\b`, 'i')
const SLAB_WORK = new RegExp(`^${ON_SLAB}\\b`, 'i')
const CUTS = /^(?:cut|mark|score|slice)\b/i
const BAKES = /^bake\b/i
/** "Put the sugar in a pan, bring to the boil; take off the heat …" */
const BROUGHT_UP =
  /(?:^|[,;]\s+|\b(?:and|then) )(?:bring|heat) (?:[^,;]{2,50} )?(?:back |up )?to (?:a|the) (?:full |gentle |rolling )?boil$/i
const AT_THE_BOIL = /^(?:as soon as|once|when) it boils\b/i
const BOILS_ON = /^(?:boil|continue|cook)\b.*\b(?:till|to|until)\b/i
/** "Leave for an hour, smash it up" */
const BROKEN_LAST = new RegExp(`(?:^|[,;]\\s+(?:and )?(?:then )?)${LATER}\\b[^,;]*$`, 'i')
const FINISHES = new RegExp(`^(?:melt|${PUT_ON})\\b`, 'i')
const LAID = /\b(?:pour|press|tip|toss|turn)\b|\bspread (?:evenly|it|in|on|over|out)\b/i
/** "Chill for an hour, cut": it is in the cold until then. */
const COLD_FOR =
  /^(?:chill|cool(?= \d)|freeze|refrigerate|(?:place|put|set) (?:it )?in the (?:freezer|fridge|refrigerator))\b/i
/** "Chill until set; cut into squares" */
const CHILLED = /^(?:chill|freeze|refrigerate)\b.*\b(?:until|till?)\b/i
/** "Cool completely (about 45 minutes), then break": however long that is, it is cold by then. */
const COOLS_THROUGH = /^(?:allow|cool|leave|let)\b.*\b(?:completely|fully|quite cold|thoroughly)\b/i
/** "Score while warm and snap when cold" */
const SCORED_WARM = /^(?:mark|score)\b/i
const AT_ONE = /^at \d/i
/** "Remove from the heat at 150°; after boiling has ceased add the flavour" */
const ONCE_DONE = /^after (?:it|the|boiling|bubbling)\b/i
/** A moment that is counted from what stands before it. */
const COUNTED = /^after (?:about )?\d/i

/** A sentence as its moments, each of them a sentence. */
function clausesOf(sentence: string): string[] {
  const [ready, begins] = readyFirst(sentence) ?? []
  if (ready && begins) return [ready, ...clausesOf(begins)]
  const told = retold(sentence)
  if (told) return told.flatMap(clausesOf)
  for (const link of sentence.matchAll(LINK)) {
    const [head, tail] = [sentence.slice(0, link.index), sentence.slice(link.index + link[0].length)]
    if (!isApart(head, tail.replace(SAYS_HOW, ''))) continue
    const [, first, once] = LATER_WORK.test(tail) ? (ONCE.exec(head) ?? []) : []
    if (first && once) return [first, ...clausesOf(`${capital(once)}, ${tail}`)]
    return [head, ...clausesOf(capital(tail))]
  }
  return [sentence]
}

/** What is left to a heat at which nothing boils cools to it. */
const coolsIn = (sentence: string): boolean => {
  const heat = heatIn(sentence)
  return heat !== null && (heat.cools || (!heat.oven && heat.high < BOILS_FROM))
}

/** "Add the butter at 114°" */
const AT_ITS_OWN = new RegExp(`^${ADDS_IN}\\b[^\\d,;]* at (?:about )?\\d{3}\\b`, 'i')

/** Whether what follows has a moment of its own: a cook that ends somewhere else, what is done once one has ended, a wait after work. */
function isApart(head: string, tail: string): boolean {
  if (WHEN_COLD.test(tail)) return pours(head)
  if (SLAB_WORK.test(tail)) return pours(head) || SLAB_WORK.test(head)
  // nuts are spread and baked in one
  if (BAKES.test(tail)) return LAID.test(head)
  // it lies where it was poured while it cools
  if (RESTS.test(tail))
    return (
      (secondsIn(tail) !== null ||
        ((pours(head) || CUTS.test(head)) &&
          (heatIn(tail) !== null || GETS_COLD.test(tail) || coolnessIn(tail) !== null)) ||
        // "drop in the butter, set the pan in cold water to 43°"
        (PUTS_IN.test(head) && bathes(tail) && heatIn(tail) !== null) ||
        // "off the heat add the butter, cool to 43°", "… and leave until it is about 50°": it is in while it cools
        (PUTS_IN.test(head) && heatIn(head) === null && coolsIn(tail))) &&
      !RESTS.test(head)
    )
  // "when it reaches 110° turn it down; add the butter at 114°"
  if (AT_ITS_OWN.test(tail)) return (heatIn(tail)?.low ?? 0) > (heatIn(head)?.high ?? Number.POSITIVE_INFINITY)
  // "at 60° add the butter; at 40° the praline"
  if (AT_ONE.test(head) && AT_ONE.test(tail) && heatIn(head) !== null) return true
  if (ONCE_DONE.test(tail) && PUTS_IN.test(tail) && heatIn(head) !== null) return true
  if (TOPPING_LATER.test(tail)) return pours(head)
  if (ROLLING_AT.test(tail)) return true
  if (COUNTED.test(tail) || (STOPPING.test(tail) && !WATCHES.test(head) && !takesOff(head))) return true
  if (BACKING_UP.test(tail)) return true
  if (LEFT_UNSTIRRED.test(tail)) return !RESTS.test(head)
  if (STEAMING.test(tail)) return secondsIn(tail) !== null
  if (UNCOVERS.test(tail)) return COVERED.test(head) && endingsIn(tail, 'C').length > 0
  if (GOES_FURTHER.test(tail)) {
    const { low = 0 } = heatIn(tail) ?? {}
    const before = heatIn(head)
    return before ? before.high < low : low > 0 && (RESTS.test(head) || PUTS_IN.test(head))
  }
  if (isGotReady(head))
    return (
      IN_IT.test(tail) ||
      (WATCHES.test(tail) && PUTS_IN.test(tail) && heatIn(tail) !== null) ||
      /^pour\b/i.test(tail) ||
      (((SETTING_OUT.test(tail) && !INTO_IT.test(tail)) || FILLS_PAN.test(`${head} | ${tail}`)) && !isGotReady(tail))
    )
  if (MEANWHILE.test(tail)) return true
  // "stir until dissolved; cook to 123°"
  if (DISSOLVES.test(head) && endingsIn(tail, 'C').some((e) => e.by !== 'time')) return true
  if (PULLS.test(tail)) return pours(head)
  if (WATCHES.test(tail) && whipsWhites(tail)) return heatIn(head) !== null
  if (WATCHES.test(tail)) return PUTS_IN.test(tail) && !COOLED.test(tail)
  if (MIXING_FOR.test(tail)) return pours(head)
  if (RETURNING.test(tail)) return takesOff(head) && endingsIn(tail, 'C').some((e) => e.by !== 'time')
  if (STREAMING.test(tail)) return whipsWhites(head)
  // "beat the whites stiff; beat them into the mixture"
  if (whipsWhites(head) && WORKED_IN.test(tail)) return true
  if (LASTING.test(tail)) return PUTS_IN.test(head) || pours(head)
  if (WORKED_TO.test(tail)) return PUTS_IN.test(head) && heatIn(head) === null
  if (CONTINUES.test(tail) && secondsIn(tail) !== null) return PUTS_IN.test(head)
  if (LATER_WORK.test(tail))
    return (
      pours(head) ||
      CHILLED.test(head) ||
      COOLS_THROUGH.test(head) ||
      (SCORED_WARM.test(head) && COOLED.test(tail)) ||
      (COLD_FOR.test(head) && secondsIn(head) !== null)
    )
  if (FINISHES.test(tail)) return BROKEN_LAST.test(head) || (RESTS.test(head) && secondsIn(head) !== null)
  // it has stood for so long, and is worked then
  if ((WORKS.test(tail) || ADDING_MORE.test(tail)) && RESTS.test(head) && secondsIn(head) !== null)
    return !ALL_THE_WHILE.test(tail)
  // it has cooled so far, and what goes in then is worked or poured later on
  if (ADDING_MORE.test(tail) && RESTS.test(head) && heatIn(head)?.cools && RESTS_LATER.test(tail)) return true
  if (WORKS.test(tail) && heatIn(head)?.cools) return !ADDING_MORE.test(tail)
  if (whipsWhites(tail)) return heatIn(head) !== null
  if (putsBack(head) && endingsIn(tail, 'C').length > 0) return true
  const ends = endingsIn(head, 'C').some((e) => e.by !== 'time')
  // "when it is at 120°, add …" is one moment
  if (ADDING_MORE.test(tail) && LEADS_IN.test(head)) return false
  // "boil 4 minutes, add the nuts": they are not boiled with the rest
  if (ADDING_MORE.test(tail) && BOILED_FOR.test(head) && secondsIn(head) !== null) return true
  // "when it boils put in the butter and boil until it creams"
  if (BOILS_ON.test(tail) && AT_THE_BOIL.test(head)) return PUTS_IN.test(head)
  // "bring to the boil, add the butter": it boils by then
  if (ADDING_MORE.test(tail) && BROUGHT_UP.test(head)) return true
  // "add the nibs, stir until they sand, keep going until it is amber"
  if (KEEPING_ON.test(tail)) return PUTS_IN.test(head)
  // beaten till it is smooth, then poured
  if (pours(tail) && WORKED.test(head)) return true
  if (takesOff(tail) && (BROUGHT_UP.test(head) || (BOILED_FOR.test(head) && secondsIn(head) !== null))) return true
  if (BROWNING.test(tail)) return putsBack(head)
  if (STANDS_ALONE.test(tail)) return SEEN.test(head) && ends
  if (FOLLOWS.test(tail) || takesOff(tail)) return ends
  // work of so many minutes on what was put in before
  if (WORKS.test(tail) && secondsIn(tail) !== null && (PUTS_IN.test(head) || takesOff(head))) return true
  const isFirst =
    PUTS_IN.test(head) || heatIn(head) !== null || (LOW_FIRST.test(head) && /^b(?:oil|ring)\b/i.test(tail))
  return isFirst && endingsIn(tail, 'C').some((e) => e.by !== 'time')
}
