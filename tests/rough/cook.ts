/** A maker in the rough kitchen cooks one of Imbry's formulas, and what Imbry would be told of it is written down. */
import {
  type BoiledFormula,
  type BoilFacts,
  type CookEvent,
  DIAL_TOP,
  ingredientIn,
  type Mix,
  mixOf,
  type Reading,
  type Step,
  scaleGrams,
  temperatureToday,
  volumeOf,
} from '@/core'
import { testBoil } from '@/core/testing'
import { demoPots } from '@/demo/kitchen'
import { type Chance, chance } from './chance'
import { RoughKitchen, RoughProbe } from './kitchen'
import type { Amiss, Fault, Kitchen, KitchenOptions, Probe, Ring, RoughFacts, Stuff } from './pot'
import { StrangeKitchen, StrangeProbe } from './strange-kitchen'

/** Something waited for: a step that falls due at a temperature. */
export interface Aim {
  readonly step: string
  readonly pulls: boolean
  /** When the wait for it began, and when it was time to act, s. */
  readonly from: number
  readonly at: number
}

export interface RoughCook {
  readonly boil: BoilFacts
  readonly events: readonly CookEvent[]
  readonly readings: readonly Reading[]
  readonly aims: readonly Aim[]
  /** Syrup and tip, °C, at every whole second. */
  readonly truth: readonly number[]
  readonly tips: readonly number[]
  readonly boiledAt: number
  /** s between the ends of which the log did not say what was so. */
  readonly untold: readonly (readonly [number, number])[]
  /** The kitchen as it stood, every so often, where that was asked for. */
  readonly stood: readonly Kitchen[]
  readonly noiseC: number
  readonly endedAt: number
  readonly poured: Poured | null
}

export type Make = 'rough' | 'strange'

export interface RoughOptions {
  readonly fault?: Fault
  /** Which of the two kitchens; the rough one unless told. */
  readonly make?: Make
  /** A kitchen that is met again: pot, ring, probe and batch are those of this seed. */
  readonly kitchen?: number
  readonly amiss?: Amiss
  /** The maker goes by what is shown, takes it off and lets it carry on, instead of stopping at the true moment. */
  readonly byReading?: boolean
  /** 1: as rough as kitchens get; less draws in all that is hidden, scatters and is told late. */
  readonly roughness?: number
  /** How it stood is kept every so many s. */
  readonly keepEvery?: number
}

/** What came out of the pot, where it was taken off. */
export interface Poured {
  readonly peakC: number
  readonly stuff: Stuff
}

const LONGEST = 2 * 3600
const TIP_SETTLES_S = 60
/** What the maker was told of the probe: not what it is. */
const TOLD = { lagS: 5, noiseC: 0.3, thermometer: null }

const rings = [
  { ring: 'gas', burner: { name: 'big ring', watts: 3000, efficiency: 0.52, responseS: 2 } },
  { ring: 'gas', burner: { name: 'small ring', watts: 1800, efficiency: 0.6, responseS: 2 } },
  { ring: 'induction', burner: { name: 'induction plate', watts: 2000, efficiency: 0.84, responseS: 1 } },
  { ring: 'plate', burner: { name: 'hot plate', watts: 2200, efficiency: 0.6, responseS: 45 } },
] as const

const metals = { copper: 385, steel: 490, aluminium: 897, iron: 460 }

const stuffOf = (m: Mix): Stuff => ({
  water: m.water,
  sugar: m.sucrose + m.lactose,
  syrup: m.glucoseSolids,
  mono: m.monosaccharide + m.acid,
  fat: m.fat,
  protein: m.milkProtein + m.protein + m.gelatin + m.starch + m.ash + m.salt + m.cocoaSolids,
  nuts: m.insoluble,
})

/** Standard deviation of a weighing in the roughest kitchen, as a share: now and then it is 3 % off and more. */
const WEIGHED_SD = 0.018

/** A group as it was really weighed: each line off by a share of standard deviation `sd`. */
function weighed(formula: BoiledFormula, group: string, factor: number, c: Chance, sd: number, sugar = 1): Stuff {
  const lines = formula.lines.filter((l) => l.group === group)
  return stuffOf(
    mixOf(
      lines.map((l) => {
        const ingredient = ingredientIn(formula, l.ingredient)
        const meant = ingredient.per100.sucrose > 90 ? sugar : 1
        return { ingredient, grams: Math.max(0, l.grams * factor * meant * (1 + sd * c.normal())) }
      }),
    ),
  )
}

