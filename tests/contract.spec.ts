import { ulid } from 'ulid'
import { expect, test } from './app'

const reading = (celsius: unknown) => JSON.stringify({ id: ulid(), at: new Date().toISOString(), celsius })

test.describe('the probe contract', () => {
  for (const [name, body, status, says] of [
    ['half a body', '{"id":"01J0000000", "at"', 400, /not complete JSON/],
    ['an absurd temperature', reading(-400), 400, /celsius/],
    ['no number at all', '{"id":"0123456789","at":"2026-11-24T10:00:00.000Z","celsius":NaN}', 400, /not complete JSON/],
    ['nothing', '', 400, /no reading/],
    ['a flood', 'x'.repeat(1_200_000), 413, /larger than/],
  ] as const) {
    test(`refuses ${name} in one sentence`, async ({ request, app }) => {
      const response = await request.post(`${app.url}/api/probes/quick-probe/readings`, {
        headers: { authorization: `Bearer ${app.token}` },
        data: Buffer.from(body),
      })
      expect(response.status()).toBe(status)
      const { error } = (await response.json()) as { error: { message: string; kept: string } }
      expect(error.message).toMatch(says)
      expect(error.kept).toMatch(/^Nothing was/)
    })
  }

  test('refuses a wrong token and an unknown channel', async ({ request, app }) => {
    const post = (channel: string, token: string) =>
      request.post(`${app.url}/api/probes/${channel}/readings`, {
        headers: { authorization: `Bearer ${token}` },
        data: Buffer.from(reading(100)),
      })
    expect((await post('quick-probe', 'guess')).status()).toBe(401)
    expect((await post('no-such', app.token)).status()).toBe(404)
    expect(await (await post('quick-probe', app.token)).json()).toEqual({ stored: 0, repeated: 0, idle: 1 })
  })
})

test.describe('writes from a browser', () => {
  test('are refused from another origin', async ({ request, app }) => {
    const response = await request.post(`${app.url}/api/batches`, {
      headers: { origin: 'http://elsewhere.example' },
      data: {},
    })
    expect(response.status()).toBe(403)
  })

  test('name what is wrong with them and change nothing', async ({ request, app }) => {
    const batch = {
      id: ulid(),
      boilId: ulid(),
      formula: 'orchard-toffee',
      revision: 1,
      size: { by: 'weight', grams: -100 },
      shape: { kind: 'cut', lengthMm: 40, widthMm: 30, heightMm: 7 },
      room: 'quay',
      pot: 'copper-9',
      burner: 'induction',
      vessel: 'slab-30',
      channel: null,
      rate: 1,
    }
    const negative = await request.post(`${app.url}/api/batches`, { data: batch })
    expect(negative.status()).toBe(400)
    expect(await negative.text()).toMatch(/size\.grams/)
    const notJson = await request.post(`${app.url}/api/batches`, {
      headers: { 'content-type': 'application/json' },
      data: Buffer.from('{"id": "half'),
    })
    expect(notJson.status()).toBe(400)
    const wrongKind = await request.post(`${app.url}/api/batches`, {
      headers: { 'content-type': 'text/plain' },
      data: 'x',
    })
    expect(wrongKind.status()).toBe(415)
    expect((await request.get(`${app.url}/logbook/${batch.id}`)).status()).toBe(404)
    expect((await request.get(`${app.url}/stove/${batch.boilId}`)).status()).toBe(404)
  })
})

test('health tells of database and version', async ({ request, app }) => {
  const response = await request.get(`${app.url}/api/health`)
  expect(response.status()).toBe(200)
  expect(await response.json()).toMatchObject({ status: 'ok', database: 'ok', version: expect.stringMatching(/^\d/) })
})

test('pages carry a strict policy', async ({ request, app }) => {
  const headers = (await request.get(`${app.url}/formulas`)).headers()
  expect(headers['content-security-policy']).toMatch(/script-src 'self' 'nonce-/)
  expect(headers['content-security-policy']).toMatch(/frame-ancestors 'none'/)
  expect(headers['x-content-type-options']).toBe('nosniff')
  expect(headers['x-powered-by']).toBeUndefined()
})
