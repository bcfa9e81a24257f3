import { fireEvent, screen } from '@testing-library/react'
import { act } from 'react'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { assessCook, type CookAct, type CookEvent, type Reading } from '@/core'
import { draw, router } from '@/ui/testing'
import { metric, sayDoNow, sayIn } from '@/words'
import { ActColumn } from './act-column'
import { CookLog } from './cook-log'
import { DoNowPanel } from './do-now-panel'
import { Heading } from './heading'
import { PotCard } from './pot-card'
import { Rail } from './rail'
import { Readout } from './readout'
import type { LiveCook } from './stove'
import { boilOf, clockAct, emptyOutbox } from './testing'
import { type Acts, useActs } from './use-acts'

const { push } = router

let sent: CookAct[]

beforeEach(() => {
  sent = []
  vi.stubGlobal('fetch', async (_: string, { body }: { body: string }) => {
    sent.push(JSON.parse(body).act)
    return Response.json({ stored: true })
  })
})

const climb = (to: number, seconds: number): Reading[] =>
  Array.from({ length: seconds }, (_, at) => ({ at, celsius: 20 + ((to - 20) * at) / seconds }))

/** A boil at a moment of its cook. */
function liveOf(
  formula: string,
  channel: string | null,
  done: readonly (readonly [at: number, act: CookAct])[],
  readings: readonly Reading[],
  now: number,
): LiveCook {
  const boil = boilOf(formula, channel)
  const log = new CookLog(
    boil,
    { cursor: '0.0', wall: 0, readings: [], acts: [clockAct()] },
    emptyOutbox(),
    () => () => undefined,
  )
  const events: CookEvent[] = [
    { id: 'clock', at: 0, type: 'clock', rate: 1, wall: boil.startedAt },
    ...done.map(([at, act], i): CookEvent => ({ id: `e${i}`, at, ...act })),
  ]
  const record = { events, readings }
  return { ...assessCook(boil, record, now), log, snapshot: { ...log.snapshot(), ...record } }
}

const steps = (formula: string, upTo: string): [number, CookAct][] => {
  const all = boilOf(formula).formula.steps
  const end = all.findIndex((s) => s.id === upTo)
  return all.slice(0, end).map((s, i) => [2 + 60 * i, { type: 'step', step: s.id }])
}

const lollipops = (at: number, celsius: number) =>
  liveOf('quince-lollipops', 'quick-probe', steps('quince-lollipops', 'pull'), climb(celsius, at), at)

describe('the temperature', () => {
  it('is read in the unit of its reader', () => {
    draw(<Readout view={lollipops(900, 120).pot} age={1} byEye={null} />)
    expect(screen.getByTestId('temperature').textContent).toBe('120°C')
  })

  it('is read in °F by who reads °F, and so is its climb', () => {
    const { container } = draw(<Readout view={lollipops(900, 120).pot} age={1} byEye={null} />, 'F-oz-in')
    expect(screen.getByTestId('temperature').textContent).toBe('248°F')
    expect(container.textContent).toMatch(/climbing12\.0°\/min/)
  })

  it('says when nothing comes any more, and what nothing measures', () => {
    const { rerender } = draw(<Readout view={lollipops(900, 120).pot} age={42} byEye={null} />)
    expect(screen.getByTestId('temperature').textContent).toMatch(/no reading for 42 s/)
    rerender(<div />)
    const byHand = liveOf(
      'quince-lollipops',
      null,
      [...steps('quince-lollipops', 'pull'), [400, { type: 'reads', celsius: 118 }]],
      [],
      420,
    )
    draw(<Readout view={byHand.pot} age={null} byEye={null} />)
    expect(screen.getByTestId('temperature').textContent).toMatch(/reckoned: 118° was read 20 s ago/)
    rerender(<div />)
    const tested = liveOf('quince-lollipops', null, steps('quince-lollipops', 'pull'), [], 150)
    draw(<Readout view={tested.pot} age={null} byEye={null} />)
    expect(screen.getAllByTestId('temperature').at(-1)?.textContent).toMatch(/reckoned, not measured/)
    rerender(<div />)
    const lost = liveOf('quince-lollipops', null, steps('quince-lollipops', 'pull'), [], 3000)
    draw(<Readout view={lost.pot} age={null} byEye={null} />)
    expect(screen.getAllByTestId('temperature').at(-1)?.textContent).toMatch(/not known/)
  })
})

