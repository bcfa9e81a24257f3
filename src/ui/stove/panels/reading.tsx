'use client'

import { Delete } from 'lucide-react'
import type { FrozenThermometer } from '@/contract/batch'
import { corrected, inCelsius } from '@/core'
import { useSay } from '@/ui/shell/preferences'
import { ERASE, type Typed } from '../use-typed'
import { Sheet } from './sheet'

interface Props {
  /** What is known of the thermometer that is read; null for nothing. */
  readonly thermometer: FrozenThermometer | null
  readonly typed: Typed
  onLog(): void
  onBack(): void
}

const KEYS = ['7', '8', '9', '4', '5', '6', '1', '2', '3', 'log', '0', ERASE] as const
/** A correction of less, °C, is not worth a word. */
const SLIGHT = 0.5

/** A temperature read by eye: tapped, or typed with Enter. */
export function ReadingPanel({ thermometer, typed: { text, celsius, press }, onLog, onBack }: Props) {
  const say = useSay()
  const truly = thermometer && text ? corrected(thermometer, celsius) : celsius
  return (
    <Sheet
      title="It reads"
      onBack={onBack}
      head={
        <p
          className="casual flex-1 self-center pr-2 text-right text-figure leading-none font-extrabold text-cherry"
          aria-live="polite"
        >
          {text || '–'}
          <span className="text-head">°{say.units.temperature}</span>
          {Math.abs(truly - celsius) >= SLIGHT && (
            <span className="block text-body font-semibold text-muted">
              in truth {say.temperature(inCelsius(truly))}
            </span>
          )}
        </p>
      }
    >
      <div className="grid flex-1 grid-cols-3 gap-2">
        {KEYS.map((key) =>
          key === 'log' ? (
            <button
              key={key}
              type="button"
              disabled={!text}
              onClick={onLog}
              className="casual min-h-16 rounded-control bg-bar text-title font-bold text-on-bar disabled:opacity-40"
            >
              Log
            </button>
          ) : (
            <button
              key={key}
              type="button"
              onClick={() => press(key)}
              className="casual grid min-h-16 place-items-center rounded-control bg-marble text-large font-bold hover:brightness-95"
            >
              {key === ERASE ? <Delete size={24} aria-label="Take a digit back" /> : key}
            </button>
          ),
        )}
      </div>
    </Sheet>
  )
}
