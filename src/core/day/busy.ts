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
    // the most that is taken at once is taken where one of them begins
    const first = this.fullUntil(start, count)
    if (first !== null) return first
    for (const { start: moment } of this.spans) {
      if (moment >= end) break
      const full = moment > start ? this.fullUntil(moment, count) : null
      if (full !== null) return full
    }
    return null
  }

  /** The soonest end of what is taken at a moment, where `count` more does not fit then; null where it does. */
  private fullUntil(moment: number, count: number): number | null {
    let taken = count
    let ends = Number.POSITIVE_INFINITY
    for (const span of this.spans) {
      if (span.start > moment) break
      if (span.end <= moment) continue
      taken += span.count
      ends = Math.min(ends, span.end)
    }
    return taken > this.capacity ? ends : null
  }
}
