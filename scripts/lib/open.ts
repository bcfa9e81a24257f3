/** Opens a workshop: its database, the built app and its stand-in devices, until it is told to stop. */
import type { ChildProcess } from 'node:child_process'
import { randomInt } from 'node:crypto'
import { existsSync } from 'node:fs'
import { resolve } from 'node:path'
import { isLoopback } from '@/door/hosts'
import { originFor } from '@/server/screens'
import { startApp } from './app'
import { build } from './build'
import { dataFolder, makeDataFolder, type WorkshopName } from './data-folder'
import { type Fill, knowsToken, ownDatabase, prepareDatabase } from './database'
import { secretIn } from './mariadb'
import { freePort, stopAll, until } from './processes'

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

/** How long a port may take to become free, s. */
const PORT_S = 4

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
  // whoever started it may be killed without a word
  const parent = process.ppid
  setInterval(() => {
    if (process.ppid !== parent) void end(0)
  }, 1000).unref()
  open(workshop).catch((error: Error) => {
    if (!ending) console.error(`\n${error.message}`)
    void end(1)
  })
}

async function open({ name, command, fill, devices }: Workshop): Promise<void> {
  const folder = dataFolder(name)
  const port = await wantedPort(command)
  makeDataFolder(folder)
  const token = secretIn(resolve(folder, 'hub-token'))
  const given = process.env.DATABASE_URL
  if (given) await prepareDatabase(given, token, fill)
  const network = await networkOf(folder)
  const url =
    given ??
    (await ownDatabase(folder, token, fill, (why) => {
      console.error(`${why} Stopping; what was logged is kept.`)
      void end(1)
    }))
  await build()

  // devices of this machine speak to it over loopback, whatever else is listened on
  const app = `${network.scheme}://127.0.0.1:${port}`
  const fallen = (what: string) => (code: number | null) => {
    if (ending) return
    console.error(`${what} ended by itself (${code}). Stopping; what was logged is kept.`)
    void end(1)
  }
  await startApp(port, url, { folder, env: network.env, onExit: fallen('The app') })
  const known = !given || (await knowsToken(given, token))
  if (known) for (const [what, start] of Object.entries(devices)) start(app, token, fallen(what))
  console.log(
    [
      '',
      `  Imbry is on at ${app}`,
      ...network.said(port),
      `  Its data is kept in ${given ? 'the database that DATABASE_URL names' : folder}`,
      known
        ? `  The token for a probe hub stands in ${resolve(folder, 'hub-token')}`
        : '  Its channels know the token of the folder it was first opened from; no stand-ins are started here.',
      '  Ctrl-C stops it.',
      '',
    ].join('\n'),
  )
}

interface Network {
  readonly scheme: 'http' | 'https'
  readonly env: Readonly<Record<string, string>>
  said(port: number): string[]
}

/** Whether Imbry is opened to the kitchen's network, and what that asks for. */
async function networkOf(folder: string): Promise<Network> {
  const { IMBRY_LISTEN: listen = '127.0.0.1', IMBRY_TLS_CERT: cert, IMBRY_TLS_KEY: key } = process.env
  for (const [name, file] of Object.entries({ IMBRY_TLS_CERT: cert, IMBRY_TLS_KEY: key }))
    if (file && !existsSync(file)) throw new Error(`${name} names ${file}, and there is no such file.`)
  if ((cert === undefined) !== (key === undefined))
    throw new Error('A certificate needs its key: set both IMBRY_TLS_CERT and IMBRY_TLS_KEY, or neither.')
  const scheme = cert ? 'https' : 'http'
  if (isLoopback(listen)) return { scheme, env: {}, said: () => [] }
  // first words of the owner: whoever can read the terminal
  const code = secretIn(resolve(folder, 'setup-code'), eightDigits)
  return {
    scheme,
    env: { IMBRY_SIGN_IN: '1', IMBRY_SETUP_CODE: code },
    said: (port) => [
      `  Other screens find it at ${originFor(`localhost:${port}`, cert !== undefined)}, and sign in`,
      `  Code for the owner’s first passphrase: ${code}`,
      ...(cert ? [] : ['  The line is not encrypted: set IMBRY_TLS_CERT and IMBRY_TLS_KEY to mend that.']),
    ],
  }
}

/** Short enough to be typed. */
const eightDigits = (): string => String(randomInt(1e8)).padStart(8, '0')

async function wantedPort(command: string): Promise<number> {
  const port = Number(process.env.PORT ?? 3210)
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Error(`PORT must be a number from 1 to 65535, not "${process.env.PORT}".`)
  // one that was killed gives its port up a moment later
  await until(
    async () => (await freePort(port)) !== null,
    PORT_S,
    () => `Port ${port} is in use. Stop what uses it, or choose another: PORT=${port + 1} ${command}`,
  )
  return port
}
