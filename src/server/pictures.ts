/** Pictures in: made anew, small and large, so that nothing of where they were taken is kept. */
import sharp from 'sharp'
import { MOST_PICTURES } from '@/contract/choices'
import { type Db, db, dropPicture, pictureBytes, putPicture } from '@/db'
import { Problem } from './problem'

/** px of the longer side. */
const SIDE = { small: 360, large: 1600 }
const QUALITY = 82
/** A picture of more is no photograph of a sweet, whatever it weighs. */
const MOST_PIXELS = 80_000_000
const KEPT = 'No picture was kept.'

/** How the kinds begin, in hexadecimal: what a file is called counts for nothing, and drawings are not decoded here. */
const BEGINNINGS = [/^ffd8ff/, /^89504e470d0a1a0a/, /^52494646.{8}57454250/]
const isPicture = (bytes: Buffer): boolean => {
  const head = bytes.subarray(0, 12).toString('hex')
  return BEGINNINGS.some((b) => b.test(head))
}

/** A file made anew as two JPEGs, turned as it was held. @throws Problem 400 for what is no picture. */
async function made(bytes: Buffer) {
  try {
    if (!isPicture(bytes)) throw new Error('not a picture')
    const upright = sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' }).rotate()
    const as = (side: number) =>
      upright
        .clone()
        .resize(side, side, { fit: 'inside', withoutEnlargement: true })
        .jpeg({ quality: QUALITY })
        .toBuffer({ resolveWithObject: true })
    const [small, large] = await Promise.all([as(SIDE.small), as(SIDE.large)])
    return { small: small.data, large: large.data, width: large.info.width, height: large.info.height }
  } catch {
    throw new Problem(400, 'This is not a picture that can be read: a JPEG, PNG or WebP of an ordinary size', KEPT)
  }
}

/** Keeps a picture of a batch, once. */
export async function keepPicture(batchId: string, id: string, bytes: Buffer, now: Date, to: Db = db()): Promise<void> {
  const done = await putPicture(to, { id, batchId, at: now, ...(await made(bytes)) }, MOST_PICTURES)
  if (done === 'missing') throw new Problem(404, 'There is no such batch', KEPT)
  if (done === 'full') throw new Problem(409, `A batch has ${MOST_PICTURES} pictures at most`, KEPT)
}

/** A picture to be shown; it never changes under its id. */
export async function picture(id: string, size: 'small' | 'large'): Promise<Response> {
  const bytes = await pictureBytes(db(), id, size)
  if (!bytes) throw new Problem(404, 'There is no such picture')
  return new Response(new Uint8Array(bytes), {
    headers: { 'content-type': 'image/jpeg', 'cache-control': 'private, max-age=31536000, immutable' },
  })
}

export const takeAway = (batch: string, id: string): Promise<void> => dropPicture(db(), batch, id)
