/** Getting ready: what has to be done before the first flame, and how long before it each is begun. */

import { families } from '../craft/families'
import type { PlainFindingOf } from '../finding'
import type { Preparation } from '../matter/ingredient'
import { type Celsius, type Grams, inCelsius, inGrams } from '../quantity/figures'
import { mentions, namesOf } from './called'
import { scalds } from './cautions'
import { type FormulaDocument, type Group, type Line, piecesOf, readyIn } from './document'
import { ingredientIn } from './mixes'
import type { BatchPlan, Vessel } from './plan'
import { isDustSaid, isSaidReady, type OwnTask, ownTasks, type Prepared } from './ready-own'

/** So much of an ingredient, by its name. */
export interface NamedGrams {
  readonly name: string
  readonly grams: Grams
}

interface Things {
  readonly things: readonly NamedGrams[]
}

/** The figures of each task. Those of a preparation name what is prepared. */
export type ReadyFigures = { readonly [P in Exclude<Preparation, 'toast' | 'chill'>]: Things } & {
  /** `fat`: whether some of it is to be rubbed in, and `liquid`: whether gelatin is to bloom in some. */
  readonly chill: Things & { readonly fat: boolean; readonly liquid: boolean }
  readonly toast: Things & { readonly oven: Celsius }
  readonly warm: Things
  readonly tray: { readonly trays: number; readonly name: string }
  readonly mould: { readonly name: string; readonly sticks: boolean }
  readonly dust: object
  readonly bath: object
  readonly thermometer: object
  readonly ice: object
  readonly weigh: { readonly lines: number }
  /** What the formula says itself, in its own words. */
  readonly own: { readonly say: string }
}

/** One thing to do. `hands`: minutes of work; `waits`: minutes it then needs by itself. */
export type ReadyItem = PlainFindingOf<ReadyFigures> & {
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
  readonly vessel: Vessel | null
  /** What the formula says itself is got ready. */
  readonly said: readonly string[]
}

interface Task<Id extends keyof ReadyFigures = keyof ReadyFigures> {
  readonly hands: number
  readonly waits: number
  /** Null where this formula does not ask for it. */
  figures(c: Context): ReadyFigures[Id] | null
}

/** What has to be done to a line before the heat goes on: what it says itself, else what its ingredient asks for. */
export const preparationsOf = (formula: Pick<FormulaDocument, 'own' | 'target'>, line: Line): readonly Preparation[] =>
  line.prepare ??
  ingredientIn(formula, line.ingredient).prepare.filter(
    (how) => (formula.target !== null || !FOR_SYRUP.has(how)) && !(how === 'cut-up' && IS_SOFT.test(line.note ?? '')),
  )

/** "Butter, softened": nobody cuts that up. */
const IS_SOFT = /\b(?:melted|soft(?:ened)?|liquid)\b/i

/** What is done only for the sake of a hot syrup: no base and no ganache asks for it. */
const FOR_SYRUP: ReadonlySet<Preparation> = new Set(['toast', 'keep-hot', 'cut-up'])

/** Of one thing that goes in twice it is all of it. */
function named(lines: readonly Placed[]): Things | null {
  const grams = new Map<string, number>()
  for (const p of lines) {
    const { name } = ingredientIn(p.formula, p.line.ingredient)
    grams.set(name, (grams.get(name) ?? 0) + p.grams)
  }
  return lines.length === 0 ? null : { things: [...grams].map(([name, g]) => ({ name, grams: inGrams(g) })) }
}

/** Whether the formula says itself that a line is prepared so: in its own words it stands on the list already. */
const isSaid = (how: Prepared, { formula, line }: Placed): boolean =>
  isSaidReady(how, namesOf(line, ingredientIn(formula, line.ingredient)), formula.ready ?? [])

/** The lines that are to be prepared so. */
const preparedLines = (how: Preparation, { lines }: Context): readonly Placed[] =>
  lines.filter((p) => preparationsOf(p.formula, p.line).includes(how) && !isSaid(how, p))

const prepared =
  (how: Preparation) =>
  (c: Context): Things | null =>
    named(preparedLines(how, c))

/** ◊ A group this warm or warmer is warmed before it goes in, °C, where so much of it is liquid: so much water in 100 g. */
const WARM = 50
const MOSTLY = 0.3
const LIQUID = 15
/** ◊ g of fat in 100 g of what is rubbed in. */
const FATTY = 50
/** ◊ Nuts toast at this, °C. */
const TOAST = inCelsius(160)

const boils = ({ plan }: Context): object | null => (plan.boils.length > 0 ? {} : null)

const isLiquid = ({ formula, line }: Placed): boolean => ingredientIn(formula, line.ingredient).per100.water >= LIQUID

/** What is warmed in a pan of its own: a liquid and what is in it. What goes in warm with dry things keeps warm as they do. */
function warmed({ lines }: Context): Things | null {
  const warm = lines.filter((p) => (p.group?.celsius ?? 0) >= WARM && !isSaid('warm', p))
  const weight = (some: readonly Placed[]): number => some.reduce((sum, p) => sum + p.grams, 0)
  const isWet = (group: Group | undefined): boolean => {
    const mine = warm.filter((p) => p.group === group)
    return weight(mine.filter(isLiquid)) > MOSTLY * weight(mine)
  }
  return named(warm.filter((p) => isWet(p.group) && !ingredientIn(p.formula, p.line.ingredient).whole))
}

