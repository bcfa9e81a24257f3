import { lotUsesSchema } from '@/contract/stock'
import { ofUlid } from '@/contract/text'
import { json } from '@/server/http'
import { route } from '@/server/route'
import { setLots } from '@/server/stock'

/** Puts right what a batch took of which lots. */
export const PUT = route({ params: ofUlid, body: json(lotUsesSchema) }, async ({ params, body }) => {
  await setLots(params.id, body.uses)
  return { saved: true }
})
