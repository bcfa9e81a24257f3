/** Work that is done whole or not at all, and again where another's work was in its way. */
import { hasCode } from './causes'
import type { Db } from './client'

export type Tx = Parameters<Parameters<Db['transaction']>[0]>[0]

const MOST_TRIES = 8
/** The database gave this work up so that another's could go on; nothing of it is left. */
const GIVEN_UP = new Set([
  'ER_LOCK_DEADLOCK',
  'ER_LOCK_WAIT_TIMEOUT',
  'ER_CHECKREAD',
  // another stored what was about to be stored: on the next look it is there
  'ER_DUP_ENTRY',
])

/** A transaction; `work` may run more than once, and only its last run counts. */
export async function transact<T>(db: Db, work: (tx: Tx) => Promise<T>): Promise<T> {
  for (let tries = 1; ; tries++)
    try {
      return await db.transaction(work)
    } catch (error) {
      if (tries === MOST_TRIES || !hasCode(error, GIVEN_UP)) throw error
      // two that met meet again unless they wait for different times
      await new Promise((resolve) => setTimeout(resolve, Math.random() * 20 * tries))
    }
}
