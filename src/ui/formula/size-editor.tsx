'use client'

import {
  allLines,
  type BatchPlan,
  type FormulaDocument,
  formatCount,
  formatGrams,
  ingredientIn,
  piecesOf,
  type Size,
  type Vessel,
} from '@/core'
import { ChoiceList, Figure } from './slot'

export const lineName = (formula: FormulaDocument, line: string): string => {
  for (const { formula: piece } of piecesOf(formula)) {
    const found = piece.lines.find((l) => l.id === line)
    if (found) return ingredientIn(piece, found.ingredient).name.toLowerCase()
  }
  return line
}

/** Packs a line's ingredient is sold in: tins, packets, sticks, sheets. */
const packUnits = ['tin', 'packet', 'stick', 'sheet', 'each'] as const

function packsOf(formula: FormulaDocument, line: string): { unit: string; grams: number }[] {
  for (const { formula: piece } of piecesOf(formula)) {
    const found = piece.lines.find((l) => l.id === line)
    if (!found) continue
    const { unitGrams } = ingredientIn(piece, found.ingredient)
    return packUnits.flatMap((unit) => (unitGrams[unit] ? [{ unit, grams: unitGrams[unit] }] : []))
  }
  return []
}

const packWord = (unit: string, count: number): string => (unit === 'each' ? '' : count === 1 ? unit : `${unit}s`)

export function sizeText(formula: FormulaDocument, size: Size, vessel: Vessel | null): string {
  switch (size.by) {
    case 'pieces':
      return `${formatCount(size.pieces)} pieces`
    case 'weight':
      return formatGrams(size.grams)
    case 'vessels':
      return vessel?.kind === 'mould'
        ? `${size.count} ${size.count === 1 ? 'mould' : 'moulds'} full`
        : `${size.count} ${size.count === 1 ? 'tray' : 'trays'} full`
    case 'ingredient':
      return `what ${formatGrams(size.grams)} of ${lineName(formula, size.line)} gives`
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

type Way = 'pieces' | 'weight' | 'vessels' | 'have'

const wayOf = (size: Size): Way => (size.by === 'ingredient' || size.by === 'packs' ? 'have' : size.by)

/** How much to make, asked for in whichever way is nearest. */
export function SizeEditor({ formula, size, plan, vessel, onSize }: Props) {
  const lines = allLines(formula)
  const firstLine = lines[0]?.id ?? ''
  const ways: readonly { way: Way; label: string }[] = [
    { way: 'pieces', label: 'Pieces' },
    { way: 'weight', label: 'Weight' },
    ...(vessel ? [{ way: 'vessels' as const, label: vessel.kind === 'mould' ? 'Moulds' : 'Trays' }] : []),
    { way: 'have', label: 'What I have' },
  ]
  const switchTo = (way: Way): void => {
    if (way === wayOf(size)) return
    if (way === 'pieces') onSize({ by: way, pieces: Math.max(1, plan?.pieces ?? 100) })
    else if (way === 'weight') onSize({ by: way, grams: Math.round(plan?.outGrams ?? 1000) })
    else if (way === 'vessels') onSize({ by: way, count: Math.max(1, plan?.vessels ?? 1) })
    else onSize({ by: 'ingredient', line: firstLine, grams: Math.round(plan?.grams[firstLine] ?? 100) })
  }
  const line = size.by === 'ingredient' || size.by === 'packs' ? size.line : null
  return (
    <div>
      <div className="mb-3 flex gap-1 rounded-control bg-marble p-1">
        {ways.map(({ way, label }) => (
          <button
            key={way}
            type="button"
            aria-pressed={way === wayOf(size)}
            onClick={() => switchTo(way)}
            className={`min-h-11 flex-1 rounded-[9px] px-1.5 text-[13.5px] font-semibold ${way === wayOf(size) ? 'bg-bar text-on-bar' : ''}`}
          >
            {label}
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
      {size.by === 'vessels' && vessel && (
        <Figure
          label={vessel.kind === 'mould' ? `Fillings of the ${vessel.name}` : `${vessel.name}, filled to its edges`}
          unit={vessel.kind === 'mould' ? 'fillings' : 'trays'}
          value={size.count}
          onChange={(count) => onSize({ by: 'vessels', count })}
        />
      )}
      {line !== null && (
        <>
          {size.by === 'ingredient' && (
            <Figure
              key={line}
              label={`I have this much ${lineName(formula, line)}`}
              unit="g"
              value={size.grams}
              onChange={(grams) => onSize({ by: 'ingredient', line, grams })}
            />
          )}
          {packsOf(formula, line).map(({ unit, grams }) => (
            <Figure
              key={`${line} ${unit}`}
              label={`or whole ${unit === 'each' ? lineName(formula, line) : `${unit}s`} of ${formatGrams(grams)}`}
              unit={unit === 'each' ? '' : `${unit}s`}
              value={
                size.by === 'packs' && size.unit === unit
                  ? size.count
                  : Math.max(1, Math.round((plan?.grams[line] ?? grams) / grams))
              }
              onChange={(count) => onSize({ by: 'packs', line, unit, count: Math.max(1, Math.round(count)) })}
            />
          ))}
          <ChoiceList
            value={line}
            options={lines.map((l) => ({ id: l.id, label: sentenceCase(lineName(formula, l.id)) }))}
            onPick={(id) => onSize({ by: 'ingredient', line: id, grams: Math.round(plan?.grams[id] ?? 100) })}
          />
        </>
      )}
    </div>
  )
}

const sentenceCase = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1)
