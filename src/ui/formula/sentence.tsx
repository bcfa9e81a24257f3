'use client'

import type { ReactNode } from 'react'
import {
  type BatchPlan,
  type FormulaDocument,
  formatCount,
  formatGrams,
  ingredientById,
  type Shape,
  type Size,
} from '@/core'
import type { Choice, KitchenView } from './kitchen'
import { ChoiceList, Figure, Slot } from './slot'

interface Props {
  readonly formula: FormulaDocument
  readonly kitchen: KitchenView
  readonly size: Size
  readonly shape: Shape
  readonly choice: Choice
  readonly plan: BatchPlan | null
  onSize(size: Size): void
  onShape(shape: Shape): void
  onChoice(choice: Choice): void
  /** What the batch comes to, said after the sentence. */
  readonly children: ReactNode
}

/** The batch as a sentence; every word in white can be changed. */
export function Sentence({ formula, kitchen, size, shape, choice, plan, onSize, onShape, onChoice, children }: Props) {
  const pot = kitchen.pots.find((p) => p.id === choice.pot)
  const burner = kitchen.burners.find((b) => b.id === choice.burner)
  const room = kitchen.rooms.find((r) => r.id === choice.room)
  return (
    <div className="flex flex-wrap items-center gap-x-2.5 gap-y-2 text-[18px] text-on-bar">
      <span>Make</span>
      <Slot label="How much" text={sizeText(formula, size)}>
        {() => <SizeEditor formula={formula} size={size} plan={plan} onSize={onSize} />}
      </Slot>
      <span>{shape.kind === 'broken' ? 'spread' : 'of'}</span>
      <Slot label={shape.kind === 'broken' ? 'How thick' : 'Size of a piece'} text={shapeText(shape)}>
        {() => <ShapeEditor shape={shape} onShape={onShape} />}
      </Slot>
      <span>in</span>
      <Slot label="Set in" text={vesselText(kitchen, choice, plan)}>
        {(close) => (
          <ChoiceList
            value={choice.vessel ?? ''}
            options={kitchen.vessels
              .filter((v) => (shape.kind === 'mould') === (v.facts.kind === 'mould'))
              .map((v) => ({
                id: v.id,
                label: v.facts.name,
                detail:
                  v.facts.kind === 'tray'
                    ? `${v.facts.lengthMm} × ${v.facts.widthMm} mm`
                    : `${v.facts.millilitres} ml each`,
              }))}
            onPick={(vessel) => {
              onChoice({ ...choice, vessel })
              const facts = kitchen.vessels.find((v) => v.id === vessel)?.facts
              if (facts?.kind === 'mould' && shape.kind === 'mould')
                onShape({ kind: 'mould', millilitres: facts.millilitres })
              close()
            }}
          />
        )}
      </Slot>
      <span>cooked in</span>
      <Slot label="Pot" text={`the ${pot?.name ?? ''}`}>
        {(close) => (
          <ChoiceList
            value={choice.pot}
            options={kitchen.pots.map((p) => ({ id: p.id, label: p.name, detail: `${p.diameterMm / 10} cm` }))}
            onPick={(id) => {
              onChoice({ ...choice, pot: id })
              close()
            }}
          />
        )}
      </Slot>
      <span>on</span>
      <Slot label="Burner" text={`the ${burner?.name ?? ''}`}>
        {(close) => (
          <ChoiceList
            value={choice.burner}
            options={kitchen.burners.map((b) => ({ id: b.id, label: b.name, detail: `${formatCount(b.watts)} W` }))}
            onPick={(id) => {
              onChoice({ ...choice, burner: id })
              close()
            }}
          />
        )}
      </Slot>
      <span>in</span>
      <Slot label="Room" text={`the ${room?.name ?? ''}`}>
        {(close) => (
          <ChoiceList
            value={choice.room}
            options={kitchen.rooms.map((r) => ({
              id: r.id,
              label: r.name,
              detail: `${formatCount(r.altitudeM)} m · ${Math.round(r.humidity * 100)} %`,
            }))}
            onPick={(id) => {
              onChoice({ ...choice, room: id })
              close()
            }}
          />
        )}
      </Slot>
      {children}
    </div>
  )
}

const lineName = (formula: FormulaDocument, line: string): string => {
  const found = formula.lines.find((l) => l.id === line)
  return found ? ingredientById(found.ingredient).name.toLowerCase() : line
}

function sizeText(formula: FormulaDocument, size: Size): string {
  if (size.by === 'pieces') return `${formatCount(size.pieces)} pieces`
  if (size.by === 'weight') return formatGrams(size.grams)
  return `what ${formatGrams(size.grams)} of ${lineName(formula, size.line)} gives`
}

