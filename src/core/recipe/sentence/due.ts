/** When a sentence of a written recipe is due: at a heat, a shade, a time, the boil, or when its work can be done. */
import type { Handwork, HandworkKind } from '../../craft/handwork'
import type { Step, Trigger } from '../../formula/document'
import { secondsIn } from '../../formula/sentence'
import { parseNumber } from '../../quantity/number'
import { coolnessIn } from './coolness'
import {
  actsFirst,
  actsLast,
  comesBefore,
  comesNearEnd,
  type Ending,
  endingsIn,
  LAST_DEGREES,
  ONLY_IF,
  WATCHES,
} from './endings'
import { turnsThere } from './flame'
import { type HeatUnit, heatIn, inDegrees, unitOf } from './heats'
import { GETS_COLD, pours, whipsWhites, withoutHeat } from './moves'

/** A method as it was understood, before it is steps. */
export interface Told {
  readonly said: readonly string[]
  /** Sentences of what is got ready: no steps. */
  readonly ready: ReadonlySet<number>
  readonly unit: HeatUnit | null
  /** Sentence that ends the cook, and the sentence each group goes in with. */
  readonly pullAt: number
  readonly endings: readonly Ending[]
  readonly groupAt: ReadonlyMap<number, string>
  /** What of it is whipped up off the heat; null for nothing. */
  readonly whips: 'gelatin' | 'egg' | null
  /** Where a drop is what it has to be, °C, in what is in the pot after a sentence; null for nothing in it. */
  stageC(drop: Ending, at: number): number | null
}

/** What a pot does on the heat alone. */
export const CLIMBS: ReadonlySet<Trigger['on']> = new Set(['boil', 'rises', 'colour', 'target'])

/** ◊ What is done just before a heat is done so much sooner, °C. */
const SOONER_C = 5

/** ◊ What is left at less than this for a while has cooled to it long since, °C. */
const KEPT_BELOW_C = 30
/** "Set at 14 °C": no longer than its maker says, in a room that is so cool. */
const KEPT_AT = /^(?:crystalli[sz]e|dry|keep|leave|let|mature|rest|set|stand|store)\b[^,;\d]*\bat (?:about )?\d/i
/** ◊ For a night or more it lies in a warm room, below so many °C. */
const STOVED_BELOW_C = 60

/** What is off the heat cools to a temperature, unless it is warmed to it. */
const WARMS_AGAIN = /(?<!\b(?:are|barely|is|just|only|still) )\b(?:re-?(?:heat|warm)(?:ed)?|dry|melt|warm|heat)\b/i

/** Work that has to wait for its moment where the recipe gives none. */
const WAITS: ReadonlySet<HandworkKind> = new Set(['score', 'cut', 'break', 'unmould', 'beat', 'whip', 'pull', 'form'])
/** What is done to what is cold. */
const ON_COLD: ReadonlySet<HandworkKind> = new Set(['cool', 'chill', 'wrap', 'dust', 'coat'])

/** "When cool enough, pull for 10 minutes": the time is that of the work; "when it has stood for 3 hours, cut" waits so long. */
const COUNTS_FROM = new RegExp(`${WATCHES.source}(?![^,]*\\b(?:minutes?|mins?|hours?|hrs?)\\b[^,]*,)`, 'i')

/** "Warm slightly and stir until pale": it is not waited for while it cools. */
const WARMED_FIRST = /^(?:re-?)?warm\b/i

/** "Pull for 10 minutes": so long once it can be held, and not after it was poured. */
const PULLS = /^(?:pull|stretch)\b/i

/** "Mark into bars before it sets hard; it takes about 15 minutes": in that time it is too late. */
const SETS_IN = /\bbefore it (?:goes|hardens|is|sets)\b.*\b(?:it|this|which) (?:should |will )?takes?\b/i

