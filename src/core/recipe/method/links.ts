/** What may stand between two moments of one sentence, and the words the second of them begins with, as sources of patterns. */
import { ADDS_IN } from '../sentence/adds'
import { WHEN_IT_BOILS } from '../sentence/endings'
import { FOAM, RING, TURNS_OFF } from '../sentence/moves'
import { SETS_OUT, THEN } from './begins'

/** What is put on a sweet that lies there, whole or in pieces. */
export const PUT_ON = '(?:coat|dip|scatter|sprinkle|top(?= with))'
/** What may be a moment of its own, after "and" or "then"; a wait, after a comma as well. */
const GOES_ON = `(?:uncover(?:ed)?|continue|go on|keep|start|begin|carameli[sz]e(?= to| till| until)|raise|increase|turn up|cook|boil|bubble(?= till| until| to)|heat|simmer|bring|add|(?:drop|dump|put|throw|toss|slip|dot) (?:in|with)|(?:sieve|sift) (?:in|over)|off (?:the )?heat\\b|(?:slow|low|gentle|medium|high|full) (?:fire|flame|heat) to|${PUT_ON}|stir|(?:emulsify|swirl) in|whisk|whip|beat|knead|pour|trickle|spread|tip|scrape(?! (?:down )?(?:the )?(?:bottom|base|sides?)\\b)|turn|(?:as quickly as you can |quickly |immediately |at once )?(?:${TURNS_OFF}|remove|take|pull))`
/** Work on what was poured, which waits until it can be done. */
export const LATER = `(?:mark|score|cut(?! (?:the )?${RING})|break|crack|smash|snap|slice)`
/** Work on a slab while it cools. */
export const ON_SLAB = '(?:fold|pull|satini[sz]e|temper)'
/** "Pour in a pan and when nearly cold mark in squares" */
export const ONCE_COLD = '(?:when|once) (?:(?:almost|half|nearly|quite) )?(?:cold|cool|firm|set)\\b'
/** Work that goes on for so long with what was put in. */
export const LASTS = '(?:beating|whisking|whipping|stirring|mixing)\\b(?!.{0,20}\\bevery\\b).{0,40}\\d+ ?(?:min|sec)'
export const WAITS =
  '(?:(?:place|put|set) (?:it )?in the (?:freezer|fridge|refrigerator)(?= for\\b)|(?:do not|don.t) (?:touch|move|disturb)|leave|let|allow|set aside|rest|hold(?= (?:for )?\\d)|bake(?=[^,;]*\\d)|cool|chill|refrigerate|fridge|freezer?|stand|wait(?= (?:about )?\\d)|dry(?= (?:on (?:an? |the )?(?:\\w+ )?racks? )?(?:for )?(?:about )?\\d|(?= overnight\\b))|ripen|mature|weight(?:ed)?(?: (?:it )?down)?(?= (?:for|overnight)\\b)|(?:set|sit|stand) (?:the )?(?:pan|pot|saucepan) in (?:an? |the )?(?:basin|bath|bowl|cold|ice|sink))'
/** "Float the butter on top and do not stir until 46°" */
export const UNSTIRRED = '(?:do not|don.t) (?:stir|beat) (?:it )?(?:until|till)\\b.*\\d'
/** "To 140°, then on to 155°". */
export const ONWARD = '(?:(?:on|up|raise|further|without stirring) )?to (?:about |around )?\\d'
export const ADDS = `(?:${ADDS_IN}|(?:emulsify|rain) in|dot with)`
/** "The temperature will drop – bring it back up to 148°" */
export const BACK_UP = '(?:(?:bring|cook|heat|take) (?:it )?)?back (?:up )?to (?:about )?\\d'
/** What ends the browning of sugar. */
export const STOPS =
  '(?:deglaze|(?:let down|loosen|slacken|stop) (?:it |the (?:caramel|boil|cooking) )?(?:with|in)(?! (?:an? |the )?(?:\\w+ )?(?:knife|scraper|spatula)))'
/** "Dissolve, cover and steam for 3 minutes", "stir to dissolve, lid on 3 minutes" */
export const STEAMS = '(?:cover and (?:boil|cook|simmer|steam)|lid on (?:for )?(?:about )?\\d+ ?min\\w*)'
/** "Pour over the gelatin, then 10 min on high" */
export const MIXES_FOR = '\\d+(?: ?[-–] ?\\d+)? ?min\\w* (?:at|on) (?:full|high|medium|top)\\b'
/** "Off the heat whisk in the cream; return to the heat and bubble" */
export const RETURNS =
  '(?:put|return) (?:it |(?:the )?pan )?(?:back )?(?:on|to|over) (?:the |a )?(?:[\\w-]+ )?(?:burner|flame|heat|stove)\\b'
/** "Whip the whites, stream in the syrup" */
export const STREAMS =
  '(?:pour|run|stream|trickle|drizzle) (?:(?:in|on|over) (?:the )?(?:hot )?(?:honey|syrup)|(?:the )?(?:hot )?(?:honey|syrup) (?:in|on|over))\\b'
/** "Then quickly stir in the soda" */
export const HOW = '(?:carefully|gently|gradually|immediately|quickly|slowly|vigorously) '
/** "Until it is amber, butter, spread on a mat" */
export const ALONE = '(?:bicarb|butter|cream|salt|soda|vanilla)'
/** "Return to the heat, caramelise lightly" */
export const BROWNS = 'carameli[sz]e (?:a little|lightly)\\b'
/** "Keep stirring until it is amber" */
export const KEEPS_ON = 'keep (?:cooking|going|stirring)\\b'
/** "Keep under a lamp; roll at 80°" */
export const ROLLS_AT = 'roll (?:it )?(?:out )?at (?:about )?\\d'
/** "Into the tin; salt on top after 10 minutes" */
export const TOPS_LATER = '(?:[\\w-]+ ){1,4}(?:on top|over(?: the top)?) after (?:about )?\\d'
/** "Put in the sugar and milk, and when it begins to boil add the butter" */
const AT_THE_BOIL_ADD = `${WHEN_IT_BOILS},? (?:add|put in|stir in)\\b`
/** "Warm the nuts in the oven and when the caramel is at 165° stir them in" */
const AT_ITS_HEAT = '(?:as soon as|once|when) (?:it|the \\w+)\\b[^,;]{0,30}?\\d{3}\\b'
/** "Boil to 124° and, just before it is ready, whisk the egg whites" */
const WHITES_BY_THEN =
  '(?:just before (?:it|the \\w+) (?:gets there|is (?:done|ready|there))|while (?:it|that|the \\w+) (?:boils|cooks|heats)|towards the end),? (?:beat|whip|whisk) the (?:egg )?whites\\b'
/** "Oil a tin, dust, spoon in" */
export const FILLS_IT = '(?:scrape|spoon|spread) (?:(?:it|the \\w+) )?in\\b'
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
  [',\\s+', FILLS_IT],
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
/** Where a sentence may be cut. */
export const LINK = new RegExp(LINKS.map(([between, begins]) => `${between}(?=${begins})`).join('|'), 'gi')
