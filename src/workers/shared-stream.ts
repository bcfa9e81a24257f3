/** A shared worker: the windows of one browser follow their boils over one line, for browsers allow few to one host. */
import { BoilStream } from './boil-stream'

/** What a window says to the worker. `lock` is held by the window for as long as it lives. */
export type FromWindow =
  | { readonly say: 'hello'; readonly lock: string }
  | { readonly say: 'follow'; readonly boil: string; readonly cursor: string }
  | { readonly say: 'leave'; readonly boil: string }

const windows = new Map<MessagePort, Set<string>>()
let up = false

const stream = new BoilStream({
  frame(frame) {
    for (const [port, boils] of windows) if (boils.has(frame.boil)) port.postMessage({ frame })
  },
  up(now) {
    up = now
    for (const port of windows.keys()) port.postMessage({ up })
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

self.addEventListener('connect', (event) => {
  const [port] = (event as MessageEvent).ports
  if (!port) return
  windows.set(port, new Set())
  port.onmessage = (message: MessageEvent<FromWindow>) => hear(port, message.data)
  port.postMessage({ up })
})
