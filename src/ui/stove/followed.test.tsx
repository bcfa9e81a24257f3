/** Pages that follow several boils: the stove with its other pots, the list of all with its moulds, and the day. */
import { fireEvent, screen, waitFor } from '@testing-library/react'
import { act } from 'react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { BoilView, LoggedAct } from '@/contract/cook'
import { type BoiledFormula, gramsOfBoil } from '@/core'
import { seeded } from '@/core/quantity/seeded'
import { cookBoil } from '@/demo/maker'
import { OnStove } from '@/ui/day/on-stove'
import { draw } from '@/ui/testing'
import type { FeedListener } from './boil-feed'
import { Stove } from './stove'
import { StoveList } from './stove-list'
import { StovePage } from './stove-page'
import { boilOf } from './testing'

const lines = new Map<string, FeedListener>()
vi.mock('./boil-feed', () => ({
  listenToBoil: (boil: string, _: string, listener: FeedListener) => {
    lines.set(boil, listener)
    return () => lines.delete(boil)
  },
  onTick: () => () => undefined,
}))
vi.mock('@/ui/stove/boil-feed', () => ({
  listenToBoil: (boil: string, _: string, listener: FeedListener) => {
    lines.set(boil, listener)
    return () => lines.delete(boil)
  },
  onTick: () => () => undefined,
}))

beforeEach(() => lines.clear())

const PROBE = { lagS: 4, noiseC: 0.1, offsetC: 0, dropShare: 0 }

/** A boil lit so many s before the end of its cook: `before` the pull it makes, or so long after it. */
function lit(formula: string, before: number, change: Partial<BoilView> = {}) {
  const boil = { ...boilOf(formula), ...change }
  const cooked = cookBoil(
    boil.formula as BoiledFormula,
    gramsOfBoil(boil.plan, 1),
    boil.conditions,
    PROBE,
    { misses: 0, power: 1, every: 1 },
    seeded(3),
  )
  const pulledAt = cooked.acts.find((a) => a.act.type === 'pulled')?.at ?? 0
  const now = pulledAt - before
  const startedAt = new Date(Date.now() - 1000 * now).toISOString()
  const at = (s: number): string => new Date(Date.parse(startedAt) + 1000 * s).toISOString()
  const acts: LoggedAct[] = [
    { id: '01JD3M9Q6S8ZK3V3N8C0A7T4A0', at: startedAt, act: { type: 'clock', rate: 1, wall: startedAt } },
    ...cooked.acts
      .filter((a) => a.at <= now)
      .map((a, i) => ({ id: `01JD3M9Q6S8ZK3V3N8C0A7T4B${i}`, at: at(a.at), act: a.act })),
  ]
  const readings = cooked.readings
    .filter((r) => r.at <= now)
    .map((r): [number, number] => [Date.parse(at(r.at)), r.celsius])
  const frame = { boil: boil.id, cursor: '9.9', wall: Date.now(), readings, acts }
  return { boil: { ...boil, startedAt }, frame, pullsAt: Date.now() + 1000 * before }
}

const tell = (frame: Parameters<FeedListener['frame']>[0]): void => act(() => lines.get(frame.boil)?.frame(frame))

describe('the day', () => {
  it('shows each pot as warm as it is with what it wants, and foresees when it comes off', async () => {
    const { boil, frame, pullsAt } = lit('quince-lollipops', 100)
    const onComesOff = vi.fn()
    draw(<OnStove boils={{ 'a 1': boil }} names={{ 'a 1': 'Lollipops' }} onComesOff={onComesOff} />)
    tell(frame)
    const link = screen.getByRole('link')
    await waitFor(() => expect(link.textContent).toMatch(/Lollipops\d\d\d°/))
    expect(link.getAttribute('href')).toBe(`/stove/${boil.id}`)
    const at = onComesOff.mock.lastCall?.[0]['a 1'] as number
    expect(Math.abs(at - pullsAt)).toBeLessThan(60_000)
  })

  it('foresees nothing of a pot that has other steps before it', async () => {
    const { boil, frame } = lit('smoked-salt-tamarind-caramels', 1e5)
    const onComesOff = vi.fn()
    draw(<OnStove boils={{ 'a 1': boil }} names={{ 'a 1': 'Caramels' }} onComesOff={onComesOff} />)
    tell(frame)
    await waitFor(() => expect(onComesOff).toHaveBeenCalled())
    expect(onComesOff.mock.lastCall?.[0]).toEqual({})
  })
})

