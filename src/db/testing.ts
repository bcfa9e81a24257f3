/** A database of its own for a test file, on the server that DATABASE_URL names. */
import type { Pool } from 'mysql2/promise'
import { openDb, openPool } from './client'
import { migrate } from './migrate'

/** Migrated and empty. `close` leaves nothing open. */
export async function freshDatabase() {
  const url = process.env.DATABASE_URL
  if (!url) throw new Error('Run database tests with "npm run test:db": they need a MariaDB of their own')
  const pool: Pool = openPool(url)
  const [tables] = await pool.query(
    'SELECT table_name AS name FROM information_schema.tables WHERE table_schema = DATABASE()',
  )
  const connection = await pool.getConnection()
  await connection.query('SET FOREIGN_KEY_CHECKS = 0')
  for (const { name } of tables as { name: string }[]) await connection.query(`DROP TABLE \`${name}\``)
  await connection.query('SET FOREIGN_KEY_CHECKS = 1')
  connection.release()
  await migrate(pool)
  return { db: openDb(pool), pool, close: () => pool.end() }
}
