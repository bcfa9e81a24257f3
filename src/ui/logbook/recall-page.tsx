'use client'

import { Printer } from 'lucide-react'
import type { LotTaken, Recall } from '@/contract/stock'
import { inGrams } from '@/core'
import { BackLink } from '@/ui/kit/back-link'
import { Button } from '@/ui/kit/button'
import { Link } from '@/ui/kit/link'
import { useSay, useTime } from '@/ui/shell/preferences'
import { formatCount } from '@/words'

interface Props {
  readonly code: string
  readonly found: Recall
}

/** From a code on a pack to every batch that had of it; from a code on a label to every pack that was in it. To be printed. */
export function RecallPage({ code, found }: Props) {
  return (
    <div className="flex flex-col gap-4 p-4 lg:p-6">
      <header className="flex flex-wrap items-end justify-between gap-3 print:hidden">
        <div>
          <BackLink href="/logbook">Logbook</BackLink>
          <h1 className="casual text-page leading-none font-extrabold">Recall</h1>
        </div>
        {found.of !== 'nothing' && (
          <Button onClick={() => window.print()}>
            <Printer size={18} aria-hidden className="mr-2 inline" />
            Print
          </Button>
        )}
      </header>
      <form
        action="/logbook/recall"
        className="flex flex-wrap items-center gap-3 rounded-sheet bg-bar px-5 py-3 text-title text-on-bar print:hidden"
      >
        <label htmlFor="code">What does the code</label>
        <input
          id="code"
          name="code"
          defaultValue={code}
          maxLength={200}
          placeholder="on a pack, or on a label"
          className="min-h-11 w-[280px] max-w-full rounded-control bg-slot px-3 text-lead text-on-slot placeholder:text-slot-muted"
        />
        <span>lead to?</span>
        <Button type="submit" look="primary">
          Follow it
        </Button>
      </form>
      <Found code={code} found={found} />
    </div>
  )
}

/** Where a code leads nowhere: the lots that batches had of, each a way on. */
function Offered({ code, lots }: { readonly code: string; readonly lots: readonly LotTaken[] }) {
  const say = useSay()
  return (
    <>
      <p className="text-main text-muted">
        {code === ''
          ? 'Lots are kept in the kitchen; each batch takes them down.'
          : `No batch and no lot has the code “${code}”.`}
      </p>
      {lots.length > 0 && (
        <section aria-labelledby="lots-taken" className="sheet p-5">
          <h2 id="lots-taken" className="casual text-head font-bold">
            Batches had of these
          </h2>
          <ul className="mt-3 grid grid-cols-[repeat(auto-fill,minmax(230px,1fr))] gap-2">
            {lots.map((l) => (
              <li key={l.lot}>
                <Link
                  href={`/logbook/recall?code=${encodeURIComponent(l.code)}`}
                  className="flex h-full min-h-16 flex-col justify-center rounded-control bg-marble px-4 py-2 hover:brightness-95"
                >
                  <span className="casual text-main font-bold">{l.name}</span>
                  <span className="text-small text-muted">
                    <span className="figures">{l.code}</span> · {say.weight(inGrams(l.taken))} of{' '}
                    {say.weight(inGrams(l.grams))}
                  </span>
                </Link>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  )
}

function Found({ code, found }: Props) {
  const say = useSay()
  const time = useTime()
  if (found.of === 'nothing') return <Offered code={code} lots={found.lots} />
  if (found.of === 'lot')
    return (
      <section className="sheet p-5">
        <h2 className="casual text-head font-bold">
          {found.batches.length} {found.batches.length === 1 ? 'batch' : 'batches'} had of {found.name}
        </h2>
        <p className="text-body text-muted">Code {code}</p>
        <table className="mt-3 w-full text-body">
          <thead className="text-left text-small text-muted">
            <tr>
              <th className="py-1 font-normal">Batch</th>
              <th className="font-normal">Code on its label</th>
              <th className="font-normal">Made</th>
              <th className="text-right font-normal">Pieces</th>
              <th className="text-right font-normal">Of the lot</th>
            </tr>
          </thead>
          <tbody>
            {found.batches.map((b) => (
              <tr key={b.batch} className="border-t border-line">
                <td className="py-2">
                  <Link href={`/logbook/${b.batch}`} className="font-semibold underline underline-offset-4">
                    {b.name}
                  </Link>
                </td>
                <td className="figures">{b.code}</td>
                <td>{time(b.startedAt, 'date')}</td>
                <td className="figures text-right">{formatCount(b.pieces)}</td>
                <td className="figures text-right">{say.weight(inGrams(b.grams))}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <p className="mt-3 text-body">
          {formatCount(found.batches.reduce((sum, b) => sum + b.pieces, 0))} pieces,{' '}
          {say.weight(inGrams(found.batches.reduce((sum, b) => sum + b.outGrams, 0)))} in all. Whom to tell, and how
          soon, is for the food authority of the place to say.
        </p>
      </section>
    )
  return (
    <section className="sheet p-5">
      <h2 className="casual text-head font-bold">
        <Link href={`/logbook/${found.id}`} className="underline underline-offset-4">
          {found.name}
        </Link>
        , {time(found.startedAt, 'date')}
      </h2>
      <p className="text-body text-muted">Code {code.toUpperCase()}</p>
      <table className="mt-3 w-full text-body">
        <thead className="text-left text-small text-muted">
          <tr>
            <th className="py-1 font-normal">What was in it</th>
            <th className="font-normal">Code on the pack</th>
            <th className="text-right font-normal">Weight</th>
          </tr>
        </thead>
        <tbody>
          {found.lots.map((l) => (
            <tr key={`${l.name} ${l.code}`} className="border-t border-line">
              <td className="py-2 font-semibold">{l.name}</td>
              <td>
                <Link
                  href={`/logbook/recall?code=${encodeURIComponent(l.code)}`}
                  className="figures underline underline-offset-4"
                >
                  {l.code}
                </Link>
              </td>
              <td className="figures text-right">{say.weight(inGrams(l.grams))}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {found.loose.length > 0 && <p className="mt-3 text-body">Of no lot that is known: {found.loose.join(', ')}.</p>}
    </section>
  )
}
