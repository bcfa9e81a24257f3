import Papa from 'papaparse'
import type { CookFile } from '@/contract/cook'
import { recordOf } from '@/contract/events'
import { believed, importReadings } from '@/core'
import { appendReadings, db } from '@/db'
import { boil, everything, summarise } from './cook'
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
  return Papa.unparse({
    fields: ['time', 'elapsed_s', 'celsius_raw', 'celsius', 'act'],
    data: [...rows, ...acts]
      .sort((a, b) => a[1] - b[1])
      .map(([time, ms, c, believedC, act]) => [
        time,
        (ms / 1000).toFixed(1),
        c,
        typeof believedC === 'number' ? believedC.toFixed(2) : '',
        act,
      ]),
  })
}

/** A cook whole: the boil with all that is frozen about it, and its log. */
export const cookAsJson = async (id: string): Promise<CookFile> => ({
  boil: await boil(id),
  log: await everything(id),
})

const MOST = 100_000

/** Puts readings of another thermometer on a cook, their first at its first flame. The same file twice is one import. */
export async function importCookReadings(id: string, text: string): Promise<{ stored: number; skipped: number }> {
  const kept = 'Nothing was stored.'
  const view = await boil(id)
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' })
  if (data.length > MOST) throw new Problem(413, `At most ${MOST} rows are taken, not ${data.length}`, kept)
  const found = importReadings(data)
  if ('problem' in found) throw new Problem(400, found.problem, kept)
  const start = Date.parse(view.startedAt)
  const stored = await appendReadings(
    db(),
    id,
    found.readings.map((r) => ({
      id: `csv-${id}-${Math.round(r.at * 10)}`.slice(0, 40),
      at: new Date(start + r.at * 1000),
      celsius: r.celsius,
    })),
  )
  if (stored > 0 && view.endedAt !== null) await summarise(id)
  nudge(`log ${id}`)
  return { stored, skipped: found.skipped }
}
