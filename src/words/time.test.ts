import { describe, expect, test } from 'vitest'
import { dateIn, momentIn, sayDate } from './time'

describe('a time of day on a date', () => {
  test.each([
    ['UTC', '2026-11-26', '08:00', '2026-11-26T08:00:00Z'],
    ['Europe/Berlin', '2026-11-26', '08:00', '2026-11-26T07:00:00Z'],
    ['Europe/Berlin', '2026-07-01', '08:00', '2026-07-01T06:00:00Z'],
    // the day clocks go forward, and back
    ['Europe/Berlin', '2026-03-29', '08:00', '2026-03-29T06:00:00Z'],
    ['Europe/Berlin', '2026-10-25', '08:00', '2026-10-25T07:00:00Z'],
    ['America/New_York', '2026-03-08', '06:00', '2026-03-08T10:00:00Z'],
    ['Pacific/Auckland', '2026-11-26', '08:00', '2026-11-25T19:00:00Z'],
    ['nowhere', '2026-11-26', '08:00', '2026-11-26T08:00:00Z'],
  ])('in %s, %s %s', (zone, date, clock, at) => {
    expect(new Date(momentIn(zone, date, clock)).toISOString()).toBe(new Date(at).toISOString())
    expect(dateIn(zone, momentIn(zone, date, clock))).toBe(date)
  })

  test('an hour that clocks skip is the one after', () => {
    const at = new Date(momentIn('Europe/Berlin', '2026-03-29', '02:30')).toISOString()
    expect(['2026-03-29T01:30:00.000Z', '2026-03-29T00:30:00.000Z']).toContain(at)
  })
})

test('a day of the calendar is the same day in every zone', () => {
  expect(['2026-11-24', '2027-01-01', '2028-02-29'].map(sayDate)).toEqual(['24 Nov 2026', '1 Jan 2027', '29 Feb 2028'])
})
