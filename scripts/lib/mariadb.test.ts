/** The project's own database server: who may come in, what becomes of one that falls, and starts that were cut off. */
import { type ChildProcess, execFileSync, spawn } from 'node:child_process'
import { once } from 'node:events'
import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, statSync, symlinkSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import mysql from 'mysql2/promise'
import { afterAll, afterEach, describe, expect, it, vi } from 'vitest'
import { seeded } from '@/core/quantity/seeded'
import { bundle } from './bundle'
import { claimFolder } from './claim'
import { socketOf } from './data-folder'
import { ownDatabase } from './database'
import { openMariadb } from './mariadb'
import { fillOwn } from './own-workshop'
import { stopAll, until } from './processes'

const scratch = mkdtempSync(join(tmpdir(), 'imbry-server-'))
const folder = join(scratch, 'workshop')
mkdirSync(folder)

afterEach(() => stopAll())
afterAll(() => rmSync(scratch, { recursive: true, force: true }))

const refusal = (work: Promise<unknown>): Promise<string | null> =>
  work.then(
    () => null,
    (error: Error) => error.message,
  )

async function query(url: string, sql: string): Promise<unknown> {
  const connection = await mysql.createConnection(url)
  try {
    return (await connection.query(sql))[0]
  } finally {
    await connection.end()
  }
}

describe('the database', () => {
  it('lets in two users by their passwords, on its socket alone, each with no more than it needs', async () => {
    const { url, keeperUrl } = await openMariadb(folder, 'imbry')
    const socketPath = socketOf(folder)
    for (const user of ['root', '', 'mysql', 'imbry', 'imbry_keeper', 'mariadb.sys'])
      for (const password of ['', 'root', 'guess'])
        expect(await refusal(mysql.createConnection({ socketPath, user, password })), user).toMatch(
          /denied|locked|cannot be used/i,
        )
    expect(await query(url, 'SHOW VARIABLES LIKE "skip_networking"')).toMatchObject([{ Value: 'ON' }])
    // one reads and writes rows
    for (const sql of [
      'CREATE TABLE x (n INT)',
      'SELECT * FROM mysql.global_priv',
      `SELECT 'x' INTO OUTFILE '${scratch}/out'`,
      'CREATE DATABASE imbry_other',
      "CREATE USER 'x'@'%'",
      'SHUTDOWN',
    ])
      expect(await refusal(query(url, sql)), sql).toMatch(/denied/i)
    expect(await query(url, "SELECT LOAD_FILE('/etc/passwd') AS text")).toEqual([{ text: null }])
    // the other makes tables, and reads nobody else's
    await query(keeperUrl, 'CREATE TABLE x (n INT)')
    await query(keeperUrl, 'DROP TABLE x')
    for (const sql of ['SELECT * FROM mysql.global_priv', "CREATE USER 'x'@'%'", 'CREATE DATABASE another'])
      expect(await refusal(query(keeperUrl, sql)), sql).toMatch(/denied/i)
    for (const file of ['database-password', 'keeper-password'])
      expect(statSync(join(folder, file)).mode & 0o777).toBe(0o600)
  })

  it('that falls is started again, with what was in it, and the same address', async () => {
    const said = vi.spyOn(console, 'error').mockImplementation(() => undefined)
    const url = await ownDatabase(folder, 'a token', fillOwn)
    const pid = Number(readFileSync(join(folder, 'mariadb.pid'), 'utf8'))
    process.kill(pid, 'SIGKILL')
    await until(
      async () =>
        Number(readFileSync(join(folder, 'mariadb.pid'), 'utf8')) !== pid && (await query(url, 'SELECT 1')) !== null,
      30,
      () => 'It did not come back.',
    )
    expect(await query(url, 'SELECT COUNT(*) AS n FROM channels')).toEqual([{ n: 2 }])
    expect(said.mock.calls.flat().join('\n')).toMatch(/ended by itself/)
    said.mockRestore()
  })
})

describe('a data folder', () => {
  it('is one Imbry’s: a second is told at once, and one that was killed holds it no longer', async () => {
    const mine = join(scratch, 'claimed')
    await claimFolder(mine)
    await expect(claimFolder(mine)).rejects.toThrow(/on already/)
    const other = holder(
      `const { claimFolder } = await import('./scripts/lib/claim.ts'); await claimFolder('${scratch}/x'); console.log('held'); setInterval(() => {}, 1000)`,
    )
    await once(other.stdout as NonNullable<typeof other.stdout>, 'data')
    await expect(claimFolder(`${scratch}/x`)).rejects.toThrow(/on already/)
    other.kill('SIGKILL')
    await once(other, 'exit')
    await claimFolder(`${scratch}/x`)
  })
})

/** A script of its own. */
const holder = (code: string): ChildProcess =>
  spawn('node', ['--import', 'tsx', '--input-type=module', '-e', code], { stdio: ['ignore', 'pipe', 'ignore'] })

describe('a first start', () => {
  /** Kills in a row, from nothing and then on what the one before left, in folders of their own. */
  const ROWS = [3, 3, 4]
  const KILLS = ROWS.reduce((a, b) => a + b)
  /** ◊ What a first start takes at most here, ms. */
  const LONGEST_MS = 3000

  const of = (folder: string): string[] =>
    execFileSync('ps', ['-eo', 'args'], { encoding: 'utf8' })
      .split('\n')
      .filter((l) => l.includes(folder))
  // what was started by those that were killed has gone, too
  const allGone = (folder: string) =>
    until(
      async () => of(folder).length === 0,
      60,
      () => `still running: ${of(folder).join('; ')}`,
    )

  it(`that is killed at ${KILLS} moments goes on where it was, and leaves nothing running`, async () => {
    const plain = (name: string): string => join(scratch, `${name}.mjs`)
    for (const name of ['database', 'own-workshop']) await bundle(`scripts/lib/${name}.ts`, plain(name))
    symlinkSync(resolve('node_modules'), join(scratch, 'node_modules'))
    await Promise.all(
      ROWS.map(async (kills, row) => {
        const first = join(scratch, `first-${row}`)
        mkdirSync(first)
        const random = seeded(11 + row)
        const code = `const { ownDatabase } = await import('${plain('database')}')
          const { fillOwn } = await import('${plain('own-workshop')}')
          await ownDatabase('${first}', 'a token', fillOwn)
          console.log('ready')
          setInterval(() => {}, 1000)`
        for (let i = 0; i < kills; i++) {
          const start = spawn('node', ['--input-type=module', '-e', code], { stdio: ['ignore', 'pipe', 'ignore'] })
          const ended = once(start, 'exit')
          const moment = new Promise((r) => setTimeout(r, LONGEST_MS * random()))
          await Promise.race([moment, once(start.stdout as NonNullable<typeof start.stdout>, 'data')])
          start.kill('SIGKILL')
          await ended
        }
        await allGone(first)
      }),
    )
    const { entries } = JSON.parse(readFileSync('src/db/migrations/meta/_journal.json', 'utf8'))
    for (const row of ROWS.keys()) {
      const first = join(scratch, `first-${row}`)
      const url = await ownDatabase(first, 'a token', fillOwn)
      expect(await query(url, 'SELECT COUNT(*) AS n FROM channels')).toEqual([{ n: 2 }])
      expect(await query(url, 'SELECT COUNT(*) AS n FROM __drizzle_migrations')).toEqual([{ n: entries.length }])
      expect(existsSync(resolve(first, 'mariadb.part'))).toBe(false)
    }
  })
})