describe('the lemon panel', () => {
  const panel = (live: LiveCook) => {
    const say = sayIn(metric)
    const { pot, now } = live
    return draw(
      <DoNowPanel
        doNow={pot.doNow}
        said={sayDoNow(pot.doNow, say)}
        now={now}
        mind={null}
        remedy={null}
        danger={false}
      />,
    ).container
  }

  it('waits, and says how long, between when and when', () => {
    const { textContent } = panel(lollipops(900, 120))
    expect(textContent).toMatch(/to go, between \d+:\d\d and \d+:\d\d/)
    expect(textContent).not.toMatch(/Get ready|Now/)
  })

  it('says that it is close, and then that it is time', () => {
    expect(panel(lollipops(900, 144.5)).textContent).toMatch(/Get ready|Now/)
    expect(panel(lollipops(900, 147)).textContent).toMatch(/Now/)
  })

  it('asks for a test where nothing was read, whatever the reckoning says', () => {
    const live = liveOf('quince-lollipops', null, steps('quince-lollipops', 'pull'), [], 3000)
    expect(live.pot.doNow).toMatchObject({ mood: 'soon', test: true })
    const { textContent } = panel(live)
    expect(textContent).toMatch(/test it now/)
    expect(textContent).not.toMatch(/Get ready|Now/)
  })

  it('takes a drop at its word, and one that says less for nothing', () => {
    const shown = (result: 'hard-crack' | 'soft-ball') =>
      liveOf(
        'quince-lollipops',
        null,
        [...steps('quince-lollipops', 'pull'), [2990, { type: 'test', test: 'drop', result }]],
        [],
        3000,
      ).pot.doNow.mood
    expect(shown('hard-crack')).toBe('now')
    expect(shown('soft-ball')).not.toBe('now')
  })
})

/** The column with what a maker can do, and the acts behind it. */
function Column({ live, told }: { readonly live: LiveCook; told(acts: Acts): void }) {
  const acts = useActs(live, () => undefined)
  told(acts)
  return <ActColumn live={live} acts={acts} shades={[]} />
}

function column(live: LiveCook) {
  let acts: Acts | undefined
  draw(
    <Column
      live={live}
      told={(a) => {
        acts = a
      }}
    />,
  )
  return () => acts as Acts
}

const logged = (live: LiveCook): CookAct[] =>
  live.log.snapshot().events.flatMap(({ id: _, at: __, ...act }) => (act.type === 'clock' ? [] : [act as CookAct]))

describe('the acts', () => {
  it('log what the panel asks for, the pull with its temperature', () => {
    const live = lollipops(900, 147)
    column(live)
    fireEvent.click(screen.getByTestId('primary'))
    expect(logged(live)).toEqual([{ type: 'pulled', step: 'pull', celsius: expect.closeTo(147, 0) }])
  })

  it('log a step once, however fast it is pressed', () => {
    const live = lollipops(900, 147)
    const acts = column(live)
    acts().primary()
    acts().primary()
    expect(logged(live)).toHaveLength(1)
  })

  it('take a test the pot can hardly have shown, ask about it with its undo, and ask nothing of one that may be so', () => {
    const live = lollipops(900, 120)
    const acts = column(live)
    act(() => acts().act({ type: 'test', test: 'drop', result: 'firm-ball' }))
    expect(screen.queryByRole('alert')).toBeNull()
    act(() => acts().act({ type: 'test', test: 'colour', celsius: 183 }))
    expect(screen.getByRole('alert').textContent).toMatch(/is that so\?The pot was read at 120°, and that shows from/)
    fireEvent.click(screen.getByRole('button', { name: /^Take it back/ }))
    expect(logged(live).map((a) => a.type)).toEqual(['test', 'test', 'undo'])
    expect(screen.queryByRole('alert')).toBeNull()
  })

  it('offer to type a temperature only where nothing measures it', () => {
    column(lollipops(900, 120))
    expect(screen.queryByRole('button', { name: /^It reads/ })).toBeNull()
  })

  it('offer a way back from too far', async () => {
    column(lollipops(900, 165))
    fireEvent.click(screen.getByRole('button', { name: /^Went too far/ }))
    expect(await screen.findByRole('region', { name: /too far/i })).toBeDefined()
  })

  it('offer chocolate no drop in water, and nothing that water would bring back', async () => {
    const id = 'harbour-dark-dipping-chocolate'
    const on: [number, CookAct] = [1, { type: 'step', step: boilOf(id).formula.steps[0]?.id ?? '' }]
    const live = liveOf(id, 'quick-probe', [on], climb(600, 60), 600)
    expect(live.troubles[0]?.id).toBe('too-hot')
    const acts = column(live)
    for (const name of [/^Test it/, /^Went too far/]) expect(screen.queryByRole('button', { name })).toBeNull()
    act(() => acts().open('note'))
    expect(await screen.findByRole('button', { name: /^End this boil/ })).toBeDefined()
    expect(screen.queryByRole('button', { name: 'Something went wrong' })).toBeNull()
  })

  it('turn the heat within its scale', () => {
    const live = liveOf('quince-lollipops', 'quick-probe', [[1, { type: 'heat', dial: 10 }]], climb(60, 100), 100)
    const acts = column(live)
    acts().turn(1)
    expect(logged(live)).toEqual([])
    acts().turn(-1)
    expect(logged(live)).toEqual([{ type: 'heat', dial: 9 }])
  })

  it('leave out what it is too late for, or log that it was done in time', () => {
    const poured = steps('orchard-toffee', 'score').map(([when, did]): [number, CookAct] => [
      when,
      did.type === 'step' && did.step === 'pull' ? { type: 'pulled', step: 'pull', celsius: 146 } : did,
    ])
    const at = (poured.at(-1)?.[0] ?? 0) + 3 * 3600
    const late = () => liveOf('orchard-toffee', null, poured, [], at)
    const live = late()
    column(live)
    expect(screen.getByTestId('primary').textContent).toMatch(/^Leave it out/)
    // pressed twice before the screen has caught up is pressed once
    for (const _ of [1, 2]) fireEvent.click(screen.getByTestId('primary'))
    expect(logged(live)).toEqual([{ type: 'passed', step: 'score' }])
    const other = late()
    const score = other.finish?.ahead.find((w) => w.kind === 'score')
    column(other)().wasDone(score?.closes ?? 0)
    const { events } = other.log.snapshot()
    expect(events.at(-1)).toMatchObject({ type: 'step', step: 'score', at: expect.closeTo(score?.closes ?? 0, 0) })
    const now = assessCook(other.log.boil, { events: [...other.snapshot.events, ...events.slice(1)], readings: [] }, at)
    expect(now.finish?.outcomes.find((o) => o.kind === 'score')?.came).toBe('right')
    expect(now.pot.doNow.step?.id).not.toBe('score')
  })

  it('of a closed boil lead to its story', () => {
    const live = liveOf('quince-lollipops', 'quick-probe', [[900, { type: 'finished' }]], climb(147, 900), 950)
    column(live)
    expect(screen.getByTestId('primary').textContent).toMatch(/Open its story/)
    fireEvent.click(screen.getByTestId('primary'))
    expect(push).toHaveBeenCalledWith(`/logbook/${live.log.boil.batchId}`)
  })
})

