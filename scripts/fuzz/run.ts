/** Sends what a seed makes, and looks at what came of it: no answer of ours may be a fault, hang or break off. */
import { Agent, request as ask } from 'node:http'
import { seeded } from '@/core/quantity/seeded'
import { type Asked, askedOf, type Known } from './doors'

export interface Fault {
  /** Number of the request within its seed, to find it again. */
  readonly n: number
  readonly what: string
  readonly asked: string
}

export interface FuzzResult {
  readonly requests: number
  readonly faults: readonly Fault[]
  readonly statuses: Readonly<Record<string, number>>
  readonly pages: number
  /** The slowest answer, and what was asked. */
  readonly slowest: { readonly ms: number; readonly asked: string }
}

interface Answer {
  readonly status: number
  readonly body: string
}

/** Longer than this and it hangs, however busy the machine is, ms. */
const HANGS_MS = 60_000
/** A stream never ends: its head is enough. */
const ENOUGH_MS = 40

const agent = new Agent({ keepAlive: true, maxSockets: 64 })

function send(base: URL, { method, path, headers, body }: Asked): Promise<Answer> {
  return new Promise((resolve, reject) => {
    const length =
      headers['transfer-encoding'] || body === '' ? {} : { 'content-length': String(Buffer.byteLength(body)) }
    const out = ask(
      {
        host: base.hostname,
        port: base.port,
        method,
        path,
        agent,
        headers: { ...headers, ...length },
        timeout: HANGS_MS,
      },
      (response) => {
        const stream = response.headers['content-type']?.startsWith('text/event-stream')
        let text = ''
        response.setEncoding('utf8')
        response.on('data', (chunk) => {
          text += chunk
        })
        const done = () => resolve({ status: response.statusCode ?? 0, body: text })
        response.on('end', done)
        response.on('error', (error) => (stream ? done() : reject(error)))
        if (stream) setTimeout(() => out.destroy(), ENOUGH_MS)
      },
    )
    out.on('timeout', () => out.destroy(new Error('it hangs')))
    out.on('error', (error) => reject(error))
    // what is not taken is not asked for either
    out.end(method === 'HEAD' ? undefined : body)
  })
}

/** Remembers what an answer made. */
function remember(known: Known, { path, body }: Asked, answer: Answer): void {
  if (answer.status !== 200 && answer.status !== 201) return
  const made = safely(() => JSON.parse(answer.body)) as { id?: string; boilId?: string } | null
  const sent = safely(() => JSON.parse(body)) as { id?: string } | null
  if (path === '/api/batches' && made?.id && made.boilId) {
    known.batches.push(made.id)
    known.boils.push(made.boilId)
  } else if (/^\/api\/batches\/\w+\/boils/.test(path) && made?.id && sent?.id) known.boils.push(made.id)
  else if (path === '/api/formulas' && made?.id) known.formulas.push(made.id)
}

function safely<T>(work: () => T): T | null {
  try {
    return work()
  } catch {
    return null
  }
}

/** A fault of ours, said as one or hidden in a page that came all the same. */
const isFault = ({ status, body }: Answer): boolean =>
  status >= 500 || (status === 200 && /data-dgst|__next_error__/.test(body))

/** `count` requests of a seed at `url`, so many at a time; at the end every page of everything that was made is opened. */
export async function fuzz(url: string, token: string, seed: number, count: number, atOnce = 8): Promise<FuzzResult> {
  const base = new URL(url)
  const random = seeded(seed)
  const known: Known = { batches: [], boils: [], formulas: [] }
  const faults: Fault[] = []
  const statuses: Record<string, number> = {}
  let slowest: FuzzResult['slowest'] = { ms: 0, asked: '' }
  const tell = (n: number, what: string, { method, path, headers, body }: Asked): void => {
    faults.push({ n, what, asked: `${method} ${path} ${JSON.stringify(headers)} ${body.slice(0, 1500)}` })
  }
  const one = async (n: number, asked: Asked): Promise<void> => {
    const from = performance.now()
    try {
      const answer = await send(base, asked)
      statuses[answer.status] = (statuses[answer.status] ?? 0) + 1
      remember(known, asked, answer)
      if (isFault(answer)) tell(n, `${answer.status} ${answer.body.slice(0, 200)}`, asked)
    } catch (error) {
      tell(n, (error as Error).message, asked)
    }
    const ms = performance.now() - from
    if (ms > slowest.ms) slowest = { ms, asked: `${asked.method} ${asked.path} ${asked.body.slice(0, 200)}` }
  }
  let n = 0
  const walk = async (): Promise<void> => {
    while (n < count) await one(n++, askedOf(random, known, token))
  }
  await Promise.all(Array.from({ length: atOnce }, walk))
  const pages = [
    '/stove',
    '/formulas',
    '/logbook',
    '/kitchen',
    '/api/book',
    '/api/ingredients',
    ...[...new Set(known.boils)].slice(-300).flatMap((id) => [`/stove/${id}`, `/api/boils/${id}/export?as=csv`]),
    ...[...new Set(known.batches)].slice(-300).map((id) => `/logbook/${id}`),
    ...[...new Set(known.formulas)]
      .slice(-300)
      .flatMap((id) => [`/formulas/${id}`, `/formulas/${id}/edit`, `/formulas/${id}/revisions`]),
  ]
  for (const path of pages) await one(-1, { method: 'GET', path, headers: {}, body: '' })
  return { requests: count, faults, statuses, pages: pages.length, slowest }
}