/** Whether work has to wait for its moment: no time or heat is said, or one that is counted from there: "when cool enough, pull for 10 minutes". */
export const waitsFor = ({ kind }: Handwork, when: Trigger, text: string): boolean =>
  WAITS.has(kind) &&
  !pours(text) &&
  !WARMED_FIRST.test(text) &&
  (when.on === 'ready' ||
    (when.on === 'after' &&
      ((kind !== 'whip' && COUNTS_FROM.test(text)) || (kind === 'pull' && PULLS.test(text)) || SETS_IN.test(text))))

/** "Chill until firm": what its maker sees then. */
const UNTIL = /\b(?:until|till) ([^,;]{2,40})(?=$|[,;])/i
const A_LITTLE = /\b(?:slightly|a (?:little|bit|few|moment)|briefly|enough)\b/i
/** What has been poured is cold by a reckoning; when a pot, or what stands in a fridge, is as cool as it should be its maker says. */
export function waitsCold(text: string, work: Handwork | null, isOut: boolean): Pick<Step, 'when' | 'handwork'> | null {
  if (!GETS_COLD.test(text) || (work !== null && !ON_COLD.has(work.kind))) return null
  if (isOut && work?.kind !== 'chill' && !A_LITTLE.test(text))
    return { when: { on: 'window' }, handwork: { kind: 'cool' } }
  return {
    when: { on: 'word', word: UNTIL.exec(text)?.[1] ?? (work?.kind === 'chill' ? 'it is firm' : 'it is cool enough') },
    ...(isOut && work && { handwork: work }),
  }
}

