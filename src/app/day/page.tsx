import type { Metadata } from 'next'
import { cookies } from 'next/headers'
import { notFound } from 'next/navigation'
import { furnishedKitchen } from '@/app/furnished-kitchen'
import { ofDay } from '@/contract/day'
import { dayOf } from '@/server/day'
import { DayPage } from '@/ui/day/day-page'
import { dateIn } from '@/words'

export const metadata: Metadata = { title: 'Day' }
export const dynamic = 'force-dynamic'

/** The day of `?date=`, or today where the reader is. */
export default async function Page({ searchParams }: { searchParams: Promise<Record<string, unknown>> }) {
  await furnishedKitchen()
  const zone = (await cookies()).get('zone')?.value ?? 'UTC'
  const asked = ofDay.safeParse({ date: (await searchParams).date ?? dateIn(zone, Date.now()) })
  if (!asked.success) notFound()
  const view = await dayOf(asked.data.date)
  return <DayPage key={view.date} view={view} />
}
