/** What is thought of a batch, what it cost, and where its codes lead. */
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { BatchStock } from '@/contract/stock'
import { type BatchVerdict, nothingJudged, verdictSchema } from '@/contract/verdict'
import { flawIds } from '@/core'
import { draw, router } from '@/ui/testing'
import { flawNames } from '@/words'
import { RecallPage } from './recall-page'
import { Stock } from './stock'
import { BatchVerdictForm } from './verdict-form'

const { refresh } = router

let sent: { path: string; body: unknown }[]
let answer: () => Response

beforeEach(() => {
  sent = []
  answer = () => Response.json({})
  vi.stubGlobal('fetch', async (path: string, { body }: { body: string }) => {
    sent.push({ path, body: JSON.parse(body) })
    return answer()
  })
})

const press = (name: string | RegExp): void => void fireEvent.click(screen.getByRole('button', { name }))

describe('a verdict', () => {
  const blank: BatchVerdict = { note: '', score: null, judged: nothingJudged }
  const form = (verdict = blank): void => void draw(<BatchVerdictForm batchId="b" family="caramel" verdict={verdict} />)
  const save = async (): Promise<BatchVerdict & { from: BatchVerdict }> => {
    press('Save')
    await waitFor(() => expect(sent).toHaveLength(1))
    return sent[0]?.body as BatchVerdict & { from: BatchVerdict }
  }

  it('is sent with the one its writer saw, and nothing before anything has changed', async () => {
    form()
    press('Nothing to save')
    expect(sent).toEqual([])
    press('good')
    fireEvent.change(screen.getByLabelText(/^Note/), { target: { value: 'A shade later next time.' } })
    const body = await save()
    expect(sent[0]?.path).toBe('/api/batches/b/verdict')
    expect(body).toMatchObject({ score: 4, note: 'A shade later next time.', from: blank })
    expect(verdictSchema.safeParse(body).success).toBe(true)
    await waitFor(() => expect(refresh).toHaveBeenCalled())
  })

  it('takes a figure that is still being typed with the press that saves it', async () => {
    form()
    const box = screen.getByLabelText('A piece weighs')
    act(() => box.focus())
    fireEvent.change(box, { target: { value: '12' } })
    const button = screen.getByRole('button', { name: 'Nothing to save' })
    act(() => button.focus())
    fireEvent.click(button)
    await waitFor(() => expect(sent).toHaveLength(1))
    expect(sent[0]?.body).toMatchObject({ judged: { tasting: { pieceGrams: 12 } } })
  })

  it('takes back what is touched a second time', async () => {
    form()
    press('best')
    press('best')
    const [bite] = screen.getAllByRole('button', { name: /^Bite: / })
    fireEvent.click(bite as HTMLElement)
    fireEvent.click(bite as HTMLElement)
    press(flawNames[flawIds[0] as (typeof flawIds)[number]])
    const body = await save()
    expect(body.score).toBeNull()
    expect(body.judged.tasting).toBeNull()
    expect(body.judged.flaws).toEqual([flawIds[0]])
  })

  it('has its scales in the family’s own words, each by itself', async () => {
    form()
    const marks = screen.getAllByRole('button', { name: /^Bite: / })
    expect(marks).toHaveLength(5)
    fireEvent.click(marks[3] as HTMLElement)
    expect((await save()).judged.tasting?.scales).toEqual({ bite: 4 })
  })

  it('that another has overtaken keeps the words here', async () => {
    answer = () =>
      Response.json({ error: { message: 'Another screen has judged it', kept: 'That is kept.' } }, { status: 409 })
    form()
    press('fair')
    press('Save')
    expect((await screen.findByRole('alert')).textContent).toBe(
      'Another screen has judged it. That is kept. Your words are still here.',
    )
    expect(screen.getByRole('button', { name: 'fair' }).getAttribute('aria-pressed')).toBe('true')
  })
})

