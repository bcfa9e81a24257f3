import { type BoilView, type Frame, LONGEST_COOK_MS, type LoggedAct } from '@/contract/cook'
import { appendEvent, db, eventsAfter, findBoil, readingsAfter } from '@/db'
import { nudge, waitForNews } from './news'
import { Problem } from './problem'

export async function boil(id: string): Promise<BoilView> {
  const found = await findBoil(db(), id)
  if (!found) throw new Problem(404, 'There is no such boil')
  return found
}

/** Logs one act of a boil. The same id twice is one act. */
export async function logAct(boilId: string, logged: LoggedAct, now: Date): Promise<{ stored: boolean }> {
  const view = await boil(boilId)
  const { act } = logged
  if ((act.type === 'step' || act.type === 'pulled') && !view.formula.steps.some((s) => s.id === act.step))
    throw new Problem(400, `This formula has no step "${act.step}"`)
  const into = Date.parse(logged.at) - Date.parse(view.startedAt)
  if (into < -1000) throw new Problem(400, 'That is before the cook began')
  if (into > LONGEST_COOK_MS) throw new Problem(400, 'That is long after this cook: is the clock right?')
  const stored = await appendEvent(db(), boilId, logged, now)
  nudge(boilId)
  return { stored }
}

interface Cursor {
  reading: number
  event: number
}

const cursorText = (c: Cursor): string => `${c.reading}.${c.event}`

export function parseCursor(text: string | null): Cursor {
  const found = /^(\d{1,15})\.(\d{1,15})$/.exec(text ?? '0.0')
  if (!found) throw new Problem(400, 'The cursor is not one of ours')
  return { reading: Number(found[1]), event: Number(found[2]) }
}

/** What a boil's log holds after a cursor. */
export async function frameAfter(boilId: string, from: Cursor): Promise<{ frame: Frame; cursor: Cursor }> {
  const [readings, events] = await Promise.all([
    readingsAfter(db(), boilId, from.reading),
    eventsAfter(db(), boilId, from.event),
  ])
  const cursor = {
    reading: readings.at(-1)?.seq ?? from.reading,
    event: events.at(-1)?.seq ?? from.event,
  }
  return {
    cursor,
    frame: {
      cursor: cursorText(cursor),
      wall: Date.now(),
      readings: readings.map((r) => [r.at.getTime(), r.celsius]),
      acts: events.map(({ seq: _, ...logged }) => logged),
    },
  }
}

/** Everything logged of a boil so far. */
export const snapshot = async (boilId: string): Promise<Frame> =>
  (await frameAfter(boilId, { reading: 0, event: 0 })).frame

const HEARTBEAT_MS = 15_000

/** Follows a boil from a cursor: a frame whenever the database holds more, null now and then to say it still listens. */
export async function* followBoil(boilId: string, from: Cursor, signal: AbortSignal): AsyncGenerator<Frame | null> {
  let cursor = from
  let quietSince = Date.now()
  while (!signal.aborted) {
    const next = await frameAfter(boilId, cursor)
    cursor = next.cursor
    if (next.frame.readings.length > 0 || next.frame.acts.length > 0) {
      quietSince = Date.now()
      yield next.frame
    } else if (Date.now() - quietSince > HEARTBEAT_MS) {
      quietSince = Date.now()
      yield null
    }
    await waitForNews(boilId, signal)
  }
}
