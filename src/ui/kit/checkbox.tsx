'use client'

import { Check } from 'lucide-react'
import { Checkbox as Radix } from 'radix-ui'
import type { ReactNode } from 'react'
import { cn } from './cn'

interface Props {
  readonly checked: boolean
  readonly children: ReactNode
  readonly className?: string
  /** Stands in the box until it is ticked: the key that ticks it. */
  readonly number?: number
  onChange(checked: boolean): void
}

/** A box to tick, with its words. */
export function Checkbox({ checked, children, className, number, onChange }: Props) {
  return (
    // biome-ignore lint/a11y/noLabelWithoutControl: the control is its child
    <label className={cn('flex min-h-11 cursor-pointer items-center gap-3 text-body', className)}>
      <Radix.Root
        checked={checked}
        onCheckedChange={(next) => onChange(next === true)}
        className={cn(
          number === undefined ? 'size-7' : 'size-10',
          'grid shrink-0 place-items-center rounded-inner border-2 border-muted data-[state=checked]:border-angelica data-[state=checked]:bg-angelica data-[state=checked]:text-on-fill',
        )}
      >
        {number !== undefined && !checked && <span className="text-body font-semibold text-muted">{number}</span>}
        <Radix.Indicator>
          <Check size={17} strokeWidth={3} aria-hidden />
        </Radix.Indicator>
      </Radix.Root>
      {children}
    </label>
  )
}
