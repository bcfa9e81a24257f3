'use client'

import { useEffect, useState, useSyncExternalStore } from 'react'
import type { BoilView, Frame } from '@/contract/cook'
import { assessCook, type CookAssessment, type FinishAssessment } from '@/core'
import { onTick } from './boil-feed'
import { CookLog, type CookSnapshot } from './cook-log'

export interface BoilOn {
  readonly boil: BoilView
  readonly first: Frame
}

/** A boil as it stands: its log, and what core makes of it. */
export interface LiveCook extends CookAssessment {
  readonly log: CookLog
  readonly snapshot: CookSnapshot
}

/** A boil whose sweet has left the pot. */
export type FinishingCook = LiveCook & { readonly finish: FinishAssessment }

/** Whether it is drawn as a finish: it is out of its pot, or what is next has a window that opens and closes as it cools there. */
export const isFinishing = (live: LiveCook): live is FinishingCook =>
  live.finish !== null &&
  !live.over &&
  (live.finish.place !== 'pot' ||
    live.pot.doNow.step?.when.on === 'texture' ||
    live.finish.ahead[0]?.step.id === live.pot.doNow.step?.id)

const TICK_MS = 250
/** ◊ A boil judged more lately than this, ms, is not judged again because the clock ticked. */
const FRESH_MS = 200

/**
 * Every boil this page shows, judged anew some four times a second and whenever something comes in, but for no more than
 * half of the window's time: four hurried pots have news at every moment, and a slow tablet has touches to take between.
 * The one place a page subscribes to: what is drawn anywhere on it is drawn from the same judgement.
 */
export class Stove {
  private readonly logs: readonly CookLog[]
  private held: ReadonlyMap<string, LiveCook>
  private readonly listeners = new Set<() => void>()
  /** When each was judged last, ms on the window's own clock, which nobody sets back. */
  private readonly judgedAt = new Map<CookLog, number>()
  /** Those something came in for. */
  private readonly news = new Set<CookLog>()
  /** Until when it rests, ms: for as long as it worked before. */
  private restsUntil = 0
  private waking: ReturnType<typeof setTimeout> | undefined

  constructor(boils: readonly BoilOn[]) {
    this.logs = boils.map((b) => new CookLog(b.boil, b.first))
    // the first picture is as the server drew it, whatever this window's clock says
    this.held = new Map(this.logs.map((log) => [log.boil.id, judge(log, log.firstSeen)]))
  }

  /** Follows the boils and the clock. Returns the way to stop. */
  open(): () => void {
    const closing = this.logs.flatMap((log) => [
      log.open(),
      log.subscribe((byHand) => {
        this.news.add(log)
        // whoever presses sees it at once
        if (byHand) this.judge()
        else this.look()
      }),
    ])
    const tick = (): void => {
      for (const log of this.logs) if (performance.now() - (this.judgedAt.get(log) ?? 0) >= FRESH_MS) this.news.add(log)
      this.look()
    }
    const timer = setInterval(tick, TICK_MS)
    closing.push(
      () => clearInterval(timer),
      onTick(tick),
      () => clearTimeout(this.waking),
    )
    return () => {
      for (const close of closing) close()
    }
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener)
    return () => void this.listeners.delete(listener)
  }

  snapshot = (): ReadonlyMap<string, LiveCook> => this.held

  private look(): void {
    clearTimeout(this.waking)
    const rests = this.restsUntil - performance.now()
    if (rests > 0) this.waking = setTimeout(() => this.look(), rests)
    else this.judge()
  }

  private judge(): void {
    if (this.news.size === 0) return
    const from = performance.now()
    const next = new Map(this.held)
    for (const log of this.news) {
      next.set(log.boil.id, judge(log, log.now(), this.held.get(log.boil.id)))
      this.judgedAt.set(log, performance.now())
    }
    this.news.clear()
    this.held = next
    for (const listener of this.listeners) listener()
    // what listens draws before this
    queueMicrotask(() => {
      this.restsUntil = 2 * performance.now() - from
    })
  }
}

function judge(log: CookLog, now: number, before?: CookAssessment): LiveCook {
  const snapshot = log.snapshot(now)
  return { ...assessCook(log.boil, snapshot, now, before), log, snapshot }
}

/** The boils of a page, live, by their id. */
export function useStove(boils: readonly BoilOn[]): ReadonlyMap<string, LiveCook> {
  const [stove] = useState(() => new Stove(boils))
  useEffect(() => stove.open(), [stove])
  return useSyncExternalStore(stove.subscribe, stove.snapshot, stove.snapshot)
}
