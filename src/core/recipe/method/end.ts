/** When a written recipe is done, and what temperature that is in its own syrup. */
import { signs } from '../../craft/signs'
import { type StageId, stagesOf } from '../../craft/stages'
import type { Target } from '../../formula/document'
import { type Mix, massOf } from '../../matter/mix'
import { milkHeadStart } from '../../physics/browning'
import { ADDS_IN } from '../sentence/adds'
import { comesBefore, comesNearEnd, type Ending, endingsIn, MEANWHILE, WATCHES } from '../sentence/endings'
import { figuresIn, type HeatUnit, heatIn, inDegrees, unitOf } from '../sentence/heats'
import {
  bathes,
  inOven,
  isGotReady,
  OFF_HEAT,
  pours,
  putsBack,
  takesOff,
  WHIPPED_IN,
  whipsWhites,
  withoutHeat,
} from '../sentence/moves'
import { besideIn } from './beside-the-pot'
import { SYRUP_IN } from './made-apart'
import { pasteIn } from './pastes'

/** ◊ Sugar work is pulled between these, °C. */
const isTarget = (c: number): boolean => c >= 100 && c <= 180

const ADDS = new RegExp(
  `\\b${ADDS_IN}\\b|${/\b(?:start|begin) (?:whisk|whip|beat)(?:p?ing)?\b|\b(?:whisk|whip|beat)\b.{0,30}\bwhites?\b/.source}`,
  'i',
)

/** "At 140° add the colour", "add the nuts at 120°": a moment on the way, not the end of it. */
const addsOnTheWay = (sentence: string): boolean =>
  !takesOff(sentence) &&
  ((WATCHES.test(sentence) && ADDS.test(sentence)) ||
    /\b(?:add|(?:beat|drop|mix|put|stir|tip|whisk) in|(?:start|begin|whisk|whip|beat)(?:p?ing)?\b.{0,30}\bwhites?)\b.*\b(?:at|(?:when|once|as soon as)(?: [^.;\d]{1,40}?)? (?:reaches|hits|gets to|is at|registers|reads))\s+(?:about\s+)?\d/i.test(
      sentence,
    ))

/** Where a cook ends: the sentence that says so, and by what. */
export interface Done {
  readonly at: number
  readonly ending: Ending
  /** By what else it says so. */
  readonly others: readonly Ending[]
  /** It only names a figure, of which it is not sure that it is a heat. */
  readonly isBare: boolean
}

/** The sentence that says when it is done, and by what; a temperature before a drop, a drop before a look, a look before a time. */
export function endingOf(said: readonly string[], unit: HeatUnit | null): Done | null {
  const all = said.flatMap((s, at) =>
    (isGotReady(s) ? [] : endingsIn(s, unit)).flatMap((ending) =>
      ending.by === 'colour' && IS_OFF.test(s) ? [] : { at, ending },
    ),
  )
  const hot = all.filter(({ ending }) => ending.by !== 'heat' || isTarget((ending.low + ending.high) / 2))
  const good = hot.filter((e) => !hasCooled(e, hot, said) && !poursThere(e, hot, said))
  // a syrup that is poured into a paste is done when they are
  const paste = pasteIn(said)
  const joined = paste ? good.filter(({ at }) => at > paste.joinedAt) : []
  const last = lastOf(joined.length > 0 ? joined : good, said)
  // what goes back on the heat after that, to be cooked until it looks otherwise, ends there
  const again = last
    ? good.filter(
        ({ at, ending }) =>
          ending.by !== 'time' && at > last.at && [at - 1, at].some((i) => i > last.at && putsBack(said[i] ?? '')),
      )
    : []
  const found =
    again.length > 0
      ? lastOf(again, said)
      : (last && (boilsOn(good, last, said) ?? browns(good, last, said) ?? cooksOn(good, last, said))) || last
  const figure = onToFigure(found, said, unit)
  if (figure) return figure
  const goesOn = (s: string, at: number): boolean => HEATS_ON.test(s) && staysOn(said, found?.at ?? 0, at)
  if (!found || (found.ending.by === 'time' && said.some((s, at) => at > found.at && goesOn(s, at)))) return null
  const others = good.filter((g) => g.at === found.at && g !== found)
  return { ...found, others: others.map(({ ending }) => ending), isBare: false }
}

