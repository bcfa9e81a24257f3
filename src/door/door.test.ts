import { execFileSync } from 'node:child_process'
import { once } from 'node:events'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { request as ask, type IncomingMessage, type Server, type ServerResponse } from 'node:http'
import { request as askSecurely } from 'node:https'
import { type AddressInfo, connect } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterEach, describe, expect, it } from 'vitest'
import { SECURE_HEADER } from '@/contract/door'
import { closeDoor, type DoorSettings, openDoor } from './door'
import { answersTo, isLoopback, nameIn, ownHosts } from './hosts'
import { limiter } from './limits'

let door: Server | null = null
let heard: IncomingMessage[] = []

afterEach(async () => {
  if (door) await closeDoor(door, 50)
  door = null
  heard = []
})

const well = async (_: IncomingMessage, response: ServerResponse): Promise<void> => {
  response.end('well')
}

async function open(settings: Partial<DoorSettings> = {}, handler = well): Promise<number> {
  door = openDoor(
    async (request, response) => {
      heard.push(request)
      await handler(request, response)
    },
    { hosts: new Set(['stove.kitchen']), tls: null, ...settings },
  )
  door.listen(0, '127.0.0.1')
  await once(door, 'listening')
  return (door.address() as AddressInfo).port
}

interface Answer {
  readonly status: number
  readonly headers: IncomingMessage['headers']
  readonly body: string
}

function asked(
  port: number,
  {
    method = 'GET',
    path = '/',
    headers = {},
    body = '',
  }: { method?: string; path?: string; headers?: Record<string, string>; body?: string },
): Promise<Answer> {
  return new Promise((resolve, reject) => {
    const out = ask({ port, host: '127.0.0.1', method, path, headers }, (response) => {
      let text = ''
      response.setEncoding('utf8')
      response.on('data', (chunk) => {
        text += chunk
      })
      response.on('error', reject)
      response.on('end', () => resolve({ status: response.statusCode ?? 0, headers: response.headers, body: text }))
    })
    out.on('error', reject)
    out.end(body)
  })
}

describe('the name a request is for', () => {
  it.each([
    ['localhost', true],
    ['LOCALHOST:3210', true],
    ['127.0.0.1:80', true],
    ['127.8.9.10', true],
    ['[::1]:3210', true],
    ['stove.kitchen', true],
    ['Stove.Kitchen:3210', true],
    ['evil.example', false],
    ['localhost.evil.example', false],
    ['127.0.0.1.evil.example', false],
    ['stove.kitchen.evil.example', false],
    ['stove.kitchen@evil.example', false],
    ['10.0.0.9', false],
    ['', false],
    [undefined, false],
  ])('%s: %s', (host, ours) => {
    expect(answersTo(host, new Set(['stove.kitchen']))).toBe(ours)
  })

  it('is one the owner set, whatever else stands beside it', () => {
    expect(ownHosts(' Stove.kitchen:3210 , not a name!, 10.1.2.3', '127.0.0.1')).toEqual(
      new Set(['stove.kitchen', '10.1.2.3']),
    )
    expect(ownHosts(undefined, '127.0.0.1')).toEqual(new Set())
    // where a network is listened on, the addresses of this machine are its own
    expect([...ownHosts('', '0.0.0.0')].some((name) => nameIn(name) === name)).toBe(true)
  })

  it('tells this machine alone from a network', () => {
    expect(['127.0.0.1', '::1', 'localhost'].map(isLoopback)).toEqual([true, true, true])
    expect(['0.0.0.0', '::', '192.168.1.4', 'localhost.example'].map(isLoopback)).toEqual([false, false, false, false])
  })
})

const LONG = `/${'a'.repeat(9000)}`

