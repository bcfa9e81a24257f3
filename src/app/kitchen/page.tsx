import type { Metadata } from 'next'
import { kitchen } from '@/server/kitchen'
import { KitchenPage } from '@/ui/kitchen/kitchen-page'

export const metadata: Metadata = { title: 'Kitchen' }
export const dynamic = 'force-dynamic'

export default async function Page() {
  return <KitchenPage kitchen={await kitchen()} now={Date.now()} />
}
