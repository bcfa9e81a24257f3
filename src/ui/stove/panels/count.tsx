'use client'

import { useState } from 'react'
import { type CookAct, type OffCuts, offCuts } from '@/core'
import { Segments } from '@/ui/kit/segments'
import { formatCount, offCutNames } from '@/words'
import { Sheet } from './sheet'
import { LogIt, Stepper } from './steps'

interface Props {
  /** Good pieces that were planned. */
  readonly planned: number
  /** It is being formed or filled: pieces so far are counted, not what came of all. */
  readonly forming: boolean
  onBack(): void
  onAct(act: CookAct): void
}

/** Pieces as they are made, or what the whole came to: good ones, seconds, and what was trimmed off. */
export function CountPanel({ planned, forming, onBack, onAct }: Props) {
  const [pieces, setPieces] = useState(forming ? 10 : planned)
  const [seconds, setSeconds] = useState(0)
  const [trim, setTrim] = useState(0)
  const [became, setBecame] = useState<OffCuts>('eaten')
  const at = (n: number): number => Math.max(0, n)
  return (
    <Sheet title="Count" onBack={onBack} scrolls>
      <Stepper
        label={forming ? 'Made so far' : 'Good pieces'}
        shown={formatCount(pieces)}
        onLess={() => setPieces((n) => at(n - 1))}
        onMore={() => setPieces((n) => n + 1)}
      />
      {!forming && (
        <>
          <Stepper
            label="Imperfect: broken, crooked"
            shown={formatCount(seconds)}
            onLess={() => setSeconds((n) => at(n - 1))}
            onMore={() => setSeconds((n) => n + 1)}
          />
          <Stepper
            label="Trimmed off, g"
            shown={`${formatCount(trim)} g`}
            onLess={() => setTrim((n) => at(n - 10))}
            onMore={() => setTrim((n) => n + 10)}
          />
          {trim > 0 && (
            <Segments
              label="What becomes of it"
              options={offCuts.map((id) => ({ id, label: offCutNames[id] }))}
              value={became}
              onPick={setBecame}
              itemClassName="min-h-12 flex-1 px-1 text-small"
            />
          )}
        </>
      )}
      <LogIt
        onPress={() =>
          onAct(
            forming
              ? { type: 'made', pieces: Math.max(1, pieces) }
              : { type: 'yields', pieces, seconds, trimGrams: trim, ...(trim > 0 && { offCuts: became }) },
          )
        }
      />
    </Sheet>
  )
}
