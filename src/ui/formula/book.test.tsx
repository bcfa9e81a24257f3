/** The book's sentence: what is asked of the book when a word of it is changed. */
import { act, fireEvent, screen, within } from '@testing-library/react'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { type BookEntry, type BookPage, type BookQuery, bookQuerySchema } from '@/contract/book'
import { draw, router } from '@/ui/testing'
import { Book } from './book'

const { replace } = router

beforeEach(() => history.replaceState(null, '', '/formulas'))

const NOW = Date.parse('2026-10-20T10:00:00Z')
const entry = (change: Partial<BookEntry> = {}): BookEntry => ({
  id: 'orchard-toffee',
  revision: 3,
  name: 'Orchard toffee',
  family: 'toffee',
  school: 'thermometer',
  about: 'Snaps, with dried pear.',
  targetC: 149,
  outGrams: 640,
  boils: 1,
  allergens: ['milk', 'sulphites'],
  lastCooked: null,
  uses: null,
  ...change,
})

const book = (query: Partial<BookQuery> = {}, page: Partial<BookPage> = {}, units?: string) =>
  draw(
    <Book
      query={bookQuerySchema.parse(query)}
      page={{ entries: [entry()], total: 1, perPage: 24, ...page }}
      own={{ 'own-honey': 'Chestnut honey' }}
      now={NOW}
    />,
    units,
  )

/** Opens a word of the sentence and takes what is called so. */
function change(word: string, to: string): void {
  fireEvent.click(screen.getByRole('button', { name: new RegExp(`^${word}`) }))
  fireEvent.click(within(screen.getByRole('dialog')).getByText(to))
}
const asked = (): Record<string, string> =>
  Object.fromEntries(new URL(replace.mock.calls.at(-1)?.[0] as string, 'http://here').searchParams)

describe('a card of the book', () => {
  it('says where it is pulled, what it makes and what is in it, in the reader’s units', () => {
    book({}, {}, 'F-oz-in')
    const card = screen.getByRole('link', { name: /Orchard toffee/ })
    expect(card.getAttribute('href')).toBe('/formulas/orchard-toffee')
    expect(card.textContent).toMatch(/300°.*1 lb 6.*milk, sulphites.*never cooked/)
  })

  it('says how much comes of what one has, instead of when it was cooked', () => {
    book(
      { have: 'own-honey', grams: 400 },
      {
        entries: [
          entry({ uses: { ingredient: 'own-honey', grams: 120, gives: 2100 }, lastCooked: '2026-10-18T10:00:00Z' }),
        ],
      },
    )
    const { textContent } = screen.getByRole('link', { name: /Orchard toffee/ })
    expect(textContent).toMatch(/^.*2\D?100 g from what you have: it takes 120 g chestnut honey as written$/)
    expect(textContent).not.toContain('cooked')
  })
})

describe('what is asked of the book', () => {
  it('has nothing in its address that is as usual', () => {
    book({ q: 'pear' })
    change('Order', 'by name')
    expect(replace.mock.calls.at(-1)?.[0]).toBe('/formulas?q=pear')
  })

  it('begins at its first page again, and another family has no school yet', () => {
    book({ family: 'toffee', school: 'thermometer', page: 3 }, { total: 200 })
    change('Family', 'Fudge')
    expect(asked()).toEqual({ family: 'fudge' })
  })

  it('is by school only within a family', () => {
    book()
    expect(screen.queryByRole('button', { name: /^School/ })).toBeNull()
    book({ family: 'toffee' })
    change('School', 'by colour')
    expect(asked()).toEqual({ family: 'toffee', school: 'colour' })
  })

  it('is between two heats, or at any again', () => {
    book({ from: 117, to: 127 })
    change('Target', 'at any heat')
    expect(asked()).toEqual({})
    change('Target', 'to snap')
    expect(asked()).toEqual({ from: '146', to: '175' })
  })

  it('leaves out what one must not eat, one more at a time', () => {
    book({ without: ['milk'] })
    fireEvent.click(screen.getByRole('button', { name: /^Without/ }))
    fireEvent.click(screen.getByRole('checkbox', { name: 'sesame' }))
    expect(asked()).toEqual({ without: 'milk,sesame' })
    fireEvent.click(screen.getByRole('checkbox', { name: 'milk' }))
    expect(asked().without ?? '').not.toContain('milk')
  })

  it('no longer asks for what one had', () => {
    book({ have: 'own-honey', grams: 400, q: 'toffee' })
    expect(screen.getByText(/400 g of/).textContent).toContain('chestnut honey')
    fireEvent.click(screen.getByRole('button', { name: 'Forget what I have' }))
    expect(asked()).toEqual({ q: 'toffee' })
  })

  it('waits for the last letter, once, and not at all for Enter', () => {
    vi.useFakeTimers()
    book()
    const box = screen.getByRole('searchbox')
    for (const value of ['f', 'fu', 'fudge ']) fireEvent.change(box, { target: { value } })
    expect(replace).not.toHaveBeenCalled()
    act(() => void vi.advanceTimersByTime(300))
    expect(replace.mock.calls.map(([to]) => to)).toEqual(['/formulas?q=fudge'])
    fireEvent.change(box, { target: { value: 'nougat' } })
    fireEvent.keyDown(box, { key: 'Enter' })
    expect(asked()).toEqual({ q: 'nougat' })
  })

  it('keeps the letters typed while the book was still answering the ones before', () => {
    vi.useFakeTimers()
    const box = (): HTMLInputElement => screen.getByRole('searchbox')
    replace.mockImplementationOnce(() => fireEvent.change(box(), { target: { value: 'fudge drops' } }))
    book()
    fireEvent.change(box(), { target: { value: 'fudge' } })
    act(() => void vi.advanceTimersByTime(220))
    expect(box().value).toBe('fudge drops')
    act(() => void vi.advanceTimersByTime(300))
    expect(asked()).toEqual({ q: 'fudge drops' })
  })
})

describe('what was found', () => {
  it.each([
    [{}, 1, '1 formula'],
    [{}, 12, '12 formulas'],
    [{ q: 'pear' }, 2, '2 formulas like that'],
    [{ without: ['egg'] }, 1, '1 formula like that'],
  ] as const)('%j, %i of them: %s', (query, total, said) => {
    book(query as Partial<BookQuery>, { total })
    expect(screen.getByText(said)).toBeDefined()
  })

  it('is nothing, with a way on; an empty book is another thing', () => {
    book({ q: 'moon dust' }, { entries: [], total: 0 })
    expect(screen.getByText(/^Nothing like that is in the book/)).toBeDefined()
    document.body.replaceChildren()
    book({}, { entries: [], total: 0 })
    expect(screen.queryByText(/^Nothing like that/)).toBeNull()
    expect(screen.queryByRole('searchbox')).toBeNull()
  })

  it('is leafed through where it does not fit a page, neither before the first nor past the last', () => {
    book({ page: 2 }, { total: 49 })
    const [earlier, later] = ['Earlier', 'Later'].map(
      (name) => screen.getByRole('button', { name }) as HTMLButtonElement,
    )
    expect(screen.getByText('2 of 3')).toBeDefined()
    fireEvent.click(later as HTMLElement)
    expect(asked()).toEqual({ page: '3' })
    fireEvent.click(earlier as HTMLElement)
    document.body.replaceChildren()
    book({ page: 3 }, { total: 49 })
    expect((screen.getByRole('button', { name: 'Later' }) as HTMLButtonElement).disabled).toBe(true)
  })
})
