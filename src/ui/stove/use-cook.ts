'use client'

import { useEffect, useMemo, useRef, useState, useSyncExternalStore } from 'react'
import type { BoilView } from '@/contract/cook'
import {
  believed,
  type Cook,
  gramsOfBoil,
  type Look,
  look,
  openCook,
  type Probe,
  pointsInLog,
  pointsInTests,
  type Reading,
  typedReadings,
} from '@/core'
import type { CookLog, CookSnapshot } from './cook-log'
import { onTick } from './line'

const TICK_MS = 250
/** ◊ s on either side of a typed temperature in which the log's own guesses are not asked. */
const TYPED_HOLDS = 120
/** ◊ A thermometer read by eye; and a cook that goes by drops, signs and steps alone. */
const BY_EYE = { lagS: 0, noiseC: 0.8, byHand: true }
const BY_TESTS = { lagS: 0, noiseC: 3, byHand: true }

export interface LiveCook {
  readonly log: CookLog
  readonly snapshot: CookSnapshot
  readonly cook: Cook
  readonly now: number
  readonly view: Look
  /** As they are believed: probe and typed together, put right; without a probe, with what the log gives away. */
  readonly readings: readonly Reading[]
}

/** A boil followed live: its log, and what core makes of it four times a second. */
export function useCook(boil: BoilView, log: CookLog): LiveCook {
  const snapshot = useSyncExternalStore(log.subscribe, log.snapshot, log.snapshot)
  const [now, setNow] = useState(log.paintedFirst)
  useEffect(() => {
    const tick = (): void => setNow(log.now())
    const timer = setInterval(tick, TICK_MS)
    const stop = onTick(tick)
    return () => {
      clearInterval(timer)
      stop()
    }
  }, [log])

  const probe = useMemo((): Probe => {
    const sd = boil.probe.thermometer?.sd
    if (boil.channel !== null) return { ...boil.probe, sd }
    return { ...(typedReadings(snapshot.events).length > 0 ? BY_EYE : BY_TESTS), sd }
  }, [boil, snapshot.events])
  const before = useRef<Cook | undefined>(undefined)
  const cook = useMemo(() => {
    const next = openCook(
      boil.formula,
      gramsOfBoil(boil.plan, boil.number),
      boil.conditions,
      probe,
      snapshot.events,
      before.current,
    )
    before.current = next
    return next
  }, [boil, probe, snapshot.events])
  // biome-ignore lint/correctness/useExhaustiveDependencies: readings grow in place; the version tells
  const readings = useMemo(() => {
    const heard = believed(snapshot.readings, snapshot.events, boil.probe.thermometer ?? undefined)
    if (boil.channel !== null) return heard
    const { pressurePa, roomC } = boil.conditions
    const points = [
      ...pointsInLog(boil.formula, cook.grams, snapshot.events, pressurePa, roomC),
      ...pointsInTests(cook, snapshot.events),
    ]
    // what was read says more than what a step or a test gives away, for a while
    const silent = points.filter((p) => !heard.some((h) => Math.abs(h.at - p.at) < TYPED_HOLDS))
    return [...heard, ...silent].sort((a, b) => a.at - b.at)
  }, [boil, cook, snapshot.version])
  // a reading that has just come may be a little ahead of this window's tick
  const at = Math.max(now, readings.at(-1)?.at ?? 0)
  // biome-ignore lint/correctness/useExhaustiveDependencies: as above
  const view = useMemo(() => look(cook, readings, at), [cook, readings, at, snapshot.version])
  return { log, snapshot, cook, now: at, view, readings }
}
