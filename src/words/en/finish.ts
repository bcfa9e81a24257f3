/** What is said of a sweet once it has left the heat. */
import {
  type Chocolate,
  type CutTool,
  type Filler,
  type Film,
  type FinishAssessment,
  type FinishFigures,
  type FinishFinding,
  type Foam,
  type Formed,
  type Forming,
  type HandworkKind,
  type Instead,
  inCelsius,
  inGrams,
  type MassState,
  type Move,
  type SurfaceKind,
  type Texture,
  type Touch,
  type Want,
  type WantFigures,
  type WorkAhead,
  type WorkOutcome,
  type WrapBy,
  type Yield,
} from '@/core'
import { formatCount, formatLitres, formatPercent, formatSpan, formatTimes } from '../format'
import { type Said, type Sayings, sayFinding } from '../said'
import type { Say } from '../units'
import { capital } from './names'

interface WorkName {
  /** As a plan says it: "cut". */
  readonly name: string
  /** As it is offered in a list: "Cut it". */
  readonly label: string
  /** What can no longer be done: "be cut". */
  readonly done: string
}

export const handworkNames: Readonly<Record<HandworkKind, WorkName>> = {
  'lay-under': { name: 'lay under', label: 'Lay something under it', done: 'be laid on' },
  spread: { name: 'spread', label: 'Spread it', done: 'be spread' },
  leave: { name: 'leave it', label: 'Leave it alone', done: 'be left' },
  score: { name: 'score', label: 'Score it', done: 'be scored' },
  cut: { name: 'cut', label: 'Cut it', done: 'be cut' },
  break: { name: 'break', label: 'Break it', done: 'be broken' },
  pull: { name: 'pull', label: 'Pull it', done: 'be pulled' },
  form: { name: 'form', label: 'Form it by hand', done: 'be formed' },
  fill: { name: 'fill', label: 'Fill moulds or jars', done: 'be filled in' },
  pipe: { name: 'pipe', label: 'Pipe it', done: 'be piped' },
  unmould: { name: 'unmould', label: 'Turn out of the moulds', done: 'be turned out' },
  beat: { name: 'beat', label: 'Beat it', done: 'be beaten' },
  whip: { name: 'stop whipping', label: 'Whip it', done: 'be whipped' },
  'fold-in': { name: 'fold in', label: 'Fold something in', done: 'take anything folded in' },
  'pour-over': { name: 'pour over', label: 'Pour it over something', done: 'be poured' },
  'cover-chips': { name: 'chips on', label: 'Cover with chips', done: 'melt the chips' },
  temper: { name: 'temper', label: 'Temper chocolate', done: 'be tempered' },
  coat: { name: 'coat', label: 'Dip or coat', done: 'be coated' },
  dust: { name: 'dust', label: 'Dust and sift off', done: 'be dusted' },
  sprinkle: { name: 'sprinkle', label: 'Sprinkle while it is wet', done: 'hold a sprinkling' },
  chill: { name: 'chill', label: 'Chill it', done: 'be chilled' },
  bake: { name: 'bake', label: 'Bake it', done: 'be baked' },
  wrap: { name: 'wrap', label: 'Wrap it', done: 'be wrapped' },
}

export const surfaceNames: Readonly<Record<SurfaceKind, string>> = {
  rack: 'a rack, air all round',
  stone: 'stone',
  wood: 'wood',
  cloth: 'cloth on wood',
  silicone: 'silicone on wood',
  fridge: 'a fridge shelf',
}

export const toolNames: Readonly<Record<CutTool, string>> = {
  knife: 'a knife',
  'oiled-knife': 'an oiled knife',
  'hot-knife': 'a hot, dry knife',
  'wet-knife': 'a wet knife',
  cutter: 'a cutter',
  wheel: 'a wheel',
  scissors: 'greased scissors',
}

export const filmNames: Readonly<Record<Film, string>> = {
  none: 'bare',
  'waxed-paper': 'waxed paper',
  cellulose: 'cellulose film',
  polypropylene: 'polypropylene',
  foil: 'foil',
  jar: 'a closed jar',
}

export const formedNames: Readonly<Record<Formed, string>> = {
  drops: 'drops',
  balls: 'balls',
  clusters: 'clusters',
  sticks: 'sticks',
}

export const fillerNames: Readonly<Record<Filler, string>> = { jug: 'jug', spoon: 'spoon', funnel: 'funnel' }

