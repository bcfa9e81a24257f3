import fc from 'fast-check'
import { describe, expect, it, test } from 'vitest'
import { importReadings } from './import-readings'

const rows = (text: string): string[][] => text.split('\n').map((l) => l.split(';'))
const read = (text: string) => {
  const found = importReadings(rows(text))
  if ('problem' in found) throw new Error(found.problem)
  return found
}

describe('readings from elsewhere', () => {
  test.each<[string, string, [number, number][], 'C' | 'F']>([
    [
      'seconds and °C',
      'seconds;°C\n0;20\n10;25.5',
      [
        [0, 20],
        [10, 25.5],
      ],
      'C',
    ],
    [
      'minutes',
      'Minutes;Temp (C)\n1;20\n1.5;25',
      [
        [0, 20],
        [30, 25],
      ],
      'C',
    ],
    [
      'clock times and °F',
      'Time;Temperature (°F)\n10:00:00;68\n10:01:30;212',
      [
        [0, 20],
        [90, 100],
      ],
      'F',
    ],
    [
      'minutes and seconds',
      'elapsed;probe 1\n0:30;50\n1:00;60',
      [
        [0, 50],
        [30, 60],
      ],
      'C',
    ],
    [
      'ISO times',
      'timestamp;celsius\n2026-11-25T10:00:00Z;90\n2026-11-25T10:00:05Z;91',
      [
        [0, 90],
        [5, 91],
      ],
      'C',
    ],
    [
      'dates without a zone',
      'Date;Value\n2026-11-25 10:00:00;90\n2026-11-25 10:02:00;95',
      [
        [0, 90],
        [120, 95],
      ],
      'C',
    ],
    [
      'epochs in ms',
      't;temp_c\n1764064800000;90\n1764064804000;91',
      [
        [0, 90],
        [4, 91],
      ],
      'C',
    ],
    [
      'decimal commas',
      'Zeit;Temperatur °C\n0;20,5\n10;21,5',
      [
        [0, 20.5],
        [10, 21.5],
      ],
      'C',
    ],
    [
      'no header',
      '0;20\n5;22',
      [
        [0, 20],
        [5, 22],
      ],
      'C',
    ],
    [
      '°F by its size alone',
      'time;temp\n0;70\n60;300',
      [
        [0, 21.1],
        [60, 148.9],
      ],
      'F',
    ],
    [
      'units in the cells',
      'time;reading\n0;68 °F\n10;212 °F',
      [
        [0, 20],
        [10, 100],
      ],
      'F',
    ],
    [
      'other columns, and out of order',
      'id;time;note;temp c\n1;10;x;30\n2;0;y;20',
      [
        [0, 20],
        [10, 30],
      ],
      'C',
    ],
  ])('%s', (_, text, wanted, unit) => {
    const found = read(text)
    expect(found.unit).toBe(unit)
    expect(found.readings.map((r) => [r.at, Math.round(r.celsius * 10) / 10])).toEqual(wanted)
  })

  it('skips what is no reading and counts it', () => {
    expect(read('time;temp\n0;20\n1;\n2;n/a\nx;30\n3;9999\n4;24')).toMatchObject({ skipped: 4 })
  })

  test.each([
    ['time;colour\n0;brown', /No column is a temperature/],
    ['temp;note\n20;x', /No column is a time/],
    ['time;temp\nx;y', /no reading/],
    ['', /two columns/],
  ])('%j says what is missing', (text, message) => {
    const found = importReadings(rows(text))
    expect('problem' in found && found.problem).toMatch(message)
  })

  it('never throws', () => {
    fc.assert(
      fc.property(fc.array(fc.array(fc.string({ maxLength: 20 }), { maxLength: 5 }), { maxLength: 20 }), (cells) => {
        const found = importReadings(cells)
        if (!('problem' in found)) for (const r of found.readings) expect(Number.isFinite(r.at)).toBe(true)
      }),
    )
  })
})
