'use client'

import { useRouter } from 'next/navigation'
import { useEffect, useMemo, useState } from 'react'
import type { Day, DayView } from '@/contract/day'
import { type Block, chainOf, type DayNews, type DayPlan, type Link, newsOf, replan, type SoFar } from '@/core'
import { onTick } from '@/ui/stove/boil-feed'
import { momentIn } from '@/words'
import type { FromDay, WhatIf } from '@/workers/day'
import type { Compiled } from '@/workers/day-task'
import type { ComesOff } from './on-stove'

/** A plan as the worker found it, for a day nothing has been done of. */
export interface Found {
  readonly compiled: Compiled
  readonly plan: DayPlan
  /** How far the search has come, 0 to 1. */
  readonly share: number
  /** What it is a plan of. */
  readonly of: string
}

/** The plan as it is now, made again from what has been done. */
export interface Planned extends Found {
  readonly chain: readonly Link[]
  readonly soFar: SoFar
  readonly news: DayNews
}

/** The moment of the first hour, ms, and s from it to the hour asked for; past midnight where that is earlier. */
export function hoursOf({ date, day }: Pick<DayView, 'date' | 'day'>, zone: string): { first: number; by: number } {
  const first = momentIn(zone, date, day.from)
  const by = (momentIn(zone, date, day.by) - first) / 1000
  return { first, by: by > 0 ? by : by + 86_400 }
}

/**
 * What has been done of a day, s since its first hour: what was ticked, what the stove says of its boils, and when those on it
 * are foreseen to come off, ms.
 */
export function soFarOf(
  { day, cooked }: Pick<DayView, 'day' | 'cooked'>,
  blocks: readonly Block[],
  first: number,
  now: number,
  comesOff: ComesOff = {},
): SoFar {
  const began = { ...day.began }
  const ended = { ...day.ended }
  const expected: Record<string, number> = {}
  const seconds = (at: string): number => (Date.parse(at) - first) / 1000
  for (const [block, { startedAt, watchedAt, pulledAt }] of Object.entries(cooked)) {
    const [cook, pull] = [`${block} cook`, `${block} pull`]
    began[cook] = seconds(startedAt)
    const off = pulledAt === null ? null : seconds(pulledAt)
    // by hand nobody read when it passed the heat at which nobody leaves a pot: half way will do
    const watched = watchedAt !== null ? seconds(watchedAt) : off !== null ? (seconds(startedAt) + off) / 2 : null
    if (watched !== null) {
      ended[cook] = watched
      began[pull] = watched
    }
    if (off !== null) ended[pull] = off
    else if (comesOff[block] !== undefined) {
      expected[pull] = (comesOff[block] - first) / 1000
      const takes = blocks.find((b) => b.id === block)?.ways[0].tasks.find((t) => t.id === pull)?.seconds ?? 0
      expected[cook] = expected[pull] - takes
    }
  }
  // a day that is not today is planned as it was meant
  const at = (now - first) / 1000
  const today = at > 0 && at < 2 * 86_400
  return { now: today ? at : 0, began, ended, expected, by: day.who, ways: day.ways }
}

/** What the search is about: what is wanted and with what, not what has been done of it. */
const wantedOf = ({ formulas, kitchen, gives, paces }: DayView, day: Day, by: number) => ({
  day: { ...day, began: {}, ended: {}, who: {}, boils: {}, meant: {}, ways: {} },
  formulas,
  kitchen,
  gives,
  paces,
  bySeconds: by,
})

const itemsIn = ({ day }: { readonly day: Day }): string => JSON.stringify(day.items)

