'use client'

import { type ComponentProps, useId } from 'react'

interface Props extends ComponentProps<'input'> {
  readonly label: string
  readonly unit?: string
  readonly hint?: string
  readonly problem?: string
}

/** A labelled box for one fact, with its unit and what is wrong with it. */
export function Box({ label, unit, hint, problem, className = '', ...rest }: Props) {
  const id = useId()
  return (
    <div className={className}>
      <label htmlFor={id} className="mb-1 block text-small text-muted">
        {label}
      </label>
      <div className="flex items-center gap-2">
        <input
          id={id}
          autoComplete="off"
          aria-invalid={problem !== undefined}
          aria-describedby={problem || hint ? `${id}-said` : undefined}
          className="min-h-12 w-full rounded-control border border-line bg-[var(--box,var(--marble))] px-3 text-lead aria-invalid:border-cherry"
          {...rest}
        />
        {unit && <span className="text-body whitespace-nowrap text-muted">{unit}</span>}
      </div>
      {(problem || hint) && (
        <p
          id={`${id}-said`}
          role={problem ? 'alert' : undefined}
          className={`mt-1 text-fine ${problem ? 'text-cherry' : 'text-muted'}`}
        >
          {problem ?? hint}
        </p>
      )}
    </div>
  )
}
