'use client'

import { useEffect, useMemo, useRef, useState, useSyncExternalStore } from 'react'
import type { BoilView, Frame } from '@/contract/cook'
import { type Cook, gramsPerBoil, type Look, look, openCook } from '@/core'
import { CookLog, type CookSnapshot } from './cook-log'

const TICK_MS = 250

export interface LiveCook {
  readonly log: CookLog
  readonly snapshot: CookSnapshot
  readonly cook: Cook
  readonly now: number
  readonly view: Look
}

/** A boil followed live: its log, and what core makes of it four times a second. */
export function useCook(boil: BoilView, first: Frame): LiveCook {
  const [log] = useState(() => new CookLog(boil, first))
  useEffect(() => log.open(), [log])
  const snapshot = useSyncExternalStore(log.subscribe, log.snapshot, log.snapshot)
  const [now, setNow] = useState(log.openedAt)
  useEffect(() => {
    const timer = setInterval(() => setNow(log.now()), TICK_MS)
    return () => clearInterval(timer)
  }, [log])

  const before = useRef<Cook | undefined>(undefined)
  const cook = useMemo(() => {
    const next = openCook(
      boil.formula,
      gramsPerBoil(boil.plan),
      boil.conditions,
      boil.probe,
      snapshot.events,
      before.current,
    )
    before.current = next
    return next
  }, [boil, snapshot.events])
  // a reading that has just come may be a little ahead of this window's tick
  const at = Math.max(now, snapshot.readings.at(-1)?.at ?? 0)
  // biome-ignore lint/correctness/useExhaustiveDependencies: readings grow in place; the version tells
  const view = useMemo(() => look(cook, snapshot.readings, at), [cook, snapshot.version, at])
  return { log, snapshot, cook, now: at, view }
}
