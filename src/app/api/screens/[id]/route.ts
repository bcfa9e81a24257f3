import { z } from 'zod'
import { ofUlid } from '@/contract/text'
import { json } from '@/server/http'
import { route } from '@/server/route'
import { revoke } from '@/server/screens'

/** Lets a screen in no more. */
export const DELETE = route({ params: ofUlid, body: json(z.unknown()) }, async ({ params, now }) => {
  await revoke(params.id, now)
  return { gone: true }
})
