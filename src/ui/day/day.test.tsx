import { fireEvent, screen } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import type { Cooked, Day } from '@/contract/day'
import { asPlanned, type DayPlan, meantOf, newsOf, planInOrder, replan, type SoFar } from '@/core'
import { draw } from '@/ui/testing'
import { sayNews } from '@/words'
import { roughDay } from '../../../tests/rough/day'
import { Lanes, STEP } from './lanes'
import { NextTasks } from './next-tasks'
import { type Planned, soFarOf } from './use-day'

const task = roughDay(7, 3)
const plan = planInOrder(task, [])
const names = Object.fromEntries(task.blocks.map((b) => [b.id, `Sweet ${b.id}`]))
const nothing: SoFar = { now: 0, began: {}, ended: {}, expected: {}, by: {}, ways: {} }

function lanes(begun: ReadonlySet<string> = new Set(), pins: Readonly<Record<string, number>> = {}) {
  const [onHold, onPut] = [vi.fn(), vi.fn()]
  draw(
    <Lanes
      plan={plan}
      people={task.people.map((p) => ({ id: p.id, name: p.id }))}
      things={Object.keys(task.things).map((id) => ({ id, name: id }))}
      names={names}
      first={Date.parse('2026-11-26T08:00:00Z')}
      by={task.by}
      now={600}
      begun={begun}
      done={new Set()}
      pins={pins}
      zoom={1}
      onHold={onHold}
      onPut={onPut}
    />,
  )
  return { onHold, onPut }
}

const bars = (): HTMLElement[] => screen.getAllByRole('button')
const first = plan.placed.find((p) => p.person !== null)

describe('the lanes of a day', () => {
  it('have a bar for each task of a person, that says what it is and when', () => {
    lanes()
    expect(bars()).toHaveLength(plan.placed.filter((p) => p.person !== null).length)
    for (const bar of bars()) expect(bar.getAttribute('aria-label')).toMatch(/^Sweet p\d: .*, \d\d:\d\d to \d\d:\d\d, /)
  })

  it('move a task by the arrow keys, from where it was put, and let it go again', () => {
    const { onPut } = lanes(new Set(), { [first?.task.id ?? '']: 1200 })
    const [bar] = bars() as [HTMLElement]
    fireEvent.keyDown(bar, { key: 'ArrowRight' })
    fireEvent.keyDown(bar, { key: 'ArrowLeft' })
    fireEvent.keyDown(bar, { key: 'Delete' })
    expect(onPut.mock.calls).toEqual([
      [first?.task.id, 1200 + STEP],
      [first?.task.id, 1200 - STEP],
      [first?.task.id, null],
    ])
  })

  it('show a dragged task where it is held, and put it there once it is let go; a touch alone moves nothing', () => {
    const { onHold, onPut } = lanes()
    const [bar] = bars() as [HTMLElement]
    const drawing = screen.getByRole('group')
    fireEvent.pointerDown(bar, { clientX: 10 })
    fireEvent.pointerUp(drawing, { clientX: 10 })
    expect(onPut).not.toHaveBeenCalled()
    fireEvent.pointerDown(bar, { clientX: 10 })
    fireEvent.pointerMove(drawing, { clientX: 110 })
    expect(onHold).toHaveBeenLastCalledWith({ id: first?.task.id, at: expect.any(Number) })
    fireEvent.pointerUp(drawing, { clientX: 110 })
    expect(onPut).toHaveBeenCalledWith(first?.task.id, expect.any(Number))
    expect(onPut.mock.calls[0]?.[1] % STEP).toBe(0)
    expect(onPut.mock.calls[0]?.[1]).toBeGreaterThan(first?.start ?? 0)
    expect(onHold).toHaveBeenLastCalledWith(null)
  })

  it('leave what has begun where it is', () => {
    const { onPut } = lanes(new Set(plan.placed.map((p) => p.task.id)))
    const [bar] = bars() as [HTMLElement]
    fireEvent.keyDown(bar, { key: 'ArrowRight' })
    fireEvent.pointerDown(bar, { clientX: 10 })
    fireEvent.pointerMove(screen.getByRole('group'), { clientX: 200 })
    fireEvent.pointerUp(screen.getByRole('group'), { clientX: 200 })
    expect(onPut).not.toHaveBeenCalled()
  })
})

