/**
 * Whole cooks in the window's own code, over a simulated pot: a maker who does what the lemon panel says when it says so,
 * with a probe in the pot, a
 * thermometer to read by eye, or only cold water and a white plate.
 */
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Frame, LoggedAct } from '@/contract/cook'
import { assessCook, type CookAct, type CookAssessment, isBoiled, nextAct, type Sign, summaryOf } from '@/core'
import { demoFormulas } from '@/demo/formulas'
import { openStand, type Stand } from '@/devices/hub/stand'
import { metric, sayDoNow, sayIn, sayTrouble } from '@/words'
import type { FeedListener } from './boil-feed'
import { CookLog } from './cook-log'
import { boilOf, clockAct, emptyOutbox, START } from './testing'

const PROBE = { lagS: 4, noiseC: 0.15, offsetC: 0, dropShare: 0.01 }
/** What the maker's own thermometer tells, rounded to a degree when it is typed. */
const GOOD_EYES = { lagS: 0, noiseC: 0, offsetC: 0, dropShare: 0 }

/** s between two looks at the screen, on the way to the pull and after it; and until what only the maker can see is taken as seen. */
const GLANCE = { before: 4, after: 12 }
const SEEN = 20
/** s between two temperatures typed, far from the target and near it. */
const SELDOM = 90
const OFTEN = 20
const LONGEST = 3 * 3600
const SAY = sayIn(metric)

interface Cooked {
  readonly live: CookAssessment
  readonly pulledAtC: number
  readonly asked: readonly string[]
  readonly said: ReadonlySet<string>
  readonly alarms: ReadonlySet<string>
}

/** A server that takes every act at once, and the hub behind it. */
class World {
  readonly acts: LoggedAct[] = [clockAct()]
  feed: FeedListener | null = null
  private readonly stand: Stand

  constructor(
    readonly boil: ReturnType<typeof boilOf>,
    readonly measured: boolean,
  ) {
    this.stand = openStand(measured ? PROBE : GOOD_EYES)
    this.follow()
  }

  take(act: LoggedAct): void {
    this.acts.push(act)
    this.follow()
    this.say([])
  }

  /** Cooks up to now; what the pot shows then, °C. */
  cook(): number | null {
    const readings = this.stand.run(Date.now())
    if (this.measured) this.say(readings.map((r) => [Date.parse(r.at), r.celsius]))
    return readings.at(-1)?.celsius ?? null
  }

  private follow(): void {
    this.stand.follow({ boil: this.boil, acts: this.acts, lastReadingAt: null })
  }

  private say(readings: Frame['readings']): void {
    const frame = { cursor: '0.0', wall: Date.now(), readings, acts: this.acts }
    this.feed?.frame({ boil: this.boil.id, ...frame })
  }
}

/** What a maker who looks now sees: a sign, a drop in cold water, or a shade. */
function testOf({ analysis, pot }: CookAssessment, truth: number): CookAct | null {
  const step = pot.doNow.step
  if (step?.when.on === 'target' && typeof step.shows === 'string')
    return truth >= analysis.targetC ? { type: 'test', test: 'sign', sign: step.shows as Sign } : null
  const stage = analysis.stages.findLast((s) => s.from <= truth)
  // what is paler than straw only cold water tells
  const isPale = step?.when.on === 'target' || (step?.when.on === 'rises' && step.when.celsius < 158)
  if (isPale) return stage ? { type: 'test', test: 'drop', result: stage.id } : null
  return { type: 'test', test: 'colour', celsius: truth }
}

type How = 'probe' | 'thermometer' | 'tests'

