'use client'

import { useState } from 'react'
import type { KitchenView } from '@/contract/kitchen'
import { type CookAct, colourStages, inCelsius, type Sign, type Smell, type Stage, signs, smells } from '@/core'
import { sugarColour } from '@/ui/chart/ladder-scale'
import { useSay } from '@/ui/shell/preferences'
import { colourNames, signNames, smellNames, stageNames } from '@/words'
import { dropResults } from '../drop-results'
import { KindOfTest } from './kind-of-test'
import { Choice, Sheet } from './sheet'

const kinds = [
  { id: 'drop', label: 'Drop' },
  { id: 'sign', label: 'Signs' },
  { id: 'colour', label: 'Colour' },
] as const

interface Props {
  readonly stages: readonly Stage[]
  /** The house's own names for colours. */
  readonly shades: KitchenView['shade']
  onBack(): void
  onAct(act: CookAct): void
}

/** A test of doneness: a drop in cold water (keys 1 to 6), a sign in the pan, a smell, or the colour. */
export function TestsPanel({ stages, shades, onBack, onAct }: Props) {
  const say = useSay()
  const [kind, setKind] = useState<(typeof kinds)[number]['id']>('drop')
  return (
    <Sheet title="It shows" choices onBack={onBack} head={<KindOfTest kinds={kinds} kind={kind} onPick={setKind} />}>
      {kind === 'drop' &&
        dropResults(stages).map((s, i) => (
          <Choice
            key={s.id}
            mark={String(i + 1)}
            label={stageNames[s.id]}
            detail={say.temperature(inCelsius(s.from))}
            onPress={() => onAct({ type: 'test', test: 'drop', result: s.id })}
          />
        ))}
      {kind === 'sign' &&
        (Object.keys(signs) as Sign[]).map((sign) => (
          <Choice key={sign} label={signNames[sign]} onPress={() => onAct({ type: 'test', test: 'sign', sign })} />
        ))}
      {kind === 'sign' &&
        (Object.keys(smells) as Smell[]).map((smell) => (
          <Choice key={smell} label={smellNames[smell]} onPress={() => onAct({ type: 'test', test: 'smell', smell })} />
        ))}
      {kind === 'colour' &&
        [
          ...colourStages.map((c) => ({ label: colourNames[c.id], celsius: c.celsius })),
          ...shades.map((s) => ({ label: s.name, celsius: s.celsius })),
        ]
          .sort((a, b) => a.celsius - b.celsius)
          .map((c) => (
            <Choice
              key={c.label}
              swatch={sugarColour(c.celsius)}
              label={c.label}
              onPress={() => onAct({ type: 'test', test: 'colour', celsius: c.celsius })}
            />
          ))}
    </Sheet>
  )
}