/** ◊ A boil that goes on gets so much hotter, °C. */
const HOTTER_C = 10

/** "Boil to 110°, add the nuts. 300 and off": the last figure after that, and before anything is poured, that could be a hotter end; null for none. */
function onToFigure(last: Ends | null, said: readonly string[], unit: HeatUnit | null): Done | null {
  if (last && last.ending.by !== 'heat' && last.ending.by !== 'time') return null
  const least = last?.ending.by === 'heat' ? last.ending.high + HOTTER_C : 0
  const poured = said.findIndex((s, i) => i >= (last?.at ?? 0) && pours(s) && !isGotReady(s))
  return said.reduce<Done | null>((found, s, at) => {
    const isOn = at > (last?.at ?? -1) && (poured < 0 || at < poured) && !isGotReady(s) && !inOven(s)
    const end = (isOn ? figuresIn(s) : [])
      .map((n) => inDegrees(n, unit ?? (isTarget(n) ? 'C' : 'F')))
      .findLast((c) => isTarget(c) && c > least)
    return end === undefined ? found : { at, ending: { by: 'heat', low: end, high: end }, others: [], isBare: true }
  }, null)
}

/** "Turn the heat down and keep stirring till the sugar melts again", after a boil of five minutes: what ends that nobody has said. */
const HEATS_ON =
  /\bbring\b.{0,30}\bboil\b|^(?:turn the heat (?:up|down) and )?(?:keep|continue|go on)\b.*\b(?:until|till)\b|^(?:turn|reduce|lower)\b.{0,20}\bto (?:a )?(?:low|med)\S*(?: heat)? and\b.*\b(?:until|till)\b/i

/** "Off the heat whisk in the soda and watch it turn gold": what turns so then is no end of the cook. */
const IS_OFF = new RegExp(`^${OFF_HEAT}`, 'i')

/** "Boil to 118°. At 118 pour it onto the whites": it ends where it was boiled to. */
const poursThere = ({ at, ending }: Ends, all: readonly Ends[], said: readonly string[]): boolean =>
  ending.by === 'heat' &&
  WATCHES.test(said[at] ?? '') &&
  WHIPPED.test(said[at] ?? '') &&
  all.some((e) => e.ending.by === 'heat' && e.at < at && e.ending.low === ending.low && !WATCHES.test(said[e.at] ?? ''))

/** What was hotter before has come down to that: it is said to, or has been off the heat since and rests. */
function hasCooled({ at, ending }: Ends, all: readonly Ends[], said: readonly string[]): boolean {
  if (ending.by !== 'heat') return false
  const hotter = all.findLast((e) => e.ending.by === 'heat' && e.at < at && e.ending.low > ending.high)
  return hotter !== undefined && (hasComeDown(said[at] ?? '') || restsOff(said.slice(hotter.at, at + 1)))
}

/** "Off the heat, rest until it subsides to 130°": the last of what is said since it was hottest, off the heat and not put back on it. */
const restsOff = (since: readonly string[]): boolean => {
  const off = since.findLastIndex((s) => (takesOff(s) || bathes(s)) && !putsBack(s))
  return off >= 0 && RESTS.test(since.at(-1) ?? '') && !since.slice(off).some(putsBack)
}
const RESTS = /^(?!.*\b(?:boil|bubble|cook|simmer)\b).*\b(?:leave|let|rest|settles?|sit|stand|subsides?|wait)\b/i

/** "Deposit at 120°", "off the heat; at 130° stir in the acid", "take off and beat in the butter at 100°", after it was cooked to 150°: what is not cooked on has come down to that. */
const hasComeDown = (sentence: string): boolean =>
  !COOKS_ON.test(withoutHeat(sentence)) &&
  !sentence
    .split(/[;,]|\band (?=(?:add|beat|blend|emulsify|fold|mix|stir|whisk)\b)/i)
    .some((clause) => heatIn(clause) !== null && takesOff(clause))
const COOKS_ON =
  /\b(?:boil|(?:re-?)?(?:cook|heat)|bring|simmer|continue|reach|return|take (?:it|(?:up |on )?to)|until|till)|\bback on\b|^back\b/i

