/** Sentences of a method that nobody does: what is said by the way, and what is said of the sentence before. */
import { uncapital } from '../../formula/sentence'
import { heatIn } from '../sentence/heats'
import { isNotYet } from '../sentence/not-yet'
import { DEGREES } from './only-told'

const FORBIDS = /^(?:(?:you must |please |try )?(?:do )?not|don.?t|never|no (?:more )?stirring)\b/i
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
  /^(?:drop|put) (?:an? )?(?:bit|drop|few drops|little|some|(?:\w*spoonful))\b.*\b(?:cold|iced?)[- ]water\b.*\b(?:if|should|ready|done)\b/i
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

/** What a recipe says by the way: how long it keeps, what else would do. Nobody does it, so it is no step. */
const ASIDE =
  /^(?:(?:ok(?:ay)?,? )?(?:so,? |(?:hello|hey|hi|hiya)(?: all| everyone| there)?,? )?here(?:['’]s| is| it is| they are)(?: (?:how|my|what)\b|,? as promised$)|(?:it |they |this |these )?(?:will )?(?:keeps?\b(?!.*\b(?:warm|hot|oven|at \d|stirring|whisking|whipping|beating|kneading|cooking|pulling|going|boiling|testing|until|to \d{3}|hours?)\b)|freezes?\b(?!.*\b(?:min(?:ute)?s?|hours?|hrs?|until|till)\b))|(?:the )?(?:\w+ ){1,3}(?:will )?keeps?,? (?:for|in|at|up|well|fresh)\b|you (?:may|might|could|will need|should (?:have|end up))\b|(?:this )?makes\b|tips?\s*:|you must (?:keep|watch)|take care\b|can be (?:made|prepared)\b|this (?:\w+ ){1,2}(?:should|will) take\b|by (?:this time|now|then),? it\b|by (?:this|that) (?:point|stage|time),? (?:it|the \w+)\b(?!.*\d)|(?:it|they|this) (?:will |should )?(?:last|keep)s?\b(?! (?:on|warm|hot|stirring))|lasts (?:about|for|up to|\d|an?)\b|(?:serves?|yields?|done$|stop$|enjoy\b|test\s*:|should (?:be|look|have)\b(?!.*\d)|eat|be (?:careful|patient)|(?:the )?(?:\w+ ){1,4}will (?:be|form|clump|bubble|foam|seize|spit|splutter|thicken)\b|(?:it|this|(?:the )?mixture) (?:may|might|will)\b(?!.*\d)|(?:it|they)[’']ll\b(?!.*\d)|(?:fridge|freezer|in (?:the|a) (?:fridge|freezer|jar|tin))[:,]? (?:for )?(?:up to )?\d+ (?:days?|weeks?|months?)$|\d+ (?:days?|weeks?|months?) in (?:the|a) (?:fridge|refrigerator|freezer|tin|jar)|\d+ (?:weeks?|months?)$|(?:it |this )?(?:should|may|can|could|will|would|might) take|(?:it|this) (?:usually |normally |generally )?takes|they (?:go|get|turn|become) (?:soft|sticky|tacky)|when using\b[^,]{0,40}, be|do ahead\b|avoid|use caution|work (?:fast|quickly)$|watch (?:(?:it|the \w+) )?(?:very )?(?:closely|carefully|out)\b.{0,30}\b(?:as|because|after|from|near|once|since|when)\b(?! .*\b(?:remove|take|pour|add|stir)\b)|early in\b.{0,30}\byou can|(?:when|since|because) [^,]{3,60}, (?:the )?(?:mixture|candy|caramel|syrup|it) (?:should|will)\b(?!.*\d)|(?:it|this) should\b(?!.*\d)|(?:this|that) (?:\w+ )?(?:process|stage|step) (?:is|makes|gives)\b|don.?t (?:worry|panic))\b|if (?:any )?lumps\b|if (?:it|they|(?:the )?(?:\w+ )?(?:mixture|mass|candy|fudge|caramel|syrup|toffee|nougat|brittle|sugar))\b|(?:it|(?:the )?(?:caramel|sauce|mixture|fudge|toffee)) (?:crisps|thickens|firms|hardens|sets) (?:up )?as it cools$|(?:serve |use |eat )?hot or cold$|(?:the )?(?:bulb|tip)(?: of (?:the |your )?(?:candy |sugar )?thermometer)?\b.{0,40}\b(?:should|must) not\b|if you (?:can still|notice|see|don.?t|do not|have no|can|put|want|prefer|would like)\b|(?:about )?\d{1,3} (?:dozen(?:$| ))?(?:pieces|pcs|squares|candies|sweets|caramels|bars|balls|(?:small |large )?(?:jars|bottles|tubs))(?:; \d[^;]*)?(?: or (?:about )?[\d¼½¾./ -]+ ?(?:pounds?|lbs?|k?g|grams?|ounces?|oz))?$|data(?: table)?:|best (?:eaten|kept|within)\b|(?:mine|ours) (?:was|were|took|is|are)\b|(?:my|our|this) .{0,40}\brecipe (?:is|comes|was|has|makes)\b|[~≈]\s?\d[^.]{0,20}$|\d+ (?:servings|portions)$|(?:about |approx\w*\.? )?\d+ ?(?:m?l|k?g|(?:kilo)?grams?|(?:milli)?lit(?:re|er)s?|lbs?|pounds?|cups?)$|.{0,30}\bcan be (?:kept|stored|frozen)\b)/i

