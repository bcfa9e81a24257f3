/** What is made of a cook's whole log, however long it is. */
import { createHash } from 'node:crypto'
import type { BoilView, CookFile, Frame } from '@/contract/cook'
import { LONGEST_COOK_MS, recordOf } from '@/contract/events'
import { assessCook, believed, importReadings, summaryOf, traitsOf } from '@/core'
import { Problem } from '../problem'
import { readCsv, writeCsv } from './csv'
import { type Packed, packed, unpacked } from './packed'

/** A cook's log as it is handed on. */
export type WholeLog = Omit<Frame, 'readings'> & { readonly readings: Packed }
type Told = Pick<WholeLog, 'acts' | 'readings'>

const recordIn = ({ acts, readings }: Told, startedAt: number) =>
  recordOf({ acts, readings: unpacked(readings) }, startedAt)

/** What lists show of a boil, and what it is compared by. */
export function sumUpLog(view: BoilView, log: Told) {
  const record = recordIn(log, Date.parse(view.startedAt))
  const now = Math.max(0, record.events.at(-1)?.at ?? 0)
  const assessment = assessCook(view, record, now)
  return { ...summaryOf(assessment), traits: traitsOf(assessment) }
}

/** A cook as CSV: every reading, raw and as it is believed, and what was logged beside it. */
export function writeCookCsv(view: BoilView, log: Told): string {
  const start = Date.parse(view.startedAt)
  const { events, readings: raw } = recordIn(log, start)
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

/** A cook whole as JSON: the boil with all that is frozen about it, and its log. */
export const writeCookJson = (boil: BoilView, log: WholeLog): string =>
  JSON.stringify({ boil, log: { ...log, readings: unpacked(log.readings) } } satisfies CookFile, null, 1)

/** ◊ A day of a probe that tells twice a second, and what was done beside it. */
const MOST_ROWS = 200_000
const KEPT = 'Nothing was stored.'

/** Readings of another thermometer's file, s from its first; and what tells the file from any other. @throws Problem */
export function readReadings(text: string): { readings: Packed; skipped: number; file: string } {
  const rows = readCsv(text, MOST_ROWS)
  if (rows.length > MOST_ROWS) throw new Problem(413, `At most ${MOST_ROWS} rows are taken`, KEPT)
  const found = importReadings(rows)
  if ('problem' in found) throw new Problem(400, found.problem, KEPT)
  if ((found.readings.at(-1)?.at ?? 0) * 1000 > LONGEST_COOK_MS)
    throw new Problem(400, 'Its times span more than a week: no cook does', KEPT)
  return {
    readings: packed(found.readings.map((r) => [r.at, r.celsius])),
    skipped: found.skipped,
    file: createHash('sha256').update(text).digest('hex'),
  }
}
