/** Bringing a database to the schema of this Imbry. */
import { readMigrationFiles } from 'drizzle-orm/migrator'
import type { Pool } from 'mysql2/promise'

const FOLDER = 'src/db/migrations'

/** A database that another Imbry made, from before the first release or on another branch. It is not touched. */
export class ForeignSchema extends Error {
  constructor(
    message = 'This data was written by another version of Imbry, which this one cannot use. It is left as it is.',
  ) {
    super(message)
  }
}

/** A database that has been opened by a later Imbry. It is not touched. */
export class NewerSchema extends ForeignSchema {
  constructor() {
    super('This data was written by a newer Imbry. Start that one, or give this one a folder of its own by IMBRY_DATA.')
  }
}

type Migration = ReturnType<typeof readMigrationFiles>[number]

/**
 * Applies the migrations a database lacks; one that is up to date is left alone. Statements that change a schema end any
 * transaction, so each that is done is noted: a start that was cut off is gone on with where it stopped.
 * @throws ForeignSchema where the database has migrations this Imbry does not know.
 */
export async function migrate(pool: Pool, folder = FOLDER): Promise<void> {
  const known = readMigrationFiles({ migrationsFolder: folder })
  const lock = await pool.getConnection()
  try {
    // two copies that start at once go one after the other
    await lock.query("SELECT GET_LOCK(CONCAT('imbry migrate ', DATABASE()), 60)")
    await lock.query(
      'CREATE TABLE IF NOT EXISTS __drizzle_migrations (id SERIAL PRIMARY KEY, hash TEXT NOT NULL, created_at BIGINT)',
    )
    await lock.query('CREATE TABLE IF NOT EXISTS migration_steps (migration BIGINT PRIMARY KEY, done INT NOT NULL)')
    const [rows] = await lock.query('SELECT created_at AS at FROM __drizzle_migrations')
    const applied = (rows as { at: string | number }[]).map((r) => Number(r.at))
    checkKnown(applied, known)
    for (const migration of known) if (!applied.includes(migration.folderMillis)) await apply(lock, migration)
  } finally {
    await lock.query("SELECT RELEASE_LOCK(CONCAT('imbry migrate ', DATABASE()))").catch(() => undefined)
    lock.release()
  }
}

function checkKnown(applied: readonly number[], known: readonly Migration[]): void {
  const ours = known.map((m) => m.folderMillis)
  const strange = applied.filter((when) => !ours.includes(when))
  if (strange.length === 0) return
  const later = strange.every((when) => when > Math.max(...ours)) && ours.every((when) => applied.includes(when))
  throw later ? new NewerSchema() : new ForeignSchema()
}

/** What a statement fails with that was carried out by a start that was cut off before it could note it. */
const DONE_BEFORE = new Set([
  'ER_TABLE_EXISTS_ERROR',
  'ER_DUP_FIELDNAME',
  'ER_DUP_KEYNAME',
  'ER_FK_DUP_NAME',
  'ER_DUP_CONSTRAINT_NAME',
  'ER_CANT_DROP_FIELD_OR_KEY',
  'ER_BAD_TABLE_ERROR',
])

async function apply(on: Pick<Pool, 'query'>, { sql, hash, folderMillis }: Migration): Promise<void> {
  const [rows] = await on.query('SELECT done FROM migration_steps WHERE migration = ?', [folderMillis])
  const done = (rows as { done: number }[])[0]?.done ?? 0
  for (const [i, statement] of sql.entries()) {
    if (i < done) continue
    await on.query(statement).catch((error: { code?: string; errno?: number }) => {
      // of a foreign key that is there the server says no more than that the table could not be made
      const before = DONE_BEFORE.has(error.code ?? '') || error.errno === 121 || error.errno === 1005
      if (i !== done || !before) throw error
    })
    await on.query('REPLACE INTO migration_steps (migration, done) VALUES (?, ?)', [folderMillis, i + 1])
  }
  await on.query('INSERT INTO __drizzle_migrations (hash, created_at) VALUES (?, ?)', [hash, folderMillis])
}
