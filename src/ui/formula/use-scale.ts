'use client'

import { useEffect, useState } from 'react'
import type { ScaleFrame } from '@/contract/devices'
import { send } from '@/ui/kit/send'

/** What a scale shows, followed while `channel` is named; null before it has spoken. It is told what is wanted next. */
export function useScale(channel: string | null, wanted: number | null): ScaleFrame | null {
  const [frame, setFrame] = useState<ScaleFrame | null>(null)
  useEffect(() => {
    setFrame(null)
    if (!channel) return
    let source: EventSource | null = null
    let gone = false
    // the schema is fetched with the first scale: no page waits for it
    void import('@/contract/devices').then(({ scaleFrameSchema }) => {
      if (gone) return
      source = new EventSource(`/api/scales/${channel}/stream`)
      source.onmessage = (m: MessageEvent<string>) => setFrame(scaleFrameSchema.parse(JSON.parse(m.data)))
    })
    return () => {
      gone = true
      source?.close()
    }
  }, [channel])
  useEffect(() => {
    // a scale without a display does not care: what is wanted is on this page too
    if (channel) void send('PUT', `/api/scales/${channel}/wanted`, { grams: wanted }).catch(() => undefined)
  }, [channel, wanted])
  return frame
}
