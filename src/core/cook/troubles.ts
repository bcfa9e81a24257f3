/** What can go wrong in the next minutes, told in time. One row a trouble. */
import { type ColourId, colourAt, nearestColour } from '../craft/colours'
import type { FindingOf } from '../finding'
import type { Analysis } from '../formula/analyse'
import { isBoiled } from '../formula/document'
import { isSpoilt, spoiltAtOf } from '../formula/spoilt'
import { emptiedAt } from '../log/log'
import { massOf } from '../matter/mix'
import { latentHeat } from '../physics/water'
import { burnerPower } from '../pot/equipment'
import { inSeconds, type Seconds } from '../quantity/figures'
import { type Cook, contents } from '../track/cook'
import type { PastTarget } from './past-target'
import type { PotNow } from './pot-now'

export type Level = 'soon' | 'now' | 'danger'

/** The figures of each trouble: the dial that would help, 0 to 10; the share of the pot a boil rises to. */
export interface TroubleFigures {
  /** Nobody has read or tested it for a while: it is past its target by the clock alone. */
  overshoot: { readonly reckoned: boolean }
  /** Chocolate that is melted hotter than it should be. */
  'too-hot': object
  /** The shade that was wanted. */
  'past-shade': { readonly wanted: ColourId }
  burning: { readonly shade: ColourId; readonly last: ColourId }
  /** So hot that it can catch fire. */
  flares: object
  smoke: object
  /** Without a thermometer, while a time is waited for. */
  dry: { readonly dial: number }
  racing: { readonly dial: number }
  stall: object
  metal: object
  out: object
  foam: { readonly dial: number; readonly fill: number }
  'scorch-milk': { readonly dial: number }
  'scorch-sugar': { readonly dial: number }
  split: { readonly dial: number }
  grain: object
  /** How long nothing was logged; whether it rests after its pour. */
  forgotten: { readonly seconds: Seconds; readonly rests: boolean }
}

export type CookTrouble = FindingOf<TroubleFigures, Level>

interface Context {
  readonly cook: Cook
  readonly pot: PotNow
  readonly analysis: Analysis
  readonly past: PastTarget
  /** Colour-equivalent temperature and its sd, °C; null with nothing in the pot. */
  readonly colour: { readonly mean: number; readonly sd: number } | null
  readonly now: number
}

type Watch = (c: Context) => CookTrouble | null

/** ◊ Where each begins. */
const LIMITS = {
  /** s to the target in which a race to it is told, and s a hand takes to lift the pot off. */
  races: { within: 20, hand: 5 },
  /** W a square metre of base that scorches milk, and sugar near its colour. */
  scorches: { milk: 20_000, sugar: 36_000 },
  /** Share of the pot, and the setting at which a boil throws it so high. */
  foam: 0.85,
  foamFrom: 6,
  /** Share of fat above which a syrup can split, and °C/min that split it. */
  splits: { fat: 0.28, climb: 9 },
  /** Doctors below which a stir grains. */
  grains: 0.3,
  /** °C past the wanted shade: the next one down the ramp. */
  shade: 7,
  stirIsFresh: 120,
  /** Share of the water that may have boiled off, of what is mostly water. */
  dry: { gone: 0.85, thin: 0.4 },
  /** s without an act after which a pot is asked about, and what rests after its pour. */
  forgottenAfter: { pot: 45 * 60, rests: 24 * 3600 },
  smokeIsFresh: 120,
  /** °C: butter smokes from 180 on, and what it gives off burns by itself from about 300. */
  flares: 230,
}

/** °C at which what simmers gives off its water, about. */
const BOILS_C = 100

const nextIs = ({ cook }: Context, ...on: readonly string[]): boolean =>
  on.includes(cook.formula.steps[cook.state.next]?.when.on ?? '')

const cooking = ({ cook }: Context): boolean => cook.state.pulledAt === null && cook.state.dial > 0

/** W a square metre of base. */
const fluxOf = ({ cook }: Context, dial = cook.state.dial): number => {
  const { pot, burner } = cook.conditions
  return burnerPower(burner, dial) / ((Math.PI * (pot.diameterMm / 1000) ** 2) / 4)
}