function shapeText(shape: Shape): string {
  if (shape.kind === 'cut') return `${shape.lengthMm} × ${shape.widthMm} × ${shape.heightMm} mm`
  if (shape.kind === 'mould') return `${shape.millilitres} ml drops`
  return `${shape.thicknessMm} mm thin`
}

function vesselText(kitchen: KitchenView, choice: Choice, plan: BatchPlan | null): string {
  const facts = kitchen.vessels.find((v) => v.id === choice.vessel)?.facts
  if (!facts) return 'a tray'
  const n = plan?.vessels ?? 0
  if (facts.kind === 'mould') return n > 1 ? `${countWord(n)} fillings of the ${facts.name}` : `the ${facts.name}`
  return n > 1 ? `${countWord(n)} ${facts.name}s` : `one ${facts.name}`
}

const SMALL = ['none', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten']

const countWord = (n: number): string => SMALL[n] ?? formatCount(n)

const ways: readonly { by: Size['by']; label: string }[] = [
  { by: 'pieces', label: 'Pieces' },
  { by: 'weight', label: 'Weight' },
  { by: 'ingredient', label: 'What I have' },
]

interface SizeEditorProps {
  readonly formula: FormulaDocument
  readonly size: Size
  readonly plan: BatchPlan | null
  onSize(size: Size): void
}

function SizeEditor({ formula, size, plan, onSize }: SizeEditorProps) {
  const firstLine = formula.lines[0]?.id ?? ''
  const switchTo = (by: Size['by']): void => {
    if (by === size.by) return
    if (by === 'pieces') onSize({ by, pieces: plan?.pieces ?? 100 })
    else if (by === 'weight') onSize({ by, grams: Math.round(plan?.outGrams ?? 1000) })
    else onSize({ by, line: firstLine, grams: Math.round(plan?.grams[firstLine] ?? 100) })
  }
  return (
    <div>
      <div className="mb-3 flex gap-1 rounded-control bg-marble p-1">
        {ways.map((w) => (
          <button
            key={w.by}
            type="button"
            aria-pressed={w.by === size.by}
            onClick={() => switchTo(w.by)}
            className={`min-h-11 flex-1 rounded-[9px] px-2 text-[14px] font-semibold ${w.by === size.by ? 'bg-bar text-on-bar' : ''}`}
          >
            {w.label}
          </button>
        ))}
      </div>
      {size.by === 'pieces' && (
        <Figure
          label="Good pieces"
          unit="pieces"
          value={size.pieces}
          onChange={(pieces) => onSize({ by: 'pieces', pieces: Math.max(1, Math.round(pieces)) })}
        />
      )}
      {size.by === 'weight' && (
        <Figure
          label="Finished weight"
          unit="g"
          value={size.grams}
          onChange={(grams) => onSize({ by: 'weight', grams })}
        />
      )}
      {size.by === 'ingredient' && (
        <>
          <Figure
            key={size.line}
            label={`I have this much ${lineName(formula, size.line)}`}
            unit="g"
            value={size.grams}
            onChange={(grams) => onSize({ ...size, grams })}
          />
          <ChoiceList
            value={size.line}
            options={formula.lines.map((l) => ({ id: l.id, label: ingredientById(l.ingredient).name }))}
            onPick={(line) => onSize({ by: 'ingredient', line, grams: Math.round(plan?.grams[line] ?? size.grams) })}
          />
        </>
      )}
    </div>
  )
}

function ShapeEditor({ shape, onShape }: { readonly shape: Shape; onShape(shape: Shape): void }) {
  if (shape.kind === 'mould')
    return (
      <Figure
        label="Cavity"
        unit="ml"
        value={shape.millilitres}
        onChange={(millilitres) => onShape({ ...shape, millilitres })}
      />
    )
  if (shape.kind === 'broken')
    return (
      <>
        <Figure
          label="Thickness"
          unit="mm"
          value={shape.thicknessMm}
          onChange={(thicknessMm) => onShape({ ...shape, thicknessMm })}
        />
        <Figure
          label="A piece weighs about"
          unit="g"
          value={shape.gramsEach}
          onChange={(gramsEach) => onShape({ ...shape, gramsEach })}
        />
      </>
    )
  return (
    <>
      <Figure
        label="Length"
        unit="mm"
        value={shape.lengthMm}
        onChange={(lengthMm) => onShape({ ...shape, lengthMm })}
      />
      <Figure label="Width" unit="mm" value={shape.widthMm} onChange={(widthMm) => onShape({ ...shape, widthMm })} />
      <Figure
        label="Height"
        unit="mm"
        value={shape.heightMm}
        onChange={(heightMm) => onShape({ ...shape, heightMm })}
      />
    </>
  )
}
