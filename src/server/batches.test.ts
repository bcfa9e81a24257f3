import { ulid } from 'ulid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { BoilFrame } from '@/contract/cook'
import { type CookAct, type Correction, corrected } from '@/core'
import type { Db } from '@/db'
import { appendEvent, appendReadings, eventsAfter } from '@/db'
import { boilsOn, startBatch, startBoil } from './batches'
import { boil, followBoils, logAct, parseFollows, snapshot } from './cook'
import { batchStory, entriesOf } from './logbook'
import { Problem } from './problem'
import { freshWorkshop, problem, request } from './testing'

let db: Db
let close: () => Promise<void>

beforeAll(async () => {
  ;({ db, close } = await freshWorkshop())
})

afterAll(() => close())

describe('what is left alone', () => {
  it('ends by itself as of its last act where it is practice, once, and never where it is real', async () => {
    const lit = Date.now() - 10 * 3_600_000
    const practice = { ...request(null), rate: 60 }
    const real = request(null)
    for (const r of [practice, real]) await startBatch(r, new Date(lit))
    const touched = lit + 5 * 3_600_000
    const act = { type: 'note', text: 'stirred' } as const
    await logAct(practice.boilId, { id: ulid(), at: new Date(lit + 60_000).toISOString(), act }, new Date(touched))
    const idsOn = async (now: number) => (await boilsOn(new Date(now))).boils.map((b) => b.boil.id)
    expect(await idsOn(touched + 3_600_000)).toEqual(expect.arrayContaining([practice.boilId, real.boilId]))
    // three screens look at once
    await Promise.all([1, 2, 3].map(() => idsOn(touched + 3 * 3_600_000)))
    expect(await idsOn(touched + 3 * 3_600_000)).not.toContain(practice.boilId)
    expect(await idsOn(touched + 3 * 3_600_000)).toContain(real.boilId)
    const ended = await boil(practice.boilId)
    expect(Date.parse(ended.endedAt ?? '')).toBe(lit + 60_000)
    const acts = (await eventsAfter(db, practice.boilId, 0)).map((e) => e.act.type)
    expect(acts).toEqual(['clock', 'note', 'abandoned'])
  })
})

