/** What a maker's own workshop begins with: two channels, one for a probe and one to practise on. Nothing is cooked yet. */
import { addChannel, type Db } from '@/db'
import { hashToken } from '@/server/tokens'

/** The stand-in hub speaks on this one: a pot that is not there, to learn on. */
export const PRACTICE = 'practice'

const probe = { lagS: 4, noiseC: 0.15, kind: 'probe' as const, room: null }

export async function fillOwn(db: Db, hubToken: string): Promise<void> {
  const tokenHash = hashToken(hubToken)
  await addChannel(db, { id: 'probe-1', name: 'Probe 1', ...probe, tokenHash })
  await addChannel(db, { id: PRACTICE, name: 'Practice pot, no real sugar', ...probe, tokenHash })
}
