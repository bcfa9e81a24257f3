/** A stream of server-sent events that speaks when a test tells it to. */
export class FakeSource {
  static all: FakeSource[] = []
  static get last(): FakeSource {
    return FakeSource.all.at(-1) as FakeSource
  }
  onopen: (() => void) | null = null
  onmessage: ((m: { data: string }) => void) | null = null
  onerror: (() => void) | null = null
  closed = false
  constructor(readonly url: string) {
    FakeSource.all.push(this)
  }
  close() {
    this.closed = true
  }
  get after(): string[] {
    return new URL(this.url, 'http://here').searchParams.getAll('after')
  }
}