interface Ends {
  readonly at: number
  readonly ending: Ending
}

/** Whether it is still on the heat, in its pot, after sentences `from` to `to`. */
const staysOn = (said: readonly string[], from: number, to: number): boolean =>
  !said.slice(from, to + 1).some((s) => takesOff(s) || bathes(s) || pours(s))

/** A boil of so many minutes after that, while it is still on the heat: it ends there. */
const boilsOn = (all: readonly Ends[], last: Ends, said: readonly string[]): Ends | undefined =>
  all.findLast(({ at, ending }) => ending.by === 'time' && at > last.at && staysOn(said, last.at, at))

/** "Keep stirring over a medium heat until it caramelises", after 117° and nuts: it ends at that colour. */
const browns = (all: readonly Ends[], last: Ends, said: readonly string[]): Ends | undefined =>
  all.findLast(
    ({ at, ending }) =>
      ending.by === 'colour' &&
      at > last.at &&
      (last.ending.by === 'drop' || (last.ending.by === 'heat' && ending.celsius > last.ending.high)) &&
      (CARAMELISES.test(said[at] ?? '') || GOES_ON.test(said[at] ?? '')) &&
      staysOn(said, last.at, at),
  )
/** "Boil to 104°; add the rest of the cream. Continue cooking until a drop makes a firm ball", "when it leaves the sides add the juice. Continue till it sets": it ends at that. */
const cooksOn = (all: readonly Ends[], last: Ends, said: readonly string[]): Ends | undefined =>
  all.findLast(
    ({ at, ending }) =>
      at > last.at &&
      (last.ending.by === 'heat'
        ? ending.by === 'drop' || ending.by === 'sign'
        : last.ending.by === 'drop'
          ? ending.by === 'sign'
          : last.ending.by === 'sign' && ending.by === 'time' && THEN_ADDS.test(said[last.at] ?? '')) &&
      (GOES_ON.test(said[at] ?? '') || (ending.by === 'sign' && STIRRED_UNTIL.test(said[at] ?? ''))) &&
      staysOn(said, last.at, at),
  )
/** "Lower the heat, add the nuts; stir 5 min until it leaves the sides" */
const STIRRED_UNTIL = /^(?:cook|simmer|stir)\b.*\b(?:until|till)\b/i
const THEN_ADDS = new RegExp(`\\b(?:when|once|as soon as)\\b.*\\b${ADDS_IN}\\b`, 'i')
const GOES_ON = /^(?:then )?(?:continue|keep|go on|cook(?:ing)? on|return|bring (?:it )?back)\b/i
const CARAMELISES =
  /\bcarameli[sz]|\bover (?:a )?(?:low|medium|high)\b|\b(?:syrup|sugar|caramel)\b.{0,20}\b(?:is|turns?)\b|\bmelts? (?:again|to)\b/i

function lastOf(all: readonly Ends[], said: readonly string[]): Ends | null {
  for (const by of ['heat', 'drop', 'sign', 'colour', 'time'] as const) {
    const such = all.filter(({ ending }) => ending.by === by)
    const found = such.findLast(({ at }) => !addsOnTheWay(said[at] ?? '')) ?? such.at(-1)
    if (found) return found
  }
  return null
}

/** ◊ A syrup is boiled to this at least, °C. */
const BOILED = 100

/** Whether a sentence boils a syrup to some heat. */
export const boilsTo = (sentence: string, unit: HeatUnit | null): boolean =>
  endingsIn(sentence, unit).some((e) => e.by === 'heat' && e.low >= BOILED)

/** What is used before the end stays where it was whipped. */
const WHIPPED = new RegExp(
  `\\b${WHIPPED_IN}|${/\bfold\b.{0,20}\b(?:whites|meringue|foam)\b|\b(?:pour|trickle|drizzle|stream)\b.{0,60}\b(?:over|onto|on|into)\b.{0,20}\b(?:whites|meringue|foam)\b/.source}`,
  'i',
)

/** The sentences in the order of a cook: before its end stands what goes in at a lower heat, and whites that have to be whipped by then. */
export const inOrder = (said: readonly string[], unit: HeatUnit | null): readonly string[] =>
  lowerFirst(beforeEnd(atBoil(said, unit), unit), unit)

