/** The sentences of a written recipe as steps. */
import type { Handwork, HandworkKind } from '../../craft/handwork'
import type { StageId } from '../../craft/stages'
import type { Step } from '../../formula/document'
import { idFor, plainPour, plainPull } from '../../formula/edit'
import { LONGEST_SAY, secondsIn, short, uncapital } from '../../formula/sentence'
import { ADDS_IN } from '../sentence/adds'
import { actOf } from '../sentence/button'
import {
  CLIMBS,
  isUntimedFoam,
  SLOW_S,
  STEEPS,
  STOVE,
  type Told,
  triggerOf,
  waitsCold,
  waitsFor,
  waitsOnceCold,
} from '../sentence/due'
import { actsLast, type Ending, endsFirst, label } from '../sentence/endings'
import {
  boilsUp,
  dialSaid,
  HALF,
  LOW,
  MEDIUM,
  ON_OTHER_RING,
  onlyDissolves,
  turnsDown,
  turnsThere,
} from '../sentence/flame'
import { heatIn, inCelsiusWords } from '../sentence/heats'
import { bathes, inOven, ONTO_FOAM, pours, putsBack, TURNS_OFF, takesOff } from '../sentence/moves'
import { isOut, spreadsOnTop, worksIn } from '../sentence/works'
import { waitedOnce } from './heat-twice'
import { PASSES } from './passes'

const stageWords: Readonly<Record<StageId, string>> = {
  syrup: 'no thread yet',
  thread: 'a thread',
  'soft-ball': 'a soft ball',
  'firm-ball': 'a firm ball',
  'hard-ball': 'a hard ball',
  'soft-crack': 'soft crack',
  'hard-crack': 'hard crack',
}

/** ◊ A shade and a heat said of one moment agree within this, °C. */
const SHADE_APART = 9

/** What the pull shows besides the thermometer, from what the recipe says of it. */
function shownBy(endings: readonly Ending[]): Pick<Step, 'test' | 'shows'> {
  const drop = endings.find((e) => e.by === 'drop')
  const heat = endings.find((e) => e.by === 'heat')
  // "until deep golden (168 °C)": what its writer calls so is paler than ours
  // and what simmers for long is golden at its boil, far from where sugar is
  const isSlow = endings.some((e) => e.by === 'time' && e.seconds >= SLOW_S)
  const isOurs = (celsius: number): boolean =>
    !isSlow && (!heat || Math.abs((heat.low + heat.high) / 2 - celsius) < SHADE_APART)
  const look = endings.find((e) => e.by === 'sign' || (e.by === 'colour' && isOurs(e.celsius)))
  return {
    ...(drop && { test: `cold water: ${stageWords[drop.stage]}` }),
    ...(!drop && look && 'word' in look && { test: look.word }),
    ...(look?.by === 'sign' && { shows: look.sign }),
    ...(look?.by === 'colour' && { shows: look.celsius }),
  }
}

/** ◊ What is left alone for so long, s, or worked so, is out of the pot. */
const LEFT_ALONE = 1200
const ON_THE_TABLE: ReadonlySet<HandworkKind> = new Set(['score', 'cut', 'break', 'unmould', 'wrap', 'pull', 'form'])
const ON_TABLE = /^(?:cover|drop roll|pack|store)\b|\bknead\b/i
const liesThere = ({ when, handwork, say }: Step): boolean =>
  (when.on === 'after' && when.seconds > LEFT_ALONE) ||
  ON_TABLE.test(say) ||
  (handwork !== undefined && ON_THE_TABLE.has(handwork.kind))

/** "Uncover, clip on the thermometer and cook until it is at 116°": what the pull ends. */
const COOKS = /^.*(?:,|\band\b|\bthen\b)\s+(?=(?:cook|boil|simmer)\b)/i

