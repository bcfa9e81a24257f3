/** Sentences of a method that are no steps of their own: what is said of the sentence before. */
import { uncapital } from '../../formula/sentence'
import { heatIn } from '../sentence/heats'
import { DEGREES } from './only-told'

const FORBIDS =
  /^(?:you (?:must|should)(?:n['’]t| not)\b|(?:you must |please |try )?(?:do )?not|don.?t|never|no (?:more )?stirring)\b/i
/** "If you have a thermometer it's 150", "118 °C on a sugar thermometer": the same moment in another way. */
const ALSO = new RegExp(
  `^(?:if you(?:['’]ve| have| are using|['’]re using| use)|(?:${DEGREES} )?on|with|by) (?:an? |the |your )?(?:\\w+ )?thermometer\\b`,
  'i',
)
/** "Wash down the sides at the start": while it boils, which the sentence before it ends. */
const WHILE_IT_BOILS =
  /^(?:wash|brush)(?: down)? (?:the |any )?(?:sides|crystals)\b.*\b(?:at the (?:start|beginning)|early on|(?:as|while) (?:it|the (?:syrup|mixture|sugar|candy)) (?:boils|cooks|heats)|during)\b/i
const ASIDE_SET = /^set (?:it |this )?aside$/i
/** "15 ml each", "20 x 35 mm" */
const EACH =
  /^(?:about )?\d+(?:[.,]\d+)? ?(?:ml|millilit(?:re|er)s?|g|grams?|oz|ounces?|mm|cm|in|inch(?:es)?) (?:each|apiece|thick|deep)$|^\d+(?:[.,]\d+)? ?(?:mm|cm|in(?:ch(?:es)?)?)? ?[x×] ?\d+(?:[.,]\d+)? ?(?:mm|cm|in(?:ch(?:es)?)?)(?: (?:pieces|bars|squares))?$/i
/** "Back on medium heat. 246F." */
const HEAT_ALONE = new RegExp(
  `^(?:to |till |until )?(?:about )?(?!\\d\\d$)${DEGREES}(?:,? (?:(?:without |while )?stirring|whisking)\\b.*)?$`,
  'i',
)
/** "Add the cream. To 121°", "dissolve without boiling. To 141°": it is cooked on to that. */
const ENDS_BEFORE =
  /\b(?:dissolv|melt)|\d ?min$|^(?:add|deglaze|decook|pour|stir|stop|tip|whisk)\b|\b(?:in|into it)$|\bin (?:\d|two|three|four)$/i
/** "Drop a little into iced water: if it hardens at once, it is ready" */
const TESTS =
  /^(?:(?:drop|put) (?:an? )?(?:bit|drop|few drops|little|some|(?:\w*spoonful))\b|an? (?:bit|blob|drop|little|spoonful) (?:dropped|put|tried) in).*\b(?:cold|iced?)[- ]water\b.*\b(?:if|should|ready|done)\b/i
/** "Until it hits 290. About 15 min": how long that takes, after what says when it is over. */
const LASTS_ABOUT =
  /^(?:(?:about|approx\w*\.?|around|roughly|~) ?\d+(?: ?(?:[-–]|to) ?\d+)?|\d+ ?(?:[-–]|to) ?\d+) ?(?:h|hours?|hrs?|m|min(?:ute)?s?)$/i
const SAYS_WHEN = /\b(?:until|till)\b/i
/** "Fills 2 jars of 200 ml" */
const FILLS =
  /^(?:(?:it |this )?fills (?:about )?\d+ (?:jars|bottles|tubs)\b|\d+ (?:small |large )?(?:jars|bottles|tubs) of\b)/i
/** "Stir occasionally to prevent burning" */
const STIRRED =
  /^stir (?:it )?(?:constantly|continuously|every (?:so often|now and (?:then|again))|frequently|from time to time|gently|now and (?:then|again)|occasionally|often)\b(?!.*\b(?:add|for|heat|till|until)\b)/i
/** "Use a candy thermometer" */
const MEASURED_BY = /^use (?:an? |your )?(?:\w+ )?thermometer$/i
/** "Test in cold water: it should crack" */
const TESTED_IN = /^test\b.*\bwater\b|^(?:do|make|try) (?:an? |the )?(?:\w+ )?test\b/i
/** "A soft ball should form": what the test shows. */
const SHOWN_BY_TEST =
  /^(?:it|the \w+) should (?:now )?have (?:thickened|darkened|reduced|turned|coloured|colored)\b|^(?:an? (?:soft|firm|hard)[- ]ball|it) should (?:be|form|hold|make|snap)\b(?!.*\d)/i
/** "To test if the fudge is ready, drop a little into cold water" */
const TO_TEST = /^to (?:check|see|test) (?:if|that|whether)\b/i
/** "You can also check with a sugar thermometer (113-115)" */
const CHECKS = /^(?:you can |you could )?(?:also |alternatively,? )?(?:check|test|use)\b.{0,20}\bthermometer\b/i
/** "Until 255 for firm or 250 for soft. I like 252" */
const MINE =
  /^(?:I|we) (?:aim for|do (?:it )?(?:firm|hard|soft):?|go (?:for|to)|like(?: it at)?|prefer(?: it at)?|stop at) (?:about |around )?\d{3}\b/i
const SAID_OF_LAST = [
  MINE,
  CHECKS,
  SHOWN_BY_TEST,
  TO_TEST,
  MEASURED_BY,
  TESTED_IN,
  STIRRED,
  FORBIDS,
  TESTS,
  ALSO,
  WHILE_IT_BOILS,
  ASIDE_SET,
  EACH,
  FILLS,
]

/** What is not to be done, what is done all the while, what else shows the same is said of what is done before it, and is no step of its own. */
export function joined(said: readonly string[]): string[] {
  const out: string[] = []
  for (const s of said) {
    const isHeat = HEAT_ALONE.test(s)
    const before = out.at(-1) ?? ''
    const isLength = LASTS_ABOUT.test(s) && (SAYS_WHEN.test(before) || heatIn(before) !== null)
    const last = isHeat || isLength || SAID_OF_LAST.some((words) => words.test(s)) ? out.pop() : undefined
    if (last === undefined) out.push(s)
    else if (isHeat) {
      const heat = s.replace(/^(?!to |till |until )/i, 'to ').toLowerCase()
      // a sentence that has its heat is at an end
      out.push(...(heatIn(last) || ENDS_BEFORE.test(last) ? [last, `Cook ${heat}`] : [`${last} ${heat}`]))
    } else out.push(`${last}; ${/^\p{Lu}{2}/u.test(s) ? s.toLowerCase() : /^I\b/.test(s) ? s : uncapital(s)}`)
  }
  return out
}
