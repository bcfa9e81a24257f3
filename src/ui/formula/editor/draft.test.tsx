/** A draft: every change can be taken back, letters of one box together, and what is unsaved outlives the window. */
import { act, renderHook } from '@testing-library/react'
import { afterEach, describe, expect, it } from 'vitest'
import { blankFormula, type FormulaDocument } from '@/core'
import { type Draft, draftKey, keepDraft, leftOver, useDraft } from './use-draft'

afterEach(() => localStorage.clear())

const KEY = draftKey('toffee')
const first: Draft = { formula: { ...blankFormula, name: 'Toffee' }, questions: [] }
const drafted = () => {
  const { result } = renderHook(() => useDraft(KEY, first))
  const set = (change: Partial<FormulaDocument>, box: string | null = null): void =>
    act(() => result.current.change((d) => ({ ...d, formula: { ...d.formula, ...change } }), box))
  return { now: () => result.current, set, name: () => result.current.draft.formula.name }
}

describe('a draft', () => {
  it('that was not touched has nothing to take back and is kept nowhere', () => {
    const { now } = drafted()
    expect([now().undo, now().redo, leftOver(KEY)]).toEqual([null, null, null])
  })

  it('takes letters typed into one box back together, and those of two boxes apart', () => {
    const { now, set, name } = drafted()
    for (const text of ['T', 'To', 'Tof']) set({ name: text }, 'name')
    for (const text of ['S', 'Sn']) set({ about: text }, 'about')
    act(() => now().undo?.())
    expect([name(), now().draft.formula.about]).toEqual(['Tof', blankFormula.about])
    act(() => now().undo?.())
    expect(name()).toBe('Toffee')
    expect(now().undo).toBeNull()
  })

  it('takes changes that stand alone back one by one', () => {
    const { now, set, name } = drafted()
    set({ name: 'one' })
    set({ name: 'two' })
    act(() => now().undo?.())
    expect(name()).toBe('one')
  })

  it('brings back what was taken back, until something else is changed', () => {
    const { now, set, name } = drafted()
    set({ name: 'one' })
    set({ name: 'two' })
    act(() => now().undo?.())
    act(() => now().undo?.())
    act(() => now().redo?.())
    expect(name()).toBe('one')
    set({ name: 'other' })
    expect(now().redo).toBeNull()
    act(() => now().undo?.())
    expect(name()).toBe('one')
  })

  it('goes on in a box after an undo without swallowing what was there', () => {
    const { now, set, name } = drafted()
    set({ name: 'T' }, 'name')
    act(() => now().undo?.())
    set({ name: 'Tahini' }, 'name')
    act(() => now().undo?.())
    expect(name()).toBe('Toffee')
  })

  it('counts no change that changes nothing', () => {
    const { now } = drafted()
    act(() => now().change((d) => d))
    expect(now().undo).toBeNull()
  })

  it('remembers two hundred steps, and no more', () => {
    const { now, set, name } = drafted()
    for (let i = 0; i <= 210; i++) set({ name: `${i}` })
    let back = 0
    while (now().undo) {
      act(() => now().undo?.())
      back++
    }
    expect([back, name()]).toEqual([200, '10'])
  })
})

describe('what is unsaved', () => {
  it('is there in the next window, and gone once it is saved', () => {
    const { now, set } = drafted()
    set({ name: 'Unsaved' })
    expect(leftOver(KEY)?.formula.name).toBe('Unsaved')
    act(() => now().forget())
    expect(leftOver(KEY)).toBeNull()
  })

  it('can be gone on with, and that can be taken back, too', () => {
    keepDraft(KEY, { ...first, formula: { ...first.formula, name: 'Left over' } })
    const { now, name } = drafted()
    act(() => now().load(leftOver(KEY) as Draft))
    expect(name()).toBe('Left over')
    act(() => now().undo?.())
    expect(name()).toBe('Toffee')
  })

  it('of one formula is not that of another, nor of a new one', () => {
    keepDraft(KEY, first)
    expect([leftOver(draftKey('fudge')), leftOver(draftKey(null))]).toEqual([null, null])
  })
})
