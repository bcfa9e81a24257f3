/** Sentences of a method that tell their moments in one breath, or out of turn, told in turn. */
import { capital, uncapital } from '../../formula/sentence'
import { heatIn, LEFT_BELOW } from '../sentence/heats'
import { TURNS_OFF } from '../sentence/moves'
import { WHIPS } from './spoken'

/** "When it reaches 120°, pour it onto the whites": how far it is cooked, and what is done then. */
const DONE_THEN = new RegExp(
  `^(?:when|once|as soon as) ([^,]*?\\d[^,]*?)(?:,\\s+|\\s+(?=(?:slowly |carefully |quickly )?(?:(?:pour|drizzle|trickle|stream) it\\b|(?:pour|scrape|tip) (?:it|the \\w+)\\b[^,]{0,20}\\b(?:in|on)to\\b)))((?:(?:immediately|slowly|carefully|quickly) )?(?:pour|drizzle|trickle|stream|tip|scrape|remove|take|${TURNS_OFF})\\b.*)$`,
  'i',
)

/** "At hard crack (149°) take it off". */
const AT_THEN = new RegExp(
  `^at ([^,]*?\\d(?:(?!\\b(?:add|stir|tip)\\b)[^,])*?),?\\s+((?:off(?=[,;:]|$)|take|lift|remove|pull(?! (?:it )?(?:for|until))|${TURNS_OFF}|pour(?=[,;]|$| (?:it|on|onto|out)\\b)|(?:stream|trickle|drizzle) it)\\b.*)$`,
  'i',
)

/** "At 125° pour the honey onto the whites": how far that is cooked, and what is done then. */
const AT_POUR =
  /^at ([^,]*?\d[^,]*?),?\s+((?:slowly |carefully )?(?:pour|run|stream|trickle|drizzle) (the (?:hot )?(?:honey|(?:sugar )?syrup))\b.*)$/i

/** "Cook to 106°, add salt": what goes in goes in there. */
const TO_THEN =
  /^((?:cook|boil|heat|bring) (?:[\w-]+,? ){0,9}?(?:back |on |up )?to \d(?:(?!\bthen\b)[^,;]){0,60}), ((?:(?:carefully|gradually|quickly|slowly) )?(?:add|(?:beat|fold|mix|put|stir|tip|whisk) in)\b.*)$/i

/** "Add glucose at 110 °C and cream of tartar at 130 °C": each at its own. */
const AT_EACH =
  /^(add|(?:mix|put|stir|tip|whisk) in) ([^,;\d]{3,60}) at (\d{3} ?°? ?[CF]?),? and ([^,;\d]{3,60}) at (\d{3} ?°? ?[CF]?)$/i

/** "Boil to 300°F, adding the lemon juice at 280" */
const ADDING =
  /^(.{0,200}\bto .{0,30}?\d[^,]{0,60}),\s+(?:having added|adding) ([^,]{1,80}?) (?:at|once at|when at) (\d{3}.{0,60})$/i

/** A heat with its unit, which is no word of what is done there. */
const AT_HEAT = 'at \\d{3}\\b(?: ?°? ?[CF]\\b|(?! ?°? ?[CF]\\b))'
const ENDS_IT = '(?:dip|pour|pull|remove|stop|take)\\b'
/** "At 140 °C add colour, at 155 tartaric": what goes in at the second goes in as at the first. */
const AT_AND_AT = new RegExp(
  `^(at \\d{3}\\b[^,]{0,20}?) add ([^,]{1,60}), (?:and )?(${AT_HEAT}) (?!add\\b|${ENDS_IT})([^,\\d]{1,60})$`,
  'i',
)
/** "At 138 add acid, at 160 stop": it ends there. */
const AT_THEN_ENDS = new RegExp(`^(at \\d{3}\\b[^,]{0,20}? add [^,]{1,60}), (?:and )?(${AT_HEAT}) (${ENDS_IT}.*)$`, 'i')

/** "When the syrup is at 120° start cooking the honey in another pot to 124°": what is begun then, and how far it is cooked. */
const BEGUN_TO =
  /^((?:when|once|as soon as|at)\b[^,]{0,40}?\d[^,]{0,16}?,? (?:start|begin) (cook|heat|boil)ing ([^,;]{3,40}?)) (to (?:about )?\d.*)$/i

/** "Stir now and then to 115°, then constantly to 149°": two heats, each reached in its own way. */
const STIRRED_THEN =
  /^(.*\bstir(?:ring)?\b[^,;\d]{0,30}?\b(?:to|till?|until) (?:about )?\d[^,;]{0,14}), (?:and )?then (all the time|constantly|continuously|steadily|without stopping) ((?:to|till?|until) (?:about )?\d.*)$/i