describe('the door', () => {
  it.each(['/', '/api/health', '/_next/static/x.js', '/api/boils/x/acts'])(
    'opens %s to no other name, and nothing behind it hears of it',
    async (path) => {
      const port = await open()
      for (const method of ['GET', 'POST', 'PUT', 'DELETE', 'HEAD'])
        expect((await asked(port, { method, path, headers: { host: 'evil.example' } })).status).toBe(421)
      expect(heard).toHaveLength(0)
      await asked(port, { path, headers: { host: 'stove.kitchen' } })
      expect(heard).toHaveLength(1)
    },
  )

  it.each([
    ['TRACE', '/', 405],
    ['OPTIONS', '/api/health', 405],
    ['PATCH', '/api/batches', 405],
    ['POST', '/formulas', 405],
    ['GET', '/%ff', 404],
    ['GET', '/a%00b', 404],
    ['GET', '/a%5cb', 404],
    ['GET', '//evil.example/', 404],
    // what leads past the door by another name
    ['GET', '/_next/static/../../api/book', 404],
    ['GET', '/_next/static/%2e%2e/%2e%2e/api/book', 404],
    ['GET', '/api/./book', 404],
    ['GET', '/_next/static/..%2f..%2fapi/book', 404],
    ['GET', LONG, 414],
    ['GET', '/_next/image?url=/x', 404],
    ['GET', '/_next/static/x.js', 200],
    ['GET', '/formulas/caf%C3%A9', 200],
    ['POST', '/api/batches', 200],
  ])('answers number %# as it should: %s', async (method, path, status) => {
    const port = await open()
    const answer = await asked(port, { method, path })
    expect(answer.status).toBe(status)
    expect(heard).toHaveLength(status === 200 ? 1 : 0)
    if (status !== 200) expect(JSON.parse(answer.body)).toMatchObject({ error: { kept: 'Nothing was changed.' } })
  })

  it('lets every answer leave with the same headers, its own refusals too', async () => {
    const port = await open()
    for (const path of ['/', '/api/x', '/%ff'])
      expect((await asked(port, { path })).headers).toMatchObject({
        'x-content-type-options': 'nosniff',
        'cache-control': 'no-store',
        'content-security-policy': expect.stringContaining("default-src 'none'"),
      })
  })

  it('takes the headers of the house from nobody', async () => {
    const port = await open()
    await asked(port, {
      headers: {
        'x-imbry-client': 'me',
        'x-forwarded-host': 'evil.example',
        'next-action': 'x',
        'x-middleware-next': '1',
      },
    })
    expect(heard[0]?.headers).toMatchObject({ 'x-imbry-client': '127.0.0.1' })
    expect(Object.keys(heard[0]?.headers ?? {}).filter((h) => /forwarded|action|middleware/.test(h))).toEqual([])
  })

  it.each(['nonsense', '%7B%7D', '%ff', '[]'])(
    'does not let in where a window stands unless it can be read: %s',
    async (tree) => {
      const port = await open()
      const { status } = await asked(port, { headers: { 'next-router-state-tree': tree } })
      expect(status).toBe(tree === '[]' ? 200 : 400)
    },
  )

  it('takes so many writes of a client, says when to come again, and goes on reading to it', async () => {
    const port = await open({ writes: limiter({ burst: 3, perSecond: 0.1 }) })
    const write = () => asked(port, { method: 'POST', path: '/api/x', body: 'x'.repeat(100_000) })
    const answers = [await write(), await write(), await write(), await write()]
    expect(answers.map((a) => a.status)).toEqual([200, 200, 200, 429])
    expect(Number(answers[3]?.headers['retry-after'])).toBeGreaterThanOrEqual(1)
    expect((await asked(port, {})).status).toBe(200)
  })

  it('says so where an answer does not come', async () => {
    const port = await open({ patienceMs: 30 }, () => new Promise(() => {}))
    expect(await asked(port, {})).toMatchObject({ status: 503, body: expect.stringContaining('too long') })
  })

  it('answers for what fails before any route', async () => {
    const port = await open({}, () => Promise.reject(new Error('a test')))
    expect(await asked(port, {})).toMatchObject({ status: 500 })
  })

  it('answers bytes that are no request, and closes', async () => {
    const port = await open()
    const socket = connect(port, '127.0.0.1')
    socket.write('GET / HTTP/9.9\r\n\r\n')
    const [data] = await once(socket, 'data')
    expect(String(data)).toMatch(/^HTTP\/1\.1 400/)
    await once(socket, 'close')
  })

  it('ends although a stream is open and an answer hangs', async () => {
    const port = await open({}, async (request, response) => {
      if (request.url === '/stream') response.write('data: 1\n\n')
    })
    const broken = [asked(port, { path: '/stream' }), asked(port, { path: '/hangs' })].map((a) =>
      a.then(
        () => 'answered',
        () => 'ended',
      ),
    )
    while (heard.length < 2) await new Promise((r) => setImmediate(r))
    await closeDoor(door as Server, 20)
    door = null
    expect(await Promise.all(broken)).toEqual(['ended', 'ended'])
  })
})

