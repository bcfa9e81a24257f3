'use client'

import { useState } from 'react'
import type { KitchenView } from '@/contract/kitchen'
import { type CookAct, colourStages, type Sign, type Smell, type Stage, type StageId, signs, smells } from '@/core'
import { sugarColour } from '@/ui/chart/ladder-scale'
import { useTemperature } from '@/ui/shell/preferences'
import { Choice, Sheet } from './sheet'

const kinds = { drop: 'Drop', sign: 'Signs', colour: 'Colour' } as const

interface Props {
  readonly stages: readonly Stage[]
  /** The house's own names for colours. */
  readonly shades: KitchenView['shade']
  onBack(): void
  onAct(act: CookAct): void
}

/** What a drop can show, softest first. */
export const dropResults = (stages: readonly Stage[]): { id: StageId; label: string; from: number }[] =>
  stages.filter((s) => s.id !== 'syrup')

/** A test of doneness: a drop in cold water (keys 1 to 6), a sign in the pan, a smell, or the colour. */
export function TestsPanel({ stages, shades, onBack, onAct }: Props) {
  const { say } = useTemperature()
  const [kind, setKind] = useState<keyof typeof kinds>('drop')
  return (
    <Sheet
      title="It shows"
      onBack={onBack}
      head={
        <div className="flex flex-1 gap-0.5 rounded-control bg-marble">
          {(Object.keys(kinds) as (keyof typeof kinds)[]).map((k) => (
            <button
              key={k}
              type="button"
              aria-pressed={k === kind}
              onClick={() => setKind(k)}
              className={`min-h-16 flex-1 rounded-control text-[14px] font-semibold ${k === kind ? 'bg-bar text-on-bar' : ''}`}
            >
              {kinds[k]}
            </button>
          ))}
        </div>
      }
    >
      {kind === 'drop' &&
        dropResults(stages).map((s, i) => (
          <Choice
            key={s.id}
            mark={String(i + 1)}
            label={s.label}
            detail={say(s.from)}
            onPress={() => onAct({ type: 'test', test: 'drop', result: s.id })}
          />
        ))}
      {kind === 'sign' &&
        (Object.keys(signs) as Sign[]).map((sign) => (
          <Choice key={sign} label={signs[sign].label} onPress={() => onAct({ type: 'test', test: 'sign', sign })} />
        ))}
      {kind === 'sign' &&
        (Object.keys(smells) as Smell[]).map((smell) => (
          <Choice
            key={smell}
            label={smells[smell].label}
            onPress={() => onAct({ type: 'test', test: 'smell', smell })}
          />
        ))}
      {kind === 'colour' &&
        [...colourStages, ...shades.map((s) => ({ label: s.name, celsius: s.celsius }))]
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