/** "Once it boils, lower the heat and cook to 118°": the flame is turned when it boils, and not at the end. */
const TURNED_AT_BOIL =
  /^((?:(?:once|when|as soon as) (?:(?:it|the \w+) )?(?:is |(?:begins|comes|starts) to (?:a |the )?)?boil\w*|(?:then )?bring .{0,80}?\bboil)(?:, (?:stirr|whisk)ing[^,;]{0,30})?,? (?:and |then )*(?:lower|reduce|turn)\b[^,;.]{0,20}?\b(?:heat|flame|down)\b(?: (?:to|slightly)(?: (?:a )?(?:simmer|very low|low|medium(?:[- ]low)?))?)?),? (?:and|then) ((?:boil|cook|continue|let it boil|simmer)\b.*)$/i

/** "Melt the butter over low heat, then turn up": two flames, one after the other. */
const THEN_UP =
  /^((?:cook|dissolve|heat|melt|set|stir|warm)\b.*?)(?:,|,? (?:and )?then) ((?:turn (?:it |the (?:flame|heat) )?(?:back |right )?up|(?:increase|raise) the (?:flame|heat))\b.*)$/i

const DOES: Readonly<Record<string, string>> = {
  adding: 'add',
  beating: 'beat',
  breaking: 'break',
  cutting: 'cut',
  pouring: 'pour',
  scoring: 'score',
  slicing: 'slice',
  stirring: 'stir',
  turning: 'turn',
  unmolding: 'unmold',
  unmoulding: 'unmould',
  whisking: 'whisk',
}
const DOING = Object.keys(DOES).join('|')
/** "Let it cool for 4 hours before slicing into squares", "cool to 45° before adding the vanilla and beating until thick": a wait, and what is done then. */
const BEFORE_DOING = new RegExp(
  `^((?:.*[,;] )?(?:allow|chill|cool|leave|let|refrigerate|rest|set|stand|wait)\\b.*?),? before ((?:${DOING})\\b(?! it\\b.{0,12}$).*)$`,
  'i',
)
/** "Adding the vanilla and beating until thick", as it is done. */
const EACH_DOING = new RegExp(`(^|,? (?:and|then) |, )(${DOING})\\b`, 'gi')
const asDone = (doing: string): string =>
  doing.replace(EACH_DOING, (_, link: string, work: string) => link + DOES[work.toLowerCase()])

/** "Whip the whites from the moment the honey is at 115°" */
const FROM_MOMENT = /^([^,;]{3,40}) from (?:the moment|when) ([^,;]*\d[^,;]*)$/i

/** "Put the honey in a small pan and the sugar in a bigger one": two pots are filled. */
const IN_TWO =
  /^((?:put|place|tip|pour|measure) .{3,60}? (?:in|into) an? (?:[\w-]+ )?(?:pan|pot|saucepan)) and (.{3,80} (?:in|into) (?:an?|the) (?:another|bigger|larger|other|second) (?:one|pan|pot|saucepan))$/i

/** "Put the honey on to boil to 121°, and the sugar with the water to 145°" */
const EACH_TO =
  /^(?:put|set) (the [\w ]{3,40}?) (?:on )?to (?:boil|cook|heat)(?: up)? to (\d{2,3}[^,;]{0,10}),? and (the [\w, ]{3,60}?) to (\d{2,3}.{0,10})$/i

/** "Cook to 260, butter added at the last" */
const ADDED_LAST = /^(.{0,200}\d[^,]{0,40}), ([a-z][a-z ]{2,40}?) (?:added|going in) (?:at the )?(?:end|last)$/i

/** "Whisk for 10 minutes until thick, adding the vanilla at the end" */
const ADDED_AT_END =
  /^((?:.*\b)?(?:beat|whip|whisk)\b.*?),? (?:adding|and adding) ([^,;]{3,60}?) (?:at|towards?|near) the end(?: of (?:beating|whipping|whisking))?$/i

/** "Stream into the whites whipping on high for 5 min": it is put in, and worked for so long. */
const WORKING_FOR =
  /^((?:pour|run|stream|trickle|drizzle)\b.{3,60}?),? (?:while )?(whipp|whisk|beat)ing ((?:(?:on|at) [\w-]+(?: speed)? )?(?:for )?(?:about )?\d+(?: ?[-–] ?\d+)? ?min\w*)\b(.*)$/i

