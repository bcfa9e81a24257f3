/** Starts the built app and the stand-in hub as processes of their own. */
import type { ChildProcess, StdioOptions } from 'node:child_process'
import http from 'node:http'
import https from 'node:https'
import { SERVER } from './build'
import { start, until } from './processes'

type OnExit = (code: number | null) => void

const quiet: StdioOptions = ['ignore', 'ignore', 'inherit']

interface AppOptions {
  /** The data folder, whose disk its health minds. */
  readonly folder?: string
  readonly env?: Readonly<Record<string, string>>
  readonly onExit?: OnExit
}

/** The app on a port. Resolves once it answers. */
export async function startApp(
  port: number,
  databaseUrl: string,
  { folder, env, onExit }: AppOptions = {},
): Promise<ChildProcess> {
  const child = start(
    'node',
    [SERVER],
    {
      stdio: quiet,
      env: {
        ...process.env,
        DATABASE_URL: databaseUrl,
        PORT: String(port),
        ...env,
        ...(folder && { IMBRY_FOLDER: folder }),
        NODE_ENV: 'production',
        NEXT_TELEMETRY_DISABLED: '1',
      },
    },
    onExit,
  )
  await until(
    () => answers(port),
    60,
    () => 'The app did not answer within a minute.',
  )
  return child
}

/** Whether the app is there, over whatever kind of line: its certificate is for other names. */
const answers = (port: number): Promise<boolean> =>
  new Promise((resolve) => {
    const { get } = process.env.IMBRY_TLS_CERT ? https : http
    get({ host: '127.0.0.1', port, path: '/api/health', rejectUnauthorized: false }, (response) => {
      response.resume()
      resolve(response.statusCode === 200)
    }).on('error', () => resolve(false))
  })

/** Over loopback a certificate says nothing: it is for the names others call this machine by. */
const deviceEnv = (app: string, token: string): NodeJS.ProcessEnv => ({
  ...process.env,
  IMBRY_APP: app,
  IMBRY_HUB_TOKEN: token,
  ...(app.startsWith('https:') && { NODE_TLS_REJECT_UNAUTHORIZED: '0', NODE_NO_WARNINGS: '1' }),
})

export function startHub(app: string, token: string, channels: readonly string[], onExit?: OnExit): ChildProcess {
  return start(
    'node',
    ['--import', 'tsx', 'src/devices/hub/main.ts'],
    {
      stdio: quiet,
      env: { ...deviceEnv(app, token), IMBRY_CHANNELS: channels.join(',') },
    },
    onExit,
  )
}

const startDevice = (
  name: 'scale' | 'barometer',
  app: string,
  token: string,
  settings: Record<string, string>,
  onExit?: OnExit,
): ChildProcess =>
  start(
    'node',
    ['--import', 'tsx', `src/devices/${name}/main.ts`],
    { stdio: quiet, env: { ...deviceEnv(app, token), ...settings } },
    onExit,
  )

/** The stand-in kitchen scale. */
export const startScale = (app: string, token: string, onExit?: OnExit): ChildProcess =>
  startDevice('scale', app, token, { IMBRY_CHANNEL: 'bench-scale' }, onExit)

/** The stand-in barometer of the Quay kitchen, which lies so high, m. */
export const startBarometer = (app: string, token: string, altitudeM: number, onExit?: OnExit): ChildProcess =>
  startDevice('barometer', app, token, { IMBRY_CHANNEL: 'quay-barometer', IMBRY_ALTITUDE: String(altitudeM) }, onExit)
