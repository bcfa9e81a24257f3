/**
 * The log of one boil as this window knows it: what the server has sent, and what was done here and is not yet
 * acknowledged. Acts wait in an outbox until they are, so that a reload or a server that is away loses none.
 */

import { ulid } from 'ulid'
import type { BoilView, Frame, LoggedAct } from '@/contract/cook'
import { BEFORE_S, eventsOf } from '@/contract/events'
import { type CookAct, type CookEvent, cookTime, type Reading } from '@/core'
import { SendError, send } from '@/ui/kit/send'
import { listenToBoil } from './boil-feed'
import { type Outbox, outboxOf } from './outbox'

const RETRY_MS = 700
/** An act the server fails at so often is not one it can take: what stands behind it goes on. */
const MOST_FAULTS = 5

export interface CookSnapshot {
  readonly readings: readonly Reading[]
  readonly events: readonly CookEvent[]
  readonly connected: boolean
  /** Acts not yet acknowledged. */
  readonly waiting: number
  /** Of those, how many are stored here, and so outlive this window. */
  readonly kept: number
  readonly refused: string | null
}

/** Hears that a log has changed, and whether by what was just done in this window. */
type Heard = (byHand: boolean) => void

export class CookLog {
  /** Cook time of the first frame, s: on the server and here the same. */
  readonly firstSeen: number
  private readonly startedAt: number
  private readings: readonly Reading[] = []
  private readonly acts = new Map<string, LoggedAct>()
  private events: CookEvent[] = []
  private outbox: LoggedAct[] = []
  private readonly stored = new Set<string>()
  private cursor = '0.0'
  /** Server's clock minus this window's, ms: the largest any frame has shown, for a frame that was delayed shows too little. */
  private skew = Number.NEGATIVE_INFINITY
  private connected = false
  private refused: string | null = null
  private sending = false
  /** How often in a row the server has failed at the act that is next. */
  private faults = 0
  private readonly listeners = new Set<Heard>()
  private held: CookSnapshot

  constructor(
    readonly boil: BoilView,
    first: Frame,
    private readonly store: Outbox = outboxOf(boil.id),
    private readonly listen: typeof listenToBoil = listenToBoil,
  ) {
    this.startedAt = Date.parse(boil.startedAt)
    this.take(first)
    this.firstSeen = cookTime(this.events, this.startedAt, first.wall)
    // as the server drew it, however long this window took to come so far
    this.held = this.picture(this.firstSeen)
  }

  /** Follows the boil and sends what an earlier visit left behind. Returns the way to stop. */
  open(): () => void {
    const stop = this.listen(this.boil.id, this.cursor, {
      frame: (frame) => {
        this.take(frame)
        this.changed()
      },
      up: (up) => {
        this.connected = up
        this.changed()
        if (up) void this.flush()
      },
    })
    void this.restore()
    return stop
  }

  subscribe = (listener: Heard): (() => void) => {
    this.listeners.add(listener)
    return () => void this.listeners.delete(listener)
  }

  /** What is known at `now`, s on the cook's clock. */
  snapshot = (now = this.now()): CookSnapshot => {
    const next = this.readings[this.held.readings.length]
    if (next && next.at <= now) this.held = this.picture(now)
    return this.held
  }

  /** Seconds on the cook's clock now. */
  now = (): number => {
    const at = cookTime(this.events, this.startedAt, Date.now() + this.skew)
    // where the server's clock was set back, time stands still at what is known until it has caught up
    return at < -BEFORE_S ? Math.max(this.events.at(-1)?.at ?? 0, this.readings.at(-1)?.at ?? 0) : at
  }

  /** Wall time as the server has it, ISO. */
  wall = (): string => new Date(Date.now() + this.skew).toISOString()

  /** Logs an act here at once and sends it; returns its id. */
  log(act: CookAct, at = this.now()): string {
    const logged = { id: ulid(), at: new Date(this.startedAt + at * 1000).toISOString(), act }
    this.outbox.push(logged)
    void this.store.keep(logged).then((kept) => {
      if (!kept) return
      this.stored.add(logged.id)
      this.changed()
    })
    this.add([logged])
    this.changed(true)
    void this.flush()
    return logged.id
  }

  /** Resolves once everything done here is acknowledged, or after `ms`: what is left then is sent later. */
  settled(ms: number): Promise<void> {
    return new Promise((resolve) => {
      const done = (): void => {
        clearTimeout(timer)
        stop()
        resolve()
      }
      const timer = setTimeout(done, ms)
      const stop = this.subscribe(() => {
        if (this.outbox.length === 0) done()
      })
      if (this.outbox.length === 0) done()
    })
  }

