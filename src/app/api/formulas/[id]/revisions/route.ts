import { newRevisionSchema } from '@/contract/book'
import { ofHandle } from '@/contract/text'
import { revise } from '@/server/formulas'
import { FORMULA_BYTES, json } from '@/server/http'
import { route } from '@/server/route'

export const POST = route({ params: ofHandle, body: json(newRevisionSchema, FORMULA_BYTES) }, ({ params, body, now }) =>
  revise(params.id, body, now),
)
