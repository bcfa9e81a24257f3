/** The one way a route is written: what it takes, checked; what it does; and what goes wrong as one clear answer. */

import { ulid } from 'ulid'
import type { z } from 'zod'
import { byIn } from '@/contract/door'
import type { By } from '@/contract/roles'
import { causesOf, hasCode, UnreadableRow } from '@/db'
import { type Body, eventStream, readPath, readQuery } from './http'
import { Problem } from './problem'
import { stackOf } from './stack-of'

/** What a route takes. What is left out is not read. */
interface Takes<P, Q, B> {
  readonly params?: z.ZodType<P>
  readonly query?: z.ZodType<Q>
  readonly body?: Body<B>
  /** Lets the caller in, or throws a Problem. */
  readonly auth?: (asked: { params: P; authorization: string | null }) => Promise<void>
  /** Of a good answer; 200 unless told. */
  readonly status?: 200 | 201
}

export interface Asked<P, Q, B> {
  readonly params: P
  readonly query: Q
  readonly body: B
  readonly now: Date
  /** Which screen asks; null where nobody has to say. */
  readonly by: By | null
  readonly headers: Headers
}

/** Frames for a reader that stays, until it goes. */
export type Frames = (signal: AbortSignal) => AsyncGenerator<unknown>

interface Context {
  readonly params: Promise<unknown>
}

/**
 * A route. The handler returns a value to be sent as JSON, a Response to be sent as it is, or a function of frames to be
 * sent as they come. A Problem is answered as itself; a database that is away is 503; anything else is a fault of ours:
 * 500 with an id under which the log has its stack.
 */
export const route =
  <P = undefined, Q = undefined, B = undefined>(
    takes: Takes<P, Q, B>,
    handler: (asked: Asked<P, Q, B>) => unknown,
  ): ((request: Request, context: Context) => Promise<Response>) =>
  (request, context) =>
    answered(async () => {
      const params = takes.params ? readPath(await context.params, takes.params) : (undefined as P)
      const query = takes.query ? readQuery(request, takes.query) : (undefined as Q)
      await takes.auth?.({ params, authorization: request.headers.get('authorization') })
      const body = takes.body ? await takes.body(request) : (undefined as B)
      const made = await handler({
        params,
        query,
        body,
        now: new Date(),
        by: byIn(request.headers),
        headers: request.headers,
      })
      if (made instanceof Response) return request.method === 'HEAD' ? headOf(made) : made
      if (typeof made === 'function') return eventStream(made as Frames, request)
      return Response.json(made, { status: takes.status ?? 200 })
    })

/** The head of an answer alone: what would have made its body is told that nobody reads it, or it would wait for ever. */
async function headOf({ body, status, headers }: Response): Promise<Response> {
  await body?.cancel()
  return new Response(null, { status, headers })
}

/** Work for an answer, with what goes wrong in it answered too. */
export async function answered(work: () => Promise<Response>): Promise<Response> {
  try {
    return await work()
  } catch (error) {
    if (error instanceof Problem) return problemAnswer(error)
    if (error instanceof UnreadableRow)
      return problemAnswer(new Problem(422, error.message, 'It stands there as it did.'))
    if (databaseIsAway(error))
      return problemAnswer(
        new Problem(503, 'Imbry cannot reach its database just now', 'Nothing was changed. Try again.'),
      )
    if (hasCode(error, OUT_OF_ROOM))
      return problemAnswer(
        new Problem(507, 'The disk is full', 'What was stored before is kept; this is not stored yet.'),
      )
    const fault = ulid()
    console.error(`Fault ${fault}: ${stackOf(error)}`)
    return Response.json(
      { error: { message: `Imbry failed at this: fault ${fault}`, kept: 'Nothing was changed.' } },
      { status: 500 },
    )
  }
}

const problemAnswer = ({ message, kept, status }: Problem): Response =>
  Response.json({ error: { message, kept } }, { status, ...(status === 429 && { headers: { 'retry-after': '5' } }) })

/** What a driver says when the server is not there, is going, or is full. */
const AWAY = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'ENOENT',
  'EPIPE',
  'ETIMEDOUT',
  'PROTOCOL_CONNECTION_LOST',
  'ER_SERVER_SHUTDOWN',
  'ER_CON_COUNT_ERROR',
  'ER_NORMAL_SHUTDOWN',
])

/** Whether the database, and not our code, is what failed; of a connection that broke the driver says so without a code. */
export const databaseIsAway = (error: unknown): boolean =>
  hasCode(error, AWAY) || causesOf(error).some(({ fatal }) => fatal === true)

/** What it says when it has no room to write. */
const OUT_OF_ROOM = new Set(['ER_DISK_FULL', 'ER_RECORD_FILE_FULL', 'ENOSPC'])
