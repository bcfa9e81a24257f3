/** What the door tells the routes of a request; it takes these headers from nobody else. */
import { z } from 'zod'
import { type By, roles } from './roles'

/** Who asks, for what one client may have of a thing. */
export const CLIENT_HEADER = 'x-imbry-client'
/** Which screen asks, as JSON; not there where nothing is asked of anybody. */
export const BY_HEADER = 'x-imbry-by'
/** "1" where the line is encrypted. */
export const SECURE_HEADER = 'x-imbry-secure'

/** The cookie of a screen that has signed in. */
export const SCREEN_COOKIE = 'imbry-screen'

const bySchema = z.object({ id: z.string(), name: z.string(), role: z.enum(roles) })

/** Who asks; null where nothing is asked of anybody. */
export function byIn(headers: Pick<Headers, 'get'>): By | null {
  const text = headers.get(BY_HEADER)
  return text === null ? null : bySchema.parse(JSON.parse(decodeURIComponent(text)))
}

const HALF_A_YEAR_S = 15_552_000

/** A cookie no script reads and no other site's page sends. */
export const screenCookie = (token: string, secure: boolean): string =>
  `${SCREEN_COOKIE}=${token}; Path=/; HttpOnly; SameSite=Strict; Max-Age=${token === '' ? 0 : HALF_A_YEAR_S}${secure ? '; Secure' : ''}`
