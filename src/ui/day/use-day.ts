'use client'

import { useEffect, useMemo, useRef, useState } from 'react'
import type { Day, DayView } from '@/contract/day'
import type { DayPlan, Link, SoFar } from '@/core'
import { momentIn } from '@/words'
import type { FromDay, WhatIf } from '@/workers/day'
import type { Compiled } from '@/workers/day-task'

export interface Planned {
  readonly compiled: Compiled
  readonly plan: DayPlan
  readonly chain: readonly Link[]
  /** How far the search has come, 0 to 1. */
  readonly share: number
}

/** The moment of the first hour, ms, and s from it to the hour asked for; past midnight where that is earlier. */
export function hoursOf({ date, day }: Pick<DayView, 'date' | 'day'>, zone: string): { first: number; by: number } {
  const first = momentIn(zone, date, day.from)
  const by = (momentIn(zone, date, day.by) - first) / 1000
  return { first, by: by > 0 ? by : by + 86_400 }
}

/** What has been done of a day, s since its first hour: what was ticked, and what the stove says of its boils. */
export function soFarOf({ day, cooked }: DayView, first: number, now: number): SoFar | null {
  const began = { ...day.began }
  const ended = { ...day.ended }
  const by: Record<string, string> = { ...day.who }
  for (const [block, { startedAt, pulledAt }] of Object.entries(cooked)) {
    const seconds = (at: string): number => (Date.parse(at) - first) / 1000
    began[`${block} cook`] = seconds(startedAt)
    if (pulledAt === null) continue
    // where the pot passed the heat at which nobody leaves it is not known: half way will do
    const pulled = seconds(pulledAt)
    ended[`${block} cook`] = (seconds(startedAt) + pulled) / 2
    began[`${block} pull`] = (seconds(startedAt) + pulled) / 2
    ended[`${block} pull`] = pulled
  }
  // a day that is not today is planned as it was meant
  const seconds = (now - first) / 1000
  const today = seconds > 0 && seconds < 2 * 86_400
  return Object.keys(began).length > 0 ? { now: today ? seconds : 0, began, ended, by } : null
}

/** The plan of a day as it is wanted, made in a worker: the first at once, better ones as they are found. */
export function usePlan(view: DayView, day: Day, zone: string) {
  const [planned, setPlanned] = useState<Planned | null>(null)
  const [whatIfs, setWhatIfs] = useState<readonly WhatIf[] | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const worker = useRef<Worker | null>(null)
  const asked = useMemo(() => JSON.stringify(day), [day])
  useEffect(() => {
    const wanted = { ...view, day: JSON.parse(asked) as Day }
    const { first, by } = hoursOf(wanted, zone)
    const made = new Worker(new URL('../../workers/day.ts', import.meta.url))
    worker.current = made
    setWhatIfs(null)
    made.onmessage = ({ data }: MessageEvent<FromDay>) => {
      if ('failed' in data) setProblem(data.failed)
      else if ('whatIfs' in data) setWhatIfs(data.whatIfs)
      else {
        setProblem(null)
        setPlanned(data)
      }
    }
    made.onerror = () => setProblem('The plan could not be reckoned in this browser')
    const { formulas, kitchen, gives } = view
    made.postMessage({
      day: wanted.day,
      formulas,
      kitchen,
      gives,
      bySeconds: by,
      soFar: soFarOf(wanted, first, Date.now()),
    })
    return () => made.terminate()
  }, [asked, view, zone])
  return { planned, whatIfs, problem }
}
