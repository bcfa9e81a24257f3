/** How this window follows boils: over the connection all windows of the browser share, or one of its own where it cannot. */
import { ulid } from 'ulid'
import type { BoilFrame } from '@/contract/cook'
import type { FromWindow, ToWindow } from '@/workers/shared-stream'

export interface FeedListener {
  /** A frame, which may hold what was said before. */
  frame(frame: BoilFrame): void
  up(up: boolean): void
}

interface Feed {
  follow(boil: string, cursor: string): void
  leave(boil: string): void
}

const listeners = new Map<string, Set<FeedListener>>()
const ticked = new Set<() => void>()
let up = false
let feed: Feed | null = null

const ears = {
  frame(frame: BoilFrame): void {
    for (const f of listeners.get(frame.boil) ?? []) f.frame(frame)
  },
  up(now: boolean): void {
    up = now
    for (const all of listeners.values()) for (const f of all) f.up(up)
  },
}

/** Locks tell the worker when a window has gone, however it went. */
const canShare = (): boolean => typeof SharedWorker !== 'undefined' && navigator.locks !== undefined

function sharedFeed(): Feed {
  const worker = new SharedWorker(new URL('../../workers/shared-stream.ts', import.meta.url), { name: 'imbry' })
  const tell = (message: FromWindow): void => worker.port.postMessage(message)
  worker.port.onmessage = ({ data }: MessageEvent<ToWindow>) => {
    if ('frame' in data) ears.frame(data.frame)
    else if ('up' in data) ears.up(data.up)
    else for (const tick of ticked) tick()
  }
  const lock = `window ${ulid()}`
  void navigator.locks.request(lock, () => {
    tell({ say: 'hello', lock })
    return new Promise(() => {})
  })
  return {
    follow: (boil, cursor) => tell({ say: 'follow', boil, cursor }),
    leave: (boil) => tell({ say: 'leave', boil }),
  }
}

function ownFeed(): Feed {
  const stream = import('@/workers/boil-stream').then(({ BoilStream }) => new BoilStream(ears))
  return {
    follow: (boil, cursor) => void stream.then((s) => s.follow(boil, cursor)),
    leave: (boil) => void stream.then((s) => s.leave(boil)),
  }
}

/** Follows a boil from a cursor on; returns the way to stop. */
export function listenToBoil(boil: string, cursor: string, listener: FeedListener): () => void {
  feed ??= canShare() ? sharedFeed() : ownFeed()
  const all = listeners.get(boil) ?? new Set()
  listeners.set(boil, all.add(listener))
  feed.follow(boil, cursor)
  if (up) listener.up(true)
  return () => {
    all.delete(listener)
    if (all.size > 0) return
    listeners.delete(boil)
    feed?.leave(boil)
  }
}

/** Every second or so, in a hidden window too, where this browser shares its connection. */
export function onTick(listener: () => void): () => void {
  feed ??= canShare() ? sharedFeed() : ownFeed()
  ticked.add(listener)
  return () => void ticked.delete(listener)
}
