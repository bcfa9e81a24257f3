'use client'

import type { ReactNode } from 'react'
import type { KitchenView } from '@/contract/kitchen'
import { type BatchPlan, type FormulaDocument, inMillimetres, isFormed, type Shape, type Size, workOf } from '@/core'
import { ChoiceList, Slot } from '@/ui/kit/slot'
import { traySaid } from '@/ui/kitchen/said'
import { useSay } from '@/ui/shell/preferences'
import { countWord, formatCount, lyingOf } from '@/words'
import { type Choice, vesselOf } from './equipment'
import { AllOfIt, ShapeEditor, shapeText } from './shape-editor'
import { SizeEditor, sizeText } from './size-editor'
import type { Sizing } from './use-sizing'

interface Props {
  readonly formula: FormulaDocument
  readonly kitchen: KitchenView
  readonly size: Size
  readonly shape: Shape
  readonly choice: Choice
  readonly plan: BatchPlan | null
  onSizing(to: Partial<Sizing>): void
  onChoice(choice: Choice): void
  /** What the batch comes to, said after the sentence. */
  readonly children: ReactNode
}

/** The batch as a sentence; every word in white can be changed. */
export function Sentence({ formula, kitchen, size, shape, choice, plan, onSizing, onChoice, children }: Props) {
  const say = useSay()
  const vessel = vesselOf(kitchen, choice)
  const onShape = (shape: Shape): void => onSizing({ shape })
  const pick =
    (change: (id: string) => Partial<Choice>, close: () => void) =>
    (id: string): void => {
      onChoice({ ...choice, ...change(id) })
      close()
    }
  return (
    <div className="flex flex-wrap items-center gap-x-2.5 gap-y-2 text-title text-on-bar">
      <span>Make</span>
      <Slot label="How much" text={sizeText(formula, size, vessel, say)}>
        {() => (
          <SizeEditor formula={formula} size={size} plan={plan} vessel={vessel} onSize={(size) => onSizing({ size })} />
        )}
      </Slot>
      <span>{shape.kind === 'broken' ? lyingOf(shape, workOf(formula.family, formula.school)).made : 'of'}</span>
      <Slot
        label={shape.kind === 'broken' && !isFormed(shape) ? 'How thick' : 'Size of a piece'}
        text={shapeText(shape, say)}
      >
        {(close) => (
          <>
            {plan && vessel?.kind === 'tray' && (
              <AllOfIt
                formula={formula}
                plan={plan}
                tray={vessel}
                onSizing={(to) => {
                  onSizing(to)
                  close()
                }}
              />
            )}
            <ShapeEditor shape={shape} cutters={kitchen.cutter} onShape={onShape} />
          </>
        )}
      </Slot>
      <span>in</span>
      <Slot label="Set in" text={vesselText(kitchen, choice, plan)}>
        {(close) => (
          <ChoiceList
            value={choice.vessel ?? ''}
            options={kitchen.vessel
              .filter((v) => (shape.kind === 'mould') === (v.kind === 'mould'))
              .map((v) => ({
                id: v.id,
                label: v.name,
                detail: v.kind === 'tray' ? traySaid(v, say) : `${v.millilitres} ml each`,
              }))}
            onPick={(id) => {
              onChoice({ ...choice, vessel: id })
              const facts = kitchen.vessel.find((v) => v.id === id)
              if (facts?.kind === 'mould' && shape.kind === 'mould')
                onShape({ ...shape, millilitres: facts.millilitres })
              close()
            }}
          />
        )}
      </Slot>
      <span>cooked in</span>
      <Slot label="Pot" text={`the ${named(kitchen.pot, choice.pot)}`}>
        {(close) => (
          <ChoiceList
            value={choice.pot}
            options={kitchen.pot.map((p) => ({
              id: p.id,
              label: p.name,
              detail: `${say.length(inMillimetres(p.diameterMm))} across`,
            }))}
            onPick={pick((pot) => ({ pot }), close)}
          />
        )}
      </Slot>
      <span>on</span>
      <Slot label="Burner" text={`the ${named(kitchen.burner, choice.burner)}`}>
        {(close) => (
          <ChoiceList
            value={choice.burner}
            options={kitchen.burner.map((b) => ({
              id: b.id,
              label: b.name,
              detail: `${formatCount(b.watts * b.efficiency)} W into the pot`,
            }))}
            onPick={pick((burner) => ({ burner }), close)}
          />
        )}
      </Slot>
      <span>in</span>
      <Slot label="Room" text={`the ${named(kitchen.room, choice.room)}`}>
        {(close) => (
          <ChoiceList
            value={choice.room}
            options={kitchen.room.map((r) => ({
              id: r.id,
              label: r.name,
              detail: `${formatCount(r.altitudeM)} m · ${Math.round(r.humidity * 100)} %`,
            }))}
            onPick={pick((room) => ({ room }), close)}
          />
        )}
      </Slot>
      {children}
    </div>
  )
}

const named = (list: readonly { id: string; name: string }[], id: string): string =>
  list.find((x) => x.id === id)?.name ?? ''

function vesselText(kitchen: KitchenView, choice: Choice, plan: BatchPlan | null): string {
  const facts = kitchen.vessel.find((v) => v.id === choice.vessel)
  if (!facts) return 'a tray'
  const n = plan?.vessels ?? 0
  if (facts.kind === 'mould') return n > 1 ? `${countWord(n)} fillings of the ${facts.name}` : `the ${facts.name}`
  return n > 1 ? `${countWord(n)} ${facts.name}s` : `one ${facts.name}`
}
