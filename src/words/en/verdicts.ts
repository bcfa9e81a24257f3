/** What a batch will be. */
import { type FamilyId, inCelsiusStep, type Verdict, type VerdictFigures } from '@/core'
import { formatLitres, formatPercent, formatShare, formatSpan } from '../format'
import { type Said, type Sayings, sayFinding } from '../said'
import type { Say } from '../units'
import { biteNames, capital, partStateNames } from './names'

const grains: Readonly<Record<VerdictFigures['grain']['risk'], string>> = {
  readily: 'Grains readily',
  may: 'May grain',
  'if-stirred': "Won't grain if left unstirred",
  resists: "Won't grain",
  none: "Won't grain: all dissolved",
}
/** What is meant to grain, and beaten until it does. */
const meantGrains: typeof grains = {
  readily: 'Grains readily',
  may: 'Grains as it is beaten',
  'if-stirred': 'Grains only as it is beaten',
  resists: 'Hardly grains: it stays a chew',
  none: "Won't grain: all dissolved",
}

/** A whole minute is near enough for what is reckoned; under one, seconds. */
export const aboutSpan = (seconds: number): string =>
  seconds < 60 ? `${Math.round(seconds)} s` : formatSpan(Math.round(seconds / 60) * 60)

type Going = Readonly<Record<'sticky' | 'dries', string>>

const anyGoing: Going = { sticky: 'it takes up water, wrap it within the hour', dries: 'it dries out, wrap it' }

/** What stands in jars, whatever it is. */
const inJarsGoing: Going = {
  sticky: 'left open it takes up water and thins, close it once it is cold',
  dries: 'left open it gets a skin, close it once it is cold',
}

/** What is crisp in its kind, and came out as a chew. */
const chewyGoing: Going = {
  sticky: 'it takes up water and turns soft, into a tight tin within the hour',
  dries: 'it only gets harder',
}
const CRISP: readonly FamilyId[] = ['toffee', 'brittle', 'honeycomb']

/** What the room does to a family, and what is done about it. What is a glass has nothing to lose. */
const goings: Readonly<Partial<Record<FamilyId, Going>>> = {
  'hard-candy': {
    sticky: 'its skin turns sticky and cloudy, into a tight tin within the hour',
    dries: 'it only gets harder',
  },
  caramel: {
    sticky: 'it takes up water and runs, wrap each piece within the hour',
    dries: 'it gets a hard skin, wrap each piece',
  },
  'caramel-sauce': inJarsGoing,
  'condensed-milk': {
    sticky: 'it takes up water and turns sticky, wrap or cover it',
    dries: 'it gets a crust, wrap or cover it',
  },
  toffee: {
    sticky: 'it turns sticky and loses its snap, into a tight tin within the hour',
    dries: 'it only gets harder',
  },
  brittle: {
    sticky: 'it turns sticky and loses its snap, into a tight tin within the hour',
    dries: 'it only gets harder',
  },
  honeycomb: {
    sticky: 'it turns sticky and sinks, into a tight tin or under chocolate within the hour',
    dries: 'it only gets crisper',
  },
  fudge: {
    sticky: 'it weeps and goes soft, wrap it once it is firm',
    dries: 'it goes dry and crumbles, wrap it once it is firm',
  },
  nougat: {
    sticky: 'it takes up water and spreads, wrap each piece within the hour',
    dries: 'it goes hard, wrap each piece',
  },
  marshmallow: {
    sticky: 'it weeps through its dust, into a tight box once it is dusted',
    dries: 'it goes tough, into a tight box once it is dusted',
  },
  jelly: {
    sticky: 'its sugar melts and it weeps, into a tight box once it is dusted',
    dries: 'it gets a crust and shrinks, into a tight box once it is dusted',
  },
  popcorn: {
    sticky: 'the corn goes soft, into a tight bag within the hour',
    dries: 'it only gets crisper',
  },
}

type HumidityFigures = VerdictFigures['humidity']
const goingOf = ({ family, glassy, inJars }: HumidityFigures): Going =>
  inJars ? inJarsGoing : !glassy && CRISP.includes(family) ? chewyGoing : (goings[family] ?? anyGoing)

const untilScored = (scores: number | null): string =>
  scores === null
    ? 'it is cut once its middle is as cool as the room'
    : Number.isFinite(scores)
      ? `takes a score until about ${aboutSpan(scores)}`
      : 'stays soft enough to cut in this room'

type WorkFigures = VerdictFigures['work']

const KEEPS_HEAT = 'it keeps its heat in the pot; back over low heat if it thickens'
/** How what is poured becomes pieces: what is done in time, and what is to be known of it. */
const pouredBy: Readonly<Record<WorkFigures['by'], { does: string; detail: (f: WorkFigures) => string }>> = {
  cut: { does: 'Pour', detail: ({ scores }) => untilScored(scores) },
  broken: { does: 'Pour', detail: ({ scores }) => untilScored(scores) },
  mould: { does: 'Fill moulds or jars', detail: () => KEEPS_HEAT },
  dipped: { does: 'Dip', detail: () => KEEPS_HEAT },
  dropped: { does: 'Spoon it out', detail: () => KEEPS_HEAT },
  rolled: { does: 'Turn it out', detail: () => 'it is rolled once it is cool enough to handle' },
}

