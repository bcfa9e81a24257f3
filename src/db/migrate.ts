/** Bringing a database to the schema of this Imbry. */
import { readFileSync } from 'node:fs'
import { drizzle } from 'drizzle-orm/mysql2'
import { migrate as run } from 'drizzle-orm/mysql2/migrator'
import type { Pool } from 'mysql2/promise'

const FOLDER = 'src/db/migrations'

interface Journal {
  readonly entries: readonly { readonly when: number; readonly tag: string }[]
}

const known = (folder: string): Set<number> =>
  new Set((JSON.parse(readFileSync(`${folder}/meta/_journal.json`, 'utf8')) as Journal).entries.map((e) => e.when))

/** A database that was made by another Imbry: one that is newer, or from before the first release. */
export class ForeignSchema extends Error {}

/**
 * Applies the migrations a database lacks; one that is up to date is left alone.
 * @throws ForeignSchema where the database has migrations this Imbry does not know: it is not touched.
 */
export async function migrate(pool: Pool, folder = FOLDER): Promise<void> {
  const applied = await appliedTo(pool)
  const ours = known(folder)
  if (applied.some((when) => !ours.has(when)))
    throw new ForeignSchema(
      'This data was written by another version of Imbry, which this one cannot use. It is left as it is.',
    )
  await run(drizzle(pool), { migrationsFolder: folder })
}

async function appliedTo(pool: Pool): Promise<number[]> {
  const [tables] = await pool.query("SHOW TABLES LIKE '__drizzle_migrations'")
  if ((tables as unknown[]).length === 0) return []
  const [rows] = await pool.query('SELECT created_at AS at FROM __drizzle_migrations')
  return (rows as { at: string | number }[]).map((r) => Number(r.at))
}
