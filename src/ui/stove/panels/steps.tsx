'use client'

import { Minus, Plus } from 'lucide-react'

interface StepperProps {
  readonly label: string
  /** The figure as it is read. */
  readonly shown: string
  onLess(): void
  onMore(): void
}

/** A figure between two large buttons: nothing to type with sticky fingers. */
export function Stepper({ label, shown, onLess, onMore }: StepperProps) {
  const button = 'grid size-16 shrink-0 place-items-center rounded-control bg-marble hover:brightness-95'
  return (
    <fieldset className="flex items-center gap-2">
      <legend className="mb-1 text-small text-muted">{label}</legend>
      <button type="button" aria-label={`${label}: less`} onClick={onLess} className={button}>
        <Minus size={24} aria-hidden />
      </button>
      <output className="casual min-w-0 flex-1 text-center text-large font-extrabold">{shown}</output>
      <button type="button" aria-label={`${label}: more`} onClick={onMore} className={button}>
        <Plus size={24} aria-hidden />
      </button>
    </fieldset>
  )
}

/** The button that logs what the steppers say. */
export const LogIt = ({ onPress }: { onPress(): void }) => (
  <button
    type="button"
    onClick={onPress}
    className="casual min-h-16 shrink-0 rounded-control bg-bar text-title font-bold text-on-bar"
  >
    Log
  </button>
)
