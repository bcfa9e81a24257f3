/** What the sentences of a written method say: how long, how one sees that it is done, what is got ready. */
import type { Sign } from '../../craft/signs'
import type { StageId } from '../../craft/stages'
import { capital, secondsIn, short, timeIn } from '../../formula/sentence'
import { ADDS_IN } from './adds'
import { FRIES, type HeatUnit, heatIn, inDegrees, unitOf } from './heats'
import { withoutForbidden } from './not-yet'

/** How one knows that a cook is done. */
export type Ending =
  | { readonly by: 'heat'; readonly low: number; readonly high: number }
  | { readonly by: 'drop'; readonly stage: StageId }
  | { readonly by: 'colour'; readonly celsius: number; readonly word: string }
  | { readonly by: 'sign'; readonly sign: Sign; readonly word: string }
  | { readonly by: 'time'; readonly seconds: number }

/** How a sentence begins that waits for something the pot does. */
export const WATCHES =
  /^(?:at|when|once|as soon as|(?:just )?before|as (?:the )?(?:\w+ ){1,2}(?:reaches|approaches|nears|hits|gets to|is at))\b/i

/** What is done while something else goes on. */
export const MEANWHILE = /^(?:meanwhile|at the same time)\b/i

/** "Just before the syrup reaches 124°". */
export const comesBefore = (sentence: string): boolean => /^(?:just )?before\b/i.test(sentence)

