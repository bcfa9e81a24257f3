'use client'

import { Popover } from 'radix-ui'
import { type ReactNode, useState } from 'react'

interface Props {
  readonly label: ReactNode
  readonly name: string
  readonly children: (close: () => void) => ReactNode
}

export const menuItem =
  'flex min-h-12 w-full items-center gap-3 rounded-control px-3 text-left text-[15.5px] hover:bg-marble'

/** A button that opens a few things to do. */
export function Menu({ label, name, children }: Props) {
  const [open, setOpen] = useState(false)
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger
        aria-label={name}
        className="flex min-h-12 items-center gap-2 rounded-control border border-line bg-sheet px-4 text-[16px] font-semibold hover:border-muted"
      >
        {label}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="end"
          sideOffset={8}
          collisionPadding={16}
          className="z-20 w-[310px] rounded-sheet border border-line bg-sheet p-2 text-ink"
        >
          {children(() => setOpen(false))}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