export const chocolateNames: Readonly<Record<Chocolate, string>> = { dark: 'dark', milk: 'milk', white: 'white' }

export const textureNames: Readonly<Record<Texture, string>> = {
  'gloss-gone': 'the gloss is gone',
  ribbon: 'falls in a ribbon',
  'just-warm': 'just warm',
  'holds-line': 'holds a line',
  'off-paper': 'comes off the paper',
  'no-mark': 'a finger leaves no mark',
  'sets-glossy': 'a smear sets glossy',
  'sets-dull': 'a smear stays dull',
}

export const touchNames: Readonly<Record<Touch, string>> = {
  hot: 'hot',
  warm: 'warm',
  barely: 'barely warm',
  cool: 'cool',
}

/** What it can do now, on the ladder. */
export const massNames: Readonly<Record<MassState, string>> = {
  runs: 'runs',
  levels: 'levels',
  scores: 'takes a score',
  cuts: 'cuts clean',
  snaps: 'hard',
  'too-hot': 'too hot to beat',
  beats: 'beats to fine grain',
  'too-stiff': 'too stiff to beat',
  slack: 'slack and hot',
  pours: 'pours and holds',
  sets: 'sets where it is',
  molten: 'molten',
  seeding: 'on its way down',
  'in-temper': 'in temper',
  thick: 'too thick to work',
}

/** A moment after the pour as a maker says it: "27 min", "1 h 18". */
export const sayMoment = (seconds: number): string =>
  formatSpan(seconds < 600 ? seconds : 60 * Math.round(seconds / 60))

/** A window on the curve: "score 17 to 41 min", from the moment it was poured. */
export function sayWindow(
  { kind, opens, closes }: Pick<WorkAhead, 'kind' | 'opens' | 'closes'>,
  since: number,
): string {
  const { name } = handworkNames[kind]
  if (!Number.isFinite(opens)) return `${name}: not in this room`
  const from = sayMoment(Math.max(0, opens - since))
  if (!Number.isFinite(closes)) return opens <= since ? `${name} at any time` : `${name} from ${from}`
  const until = sayMoment(closes - since)
  return opens <= since ? `${name} until ${until}` : `${name} ${from} to ${until}`
}

const insteads: Readonly<Record<Instead, string>> = {
  'warm-it': 'Warm it until it gives',
  'break-it': 'Break it along no line, under paper',
  'back-on-heat': 'Back over low heat',
  'press-it': 'Press it level between two sheets',
  'stir-it': 'Warm the bowl and work it on: the grain will be coarser',
}

/** What comes of a work done before its window or after it. */
const outcomes: Readonly<Partial<Record<HandworkKind, { readonly early: string; readonly late: string }>>> = {
  score: {
    early: 'the line closes again; score it once more later',
    late: 'it splinters under the blade; break it instead',
  },
  cut: { early: 'it smears and runs together again', late: 'it is hard to cut; warm the knife' },
  break: { early: 'it bends before it breaks', late: 'it breaks as it likes' },
  unmould: { early: 'they bend, and stick to the mould', late: 'they hold on to the mould' },
  beat: { early: 'beaten hot it grains coarse', late: 'it stiffens in the bowl and crumbles' },
  whip: { early: 'slack: it sets dense and weeps', late: 'it tears and will not level' },
  spread: { early: 'it runs further than you spread it', late: 'it tears, and lies in ridges' },
  fill: { early: 'bubbles stay in the pieces', late: 'it strings, and sets in the jug' },
  form: { early: 'it slumps flat again, and burns', late: 'it cracks instead of closing' },
  pull: { early: 'it runs through the hands, and burns', late: 'it cracks instead of stretching' },
  'cover-chips': { early: 'the chocolate scorches', late: 'the chips do not melt' },
  pipe: { early: 'it runs flat', late: 'it breaks off in the nozzle' },
  'pour-over': { early: 'it soaks into what is below', late: 'it does not level' },
  temper: { early: 'too warm yet, the seed melts out again', late: 'it thickens; warm it by a degree or two' },
  coat: { early: 'too warm it runs thin and dulls', late: 'it lies thick and in ridges' },
  'fold-in': { early: 'what is folded in melts or sinks', late: 'it will not take it up evenly' },
}

/** What was counted once it was cut. */
export const sayYield = ({ pieces, seconds, trimGrams }: Yield, say: Say): string =>
  `${formatCount(pieces)} good, ${formatCount(seconds)} imperfect${trimGrams > 0 ? `, ${say.weight(inGrams(trimGrams))} trimmed off` : ''}`

