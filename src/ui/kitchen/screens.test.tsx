/** Who comes into the kitchen: what is asked of a new screen, what its code shows, and what is said where it goes wrong. */
import { act, fireEvent, screen, waitFor } from '@testing-library/react'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { ScreenView } from '@/contract/screens'
import { draw, router } from '@/ui/testing'
import { ScreensPage } from './screens-page'

const { refresh } = router

const NOW = Date.parse('2026-10-20T10:00:00Z')
const seen = (id: string, name: string, role: ScreenView['role'], minutes: number): ScreenView => ({
  id,
  name,
  role,
  pairedAt: new Date(NOW - 86_400_000).toISOString(),
  lastSeenAt: new Date(NOW - 60_000 * minutes).toISOString(),
})
const screens = [seen('a', 'lead cook', 'owner', 0), seen('b', 'packing', 'looker-on', 90)]

let sent: { path: string; method: string; body: unknown }[]
let answer: (path: string) => Response

beforeEach(() => {
  sent = []
  answer = () =>
    Response.json({ code: '493027', picture: 'data:,', expiresAt: new Date(Date.now() + 120_000).toISOString() })
  vi.stubGlobal('fetch', async (path: string, { method, body }: { method: string; body: string }) => {
    sent.push({ path, method, body: JSON.parse(body) })
    return answer(path)
  })
})

const shown = (change: Partial<Parameters<typeof ScreensPage>[0]> = {}) =>
  draw(<ScreensPage open begun secure mine="a" screens={screens} now={NOW} {...change} />)
const press = (name: string): void => void fireEvent.click(screen.getByRole('button', { name }))
const refusal = Response.json(
  { error: { message: 'That is not the passphrase', kept: 'Nothing was changed' } },
  { status: 403 },
)

describe('the list of screens', () => {
  it('says of each what it may, when it was seen, and which one this is', () => {
    shown()
    const [lead, packing] = screen.getAllByRole('listitem').map((li) => li.textContent ?? '')
    expect(lead).toMatch(/lead cook.*this one.*owns/)
    expect(packing).toMatch(/packing.*looks on · seen/)
    expect(packing).not.toContain('this one')
  })

  it('is empty in words', () => {
    shown({ screens: [] })
    expect(screen.getByText('No screen has been paired.')).toBeDefined()
  })

  it('asks before a screen is sent away, and says where that failed', async () => {
    answer = () => refusal.clone()
    shown()
    fireEvent.click(screen.getAllByRole('button', { name: 'Send away' })[1] as HTMLElement)
    expect(screen.getByRole('alertdialog').textContent).toContain('Send “packing” away?')
    expect(sent).toEqual([])
    press('Send it away')
    expect((await screen.findByRole('alert')).textContent).toContain('Nothing was changed')
    expect(sent.map((s) => [s.method, s.path])).toEqual([['DELETE', '/api/screens/b']])
  })
})

describe('a kitchen of one machine', () => {
  it('is told how it is opened, and pairs nobody', () => {
    shown({ open: false })
    expect(screen.getByText(/IMBRY_LISTEN/)).toBeDefined()
    expect(screen.queryByRole('button', { name: 'Make a code' })).toBeNull()
  })

  it('is warned of a line that can be read along, only where there is one', () => {
    shown({ secure: false })
    expect(screen.getByText(/The line is not encrypted/)).toBeDefined()
  })
})

describe('a new screen', () => {
  it('is given a name and a role; its code is shown in two halves until it dies', async () => {
    vi.useFakeTimers({ toFake: ['Date', 'setInterval', 'clearInterval'], now: NOW })
    shown()
    fireEvent.change(screen.getByLabelText('It is called'), { target: { value: 'packing bench' } })
    fireEvent.click(screen.getByRole('radio', { name: 'Looks on' }))
    press('Make a code')
    expect((await screen.findByTestId('code')).textContent).toBe('493 027')
    expect(sent[0]?.body).toMatchObject({ name: 'packing bench', role: 'looker-on' })
    act(() => void vi.advanceTimersByTime(60_000))
    expect(screen.getByText('good for 60 s more')).toBeDefined()
    act(() => void vi.advanceTimersByTime(61_000))
    expect(screen.queryByTestId('code')).toBeNull()
    expect(refresh).toHaveBeenCalled()
    expect(screen.getByRole('button', { name: 'Make a code' })).toBeDefined()
  })

  it('without a name gets no code', () => {
    shown()
    fireEvent.change(screen.getByLabelText('It is called'), { target: { value: '   ' } })
    expect((screen.getByRole('button', { name: 'Make a code' }) as HTMLButtonElement).disabled).toBe(true)
  })
})

describe('the owner’s passphrase', () => {
  it('is asked for once more where there is one, and forgotten by the page once it is kept', async () => {
    shown()
    fireEvent.change(screen.getByLabelText('As it is'), { target: { value: 'four copper kettles' } })
    fireEvent.change(screen.getByLabelText('As it shall be'), { target: { value: 'nine copper kettles' } })
    press('Keep it')
    await waitFor(() => expect(screen.getByRole('status').textContent).toMatch(/^It is kept/))
    expect(sent[0]).toMatchObject({
      method: 'PUT',
      path: '/api/owner',
      body: { proof: 'four copper kettles', passphrase: 'nine copper kettles' },
    })
    expect((screen.getByLabelText('As it shall be') as HTMLInputElement).value).toBe('')
  })

  it('stays as it was typed where it was refused, and that is said', async () => {
    answer = () => refusal.clone()
    shown({ begun: false })
    fireEvent.change(screen.getByLabelText('A few words nobody would guess'), {
      target: { value: 'nine copper kettles' },
    })
    press('Keep it')
    await waitFor(() => expect(screen.getByRole('status').textContent).toContain('not the passphrase'))
    expect((screen.getByLabelText('A few words nobody would guess') as HTMLInputElement).value).toBe(
      'nine copper kettles',
    )
  })
})
