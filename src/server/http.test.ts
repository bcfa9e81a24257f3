import { describe, expect, it, vi } from 'vitest'
import { z } from 'zod'
import { eventStream, json, readBody } from './http'
import { parseJson } from './json'
import { Problem } from './problem'
import { route } from './route'

const schema = z.object({ grams: z.number().positive() })
const post = (body: string, headers: Record<string, string> = {}) =>
  new Request('http://127.0.0.1:3210/api/x', {
    method: 'POST',
    body,
    headers: { host: '127.0.0.1:3210', 'content-type': 'application/json', ...headers },
  })
const write = json(schema)
const status = (work: Promise<unknown>) =>
  work.then(
    () => 200,
    (e: Problem) => e.status,
  )

describe('writes', () => {
  it('are taken from our own pages', async () => {
    expect(await write(post('{"grams":5}', { origin: 'http://127.0.0.1:3210' }))).toEqual({ grams: 5 })
    expect(await write(post('{"grams":5}', { 'sec-fetch-site': 'same-origin' }))).toEqual({ grams: 5 })
  })

  it.each([
    [{ origin: 'http://elsewhere.example' }, 403],
    [{ origin: 'null' }, 403],
    [{ origin: 'http://127.0.0.1:3210.elsewhere.example' }, 403],
    [{ 'sec-fetch-site': 'cross-site' }, 403],
    [{ 'content-type': 'text/plain' }, 415],
  ])('with %j are answered %d', async (headers, wanted) => {
    expect(await status(write(post('{"grams":5}', headers as Record<string, string>)))).toBe(wanted)
  })

  it('say where they are wrong', () => {
    expect(() => parseJson('{"grams":-1}', schema)).toThrow(/^The body: grams/)
    expect(() => parseJson('{"grams":', schema, 'Line 3')).toThrow(/^Line 3 is not complete JSON/)
    expect(() => parseJson('[]', schema)).toThrow(Problem)
  })

  it('stop at their limit, whatever length they claim', async () => {
    expect(await status(readBody(post('x'.repeat(2000)), 1000))).toBe(413)
    expect(await status(readBody(post('x', { 'content-length': '99999' }), 1000))).toBe(413)
    expect(await readBody(post('x'.repeat(900)), 1000)).toHaveLength(900)
    expect(await readBody(new Request('http://127.0.0.1/x'), 10)).toBe('')
  })
})

const asked = { params: Promise.resolve({}) }
const failing = (error: unknown) =>
  route({}, () => Promise.reject(error))(new Request('http://127.0.0.1/x'), asked) as Promise<Response>

describe('answers', () => {
  it('turn problems into one sentence and what was kept', async () => {
    const response = await failing(new Problem(404, 'There is no such batch'))
    expect(response.status).toBe(404)
    expect(await response.json()).toEqual({
      error: { message: 'There is no such batch', kept: 'Nothing was changed.' },
    })
  })

  it('say that the database is away only when it is', async () => {
    const refused = Object.assign(new Error('connect'), { code: 'ECONNREFUSED' })
    expect((await failing(new Error('query', { cause: refused }))).status).toBe(503)
  })

  it('give a fault of ours a number, under which the log has where it happened, and show nothing of it', async () => {
    const log = vi.spyOn(console, 'error').mockImplementation(() => undefined)
    const response = await failing(new TypeError('password=hunter2'))
    const text = await response.text()
    expect(response.status).toBe(500)
    expect(text).not.toMatch(/hunter2/)
    const [, fault] = /fault (\w{26})/.exec(text) ?? []
    expect(fault).toBeDefined()
    expect(log.mock.calls[0]?.[0]).toMatch(new RegExp(`${fault}[^]*http\\.test`))
    log.mockRestore()
  })

  it('check an address before anything is done', async () => {
    const params = z.object({ id: z.string().length(3) })
    const answer = route({ params }, ({ params: { id } }) => ({ id }))
    const get = (id: string) => answer(new Request('http://127.0.0.1/x'), { params: Promise.resolve({ id }) })
    expect(await (await get('abc')).json()).toEqual({ id: 'abc' })
    expect((await get('abcd')).status).toBe(404)
  })
})

it('a stream sends frames as events and stops when the reader goes', async () => {
  let stopped = false
  async function* frames(signal: AbortSignal) {
    yield { n: 1 }
    yield null
    await new Promise<void>((resolve) => signal.addEventListener('abort', () => resolve()))
    stopped = true
  }
  const response = eventStream(frames, new Request('http://127.0.0.1/x'))
  expect(response.headers.get('content-type')).toBe('text/event-stream')
  const reader = (response.body as ReadableStream<Uint8Array>).getReader()
  const decoder = new TextDecoder()
  let text = ''
  while (!text.includes(': still here')) text += decoder.decode((await reader.read()).value)
  expect(text).toContain('data: {"n":1}\n\n')
  await reader.cancel()
  await new Promise((resolve) => setImmediate(resolve))
  expect(stopped).toBe(true)
})

describe('streams', () => {
  const asking = (method: string, client = 'a tablet') =>
    new Request('http://127.0.0.1/x', { method, headers: { 'x-imbry-client': client } })
  async function* quiet(signal: AbortSignal): AsyncGenerator<null> {
    yield null
    await new Promise<void>((resolve) => signal.addEventListener('abort', () => resolve()))
  }

  it('are not opened for whoever asks for the head alone', () => {
    let opened = 0
    const frames = (signal: AbortSignal) => {
      opened++
      return quiet(signal)
    }
    for (let i = 0; i < 30; i++)
      expect(eventStream(frames, asking('HEAD')).headers.get('content-type')).toMatch(/event/)
    expect(opened).toBe(0)
  })

  it('are so many a client, others go on, and one that ends makes room', async () => {
    const held: Response[] = []
    const more = () => held.push(eventStream(quiet, asking('GET')))
    let refused: unknown = null
    while (refused === null && held.length < 10_000)
      try {
        more()
      } catch (error) {
        refused = error
      }
    expect(refused).toMatchObject({ status: 429 })
    expect(held.length).toBeGreaterThan(1000)
    await eventStream(quiet, asking('GET', 'another')).body?.cancel()
    await held.pop()?.body?.cancel()
    more()
    expect(more).toThrow(/too many/)
    await Promise.all(held.map((r) => r.body?.cancel()))
    more()
    await held.pop()?.body?.cancel()
  })
})
