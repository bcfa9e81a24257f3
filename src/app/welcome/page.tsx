import type { Metadata } from 'next'
import { kitchen } from '@/server/kitchen'
import { WelcomePage } from '@/ui/kitchen/welcome-page'

export const metadata: Metadata = { title: 'Welcome' }
export const dynamic = 'force-dynamic'

export default async function Page() {
  return <WelcomePage kitchen={await kitchen()} now={Date.now()} />
}
