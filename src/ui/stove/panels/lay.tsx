'use client'

import type { Conditions, CookAct, FinishAssessment } from '@/core'
import { sayMove, surfaceNames } from '@/words'
import { useMoves } from '../finish/use-moves'
import { Sheet } from './sheet'

interface Props {
  readonly finish: FinishAssessment
  readonly conditions: Conditions
  readonly now: number
  onBack(): void
  onAct(act: CookAct): void
}

/** Where else it could lie, and what each place would change, before it is moved. */
export function LayPanel({ finish, conditions, now, onBack, onAct }: Props) {
  const moves = useMoves(finish, conditions, now)
  const work = finish.ahead.find((w) => w.state !== 'missed') ?? null
  return (
    <Sheet title="Lay it on" onBack={onBack}>
      {moves.length === 0 && (
        <p className="p-2 text-body text-muted">
          The kitchen knows no other place. Add racks, boards, stones and shelves under Kitchen, Places to cool.
        </p>
      )}
      {moves.map((move) => (
        <button
          key={move.on.name}
          type="button"
          onClick={() => onAct({ type: 'lies', on: move.on })}
          className="flex min-h-16 flex-col justify-center rounded-control bg-marble px-4 py-2 text-left hover:brightness-95"
        >
          <span className="casual text-title leading-tight font-bold">
            {move.on.name} <span className="text-small font-normal text-muted">{surfaceNames[move.on.kind]}</span>
          </span>
          <span className="text-body leading-snug">{sayMove(move, work, now)}</span>
        </button>
      ))}
    </Sheet>
  )
}
