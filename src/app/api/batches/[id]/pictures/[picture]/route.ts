import { z } from 'zod'
import { ofPicture, pictureQuery } from '@/contract/pictures'
import { json } from '@/server/http'
import { picture, takeAway } from '@/server/pictures'
import { route } from '@/server/route'

export const GET = route({ params: ofPicture, query: pictureQuery }, ({ params, query }) =>
  picture(params.picture, query.size),
)

export const DELETE = route({ params: ofPicture, body: json(z.unknown()) }, async ({ params }) => {
  await takeAway(params.id, params.picture)
  return { gone: true }
})
