import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { furnishedKitchen } from '@/app/furnished-kitchen'
import { orNotFound } from '@/app/or-not-found'
import { isBoiled } from '@/core'
import { formula } from '@/server/formulas'
import { pricesIn } from '@/server/stock'
import { BalancePage } from '@/ui/formula/balance/balance-page'

export const metadata: Metadata = { title: 'Balance' }
export const dynamic = 'force-dynamic'

/** Only what is boiled as a whole can be balanced: parts are balanced as formulas of their own. */
export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  const [record, kitchen] = await Promise.all([orNotFound(formula(id)), furnishedKitchen()])
  if (!isBoiled(record.document)) notFound()
  return (
    <BalancePage
      id={id}
      revision={record.revision}
      formula={record.document}
      kitchen={kitchen}
      perKg={pricesIn(kitchen).perKg}
      currency={kitchen.house[0]?.currency ?? ''}
    />
  )
}
