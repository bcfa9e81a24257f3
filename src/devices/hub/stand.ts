/** One channel of the stand-in hub: a simulated pot that follows a cook's log, and the probe in it. */

import { monotonicFactory } from 'ulid'
import type { ChannelFrame, PushedReading } from '@/contract/cook'
import { eventsOf } from '@/contract/events'
import {
  advancePot,
  applyToPot,
  type CookEvent,
  cookTime,
  gramsOfBoil,
  type PotEvent,
  type PotState,
  potEventsOf,
  type Step,
  standing,
  startPot,
} from '@/core'
import { seeded, seedOf } from '@/core/quantity/seeded'
import { type ProbeFacts, type ProbeModel, probeModel } from '../probe'
import { MASS_EVERY, massReadings } from './mass-probe'

type Boil = NonNullable<ChannelFrame['boil']>

const STEP = 1
/** Many readings are made in one moment where a cook is hurried: those share their chance and count on from it. */
const nextId = monotonicFactory()
const REWRITES: ReadonlySet<string> = new Set(['undo', 'amended'])

export interface Stand {
  /** Takes in what the app says is on the channel. */
  follow(frame: ChannelFrame): void
  /** Cooks up to the wall time and returns the readings since the last call. */
  run(wall: number): PushedReading[]
}

interface Cooking {
  readonly boil: Boil
  readonly startedAt: number
  readonly pot: PotState
  readonly probe: ProbeModel
  readonly silentUntil: number
  readonly waiting: PotEvent[]
  readonly seen: Set<string>
  events: CookEvent[]
  /** When it left the pot, for a mould, a bowl or a stone. */
  leftAt: number
  /** Up to when what left it has been told of. */
  massTold: number
}

/** ◊ The stand-in's burner gives a little less than its plate says, as burners do: the forecast has to find out. */
const TRUE_POWER = 0.92

function begin(frame: ChannelFrame, facts: ProbeFacts): Cooking | null {
  const { boil } = frame
  if (!boil) return null
  const { pot, pressurePa, roomC, burner } = boil.conditions
  const startedAt = Date.parse(boil.startedAt)
  return {
    boil,
    startedAt,
    pot: startPot({ pot, pressurePa, roomC, burner: { ...burner, efficiency: burner.efficiency * TRUE_POWER } }),
    probe: probeModel(facts, roomC, seeded(seedOf(boil.id))),
    // a restarted hub cooks again what it missed but does not repeat what the app has; so does one told of an undo
    silentUntil: frame.lastReadingAt ? (Date.parse(frame.lastReadingAt) - startedAt) / 1000 : -1,
    waiting: [],
    seen: new Set(),
    events: [],
    leftAt: Number.POSITIVE_INFINITY,
    massTold: frame.lastReadingAt ? (Date.parse(frame.lastReadingAt) - startedAt) / 1000 : 0,
  }
}

function takeIn(cook: Cooking, frame: ChannelFrame): void {
  const grams = gramsOfBoil(cook.boil.plan, cook.boil.number)
  cook.events = eventsOf(frame.acts, cook.startedAt)
  const fresh = new Set(cook.events.filter((e) => !cook.seen.has(e.id)).map((e) => e.id))
  for (const id of fresh) cook.seen.add(id)
  const done = new Set<string>()
  for (const event of standing(cook.events)) {
    // a step is done once, however often it was pressed
    const again = (event.type === 'step' || event.type === 'pulled') && done.has(event.step)
    if (event.type === 'step' || event.type === 'pulled') done.add(event.step)
    if (again || !fresh.has(event.id)) continue
    cook.waiting.push(...potEventsOf(cook.boil.formula, grams, event))
    if (event.type === 'step' && leavesPot(cook.boil.formula.steps, event.step))
      cook.leftAt = Math.min(cook.leftAt, event.at)
  }
  cook.waiting.sort((a, b) => a.at - b.at)
}

/** Whether it is out of the pot after a step: poured, spread on a stone, or in the bowl it is whipped in next. */
function leavesPot(steps: readonly Step[], id: string): boolean {
  const i = steps.findIndex((s) => s.id === id)
  const [step, next] = [steps[i], steps[i + 1]]
  return step?.empties === true || step?.handwork?.kind === 'table' || next?.handwork?.kind === 'whip'
}

/** A stand for one channel with a probe of these facts. */
export function openStand(facts: ProbeFacts): Stand {
  let cook: Cooking | null = null
  return {
    follow(frame) {
      // what is taken back or put right never happened as it was logged
      const rewritten = cook !== null && frame.acts.some((a) => REWRITES.has(a.act.type) && !cook?.seen.has(a.id))
      if (frame.boil?.id !== cook?.boil.id) cook = begin(frame, facts)
      else if (cook && rewritten) cook = { ...(begin(frame, facts) as Cooking), silentUntil: cook.pot.at }
      if (cook) takeIn(cook, frame)
    },
    run(wall) {
      if (!cook) return []
      const { boil, pot, probe, waiting, startedAt, silentUntil } = cook
      const now = cookTime(cook.events, startedAt, wall)
      const until = Math.min(now, cook.leftAt)
      const out: PushedReading[] = []
      const tell = (at: number, celsius: number): void => {
        out.push({ id: nextId(), at: new Date(startedAt + at * 1000).toISOString(), celsius, boil: boil.id })
      }
      while (pot.at + STEP <= until) {
        while (waiting[0] && waiting[0].at <= pot.at + STEP) applyToPot(pot, waiting.shift() as PotEvent)
        advancePot(pot, STEP)
        const celsius = probe.read(pot.celsius, STEP, pot.baseC)
        if (celsius !== null && pot.at > silentUntil) tell(pot.at, celsius)
      }
      if (now > cook.leftAt && now >= cook.massTold + MASS_EVERY) {
        for (const { at, celsius } of massReadings(boil, cook.events, probe, cook.massTold, now)) tell(at, celsius)
        cook.massTold = now
      }
      return out
    },
  }
}
