import { cpSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Pool } from 'mysql2/promise'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { demoFormulas } from '@/demo/formulas'
import type { Db } from './client'
import { addRevision, findFormula } from './formulas'
import { ForeignSchema, migrate, NewerSchema } from './migrate'
import { freshDatabase } from './testing'

let db: Db
let pool: Pool
let close: () => Promise<void>

beforeAll(async () => {
  ;({ db, pool, close } = await freshDatabase())
})
afterAll(() => close())

describe('a database', () => {
  it('that is up to date is left as it is', async () => {
    const [id, document] = Object.entries(demoFormulas)[0] as [string, (typeof demoFormulas)[string]]
    await addRevision(db, id, document, new Date())
    await migrate(pool)
    await migrate(pool)
    expect((await findFormula(db, id))?.document).toEqual(document)
  })

  it('of the first version is brought to a later one, with all that is in it', async () => {
    const later = mkdtempSync(join(tmpdir(), 'imbry-migrations-'))
    cpSync('src/db/migrations', later, { recursive: true })
    const journal = JSON.parse(readFileSync(join(later, 'meta/_journal.json'), 'utf8'))
    const last = journal.entries.at(-1)
    journal.entries.push({ ...last, idx: last.idx + 1, when: last.when + 1000, tag: '9999_later' })
    writeFileSync(join(later, 'meta/_journal.json'), JSON.stringify(journal))
    writeFileSync(
      join(later, '9999_later.sql'),
      "ALTER TABLE `batches` ADD `weather` varchar(20) NOT NULL DEFAULT 'dry'",
    )
    const [id, document] = Object.entries(demoFormulas)[1] as [string, (typeof demoFormulas)[string]]
    await addRevision(db, id, document, new Date())
    await migrate(pool, later)
    expect((await findFormula(db, id))?.document).toEqual(document)
    expect((await pool.query("SHOW COLUMNS FROM batches LIKE 'weather'"))[0]).toHaveLength(1)
    // and is not opened by the first version any more, which says what to do
    await expect(migrate(pool)).rejects.toThrow(NewerSchema)
    await pool.query('DELETE FROM __drizzle_migrations ORDER BY created_at DESC LIMIT 1')
  })

  it('whose change was cut off anywhere goes on from there', async () => {
    const later = mkdtempSync(join(tmpdir(), 'imbry-migrations-'))
    cpSync('src/db/migrations', later, { recursive: true })
    const journal = JSON.parse(readFileSync(join(later, 'meta/_journal.json'), 'utf8'))
    const last = journal.entries.at(-1)
    journal.entries.push({ ...last, idx: last.idx + 1, when: last.when + 2000, tag: '9999_cut' })
    writeFileSync(join(later, 'meta/_journal.json'), JSON.stringify(journal))
    const statements = [
      'CREATE TABLE `moods` (`id` int PRIMARY KEY)',
      'ALTER TABLE `moods` ADD `word` varchar(20)',
      'CREATE INDEX `moods_word` ON `moods` (`word`)',
      'ALTER TABLE `moods` DROP COLUMN `id`',
    ]
    writeFileSync(join(later, '9999_cut.sql'), statements.join('\n--> statement-breakpoint\n'))
    for (let done = 0; done <= statements.length; done++)
      // cut off before it could note what it had just done, and after
      for (const noted of [done - 1, done].filter((n) => n >= 0)) {
        await pool.query('DROP TABLE IF EXISTS moods')
        await pool.query('DELETE FROM __drizzle_migrations WHERE created_at = ?', [last.when + 2000])
        for (const statement of statements.slice(0, done)) await pool.query(statement)
        await pool.query('REPLACE INTO migration_steps VALUES (?, ?)', [last.when + 2000, noted])
        await migrate(pool, later)
        expect((await pool.query('SHOW COLUMNS FROM moods'))[0]).toMatchObject([{ Field: 'word' }])
        expect((await pool.query('SHOW INDEX FROM moods'))[0]).toHaveLength(1)
      }
    await pool.query('DROP TABLE moods')
    await pool.query('DELETE FROM __drizzle_migrations WHERE created_at = ?', [last.when + 2000])
  })

  it('of another Imbry is not touched', async () => {
    const [before] = await pool.query('SHOW TABLES')
    await pool.query("INSERT INTO __drizzle_migrations (hash, created_at) VALUES ('later', 9999999999999)")
    await expect(migrate(pool)).rejects.toThrow(ForeignSchema)
    expect((await pool.query('SHOW TABLES'))[0]).toEqual(before)
    await pool.query("DELETE FROM __drizzle_migrations WHERE hash = 'later'")
    await migrate(pool)
  })

  it('keeps a reading in few bytes', async () => {
    const [rows] = await pool.query("SHOW INDEX FROM readings WHERE Key_name = 'PRIMARY'")
    expect((rows as { Column_name: string }[]).map((r) => r.Column_name)).toEqual(['boil', 'n'])
  })
})
