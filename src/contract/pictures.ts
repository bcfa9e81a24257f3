/** Pictures of batches at the boundary. */
import { z } from 'zod'
import { ulid } from './text'

/** Pictures a batch may have, and bytes one may come in with. */
export const MOST_PICTURES = 12
export const PICTURE_BYTES = 16 * 1024 * 1024
export const pictureKinds = ['image/jpeg', 'image/png', 'image/webp'] as const

export const ofPicture = z.object({ id: ulid, picture: ulid })
export const newPictureQuery = z.object({ id: ulid })
export const pictureQuery = z.object({ size: z.enum(['small', 'large']).default('large') })

export interface PictureInfo {
  readonly id: string
  readonly at: string
  readonly width: number
  readonly height: number
}
