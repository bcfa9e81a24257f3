/** Opens a workshop: its database, the built app and its stand-in devices, until it is told to stop. */
import type { ChildProcess } from 'node:child_process'
import { resolve } from 'node:path'
import { startApp } from './app'
import { build } from './build'
import { dataFolder, makeDataFolder, type WorkshopName } from './data-folder'
import { type Fill, ownDatabase, prepareDatabase } from './database'
import { secretIn } from './mariadb'
import { freePort, stopAll } from './processes'

type OnExit = (code: number | null) => void
type StartDevice = (app: string, token: string, onExit: OnExit) => ChildProcess

export interface Workshop {
  readonly name: WorkshopName
  /** How a person starts it. */
  readonly command: string
  readonly fill: Fill
  /** What is started beside the app, by what it is called in a message. */
  readonly devices: Readonly<Record<string, StartDevice>>
}

let ending = false

async function end(code: number): Promise<void> {
  if (ending) return
  ending = true
  await stopAll()
  process.exit(code)
}

/** Stops when it is asked to, or when a part of it falls. */
export function openWorkshop(workshop: Workshop): void {
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const) process.on(signal, () => void end(0))
  open(workshop).catch((error: Error) => {
    if (!ending) console.error(`\n${error.message}`)
    void end(1)
  })
}

async function open({ name, command, fill, devices }: Workshop): Promise<void> {
  const port = await wantedPort(command)
  const folder = dataFolder(name)
  makeDataFolder(folder)
  const token = secretIn(resolve(folder, 'hub-token'))
  const given = process.env.DATABASE_URL
  if (given) await prepareDatabase(given, token, fill)
  const url = given ?? (await ownDatabase(folder, token, fill))
  await build()

  const app = `http://127.0.0.1:${port}`
  const fallen = (what: string) => (code: number | null) => {
    if (ending) return
    console.error(`${what} ended by itself (${code}). Stopping; what was logged is kept.`)
    void end(1)
  }
  await startApp(port, url, fallen('The app'))
  for (const [what, start] of Object.entries(devices)) start(app, token, fallen(what))
  console.log(
    [
      '',
      `  Imbry is on at ${app}`,
      `  Its data is kept in ${given ? 'the database that DATABASE_URL names' : folder}`,
      `  The token for a probe hub stands in ${resolve(folder, 'hub-token')}`,
      '  Ctrl-C stops it.',
      '',
    ].join('\n'),
  )
}

async function wantedPort(command: string): Promise<number> {
  const port = Number(process.env.PORT ?? 3210)
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Error(`PORT must be a number from 1 to 65535, not "${process.env.PORT}".`)
  if ((await freePort(port)) === null)
    throw new Error(`Port ${port} is in use. Stop what uses it, or choose another: PORT=${port + 1} ${command}`)
  return port
}
