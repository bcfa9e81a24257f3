import type { Metadata } from 'next'
import { blankFormula } from '@/core'
import { kitchen } from '@/server/kitchen'
import { EditorPage } from '@/ui/formula/editor/editor-page'
import { isFurnished } from '@/ui/formula/kitchen'
import { Unfurnished } from '@/ui/kit/unfurnished'

export const metadata: Metadata = { title: 'New formula' }
export const dynamic = 'force-dynamic'

export default async function Page() {
  const things = await kitchen()
  if (!isFurnished(things)) return <Unfurnished />
  return <EditorPage id={null} revision={0} formula={blankFormula} kitchen={things} />
}
