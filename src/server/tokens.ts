/** Secrets are kept as digests, and compared in constant time. They are random and long: no slow hash is needed. */
import { createHash, timingSafeEqual } from 'node:crypto'

export const hashToken = (token: string): string => createHash('sha256').update(token).digest('hex')

/** Whether a secret is the one of this digest. */
export const isToken = (given: string, hash: string): boolean =>
  timingSafeEqual(Buffer.from(hashToken(given)), Buffer.from(hash))
