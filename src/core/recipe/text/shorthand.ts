/** Shorthand of a kitchen's own notes, spelled out: "sugar + water → 135 °C", "off heat: vanilla". */
import { capital } from '../../formula/sentence'
import { beginsDone } from '../sentence/endings'
import { LEFT_BELOW } from '../sentence/heats'
import { isGotReady, takesOff } from '../sentence/moves'
import { commasAsArrows, strokesAsArrows } from './listed-moments'

const ARROWS = '-+>|=+>|>{2,}|[→⇒➔➜⟶]'
/** Arrows between what is done; the mark of a line of a list stays before it. */
export const ARROW = new RegExp(`\\s*(?:${ARROWS})\\s*`)
const ARROWS_WITHIN = new RegExp(ARROW.source, 'g')
const BEGINS_ARROW = new RegExp(`^${ARROW.source}`)
const MARK = /^(\s*(?:[-–*•·]\s+|\d{1,2}[.)/]\s+|\(\d{1,2}\)\s+)?)(?:\+\s+)?(.*)$/s
/** "135 °C", "back to 118", "about 146°C (6 min)" */
const TO_HEAT =
  /^(?:(back|on|up) )?(?:at |to )?((?:about |around |[~≈] ?)?\d{2,3}(?:[.,]\d)?\s?(?:[°º]|deg|[CF]\b|[–-]\s?\d{2,3}).*|[12]\d{2}(?:,? (?:while )?stirring)?)$/i
/** "Off → seeds" */
const OFF_THEN = new RegExp(`\\boff(?: (?:the )?heat)?${ARROW.source}`, 'i')
/** "200 g hot cream → stop" */
const STOPS = /^stop$/i
const ONLY_HEATS = /^(?:re-?)?(?:boil|cook|heat)$/i
const OFF = /^off(?: (?:the )?(?:heat|flame)\s*[:;,+–—-]|\s*[:;])\s*(.+)$/i
/** "Stir in, back to 130 °C" */
const BACK_TO = /, (?=(?:back|on|up) to \d)/i

/** "Off the heat, when the bubbles die down, add the acid" */
const BEGINS_WHEN = /^(?:when|once|as soon as|after|while|before)\b/i

/** What is done with a slab. */
const WORKS = /^(?:break|carameli[sz]e|cut|d[ée]cui(?:re|s)|decook|dip|mark|press|score|slice|snap|wrap)\b/i
/** "+ sugar + water" */
const PLUS = /^\+\s*/

/** "Base in cold water 3 s", "at 140 fold in the powder", "8 g discs on silicone", "torch the tops" */
const SAID_OTHERWISE =
  /^(?:(?:base|bottom|pan|pot) in(?:to)? |at (?:about )?\d{2,3}\b|(?:deposit|drop|float|funnel|ladle|pipe|spoon|torch)\b|\d+ ?g (?:discs|drops|pieces|rounds)\b)/i
const isTold = (words: string): boolean =>
  SAID_OTHERWISE.test(words) ||
  takesOff(words) ||
  beginsDone(words) ||
  WORKS.test(words) ||
  isGotReady(words) ||
  BEGINS_WHEN.test(words)
export const lower = (words: string): string => words.replace(/^\p{Lu}(?=\p{Ll})/u, (letter) => letter.toLowerCase())

/** "Dark amber → off" */
const ONLY_OFF = /^off(?: (?:the )?heat)?$/i
const SHADED = '(?:(?:dark|deep|golden|light|medium|pale) )?(?:amber|caramel|gold(?:en)?|straw)(?: colou?r)?'
const SHADE = new RegExp(`^${SHADED}$`, 'i')

/** "Amber 185", "amber (170ish)" */
const SHADE_AT = new RegExp(`^${SHADED},? \\(?(?:at |to |about |~ ?)?([12]\\d\\d(?: ?°? ?[CF])?)(?:ish)?\\)?$`, 'i')
/** "118 for soft, 121 firm" */
const HEATS_FOR = /^[1-3]\d\d(?: ?°? ?[CF]\b)?(?= (?:for|if)\b)/i
/** "Back on → 119" */
const BACK_ON = /^back on$/i

/** "→ approx 36 squares" */
const SO_MANY =
  /^(?:(?:about|approx\.?|ca\.?|makes|[~≈]) ?)?(\d{1,3} (?:bars|caramels|candies|lollies|lollipops|pieces|squares|sweets|toffees))$/i

/** "→ 2 h", "→ gentle, stir till clear → full heat": a time, or how it is heated or worked. */
const LEAVES = /^\d+(?:\s?[-–]\s?\d+)? ?(?:h|hrs?|hours?|mins?|minutes?|days?)\b/i
const NOTHING_ADDED =
  /^(?:gentle|gently|hammer|saw|slow(?:ly)?)\b|^(?:full|high|low|medium)(?=$|[,;]| (?:boil|flame|gas|heat|power)\b)/i

