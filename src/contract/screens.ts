/** Screens of the kitchen's network: who may come in, and what each may do. */
import { z } from 'zod'
import { type Role, roles } from './roles'
import { shortText, ulid } from './text'

export const MIN_PASSPHRASE = 10
const passphrase = z.string().min(MIN_PASSPHRASE, `needs at least ${MIN_PASSPHRASE} characters`).max(200)

/** The owner's passphrase: the first by the code that stands in the terminal, a later one by the one before. */
export const newPassphraseSchema = z.object({ passphrase, proof: z.string().max(200) })

const screenName = shortText.max(60)

/** Signing in with the owner's passphrase, or with the code of a pairing. */
export const byPassphraseSchema = z.object({ passphrase: z.string().max(200), name: screenName })
export const byCodeSchema = z.object({ code: z.string().regex(/^\d{6}$/, 'is six digits') })
export const signInSchema = z.union([byPassphraseSchema, byCodeSchema])
export type SignIn = z.infer<typeof signInSchema>

export const newPairingSchema = z.object({ id: ulid, name: screenName, role: z.enum(roles) })
export type NewPairing = z.infer<typeof newPairingSchema>

/** A code for one tablet, as a picture too, until it dies. */
export interface Pairing {
  readonly code: string
  readonly picture: string
  readonly expiresAt: string
}

/** A screen as the owner sees it. */
export interface ScreenView {
  readonly id: string
  readonly name: string
  readonly role: Role
  readonly pairedAt: string
  readonly lastSeenAt: string
}