/** The plan of a day as it is wanted, made in a worker: the first at once, better ones as they are found. */
export function usePlan(view: DayView, day: Day, by: number) {
  const [last, setFound] = useState<Found | null>(null)
  const [whatIfs, setWhatIfs] = useState<readonly WhatIf[] | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const [stopped, setStopped] = useState<() => void>(() => () => undefined)
  // the same wish is not looked at twice, however often the page is fetched again
  const asked = useMemo(() => JSON.stringify(wantedOf(view, day, by)), [view, day, by])
  useEffect(() => {
    const made = new Worker(new URL('../../workers/day.ts', import.meta.url))
    setWhatIfs(null)
    setStopped(() => () => {
      made.terminate()
      setFound((f) => f && { ...f, share: 1 })
      setWhatIfs([])
    })
    const of = itemsIn(JSON.parse(asked))
    let compiled: Compiled | null = null
    made.onmessage = ({ data }: MessageEvent<FromDay>) => {
      if ('failed' in data) setProblem(data.failed)
      else if ('whatIfs' in data) setWhatIfs(data.whatIfs)
      else if ('compiled' in data) compiled = data.compiled
      else if ('plan' in data && compiled) {
        setProblem(null)
        setFound({ ...data, compiled, of })
      }
    }
    made.onerror = () => setProblem('The plan could not be reckoned in this browser')
    made.postMessage(JSON.parse(asked))
    return () => made.terminate()
  }, [asked])
  // a plan of other things says nothing of these; formulas come with the page, a moment after they were named
  const known = day.items.every((i) => view.formulas.some((f) => f.id === i.formula))
  const found = known && last?.of === itemsIn({ day }) ? last : null
  return { found, whatIfs, problem, stop: stopped }
}

/** The plan made again from what has been done by now. */
export function useRunning(found: Found | null, meant: Day['meant'], soFar: SoFar): Planned | null {
  return useMemo(() => {
    if (!found) return null
    const { task } = found.compiled
    const plan = Object.keys(soFar.began).length > 0 ? replan(task, found.plan, soFar) : found.plan
    return { ...found, plan, chain: chainOf(plan, task), soFar, news: newsOf(task, meant, plan, soFar) }
  }, [found, meant, soFar])
}

/** One answer of a worker about a day as it is wanted. */
const asked = <T>(
  view: DayView,
  day: Day,
  by: number,
  what: { readonly most: string } | { readonly practise: number },
  read: (answer: FromDay) => T | undefined,
): Promise<T> =>
  new Promise((resolve, reject) => {
    const made = new Worker(new URL('../../workers/day.ts', import.meta.url))
    const end = (act: () => void): void => {
      made.terminate()
      act()
    }
    made.onmessage = ({ data }: MessageEvent<FromDay>) =>
      end(() => {
        const found = read(data)
        if (found === undefined) reject(new Error('failed' in data ? data.failed : ''))
        else resolve(found)
      })
    made.onerror = () => end(() => reject(new Error('It could not be reckoned in this browser')))
    made.postMessage({ ...wantedOf(view, day, by), ...what })
  })

/** How many pieces of an item fit into the day beside the rest. */
export const mostOf = (view: DayView, day: Day, by: number, item: string): Promise<number> =>
  asked(view, day, by, { most: item }, (answer) => ('most' in answer ? answer.most : undefined))

/** How many times as long as planned the boils of a day take in stand-in pots, by task. */
export const standInsFor = (view: DayView, day: Day, by: number, seed: number): Promise<Record<string, number>> =>
  asked(view, day, by, { practise: seed }, (answer) => ('standIns' in answer ? answer.standIns : undefined))

/** ◊ ms after which a page plans again, and after which it looks at what other screens have done. */
const PLANS_EVERY = 5000
const LOOKS_EVERY = 15_000

/**
 * The moment, ms; null until the page is in a window. The page is fetched again every so often. A window nobody sees hears the
 * clock of the worker, for its own timers are slowed: its calls are heard from behind others.
 */
export function useNow(): number | null {
  const router = useRouter()
  const [now, setNow] = useState<number | null>(null)
  useEffect(() => {
    let [planned, looked] = [0, Date.now()]
    const tick = (): void => {
      const at = Date.now()
      if (at - planned < PLANS_EVERY) return
      planned = at
      setNow(at)
      if (at - looked < LOOKS_EVERY) return
      looked = at
      router.refresh()
    }
    tick()
    const own = setInterval(tick, PLANS_EVERY)
    const stop = onTick(tick)
    return () => {
      clearInterval(own)
      stop()
    }
  }, [router])
  return now
}