/** "Heat the toffee a little if you need to", "rewarm if it gets too stiff" */
const IF_NEEDED =
  /^(?:re-?)?(?:heat|melt|warm)\b[^,;\d]{3,60}\bif (?:it (?:gets|is|sets)\b.*|need(?:ed)?|necessary|you (?:have|need) to)$/i
/** "It cools thicker": what becomes of it; "one tray at a time"; "kettle 40 l, steam 4 bar". */
const BY_ITSELF =
  /^(?:(?:it|this) )?(?:cools|dries|sets) (?:up )?(?:chewier|crisper|firmer|harder|softer|thicker)$|^(?:kettle|pan|pot) \d+(?:[.,]\d+)? ?(?:l|lit(?:re|er)s?|qts?|quarts?)\b[^;]*$|^(?:only )?one (?:batch|pan|pot|tin|tray) at a time$/i

/** "1 1/4 lb": what all of it comes to. */
const WEIGHT_ALONE = /^(?:about )?[\d¼½¾][\d ¼½¾/.]* ?(?:lbs?|pounds?|kg|kilos?|g|grams?|oz|ounces?)$/i

/** "About 60.": how many it makes. */
const COUNT_ALONE = /^(?:about|some|approx\w*\.?|makes) \d{2}$/i
/** "At 5,000 ft pull at 291F instead of 300F": that is another kitchen. */
const AT_ALTITUDE =
  /^(?:at|above) (?:\d[\d,.]* ?(?:ft|feet|foot|m|met(?:re|er)s?)|(?:high(?:er)? )?(?:altitudes?|elevations?))\b/i
/** "To use: warm to 70 °C, …": that is another day's. */
const FOR_LATER = /^to (?:re-?heat|re-?melt|serve|store|use)\b ?[:–-]/i

/** "NB test 8 at 115 was grainy", "last time I went to 121 and it was hard": how another cook went. */
const OTHER_COOK =
  /^(?:n\.?b\.?:?\s|p\.?s\.?:?\s)|^(?:last time|(?:the )?(?:last|previous|other|second|third) batch|(?:test|trial|batch|try) (?:no\.? ?)?#?\d+)\b.*\b(?:did|didn|set|went|were|was|turned)\b/i

/** "For softer caramels stop at 240", "or, if you like, pour it onto a slab and pull it", "use a large kettle as this boils up" */
const OTHERWISE =
  /^or,? (?:alternatively|if you|instead)\b|^it (?:will )?turns? (?:an? )?\w+(?: \w+)?$|^for (?:an? )?(?:chewier|crunchier|firmer|harder|softer)\b.*\d|^use an? (?:[\w-]+ ){0,3}(?:kettle|pan|pot|saucepan)(?:$|,? (?:as|at least|because|since)\b)/i
/** "It took me 40 minutes", "takes about 20": how long it was, and the end of a letter. */
const TOOK =
  /^[–—-]?\s*(?:it|mine|this|which) (?:only )?took (?:me |us )?|^mine (?:needs|takes)\b|^takes (?:about |around |like |roughly )?\d|^(?:cheers|love|regards)(?:,? ?\p{L}{1,12}){0,2}(?: x+)?$/iu
/** "Why is my brittle sticky?", and what answers it; what is said so that nobody is hurt. */
const ASKED =
  /\?$|^(?:no|yes),|^a\s*[:.]\s|^(?:caution|danger|safety|warning)\s*:(?=\s*(?:hot|molten|boiling|steam|syrup|sugar|wear|keep|never|children|the (?:pan|pot|sugar|syrup))\b)(?!.*\d)|^(?:wear (?:an? )?)?(?:long sleeves|no bare (?:arms|feet|hands)|oven gloves|closed shoes)\b/i

/** Whether a sentence says something by the way. */
export const isAside = (sentence: string): boolean =>
  isNotYet(sentence) ||
  [
    OTHERWISE,
    ASKED,
    TOOK,
    ASIDE,
    BY_ITSELF,
    IF_NEEDED,
    WEIGHT_ALONE,
    COUNT_ALONE,
    AT_ALTITUDE,
    FOR_LATER,
    OTHER_COOK,
  ].some((words) => words.test(sentence))
