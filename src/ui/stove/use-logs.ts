'use client'

import { useEffect, useState } from 'react'
import type { BoilView, Frame } from '@/contract/cook'
import { CookLog } from './cook-log'

export interface BoilOn {
  readonly boil: BoilView
  readonly first: Frame
}

/** A log for each boil, followed for as long as the page is open: whatever shows a boil shows the same. */
export function useLogs(boils: readonly BoilOn[]): ReadonlyMap<string, CookLog> {
  const [logs] = useState(() => new Map(boils.map((b) => [b.boil.id, new CookLog(b.boil, b.first)])))
  useEffect(() => {
    const closing = [...logs.values()].map((log) => log.open())
    return () => {
      for (const close of closing) close()
    }
  }, [logs])
  return logs
}