/** ◊ Minutes of each. In no order: each says what it needs, and `readyList` finds its place. */
const tasks: { readonly [Id in Exclude<keyof ReadyFigures, 'own' | 'weigh'>]: Task<Id> } = {
  infuse: { hands: 3, waits: 30, figures: prepared('infuse') },
  unchill: { hands: 1, waits: 45, figures: prepared('unchill') },
  chill: {
    hands: 1,
    waits: 30,
    figures: (c) => {
      const cold = preparedLines('chill', c)
      const found = named(cold)
      const isFat = ({ formula, line }: Placed): boolean => ingredientIn(formula, line.ingredient).per100.fat > FATTY
      return found && { ...found, fat: cold.some(isFat), liquid: !cold.every(isFat) }
    },
  },
  bloom: { hands: 2, waits: 12, figures: prepared('bloom') },
  soak: { hands: 2, waits: 8, figures: prepared('soak') },
  toast: {
    hands: 3,
    waits: 14,
    figures: (c) => {
      const found = prepared('toast')(c)
      return found && { ...found, oven: TOAST }
    },
  },
  'keep-hot': { hands: 5, waits: 10, figures: prepared('keep-hot') },
  'cut-up': { hands: 2, waits: 0, figures: prepared('cut-up') },
  chop: { hands: 6, waits: 0, figures: prepared('chop') },
  sift: { hands: 1, waits: 0, figures: prepared('sift') },
  warm: { hands: 2, waits: 6, figures: warmed },
  tray: {
    hands: 4,
    waits: 0,
    figures: ({ vessel, plan }) => (vessel?.kind === 'tray' ? { trays: plan.vessels, name: vessel.name } : null),
  },
  mould: {
    hands: 4,
    waits: 0,
    figures: ({ vessel, plan: { shape } }) =>
      vessel?.kind === 'mould' ? { name: vessel.name, sticks: shape.kind === 'mould' && shape.sticks === true } : null,
  },
  dust: {
    hands: 2,
    waits: 0,
    figures: ({ formula, said }) => (families[formula.family].dusted === 'starch' && !isDustSaid(said) ? {} : null),
  },
  bath: { hands: 2, waits: 0, figures: ({ formula }) => (formula.steps.some((s) => s.bath) ? {} : null) },
  thermometer: { hands: 1, waits: 8, figures: boils },
  ice: {
    hands: 1,
    waits: 0,
    figures: ({ formula }) => (scalds(formula) ? {} : null),
  },
}

/**
 * In which order, back from the flame: what stands about the kitchen by how long it waits, before that the weighing, for only
 * what is weighed can be warmed or bloomed, and first of all what comes out of the fridge.
 */
const rank = (id: keyof ReadyFigures): number => (id === 'unchill' ? 2 : id === 'weigh' ? 1 : 0)

/** ◊ Minutes to weigh one ingredient. */
const WEIGH_EACH = 1.5

/** What is done to a thing before anything else is done with it. */
const FIRST: ReadonlySet<string> = new Set<Preparation>(['cut-up', 'chop', 'sift'])

/** What tells one thing of the list from another: a formula's own by their words. */
export const readyKey = (item: ReadyItem): string => (item.id === 'own' ? item.figures.say : item.id)

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
  const weigh: Task<'weigh'> = {
    hands: Math.ceil(lines.length * WEIGH_EACH),
    waits: 0,
    figures: () => ({ lines: lines.length }),
  }
  const said = readyIn(formula)
  const context: Context = { formula, plan, lines, vessel, said }
  const own = inTurn(ownTasks(said, (how) => tasks[how].waits))
  /** Minutes before the flame at which the first of the formula's own tasks takes up something that is prepared so. */
  const takenUp = (how: Preparation): number => {
    const names = preparedLines(how, context).flatMap((p) =>
      namesOf(p.line, ingredientIn(p.formula, p.line.ingredient)),
    )
    return Math.max(0, ...own.flatMap((o) => (mentions(o.figures.say, names) ? [o.before + o.hands] : [])))
  }
  let busyFrom = 0
  return [
    ...(Object.entries({ ...tasks, weigh }) as [keyof ReadyFigures, Task][]).flatMap(([id, task]): Listed[] => {
      const figures = task.figures(context)
      const before = FIRST.has(id) ? takenUp(id as Preparation) : task.waits
      return figures ? [{ id, figures, hands: task.hands, waits: task.waits, before }] : []
    }),
    ...own,
  ]
    .sort((a, b) => rank(a.id) - rank(b.id) || a.before - b.before)
    .map(({ before, ...item }) => {
      busyFrom = Math.max(busyFrom, before) + item.hands
      return { ...item, begin: busyFrom } as ReadyItem
    })
    .reverse()
}

/** A task on its way into the list. `before`: minutes before the flame it has to be done with. */
type Listed = Pick<ReadyItem, 'id' | 'figures' | 'hands' | 'waits'> & { readonly before: number }
type ListedOwn = Listed & { readonly id: 'own'; readonly figures: ReadyFigures['own'] }

/** The formula's own tasks, each done with before the one after it is begun. */
function inTurn(own: readonly OwnTask[]): ListedOwn[] {
  let before = 0
  return own.toReversed().map(({ say, hands, waits }): ListedOwn => {
    before = Math.max(before, waits)
    const listed = { id: 'own' as const, figures: { say }, hands, waits, before }
    before += hands
    return listed
  })
}
