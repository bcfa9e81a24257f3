/** Where the mass is once it has left the heat, and how it cools there. */

import { bowlCourse, type Foam, foamKind, foamOf } from '../cooling/bowl'
import { type Course, celsiusAt, lumpCourse } from '../cooling/course'
import { bookTau } from '../cooling/pot'
import { type PouredSlab, pouredSlab, SLAB_SLICES, type Stay, slabCourse } from '../cooling/slab'
import { workOf } from '../craft/families'
import { type HandworkKind, handworkFacts, type Place } from '../craft/handwork'
import { onARack, type Surface } from '../craft/surfaces'
import { airOf } from '../formula/air'
import { type FormulaDocument, isBoiled, type Shape, type Step } from '../formula/document'
import { traceSteps } from '../formula/trace'
import { BAKED_C, emptiedAt, standsInWater } from '../log/log'
import type { Reading } from '../log/readings'
import { type Mix, massOf } from '../matter/mix'
import type { Cook } from '../track/cook'
import { coolingOf } from '../track/cooling'
import { asPulled } from './as-pulled'
import type { FinishLog, Sighting } from './log'
import { ropeFrom } from './pulled'
import { gatheredAt, tabledFrom } from './tabled'
import { chocolateOf } from './windows'

export interface Mass {
  readonly place: Place
  readonly mix: Mix
  /** When it came there, s, and how it cools there. */
  readonly since: number
  readonly course: Course
  /** How it cooled where it was before, each until it left there. */
  readonly before: readonly { readonly until: number; readonly course: Course }[]
  /** The whipping, where it was or is whipped. */
  readonly foam: Foam | null
  /** Where it lies as a slab, piece or mould; null in a pot or a bowl. */
  readonly slab: PouredSlab | null
  readonly on: Surface
  readonly depthMeasured: boolean
  /** How much of a time that is foreseen may be wrong, share. */
  readonly doubt: number
}

/** ◊ Cooling by the book, and once a reading or a touch has put it right, share. */
const DOUBT = { reckoned: 0.18, sighted: 0.08 }
/** ◊ Popcorn that is turned over lies loose: it cools so many times as fast as a syrup in its pot, and so much of a layer of it is air. */
const LOOSE = 3
const LOOSE_AIR = 0.88
/** ◊ A reading this long before the pour still says how warm it was poured, s. */
const FRESH = 120
/** ◊ A piece in a mould gives heat by its sides too: it cools as a sheet of this share of the side of a cube does. */
const DEPTH_OF_CUBE = 0.55

/** How deep a sweet of this shape lies, mm. */
export const depthFor = (shape: Shape): number =>
  shape.kind === 'cut'
    ? shape.heightMm
    : shape.kind === 'broken'
      ? shape.thicknessMm
      : DEPTH_OF_CUBE * Math.cbrt(shape.millilitres * 1000)

/** Share of what lies on its tray or in its tin that is air. */
export const laidAir = (formula: FormulaDocument): number => (isTossed(formula) ? LOOSE_AIR : airOf(formula))

const isTossed = ({ family, school }: FormulaDocument): boolean => workOf(family, school) === 'tossed'

const indexOfWhip = (steps: readonly Step[]): number => steps.findIndex((s) => s.handwork?.kind === 'whip')

