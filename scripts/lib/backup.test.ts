import { mkdirSync, mkdtempSync, readdirSync, readFileSync, truncateSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import { ulid } from 'ulid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { appendReadings, openDb, openPool } from '@/db'
import { demoHistory, lastDemoBatchId } from '@/demo/history'
import { backup, restore } from './backup'
import { makeDataFolder } from './data-folder'
import { ownDatabase, prepareDatabase } from './database'
import { loadBook, loadLog } from './demo-workshop'
import { openMariadb } from './mariadb'
import { fillOwn } from './own-workshop'
import { stopAll } from './processes'

const scratch = mkdtempSync(join(tmpdir(), 'imbry-backup-'))
const [here, there] = [join(scratch, 'here'), join(scratch, 'there')]
const file = join(scratch, 'workshop.gz')

/** Everything in a database, a table at a time. */
async function contents(url: string): Promise<Record<string, unknown[]>> {
  const pool = openPool(url)
  const [tables] = await pool.query('SHOW TABLES')
  const all: Record<string, unknown[]> = {}
  for (const name of (tables as object[]).map((t) => String(Object.values(t)[0])))
    all[name] = ((await pool.query(`SELECT * FROM \`${name}\` ORDER BY 1, 2`))[0] as unknown[]) ?? []
  await pool.end()
  return all
}

afterAll(() => stopAll())

describe('a backup', () => {
  let url: string
  let before: Record<string, unknown[]>

  beforeAll(async () => {
    mkdirSync(here)
    url = await ownDatabase(here, 'a token', async (db, token) => {
      await loadBook(db, token)
      await loadLog(db, demoHistory().slice(-2))
    })
    before = await contents(url)
  })

  it('is made while the workshop is on, of one moment, and makes another folder the same', async () => {
    const pool = openPool(url)
    const [[boil]] = (await pool.query('SELECT id, readings FROM boils ORDER BY id DESC LIMIT 1')) as unknown as [
      [{ id: string; readings: number }],
    ]
    let made = false
    const cooking = (async () => {
      let stored = 0
      while (!made)
        stored += await appendReadings(openDb(pool), boil.id, [{ id: ulid(), at: new Date(), celsius: 120 }])
      return stored
    })()
    await backup(here, file)
    made = true
    expect(await cooking).toBeGreaterThan(0)
    await pool.end()

    await restore(there, file)
    const mariadb = await openMariadb(there, 'imbry')
    const after = await contents(mariadb.keeperUrl)
    await mariadb.stop()
    const { boils, readings, ...rest } = after
    const { boils: _, readings: known, ...was } = before
    expect(rest).toEqual(was)
    expect(was.batches).toContainEqual(expect.objectContaining({ id: lastDemoBatchId }))
    expect(readings?.length).toBeGreaterThanOrEqual(known?.length ?? 0)
    // of one moment: as many readings as the boil counts, though more came all the while
    const counted = (boils as { readings: number }[]).reduce((n, b) => n + b.readings, 0)
    expect(readings).toHaveLength(counted)
  })

  it('that broke off, or is something else, changes nothing', async () => {
    const cut = join(scratch, 'cut.gz')
    writeFileSync(cut, readFileSync(file))
    truncateSync(cut, 5000)
    const other = join(scratch, 'other.gz')
    writeFileSync(other, 'sugar, 500 g')
    const was = readdirSync(there)
    await expect(restore(there, cut)).rejects.toThrow(/not a whole backup/)
    await expect(restore(there, other)).rejects.toThrow(/not a whole backup/)
    await expect(restore(there, join(scratch, 'nothing.gz'))).rejects.toThrow(/no file/)
    expect(readdirSync(there)).toEqual(was)
  })

  it('is not put over a workshop that is on; one that is there is moved aside', async () => {
    await expect(restore(here, file)).rejects.toThrow(/Stop it first/)
    await restore(there, file)
    expect(readdirSync(scratch)).toContain('there-earlier')
  })

  it('needs a workshop', async () => {
    await expect(backup(join(scratch, 'nowhere'), join(scratch, 'none.gz'))).rejects.toThrow(/no data/)
  })
})

describe('data of an earlier Imbry', () => {
  it('in the old place is moved aside', () => {
    const was = process.cwd()
    const project = mkdtempSync(join(tmpdir(), 'imbry-old-'))
    mkdirSync(join(project, '.imbry/mariadb'), { recursive: true })
    process.chdir(project)
    try {
      makeDataFolder(resolve('.imbry/demo'))
      makeDataFolder(resolve('.imbry/workshop'))
    } finally {
      process.chdir(was)
    }
    expect(readdirSync(join(project, '.imbry')).sort()).toEqual(['demo', 'workshop'])
    expect(readdirSync(join(project, '.imbry-earlier'))).toEqual(['mariadb'])
  })

  it('or of another version is moved aside, with its token kept, and a fresh one is begun', async () => {
    const folder = join(scratch, 'old')
    mkdirSync(folder)
    writeFileSync(join(folder, 'hub-token'), 'known to the hub')
    const mariadb = await openMariadb(folder, 'imbry')
    await prepareDatabase(mariadb.keeperUrl, 'known to the hub', async () => undefined)
    const pool = openPool(mariadb.keeperUrl)
    await pool.query('UPDATE __drizzle_migrations SET created_at = 1')
    await pool.end()
    await mariadb.stop()
    const url = await ownDatabase(folder, 'known to the hub', fillOwn)
    expect((await contents(url)).channels?.length).toBeGreaterThan(0)
    expect(readFileSync(join(folder, 'hub-token'), 'utf8')).toBe('known to the hub')
    expect(readdirSync(join(scratch, 'old-earlier'))).toContain('mariadb')
  })
})
