'use client'

import { lazy, Suspense, useState } from 'react'
import { useKeys } from '@/ui/kit/keys'

// drawn only once it is asked for: no page waits for it
const KeysSheet = lazy(() => import('./keys-sheet'))

/** `?` shows every key of the product. */
export function KeysOverlay() {
  const [open, setOpen] = useState(false)
  useKeys({ help: () => setOpen(true) })
  return open ? (
    <Suspense>
      <KeysSheet onClose={() => setOpen(false)} />
    </Suspense>
  ) : null
}
