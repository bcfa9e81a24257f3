/**
 * Has something changed that nobody logged? For each of a row of moments in the past the filter is asked how much better the
 * readings since are explained by a step in the heat then, and how much better by a probe that shows something else than
 * the syrup: the ratio of likelihoods of Willsky & Jones (1976). The better of the two is believed, once it is beyond doubt.
 */
import { type HeatState, type Lesson, powerOf, ROW, type StepWeights } from './heat-state'

export type HeatDoubt = 'stall' | 'heat-lower' | 'heat-higher'
export type ChangeKind = 'heat' | 'probe'

interface Candidate {
  readonly kind: ChangeKind
  readonly from: number
  /** What a watt more, or a degree more shown, since then would have made of the state, corrected as the state was. */
  readonly effect: Float64Array
  /** Σ g²/S and Σ gν/S. */
  weight: number
  sum: number
  /** Times more than by chance that readings erred together when it began, 1 or more (variance). */
  readonly together: number
}

/** Changed in place by the functions here. */
export type HeatWatch = Candidate[]

export const copyWatch = (watch: HeatWatch): HeatWatch => watch.map((c) => ({ ...c, effect: c.effect.slice() }))

export interface Change {
  readonly kind: ChangeKind
  /** W at full dial, or °C shown too much. */
  readonly by: number
  readonly effect: Float64Array
}

/**
 * ◊ A candidate every so many s, kept as long; standard deviations that are beyond doubt, and the least share of power or °C
 * that is told of; °C from which it speaks against anything else; what changes usually are; s a change has to have lasted,
 * and s after which one of heat is none any more: a curve that is not quite the syrup's explains as much by then.
 */
const LIMITS = {
  every: 12,
  kept: 200,
  sds: 3.7,
  share: 0.14,
  celsius: 1.2,
  hintsC: 0.5,
  usualShare: 0.4,
  usualC: 6,
  lasts: { heat: 20, probe: 12 },
  fades: 120,
}

/** Moves the candidates on by a step of the state. */
export function watchStep(watch: HeatWatch, w: StepWeights): void {
  for (const { kind, effect } of watch) {
    let joules = kind === 'heat' ? w.feltS : 0
    // a tip that feels something else than the syrup takes it up as late as the syrup
    let tip = kind === 'probe' ? 1 - (w.tip[ROW.tip] as number) : 0
    for (let i = 0; i < effect.length; i++) {
      joules += (w.joules[i] as number) * (effect[i] as number)
      tip += (w.tip[i] as number) * (effect[i] as number)
    }
    effect[ROW.joules] = joules
    effect[ROW.tip] = tip
    effect[ROW.drift] = (effect[ROW.drift] as number) * w.keep
  }
}

/** Takes a reading in, and begins new candidates where it is time, of what can be judged now, of readings that err `together`. */
export function watchReading(
  watch: HeatWatch,
  lesson: Lesson,
  now: number,
  judged: readonly ChangeKind[],
  together: number,
): void {
  const { off, variance, worth, gain } = lesson
  while (watch[0] && now - watch[0].from > LIMITS.kept) watch.shift()
  for (const c of watch) {
    const g = c.effect[ROW.tip] as number
    for (let i = 0; i < gain.length; i++)
      if (lesson.taught(i)) c.effect[i] = (c.effect[i] as number) - (gain[i] as number) * g * worth
    c.weight += (g * g * worth) / variance
    c.sum += (g * off) / variance
  }
  if (now - (watch.at(-1)?.from ?? Number.NEGATIVE_INFINITY) >= LIMITS.every)
    for (const kind of judged)
      watch.push({ kind, from: now, effect: new Float64Array(gain.length), weight: 0, sum: 0, together })
}

/** The change the readings speak of, if they do beyond doubt at `now`; the heat cannot have come to more than `mostWatts` at full dial. */
export function changeIn(watch: HeatWatch, state: HeatState, now: number, mostWatts: number): Change | null {
  const power = powerOf(state)
  const usual: Record<ChangeKind, number> = { heat: LIMITS.usualShare * power, probe: LIMITS.usualC }
  const least: Record<ChangeKind, number> = { heat: LIMITS.share * power, probe: LIMITS.hintsC }
  let found: Change | null = null
  let most = LIMITS.sds ** 2
  for (const { kind, from, sum, weight, effect, together } of watch) {
    const by = sum / (weight + usual[kind] ** -2)
    const lasts = now - from
    // what errs together over seconds does so over minutes too: it counts twice
    const squaredSds = (sum * by) / together ** 2
    if (squaredSds <= most || Math.abs(by) < least[kind]) continue
    if (kind === 'heat' && (lasts < LIMITS.lasts.heat || lasts > LIMITS.fades || power + by > mostWatts)) continue
    most = squaredSds
    if (kind === 'heat') found = { kind, by: Math.max(-power, by), effect }
    // a probe that shows a little too much, or has not done so for long, is not told of, and no change of heat is either that explains less
    else found = Math.abs(by) < LIMITS.celsius || lasts < LIMITS.lasts.probe ? null : { kind, by, effect }
  }
  return found
}
