/** Revisions of a formula: what each changed, two of them side by side, and the way back. */
import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { FormulaDocument } from '@/core'
import { demoFormulas } from '@/demo/formulas'
import { demoKitchen, draw, router } from '@/ui/testing'
import { Revisions } from './revisions'

const { refresh } = router

const first = demoFormulas['smoked-salt-tamarind-caramels'] as FormulaDocument
const [sugar] = first.lines
const heavier: FormulaDocument = {
  ...first,
  lines: first.lines.map((l) => (l === sugar ? { ...l, grams: l.grams + 50 } : l)),
}
const hotter: FormulaDocument = {
  ...heavier,
  target: first.target && { ...first.target, celsius: first.target.celsius + 2 },
  steps: heavier.steps.map((s, i) => (i === 1 ? { ...s, say: 'Stir without pause.' } : s)),
}
const reworded: FormulaDocument = { ...hotter, about: 'Chewy, and a little salty.' }

let sent: { path: string; body: { from: number; write: string; document: FormulaDocument } }[]
let answer: () => Response

beforeEach(() => {
  sent = []
  answer = () => Response.json({ id: 'caramels', revision: 5 })
  vi.stubGlobal('fetch', async (path: string, { body }: { body: string }) => {
    sent.push({ path, body: JSON.parse(body) })
    return answer()
  })
})

const shown = (documents: readonly FormulaDocument[] = [first, heavier, hotter, reworded], units?: string) =>
  draw(
    <Revisions
      id="caramels"
      kitchen={demoKitchen}
      revisions={documents
        .map((document, i) => ({ revision: i + 1, createdAt: `2026-10-0${i + 1}T09:00:00Z`, document }))
        .toReversed()}
    />,
    units,
  )
const table = () => within(screen.getByRole('region'))
const row = (name: string) => table().getByRole('row', { name: new RegExp(`^${name}`) }).textContent ?? ''

describe('the list of revisions', () => {
  it('says of each what it changed', () => {
    shown()
    const said = screen.getAllByRole('listitem').map((li) => li.querySelectorAll('p')[1]?.textContent)
    expect(said).toEqual(['words only', 'target, method', 'granulated sugar', 'as it was first written'])
  })

  it('says that something else is got ready, and what', () => {
    shown([first, { ...first, ready: ['Heat the oven to 120°'] }])
    const said = screen.getAllByRole('listitem').map((li) => li.querySelectorAll('p')[1]?.textContent)
    expect(said[0]).toBe('getting ready')
    expect(row('Got ready')).toContain('Heat the oven to 120°')
  })

  it('of one has nothing beside it, and nothing to go back to', () => {
    shown([first])
    expect(screen.getByText(/^There is one revision so far/)).toBeDefined()
    expect(screen.queryByRole('button', { name: 'Restore it' })).toBeNull()
  })
})

describe('two revisions side by side', () => {
  it('are the newest and the one before it, until others are picked', () => {
    shown()
    expect(screen.getByRole('region', { name: 'Revision 3 beside 4' })).toBeDefined()
    fireEvent.click(screen.getByRole('button', { name: 'Revision 1 on the left' }))
    fireEvent.click(screen.getByRole('button', { name: 'Revision 2 on the right' }))
    expect(screen.getByRole('region', { name: 'Revision 1 beside 2' })).toBeDefined()
    expect(screen.getByRole('button', { name: 'Revision 1 on the left' }).getAttribute('aria-pressed')).toBe('true')
  })

  it('show what went in, before and after, and mark only what differs', () => {
    shown([first, heavier])
    const grams = sugar?.grams ?? 0
    expect(row('Granulated sugar')).toContain(`${grams} g`)
    expect(row('Granulated sugar')).toContain(`${grams + 50} g`)
    expect(
      table()
        .getByRole('row', { name: /^Target/ })
        .querySelector('[aria-label=changed]'),
    ).toBeNull()
    expect(
      table()
        .getByRole('row', { name: /^Granulated/ })
        .querySelector('[aria-label=changed]'),
    ).not.toBeNull()
    // of the method nothing changed
    expect(table().getAllByText('the same in both')).toHaveLength(1)
  })

  it('show target and method in the units of the reader', () => {
    shown([heavier, hotter], 'F-oz-in')
    const celsius = first.target?.celsius ?? 0
    const f = (c: number) => `${Math.round(c * 1.8 + 32)}°`
    expect(row('Target')).toContain(f(celsius))
    expect(row('Target')).toContain(f(celsius + 2))
    expect(table().getByText(/Stir without pause\.$/)).toBeDefined()
  })

  it('show a line that came in, or went out, beside nothing', () => {
    shown([first, { ...first, lines: first.lines.slice(1) }])
    expect(row('Granulated sugar')).toMatch(/—$/)
  })
})

describe('an earlier revision', () => {
  it('is restored on top of the newest, by a write of its own each time', async () => {
    shown()
    const [third] = screen.getAllByRole('button', { name: 'Restore it' })
    fireEvent.click(third as HTMLElement)
    await waitFor(() => expect(refresh).toHaveBeenCalledTimes(1))
    fireEvent.click(third as HTMLElement)
    await waitFor(() => expect(refresh).toHaveBeenCalledTimes(2))
    expect(sent.map((s) => [s.path, s.body.from, s.body.document])).toEqual([
      ['/api/formulas/caramels/revisions', 4, hotter],
      ['/api/formulas/caramels/revisions', 4, hotter],
    ])
    expect(sent[0]?.body.write).not.toBe(sent[1]?.body.write)
  })

  it('that was refused says so, and is the same write when tried again', async () => {
    answer = () =>
      Response.json({ error: { message: 'It was changed meanwhile', kept: 'Nothing was changed' } }, { status: 409 })
    shown()
    const [third] = screen.getAllByRole('button', { name: 'Restore it' })
    fireEvent.click(third as HTMLElement)
    expect((await screen.findByRole('alert')).textContent).toBe('It was changed meanwhile. Nothing was changed')
    fireEvent.click(third as HTMLElement)
    await waitFor(() => expect(sent).toHaveLength(2))
    expect(sent[0]?.body.write).toBe(sent[1]?.body.write)
    expect(refresh).not.toHaveBeenCalled()
  })
})
