/** What the sentences of a written method say: how warm, how long, how one sees that it is done, what is got ready. */
import type { Sign } from '../craft/signs'
import type { StageId } from '../craft/stages'
import { numberWords, parseNumber, tenths } from '../quantity/number'
import { toCelsius } from '../quantity/temperature'

export type HeatUnit = 'C' | 'F'

/** A temperature as it is written. */
export interface HeatSaid {
  readonly low: number
  readonly high: number
  /** Null where none stands beside it. */
  readonly unit: HeatUnit | null
  readonly oven: boolean
  /** It is to come down to it. */
  readonly cools: boolean
  readonly text: string
}

/** How one knows that a cook is done. */
export type Ending =
  | { readonly by: 'heat'; readonly low: number; readonly high: number }
  | { readonly by: 'drop'; readonly stage: StageId }
  | { readonly by: 'colour'; readonly celsius: number; readonly word: string }
  | { readonly by: 'sign'; readonly sign: Sign; readonly word: string }
  | { readonly by: 'time'; readonly seconds: number }

const HEAT =
  /(?<![\d.,])(\d{2,3}(?:[.,]\d)?)\s*(?:[°º]\s*)?([cf]\b)?(?:\s*(?:–|-|\bto\b|\band\b|\bor\b)\s*(\d{2,3}(?:[.,]\d)?))?\s*([°º]|deg(?:rees?)?\b\.?)?\s*(celsius|fahrenheit|centigrade|[cf]\b)?(?!\d)/gi
/** What a bare number counts where it is no temperature. */
const COUNTS =
  /^\s*(?:more\s+)?(?:seconds?|secs?|minutes?|mins?|hours?|hrs?|days?|g\b|grams?|kg|kilo\w*|ml\b|(?:milli)?lit(?:re|er)s?\b|l\b|ounces?|pounds?|cm\b|mm\b|inch|in\b|pieces?|cups?|tbsp|tsp|oz|lbs?|%|x\b|x ?\d|×)/i
const TOWARDS =
  /\b(?:to|at|reach(?:es)?|passes|reads?|says|shows|hits?|registers?|until|till|below|above|about|around|between)\s*(?:about|around|roughly)?\s*$/i
const COOKS =
  /\bstir(?:ring)? (?:constantly |continuously |steadily |well )?to\b|\b(?:boil|cook|carameli[sz]e|heat|raise|bring|warm|cool|simmer|take (?:it )?(?:on |up )?to|(?:comes?|drops?|falls?|gets?) (?:back|down) to|bake|oven|thermometer|temperature|until|till|reach|go on\b)|^(?:when|once|as soon as)\b[^,;]{0,30}?\b(?:at|to) (?:about )?\d{3}\b|^at \d{3}\b|\b(?:lift|pull|remove|stop|take)\b[^,;]{0,30}\bat (?:about )?\d{3}\b|^(?:add|stir in)\b[^,;.]{3,50}\bat \d{3}$|\b(?:when|once|as soon as) (?:it|(?:the )?(?:syrup|honey|sugar|mixture))\b[^,;]{0,20}?\b(?:at|passes|reaches|reads|hits|says|shows|to) (?:about )?\d{3}\b|^(?:cast|deposit|frame|pour|sheet)\b[^,;.]{0,40}\bat (?:about )?\d{2,3}\b(?! ?(?:g|m?l|mm|cm)\b)|^(?:(?:on|up|back(?: up)?|further|without stirring) )?to\b|^(?:meanwhile,? )?(?:take )?(?:the )?(?:butter|caramel|cream|glucose|honey|isomalt|mass|milk|mixture|sucrose|sugars?|syrup)\b[^.;]{0,40} to \d{2,3}\b/i
/** "Get it to 300": of three figures at the end of what is said, and nothing that is counted. */
const GETS_TO = /(?:\b(?:aim for|should read|to)|\b(?:done|off|ready) at) (?:about )?$/i
const HUNDREDS = /^\d{3}\b/
const ENDS_SAID = /^\s*(?:$|[,;.)])/
/** What follows a bare temperature in brackets, or shows that it is one. */
const CLOSES = /^\s*\)|^\s*on\b.{0,24}\bthermometer/i
const ON_IT = /^\s*on\b/i
const OVEN = /\b(?:oven|bake|baking(?! (?:dish|pan|paper|parchment|powder|sheet|soda|tin|tray))|preheat|roast)\b/i
const COOLS = /\b(?:cool|cooled|cools|falls?|comes? down|drops? (?:back |down )?(?:to|below))\b/i

