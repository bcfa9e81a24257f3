/** A planned day as a calendar file: one entry a task. */
import type { DayPlan } from '@/core'
import { cookNames, taskName } from '@/words'

/** The text of the file; `first`: the moment of the first hour, ms; `names`: of products, by item. */
export async function calendarOf(
  date: string,
  plan: DayPlan,
  first: number,
  names: Readonly<Record<string, string>>,
): Promise<string> {
  const { default: ical } = await import('ical-generator')
  const calendar = ical({ name: `Imbry: ${date}` })
  for (const { task, start, end, person } of plan.placed)
    calendar.createEvent({
      id: `${date}-${task.id.replaceAll(' ', '-')}@imbry`,
      start: new Date(first + 1000 * start),
      end: new Date(first + 1000 * end),
      stamp: new Date(first),
      summary: `${names[task.item] ?? task.item}: ${taskName(task)}`,
      description: person ? (cookNames[person] ?? person) : '',
    })
  return calendar.toString()
}
