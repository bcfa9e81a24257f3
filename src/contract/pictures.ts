/** Pictures of batches at the boundary. */
import { z } from 'zod'
import { ulid } from './text'

export const ofPicture = z.object({ id: ulid, picture: ulid })
export const newPictureQuery = z.object({ id: ulid })
export const pictureQuery = z.object({ size: z.enum(['small', 'large']).default('large') })

export interface PictureInfo {
  readonly id: string
  readonly at: string
  readonly width: number
  readonly height: number
}