/** One of the things between arrows as a sentence. */
function spelled(written: string): string {
  const words = written.replace(PLUS, '')
  const pieces = SO_MANY.exec(words)?.[1]
  if (pieces) return `Makes about ${pieces}`
  if (ONLY_OFF.test(words)) return 'Take it off the heat'
  if (SHADE.test(words)) return `Cook until ${lower(words)}`
  const [, toShade] = SHADE_AT.exec(words) ?? []
  if (toShade) return `Cook to ${toShade}`
  if (HEATS_FOR.test(words)) return `Cook to ${words}`
  if (BACK_ON.test(words)) return 'Put it back on the heat'
  const [, on, heat] = TO_HEAT.exec(words) ?? []
  if (heat && Number.parseFloat(heat) < LEFT_BELOW) return `Leave at ${heat}`
  if (heat) return `Cook ${on ? `${on} ` : ''}to ${heat}`
  const off = OFF.exec(words)?.[1]
  if (off) return `Off the heat${AT_HEAT.test(off) ? ',' : ''} ${lower(doneWith(off))}`
  return doneWith(words).replace(BACK_TO, ', cook ')
}

/** "100 °C: butter" */
const AT_HEAT = /^\d{2,3} ?[°º] ?[CF]?[:,] \p{L}/u
/** "Sugar, water, glucose to 155 °C" */
const COOKED_TO = /^\p{L}[\p{L}, +&/]+ (?:till|to|until) (?:about )?[1-3]\d\d\b/u
/** "Tin 12x8", "slab": where it is poured. */
const POURED_ON =
  /^(?:frame|(?:piping )?bag|jars?|marble|mat|moulds?|sheet|silpat|slab|tin|tray)\b(?! (?:in|off|of|on)\b)/i
/** "Honey 125 °C" */
const THINGS_AT = /^(\p{L}[\p{L}, +&/]+)(?<!\b(?:about|at|till?|to|until)) ((?:1\d\d|[23]\d\d) ?(?:[°º] ?)?[CF])$/u
/** "Onto the whites", "over the nuts", "stream, speed 2" */
const ONTO_IT = /^(?:onto|over) (?:the )?\p{L}/iu
const STREAMS = /^stream(?=$|,)/i
/** What is done with it, or how long it is left; a thing alone goes in. */
function doneWith(words: string): string {
  const [, things, heat] = (!isTold(words) && THINGS_AT.exec(words)) || []
  if (things && heat) return `Cook ${lower(things)} to ${heat}`
  if (ONTO_IT.test(words)) return `Pour ${lower(words)}`
  if (STREAMS.test(words)) return words.replace(STREAMS, 'Stream it in')
  if (POURED_ON.test(words))
    return `Pour ${/^(?:marble|mat|sheet|silpat|slab)/i.test(words) ? 'onto' : 'into'} ${lower(words)}`
  if (LEAVES.test(words)) return `Leave ${words}`
  if (AT_HEAT.test(words)) return `at ${words}`
  if (COOKED_TO.test(words) && !isTold(words)) return `Cook ${lower(words)}`
  return isTold(words) || NOTHING_ADDED.test(words) ? capital(words) : `Add ${lower(words)}`
}

/** What whites are whisked to. */
const PEAKS = /^(?:(?:almost|just|nearly) )?(?:stiff|(?:firm|medium|soft|stiff) peaks?|peaks)$/i

/** What a drop is tried in. */
const TESTS = /^(?:to )?test\b/i

/** How a mass looks by then. */
const LOOKS =
  /^(?:(?:all|getting|gone|goes|going|just|nice and|really|very) )?(?:(?:all )?clear|(?:(?:dark|deep|light) )?(?:amber|brown|golden)|cloudy|creamy|dull|foamy|glossy|matte?|pale|smooth|stiff|thick)\b(?!.*\d)/i

/** What has got so. */
const ONCE_COLD = /^(?:cold|cool|firm|set|stiff)$/i

/** Between sentences of one line. */
const SENTENCES = new RegExp(`(?<=(?:[^\\d\\s]|\\b\\d{3})\\.)\\s+(?=\\p{Lu}|${ARROWS})`, 'u')

/** "2 cups sugar, 6 tbsp water: to 300F, don't stir", "4 tsp soda, 2 tsp vanilla: in fast": what is weighed, and what is done with it. */
const WEIGHED_TO =
  /^((?:[-–*•·]\s+)?[\d¼½¾⅓⅔][^:;.]{4,160}[^:;.\d]): ?(?:(?:boil|cook|heat) )?(?=(?:to )?\d{2,3} ?(?:[°º]|[CF]\b))/i
/** "200 g sugar, 60 ml water - boil to 150C" */
const WEIGHED_UP =
  /^([\d¼½¾⅓⅔][\d ./¼½¾⅓⅔]* ?(?:k?g|m?l|oz|lbs?|cups?|tbsp|tsp|c)\b[^:;.]{4,160}[^:;.\d])(?:,| [-–—]) (?:(?:boil|cook|heat|high|low|med(?:ium)?(?:[- ]high)?) )?(?=to \d{3} ?(?:[°º]|[CF]\b))/i
