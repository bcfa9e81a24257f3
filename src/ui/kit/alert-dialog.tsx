'use client'

import { AlertDialog as Radix } from 'radix-ui'
import type { ReactElement } from 'react'
import { Button } from './button'

interface Props {
  /** The button that asks. */
  readonly children: ReactElement
  readonly title: string
  readonly text: string
  readonly yes: string
  onYes(): void
}

/** Asks before something is thrown out. */
export const AlertDialog = ({ children, title, text, yes, onYes }: Props) => (
  <Radix.Root>
    <Radix.Trigger asChild>{children}</Radix.Trigger>
    <Radix.Portal>
      <Radix.Overlay className="fixed inset-0 z-40 bg-veil" />
      <Radix.Content className="fixed top-1/2 left-1/2 z-50 flex w-[min(440px,94vw)] -translate-x-1/2 -translate-y-1/2 flex-col gap-4 rounded-sheet bg-sheet p-6">
        <Radix.Title className="casual text-large font-bold">{title}</Radix.Title>
        <Radix.Description className="text-body text-muted">{text}</Radix.Description>
        <div className="flex justify-end gap-3">
          <Radix.Cancel asChild>
            <Button>Keep it</Button>
          </Radix.Cancel>
          <Radix.Action asChild>
            <Button look="primary" onClick={onYes}>
              {yes}
            </Button>
          </Radix.Action>
        </div>
      </Radix.Content>
    </Radix.Portal>
  </Radix.Root>
)
