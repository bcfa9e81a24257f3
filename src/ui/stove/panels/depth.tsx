'use client'

import { useState } from 'react'
import { type CookAct, type FinishAssessment, inMillimetres } from '@/core'
import { useSay } from '@/ui/shell/preferences'
import { formatTimes } from '@/words'
import { Sheet } from './sheet'
import { LogIt, Stepper } from './steps'

interface Props {
  readonly finish: FinishAssessment
  onBack(): void
  onAct(act: CookAct): void
}

/** How deep a slab lies, or how high a whipped mass stands in its bowl. */
export function DepthPanel({ finish, onBack, onAct }: Props) {
  const say = useSay()
  const bowl = finish.place === 'bowl'
  const [mm, setMm] = useState(Math.round(finish.mass.slab?.depthMm ?? 0))
  const [times, setTimes] = useState(Math.round(10 * (finish.mass.foam?.times ?? 1)) / 10)
  const grow = (by: number): void => setTimes((t) => Math.min(6, Math.max(1, Math.round(10 * (t + by)) / 10)))
  return (
    <Sheet title={bowl ? 'It stands' : 'It measures'} onBack={onBack}>
      {bowl ? (
        <Stepper
          label="As high as at first"
          shown={formatTimes(times)}
          onLess={() => grow(-0.1)}
          onMore={() => grow(0.1)}
        />
      ) : (
        <Stepper
          label="Deep, in the middle"
          shown={say.length(inMillimetres(mm))}
          onLess={() => setMm((d) => Math.max(1, d - 1))}
          onMore={() => setMm((d) => Math.min(120, d + 1))}
        />
      )}
      <LogIt onPress={() => onAct(bowl ? { type: 'stands', times } : { type: 'measures', depthMm: mm })} />
    </Sheet>
  )
}
