import type { BoilFrame, BoilView, Frame, LoggedAct } from '@/contract/cook'
import type { By } from '@/contract/roles'
import { endsBoil, type FormulaDocument, ingredients } from '@/core'
import {
  appendEvent,
  db,
  eventsAfter,
  findBoil,
  headsOfLogs,
  putSummary,
  readingsAfter,
  type StoredEvent,
  type StoredReading,
  thinnedReadings,
} from '@/db'
import { type Fresh, nudge, together, watchTopics } from './log-watch'
import type { WholeLog } from './long/cook'
import { offThread } from './long/off-thread'
import { packed } from './long/packed'
import { Problem } from './problem'

export async function boil(id: string): Promise<BoilView> {
  const found = await findBoil(db(), id)
  if (!found) throw new Problem(404, 'There is no such boil')
  return found
}

/** Whether an ingredient is of the formula's own or of the pantry: what a log adds has to have a make-up. */
const isKnown = (formula: FormulaDocument, id: string): boolean =>
  [...(formula.own ?? []), ...ingredients].some((i) => i.id === id)

/** Logs one act of a boil, done at the screen `by`. The same id twice is one act. */
export async function logAct(
  boilId: string,
  { by: _, ...done }: LoggedAct,
  now: Date,
  by?: By | null,
): Promise<{ stored: boolean }> {
  const view = await boil(boilId)
  const logged = { ...done, ...(by && { by: by.name }) }
  const { act } = logged
  if ('step' in act && !view.formula.steps.some((s) => s.id === act.step))
    throw new Problem(400, `This formula has no step "${act.step}"`)
  if (act.type === 'added' && !isKnown(view.formula, act.ingredient))
    throw new Problem(400, `The pantry has no "${act.ingredient}"`)
  if (act.type === 'weighed' && Object.keys(act.grams).some((line) => view.plan.grams[line] === undefined))
    throw new Problem(400, 'A line was weighed that this batch does not have')
  const appended = await appendEvent(db(), boilId, logged, now)
  if (appended === 'conflict') throw new Problem(409, 'Another act has that id already', 'That one stands as it was.')
  if (appended === 'full') throw new Problem(409, 'The log of this boil is full', 'All that is in it is kept.')
  const stored = appended === 'stored'
  if (stored && (view.endedAt !== null || endsBoil(act))) await summarise(boilId)
  nudge(`log ${boilId}`)
  if (view.channel) nudge(`channel ${view.channel}`)
  return { stored }
}

/** Writes what lists show of a boil: once it has ended, and again whenever its log is put right after that. */
export async function summarise(boilId: string): Promise<void> {
  const [view, log] = await Promise.all([boil(boilId), whole(boilId)])
  await putSummary(db(), view.id, await offThread('sumUpLog', view, log))
}

interface Cursor {
  reading: number
  event: number
}

const cursorText = (c: Cursor): string => `${c.reading}.${c.event}`

/** Most boils one stream follows: what a few windows of one browser can have open. */
const MOST_FOLLOWED = 32

/** Where a stream is to go on: the boil and the cursor, "01J….17.4", for each boil followed. */
export function parseFollows(texts: readonly string[]): Map<string, Cursor> {
  if (texts.length === 0 || texts.length > MOST_FOLLOWED)
    throw new Problem(400, `A stream follows 1 to ${MOST_FOLLOWED} boils, not ${texts.length}`)
  return new Map(
    texts.map((text) => {
      const found = /^([0-9A-HJKMNP-TV-Z]{26})\.(\d{1,15})\.(\d{1,15})$/.exec(text)
      if (!found) throw new Problem(400, 'The cursor is not one of ours')
      return [found[1] as string, { reading: Number(found[2]), event: Number(found[3]) }]
    }),
  )
}

/** What a boil's log holds after a cursor. */
export async function frameAfter(boilId: string, from: Cursor): Promise<{ frame: Frame; cursor: Cursor }> {
  const [readings, events] = await Promise.all([
    readingsAfter(db(), boilId, from.reading),
    eventsAfter(db(), boilId, from.event),
  ])
  const cursor = {
    reading: readings.at(-1)?.n ?? from.reading,
    event: events.at(-1)?.n ?? from.event,
  }
  return { cursor, frame: frameOf(cursor, readings, events) }
}

const frameOf = (cursor: Cursor, readings: readonly StoredReading[], events: readonly StoredEvent[]): Frame => ({
  cursor: cursorText(cursor),
  wall: Date.now(),
  readings: readings.map((r) => [r.at.getTime(), r.celsius]),
  acts: events.map(({ n: _, ...logged }) => logged),
})

/** A boil so far as a picture needs it: all that was done, and readings enough for a curve and a forecast. */
export async function snapshot(boilId: string): Promise<Frame> {
  const [{ newest, rows }, events] = await Promise.all([thinnedReadings(db(), boilId), eventsAfter(db(), boilId, 0)])
  return frameOf({ reading: newest, event: events.at(-1)?.n ?? 0 }, rows, events)
}

/** Everything logged of a boil, however long it has cooked. */
export async function everything(boilId: string): Promise<Frame> {
  let { frame, cursor } = await frameAfter(boilId, { reading: 0, event: 0 })
  for (let more = frame; more.readings.length > 0; ) {
    const next = await frameAfter(boilId, cursor)
    more = next.frame
    cursor = next.cursor
    frame = { ...more, readings: [...frame.readings, ...more.readings], acts: [...frame.acts, ...more.acts] }
  }
  return frame
}

/** The same, to be handed to another thread. */
export async function whole(boilId: string): Promise<WholeLog> {
  const { readings, ...log } = await everything(boilId)
  return { ...log, readings: packed(readings) }
}

const asked = new Map<string, ReturnType<typeof frameAfter>>()

/** Streams that stand at the same place of the same log and heard the same news ask the database once. */
function frameTogether(boilId: string, from: Cursor, version: number): ReturnType<typeof frameAfter> {
  const key = `${boilId} ${cursorText(from)} ${version}`
  const frame = asked.get(key) ?? frameAfter(boilId, from).finally(() => asked.delete(key))
  asked.set(key, frame)
  return frame
}

const headOf = together((boilIds) => headsOfLogs(db(), boilIds))
const logTopic = (boilId: string) => ({ name: `log ${boilId}`, head: () => headOf(boilId) })

/** Follows boils, each from its cursor: frames whenever the database holds more, null now and then. */
export async function* followBoils(
  from: ReadonlyMap<string, Cursor>,
  signal: AbortSignal,
): AsyncGenerator<BoilFrame[] | null> {
  const cursors = new Map(from)
  const boils = new Map([...from.keys()].map((id) => [logTopic(id).name, id]))
  // a window sets its clock by the first frame, so there is one, news or none
  const unheard = new Set(from.keys())
  const next = async (fresh: readonly Fresh[]): Promise<BoilFrame[] | null> => {
    const frames: BoilFrame[] = []
    for (const { name, version } of fresh) {
      const boil = boils.get(name) as string
      const { frame, cursor } = await frameTogether(boil, cursors.get(boil) as Cursor, version)
      cursors.set(boil, cursor)
      if (unheard.delete(boil) || frame.readings.length > 0 || frame.acts.length > 0) frames.push({ boil, ...frame })
    }
    return frames.length > 0 ? frames : null
  }
  yield* watchTopics([...from.keys()].map(logTopic), next, signal)
}