/** The mass at `now`, s on the cook's clock; null before the pull, and for what was never in a pot. */
export function massNow(cook: Cook, log: FinishLog, readings: readonly Reading[], now: number): Mass | null {
  const { formula, state, conditions } = cook
  const { pulledAt } = state
  if (pulledAt === null) return null
  const stops = traceSteps(asPulled(cook, readings), cook.grams, conditions.roomC)
  const mix = stops[state.next - 1]?.after
  if (!mix || massOf(mix) <= 0) return null
  const { roomC } = conditions
  const emptied = emptiedAt(formula, state)
  // what was baked lies in its tin from the oven on
  if (!isBoiled(formula)) return lying(cook, log, mix, pulledAt, BAKED_C, null, lumpCourse(pulledAt, BAKED_C, roomC, 1))
  const whip = indexOfWhip(formula.steps)
  const before = formula.steps[whip - 1]
  const whippedFrom = before ? (state.done.get(before.id) ?? null) : null
  const base = { on: log.stays[0]?.on ?? onARack, depthMeasured: false, slab: null, foam: null, before: [] }

  if (whippedFrom !== null && state.next >= whip) {
    const step = formula.steps[whip] as Step
    const startC = stops[whip - 1]?.afterC ?? roomC
    // by what was whipped, whatever is folded in later
    const whipped = stops[whip]?.after ?? mix
    // what was poured into the bowl lies only once it has left that
    const lay = emptied !== null && emptied > whippedFrom ? emptied : laidAfter(cook, whip)
    const warm = log.sightings.filter((s) => s.at > whippedFrom && (lay === null || s.at <= lay))
    const pace = paceFor((p) => bowlCourse(whipped, whippedFrom, startC, roomC, p), warm)
    const course = bowlCourse(whipped, whippedFrom, startC, roomC, pace)
    const ended = state.done.get(step.id) ?? lay ?? now
    const on = step.handwork?.kind === 'whip' ? step.handwork.on : 'gelatin'
    const stood = log.stands && log.stands.at > whippedFrom ? log.stands : null
    const foam = foamOf(
      whipped,
      foamKind(formula.family, on),
      Math.min(now, ended) - whippedFrom,
      stood && { times: stood.times, seconds: stood.at - whippedFrom },
    )
    const bowl = { ...base, place: 'bowl', mix, since: whippedFrom, course, foam, doubt: doubtAfter(warm) } as const
    return lay === null ? bowl : lying(cook, log, mix, lay, celsiusAt(course, lay), foam, course)
  }
  const bath = standsInWater(formula, state)
  const spread = doneAt(cook, 'table')
  const still = emptied ?? spread ?? now
  // by what was pulled, whatever goes in later: what was foreseen of it stays so
  const pulled = stops.find((s) => s.step.when.on === 'target')?.after ?? mix
  const cooling = coolingOf(readings, { now: still, mix: pulled, pot: conditions.pot, roomC, bath, since: pulledAt })
  const from = cooling?.last.at ?? pulledAt
  const startC =
    cooling?.last.celsius ?? state.pulledC ?? stops.find((s) => s.step.when.on === 'target')?.beforeC ?? roomC
  const loose = isTossed(formula) ? LOOSE : 1
  const tau = cooling?.tau ?? bookTau(pulled, conditions.pot, startC, bath) / loose
  const course = lumpCourse(from, startC, roomC, tau)
  if (spread !== null)
    return {
      ...base,
      mix,
      doubt: cooling?.share ?? DOUBT.reckoned,
      ...onStone(cook, log, mix, course, spread, readings, now),
    }
  if (emptied !== null) {
    const read = readings.findLast((r) => r.at <= emptied && r.at >= Math.max(emptied - FRESH, pulledAt))
    const lastDone = formula.steps.findLastIndex((s) => (state.done.get(s.id) ?? Number.POSITIVE_INFINITY) <= emptied)
    // it has cooled in the pot, and by what went in since
    const poured =
      read?.celsius ?? Math.min(celsiusAt(course, emptied), stops[lastDone]?.afterC ?? formula.target.celsius)
    return lying(cook, log, mix, emptied, poured, null, course)
  }
  return { ...base, place: 'pot', mix, since: pulledAt, course, doubt: cooling?.share ?? DOUBT.reckoned }
}

/** When what was whipped by step `whip` was first laid, filled or cut, s; null while it was not. */
function laidAfter({ formula, state }: Cook, whip: number): number | null {
  const laid = formula.steps.find(
    ({ handwork }, i) => i > whip && handwork && handworkFacts(handwork.kind).into && handwork.kind !== 'whip',
  )
  return (laid && state.done.get(laid.id)) ?? null
}

/** When work of a kind was done, s; null while it was not. */
const doneAt = ({ formula, state }: Cook, kind: HandworkKind): number | null =>
  state.done.get(formula.steps.find((s) => s.handwork?.kind === kind)?.id ?? '') ?? null

/** Chocolate that was spread on a stone at `spread`, s. */
function onStone(
  cook: Cook,
  log: FinishLog,
  mix: Mix,
  melted: Course,
  spread: number,
  readings: readonly Reading[],
  now: number,
): Pick<Mass, 'place' | 'since' | 'course' | 'before' | 'on'> {
  const { formula, conditions } = cook
  const chocolate = chocolateOf(formula.steps)
  const gathered = doneAt(cook, 'gather')
  const startC = celsiusAt(melted, spread)
  const spreadAt = (p: number) => tabledFrom({ ...conditions, mix, chocolate }, spread, startC, p)
  // a thermometer held into what lies on the stone says how fast it really comes down
  const seen = log.sightings.filter((s) => s.at > spread && (gathered === null || s.at <= gathered))
  const tabled = spreadAt(paceFor((p) => spreadAt(p).onStone, seen))
  const on = tabled.stone
  const before = [{ until: spread, course: melted }]
  if (gathered === null) return { place: 'slab', since: spread, course: tabled.onStone, before, on }
  const { pot, roomC } = conditions
  const read = coolingOf(readings, { now, mix, pot, roomC, since: gathered })
  const [from, bowlC] = read ? [read.last.at, read.last.celsius] : [gathered, gatheredAt(tabled, gathered)]
  const course = lumpCourse(from, bowlC, roomC, read?.tau ?? bookTau(mix, pot, bowlC))
  return { place: 'pot', since: gathered, course, before: [...before, { until: gathered, course: tabled.onStone }], on }
}

