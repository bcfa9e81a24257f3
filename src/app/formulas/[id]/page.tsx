import type { Metadata } from 'next'
import { orNotFound } from '@/app/or-not-found'
import { mainBoil } from '@/core'
import { formula } from '@/server/formulas'
import { kitchen } from '@/server/kitchen'
import { adviceFor } from '@/server/logbook'
import { FormulaPage } from '@/ui/formula/formula-page'
import { isFurnished } from '@/ui/formula/kitchen'
import { Unfurnished } from '@/ui/kit/unfurnished'

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
  const boiled = mainBoil(record.document)
  const advice = boiled && boiled === record.document ? await adviceFor(id, boiled.target.celsius) : null
  if (!isFurnished(equipment)) return <Unfurnished />
  return (
    <FormulaPage id={id} revision={record.revision} formula={record.document} kitchen={equipment} advice={advice} />
  )
}