describe('a window that is slow to draw', () => {
  const DRAWS_MS = 100
  let clock = 0
  let drew = 0
  beforeEach(() => {
    clock = drew = 0
    vi.useFakeTimers()
    vi.stubGlobal('performance', { now: () => clock })
    vi.stubGlobal('fetch', async () => Response.json({ stored: true }))
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  const pass = async (ms: number): Promise<void> => {
    clock += ms
    await vi.advanceTimersByTimeAsync(ms)
  }

  /** A toffee of which a reading comes every 20 ms. */
  async function hurried(readings: number) {
    const { boil, frame } = lit('orchard-toffee', 600)
    const stove = new Stove([{ boil, first: frame }])
    const close = stove.open()
    stove.subscribe(() => {
      clock += DRAWS_MS
      drew += DRAWS_MS
    })
    for (let i = 1; i <= readings; i++) {
      const at = Date.now()
      lines.get(boil.id)?.frame({ ...frame, wall: at, readings: [[at, 60 + i / 10]], acts: [] })
      await pass(20)
    }
    return { live: () => stove.snapshot().get(boil.id), close }
  }

  it('draws for no more than half of its time, and ends with the newest reading', async () => {
    const { live, close } = await hurried(200)
    expect(drew / clock).toBeLessThan(0.51)
    expect(drew / clock).toBeGreaterThan(0.4)
    await pass(DRAWS_MS)
    expect(live()?.readings.at(-1)?.celsius).toBe(80)
    close()
  })

  it('shows what is pressed at once', async () => {
    const { live, close } = await hurried(7)
    const before = drew
    live()?.log.log({ type: 'heat', dial: 3 })
    expect(drew).toBe(before + DRAWS_MS)
    expect(live()?.cook.state.dial).toBe(3)
    close()
  })
})

describe('the stove as a list', () => {
  const vessel = { kind: 'mould', name: 'drop mould', cavities: 54, millilitres: 2.6, count: 6 } as const
  const first = { cursor: '0.0', wall: Date.now(), readings: [], acts: [] }

  it('says which moulds are full, of what, and how long yet', async () => {
    const drops = boilOf('rhubarb-nettle-elderflower-drops')
    const { boil, frame } = lit('rhubarb-nettle-elderflower-drops', -75, {
      conditions: { ...drops.conditions, vessel },
    })
    draw(<StoveList boils={[{ boil, first }]} lost={[]} />)
    tell(frame)
    const moulds = await screen.findByRole('region', { name: 'Moulds' })
    expect(moulds.textContent).toMatch(/drop mould\d of 6 free\d with .*(min|s) more/)
  })

  it('says nothing of moulds that nothing lies in, and names what it cannot read', () => {
    const { boil } = lit('quince-lollipops', 60)
    draw(
      <StoveList
        boils={[{ boil: { ...boil, conditions: { ...boil.conditions, vessel } }, first }]}
        lost={[{ id: 'x', name: 'An old boil', startedAt: boil.startedAt }]}
      />,
    )
    expect(screen.queryByRole('region', { name: 'Moulds' })).toBeNull()
    expect(screen.getByText('An old boil').parentElement?.textContent).toMatch(/cannot read. What was logged is kept/)
  })
})

describe('the stove with another pot that calls', () => {
  beforeEach(() => {
    vi.useFakeTimers({ shouldAdvanceTime: true })
    vi.stubGlobal('fetch', async () => Response.json({ stored: true }))
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  /** A pot that waits is the large one, and one that is about to come off stands beside it. */
  const drawn = (): void => {
    const pots = [lit('quince-lollipops', 500), lit('orchard-toffee', 10, { id: '01JD3M9Q6S8ZK3V3N8C0A7T4ZZ' })]
    draw(<StovePage pots={pots.map(({ boil, frame }) => ({ boil, first: frame }))} shades={null as never} />)
  }
  const large = (): string => screen.getByRole('heading', { level: 1 }).textContent ?? ''
  const wait = (seconds: number) => act(() => vi.advanceTimersByTimeAsync(1000 * seconds))

  it('turns to that by itself, once nobody has touched it for a while', async () => {
    drawn()
    expect(large()).toMatch(/lollipops/i)
    await wait(8)
    expect(large()).toMatch(/toffee/i)
  })

  /** A toffee that was poured hours ago and never scored: it calls. */
  const resting = () => {
    const { frame, ...cook } = lit('orchard-toffee', -9000, { id: '01JD3M9Q6S8ZK3V3N8C0A7T4ZZ' })
    const pour = cook.boil.formula.steps.find((s) => s.empties)?.id
    const poured = frame.acts.findIndex(({ act }) => act.type === 'step' && act.step === pour)
    return { ...cook, frame: { ...frame, acts: frame.acts.slice(0, poured + 1) } }
  }
  const draws = (...pots: ReturnType<typeof lit>[]) =>
    draw(<StovePage pots={pots.map(({ boil, frame }) => ({ boil, first: frame }))} shades={null as never} />)

  it('is not kept by a sweet that rests from a pot that is due, and not turned away by what has called all along', async () => {
    draws(lit('quince-lollipops', 500), resting())
    await wait(12)
    expect(large()).toMatch(/lollipops/i)
  })

  it('leaves what rests for a pot that comes off', async () => {
    draws(resting(), lit('quince-lollipops', 10))
    await waitFor(() => expect(large()).toMatch(/toffee/i))
    await wait(8)
    expect(large()).toMatch(/lollipops/i)
  })

  it('stays while the page that was asked for is on its way: a turn would take back the asking', async () => {
    drawn()
    await wait(2)
    fireEvent.keyDown(document.body, { key: 'n', code: 'KeyN' })
    for (const name of ['End this boil here', 'It is done'])
      fireEvent.click(await screen.findByRole('button', { name }))
    await wait(12)
    expect(large()).toMatch(/lollipops/i)
  })
})