const lower = ({ cook }: Context): number => Math.max(1, cook.state.dial - 3)
/** The highest setting at which it is over: who turns to it is not told to turn again. */
function lowerTo(c: Context, isOver: (dial: number) => boolean): number {
  let dial = Math.ceil(c.cook.state.dial) - 1
  while (dial > 1 && !isOver(dial)) dial--
  return Math.max(1, dial)
}

/** Whether it is on the heat, and nobody knows how hot it is. */
const isUnknown = (c: Context): boolean =>
  cooking(c) && (c.pot.celsius === null || (c.pot.forecast?.doubts.includes('silent') ?? false))

/** A pot nobody has touched for long, whose time has come and gone, or of which nobody knows any more how hot it is. */
const forgotten: Watch = (c) => {
  const { cook, pot, now } = c
  const still = now - cook.state.touchedAt
  const rests = emptiedAt(cook.formula, cook.state) !== null
  const waits = (pot.doNow.due?.seconds ?? 0) > 0
  if (still < LIMITS.forgottenAfter[rests ? 'rests' : 'pot'] || (waits && !isUnknown(c))) return null
  return { id: 'forgotten', tone: 'soon', figures: { seconds: inSeconds(still), rests } }
}

const stalled: Watch = (c) => {
  const doubts = c.pot.forecast?.doubts ?? []
  if (!cooking(c) || !doubts.includes('stall')) return null
  return { id: 'stall', tone: 'now', figures: {} }
}

const onMetal: Watch = (c) =>
  c.pot.forecast?.doubts.includes('probe-on-metal') ? { id: 'metal', tone: 'now', figures: {} } : null

const isOut: Watch = (c) =>
  c.pot.forecast?.doubts.includes('probe-out') ? { id: 'out', tone: 'now', figures: {} } : null

