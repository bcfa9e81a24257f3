import { SECURE_HEADER } from '@/contract/door'
import { newPairingSchema } from '@/contract/screens'
import { json } from '@/server/http'
import { route } from '@/server/route'
import { originFor, pair, screens } from '@/server/screens'

export const GET = route({}, () => screens())

/** A code for one more screen. */
export const POST = route({ body: json(newPairingSchema) }, ({ body, now, headers }) =>
  pair(body, originFor(headers.get('host') ?? '', headers.get(SECURE_HEADER) === '1'), now),
)
