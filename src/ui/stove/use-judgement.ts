'use client'

import { useMemo } from 'react'
import type { BoilView } from '@/contract/cook'
import {
  type Analysis,
  burnerPower,
  contents,
  type Estimate,
  judge,
  type Reading,
  type RescueContext,
  type Trouble,
  withWater,
} from '@/core'
import { useTemperature } from '@/ui/shell/preferences'
import { doubtWords, thermometerWords } from './doubts'
import type { LiveCook } from './use-cook'

export interface Judgement {
  /** One thing to mind now: a doubt of the forecast, or a thermometer the tests disagree with. */
  readonly mind: string | null
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
  { cook, snapshot, view, now }: LiveCook,
  analysis: Analysis,
  emptied: boolean,
): Judgement {
  const { step } = useTemperature()
  const beat = Math.floor(now / BEAT)
  // biome-ignore lint/correctness/useExhaustiveDependencies: readings grow in place; a test, a filling or a few seconds change it
  const estimate = useMemo(() => judge(cook, snapshot.events, snapshot.readings, now), [cook, beat])
  const doubt = view.forecast?.doubts[0]
  return {
    mind: doubt ? doubtWords[doubt] : thermometerWords(estimate, step),
    trouble: !emptied && isTooFar(boil, cook, snapshot.readings, view.celsius, analysis) ? 'too-far' : null,
    rescue: rescueFrom(boil, cook, view, estimate),
  }
}

function isTooFar(
  { formula }: BoilView,
  { state }: LiveCook['cook'],
  readings: readonly Reading[],
  celsius: number | null,
  analysis: Analysis,
): boolean {
  const limit = analysis.targetC + PAST * formula.target.within
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
