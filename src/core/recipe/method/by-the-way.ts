/** What a recipe says by the way: how long it keeps, what may happen, how many there are. Nobody does it, so it is no step. */
import { isNotYet } from '../sentence/not-yet'

/** How a sentence is told that says nothing to do, subject by subject. */
const BY_THE_WAY: readonly RegExp[] = [
  // "here's how", "hi all, here it is, as promised"
  /^(?:ok(?:ay)?,? )?(?:so,? |(?:hello|hey|hi|hiya)(?: all| everyone| there)?,? )?here(?:['’]s| is| it is| they are)(?: (?:how|my|what)\b|,? as promised$)/i,
  /^(?:my|our|this) .{0,40}\brecipe (?:is|comes|was|has|makes)\b/i,
  /^(?:mine|ours) (?:was|were|took|is|are)\b/i,

  // how it keeps
  /^(?:it |they |this |these )?(?:will )?keeps?\b(?!.*\b(?:warm|hot|oven|at \d|stirring|whisking|whipping|beating|kneading|cooking|pulling|going|boiling|testing|until|to \d{3}|hours?)\b)/i,
  /^(?:it |they |this |these )?(?:will )?freezes?\b(?!.*\b(?:min(?:ute)?s?|hours?|hrs?|until|till)\b)/i,
  /^(?:the )?(?:\w+ ){1,3}(?:will )?keeps?,? (?:for|in|at|up|well|fresh)\b/i,
  /^(?:it|they|this) (?:will |should )?(?:last|keep)s?\b(?! (?:on|warm|hot|stirring))/i,
  /^lasts (?:about|for|up to|\d|an?)\b/i,
  /^(?:fridge|freezer|in (?:the|a) (?:fridge|freezer|jar|tin))[:,]? (?:for )?(?:up to )?\d+ (?:days?|weeks?|months?)$/i,
  /^\d+ (?:days?|weeks?|months?) in (?:the|a) (?:fridge|refrigerator|freezer|tin|jar)/i,
  /^\d+ (?:weeks?|months?)$/i,
  /^(?:freeze|refrigerate|store)\b[^;]*\bup to \d+ (?:days?|weeks?|months?)\b/i,
  /^best (?:eaten|kept|within)\b/i,
  /^.{0,30}\bcan be (?:kept|stored|frozen)\b/i,
  /^can be (?:made|prepared)\b/i,
  /^do ahead\b/i,

  // how it is eaten
  /^(?:serves?|yields?|eat|enjoy)\b/i,
  /^(?:serve |use |eat )?hot or cold$/i,

  // how many, or how much, it makes
  /^(?:this )?makes\b/i,
  /^(?:about )?\d{1,3} (?:dozen |[\d¼½¾]+-inch )?(?:pieces|pcs|squares|candies|sweets|caramels|bars|balls|(?:small |large )?(?:jars|bottles|tubs))(?:; \d[^;]*)?(?: or so| or (?:about )?[\d¼½¾./ -]+ ?(?:pounds?|lbs?|k?g|grams?|ounces?|oz))?$/i,
  /^(?:about )?\d{1,3} dozen$/i,
  /^\d+ (?:servings|portions)$/i,
  /^[~≈]\s?\d[^.]{0,20}$/i,
  /^(?:about |approx\w*\.? )?\d+ ?(?:m?l|k?g|(?:kilo)?grams?|(?:milli)?lit(?:re|er)s?|lbs?|pounds?|cups?)$/i,

  // how long it takes
  /^this (?:\w+ ){1,2}(?:should|will) take\b/i,
  /^(?:it |this )?(?:should|may|can|could|will|would|might) take\b/i,
  /^(?:it|this) (?:usually |normally |generally )?takes\b/i,

  // what it will look like, and what may happen
  /^by (?:this time|now|then),? it\b/i,
  /^by (?:this|that) (?:point|stage|time),? (?:it|the \w+)\b(?!.*\d)/i,
  /^(?:it |this )?should (?:be|look|have)\b(?!.*\d)/i,
  /^(?:it|this) should\b(?!.*\d)/i,
  /^(?:the )?(?:\w+ ){1,4}will (?:be|form|clump|bubble|foam|seize|spit|splutter|thicken)\b/i,
  /^(?:it|this|(?:the )?mixture) (?:may|might|will)\b(?!.*\d)/i,
  /^(?:it|they)[’']ll\b(?!.*\d)/i,
  /^they (?:go|get|turn|become) (?:soft|sticky|tacky)/i,
  /^(?:when|since|because) [^,]{3,60}, (?:the )?(?:mixture|candy|caramel|syrup|it) (?:should|will)\b(?!.*\d)/i,
  /^(?:it|(?:the )?(?:caramel|sauce|mixture|fudge|toffee)) (?:crisps|thickens|firms|hardens|sets) (?:up )?as it cools$/i,
  /^(?:this|that) (?:\w+ )?(?:process|stage|step) (?:is|makes|gives)\b/i,

  // what is to be watched, or is no matter
  /^you (?:may|might|could|will need|should (?:have|end up))\b/i,
  /^you must (?:keep|watch)/i,
  /^if you (?:can still|notice|see|don.?t|do not|have no|can|put|want|prefer|would like)\b/i,
  /^if (?:any )?lumps\b/i,
  /^if (?:it|they|(?:the )?(?:\w+ )?(?:mixture|mass|candy|fudge|caramel|syrup|toffee|nougat|brittle|sugar))\b/i,
  /^early in\b.{0,30}\byou can/i,
  /^when using\b[^,]{0,40}, be/i,
  /^watch (?:(?:it|the \w+) )?(?:very )?(?:closely|carefully|out)\b.{0,30}\b(?:as|because|after|from|near|once|since|when)\b(?! .*\b(?:remove|take|pour|add|stir)\b)/i,
  /^(?:the )?(?:bulb|tip)(?: of (?:the |your )?(?:candy |sugar )?thermometer)?\b.{0,40}\b(?:should|must) not\b/i,
  /^(?:avoid\b|take care\b|use caution|be (?:careful|patient)|don.?t (?:worry|panic)|work (?:fast|quickly)$)/i,

  // a mark that opens a note, or a word alone
  /^(?:tips?\s*:|data(?: table)?:|done$|stop$)/i,
]

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

/** Every way in which something is said by the way. */
const ASIDES: readonly RegExp[] = [
  OTHERWISE,
  ASKED,
  TOOK,
  ...BY_THE_WAY,
  BY_ITSELF,
  IF_NEEDED,
  WEIGHT_ALONE,
  COUNT_ALONE,
  AT_ALTITUDE,
  FOR_LATER,
  OTHER_COOK,
]
/** Whether a sentence says something by the way. */
export const isAside = (sentence: string): boolean => isNotYet(sentence) || ASIDES.some((words) => words.test(sentence))
