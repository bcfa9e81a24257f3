import type { Metadata } from 'next'
import { headers } from 'next/headers'
import { byIn, SECURE_HEADER } from '@/contract/door'
import { asksWho, hasPassphrase, screens } from '@/server/screens'
import { ScreensPage } from '@/ui/kitchen/screens-page'

export const metadata: Metadata = { title: 'Screens' }
export const dynamic = 'force-dynamic'

export default async function Page() {
  const [head, list, begun] = await Promise.all([headers(), screens(), hasPassphrase()])
  return (
    <ScreensPage
      open={asksWho()}
      begun={begun}
      secure={head.get(SECURE_HEADER) === '1'}
      mine={byIn(head)?.id ?? null}
      screens={list}
      now={Date.now()}
    />
  )
}
