'use client'

import { useRouter } from 'next/navigation'
import { ulid } from 'ulid'
import type { KitchenFacts, KitchenKind } from '@/contract/kitchen'
import { send } from '@/ui/kit/send'

/** Keeping and dropping things; the page is drawn anew with what the server then has. */
export function useThings() {
  const router = useRouter()
  return {
    async keep<K extends KitchenKind>(kind: K, id: string | null, facts: KitchenFacts<K>): Promise<void> {
      await send('PUT', `/api/kitchen/${kind}/${id ?? ulid().toLowerCase()}`, facts)
      router.refresh()
    },
    async drop(kind: KitchenKind, id: string): Promise<void> {
      await send('DELETE', `/api/kitchen/${kind}/${id}`)
      router.refresh()
    },
  }
}
