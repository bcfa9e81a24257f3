import ical from 'ical.js'
import { describe, expect, it } from 'vitest'
import { planInOrder } from '@/core'
import { momentIn } from '@/words'
import { roughDay } from '../../../tests/rough/day'
import { calendarOf } from './calendar'

describe('a planned day as a calendar', () => {
  it('is read back by another library, task for task, over a change of clocks and past midnight', async () => {
    const plan = planInOrder(roughDay(4), [])
    for (const [zone, date, clock] of [
      ['UTC', '2026-11-26', '08:00'],
      ['Europe/Berlin', '2026-10-25', '01:30'],
      ['Pacific/Auckland', '2026-11-26', '22:00'],
    ] as const) {
      const first = momentIn(zone, date, clock)
      const text = await calendarOf(date, plan, first, { p0: 'Toffee, “best”; with commas' })
      const events = new ical.Component(ical.parse(text)).getAllSubcomponents('vevent').map((e) => new ical.Event(e))
      expect(events).toHaveLength(plan.placed.length)
      for (const [i, p] of plan.placed.entries()) {
        expect(events[i]?.startDate.toJSDate().getTime()).toBe(Math.floor((first + 1000 * p.start) / 1000) * 1000)
        expect(events[i]?.endDate.toJSDate().getTime()).toBe(Math.floor((first + 1000 * p.end) / 1000) * 1000)
      }
      expect(new Set(events.map((e) => e.uid)).size).toBe(events.length)
      expect(events.some((e) => e.summary.startsWith('Toffee, “best”; with commas'))).toBe(true)
    }
  })
})