/** What was poured: a slab on its tray, or what lies in moulds or in pieces. */
function lying(
  cook: Cook,
  log: FinishLog,
  mix: Mix,
  from: number,
  startC: number,
  foam: Foam | null,
  earlier: Course,
): Mass {
  const { formula, state, conditions } = cook
  const slab = pouredSlab(mix, startC, conditions.roomC, {
    air: foam?.air ?? laidAir(formula),
    depthMm: log.depthMm ?? depthFor(formula.shape),
    into: formula.shape.kind === 'mould' ? 'mould' : 'tray',
  })
  const sightings = log.sightings.filter((s) => s.at > from)
  const stays = withHeld(cook, log.stays, from)
    .map((s) => ({ ...s, from: Math.max(from, s.from) }))
    .filter((s, i, all) => all[i + 1]?.from !== s.from)
  // what was whipped was in a bowl before
  const isSince = (s: Step): boolean => (state.done.get(s.id) ?? Number.NEGATIVE_INFINITY) >= from
  const last = formula.steps.findLast((s) => isSince(s) && s.handwork && handworkFacts(s.handwork.kind).into)
  const into = last?.handwork && handworkFacts(last.handwork.kind).into
  const pulledOut = doneAt(cook, 'pull')
  const flat = sightings.filter((s) => pulledOut === null || s.at <= pulledOut)
  const pace = paceFor((p) => slabCourse(slab, startC, stays, p), flat)
  const lain = slabCourse(slab, startC, stays, pace)
  if (pulledOut !== null && pulledOut >= from) {
    const seen = sightings.filter((s) => s.at > pulledOut)
    const rope = ropeFrom(mix, lain, pulledOut, conditions.roomC)
    const hangs = [{ from: pulledOut, on: onARack }, ...stays.filter((s) => s.from > pulledOut)]
    const ropeAt = (p: number): Course => slabCourse(rope.slab, rope.startC, hangs, p)
    return {
      place: into ?? 'rope',
      mix,
      since: pulledOut,
      course: ropeAt(paceFor(ropeAt, seen)),
      before: [
        { until: from, course: earlier },
        { until: pulledOut, course: lain },
      ],
      foam,
      // what hangs from the hands has no depth to measure
      slab: into === 'pieces' ? rope.slab : null,
      on: hangs.at(-1)?.on ?? onARack,
      depthMeasured: false,
      doubt: doubtAfter(seen),
    }
  }
  return {
    place: into ?? (slab.into === 'mould' ? 'moulds' : 'slab'),
    mix,
    since: from,
    course: lain,
    before: [{ until: from, course: earlier }],
    foam,
    slab,
    on: log.stays.at(-1)?.on ?? onARack,
    depthMeasured: log.depthMm !== null,
    doubt: doubtAfter(sightings),
  }
}

/** Where it lay since `from`, s, with the oven, the fridge or the freezer it is in while a step holds it there. */
function withHeld({ formula, state }: Cook, stays: readonly Stay[], from: number): readonly Stay[] {
  const placeAt = (at: number): Surface => stays.findLast((s) => s.from <= at)?.on ?? onARack
  const held = formula.steps.flatMap(({ id, handwork }, i): Stay[] => {
    const begun = state.done.get(formula.steps[i - 1]?.id ?? '')
    if (begun === undefined || begun < from || (handwork?.kind !== 'bake' && handwork?.kind !== 'chill')) return []
    const ended = state.done.get(id)
    return [
      { from: begun, on: placeAt(begun), airC: handwork.celsius },
      ...(ended === undefined ? [] : [{ from: ended, on: placeAt(ended) }]),
    ]
  })
  return [...stays, ...held].sort((a, b) => a.from - b.from)
}

const doubtAfter = (sightings: readonly Sighting[]): number => (sightings.length > 0 ? DOUBT.sighted : DOUBT.reckoned)

/** ◊ How far cooling by the book may be off before anything is known of it, as a logarithm. */
const PACE_SD = 0.25
const PACES = Array.from({ length: 21 }, (_, i) => Math.exp((i - 10) * 0.07))

/** How many times as fast as the book it cools, by what was read and touched: the likeliest pace, weighed with what is usual. */
function paceFor(courseAt: (pace: number) => Course, sightings: readonly Sighting[]): number {
  if (sightings.length === 0) return 1
  let best = { pace: 1, cost: Number.POSITIVE_INFINITY }
  for (const pace of PACES) {
    const course = courseAt(pace)
    let cost = (Math.log(pace) / PACE_SD) ** 2
    for (const s of sightings)
      cost += ((celsiusAt(course, s.at, s.of === 'face' ? 'top' : 'middle') - s.celsius) / s.sd) ** 2
    if (cost < best.cost) best = { pace, cost }
  }
  return best.pace
}

/** The profile through a slab at `at`, top first, °C: a parabola through its faces and its middle. */
export function profileAt(course: Course, at: number, slices = SLAB_SLICES): number[] {
  const top = celsiusAt(course, at, 'top')
  const middle = celsiusAt(course, at)
  const bottom = celsiusAt(course, at, 'bottom')
  return Array.from({ length: slices }, (_, i) => {
    const x = slices === 1 ? 0.5 : i / (slices - 1)
    return top * (1 - x) * (1 - 2 * x) + middle * 4 * x * (1 - x) + bottom * x * (2 * x - 1)
  })
}
