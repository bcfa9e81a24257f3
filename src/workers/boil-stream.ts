/**
 * The one line to the server over which a browser follows all its boils. It is opened again whenever another boil is to be
 * followed, and after it has dropped, each time from where every boil stood.
 */
import { type BoilFrame, boilFramesSchema } from '@/contract/cook'

export interface StreamEars {
  frame(frame: BoilFrame): void
  /** The line is up, or has dropped. */
  up(up: boolean): void
}

const RETRY_MS = 700

const parts = (cursor: string): number[] => cursor.split('.').map(Number)

/** The earlier of two cursors: readings and events each count by themselves. */
const earlier = (a: string, b: string): string => {
  const [x, y] = [parts(a), parts(b)]
  return x.map((n, i) => Math.min(n, y[i] ?? n)).join('.')
}

export class BoilStream {
  private readonly cursors = new Map<string, string>()
  private source: EventSource | null = null
  private soon: ReturnType<typeof setTimeout> | undefined

  constructor(private readonly ears: StreamEars) {}

  /** Follows a boil from a cursor. Where it is followed already, what lies between is said again. */
  follow(boil: string, cursor: string): void {
    const at = this.cursors.get(boil)
    const from = at === undefined ? cursor : earlier(at, cursor)
    if (from === at) return
    this.cursors.set(boil, from)
    this.openIn(0)
  }

  leave(boil: string): void {
    if (this.cursors.delete(boil)) this.openIn(0)
  }

  private openIn(ms: number): void {
    clearTimeout(this.soon)
    this.soon = setTimeout(() => this.open(), ms)
  }

  private open(): void {
    this.source?.close()
    this.source = null
    if (this.cursors.size === 0) return
    const query = new URLSearchParams([...this.cursors].map(([boil, cursor]) => ['after', `${boil}.${cursor}`]))
    const source = new EventSource(`/api/boils/stream?${query}`)
    this.source = source
    source.onopen = () => this.ears.up(true)
    source.onmessage = (message: MessageEvent<string>) => {
      for (const frame of boilFramesSchema.parse(JSON.parse(message.data))) {
        this.cursors.set(frame.boil, frame.cursor)
        this.ears.frame(frame)
      }
    }
    source.onerror = () => {
      source.close()
      this.ears.up(false)
      this.openIn(RETRY_MS)
    }
  }
}
