import type { Metadata } from 'next'
import { orNotFound } from '@/app/or-not-found'
import { formula } from '@/server/formulas'
import { kitchen } from '@/server/kitchen'
import { adviceFor } from '@/server/logbook'
import { FormulaPage } from '@/ui/formula/formula-page'

export const dynamic = 'force-dynamic'

interface Props {
  params: Promise<{ id: string }>
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { id } = await params
  return { title: (await orNotFound(formula(id))).document.name }
}

export default async function Page({ params }: Props) {
  const { id } = await params
  const [record, equipment] = await Promise.all([orNotFound(formula(id)), kitchen()])
  const advice = await adviceFor(id, record.document.target.celsius)
  return (
    <FormulaPage id={id} revision={record.revision} formula={record.document} kitchen={equipment} advice={advice} />
  )
}
