import { verdictSchema } from '@/contract/batch'
import { ofUlid } from '@/contract/text'
import { setVerdict } from '@/server/batches'
import { json } from '@/server/http'
import { route } from '@/server/route'

export const PUT = route({ params: ofUlid, body: json(verdictSchema) }, async ({ params, body }) => {
  await setVerdict(params.id, body)
  return { saved: true }
})
