/** What there is to mind of a finish: a window that closes or has closed, a mass too dense, dew, a work that came wrong. */

import { warmingSeconds } from '../cooling/slab'
import { chocolates, type HandworkKind } from '../craft/handwork'
import type { PlainFindingOf } from '../finding'
import { type FormulaDocument, pullIndex } from '../formula/document'
import type { Reading } from '../log/readings'
import { glassTransition } from '../physics/glass'
import { dewPoint } from '../physics/humidity'
import { type Celsius, inCelsius, inSeconds, type Seconds } from '../quantity/figures'
import type { Cook } from '../track/cook'
import type { WrapBy } from './keeping'
import type { Mass } from './mass'
import { cameWrong, WINDOW_EDGE, type WorkOutcome } from './outcomes'
import { chocolateOf, type HeatRange, isCut, knifeTo } from './windows'
import type { Forming, WorkAhead } from './works-ahead'

export interface FinishFigures {
  /** The window of a work has closed: to what it could be warmed, in what time, and what else can be done, down to what. */
  missed: {
    readonly kind: HandworkKind
    readonly warmTo: Celsius | null
    readonly warmFor: Seconds | null
    readonly instead: Instead
    readonly downTo: Celsius | null
  }
  /** A work has just been done too early or too late. */
  came: { readonly kind: HandworkKind; readonly came: 'early' | 'late'; readonly celsius: Celsius }
  /** It lies bare for longer than its sides bear. */
  bare: { readonly goes: 'sticky' | 'dries' }
  closing: { readonly kind: HandworkKind; readonly left: Seconds }
  /** The formula has it done now, and it is warmer than that works: from where it does, and in what time. */
  'too-warm': {
    readonly kind: HandworkKind
    readonly celsius: Celsius
    readonly from: Celsius
    readonly ahead: Seconds
  }
  dew: { readonly dew: Celsius }
  'short-of-pieces': { readonly left: number; readonly wanted: number; readonly warmTo: Celsius }
  'whipped-short': { readonly gPerMl: number; readonly least: number }
  'whipped-over': { readonly gPerMl: number; readonly most: number }
  /** Its crystals have melted again: it was read so warm after it was in temper. */
  'out-of-temper': { readonly celsius: Celsius; readonly most: Celsius }
}
export type FinishFinding = PlainFindingOf<FinishFigures>

/** What is still possible once a window has closed. */
export type Instead =
  | 'cut-as-it-is'
  | 'cut-through'
  | 'warm-it'
  | 'break-it'
  | 'back-on-heat'
  | 'under-lamp'
  | 'press-it'
  | 'stir-it'

const insteads: Readonly<Partial<Record<HandworkKind, Instead>>> = {
  score: 'break-it',
  spread: 'press-it',
  'cover-chips': 'warm-it',
  form: 'back-on-heat',
  pull: 'under-lamp',
  fill: 'back-on-heat',
  beat: 'stir-it',
  whip: 'press-it',
  gather: 'warm-it',
  temper: 'warm-it',
  coat: 'warm-it',
  pipe: 'warm-it',
}

/** What is done in the place of a work whose moment has passed: another work, or none; nothing for one that can be caught up with. */
const INSTEAD_OF: Readonly<Partial<Record<Instead, 'cut-through' | 'leave-out'>>> = {
  'cut-as-it-is': 'leave-out',
  'break-it': 'leave-out',
  'cut-through': 'cut-through',
}

/** What is done in the place of the next work, where it is too late for that; null where nothing is. */
export function insteadOf(
  finish: { readonly findings: readonly FinishFinding[] } | null,
): 'cut-through' | 'leave-out' | null {
  const missed = finish?.findings.find((f) => f.id === 'missed')
  return missed ? (INSTEAD_OF[missed.figures.instead] ?? null) : null
}

/** ◊ A window that closes in less is said, s. */
const CLOSING = 120
/** ◊ An oven to warm a slab in is so much hotter than it is to become, °C. */
const OVEN_ABOVE = 15

/** ◊ What came of a work is said for so long, s. */
const TOLD = 180

/** That the last work was done too early or too late, for as long as it is news. */
export function lastWrong(outcomes: readonly WorkOutcome[], at: number): FinishFinding[] {
  const last = outcomes.at(-1)
  if (!last || !cameWrong(last.came) || at - last.at > TOLD) return []
  return [{ id: 'came', figures: { kind: last.kind, came: last.came, celsius: last.celsius } }]
}

/** ◊ So far above where it works chocolate loses its crystals, °C. */
const MELTS_OUT = 2

