'use client'

import type { Pull } from '@/contract/logbook'
import { inCelsiusStep } from '@/core'
import { linear } from '@/ui/chart/scale'
import { Link } from '@/ui/kit/link'
import { useSay, useTime } from '@/ui/shell/preferences'

const HEIGHT = 92
/** °C either side that the picture has room for at least. */
const LEAST = 3

interface Props {
  readonly pulls: readonly Pull[]
  /** The batch it is about. */
  readonly here: string
}

/** Where a maker pulled, against the target: a run of dots in its band, each a way to its batch. */
export function PullRun({ pulls, here }: Props) {
  const say = useSay()
  const time = useTime()
  const read = pulls.flatMap((p) => (p.off === null ? [] : [{ ...p, off: p.off }]))
  if (read.length < 2) return null
  const within = read.at(-1)?.within ?? 1
  const most = Math.max(LEAST, within * 1.5, ...read.map((p) => Math.min(12, Math.abs(p.off))))
  const y = linear([-most, most], [HEIGHT - 10, 10])
  const place = (i: number): number => (100 * (i + 0.5)) / read.length
  const inside = read.toReversed().findIndex((p) => Math.abs(p.off) > p.within)
  const steady = inside < 0 ? read.length : inside
  return (
    <section aria-labelledby="run" className="sheet px-5 py-3">
      <h2 id="run" className="text-main font-bold">
        Where you pulled, against the target{' '}
        <span className="font-normal text-muted">
          {read.length} batches
          {steady > 1 && `; the last ${steady} within ${say.step(inCelsiusStep(within))}`}
        </span>
      </h2>
      <div className="relative mt-1" style={{ height: HEIGHT }}>
        <div
          className="absolute inset-x-0 bg-angelica/15"
          style={{ top: y(within), height: y(-within) - y(within) }}
          aria-hidden
        />
        <div className="absolute inset-x-0 border-t-2 border-angelica" style={{ top: y(0) }} aria-hidden />
        <ul>
          {read.map((p, i) => {
            const said = `${time(p.startedAt, 'brief')}: ${say.step(inCelsiusStep(Math.abs(p.off)))} ${p.off >= 0 ? 'past' : 'short'}`
            const out = Math.abs(p.off) > p.within
            return (
              <li key={p.id}>
                <Link
                  href={`/logbook/${p.id}`}
                  aria-label={said}
                  title={said}
                  aria-current={p.id === here || undefined}
                  className={`absolute -translate-x-1/2 -translate-y-1/2 rounded-full ${p.id === here ? 'size-5 bg-cherry' : out ? 'size-4 border-3 border-cherry bg-sheet' : 'size-3.5 bg-angelica'}`}
                  style={{ left: `${place(i)}%`, top: y(Math.max(-most, Math.min(most, p.off))) }}
                />
              </li>
            )
          })}
        </ul>
      </div>
    </section>
  )
}
