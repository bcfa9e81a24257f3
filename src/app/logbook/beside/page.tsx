import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { orNotFound } from '@/app/or-not-found'
import { besideSchema } from '@/contract/logbook'
import { beside } from '@/server/beside'
import { BesidePage } from '@/ui/logbook/beside/beside-page'

export const metadata: Metadata = { title: 'Side by side' }
export const dynamic = 'force-dynamic'

export default async function Page({ searchParams }: { searchParams: Promise<Record<string, unknown>> }) {
  const asked = besideSchema.safeParse(await searchParams)
  if (!asked.success) notFound()
  return <BesidePage data={await orNotFound(beside(asked.data.ids, asked.data.after))} after={asked.data.after} />
}
