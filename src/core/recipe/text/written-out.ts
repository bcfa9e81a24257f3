/** What a method says, with its abbreviations and its notes in short as whole words: "w/o", "till 118ish", "235 - nuts in". */
import { capital } from '../../formula/sentence'
import { beginsDone } from '../sentence/endings'
import { takesOff } from '../sentence/moves'
import { inItsTime } from '../sentence/not-yet'
import { lower } from './shorthand'

/** What the pot does where it is off, as the source of a pattern. */
const COMES_OFF = 'comes off(?: the (?:heat|fire|flame|stove))?(?=[,.;:]|$| (?:and|then)\\b)'

/** What a sentence or a row begins with, its mark before it. */
const atHead = (words: RegExp): RegExp =>
  new RegExp(`(?<=^(?:(?:[-–*•]|\\d{1,2}[.)])\\s+)?|[.!;]\\s+)${words.source}`, words.flags)

/** "Right, so", "for the peanut brittle": how somebody begins who tells it, as the sources of patterns. */
const SO = String.raw`(?:(?:now|ok(?:ay)?|right|so|well),?\s+)`
const FOR_THE = String.raw`(?:for (?:my|the|this) (?:\p{L}+ ){1,3})?`

/** "Sugar w/ water", "set o/n" */
const SHORT: readonly (readonly [RegExp, string])[] = [
  [/\bw\/o(?:ut)?\b\s*/gi, 'without '],
  [/\bw\/\s*/gi, 'with '],
  // "discharge at >105 °C"
  [/\bat ?[>≥] ?(?=\d{2,3}\b)/g, 'while still above '],
  // "310*F"
  [/(?<=\b\d{2,3}) ?\*(?=[CF]\b)/gi, '°'],
  // "charge phase II": as sheets of works say it, and what they boil by
  [atHead(/charge (?=(?:part|phase|stage|the|with)\b)/gi), 'Add '],
  [atHead(/(?:close|shut)(?: off)? (?:the )?steam(?: valve)?(?=[.;,]|$)/gim), 'Turn off the heat'],
  [atHead(/(?:re-?)?open (?:the )?steam(?: valve)?(?: to [\d.]+ ?bar)?(?=[.;,]|$)/gim), 'Return to the heat'],
  // "stop w hot cream"
  [/(?<=\p{L}{3} )w\.? (?=(?:the |hot |cold |warm )?\p{Ll}{3})/gu, 'with '],
  [/\bo\/n\b/gi, 'overnight'],
  [/\bc\.? ?o\.? ?t\b\.?/g, 'cream of tartar'],
  // "cook sugar syrup & salt": a comma is left out
  [
    /(?<=\b(?:boil|bring|combine|cook|heat|mix) )sugar syrup (?=(?:&|\+|and) (?:butter|cream|honey|milk|salt|vinegar|water)\b)/gi,
    'sugar, syrup ',
  ],
  [/\bexcl?\.? (?=\p{Ll})/gu, 'except '],
  [/\bv\.? (?=(?:gently|high|hot|low|slow|slowly|soft|thick|thin|well)\b)/g, 'very '],
  [/(?<=^(?:\d{1,2}[.)] )?|[.!;] )in (?:the )?meantime,?(?= )/gi, 'Meanwhile,'],
  // "till 118ish", "wait for 50", "leave alone to 65": no boil is so cool
  [/(?<=\b\d{2,3})[ -]?ish\b/gi, ''],
  [
    /\b(?:wait (?:for|till|to|until)|leave (?:it )?(?:(?:alone|be|undisturbed) )?(?:till|to|until)) (?:about )?([3-9]\d)(?=[,;.°]| ?[°(]| and\b| then\b|$)/gi,
    'cool to $1',
  ],
  // "to 127 in summer, 124 in winter"
  [/\bto (1\d\d)( ?°?C?) in summer,? (?:and |or )?(1\d\d)(?: ?°?C?) in winter\b/gi, 'to $3–$1$2'],
  [/\bto (1\d\d)( ?°?C?) in winter,? (?:and |or )?(1\d\d)(?: ?°?C?) in summer\b/gi, 'to $1–$3$2'],
  // "cream in, careful. 118."
  [/(?<=\bin),? care(?:ful|fully)!?(?=[.;]|$)/gim, ''],
  // "hard crack - 150 or it makes glass"
  [/\b((?:firm|hard|soft)[- ](?:ball|crack)) [-–—] (?=[1-3]\d\d\b)/gi, '$1 to '],
  [/\bcool (?:it )?(?:down )?under (?=\d{2})/gi, 'cool below '],
  // "till it's golden and 118"
  [/\b((?:un)?till? [^,;.\d]{3,30}) and (?=1\d\d(?:$|[,;.]| ?°| ?[CF]\b))/gim, '$1 and at '],
  [/\b(colou?r of [^,;.\d]{3,20}) (?:and|&|\+) (?=1\d\d(?: ?[-–] ?1\d\d)?(?:$|[,;.]| ?°| ?[CF]\b))/gim, '$1 and at '],
  // "boil for 2 mins, then uncover and boil to 140"
  [
    /\b((?:boil|cook|simmer)(?: it)?(?: for)? \d+ ?min\w*),? then (uncover|take off the lid|lid off)(?: and|,) (?=(?:boil|cook)\b)/gi,
    '$1. Uncover and ',
  ],
  // "reboil to 117", "re-boil it until it reads 246"
  [/\bre-?boil( it| the \w+)?(?= (?:to|till?|until)\b)/gi, 'cook$1 back'],
  // "add the sugar in rain, caramel at 185"
  [/,\s+(?:make an? )?caramel (?:at|to) (?=1[5-9]\d)/gi, ', caramelise to '],
  // "sugar in 3 batches; caramel, amber"
  [/([,;])\s+caramel,? (?=(?:dark |deep |light |medium |pale )?(?:amber|blond|brown|golden)\b)/gi, '$1 caramelise to '],
  // "for firm or 250 for soft. I like 252"
  [/\b((?:I|we) (?:like|prefer)) (?=[12]\d\d\b)/g, '$1 it at '],
  // "right so for the peanut brittle you put two cups of sugar …"
  [new RegExp(`^${SO}+${FOR_THE}(?:you |we )(?=(?:boil|heat|melt|put|take|tip)\\b)`, 'giu'), ''],
  // "ok so for the penuche you want 2 cups of brown sugar, a cup of white and a cup of half and half"
  [
    new RegExp(
      `^${SO}*${FOR_THE}(?:you(?:['’]ll)?|we) (?:need|want) (?=(?:an?|half|one|two|three|[\\d¼½¾⅓⅔])\\b)`,
      'giu',
    ),
    'Take ',
  ],
  [
    /(?<=\bbrown sugar\b[^.;]{0,40} (?:cups?|g|grams?|lbs?|ounces?|oz|pounds?) (?:of )?)white(?=[,;.]| and\b)/gi,
    'white sugar',
  ],
  [/\b(cups?|g|ml|oz|ounces?|pints?) (?:of )?half (?:and|&|n) half\b/gi, '$1 half-and-half'],
  // "boil cream + ½ salt"
  [/(?<=(?:[+&,]|\b(?:add|and|with)) ?)(?:½|1\/2) (?=(?:butter|cream|milk|nuts|salt|sugar)\b)/gi, 'half the '],
  // "lid off 138 add butter"
  [/(?<=\b(?:off|on|out|up)) (?=[1-3]\d\d (?:add|stir in)\b)/gi, '. At '],
  // "get it boiling then at 238 you tip in the nuts"
  [/(?<=\p{L}),? then (at [1-3]\d\d\b[^,;.]{0,12}?) (?:you |we )?(?=(?:add|mix|put|stir|throw|tip)\b)/gu, '. $1 '],
  // "when it reaches 120 put in the nuts, stir always, until 150"
  [
    /(?<=^|[.!;]\s+)((?:when|once|at)\b[^.;]*\d{3}[^.;]*\b(?:add|(?:mix|put|stir|tip) in)\b[^.;]*?),? (?:(?:and )?(?:keep )?stir(?:ring)?(?: always| constantly| all the time)?,? )?(?:until|till) (?=[1-3]\d\d)/gim,
    '$1. Cook, stirring, until ',
  ],
  // "when honey = 112"
  [/\b((?:when|once) (?:the )?(?:honey|sugar|syrup)) = (?=1\d\d)/gi, '$1 is at '],
  // "whip whites when at 112"
  [/(?<=[\p{L})] )when at (?=1\d\d\b)/gu, 'when it is at '],
  // "180C/160 fan", and what is done before it is hot
  [
    /(?<=^|[.;] )(?:oven (?:at|on|to) )?(\d{3}) ?°?C ?\/ ?\d{3} ?°?C? ?fan(?: oven)?\b(?: ?\/ ?gas (?:mark )?\d)?/gim,
    'Heat the oven to $1 °C',
  ],
  // "Reduce the milk by half": it boils for so long
  [
    atHead(
      /reduce (?!(?:the )?(?:flame|gas|heat|oven|speed|temperature)\b)((?:the |your )?[\p{L} -]{3,30}?) by (half|two thirds|a (?:half|third|quarter))(?=,? \(?(?:about |for )?\d+ ?min)/gimu,
    ),
    'Simmer $1 until reduced by $2',
  ],
  // "when it reaches the boiling point put in the butter"
  [/\b(?:comes to|gets to|is at|reaches) (?:the )?boiling[- ]point\b/gi, 'boils'],
  // "Cream, half the glucose to 60."
  [atHead(/(?=(?:cream|milk)\b[^.;:\d]{0,40} to [3-9]\d(?: ?°? ?C?)(?:[.;]|$))/gim), 'Warm '],
  // "Guitar 22.5"
  [atHead(/guitar (?:at |to )?(?=[1-9]\d(?:\.\d)?(?:[.;]?$|[.;]\s))(\d\d(?:\.\d)?)/gim), 'Cut on the guitar $1 mm'],
  // "Oven 250F"
  [atHead(/oven(?: at| on| to|,|:)? (?=\d{3} ?°? ?[CF]?(?:[.,;]|$))/gim), 'Heat the oven to '],
  // "spread on 2 trays, rest of salt, 150C 15 mins": in the oven
  [/(\btrays?\b[^.;]*), (?:at )?(\d{3} ?°? ?[CF]),? (?:for )?(\d+(?: ?[-–] ?\d+)? ?min\w*)/gi, '$1. Bake at $2 for $3'],
  // "lower the heat from 110 °C"
  [
    /(?<=^|[.;!]\s+)(lower|reduce|turn down) (the (?:flame|heat)) from ((?:about )?1\d\d ?°? ?[CF]?)(?=[.,;]|$)/gi,
    'At $3 $1 $2',
  ],
  // "118 not 121 °C"
  [/\b(1\d\d)(?: ?°? ?[CF])?,? not 1\d\d( ?°? ?[CF])?\b/g, '$1$2'],
  // an oven that is a pot
  [/\bdutch oven\b/gi, 'heavy pot'],
  [/\s@\s?(?=\d)/g, ' at '],
  // "24-36 h @ 30 °C", where it lies
  [/(?<=^|[.;]\s+)(?=\d+(?:\s?[-–]\s?\d+)? ?(?:h|hrs?|hours?) at \d)/gi, 'Leave '],
  [/(?<=[,;.]\s+)lid (?:for )?(?=\d+ ?min)/gi, 'cover for '],
  [/(?<!\p{L})d[ée]cui(?:re|s)(?!\p{L})/giu, 'Decook'],
  // "149 and out"
  [/(?<=\d ?°? ?[CF]?) and out(?=[,.;]|$)/gi, ', pour out'],
  // "when the syrup nears 120°"
  [
    /(?<=\b(?:when|once|as)\b[^.;,]{0,30}) (?:approaches|nears|is (?:close to|near(?:ing|ly(?: at)?)?)) (?=(?:about )?\d{2,3}\b)/gi,
    ' reaches about ',
  ],
  // "boil sugar and water, add glucose at 107"
  [/, (?:then )?add ((?:the )?\p{L}[\p{L} ]{2,30}) at (1\d\d(?: ?°)?(?: ?[CF]\b)?)(?=[,.;])/giu, '. At $2 add $1'],
  // "To 112, butter in, to 114"
  [/(?<=^|[.;]\s+)to (1\d\d(?: ?°? ?[CF]\b)?), (?=\p{L}[^,.;]* in\b)/gimu, 'Cook to $1, '],
  [/(\p{L} in), to (?=1\d\d\b)/giu, '$1, cook to '],
  // "Honey at 130: pour over the whites"
  ...['honey', 'sugar', 'syrup'].map((of): readonly [RegExp, string] => [
    new RegExp(`(?<=^|[.;]\\s+)(?:the )?${of} (?:at|to) (1\\d\\d(?: ?°? ?[CF]\\b)?): pour (?=in\\b|on|over)`, 'gim'),
    `Boil the ${of} to $1. Pour the ${of} `,
  ]),
  // "wet an 18 cm tin, pour in": into that
  [
    /\b((?:butter|dampen|dust|grease|line|oil|rinse|wet) (?:an? |the )[^,.;]{0,30}\b(?:dish|frame|mould|pan|tin|tray)),? (?:and )?pour in(?=$|[,.;])/gi,
    '$1. Pour into it',
  ],
  [/\b(pour|spread|spoon|tip|turn)( it| out| the \w+)? on to (?=an? |the |your )/gi, '$1$2 onto '],
  [/\bchoc\b/gi, 'chocolate'],
  [/\bc\. ?syrup\b/gi, 'corn syrup'],
  [/\b(melted|tempered) (dark|milk|white)(?= \(?\d|[,.;]|$)/gi, '$1 $2 chocolate'],
  // "water (syrup)", where the list has another water
  [/\bwater \((?:for (?:the )?)?syrup\)/gi, 'water'],
  // "at 152° it comes off", "cook to 152°. It comes off"
  [new RegExp(`\\b(?:it|the (?:pan|pot)) ${COMES_OFF}`, 'g'), 'take it off the heat'],
  [new RegExp(`\\b(?:It|The (?:pan|pot)) ${COMES_OFF}`, 'g'), 'Take it off the heat'],
  // "cool 70, butter in"
  // "240'F / 116'C"
  [/(?<=\d)['’´`] ?(?=[CF]\b)/gi, ' °'],
  [atHead(/cool (?=\d{2,3}(?: ?°)?(?: ?[CF]\b)?(?:[,;.]|$))/gim), 'Cool to '],
  // "5' speed 3", "paddle 1'"
  [/(?<![\d.])(\d{1,2})['’′](?=[,;.]|\s|$)/g, '$1 min'],
]

/** "235 - nuts in", "cook 118": a heat at the head or the end of what is said. */
const BARE_HEATS: readonly (readonly [RegExp, string])[] = [
  [
    /(?<=^(?:(?:[-–*•]|\d{1,2}[.)]|\(?[a-h]\))\s+)?|[.!]\s+)([1-3]\d\d(?: ?°)?(?: ?[CF]\b)?)(?:\s+[–—-]|:)\s+(?=(?!about\b|approx|for\b|it\b|this\b|that\b)\p{L})/giu,
    'At $1 ',
  ],
  // "118 butter in"
  [
    atHead(/([1-3]\d\d(?: ?°)?(?: ?[CF]\b)?) (?!(?:all|back|g|it|ml|pan|pot)\b)((?:\p{L}+ ){1,3})in(?=[.,;]|$)/giu),
    'At $1 add $2',
  ],
  // "120 add the acid"
  [/(?<=^(?:[-–*•]\s+)?|[.!;]\s+)([1-3]\d\d(?: ?°)?(?: ?[CF])?) (?=(?:add|stir in|stop|whisk in)\b)/g, 'At $1 '],
  // "below 90 add the gelatine"
  [
    /(?<=^(?:[-–*•]\s+)?|[.!;]\s+)(?:below|under) (?=\d\d\b(?! ?(?:g|k?g|ml|mm|cm)\b)[^.;]{0,4},? (?:add|stir in|whisk in)\b)/gi,
    'When it has cooled to ',
  ],
  // "305 off"
  [/(?<=^|[.!;]\s+)([1-3]\d\d(?: ?°)?(?: ?[CF])?)[,:]?(?: [–—-])? off(?=[.,;]|$)/g, 'Cook to $1, take off the heat'],
  // "When 275, add", "when it's 120 begin the whites"
  [
    /(?<=^|[.!;)]\s+)(when|once)(?: it(?:['’]s| is))? (?!(?:about )?\d{3}[ °CF]*(?:has|is|was)\b)(?=(?:about )?[12]\d\d(?:,| ?[CF]\b| ?°| (?!g\b|m?l\b|min)\p{Ll}))/giu,
    '$1 it is at ',
  ],
  // "Cook sugar and water 116."
  [
    atHead(
      /((?:boil|cook|heat) [^\d,;:.!]{3,40}(?<!\b(?:about|at|for|hits|over|reach(?:es)?|reads|registers|says|shows|till?|to|until))) (?=[1-3]\d\d(?: ?°)?(?: ?[CF])?(?:\.\s|\.?$))/gi,
    ),
    '$1 to ',
  ],
  // "Trays 250F 45 min"
  [/(?<=^|[.!;]\s+)(trays?),? (?=[1-4]\d\d ?(?:°|[CF]\b))/gi, 'Bake the $1 at '],
  // "bake 400 - 5 min"
  [/\b(bake)( it)?(?: at)? ([1-4]\d\d) ?[–-] ?(?=\d{1,2} ?min)/gi, '$1$2 at $3 for '],
  [/\b(bake)( it)? (?=[1-4]\d\d\b(?! ?(?:g|ml)\b))/gi, '$1$2 at '],
  [
    /(?<=^(?:(?:[-–*•]|\d{1,2}[.)])\s+)?|[.!,]\s+)(boil|cook|heat)( on| up)? (?=[1-3]\d\d(?:\.\d)?(?:\s?[-–]\s?[1-3]\d\d)?(?: ?°)?(?: ?[CF])?(?:[.,]\s|[.]?$))/gi,
    '$1$2 to ',
  ],
]

const SPELLED = [...SHORT, ...BARE_HEATS]

/** "Boil the syrup; peanuts at 235": what goes in there. */
const AT_ITS_HEAT = /(?<=[.;]\s+)(\p{L}+(?: and)?(?: \p{L}+){0,3}) at ([1-3]\d\d(?: ?°)?(?: ?[CF]\b)?)(?=[.;]|$)/giu
const NO_LINE =
  /^(?:batch|came|cast|deposit|discharge|done|empty|finish|frame|he|heat|I|it|last|next|off|pot|pull|ready|roll|she|sheet|stamp|stop|sugar|syrup|target|thermometer|they|turned|we|you)\b/i
const addedAt = (said: string): string =>
  said.replace(AT_ITS_HEAT, (all, what: string, heat: string, from: number) => {
    if (NO_LINE.test(what) || beginsDone(what) || takesOff(what)) return all
    const there = `at ${heat} add ${what.toLowerCase()}`
    return /\.\s+$/.test(said.slice(0, from)) ? capital(there) : there
  })

/** "Boil to 149, sesame in, stir": what goes in there. */
const COMES_IN =
  /(?<=\b\d{1,3} ?[°º]?(?: ?(?:[CF]|deg\w*|min\w*|sec\w*))?\b[^,;.\d]{0,24}(?:[,;]| (?:and|then)(?= )) )(?:then )?(?:the )?((?:\p{L}+ (?:and |[&+] )?){1,4}?)in(?: (?:carefully|gradually|slowly))?(?: (?:hot|warm)| \((?:hot|roasted|toasted|warm)!?\))?(?=[,;.]| and\b| then\b|$)/giu
/** "Warm nuts in": of what has been warmed, and no order to warm it. */
const MADE_ALREADY = /^(?:cold|hot|roasted|toasted|warm|warmed) (?=\p{L})/iu
const NO_THING =
  /\b(?:all|as|back|bowl|comes?|everything|goe?s?|heat|it|left|lid|oven|pan|pot|probe|put|rain|sets?|shear|shower|stream|slot|stirred|stuck|that|them|thermometer|this|turn|with)\b/i
/** "Take off, invert in, cool to 80°": it is in while that cools. */
const IN_OFF_HEAT =
  /(?<=\b(?:take (?:it )?)?off(?: (?:the )?heat)?, )((?:\p{L}+ (?:and |[&+] )?){1,3}?)in(?=, (?:leave to |let it )?cool\b)/giu
/** "Stir invert in" */
const WORKED_IN = /^(beat|fold|mix|stir|whisk) (?=\p{L})/iu
const added = (all: string, what: string): string => {
  const thing = what.replace(WORKED_IN, '').toLowerCase().trim()
  if (NO_THING.test(thing) || beginsDone(thing.replace(MADE_ALREADY, ''))) return all
  const [, verb] = WORKED_IN.exec(what) ?? []
  return verb ? `${verb.toLowerCase()} in ${thing}` : `add ${thing}`
}
const putIn = (said: string): string => said.replace(IN_OFF_HEAT, added).replace(COMES_IN, added)

const BEGINS_SAID = '(?<=^(?:(?:[-–*•]|\\d{1,2}[.)])\\s+)?|[.;)]\\s+)'
const THINGS = '((?:\\p{L}+,? ){1,6}?)'
const HEAT = '(\\d{3}(?: ?[°º])?(?: ?[CF]\\b)?)'
const ONTO =
  '(?:on ?to|over|into) (?:the )?(it\\b|that\\b|(?:egg )?whites?\\b|albumen\\b|foam\\b|meringue\\b)((?:, (?:speed \\d|\\p{L}+))*)'
/** "Honey to 121 °C onto the whites", "at 122 honey onto whites": it is boiled, and poured. */
const BOILED_ONTO = new RegExp(
  `${BEGINS_SAID}(?:(?:boil|cook|heat|take) )?(?!(?:add|and|as|at|beat|bring|cool|drizzle|once|pour|run|slowly|stream|then|trickle|warm|when)\\b)${THINGS}(?:to|at) ${HEAT}(?: \\([^()]{1,20}\\))?,? (?:and )?${ONTO}`,
  'giu',
)
/** "Honey to 122, stream in" */
const BOILED_IN = new RegExp(
  `${BEGINS_SAID}(?:(?:boil|cook|heat|take) )?(honey|syrup) to ${HEAT}, (run|stream|trickle)(?: it)? in\\b`,
  'giu',
)
const AT_HEAT_ONTO = new RegExp(`${BEGINS_SAID}At ${HEAT},? ${THINGS}${ONTO}`, 'giu')
const boiledAndPoured = (what: string, heat: string, onto: string, how: string): string =>
  `Cook ${lower(what)}to ${heat}. ${/^(?:it|that)$/i.test(onto) ? 'Pour on' : `Pour ${lower(what)}onto ${onto}`}${how}`
/** "Egg white, sugar in mixer, medium" */
const IN_MIXER = new RegExp(`${BEGINS_SAID}((?:egg )?whites?(?:, \\p{L}+)*) in (?:the |a )?mixer\\b`, 'giu')
/** "Put whites and tartar in the mixer and whip to soft peaks" */
const PUT_IN_MIXER = new RegExp(
  `${BEGINS_SAID}(?:place|put|tip) (?:the )?((?:egg )?whites?\\b[^.;,]{0,40}?) in(?:to)? (the|a|your) ((?:[\\w-]+ )?(?:bowl|mixer)(?: of (?:an?|the|your) [\\w ]{3,20})?),? (?:and|then) (beat|whip|whisk)\\b`,
  'giu',
)
/** "Whites on at med when honey hits 108", "whites on slow with the 30 g sugar when …" */
const WITH_THEM = '( (?:\\+|and|with) [^,.;]{3,20}?)?'
const SPEED = '(?:(?: at)? (slow|low|med(?:ium)?|high)(?: speed)?)?'
const WHITES_ON = new RegExp(
  `${BEGINS_SAID}(?:egg )?whites${WITH_THEM} (?:on|start(?:ed)?)${SPEED}${WITH_THEM} ((?:when|once|as soon as) [^.;]{3,40}?\\d{3}[^.;]{0,6})(?=[.;]|$)`,
  'giu',
)
/** "Whites whisked to soft peaks while the syrup (sugar, water) goes to 117" */
const WHITES_WHILE = new RegExp(
  `${BEGINS_SAID}((?:egg )?whites?\\b[^,;.]{0,30}?) (?:beaten|whipped|whisked) (to \\w+(?: peaks)?),? (?:as|while) the syrup (?:\\(([^()]{3,60})\\) )?(?:boils|climbs|comes|cooks|goes) to `,
  'giu',
)
/** "Cream + butter warm": in a pan of its own. */
const WARM_APART = new RegExp(
  `${BEGINS_SAID}((?:butter|cream|milk)(?: (?:\\+|&|and) (?:butter|cream|glucose|milk|salt))?) warm(?:ed)?(?=[.;]|$)`,
  'giu',
)
const pouredOnto = (said: string): string =>
  said
    .replace(WARM_APART, (_, what: string) => `Warm the ${lower(what)}`)
    .replace(
      WHITES_WHILE,
      (_, whites: string, peaks: string, of?: string) =>
        `Meanwhile whip ${lower(whites)} ${peaks}. Cook ${of ?? 'the syrup'} to `,
    )
    .replace(
      WHITES_ON,
      (_, before: string | undefined, speed: string | undefined, after: string | undefined, when: string) =>
        `${capital(when)} start the whites${before ?? after ?? ''}${speed ? ` at ${speed} speed` : ''}`,
    )
    .replace(
      PUT_IN_MIXER,
      (_, whites: string, its: string, bowl: string, does: string) =>
        `${capital(does)} the ${lower(whites)} in ${its} ${bowl}`,
    )
    .replace(IN_MIXER, (_, whites: string) => `Whip ${lower(whites)} in the mixer`)
    .replace(BOILED_ONTO, (_, what: string, heat: string, onto: string, how: string) =>
      boiledAndPoured(what, heat, onto, how),
    )
    .replace(
      BOILED_IN,
      (_, what: string, heat: string, how: string) =>
        `Cook ${lower(what)} to ${heat}. ${capital(how)} ${lower(what)} in`,
    )
    .replace(AT_HEAT_ONTO, (all, heat: string, what: string, onto: string, how: string) =>
      beginsDone(what) ? all : boiledAndPoured(what, heat, onto, how),
    )

/** "I boil the sugar, then I sieve over the soda": what somebody does, told as what is to be done; no heat that they like better. */
const DONE_BY_ME =
  /(?<=(^|[.;!] +)|\b(?:and|then) )(?:I|you|we) (?:also |always |just |quickly |slowly |usually )?((?!(?:cook(?: it)?|take it) to\b)(?:add|beat|boil|bring|cook|cool|cover|cut|dissolve|drop|fold|heat|leave|let|melt|mix|pour|put|sieve|sift|spread|sprinkle|stir|take|tip|turn|whip|whisk)\b)/gi
const toBeDone = (said: string): string =>
  said.replace(DONE_BY_ME, (_, begins: string | undefined, does: string) =>
    begins === undefined ? does : capital(does),
  )

/** What a method says, with its abbreviations as whole words. */
export const writtenOut = (said: string): string =>
  pouredOnto(
    addedAt(putIn(SPELLED.reduce((text, [words, whole]) => text.replace(words, whole), inItsTime(toBeDone(said))))),
  )
