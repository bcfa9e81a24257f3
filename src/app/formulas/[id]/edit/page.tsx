import type { Metadata } from 'next'
import { furnishedKitchen } from '@/app/furnished-kitchen'
import { orNotFound } from '@/app/or-not-found'
import { formula } from '@/server/formulas'
import { EditorPage } from '@/ui/formula/editor/editor-page'

export const metadata: Metadata = { title: 'Edit' }
export const dynamic = 'force-dynamic'

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  const [record, things] = await Promise.all([orNotFound(formula(id)), furnishedKitchen()])
  return <EditorPage id={id} revision={record.revision} formula={record.document} kitchen={things} />
}
