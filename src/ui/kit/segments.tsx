'use client'

import { RadioGroup } from 'radix-ui'
import { cn } from './cn'
import type { Option } from './select'

interface Props<T extends string> {
  readonly label: string
  readonly options: readonly Option<T>[]
  readonly value: T
  readonly className?: string
  readonly itemClassName?: string
  onPick(id: NoInfer<T>): void
}

/** One of a few values, side by side. */
export function Segments<T extends string>({ label, options, value, className, itemClassName, onPick }: Props<T>) {
  return (
    <RadioGroup.Root
      aria-label={label}
      value={value}
      orientation="horizontal"
      onValueChange={(next) => onPick(next as T)}
      className={cn('flex flex-wrap gap-1 rounded-control border border-line bg-sheet p-1', className)}
    >
      {options.map((o) => (
        <RadioGroup.Item
          key={o.id}
          value={o.id}
          className={cn(
            'min-h-10 rounded-inner px-3.5 text-body font-semibold hover:bg-marble data-[state=checked]:bg-bar data-[state=checked]:text-on-bar',
            itemClassName,
          )}
        >
          {o.label}
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  )
}
