/** What is taken of a thing or a person over time: so much of a capacity from when to when. */

export interface Span {
  readonly start: number
  readonly end: number
  readonly count: number
}

/** Spans of one thing, in the order of their begin. */
export class Busy {
  private readonly spans: Span[] = []
  constructor(readonly capacity: number) {}

  add(span: Span): void {
    let at = this.spans.length
    while (at > 0 && (this.spans[at - 1] as Span).start > span.start) at--
    this.spans.splice(at, 0, span)
  }

  /** Takes the last spans added out again. */
  remove(span: Span): void {
    const at = this.spans.indexOf(span)
    if (at >= 0) this.spans.splice(at, 1)
  }

  /** When `count` of it is free from `start` for `seconds`: `start` itself, or the end of what is in the way. */
  freeFrom(start: number, seconds: number, count: number): number {
    if (count > this.capacity) return Number.POSITIVE_INFINITY
    let at = start
    for (;;) {
      const clash = this.clashAt(at, at + seconds, count)
      if (clash === null) return at
      at = clash
    }
  }

  /** The soonest end among what keeps `count` from fitting between two moments; null where it fits. */
  private clashAt(start: number, end: number, count: number): number | null {
    const inside = this.spans.filter((s) => s.start < end && s.end > start)
    // the most that is taken at once is taken where one of them begins
    for (const moment of [start, ...inside.map((s) => s.start)]) {
      if (moment < start || moment >= end) continue
      const at = inside.filter((s) => s.start <= moment && s.end > moment)
      if (at.reduce((sum, s) => sum + s.count, 0) + count > this.capacity) return Math.min(...at.map((s) => s.end))
    }
    return null
  }
}
