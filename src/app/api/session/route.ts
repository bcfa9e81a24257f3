import { z } from 'zod'
import { CLIENT_HEADER, SECURE_HEADER, screenCookie } from '@/contract/door'
import { signInSchema } from '@/contract/screens'
import { json } from '@/server/http'
import { route } from '@/server/route'
import { revoke, signIn } from '@/server/screens'

const secure = (headers: Headers): boolean => headers.get(SECURE_HEADER) === '1'

/** Signs this screen in. */
export const POST = route({ body: json(signInSchema) }, async ({ body, now, headers }) => {
  const { by, token } = await signIn(body, headers.get(CLIENT_HEADER) ?? '', now)
  return Response.json(by, { headers: { 'set-cookie': screenCookie(token, secure(headers)) } })
})

/** Signs this screen out, whatever it may do. */
export const DELETE = route({ body: json(z.unknown()) }, async ({ by, now, headers }) => {
  if (by) await revoke(by.id, now)
  return Response.json({ gone: true }, { headers: { 'set-cookie': screenCookie('', secure(headers)) } })
})
