import type { Metadata } from 'next'
import { orNotFound } from '@/app/or-not-found'
import { batchStory } from '@/server/logbook'
import { Story } from '@/ui/logbook/story'

export const metadata: Metadata = { title: 'Batch' }
export const dynamic = 'force-dynamic'

export default async function Page({ params }: { params: Promise<{ batch: string }> }) {
  const { batch } = await params
  return <Story story={await orNotFound(batchStory(batch))} />
}
