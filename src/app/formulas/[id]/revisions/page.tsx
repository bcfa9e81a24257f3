import type { Metadata } from 'next'
import { furnishedKitchen } from '@/app/furnished-kitchen'
import { orNotFound } from '@/app/or-not-found'
import { revisions } from '@/server/formulas'
import { Revisions } from '@/ui/formula/revisions'

export const metadata: Metadata = { title: 'Revisions' }
export const dynamic = 'force-dynamic'

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  const [records, things] = await Promise.all([orNotFound(revisions(id)), furnishedKitchen()])
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