describe('how much a client may write', () => {
  it('comes back with time, never above its share, for each client by itself', () => {
    const writes = limiter({ burst: 2, perSecond: 1 })
    expect([writes.take('a', 0), writes.take('a', 0), writes.take('a', 0)]).toEqual([null, null, 1])
    expect(writes.take('b', 0)).toBeNull()
    expect(writes.take('a', 1000)).toBeNull()
    expect(writes.take('a', 1000)).toBe(1)
    expect([1, 2, 3].map(() => writes.take('a', 1e9))).toEqual([null, null, 1])
  })

  it('counts nothing against one whose clock was set back', () => {
    const writes = limiter({ burst: 1, perSecond: 1 })
    expect(writes.take('a', 5000)).toBeNull()
    expect(writes.take('a', 0)).toBe(1)
  })
})

/** A certificate for this machine, made for one test and forgotten. */
function certificate(): { cert: string; key: string } {
  const folder = mkdtempSync(join(tmpdir(), 'imbry-tls-'))
  const [key, cert] = ['key.pem', 'cert.pem'].map((name) => join(folder, name)) as [string, string]
  try {
    const subject = ['-subj', '/CN=localhost', '-addext', 'subjectAltName=IP:127.0.0.1', '-days', '2']
    execFileSync(
      'openssl',
      ['req', '-x509', '-newkey', 'rsa:2048', '-nodes', '-keyout', key, '-out', cert, ...subject],
      {
        stdio: 'ignore',
      },
    )
    return { cert: readFileSync(cert, 'utf8'), key: readFileSync(key, 'utf8') }
  } finally {
    rmSync(folder, { recursive: true })
  }
}

describe('a door with a certificate', () => {
  it('speaks over an encrypted line to who trusts it, tells the house so, and to nobody in the clear', async () => {
    const tls = certificate()
    const port = await open({ tls })
    const answer = await new Promise<{ status: number; body: string }>((resolve, reject) => {
      askSecurely({ host: '127.0.0.1', port, path: '/', ca: tls.cert }, (response) => {
        let body = ''
        response.on('data', (d) => {
          body += d
        })
        response.on('end', () => resolve({ status: response.statusCode ?? 0, body }))
      })
        .on('error', reject)
        .end()
    })
    expect(answer).toEqual({ status: 200, body: 'well' })
    expect(heard[0]?.headers[SECURE_HEADER]).toBe('1')
    // who sends no hello of that line hears nothing of ours
    await expect(asked(port, {})).rejects.toThrow()
    expect(heard).toHaveLength(1)
    // in the clear the house is not told it were encrypted, whatever a header says
    await closeDoor(door as Server, 50)
    const plain = await open()
    await asked(plain, { headers: { [SECURE_HEADER]: '1' } })
    expect(heard.at(-1)?.headers[SECURE_HEADER]).toBeUndefined()
  })
})