/** "Boil to 152°. Wash down the sides as it comes to the boil": told after the end, and done long before it. */
const AT_BOIL =
  /\b(?:as|when|once|while) (?:it|the (?:syrup|sugar|mixture|mix|pan|pot)) (?:(?:first )?(?:comes|is coming|starts|begins) (?:up )?to (?:(?:the|a) )?boil|(?:first )?boils up)\b/i

/** "Boil to the crack, add tartar when it begins to boil" */
const ADDS_AT_BOIL = /^add [^,;.]{3,40} (?:as|once|when) it (?:begins|comes|starts) to (?:the )?boil$/i

/** "Drop in butter to stop foaming as it climbs": nobody waits with that until it is done. */
const AGAINST_FOAM =
  /^(?:add|drop in|put in|stir in|throw in) [^,;.]{3,40}\bto (?:keep|prevent|stop)\b.{0,30}\b(?:boil(?:ing|s)? over|foam(?:ing|s)?)\b/i

function atBoil(said: readonly string[], unit: HeatUnit | null): readonly string[] {
  const done = endingOf(said, unit)
  if (!done) return said
  const off = said.findIndex((s, i) => i >= done.at && (takesOff(s) || bathes(s) || pours(s)))
  const moves = said.findIndex(
    (s, i) =>
      i > done.at &&
      (off < 0 || i < off) &&
      ((AT_BOIL.test(s) && (!ADDS.test(s) || ADDS_AT_BOIL.test(s))) || AGAINST_FOAM.test(s)) &&
      !heatIn(s),
  )
  if (moves < 0) return said
  return movedBefore(said, done.at, moves)
}

/** "Boil to 150°. Juice in at 140° on the way" */
const ON_THE_WAY = /\bon (?:the )?way\b|\b(?:as|while) it (?:climbs|goes up|rises)\b/i

/** "Boil until it reaches 122°. Meanwhile, when it is at 110°, whisk …": what is begun on the way stands before where it ends. */
const PUTS_ON = /\b(?:boil|bring|cook|heat|melt)\b/i
function lowerFirst(said: readonly string[], unit: HeatUnit | null): readonly string[] {
  const riseOf = (s: string): number => {
    const heat = heatIn(s)
    const own = heat && !heat.oven && !heat.cools && !takesOff(s) ? unitOf(heat, unit) : null
    return heat && own ? inDegrees(heat.low, own) : Number.NaN
  }
  /** The last sentence before it that is boiled to somewhere, and nothing taken off, poured or put on since. */
  const boiledAt = (i: number): number => {
    const at = said.findLastIndex((s, k) => k < i && Number.isFinite(riseOf(s)))
    return at < 0 ||
      said.slice(at, i).some((s, k) => takesOff(s) || pours(s) || (k > 0 && (PUTS_ON.test(s) || ADDS.test(s))))
      ? -1
      : at
  }
  const moves = said.findIndex(
    (s, i) =>
      (((MEANWHILE.test(s) || WATCHES.test(s)) && whipsWhites(s)) || ON_THE_WAY.test(s)) &&
      riseOf(s) < riseOf(said[boiledAt(i)] ?? ''),
  )
  return moves < 0 ? said : movedBefore(said, boiledAt(moves), moves)
}

function beforeEnd(said: readonly string[], unit: HeatUnit | null): readonly string[] {
  const done = endingOf(said, unit)
  if (!done) return said
  const off = said.findIndex((s, i) => i > done.at && (takesOff(s) || bathes(s) || pours(s)))
  // what is stopped in water has cooled by then
  const cooler = bathes(said[done.at] as string)
    ? -1
    : said.findIndex(
        (s, i) =>
          i > done.at &&
          (off < 0 || i < off || i === done.at + 1 || (whipsWhites(s) && !said.slice(done.at, i).some(pours))) &&
          isCooler(s, done.ending, unit),
      )
  const moves =
    cooler >= 0
      ? cooler
      : said.findIndex(
          (s, i) =>
            i <= done.at + 1 &&
            whipsWhites(s) &&
            !SYRUP_IN.test(s) &&
            (!heatIn(s) || comesBefore(s)) &&
            !said.slice(i + 1, done.at).some((later) => WHIPPED.test(later)),
        )
  const early = said.findIndex((s, i) => i > done.at && (off < 0 || i < off) && comesNearEnd(s) && ADDS.test(s))
  const found = moves < 0 ? early : moves
  return found < 0 ? said : movedBefore(said, done.at, found)
}

