/** How this window follows boils: over the line all windows of the browser share, or one of its own where it cannot. */
import { ulid } from 'ulid'
import type { BoilFrame } from '@/contract/cook'
import type { FromWindow, ToWindow } from '@/workers/shared-stream'

export interface Follower {
  /** A frame, which may hold what was said before. */
  frame(frame: BoilFrame): void
  up(up: boolean): void
}

interface Line {
  follow(boil: string, cursor: string): void
  leave(boil: string): void
}

const followers = new Map<string, Set<Follower>>()
const ticked = new Set<() => void>()
let up = false
let line: Line | null = null

const ears = {
  frame(frame: BoilFrame): void {
    for (const f of followers.get(frame.boil) ?? []) f.frame(frame)
  },
  up(now: boolean): void {
    up = now
    for (const all of followers.values()) for (const f of all) f.up(up)
  },
}

/** Locks tell the worker when a window has gone, however it went. */
const canShare = (): boolean => typeof SharedWorker !== 'undefined' && navigator.locks !== undefined

function sharedLine(): Line {
  const worker = new SharedWorker(new URL('../../workers/shared-stream.ts', import.meta.url), { name: 'imbry' })
  const tell = (message: FromWindow): void => worker.port.postMessage(message)
  worker.port.onmessage = ({ data }: MessageEvent<ToWindow>) => {
    if ('frame' in data) ears.frame(data.frame)
    else if ('up' in data) ears.up(data.up)
    else for (const listener of ticked) listener()
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

function ownLine(): Line {
  const stream = import('@/workers/boil-stream').then(({ BoilStream }) => new BoilStream(ears))
  return {
    follow: (boil, cursor) => void stream.then((s) => s.follow(boil, cursor)),
    leave: (boil) => void stream.then((s) => s.leave(boil)),
  }
}

/** Follows a boil from a cursor on; returns the way to stop. */
export function followBoil(boil: string, cursor: string, follower: Follower): () => void {
  line ??= canShare() ? sharedLine() : ownLine()
  const all = followers.get(boil) ?? new Set()
  followers.set(boil, all.add(follower))
  line.follow(boil, cursor)
  if (up) follower.up(true)
  return () => {
    all.delete(follower)
    if (all.size > 0) return
    followers.delete(boil)
    line?.leave(boil)
  }
}

/** Every second or so while a boil is followed, in a hidden window too, where this browser shares its line. */
export function onTick(listener: () => void): () => void {
  ticked.add(listener)
  return () => void ticked.delete(listener)
}
