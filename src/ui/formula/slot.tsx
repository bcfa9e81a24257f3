'use client'

import { Popover } from 'radix-ui'
import { type ReactNode, useId, useState } from 'react'
import { readNumber } from '@/core'

interface SlotProps {
  readonly label: string
  readonly text: string
  readonly children: (close: () => void) => ReactNode
}

/** A word of the sentence that opens to be changed. */
export function Slot({ label, text, children }: SlotProps) {
  const [open, setOpen] = useState(false)
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger
        aria-label={`${label}: ${text}`}
        className="rounded-control bg-white px-3 py-1.5 text-[17px] leading-tight font-semibold text-[#23152b] hover:bg-[#f4ead0]"
      >
        {text}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          sideOffset={8}
          collisionPadding={16}
          className="z-10 max-h-[70dvh] w-[320px] overflow-auto rounded-sheet border border-line bg-sheet p-4 text-ink"
        >
          <p className="casual mb-3 text-[16px] font-bold">{label}</p>
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
            className={`flex min-h-12 w-full items-baseline justify-between gap-3 rounded-control px-3 py-2 text-left text-[16px] ${o.id === value ? 'bg-bar font-semibold text-on-bar' : 'hover:bg-marble'}`}
          >
            <span>{o.label}</span>
            {o.detail && <span className="figures text-[13px] opacity-75">{o.detail}</span>}
          </button>
        </li>
      ))}
    </ul>
  )
}

interface FigureProps {
  readonly label: string
  readonly unit: string
  readonly value: number
  onChange(value: number): void
}

/** A number with its unit; what is typed is taken as soon as it is a number above zero. */
export function Figure({ label, unit, value, onChange }: FigureProps) {
  const id = useId()
  const [text, setText] = useState(String(Math.round(value * 10) / 10))
  const typed = readNumber(text)
  const bad = !(typed > 0)
  return (
    <div className="mb-2">
      <label htmlFor={id} className="mb-1 block text-[14px] text-muted">
        {label}
      </label>
      <div className="flex items-center gap-2">
        <input
          id={id}
          inputMode="decimal"
          autoComplete="off"
          value={text}
          aria-invalid={bad}
          onChange={(e) => {
            setText(e.target.value)
            const next = Number(e.target.value.replace(',', '.'))
            if (next > 0) onChange(next)
          }}
          className="figures min-h-12 w-full rounded-control border border-line bg-marble px-3 text-[18px] aria-invalid:border-cherry"
        />
        <span className="text-[15px] text-muted">{unit}</span>
      </div>
      {bad && (
        <p role="alert" className="mt-1 text-[14px] text-cherry">
          A number above zero. The batch stays as it was.
        </p>
      )}
    </div>
  )
}