/** What came of a work, in a line of the story. */
export const sayOutcome = ({ kind, came, celsius }: WorkOutcome, say: Say): string =>
  came === 'right'
    ? `${capital(handworkNames[kind].name)} in its window, at ${say.temperature(celsius)} reckoned`
    : `${capital(handworkNames[kind].name)} too ${came}, at ${say.temperature(celsius)} reckoned: ${outcomes[kind]?.[came] ?? 'look at it again'}`

const findings: Sayings<FinishFigures> = {
  missed: ({ kind, warmTo, warmFor, instead }, say) => ({
    text: `Too late to ${handworkNames[kind].name}`,
    detail:
      warmTo === null
        ? `${insteads[instead]}.`
        : `${instead === 'warm-it' ? 'Warm it to' : `${insteads[instead]}, or warm it to`} ${say.temperature(warmTo)}${warmFor !== null && Number.isFinite(warmFor) ? `: some ${sayMoment(warmFor)} in a low oven` : ''}.`,
  }),
  came: ({ kind, came, celsius }, say) => ({
    text: `${capital(handworkNames[kind].name)} too ${came}`,
    detail: `At ${say.temperature(celsius)}: ${outcomes[kind]?.[came] ?? 'it may not come out as it should'}.`,
  }),
  closing: ({ kind, left }) => ({
    text: `${formatSpan(left)} left to ${handworkNames[kind].name}`,
    detail: 'It stiffens quickly from here.',
  }),
  dew: ({ dew }, say) => ({
    text: 'It will weep when it comes out',
    detail: `It is below ${say.temperature(dew)}, where this room's air turns to drops. Leave it wrapped until it is warmer than that.`,
  }),
  'short-of-pieces': ({ left, wanted, warmTo }, say) => ({
    text: `About ${left} of ${wanted} before it stiffens`,
    detail: `Then back over low heat to ${say.temperature(warmTo)}, no higher. Two pours next time.`,
  }),
  'whipped-short': ({ gPerMl, least }) => ({
    text: 'Not light enough yet',
    detail: `${gPerMl.toFixed(2)} g/ml; it holds from ${least.toFixed(2)}. Poured now it sets dense and weeps.`,
  }),
  'whipped-over': ({ gPerMl, most }) => ({
    text: 'Whipped past its best',
    detail: `${gPerMl.toFixed(2)} g/ml, under ${most.toFixed(2)}: spread it at once, it tears and dries early.`,
  }),
}

export const sayFinish = (finding: FinishFinding, say: Say): Said => sayFinding(findings, finding, say)

/** The one thing to mind of a finish; null for nothing. */
export function sayFinishing(finish: FinishAssessment | null, say: Say): string | null {
  const [first] = finish?.findings ?? []
  if (!first) return null
  const { text, detail } = sayFinish(first, say)
  return `${text}. ${detail}`
}

/** What a move would change: "cut in 22 min instead of 41; weeps after 14". */
export function sayMove({ next, sweats }: Move, now: WorkAhead | null, at: number): string {
  const said: string[] = []
  if (next && now) {
    const { name } = handworkNames[next.kind]
    const then = Math.max(0, next.opens - at)
    const today = Math.max(0, now.opens - at)
    if (!Number.isFinite(then)) said.push(`${name}: never there`)
    else if (today <= 0 && then <= 0)
      said.push(
        Number.isFinite(next.closes) ? `${name} until ${sayMoment(next.closes - at)} from now` : `${name} as now`,
      )
    else said.push(`${name} in ${sayMoment(then)}${Number.isFinite(today) ? ` instead of ${sayMoment(today)}` : ''}`)
  }
  if (Number.isFinite(sweats)) said.push(`weeps after ${sayMoment(sweats - at)}`)
  return said.join('; ') || 'nothing changes'
}

