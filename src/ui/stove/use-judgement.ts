'use client'

import { useMemo } from 'react'
import type { BoilView } from '@/contract/cook'
import {
  type Analysis,
  burnerPower,
  type CookTrouble,
  contents,
  type Estimate,
  judge,
  type Reading,
  type RescueContext,
  slackOf,
  syrupC,
  type Trouble,
  troublesOf,
  withWater,
} from '@/core'
import { useTemperature } from '@/ui/shell/preferences'
import { doubtWords, thermometerWords } from './doubts'
import type { LiveCook } from './use-cook'

export interface Judgement {
  /** One thing to mind now: a doubt of the forecast, or a thermometer the tests disagree with. */
  readonly mind: string | null
  /** What the tests say the thermometer is off by, °C, when that is beyond chance. */
  readonly off: number | null
  /** What is going wrong or about to, the worst first. */
  readonly alerts: readonly CookTrouble[]
  readonly trouble: Trouble | null
  readonly rescue: RescueContext | null
}

/** A little past the band is a matter of taste; this much is trouble. */
const PAST = 1.5
/** s between two looks at all the evidence. */
const BEAT = 5
/** The dial a rescue is cooked at, at least. */
const RESCUE_DIAL = 5

/** What the tests, the thermometer and the forecast together say of this boil. */
export function useJudgement(
  boil: BoilView,
  { cook, snapshot, view, now, readings }: LiveCook,
  analysis: Analysis,
  emptied: boolean,
): Judgement {
  const { step } = useTemperature()
  const beat = Math.floor(now / BEAT)
  // biome-ignore lint/correctness/useExhaustiveDependencies: readings grow in place; a test, a filling or a few seconds change it
  const estimate = useMemo(() => judge(cook, snapshot.events, readings, now), [cook, beat])
  const alerts = emptied ? [] : troublesOf({ cook, look: view, analysis, now })
  const doubt = view.forecast?.doubts.find((d) => !(boil.channel === null && d === 'silent'))
  return {
    alerts,
    off: estimate?.disagrees && estimate.off ? estimate.off.mean : null,
    mind: alerts[0]
      ? `${alerts[0].say}: ${alerts[0].act.charAt(0).toLowerCase()}${alerts[0].act.slice(1)}.`
      : doubt
        ? doubtWords[doubt]
        : thermometerWords(estimate, step),
    trouble: !emptied && isTooFar(boil, cook, readings, syrupC(view), analysis) ? 'too-far' : null,
    rescue: rescueFrom(boil, cook, view, estimate),
  }
}

function isTooFar(
  { formula }: BoilView,
  { state, probe }: LiveCook['cook'],
  readings: readonly Reading[],
  celsius: number | null,
  analysis: Analysis,
): boolean {
  const limit = analysis.targetC + PAST * formula.target.within + slackOf(probe)
  const { pulledAt } = state
  if (pulledAt !== null) return readings.some((r) => r.at >= pulledAt && r.celsius > limit)
  return formula.steps[state.next]?.when.on === 'target' && celsius !== null && celsius > limit
}

function rescueFrom(
  { formula, conditions }: BoilView,
  cook: LiveCook['cook'],
  view: LiveCook['view'],
  estimate: Estimate | null,
): RescueContext | null {
  const mix = contents(cook)
  if (!mix || !estimate?.celsius) return null
  return {
    family: formula.family,
    mix: withWater(mix, view.water ?? estimate.water?.mean ?? mix.water),
    celsius: view.celsius ?? estimate.celsius.mean,
    target: formula.target.celsius,
    pressurePa: conditions.pressurePa,
    colourC: estimate.colour.mean,
    watts: burnerPower(conditions.burner, Math.max(RESCUE_DIAL, cook.state.dial)),
  }
}
