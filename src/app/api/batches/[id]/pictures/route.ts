import { PICTURE_BYTES, pictureKinds } from '@/contract/choices'
import { newPictureQuery } from '@/contract/pictures'
import { ofUlid } from '@/contract/text'
import { bytes } from '@/server/http'
import { keepPicture } from '@/server/pictures'
import { route } from '@/server/route'

/** Keeps a picture of a batch under the id its sender gave it. */
export const POST = route(
  { params: ofUlid, query: newPictureQuery, body: bytes(pictureKinds, PICTURE_BYTES), status: 201 },
  async ({ params, query, body, now }) => {
    await keepPicture(params.id, query.id, body, now)
    return { id: query.id }
  },
)