/** The sentence `moves` put before where sentence `end` ends. */
function movedBefore(said: readonly string[], end: number, moves: number): readonly string[] {
  const rest = said.filter((_, i) => i !== moves)
  const at = end - (moves < end ? 1 : 0)
  return [...rest.slice(0, at), ...around(rest, at, said[moves] as string), ...rest.slice(at + 1)]
}

/** Whether a sentence puts something in at less than what the cook ends at. */
function isCooler(sentence: string, ending: Ending, unit: HeatUnit | null): boolean {
  const heat = heatIn(sentence)
  const own = heat && unitOf(heat, unit)
  if (ending.by !== 'heat' || !own || heat.cools || !addsOnTheWay(sentence)) return false
  const celsius = inDegrees(heat.low, own)
  // what is put in below the boil, and told after the end, waits until it has cooled
  return celsius < ending.low && celsius >= BOILED
}

/** A sentence that puts in and cooks to its end is two, where something comes between: "Boil sugar and water to 145°". */
function around(said: readonly string[], at: number, next: string): string[] {
  const last = said[at] as string
  const [, all, end] = /^(.+?),? ((?:to(?! the \w+,)|till|until)\b.*(?:\d|\b(?:ball|crack)\b).*)$/i.exec(last) ?? []
  const { ready } = besideIn(said)
  const first = said.findIndex((_, i) => !ready.has(i))
  return all && end && (first === at || ADDS.test(all)) ? [all, next, `Cook ${end}`] : [next, last]
}

/** ◊ How far either side of a temperature is still good where nothing is said, °C, and what a look leaves open. */
export const WITHIN = { heat: 1.5, look: 3 }

/** ◊ °C either side of a target at most: of what is seen, and of a range that is said, which keeps both its ends. */
const WIDEST = { seen: 6, said: 20 }

/** ◊ Share of milk protein from which a shade tells of no temperature, and from which a sign does not either: milk that is boiled down thickens by itself. */
const MILKY = { shade: 0.006, sign: 0.015 }
/** ◊ Share of starch that sets by itself: how it looks, and what a drop of it does, tells of no temperature. */
const STARCHY = 0.03

/** The target an ending stands for in a syrup of `mix`; null for a time alone, or a look of milk or of a paste, which say nothing of it. */
export function targetOf(ending: Ending, mix: Mix): Target | null {
  const stages = stagesOf(mix)
  const from = (id: StageId): number => stages.find((s) => s.id === id)?.from ?? Number.NaN
  const between = (low: number, high: number, most = WIDEST.seen): Target | null =>
    Number.isFinite(low + high)
      ? {
          celsius: Math.round(5 * (low + high)) / 10,
          within: Math.round(10 * Math.max(WITHIN.heat, Math.min(most, (high - low) / 2))) / 10,
        }
      : null
  const milk = mix.milkProtein / massOf(mix)
  if (ending.by !== 'heat' && mix.starch > STARCHY * massOf(mix)) return null
  switch (ending.by) {
    case 'heat':
      return between(ending.low, ending.high, WIDEST.said)
    case 'drop': {
      const next = stages[stages.findIndex((s) => s.id === ending.stage) + 1]
      return between(from(ending.stage), next?.from ?? from(ending.stage) + 2 * WITHIN.look)
    }
    case 'sign': {
      if (milk > MILKY.sign) return null
      const { from: low, to } = signs[ending.sign]
      return between(from(low), to === null ? from(low) + 2 * WITHIN.look : from(to))
    }
    case 'colour': {
      // what holds milk and its water browns long before it is so hot
      if (milk > MILKY.shade) return null
      // milk browns before the sugar does
      const celsius = Math.round(ending.celsius - milkHeadStart(mix, massOf(mix)))
      return { celsius, within: WITHIN.look }
    }
    case 'time':
      return null
  }
}
