'use client'

import type { KitchenView } from '@/contract/kitchen'
import {
  type BatchPlan,
  type FormulaDocument,
  inGrams,
  inMillimetres,
  isFormed,
  liesThick,
  type Shape,
  type Tray,
} from '@/core'
import { Button } from '@/ui/kit/button'
import { NumberField } from '@/ui/kit/number-field'
import { ChoiceList } from '@/ui/kit/slot'
import { useSay } from '@/ui/shell/preferences'
import { type Say, thinOrThick } from '@/words'
import type { Sizing } from './use-sizing'

/** ◊ What holds so much, ml, is a jar, and no cavity of a mould. */
const JAR_FROM_ML = 60

/** What so many of a shape are called; several, where nobody says how many. */
export function thingsOf(shape: Shape, count?: number): string {
  const isMould = shape.kind === 'mould'
  const one = isMould && shape.sticks ? 'lollipop' : isMould && shape.millilitres >= JAR_FROM_ML ? 'jar' : 'piece'
  return count === 1 ? one : `${one}s`
}

export function shapeText(shape: Shape, say: Say): string {
  if (shape.kind === 'mould') return `${shape.millilitres} ml ${thingsOf(shape)}`
  if (isFormed(shape)) return `${say.weight(inGrams(shape.gramsEach))} each`
  if (shape.kind === 'broken')
    return `${say.length(inMillimetres(shape.thicknessMm))} ${thinOrThick(shape.thicknessMm)}`
  const [long, wide, high] = [shape.lengthMm, shape.widthMm, shape.heightMm].map(inMillimetres)
  if (long === undefined || wide === undefined || high === undefined) return ''
  return shape.round ? `rounds of ${say.length(long)}, ${say.length(high)} high` : say.size(long, wide, high)
}

/** Lengths of a piece that can be made, mm, and what a cavity or a broken piece can hold. */
const LENGTH = { as: 'length', least: 2, most: 500 } as const

interface Props {
  readonly shape: Shape
  readonly cutters: KitchenView['cutter']
  onShape(shape: Shape): void
}

/** "28 mm across", "25 × 25 mm". */
const cutterText = ({ round, lengthMm, widthMm }: Props['cutters'][number], say: Say): string =>
  round ? `${say.length(inMillimetres(lengthMm))} across` : say.size(inMillimetres(lengthMm), inMillimetres(widthMm))

/** The size of a piece: by a knife, by a cutter of the kitchen, by the cavity, or by how thin it is spread. */
export function ShapeEditor({ shape, cutters, onShape }: Props) {
  const say = useSay()
  if (shape.kind === 'mould')
    return (
      <NumberField
        label="Cavity"
        as="millilitres"
        least={0.2}
        most={1000}
        value={shape.millilitres}
        onValue={(millilitres) => onShape({ ...shape, millilitres })}
      />
    )
  if (shape.kind === 'broken')
    return (
      <>
        {!isFormed(shape) && (
          <NumberField
            label="Thickness"
            {...LENGTH}
            value={shape.thicknessMm}
            onValue={(thicknessMm) => onShape({ ...shape, thicknessMm })}
          />
        )}
        <NumberField
          label="A piece weighs about"
          as="weight"
          least={0.2}
          most={5000}
          value={shape.gramsEach}
          onValue={(gramsEach) => onShape({ ...shape, gramsEach })}
        />
      </>
    )
  const fits = (c: KitchenView['cutter'][number]): boolean =>
    c.lengthMm === shape.lengthMm && c.widthMm === shape.widthMm && c.round === (shape.round ?? false)
  const { round: _, ...square } = shape
  return (
    <>
      <NumberField
        label={shape.round ? 'Across' : 'Length'}
        {...LENGTH}
        value={shape.lengthMm}
        onValue={(lengthMm) => onShape({ ...shape, lengthMm, widthMm: shape.round ? lengthMm : shape.widthMm })}
      />
      {!shape.round && (
        <NumberField
          label="Width"
          {...LENGTH}
          value={shape.widthMm}
          onValue={(widthMm) => onShape({ ...shape, widthMm })}
        />
      )}
      <NumberField
        label="Height"
        {...LENGTH}
        value={shape.heightMm}
        onValue={(heightMm) => onShape({ ...shape, heightMm })}
      />
      <NumberField
        label="Trim each edge by"
        {...LENGTH}
        least={0}
        most={50}
        value={shape.trimMm ?? 0}
        onValue={(trimMm) => {
          const { trimMm: _, ...whole } = shape
          onShape(trimMm > 0 ? { ...whole, trimMm } : whole)
        }}
      />
      <p className="mt-3 mb-1 text-small text-muted">Cut with</p>
      <ChoiceList
        value={cutters.find((c) => shape.round && fits(c))?.id ?? (shape.round ? '' : 'knife')}
        options={[
          { id: 'knife', label: 'a knife', detail: 'from edge to edge' },
          ...cutters.map((c) => ({ id: c.id, label: c.name, detail: cutterText(c, say) })),
        ]}
        onPick={(id) => {
          const cutter = cutters.find((c) => c.id === id)
          if (!cutter) onShape(square)
          else
            onShape({
              ...square,
              lengthMm: cutter.lengthMm,
              widthMm: cutter.widthMm,
              ...(cutter.round && { round: true }),
            })
        }}
      />
    </>
  )
}

interface AllOfItProps {
  readonly formula: FormulaDocument
  readonly plan: BatchPlan
  readonly tray: Tray
  onSizing(to: Sizing): void
}

/** How deep the batch lies when all of it goes into one tray, and the way to have it so. */
export function AllOfIt({ formula, plan, tray, onSizing }: AllOfItProps) {
  const say = useSay()
  const { shape, outGrams } = plan
  const deep = liesThick(formula, plan, tray, 1)
  if (shape.kind === 'mould' || isFormed(shape) || deep < LENGTH.least / 2 || deep > LENGTH.most) return null
  const depth = Math.round(deep * 10) / 10
  const sized: Shape = shape.kind === 'cut' ? { ...shape, heightMm: depth } : { ...shape, thicknessMm: depth }
  return (
    <Button
      className="mb-3 min-h-11 w-full px-3 text-left text-body"
      onClick={() => onSizing({ size: { by: 'weight', grams: Math.round(outGrams) }, shape: sized })}
    >
      All of it into one {tray.name}: <strong className="figures">{say.length(inMillimetres(depth))}</strong>{' '}
      {shape.kind === 'cut' ? 'deep' : 'thin'}
    </Button>
  )
}
