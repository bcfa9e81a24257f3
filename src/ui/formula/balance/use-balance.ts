'use client'

import { useEffect, useRef, useState } from 'react'
import type { Balanced, BalanceProgress, BalanceTask, MeasureOf } from '@/core'
import type { FromBalance } from '@/workers/balance'

export type BalanceState =
  | { readonly is: 'idle' }
  | { readonly is: 'on'; readonly progress: BalanceProgress | null }
  | { readonly is: 'done'; readonly found: Balanced; readonly inTheWay: readonly MeasureOf[] }
  | { readonly is: 'failed'; readonly why: string }

/** Balances in a worker of its own: a new task ends the one before, and leaving the page ends it too. */
export function useBalance() {
  const [state, setState] = useState<BalanceState>({ is: 'idle' })
  const worker = useRef<Worker | null>(null)
  const end = (): void => {
    worker.current?.terminate()
    worker.current = null
  }
  useEffect(() => () => worker.current?.terminate(), [])
  const start = (task: BalanceTask): void => {
    end()
    const made = new Worker(new URL('../../../workers/balance.ts', import.meta.url))
    made.onmessage = ({ data }: MessageEvent<FromBalance>) => {
      if ('progress' in data) return setState({ is: 'on', progress: data.progress })
      setState(
        'done' in data ? { is: 'done', found: data.done, inTheWay: data.inTheWay } : { is: 'failed', why: data.failed },
      )
      end()
    }
    made.onerror = () => setState({ is: 'failed', why: 'The reckoning could not be started in this browser' })
    worker.current = made
    setState({ is: 'on', progress: null })
    made.postMessage(task)
  }
  const stop = (): void => {
    end()
    setState({ is: 'idle' })
  }
  return { state, start, stop }
}
