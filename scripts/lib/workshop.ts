/** A workshop for what is run beside the tests: pictures, benches, the fuzzer. */
import { rmSync } from 'node:fs'
import { resolve } from 'node:path'
import { startApp } from './app'
import { build } from './build'
import { prepareDatabase } from './database'
import { loadDemo } from './demo-workshop'
import { openMariadb } from './mariadb'
import { freePort } from './processes'

/** A workshop of its own under .imbry-test: database, demo, built app. Resolves with its address. */
export async function startWorkshop(name: string, token: string): Promise<string> {
  const folder = resolve('.imbry-test', name)
  rmSync(folder, { recursive: true, force: true })
  const { url: databaseUrl, keeperUrl } = await openMariadb(folder, `imbry_${name}`)
  await prepareDatabase(keeperUrl, token, loadDemo)
  await build()
  const port = (await freePort()) as number
  await startApp(port, databaseUrl)
  return `http://127.0.0.1:${port}`
}
