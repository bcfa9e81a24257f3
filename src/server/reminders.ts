/** Sweets that are to be looked at again: after a day, a week, a month. In the app, and as a calendar. */
import ical from 'ical-generator'
import { againAfter } from '@/contract/verdict'
import { batchesSince, db, isReadable } from '@/db'

export interface Reminder {
  readonly id: string
  readonly name: string
  readonly days: (typeof againAfter)[number]
  /** When it falls due. */
  readonly at: string
}

const DAY = 86_400_000
/** ◊ Once it is overdue by as long again it is not asked about any more. */
const PATIENCE = 2
const MOST_BATCHES = 2000

/** Looks that are due at `now` or later, the first due first. */
async function looksAfter(now: Date): Promise<Reminder[]> {
  const longest = Math.max(...againAfter)
  const rows = await batchesSince(db(), new Date(now.getTime() - PATIENCE * longest * DAY), MOST_BATCHES)
  return rows
    .flatMap(({ id, name, startedAt, judged }) => {
      const kept = judged && isReadable(judged) ? judged.kept : []
      return againAfter.flatMap((days): Reminder[] => {
        const at = startedAt.getTime() + days * DAY
        const over = now.getTime() > startedAt.getTime() + PATIENCE * days * DAY
        return over || kept.some((k) => k.days === days) ? [] : [{ id, name, days, at: new Date(at).toISOString() }]
      })
    })
    .sort((a, b) => a.at.localeCompare(b.at))
}

/** What is to be looked at now. */
export const dueNow = async (now: Date): Promise<Reminder[]> =>
  (await looksAfter(now)).filter((r) => Date.parse(r.at) <= now.getTime())

/** The looks to come as a calendar file. */
export async function reminderCalendar(now: Date): Promise<string> {
  const calendar = ical({ name: 'Imbry: look again' })
  for (const { id, name, days, at } of await looksAfter(now))
    calendar.createEvent({
      id: `${id}-${days}@imbry`,
      start: new Date(at),
      end: new Date(Date.parse(at) + 15 * 60_000),
      stamp: now,
      summary: `Look at ${name} again: ${days === 1 ? 'a day' : days === 7 ? 'a week' : 'a month'} on`,
    })
  return calendar.toString()
}
