/** What the log says: of a sweet as it was tasted, of what is wrong with it, and of what was behind it. */
import {
  type CauseId,
  type FamilyId,
  type FlawId,
  inCelsius,
  inCelsiusStep,
  type ScaleId,
  type Suspect,
  type TraitId,
  type Unusual,
} from '@/core'
import { formatMinutes, formatShare } from '../format'
import type { Say } from '../units'
import { proseIn } from './prose'

interface ScaleWords {
  readonly title: string
  /** From the first step to the fifth. */
  readonly steps: readonly [string, string, string, string, string]
}

const scaleWords: Readonly<Record<ScaleId, ScaleWords>> = {
  bite: { title: 'Bite', steps: ['far too soft', 'a bit soft', 'right', 'a bit hard', 'far too hard'] },
  chew: { title: 'Chew', steps: ['falls apart', 'short', 'right', 'long', 'sticks to teeth'] },
  gloss: { title: 'Gloss', steps: ['dull', 'matt', 'some', 'glossy', 'like glass'] },
  grain: { title: 'Grain', steps: ['none', 'a hint', 'fine', 'sandy', 'coarse'] },
  stick: { title: 'Stickiness', steps: ['dry to the touch', 'hardly', 'tacky', 'sticky', 'wet'] },
  thick: { title: 'Thickness', steps: ['far too thin', 'thin', 'right', 'thick', 'far too thick'] },
  flavour: { title: 'Flavour', steps: ['off', 'flat', 'fair', 'good', 'best yet'] },
}

/** Where a family says it otherwise. */
const familyWords: Readonly<Partial<Record<FamilyId, Partial<Record<ScaleId, Partial<ScaleWords>>>>>> = {
  fudge: {
    grain: { title: 'Grain', steps: ['like cream', 'very fine', 'fine', 'sandy', 'coarse'] },
    bite: { title: 'Set', steps: ['will not hold', 'soft', 'right', 'firm', 'dry and hard'] },
  },
  'hard-candy': { bite: { title: 'Snap', steps: ['bends', 'dull', 'clean', 'hard', 'splinters'] } },
  toffee: { bite: { title: 'Snap', steps: ['chews', 'dull', 'clean', 'hard', 'a tooth breaker'] } },
  brittle: { bite: { title: 'Snap', steps: ['bends', 'dull', 'clean', 'hard', 'splinters'] } },
  honeycomb: {
    bite: { title: 'Crunch', steps: ['chews', 'soft', 'light', 'hard', 'like glass'] },
    thick: { title: 'Rise', steps: ['flat', 'low', 'right', 'high', 'hollow'] },
  },
  marshmallow: { bite: { title: 'Set', steps: ['runs', 'soft', 'springs back', 'firm', 'rubber'] } },
  nougat: { bite: { title: 'Bite', steps: ['runs', 'soft', 'right', 'firm', 'hard'] } },
  chocolate: { bite: { title: 'Snap', steps: ['soft', 'dull', 'clean', 'hard', 'brittle'] } },
}

/** A scale in the words of a family. */
export const scaleIn = (family: FamilyId, id: ScaleId): ScaleWords => ({
  ...scaleWords[id],
  ...familyWords[family]?.[id],
})

export const flawNames: Readonly<Record<FlawId, string>> = {
  grained: 'grained',
  sticky: 'sticky',
  weeps: 'weeps',
  'too-hard': 'too hard',
  'too-soft': 'too soft',
  scorched: 'scorched',
  separated: 'separated',
  cloudy: 'cloudy',
  'foamed-over': 'foamed over',
  'would-not-set': 'would not set',
  'would-not-release': 'would not release',
  bubbles: 'bubbles',
  'chewy-sponge': 'chewy sponge',
  'fell-sponge': 'fell sponge',
  bloom: 'bloom',
  shattered: 'shattered in cutting',
  thick: 'too thick',
  thin: 'too thin',
  'dried-out': 'dried out',
}

interface CauseWords {
  /** What it was, as a statement. */
  readonly was: string
  /** What would tell it from the others. */
  readonly tell: string
  /** What helps this batch, and what to change for the next. */
  readonly now: string
  readonly next: string
  /** What helps it is another boil. */
  readonly reboils?: true
}

const bin = 'Nothing brings this one back.'

