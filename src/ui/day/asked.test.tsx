/** What is wanted of a day: how it is asked for, and what becomes of it. */
import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import { MOST_ITEMS } from '@/contract/choices'
import { blankDay, type Day, type DayView } from '@/contract/day'
import { draw } from '@/ui/testing'
import { Cooks } from './cooks'
import { Items } from './items'
import { NothingPlanned } from './nothing-planned'
import { hoursOf } from './use-day'

const day = blankDay('quay')
const item = (id: string, formula: string, pieces: number) => ({ id, formula, size: { by: 'pieces' as const, pieces } })
const view = {
  book: [
    { id: 'toffee', name: 'Orchard toffee' },
    { id: 'drops', name: 'Hard drops' },
  ],
  earlier: [{ date: '2026-11-24', items: [item('x', 'drops', 40), item('y', 'toffee', 25)] }],
} as unknown as DayView

function items(of: Day) {
  const onDay = vi.fn()
  draw(<Items view={view} day={of} by={30_000} onDay={onDay} />)
  return () => onDay.mock.lastCall?.[0] as Day
}

describe('a day of which nothing is wanted yet', () => {
  function nothing(of: DayView) {
    const onItems = vi.fn()
    draw(<NothingPlanned view={of} date="1 Dec 2026" onItems={onItems} />)
    return () => onItems.mock.lastCall?.[0] as Day['items']
  }

  it('offers the book, what was made last first', () => {
    const asked = nothing(view)
    const offered = screen.getAllByRole('button', { name: /^Make / })
    expect(offered.map((b) => b.textContent)).toEqual(['Hard drops', 'Orchard toffee'])
    fireEvent.click(offered[1] as HTMLElement)
    expect(asked()).toMatchObject([{ formula: 'toffee', size: { by: 'pieces', pieces: 80 } }])
  })

  it('can be like an earlier one, whose products are named', () => {
    const asked = nothing(view)
    const earlier = screen.getByRole('button', { name: 'The same as on 24 Nov 2026' })
    expect(earlier.textContent).toContain('Hard drops · Orchard toffee')
    fireEvent.click(earlier)
    expect(asked().map((i) => [i.formula, i.size])).toEqual([
      ['drops', { by: 'pieces', pieces: 40 }],
      ['toffee', { by: 'pieces', pieces: 25 }],
    ])
  })

  it('says so where the book is empty, and offers no earlier day where there is none', () => {
    nothing({ ...view, book: [], earlier: [] })
    expect(screen.getByText(/The book has no formula yet/)).toBeDefined()
    expect(screen.queryAllByRole('button')).toEqual([])
  })
})

describe('what is made', () => {
  it('is taken from the book, one thing after the other', () => {
    const now = items(day)
    fireEvent.click(screen.getByRole('button', { name: 'Add a product' }))
    fireEvent.click(screen.getByRole('button', { name: 'Hard drops' }))
    expect(now().items).toMatchObject([{ formula: 'drops', size: { by: 'pieces', pieces: 80 } }])
  })

  it('is as on an earlier day, under ids of its own', () => {
    const now = items(day)
    fireEvent.click(screen.getByRole('button', { name: 'The same as on an earlier day' }))
    fireEvent.click(screen.getByRole('button', { name: /24 Nov 2026/ }))
    expect(now().items.map((i) => [i.formula, i.size])).toEqual([
      ['drops', { by: 'pieces', pieces: 40 }],
      ['toffee', { by: 'pieces', pieces: 25 }],
    ])
    expect(now().items.map((i) => i.id)).not.toContain('x')
  })

  it('is asked for by pieces or by weight, and left out again', () => {
    const now = items({ ...day, items: [item('a', 'toffee', 60), item('b', 'drops', 30)] })
    const row = screen.getAllByRole('listitem')[0] as HTMLElement
    fireEvent.click(within(row).getByRole('button', { name: 'by weight instead' }))
    expect(now().items[0]?.size).toEqual({ by: 'weight', grams: 1000 })
    const box = screen.getByLabelText('Pieces of Hard drops')
    fireEvent.change(box, { target: { value: '45' } })
    fireEvent.blur(box)
    expect(now().items[1]?.size).toEqual({ by: 'pieces', pieces: 45 })
    fireEvent.click(screen.getByRole('button', { name: 'Leave Orchard toffee out' }))
    expect(now().items.map((i) => i.id)).toEqual(['b'])
  })

  it('comes from a file of orders: what is there already takes its count, what is not understood is said', async () => {
    const now = items({ ...day, items: [item('a', 'toffee', 60)] })
    const file = new File(['product,pieces\nOrchard toffee,90\nHard drops,20\nMoon dust,5'], 'orders.csv')
    fireEvent.change(screen.getByLabelText('Orders from a CSV file'), { target: { files: [file] } })
    await waitFor(() =>
      expect(screen.getByRole('status').textContent).toBe(
        '2 products were taken in. Not understood, and left out: Moon dust, 5.',
      ),
    )
    expect(now().items.map((i) => [i.formula, i.size.by === 'pieces' && i.size.pieces])).toEqual([
      ['toffee', 90],
      ['drops', 20],
    ])
  })

  it('takes no more than a kitchen makes in a day', () => {
    const full = Array.from({ length: MOST_ITEMS }, (_, i) => item(`i${i}`, 'toffee', 10))
    items({ ...day, items: full })
    expect(screen.queryByRole('button', { name: 'Add a product' })).toBeNull()
  })
})

describe('who is there', () => {
  function cooks(of: Day) {
    const onDay = vi.fn()
    draw(<Cooks day={of} onDay={onDay} />)
    return () => onDay.mock.lastCall?.[0] as Day
  }

  it('is one, two or three, each with what they do', () => {
    const now = cooks(day)
    fireEvent.click(screen.getByRole('radio', { name: 'Three' }))
    expect(now().cooks).toBe(3)
    const lead = screen.getByRole('region', { name: 'Lead cook' })
    fireEvent.click(within(lead).getByRole('checkbox', { name: 'washes' }))
    expect(now().spared).toEqual({ lead: ['wash'] })
  })

  it('does again what a cook was spared', () => {
    const now = cooks({ ...day, spared: { lead: ['wash', 'cook'] } })
    const lead = screen.getByRole('region', { name: 'Lead cook' })
    fireEvent.click(within(lead).getByRole('checkbox', { name: 'washes' }))
    expect(now().spared).toEqual({ lead: ['cook'] })
  })

  it('is away for a break, and back without it', () => {
    const now = cooks({
      ...day,
      away: {
        lead: [
          ['10:00', '10:30'],
          ['12:00', '12:30'],
        ],
      },
    })
    fireEvent.click(screen.getByRole('button', { name: 'Take out the break at 10:00' }))
    expect(now().away).toEqual({ lead: [['12:00', '12:30']] })
  })
})

describe('the hours of a day', () => {
  it.each([
    ['08:00', '16:30', 8.5],
    ['20:00', '02:00', 6],
    ['06:30', '06:30', 24],
  ])('from %s to %s are %d', (from, by, hours) => {
    expect(hoursOf({ date: '2026-11-26', day: { ...day, from, by } }, 'UTC').by).toBe(hours * 3600)
  })

  it('are one less in the night the clocks go on, and one more where they go back', () => {
    const of = (date: string) =>
      hoursOf({ date, day: { ...day, from: '01:00', by: '05:00' } }, 'Europe/Berlin').by / 3600
    expect([of('2027-03-28'), of('2027-06-01'), of('2027-10-31')]).toEqual([3, 4, 5])
  })
})
