'use client'

import {
  type BatchPlan,
  type BoilSlot,
  boilSlots,
  type Conditions,
  type FormulaDocument,
  inGrams,
  largestBoil,
  settingMinutes,
  smallestProbed,
  type Vessel,
} from '@/core'
import { useSay } from '@/ui/shell/preferences'
import { formatCount, formatSpan } from '@/words'
import { thingsOf } from './shape-editor'
import type { Boiled } from './size-batch'

interface Props {
  readonly formula: FormulaDocument
  readonly plan: BatchPlan
  readonly boiled: Boiled
  readonly conditions: Conditions
  readonly vessel: Vessel | null
}

const span = (minutes: number): string => formatSpan(Math.round(minutes) * 60)

/** What this pot can take, and how the boils follow each other on one ring and in the moulds there are. */
export function BoilPlan({ formula, plan, boiled, conditions, vessel }: Props) {
  const say = useSay()
  const { analysis } = boiled
  const most = largestBoil(boiled.formula, conditions.pot.litres)
  const least = smallestProbed(analysis, conditions.pot)
  const pieces = (grams: number): string => {
    const count = Math.floor((grams * (1 - formula.waste)) / plan.pieceGrams)
    return `${formatCount(count)} ${thingsOf(plan.shape, count)}`
  }
  const slots = Number.isFinite(analysis.minutes)
    ? boilSlots(
        plan,
        analysis.minutes,
        settingMinutes(boiled.formula, analysis, conditions),
        vessel?.kind === 'mould' ? vessel : null,
      )
    : []
  return (
    <section aria-labelledby="boils" className="sheet px-5 py-4">
      <h2 id="boils" className="casual text-title font-bold">
        Pot and boils
      </h2>
      <dl className="mt-2 grid grid-cols-2 gap-x-4 text-body">
        <dt className="text-muted">Largest boil in the {conditions.pot.name}</dt>
        <dd className="text-right">
          <strong className="figures">{say.weight(inGrams(most))}</strong>{' '}
          <span className="text-muted">· {pieces(most)}</span>
        </dd>
        <dt className="text-muted">Smallest a probe stands in</dt>
        <dd className="text-right">
          {least > most ? (
            <span className="font-semibold">none in so wide a pot: tilt it, or take a narrower one</span>
          ) : (
            <>
              <strong className="figures">{say.weight(inGrams(least))}</strong>{' '}
              <span className="text-muted">· {pieces(least)}</span>
            </>
          )}
        </dd>
      </dl>
      {slots.length > 0 && <Slots slots={slots} />}
    </section>
  )
}

function Slots({ slots }: { readonly slots: readonly BoilSlot[] }) {
  const end = Math.max(...slots.map((s) => Math.min(s.free, s.pulled + 90)))
  const at = (minutes: number): string => `${(100 * Math.min(minutes, end)) / end}%`
  return (
    <ol className="mt-3 flex flex-col gap-2.5" aria-label="Boils, one after the other">
      {slots.map((s, i) => (
        <li key={`${s.label}${i}`}>
          <p className="flex justify-between gap-3 text-small">
            <span className="font-semibold">{s.label || 'The boil'}</span>
            <span className="text-muted">
              {span(s.from)} to {span(s.pulled)} from the first flame
              {s.fillings > 1 && ` · ${s.fillings} moulds`}
              {s.waits > 0.5 && ` · waits ${span(s.waits)} for moulds`}
            </span>
          </p>
          <div className="relative mt-1 h-3.5 rounded-full bg-marble">
            <span
              className="absolute inset-y-0 rounded-full bg-cherry"
              style={{ left: at(s.from), width: `calc(${at(s.pulled)} - ${at(s.from)})` }}
            />
            <span
              className="absolute inset-y-[5px] rounded-full bg-muted"
              style={{ left: at(s.pulled), width: `calc(${at(s.free)} - ${at(s.pulled)})` }}
            />
          </div>
        </li>
      ))}
      <li className="flex gap-4 text-fine text-muted">
        <span>
          <span aria-hidden className="mr-1.5 inline-block h-2.5 w-5 rounded-full bg-cherry" />
          on the heat
        </span>
        <span>
          <span aria-hidden className="mr-1.5 inline-block h-1 w-5 rounded-full bg-muted align-middle" />
          setting
        </span>
      </li>
    </ol>
  )
}
