/**
 * A hint that a boil has changed. It saves a poll when the write came through this copy of the app; the database is
 * still what is read, and polled, so a write through another copy arrives too.
 */
import { EventEmitter } from 'node:events'

const POLL_MS = 100
const emitter = new EventEmitter().setMaxListeners(0)

export const nudge = (topic: string): boolean => emitter.emit(topic)

/** Resolves at the next nudge, after the poll interval, or when the reader goes. */
export function waitForNews(topic: string, signal: AbortSignal): Promise<void> {
  return new Promise((resolve) => {
    const done = () => {
      clearTimeout(timer)
      emitter.off(topic, done)
      signal.removeEventListener('abort', done)
      resolve()
    }
    const timer = setTimeout(done, POLL_MS)
    emitter.once(topic, done)
    signal.addEventListener('abort', done, { once: true })
  })
}
