/** Signing in: the owner's passphrase, pairing of screens, and who a request comes from. */
import { randomBytes, randomInt } from 'node:crypto'
import { networkInterfaces } from 'node:os'
import { hash, verify } from '@node-rs/argon2'
import QRCode from 'qrcode'
import { ulid } from 'ulid'
import type { By, Role } from '@/contract/roles'
import type { NewPairing, Pairing, ScreenView, SignIn } from '@/contract/screens'
import {
  addScreen,
  changePassphrase,
  changeToken,
  db,
  dropPairings,
  findScreen,
  forgetToken,
  listScreens,
  putPairing,
  readPassphrase,
  revokeRole,
  revokeScreen,
  sawScreen,
  stillIn,
  usePairing,
} from '@/db'
import { Problem } from './problem'
import { hashToken, isToken } from './tokens'
import { openTries } from './tries'

const CODE_MS = 2 * 60_000
/** A token is changed once a day; requests that were under way still come with the one before. */
const ROTATE_MS = 86_400_000
const GRACE_MS = 60_000
const SEEN_MS = 60_000
/** A screen that has not been seen for so long pairs anew. */
const FORGOTTEN_MS = 180 * 86_400_000
/** ◊ So many wrong tries of all together, and no code that is out can be trusted to stay unguessed. */
const MOST_WRONG = 12

const tries = openTries()
const newToken = (): string => randomBytes(32).toString('base64url')

/** Whether screens have to sign in: Imbry can be reached from a network. */
export const asksWho = (): boolean => process.env.IMBRY_SIGN_IN === '1'

export const hasPassphrase = async (): Promise<boolean> => (await readPassphrase(db())) !== null

async function slowly<T>(client: string, work: () => Promise<T | null>, message: string): Promise<T> {
  const wait = tries.wait(client, Date.now())
  if (wait > 0) throw new Problem(429, `Too many wrong tries. Try again in ${wait} s`)
  const found = await work()
  if (found === null) {
    console.error(`A wrong try to sign in, from ${client}`)
    if (tries.wrong(client, Date.now()) >= MOST_WRONG) await dropPairings(db())
    throw new Problem(401, message)
  }
  tries.right(client)
  return found
}

const isSetupCode = (given: string): boolean => {
  const code = process.env.IMBRY_SETUP_CODE
  return code !== undefined && isToken(given, hashToken(code))
}

/**
 * Sets the owner's passphrase: the first by the code that stands in the terminal, a later one by the one before. Screens
 * that came in by the old one are let in no more. On loopback alone the first needs no proof.
 */
export async function setPassphrase(
  { passphrase, proof }: { passphrase: string; proof: string },
  client: string,
  now: Date,
): Promise<void> {
  const before = await readPassphrase(db())
  const proved = async (): Promise<true | null> => {
    if (before !== null) return (await verify(before, proof)) || null
    return !asksWho() || isSetupCode(proof) || null
  }
  await slowly(client, proved, before === null ? 'That is not the code in the terminal' : 'That is not the passphrase')
  if (!(await changePassphrase(db(), await hash(passphrase), before, now)))
    throw new Problem(409, 'The passphrase was changed on another screen in the meantime')
  await revokeRole(db(), 'owner', now)
}

/** Lets a screen in; its token, which only its cookie knows. */
export async function signIn(asked: SignIn, client: string, now: Date): Promise<{ by: By; token: string }> {
  const found =
    'code' in asked
      ? await slowly(client, () => usePairing(db(), hashToken(asked.code), now), 'That code is not good, or no longer')
      : await slowly(client, () => ownerBy(asked), 'That is not the passphrase')
  const token = newToken()
  const by = { id: ulid(), ...found }
  await addScreen(db(), { ...by, tokenHash: hashToken(token) }, now)
  return { by, token }
}

async function ownerBy({ passphrase, name }: { passphrase: string; name: string }) {
  const known = await readPassphrase(db())
  return known !== null && (await verify(known, passphrase)) ? { name, role: 'owner' as Role } : null
}

/** A code for one more screen, good for two minutes. Asked for again, the pairing gets a new one. */
export async function pair({ id, name, role }: NewPairing, origin: string, now: Date): Promise<Pairing> {
  const code = String(randomInt(1_000_000)).padStart(6, '0')
  const expiresAt = new Date(now.getTime() + CODE_MS)
  await putPairing(db(), { id, name, role, codeHash: hashToken(code), expiresAt }, now)
  const svg = await QRCode.toString(`${origin}/sign-in?code=${code}`, { type: 'svg', margin: 1 })
  return {
    code,
    picture: `data:image/svg+xml;base64,${Buffer.from(svg).toString('base64')}`,
    expiresAt: expiresAt.toISOString(),
  }
}

/** Where other screens find this one: the name it was asked by, or its address where that name is this machine's own. */
export function originFor(host: string, secure: boolean): string {
  const scheme = secure ? 'https' : 'http'
  const port = /:\d+$/.exec(host)?.[0] ?? ''
  if (!/^(localhost|127\.|\[::1\])/.test(host)) return `${scheme}://${host}`
  const own = Object.values(networkInterfaces())
    .flat()
    .find((a) => a && !a.internal && a.family === 'IPv4')
  return `${scheme}://${own?.address ?? host.replace(/:\d+$/, '')}${port}`
}

export async function screens(): Promise<ScreenView[]> {
  return (await listScreens(db())).map(({ id, name, role, pairedAt, lastSeenAt }) => ({
    id,
    name,
    role,
    pairedAt: pairedAt.toISOString(),
    lastSeenAt: lastSeenAt.toISOString(),
  }))
}

export async function revoke(id: string, now: Date): Promise<void> {
  if (!(await revokeScreen(db(), id, now))) throw new Problem(404, 'There is no such screen')
}

/**
 * Whose token this is, and the token that takes its place where it is a day old; null for nobody's. An answer may be lost
 * with the new token in it: the one before serves until the new one has come back.
 */
export async function screenOf(token: string, now = new Date()): Promise<{ by: By; token: string | null } | null> {
  const known = hashToken(token)
  const row = await findScreen(db(), known)
  if (!row || now.getTime() - row.lastSeenAt.getTime() > FORGOTTEN_MS) return null
  const by = { id: row.id, name: row.name, role: row.role }
  const age = now.getTime() - row.rotatedAt.getTime()
  const isNew = row.tokenHash === known
  if (isNew ? age > ROTATE_MS : age > GRACE_MS) {
    const next = newToken()
    if (await changeToken(db(), row, known, hashToken(next), now)) return { by, token: next }
  } else if (isNew && row.previousHash !== null && age > GRACE_MS) await forgetToken(db(), row.id)
  else if (now.getTime() - row.lastSeenAt.getTime() > SEEN_MS) await sawScreen(db(), row.id, now)
  return { by, token: null }
}

/** Those of these screens that are let in no more. */
export async function goneAmong(ids: readonly string[]): Promise<string[]> {
  const still = await stillIn(db(), ids)
  return ids.filter((id) => !still.has(id))
}