describe('what a batch cost', () => {
  const lot = { lot: 'l1', name: 'Granulated sugar', code: 'S-11', ingredient: 'sugar', bestBefore: null }
  const stock = {
    currency: '€',
    minutes: 47.4,
    loose: ['Cream, 36 % fat'],
    costing: {
      lines: [
        { name: 'Cream', cost: 3.2 },
        { name: 'Sugar', cost: 1.1 },
        { name: 'Water', cost: null },
      ],
      ingredients: 4.3,
      energy: 0.2,
      wrapping: 1.5,
      work: 12,
      total: 18,
      perPiece: 0.15,
      unpriced: ['Smoked salt'],
    },
    lots: [
      { ...lot, left: 900, taken: 400 },
      { ...lot, lot: 'l2', code: 'S-12', left: 5000, taken: 0 },
    ],
  } as unknown as BatchStock

  it('is said by kind, in all and a piece, with what has no price', () => {
    draw(<Stock batch="b" stock={stock} />)
    const text = screen.getByRole('region', { name: 'Cost and lots' }).textContent?.replace(/\s/g, ' ') ?? ''
    for (const part of ['Ingredients€ 4.30', 'Work, 47 min€ 12.00', 'In all€ 18.00', 'A piece€ 0.15'])
      expect(text).toContain(part)
    expect(text).toContain('Dearest: Cream € 3.20, Sugar € 1.10. Without a price: Smoked salt.')
    expect(text).toContain('1 lot taken down, 1 of no lot')
  })

  it.each([
    ['0.25', /Margin 40 %\. The batch is paid for after 72 pieces\./],
    ['0.1', /Below what it costs: €\s0\.05 lost a piece\./],
  ])('sold for %s a piece tells margin and break-even', (price, said) => {
    draw(<Stock batch="b" stock={stock} />)
    const box = screen.getByLabelText('Sold for, a piece')
    fireEvent.change(box, { target: { value: price } })
    fireEvent.blur(box)
    expect(screen.getByText(said)).toBeDefined()
  })

  it('is of the lots it is said to be of: one is put right, the others stay', async () => {
    draw(<Stock batch="b" stock={stock} />)
    const [, second] = screen.getAllByRole('textbox').slice(-2)
    fireEvent.change(second as HTMLElement, { target: { value: '150' } })
    fireEvent.blur(second as HTMLElement)
    await waitFor(() => expect(sent).toHaveLength(1))
    expect(sent[0]).toEqual({
      path: '/api/batches/b/lots',
      body: {
        uses: [
          { lot: 'l1', grams: 400 },
          { lot: 'l2', grams: 150 },
        ],
      },
    })
  })
})

describe('a code', () => {
  const row = (batch: string, pieces: number, grams: number) => ({
    batch,
    code: `26111${batch}`,
    name: 'Orchard toffee',
    startedAt: '2026-11-12T09:00:00.000Z',
    pieces,
    outGrams: 10 * pieces,
    grams,
  })

  it('of a pack leads to every batch that had of it, with how much is out there, and to the law of the place', () => {
    draw(
      <RecallPage
        code="S-11"
        found={{ of: 'lot', name: 'Granulated sugar', batches: [row('1', 120, 300), row('2', 80, 450)] } as never}
      />,
    )
    expect(screen.getByRole('heading', { name: '2 batches had of Granulated sugar' })).toBeDefined()
    const rows = within(screen.getByRole('table')).getAllByRole('row').slice(1)
    expect(rows.map((r) => within(r).getByRole('link').getAttribute('href'))).toEqual(['/logbook/1', '/logbook/2'])
    expect(screen.getByText(/200 pieces,/).textContent?.replace(/\s/g, ' ')).toMatch(
      /2 000 g in all\. .*food authority/,
    )
  })

  it('of a batch leads to every pack that was in it, and names what no pack is known of', () => {
    draw(
      <RecallPage
        code="261112-a"
        found={
          {
            of: 'batch',
            id: 'b',
            name: 'Orchard toffee',
            startedAt: '2026-11-12T09:00:00.000Z',
            lots: [{ name: 'Butter', code: 'B 7', grams: 250 }],
            loose: ['Water'],
          } as never
        }
      />,
    )
    expect(screen.getByText('Code 261112-A')).toBeDefined()
    expect(screen.getByRole('link', { name: 'B 7' }).getAttribute('href')).toBe('/logbook/recall?code=B%207')
    expect(screen.getByText('Of no lot that is known: Water.')).toBeDefined()
  })

  it('that is none says so, and offers nothing to print', () => {
    draw(<RecallPage code="zzz" found={{ of: 'nothing', lots: [] }} />)
    expect(screen.getByText('No batch and no lot has the code “zzz”.')).toBeDefined()
    expect(screen.queryByRole('button', { name: /Print/ })).toBeNull()
    expect(screen.queryByText('Batches had of these')).toBeNull()
  })

  it('that is not given offers the lots that batches had of', () => {
    const lots = [{ lot: 'b', name: 'Butter, October', code: 'B 7/1', grams: 30_000, taken: 1250 }]
    draw(<RecallPage code="" found={{ of: 'nothing', lots }} />)
    const way = screen.getByRole('link', { name: /Butter, October/ })
    expect(way.getAttribute('href')).toBe('/logbook/recall?code=B%207%2F1')
    expect(way.textContent).toMatch(/1.?250 g of 30.?000 g/)
  })
})
