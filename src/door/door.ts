/**
 * What stands before every page, route and file: a request that is not for us, not of a kind we know, or one too many is
 * answered here and goes no further; every answer leaves with the same few headers.
 */
import type { IncomingMessage, Server, ServerResponse } from 'node:http'
import { createServer } from 'node:http'
import { createServer as createTlsServer } from 'node:https'
import type { Socket } from 'node:net'
import { BY_HEADER, CLIENT_HEADER, SECURE_HEADER, screenCookie } from '@/contract/door'
import { admit, openWatch, type Screens } from './admit'
import { answersTo } from './hosts'
import { type Limiter, limiter } from './limits'

export interface DoorSettings {
  /** Names to answer to beside those of loopback. */
  readonly hosts: ReadonlySet<string>
  /** Certificate and key, PEM; null for plain HTTP. */
  readonly tls: { readonly cert: string; readonly key: string } | null
  readonly writes?: Limiter
  /** Who may come in; null where nothing is asked of anybody. */
  readonly screens?: Screens | null
  /** An answer that has not begun by then never will, ms. */
  readonly patienceMs?: number
}

export type Handler = (request: IncomingMessage, response: ServerResponse) => Promise<unknown>

/** What Imbry is written for; anything else has no meaning here. */
const METHODS = new Set(['GET', 'HEAD', 'POST', 'PUT', 'DELETE'])
const READS = new Set(['GET', 'HEAD'])
const LONGEST_URL = 8000

/** Headers that mean something within the house, and must not come in from outside. */
const INNER = /^(x-imbry-|x-middleware-|x-nextjs-|x-invoke-|x-matched-path|x-forwarded-|next-action)/

/** What pages are drawn with. */
const STATIC = '/_next/static/'

const HEADERS = {
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'same-origin',
  'x-frame-options': 'DENY',
  'cross-origin-resource-policy': 'same-origin',
} as const

/** Of what is not a page: answers need nothing, a worker speaks to us. A page has a policy with a nonce of its own. */
const policyOf = (url: string): string =>
  `default-src ${url.startsWith(STATIC) ? "'self'" : "'none'"}; frame-ancestors 'none'`

/** What nobody said how long to keep is not kept. Said last: what is drawn with may be kept for good, a stream untouched. */
function keepNothing(response: ServerResponse): void {
  const { writeHead } = response
  response.writeHead = ((...args: Parameters<typeof writeHead>) => {
    if (!response.hasHeader('cache-control')) response.setHeader('cache-control', 'no-store')
    return writeHead.apply(response, args)
  }) as typeof writeHead
}

interface Refusal {
  readonly status: number
  readonly message: string
  readonly headers?: Readonly<Record<string, string>>
}

const NOWHERE: Refusal = { status: 404, message: 'There is no such address' }

/** Why a request goes no further; null for one that may. */
function refusalOf(
  request: IncomingMessage,
  path: string | null,
  { hosts }: DoorSettings,
  writes: Limiter,
): Refusal | null {
  if (!answersTo(request.headers.host, hosts))
    return { status: 421, message: 'Imbry does not answer to that name. Its owner can set names in IMBRY_HOSTS' }
  const method = request.method ?? ''
  if (!METHODS.has(method))
    return { status: 405, message: `${method} means nothing here`, headers: { allow: [...METHODS].join(', ') } }
  if ((request.url ?? '').length > LONGEST_URL) return { status: 414, message: 'That address is too long' }
  if (path === null) return NOWHERE
  if (!READS.has(method)) {
    if (!path.startsWith('/api/'))
      return { status: 405, message: 'A page can only be read', headers: { allow: 'GET, HEAD' } }
    const wait = writes.take(clientOf(request), performance.now())
    if (wait !== null)
      return { status: 429, message: 'That is too much at once', headers: { 'retry-after': String(wait) } }
  }
  if (path.startsWith('/_next/') && !path.startsWith(STATIC)) return NOWHERE
  const tree = request.headers['next-router-state-tree']
  if (tree !== undefined && !isTree(tree)) return { status: 400, message: 'Where the window stands is not readable' }
  return null
}

