'use client'

import { useEffect, useState } from 'react'
import type { Day } from '@/contract/day'
import {
  begun,
  type DayPlan,
  nextMoment,
  type Placed,
  type PracticeDay,
  practiceDay,
  practisedUntil,
  pulled,
  pullsDue,
  seeded,
} from '@/core'
import type { Found } from './use-day'

/** ◊ Seconds of the day that go by in one of practice, and how often the clock moves, ms. */
const PACE = 60
const TICK = 250

interface Practising {
  readonly practice: PracticeDay
  /** The day as it is wanted in this practice. */
  readonly day: Day
  readonly running: boolean
}

/** A day practised in this window alone: nothing of it is kept. `plan`: as it was made again for the practice's moment. */
export function usePractice() {
  const [state, setState] = useState<Practising | null>(null)
  const [plan, setPlan] = useState<DayPlan | null>(null)
  const change = (act: (p: PracticeDay) => PracticeDay): void =>
    setState((s) => s && { ...s, practice: act(s.practice) })
  const running = state?.running ?? false
  useEffect(() => {
    if (!running || !plan) return
    const tick = setInterval(
      () =>
        setState(
          (s) => s && { ...s, practice: practisedUntil(s.practice, plan, s.practice.soFar.now + (PACE * TICK) / 1000) },
        ),
      TICK,
    )
    return () => clearInterval(tick)
  }, [running, plan])
  return {
    practice: state?.practice ?? null,
    day: state?.day ?? null,
    running,
    setPlan,
    setDay: (day: Day): void => setState((s) => s && { ...s, day }),
    /** `cooked`: how long the boils take in stand-in pots. */
    start: (
      day: Day,
      { compiled: { task } }: Found,
      seed: number,
      cooked: Readonly<Record<string, number>> = {},
    ): void => setState({ practice: practiceDay(task, seeded(seed), cooked), day, running: false }),
    stop: (): void => setState(null),
    setRunning: (on: boolean): void => setState((s) => s && { ...s, running: on }),
    begin: (placed: Placed): void => change((p) => (plan ? begun(p, placed, plan) : p)),
    /** Takes a pot off now. */
    pull: (placed: Placed): void => change((p) => pulled(p, placed)),
    /** Pots that want to be taken off. */
    off: state && plan ? new Set(pullsDue(state.practice, plan).map((p) => p.task.id)) : new Set<string>(),
    /** On to the next moment at which something ends or is due. */
    jump: (): void => change((p) => (plan ? practisedUntil(p, plan, nextMoment(p, plan) ?? p.soFar.now) : p)),
  }
}
