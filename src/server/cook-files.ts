import { createHash } from 'node:crypto'
import type { CookFile } from '@/contract/cook'
import { LONGEST_COOK_MS, recordOf } from '@/contract/events'
import { believed, importReadings } from '@/core'
import { appendReadings, db } from '@/db'
import { boil, everything, summarise } from './cook'
import { readCsv, writeCsv } from './csv'
import { nudge } from './log-watch'
import { Problem } from './problem'

/** A cook as CSV: every reading, raw and as it is believed, and what was logged beside it. */
export async function cookAsCsv(id: string): Promise<string> {
  const [view, log] = await Promise.all([boil(id), everything(id)])
  const start = Date.parse(view.startedAt)
  const { events, readings: raw } = recordOf(log, start)
  const put = believed(
    raw,
    events.filter((e) => e.type !== 'reads'),
    view.probe.thermometer ?? undefined,
  )
  const acts = log.acts.map((a) => [a.at, Date.parse(a.at) - start, '', '', JSON.stringify(a.act)] as const)
  const rows = raw.map((r, i) => {
    const ms = Math.round(r.at * 1000)
    return [new Date(start + ms).toISOString(), ms, r.celsius, put[i]?.celsius ?? r.celsius, ''] as const
  })
  return writeCsv(
    ['time', 'elapsed_s', 'celsius_raw', 'celsius', 'act'],
    [...rows, ...acts]
      .sort((a, b) => a[1] - b[1])
      .map(([time, ms, c, believedC, act]) => [
        time,
        (ms / 1000).toFixed(1),
        c,
        typeof believedC === 'number' ? Math.round(believedC * 100) / 100 : '',
        act,
      ]),
  )
}

/** A cook whole: the boil with all that is frozen about it, and its log. */
export const cookAsJson = async (id: string): Promise<CookFile> => ({
  boil: await boil(id),
  log: await everything(id),
})

/** ◊ A day of a probe that tells twice a second, and what was done beside it. */
const MOST = 200_000

/** Puts readings of another thermometer on a cook, their first at its first flame. The same file twice is one import. */
export async function importCookReadings(id: string, text: string): Promise<{ stored: number; skipped: number }> {
  const kept = 'Nothing was stored.'
  const view = await boil(id)
  const data = await readCsv(text, MOST)
  if (data.length > MOST) throw new Problem(413, `At most ${MOST} rows are taken`, kept)
  const found = importReadings(data)
  if ('problem' in found) throw new Problem(400, found.problem, kept)
  if ((found.readings.at(-1)?.at ?? 0) * 1000 > LONGEST_COOK_MS)
    throw new Problem(400, 'Its times span more than a week: no cook does', kept)
  const start = Date.parse(view.startedAt)
  // the same file twice is one; another thermometer's is another, though it was read in the same moments
  const file = createHash('sha256').update(text).digest('hex')
  const stored = await appendReadings(
    db(),
    id,
    found.readings.map((r, i) => ({
      id: `csv ${file} ${i}`,
      at: new Date(start + r.at * 1000),
      celsius: r.celsius,
    })),
  )
  if (stored > 0 && view.endedAt !== null) await summarise(id)
  nudge(`log ${id}`)
  return { stored, skipped: found.skipped }
}
