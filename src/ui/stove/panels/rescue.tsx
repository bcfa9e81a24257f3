'use client'

import { useState } from 'react'
import { cautions, formatGrams, formatSpan, type Rescue, type RescueContext, rescue, type Trouble } from '@/core'
import { useTemperature } from '@/ui/shell/preferences'
import { Choice, Sheet } from './sheet'

const troubles: Record<Trouble, string> = {
  'too-far': 'Went too far',
  'too-soft': 'Too soft',
  'too-dark': 'Too dark',
  grained: 'It grained',
  split: 'It split',
}

interface Props {
  readonly context: RescueContext
  readonly first: Trouble | null
  onBack(): void
}

/** What to do when it went wrong, in grams and minutes. */
export function RescuePanel({ context, first, onBack }: Props) {
  const [trouble, setTrouble] = useState(first)
  if (trouble === null)
    return (
      <Sheet title="What happened?" onBack={onBack}>
        {(Object.keys(troubles) as Trouble[]).map((t) => (
          <Choice key={t} label={troubles[t]} onPress={() => setTrouble(t)} />
        ))}
      </Sheet>
    )
  return (
    <Sheet title={troubles[trouble]} onBack={() => (first ? onBack() : setTrouble(null))}>
      <Advice plan={rescue(trouble, context)} />
    </Sheet>
  )
}

function Advice({ plan }: { readonly plan: Rescue }) {
  const { say } = useTemperature()
  const figures: readonly (readonly [string, string])[] = [
    ['hot water', formatGrams(plan.waterGrams)],
    ...(plan.glucoseGrams >= 1 ? ([['glucose syrup', formatGrams(plan.glucoseGrams)]] as const) : []),
    ['stop again at', say(plan.toCelsius)],
    ['about', Number.isFinite(plan.minutes) ? formatSpan(Math.ceil(plan.minutes) * 60) : 'once the heat is on'],
  ]
  return (
    <div className="flex flex-col gap-3 px-2">
      <p className="casual text-[20px] leading-snug font-bold">{plan.say}</p>
      {plan.worthIt && (
        <dl className="grid grid-cols-2 gap-x-3 gap-y-1">
          {figures.map(([label, text]) => (
            <div key={label} className="contents">
              <dt className="text-[15px] text-muted">{label}</dt>
              <dd className="figures text-right text-[17px] font-semibold">{text}</dd>
            </div>
          ))}
        </dl>
      )}
      <p className="text-[15px]">{plan.worthIt ? plan.why : `Not worth the sugar. ${plan.why}`}</p>
      {plan.worthIt && (
        <p className="rounded-control bg-lemon p-3 text-[15px] font-semibold text-on-lemon">{cautions.steam?.short}.</p>
      )}
    </div>
  )
}
