'use client'

import { Switch as Radix } from 'radix-ui'
import { useId } from 'react'

interface Props {
  readonly label: string
  readonly on: boolean
  onChange(on: boolean): void
}

/** Yes or no, at once. */
export function Switch({ label, on, onChange }: Props) {
  const id = useId()
  return (
    <div className="flex min-h-12 items-center gap-3">
      <Radix.Root
        id={id}
        checked={on}
        onCheckedChange={onChange}
        className="h-8 w-14 shrink-0 rounded-full border border-line bg-marble data-[state=checked]:border-angelica data-[state=checked]:bg-angelica"
      >
        <Radix.Thumb className="block size-6 translate-x-1 rounded-full bg-muted transition-transform data-[state=checked]:translate-x-6 data-[state=checked]:bg-on-fill" />
      </Radix.Root>
      <label htmlFor={id} className="text-main">
        {label}
      </label>
    </div>
  )
}
