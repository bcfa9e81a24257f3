import type { Metadata } from 'next'
import { orNotFound } from '@/app/or-not-found'
import { potsBeside } from '@/server/batches'
import { kitchen } from '@/server/kitchen'
import { StovePage } from '@/ui/stove/stove-page'

export const metadata: Metadata = { title: 'Cooking' }
export const dynamic = 'force-dynamic'

export default async function Page({ params }: { params: Promise<{ boil: string }> }) {
  const { boil: id } = await params
  const [{ shade }, pots] = await Promise.all([kitchen(), orNotFound(potsBeside(id, new Date()))])
  return <StovePage key={id} pots={pots} shades={shade} />
}