/** A pot, a ring and a batch that suit each other. */
function sized(formula: BoiledFormula, c: Chance) {
  const pot = c.oneOf(demoPots)
  const { ring, burner } = c.oneOf(rings)
  const all = mixOf(formula.lines.map((l) => ({ ingredient: ingredientIn(formula, l.ingredient), grams: l.grams })))
  const watts = burner.watts * burner.efficiency
  const [least, most] = [watts / 1700, watts / 450]
  const litres = Math.min(most, Math.max(least, pot.litres * c.between(0.12, 0.32)))
  return { pot, ring, burner, watts, factor: litres / volumeOf(all, 100) }
}

type MakeKitchen = (
  facts: RoughFacts,
  seed: number,
  ring: Ring,
  fault: Fault | undefined,
  options: KitchenOptions,
) => { readonly kitchen: Kitchen; readonly probe: Probe }

const makes: Record<Make, MakeKitchen> = {
  rough: (facts, seed, ring, fault, options) => {
    const kitchen = new RoughKitchen(facts, seed, ring, fault, options)
    return { kitchen, probe: new RoughProbe(kitchen, seed, fault) }
  },
  strange: (facts, seed, ring, fault, options) => {
    const kitchen = new StrangeKitchen(facts, seed, ring, fault, options)
    return { kitchen, probe: new StrangeProbe(kitchen, seed, fault) }
  },
}

