import { z } from 'zod'
import { kindSchema } from '@/contract/kitchen'
import { handle } from '@/contract/text'
import { json } from '@/server/http'
import { dropThing, keepThing } from '@/server/kitchen'
import { route } from '@/server/route'

const params = z.object({ kind: kindSchema, id: handle })
const body = json(z.unknown())

export const PUT = route({ params, body }, ({ params: { kind, id }, body: facts }) => keepThing(kind, id, facts))

export const DELETE = route({ params, body }, async ({ params: { kind, id } }) => {
  await dropThing(kind, id)
  return { gone: true }
})
