import { describe, expect, it } from 'vitest'
import { z } from 'zod'
import { answer, eventStream, parseJson, readBody, readWrite } from './http'
import { Problem } from './problem'

const schema = z.object({ grams: z.number().positive() })
const post = (body: string, headers: Record<string, string> = {}) =>
  new Request('http://127.0.0.1:3210/api/x', {
    method: 'POST',
    body,
    headers: { host: '127.0.0.1:3210', 'content-type': 'application/json', ...headers },
  })
const status = (work: Promise<unknown>) =>
  work.then(
    () => 200,
    (e: Problem) => e.status,
  )

describe('writes', () => {
  it('are taken from our own pages', async () => {
    expect(await readWrite(post('{"grams":5}', { origin: 'http://127.0.0.1:3210' }), schema)).toEqual({ grams: 5 })
    expect(await readWrite(post('{"grams":5}', { 'sec-fetch-site': 'same-origin' }), schema)).toEqual({ grams: 5 })
  })

  it.each([
    [{ origin: 'http://elsewhere.example' }, 403],
    [{ origin: 'null' }, 403],
    [{ origin: 'http://127.0.0.1:3210.elsewhere.example' }, 403],
    [{ 'sec-fetch-site': 'cross-site' }, 403],
    [{ 'content-type': 'text/plain' }, 415],
  ])('with %j are answered %d', async (headers, wanted) => {
    expect(await status(readWrite(post('{"grams":5}', headers as Record<string, string>), schema))).toBe(wanted)
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

describe('answers', () => {
  it('turn problems into one sentence and what was kept', async () => {
    const response = await answer(() => Promise.reject(new Problem(404, 'There is no such batch')))
    expect(response.status).toBe(404)
    expect(await response.json()).toEqual({
      error: { message: 'There is no such batch', kept: 'Nothing was changed.' },
    })
  })

  it('show nothing of what failed inside', async () => {
    const response = await answer(() => Promise.reject(new Error('password=hunter2')))
    expect(response.status).toBe(503)
    expect(await response.text()).not.toMatch(/hunter2/)
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
