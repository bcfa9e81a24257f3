'use client'

import type { ReactNode } from 'react'
import { cn } from './cn'

interface Props {
  /** As the browser's own `accept`. */
  readonly accept: string
  /** Where what is written on it does not say what it takes. */
  readonly label?: string
  /** Several at once, off the camera where there is one. */
  readonly camera?: boolean
  readonly className?: string
  readonly children: ReactNode
  onFiles(files: readonly [File, ...File[]]): void
}

/** What is touched to choose a file; the same one can be chosen again. */
export function FileLabel({ accept, label, camera = false, className, children, onFiles }: Props) {
  return (
    <label className={cn('cursor-pointer focus-within:outline-3 focus-within:outline-cherry', className)}>
      {children}
      <input
        type="file"
        accept={accept}
        aria-label={label}
        {...(camera && { capture: 'environment', multiple: true })}
        className="sr-only"
        onChange={(e) => {
          const [first, ...others] = e.target.files ?? []
          if (first) onFiles([first, ...others])
          e.target.value = ''
        }}
      />
    </label>
  )
}
