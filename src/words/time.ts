/** Times of day and dates, in the reader's zone. The one place for time zones: what is stored is UTC. */

const LOCALE = 'en-GB'

const shapes = {
  /** "16:30" */
  clock: { hour: '2-digit', minute: '2-digit' },
  /** "24" */
  day: { day: 'numeric' },
  /** "Tue" */
  weekday: { weekday: 'short' },
  /** "24 Nov 2026" */
  date: { day: 'numeric', month: 'short', year: 'numeric' },
  /** "24 Nov" */
  brief: { day: 'numeric', month: 'short' },
  /** "November 2026" */
  month: { month: 'long', year: 'numeric' },
  /** "Tuesday 24 November 2026 at 16:30" */
  long: {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
  },
} as const satisfies Record<string, Intl.DateTimeFormatOptions>

export type TimeShape = keyof typeof shapes

/** How times are said in `zone`, an IANA name; in UTC for one that is unknown. */
export interface SayTime {
  readonly zone: string
  (at: Date | number | string, shape: TimeShape): string
}

/** Whether the platform knows a zone of this name. */
export function isZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat(LOCALE, { timeZone: zone })
    return true
  } catch {
    return false
  }
}

export function timeIn(asked: string): SayTime {
  const zone = isZone(asked) ? asked : 'UTC'
  const formats = new Map<TimeShape, Intl.DateTimeFormat>()
  const say = (at: Date | number | string, shape: TimeShape): string => {
    const format = formats.get(shape) ?? new Intl.DateTimeFormat(LOCALE, { ...shapes[shape], timeZone: zone })
    formats.set(shape, format)
    return format.format(new Date(at)).replace(',', '')
  }
  return Object.assign(say, { zone })
}

const days = timeIn('UTC')
/** "24 Nov 2026" of "2026-11-24": a day of the calendar, which is the same day in every zone. */
export const sayDate = (date: string): string => days(date, 'date')

/** "3 days ago", "in 2 h": how long before or after `now`, ms. */
export function sayAgo(at: Date | number | string, now: number): string {
  const minutes = Math.round((new Date(at).getTime() - now) / 60_000)
  const relative = new Intl.RelativeTimeFormat(LOCALE, { numeric: 'auto' })
  const steps = [
    ['minute', 1, 60],
    ['hour', 60, 24 * 60],
    ['day', 24 * 60, 14 * 24 * 60],
    ['week', 7 * 24 * 60, 60 * 24 * 60],
    ['month', 30 * 24 * 60, Number.POSITIVE_INFINITY],
  ] as const
  const [unit, size] = steps.find(([, , below]) => Math.abs(minutes) < below) ?? steps[4]
  return relative.format(Math.round(minutes / size), unit)
}

/** The date in a zone, "2026-11-26". */
export function dateIn(zone: string, at: number): string {
  const parts = new Intl.DateTimeFormat('en-CA', {
    timeZone: isZone(zone) ? zone : 'UTC',
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
  })
  return parts.format(at)
}

/** The moment, ms, at which a clock in `zone` shows `clock` ("08:00") on `date`; of an hour that clocks skip, the one after. */
export function momentIn(zone: string, date: string, clock: string): number {
  const wanted = Date.parse(`${date}T${clock}:00Z`)
  const shown = (at: number): number => {
    const parts = new Intl.DateTimeFormat('en-CA', {
      timeZone: isZone(zone) ? zone : 'UTC',
      year: 'numeric',
      month: '2-digit',
      day: '2-digit',
      hour: '2-digit',
      minute: '2-digit',
      hourCycle: 'h23',
    }).formatToParts(at)
    const of = (type: string): string => parts.find((p) => p.type === type)?.value ?? '00'
    return Date.parse(`${of('year')}-${of('month')}-${of('day')}T${of('hour')}:${of('minute')}:00Z`)
  }
  // twice, for the offset may be another where the first guess falls
  const first = wanted - (shown(wanted) - wanted)
  return first - (shown(first) - wanted)
}
