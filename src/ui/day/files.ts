/** A planned day as files: for a calendar, a spreadsheet, a program. */
import Papa from 'papaparse'
import type { DayPlan } from '@/core'
import { cookNames, taskName } from '@/words'
import { calendarOf } from './calendar'

export interface DayFile {
  readonly text: string
  readonly name: string
  readonly type: string
}

/** One row a task, moments as ISO 8601; `first`: the moment of the first hour, ms; `names`: of products, by item. */
const rowsOf = (plan: DayPlan, first: number, names: Readonly<Record<string, string>>) =>
  plan.placed.map(({ task, start, end, person }) => ({
    product: names[task.item] ?? task.item,
    boil: task.boil,
    task: taskName(task),
    person: person === null ? '' : (cookNames[person] ?? person),
    from: new Date(first + 1000 * start).toISOString(),
    to: new Date(first + 1000 * end).toISOString(),
  }))

/** The day as one of its files. */
export async function dayFile(
  kind: 'calendar' | 'csv' | 'json',
  date: string,
  plan: DayPlan,
  first: number,
  names: Readonly<Record<string, string>>,
): Promise<DayFile> {
  if (kind === 'calendar')
    return { text: await calendarOf(date, plan, first, names), name: `day-${date}.ics`, type: 'text/calendar' }
  const rows = rowsOf(plan, first, names)
  if (kind === 'csv')
    return { text: Papa.unparse(rows, { escapeFormulae: true }), name: `day-${date}.csv`, type: 'text/csv' }
  return { text: JSON.stringify({ date, tasks: rows }, null, 2), name: `day-${date}.json`, type: 'application/json' }
}
