import { screen, waitFor } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import { anything, type LogbookEntry, type LogbookPage } from '@/contract/logbook'
import { draw } from '@/ui/testing'
import { metric, sayIn, unitsFrom } from '@/words'
import { LogbookList } from './logbook-list'
import { outcomeOf, sayReached } from './outcome'

const boil = (reached: number | null, open = false) =>
  ({
    id: 'b',
    number: 1,
    label: '',
    open,
    reached,
    pulled: reached !== null,
    minutes: 30,
    curve: [],
  }) as unknown as LogbookEntry['boils'][number]

const entry = (change: Partial<LogbookEntry> = {}): LogbookEntry => ({
  id: '01JD3M9Q6S8ZK3V3N8C0A7T4QX',
  formulaName: 'Quince lollipops',
  family: 'hard-candy',
  startedAt: '2026-10-31T22:30:00.000Z',
  room: 'Quay kitchen',
  outGrams: 635,
  pieces: 40,
  target: 119,
  within: 1,
  boils: [boil(119.2)],
  boilsPlanned: 1,
  practice: false,
  note: '',
  score: null,
  flaws: [],
  code: '261031-4QX',
  ...change,
})

describe('what came of a batch', () => {
  it.each([
    [[119.9], 'on target', 'good'],
    [[120.4], 'too far', 'mind'],
    [[117.6], 'short', 'mind'],
    [[119, 122], 'too far', 'mind'],
    [[118.2, 121.5, 116], 'short', 'mind'],
  ] as const)('%j of 119° ± 1° is %s, by its worst boil', (reached, word, tone) => {
    expect(outcomeOf(entry({ boils: reached.map((c) => boil(c)) }))).toMatchObject({ word, tone })
  })

  it('is told of a part by its own target', () => {
    const parts = (missed: number) =>
      entry({ target: 112, boils: [boil(null), { ...boil(112.3), missed: 0.3 }, { ...boil(47 + missed), missed }] })
    expect(outcomeOf(parts(0.2))).toMatchObject({ word: 'on target', reached: 112.3 })
    expect(outcomeOf(parts(3))).toMatchObject({ word: 'too far', reached: 50, target: 47 })
    expect(sayReached(parts(3), sayIn(metric))).toEqual({ reached: '50°', target: '47°', word: 'too far by 3.0°' })
  })

  it('is not told before it is pulled, nor of one that never was', () => {
    expect(outcomeOf(entry({ boils: [boil(null, true)] })).word).toBe('still on')
    expect(outcomeOf(entry({ boils: [boil(null)] })).word).toBe('not pulled')
    // by drop, sign or colour nothing may have been read
    expect(outcomeOf(entry({ boils: [{ ...boil(null), pulled: true }] })).word).toBe('pulled by eye')
  })

  it('shows the digit that decides, and by how much it is off, in either unit', () => {
    const short = entry({ boils: [boil(118.4)], within: 0.5 })
    expect(sayReached(short, sayIn(metric))).toEqual({ reached: '118°', target: '119°', word: 'short by 0.6°' })
    const near = entry({ boils: [boil(118.6)], within: 0.3 })
    expect(sayReached(near, sayIn(metric))).toEqual({ reached: '118.6°', target: '119.0°', word: 'short by 0.4°' })
    expect(sayReached(near, sayIn(unitsFrom('F-oz-in')))).toMatchObject({ word: 'short by 0.7°' })
  })
})

describe('the logbook', () => {
  const page = (entries: readonly LogbookEntry[], next: string | null = null): LogbookPage => ({
    entries: [...entries],
    next,
  })

  it('stands by month, each in the zone of its reader', () => {
    draw(
      <LogbookList
        first={page([
          entry({ id: '01JD3M9Q6S8ZK3V3N8C0A7T4Q1', startedAt: '2026-11-02T09:00:00.000Z' }),
          entry({ id: '01JD3M9Q6S8ZK3V3N8C0A7T4Q2' }),
        ])}
        practice={false}
        find={anything}
        beside={new Set()}
        onBeside={() => undefined}
      />,
    )
    expect(screen.getAllByRole('heading').map((h) => h.textContent)).toEqual(['November 2026', 'October 2026'])
  })

  it('fetches what comes next, and says so where it cannot and keeps what is there', async () => {
    const asked = vi.fn(async (path: string) =>
      path.includes('second')
        ? Response.json({ error: { message: 'Imbry failed at this', kept: 'Nothing was changed.' } }, { status: 500 })
        : Response.json(page([entry({ id: '01JD3M9Q6S8ZK3V3N8C0A7T4Q3', formulaName: 'Malted fudge' })], 'second')),
    )
    vi.stubGlobal('fetch', asked)
    draw(
      <LogbookList
        first={page([entry()], 'first')}
        practice={false}
        find={anything}
        beside={new Set()}
        onBeside={() => undefined}
      />,
    )
    await waitFor(() => expect(screen.getByText('Malted fudge')).toBeDefined())
    await waitFor(() => expect(screen.getByRole('alert').textContent).toMatch(/Imbry failed at this/))
    expect(screen.getByText('Quince lollipops')).toBeDefined()
    expect(asked.mock.calls.map(([path]) => path)).toEqual(['/api/logbook?after=first', '/api/logbook?after=second'])
  })
})