/** That chocolate which was in temper has been read too warm since. */
export function outOfTemper({ formula, state }: Cook, readings: readonly Reading[]): FinishFinding[] {
  const step = formula.steps.find((s) => s.handwork?.kind === 'temper')
  const since = step && state.done.get(step.id)
  if (since === undefined) return []
  const most = chocolates[chocolateOf(formula.steps)].works[1] + MELTS_OUT
  const celsius = Math.max(...readings.filter((r) => r.at > since).map((r) => r.celsius))
  return celsius > most
    ? [{ id: 'out-of-temper', figures: { celsius: inCelsius(celsius), most: inCelsius(most) } }]
    : []
}

/** ◊ So long before it can be worked, s, that is said. */
const TOO_SOON = 120

/** That what the formula has waited for is over, and the next work would come too early all the same. */
function tooWarm({ formula, state }: Cook, next: WorkAhead | null, celsius: number, at: number): FinishFinding[] {
  const step = formula.steps[state.next]
  // what is worked straight off the heat is meant to be hot
  if (!next || next.step !== step || step.when.on !== 'ready' || state.next <= pullIndex(formula) + 1) return []
  const { kind, range, opens } = next
  if (celsius <= range.high + WINDOW_EDGE.sugar || opens - at < TOO_SOON) return []
  const figures = { kind, celsius: inCelsius(celsius), from: inCelsius(range.high), ahead: inSeconds(opens - at) }
  return [{ id: 'too-warm', figures }]
}

/** What there is to mind of a finish at `at`, the most pressing first. */
export function findingsOf(
  cook: Cook,
  mass: Mass,
  keeping: WrapBy,
  next: WorkAhead | null,
  formed: Forming | null,
  celsius: number,
  at: number,
): FinishFinding[] {
  const { conditions, formula } = cook
  const found = tooWarm(cook, next, celsius, at)
  if (next?.state === 'missed' && next.kind === 'wrap') {
    if (keeping.goes !== 'steady') found.push({ id: 'bare', figures: { goes: keeping.goes } })
  } else if (next?.state === 'missed')
    found.push({ id: 'missed', figures: missedFigures(formula, mass, next, celsius) })
  if (formed && next?.state === 'open' && formed.left < formed.wanted)
    found.push({
      id: 'short-of-pieces',
      figures: { left: formed.left, wanted: formed.wanted, warmTo: inCelsius(warmest(next.range, celsius)) },
    })
  else if (next?.state === 'open' && next.closes - at < CLOSING)
    found.push({ id: 'closing', figures: { kind: next.kind, left: inSeconds(next.closes - at) } })
  const { foam } = mass
  if (foam && mass.place === 'bowl' && next?.state !== 'ahead') {
    if (foam.state === 'short')
      found.push({ id: 'whipped-short', figures: { gPerMl: foam.gPerMl, least: foam.within[1] } })
    else if (foam.state === 'over')
      found.push({ id: 'whipped-over', figures: { gPerMl: foam.gPerMl, most: foam.within[0] } })
  }
  const dew = dewPoint(conditions.roomC, conditions.humidity)
  if (mass.slab && celsius < dew) found.push({ id: 'dew', figures: { dew: inCelsius(dew) } })
  return found
}

/** ◊ To where a mass is warmed again: the middle of its window, or so far above its lower end. */
const warmest = ({ high, low }: HeatRange, celsius: number): number =>
  Number.isFinite(high) && Number.isFinite(low) ? (high + low) / 2 : Number.isFinite(low) ? low + 8 : celsius

function missedFigures(
  formula: FormulaDocument,
  { slab, place, mix }: Mass,
  { kind, range }: WorkAhead,
  celsius: number,
): FinishFigures['missed'] {
  const unwarmed = { kind, warmTo: null, warmFor: null, downTo: null }
  if (kind === 'score' && isCut(formula)) return { ...unwarmed, instead: 'cut-as-it-is' }
  const knife = knifeTo(glassTransition(mix))
  if (kind === 'score' && celsius > knife) return { ...unwarmed, instead: 'cut-through', downTo: inCelsius(knife) }
  const warmTo = warmest(range, celsius)
  const warmed = slab !== null && place === 'slab'
  return {
    kind,
    warmTo: inCelsius(warmTo),
    warmFor: warmed ? inSeconds(warmingSeconds(slab, celsius, warmTo, warmTo + OVEN_ABOVE)) : null,
    instead: insteads[kind] ?? 'warm-it',
    downTo: null,
  }
}
