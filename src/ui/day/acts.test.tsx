/** What is done of a day: lit on the stove, begun, ended; and how its practice does the same and keeps nothing. */
import { renderHook, waitFor } from '@testing-library/react'
import { act } from 'react'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { blankDay, type Day, type DayView } from '@/contract/day'
import { meantOf, planInOrder, type SoFar } from '@/core'
import { demoFormulas } from '@/demo/formulas'
import { OnPage, router } from '@/ui/testing'
import { roughDay } from '../../../tests/rough/day'
import { useActs } from './use-acts'
import type { Found, Planned } from './use-day'
import { usePractice } from './use-practice'

const { push } = router

const task = roughDay(7, 3)
const plan = planInOrder(task, [])
const cook = plan.placed.find((p) => p.task.kind === 'cook')
const ready = plan.placed[0]
if (!cook || !ready) throw new Error('nothing is cooked on this day')
const way = plan.ways[cook.block] ?? ''
const found = {
  plan,
  compiled: { task, stands: { [way]: { pot: 'copper-9', burner: 'induction' } }, vessels: {} },
} as unknown as Found
const day: Day = {
  ...blankDay('quay'),
  items: [{ id: cook.task.item, formula: 'orchard-toffee', size: { by: 'pieces', pieces: 60 } }],
}
const view = {
  date: '2026-11-26',
  formulas: [{ id: 'orchard-toffee', revision: 4, document: demoFormulas['orchard-toffee'] }],
  kitchen: { channels: [{ id: 'quick-probe', name: 'Quick probe' }] },
} as unknown as DayView
const runningAt = (now: number): Planned =>
  ({
    ...found,
    soFar: { now, began: {}, ended: {}, expected: {}, by: {}, ways: {} } satisfies SoFar,
  }) as unknown as Planned

let sent: Record<string, unknown>[]
let answer: () => Response

beforeEach(() => {
  sent = []
  answer = () => Response.json({})
  vi.stubGlobal('fetch', async (_: string, { body }: { body: string }) => {
    sent.push(JSON.parse(body))
    return answer()
  })
})

function acts(of: Day = day, now = 1200) {
  const onLog = vi.fn(async (_: Day) => undefined)
  const { result } = renderHook(() => useActs({ view, day: of, found, onLog }, runningAt(now), null), {
    wrapper: OnPage,
  })
  return { result, onLog, logged: () => onLog.mock.lastCall?.[0] as Day }
}

describe('what is done of a day', () => {
  it('is lit on the stove where it was planned, and the page goes there', async () => {
    const { result, logged } = acts()
    act(() => result.current.acts.light(cook))
    await waitFor(() => expect(push).toHaveBeenCalled())
    expect(sent[0]).toMatchObject({
      formula: 'orchard-toffee',
      revision: 4,
      pot: 'copper-9',
      burner: 'induction',
      rate: 1,
    })
    expect(logged().boils).toEqual({ [cook.block]: sent[0]?.boilId })
    expect(push).toHaveBeenCalledWith(`/stove/${sent[0]?.boilId}`)
  })

  it('that cannot be lit says why, and nothing is logged', async () => {
    answer = () =>
      Response.json({ error: { message: 'The pot is too small', kept: 'Nothing was begun.' } }, { status: 400 })
    const { result, onLog } = acts()
    act(() => result.current.acts.light(cook))
    await waitFor(() => expect(result.current.problem).toBe('The pot is too small. Nothing was begun.'))
    expect(onLog).not.toHaveBeenCalled()
    expect(push).not.toHaveBeenCalled()
  })

  it('is begun now, by whom it was planned for; what was meant is kept with the first of it, and stays', () => {
    const { result, logged } = acts()
    act(() => result.current.acts.begin(ready))
    expect(logged()).toMatchObject({ began: { [ready.task.id]: 1200 }, who: { [ready.task.id]: ready.person } })
    expect(logged().meant).toEqual(meantOf(plan))
    const meant: Day['meant'] = { x: [0, 60, 'cut'] }
    const later = acts({ ...day, meant })
    act(() => later.result.current.acts.done(ready))
    expect(later.logged().meant).toEqual(meant)
    expect(later.logged().ended).toEqual({ [ready.task.id]: 1200 })
  })

  it('of another day counts as done when it was planned', () => {
    const { result, logged } = acts(day, 0)
    act(() => result.current.acts.begin(ready))
    expect(logged().began).toEqual({ [ready.task.id]: ready.start })
  })
})

describe('a practised day', () => {
  it('begins, goes on from moment to moment, and sends nothing', () => {
    const { result } = renderHook(() => usePractice())
    act(() => result.current.start(day, found, 5))
    act(() => result.current.setPlan(plan))
    act(() => result.current.begin(ready))
    expect(result.current.practice?.soFar.began[ready.task.id]).toBe(task.from)
    const before = result.current.practice?.soFar.now ?? 0
    act(() => result.current.jump())
    expect(result.current.practice?.soFar.now).toBeGreaterThan(before)
    act(() => result.current.stop())
    expect(result.current.practice).toBeNull()
    expect(sent).toEqual([])
  })
})
