/**
 * Acts not yet acknowledged, in IndexedDB: they outlive a reload, a closed window and a flat battery. A browser that
 * will not store anything is no error: acts then live as long as the window does, and nothing is said to be kept.
 */
import type { DBSchema, IDBPDatabase } from 'idb'
import type { LoggedAct } from '@/contract/cook'

export interface Outbox {
  /** True once the act is on the disk; false where this browser stores nothing. */
  keep(act: LoggedAct): Promise<boolean>
  drop(id: string): Promise<void>
  /** What is still there, in the order it was done. @throws while it cannot be read. */
  left(): Promise<LoggedAct[]>
}

interface Stored extends DBSchema {
  acts: {
    key: string
    value: { readonly id: string; readonly boil: string; readonly logged: unknown }
    indexes: { boil: string }
  }
}

let opened: Promise<IDBPDatabase<Stored>> | null = null

async function database(): Promise<IDBPDatabase<Stored>> {
  // fetched beside the page: it looks for what is left as soon as it is alive, long before a hand can reach it
  opened ??= import('idb').then(({ openDB }) =>
    openDB<Stored>('imbry', 1, {
      upgrade(db) {
        db.createObjectStore('acts', { keyPath: 'id' }).createIndex('boil', 'boil')
      },
    }),
  )
  // what could not be fetched, or opened, is tried again by whoever asks next
  opened.catch(() => {
    opened = null
  })
  return opened
}

/** The outbox of one boil. Ids are ULIDs, so the order of keys is the order of time. */
export const outboxOf = (boil: string): Outbox => ({
  async keep(logged) {
    try {
      const tx = (await database()).transaction('acts', 'readwrite', { durability: 'strict' })
      await tx.store.put({ id: logged.id, boil, logged })
      await tx.done
      return true
    } catch {
      return false
    }
  },
  async drop(id) {
    // what cannot be dropped is sent again by a later window, and is one act there
    await database()
      .then((db) => db.delete('acts', id))
      .catch(() => undefined)
  },
  async left() {
    const rows = await database()
      .then((db) => db.getAllFromIndex('acts', 'boil', boil))
      .catch(() => [])
    if (rows.length === 0) return []
    // only the few windows that find something left need the schemas
    const { loggedActSchema } = await import('@/contract/cook')
    return rows.flatMap((r) => {
      const parsed = loggedActSchema.safeParse(r.logged)
      return parsed.success ? [parsed.data] : []
    })
  },
})
