'use client'

import { useState } from 'react'
import {
  allLines,
  type BatchPlan,
  type FormulaDocument,
  inGrams,
  ingredientIn,
  nameOfId,
  piecesOf,
  type Size,
  unitWeightsOf,
  type Vessel,
  vesselsFull,
} from '@/core'
import { NumberField } from '@/ui/kit/number-field'
import { Segments } from '@/ui/kit/segments'
import { ChoiceList } from '@/ui/kit/slot'
import { useSay } from '@/ui/shell/preferences'
import { capital, formatCount, lower, type Say } from '@/words'

export const lineName = (formula: FormulaDocument, line: string): string => lower(nameOfId(formula, line))

/** Packs a line's ingredient is sold in: tins, packets, sticks, sheets. */
const packUnits = ['tin', 'packet', 'stick', 'sheet', 'each'] as const

function packsOf(formula: FormulaDocument, line: string): { unit: string; grams: number }[] {
  for (const { formula: piece } of piecesOf(formula)) {
    const found = piece.lines.find((l) => l.id === line)
    if (!found) continue
    const weights = unitWeightsOf(ingredientIn(piece, found.ingredient))
    return packUnits.flatMap((unit) => (weights[unit] ? [{ unit, grams: weights[unit] }] : []))
  }
  return []
}

const packWord = (unit: string, count: number): string => (unit === 'each' ? '' : count === 1 ? unit : `${unit}s`)

export function sizeText(formula: FormulaDocument, size: Size, vessel: Vessel | null, say: Say): string {
  switch (size.by) {
    case 'pieces':
      return `${formatCount(size.pieces)} pieces`
    case 'weight':
      return say.weight(inGrams(size.grams))
    case 'vessels':
      return vessel?.kind === 'mould'
        ? `${size.count} ${size.count === 1 ? 'mould' : 'moulds'} full`
        : `${size.count} ${size.count === 1 ? 'tray' : 'trays'} full`
    case 'ingredient':
      return `what ${say.weight(inGrams(size.grams))} of ${lineName(formula, size.line)} gives`
    case 'packs':
      return `what ${size.count} ${packWord(size.unit, size.count)} of ${lineName(formula, size.line)} gives`.replace(
        '  ',
        ' ',
      )
  }
}

interface Props {
  readonly formula: FormulaDocument
  readonly size: Size
  readonly plan: BatchPlan | null
  readonly vessel: Vessel | null
  onSize(size: Size): void
}

/** What the boundary takes at most. */
const MOST_PIECES = 100_000
const MOST_GRAMS = 100_000
const MOST_COUNT = 1000

type Way = 'pieces' | 'weight' | 'vessels' | 'have'

const wayOf = (size: Size): Way => (size.by === 'ingredient' || size.by === 'packs' ? 'have' : size.by)

/** How much to make, asked for in whichever way is nearest. Each shows what the batch comes to; only what is typed changes it. */
export function SizeEditor({ formula, size, plan, vessel, onSize }: Props) {
  const say = useSay()
  const lines = allLines(formula)
  const [way, setWay] = useState(wayOf(size))
  const [line, setLine] = useState('line' in size ? size.line : (lines[0]?.id ?? ''))
  const filled = plan && vessel ? vesselsFull(formula, plan, vessel) : null
  const ways: readonly { way: Way; label: string }[] = [
    { way: 'pieces', label: 'Pieces' },
    { way: 'weight', label: 'Weight' },
    ...(vessel && (filled !== null || way === 'vessels')
      ? [{ way: 'vessels' as const, label: vessel.kind === 'mould' ? 'Moulds' : 'Trays' }]
      : []),
    { way: 'have', label: 'What I have' },
  ]
  return (
    <div>
      <Segments
        label="Sized by"
        options={ways.map(({ way, label }) => ({ id: way, label }))}
        value={way}
        onPick={setWay}
        className="mb-3 bg-marble"
        itemClassName="min-h-11 flex-1 px-1.5 text-small"
      />
      {way === 'pieces' && (
        <NumberField
          label="Good pieces"
          as="pieces"
          value={size.by === 'pieces' ? size.pieces : (plan?.pieces ?? null)}
          least={1}
          most={MOST_PIECES}
          onValue={(pieces) => onSize({ by: 'pieces', pieces: Math.round(pieces) })}
        />
      )}
      {way === 'weight' && (
        <NumberField
          label="Finished weight"
          as="weight"
          value={size.by === 'weight' ? size.grams : plan && Math.round(plan.outGrams)}
          least={1}
          most={MOST_GRAMS}
          onValue={(grams) => onSize({ by: 'weight', grams })}
        />
      )}
      {way === 'vessels' && vessel && (
        <NumberField
          label={vessel.kind === 'mould' ? `Fillings of the ${vessel.name}` : `${vessel.name}s, filled to the edges`}
          value={size.by === 'vessels' ? size.count : filled}
          least={0.1}
          most={MOST_COUNT}
          onValue={(count) => onSize({ by: 'vessels', count })}
        />
      )}
      {way === 'have' && (
        <>
          <NumberField
            key={line}
            label={`I have this much ${lineName(formula, line)}`}
            as="weight"
            value={size.by === 'ingredient' && size.line === line ? size.grams : (plan?.grams[line] ?? null)}
            least={0.1}
            most={MOST_GRAMS}
            onValue={(grams) => onSize({ by: 'ingredient', line, grams })}
          />
          {packsOf(formula, line).map(({ unit, grams }) => (
            <NumberField
              key={`${line} ${unit}`}
              label={`or whole ${unit === 'each' ? lineName(formula, line) : `${unit}s`} of ${say.weight(inGrams(grams))}`}
              least={1}
              most={MOST_COUNT}
              value={
                size.by === 'packs' && size.line === line && size.unit === unit
                  ? size.count
                  : plan && (plan.grams[line] ?? 0) / grams
              }
              onValue={(count) => onSize({ by: 'packs', line, unit, count: Math.round(count) })}
            />
          ))}
          <ChoiceList
            value={line}
            options={lines.map((l) => ({ id: l.id, label: capital(lineName(formula, l.id)) }))}
            onPick={setLine}
          />
        </>
      )}
    </div>
  )
}
