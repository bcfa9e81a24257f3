'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import type { BatchStock, LotChoice } from '@/contract/stock'
import { inGrams } from '@/core'
import { Link } from '@/ui/kit/link'
import { NumberField } from '@/ui/kit/number-field'
import { send } from '@/ui/kit/send'
import { useSay } from '@/ui/shell/preferences'
import { sayDate } from '@/words'

interface Props {
  readonly batch: string
  readonly stock: BatchStock
}

/** What a batch cost, and of which lots it was made. */
export function Stock({ batch, stock }: Props) {
  return (
    <section aria-labelledby="stock" className="sheet flex flex-col gap-3 p-5">
      <div className="flex flex-wrap items-baseline justify-between gap-2">
        <h2 id="stock" className="casual text-title font-bold">
          Cost and lots
        </h2>
        <Link
          href={`/logbook/${batch}/label`}
          className="min-h-9 content-center text-body underline underline-offset-4"
        >
          Label
        </Link>
      </div>
      <Costs stock={stock} />
      <Lots batch={batch} stock={stock} />
    </section>
  )
}

function Costs({ stock: { costing, currency, minutes } }: Pick<Props, 'stock'>) {
  const [price, setPrice] = useState<number | null>(null)
  const money = (n: number): string => `${currency}${currency ? '\u202f' : ''}${n.toFixed(2)}`
  const rows = [
    ['Ingredients', costing.ingredients],
    ['Energy', costing.energy],
    ['Wrapping', costing.wrapping],
    [`Work, ${Math.round(minutes)} min`, costing.work],
  ] as const
  const dearest = costing.lines.filter((l) => l.cost).slice(0, 3)
  return (
    <div className="text-body">
      <dl className="grid grid-cols-[1fr_auto] gap-x-4">
        {rows.map(([label, n]) => (
          <div key={label} className="contents">
            <dt className="text-muted">{label}</dt>
            <dd className="figures text-right">{money(n)}</dd>
          </div>
        ))}
        <dt className="border-t border-line font-bold">In all</dt>
        <dd className="figures border-t border-line text-right font-bold">{money(costing.total)}</dd>
        <dt>A piece</dt>
        <dd className="figures text-right">{costing.perPiece === null ? 'none made' : money(costing.perPiece)}</dd>
      </dl>
      {dearest.length > 0 && (
        <p className="mt-1 text-small text-muted">
          Dearest: {dearest.map((l) => `${l.name} ${money(l.cost ?? 0)}`).join(', ')}.
          {costing.unpriced.length > 0 && ` Without a price: ${costing.unpriced.join(', ')}.`}
        </p>
      )}
      {costing.perPiece !== null && (
        <NumberField
          label="Sold for, a piece"
          value={price}
          onValue={setPrice}
          onEmpty={() => setPrice(null)}
          className="mt-2"
        />
      )}
      {price !== null && price > 0 && costing.perPiece !== null && (
        <p className="mt-1 text-small">
          {price > costing.perPiece
            ? `Margin ${Math.round((100 * (price - costing.perPiece)) / price)} %. The batch is paid for after ${Math.ceil(costing.total / price)} pieces.`
            : `Below what it costs: ${money(costing.perPiece - price)} lost a piece.`}
        </p>
      )}
    </div>
  )
}

function Lots({ batch, stock: { lots, loose } }: Props) {
  const say = useSay()
  const router = useRouter()
  const [problem, setProblem] = useState<string | null>(null)
  const taken = lots.filter((l) => l.taken > 0).length
  if (lots.length === 0) return <p className="text-small text-muted">The kitchen keeps no lots of what is in it.</p>
  const set = async (lot: LotChoice, grams: number): Promise<void> => {
    const uses = lots
      .map((l) => ({ lot: l.lot, grams: l.lot === lot.lot ? grams : l.taken }))
      .filter((u) => u.grams > 0)
    try {
      await send('PUT', `/api/batches/${batch}/lots`, { uses })
      setProblem(null)
      router.refresh()
    } catch (error) {
      setProblem((error as Error).message)
    }
  }
  return (
    <details className="text-small">
      <summary className="min-h-9 cursor-pointer content-center text-body">
        {taken} {taken === 1 ? 'lot' : 'lots'} taken down
        {loose.length > 0 && `, ${loose.length} of no lot`}
      </summary>
      <ul>
        {lots.map((l) => (
          <li
            key={l.lot}
            className="grid grid-cols-[1fr_104px] items-center gap-3 border-b border-line py-1.5 last:border-0"
          >
            <span>
              <span className="block font-semibold">{l.name}</span>
              <Link href={`/logbook/recall?code=${encodeURIComponent(l.code)}`} className="underline">
                {l.code}
              </Link>
              {l.bestBefore && ` · ${sayDate(l.bestBefore)}`} ·{' '}
              {l.left - l.taken < 0 ? (
                <strong className="text-cherry">{say.weight(inGrams(l.taken - l.left))} below nothing</strong>
              ) : (
                `${say.weight(inGrams(l.left - l.taken))} left`
              )}
            </span>
            <NumberField
              label={`Taken of ${l.name}`}
              hiddenLabel
              small
              as="weight"
              value={l.taken}
              onValue={(grams) => void set(l, grams)}
            />
          </li>
        ))}
      </ul>
      {problem && (
        <p role="alert" className="text-cherry">
          {problem}
        </p>
      )}
    </details>
  )
}