const causeWords: Readonly<Record<CauseId, CauseWords>> = {
  'ring-weaker': {
    was: 'The ring gave less than it used to',
    tell: 'Warm a kilo of water on it by the clock (Kitchen, burners).',
    now: 'Nothing to mend: it took longer, and browned a little more on the way.',
    next: 'Clean the burner and check the gas; until then allow more minutes.',
  },
  'ring-stronger': {
    was: 'The ring gave more than it used to',
    tell: 'Warm a kilo of water on it by the clock (Kitchen, burners).',
    now: 'Nothing to mend.',
    next: 'Turn it down a step earlier.',
  },
  'reads-high': {
    was: 'The thermometer shows too much',
    tell: 'Boiling water shows it in two minutes (Kitchen, thermometers); so does a drop at the target.',
    now: 'Boil it again to the target, by the corrected thermometer, if its colour allows.',
    reboils: true,
    next: 'Check the thermometer (Kitchen, thermometers): from then on every cook is corrected by it.',
  },
  'reads-low': {
    was: 'The thermometer shows too little',
    tell: 'Boiling water shows it in two minutes (Kitchen, thermometers); so does a drop at the target.',
    now: 'A soft sweet can go back in the pot with hot water and be boiled again; a hard one cannot.',
    reboils: true,
    next: 'Check the thermometer (Kitchen, thermometers): from then on every cook is corrected by it.',
  },
  'sugar-short': {
    was: 'Less sugar went in than was wanted',
    tell: 'Weigh ten pieces: they are light by the same share.',
    now: 'Nothing to mend: the slab is thinner.',
    next: 'Weigh the sugar against the list, and tick it off.',
  },
  'sugar-over': {
    was: 'More sugar went in than was wanted',
    tell: 'Weigh ten pieces: they are heavy by the same share.',
    now: 'Nothing to mend: the slab is thicker.',
    next: 'Weigh the sugar against the list, and tick it off.',
  },
  'water-over': {
    was: 'It began with more water',
    tell: 'The batch weighs what it should; only the boil took longer.',
    now: 'Nothing to mend.',
    next: 'Weigh the water too; a wet brush counts.',
  },
  'pulled-late': {
    was: 'It came off too late',
    tell: 'The curve shows how far past the target it went.',
    now: 'While it is warm: hot water and back to the boil, if its colour allows.',
    reboils: true,
    next: 'Go by the pull line, not the target: the pan carries on.',
  },
  'pulled-early': {
    was: 'It came off too early',
    tell: 'The curve shows how far short of the target it stopped.',
    now: 'Back on the heat to the target, if it can still be melted.',
    reboils: true,
    next: 'Wait for the target: the last degrees go quickly, but they decide the bite.',
  },
  'carried-on': {
    was: 'The pot carried it on further than usual',
    tell: 'The curve climbs after the pull.',
    now: 'While it is warm: hot water and back to the boil, if its colour allows.',
    reboils: true,
    next: 'Turn the heat down for the last ten degrees, or stand the pot in cold water at the pull.',
  },
  'long-in-the-heat': {
    was: 'It stood longer above 140°',
    tell: 'Hold a piece beside the colour swatches.',
    now: bin,
    next: 'More heat from 130° on, or a smaller boil.',
  },
  'hot-at-the-end': {
    was: 'The heat was higher at the end',
    tell: 'How the dial was turned, on the curve.',
    now: 'If the fat has parted, stir in a spoon of hot water.',
    next: 'Turn down at 130°: two steps are enough.',
  },
  'stirred-hot': {
    was: 'It was stirred, or knocked, while it was hot',
    tell: 'Grain all through: stirring. Grain from the edge: crystals on the side of the pot.',
    now: 'Back into the pot with a little water, dissolve, and boil again.',
    reboils: true,
    next: 'Keep the spoon out of reach from the boil until it may be beaten.',
  },
  'crystals-left': {
    was: 'Crystals were left on the side of the pot',
    tell: 'Grain from the edge inwards.',
    now: 'Back into the pot with a little water, dissolve, and boil again.',
    reboils: true,
    next: 'Lid on for three minutes at the boil, or a wet brush round the side.',
  },
  'doctor-short': {
    was: 'There is little in it that keeps sugar from graining',
    tell: 'The formula’s verdict on grain.',
    now: 'Back into the pot with water and glucose syrup, and boil again.',
    reboils: true,
    next: 'A tenth more glucose syrup in place of sugar.',
  },
  'damp-air': {
    was: 'The air was damp',
    tell: 'A piece left in a closed tin stays dry.',
    now: 'Wrap at once, or keep it in a closed tin with a drying bag.',
    next: 'Wrap sooner on such days, or pull a degree or two later.',
  },
  'dry-air': {
    was: 'The air was dry',
    tell: 'A piece kept wrapped stays soft.',
    now: 'Keep it wrapped.',
    next: 'Wrap as soon as it is cut.',
  },
  'warm-room': {
    was: 'The room was warm',
    tell: 'It firms up in a cool place.',
    now: 'A cool, dry shelf; not the fridge, where it weeps.',
    next: 'Work in the cool of the morning.',
  },
  'worked-early': {
    was: 'It was worked before its window',
    tell: 'The story of this batch says which work came early.',
    now: 'Let it rest and do it again in its window, where that is possible.',
    next: 'Wait for the window on the ladder.',
  },
  'worked-late': {
    was: 'It was worked after its window',
    tell: 'The story of this batch says which work came late.',
    now: 'Warm it back into its window.',
    next: 'Have the tools ready before the window opens.',
  },
  'spread-thick': {
    was: 'It was poured thicker than planned',
    tell: 'Hold a ruler to a piece; the batch weighs what it should.',
    now: 'Cut smaller.',
    next: 'A larger tray, or spread further.',
  },
  'spread-thin': {
    was: 'It was poured thinner than planned',
    tell: 'Hold a ruler to a piece; the batch weighs what it should.',
    now: 'Cut larger.',
    next: 'A smaller tray, or a bar across it.',
  },
  'fat-parted': {
    was: 'Fat parted from the syrup: too hot at once, cold butter, or no stirring',
    tell: 'Was there oil on top in the pot already, or only on the slab?',
    now: 'Stir in a spoon of hot water over low heat until it takes.',
    next: 'Butter at room temperature, a little at a time, and keep stirring.',
  },
  'out-of-temper': {
    was: 'The chocolate was out of temper, or got warm',
    tell: 'Bloom that rubs off is fat; rough bloom is sugar, from damp.',
    now: 'Good to eat; melt and temper it again for looks.',
    next: 'Try a smear on paper before dipping; keep it below 20°.',
  },
  'soda-tired': {
    was: 'The soda was old or too little',
    tell: 'A pinch in vinegar foams at once if it is good.',
    now: bin,
    next: 'A fresh packet, sifted.',
  },
  'sponge-disturbed': {
    was: 'The sponge was moved while it set',
    tell: 'Fallen in the middle: moved. Flat all over: soda.',
    now: bin,
    next: 'Pour once and leave the tray alone until it is cold.',
  },
  'not-greased': {
    was: 'The tray or mould was not greased or lined enough',
    tell: 'Warmed from below, it comes off.',
    now: 'Warm the underside for a few seconds.',
    next: 'Line with silicone or greased paper, corners too.',
  },
  'poured-from-high': {
    was: 'It was poured fast, or from high',
    tell: 'Small bubbles, all of one size, on the underside.',
    now: 'Pass a flame over the top while it is hot.',
    next: 'Let it stand half a minute, pour low and slow.',
  },
  'pot-too-small': {
    was: 'The pot was too small for the foam',
    tell: 'The formula’s verdict on the pot.',
    now: 'Off the heat until it sinks.',
    next: 'A larger pot, or two boils.',
  },
}

