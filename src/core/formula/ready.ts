/** Getting ready: what has to be done before the first flame, how long each takes, and whether the equipment will do. */

import type { Allergen } from '../matter/ingredient'
import { formatGrams } from '../quantity/format'
import { type Analysis, type Conditions, hottestOf } from './analyse'
import { depthAtPull, PROBE_DEPTH } from './boils'
import { type FormulaDocument, type Group, type Line, piecesOf, type Shape } from './document'
import { ingredientIn } from './mixes'
import type { BatchPlan, Vessel } from './scale'
import type { Tone } from './verdicts'

export interface ReadyItem {
  readonly id: string
  readonly say: string
  readonly why: string
  /** Minutes of hands, and minutes it then needs by itself. */
  readonly hands: number
  readonly waits: number
  /** Minutes before the first flame to begin it. */
  readonly begin: number
}

interface Placed {
  readonly formula: FormulaDocument
  readonly line: Line
  readonly group: Group | undefined
  readonly grams: number
}

interface Context {
  readonly formula: FormulaDocument
  readonly plan: BatchPlan
  readonly lines: readonly Placed[]
  readonly shape: Shape
  readonly vessel: Vessel | null
}

interface Task {
  readonly id: string
  readonly hands: number
  readonly waits: number
  readonly why: string
  /** What to do, or null where this formula does not ask for it. */
  say(c: Context): string | null
}

const nameOf = ({ formula, line }: Placed): string => ingredientIn(formula, line.ingredient).name.toLowerCase()
const list = (things: readonly Placed[]): string => things.map((p) => `${formatGrams(p.grams)} ${nameOf(p)}`).join(', ')
const noted = (c: Context, words: RegExp): Placed[] => c.lines.filter((p) => words.test(p.line.note ?? ''))
const of = (c: Context, ...ids: readonly string[]): Placed[] => c.lines.filter((p) => ids.includes(p.line.ingredient))
const allergic = (c: Context, ...kinds: readonly Allergen[]): Placed[] =>
  c.lines.filter((p) => {
    const facts = ingredientIn(p.formula, p.line.ingredient)
    return facts.whole && facts.allergens.some((a) => kinds.includes(a))
  })
const orNull = (things: readonly Placed[], say: (what: string) => string): string | null =>
  things.length > 0 ? say(list(things)) : null

