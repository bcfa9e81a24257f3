import { afterEach, describe, expect, it, vi } from 'vitest'
import { SendError, send, sendFile } from './send'

afterEach(() => vi.unstubAllGlobals())

const answering = (answer: () => Response | Promise<Response>) => {
  const asked: [string, RequestInit][] = []
  vi.stubGlobal('fetch', async (path: string, init: RequestInit) => {
    asked.push([path, init])
    return answer()
  })
  return asked
}

const failure = (work: Promise<unknown>): Promise<SendError> =>
  work.then(
    () => {
      throw new Error('it was taken')
    },
    (e) => e,
  )

describe('what is sent', () => {
  it('goes as JSON, and its answer comes back', async () => {
    const asked = answering(() => Response.json({ id: 'x' }))
    expect(await send('PUT', '/api/things', { a: 1 })).toEqual({ id: 'x' })
    expect(asked).toEqual([
      [
        '/api/things',
        expect.objectContaining({ method: 'PUT', body: '{"a":1}', headers: { 'content-type': 'application/json' } }),
      ],
    ])
  })

  it('gives up on a line that hangs, but not on a file that is slow', async () => {
    const asked = answering(() => Response.json({}))
    await send('POST', '/api/acts', {})
    await sendFile('/api/book', 'application/json', '{}')
    expect(asked[0]?.[1].signal).toBeInstanceOf(AbortSignal)
    expect(asked[1]?.[1].signal).toBeUndefined()
  })

  it.each([
    [400, false, false],
    [404, false, false],
    [409, false, false],
    [413, false, false],
    [429, true, false],
    [507, true, false],
    [500, false, true],
    [503, true, false],
  ])('a %s is worth trying again as it is: %s, and is a fault of the server: %s', async (status, passing, fault) => {
    answering(() => Response.json({ error: { message: 'No such step', kept: 'Nothing was changed.' } }, { status }))
    const error = await failure(send('POST', '/x'))
    expect(error.message).toBe('No such step. Nothing was changed.')
    expect(error).toMatchObject({ status, passing, fault })
  })

  it('leads to signing in where it is not known any more, and loses nothing by it', async () => {
    const went: string[] = []
    vi.stubGlobal('location', { assign: (to: string) => went.push(to) })
    answering(() => Response.json({ error: { message: 'Not signed in', kept: '' } }, { status: 401 }))
    expect(await failure(send('POST', '/api/boils/x/acts'))).toMatchObject({ status: 401, passing: true })
    expect(went).toEqual(['/sign-in'])
    // a wrong passphrase is said where it was typed
    await failure(send('POST', '/api/session'))
    await failure(send('PUT', '/api/owner'))
    expect(went).toEqual(['/sign-in'])
  })

  it('says so when there is no answer, and when the answer is not one of ours', async () => {
    answering(() => Promise.reject(new TypeError('network')))
    const away = await failure(send('POST', '/x'))
    expect(away).toBeInstanceOf(SendError)
    expect(away).toMatchObject({ status: null, passing: true, message: 'Imbry cannot be reached just now.' })
    answering(() => new Response('<h1>Bad gateway</h1>', { status: 502 }))
    expect(await failure(send('POST', '/x'))).toMatchObject({ status: 502, message: 'Imbry could not take that.' })
  })
})
