'use client'

import { useEffect } from 'react'
import { wayOn } from '@/ui/kit/way-on'

/** What each place says when it cannot be shown, and what was kept. */
const places = {
  anywhere: ['Imbry could not show this', 'Everything logged so far is kept. Mind the pot, then try again.'],
  stove: [
    'The stove could not be drawn',
    'Everything logged so far is kept, and the pot cooks on: mind it, then try again.',
  ],
  formulas: [
    'The book could not be opened',
    'Every formula and every revision is where it was. Try again in a moment.',
  ],
  logbook: ['The logbook could not be opened', 'Every batch is where it was. Try again in a moment.'],
  kitchen: [
    'The kitchen could not be shown',
    'Pots, rooms and thermometers are where they were. Try again in a moment.',
  ],
} as const

interface Props {
  readonly place: keyof typeof places
  readonly error: Error & { readonly digest?: string }
  reset(): void
}

export function Failed({ place, error, reset }: Props) {
  useEffect(() => console.error(error), [error])
  const [failed, kept] = places[place]
  return (
    <div className="p-4 lg:p-6">
      <div className="sheet flex flex-col items-start gap-3 p-8" role="alert">
        <h1 className="casual text-large font-bold">{failed}</h1>
        <p className="max-w-prose text-main text-muted">
          {kept}
          {error.digest && ` If it stays so, tell whoever looks after Imbry: fault ${error.digest}.`}
        </p>
        <button type="button" onClick={reset} className={wayOn}>
          Try again
        </button>
      </div>
    </div>
  )
}
