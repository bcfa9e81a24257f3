import 'fake-indexeddb/auto'
import { ulid } from 'ulid'
import { expect, it, vi } from 'vitest'
import type { LoggedAct } from '@/contract/cook'
import { outboxOf } from './outbox'

const act = (text: string, id = ulid()): LoggedAct => ({
  id,
  at: '2026-11-25T10:00:00.000Z',
  act: { type: 'note', text },
})

it('keeps acts of each boil apart and in their order until they are dropped', async () => {
  const [mine, other] = [outboxOf(ulid()), outboxOf(ulid())]
  const first = act('one', '01JD3M9Q6S8ZK3V3N8C0A7T4QX')
  const second = act('two', '01JD3M9Q6S8ZK3V3N8C0A7T4QY')
  expect(await mine.keep(second)).toBe(true)
  await mine.keep(first)
  await other.keep(act('elsewhere'))
  expect(await mine.left()).toEqual([first, second])
  await mine.keep(first)
  await mine.drop(first.id)
  expect(await mine.left()).toEqual([second])
  await mine.drop('nothing')
  expect(await other.left()).toHaveLength(1)
})

it('leaves out what it cannot read', async () => {
  const box = outboxOf(ulid())
  await box.keep({ id: ulid(), at: 'yesterday', act: { type: 'dance' } } as unknown as LoggedAct)
  expect(await box.left()).toEqual([])
})

it('says that nothing is kept where the browser stores nothing', async () => {
  vi.resetModules()
  vi.stubGlobal('indexedDB', {
    open: () => {
      throw new DOMException('no', 'SecurityError')
    },
  })
  const { outboxOf: without } = await import('./outbox')
  const box = without(ulid())
  expect(await box.keep(act('lost'))).toBe(false)
  await box.drop('lost')
  expect(await box.left()).toEqual([])
  vi.unstubAllGlobals()
  // and once it does, what comes next is kept
  expect(await box.keep(act('found'))).toBe(true)
  expect(await box.left()).toHaveLength(1)
})
