'use client'

import { useState } from 'react'
import { Fetched, later } from '@/ui/kit/fetched'
import { useKeys } from '@/ui/kit/keys'

// drawn only once it is asked for: no page waits for it
const KEYS_SHEET = later(() => import('./keys-sheet'))

/** `?` shows every key of the product. */
export function KeysOverlay() {
  const [open, setOpen] = useState(false)
  useKeys({ help: () => setOpen(true) })
  return open ? <Fetched of={KEYS_SHEET}>{(KeysSheet) => <KeysSheet onClose={() => setOpen(false)} />}</Fetched> : null
}