/** "When nearly done add the butter": shortly before the end, whatever that is. */
export const comesNearEnd = (sentence: string): boolean =>
  /^(?:(?:an?|one|two|\d) minutes? before (?:it(?:['’]s| is) )?(?:done|ready|the end)\b|when (?:it(?:['’]s| is) )?(?:nearly|almost) (?:done|ready|there)|(?:towards?|near) the end)\b|\bjust before (?:it(?:['’]s| is) )?(?:done|ready|the end)$/i.test(
    sentence,
  )

/** "Lower the heat for the last ten degrees" */
export const LAST_DEGREES = /\b(?:for|in|over) (?:the )?(?:last|final) (\w+) degrees\b/i

const STAGES: readonly (readonly [RegExp, StageId])[] = [
  [/hard[-\s]?crack/i, 'hard-crack'],
  [/soft[-\s]?crack/i, 'soft-crack'],
  [
    /\b(?:cold water|in water(?=:)).{0,40}\b(?:snaps?|brittle|crisp|cracks)\b|\b(?:snaps?|brittle|crisp)\b.{0,40}\bcold water\b/i,
    'hard-crack',
  ],
  [/\bcrack in (?:\w+ )?(?:cold|iced?) water\b/i, 'hard-crack'],
  [/\bbrittle (?:if|when) (?:dropped|tested|tried) in (?:the )?water\b/i, 'hard-crack'],
  [/hard[-\s]?ball|\bharden(?:s|ed)?\b.{0,24}\b(?:cold|iced?) water|\bhardens in water/i, 'hard-ball'],
  [/firm[-\s]?ball/i, 'firm-ball'],
  [/soft[-\s]?ball/i, 'soft-ball'],
  [/\bthread\b|\b(?:one|single|1)[- ]string\b/i, 'thread'],
]

/** ◊ Words for shades, the more exact first, as colour-equivalent temperatures, °C. */
const SHADES: readonly (readonly [RegExp, number, string])[] = [
  [/(?:deep|dark|rich) (?:amber|golden|caramel)/i, 183, 'deep amber'],
  [/(?:light|pale|blond) (?:amber|golden|gold|caramel)|\blight brown(?! (?:sugar|muscovado))/i, 168, 'pale amber'],
  [/mahogany|dark brown|reddish brown/i, 190, 'mahogany'],
  [
    /(?<!\b(?:in|into) (?:an? |the |your )(?:\w+ )?)\bcopper\b(?! (?:pan|pot|kettle|bowl|jam))|\bchestnut\b|\bpenny\b/i,
    183,
    'deep amber',
  ],
  [/\bamber\b|golden[-\s]?brown|colou?r of maple syrup|caramel[-\s]?colou?r|medium caramel/i, 175, 'amber'],
  [/\bcarameli[sz]e\b.*\b(?:dark|deep)\b|^(?:dry|wet)[- ]caramel\b.*, (?:dark|deep)$/i, 183, 'deep amber'],
  [
    /\bcarameli[sz]e\b.*\b(?:light(?:ly)?|pale|blond)\b|^(?:dry|wet)[- ]caramel\b.*, (?:light|pale|blond)$/i,
    168,
    'pale amber',
  ],
  [
    /\b(?:until|till) (?:\w+ ){0,5}carameli[sz]e[sd]\b|^(?:dry[- ])?carameli[sz]e (?:the )?(?:\w+ )?sugar\b(?!.*\d)/i,
    175,
    'amber',
  ],
  [/\bgolden\b(?! (?:syrup|caster|sugar|raisins))|\bgold\b/i, 170, 'golden'],
  [/colou?r of (?:\w+ )?(?:tea|whisk(?:e)?y|cognac|rum)\b/i, 178, 'amber'],
  [/\bdark honey\b/i, 175, 'amber'],
  [/colou?r of (?:\w+ )?honey\b|\bhoney[- ]colou?r/i, 170, 'golden'],
  [/\bstraw\b/i, 160, 'straw'],
]

const SIGNS: readonly (readonly [RegExp, Sign, string])[] = [
  [/leaves? (?:a |the )?(?:clean |clear )?(?:streak|trail|path|track|line)/i, 'clean-streak', 'a clean streak'],
  [
    /(?:pull(?:s|ing)?|com(?:es?|ing)|leav(?:es?|ing)) (?:cleanly |clear |clean )?(?:away )?(?:from |off )?the (?:(?:pan['’]s )?(?:sides?|bottom|base)|pan|pot)\b/i,
    'pulls-from-side',
    'it leaves the sides',
  ],
  [/sheets? off|sheeting/i, 'sheet-off-spoon', 'a sheet off the spoon'],
  [/holds? (?:its shape )?on (?:the|a) spatula/i, 'holds-on-spatula', 'it holds on the spatula'],
]

const BOILS =
  /\b(?:(?:high|low|medium) (?:till|until)|on (?:a )?(?:low|medium|high)\b(?=[^;]*\b(?:until|till)\b)|boil|cook(?!ie)|take(?= (?:the )?(?:(?:butter|caramel|cream|glucose|honey|mass|milk|mixture|sugars?|syrup)\b[^.;]{0,40} )?to\b)|simmer|swirl|bubble|caramelis|carameliz|melt|heat|continue|stir)/i
/** "Make a dry caramel to a dark amber", "caramel, medium amber", "sugar to amber". */
const CARAMEL =
  /\bmake an? (?:dry |wet )?caramel\b|^(?:make (?:a |the )?)?(?:dry |wet )?caramel\b|^(?:dry[- ])?carameli[sz]e\b|^(?:take )?(?:(?:half|most|the rest) (?:of )?)?(?:the )?(?:sugar|honey|syrup)\b[^,;]{0,40}\bto (?:an? )?/i
/** A look that is asked for, not one that is spoken of. */
const UNTIL = /\b(?:until|till|to (?:a|an|the)?|turns?|reaches?|when|at the)\b/i

/** "Until the nuts are golden": a colour that is not the sugar's. */
const OF_NUTS =
  /\b\w*(?:nuts?|almonds?|butter|seeds|coconut|pecans|solids) (?:are|is|turns?|looks?)\b[^,;]*|\b(?:brown|golden) and (?:the )?(?:sesame|(?:\w*nuts?|almonds?|pecans|seeds)\b)/gi

const PUTS = new RegExp(`\\b(?:${ADDS_IN}(?! the (?:freezer|fridge|oven|refrigerator)\\b)|pour)\\b`, 'i')

/** Whether a sentence puts in or pours first, and speaks of a time after that: nobody waits for it. */
export const actsFirst = (sentence: string): boolean => {
  const acts = sentence.search(PUTS)
  return acts >= 0 && acts < (timeIn(sentence)?.index ?? -1)
}

/** Whether a sentence waits first, and puts in or pours after that: "cook for 5 minutes, then stir in the butter". */
export const actsLast = (sentence: string): boolean => {
  const after = timeIn(sentence)?.index ?? -1
  return after >= 0 && PUTS.test(sentence.slice(after)) && !PUTS.test(sentence.slice(0, after))
}

/** "Until it is amber, then tip in the soda": what goes in goes in off the heat. */
const ENDS_FIRST = new RegExp(
  `(?:\\b(?:until|till|reaches)\\b.*\\b(?:then|and)\\b|^(?:when|once|as soon as)\\b).*\\b(?:${ADDS_IN}|pour in)\\b`,
  'i',
)
/** Whether a sentence ends the cook before what it puts in. */
export const endsFirst = (sentence: string): boolean => ENDS_FIRST.test(sentence)

/** What is timed on the heat: "boil for 20 minutes", "keep stirring on low for another 5 minutes". */
const TIMED =
  /^(?!(?:chill|cool)\b|(?:leave|let|rest|stand)\b(?!.*\b(?:boil|cook|simmer)\b)).*(?:^continue (?:till|until)\b|\b(?:boil(?!ing water)|cook(?!ie)|simmer(?!ing water)|bubble(?!s)|stirring (?:on|over) (?:a )?(?:low|medium|gentle)\b|(?:keep|continue|go on) stirring\b.{0,12}\b(?:another|more)\b))/i

/** "Return it to the oven for a minute if it hardens", "reheat at 160° if hard", "it will drop to 118": nobody waits for that. */
export const ONLY_IF =
  /\b(?:put|return|re-?heat|re-?warm|warm|pop)\b[^,;.]*\bif\b.*$|\b(?:it|(?:the )?temp(?:erature)?)(?:[’']ll| will)? (?:drops?|falls?|go(?:es)? down|sinks?) (?:back |down )?to (?:about |around |~ ?)?\d{2,3}\b.{0,4}$/i

/** "Heat oil to 150°, fry until amber": that is no syrup. */
const FRYING = new RegExp(`\\b(?:${FRIES}|warm (?:the )?oil)\\b`, 'i')

/** Everything in a sentence by which one could tell that the cook is done, the surest first. */
export function endingsIn(written: string, unit: HeatUnit | null): Ending[] {
  const sentence = written.replace(ONLY_IF, '')
  const out: Ending[] = []
  if (FRYING.test(sentence)) return out
  const heat = heatIn(sentence)
  const own = heat && unitOf(heat, unit)
  if (heat && own && !heat.oven && !heat.cools)
    out.push({ by: 'heat', low: inDegrees(heat.low, own), high: inDegrees(heat.high, own) })
  const stage = STAGES.find(([words]) => words.test(sentence))
  if (stage) out.push({ by: 'drop', stage: stage[1] })
  const sign = SIGNS.find(([words]) => words.test(sentence))
  if (sign) out.push({ by: 'sign', sign: sign[1], word: sign[2] })
  const seen = sentence.replace(OF_NUTS, '')
  const shade =
    (BOILS.test(sentence) && UNTIL.test(sentence)) || CARAMEL.test(sentence) || WATCHES.test(sentence)
      ? SHADES.find(([words]) => words.test(seen))
      : undefined
  if (shade) out.push({ by: 'colour', celsius: shade[1], word: shade[2] })
  const seconds = secondsIn(sentence)
  if (seconds !== null && seconds >= 60 && TIMED.test(sentence)) out.push({ by: 'time', seconds })
  return out
}

/** How a sentence begins that says where, when or by what before it says what is done; and what is done. */
const SETS_OUT =
  /^(?:away|from|out|in|to|with|without|on|at|when|once|as|while|after|before|meanwhile|then|now|next|using|working|if|for)\b/i
export const DONE =
  /\b(?<!\b(?:the|off|from|of) )(?:add|beat|blend|boil|bring|combine|cook|cool|cut|deglaze|dip|dissolve|drop|fold|guillotine|heat|knead|make|mark|melt|microwave|mix|place|pour|press|pull|put|remove|roll|scatter|scrape|score|simmer|spread|sprinkle|start|stir|strain|tip|transfer|trickle|warm|whip|whisk)\b/i
/** Whether a sentence begins with what is done. */
export const beginsDone = (sentence: string): boolean => BEGINS.test(sentence)
/** "Brown 115 g butter": what is brown already is no beginning. */
const BROWNS = 'brown (?=(?:the|\\d+ ?(?:cups?|g|oz|sticks?|tbsps?)) (?:of )?(?:(?:un)?salted )?butter\\b)'
const BEGINS = new RegExp(`^(?:\\w+ly )?(?:${DONE.source}|${BROWNS})`, 'i')
/** Words that end no label. */
const HANGS =
  /^(?:the|an?|in|into|to|just|for|of|with|until|onto|on|over|off|and|or|it|its|is|are|be|will|using|your|my|our|this|that|when|once|while|as|if|from|by|at|under|then|but|until|till|without|[x×–—-]|\d+(?:\.\d+)?°?)$/i
/** Words that say something only with the one they end on. */
const WHOLE = /^(?:(?:go|carry|keep) on|(?:turn|take|draw|switch|slide|lift|pull)(?: it)? off)$/i

/** "Then the butter and salt" */
const LEADS_ON = /^(?:(?:and|then|next(?! (?:day|morning))),? )+(?:the )?/i
/** "12 h under a board" */
const ONLY_TIME = /^(\d+ ?(?:h|hrs?|hours?|min|mins|minutes?))\b/i

/** "While warm mark into squares", "when cool toss": how it is by then, and nothing that is done. */
const WHEN_SO =
  /^(?:once|when|while) (?:it is )?(?:(?:almost|completely|fully|nearly|quite|still) )?(?:cold|cool(?:ed)?|dry|firm|hot|set|warm),? (?=\p{Ll}{3,})(?!enough\b)/iu

/** "When it begins to boil", "once the syrup comes to a boil", as the source of a pattern. */
export const WHEN_IT_BOILS =
  '(?:as soon as|once|when) (?:it|the \\w+) (?:(?:begins|comes|starts) to (?:a |the )?)?boils?'
/** "When it begins to boil add the butter": when that is. */
const AT_THE_BOIL = new RegExp(`^${WHEN_IT_BOILS},? (?=\\p{Ll}{3})`, 'iu')

/** "Off, espresso in": where it is, and nothing that is done. */
const OFF_FIRST = /^off[,;:] (?=\p{L}{3})/iu

/** "Bring it to a full rolling boil" */
const TO_THE_BOIL = /^bring (?:it )?(?:\w+ly )?(back )?to (?:an? |the )?(?:\w+ ){0,2}boil\b/i
/** "Boil over medium-high heat": the setting stands beside the label. */
const AT_A_HEAT = /(?<!^(?:then )?(?:back|put|return|set)) (?:on|over) (?:an? )?(?:[\w-]+ ){1,2}(?:heat|flame)\b/gi

/** ◊ Letters for which a fourth word has room on the rail. */
const FITS = 22

/** ◊ Letters of the longest label. */
const LONGEST_LABEL = 24

/** "Pour in the cream", where "pour" alone says little: as far as the thing it is done with, where that fits. */
function withWhat(all: readonly string[]): readonly string[] {
  const goesOn = (word: string): boolean => word === 'of' || !(HANGS.test(word) || /^\w+ly$/i.test(word))
  const ends = all.findIndex((word, i) => i > 0 && !HANGS.test(word) && !goesOn(all[i + 1] ?? 'and'))
  const whole = all.slice(0, ends + 1)
  const words = SPARED.test(whole.at(-1) ?? '') ? [whole, whole.slice(0, -1)] : [whole]
  return words.find((w) => w.length > 1 && w.join(' ').length <= LONGEST_LABEL) ?? all.slice(0, 1)
}

/** What a label may go without: "the cream mixture" is the cream. */
const SPARED = /^(?:mix|mixture|pieces|stage)$/i

/** A few words for the rail: what is done, as far as it fits. */
export function label(sentence: string): string {
  const text = withoutForbidden(sentence)
    .replace(LEADS_ON, '')
    .replace(OFF_FIRST, '')
    .replace(WHEN_SO, '')
    .replace(AT_THE_BOIL, '')
    .replace(ONLY_TIME, 'Leave $1')
    .replace(TO_THE_BOIL, 'Bring $1to the boil')
    .replace(AT_A_HEAT, '')
    .replace(/^off$/i, 'Off the heat')
  // what is done stands after the comma, where it begins there
  const after = text.split(/,\s+(.*)/s)[1] ?? ''
  const parts = SETS_OUT.test(text) ? [beginsDone(after) ? after : '', text] : []
  const done = parts.flatMap((t) => (DONE.test(t) ? t.slice(t.search(DONE)) : []))
  const all = ((done[0] ?? text).split(/[,;:]\s+|\s+\(|(?<=\w) (?:un)?till?\b/)[0] as string).split(' ')
  // "use a wooden spoon" is whole, "pour into the prepared" is not
  const isWhole = (all.length === 4 || HANGS.test(all[4] ?? '')) && all.slice(0, 4).join(' ').length <= FITS
  const words = all.slice(0, isWhole ? 4 : 3)
  const isTooLong = (): boolean => words.join(' ').length > LONGEST_LABEL
  while (words.length > 1 && (isTooLong() || (HANGS.test(words.at(-1) as string) && !WHOLE.test(words.join(' ')))))
    words.pop()
  return capital(short((words.length === 1 ? withWhat(all) : words).join(' '), LONGEST_LABEL))
}