/** "Never let it go above 120°": no one cooks to that. */
const BEYOND =
  /\b(?:not|never|don.?t|without)\b.{0,50}\b(?:above|over|beyond|past|exceed(?:ing)?|hotter than|more than)\s*(?:about )?$/i

/** "22 °F above the boiling point of water": so much more, and no temperature. */
const DIFFERENCE = /^\s*(?:above|over|below|higher than)\b.{0,12}\bboil/i

/** "Fold in the butter warmed to", "add the warm nuts (", "add cream (": what follows is the heat of what goes in, not of the pot. */
const OF_ADDED =
  /\b(?:add|deglaze with|(?:stir|fold|whisk|mix|beat|pour|tip) in)\b.{0,60}?\b(?:warm(?:ed)?|heated|held|hot|kept|melted|(?<!\bstop )boiling)\b(?:(?!\b(?:cook|boil|heat|bring|return|and|then|until|till|on to|up to)\b).){0,25}?(?:\b(?:to|at) |\()(?:about )?$|\b(?:add|(?:pour|stir|whisk) in) (?:the )?[a-z]+ \((?:at )?$/i

/** "Almonds and pistachios (80 °C) in" */
const GOES_IN = /^\s*\) in(?=$|[,;.])/i

const figure = (written: string): number => Number(written.replace(',', '.'))

interface HeatFound extends HeatSaid {
  readonly from: number
  readonly to: number
  /** It is said of what goes in. */
  readonly ofAdded: boolean
  /** It is where the way to the next one begins: "from 120 to 146". */
  readonly begins: boolean
}

/** "From 120 to 146 stir constantly" */
const FROM = /\bfrom (?:about )?$/i
/** ◊ From less than this, °C or °F, it is no boil that goes on. */
const BOILS_FROM = 100

/** Every temperature a sentence speaks of, as written, and where. */
function* heatsIn(sentence: string): Generator<HeatFound> {
  for (const found of sentence.matchAll(HEAT)) {
    const [whole, low = '', unitA, high, sign, unitB] = found
    const at = found.index ?? 0
    const before = sentence.slice(0, at)
    const after = sentence.slice(at + whole.length)
    const letter = (unitB ?? unitA)?.[0]?.toLowerCase()
    const bracketed = (before.endsWith('(') || ON_IT.test(after)) && CLOSES.test(after) && COOKS.test(sentence)
    const marked = letter !== undefined || sign !== undefined || /[°º]/.test(whole) || bracketed
    if (BEYOND.test(before) || /^\s*brix\b/i.test(after) || DIFFERENCE.test(after)) continue
    const isWay = high !== undefined && FROM.test(before) && figure(low) >= BOILS_FROM
    const isGoal = GETS_TO.test(before) && HUNDREDS.test(low) && ENDS_SAID.test(after)
    if (
      !marked &&
      (COUNTS.test(after) ||
        !(isWay || isGoal || (TOWARDS.test(before) && (COOKS.test(sentence) || COOLS.test(before)))))
    )
      continue
    const a = figure(low)
    const b = high === undefined ? a : figure(high)
    const heat: HeatFound = {
      low: Math.min(a, b),
      high: Math.max(a, b),
      unit: letter === undefined ? null : letter === 'f' ? 'F' : 'C',
      oven: OVEN.test(sentence),
      cools: COOLS.test(before),
      text: whole.trim(),
      from: at,
      to: at + whole.trimEnd().length,
      ofAdded: OF_ADDED.test(before) || (before.endsWith('(') && GOES_IN.test(after)),
      begins: false,
    }
    if (isWay) {
      yield { ...heat, high: a, low: a, to: at + low.length, begins: true }
      yield { ...heat, low: b, high: b, from: at + whole.indexOf(high, low.length) }
    } else yield heat
  }
}

/** The temperature a sentence speaks of, as written; null for none. */
export const heatIn = (sentence: string): HeatSaid | null =>
  [...heatsIn(sentence)].find((h) => !h.ofAdded && !h.begins) ?? null

/** How warm a sentence says that what it puts in is; null where it does not. */
export const heatOfAdded = (sentence: string): HeatSaid | null => [...heatsIn(sentence)].find((h) => h.ofAdded) ?? null

/** A figure that could be a heat: three digits anywhere, two where something is done at it or to it. */
const COULD_BE_HEAT =
  /(?<![\d.,/x×£$€#-]|[x×] )(\d{3}|(?<=\b(?:at|to|until|till|below|above|about|around|roughly|nearly|reach(?:es)?) )\d{2})(?![\d/x×%]|[.,]\d| ?[x×]| ?\p{L}*-(?=\p{L}))/giu
/** What is counted, weighed or measured, and what a label or a size is. */
const NO_HEAT =
  /^(?:\s*[-–]\s*\d+)?\s*(?:°|[cm]?m\b|bloom|calories|kcal|de\b|each|more|pieces|pcs|rpm|servings|sheets?|squares?|strokes|times|turns|watts?|w\b)|^\s*(?:\p{L}+\s+)?(?:bars|balls|caramels|cubes|pieces|sweets|squares)\b/iu

/** Figures of a sentence that could be heats, and were read as none: "keep at it till 300". */
export const figuresIn = (sentence: string): number[] => {
  const heats = [...heatsIn(sentence)]
  return [...sentence.matchAll(COULD_BE_HEAT)].flatMap(({ index, 0: digits }) => {
    const after = sentence.slice(index + digits.length)
    const isRead = heats.some((h) => index >= h.from && index < h.to)
    return isRead || COUNTS.test(after) || NO_HEAT.test(after) ? [] : [Number(digits)]
  })
}

const WARM_LINE = /\b(?:kept|held|warm(?:ed)?|heated|hot|boiling|scalded)\b/i
/** ◊ What is warm, or hot, is so warm, °C; what stands about is as warm as the room. */
export const WARMTH = { room: 20, warm: 50, hot: 85 } as const

/** How warm a line of the list says it goes in, °C: "nuts, kept at 80 °C", "almonds, warm"; null where it does not. */
export function warmthTyped(typed: string, recipe: HeatUnit | null): number | null {
  const said = WARM_LINE.exec(typed)?.[0].toLowerCase()
  if (said === undefined) return null
  const heat = heatIn(typed)
  const own = heat && unitOf(heat, recipe)
  if (heat) return own && !heat.oven ? inDegrees(heat.low, own) : null
  if (said === 'kept' || said === 'held') return null
  return said.startsWith('warm') ? WARMTH.warm : WARMTH.hot
}

/** How a sentence begins that waits for something the pot does. */
export const WATCHES =
  /^(?:at|when|once|as soon as|(?:just )?before|as (?:the )?(?:\w+ ){1,2}(?:reaches|approaches|nears|hits|gets to|is at))\b/i

/** What is done while something else goes on. */
export const MEANWHILE = /^(?:meanwhile|at the same time)\b/i

/** "Just before the syrup reaches 124°". */
export const comesBefore = (sentence: string): boolean => /^(?:just )?before\b/i.test(sentence)

/** "When nearly done add the butter": shortly before the end, whatever that is. */
export const comesNearEnd = (sentence: string): boolean =>
  /^(?:when (?:it(?:['’]s| is) )?(?:nearly|almost) (?:done|ready|there)|(?:towards?|near) the end)\b/i.test(sentence)

/** Whether a sentence leaves the choice between two, or says one thing in two ways that differ: "to 125° for firm ones or 121° for soft", "270F/140C". */
export function leavesChoice(sentence: string, recipe: HeatUnit | null): boolean {
  const heats = [...heatsIn(sentence)].flatMap((h) => {
    if (h.ofAdded || h.begins) return []
    const unit = unitOf(h, recipe)
    return unit ? [{ ...h, celsius: inDegrees(h.low, unit) }] : []
  })
  return heats.some((h, i) => {
    const next = heats[i + 1]
    const between = next ? sentence.slice(h.to, next.from) : ''
    const apart = next ? Math.abs(next.celsius - h.celsius) : 0
    return (apart > SAME && /\bor\b/i.test(between)) || (apart > ROUNDED && /^\s*[/(]\s*$/.test(between))
  })
}

/** ◊ °C within which "255°F/124°C" says one thing twice. */
const SAME = 1.5
/** ◊ °C by which two figures for one thing may differ where both were rounded. */
const ROUNDED = 4

/** A sentence with its temperatures in °C, as a document holds them: "to 300 °F" becomes "to 148.9°". What is in no unit for sure stays as it is. */
export function inCelsiusWords(sentence: string, recipe: HeatUnit | null): string {
  let out = ''
  let done = 0
  let last = Number.NaN
  for (const heat of heatsIn(sentence)) {
    const unit = heat.oven ? ovenUnitOf(heat, recipe) : unitOf(heat, recipe)
    if (unit === null) continue
    const ends = [...new Set([heat.low, heat.high])].map((n) => `${inDegrees(n, unit)}°`)
    const between = sentence.slice(done, heat.from)
    if (done > 0 && Math.abs(inDegrees(heat.low, unit) - last) < SAME && /^\s*[/(]\s*$/.test(between)) {
      done = heat.to + (between.includes('(') && sentence[heat.to] === ')' ? 1 : 0)
      continue
    }
    last = inDegrees(heat.low, unit)
    out += `${between}${ends.join(' to ')}`
    done = heat.to
  }
  return out + sentence.slice(done)
}

/** ◊ A boil beyond this is nobody's °C. */
const ONLY_F = 200

/** The unit a temperature is in: its own; °F for a boil beyond 200; else that of the rest of the recipe; null to ask. */
export const unitOf = (heat: HeatSaid, recipe: HeatUnit | null): HeatUnit | null =>
  heat.unit ?? (heat.oven ? null : !heat.cools && heat.low > ONLY_F ? 'F' : recipe)

/** ◊ °C beyond which nothing sweet is baked: a bare figure above it is °F. */
const HOTTEST_OVEN_C = 210

/** The unit the heat of an oven is in: its own; °F where nothing is baked at so many °C; else that of the rest of the recipe; null where nothing says. */
export const ovenUnitOf = (heat: HeatSaid, recipe: HeatUnit | null): HeatUnit | null =>
  heat.unit ?? (heat.low > HOTTEST_OVEN_C ? 'F' : recipe)

/** °C of a number in a unit, to a tenth. */
export const inDegrees = (n: number, unit: HeatUnit): number => tenths(unit === 'F' ? toCelsius(n) : n)

/** ◊ Figures a syrup is boiled to in °C, at which it does not boil in °F. */
const BOILED_C = { low: 104, high: 185 }
/** "Boil to 145" */
const boilsInC = (sentence: string): boolean =>
  /\b(?:boil|cook)/i.test(sentence) &&
  [...heatsIn(sentence)].some((h) => !h.oven && !h.cools && h.low >= BOILED_C.low && h.high <= BOILED_C.high)

/** The unit the rest of a recipe speaks in: that of its temperatures, else of its weights; null where it says neither or both. */
export function recipeUnit(said: readonly string[], list: readonly string[]): HeatUnit | null {
  const heats = said.flatMap((s) => [...heatsIn(s)])
  const units = new Set(heats.flatMap((h) => h.unit ?? (!h.oven && !h.cools && h.low > ONLY_F ? 'F' : [])))
  if (units.size > 0) return units.size === 1 ? ([...units][0] as HeatUnit) : null
  const all = list.join('\n')
  const american = /\b(?:cups?|oz|ounces?|lbs?|pounds?|sticks?|heavy cream)\b/i.test(all)
  const metric = /\d\s*(?:g|gms?|grams?|kg|ml|millilit\w+)\b/i.test(all)
  // who weighs in grams can have corn syrup as well
  if (!american && !metric) return /\bcorn syrup\b/i.test(all) ? 'F' : null
  if (american === metric) return null
  return !american ? 'C' : said.some(boilsInC) ? null : 'F'
}

const STAGES: readonly (readonly [RegExp, StageId])[] = [
  [/hard[-\s]?crack/i, 'hard-crack'],
  [/soft[-\s]?crack/i, 'soft-crack'],
  [
    /\bcold water\b.{0,40}\b(?:snaps?|brittle|crisp|cracks)\b|\b(?:snaps?|brittle|crisp)\b.{0,40}\bcold water\b/i,
    'hard-crack',
  ],
  [/hard[-\s]?ball|\bharden(?:s|ed)?\b.{0,24}\b(?:cold|iced?) water/i, 'hard-ball'],
  [/firm[-\s]?ball/i, 'firm-ball'],
  [/soft[-\s]?ball/i, 'soft-ball'],
  [/\bthread\b|\b(?:one|single|1)[- ]string\b/i, 'thread'],
]

/** ◊ Words for shades, the more exact first, as colour-equivalent temperatures, °C. */
const SHADES: readonly (readonly [RegExp, number, string])[] = [
  [/(?:deep|dark|rich) (?:amber|golden|caramel)/i, 183, 'deep amber'],
  [/(?:light|pale|blond) (?:amber|golden|gold|caramel)/i, 168, 'pale amber'],
  [/mahogany|dark brown|reddish brown/i, 190, 'mahogany'],
  [/\bcopper\b(?! (?:pan|pot|kettle|bowl|jam))|\bchestnut\b|\bpenny\b/i, 183, 'deep amber'],
  [/\bamber\b|golden[-\s]?brown|colou?r of maple syrup|caramel[-\s]?colou?r|medium caramel/i, 175, 'amber'],
  [/\bcarameli[sz]e\b.*\b(?:dark|deep)\b/i, 183, 'deep amber'],
  [/\bcarameli[sz]e\b.*\b(?:light|pale|blond)\b/i, 168, 'pale amber'],
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
    /(?:pull(?:s|ing)?|com(?:es?|ing)|leav(?:es?|ing)) (?:cleanly )?(?:away from )?the (?:pan['’]s )?(?:sides?|bottom)\b/i,
    'pulls-from-side',
    'it leaves the sides',
  ],
  [/sheets? off|sheeting/i, 'sheet-off-spoon', 'a sheet off the spoon'],
  [/holds? (?:its shape )?on (?:the|a) spatula/i, 'holds-on-spatula', 'it holds on the spatula'],
]

const NUMBERS = Object.keys(numberWords).join('|')
const SECONDS: Readonly<Record<string, number>> = { s: 1, m: 60, h: 3600, d: 86400 }
/** ◊ A night, s. */
const OVERNIGHT = 8 * 3600
const TIME = new RegExp(
  `(?<![\\d./])(?!an? second\\b)(half an|\\d+ \\d\\/\\d|\\d+\\/\\d+|(?:\\d+ ?)?[¼½¾]|\\d+(?:\\.\\d+)?|${NUMBERS})(?:\\s*(?:–|-|to|or)\\s*(?:\\d+ \\d\\/\\d|(?:\\d+ ?)?[¼½¾]|\\d+(?:\\.\\d+)?|${NUMBERS}))?\\s*(?:more\\s+)?(seconds?|secs?|minutes?|mins?|hours?|hrs?|h|days?)\\b`,
  'gi',
)

/** "Every 15 minutes", "for the last 30 seconds", "2 min max": nobody waits for so long. */
const LIMITED =
  /\b(?:every|within|(?:for|in) the (?:last|first)|no (?:more|longer) than|not more than|up to|less than|under) (?:about )?$/i
const AT_MOST = /^ ?(?:max\b|maximum|at most|at the most|tops\b|or less)/i

/** The first time of a sentence that something goes on for. */
const timeIn = (sentence: string): RegExpMatchArray | undefined =>
  [...sentence.matchAll(TIME)].find(
    ({ index, 0: said }) =>
      !LIMITED.test(sentence.slice(0, index)) && !AT_MOST.test(sentence.slice((index ?? 0) + said.length)),
  )

/** How long a sentence says, s, the shorter end of a range; null where it says nothing. */
export function secondsIn(sentence: string): number | null {
  const found = timeIn(sentence)
  if (!found) return /(?<!\bor (?:it|they)\b.*)\bover ?night\b/i.test(sentence) ? OVERNIGHT : null
  const [, count = '', unit = ''] = found
  const per = SECONDS[unit[0]?.toLowerCase() ?? ''] ?? 0
  const written = parseNumber(count)
  // "1 hr 30 mins", "1 hr 30"
  const more = /^\s*(?:and\s+)?(\d+)(?:\s*(?:minutes?|mins?)\b|$)/i.exec(
    sentence.slice((found.index ?? 0) + found[0].length),
  )
  return written && written.range.low * per + (more && per === 3600 ? 60 * Number(more[1]) : 0)
}

const BOILS =
  /\b(?:(?:high|low|medium) until|boil|cook(?!ie)|take(?= (?:the )?(?:(?:butter|caramel|cream|glucose|honey|mass|milk|mixture|sugars?|syrup)\b[^.;]{0,40} )?to\b)|simmer|swirl|bubble|caramelis|carameliz|melt|heat|continue|stir)/i
/** "Make a dry caramel to a dark amber", "caramel, medium amber", "sugar to amber". */
const CARAMEL =
  /^(?:make (?:a |the )?)?(?:dry |wet )?caramel\b|^(?:dry[- ])?carameli[sz]e\b|^(?:take )?(?:(?:half|most|the rest) (?:of )?)?(?:the )?(?:sugar|honey|syrup)\b[^,;]{0,20}\bto (?:an? )?/i
/** A look that is asked for, not one that is spoken of. */
const UNTIL = /\b(?:until|till|to (?:a|an|the)?|turns?|reaches?|when|at the)\b/i

/** "Until the nuts are golden": a colour that is not the sugar's. */
const OF_NUTS = /\b\w*(?:nuts?|almonds?|seeds|coconut|pecans) (?:are|is|turns?|looks?)\b[^,;]*/gi

const PUTS = /\b(?:add|stir in|whisk in|beat in|fold in|tip in|pour)\b/i

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

/** What is timed on the heat: "boil for 20 minutes", "keep stirring on low for another 5 minutes". */
const TIMED =
  /^(?!(?:leave|let|rest|stand)\b(?!.*\b(?:boil|cook|simmer)\b)).*\b(?:boil|cook(?!ie)|simmer|bubble|stirring (?:on|over) (?:a )?(?:low|medium|gentle)\b)/i

/** Everything in a sentence by which one could tell that the cook is done, the surest first. */
export function endingsIn(sentence: string, unit: HeatUnit | null): Ending[] {
  const out: Ending[] = []
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

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)
/** As it goes on in the middle of a sentence. */
export const uncapital = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1)

/** Cut at a word, with a mark that it was. */
export const short = (text: string, most: number): string =>
  text.length <= most ? text : `${text.slice(0, most - 1).replace(/\s+\S*$/, '')}…`

/** How a sentence begins that says where, when or by what before it says what is done; and what is done. */
const SETS_OUT =
  /^(?:in|to|with|without|on|at|when|once|as|while|after|before|meanwhile|then|now|next|using|working|if|for)\b/i
export const DONE =
  /\b(?<!\b(?:the|off|from|of) )(?:add|beat|blend|boil|bring|combine|cook|cool|cut|deglaze|dip|dissolve|drop|fold|heat|knead|make|mark|melt|microwave|mix|place|pour|press|pull|put|remove|roll|scatter|scrape|score|simmer|sprinkle|start|stir|strain|tip|transfer|trickle|warm|whip|whisk)\b/i
/** Whether a sentence begins with what is done. */
export const beginsDone = (sentence: string): boolean => BEGINS.test(sentence)
const BEGINS = new RegExp(`^(?:\\w+ly )?${DONE.source}`, 'i')
/** Words that end no label. */
const HANGS =
  /^(?:the|an?|in|into|to|for|of|with|until|onto|on|over|off|and|or|it|its|is|are|be|will|using|your|my|our|this|that|when|once|while|as|if|from|by|at|under|then|but|until|till|[x×]|\d+(?:\.\d+)?°?)$/i
/** Words that say something only with the one they end on. */
const WHOLE = /^(?:(?:go|carry|keep) on|(?:turn|take|draw|switch|slide|lift|pull)(?: it)? off)$/i

/** "…; do not stir" */
const FORBIDDEN = /[;,]\s+(?:but )?(?:do not|don.?t|never)\b.*$/i

/** "Then the butter and salt" */
const LEADS_ON = /^(?:(?:and|then|next(?! (?:day|morning))),? )+(?:the )?/i
/** "12 h under a board" */
const ONLY_TIME = /^(\d+ ?(?:h|hrs?|hours?|min|mins|minutes?))\b/i

/** ◊ Letters for which a fourth word has room on the rail. */
const FITS = 22

/** A few words for the rail: what is done, as far as it fits. */
export function label(sentence: string): string {
  const text = sentence.replace(FORBIDDEN, '').replace(LEADS_ON, '').replace(ONLY_TIME, 'Leave $1')
  // what is done stands after the comma, where it begins there
  const after = text.split(/,\s+(.*)/s)[1] ?? ''
  const parts = SETS_OUT.test(text) ? [beginsDone(after) ? after : '', text] : []
  const done = parts.flatMap((t) => (DONE.test(t) ? t.slice(t.search(DONE)) : []))
  const all = ((done[0] ?? text).split(/[,;:]\s+|\s+\(|(?<=\w) (?:un)?till?\b/)[0] as string).split(' ')
  // "use a wooden spoon" is whole, "pour into the prepared" is not
  const isWhole = (all.length === 4 || HANGS.test(all[4] ?? '')) && all.slice(0, 4).join(' ').length <= FITS
  const words = all.slice(0, isWhole ? 4 : 3)
  while (words.length > 1 && HANGS.test(words.at(-1) as string) && !WHOLE.test(words.join(' '))) words.pop()
  return capital(short(words.join(' '), 24))
}