/** In no order: each says what it needs, and `readyList` finds its place. */
const tasks: readonly Task[] = [
  {
    id: 'infuse',
    hands: 3,
    waits: 30,
    why: 'Flavour needs half an hour and heat to come out.',
    say: (c) => orNull(noted(c, /infus/i), (what) => `Infuse ${what}, then strain`),
  },
  {
    id: 'egg',
    hands: 1,
    waits: 45,
    why: 'Cold whites whip to less.',
    say: (c) => orNull(of(c, 'egg-white'), (what) => `Take ${what} out of the fridge`),
  },
  {
    id: 'chill',
    hands: 1,
    waits: 30,
    why: 'Warm, it smears instead of crumbling or setting.',
    say: (c) =>
      orNull(
        noted(c, /\b(cold|chilled|chill)\b/i).filter((p) => p.line.ingredient !== 'water'),
        (what) => `Chill ${what}`,
      ),
  },
  {
    id: 'bloom',
    hands: 2,
    waits: 12,
    why: 'Dry gelatin in hot syrup clumps and never dissolves.',
    say: (c) =>
      orNull(
        c.lines.filter((p) => p.line.ingredient === 'gelatin-powder'),
        (what) => `Bloom ${what} in its cold liquid`,
      ),
  },
  {
    id: 'soak',
    hands: 2,
    waits: 8,
    why: 'Wring it out: the water it holds is weighed with it.',
    say: (c) =>
      orNull(
        c.lines.filter((p) => /^gelatin-(?!powder)/.test(p.line.ingredient)),
        (what) => `Soak ${what} in ice water`,
      ),
  },
  {
    id: 'toast',
    hands: 3,
    waits: 14,
    why: 'Cold, pale nuts chill the syrup and taste of little.',
    say: (c) =>
      orNull(
        [...allergic(c, 'nuts', 'peanuts', 'sesame')].filter((p) => !/raw/i.test(`${p.line.note} ${nameOf(p)}`)),
        (what) => `Toast ${what} at 160°, keep warm`,
      ),
  },
  {
    id: 'popcorn',
    hands: 5,
    waits: 10,
    why: 'Cold popcorn sets the syrup before it is coated.',
    say: (c) => orNull(of(c, 'popcorn'), (what) => `${what} into a low oven, the hard kernels out`),
  },
  {
    id: 'soften',
    hands: 2,
    waits: 0,
    why: 'Even pieces melt at one pace, and halves go in as it cools.',
    say: (c) => orNull(of(c, 'butter', 'butter-salted'), (what) => `Cut up ${what}`),
  },
  {
    id: 'chop',
    hands: 6,
    waits: 0,
    why: 'Fine pieces melt before the bottom scorches.',
    say: (c) =>
      orNull(
        c.lines.filter((p) => p.line.ingredient.includes('chocolate')),
        (what) => `Chop ${what}`,
      ),
  },
  {
    id: 'sift',
    hands: 1,
    waits: 0,
    why: 'A lump of soda is a brown, bitter spot.',
    say: (c) => orNull(of(c, 'soda'), (what) => `Sift ${what}`),
  },
  {
    id: 'warm',
    hands: 2,
    waits: 6,
    why: 'Cold cream into hot sugar spits and seizes it.',
    say: (c) =>
      orNull(
        c.lines.filter((p) => (p.group?.celsius ?? 0) >= 50 && !ingredientIn(p.formula, p.line.ingredient).whole),
        (what) => `Warm ${what}, lid on`,
      ),
  },
  {
    id: 'tray',
    hands: 4,
    waits: 0,
    why: 'Nobody can leave the pot later.',
    say: ({ vessel, plan }) =>
      vessel?.kind === 'tray'
        ? `Line and grease ${plan.vessels > 1 ? `${plan.vessels} × ${vessel.name}` : `the ${vessel.name}`}, paper above the rim`
        : null,
  },
  {
    id: 'mould',
    hands: 4,
    waits: 0,
    why: 'A damp cavity clouds the sweet; a soft mould full of hot syrup cannot be lifted bare.',
    say: ({ vessel, formula }) =>
      vessel?.kind === 'mould'
        ? `Dry the ${vessel.name}, set it on a sheet${/lolli/i.test(`${formula.name} ${formula.school}`) ? ', sticks in' : ''}`
        : null,
  },
  {
    id: 'dust',
    hands: 2,
    waits: 0,
    why: 'It sticks to everything until it is dusted.',
    say: ({ formula }) => (formula.family === 'marshmallow' ? 'Sift cornflour and icing sugar for dusting' : null),
  },
  {
    id: 'bath',
    hands: 2,
    waits: 0,
    why: 'The base keeps heating the syrup after it is off the flame.',
    say: ({ formula }) =>
      formula.steps.some((s) => /cold water|cold bath/i.test(`${s.say} ${s.prepare?.say ?? ''}`))
        ? 'Fill a sink or bowl with cold water for the base of the pot'
        : null,
  },
  {
    id: 'thermometer',
    hands: 1,
    waits: 8,
    why: 'A thermometer a few degrees off is another sweet.',
    say: ({ plan }) => (plan.boils.length > 0 ? 'Check the thermometer in boiling water' : null),
  },
  {
    id: 'ice',
    hands: 1,
    waits: 0,
    why: 'For a touched finger, at once; and for the drop test.',
    say: ({ plan }) => (plan.boils.length > 0 ? 'Ice water beside the stove, children and pets out' : null),
  },
]

/** ◊ Minutes to weigh one ingredient. */
const WEIGH_EACH = 1.5

/**
 * The list, what is begun first at the top. Hands do one thing at a time, backwards from the first flame; what then
 * stands by itself (blooming, toasting) is begun early enough to be done.
 */
export function readyList(formula: FormulaDocument, plan: BatchPlan, vessel: Vessel | null): ReadyItem[] {
  const lines = piecesOf(formula).flatMap((p) =>
    p.formula.lines.map(
      (line): Placed => ({
        formula: p.formula,
        line,
        group: p.formula.groups.find((g) => g.id === line.group),
        grams: plan.grams[line.id] ?? line.grams,
      }),
    ),
  )
  const context: Context = { formula, plan, lines, shape: plan.shape, vessel }
  const weigh: Task = {
    id: 'weigh',
    hands: Math.ceil(lines.length * WEIGH_EACH),
    waits: 0,
    why: 'Everything within reach before the heat goes on.',
    say: () => `Weigh out all ${lines.length} ingredients`,
  }
  let busyFrom = 0
  return [...tasks, weigh]
    .flatMap((task) => {
      const say = task.say(context)
      return say ? [{ task, say }] : []
    })
    .sort((a, b) => a.task.waits - b.task.waits)
    .map(({ task, say }): ReadyItem => {
      busyFrom = Math.max(busyFrom, task.waits) + task.hands
      return { id: task.id, say, why: task.why, hands: task.hands, waits: task.waits, begin: busyFrom }
    })
    .reverse()
}

