import { loggedActSchema } from '@/contract/cook'
import { ofUlid } from '@/contract/text'
import { logAct } from '@/server/cook'
import { json } from '@/server/http'
import { route } from '@/server/route'

export const POST = route({ params: ofUlid, body: json(loggedActSchema) }, ({ params, body, now, by }) =>
  logAct(params.id, body, now, by),
)
