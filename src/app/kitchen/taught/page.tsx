import type { Metadata } from 'next'
import { taught } from '@/server/taught'
import { TaughtPage } from '@/ui/kitchen/taught-page'

export const metadata: Metadata = { title: 'What the kitchen has taught' }
export const dynamic = 'force-dynamic'

export default async function Page() {
  return <TaughtPage taught={await taught(new Date())} />
}
