/** Before all browser tests: a database with the demo workshop in it, which each worker takes a copy of. */
import { cpSync, rmSync } from 'node:fs'
import { resolve } from 'node:path'
import { prepareDatabase } from '../scripts/lib/database'
import { loadDemo } from '../scripts/lib/demo-workshop'
import { type Mariadb, openMariadb } from '../scripts/lib/mariadb'
import { stopAll } from '../scripts/lib/processes'

const NAME = 'imbry_test'
const TEMPLATE = resolve('.imbry-test/workshop')
/** The hub's, in every copy. */
export const HUB_TOKEN = 'hub-of-the-tests'

export default async function prepare(): Promise<void> {
  rmSync(TEMPLATE, { recursive: true, force: true })
  const { keeperUrl } = await openMariadb(TEMPLATE, NAME)
  await prepareDatabase(keeperUrl, HUB_TOKEN, loadDemo)
  await stopAll()
}

/** A database server of its own, on a copy of the workshop in `folder`. */
export async function copyOfWorkshop(folder: string): Promise<Mariadb> {
  rmSync(folder, { recursive: true, force: true })
  cpSync(TEMPLATE, folder, { recursive: true })
  return openMariadb(folder, NAME)
}