/** What is said of a cause, its temperatures in the reader's unit; `boilsAgain`: this sweet bears another boil. */
export function sayCause(cause: CauseId, say: Say, boilsAgain = true): CauseWords {
  const { was, tell, next, reboils, ...helps } = causeWords[cause]
  const now = reboils && !boilsAgain ? 'It cannot be boiled again: use it as it is.' : helps.now
  return { was: proseIn(was, say), tell: proseIn(tell, say), now: proseIn(now, say), next: proseIn(next, say) }
}

const percent = (ln: number): string => formatShare(Math.exp(ln))
const minutesOf = (ln: number): string => formatMinutes(Math.exp(ln))
const more = (here: number, usual: number, a: string, b: string): string => (here > usual ? a : b)

/** A figure of a batch beside what it usually is. */
const traitWords: Readonly<Record<TraitId, (here: number, usual: number, say: Say) => string>> = {
  power: (h, u) => `The ring gave ${percent(h)} of its plate, usually ${percent(u)}`,
  boilsAt: (h, u, say) =>
    `Its first boil was read ${say.step(inCelsiusStep(Math.abs(h - u)))} ${more(h, u, 'higher', 'lower')} than usual for what is in it`,
  toBoil: (h, u) => `${minutesOf(h)} to the boil, usually ${minutesOf(u)}`,
  climb: (h, u) => `${minutesOf(h)} of full heat from the boil to the pull, usually ${minutesOf(u)}`,
  pace: (h, u) =>
    `It took ${formatShare(Math.exp(h))} of the minutes its plate says, usually ${formatShare(Math.exp(u))}`,
  last: (h, u) => `${minutesOf(h)} for the last ten degrees, usually ${minutesOf(u)}`,
  over140: (h, u, say) => `${formatMinutes(h)} above ${say.temperature(inCelsius(140))}, usually ${formatMinutes(u)}`,
  missed: (h, _, say) =>
    h >= 0
      ? `It went ${say.step(inCelsiusStep(h))} past the target`
      : `It stopped ${say.step(inCelsiusStep(-h))} short of the target`,
  carried: (h, u, say) =>
    `It climbed ${say.step(inCelsiusStep(h))} after the pull, usually ${say.step(inCelsiusStep(u))}`,
  stirs: (h) => `It was stirred ${h > 1 ? `${Math.round(h)} times` : 'once'} after the boil`,
  turns: (h) =>
    h >= 1
      ? `The dial was turned ${h > 1 ? `${Math.round(h)} times` : 'once'} more than the steps ask`
      : 'The dial was left alone',
  dial: (h, u) => `Heat ${h.toFixed(1)} from the boil on, usually ${u.toFixed(1)}`,
  lid: (h, u) => `${formatMinutes(h)} under the lid, usually ${formatMinutes(u)}`,
  each: (h, u) => `${Math.exp(h).toFixed(1)} s a piece, usually ${Math.exp(u).toFixed(1)}`,
  lag: (h, u) => `The probe took ${h.toFixed(1)} s to show two thirds of a step, usually ${u.toFixed(1)}`,
  tests: (h, _, say) =>
    `The tests made of it say the thermometer shows ${say.step(inCelsiusStep(Math.abs(h)))} too ${h > 0 ? 'much' : 'little'}`,
  colour: (h, u, say) =>
    `Reckoned ${more(h, u, 'darker', 'paler')}: as at ${say.temperature(inCelsius(h))}, usually ${say.temperature(inCelsius(u))}`,
  shade: (h, u, say) =>
    `Measured ${more(h, u, 'darker', 'paler')}: as at ${say.temperature(inCelsius(h))}, usually ${say.temperature(inCelsius(u))}`,
  humidity: (h, u) => `The room was at ${formatShare(h)} humidity, usually ${formatShare(u)}`,
  room: (h, u, say) => `The room was at ${say.temperature(inCelsius(h))}, usually ${say.temperature(inCelsius(u))}`,
  worked: (h) => `A work after the pour came ${h > 0 ? 'after' : 'before'} its window`,
  depth: (h) => `Measured ${h > 0 ? 'deeper' : 'shallower'} than planned by ${formatShare(Math.abs(Math.expm1(h)))}`,
  weight: (h, u) =>
    `A piece weighs ${formatShare(Math.abs(Math.expm1(h - u)))} ${more(h, u, 'more', 'less')} than usual`,
  sugar: (h) =>
    `The scale had ${formatShare(Math.abs(Math.expm1(h)))} ${h > 0 ? 'more' : 'less'} sugar than the formula wants`,
  added: (h, _, say) =>
    `Something went in ${say.step(inCelsiusStep(Math.abs(h)))} ${h > 0 ? 'past' : 'short of'} its temperature`,
  lost: (h, u) => `${formatShare(h)} of it went to edges, usually ${formatShare(u)}`,
  bite: (h, u) => `Bite ${more(h, u, 'harder', 'softer')} than usual`,
  grain: (h, u) => `${more(h, u, 'More', 'Less')} grain than usual`,
  stick: (h, u) => `${more(h, u, 'Stickier', 'Drier')} than usual`,
  thick: (h, u) => `${more(h, u, 'Thicker', 'Thinner')} than usual`,
}

/** "The ring gave 85 % of its plate, usually 100 %". */
export const sayUnusual = ({ trait, here, usual }: Unusual, say: Say): string => traitWords[trait](here, usual, say)

/** How sure the log is of a cause, in words. */
export const sayChance = (chance: number): string =>
  chance > 0.85 ? 'almost surely' : chance > 0.6 ? 'probably' : chance > 0.3 ? 'perhaps' : 'possible'

/** The evidence for a cause in one line; what is said where there is none. */
export const sayEvidence = ({ evidence }: Suspect, say: Say): string =>
  evidence.length > 0
    ? `${evidence
        .slice(0, 3)
        .map((u) => sayUnusual(u, say))
        .join('. ')}.`
    : 'Nothing in the log speaks for it; it is what is most often behind it.'

/** What a score is called, 1 to 5. */
export const scoreNames = ['bin', 'seconds', 'fair', 'good', 'best'] as const
