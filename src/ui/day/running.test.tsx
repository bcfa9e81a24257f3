/** A day that runs: what is out of use, what happened against the plan, and the clock of a practised one. */
import { fireEvent, screen, within } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import { asPlanned, meantOf, newsOf, planInOrder, replan, type SoFar } from '@/core'
import { draw } from '@/ui/testing'
import { roughDay } from '../../../tests/rough/day'
import { Afterwards, PracticeBar, Running } from './running'
import type { Planned } from './use-day'
import type { usePractice } from './use-practice'

const task = roughDay(7, 3)
const plan = planInOrder(task, [])
const names = Object.fromEntries(task.blocks.map((b) => [b.id, `Sweet ${b.id}`]))
const FIRST = Date.parse('2026-11-26T08:00:00Z')
const nothing: SoFar = { now: 0, began: {}, ended: {}, expected: {}, by: {}, ways: {} }
const things = [
  { id: 'left', name: 'left gas ring' },
  { id: 'copper', name: '9 l copper' },
]

/** The day as it stands once its first task has ended so many s late. */
function endedLate(late: number): Planned {
  const head = plan.placed.find((p) => p.person !== null)
  if (!head) throw new Error('Nobody does anything')
  const end = head.end + late
  const soFar: SoFar = { ...nothing, now: end, began: { [head.task.id]: head.start }, ended: { [head.task.id]: end } }
  const again = replan(task, plan, soFar)
  return { plan: again, soFar, news: newsOf(task, meantOf(plan), again, soFar) } as unknown as Planned
}
const before = {
  plan,
  soFar: nothing,
  news: { off: null, foreseen: null, endMoved: 0, late: [], overdue: null, together: null },
} as unknown as Planned

describe('what has moved', () => {
  const shown = (planned: Planned, lost: readonly string[] = []) => {
    const onLost = vi.fn()
    draw(<Running planned={planned} names={names} first={FIRST} lost={lost} things={things} onLost={onLost} />)
    return onLost
  }

  it('is nothing before anything has begun', () => {
    shown(before)
    expect(screen.getByText(/^Nothing has begun/)).toBeDefined()
    expect(screen.queryByText(/^Planned anew/)).toBeNull()
  })

  it('is said of what was late, with when the plan was made again', () => {
    shown(endedLate(900))
    expect(screen.getByText(/ was done 15 min later than planned; /)).toBeDefined()
    expect(screen.getByText(/^Planned anew at \d\d:\d\d\.$/)).toBeDefined()
  })

  it('takes a thing out of use, and back into it, and counts them', () => {
    const onLost = shown(before, ['copper'])
    expect(screen.getByText('Out of use: 1')).toBeDefined()
    fireEvent.click(screen.getByRole('checkbox', { name: 'left gas ring' }))
    fireEvent.click(screen.getByRole('checkbox', { name: '9 l copper' }))
    expect(onLost.mock.calls).toEqual([[['copper', 'left']], [[]]])
  })
})

describe('what happened beside the plan', () => {
  it('is nothing before anything is over', () => {
    const { container } = draw(<Afterwards planned={before} meant={meantOf(plan)} names={names} first={FIRST} />)
    expect(container.textContent).toBe('')
  })

  it('is a row a task, how much longer it was, and where the time went', () => {
    draw(<Afterwards planned={endedLate(900)} meant={meantOf(plan)} names={names} first={FIRST} />)
    const [, row] = screen.getAllByRole('row', { hidden: true })
    expect(row?.textContent).toMatch(/^Sweet p\d: .*\d\d:\d\d–\d\d:\d\d.*15 min$/)
    expect(screen.getByText(/^More time than planned went into/).textContent).toContain('(15 min)')
  })

  it('says no time where none was lost', () => {
    draw(<Afterwards planned={endedLate(0)} meant={meantOf(plan)} names={names} first={FIRST} />)
    expect(screen.queryByText(/^More time than planned/)).toBeNull()
    expect(screen.getAllByRole('row', { hidden: true })[1]?.textContent).toMatch(/\d\d:\d\d$/)
  })
})

describe('a practised day', () => {
  const bar = (practice: { spoiled: string[]; pulledLate: string[] } | null, lost = 0, planned = before) => {
    const practising = { practice, running: false, setRunning: vi.fn(), jump: vi.fn(), stop: vi.fn() }
    draw(
      <PracticeBar
        practising={practising as unknown as ReturnType<typeof usePractice>}
        planned={planned}
        clock="09:40"
        lost={lost}
      />,
    )
    return practising
  }

  it('has no bar where nothing is practised', () => {
    bar(null)
    expect(screen.queryByRole('region')).toBeNull()
  })

  it.each([
    [[], [], 0, 'nothing spoiled, no time lost'],
    [['a'], [], 30, '1 window missed, no time lost'],
    [['a', 'b'], ['c'], 600, '2 windows missed, 1 pot taken off late, 10 min lost'],
    [[], ['c', 'd'], 600, 'nothing spoiled, 2 pots taken off late, 10 min lost'],
  ] as const)('with %j spoiled and %j late says so', (spoiled, pulledLate, lost, said) => {
    bar({ spoiled: [...spoiled], pulledLate: [...pulledLate] }, lost)
    expect(within(screen.getByRole('region', { name: 'Practice' })).getByText(said)).toBeDefined()
  })

  it('is over once all of it has ended', () => {
    const ended = Object.fromEntries(plan.placed.map((p) => [p.task.id, p.end]))
    bar({ spoiled: [], pulledLate: [] }, 0, { ...before, soFar: { ...asPlanned(plan, plan.end), ended } } as Planned)
    expect(screen.getByText(/^Practice is over: /)).toBeDefined()
  })

  it('runs, goes on to the next moment, and ends', () => {
    const { setRunning, jump, stop } = bar({ spoiled: [], pulledLate: [] })
    for (const name of ['Let it run, 60 times as fast', /To the next moment/, 'End practice'])
      fireEvent.click(screen.getByRole('button', { name }))
    expect([setRunning.mock.calls, jump.mock.calls.length, stop.mock.calls.length]).toEqual([[[true]], 1, 1])
  })
})
