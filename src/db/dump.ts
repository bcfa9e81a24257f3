/** Everything in the database as SQL text, by MariaDB's own program: what `npm run restore` reads. */
import { spawn } from 'node:child_process'
import { once } from 'node:events'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Readable } from 'node:stream'

/** How a backup is written: of one moment, though others go on writing. */
const DUMP_OPTIONS = ['--single-transaction', '--skip-lock-tables', '--no-tablespaces', '--hex-blob']

/** What a dump reads, and how it ended: it rejects with the program's own words. */
export interface Dump {
  readonly out: Readable
  readonly done: Promise<void>
  stop(): void
}

/** Begins a dump of the database at `url`. The password goes by a file, for a command line can be read. */
export function dumpOf(url: string): Dump {
  const { username, password, hostname, port, pathname, searchParams } = new URL(url)
  const socket = searchParams.get('socketPath')
  const folder = mkdtempSync(join(tmpdir(), 'imbry-dump-'))
  const facts = join(folder, 'client.cnf')
  const where = socket ? `socket=${socket}` : `host=${hostname}\nport=${port || 3306}`
  const secret = decodeURIComponent(password).replaceAll('\\', '\\\\').replaceAll('"', '\\"')
  writeFileSync(facts, `[client]\n${where}\nuser=${decodeURIComponent(username)}\npassword="${secret}"\n`, {
    mode: 0o600,
  })
  let said = ''
  const child = spawn('mariadb-dump', [`--defaults-file=${facts}`, ...DUMP_OPTIONS, pathname.slice(1)], {
    stdio: ['ignore', 'pipe', 'pipe'],
  })
  child.stderr.on('data', (text) => {
    said += text
  })
  const failed = once(child, 'error').then(([error]) => Promise.reject(error as Error))
  const ended = once(child, 'close').then(([code]) => {
    if (code !== 0) throw new Error(`mariadb-dump failed: ${said.trim()}`)
  })
  const done = Promise.race([ended, failed]).finally(() => rmSync(folder, { recursive: true, force: true }))
  return { out: child.stdout, done, stop: () => child.kill() }
}
