'use client'

import { Dialog } from 'radix-ui'
import type { ReactNode } from 'react'

const widths = {
  narrow: 'w-[min(560px,96vw)]',
  wide: 'w-[min(860px,96vw)]',
  /** For two things side by side. */
  pair: 'w-[min(1180px,96vw)]',
}

interface Props {
  readonly title: string
  readonly about?: string
  readonly width?: keyof typeof widths
  onClose(): void
  readonly children: ReactNode
}

/** A sheet over the page for one matter. */
export function SheetDialog({ title, about, width = 'narrow', onClose, children }: Props) {
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-veil" />
        <Dialog.Content
          aria-describedby={undefined}
          className={`fixed top-1/2 left-1/2 z-30 flex max-h-[94dvh] -translate-x-1/2 -translate-y-1/2 flex-col gap-4 overflow-auto rounded-sheet bg-sheet p-6 ${widths[width]}`}
        >
          <div>
            <Dialog.Title className="casual text-large font-bold">{title}</Dialog.Title>
            {about && <p className="text-body text-muted">{about}</p>}
          </div>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
