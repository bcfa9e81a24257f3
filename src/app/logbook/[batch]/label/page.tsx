import type { Metadata } from 'next'
import { orNotFound } from '@/app/or-not-found'
import { batchLabel } from '@/server/stock'
import { LabelPage } from '@/ui/logbook/label/label-page'

export const metadata: Metadata = { title: 'Label' }
export const dynamic = 'force-dynamic'

export default async function Page({ params }: { params: Promise<{ batch: string }> }) {
  const { batch } = await params
  return <LabelPage data={await orNotFound(batchLabel(batch))} />
}
