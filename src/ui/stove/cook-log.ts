/**
 * The log of one boil as this window knows it: what the server has sent, and what was done here and is not yet
 * acknowledged. Acts wait in local storage until they are, so that a reload or a server that is away loses none.
 */

import { ulid } from 'ulid'
import { type BoilView, eventsOf, type Frame, frameSchema, type LoggedAct, loggedActSchema } from '@/contract/cook'
import { type CookAct, type CookEvent, cookTime, type Reading } from '@/core'
import { SendError, send } from '@/ui/kit/send'

const RETRY_MS = 700

export interface CookSnapshot {
  /** Changes whenever anything does. */
  readonly version: number
  readonly readings: readonly Reading[]
  readonly events: readonly CookEvent[]
  readonly connected: boolean
  /** Acts not yet acknowledged. */
  readonly waiting: number
  readonly refused: string | null
}

export class CookLog {
  /** Cook time of the first frame, s: what the first paint shows, on the server and here. */
  readonly openedAt: number
  private readonly startedAt: number
  private readonly key: string
  private readonly readings: Reading[] = []
  private readonly acts = new Map<string, LoggedAct>()
  private events: CookEvent[] = []
  private outbox: LoggedAct[] = []
  private cursor = '0.0'
  private skew = 0
  private connected = false
  private refused: string | null = null
  private sending = false
  private source: EventSource | null = null
  private retry: ReturnType<typeof setTimeout> | undefined
  private readonly listeners = new Set<() => void>()
  private held: CookSnapshot

  constructor(
    private readonly boil: BoilView,
    first: Frame,
  ) {
    this.startedAt = Date.parse(boil.startedAt)
    this.key = `imbry.outbox.${boil.id}`
    this.take(first)
    this.openedAt = cookTime(this.events, this.startedAt, first.wall)
    this.held = this.picture(0)
  }

  /** Opens the stream and sends what an earlier visit left behind. Returns the way to close it. */
  open(): () => void {
    this.restore()
    this.listen()
    void this.flush()
    return () => {
      this.source?.close()
      clearTimeout(this.retry)
    }
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener)
    return () => this.listeners.delete(listener)
  }

  snapshot = (): CookSnapshot => this.held

  /** Seconds on the cook's clock now. */
  now = (): number => cookTime(this.events, this.startedAt, Date.now() + this.skew)

  /** Wall time as the server has it, ISO. */
  wall = (): string => new Date(Date.now() + this.skew).toISOString()

  /** Logs an act here at once and sends it; returns its id. */
  log(act: CookAct, at = this.now()): string {
    const logged = { id: ulid(), at: new Date(this.startedAt + at * 1000).toISOString(), act }
    this.outbox.push(logged)
    this.keep()
    this.add([logged])
    this.changed()
    void this.flush()
    return logged.id
  }

  private listen(): void {
    const source = new EventSource(`/api/boils/${this.boil.id}/stream?after=${this.cursor}`)
    this.source = source
    source.onopen = () => {
      this.connected = true
      this.changed()
      void this.flush()
    }
    source.onmessage = (message: MessageEvent<string>) => {
      this.take(frameSchema.parse(JSON.parse(message.data)))
      this.changed()
    }
    source.onerror = () => {
      source.close()
      this.connected = false
      this.changed()
      clearTimeout(this.retry)
      this.retry = setTimeout(() => this.listen(), RETRY_MS)
    }
  }

  private async flush(): Promise<void> {
    if (this.sending) return
    this.sending = true
    try {
      for (let next = this.outbox[0]; next; next = this.outbox[0]) {
        await send('POST', `/api/boils/${this.boil.id}/acts`, next)
        this.outbox.shift()
        this.keep()
        this.changed()
      }
    } catch (error) {
      if (error instanceof SendError && !error.passing) this.refuse(error.message)
      else setTimeout(() => void this.flush(), RETRY_MS)
    } finally {
      this.sending = false
    }
  }

  /** What the server will not take is shown and dropped; what stands behind it goes on. */
  private refuse(message: string): void {
    const act = this.outbox.shift()
    if (act) this.acts.delete(act.id)
    this.refused = message
    this.rebuild()
    this.keep()
    this.changed()
    setTimeout(() => void this.flush(), 0)
  }

  private restore(): void {
    const saved = localStorage.getItem(this.key)
    if (!saved) return
    const parsed = loggedActSchema.array().safeParse(parseOrNull(saved))
    if (!parsed.success) return
    this.outbox = parsed.data.filter((a) => !this.acts.has(a.id))
    this.add(this.outbox)
    this.changed()
  }

  private keep(): void {
    if (this.outbox.length > 0) localStorage.setItem(this.key, JSON.stringify(this.outbox))
    else localStorage.removeItem(this.key)
  }

  private take(frame: Frame): void {
    this.cursor = frame.cursor
    this.skew = frame.wall - Date.now()
    for (const [ms, celsius] of frame.readings) this.insert({ at: (ms - this.startedAt) / 1000, celsius })
    this.add(frame.acts)
  }

  /** Readings come in order but for those a hub kept while it was cut off. */
  private insert(reading: Reading): void {
    let i = this.readings.length
    while (i > 0 && (this.readings[i - 1] as Reading).at > reading.at) i--
    this.readings.splice(i, 0, reading)
  }

  private add(acts: readonly LoggedAct[]): void {
    if (acts.length === 0) return
    for (const act of acts) this.acts.set(act.id, act)
    this.rebuild()
  }

  private rebuild(): void {
    this.events = eventsOf(this.acts.values(), this.startedAt)
  }

  private picture(version: number): CookSnapshot {
    return {
      version,
      readings: this.readings,
      events: this.events,
      connected: this.connected,
      waiting: this.outbox.length,
      refused: this.refused,
    }
  }

  private changed(): void {
    this.held = this.picture(this.held.version + 1)
    for (const listener of this.listeners) listener()
  }
}

function parseOrNull(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return null
  }
}
