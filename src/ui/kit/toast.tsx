'use client'

import { Toast as Radix } from 'radix-ui'
import { useState } from 'react'

export interface Toasts {
  say(text: string): void
  readonly shown: React.ReactNode
}

/** A word in the corner that something was done; it goes by itself. */
export function useToast(): Toasts {
  const [said, setSaid] = useState<{ readonly text: string; readonly id: number } | null>(null)
  return {
    say: (text) => setSaid((before) => ({ text, id: (before?.id ?? 0) + 1 })),
    shown: (
      <Radix.Provider duration={4000} label="Done">
        {said && (
          <Radix.Root
            key={said.id}
            onOpenChange={(open) => !open && setSaid(null)}
            className="rounded-control bg-bar px-4 py-3 text-body text-on-bar"
          >
            <Radix.Title>{said.text}</Radix.Title>
          </Radix.Root>
        )}
        <Radix.Viewport className="fixed right-4 bottom-4 z-50 flex w-[min(360px,92vw)] flex-col gap-2 print:hidden" />
      </Radix.Provider>
    ),
  }
}
