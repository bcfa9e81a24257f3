'use client'

import { Check, ChevronDown } from 'lucide-react'
import { Select as Radix } from 'radix-ui'
import { useId, useState } from 'react'
import { cn } from './cn'

export interface Option<T extends string = string> {
  readonly id: T
  readonly label: string
}

interface Props<T extends string> {
  readonly label: string
  /** The label is for those who cannot see what stands around it. */
  readonly hiddenLabel?: boolean
  readonly options: readonly Option<T>[]
  readonly value: T
  readonly small?: boolean
  readonly className?: string
  onPick(id: NoInfer<T>): void
}

/** Radix keeps the empty value for itself. */
const EMPTY = ' '

/** One of a list. */
export function Select<T extends string>({ label, hiddenLabel, options, value, small, className, onPick }: Props<T>) {
  const id = useId()
  // what is chosen from is drawn once it is: a page of a long list in every row is slow to wake
  const [isOpen, setOpen] = useState(false)
  return (
    <div className={className}>
      <span id={id} className={hiddenLabel ? 'sr-only' : 'mb-0.5 block text-fine text-muted'}>
        {label}
      </span>
      <Radix.Root
        open={isOpen}
        onOpenChange={setOpen}
        value={value || EMPTY}
        onValueChange={(next) => onPick((next === EMPTY ? '' : next) as T)}
      >
        <Radix.Trigger
          aria-labelledby={`${id} ${id}-value`}
          className={cn(
            'flex w-full items-center justify-between gap-2 text-left text-ink',
            small
              ? 'min-h-10 rounded-inner border border-line bg-[var(--box,var(--marble))] px-2.5 text-body'
              : 'min-h-12 rounded-control border border-line bg-[var(--box,var(--marble))] px-3 text-main',
          )}
        >
          <span id={`${id}-value`} className="min-w-0 truncate">
            <Radix.Value>{options.find((o) => o.id === value)?.label}</Radix.Value>
          </span>
          <ChevronDown size={16} aria-hidden className="shrink-0 text-muted" />
        </Radix.Trigger>
        {isOpen && (
          <Radix.Portal>
            <Radix.Content
              position="popper"
              sideOffset={4}
              className="z-40 max-h-[min(60dvh,var(--radix-select-content-available-height))] min-w-[var(--radix-select-trigger-width)] overflow-hidden rounded-control border border-line bg-sheet text-ink"
            >
              <Radix.Viewport className="p-1">
                {options.map((o) => (
                  <Radix.Item
                    key={o.id || EMPTY}
                    value={o.id || EMPTY}
                    className="flex min-h-11 cursor-pointer items-center justify-between gap-3 rounded-inner px-3 text-body outline-none data-[highlighted]:bg-marble"
                  >
                    <Radix.ItemText>{o.label}</Radix.ItemText>
                    <Radix.ItemIndicator>
                      <Check size={15} aria-hidden />
                    </Radix.ItemIndicator>
                  </Radix.Item>
                ))}
              </Radix.Viewport>
            </Radix.Content>
          </Radix.Portal>
        )}
      </Radix.Root>
    </div>
  )
}
