/** Acts not yet acknowledged, in IndexedDB: they outlive a reload, a closed window and a flat battery. */
import { type DBSchema, type IDBPDatabase, openDB } from 'idb'
import { type LoggedAct, loggedActSchema } from '@/contract/cook'

export interface Outbox {
  keep(act: LoggedAct): Promise<void>
  drop(id: string): Promise<void>
  /** What is still there, in the order it was done. */
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

function database(): Promise<IDBPDatabase<Stored>> {
  opened ??= openDB<Stored>('imbry', 1, {
    upgrade(db) {
      db.createObjectStore('acts', { keyPath: 'id' }).createIndex('boil', 'boil')
    },
  })
  return opened
}

/** The outbox of one boil. Ids are ULIDs, so the order of keys is the order of time. */
export const outboxOf = (boil: string): Outbox => ({
  async keep(logged) {
    await (await database()).put('acts', { id: logged.id, boil, logged })
  },
  async drop(id) {
    await (await database()).delete('acts', id)
  },
  async left() {
    const rows = await (await database()).getAllFromIndex('acts', 'boil', boil)
    return rows.flatMap((r) => {
      const parsed = loggedActSchema.safeParse(r.logged)
      return parsed.success ? [parsed.data] : []
    })
  },
})
