import type { Metadata } from 'next'
import { findSchema } from '@/contract/logbook'
import { logbook, logbookFacets } from '@/server/logbook'
import { dueNow } from '@/server/reminders'
import { Link } from '@/ui/kit/link'
import { LogFiles } from '@/ui/logbook/log-files'
import { LogbookView } from '@/ui/logbook/logbook-page'

export const metadata: Metadata = { title: 'Logbook' }
export const dynamic = 'force-dynamic'

/** The log, or with `?practice` the cooks of practice: what was made on a clock that runs ahead teaches no batch. */
export default async function LogbookPage({ searchParams }: { searchParams: Promise<Record<string, unknown>> }) {
  const asked = await searchParams
  const practice = 'practice' in asked
  const shelf = practice ? 'practice' : 'log'
  const find = findSchema.parse(asked)
  const [page, facets, due] = await Promise.all([
    logbook(shelf, find),
    logbookFacets(shelf, find),
    practice ? [] : dueNow(new Date()),
  ])
  return (
    <div className="flex flex-col gap-4 p-4 lg:p-6">
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h1 className="casual text-page font-extrabold">{practice ? 'Practice' : 'Logbook'}</h1>
        <div className="flex flex-wrap items-center gap-x-2">
          {!practice && <LogFiles />}
          <Link
            href="/logbook/recall"
            className="inline-flex min-h-11 items-center px-3 text-body font-semibold hover:bg-sheet"
          >
            Recall
          </Link>
          <Link
            href={practice ? '/logbook' : '/logbook?practice'}
            className="inline-flex min-h-11 items-center text-body underline underline-offset-4"
          >
            {practice ? 'Back to the logbook' : 'Practice cooks'}
          </Link>
        </div>
      </div>
      <LogbookView first={page} find={find} facets={facets} practice={practice} due={due} />
    </div>
  )
}
