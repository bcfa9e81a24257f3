'use client'

import type { KitchenView } from '@/contract/kitchen'
import type { Shape } from '@/core'
import { ChoiceList, Figure } from './slot'

export function shapeText(shape: Shape): string {
  if (shape.kind === 'mould') return `${shape.millilitres} ml drops`
  if (shape.kind === 'broken') return `${shape.thicknessMm} mm thin`
  return shape.round
    ? `${shape.lengthMm} mm rounds, ${shape.heightMm} high`
    : `${shape.lengthMm} × ${shape.widthMm} × ${shape.heightMm} mm`
}

interface Props {
  readonly shape: Shape
  readonly cutters: KitchenView['cutter']
  onShape(shape: Shape): void
}

/** The size of a piece: by a knife, by a cutter of the kitchen, by the cavity, or by how thin it is spread. */
export function ShapeEditor({ shape, cutters, onShape }: Props) {
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
  const fits = (c: KitchenView['cutter'][number]): boolean =>
    c.lengthMm === shape.lengthMm && c.widthMm === shape.widthMm && c.round === (shape.round ?? false)
  const { round: _, ...square } = shape
  return (
    <>
      <Figure
        key={`l${shape.lengthMm}`}
        label={shape.round ? 'Across' : 'Length'}
        unit="mm"
        value={shape.lengthMm}
        onChange={(lengthMm) => onShape({ ...shape, lengthMm, widthMm: shape.round ? lengthMm : shape.widthMm })}
      />
      {!shape.round && (
        <Figure
          key={`w${shape.widthMm}`}
          label="Width"
          unit="mm"
          value={shape.widthMm}
          onChange={(widthMm) => onShape({ ...shape, widthMm })}
        />
      )}
      <Figure
        label="Height"
        unit="mm"
        value={shape.heightMm}
        onChange={(heightMm) => onShape({ ...shape, heightMm })}
      />
      <p className="mt-3 mb-1 text-[14px] text-muted">Cut with</p>
      <ChoiceList
        value={cutters.find((c) => shape.round && fits(c))?.id ?? (shape.round ? '' : 'knife')}
        options={[
          { id: 'knife', label: 'a knife', detail: 'from edge to edge' },
          ...cutters.map((c) => ({ id: c.id, label: c.name, detail: c.round ? 'round' : 'square' })),
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