  private async flush(): Promise<void> {
    if (this.sending) return
    this.sending = true
    try {
      for (let next = this.outbox[0]; next; next = this.outbox[0]) {
        await send('POST', `/api/boils/${this.boil.id}/acts`, next)
        this.outbox.shift()
        this.faults = 0
        await this.store.drop(next.id)
        this.changed()
      }
    } catch (error) {
      const fault = error instanceof SendError && error.fault
      this.faults = fault ? this.faults + 1 : 0
      if (error instanceof SendError && !error.passing && (!fault || this.faults >= MOST_FAULTS))
        this.refuse(error.message)
      else setTimeout(() => void this.flush(), RETRY_MS)
    } finally {
      this.sending = false
    }
  }

  /** What the server will not take is shown and dropped; what stands behind it goes on. */
  private refuse(message: string): void {
    this.faults = 0
    const act = this.outbox.shift()
    if (act) {
      this.acts.delete(act.id)
      void this.store.drop(act.id)
    }
    this.refused = message
    this.rebuild()
    this.changed()
    setTimeout(() => void this.flush(), 0)
  }

  /** What an earlier window left comes before what was done in this one. */
  private async restore(): Promise<void> {
    const all = await this.store.left().catch(() => null)
    if (all === null) return void setTimeout(() => void this.restore(), RETRY_MS)
    const left = all.filter((a) => !this.outbox.some((o) => o.id === a.id))
    if (left.length === 0) return
    for (const act of left) if (this.acts.has(act.id)) await this.store.drop(act.id)
    const unsent = left.filter((a) => !this.acts.has(a.id))
    this.outbox = [...unsent, ...this.outbox]
    for (const act of unsent) this.stored.add(act.id)
    this.add(unsent)
    this.changed()
    void this.flush()
  }

  private take(frame: Frame): void {
    this.cursor = frame.cursor
    this.skew = Math.max(this.skew, frame.wall - Date.now())
    this.readings = withReadings(
      this.readings,
      frame.readings.map(([ms, celsius]) => ({ at: (ms - this.startedAt) / 1000, celsius })),
    )
    this.add(frame.acts)
  }

  private add(acts: readonly LoggedAct[]): void {
    if (acts.length === 0) return
    // the server says of an act of this window's own which screen it is
    const news = acts.some((act) => this.acts.get(act.id)?.by !== act.by || !this.acts.has(act.id))
    for (const act of acts) this.acts.set(act.id, act)
    if (news) this.rebuild()
  }

  private rebuild(): void {
    this.events = eventsOf(this.acts.values(), this.startedAt)
  }

  /**
   * The readings whose time has come. A practice pot that learns late of a slower pace has run ahead of the cook's clock;
   * what it will show is not known before. In earnest a reading counts as it comes, however a hub's clock is off.
   */
  private due(now: number): readonly Reading[] {
    if (!this.events.some((e) => e.type === 'clock' && e.rate > 1)) return this.readings
    const known = this.readings.findLastIndex((r) => r.at <= now) + 1
    return known === this.readings.length ? this.readings : this.readings.slice(0, known)
  }

  private picture(now = this.now()): CookSnapshot {
    return {
      readings: this.due(now),
      events: this.events,
      connected: this.connected,
      waiting: this.outbox.length,
      kept: this.outbox.filter((a) => this.stored.has(a.id)).length,
      refused: this.refused,
    }
  }

  private changed(byHand = false): void {
    this.held = this.picture()
    for (const listener of this.listeners) listener(byHand)
  }
}

/**
 * `known` with `more` put where they belong in time, as a new list; the same list where there is nothing new. Readings come
 * in order but for those a hub kept while it was cut off, and one that is said again is there already.
 */
function withReadings(known: readonly Reading[], more: readonly Reading[]): readonly Reading[] {
  if (more.length === 0) return known
  const all = [...known]
  let added = false
  for (const reading of more) {
    let i = all.length
    while (i > 0 && (all[i - 1] as Reading).at > reading.at) i--
    let said = false
    for (let k = i - 1; k >= 0 && all[k]?.at === reading.at; k--) said ||= all[k]?.celsius === reading.celsius
    if (said) continue
    all.splice(i, 0, reading)
    added = true
  }
  return added ? all : known
}
