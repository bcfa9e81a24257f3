/** The edge every route shares: bodies with limits, same-origin writes, and problems as answers. */

import type { z } from 'zod'
import { CLIENT_HEADER } from '@/contract/door'
import { firstProblem } from '@/contract/text'
import { parseJson } from './json'
import { Problem } from './problem'
import { stackOf } from './stack-of'

/** Reads a body of at most `limit` bytes. */
async function readBytes(request: Request, limit: number): Promise<Buffer> {
  const tooLarge = () => new Problem(413, `The body is larger than ${Math.round(limit / 1024)} kB`)
  if (Number(request.headers.get('content-length') ?? 0) > limit) throw tooLarge()
  if (!request.body) return Buffer.alloc(0)
  const chunks: Uint8Array[] = []
  let size = 0
  const reader = request.body.getReader()
  for (;;) {
    const { done, value } = await reader.read().catch(() => {
      throw new Problem(400, 'The body broke off before its end')
    })
    if (done) break
    size += value.byteLength
    if (size > limit) throw tooLarge()
    chunks.push(value)
  }
  return Buffer.concat(chunks)
}

/** The same as text. */
export async function readBody(request: Request, limit: number): Promise<string> {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(await readBytes(request, limit))
  } catch (error) {
    if (error instanceof Problem) throw error
    throw new Problem(400, 'The body is not UTF-8 text')
  }
}

/** The parts of an address, checked: what is not one of ours is not found. */
export function readPath<T>(params: unknown, schema: z.ZodType<T>): T {
  const parsed = schema.safeParse(params)
  if (!parsed.success) throw new Problem(404, `There is no such address: ${firstProblem(parsed.error)}`)
  return parsed.data
}

/** What stands behind the `?` of an address, checked; a name that stands there more than once is a list. */
export function readQuery<T>(request: Request, schema: z.ZodType<T>): T {
  const { searchParams } = new URL(request.url)
  const names = [...new Set(searchParams.keys())]
  const query = Object.fromEntries(
    names.map((name) => {
      const all = searchParams.getAll(name)
      return [name, all.length > 1 ? all : all[0]]
    }),
  )
  const parsed = schema.safeParse(query)
  if (!parsed.success) throw new Problem(400, `The address: ${firstProblem(parsed.error)}`)
  return parsed.data
}

/** Reads and checks the body of a request. */
export type Body<T> = (request: Request) => Promise<T>

/** A formula with all its parts, at most. */
export const FORMULA_BYTES = 512 * 1024

/** A JSON write from a browser: same origin only, small, and of the right shape. */
export const json =
  <T>(schema: z.ZodType<T>, limit = 64 * 1024): Body<T> =>
  async (request) => {
    checkOrigin(request)
    if (!request.headers.get('content-type')?.startsWith('application/json'))
      throw new Problem(415, 'Send application/json')
    return parseJson(await readBody(request, limit), schema)
  }

/** A text write from a browser: same origin only, of one of the kinds named. */
export const text =
  (kinds: readonly string[], limit: number): Body<string> =>
  (request) => {
    checkKind(request, kinds)
    return readBody(request, limit)
  }

/** A file from a browser: same origin only, of one of the kinds named. */
export const bytes =
  (kinds: readonly string[], limit: number): Body<Buffer> =>
  (request) => {
    checkKind(request, kinds)
    return readBytes(request, limit)
  }

function checkKind(request: Request, kinds: readonly string[]): void {
  checkOrigin(request)
  const kind = request.headers.get('content-type')?.split(';')[0]
  if (!kind || !kinds.includes(kind)) throw new Problem(415, `Send ${kinds.join(' or ')}`)
}

/** What a device pushes: its token lets it in, wherever it is. */
export const pushed =
  (limit: number): Body<string> =>
  (request) =>
    readBody(request, limit)

/** A file for the browser to keep. */
export const download = (body: string, type: string, name: string): Response =>
  new Response(body, {
    headers: { 'content-type': `${type}; charset=utf-8`, 'content-disposition': `attachment; filename="${name}"` },
  })

function checkOrigin(request: Request): void {
  const origin = request.headers.get('origin')
  const site = request.headers.get('sec-fetch-site')
  const host = request.headers.get('host')
  const same = origin ? URL.canParse(origin) && new URL(origin).host === host : site === null || site === 'same-origin'
  if (!same) throw new Problem(403, 'Writes are taken from Imbry’s own pages only')
}

const SSE = {
  'content-type': 'text/event-stream',
  // no-transform keeps the compressor from holding frames back
  'cache-control': 'no-cache, no-transform',
  'x-accel-buffering': 'no',
}

/** ◊ Streams one client may have open, and all together: a kitchen has some tens. */
const MOST_STREAMS = { client: 1500, all: 4000 }
const open = new Map<string, number>()

/** Counts a stream of the client's; the way to count it off. @throws Problem 429 where it has its share. */
function countStream(request: Request): () => void {
  const client = request.headers.get(CLIENT_HEADER) ?? ''
  const mine = open.get(client) ?? 0
  const all = [...open.values()].reduce((a, b) => a + b, 0)
  if (mine >= MOST_STREAMS.client || all >= MOST_STREAMS.all)
    throw new Problem(429, 'There are too many streams open', 'Close a window, then try again.')
  open.set(client, mine + 1)
  return () => {
    const left = (open.get(client) ?? 1) - 1
    if (left > 0) open.set(client, left)
    else open.delete(client)
  }
}

/** Frames as server-sent events, until the reader goes away. Who asks for the head alone gets it, and nothing is opened. */
export function eventStream(frames: (signal: AbortSignal) => AsyncGenerator<unknown>, request: Request): Response {
  if (request.method === 'HEAD') return new Response(null, { headers: SSE })
  const stop = new AbortController()
  const countOff = countStream(request)
  request.signal.addEventListener('abort', () => stop.abort())
  stop.signal.addEventListener('abort', countOff, { once: true })
  if (request.signal.aborted) stop.abort()
  const encoder = new TextEncoder()
  const body = new ReadableStream<Uint8Array>({
    async start(controller) {
      try {
        controller.enqueue(encoder.encode('retry: 500\n\n'))
        for await (const frame of frames(stop.signal))
          controller.enqueue(encoder.encode(frame === null ? ': still here\n\n' : `data: ${JSON.stringify(frame)}\n\n`))
      } catch (error) {
        if (!stop.signal.aborted) console.error(`A stream ended: ${stackOf(error).split('\n', 1)}`)
      }
      stop.abort()
      try {
        controller.close()
      } catch {
        // the reader has gone
      }
    },
    cancel: () => stop.abort(),
  })
  return new Response(body, { headers: SSE })
}
