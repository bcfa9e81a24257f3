'use client'

import { useRef, useState } from 'react'
import { Fetched, later } from '@/ui/kit/fetched'
import type { Units } from '@/words'

// fetched once it is asked for: no page waits for it
const UNITS_PANEL = later(() => import('./units-panel'))

interface Props {
  readonly units: Units
  onUnits(units: Units): void
}

/** The units figures are read and typed in: each chosen once, for the whole product. */
export function UnitsMenu({ units, onUnits }: Props) {
  const [open, setOpen] = useState(false)
  const button = useRef<HTMLButtonElement>(null)
  return (
    <>
      <button
        ref={button}
        type="button"
        aria-haspopup="dialog"
        aria-expanded={open}
        aria-label={`Units: °${units.temperature}, ${units.weight}, ${units.length}`}
        onClick={() => setOpen(!open)}
        className="min-h-12 rounded-control px-1 text-fine leading-tight whitespace-nowrap hover:text-on-bar md:px-3 md:text-small"
      >
        °{units.temperature}
        <span className="max-md:hidden"> · {units.weight}</span>
      </button>
      {open && (
        <Fetched of={UNITS_PANEL}>
          {(UnitsPanel) => (
            <UnitsPanel anchor={button} units={units} onUnits={onUnits} onClose={() => setOpen(false)} />
          )}
        </Fetched>
      )}
    </>
  )
}
