import type { Metadata } from 'next'
import { recallSchema } from '@/contract/stock'
import { recall } from '@/server/stock'
import { RecallPage } from '@/ui/logbook/recall-page'

export const metadata: Metadata = { title: 'Recall' }
export const dynamic = 'force-dynamic'

export default async function Page({ searchParams }: { searchParams: Promise<Record<string, unknown>> }) {
  const { code } = recallSchema.parse(await searchParams)
  return <RecallPage code={code} found={await recall(code)} />
}