/** The path of an address as it stands; null for one that cannot be read, or that leads elsewhere than it says. */
function pathOf(url: string): string | null {
  if (!url.startsWith('/') || url.startsWith('//')) return null
  const path = url.split(/[?#]/, 1)[0] as string
  try {
    const plain = decodeURIComponent(path)
    // biome-ignore lint/suspicious/noControlCharactersInRegex: they are what is looked for
    return /[\u0000-\u001f\u007f\\]|(^|\/)\.{1,2}(\/|$)/.test(plain) ? null : path
  } catch {
    return null
  }
}

function isTree(header: string | string[]): boolean {
  try {
    return Array.isArray(JSON.parse(decodeURIComponent(String(header))))
  } catch {
    return false
  }
}

/** Who asks, for limits: the machine. */
const clientOf = (request: IncomingMessage): string => request.socket.remoteAddress ?? 'unknown'

/** Answers with a sentence, as the routes do. */
function refuse(response: ServerResponse, { status, message, headers = {} }: Refusal): void {
  const body = JSON.stringify({ error: { message, kept: 'Nothing was changed.' } })
  response.writeHead(status, { 'content-type': 'application/json', ...headers })
  response.end(response.req.method === 'HEAD' ? undefined : body)
}

/** Who knows the screens cannot be asked: nobody comes in meanwhile. */
const NOBODY_TELLS = { status: 503, message: 'Imbry cannot tell who asks just now' } as const

/** ◊ Longer than anything Imbry does. */
const PATIENCE_MS = 60_000

/** A server that lets `handler` answer what may come in. It does not listen yet. */
export function openDoor(handler: Handler, settings: DoorSettings): Server {
  const writes = settings.writes ?? limiter()
  const patience = settings.patienceMs ?? PATIENCE_MS
  const screens = settings.screens ?? null
  const watch = screens && openWatch(screens)
  /** Whether a request may go on; one that may not has been answered. */
  const letIn = async (request: IncomingMessage, response: ServerResponse, path: string): Promise<boolean> => {
    // what every page is drawn with says nothing of anybody
    if (!screens || path.startsWith(STATIC)) return true
    const admitted = await admit(request, path, screens).catch(() => NOBODY_TELLS)
    if ('status' in admitted) {
      if (admitted.status === 401 && request.method === 'GET' && !path.startsWith('/api/')) {
        response.writeHead(303, { location: '/sign-in' })
        response.end()
      } else refuse(response, admitted)
      return false
    }
    const { by, token } = admitted
    if (token !== null) response.setHeader('set-cookie', screenCookie(token, settings.tls !== null))
    if (by) {
      request.headers[BY_HEADER] = encodeURIComponent(JSON.stringify(by))
      watch?.mind(response, by.id)
    }
    return !response.destroyed
  }
  const answer = (request: IncomingMessage, response: ServerResponse): void => {
    for (const [name, value] of Object.entries(HEADERS)) response.setHeader(name, value)
    response.setHeader('content-security-policy', policyOf(request.url ?? ''))
    keepNothing(response)
    const path = pathOf(request.url ?? '')
    const refusal = refusalOf(request, path, settings, writes)
    if (refusal || path === null) {
      refuse(response, refusal ?? NOWHERE)
      // what it goes on sending is not for us
      request.resume()
      return
    }
    for (const name of Object.keys(request.headers)) if (INNER.test(name)) delete request.headers[name]
    request.headers[CLIENT_HEADER] = clientOf(request)
    if (settings.tls) request.headers[SECURE_HEADER] = '1'
    const late = setTimeout(() => {
      if (response.headersSent) return
      console.error(`${request.method} ${path} had no answer after ${patience / 1000} s`)
      refuse(response, { status: 503, message: 'That took too long', headers: { 'retry-after': '5' } })
    }, patience)
    response.once('close', () => clearTimeout(late))
    const passOn = async (): Promise<unknown> =>
      (await letIn(request, response, path)) ? handler(request, response) : request.resume()
    passOn().catch((error: Error) => {
      console.error(`Fault before any route: ${error.stack}`)
      if (response.headersSent) response.destroy()
      else refuse(response, { status: 500, message: 'Imbry failed at this' })
    })
  }
  const options = { headersTimeout: 15_000, requestTimeout: 120_000, keepAliveTimeout: 10_000, maxHeaderSize: 16_384 }
  const server = settings.tls ? createTlsServer({ ...options, ...settings.tls }, answer) : createServer(options, answer)
  server.on('close', () => watch?.close())
  server.on('clientError', (error: NodeJS.ErrnoException, socket: Socket) => {
    if (!socket.writable) return
    const status = error.code === 'HPE_HEADER_OVERFLOW' ? '431 Request Header Fields Too Large' : '400 Bad Request'
    socket.end(`HTTP/1.1 ${status}\r\nConnection: close\r\nContent-Length: 0\r\n\r\n`)
  })
  return server
}

/** Takes no more, lets what is being answered end, and after `graceMs` ends it. */
export async function closeDoor(server: Server, graceMs = 1500): Promise<void> {
  const closed = new Promise<void>((resolve) => server.close(() => resolve()))
  server.closeIdleConnections()
  const late = setTimeout(() => server.closeAllConnections(), graceMs)
  await closed
  clearTimeout(late)
}