/** "Toss in icing sugar when cold": of work that has no window of its own its maker says when. */
const ONCE_COLD =
  /\b(?:when|once|as soon as) (?:(?:it|they)(?: is| are|['’]s)? )?(?:quite |completely |fully )?(cold|cool(?:ed)?(?: enough(?: to handle)?)?|set|firm|hard|dry)\b/i
export function waitsOnceCold(text: string, work: Handwork | null): Pick<Step, 'when'> | null {
  const word = work !== null && WAITS.has(work.kind) ? undefined : ONCE_COLD.exec(text)?.[1]
  return word === undefined ? null : { when: { on: 'word', word } }
}

/** Something stands on the stove, or is about to. */
export const STOVE = /\b(?:pan|pot|saucepan|kettle|heat|flame|boil|simmer|melt|cook|stove|burner)\b/i

/** What only stands in something. */
export const STEEPS = /\b(?:soak|soften|bloom|infuse|steep|macerate)\b/i

/** "When it is just about to boil, add …" */
const BOILED_THEN =
  /\b(?:comes? to (?:an? |the )?(?:full )?(?:rolling )?boil|(?:un)?till? (?:it|(?:the )?(?:mixture|syrup)) boils|(?:once|when|as soon as) (?:(?:it|the \w+|(?:mixture|sugar|syrup))(?: is|['’]s)? )?(?:just )?(?:about to |begins to |starts to |starts )?(?:boil|bubbl(?:es|ing)\b))/i
/** "Until it's the colour of guava paste" */
const OTHER_SHADE = /\b(?:until|till) ((?:it(?: is|['’]s) )?(?:the |an? )?colou?r of [^,;.]{3,30})/i
/** "Once the sugar is melted, stir in the butter": only its maker sees that. */
const ONCE = /^(?:once|when|as soon as) ([^,;]{4,60}), ?(?=\w)/i
/** "When it is liquid add …": what is seen ends before what is done. */
const THEN_DONE = /\s(?=(?:add|boil|bring|cook|let|mix|pour|put|raise|remove|simmer|stir|take|turn|whisk)\b)/i
/** "Bring to a boil over medium heat" is waited for until it boils, and so is what "comes to a boil, about 8 minutes". */
const BRINGS_UP =
  /^(?!.*\b(?:cook|cover|lid|(?<!\bto an? (?:\w+ )?)simmer|then)\b)(?:then |.{0,60}(?:,|\band) )?(?:bring|return)\b.{0,60}\bto (?:an? |the )?(?:\w+ )?(?:boil|simmer)\b/i
const BRINGS_TO_BOIL = /\bbring\b.{0,80}\bto (?:an? |the )?(?:\w+ )?boil\b/i
/** "Bring it to the boil. Reduce to medium …": the flame is not turned down before it boils. */
const THEN_DOWN = /^(?:immediately |then )?(?:lower|reduce|turn (?:it |the (?:flame|heat) )?down)\b/i
const BOILS_IN =
  /\b(?:bring|comes?)\b(?:(?!\b(?:boil|simmer)\b).){0,60}\b(?:boil|simmer)\b(?!.*\b(?:boil|cook|cover|for|lid|simmer|then)\b).*\d ?min|\b(?:until|till) (?:(?:butter|sugar) (?:dissolves|melts) and )?(?:it|(?:the )?(?:mixture|syrup)) boils,? \((?:about |around )?\d[^)]*min[^)]*\)$/i

/** ◊ "Bring to the boil, 2 min": no pot gets there so soon, s; it boils so long. */
const BOILS_SO_LONG = /\bboil,? (?:for )?\d/i
const BOILS_SO_LONG_S = 120

/** "Cut the next day", s after it was poured; a night, s, in which that has come. ◊ */
const NEXT_DAY = /\b(?:next|following) day\b|\btomorrow\b/i
const NEXT_DAY_S = 12 * 3600
const NIGHT_S = 8 * 3600

/** Over water nothing gets as hot as what a drop shows of a boiled syrup: it dries. */
const OVER_WATER = /\b(?:double boiler|bain[- ]marie)\b|\bover (?:simmering|hot|boiling) water\b/i

/** "Heat the purée to 40°": what is warmed in the pot itself is waited for. */
const WARMED = /^(?:heat|warm)\b/i

/** ◊ Nobody is called back after less than that, s. */
const BRIEF_S = 20

/** "Blend in the butter; stir often after 230 °F": what is done then goes on all the while. */
const STIRRED_FROM = /;\s+stir\b[^;]*\b(?:above|after|from|past)\s+(?:about )?\d[^;]*/i

/** "Pour, slab at 15 °C": so warm is what it is poured on. */
const OF_SLAB = /\b(?:marble|slab|stone|table|tray)s? (?:is )?at (?:about )?\d+/i

/** "Cool to 80 °C and add the nuts" */
const COOL_IT = /^(?:then )?(?:let (?:it |the \w+ )?|leave (?:it )?to )?cool\b/i

/** ◊ Whites are whipped in the time in which a syrup climbs the last of its way, °C: begun with it they would have sunk by then. */
const FOAM_SOONER_C = 12
/** ◊ Below that a syrup has hardly begun to boil, °C. */
const FOAM_FROM_C = 106
/** "Meanwhile whip the whites to stiff peaks", with no word of when. */
export const isUntimedFoam = (text: string): boolean =>
  whipsWhites(text) && heatIn(text) === null && !WATCHES.test(text) && secondsIn(text) === null

/** When sentence `i` is due: `ready` where nothing of it is waited for. */
export function triggerOf(text: string, i: number, { said, unit, pullAt, endings, stageC, groupAt }: Told): Trigger {
  if (i === pullAt) return { on: 'target' }
  const asked = text.replace(ONLY_IF, '').replace(STIRRED_FROM, '').replace(OF_SLAB, '')
  const heat = heatIn(asked)
  const own = heat && !heat.oven ? unitOf(heat, unit) : null
  const celsius = heat && own ? inDegrees((heat.low + heat.high) / 2, own) : null
  const pulled = pullAt >= 0 && i > pullAt
  // a boil that is cooled on its way, and goes on after that
  if (celsius !== null && !pulled && i > 0 && heat?.cools && COOL_IT.test(text)) return { on: 'falls', celsius }
  const isWarmed = celsius !== null && (celsius > 60 || (groupAt.has(i) && WARMED.test(text)))
  if (celsius !== null && !pulled && isWarmed)
    return { on: 'rises', celsius: comesBefore(text) ? celsius - SOONER_C : celsius }
  const end = endings.find((e) => e.by === 'heat')
  if (!pulled && comesNearEnd(text)) {
    const drops = endings.find((e) => e.by === 'drop')
    const low = end?.low ?? (drops && stageC(drops, i)) ?? null
    if (low !== null) return { on: 'rises', celsius: low - SOONER_C }
  }
  const degrees = parseNumber(LAST_DEGREES.exec(text)?.[1] ?? '')?.range.low ?? null
  if (end && !pulled && degrees !== null)
    return { on: 'rises', celsius: end.low - (unit === 'F' ? degrees / 1.8 : degrees) }
  const seconds = /^if\b/i.test(text) || actsFirst(text) ? null : secondsIn(asked)
  // so warm, for so long: it is kept there
  const keptBelow = (seconds ?? 0) < NIGHT_S ? KEPT_BELOW_C : STOVED_BELOW_C
  const keeps = celsius !== null && celsius < keptBelow && (seconds !== null || KEPT_AT.test(text)) && i > 0
  const isThere = endings.some((e) => e.by === 'heat' && celsius !== null && celsius >= e.low)
  const warms = !heat?.cools && WARMS_AGAIN.test(withoutHeat(text))
  if (celsius !== null && pulled && !keeps && !isThere && !warms) return { on: 'falls', celsius }
  const drop = pulled || OVER_WATER.test(text) ? undefined : endingsIn(text, unit).find((e) => e.by === 'drop')
  const stage = drop && stageC(drop, i)
  if (stage) return { on: 'rises', celsius: stage }
  const colour = !pulled && endingsIn(text, unit).find((e) => e.by === 'colour')
  // milk that simmers for long browns at its boil, far from where sugar does
  if (colour && !(seconds !== null && seconds >= SLOW_S)) return { on: 'colour', celsius: colour.celsius }
  if (seconds === null && pulled) {
    const cool = pours(text) ? null : coolnessIn(text)
    if (cool) return 'word' in cool ? { on: 'word', word: cool.word } : { on: 'falls', celsius: cool.celsius }
    const hasStood = said.slice(pullAt + 1, i).some((s) => (secondsIn(s) ?? 0) >= NIGHT_S)
    if (NEXT_DAY.test(text) && !hasStood && !pours(text)) return { on: 'after', seconds: NEXT_DAY_S }
  }
  if (
    BOILS_IN.test(text) &&
    !pulled &&
    (i > 0 || groupAt.has(i)) &&
    !((seconds ?? 0) <= BOILS_SO_LONG_S && BOILS_SO_LONG.test(text))
  )
    return { on: 'boil' }
  // what is stirred in for a moment is stirred in
  if (seconds !== null && seconds < BRIEF_S && groupAt.has(i) && !actsLast(text)) return { on: 'ready' }
  if (seconds !== null && (i > 0 || (groupAt.has(i) && STOVE.test(text) && !STEEPS.test(text))))
    return { on: 'after', seconds }
  if (i > 0 && !pulled && (BOILED_THEN.test(text) || (BRINGS_UP.test(text) && !groupAt.has(i)))) return { on: 'boil' }
  if (!pulled && BRINGS_TO_BOIL.test(text) && (turnsThere(text) || THEN_DOWN.test(said[i + 1] ?? '')))
    return { on: 'boil' }
  if (end && end.low > FOAM_FROM_C && isUntimedFoam(text) && !pulled && [...groupAt.keys()].some((at) => at < i))
    return { on: 'rises', celsius: Math.max(end.low - FOAM_SOONER_C, FOAM_FROM_C) }
  const shade = pulled ? undefined : OTHER_SHADE.exec(text)?.[1]
  if (shade) return { on: 'word', word: shade }
  const seen = pulled ? undefined : ONCE.exec(text)?.[1]?.split(THEN_DONE)[0]
  return i > 0 && seen ? { on: 'word', word: seen } : { on: 'ready' }
}

/** ◊ Nothing that is to be caramel is left to it for so long, s. */
export const SLOW_S = 1800
