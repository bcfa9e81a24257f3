import type { Metadata } from 'next'
import Link from 'next/link'
import { logbook } from '@/server/logbook'
import { Empty } from '@/ui/kit/state'
import { LogbookList } from '@/ui/logbook/logbook-list'

export const metadata: Metadata = { title: 'Logbook' }
export const dynamic = 'force-dynamic'

/** The log, or with `?practice` the cooks of practice: what was made on a clock that runs ahead teaches no batch. */
export default async function LogbookPage({ searchParams }: { searchParams: Promise<Record<string, unknown>> }) {
  const practice = 'practice' in (await searchParams)
  const page = await logbook(practice)
  return (
    <div className="flex flex-col gap-5 p-4 lg:p-6">
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h1 className="casual text-page font-extrabold">{practice ? 'Practice' : 'Logbook'}</h1>
        <Link
          href={practice ? '/logbook' : '/logbook?practice'}
          className="inline-flex min-h-11 items-center text-main underline underline-offset-4"
        >
          {practice ? 'Back to the logbook' : 'Practice cooks'}
        </Link>
      </div>
      {page.entries.length > 0 ? (
        <LogbookList key={practice ? 'practice' : 'log'} first={page} practice={practice} />
      ) : (
        <Empty
          title={practice ? 'No practice yet' : 'No batch yet'}
          text={
            practice
              ? 'A practice clock runs ten or sixty times as fast; it is chosen when a batch is started.'
              : 'Every batch you cook is kept here with its curve.'
          }
          href="/formulas"
          action="Choose a formula"
        />
      )}
    </div>
  )
}