export interface EquipmentCheck {
  readonly id: string
  readonly tone: Tone
  readonly text: string
  readonly detail: string
}

export interface Thermometer {
  readonly name: string
  /** Reads up to here, °C. */
  readonly maxC: number
}

/** ◊ A thermometer should read this far past the target, so that an overshoot is seen. */
const SPARE_C = 8

/** Whether thermometer, pot and tray will do for one boil; `temperature` says a temperature in the maker's unit. */
export function equipmentChecks(
  analysis: Analysis,
  plan: BatchPlan,
  conditions: Conditions,
  vessel: Vessel | null,
  thermometers: readonly Thermometer[],
  temperature: (celsius: number) => string,
): EquipmentCheck[] {
  const hottest = hottestOf(analysis)
  const depth = depthAtPull(analysis, conditions.pot)
  const height =
    plan.shape.kind === 'cut' ? plan.shape.heightMm : plan.shape.kind === 'broken' ? plan.shape.thicknessMm : 0
  return [
    ...thermometers.map((t): EquipmentCheck => {
      const enough = t.maxC >= hottest
      return {
        id: `thermometer ${t.name}`,
        tone: !enough ? 'bad' : t.maxC < hottest + SPARE_C ? 'mind' : 'good',
        text: enough ? `The ${t.name} reads high enough` : `The ${t.name} stops at ${temperature(t.maxC)}`,
        detail: enough
          ? `to ${temperature(t.maxC)}; this goes to ${temperature(hottest)}`
          : `this goes to ${temperature(hottest)}: do not put it in the pot`,
      }
    }),
    {
      id: 'pot',
      tone: analysis.fill > 1 ? 'bad' : analysis.fill > 0.85 ? 'mind' : 'good',
      text:
        analysis.fill > 1 ? `Too tall for the ${conditions.pot.name}` : `The ${conditions.pot.name} has the headroom`,
      detail: `${analysis.peakLitres.toFixed(1)} l at the worst moment, of ${conditions.pot.litres} l`,
    },
    {
      id: 'depth',
      tone: depth < PROBE_DEPTH ? 'mind' : 'good',
      text: depth < PROBE_DEPTH ? 'Too shallow for a probe' : 'Deep enough for a probe',
      detail: `${Math.round(depth)} mm at the pull; a tip wants ${PROBE_DEPTH} mm${depth < PROBE_DEPTH ? ': tilt the pot, or take a narrower one' : ''}`,
    },
    ...(vessel?.kind === 'tray' ? [trayCheck(vessel, height)] : []),
    ...(vessel?.kind === 'mould' ? [mouldCheck(vessel, plan)] : []),
  ]
}

function trayCheck({ name, depthMm }: Extract<Vessel, { kind: 'tray' }>, height: number): EquipmentCheck {
  if (depthMm === undefined)
    return {
      id: 'tray',
      tone: 'good',
      text: `The ${name}`,
      detail: `poured ${height} mm deep; its depth is not noted in the kitchen`,
    }
  return {
    id: 'tray',
    tone: height > depthMm ? 'bad' : height > depthMm - 5 ? 'mind' : 'good',
    text: height > depthMm ? `The ${name} is too shallow` : `The ${name} is deep enough`,
    detail: `poured ${height} mm deep, the rim stands at ${depthMm} mm`,
  }
}

function mouldCheck(
  { name, count = 1, cavities }: Extract<Vessel, { kind: 'mould' }>,
  plan: BatchPlan,
): EquipmentCheck {
  const share = plan.boils[0]?.share ?? 1
  const needed = Math.ceil((plan.pieces * share) / cavities - 1e-9)
  return {
    id: 'mould',
    tone: needed > count ? 'mind' : 'good',
    text: needed > count ? `${needed} moulds wanted at once, ${count} there` : `Enough moulds for a boil`,
    detail:
      needed > count ? `pour what is left of each boil as a sheet, or make less` : `${needed} of ${count} × ${name}`,
  }
}
