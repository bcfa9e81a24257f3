'use client'

import { useState } from 'react'
import { type CookAct, type Rescue, type RescueContext, rescue, type Trouble, troubles } from '@/core'
import { useSay } from '@/ui/shell/preferences'
import { cautions, formatSpan, sayRescue, troubleNames } from '@/words'
import { KETTLE } from './added'
import { Choice, Sheet } from './sheet'

interface Props {
  readonly context: RescueContext
  readonly first: Trouble | null
  onBack(): void
  onAct(act: CookAct): void
}

/** What to do when it went wrong, in grams and minutes. */
export function RescuePanel({ context, first, onBack, onAct }: Props) {
  const [trouble, setTrouble] = useState(first)
  if (trouble === null)
    return (
      <Sheet title="What happened?" onBack={onBack}>
        {troubles.map((t) => (
          <Choice key={t} label={troubleNames[t]} onPress={() => setTrouble(t)} />
        ))}
      </Sheet>
    )
  return (
    <Sheet title={troubleNames[trouble]} onBack={() => (first ? onBack() : setTrouble(null))}>
      <Advice plan={rescue(trouble, context)} onAct={onAct} />
    </Sheet>
  )
}

function Advice({ plan, onAct }: { readonly plan: Rescue; onAct(act: CookAct): void }) {
  const say = useSay()
  const said = sayRescue(plan)
  const figures: readonly (readonly [string, string])[] = [
    ['hot water', say.weight(plan.water)],
    ...(plan.glucose >= 1 ? ([['glucose syrup', say.weight(plan.glucose)]] as const) : []),
    ['stop again at', say.temperature(plan.until)],
    ['about', Number.isFinite(plan.time) ? formatSpan(60 * Math.ceil(plan.time / 60)) : 'once the heat is on'],
  ]
  return (
    <div className="flex flex-col gap-3 px-2">
      <p className="casual text-head leading-snug font-bold">{said.say}</p>
      {plan.worthIt && (
        <dl className="grid grid-cols-2 gap-x-3 gap-y-1">
          {figures.map(([label, text]) => (
            <div key={label} className="contents">
              <dt className="text-body text-muted">{label}</dt>
              <dd className="figures text-right text-lead font-semibold">{text}</dd>
            </div>
          ))}
        </dl>
      )}
      <p className="text-body">{said.why}</p>
      {plan.worthIt && plan.water >= 1 && (
        <button
          type="button"
          onClick={() =>
            onAct({ type: 'added', ingredient: 'water', name: 'Water', grams: plan.water, celsius: KETTLE })
          }
          className="casual min-h-16 rounded-control bg-bar px-4 text-title font-bold text-on-bar"
        >
          {say.weight(plan.water)} of water are in
        </button>
      )}
      {plan.worthIt && (
        <p className="rounded-control bg-lemon p-3 text-body font-semibold text-on-lemon">{cautions.steam}.</p>
      )}
    </div>
  )
}
