/** A worker: balances a formula and says on the way how far it has come. Whoever wants it to stop ends the worker. */
import {
  type Balanced,
  type BalanceProgress,
  type BalanceTask,
  balancing,
  inTheWay,
  type MeasureOf,
  runOut,
} from '@/core'
import { solveLinear } from './linear'

export type FromBalance =
  | { readonly progress: BalanceProgress }
  | { readonly done: Balanced; readonly inTheWay: readonly MeasureOf[] }
  | { readonly failed: string }

const tell = (message: FromBalance): void => self.postMessage(message)

self.onmessage = ({ data }: MessageEvent<BalanceTask>) => {
  try {
    const done = runOut(balancing(data, solveLinear), (progress) => tell({ progress }))
    tell({ done, inTheWay: done.short.length > 0 ? inTheWay(data, solveLinear) : [] })
  } catch (error) {
    tell({ failed: (error as Error).message })
  }
}
