import { drizzle, type MySql2Database } from 'drizzle-orm/mysql2'
import mysql, { type Pool } from 'mysql2/promise'
import * as schema from './schema'

export type Db = MySql2Database<typeof schema>

/** A pool over the database at `url`; times go in and come out as UTC text. */
export function openPool(url: string): Pool {
  return mysql.createPool({
    uri: url,
    connectionLimit: 12,
    timezone: 'Z',
    dateStrings: true,
    jsonStrings: true,
    supportBigNumbers: true,
  })
}

// drizzle's planetscale mode avoids LATERAL, which MariaDB lacks
export const openDb = (pool: Pool): Db => drizzle(pool, { schema, mode: 'planetscale' })

const held = globalThis as { imbryDb?: Db }

/** The process's one database, opened on first use. */
export function db(): Db {
  if (!held.imbryDb) {
    const url = process.env.DATABASE_URL
    if (!url) throw new Error('DATABASE_URL is not set: start Imbry with "npm run demo", or set it to your MariaDB')
    held.imbryDb = openDb(openPool(url))
  }
  return held.imbryDb
}

/** True when the database answers. */
export async function ping(db: Db): Promise<true> {
  await db.execute('select 1')
  return true
}