describe('beside the large pot', () => {
  it('a card says the whole name, the temperature and what it wants', () => {
    draw(<PotCard live={lollipops(900, 147)} mark="2" onPick={() => undefined} />, 'F-oz-in')
    const card = screen.getByRole('button')
    expect(card.textContent).toMatch(/Quince lollipops/)
    expect(card.textContent).toMatch(/29[67]°/)
    expect(card.dataset.mood).toBe('now')
  })

  it('what was poured is small until it wants somebody', () => {
    const poured = boilOf('quince-lollipops').formula.steps.find((s) => s.empties)?.id ?? ''
    const live = liveOf(
      'quince-lollipops',
      'quick-probe',
      [[900, { type: 'step', step: poured }]],
      climb(147, 900),
      960,
    )
    draw(<PotCard live={live} mark="3" onPick={() => undefined} />)
    expect(screen.getByRole('button').dataset).toMatchObject({ emptied: 'true' })
    expect(screen.getByRole('button').textContent).not.toMatch(/\d°/)
  })

  it('the method shows what is done, and what is next', () => {
    const { boil, cook } = lollipops(900, 120)
    draw(<Rail formula={boil.formula} state={cook.state} />)
    const stops = screen.getAllByRole('listitem')
    expect(stops.filter((s) => /done$/.test(s.textContent ?? ''))).toHaveLength(cook.state.next)
    expect(stops[cook.state.next]?.getAttribute('aria-current')).toBe('step')
  })
})

describe('over the curve', () => {
  const heading = (props: Partial<Parameters<typeof Heading>[0]>) => {
    const nothing = { clock: '12:00', title: 'Quince lollipops', said: null, problem: null, amends: null }
    return draw(<Heading {...nothing} onUndo={() => undefined} onEarlier={() => undefined} {...props} />)
  }

  it('stands the name; for a while after an act, what was logged and the way back', () => {
    heading({})
    expect(screen.queryByRole('status')).toBeNull()
    heading({ said: 'Heat 7' })
    expect(screen.getByRole('status').textContent).toBe('Logged: Heat 7')
    expect(screen.getByRole('button', { name: /^Undo/ })).toBeDefined()
  })

  it('a problem comes before anything else', () => {
    heading({ said: 'Heat 7', problem: 'There is no such step. Nothing was changed.' })
    expect(screen.getByRole('alert').textContent).toMatch(/Nothing was changed/)
    expect(screen.queryByRole('status')).toBeNull()
  })
})
