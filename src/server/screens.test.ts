import { once } from 'node:events'
import { request as ask, type IncomingMessage, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { ulid } from 'ulid'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { byIn, SCREEN_COOKIE } from '@/contract/door'
import { asksFor, rights } from '@/contract/rights'
import { mayDo, roles } from '@/contract/roles'
import { closeDoor, openDoor } from '@/door/door'
import { doors } from '../../scripts/fuzz/doors'
import { startBatch } from './batches'
import { boil, logAct, snapshot } from './cook'
import { goneAmong, hasPassphrase, originFor, pair, revoke, screenOf, screens, setPassphrase, signIn } from './screens'
import { freshWorkshop, problem, request } from './testing'

let close: () => Promise<void>
const PASSPHRASE = 'four copper kettles'
let clients = 0
/** Another machine for each test, so that one's wrong tries slow no other. */
let client: string

beforeAll(async () => {
  ;({ close } = await freshWorkshop())
  process.env.IMBRY_SIGN_IN = '1'
  process.env.IMBRY_SETUP_CODE = '12345678'
})
afterAll(async () => {
  delete process.env.IMBRY_SIGN_IN
  delete process.env.IMBRY_SETUP_CODE
  await close()
})
beforeEach(() => {
  client = `10.0.0.${clients++}`
})

const owner = () => signIn({ passphrase: PASSPHRASE, name: 'desk' }, client, new Date())
const later = (ms: number) => new Date(Date.now() + ms)

describe('the owner', () => {
  it('sets the first passphrase by the code in the terminal, and a later one by the one before', async () => {
    expect(await hasPassphrase()).toBe(false)
    const set = (passphrase: string, proof: string) => problem(setPassphrase({ passphrase, proof }, client, new Date()))
    expect(await set(PASSPHRASE, '87654321')).toMatchObject({ status: 401 })
    expect(await set(PASSPHRASE, '12345678')).toBeNull()
    expect(await set('another one altogether', '12345678')).toMatchObject({ status: 401 })
    const { token } = await owner()
    expect(await set('another one altogether', PASSPHRASE)).toBeNull()
    // whoever came in by the old one is out
    expect(await screenOf(token)).toBeNull()
    expect(await set(PASSPHRASE, 'another one altogether')).toBeNull()
  })

  it('comes in by the passphrase alone', async () => {
    const { by, token } = await owner()
    expect(by).toMatchObject({ name: 'desk', role: 'owner' })
    expect(await screenOf(token)).toEqual({ by, token: null })
    expect(await screenOf(`${token}x`)).toBeNull()
    expect((await screens()).map((s) => s.name)).toContain('desk')
  })

  it('is slowed by wrong tries, and nobody else is', async () => {
    const wrong = () => problem(signIn({ passphrase: 'guess', name: 'x' }, client, new Date()))
    const statuses: (number | undefined)[] = []
    for (let i = 0; i < 6; i++) statuses.push((await wrong())?.status)
    expect(statuses.slice(0, 4)).toEqual([401, 401, 401, 401])
    expect(statuses.at(-1)).toBe(429)
    // not even the right one gets through meanwhile
    expect(await problem(owner())).toMatchObject({ status: 429 })
    client = '10.9.9.9'
    expect(await problem(owner())).toBeNull()
  })
})

describe('a code', () => {
  const pairing = () => ({ id: ulid(), name: 'packing', role: 'looker-on' as const })

  it('lets one screen in, once, as what the owner said', async () => {
    const { code, picture } = await pair(pairing(), 'http://stove.kitchen', new Date())
    expect(code).toMatch(/^\d{6}$/)
    expect(picture).toMatch(/^data:image\/svg\+xml/)
    const both = await Promise.allSettled([signIn({ code }, client, new Date()), signIn({ code }, client, new Date())])
    expect(both.map((b) => b.status).sort()).toEqual(['fulfilled', 'rejected'])
    const [made] = both.flatMap((b) => (b.status === 'fulfilled' ? [b.value] : []))
    expect(made?.by).toMatchObject({ name: 'packing', role: 'looker-on' })
  })

  it('dies in two minutes', async () => {
    const { code } = await pair(pairing(), 'http://x', new Date())
    expect(await problem(signIn({ code }, client, later(121_000)))).toMatchObject({ status: 401 })
    expect(await problem(signIn({ code }, client, later(100_000)))).toBeNull()
  })

  it('is replaced where it is asked for again', async () => {
    const one = pairing()
    const [first, second] = [await pair(one, 'http://x', new Date()), await pair(one, 'http://x', new Date())]
    if (first.code !== second.code)
      expect(await problem(signIn({ code: first.code }, client, new Date()))).toMatchObject({ status: 401 })
    expect(await problem(signIn({ code: second.code }, client, new Date()))).toBeNull()
  })

  it('dies with all others where many are guessed, from however many machines', async () => {
    const { code } = await pair(pairing(), 'http://x', new Date())
    const guesses = Array.from({ length: 15 }, (_, i) => `${(Number(code) + 1 + i) % 1e6}`.padStart(6, '0'))
    for (const [i, guess] of guesses.entries()) await problem(signIn({ code: guess }, `10.7.0.${i}`, new Date()))
    expect(await problem(signIn({ code }, client, new Date()))).toMatchObject({ status: 401 })
  })

  it('leads to the address others know this machine by', () => {
    expect(originFor('stove.kitchen:3210', true)).toBe('https://stove.kitchen:3210')
    expect(originFor('127.0.0.1:3210', false)).toMatch(/^http:\/\/[\d.]+:3210$/)
  })
})

describe('a screen’s token', () => {
  it('is changed once a day, and the one before serves until the new one has come back', async () => {
    const { by, token } = await owner()
    const day = later(86_400_000 + 1000)
    const past = (s: number) => new Date(day.getTime() + 1000 * s)
    const turned = await screenOf(token, day)
    expect(turned?.token).toMatch(/^[\w-]{43}$/)
    // requests that were under way
    expect(await screenOf(token, past(30))).toEqual({ by, token: null })
    // the answer with the new one was lost: there is another
    const again = await screenOf(token, past(300))
    expect(again?.token).toMatch(/^[\w-]{43}$/)
    expect(await screenOf(turned?.token ?? '', past(301))).toBeNull()
    expect(await screenOf(again?.token ?? '', past(400))).toEqual({ by, token: null })
    expect(await screenOf(token, past(401))).toBeNull()
  })

  it('that nobody has come with for half a year is nobody’s', async () => {
    const { token } = await owner()
    expect(await screenOf(token, later(181 * 86_400_000))).toBeNull()
  })

  it('is worth nothing once it is sent away', async () => {
    const { by, token } = await owner()
    expect(await goneAmong([by.id])).toEqual([])
    await revoke(by.id, new Date())
    expect(await screenOf(token)).toBeNull()
    expect(await goneAmong([by.id])).toEqual([by.id])
    expect(await problem(revoke(by.id, new Date()))).toMatchObject({ status: 404 })
  })
})

it('what is done at a screen stands in the log by its name, whatever the window says', async () => {
  const r = request()
  await startBatch(r, new Date())
  const at = (await boil(r.boilId)).startedAt
  const { by } = await owner()
  await logAct(r.boilId, { id: ulid(), at, act: { type: 'lid', on: true }, by: 'somebody else' }, new Date(), by)
  expect((await snapshot(r.boilId)).acts.at(-1)).toMatchObject({ act: { type: 'lid' }, by: 'desk' })
})

describe('rights', () => {
  it('are said for every address there is, and for none that is not', () => {
    const said = new Set(rights.map((r) => r.path))
    expect(doors.filter((d) => !said.has(d))).toEqual([])
    expect([...said].filter((p) => !doors.includes(p) && p !== '/icon.svg')).toEqual([])
  })

  it('are the owner’s alone where nothing is said', () => {
    expect(asksFor('GET', '/api/nothing')).toBe('owner')
    expect(asksFor('POST', '/api/health')).toBe('owner')
    expect(asksFor('DELETE', '/stove')).toBe('owner')
  })

  it.each([
    ['GET', '/formulas/new', 'owner'],
    ['GET', '/formulas/orchard-toffee', 'looker-on'],
    ['HEAD', '/stove/', 'looker-on'],
    ['POST', '/api/boils/01J/acts', 'cook'],
    ['POST', '/api/probes/one/readings', 'device'],
    ['GET', '/api/probes/one/readings', 'owner'],
  ] as const)('%s %s asks for %s', (method, path, asks) => {
    expect(asksFor(method, path)).toBe(asks)
  })

  it('grow with the role', () => {
    for (const [i, has] of roles.entries())
      for (const [k, asks] of roles.entries()) expect(mayDo(has, asks)).toBe(i >= k)
  })
})

describe('the door, where screens sign in', () => {
  let door: Server
  let port: number
  const heard: (string | null)[] = []

  beforeAll(async () => {
    door = openDoor(
      async (asked, response) => {
        const headers = new Headers(Object.entries(asked.headers).map(([k, v]) => [k, String(v)]))
        heard.push(byIn(headers)?.name ?? null)
        if (asked.url?.includes('stream')) return void response.write('data: 1\n\n')
        response.end('well')
      },
      { hosts: new Set(), tls: null, screens: { screenOf: (token) => screenOf(token), goneAmong } },
    )
    door.listen(0, '127.0.0.1')
    await once(door, 'listening')
    port = (door.address() as AddressInfo).port
  })
  afterAll(() => closeDoor(door, 50))

  const asked = (
    method: string,
    path: string,
    cookie = '',
    more: Record<string, string> = {},
  ): Promise<IncomingMessage> =>
    new Promise((resolve, reject) => {
      ask({ port, host: '127.0.0.1', method, path, headers: { ...(cookie && { cookie }), ...more } }, (response) => {
        if (!path.includes('stream')) response.resume()
        resolve(response)
      })
        .on('error', reject)
        .end()
    })
  const cookieOf = (token: string): string => `units=C-g-mm; ${SCREEN_COOKIE}=${token}`

  it('lets nobody in who is not known: pages lead to signing in, the rest is refused', async () => {
    const before = heard.length
    expect(await asked('GET', '/stove')).toMatchObject({ statusCode: 303, headers: { location: '/sign-in' } })
    for (const [method, path] of [
      ['GET', '/api/logbook?after=x'],
      ['POST', '/api/batches'],
      ['HEAD', '/stove'],
      ['GET', '/api/boils/stream?after=x'],
      ['DELETE', '/api/kitchen/pot/x'],
    ] as const)
      expect((await asked(method, path)).statusCode, `${method} ${path}`).toBe(401)
    expect((await asked('GET', '/stove', cookieOf('x'.repeat(43)))).statusCode).toBe(303)
    // said by the caller itself
    const by = encodeURIComponent(JSON.stringify({ id: ulid(), name: 'me', role: 'owner' }))
    expect((await asked('GET', '/api/screens', '', { 'x-imbry-by': by })).statusCode).toBe(401)
    expect(heard).toHaveLength(before)
    for (const path of ['/sign-in', '/api/health', '/_next/static/x.js', '/icon.svg'])
      expect((await asked('GET', path)).statusCode).toBe(200)
  })

  it('lets each do what its role allows, and tells the routes who it is', async () => {
    const { code } = await pair({ id: ulid(), name: 'second cook', role: 'cook' }, 'http://x', new Date())
    const { token } = await signIn({ code }, client, new Date())
    const cookie = cookieOf(token)
    expect((await asked('GET', '/stove', cookie)).statusCode).toBe(200)
    expect(heard.at(-1)).toBe('second cook')
    expect((await asked('POST', '/api/boils/01J/acts', cookie)).statusCode).toBe(200)
    const before = heard.length
    for (const [method, path] of [
      ['PUT', '/api/kitchen/pot/x'],
      ['POST', '/api/formulas'],
      ['GET', '/formulas/new'],
      ['GET', '/api/screens'],
    ] as const)
      expect((await asked(method, path, cookie)).statusCode, `${method} ${path}`).toBe(403)
    expect(heard).toHaveLength(before)
  })

  it('lets nobody in while those who know the screens cannot be asked', async () => {
    const away = openDoor(async () => undefined, {
      hosts: new Set(),
      tls: null,
      screens: { screenOf: () => Promise.reject(new Error('away')), goneAmong },
    })
    away.listen(0, '127.0.0.1')
    await once(away, 'listening')
    const answer = await new Promise<IncomingMessage>((resolve) =>
      ask(
        { port: (away.address() as AddressInfo).port, path: '/stove', headers: { cookie: cookieOf('x'.repeat(43)) } },
        resolve,
      ).end(),
    )
    answer.resume()
    expect(answer.statusCode).toBe(503)
    await closeDoor(away, 10)
  })

  it('ends what a screen has open soon after it was sent away', async () => {
    const { by, token } = await owner()
    const stream = await asked('GET', '/api/boils/stream?after=x', cookieOf(token))
    stream.on('error', () => undefined).resume()
    const ended = new Promise((resolve) => stream.once('close', resolve))
    await revoke(by.id, new Date())
    await ended
    expect((await asked('GET', '/api/boils/stream?after=x', cookieOf(token))).statusCode).toBe(401)
  })
})
