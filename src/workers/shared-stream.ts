/**
 * A shared worker: the windows of one browser follow their boils over one line, for browsers allow few to one host, and
 * hear a clock tick, for browsers slow the timers of a window that nobody sees down to one a minute.
 */
import type { BoilFrame } from '@/contract/cook'
import { BoilStream } from './boil-stream'

/** What a window says to the worker. `lock` is held by the window for as long as it lives. */
export type FromWindow =
  | { readonly say: 'hello'; readonly lock: string }
  | { readonly say: 'follow'; readonly boil: string; readonly cursor: string }
  | { readonly say: 'leave'; readonly boil: string }

/** What the worker says to a window. */
export type ToWindow = { readonly frame: BoilFrame } | { readonly up: boolean } | { readonly tick: true }

const TICK_MS = 1000

const windows = new Map<MessagePort, Set<string>>()
let up = false

const tell = (port: MessagePort, message: ToWindow): void => port.postMessage(message)

const stream = new BoilStream({
  frame(frame) {
    for (const [port, boils] of windows) if (boils.has(frame.boil)) tell(port, { frame })
  },
  up(now) {
    up = now
    for (const port of windows.keys()) tell(port, { up })
  },
})

function leave(port: MessagePort, boil: string): void {
  windows.get(port)?.delete(boil)
  if (![...windows.values()].some((boils) => boils.has(boil))) stream.leave(boil)
}

function gone(port: MessagePort): void {
  for (const boil of [...(windows.get(port) ?? [])]) leave(port, boil)
  windows.delete(port)
}

function hear(port: MessagePort, message: FromWindow): void {
  if (message.say === 'hello') void navigator.locks.request(message.lock, () => gone(port))
  else if (message.say === 'leave') leave(port, message.boil)
  else {
    windows.get(port)?.add(message.boil)
    stream.follow(message.boil, message.cursor)
  }
}

setInterval(() => {
  for (const port of windows.keys()) tell(port, { tick: true })
}, TICK_MS)

self.addEventListener('connect', (event) => {
  const [port] = (event as MessageEvent).ports
  if (!port) return
  windows.set(port, new Set())
  port.onmessage = (message: MessageEvent<FromWindow>) => hear(port, message.data)
  tell(port, { up })
})