describe('starting a batch', () => {
  it('begins from the pace of the hands and the slowness of the probe that earlier boils showed; practice shows nothing', async () => {
    const lit = Date.now() - 3_600_000
    const cookedWith = async (r: ReturnType<typeof request>, each: number) => {
      await startBatch(r, new Date(lit))
      // the probe is out of the pot from 300 to 330 s, and follows in six seconds
      const readings = Array.from({ length: 500 }, (_, s) => {
        const out = s >= 300 && s < 330
        const since = s < 300 ? 1e9 : out ? s - 300 : s - 330
        const [from, to] = out ? [110, 30] : [30, 110]
        return {
          id: `r${String(s).padStart(4, '0')}`,
          at: new Date(lit + 1000 * s),
          celsius: to + (from - to) * Math.exp(-since / 6),
        }
      })
      await appendReadings(db, r.boilId, readings)
      const acts: [number, CookAct][] = [
        [520, { type: 'pulled', step: 'pull', celsius: 150 }],
        [560, { type: 'step', step: 'flavour' }],
        [560 + 20 * each, { type: 'made', pieces: 20 }],
        [2000, { type: 'finished' }],
      ]
      for (const [s, act] of acts)
        await logAct(
          r.boilId,
          { id: ulid(), at: new Date(lit + 1000 * s).toISOString(), act },
          new Date(lit + 1000 * s),
        )
    }
    await cookedWith(request('two'), 7)
    await cookedWith({ ...request('two'), rate: 60 }, 2)
    const next = request('two')
    await startBatch(next, new Date())
    const { conditions, probe } = await boil(next.boilId)
    expect(conditions.secondsEach).toBeCloseTo(7, 6)
    expect(probe.lagsSeen).toHaveLength(1)
    expect(Math.abs(Math.log((probe.lagsSeen?.[0] ?? 0) / 6))).toBeLessThan(0.15)
    // another probe is as its maker says, another formula's pieces take what a table says
    const other = {
      ...request('three'),
      formula: 'orchard-toffee',
      shape: { kind: 'broken' as const, thicknessMm: 6, gramsEach: 12 },
      vessel: 'slab-30',
      size: { by: 'weight' as const, grams: 400 },
    }
    await startBatch(other, new Date())
    expect((await boil(other.boilId)).conditions).not.toHaveProperty('secondsEach')
    expect((await boil(other.boilId)).probe).not.toHaveProperty('lagsSeen')
  })

  it('is summed up by whoever looks at it, where the one that was to do it was killed', async () => {
    const r = request(null)
    const lit = Date.now() - 3_600_000
    await startBatch(r, new Date(lit))
    const acts: [number, CookAct][] = [
      [1200, { type: 'pulled', step: 'pull', celsius: 149 }],
      [1500, { type: 'finished' }],
    ]
    for (const [s, act] of acts) {
      const at = new Date(lit + 1000 * s)
      await appendEvent(db, r.boilId, { id: ulid(), at: at.toISOString(), act }, at)
    }
    const shown = { pulled: true, reached: 149, open: false }
    const [{ entry }, listed] = await Promise.all([batchStory(r.id), entriesOf([r.id])])
    expect(entry.boils).toMatchObject([shown])
    expect(listed.get(r.id)?.boils).toMatchObject([shown])
  })

  it('freezes the kitchen it is made in, once however often it is asked', async () => {
    const r = request()
    const at = new Date()
    await startBatch(r, at)
    await startBatch(r, at)
    const view = await boil(r.boilId)
    expect(view.conditions).toMatchObject({
      room: 'Hill kitchen',
      altitudeM: 1480,
      vessel: { name: '54-cavity mould' },
    })
    expect(view.plan.boils.map((b) => b.label)).toEqual(['Rhubarb', 'Nettle', 'Elderflower'])
    expect((await batchStory(r.id)).boils).toHaveLength(1)
  })

  it('costs a piece as many as were counted, and none where all of it was given up', async () => {
    const perPiece = async (act: CookAct): Promise<readonly [number | null, number]> => {
      const r = request(null)
      const lit = Date.now() - 3_600_000
      await startBatch(r, new Date(lit))
      await logAct(r.boilId, { id: ulid(), at: new Date(lit + 60_000).toISOString(), act }, new Date())
      const { stock, boils } = await batchStory(r.id)
      return [
        stock.costing.perPiece && stock.costing.total / stock.costing.perPiece,
        boils[0]?.boil.plan.boils.length ?? 0,
      ]
    }
    expect((await perPiece({ type: 'yields', pieces: 31, seconds: 2, trimGrams: 0 }))[0]).toBeCloseTo(31, 6)
    // one boil of three: the others may still be made
    const [pieces, boils] = await perPiece({ type: 'abandoned', reason: 'It burnt' })
    const [planned] = await perPiece({ type: 'note', text: 'lit' })
    expect(boils).toBe(3)
    expect((pieces ?? 0) / (planned ?? 1)).toBeCloseTo(2 / 3, 1)
  })

  it('freezes what is known of its thermometers: the probe’s own, or the one read by eye', async () => {
    const byEye = { ...request(null), thermometer: 'clip' }
    await startBatch(byEye, new Date('2026-11-25T10:00:00.000Z'))
    const { probe } = await boil(byEye.boilId)
    expect(probe.thermometer).toMatchObject({ name: 'clip thermometer', channel: null })
    expect(120 - corrected(probe.thermometer as Correction, 120)).toBeCloseTo(2.4, 0)

    const probed = request('quick-probe')
    await startBatch(probed, new Date())
    expect((await boil(probed.boilId)).probe.thermometer?.name).toBe('quick probe')
    const unknown = request('one')
    await startBatch(unknown, new Date())
    expect((await boil(unknown.boilId)).probe.thermometer).toBeNull()
    expect((await problem(startBatch({ ...request(null), thermometer: 'nose' }, new Date())))?.message).toMatch(
      /no thermometer "nose"/,
    )
  })

  it.each([
    [{ pot: 'cauldron' }, 404, /no pot "cauldron"/],
    [{ formula: 'nothing' }, 404, /no formula/],
    [{ revision: 9 }, 404, /revision 9/],
    [{ channel: 'nobody' }, 404, /no probe channel/],
    [{ size: { by: 'weight' as const, grams: 1e9 } }, 400, /at most 100 kg/],
  ])('refuses %j', async (change, status, message) => {
    const r = { ...request(), ...change }
    const p = await problem(startBatch(r, new Date()))
    expect(p).toBeInstanceOf(Problem)
    expect(p?.status).toBe(status)
    expect(p?.message).toMatch(message)
    expect((await problem(boil(r.boilId)))?.status).toBe(404)
  })

  it('goes on to the next boil, by its own label', async () => {
    const r = request()
    await startBatch(r, new Date())
    const id = ulid()
    await startBoil(r.id, { id, number: 2, rate: 1 }, new Date())
    await startBoil(r.id, { id, number: 2, rate: 1 }, new Date())
    expect((await boil(id)).label).toBe('Nettle')
    // another window that begins it too is told which boil it is
    expect(await startBoil(r.id, { id: ulid(), number: 2, rate: 1 }, new Date())).toEqual({ id })
    const foreign = { id: r.boilId, number: 3, rate: 1 }
    expect((await problem(startBoil(r.id, foreign, new Date())))?.status).toBe(409)
    expect((await problem(startBoil(r.id, { id: ulid(), number: 7, rate: 1 }, new Date())))?.message).toMatch(/3 boils/)
    expect((await problem(startBoil(ulid(), { id: ulid(), number: 1, rate: 1 }, new Date())))?.status).toBe(404)
  })
})

