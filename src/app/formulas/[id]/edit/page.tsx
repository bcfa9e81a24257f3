import type { Metadata } from 'next'
import { orNotFound } from '@/app/or-not-found'
import { formula } from '@/server/formulas'
import { kitchen } from '@/server/kitchen'
import { EditorPage } from '@/ui/formula/editor/editor-page'
import { isFurnished } from '@/ui/formula/kitchen'
import { Unfurnished } from '@/ui/kit/unfurnished'

export const metadata: Metadata = { title: 'Edit' }
export const dynamic = 'force-dynamic'

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  const [record, things] = await Promise.all([orNotFound(formula(id)), kitchen()])
  if (!isFurnished(things)) return <Unfurnished />
  return <EditorPage id={id} revision={record.revision} formula={record.document} kitchen={things} />
}