/** Cooks `formula` by a perfect eye, with hands that take their time, and keeps what a log and a hub would have. */
export function roughCook(formula: BoiledFormula, seed: number, options: RoughOptions = {}): RoughCook {
  const { make = 'rough', kitchen: place = seed, amiss, byReading = false, roughness = 1, keepEvery } = options
  const c = chance(place, 0)
  const { pot, ring, burner, watts, factor } = sized(formula, c)
  const pascal = c.oneOf([101_325, 101_325, 100_400, 84_764])
  const room = c.between(16, 27)
  const boil = testBoil(formula, {
    conditions: { pressurePa: pascal, roomC: 21, humidity: 0.6, pot, burner },
    probe: TOLD,
  })
  const grams = scaleGrams(boil.plan.grams, factor)
  const told = { ...boil, plan: { ...boil.plan, factor, grams } }
  const facts = {
    watts,
    diameterM: pot.diameterMm / 1000,
    heightM: pot.litres / 1000 / ((Math.PI * (pot.diameterMm / 1000) ** 2) / 4),
    metalJ: pot.massKg * metals[pot.metal],
    roomC: room,
    pascal,
  }
  const { kitchen, probe } = makes[make](facts, seed, ring, options.fault, { kitchen: place, amiss, roughness })
  const hands = chance(seed, 4)
  const events: CookEvent[] = []
  const readings: Reading[] = []
  const truth: number[] = []
  const tips: number[] = []
  const aims: Aim[] = []
  const untold: [number, number][] = []
  const stood: Kitchen[] = []
  let boiledAt = 0
  let next = 0
  let from = 0
  let hand = 2
  let reached: number | null = null
  let dial = 0
  const meddles = hands.happens(0.35) ? { after: hands.between(60, 400), by: hands.oneOf([0.65, 0.75, 1.3]) } : null
  let meddled = false
  let poured: Poured | null = null

  const log = (at: number, act: Record<string, unknown>): void => {
    events.push({ id: `${events.length}`, at: Math.round(at * 10) / 10, ...act } as CookEvent)
  }
  const mixBefore = (step: number): Mix =>
    mixOf(
      formula.steps
        .slice(0, step)
        .flatMap((s) =>
          formula.lines
            .filter((l) => l.group === s.adds)
            .map((l) => ({ ingredient: ingredientIn(formula, l.ingredient), grams: l.grams })),
        ),
    )

  /** What each step's trigger asks for, °C, in this air; NaN for what is not a temperature. */
  const wanted = formula.steps.map(({ when }, i) => {
    const standard =
      when.on === 'target'
        ? formula.target.celsius
        : when.on === 'rises' || when.on === 'colour'
          ? when.celsius
          : Number.NaN
    return temperatureToday(mixBefore(i), standard, pascal)
  })

  while (next < formula.steps.length && kitchen.at < LONGEST) {
    const step = formula.steps[next] as Step
    const aim = wanted[next] as number
    const pulls = step.when.on === 'target'
    const ripe =
      reached !== null ||
      (step.when.on === 'ready'
        ? true
        : step.when.on === 'boil'
          ? kitchen.boiling
          : step.when.on === 'after'
            ? kitchen.at >= from + step.when.seconds
            : step.when.on === 'word' || step.when.on === 'sign'
              ? kitchen.at >= from + 25
              : step.when.on === 'falls'
                ? kitchen.celsius <= step.when.celsius
                : (pulls && byReading
                    ? // right after something cold went in the tip still shows what it was in before
                      kitchen.at > from + TIP_SETTLES_S
                      ? probe.tip + kitchen.probeFacts.offC
                      : Number.NEGATIVE_INFINITY
                    : kitchen.celsius) +
                    (pulls ? carried(kitchen, aim) : 0) >=
                  aim)
    if (ripe && reached === null) {
      reached = kitchen.at
      if (Number.isFinite(aim)) aims.push({ step: step.id, pulls, from, at: kitchen.at })
    }
    if (reached !== null && pulls) {
      // past its last forecast there is nothing left to judge
      if (!byReading) break
      if (kitchen.at >= reached + hand) {
        log(kitchen.at, { type: 'pulled', step: step.id, celsius: readings.at(-1)?.celsius ?? null })
        poured = carriesOn(kitchen, probe, readings)
        log(kitchen.at, { type: 'finished' })
        break
      }
    }
    if (reached !== null && !pulls && kitchen.at >= reached + hand) {
      const late = hands.between(0, 8 * roughness)
      if (step.adds) {
        const group = formula.groups.find((g) => g.id === step.adds)
        const cold = kitchen.at > 1 ? hands.between(0, 15 * roughness) : 0
        kitchen.add(
          weighed(formula, step.adds, factor, hands, WEIGHED_SD * roughness, amiss?.sugar),
          Math.max(4, (group?.celsius ?? 20) - cold),
        )
      }
      if (step.lid !== undefined) kitchen.cover(step.lid)
      if (step.heat !== undefined) {
        dial = step.heat
        kitchen.turn(dial)
      }
      if (step.offHeat) kitchen.turn(0)
      log(kitchen.at + (kitchen.at > 1 ? (step.lid === false && !step.adds && hands.happens(0.3) ? 30 : late) : 0), {
        type: 'step',
        step: step.id,
      })
      next++
      from = kitchen.at
      reached = null
      hand = hands.between(1, 7)
    }
    const waits = formula.steps[next]
    if (meddles && !meddled && waits?.when.on === 'target' && kitchen.at > from + meddles.after) {
      meddled = true
      dial = Math.min(DIAL_TOP, dial * meddles.by)
      kitchen.turn(dial)
      const late = hands.between(3, 3 + 27 * roughness)
      untold.push([kitchen.at, kitchen.at + late + 60])
      log(kitchen.at + late, { type: 'heat', dial })
    }
    kitchen.tick()
    if (keepEvery && Math.round(kitchen.at) % keepEvery === 0) stood.push(kitchen.leftAlone())
    if (kitchen.boiling && boiledAt === 0) boiledAt = kitchen.at
    truth.push(kitchen.celsius)
    const shown = probe.read()
    tips.push(probe.tip)
    if (shown !== null) readings.push({ at: kitchen.at, celsius: shown })
  }
  return {
    boil: told,
    events,
    readings,
    aims,
    truth,
    tips,
    boiledAt,
    untold,
    stood,
    noiseC: Math.hypot(kitchen.probeFacts.noiseC, kitchen.probeFacts.stepC / Math.sqrt(12)),
    endedAt: kitchen.at,
    poured,
  }
}

/** s in which a pot off the heat has carried on. */
const CARRIES_S = 90

/** Off the heat: what it still climbs is read until it is poured. */
function carriesOn(kitchen: Kitchen, probe: Probe, readings: Reading[]): Poured {
  kitchen.lift()
  let peakC = kitchen.celsius
  for (let s = 0; s < CARRIES_S; s++) {
    kitchen.tick()
    peakC = Math.max(peakC, kitchen.celsius)
    const shown = probe.read()
    if (shown !== null) readings.push({ at: kitchen.at, celsius: shown })
  }
  return { peakC, stuff: kitchen.holds }
}

/** How far it would still climb if it came off now, °C: tried on a copy, near the target only. */
function carried(kitchen: Kitchen, aim: number): number {
  return kitchen.celsius > aim - 8 ? kitchen.peakIfLifted() - kitchen.celsius : 0
}
