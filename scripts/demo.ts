/** The second half of `npm run demo`: database, workshop, build, hub and app, and an orderly end. */
import { mkdirSync } from 'node:fs'
import { resolve } from 'node:path'
import { startApp, startBarometer, startHub, startScale } from './lib/app'
import { build } from './lib/build'
import { prepareDatabase } from './lib/database'
import { secretIn, startMariadb } from './lib/mariadb'
import { freePort, stopAll } from './lib/processes'

const port = Number(process.env.PORT ?? 3210)
const folder = resolve(process.env.IMBRY_DATA ?? '.imbry')
let ending = false

async function end(code: number): Promise<void> {
  if (ending) return
  ending = true
  await stopAll()
  process.exit(code)
}

for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const) process.on(signal, () => void end(0))

async function main(): Promise<void> {
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Error(`PORT must be a number from 1 to 65535, not "${process.env.PORT}".`)
  if ((await freePort(port)) === null)
    throw new Error(`Port ${port} is in use. Stop what uses it, or choose another: PORT=${port + 1} npm run demo`)
  mkdirSync(folder, { recursive: true, mode: 0o700 })
  const token = secretIn(resolve(folder, 'hub-token'))
  const url = process.env.DATABASE_URL ?? (await startMariadb(folder, 'imbry'))
  await prepareDatabase(url, token)
  await build()

  const app = `http://127.0.0.1:${port}`
  const fallen = (what: string) => (code: number | null) => {
    if (ending) return
    console.error(`${what} ended by itself (${code}). Stopping; what was logged is kept.`)
    void end(1)
  }
  await startApp(port, url, fallen('The app'))
  startHub(app, token, fallen('The probe hub'))
  startScale(app, token, fallen('The scale'))
  startBarometer(app, token, fallen('The barometer'))
  console.log(`\n  Imbry is on at ${app}\n  Ctrl-C stops it. Data is kept in ${folder}\n`)
}

main().catch((error: Error) => {
  if (!ending) console.error(`\n${error.message}`)
  void end(1)
})
