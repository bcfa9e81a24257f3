import type { Metadata } from 'next'
import { furnishedKitchen } from '@/app/furnished-kitchen'
import { blankFormula, withUsualFinish } from '@/core'
import { EditorPage } from '@/ui/formula/editor/editor-page'

export const metadata: Metadata = { title: 'New formula' }
export const dynamic = 'force-dynamic'

export default async function Page() {
  const things = await furnishedKitchen()
  return <EditorPage id={null} revision={0} formula={withUsualFinish(blankFormula)} kitchen={things} />
}
