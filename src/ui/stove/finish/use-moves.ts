import { useMemo } from 'react'
import { type Conditions, type FinishAssessment, type Move, movesOf } from '@/core'

/** s between two looks at what each place would change: cooling is slow. */
const BEAT = 30

/** What each other place of the kitchen would do to what lies there, looked at anew when something was logged and every half minute. */
export function useMoves({ mass, ahead }: FinishAssessment, conditions: Conditions, now: number): readonly Move[] {
  const at = Math.max(mass.since, BEAT * Math.floor(now / BEAT))
  // what closed within this beat is no more to come
  const { kind, range, notBefore } = ahead.find((w) => w.closes > Math.max(at, now)) ?? {}
  return useMemo(
    () => movesOf(mass, kind && range && notBefore !== undefined ? { kind, range, notBefore } : null, conditions, at),
    [mass, kind, range, notBefore, conditions, at],
  )
}
