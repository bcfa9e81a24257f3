/** What is said of a finish at leisure: on paper, in panels, in the story. What no pot needs at once stands here. */
import {
  type Chocolate,
  type CutTool,
  cameWrong,
  type Filler,
  type Film,
  type Foam,
  type Formed,
  type Forming,
  type GanacheUse,
  type HandworkKind,
  inCelsius,
  inGrams,
  type MassState,
  type Move,
  type OffCuts,
  type SurfaceKind,
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
import { handworkNames, sayMoment } from './finish'
import { handworkDone, outcomeWords } from './finish-mind'
import { capital } from './names'

/** Works as they are offered in a list. */
export const handworkLabels: Readonly<Record<HandworkKind, string>> = {
  'lay-under': 'Lay something under it',
  spread: 'Spread it',
  leave: 'Leave it alone',
  score: 'Score it',
  cut: 'Cut it',
  break: 'Break it',
  pull: 'Pull it',
  form: 'Form it by hand',
  fill: 'Fill moulds or jars',
  pipe: 'Pipe it',
  unmould: 'Turn out of the moulds',
  beat: 'Beat it',
  whip: 'Whip it',
  'fold-in': 'Fold something in',
  'pour-over': 'Pour it over something',
  'cover-chips': 'Cover with chips',
  table: 'Work it on a stone',
  gather: 'Back into the bowl',
  temper: 'Temper chocolate',
  coat: 'Dip or coat',
  dust: 'Dust and sift off',
  sprinkle: 'Sprinkle while it is wet',
  chill: 'Chill it',
  bake: 'Bake it',
  cool: 'Let it get cold',
  wrap: 'Wrap it',
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
  soft: 'too soft to cut',
  slack: 'slack and hot',
  pours: 'pours and holds',
  sets: 'sets where it is',
  molten: 'molten',
  seeding: 'on its way down',
  'in-temper': 'in temper',
  thick: 'too thick to work',
  warm: 'too warm to cover',
  cold: 'cold: it can be covered',
}

/** A window on the curve: "score 17 to 41 min", from the moment it was poured. */
export function sayWindow(
  { kind, opens, closes }: Pick<WorkAhead, 'kind' | 'opens' | 'closes'>,
  since: number,
): string {
  const name = handworkNames[kind]
  if (!Number.isFinite(opens)) return `${name}: not in this room`
  const from = sayMoment(Math.max(0, opens - since))
  if (!Number.isFinite(closes)) return opens <= since ? `${name} at any time` : `${name} from ${from}`
  const until = sayMoment(closes - since)
  // a moment that its maker sets later than it can be done
  if (closes <= opens) return `${name} by ${until}`
  return opens <= since ? `${name} until ${until}` : `${name} ${from} to ${until}`
}

/** What a ganache is for. */
export const ganacheNames: Readonly<Record<GanacheUse, string>> = {
  firm: 'firm, to roll or cut',
  filling: 'as a filling',
  pours: 'to pour over',
}

export const offCutNames: Readonly<Record<OffCuts, string>> = {
  eaten: 'eaten',
  rolled: 'rolled again',
  melted: 'melted back',
  binned: 'thrown away',
}

/** What was counted once it was cut. */
export const sayYield = ({ pieces, seconds, trimGrams, offCuts }: Yield, say: Say): string =>
  `${formatCount(pieces)} good, ${formatCount(seconds)} imperfect${trimGrams > 0 ? `, ${say.weight(inGrams(trimGrams))} trimmed off${offCuts ? ` and ${offCutNames[offCuts]}` : ''}` : ''}`

/** What came of a work, in a line of the story. */
export const sayOutcome = ({ kind, came, celsius }: WorkOutcome, say: Say): string =>
  cameWrong(came)
    ? `${capital(handworkDone[kind])} too ${came}, at ${say.temperature(celsius)} reckoned: ${outcomeWords[kind]?.[came] ?? 'look at it again'}`
    : `${capital(handworkDone[kind])}${came === 'right' ? ' in its window' : ''}, at ${say.temperature(celsius)} reckoned`

/** ◊ s: so little sooner or later is none. */
const NO_SOONER = 60

/** What a move would change: "cut in 22 min instead of 41; weeps after 14". */
export function sayMove({ next, sweats }: Move, now: WorkAhead | null, at: number): string {
  const said: string[] = []
  if (next && now) {
    const name = handworkNames[next.kind]
    const then = Math.max(0, next.opens - at)
    const today = Math.max(0, now.opens - at)
    if (!Number.isFinite(then)) said.push(`there it never comes to: ${name}`)
    else if (today <= 0 && then <= 0)
      said.push(
        Number.isFinite(next.closes) ? `${name} until ${sayMoment(next.closes - at)} from now` : `${name} as now`,
      )
    else if (Math.abs(then - today) < NO_SOONER) said.push(`${name} no sooner`)
    else said.push(`${name} in ${sayMoment(then)}${Number.isFinite(today) ? ` instead of ${sayMoment(today)}` : ''}`)
  }
  if (Number.isFinite(sweats)) said.push(`weeps after ${sayMoment(sweats - at)}`)
  return said.join('; ') || 'nothing changes'
}

/** What decides before the water does how long it is good. */
const eatenBy: Readonly<Record<WrapBy['spoils'], string>> = {
  nothing: '',
  some: ' Damp enough for some yeasts and moulds: a date on it sooner than that, by your local food code.',
  chilled: ' It spoils long before: keep it cold, by your local food code.',
}

const wants: Sayings<WantFigures, string> = {
  dust: ({ grams, starch }, say) =>
    `${say.weight(grams)} to dust with${starch === null ? '' : `: ${say.weight(starch)} starch, the rest icing sugar`}.`,
  coat: ({ grams, staysOn, listed }, say) =>
    listed > 0
      ? `${say.weight(listed)} is in the list. All round they take ${say.weight(staysOn)}, out of ${say.weight(grams)} to dip in${listed < staysOn ? ': it does for a side, or for some of them' : ''}.`
      : `${say.weight(grams)} to dip in; ${say.weight(staysOn)} of it stays on them.`,
  temper: ({ chocolate, melt, seed, meltTo, workAt, tooWarm }, say) =>
    `Melt ${say.weight(melt)} of the ${chocolateNames[chocolate]} to ${say.temperature(meltTo)}, hold back ${say.weight(seed)} as seed, and stir that in to ${say.fine(workAt)}.${tooWarm ? ' This room is too warm for it to set with a gloss.' : ''}`,
  table: ({ grams, downTo, takes, workAt }, say) =>
    `${say.weight(grams)} of it onto the stone, worked down to ${say.fine(downTo)}: some ${sayMoment(takes)}. Back in the bowl all of it stands at ${say.fine(workAt)}.`,
  bake: ({ at, takes, inside }, say) =>
    Number.isFinite(takes)
      ? `At ${say.temperature(at)} its middle is at ${say.temperature(inside)} after some ${sayMoment(takes)}; then its colour decides.`
      : `At ${say.temperature(at)} its middle never comes to ${say.temperature(inside)}: go by its colour.`,
  pull: ({ pulls, takes, bends, grows }) =>
    `Some ${formatCount(pulls)} pulls, ${sayMoment(takes)} with quick hands; drawn out it bends for ${sayMoment(bends)} in this room, and is ${formatTimes(grows)} as big. Gloves, and a helper for what firms first.`,
  chips: ({ grams, melts, share, spreadBelow }, say) =>
    `${melts ? `The slab has heat enough to melt ${say.weight(grams)}.` : `Its heat melts only ${formatPercent(share)} of them.`} Spread once the topmost shine and it is below ${say.temperature(spreadBelow)}. Melted so they bloom within days: eat soon, or temper and spread instead.`,
  wrap: ({ film, days, bareHours, spoils }) =>
    `${spoils === 'nothing' ? 'Keeps' : 'Holds its water'} ${sayDays(days)} in ${filmNames[film]}${Number.isFinite(bareHours) ? `; bare no longer than ${sayMoment(bareHours * 3600)}` : ''}.${eatenBy[spoils]}`,
  chill: ({ dew, weeps }, say) =>
    weeps
      ? `It comes out below ${say.temperature(dew)} and weeps: wrap it first.`
      : 'The air is dry enough: it does not weep.',
  cut: ({ tool }) => `With ${toolNames[tool]}, straight down, wiped between cuts.`,
}

/** What a work wants for this batch. */
export const sayWant = (want: Want, say: Say): string => sayFinding(wants, want, say)

/** How far it is whipped. */
export const sayFoam = ({ times, gPerMl, litres, measured }: Foam): string =>
  `${formatTimes(times)} what it was, ${gPerMl.toFixed(2)} g/ml, ${formatLitres(litres)}: ${measured ? 'by its height' : 'by the clock'}.`

/** How many can still be made. */
const paceWords: Readonly<Record<Forming['pace'], string>> = {
  now: ', your pace',
  earlier: ', as you did',
  usual: '',
}

export const sayForming = ({ left, wanted, secondsEach, pace }: Forming): string =>
  `${left >= wanted ? `time for all ${formatCount(wanted)}` : `time for ${formatCount(left)} of ${formatCount(wanted)}`} at ${secondsEach.toFixed(0)} s each${paceWords[pace]}`

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
