import type { Metadata } from 'next'
import { orNotFound } from '@/app/or-not-found'
import { revisions } from '@/server/formulas'
import { kitchen } from '@/server/kitchen'
import { isFurnished } from '@/ui/formula/kitchen'
import { Revisions } from '@/ui/formula/revisions'
import { Unfurnished } from '@/ui/kit/unfurnished'

export const metadata: Metadata = { title: 'Revisions' }
export const dynamic = 'force-dynamic'

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  const [records, things] = await Promise.all([orNotFound(revisions(id)), kitchen()])
  if (!isFurnished(things)) return <Unfurnished />
  return (
    <Revisions
      id={id}
      kitchen={things}
      revisions={records.map(({ revision, createdAt, document }) => ({
        revision,
        createdAt: createdAt.toISOString(),
        document,
      }))}
    />
  )
}
