/** Readings from another thermometer's file: whatever its columns are called, seconds from the start and °C. */
import { toCelsius } from '../quantity/temperature'
import type { Reading } from './readings'

export type ImportedReadings =
  | { readonly readings: readonly Reading[]; readonly skipped: number; readonly unit: 'C' | 'F' }
  | { readonly problem: string }

const TIME = /^(?:time|timestamp|date.?time|date|elapsed|seconds?|secs?|minutes?|mins?|t|zeit)\b/i
const TEMPERATURE = /(?:temp|°|º|celsius|fahrenheit|^c$|^f$|probe|reading|value)/i
const FAHRENHEIT = /(?:°\s*f|º\s*f|fahrenheit|\(f\)|_f$|\bf$|deg ?f)/i
const CELSIUS = /(?:°\s*c|º\s*c|celsius|\(c\)|_c$|\bc$|deg ?c)/i

/** ◊ A kitchen thermometer that shows more than this meant Fahrenheit. */
const HOTTEST_C = 220
/** Hotter and colder than any sugar work is no reading. */
const sane = (celsius: number): boolean => celsius >= -50 && celsius <= 400

/** "1:02:30", "12:30", "75", an ISO time or "2026-11-25 10:00:03"; in s, absolute where a date is in it. */
function timeOf(text: string, header: string): { readonly s: number; readonly absolute: boolean } | null {
  const t = text.trim()
  const clock = /^(?:(\d+):)?(\d{1,2}):(\d{2}(?:[.,]\d+)?)$/.exec(t)
  if (clock)
    return {
      s: 3600 * Number(clock[1] ?? 0) + 60 * Number(clock[2]) + Number((clock[3] as string).replace(',', '.')),
      absolute: false,
    }
  if (/^-?\d+(?:[.,]\d+)?$/.test(t)) {
    const n = Number(t.replace(',', '.'))
    // an epoch, in ms or s
    if (n > 1e11) return { s: n / 1000, absolute: true }
    if (n > 1e9) return { s: n, absolute: true }
    return { s: /min/i.test(header) ? 60 * n : n, absolute: false }
  }
  const date = Date.parse(
    /^\d{4}-\d\d-\d\d[ T]/.test(t) && !/[zZ]|[+-]\d\d:?\d\d$/.test(t) ? `${t.replace(' ', 'T')}Z` : t,
  )
  return Number.isNaN(date) ? null : { s: date / 1000, absolute: true }
}

/**
 * Readings in rows of cells, the first row naming the columns (or none, with time and temperature in that order).
 * Times count from the first reading; rows that cannot be read are skipped and counted.
 */
export function importReadings(rows: readonly (readonly string[])[]): ImportedReadings {
  const [head, ...rest] = rows
  if (!head || head.length < 2) return { problem: 'There have to be two columns at least: time and temperature' }
  const named = head.some((h) => /[a-z°]/i.test(h) && timeOf(h, '') === null)
  const body = named ? rest : rows
  const timeAt = named ? head.findIndex((h) => TIME.test(h.trim())) : 0
  const tempAt = named ? head.findIndex((h, i) => i !== timeAt && TEMPERATURE.test(h.trim())) : 1
  if (timeAt < 0) return { problem: `No column is a time: ${head.join(', ').slice(0, 80)}` }
  if (tempAt < 0) return { problem: `No column is a temperature: ${head.join(', ').slice(0, 80)}` }
  const header = named ? (head[timeAt] ?? '') : ''
  const title = named ? (head[tempAt] ?? '') : ''
  const raw: { s: number; shown: number }[] = []
  let skipped = 0
  for (const row of body) {
    const time = timeOf(row[timeAt] ?? '', header)
    const shown = Number(
      (row[tempAt] ?? '')
        .trim()
        .replace(/\s*[°º]?\s*[CF]?$/i, '')
        .replace(',', '.'),
    )
    if (!time || (row[tempAt] ?? '').trim() === '' || !Number.isFinite(shown)) skipped++
    else raw.push({ s: time.s, shown })
  }
  if (raw.length === 0) return { problem: 'There is no reading in it' }
  const cells = body.map((r) => r[tempAt] ?? '')
  const fahrenheit =
    FAHRENHEIT.test(title) ||
    (!CELSIUS.test(title) && (cells.some((c) => /[°º]?\s*F$/i.test(c.trim())) || raw.some((r) => r.shown > HOTTEST_C)))
  raw.sort((a, b) => a.s - b.s)
  const start = (raw[0] as { s: number }).s
  const readings = raw
    .map((r) => ({ at: r.s - start, celsius: fahrenheit ? toCelsius(r.shown) : r.shown }))
    .filter((r) => sane(r.celsius))
  return { readings, skipped: skipped + raw.length - readings.length, unit: fahrenheit ? 'F' : 'C' }
}