/** The heat itself stands beside the label. */
const TO_HEAT =
  /(?:^|(?<=\w) (?:(?:to|at|until|till|below|above|under) )?)\(?(?:about |around )?\d{2,3}(?:\.\d)?°[^,;]*/i

/** "At 110° add the glucose", "when it reaches 115° stir in the butter", "from 120° to 146° stir" */
const AT_HEAT = /^(?:as|as soon as|at|from|once|when)\b[^,;°]{0,50}\d°(?: to \d+°)?(?: is reached)?,?\s+(\p{L}{3}.+)$/iu

/** "On to 152°", "take to 143°", whose heat is left out. */
const ONLY_HEAT = /^(?:back|bring|goes|on|raise|return|take|up|to)?(?: (?:back|it|on|up))*(?:$|,)/i

/** What a step is called: without a heat, which a label has no unit for. */
const called = (worded: string): string => {
  const after = AT_HEAT.exec(worded)?.[1]
  const bare = (after ?? worded).replace(TO_HEAT, '')
  return label(ONLY_HEAT.test(bare) ? 'Cook on' : bare)
}

/** "Brown the butter for 6 minutes": what goes in, and how long it cooks. */
const cooksFor = (text: string): boolean =>
  /^(?:boil|brown|cook|dissolve|heat|melt|simmer|warm)\b/i.test(text) &&
  !/\bthen\b|\badd\b|\b(?:stir|whisk|beat) in\b/i.test(text)
/** "After 2 minutes add", "let it stand for 5 minutes, then stir in": the wait comes first. Any other time is that of the work, and what goes in is in it from its start. */
const WAITS_FIRST =
  /^(?:[^:]{3,30}: )?(?:(?:remove|take)\b[^,;]*[,;]? (?:and )?)?(?:after|allow|bake|chill|cool|freeze|give|hold|leave|let|once|refrigerate|rest|sit|stand|wait|when)\b|^(?:about )?\d+ ?(?:min|sec|h)|^[^,;]{0,30}\blater\b|^(?:the )?(?:following|next) day\b|^(?:overnight|tomorrow)\b|\bafter (?:about )?(?:\d|an?\b|one|two|three|five|ten)/i
/** "Add the sugar, bring up to 110° and take out the peel": it is in before that. */
const ADDS_FIRST = new RegExp(
  `^(?:${ADDS_IN}|combine|put)\\b(?!.*\\b(?:at|when|once)\\b.*\\d).{0,120}\\b(?:boil|bring|bubble|cook|heat)\\b.{0,30}\\bto (?:about )?\\d`,
  'i',
)
/** "Soak the sugar in the milk for an hour": nothing is lit for that. */
const soaks = (s: string): boolean => STEEPS.test(s) && !STOVE.test(s) && secondsIn(s) !== null

/** ◊ s: nobody lets a pot stand on the flame for so long without a word of it. */
const LONG_S = 300
/** ◊ s: nothing takes longer to dissolve over its flame. */
const DISSOLVES_S = 900
const STANDS = /\b(?:rest|sit|stand)\b/i

/** Why whites are begun where nobody said when. */
const WHIPPED_BY_THEN = 'Begun here they are stiff when the syrup is there; begun sooner they sink again.'

/** What is heated already. */
const HEATED = /\b(?:heat|flame|boil|bubble|carameli[sz]e|simmer|melt|cook|warm|dissolved?|stove|burner)/i

/** "Cook to 116°. Immediately remove from the heat": the pull takes it off, and nobody does that twice. */
const isPullAgain = (i: number, { said, pullAt, groupAt }: Told): boolean =>
  pullAt >= 0 && i === pullAt + 1 && !groupAt.has(i) && ONLY_OFF.test(said[i] ?? '')
const offHeatSaid = (s: string): string =>
  uncapital(s)
    .replace(/^then /, '')
    .replace(/^off heat/, 'off the heat')
const ONLY_OFF = new RegExp(
  `^(?:immediately |at once |then |quickly )?(?:(?:remove|take|lift|pull)(?: (?:it|(?:the )?(?:pan|pot|saucepan|syrup|mixture)))? (?:from|off)(?: of)?(?: (?:the )?(?:burner|heat|flame|stove))?|(?<=^(?:immediately|at once) )(?:remove|take off)|${TURNS_OFF}|off(?: (?:the )?heat)?)(?: (?:immediately|at once))?$`,
  'i',
)

/** "Cool to lukewarm": nobody leaves it on the heat for that. */
const COOLS_DOWN = /^(?:(?:allow|leave|let)\b.{0,30}\b)?cool(?! (?:the|your|on) (?:bowl|marble|slab|tray))\b/i
const leavesHeat = (s: string): boolean => takesOff(s) || pours(s) || COOLS_DOWN.test(s)

/** The steps of a method as it was understood; what it leaves out is put in plainly. */
export function stepsFrom(told: Told): Step[] {
  const taken = new Set<string>()
  const filled = told.said.findIndex(
    (s, i) => (told.groupAt.has(i) && !soaks(s)) || (!told.ready.has(i) && STOVE.test(s) && !inOven(s)),
  )
  // "combine … in a pan. Place the pan over medium heat": it is lit there
  const setOn = told.said.findIndex((s, i) => i > filled && !told.ready.has(i) && putsBack(s))
  const isHeated = (s: string): boolean => HEATED.test(s) || heatIn(s)?.cools === false
  // "mix the soda into the milk, let it stand for 20 min": nothing is lit for that
  const heated = told.said.findIndex((s, i) => i >= filled && !told.ready.has(i) && isHeated(s))
  const stands = told.said.slice(filled, heated).some((s) => STANDS.test(s) && (secondsIn(s) ?? 0) >= LONG_S)
  const isSetOn = setOn > filled && !told.said.slice(filled, setOn).some(isHeated)
  const lit = isSetOn ? setOn : stands && heated > filled ? heated : filled
  const turnsOff = (s: string): boolean => takesOff(s) && !putsBack(s)
  // where nothing says when it is done, it is on until it is taken off or poured for good
  const back = told.said.findLastIndex(putsBack)
  const off = told.said.findIndex((s, i) => i > Math.max(back, lit) && leavesHeat(s))
  const onUntil = told.pullAt >= 0 ? told.pullAt : (off < 0 ? told.said.length : off) - 1
  /** Whether the ring was turned off by a sentence before `i`, and by none put on again. */
  const isOff = (i: number): boolean => {
    const before = told.said.slice(0, i).map((s, at) => (told.ready.has(at) ? '' : s))
    const off = before.findLastIndex(turnsOff)
    return off >= 0 && !before.slice(off).some(putsBack)
  }
  /** Whether nothing is in the pot before sentence `i`. */
  const isEmpty = (i: number): boolean => ![...told.groupAt.keys()].some((at) => at < i)
  let dial = MEDIUM
  /** It stands over a low flame only until it is dissolved: nobody boils it there. */
  let dissolves = false
  const steps = told.said.flatMap((text, i): Step[] => {
    if (told.ready.has(i) || isPullAgain(i, told)) return []
    const when = triggerOf(text, i, told)
    const isOn = lit >= 0 && i >= lit && i <= onUntil
    const said = isOn && !(i > lit && ON_OTHER_RING.test(text)) ? dialSaid(text, dial) : null
    // what comes back on the heat, or is boiled after it was only dissolved, is over an ordinary flame
    const isRaised = isOn && (putsBack(text) || (dissolves && boilsUp(text, CLIMBS.has(when.on))))
    const turned = said ?? (isRaised ? MEDIUM : null)
    // "boil to 140°, then lower the heat": until then it burns as it did
    const isThere = turned !== null && when.on !== 'ready' && when.on !== 'target' && turnsThere(text)
    const turns = turned !== null && turned !== dial && (i > lit || isThere)
    const isUp = turned !== null && turned > dial
    const burns = isThere ? dial : (turned ?? dial)
    dial = turned ?? dial
    if (turned !== null)
      dissolves =
        turned < HALF &&
        (secondsIn(text) ?? 0) <= DISSOLVES_S &&
        !putsBack(text) &&
        !turnsDown(text) &&
        ((i === lit && turned <= LOW) || onlyDissolves(text))
    const worded = inCelsiusWords(text, told.unit)
    const again = isPullAgain(i + 1, told) ? `, then ${offHeatSaid(told.said[i + 1] as string)}` : ''
    const say = short(`${worded}${again}`, LONGEST_SAY)
    const id = idFor(label(text), taken)
    taken.add(id)
    const adds = told.groupAt.get(i)
    const pulls = when.on === 'target'
    const isAfter = i > onUntil
    const untimed = isAfter && when.on === 'ready'
    const isPoured = isOut(i, told)
    // what is spread on what was poured lies on it
    const onTop: Handwork | null = adds ? { kind: 'sprinkle' } : null
    const isTopSpread = spreadsOnTop(i, told)
    const handwork = isAfter ? (isTopSpread ? onTop : worksIn(text, told)) : null
    const goesIn = {
      ...(adds && { adds }),
      ...(i === filled && i === lit && { heat: burns, cautions: ['hotSugar' as const] }),
    }
    const isEndFirst = pulls && i !== lit && endsFirst(text)
    // what one sentence puts in and boils to somewhere is two moments
    const putIn: Step | null =
      adds &&
      (pulls ||
        (when.on !== 'ready' && (i === lit || isEmpty(i) || cooksFor(text) || ADDS_FIRST.test(text))) ||
        (when.on === 'after' && !WAITS_FIRST.test(text) && !actsLast(text)))
        ? {
            id: idFor(`${label(text)} in`, taken),
            label: called(worded),
            when: { on: 'ready' },
            say,
            why: '',
            act: 'It is in',
            ...goesIn,
          }
        : null
    if (putIn) taken.add(putIn.id)
    // what is waited for on the heat is put on it first
    const putsOn =
      i <= onUntil &&
      (i === lit
        ? i > filled || (!isEmpty(i) && !adds && CLIMBS.has(when.on))
        : i > lit && (putsBack(text) || (CLIMBS.has(when.on) && isOff(i))))
    const back: Step | null =
      putsOn && when.on !== 'ready'
        ? {
            id: idFor(`${label(text)} on`, taken),
            label: i === lit ? 'On the heat' : 'Back on the heat',
            when: { on: 'ready' },
            say,
            why: '',
            act: 'It is on',
            heat: burns,
            ...(i === lit && { cautions: ['hotSugar' as const] }),
          }
        : null
    // what is waited for at another flame has it turned first
    const turn: Step | null =
      turns && !putsOn && !isThere && when.on !== 'ready'
        ? {
            id: idFor(`${label(text)} heat`, taken),
            ...(said === null
              ? plainTurn
              : { ...plainTurn, label: 'Heat', say, act: isUp ? plainTurn.act : 'Heat is down' }),
            heat: dial,
          }
        : null
    if (turn) taken.add(turn.id)
    if (back) taken.add(back.id)
    return [
      ...(back ? [back] : []),
      ...(turn ? [turn] : []),
      ...(putIn && !isEndFirst ? [putIn] : []),
      {
        id,
        label: called(pulls ? worded.replace(COOKS, '') : worded),
        when: handwork && waitsFor(handwork, when, text) && !(adds && takesOff(text)) ? { on: 'window' } : when,
        say,
        why: when.on === 'rises' && isUntimedFoam(text) ? WHIPPED_BY_THEN : '',
        act: pulls ? 'Pulled' : actOf(text, i > told.pullAt && !isTopSpread, putIn ? 'before' : adds ? 'now' : null),
        ...(!putIn && goesIn),
        ...(handwork && { handwork }),
        ...(untimed && isPoured && waitsOnceCold(text, handwork)),
        ...(untimed && !adds && !pours(text) && waitsCold(text, handwork, isPoured)),
        ...((isThere ? turns : !back && !turn && (putsOn || (turns && !takesOff(text)))) && { heat: dial }),
        ...(i < onUntil && turnsOff(text) && { offHeat: true }),
        ...(i > told.pullAt && told.pullAt >= 0 && bathes(text) && { bath: true }),
        ...(pulls && { offHeat: true, cautions: ['unattended'], ...shownBy(told.endings) }),
      },
      ...(putIn && isEndFirst ? [putIn] : []),
    ]
  })
  const heat = told.endings.find((e) => e.by === 'heat')
  const once = waitedOnce(steps, heat ? (heat.low + heat.high) / 2 : null)
  return withEnds(
    PASSES.reduce((done, pass) => pass(done), once),
    told.pullAt >= 0,
  )
}

/** "Add the baking soda, which will make it foam", after the boil: nobody boils it on. */
const FOAMS = /\b(?:baking soda|bicarb\w*)\b/i
const BOILS = /\b(?:boil|simmer)/i

/** What nobody writes who has dissolved something over a low heat, and boils it then. */
const plainTurn = {
  label: 'Heat up',
  when: { on: 'ready' },
  say: 'Turn the heat up',
  why: '',
  act: 'Heat is up',
} as const

const plainStart: Step = {
  id: 'start',
  label: 'All in',
  when: { on: 'ready' },
  say: 'Everything on',
  why: '',
  act: 'Heat is on',
  adds: 'pot',
  heat: 6,
  cautions: ['hotSugar'],
}

/** Whether no sentence of the text says what a step does: it was put in because every boil is lit, pulled and emptied. */
export const isAddedPlainly = ({ label, say }: Step): boolean =>
  [plainStart, plainTurn, plainPull, plainPour].some((s) => s.label === label && s.say === say)

/** Whatever is done with it: it is in something else then than its pot. */
const INTO =
  /\b(?:between|in|into|on|onto|over)\b (?!.{0,20}\b(?:oven|fridge)\b).{0,40}\b(?:bottles|cases|foil|frames?|jars|marble|mats?|mou?lds?|paper|parchment|sheets?|slab|tins?|trays?)\b/i

/** Every boiled formula is lit, pulled and emptied: what the text leaves out is put in plainly. */
function withEnds(steps: readonly Step[], pulled: boolean): Step[] {
  const out = [...steps]
  const own = (step: Step): Step => ({
    ...step,
    id: idFor(
      step.id,
      out.map((s) => s.id),
    ),
  })
  if (!out.some((s) => s.adds === 'pot')) {
    const first = out.findIndex((s) => s.heat !== undefined && s.adds === undefined && s.when.on !== 'target')
    if (first >= 0) out[first] = { ...(out[first] as Step), adds: 'pot' }
    else out.unshift(plainStart)
  }
  if (!pulled) {
    // where nothing says when, it comes off before what is done off the heat
    // what goes back on it after that is not done yet
    const back = out.findLastIndex((s) => putsBack(s.say))
    const boils = out.findIndex((s) => BOILS.test(s.say))
    const foams = (s: Step, i: number): boolean => s.adds !== undefined && i > boils && boils >= 0 && FOAMS.test(s.say)
    const off = out.findIndex((s, i) => i > back && s.heat === undefined && (leavesHeat(s.say) || foams(s, i)))
    out.splice(off < 0 ? out.length : off, 0, own(plainPull))
  }
  const pullAt = out.findIndex((s) => s.when.on === 'target')
  // what is poured into the bowl is whipped there, and leaves it after that
  const whipAt = out.findIndex((s, i) => i > pullAt && s.handwork?.kind === 'whip')
  const from = Math.max(pullAt, whipAt)
  const poured = out.flatMap((s, i) => (i > from && pours(s.say) ? [i] : []))
  const said = poured.find((i) => !ONTO_FOAM.test((out[i] as Step).say)) ?? poured[0]
  const found = said ?? out.findIndex((s, i) => i > from && s.when.on !== 'after' && INTO.test(s.say))
  // one sentence that puts in, waits and pours is two steps
  const pourAt = found >= 0 && out[found + 1]?.say === out[found]?.say ? found + 1 : found
  if (pourAt >= 0) out[pourAt] = { ...(out[pourAt] as Step), empties: true }
  else {
    const lies = out.findIndex((s, i) => i > from && liesThere(s))
    out.splice(lies < 0 ? out.length : lies, 0, own(plainPour))
  }
  return out
}