const WEIGHED_IN =
  /^((?:[-–*•·]\s+)?)([\d¼½¾⅓⅔][^:;.]{4,160}[^:;.\d]): ?in(?:,? (?=(?:all|and|at|fast|hot|last|now|off|quick(?:ly)?|slow(?:ly)?|stir|warm|when|whisk)\b)|(?=\.?$))/iu

/** A line with its shorthand as sentences; any other line as it is. */
export function spelledOut(written: string): string {
  const whole = strokesAsArrows(written)
  if (REDUCED.test(whole)) return whole.replace(REDUCED, '$1 ($2)')
  if (YIELDS.test(whole)) return whole.replace(YIELDS, '$2 (from $1)')
  // "(no thermometer: iced water → squishy ball)" is one thing said by the way
  const plain = whole.replace(/\([^()]*\)/g, (aside) => aside.replace(ARROWS_WITHIN, ': '))
  const line = plain.replace(WEIGHED_TO, '$1 → ').replace(WEIGHED_UP, '$1 → ').replace(WEIGHED_IN, '$1Add $2; ')
  const chained = line
    .split(SENTENCES)
    .map((sentence) => commasAsArrows(sentence, isTold))
    .join(' ')
  return ARROW.test(chained) ? chained.split(SENTENCES).map(spelledSentence).join(' ') : spelledSentence(line)
}

function spelledSentence(line: string): string {
  const [, mark = '', written = ''] = MARK.exec(line) ?? []
  const body = written.replace(OFF_THEN, 'off heat: ')
  const parts = body.split(ARROW).filter(Boolean)
  // "Cold → rolling pin": worked in some way that has no verb
  if (ONCE_COLD.test(parts[0] ?? '')) return `${mark}${capital(parts.join(', '))}`
  // "thick, gone matt → tin 12x8"
  if (LOOKS.test(parts[0] ?? '') && !SHADE.test(parts[0] as string) && parts.length > 1)
    return `${mark}When ${lower(parts[0] as string)}, ${lower(spelled(parts[1] as string))}.${parts
      .slice(2)
      .map((p) => ` ${spelled(p)}.`)
      .join('')}`
  // "→ 146 °C", of what stands in the sentence before
  if (parts.length === 1 && BEGINS_ARROW.test(body))
    return `${mark}${spelled((parts[0] as string).replace(/\.$/, ''))}.`
  if (parts.length < 2) return OFF.test(body) && !isTold(OFF.exec(body)?.[1] ?? '') ? mark + spelled(body) : line
  // "sugar, water → 150 °C" is one moment; what is weighed there goes in first
  const [first = '', second = '', ...others] = parts
  // "test: drop in cold water → firm ball"
  if (TESTS.test(first)) return `${mark}Cook until ${lower(second)}${others.length > 0 ? `. ${others.join('. ')}` : ''}`
  // "whites + 20 g sugar → stiff"
  const peaks = PEAKS.exec(second.replace(/[.,;]$/, ''))?.[0]
  const whisked = peaks && !isTold(first) ? [`Whisk ${lower(first)} until ${lower(peaks)}`, ...others] : null
  const heat =
    isTold(first) || ONLY_HEATS.test(first) || OFF.test(first) || /\d/.test(first)
      ? undefined
      : TO_HEAT.exec(second.replace(/\.$/, ''))
  const joined = whisked ?? (heat && !heat[1] ? [`Cook ${lower(first)} to ${heat[2]}`, ...others] : parts)
  const done = joined.flatMap((part, i) => {
    const next = joined[i + 1] ?? ''
    if (STOPS.test(part) || (ONLY_HEATS.test(part) && TO_HEAT.test(next))) return []
    return STOPS.test(next) && !isTold(part) ? [`Deglaze with ${lower(part)}`] : [part]
  })
  return `${mark}${done.map((part) => spelled(part.replace(/[.,;]$/, ''))).join('. ')}.`
}

/** "Purée 150 g → reduce to 75 g": a line of a list, and what is done to it beforehand. */
const REDUCED =
  /^(\s*[^→>]{3,50}\d ?(?:g|kg|ml|l)|\s*\d[\d.,]* ?(?:k?g|ml|l|cups?) [^→>]{3,50}?) *(?:→|->|=>) *(reduced?\b.{0,20})$/i

/** "2 kg ripe guavas → about 1 kg pulp": of a list, what goes in is what comes of it. */
const YIELDS =
  /^\s*(\d[\d.,]* ?(?:k?g|lbs?|oz) \p{L}[\p{L} ]{2,40}?) *(?:→|->|=>) *(?:about |approx\.? |= ?|~ ?)?(\d[\d.,]* ?(?:k?g|lbs?|oz) \p{L}.{1,30})$/iu
