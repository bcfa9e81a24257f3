/** What a text tells of that is none of this cook: what is done only if something is so, what others do, how it went another time, what a thing is like. */
import { capital, secondsIn } from '../../formula/sentence'
import { allHeatsIn, BOILS_FROM, inDegrees, unitOf } from '../sentence/heats'

const DOES =
  '(?:add|allow|bake|beat|begin|blend|boil|bring|brush|carry|check|chill|clip|coat|combine|cook|cool|cover|cut|deglaze|dip|dissolve|do|don.?t|drop|dry|fold|get|give|go|guillotine|have|heat|hold|infuse|keep|knead|leave|let|lower|make|mark|melt|mix|move|place|pour|press|pull|push|put|raise|reduce|remove|rest|return|roll|scatter|score|scrape|set|simmer|slide|soak|spread|sprinkle|stand|start|steep|stir|stop|strain|switch|take|temper|test|tip|toast|transfer|trickle|turn|use|wait|warm|wash|watch|whip|whisk|work|wrap)\\b'
/** Done, waited for or put in, or what shows that it is ready. */
const DONE = new RegExp(
  `(?:^|[,;:–—-] ?|\\b(?:and|but|just|then|now|next|please|so) )(?:\\w+ly,? |back |now |then |once more )?${DOES}|\\b(?:until|till?)\\b|\\b(?:goe?s?|comes?|is|are|being) (?:back )?(?:added|in|off|out)\\b|\\b(?:aim|done|final|follows?|joins?|ready|target|thermometer|want)\\b|^(?:as soon as|off|on|once|out|to|when)\\b`,
  'iu',
)
/** What a sentence has that only tells: of what was, what is, what somebody does or would do. */
const TELLS =
  /\b(?:always|are|beware|brown|burns?|can|climbs?|coasts?|could|ended|expect|gave|gets?|gives?|go|goes|got|is|liked?|made|makes?|may|might|mind|must|needs?|needed to|prefers?|pull|pulled|rises?|said|says?|should|stood|takes?|tells?|told|took|tried|used to|wants?|was|went|were|will|would)\b/iu

/** Whether a sentence tells, and nothing is done in it, waited for or put in. */
export const onlyTells = (sentence: string): boolean => TELLS.test(sentence) && !DONE.test(sentence)

/** "246 °F", as a whole. */
export const DEGREES = '\\d{2,3} ?(?:[°º]|deg(?:rees?)?)? ?(?:c|f|celsius|fahrenheit)?'

const WORDS: Readonly<Record<string, string>> = {
  AMOUNT: '\\d[\\d.,/½¼¾ ]* ?(?:k?g|grams?|m?l|oz|ounces?|lbs?|cups?|tbsps?|tsps?|tablespoons?|teaspoons?)\\b',
  DEGREES,
  DOES,
  KIN: 'aunt(?:ie)?|boss|brother|chef|children|colleague|customers?|dad|family|father|friend|gran(?:d(?:ma|mother|pa|father|ad))?|granny|husband|kids|lady|man|mom(?:my)?|mother|mum(?:my)?|nan(?:a|ny)?|neighbou?r|partner|sister|teacher|uncle|wife|woman',
  MORE: '(?:bigger|chewier|coarser|creamier|crisper|crunchier|darker|deeper|drier|easier|finer|firmer|fluffier|gentler|glossier|harder|larger|less|lighter|milder|more|neater|paler|richer|shorter|smaller|smoother|softer|sourer|stiffer|stronger|sweeter|thicker|thinner|tangier|tougher)',
  SUCH: '(?:chewy|crisp|crunchy|firm|hard|soft|vegan)',
  THERMOMETER: '(?: an?| the| your)?(?: \\w+)? (?:probe|thermometer)\\b',
  WEATHER:
    "(?:(?:in|on) (?:an? |the )?(?:very )?(?:cold|damp|dry|hot|humid|muggy|rainy|wet) (?:climates?|days?|weather)|when (?:it(?:[’']s| is)|the \\w+ is) (?:very )?(?:damp|humid|muggy|rainy)|in (?:high )?(?:autumn|spring|summer|winter)|at (?:high(?:er)? )?(?:altitudes?|elevations?))",
}
/** Makes patterns in which `<WORD>` stands for one of `words`, the source of another pattern. */
export const patternsOf =
  (words: Readonly<Record<string, string>>) =>
  (source: string): RegExp =>
    new RegExp(
      source.replace(/<(\w+)>/g, (_, word: string) => words[word] as string),
      'iu',
    )
const told = patternsOf(WORDS)

