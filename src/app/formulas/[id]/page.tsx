import type { Metadata } from 'next'
import { furnishedKitchen } from '@/app/furnished-kitchen'
import { orNotFound } from '@/app/or-not-found'
import { mainBoil } from '@/core'
import { formula } from '@/server/formulas'
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
  const [record, equipment] = await Promise.all([orNotFound(formula(id)), furnishedKitchen()])
  const boiled = mainBoil(record.document)
  const advice = boiled && boiled === record.document ? await adviceFor(id, boiled.target.celsius) : null
  return (
    <FormulaPage id={id} revision={record.revision} formula={record.document} kitchen={equipment} advice={advice} />
  )
}
