import type { Metadata } from 'next'
import { redirect } from 'next/navigation'
import { asksWho, hasPassphrase } from '@/server/screens'
import { SignInPage } from '@/ui/shell/sign-in-page'

export const metadata: Metadata = { title: 'Sign in' }
export const dynamic = 'force-dynamic'

export default async function Page({ searchParams }: { searchParams: Promise<{ code?: string | string[] }> }) {
  if (!asksWho()) redirect('/stove')
  const { code } = await searchParams
  return <SignInPage begun={await hasPassphrase()} code={typeof code === 'string' ? code : ''} />
}
