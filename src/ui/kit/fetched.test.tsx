/** A part of a page that is fetched once it is asked for, with the server there and away. */
import { act, render, screen } from '@testing-library/react'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { Fetched, type Later, later } from './fetched'

const Window = ({ name }: { name: string }) => <p>window of {name}</p>
const Named = ({ of, name }: { of: Later<{ name: string }>; name: string }) => (
  <Fetched of={of}>{(Window) => <Window name={name} />}</Fetched>
)
const settle = () => act(() => vi.advanceTimersByTimeAsync(0))

beforeEach(() => void vi.useFakeTimers())
afterEach(() => void vi.useRealTimers())

it('is there once it has come, and at once the next time', async () => {
  const load = vi.fn(async () => ({ default: Window }))
  const part = later(load)
  const first = render(<Named of={part} name="one" />)
  expect(screen.queryByText('window of one')).toBeNull()
  await settle()
  expect(screen.getByText('window of one')).toBeDefined()
  first.unmount()
  render(<Named of={part} name="two" />)
  expect(screen.getByText('window of two')).toBeDefined()
  expect(load).toHaveBeenCalledTimes(1)
})

it('says that the server is away, leaves the page as it is, and comes once it is back', async () => {
  let isThere = false
  const part = later(async () => {
    if (!isThere) throw new TypeError('failed to fetch')
    return { default: Window }
  })
  render(
    <>
      <p>a pot at 118°</p>
      <Named of={part} name="keys" />
    </>,
  )
  await settle()
  expect(screen.getByRole('status').textContent).toMatch(/server does not answer/)
  expect(screen.getByText('a pot at 118°')).toBeDefined()
  await act(() => vi.advanceTimersByTimeAsync(6000))
  expect(screen.queryByText('window of keys')).toBeNull()
  isThere = true
  await act(() => vi.advanceTimersByTimeAsync(2000))
  expect(screen.getByText('window of keys')).toBeDefined()
  expect(screen.queryByRole('status')).toBeNull()
})

it('asks no more once nobody wants it', async () => {
  const load = vi.fn(async (): Promise<{ default: typeof Window }> => {
    throw new TypeError('failed to fetch')
  })
  const part = later(load)
  const shown = render(<Named of={part} name="keys" />)
  await settle()
  await act(() => vi.advanceTimersByTimeAsync(2000))
  expect(load).toHaveBeenCalledTimes(2)
  shown.unmount()
  await act(() => vi.advanceTimersByTimeAsync(60_000))
  expect(load).toHaveBeenCalledTimes(2)
})