async function cookWhole(id: string, how: How): Promise<Cooked> {
  const boil = boilOf(id, how === 'probe' ? 'quick-probe' : null)
  const world = new World(boil, how === 'probe')
  vi.stubGlobal('fetch', async (_: string, { body }: { body: string }) => {
    world.take(JSON.parse(body) as LoggedAct)
    return Response.json({ stored: true })
  })
  const first = { cursor: '0.0', wall: Date.now(), readings: [], acts: [clockAct()] }
  const log = new CookLog(boil, first, emptyOutbox(), (_, __, listener) => {
    world.feed = listener
    return () => undefined
  })
  log.open()
  const [asked, said, alarms] = [[] as string[], new Set<string>(), new Set<string>()]
  let [truth, pulledAtC, typedAt] = [boil.conditions.roomC, Number.NaN, 0]
  let live = assessCook(boil, log.snapshot(), 0)
  while (live.emptiedAt === null && live.now < LONGEST) {
    await vi.advanceTimersByTimeAsync(1000 * (Number.isNaN(pulledAtC) ? GLANCE.before : GLANCE.after))
    truth = world.cook() ?? truth
    live = assessCook(boil, log.snapshot(), log.now(), live)
    for (const t of live.troubles) alarms.add(`${t.tone} ${t.id}: ${sayTrouble(t, SAY).say}`)
    const { doNow, celsius } = live.pot
    said.add(sayDoNow(doNow, SAY).say)
    const near = Math.abs((celsius ?? 0) - live.analysis.targetC) < 15
    if (how === 'thermometer' && live.now - typedAt > (near ? OFTEN : SELDOM)) {
      typedAt = live.now
      log.log({ type: 'reads', celsius: Math.round(truth) })
      continue
    }
    const seen = how === 'tests' && doNow.test && live.now - typedAt > OFTEN ? testOf(live, truth) : null
    if (seen) {
      typedAt = live.now
      log.log(seen)
      continue
    }
    const byEye = ['word', 'sign', 'texture'].includes(doNow.step?.when.on ?? '')
    if (doNow.mood !== 'now' && !(byEye && live.now > live.cook.state.lastDoneAt + SEEN)) continue
    const act = nextAct(live.pot)
    // off the heat it carries on a little: the panel says so early enough
    if (act.type === 'pulled') pulledAtC = truth
    if ('step' in act) asked.push(act.step)
    log.log(act)
  }
  log.log({ type: 'finished' })
  await vi.advanceTimersByTimeAsync(1000)
  expect(log.snapshot()).toMatchObject({ waiting: 0, refused: null })
  return { live: assessCook(boil, log.snapshot(), log.now(), live), pulledAtC, asked, said, alarms }
}

beforeEach(() => void vi.useFakeTimers({ now: Date.parse(START) }))
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

const whole = Object.entries(demoFormulas).flatMap(([id, formula]) => (isBoiled(formula) ? [id] : []))

describe.each([
  { how: 'probe', within: 2 },
  { how: 'thermometer', within: 2 },
  // cold water cannot tell how far past hard crack it is
  { how: 'tests', within: 8 },
] as const)('a maker who does as told, with a $how', ({ how, within }) => {
  const told = whole.filter(
    (id, i) =>
      how === 'probe' ||
      // by hand every other one each: whole cooks are dear
      (how === 'thermometer' && i % 2 === 0) ||
      // cold water says nothing of chocolate
      (how === 'tests' && i % 2 === 1 && demoFormulas[id]?.family !== 'chocolate'),
  )
  it.each(told)('has %s out of the pot, near its target, each step asked for once and in order', async (id) => {
    const { live, pulledAtC, asked, said, alarms } = await cookWhole(id, how)
    expect(live.over && live.emptiedAt !== null).toBe(true)
    expect(asked).toEqual(live.boil.formula.steps.map((s) => s.id).slice(0, asked.length))
    expect(Math.abs(pulledAtC - live.analysis.targetC)).toBeLessThan((live.boil.formula.target?.within ?? 0) + within)
    expect([...alarms].filter((a) => a.startsWith('now'))).toEqual([])
    expect(said).not.toContain('')
    const summary = summaryOf(live)
    expect(summary.minutes).toBeGreaterThan(3)
    expect(Math.abs((summary.reachedC as number) - pulledAtC)).toBeLessThan(within + 2)
  })
})