/** "Dust the tin with some of it, scrape in the marshmallow": it is poured into what was got ready. */
const READY_THEN_POURS =
  /^((?:butter|dust|flour|grease|line|oil)\b[^,;]{3,60}),? (?:and |then )*((?:ladle|press|scrape|spoon|spread|tip|turn) (?:in\b|into\b|it\b|the \w+ in).*)$/i

/** "Honey to 125°, pour on whites whipped with the sugar": they are whipped by then. */
const ONTO_WHIPPED =
  /^(.*\d[^,;]*?),? (?:and |then )*((?:pour|run|stream|trickle)(?: it)?(?: slowly)? (?:on|onto|over)) (?:the )?((?:egg )?whites) (beaten|whipped|whisked)((?: (?:stiff|to (?:firm|soft|stiff) peaks))?(?: with [^,;]{3,40})?)$/i

/** How one kind of sentence is told in turn: its moments as sentences; null for a sentence that only looks like one of the kind. */
type Retells = (found: readonly string[]) => readonly string[] | null

/** Kinds of sentences, the first that fits. */
const kinds: readonly (readonly [RegExp, Retells])[] = [
  [
    ONTO_WHIPPED,
    ([boils, pours = '', whites, how = '', so]) => [
      `${capital(WHIPS[how.toLowerCase()] ?? '')} the ${whites}${so}`,
      `${boils}`,
      `${capital(pours)} the ${whites}`,
    ],
  ],
  [READY_THEN_POURS, ([ready, pours = '']) => [`${ready}`, capital(pours)]],
  [ADDED_LAST, ([cooked, last]) => [`${cooked}`, `Towards the end add ${last}`]],
  [EACH_TO, ([one, hot, other, hotter]) => [`Cook ${one} to ${hot}`, `In another pan cook ${other} to ${hotter}`]],
  [IN_TWO, ([pan, other]) => [`${pan}`, `Put ${other}`]],
  [FROM_MOMENT, ([work = '', moment]) => [`When ${moment}, ${uncapital(work)}`]],
  [
    WORKING_FOR,
    ([streams, works = '', long, after]) => [
      `${streams}`,
      `${capital(works.toLowerCase().replace('whipp', 'whip'))} ${long}${after}`,
    ],
  ],
  [BEFORE_DOING, ([wait, doing = '']) => [`${wait}`, capital(asDone(doing))]],
  [ADDED_AT_END, ([works, last]) => [`${works}`, `Add ${last}`]],
  [STIRRED_THEN, ([before, how = '', far]) => [`${before}`, `Cook, stirring ${how}, ${far}`]],
  [BEGUN_TO, ([begun, does = '', what, far]) => [`${begun}`, `${capital(does)} ${what} ${far}`]],
  [AT_AND_AT, ([first, adds, second = '', too]) => [`${first} add ${adds}`, `${capital(second)} add ${too}`]],
  [
    AT_THEN_ENDS,
    ([onTheWay, heat = '', ends = '']) => [`${onTheWay}`, `Cook ${heat.replace(/^at/i, 'to')}`, capital(ends)],
  ],
  [ADDING, ([boils = '', adding, met]) => (heatIn(boils) ? [`When it is at ${met} add ${adding}`, boils] : null)],
  [TO_THEN, ([ended, next = '']) => [`${ended}`, capital(next)]],
  [
    AT_THEN,
    // "at about 50° it goes on the hook, pull 4 min": nothing is cooked to so little
    ([at, off = '']) => ((heatIn(`Cook to ${at}`)?.low ?? 0) > LEFT_BELOW ? [`Cook to ${at}`, capital(off)] : null),
  ],
  [
    AT_EACH,
    ([adds = '', one, hot, other, hotter]) => [`${adds} ${one} at ${hot}`, `${capital(adds)} ${other} at ${hotter}`],
  ],
  [THEN_UP, ([before, up = '']) => [`${before}`, capital(up)]],
  [TURNED_AT_BOIL, ([turned, cooked = '']) => [`${turned}`, capital(cooked)]],
  [DONE_THEN, ([reached = '', then = '']) => (heatIn(reached) ? [`Cook until ${reached}`, capital(then)] : null)],
  [
    AT_POUR,
    ([hot, poured = '', syrup]) => (heatIn(`Cook to ${hot}`) ? [`Cook ${syrup} to ${hot}`, capital(poured)] : null),
  ],
]

/** A sentence that tells its moments in one breath, or out of turn, as sentences in turn; null for any other. */
export function retold(sentence: string): readonly string[] | null {
  for (const [words, retells] of kinds) {
    const found = words.exec(sentence)
    const told = found && retells(found.slice(1).map((part) => part ?? ''))
    if (told && !told.includes(sentence)) return told
  }
  return null
}
