/** Before all browser tests: a database with the demo workshop in it, which each worker takes a copy of. */
import { cpSync, rmSync } from 'node:fs'
import { resolve } from 'node:path'
import { bundle } from '../scripts/lib/bundle'
import { type Mariadb, openMariadb } from '../scripts/lib/mariadb'
import { run, stopAll } from '../scripts/lib/processes'
import type { fillings } from './fill'

const NAME = 'imbry_test'
const TEMPLATE = resolve('.imbry-test/workshop')
/** The hub's, in every copy. */
export const HUB_TOKEN = 'hub-of-the-tests'

export type Filling = keyof typeof fillings

/** In the folder of the packages, which it finds there. */
const FILL = resolve('node_modules/.cache/imbry-fill.mjs')

/** Fills a database, in a process of its own: a runner that has no need of the core begins in a fifth of the time. */
export async function filled(keeperUrl: string, filling: Filling): Promise<void> {
  const env = { ...process.env, DATABASE_URL: keeperUrl, HUB_TOKEN, FILLING: filling }
  const code = await run('node', [FILL], { env })
  if (code !== 0) throw new Error('The workshop could not be filled: see above.')
}

export default async function prepare(): Promise<void> {
  rmSync(TEMPLATE, { recursive: true, force: true })
  await bundle('tests/fill.ts', FILL)
  const { keeperUrl } = await openMariadb(TEMPLATE, NAME)
  await filled(keeperUrl, 'demo')
  await stopAll()
}

/** A database server of its own, on a copy of the workshop in `folder`. */
export async function copyOfWorkshop(folder: string): Promise<Mariadb> {
  rmSync(folder, { recursive: true, force: true })
  cpSync(TEMPLATE, folder, { recursive: true })
  return openMariadb(folder, NAME)
}
