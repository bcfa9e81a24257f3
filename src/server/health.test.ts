import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest'
import { health } from './health'
import { route } from './route'
import { freshWorkshop } from './testing'

const room = { bavail: 0, bsize: 4096 }
vi.mock('node:fs/promises', async (real) => ({ ...(await real<object>()), statfs: async () => room }))

let close: () => Promise<void>
beforeAll(async () => {
  ;({ close } = await freshWorkshop())
})
afterAll(() => close())

describe('health', () => {
  it('says so where the disk is full, before a cook finds out', async () => {
    room.bavail = 2
    expect(await health('/somewhere')).toMatchObject({ status: 'disk full', database: 'ok' })
    room.bavail = 1e6
    expect(await health('/somewhere')).toMatchObject({ status: 'ok' })
  })

  it('minds no disk that is not ours', async () => {
    room.bavail = 0
    expect(await health(undefined)).toMatchObject({ status: 'ok' })
  })
})

it.each(['ER_DISK_FULL', 'ER_RECORD_FILE_FULL', 'ENOSPC'])(
  'a write that finds no room (%s) is told apart from a fault',
  async (code) => {
    const full = Object.assign(new Error('no room'), { code })
    const answer = route({}, () => Promise.reject(new Error('query', { cause: full })))
    const response = await answer(new Request('http://127.0.0.1/x'), { params: Promise.resolve({}) })
    expect(response.status).toBe(507)
    expect(await response.json()).toMatchObject({ error: { message: 'The disk is full' } })
  },
)
