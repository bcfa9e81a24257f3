'use client'

import { useEffect } from 'react'
import { wayOn } from '@/ui/kit/way-on'

interface Props {
  /** What cannot be shown, and what of it is kept. */
  readonly failed: string
  readonly kept: string
  readonly error: Error & { readonly digest?: string }
  reset(): void
}

export function Failed({ failed, kept, error, reset }: Props) {
  useEffect(() => console.error(error), [error])
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