const wants: Sayings<WantFigures, string> = {
  dust: ({ grams, starch }, say) =>
    `${say.weight(grams)} to dust with: ${say.weight(starch)} starch, the rest icing sugar.`,
  coat: ({ grams, staysOn }, say) => `${say.weight(grams)} to dip in; ${say.weight(staysOn)} of it stays on them.`,
  temper: ({ chocolate, melt, seed, meltTo, workAt, tooWarm }, say) =>
    `Melt ${say.weight(melt)} of the ${chocolateNames[chocolate]} to ${say.temperature(meltTo)}, hold back ${say.weight(seed)} as seed, and stir that in to ${say.fine(workAt)}.${tooWarm ? ' This room is too warm for it to set with a gloss.' : ''}`,
  chips: ({ grams, melts, share, spreadBelow }, say) =>
    `${melts ? `The slab has heat enough to melt ${say.weight(grams)}.` : `Its heat melts only ${formatPercent(share)} of them.`} Spread once the topmost shine and it is below ${say.temperature(spreadBelow)}. Melted so they bloom within days: eat soon, or temper and spread instead.`,
  wrap: ({ film, days, bareHours }) =>
    `Keeps ${sayDays(days)} in ${filmNames[film]}${Number.isFinite(bareHours) ? `; bare no longer than ${sayMoment(bareHours * 3600)}` : ''}.`,
  chill: ({ dew, weeps }, say) =>
    weeps
      ? `It comes out below ${say.temperature(dew)} and weeps: wrap it first.`
      : 'The air is dry enough: it does not weep.',
  cut: ({ tool }) => `With ${toolNames[tool]}, straight down, wiped between cuts.`,
}

/** What a work wants for this batch. */
export const sayWant = (want: Want, say: Say): string => sayFinding(wants, want, say)

/** Where it is: "12 min on the marble slab". */
export const sayPlace = ({ place, mass }: FinishAssessment): string =>
  ({
    pot: 'off the heat',
    bowl: 'in the bowl',
    slab: `on the ${mass.on.name}`,
    moulds: `in its moulds, on the ${mass.on.name}`,
    pieces: `in pieces, on the ${mass.on.name}`,
  })[place]

/** How far it is whipped. */
export const sayFoam = ({ times, gPerMl, litres, measured }: Foam): string =>
  `${formatTimes(times)} what it was, ${gPerMl.toFixed(2)} g/ml, ${formatLitres(litres)}: ${measured ? 'by its height' : 'by the clock'}.`

/** How many can still be made. */
export const sayForming = ({ left, wanted, secondsEach, own }: Forming): string =>
  `${left >= wanted ? `time for all ${formatCount(wanted)}` : `time for ${formatCount(left)} of ${formatCount(wanted)}`} at ${secondsEach.toFixed(0)} s each${own ? ', your pace' : ''}`

/** How long something keeps: "3 weeks", "over a year". */
export function sayDays(days: number): string {
  if (!Number.isFinite(days) || days > 365) return 'over a year'
  if (days < 1) return formatSpan(Math.round(days * 24) * 3600)
  if (days < 14) return `${Math.round(days)} days`
  return days < 90 ? `${Math.round(days / 7)} weeks` : `${Math.round(days / 30)} months`
}

/** How long it may lie bare, in a few words. */
export const sayBare = ({ goes, bareHours }: WrapBy): string =>
  goes === 'steady'
    ? 'bare, as it is'
    : `bare, ${goes === 'sticky' ? 'sticky' : 'dry'} in ${sayMoment(bareHours * 3600)}`

/** The clock of this sweet in this room. */
export function sayKeeping({ goes, bareHours, fridge, dewC, spoils }: WrapBy, say: Say): Said[] {
  const bare: Said =
    goes === 'steady'
      ? { text: 'Bare, it keeps as it is in this room', detail: 'The air here is as damp as the sweet itself.' }
      : {
          text: `Bare, it is ${goes === 'sticky' ? 'sticky' : 'dry'} in ${sayMoment(bareHours * 3600)}`,
          detail:
            goes === 'sticky'
              ? 'Its skin takes up damp from the first minute.'
              : 'Its skin gives its water to the air.',
        }
  const cold: Said =
    fridge === 'weeps'
      ? {
          text: 'Out of the fridge it weeps',
          detail: `Below ${say.temperature(inCelsius(dewC))} the air settles on it. Only well wrapped, and left wrapped until it is warm.`,
        }
      : { text: 'The fridge does it no harm', detail: 'The air here is dry enough.' }
  const food: Said = {
    nothing: { text: 'Too dry for anything to grow', detail: 'Your local food code decides what goes on the label.' },
    some: {
      text: 'Some yeasts and moulds may grow',
      detail: 'Damp enough for the hardy ones: clean hands, a date on it, and your local food code.',
    },
    chilled: {
      text: 'A chilled food',
      detail: 'So damp that it spoils: keep it cold and follow your local food code.',
    },
  }[spoils]
  return [bare, cold, food]
}
