'use client'

import { Delete } from 'lucide-react'
import { useEffect, useRef, useState } from 'react'
import type { FrozenThermometer } from '@/contract/batch'
import { type CookAct, corrected, inCelsius, toCelsius } from '@/core'
import { useSay } from '@/ui/shell/preferences'
import { Sheet } from './sheet'

interface Props {
  /** What is known of the thermometer that is read; null for nothing. */
  readonly thermometer: FrozenThermometer | null
  onBack(): void
  onAct(act: CookAct): void
}

const KEYS = ['7', '8', '9', '4', '5', '6', '1', '2', '3', 'log', '0', '⌫'] as const
const MOST = 3
/** A correction of less, °C, is not worth a word. */
const SLIGHT = 0.5

/** A temperature read by eye: tapped, or typed with Enter. */
export function ReadingPanel({ thermometer, onBack, onAct }: Props) {
  const say = useSay()
  const [text, setText] = useState('')
  const press = (key: string): void => setText((t) => (key === '⌫' ? t.slice(0, -1) : t.length < MOST ? t + key : t))
  const value = Number(text)
  const celsius = say.units.temperature === 'F' ? toCelsius(value) : value
  const truly = thermometer && text ? corrected(thermometer, celsius) : celsius
  const log = (): void => {
    if (text) onAct({ type: 'reads', celsius })
  }
  const current = useRef({ press, log })
  useEffect(() => {
    current.current = { press, log }
  })
  useEffect(() => {
    const onKey = (e: KeyboardEvent): void => {
      if (/^\d$/.test(e.key)) current.current.press(e.key)
      else if (e.key === 'Backspace') current.current.press('⌫')
      else if (e.key === 'Enter') current.current.log()
      else return
      e.preventDefault()
      e.stopPropagation()
    }
    window.addEventListener('keydown', onKey, true)
    return () => window.removeEventListener('keydown', onKey, true)
  }, [])
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
              onClick={log}
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
              {key === '⌫' ? <Delete size={24} aria-label="Take a digit back" /> : key}
            </button>
          ),
        )}
      </div>
    </Sheet>
  )
}
