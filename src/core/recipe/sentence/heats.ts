/** Temperatures of a written method: which figures are some, in which unit, and of what they are said. */
import { tenths } from '../../quantity/number'
import { toCelsius } from '../../quantity/temperature'

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

const HEAT =
  /(?<![\d.,])(\d{2,3}(?:[.,]\d)?)\s*(?:[°º]\s*)?([cf]\b)?(?:\s*(?:–|-|\bto\b|\band\b|\bor\b)\s*(\d{2,3}(?:[.,]\d)?))?\s*([°º]|deg(?:rees?)?\b\.?)?\s*(celsius|fahrenheit|centigrade|[cf]\b)?(?!\d)/gi
/** What a bare number counts where it is no temperature. */
const COUNTS =
  /^\s*(?:more\s+)?(?:seconds?|secs?|minutes?|mins?|hours?|hrs?|days?|g\b|grams?|kg|kilo\w*|ml\b|(?:milli)?lit(?:re|er)s?\b|l\b|ounces?|pounds?|cm\b|mm\b|inch|in\b|pieces?|cups?|tbsp|tsp|oz|lbs?|%|x\b|x ?\d|×)/i
const TOWARDS =
  /\b(?:to|at|reach(?:es)?|passes|reads?|says|shows|hits?|registers?|until|till|below|above|about|around|between)\s*(?:about|around|roughly)?\s*$/i
const COOKS =
  /\bstir(?:ring)? (?:constantly |continuously |steadily |well )?to\b|\b(?:boil|cook|carameli[sz]e|heat|raise|bring|warm|cool|simmer|take (?:it )?(?:on |up )?to|(?:comes?|drops?|falls?|gets?) (?:back|down) to|bake|oven|thermometer|temperature|until|till|reach|go on\b)|^(?:when|once|as soon as)\b[^,;]{0,30}?\b(?:at|to) (?:about )?\d{3}\b|^at (?:\d{3}\b|\d{2} (?:add|beat|fold|knead|mix|pour|pull|stir|work)\b)|\b(?:lift|pull|remove|stop|take)\b[^,;]{0,30}\bat (?:about )?\d{3}\b|^(?:add|stir in)\b[^,;.]{3,50}\bat \d{3}$|\b(?:when|once|as soon as) (?:it|(?:the )?(?:syrup|honey|sugar|mixture))\b[^,;]{0,20}?\b(?:at|passes|reaches|reads|hits|says|shows|to) (?:about )?\d{3}\b|^(?:cast|deposit|frame|pour|sheet)\b[^,;.]{0,40}\bat (?:about )?\d{2,3}\b(?! ?(?:g|m?l|mm|cm)\b)|^(?:(?:on|up|back(?: up)?|further|without stirring) )?to\b|^(?:meanwhile,? )?(?:take )?(?:the )?(?:butter|caramel|cream|glucose|honey|isomalt|mass|milk|mixture|sucrose|sugars?|syrup)\b[^.;]{0,40} to \d{2,3}\b/i
/** "Get it to 300": of three figures at the end of what is said, and nothing that is counted. */
const GETS_TO =
  /(?:\b(?:aim for|should read|to|bake|oven(?: on)?:?)|\b(?:probe|thermometer)[,:]|\b(?:done|off|ready) at) (?:about )?$/i
/** "To firm ball 245", "hard crack, 300" */
const AT_STAGE = /\b(?:firm|hard|soft)[- ](?:ball|crack)(?: stage)?(?:,|:| [–-])? (?:about |around )?$/i
/** "Melt to 185", "melted to mahogany (about 185)": of something that melts only what is so said is a heat. */
const MELTS = /\bmelt(?:ed)?\b/i
const NEARLY = /\((?:about|approx\.?|around|roughly|c\.|ca\.?|~) ?$/i
const HUNDREDS = /^\d{3}\b/
const ENDS_SAID = /^\s*(?:$|[,;.)])/
/** What follows a bare temperature in brackets, or shows that it is one. */
const CLOSES = /^\s*\)|^\s*on\b.{0,24}\bthermometer/i
const ON_IT = /^\s*on\b/i
/** "Dry at 120°": in an oven, as the source of a pattern. */
export const DRIES_AT = 'dry (?:it |them |out )*at'
/** "Heat oil to 150°, fry until amber": no syrup is, as the source of a pattern. */
export const FRIES = '(?:deep[- ]?)?fry(?:ing)?(?! pan)|heat (?:the )?oil'
const OVEN = new RegExp(
  `\\b(?:oven|${DRIES_AT}|bake|baking(?! (?:dish|pan|paper|parchment|powder|sheet|soda|tin|tray))|preheat|${FRIES}|re-?warm(?:ed|ing)?(?= (?:(?:it|them) )?(?:at|in)\\b)|roast)\\b`,
  'i',
)
const COOLS =
  /\b(?:cool|cooled|cools|falls?|(?:comes?|gets?|goes|is|(?:has )?gone) down|fallen|(?:drops?|dropped) (?:back |down )?(?:to|below)(?! (?:a |the )?(?:gentle |very )?(?:low|med|simmer)))\b/i

