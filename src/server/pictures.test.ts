/** Pictures: made anew, bounded, kept once. */
import sharp from 'sharp'
import { ulid } from 'ulid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { MOST_PICTURES } from '@/contract/choices'
import { db, picturesOf } from '@/db'
import { startBatch } from './batches'
import { keepPicture, picture, takeAway } from './pictures'
import { freshWorkshop, problem, request } from './testing'

let close: () => Promise<void>
let batch = ''
const plain = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: '#b4692a' } })

beforeAll(async () => {
  ;({ close } = await freshWorkshop())
  const r = request('one')
  await startBatch(r, new Date())
  batch = r.id
})
afterAll(() => close())

const shown = async (id: string, size: 'small' | 'large') => Buffer.from(await (await picture(id, size)).arrayBuffer())

describe('a picture', () => {
  it('is made anew, small and large, upright, without where it was taken', async () => {
    const id = ulid()
    const taken = await plain(3000, 2000)
      .withExif({ IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '54/1 0/1 0/1' }, IFD0: { Artist: 'somebody' } })
      .withMetadata({ orientation: 6 })
      .jpeg()
      .toBuffer()
    await keepPicture(batch, id, taken, new Date())
    await keepPicture(batch, id, taken, new Date())
    expect(await picturesOf(db(), batch)).toMatchObject([{ id, width: 1067, height: 1600 }])
    for (const size of ['small', 'large'] as const) {
      const bytes = await shown(id, size)
      const { exif, format } = await sharp(bytes).metadata()
      expect([exif, format]).toEqual([undefined, 'jpeg'])
    }
    expect((await shown(id, 'small')).length).toBeLessThan((await shown(id, 'large')).length)
  })

  it('that is none is refused, whatever it says of itself', async () => {
    const svg = Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>')
    const broken = (await plain(200, 200).png().toBuffer()).subarray(0, 60)
    for (const bytes of [svg, broken, Buffer.alloc(0), Buffer.from('GIF89a')])
      expect(await problem(keepPicture(batch, ulid(), bytes, new Date()))).toMatchObject({ status: 400 })
  })

  it('has a place among twelve, of a batch that is there', async () => {
    const bytes = await plain(40, 30).webp().toBuffer()
    const ids = Array.from({ length: MOST_PICTURES + 3 }, () => ulid())
    const done = await Promise.all(ids.map((id) => problem(keepPicture(batch, id, bytes, new Date()))))
    expect(await picturesOf(db(), batch)).toHaveLength(MOST_PICTURES)
    expect(done.flatMap((p) => p?.status ?? [])).toEqual(new Array(4).fill(409))
    const [first] = await picturesOf(db(), batch)
    await takeAway(batch, first?.id ?? '')
    expect(await picturesOf(db(), batch)).toHaveLength(MOST_PICTURES - 1)
    expect(await problem(picture(first?.id ?? '', 'small'))).toMatchObject({ status: 404 })
    expect(await problem(keepPicture(ulid(), ulid(), bytes, new Date()))).toMatchObject({ status: 404 })
  })
})
