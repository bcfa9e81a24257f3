'use client'

import { useEffect, useState } from 'react'
import {
  begun,
  type DayPlan,
  type DayTask,
  nextMoment,
  type Placed,
  type PracticeDay,
  practiceDay,
  practisedUntil,
  replan,
  seeded,
} from '@/core'
import type { Found } from './use-day'

/** ◊ Seconds of the day that go by in one of practice, and how often the clock moves, ms. */
const PACE = 60
const TICK = 250

interface Practising {
  readonly practice: PracticeDay
  readonly task: DayTask
  readonly plan: DayPlan
  readonly running: boolean
}

/** A day practised in this window alone: nothing of it is kept. */
export function usePractice() {
  const [state, setState] = useState<Practising | null>(null)
  const change = (act: (p: Practising) => PracticeDay): void => setState((s) => s && { ...s, practice: act(s) })
  const running = state?.running ?? false
  useEffect(() => {
    if (!running) return
    const tick = setInterval(
      () => setState((s) => s && { ...s, practice: until(s, s.practice.soFar.now + (PACE * TICK) / 1000) }),
      TICK,
    )
    return () => clearInterval(tick)
  }, [running])
  return {
    practice: state?.practice ?? null,
    running,
    start: ({ compiled: { task }, plan }: Found, seed: number): void =>
      setState({ practice: practiceDay(task, seeded(seed)), task, plan, running: false }),
    stop: (): void => setState(null),
    setRunning: (on: boolean): void => setState((s) => s && { ...s, running: on }),
    begin: (placed: Placed): void => change((s) => begun(s.practice, placed)),
    /** On to the next moment at which something ends or is due. */
    jump: (): void => change((s) => until(s, nextMoment(s.practice, now(s)) ?? s.practice.soFar.now)),
  }
}

const now = ({ task, plan, practice }: Practising): DayPlan => replan(task, plan, practice.soFar)
const until = (s: Practising, at: number): PracticeDay => practisedUntil(s.practice, now(s), at)
