/** Who comes in, where Imbry can be reached from a network: the one place that knows what a request asks for. */
import type { IncomingMessage, ServerResponse } from 'node:http'
import { SCREEN_COOKIE } from '@/contract/door'
import { asksFor } from '@/contract/rights'
import { type By, mayDo } from '@/contract/roles'

/** What the door asks of those who know the screens. */
export interface Screens {
  /** Whose token it is, and the one that takes its place, if one does; null for nobody's. */
  screenOf(token: string): Promise<{ readonly by: By; readonly token: string | null } | null>
  /** Those of these screens that are let in no more. */
  goneAmong(ids: readonly string[]): Promise<readonly string[]>
}

export type Admission =
  | { readonly by: By | null; readonly token: string | null }
  | { readonly status: 401 | 403; readonly message: string }

const tokenIn = (cookies: string | undefined): string | null =>
  new RegExp(`(?:^|;\\s*)${SCREEN_COOKIE}=([\\w-]{20,100})(?:;|$)`).exec(cookies ?? '')?.[1] ?? null

/** Lets a request in, or says why not. */
export async function admit(
  { method = '', headers }: IncomingMessage,
  path: string,
  screens: Screens,
): Promise<Admission> {
  const asks = asksFor(method, path)
  // a device's own token is looked at by its route
  if (asks === 'device') return { by: null, token: null }
  const token = tokenIn(headers.cookie)
  const known = token === null ? null : await screens.screenOf(token)
  if (asks === 'anybody') return known ?? { by: null, token: null }
  if (!known) return { status: 401, message: 'This screen has not signed in' }
  if (!mayDo(known.by.role, asks))
    return {
      status: 403,
      message: `“${known.by.name}” may not do that: it is for ${asks === 'owner' ? 'the owner' : 'cooks'}`,
    }
  return known
}

/** How often streams that are open are held against the screens that may come in, ms. */
const CHECK_MS = 2000

/** Ends what a screen has open once it is let in no more. */
export function openWatch(screens: Screens, everyMs = CHECK_MS) {
  const open = new Map<ServerResponse, string>()
  const timer = setInterval(() => {
    const ids = [...new Set(open.values())]
    if (ids.length === 0) return
    screens.goneAmong(ids).then(
      (gone) => {
        for (const [response, id] of open) if (gone.includes(id)) response.destroy()
      },
      // the database is away: nobody new comes in, and who is in stays
      () => undefined,
    )
  }, everyMs)
  timer.unref()
  return {
    mind(response: ServerResponse, id: string): void {
      open.set(response, id)
      response.once('close', () => open.delete(response))
    },
    close: () => clearInterval(timer),
  }
}
