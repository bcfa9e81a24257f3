'use client'

import { useEffect, useRef, useState } from 'react'
import { play, speak, wakeSound } from './alarm'
import type { Call } from './call'

export interface Voices {
  readonly sound: boolean
  readonly voice: boolean
  setSound(on: boolean): void
  /** The edge of the screen. */
  readonly edge: boolean
  setVoice(on: boolean): void
  setEdge(on: boolean): void
}

/** Calls out when a call begins; each voice can be silenced for this cook, and stays so through a reload. */
export function useAlarm(boil: string, call: Call | null): Voices {
  const [sound, setSound] = useKept(`sound ${boil}`, true)
  const [voice, setVoice] = useKept(`voice ${boil}`, false)
  const [edge, setEdge] = useKept(`edge ${boil}`, true)
  const made = useRef<string | null>(null)
  useEffect(() => {
    window.addEventListener('pointerdown', wakeSound)
    window.addEventListener('keydown', wakeSound)
    return () => {
      window.removeEventListener('pointerdown', wakeSound)
      window.removeEventListener('keydown', wakeSound)
    }
  }, [])
  const key = call && `${call.level} ${call.about}`
  useEffect(() => {
    if (key === made.current) return
    made.current = key
    if (!call) return
    if (sound) play(call.level)
    if (voice) speak(call.words)
  }, [key, call, sound, voice])
  return { sound, voice, edge, setSound, setVoice, setEdge }
}

/** A choice kept for this window; what is chosen anew counts at once. */
function useKept(key: string, first: boolean): [boolean, (on: boolean) => void] {
  const [on, setOn] = useState(first)
  useEffect(() => {
    const kept = sessionStorage.getItem(key)
    if (kept !== null) setOn(kept === 'yes')
  }, [key])
  return [
    on,
    (next) => {
      sessionStorage.setItem(key, next ? 'yes' : 'no')
      setOn(next)
    },
  ]
}

/** Keeps the screen awake while `on`, where the browser can; asked for again whenever the page comes back to the front. */
export function useAwake(on: boolean): void {
  useEffect(() => {
    if (!on || !('wakeLock' in navigator)) return
    let lock: WakeLockSentinel | null = null
    let gone = false
    const ask = async (): Promise<void> => {
      if (document.visibilityState !== 'visible') return
      try {
        lock = await navigator.wakeLock.request('screen')
        if (gone) await lock.release()
      } catch {
        // a low battery may refuse: the cook goes on
      }
    }
    void ask()
    document.addEventListener('visibilitychange', ask)
    return () => {
      gone = true
      document.removeEventListener('visibilitychange', ask)
      void lock?.release()
    }
  }, [on])
}
