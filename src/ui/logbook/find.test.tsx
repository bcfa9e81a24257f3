import { fireEvent, screen, waitFor } from '@testing-library/react'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { anything, type Find, type MonthCount } from '@/contract/logbook'
import { draw, router } from '@/ui/testing'
import { addressOf, FindSentence, isAsked } from './find-sentence'
import { LogFiles } from './log-files'
import { MonthStrip } from './month-strip'

const { replace, refresh } = router

beforeEach(() => history.replaceState(null, '', '/logbook'))

const facets = {
  months: [],
  rings: ['left gas ring', 'induction plate'],
  formulas: [{ id: 'toffee', name: 'Orchard toffee' }],
}

describe('what is asked of the log', () => {
  it('is an address, without what is not asked', () => {
    expect(addressOf('/logbook', anything, false)).toBe('/logbook')
    expect(addressOf('/logbook', { ...anything, ring: 'left gas ring', score: 'poor' }, false)).toBe(
      '/logbook?ring=left+gas+ring&score=poor',
    )
    expect(addressOf('/logbook', anything, true)).toBe('/logbook?practice=')
    expect(isAsked(anything)).toBe(false)
    expect(isAsked({ ...anything, flaw: 'grained' })).toBe(true)
  })

  const asked = (find: Find = anything) => draw(<FindSentence find={find} facets={facets} practice={false} />)

  it('is chosen word by word, and given up again', async () => {
    asked({ ...anything, month: '2026-10', revision: 3 })
    fireEvent.click(screen.getByRole('button', { name: 'Ring: on any ring' }))
    fireEvent.click(await screen.findByRole('button', { name: 'induction plate' }))
    await waitFor(() => expect(replace).toHaveBeenCalled())
    expect(replace.mock.lastCall?.[0]).toContain('ring=induction+plate')
    expect(replace.mock.lastCall?.[0]).toContain('month=2026-10')
    fireEvent.click(screen.getByRole('button', { name: /October 2026/ }))
    await waitFor(() => expect(replace.mock.lastCall?.[0]).not.toContain('month='))
    expect(replace.mock.lastCall?.[0]).toContain('revision=3')
  })

  it('is typed as a sentence', async () => {
    asked()
    const box = screen.getByRole('searchbox', { name: 'Ask the log' })
    fireEvent.change(box, { target: { value: 'toffee · pulled late · in October · with grain' } })
    fireEvent.keyDown(box, { key: 'Enter' })
    if (replace.mock.calls.length === 0) fireEvent.submit(box.closest('form') ?? box)
    await waitFor(() => expect(replace).toHaveBeenCalled())
    const address = new URL(replace.mock.lastCall?.[0], 'http://x').searchParams
    expect(address.get('pulled')).toBe('late')
    expect(address.get('flaw')).toBe('grained')
  })
})

describe('the months of the log', () => {
  const months: readonly MonthCount[] = [
    { month: '2026-11', scores: { 5: 7, 0: 2 } },
    { month: '2026-10', scores: { 1: 1 } },
  ]

  it('say in words how many there are of which score, the oldest first, and lead there', () => {
    draw(<MonthStrip months={months} find={{ ...anything, ring: 'left gas ring' }} practice={false} />)
    const links = screen.getAllByRole('link')
    expect(links.map((l) => l.getAttribute('aria-label'))).toEqual([
      'October 2026: 1 batch. 1 bin',
      'November 2026: 9 batches. 7 best, 2 not judged',
    ])
    expect(links[1]?.getAttribute('href')).toBe('/logbook?ring=left+gas+ring&month=2026-11')
  })

  it('lead back out of the month that is asked for', () => {
    draw(<MonthStrip months={months} find={{ ...anything, month: '2026-11' }} practice={false} />)
    const here = screen.getAllByRole('link')[1]
    expect(here?.getAttribute('aria-current')).toBe('true')
    expect(here?.getAttribute('href')).toBe('/logbook')
  })
})

describe('a log that is taken in', () => {
  const file = (text: string) => new File([text], 'log.jsonl')
  const take = (f: File): void =>
    void fireEvent.change(screen.getByLabelText('A log back in'), { target: { files: [f] } })

  it('goes in batch by batch, and says what was there already', async () => {
    const bodies: unknown[] = []
    vi.stubGlobal('fetch', async (_: string, { body }: { body: string }) => {
      bodies.push(JSON.parse(body))
      return Response.json({ came: bodies.length === 2 ? 'same' : 'new' })
    })
    draw(<LogFiles />)
    take(file('{"a":1}\n{"a":2}\n{"a":3}\n'))
    await waitFor(() => expect(screen.getByRole('status').textContent).toBe('2 taken in, 1 there already.'))
    expect(bodies).toEqual([{ a: 1 }, { a: 2 }, { a: 3 }])
    expect(refresh).toHaveBeenCalled()
  })

  it('that breaks off says what stays', async () => {
    let asked = 0
    vi.stubGlobal('fetch', async () =>
      asked++ === 0
        ? Response.json({ came: 'new' })
        : Response.json({ error: { message: 'Line 2 is no batch', kept: 'That one was left out.' } }, { status: 400 }),
    )
    draw(<LogFiles />)
    take(file('{"a":1}\n{"b":2}\n'))
    expect((await screen.findByRole('alert')).textContent).toBe(
      'Line 2 is no batch. That one was left out. 1 had been taken in before that, and stay; the same file can be tried again.',
    )
  })
})
