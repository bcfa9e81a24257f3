import type { Metadata } from 'next'
import { orNotFound } from '@/app/or-not-found'
import { boil, snapshot } from '@/server/cook'
import { CookPage } from '@/ui/stove/cook-page'

export const metadata: Metadata = { title: 'Cooking' }
export const dynamic = 'force-dynamic'

export default async function Page({ params }: { params: Promise<{ boil: string }> }) {
  const { boil: id } = await params
  const view = await orNotFound(boil(id))
  return <CookPage key={id} boil={view} first={await snapshot(id)} />
}
