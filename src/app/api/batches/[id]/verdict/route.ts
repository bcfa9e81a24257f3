import { ofUlid } from '@/contract/text'
import { newVerdictSchema } from '@/contract/verdict'
import { setVerdict } from '@/server/batches'
import { json } from '@/server/http'
import { route } from '@/server/route'

export const PUT = route({ params: ofUlid, body: json(newVerdictSchema) }, async ({ params, body }) => {
  await setVerdict(params.id, body)
  return { saved: true }
})
