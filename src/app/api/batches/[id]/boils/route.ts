import { startBoilSchema } from '@/contract/batch'
import { ofUlid } from '@/contract/text'
import { startBoil } from '@/server/batches'
import { json } from '@/server/http'
import { route } from '@/server/route'

export const POST = route({ params: ofUlid, body: json(startBoilSchema) }, ({ params, body, now }) =>
  startBoil(params.id, body, now),
)