describe('acts', () => {
  it('refuse what the formula does not have, and keep what a wrong clock dates', async () => {
    const r = request()
    await startBatch(r, new Date())
    const at = new Date().toISOString()
    const wrongStep = { id: ulid(), at, act: { type: 'step' as const, step: 'dance' } }
    expect((await problem(logAct(r.boilId, wrongStep, new Date())))?.message).toMatch(/no step "dance"/)
    const early = { id: ulid(), at: '2001-01-01T00:00:00.000Z', act: { type: 'note' as const, text: 'x' } }
    expect(await logAct(r.boilId, early, new Date())).toEqual({ stored: true })
    const late = { id: ulid(), at: '2126-01-01T00:00:00.000Z', act: { type: 'note' as const, text: 'x' } }
    expect(await logAct(r.boilId, late, new Date())).toEqual({ stored: true })
    expect(await eventsAfter(db, r.boilId, 0)).toHaveLength(3)
  })

  it('reach every follower, in order, from where each stood', async () => {
    const r = request()
    await startBatch(r, new Date())
    const stop = new AbortController()
    const from = parseFollows([`${r.boilId}.0.0`])
    const windows = [followBoils(from, stop.signal), followBoils(from, stop.signal)]
    for (const frames of windows) expect((await frames.next()).value?.[0]?.acts).toHaveLength(1)
    const id = ulid()
    await logAct(r.boilId, { id, at: new Date().toISOString(), act: { type: 'heat', dial: 3 } }, new Date())
    for (const frames of windows) {
      const [frame] = (await frames.next()).value ?? []
      expect(frame?.boil).toBe(r.boilId)
      expect(frame?.acts.map((a: { id: string }) => a.id)).toEqual([id])
    }
    stop.abort()
    for (const frames of windows) expect((await frames.next()).done).toBe(true)
    expect((await snapshot(r.boilId)).acts).toHaveLength(2)
  })

  it('reach a follower although they were written by another copy of the app, boil by boil', async () => {
    const [one, two] = [request(), request()]
    await startBatch(one, new Date())
    await startBatch(two, new Date())
    const stop = new AbortController()
    const frames = followBoils(parseFollows([`${one.boilId}.0.0`, `${two.boilId}.0.0`]), stop.signal)
    const heard: BoilFrame[] = []
    const until = async (count: number) => {
      while (heard.length < count) heard.push(...((await frames.next()).value ?? []))
      return heard.map((f) => [f.boil, f.acts.length])
    }
    expect(new Map((await until(2)) as [string, number][])).toEqual(
      new Map([
        [one.boilId, 1],
        [two.boilId, 1],
      ]),
    )
    const act = { id: ulid(), at: new Date().toISOString(), act: { type: 'heat' as const, dial: 3 } }
    await appendEvent(db, two.boilId, act, new Date())
    expect((await until(3))[2]).toEqual([two.boilId, 1])
    stop.abort()
  })

  it.each([
    [[]],
    [['nowhere']],
    [['01JD3M9Q6S8ZK3V3N8C0A7T4QX.1']],
    [Array(33).fill('01JD3M9Q6S8ZK3V3N8C0A7T4QX.1.1')],
  ])('are not followed from a place that is none', (after) => {
    expect(() => parseFollows(after)).toThrow(Problem)
  })
})

describe('two syrups at once', () => {
  it('the second is lit on a probe that is free', async () => {
    const r = {
      ...request('one'),
      formula: 'bay-leaf-honey-nougat',
      shape: { kind: 'cut' as const, lengthMm: 40, widthMm: 15, heightMm: 20 },
      vessel: 'slab-30',
      pot: 'copper-9',
    }
    await startBatch(r, new Date())
    const id = ulid()
    await startBoil(r.id, { id, number: 2, rate: 1 }, new Date())
    const [sugar, honey] = [await boil(r.boilId), await boil(id)]
    expect([sugar.part, honey.part]).toEqual([null, 'honey'])
    expect(honey.formula.name).toBe('Honey syrup')
    expect(honey.channel).not.toBe(sugar.channel)
  })
})