/** What is done only if something is so. */
const ONLY_IF: readonly RegExp[] = [
  // "if it grains, add water", "should it seize, …"; what is in the list "if using" is put in
  told(
    "^(?:and |but |even |only )?(?:assuming|(?:each|every) time (?:it|the|you)|if|in case|provided|unless|whenever|where the (?:air|climate|kitchen|room|weather))\\b(?! (?:necessary|needed|possible|required|using\\b|(?:desired|liked|preferred|wanted|you (?:like|want|wish))(?: (?:it|them|this|to))?,(?!.*<AMOUNT>)|you(?:[’']ve| have| are using|[’']re using| use)<THERMOMETER>))",
  ),
  told('^should (?:any|it|the|there|they|your?)\\b'),
  // "add a splash of water if it gets too thick"
  told(
    '^(?!brush|wash)[^,;:–—]* if (?:any|crystals|doubling|it|lumps|making|not|still|the|there|they|too|yours?|you (?:dare|find|must|notice|see|(?:like|prefer|want) (?:an?|it|less|more|them|these|this|to|<MORE>)))\\b(?!.*\\band\\b)[^,;]*$',
  ),
  told('^[^,;:]* should (?:it|they|the \\w+) \\w+$'),
  told('^to (?:correct|double|fix|gift|halve|reheat|rescue|save|serve|store|vary)\\b[^,]{0,30}[,:]'),
]
/** What makes another sweet of it: what is boiled to there is near what is boiled to here. */
const OTHERWISE: readonly RegExp[] = [
  // "for a softer set, stop at 145°", "for lemon ones add zest", "to make it richer, …"
  told('^for (?:an? )?(?:(?:bit|even|little|much|slightly) )?<MORE>\\b'),
  told('^for (?:(?:an?|the) )?[\\w-]+(?: [\\w-]+)? (?:batch|flavou?r|one|ones|variant|variation|version)\\b'),
  told(
    '^for (?:an? |the )?(?:<SUCH>|adults|anyone|change|children|christmas|easter|extra|gifts?|kids|lollies|people|presents?|really|something|those|twice|variety|very)\\b',
  ),
  told('\\bfor (?:an? )?(?:<MORE>|<SUCH>) \\w+$'),
  told('\\bfor something <MORE>$'),
  told('\\bif (?:you )?(?:like|prefer|want) (?:it|them) \\w+$'),
  told('^to (?:get|make) (?:half\\b|(?:it|them|these|this|an?) <MORE>\\b|an? .*\\b(?:variant|variation|version)\\b)'),
  told('^to make (?:it|them|these|this) [^,]{2,20},.*<AMOUNT>'),
  told('^(?!<DOES>)(?:[\\w-]+ )?(?:<MORE>|soft|hard)(?: (?:ones?|version))?:? <DEGREES>(?! ?(?:%|k?g|m?l|min|h))'),
  told('^(?!the\\b|this\\b|<DOES>)(?:[\\w-]+ ){1,2}(?:ones|variant|variation|version)s?\\b'),
  told('^(?:extras?|ideas?|options?|hints?|p\\.?s|substitut\\w+|tips?|troubleshooting|variations?)\\b ?[:.]'),
  told(
    '^(?:alternatively\\b|instead of\\b|(?:boil|cook) (?:an? (?:bit|little) )?(?:less|longer|more) for\\b|as an alternative\\b|instead,|or (?:add|boil|cook|go|stop|try|use)\\b(?!.*thermometer))',
  ),
  told('^<WEATHER>|\\b<WEATHER>$'),
  told('^(?:according to|depending on)\\b|^with an? .{3,40} in mind\\b'),
]
/** What would do as well, what could be done, what others do and what was done another time. */
const ELSEWHERE: readonly RegExp[] = [
  told('^(?:optional(?:ly)?\\b[:,]?|you can|feel free to|try(?: adding)?)\\b.*<AMOUNT>'),
  told('\\b(?:can|may|might|could) (?:also )?be (?:replaced|substituted|swapped|used)\\b'),
  told(
    '^(?:replace|substitute|swap|use)\\b.*\\b(?:instead(?: of)?|in place of)\\b|^with(?:out)? [^,;]*\\b(?:instead|in place)\\b',
  ),
  told(
    '^(?:do not|don.?t|never) (?:(?:replace|substitute|swap|use)\\b|(?:chill|cool|freeze|keep|store)\\b.*\\b(?:below|under)\\b)',
  ),
  told('^(?:also (?:delicious|good|great|lovely|nice)|consider|maybe|perhaps|possibly)\\b'),
  told(
    '^(?:could|may|might|must|would|want(?:ed)? to) (?:add|be|do|need|probably|try|want)\\b(?!.*\\b(?:till|until)\\b)|^should probably\\b',
  ),
  told('^(?:choose|pick|wait for) (?:an? )?(?:clear|cool|dry|sunny)\\b[^,]{0,12} day\\b'),
  told('^use (?:less|more|twice) |^(?:double|halve|omit|skip) the [\\w ]{2,20} (?:for|if|when)\\b'),
  told('^when (?:doubling|halving|in doubt|making|using(?!<THERMOMETER>))\\b'),
  told('^(?:(?:an?|her|his|my|our|the|their) )?(?:old |great-?|late )?(?:<KIN>)s? (?!and\\b|or\\b|\\d)'),
  told('^(?:her|his|my|our|their)\\b(?!.*(?:[:;–—]|, ))'),
  told(
    '^(?:commercial|earlier|many|most|old|other|some|traditional) (?:books|confectioners|cooks|folks?|kitchens|makers|ones|people|recipes|shops|versions)\\b',
  ),
  told('^(?:many|most|others|some) (?:add|boil|cook|go|like|pour|prefer|put|say|stir|stop|swear|take|use)\\b'),
  told(
    '^(?:bakers|confectioners|cook ?books|every(?:body|one)|factories|some(?:body|one)|he|manufacturers|nobody|others|people|professionals|purists|restaurants|she|shops)\\b',
  ),
  told(
    '^(?:back then|formerly|in the (?:old days|past|shops?)|originally|that (?:day|time)|the (?:old|original)|traditionally|until (?:last|this) \\w+ (?:I|we)|(?:(?:\\d+|many|some|two|three|a few) )?(?:months|weeks|years) ago|back home|in (?:her|his|my|our) first)\\b|^before, (?:I|we)\\b',
  ),
  told(
    '^(?:the )?(?:earlier|first|last|next|old|previous|second) (?:attempt|batch|lot|recipe|try|version)s?\\b|^version \\d|^this (?:batch|lot|one) (?:came|gave|made|went)\\b',
  ),
  told(
    '^in (?:the )?[\\p{L} ]{3,20} (?:(?:people|they) (?:add|boil|cook|like|make|prefer|put|sell|stop|use)|it is (?:added|boiled|cooked|made|sold))\\b',
  ),
  told(
    "^(?:I|we)(?:[’']d| (?:also|always|ate|could|did|do not|don.?t|find|forgot|found|got|had|have (?:also )?(?:had|made|tried|used)|love|made (?:it|them|these|this)|might|never|once|sell|sold|sometimes|think|tried|used to|wanted|would|(?:do|make) (?:it|these|them|this) (?:at|every|in|on)))\\b",
  ),
  told(
    '^(?:I|we) use (?:an? |my |our |the )(?:\\w+ ){0,2}(?:burner|hob|kettle|mixer|pan|pot|saucepan|spoon|stove|thermometer|whisk)\\b',
  ),
  told(
    '^(?:best so far|came out|ended up|forgot|liked|made \\d+|sold|took (?:about |me |us )?(?:\\d+ ?(?:h|min)|an? (?:good|hour|quarter|while)|ages|half an)|tried|turned out|used (?:an?|my|our|the)|went over|yesterday)\\b',
  ),
  told(
    '^(?:(?:the )?(?:last|next|other|second|third) time|last (?:month|night|summer|week|winter|year))\\b|\\b(?:last|next) time$',
  ),
  told('^you (?:need|want)(?!<THERMOMETER>) (?:an?|it)\\b(?!.*\\d)'),
  told('^(?:notes?|author|cost|difficulty|level|rating|source):'),
  told('^(?:prep(?:aration)?(?: time)?|(?:active|chill(?:ing)?|cook(?:ing)?|setting|total) time):? (?:about )?\\d'),
  told('^no (?:need\\b|\\w+ing needed$)|^(?:good luck|happy \\w+ing|have fun|(?:meanwhile,? )?(?:clean|wash) up)\\b'),
]
/** "The cream keeps it soft", "it melts at 38°": who or what, and that it is so. */
const IS_SO =
  /^(?:beware|mind) |^(?:careful|caution|remember|warning)?[:,!]? ?(?:(?:above|after|at|below|in|over|under|with) [^,;]{2,30}?,? )?(?:(?:an?|it|my|our|that|the|these|they|this|those|your) )?(?:(?!at|by|for|from|in|into|off|on|onto|out|over|to|when|while|with)[\p{L}'’-]+ ){0,3}?(?:adds|are|beats|boils|brings? out|brown at|burns|can|carries|comes from|contains?|cooks|could|do not need|does not|feels?|gets|gives|got|has been|helps?|is|keeps (?:it|the|them)|likes|looks?|makes|may|melts|might|must|needs|pays|pours|prevents?|puts|rises|says|sets|should|smells|spreads|stays|stirs|stops (?:it|the|them)|swears|takes|tastes?|turned out|turns|uses|wants|was|went|were|will|won|works|would)\b/iu
/** "The syrup is poured onto the slab": what is done, told as it is. */
const PASSIVE =
  /\b(?:are|be|gets?|is) (?:\w+ly |now |then |next )?(?:added|beaten|boiled|brought|brushed|coated|cooked|cooled|covered|cut|dipped|dissolved|dried|folded|heated|kept|kneaded|left|lifted|melted|mixed|poured|pressed|pulled|put|rolled|scored|set|shaped|soaked|spread|sprinkled|stirred|strained|taken|tempered|tipped|transferred|turned|warmed|whipped|whisked|worked|wrapped)\b/iu
const FORBIDS = /^(?:please )?(?:do not|don.?t|never)\b/i
/** No such thing: what is said of the sentence before, by the maker, or shows that it is done. */
const NO_FACT = /^(?:do not|don.?t|never|I|we)\b|\b(?:ball|crack|peaks?|whites)\b/iu

const BESIDE_IT = [...ONLY_IF, ...OTHERWISE, ...ELSEWHERE]
/** What could be taken for something that goes in, is turned down or waited for: all else may stand where the maker meets it. */
const DISTURBS = /\d|\b(?:add(?:s|ed)?|flame|heat|pinch|splash|spoon(?:ful)?|swear)\b/i
/** What shows that it is done, or what is done to pieces that lie there. */
const SHOWS = /\b(?:ball|crack|done|oven|ready)\b/i
/** In brackets, or after a semicolon or a dash. ◊ "(if you like)" is no sentence. */
const BESIDE = /\s*\(([^()]{18,200})\)|\s*(?:;|\s[–—-])\s+([^();–—]{18,200})(?=$|;)/gu
/** "Boil to 150° (if it foams up, lower the heat)": what is done, and what is said beside it of other cooks, as a sentence of its own. */
export function apart(sentence: string): string[] {
  const beside: string[] = []
  const rest = sentence.replace(BESIDE, (all, bracketed?: string, after?: string) => {
    const piece = capital((bracketed ?? after ?? '').trim().replace(/[.!]$/, ''))
    if (!DISTURBS.test(piece) || SHOWS.test(piece) || !BESIDE_IT.some((p) => p.test(piece))) return all
    beside.push(piece)
    return ''
  })
  return beside.length > 0 ? [rest, ...beside].filter((s) => s.trim() !== '') : [sentence]
}

/** What somebody is told to do. */
const BIDS = told('^(?:then |now |\\w+ly,? )?<DOES>')
/** Something that can be read, seen or counted. */
const UP_TO = /\b(?:until|till?)\b|\b\d{2,3} ?(?:[°º]|[CF]\b)|\b\d+ ?min/iu

/** ◊ Two heats of so few °C apart are of one sweet, the one softer than the other; further apart they are two moments of a cook. */
const NEAR = 12
/** What a sentence boils to, °C. */
const heatsOf = (sentence: string): number[] =>
  allHeatsIn(sentence).flatMap((h) => (h.low >= BOILS_FROM ? inDegrees(h.low, unitOf(h, null) ?? 'C') : []))

/** The sentences of a method that nobody does here. Where the text orders nothing else, what it tells of others is all there is to go by. */
export function onlyTold(sentences: readonly string[]): ReadonlySet<string> {
  const among = (patterns: readonly RegExp[]): string[] => sentences.filter((s) => patterns.some((p) => p.test(s)))
  // what is not to be done is said of the sentence before: the first has none
  const conditional = new Set([...among(ONLY_IF), ...sentences.slice(0, 1).filter((s) => FORBIDS.test(s))])
  const elsewhere = among(ELSEWHERE)
  // what only tells of a heat is one of `otherHeats`; "it needs 2 hours to set" is waited for
  const isSo = sentences.filter(
    (s) =>
      IS_SO.test(s) &&
      heatsOf(s).length === 0 &&
      secondsIn(s) === null &&
      !NO_FACT.test(s) &&
      !PASSIVE.test(s) &&
      !DONE.test(s),
  )
  const otherwise = among(OTHERWISE)
  const beside = new Set([...conditional, ...elsewhere, ...isSo, ...otherwise])
  const orders = sentences.filter((s) => !beside.has(s) && BIDS.test(s) && (UP_TO.test(s) || heatsOf(s).length > 0))
  if (orders.length === 0) return conditional
  const ordered = orders.flatMap(heatsOf)
  const isOfAnother = (s: string): boolean => heatsOf(s).length === 0 || ordered.length > 0
  const isNear = (s: string): boolean => heatsOf(s).every((h) => ordered.some((o) => Math.abs(o - h) <= NEAR))
  return new Set([...conditional, ...isSo, ...elsewhere.filter(isOfAnother), ...otherwise.filter(isNear)])
}
