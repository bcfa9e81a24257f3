'use client'

import { Popover } from 'radix-ui'
import { type ReactNode, useState } from 'react'

interface SlotProps {
  readonly label: string
  readonly text: string
  /** It narrows nothing: said, but not pressed upon anyone. */
  readonly quiet?: boolean
  readonly children: (close: () => void) => ReactNode
}

/** A word of the sentence that opens to be changed. */
export function Slot({ label, text, quiet = false, children }: SlotProps) {
  const [open, setOpen] = useState(false)
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger
        aria-label={`${label}: ${text}`}
        className={`rounded-control px-3 py-1.5 text-lead leading-tight ${quiet ? 'border border-on-bar/35 text-on-bar hover:bg-slot-hover hover:text-on-slot' : 'bg-slot font-semibold text-on-slot hover:bg-slot-hover'}`}
      >
        {text}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          sideOffset={8}
          collisionPadding={16}
          className="z-10 max-h-[70dvh] w-[320px] overflow-auto rounded-sheet border border-line bg-sheet p-4 text-ink"
        >
          <p className="casual mb-3 text-main font-bold">{label}</p>
          {children(() => setOpen(false))}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}

interface ChoiceListProps {
  readonly options: readonly { readonly id: string; readonly label: string; readonly detail?: string }[]
  readonly value: string
  onPick(id: string): void
}

export function ChoiceList({ options, value, onPick }: ChoiceListProps) {
  return (
    <ul className="flex flex-col gap-1">
      {options.map((o) => (
        <li key={o.id}>
          <button
            type="button"
            aria-pressed={o.id === value}
            onClick={() => onPick(o.id)}
            className={`flex min-h-12 w-full items-baseline justify-between gap-3 rounded-control px-3 py-2 text-left text-main ${o.id === value ? 'bg-bar font-semibold text-on-bar' : 'hover:bg-marble'}`}
          >
            <span>{o.label}</span>
            {o.detail && <span className="figures text-fine opacity-75">{o.detail}</span>}
          </button>
        </li>
      ))}
    </ul>
  )
}