const ofSyrup: readonly Watch[] = [
  (c) => (cooking(c) && (c.pot.celsius ?? 0) >= LIMITS.flares ? { id: 'flares', tone: 'danger', figures: {} } : null),
  // before what is only too hot: no water brings back what is burnt
  (c) => {
    const { formula } = c.cook
    if (!cooking(c) || !c.colour || !isSpoilt(formula, c.colour)) return null
    if (isUnknown(c) && forgotten(c)) return null
    const last = colourAt(spoiltAtOf(formula))
    return last && { id: 'burning', tone: 'danger', figures: { shade: nearestColour(c.colour.mean), last } }
  },
  (c) =>
    // what was only reckoned for an hour is a pot to ask about
    c.past.beyond && !(isUnknown(c) && forgotten(c))
      ? { id: 'overshoot', tone: 'danger', figures: { reckoned: isUnknown(c) } }
      : null,
  (c) => {
    const wanted = wantedShade(c)
    const seen = c.cook.state.seen.findLast((s) => typeof s.what === 'number' && s.at >= c.cook.state.lastDoneAt)
    if (!cooking(c) || wanted === null || typeof seen?.what !== 'number') return null
    if (seen.what < wanted + LIMITS.shade) return null
    return { id: 'past-shade', tone: 'danger', figures: { wanted: nearestColour(wanted) } }
  },
  (c) => {
    const { smokedAt } = c.cook.state
    if (!cooking(c) || smokedAt === null || c.now - smokedAt > LIMITS.smokeIsFresh) return null
    return { id: 'smoke', tone: 'danger', figures: {} }
  },
  (c) => {
    const mix = contents(c.cook)
    const { dial, lid, lastDoneAt } = c.cook.state
    // where it is followed its heat tells
    if (!cooking(c) || !mix || lid || c.pot.celsius !== null || !nextIs(c, 'after')) return null
    if (mix.water < LIMITS.dry.thin * massOf(mix)) return null
    const mostGone = (burnerPower(c.cook.conditions.burner, dial) * (c.now - lastDoneAt)) / latentHeat(BOILS_C)
    return 1000 * mostGone < LIMITS.dry.gone * mix.water
      ? null
      : { id: 'dry', tone: 'now', figures: { dial: lower(c) } }
  },
  (c) => {
    const due = c.pot.forecast?.eta
    const { within, hand } = LIMITS.races
    if (!cooking(c) || !nextIs(c, 'target') || due === undefined || due < 1 || due > 3 * within) return null
    const late = ((c.pot.climb ?? 0) / 60) * hand
    if (late < (c.cook.formula.target?.within ?? 0)) return null
    return { id: 'racing', tone: due < within ? 'now' : 'soon', figures: { dial: lower(c) } }
  },
  stalled,
  onMetal,
  isOut,
  (c) => {
    const mix = contents(c.cook)
    if (!cooking(c) || !mix || c.analysis.fill < LIMITS.foam || c.cook.state.lid) return null
    if (!c.pot.forecast || c.cook.state.dial < LIMITS.foamFrom || !c.pot.boiling || c.pot.water === 0) return null
    return {
      id: 'foam',
      tone: c.analysis.fill > 1 ? 'danger' : 'soon',
      figures: { dial: Math.min(lower(c), LIMITS.foamFrom - 1), fill: c.analysis.fill },
    }
  },
  (c) => {
    const mix = contents(c.cook)
    if (!cooking(c) || !mix || c.pot.celsius === null || c.pot.celsius < 100) return null
    const milk = mix.milkProtein / massOf(mix) > 0.004
    const dark = !milk && c.pot.celsius > 155
    const limit = milk ? LIMITS.scorches.milk : dark ? LIMITS.scorches.sugar : Number.POSITIVE_INFINITY
    if (fluxOf(c) < limit) return null
    const dial = lowerTo(c, (to) => fluxOf(c, to) < limit)
    return { id: milk ? 'scorch-milk' : 'scorch-sugar', tone: 'soon', figures: { dial } }
  },
  (c) => {
    const mix = contents(c.cook)
    // what is only being warmed has not come together yet
    if (!cooking(c) || !mix || c.pot.climb === null || c.pot.water === null) return null
    // butter alone has nothing to split from
    if (
      mix.sucrose / massOf(mix) < 0.1 ||
      mix.fat / massOf(mix) < LIMITS.splits.fat ||
      c.pot.climb < LIMITS.splits.climb
    )
      return null
    return { id: 'split', tone: 'soon', figures: { dial: lower(c) } }
  },
  (c) => {
    const mix = contents(c.cook)
    const { stirredAt } = c.cook.state
    if (!cooking(c) || !mix || stirredAt === null || c.now - stirredAt > LIMITS.stirIsFresh) return null
    // a thin syrup has nothing to grain
    if (c.pot.water === null || c.analysis.doctors >= LIMITS.grains || c.analysis.meantToGrain) return null
    return { id: 'grain', tone: 'now', figures: {} }
  },
  forgotten,
]

/** Chocolate has no water to lose, no shade to pass and nothing that water could bring back. */
const ofChocolate: readonly Watch[] = [
  (c) => (c.past.beyond ? { id: 'too-hot', tone: 'danger', figures: {} } : null),
  stalled,
  onMetal,
  isOut,
  forgotten,
]

/** The shade the next step waits for, °C colour-equivalent; null where it waits for something else. */
function wantedShade({ cook }: Context): number | null {
  const step = cook.formula.steps[cook.state.next]
  if (typeof step?.shows === 'number') return step.shows
  return step?.when.on === 'colour' ? step.when.celsius : null
}

const order: readonly Level[] = ['danger', 'now', 'soon']

/** What can be watched of a boil as it stands: once it is poured, only that nobody looks after it. */
function watchesOf({ cook, analysis }: Context): readonly Watch[] {
  if (emptiedAt(cook.formula, cook.state) !== null) return [forgotten]
  if (!isBoiled(cook.formula)) return []
  return analysis.work === 'tempered' ? ofChocolate : ofSyrup
}

/** What is going wrong or about to, the worst first. */
export const troublesOf = (context: Context): CookTrouble[] =>
  watchesOf(context)
    .flatMap((watch) => watch(context) ?? [])
    .sort((a, b) => order.indexOf(a.tone) - order.indexOf(b.tone))
