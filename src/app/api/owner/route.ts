import { CLIENT_HEADER } from '@/contract/door'
import { newPassphraseSchema } from '@/contract/screens'
import { json } from '@/server/http'
import { route } from '@/server/route'
import { setPassphrase } from '@/server/screens'

/** Sets the owner's passphrase. */
export const PUT = route({ body: json(newPassphraseSchema) }, async ({ body, now, headers }) => {
  await setPassphrase(body, headers.get(CLIENT_HEADER) ?? '', now)
  return { kept: true }
})