const planned = (soFar: SoFar, at: DayPlan = plan): Planned =>
  ({ plan: at, soFar, chain: [], share: 1, news: newsOf(task, {}, at, soFar), compiled: {} }) as unknown as Planned

function next(soFar: SoFar, boils: Day['boils'] = {}) {
  const acts = { light: vi.fn(), begin: vi.fn(), done: vi.fn(), ends: () => true }
  const day = { cooks: 2, boils } as unknown as Day
  draw(<NextTasks day={day} planned={planned(soFar)} names={names} first={0} acts={acts} problem={null} />)
  return acts
}

describe('what is next', () => {
  it('can be begun only once all before it is over, and be done only once it has begun', () => {
    const acts = next(nothing)
    const begin = screen.getAllByRole('button', { name: 'Begin' })
    // of each block only getting ready is free
    expect(begin.length).toBeLessThanOrEqual(task.blocks.length)
    expect(screen.queryByRole('button', { name: 'Done' })).toBeNull()
    fireEvent.click(begin[0] as HTMLElement)
    expect(acts.begin).toHaveBeenCalledWith(expect.objectContaining({ task: plan.placed[0]?.task }))
  })

  it('is for one role alone where a screen says so, and stays so', () => {
    next(nothing)
    fireEvent.click(screen.getByRole('radio', { name: 'Second cook' }))
    expect(localStorage.getItem('day role')).toBe('second')
    const mine = plan.placed.filter((p) => p.person === 'second').slice(0, 4)
    expect(screen.queryAllByRole('listitem')).toHaveLength(mine.length)
    localStorage.removeItem('day role')
  })

  it('says that all is done once it is', () => {
    next(asPlanned(plan, 10 * 86_400))
    expect(screen.getByRole('heading').textContent).toBe('All done')
  })
})

describe('what the stove says of a day', () => {
  const first = Date.parse('2026-11-26T08:00:00Z')
  const at = (minutes: number): string => new Date(first + 60_000 * minutes).toISOString()
  const day = { began: {}, ended: {}, who: {}, ways: {} } as unknown as Day
  const so = (cooked: Cooked, off?: number) =>
    soFarOf(
      { day, cooked: { 'a 1': cooked } },
      [],
      first,
      first + 40 * 60_000,
      off ? { 'a 1': first + 60_000 * off } : {},
    )
  const lit = { startedAt: at(10), watchedAt: null, pulledAt: null }

  it('begins the watch when the pot was read so hot, and ends it with the pull', () => {
    expect(so({ ...lit, watchedAt: at(22), pulledAt: at(31) })).toMatchObject({
      began: { 'a 1 cook': 600, 'a 1 pull': 1320 },
      ended: { 'a 1 cook': 1320, 'a 1 pull': 1860 },
      expected: {},
    })
    expect(so(lit).began).toEqual({ 'a 1 cook': 600 })
  })

  it('takes half way for the watch where nobody read it', () => {
    expect(so({ ...lit, pulledAt: at(30) }).began['a 1 pull']).toBe(1200)
  })

  it('foresees the pull of a pot that is followed, and of no other', () => {
    expect(so(lit, 45).expected['a 1 pull']).toBe(2700)
    expect(so({ ...lit, pulledAt: at(31) }, 45).expected).toEqual({})
  })
})

describe('what has moved, in words', () => {
  it('names the task, by how much it was off, and what that does to the end', () => {
    const pull = plan.placed.find((p) => p.task.kind === 'work')
    const id = pull?.task.id ?? ''
    const soFar = asPlanned(plan, pull?.end ?? 0)
    const late = { ...soFar, now: soFar.now + 420, ended: { ...soFar.ended, [id]: (pull?.end ?? 0) + 420 } }
    const again = replan(task, plan, late)
    const [said] = sayNews(newsOf(task, meantOf(plan), again, late), (b) => names[b] ?? b, String)
    expect(said).toMatch(/^Sweet p\d \(.*\) was done 7 min later than planned; /)
  })
})
