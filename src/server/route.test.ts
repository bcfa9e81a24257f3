import { describe, expect, it } from 'vitest'
import { route } from './route'

describe('an answer that is made while it is fetched', () => {
  const asked = (method: string) => {
    let stopped = false
    const answer = route({}, () => {
      const body = new ReadableStream<Uint8Array>({
        pull: (c) => c.enqueue(new Uint8Array(8)),
        cancel: () => {
          stopped = true
        },
      })
      return new Response(body, { headers: { 'content-type': 'application/zip' } })
    })
    const response = answer(new Request('http://127.0.0.1/api/any', { method }), { params: Promise.resolve({}) })
    return response.then((r) => ({ response: r, stopped: () => stopped }))
  }

  it('is not made at all where only its head was asked for', async () => {
    const { response, stopped } = await asked('HEAD')
    expect(stopped()).toBe(true)
    expect(response.body).toBeNull()
    expect(response.headers.get('content-type')).toBe('application/zip')
  })

  it('is made for whoever fetches it, until they go', async () => {
    const { response, stopped } = await asked('GET')
    expect(stopped()).toBe(false)
    await response.body?.cancel()
    expect(stopped()).toBe(true)
  })
})
