'use client'

import { Tooltip as Radix } from 'radix-ui'
import type { ReactElement } from 'react'

/** A few words about a button that has only a picture; shown on focus too. */
export const Tooltip = ({ text, children }: { readonly text: string; readonly children: ReactElement }) => (
  <Radix.Provider delayDuration={300}>
    <Radix.Root>
      <Radix.Trigger asChild>{children}</Radix.Trigger>
      <Radix.Portal>
        <Radix.Content sideOffset={6} className="z-50 rounded-inner bg-bar px-3 py-1.5 text-small text-on-bar">
          {text}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  </Radix.Provider>
)
