'use client'

import { Tabs as Radix } from 'radix-ui'
import type { ReactNode } from 'react'
import { cn } from './cn'
import type { Option } from './select'

interface Props<T extends string> {
  readonly value: T
  readonly className?: string
  onPick(id: NoInfer<T>): void
  readonly children: ReactNode
}

/** Several views of one thing: a list of them somewhere inside, and a panel for each. */
export const Tabs = <T extends string>({ value, className, onPick, children }: Props<T>) => (
  <Radix.Root value={value} onValueChange={(next) => onPick(next as T)} className={className}>
    {children}
  </Radix.Root>
)

interface ListProps<T extends string> {
  readonly label: string
  readonly options: readonly Option<T>[]
  readonly className?: string
}

export const TabList = <T extends string>({ label, options, className }: ListProps<T>) => (
  <Radix.List
    aria-label={label}
    className={cn('flex flex-wrap gap-1 rounded-control border border-line bg-sheet p-1', className)}
  >
    {options.map((o) => (
      <Radix.Trigger
        key={o.id}
        value={o.id}
        className="min-h-10 rounded-inner px-3.5 text-body font-semibold hover:bg-marble data-[state=active]:bg-bar data-[state=active]:text-on-bar"
      >
        {o.label}
      </Radix.Trigger>
    ))}
  </Radix.List>
)

export const TabPanel = ({ id, className, children }: { id: string; className?: string; children: ReactNode }) => (
  <Radix.Content value={id} className={className} tabIndex={-1}>
    {children}
  </Radix.Content>
)
