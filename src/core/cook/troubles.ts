/** What can go wrong in the next minutes, told in time and with what to do. One row a trouble. */
import type { Analysis } from '../formula/analyse'
import { massOf } from '../matter/mix'
import { burnerPower } from '../pot/equipment'
import { type Cook, contents, type Look, slackOf, syrupC } from './follow'

export type Level = 'soon' | 'now' | 'danger'

export interface CookTrouble {
  readonly id: string
  readonly level: Level
  /** What is happening, what to do, and why. */
  readonly say: string
  readonly act: string
  readonly why: string
}

interface Context {
  readonly cook: Cook
  readonly look: Look
  readonly analysis: Analysis
  readonly now: number
}

type Watch = (c: Context) => Omit<CookTrouble, 'id'> | null

/** ◊ Where each begins. */
const LIMITS = {
  /** s to the target in which a race to it is told, and s a hand takes to lift the pot off. */
  races: { within: 20, hand: 5 },
  /** W a square metre of base that scorches milk, and sugar near its colour. */
  scorches: { milk: 20_000, sugar: 36_000 },
  /** Share of the pot. */
  foam: 0.85,
  /** Share of fat above which a syrup can split, and °C/min that split it. */
  splits: { fat: 0.28, climb: 9 },
  /** Doctors below which a stir grains. */
  grains: 0.3,
  stirIsFresh: 120,
  smokeIsFresh: 120,
}

const nextIs = ({ cook }: Context, ...on: readonly string[]): boolean =>
  on.includes(cook.formula.steps[cook.state.next]?.when.on ?? '')

const cooking = ({ cook }: Context): boolean => cook.state.pulledAt === null && cook.state.dial > 0

const fluxOf = ({ cook }: Context): number => {
  const { pot, burner } = cook.conditions
  return burnerPower(burner, cook.state.dial) / ((Math.PI * (pot.diameterMm / 1000) ** 2) / 4)
}

const lower = ({ cook }: Context): number => Math.max(1, cook.state.dial - 3)

const watches: Readonly<Record<string, Watch>> = {
  overshoot: (c) => {
    const celsius = syrupC(c.look)
    const target = c.analysis.targetC + c.cook.formula.target.within + slackOf(c.cook.probe)
    if (celsius === null || c.cook.state.pulledAt !== null || !nextIs(c, 'target') || celsius <= target) return null
    return {
      level: 'danger',
      say: 'Past the target',
      act: 'Off the heat now, base in cold water',
      why: 'Every few seconds more is a harder, darker sweet; water can bring it back.',
    }
  },
  smoke: (c) => {
    const { smokedAt } = c.cook.state
    if (!cooking(c) || smokedAt === null || c.now - smokedAt > LIMITS.smokeIsFresh) return null
    return {
      level: 'danger',
      say: 'It smokes',
      act: 'Off the heat now; if it smokes on, stop',
      why: 'What smokes is burning: it is bitter from here, and hot enough to catch.',
    }
  },
  racing: (c) => {
    const due = c.look.forecast?.eta
    const { within, hand } = LIMITS.races
    if (!cooking(c) || !nextIs(c, 'target') || due === undefined || due < 1 || due > 3 * within) return null
    const late = ((c.look.climb ?? 0) / 60) * hand
    if (late < c.cook.formula.target.within) return null
    return {
      level: due < within ? 'now' : 'soon',
      say: 'It is racing to the target',
      act: `Heat down to ${lower(c)}`,
      why: 'The last water goes in a rush: at this heat a hand is too slow.',
    }
  },
  stall: (c) => {
    const doubts = c.look.forecast?.doubts ?? []
    if (!cooking(c) || !doubts.includes('stall')) return null
    return {
      level: 'now',
      say: 'It has stalled',
      act: 'Look at the flame',
      why: 'The heat is on and the temperature stands still where it should climb.',
    }
  },
  metal: (c) =>
    c.look.forecast?.doubts.includes('probe-on-metal')
      ? {
          level: 'now',
          say: 'The probe seems to touch metal',
          act: 'Lift the tip clear of the base',
          why: 'It reads the pan, not the syrup; the line goes on without it.',
        }
      : null,
  out: (c) =>
    c.look.forecast?.doubts.includes('probe-out')
      ? {
          level: 'now',
          say: 'The probe seems to be out of the syrup',
          act: 'Put the tip back in, two fingers deep',
          why: 'It reads air or froth; the line goes on without it.',
        }
      : null,
  foam: (c) => {
    const mix = contents(c.cook)
    if (!cooking(c) || !mix || c.analysis.fill < LIMITS.foam || c.cook.state.lid) return null
    if (!c.look.forecast || c.cook.state.dial < 6 || (c.look.water ?? 0) <= 0) return null
    return {
      level: c.analysis.fill > 1 ? 'danger' : 'soon',
      say: 'Foam may reach the rim',
      act: `Heat down to ${lower(c)}, a spoon across the pot`,
      why: `It rises to ${Math.round(100 * c.analysis.fill)} % of the pot at its worst.`,
    }
  },
  scorch: (c) => {
    const mix = contents(c.cook)
    if (!cooking(c) || !mix || c.look.celsius === null || c.look.celsius < 100) return null
    const milk = mix.milkProtein / massOf(mix) > 0.004
    const dark = !milk && c.look.celsius > 155
    const limit = milk ? LIMITS.scorches.milk : dark ? LIMITS.scorches.sugar : Number.POSITIVE_INFINITY
    if (fluxOf(c) < limit) return null
    return {
      level: 'soon',
      say: milk ? 'Milk can scorch at this heat' : 'Near its colour this heat burns the base',
      act: `Heat down to ${lower(c)}, scrape the base`,
      why: 'The base is far hotter than the syrup above it.',
    }
  },
  split: (c) => {
    const mix = contents(c.cook)
    if (!cooking(c) || !mix || c.look.climb === null) return null
    // butter alone has nothing to split from
    if (
      mix.sucrose / massOf(mix) < 0.1 ||
      mix.fat / massOf(mix) < LIMITS.splits.fat ||
      c.look.climb < LIMITS.splits.climb
    )
      return null
    return {
      level: 'soon',
      say: 'The butter may split out',
      act: `Heat down to ${lower(c)}, stir slowly and steadily`,
      why: 'So much fat holds together only while it warms gently and evenly.',
    }
  },
  grain: (c) => {
    const mix = contents(c.cook)
    const { stirredAt } = c.cook.state
    if (!cooking(c) || !mix || stirredAt === null || c.now - stirredAt > LIMITS.stirIsFresh) return null
    const boiling = c.look.water !== null
    if (!boiling || c.analysis.doctors >= LIMITS.grains || c.analysis.meantToGrain) return null
    return {
      level: 'now',
      say: 'A stir at the boil can start grain',
      act: 'Brush the sides down, lid on for a minute, then leave it',
      why: 'There is little glucose in it to hold the sugar back; steam washes the crystals off.',
    }
  },
}

const order: readonly Level[] = ['danger', 'now', 'soon']

/** What is going wrong or about to, the worst first. */
export const troublesOf = (context: Context): CookTrouble[] =>
  Object.entries(watches)
    .flatMap(([id, watch]) => {
      const said = watch(context)
      return said ? [{ id, ...said }] : []
    })
    .sort((a, b) => order.indexOf(a.level) - order.indexOf(b.level))
