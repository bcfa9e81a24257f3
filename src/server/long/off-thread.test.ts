import { describe, expect, it } from 'vitest'
import { Problem } from '../problem'
import { offThread } from './off-thread'
import { packed, unpacked } from './packed'

const failed = async (work: Promise<unknown>): Promise<unknown> =>
  work.then(
    () => null,
    (error: unknown) => error,
  )

describe('long work', () => {
  it('is answered each its own, however many ask at once', async () => {
    const asked = Array.from({ length: 20 }, (_, i) => offThread('writeCsv', ['n'], [[i]]))
    expect(await Promise.all(asked)).toEqual(asked.map((_, i) => `n\r\n${i}`))
  })

  it('says what the caller did wrong as it would beside it', async () => {
    const problem = await failed(offThread('readReadings', 'colour,bite\nstraw,firm\n'))
    expect(problem).toBeInstanceOf(Problem)
    expect(problem).toMatchObject({ status: 400, kept: 'Nothing was stored.' })
  })

  it('that fails through a fault of ours fails alone, with where it was', async () => {
    const [fault, next] = await Promise.all([
      failed(offThread('writeCookCsv', null as never, { acts: [], readings: packed([]) })),
      offThread('writeCsv', ['a'], [[1]]),
    ])
    expect(fault).toBeInstanceOf(Error)
    expect(fault).not.toBeInstanceOf(Problem)
    expect((fault as Error).message).toMatch(/writeCookCsv/)
    expect(next).toBe('a\r\n1')
  })

  it('turns away what it could not answer in time', async () => {
    const asked = Array.from({ length: 60 }, async () => offThread('writeCsv', ['a'], [[1]]))
    const told = await Promise.all(asked.map(failed))
    expect(told.filter((t) => t === null)).toHaveLength(50)
    expect(told.filter((t) => t instanceof Problem && t.status === 429)).toHaveLength(10)
  })

  it('takes readings as one row of figures, and gives them back as they were', () => {
    const readings: [number, number][] = [
      [1_700_000_000_123, 118.4],
      [1_700_000_001_000, -3],
    ]
    expect(unpacked(packed(readings))).toEqual(readings)
    expect(unpacked(packed([]))).toEqual([])
  })
})
