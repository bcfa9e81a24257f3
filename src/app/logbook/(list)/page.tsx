import type { Metadata } from 'next'
import { logbook } from '@/server/logbook'
import { Empty } from '@/ui/kit/state'
import { LogbookList } from '@/ui/logbook/logbook-list'

export const metadata: Metadata = { title: 'Logbook' }
export const dynamic = 'force-dynamic'

export default async function LogbookPage() {
  const page = await logbook()
  return (
    <div className="flex flex-col gap-5 p-4 lg:p-6">
      <h1 className="casual text-page font-extrabold">Logbook</h1>
      {page.entries.length > 0 ? (
        <LogbookList first={page} />
      ) : (
        <Empty
          title="No batch yet"
          text="Every batch you cook is kept here with its curve."
          href="/formulas"
          action="Choose a formula"
        />
      )}
    </div>
  )
}