/** What each family's own work asks of time. */
const works: Readonly<Record<WorkFigures['work'], (f: WorkFigures, say: Say) => Said>> = {
  poured: (figures) => {
    const { does, detail } = pouredBy[figures.by]
    const { until } = figures
    return {
      text: Number.isFinite(until) ? `${does} within ${aboutSpan(until)}` : 'No hurry to pour it',
      detail: detail(figures),
    }
  },
  set: (figures, say) => ({
    text: works.poured(figures, say).text,
    detail: figures.setsAt === null ? '' : `below about ${say.temperature(figures.setsAt)} it sets, wherever it is`,
  }),
  spread: (figures, say) => {
    const { by, until, scores } = figures
    if (by !== 'cut' && by !== 'broken') return works.poured(figures, say)
    return {
      text: Number.isFinite(until) ? `Spread within ${aboutSpan(until)}` : 'No hurry to spread it',
      detail: untilScored(scores),
    }
  },
  pulled: ({ until, scores }) => ({
    text: Number.isFinite(until) ? `Pour within ${aboutSpan(until)}, then pull` : 'Pour it, then pull',
    detail:
      scores !== null && Number.isFinite(scores)
        ? `soft enough to pull and cut until about ${aboutSpan(scores)}`
        : 'pull it as soon as it can be handled, with gloves: it is hot inside for longer',
  }),
  tipped: () => ({ text: 'Tip it out at once', detail: 'never spread or touch it: the foam falls' }),
  beaten: () => ({ text: 'Beat it once it has cooled, then pour', detail: 'beaten hot it grains coarse' }),
  stirred: () => ({
    text: 'Stir until it just dulls, then out with it at once',
    detail: 'it sets while it is stirred: have its tin or sheet ready',
  }),
  whipped: ({ by }) => ({
    text: by === 'dropped' ? 'Whip it until it holds a shape, then drop it' : 'Whip it first, then pour',
    detail: 'it is worked in the bowl, not on the tray',
  }),
  tempered: () => ({
    text: 'Temper it, then work it while it holds',
    detail: 'a smear on paper tells: firm and glossy in 3 to 5 min',
  }),
  tossed: () => ({ text: 'Toss it at once', detail: 'have what it coats warm and within reach' }),
}

const sayings: Sayings<VerdictFigures> = {
  bite: ({ bite, aboveGlass, crystal, set }, say) => ({
    text: set ? 'Set: it holds its shape' : capital(biteNames[bite]),
    detail: set
      ? 'what sets it decides how firm, and that is not reckoned'
      : crystal === null
        ? `${say.step(inCelsiusStep(Math.abs(aboveGlass)))} ${aboveGlass < 0 ? 'below' : 'above'} its glass point in this room`
        : `${formatPercent(crystal)} of its sugar and water is fine crystal, once it has grained`,
  }),
  water: ({ share, out, steam, time, burner, boilsFrom }, say) => ({
    text: `${formatShare(share)} water, ${say.weight(out)} out of the pot`,
    detail: Number.isFinite(time)
      ? boilsFrom !== null
        ? `its target is below where it first boils, ${say.temperature(boilsFrom)}: it only warms to it, and loses nothing`
        : `${say.weight(steam)} boils away in about ${aboutSpan(time)}`
      : `the ${burner} is too weak to get it there`,
  }),
  grain: ({ risk, meant, doctors, between }) => ({
    text: (meant ? meantGrains : grains)[risk],
    detail: between
      ? `doctors are some ${formatPercent(doctors)} of the sweeteners: ${formatPercent(between.low)} to ${formatPercent(between.high)}, by how much acid and heat split`
      : `doctors are ${formatPercent(doctors)} of the sweeteners`,
  }),
  humidity: (figures) => {
    const { stickyAbove, driesBelow, room, keeping } = figures
    return {
      text: `Sticky above ${formatPercent(stickyAbove)} humidity, ${driesBelow > 0 ? `dries below ${formatPercent(driesBelow)}` : 'never too dry'}`,
      detail: `the room is at ${formatPercent(room)}: ${keeping === 'steady' ? 'it keeps as it is' : goingOf(figures)[keeping]}`,
    }
  },
  ganache: ({ fat, water, splits }) => ({
    text: splits ? 'A ganache that splits easily' : 'A ganache that holds',
    detail: `${formatPercent(fat)} fat, ${formatPercent(water)} water${splits ? ': more cream, or a spoon of it warm once it breaks' : ''}`,
  }),
  fits: ({ fill, peakLitres, potLitres, pot }) => ({
    text: fill > 1 ? `Boils over the ${pot}` : fill > 0.85 ? `Only just fits the ${pot}` : 'Fits the pot',
    detail: `rises to ${formatLitres(peakLitres)} of ${potLitres} l at its worst`,
  }),
  work: (figures, say) => works[figures.work](figures, say),
  allergens: ({ allergens }) => ({
    text: allergens.length > 0 ? `Contains ${allergens.join(', ')}` : 'No listed allergen',
    detail: 'check local labelling rules before selling',
  }),
  weight: ({ out, parts }, say) => ({
    text: `${say.weight(out)} altogether`,
    detail: parts > 1 ? `in ${parts} parts` : parts === 1 ? 'in one part' : 'nothing of it is boiled',
  }),
  'part-waits': ({ part, waitsFor, state, about }) => ({
    text: `${part} waits until the ${waitsFor.toLowerCase()} ${partStateNames[state]}`,
    detail: about,
  }),
}

export const sayVerdict = (verdict: Verdict, say: Say): Said => sayFinding(sayings, verdict, say)
