import { appendReadings, db } from '@/db'
import { boil, summarise, whole } from './cook'
import { nudge } from './log-watch'
import { offThread } from './long/off-thread'
import { unpacked } from './long/packed'

/** A cook as CSV: every reading, raw and as it is believed, and what was logged beside it. */
export async function cookAsCsv(id: string): Promise<string> {
  const [view, log] = await Promise.all([boil(id), whole(id)])
  return offThread('writeCookCsv', view, log)
}

/** A cook whole: the boil with all that is frozen about it, and its log. */
export async function cookAsJson(id: string): Promise<string> {
  const [view, log] = await Promise.all([boil(id), whole(id)])
  return offThread('writeCookJson', view, log)
}

/** Puts readings of another thermometer on a cook, their first at its first flame. The same file twice is one import. */
export async function importCookReadings(id: string, text: string): Promise<{ stored: number; skipped: number }> {
  const view = await boil(id)
  const { readings, skipped, file } = await offThread('readReadings', text)
  const start = Date.parse(view.startedAt)
  // the same file twice is one; another thermometer's is another, though it was read in the same moments
  const rows = unpacked(readings).map(([s, celsius], i) => ({
    id: `csv ${file} ${i}`,
    at: new Date(start + s * 1000),
    celsius,
  }))
  const stored = await appendReadings(db(), id, rows)
  if (stored > 0 && view.endedAt !== null) await summarise(id)
  nudge(`log ${id}`)
  return { stored, skipped }
}