/** "Start beating (108)": how warm it is by then. */
const WORKED_AT = /^(?:(?:begin|start) )?(?:beat|knead|whip|work)(?:ing)?\b|^(?:begin|start) pulling\b/i

/** "Never let it go above 120°", "keeping above 105°", "whip hot, keeping at 110°", "top the cream back up to 350": no one cooks to that. */
const BEYOND =
  /\b(?:not|never|don.?t|without)\b.{0,50}\b(?:above|over|beyond|past|exceed(?:ing)?|hotter than|more than)\s*(?:about )?$|\bwhile (?:it(?: is|['’]s) )?(?:still )?(?:above|hotter than|over)\s*(?:about )?$|\bkeep(?:ing)?(?: it| the \w+)? (?:above|below|over|under)\s*(?:about )?$|\bkeeping(?: it| the \w+)? at\s*(?:about )?$|\b(?:make|top)(?:ped|ping)?\b[^,;]{0,30}\bup (?:again )?to $/i

/** ◊ Nothing is cooked to less, °C or °F: it is left there. */
export const LEFT_BELOW = 60

/** "22 °F above the boiling point of water": so much more than that; of what else boils it is no temperature. */
const DIFFERENCE = /^\s*(?:above|over|below|higher than)\b.{0,12}\bboil/i
const ABOVE_WATER =
  /^\s*(?:above|over|higher than)\s+(?:the )?boiling(?: (?:point|temperature))?(?: of)? water\b|^\s*(?:above|over|higher than)\s+(?:the boiling point of water|that of boiling water|water['’]?s? boiling point)\b/i
const WATER_BOILS: Readonly<Record<HeatUnit, number>> = { C: 100, F: 212 }

/** "Fold in the butter warmed to", "add the warm nuts (", "add cream (", "stop with hot cream (": what follows is the heat of what goes in, not of the pot. */
const OF_ADDED =
  /\b(?:add|deglaze with|(?:stir|fold|whisk|mix|beat|pour|tip) in)\b.{0,60}?\b(?:warm(?:ed)?|heated|held|hot|kept|melted|(?<!\bstop )boiling)\b(?:(?!\b(?:cook|boil|heat|bring|return|and|then|until|till|on to|up to|stirring|whisking)\b).){0,25}?(?:\b(?:to|at) |\()(?:about )?$|\b(?:add|(?:fold|mix|stir) in)\b.{0,80}, (?:all|both|each) at (?:about )?$|\b(?:add|(?:deglaze|decook|stop) (?:w\.? ?|with )|(?:pour|stir|whisk) in) ?(?:the )?[a-z]+ \((?:at )?$|\((?:heated|hot|melted|warm(?:ed)?)(?: (?:at|to))? $|\b(?:hot|warm(?:ed)?) (?:almonds|butter|cream|glucose|hazelnuts|milk|nuts|peanuts|pur[eé]e|water) \((?:at |about )?$|\b(?:almonds|cashews|hazelnuts|nuts|peanuts|pecans|pistachios|seeds|walnuts) \((?:at |about )?$/i

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
  /** It is said by how much more it is than boiling water. */
  readonly isOver: boolean
  /** Nobody cooks to it: it is not to be passed, or still to be passed by. */
  readonly isBound: boolean
}

/** "From 120 to 146 stir constantly" */
const FROM = /\bfrom (?:about )?$/i
/** ◊ Nothing is boiled to less, °C or °F, and nothing that stands at less boils. */
export const BOILS_FROM = 100

/** Every temperature a sentence speaks of, as written, and where; bounds among them. */
function* foundIn(sentence: string): Generator<HeatFound> {
  for (const found of sentence.matchAll(HEAT)) {
    const [all, low = '', unitA, second, sign, unitB] = found
    const at = found.index ?? 0
    // "112 °C or 12 over boiling water": the other figure is no end of a range
    const isOther = second !== undefined && 2 * figure(second) < figure(low)
    const high = isOther ? undefined : second
    const whole = isOther ? all.slice(0, all.lastIndexOf(second)).replace(/\s*(?:and|or|to|[–-])?\s*$/, '') : all
    const before = sentence.slice(0, at)
    const after = sentence.slice(at + whole.length)
    const letter = ((isOther ? null : unitB) ?? unitA)?.[0]?.toLowerCase()
    const bracketed =
      CLOSES.test(after) &&
      (((before.endsWith('(') || ON_IT.test(after)) && (COOKS.test(sentence) || WORKED_AT.test(sentence))) ||
        (NEARLY.test(before) && (COOKS.test(sentence) || MELTS.test(sentence))))
    const marked = letter !== undefined || sign !== undefined || /[°º]/.test(whole) || bracketed
    const unit = letter === undefined ? null : letter === 'f' ? 'F' : 'C'
    const over = unit === null ? null : ABOVE_WATER.exec(after)
    const isBound = BEYOND.test(before)
    if (/^\s*(?:brix|bx)\b/i.test(after) || (DIFFERENCE.test(after) && over === null)) continue
    const from = over && unit ? WATER_BOILS[unit] : 0
    const isWay = high !== undefined && FROM.test(before) && figure(low) >= BOILS_FROM
    const isGoal = GETS_TO.test(before) && HUNDREDS.test(low) && ENDS_SAID.test(after)
    const isStage = AT_STAGE.test(before) && HUNDREDS.test(low)
    if (
      !marked &&
      !(isBound && HUNDREDS.test(low)) &&
      (COUNTS.test(after) ||
        !(
          isWay ||
          isStage ||
          isGoal ||
          (TOWARDS.test(before) && (COOKS.test(sentence) || MELTS.test(sentence) || COOLS.test(before)))
        ))
    )
      continue
    const a = from + figure(low)
    const b = high === undefined ? a : from + figure(high)
    const heat: HeatFound = {
      low: Math.min(a, b),
      high: Math.max(a, b),
      unit,
      oven: OVEN.test(sentence),
      cools: COOLS.test(before) || (bracketed && WORKED_AT.test(sentence)),
      text: whole.trim(),
      from: at,
      to: at + (over ? whole.length + over[0].length : whole.trimEnd().length),
      ofAdded: (OF_ADDED.test(before) && !COOLS.test(before)) || (before.endsWith('(') && GOES_IN.test(after)),
      begins: false,
      isOver: over !== null,
      isBound,
    }
    if (isWay) {
      yield { ...heat, high: a, low: a, to: at + low.length, begins: true }
      yield { ...heat, low: b, high: b, from: at + whole.indexOf(high, low.length) }
    } else yield heat
  }
}

/** Every temperature a sentence speaks of that something is brought to. */
const heatsIn = (sentence: string): HeatFound[] => [...foundIn(sentence)].filter((h) => !h.isBound)

/** "118 °C firm, 116 °C soft – I go to 117": what whoever wrote it does. */
const MINE =
  /\b(?:I|we) (?:always |mostly |now |usually )?(?:aim (?:at|for)|cook(?: it)? to|go(?: for| to)?|like(?: it at)?|prefer(?: it at)?|pull(?: it)?(?: off)? at|stop(?: it)? at|take it to|use) (?:about |around )?$/i

/** Every temperature a sentence speaks of but those of what goes in; the one alone that its writer says is theirs. */
export const allHeatsIn = (sentence: string): readonly HeatFound[] => {
  const heats = heatsIn(sentence).filter((h) => !h.ofAdded && !h.begins)
  const mine = heats.find((h) => MINE.test(sentence.slice(0, h.from)))
  return mine ? [mine] : heats
}

/** The temperature a sentence speaks of, as written; null for none. */
export const heatIn = (sentence: string): HeatSaid | null => allHeatsIn(sentence)[0] ?? null

/** How warm a sentence says that what it puts in is; null where it does not. */
export const heatOfAdded = (sentence: string): HeatSaid | null => heatsIn(sentence).find((h) => h.ofAdded) ?? null

/** A figure that could be a heat: three digits anywhere, two where something is done at it or to it. */
const COULD_BE_HEAT =
  /(?<![\d.,/x×£$€#-]|[x×] )(\d{3}|(?<=\b(?:at|to|until|till|below|above|about|around|roughly|nearly|reach(?:es)?) )\d{2})(?![\d/x×%]|[.,]\d| ?[x×]| ?\p{L}*-(?=\p{L}))/giu
/** What is counted, weighed or measured, and what a label or a size is. */
const NO_HEAT =
  /^\s*(?:°|[cm]?m\b|bloom|calories|kcal|de\b|each|more|pieces|pcs|rpm|servings|sheets?|squares?|strokes|times|turns|watts?|w\b)|^\s*(?:\p{L}+\s+)?(?:bars|balls|caramels|cubes|pieces|sweets|squares)\b/iu

/** Figures of a sentence that could be heats, and were read as none: "keep at it till 300". */
export const figuresIn = (sentence: string): number[] => {
  const heats = [...foundIn(sentence)]
  return [...sentence.matchAll(COULD_BE_HEAT)].flatMap(({ index, 0: digits }) => {
    // "12-14 minutes"
    const after = sentence.slice(index + digits.length).replace(/^(?: ?[-–] ?| (?:or|to) )\d+/, '')
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

/** Whether a sentence leaves the choice between two, or says one thing in two ways that differ: "to 125° for firm ones or 121° for soft", "117° in summer, 115° in winter", "270F/140C". */
export function leavesChoice(sentence: string, recipe: HeatUnit | null): boolean {
  const said = allHeatsIn(sentence)
  const isChosen = said.some((h) => MINE.test(sentence.slice(0, h.from)))
  const [, one = '', other = ''] = (!isChosen && (EACH_FOR.exec(sentence) ?? EACH_NAMED.exec(sentence))) || []
  if (Math.abs(Number(one) - Number(other)) > SAME) return true
  const heats = said.flatMap((h) => {
    const unit = unitOf(h, recipe)
    return unit ? [{ ...h, celsius: inDegrees(h.low, unit) }] : []
  })
  return heats.some((h, i) => {
    const next = heats[i + 1]
    const between = next ? sentence.slice(h.to, next.from) : ''
    const apart = next ? Math.abs(next.celsius - h.celsius) : 0
    return (
      (apart > SAME && /\b(?:or|summer|winter)\b|^[^\d/]*\p{L}{3}[^\d/]*\/\s*$/iu.test(between)) ||
      (apart > ROUNDED && /^\s*[/(]\s*$/.test(between))
    )
  })
}

/** "242 (logs) or 246 (turtles)", "119 (winter) 121 (summer)" */
const EACH_NAMED =
  /\b([1-3]\d\d)\b ?°?[CF]? ?\([^()\d]{2,20}\)(?:(?:,|;| \/)? (?=\d{3} ?°?[CF]? ?\([^()\d])|,? or )([1-3]\d\d)\b/i

/** "122 for soft, 125 for chewy" */
const EACH_FOR = /\b(\d{3})(?!\d)[^\d.;]{0,6} for [^\d.;]{3,20}(\d{3})(?!\d)[^\d.;]{0,6} for /i
/** ◊ °C within which "255°F/124°C" says one thing twice. */
const SAME = 1.5
/** ◊ °C by which two figures for one thing may differ where both were rounded. */
const ROUNDED = 4

/** A sentence with its temperatures in °C, as a document holds them: "to 300 °F" becomes "to 148.9°". What is in no unit for sure stays as it is. */
export function inCelsiusWords(sentence: string, recipe: HeatUnit | null): string {
  let out = ''
  let done = 0
  let last = Number.NaN
  for (const heat of foundIn(sentence)) {
    const unit = heat.oven ? ovenUnitOf(heat, recipe) : unitOf(heat, recipe)
    if (unit === null || heat.isOver) continue
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
/** "Boil to 145", "get it to 145": what is only warmed or melted may be so warm in °F. */
const boilsInC = (sentence: string): boolean =>
  (/\b(?:boil|cook)/i.test(sentence) ||
    (/\b(?:bring|get|take)\b/i.test(sentence) && !/\b(?:melt|warm)/i.test(sentence))) &&
  heatsIn(sentence).some((h) => !h.oven && !h.cools && h.low >= BOILED_C.low && h.high <= BOILED_C.high)

const SAID_TWICE =
  /(\d{2,3}(?: ?[–-] ?\d{2,3})? ?[°º]? ?[CF]\b)\s*[(/]\s*(?:about |approx\.? |or )?\d{2,3}(?: ?[–-] ?\d{2,3})? ?[°º]? ?[CF]\b\)?/g
/** The unit the rest of a recipe speaks in: that of its temperatures, else of its weights; null where it says neither or both. */
export function recipeUnit(said: readonly string[], list: readonly string[]): HeatUnit | null {
  // "127 °C (261 °F)" is said in the first of them
  const heats = said.flatMap((s) => heatsIn(s.replace(SAID_TWICE, '$1')))
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
