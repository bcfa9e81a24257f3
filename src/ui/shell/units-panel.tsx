'use client'

import { Popover } from 'radix-ui'
import type { RefObject } from 'react'
import type { Units } from '@/words'

const choices = {
  temperature: { label: 'Temperature', options: { C: '°C', F: '°F' } },
  weight: { label: 'Weight', options: { g: 'g', oz: 'oz' } },
  length: { label: 'Length', options: { mm: 'mm', in: 'inch' } },
} as const

interface Props {
  readonly units: Units
  /** The button it belongs to. */
  readonly anchor: RefObject<HTMLButtonElement | null>
  onUnits(units: Units): void
  onClose(): void
}

/** Each kind of unit with its choices, beside its button. */
export default function UnitsPanel({ units, anchor, onUnits, onClose }: Props) {
  return (
    <Popover.Root open onOpenChange={(open) => !open && onClose()}>
      <Popover.Anchor virtualRef={anchor as RefObject<HTMLButtonElement>} />
      <Popover.Portal>
        <Popover.Content
          side="right"
          align="end"
          sideOffset={8}
          collisionPadding={12}
          onInteractOutside={(e) => {
            // the button closes it by itself
            if (anchor.current?.contains(e.target as Node)) e.preventDefault()
          }}
          onCloseAutoFocus={(e) => {
            e.preventDefault()
            anchor.current?.focus()
          }}
          className="z-30 w-[280px] rounded-sheet border border-line bg-sheet p-4 text-ink"
        >
          <p className="casual mb-2 text-main font-bold">Units</p>
          {(Object.keys(choices) as (keyof Units)[]).map((kind) => (
            <fieldset key={kind} className="mb-1 flex items-center gap-1">
              <legend className="sr-only">{choices[kind].label}</legend>
              <span aria-hidden className="flex-1 text-small text-muted">
                {choices[kind].label}
              </span>
              {Object.entries(choices[kind].options).map(([id, label]) => (
                <button
                  key={id}
                  type="button"
                  aria-pressed={units[kind] === id}
                  onClick={() => onUnits({ ...units, [kind]: id } as Units)}
                  className={`min-h-12 min-w-16 rounded-inner px-2 text-body font-semibold ${units[kind] === id ? 'bg-bar text-on-bar' : 'hover:bg-marble'}`}
                >
                  {label}
                </button>
              ))}
            </fieldset>
          ))}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
