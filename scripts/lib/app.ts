/** Starts the built app and the stand-in hub as processes of their own. */
import type { ChildProcess, StdioOptions } from 'node:child_process'
import { demoChannelIds } from './demo-workshop'
import { start, until } from './processes'

type OnExit = (code: number | null) => void

const quiet: StdioOptions = ['ignore', 'ignore', 'inherit']

/** The app on a port of loopback. Resolves once it answers. */
export async function startApp(port: number, databaseUrl: string, onExit?: OnExit): Promise<ChildProcess> {
  const child = start(
    'node',
    ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', String(port)],
    {
      stdio: quiet,
      env: { ...process.env, DATABASE_URL: databaseUrl, NODE_ENV: 'production', NEXT_TELEMETRY_DISABLED: '1' },
    },
    onExit,
  )
  const url = `http://127.0.0.1:${port}/api/health`
  await until(
    async () => (await fetch(url)).ok,
    60,
    () => 'The app did not answer within a minute.',
  )
  return child
}

export function startHub(app: string, token: string, onExit?: OnExit): ChildProcess {
  return start(
    'node',
    ['--import', 'tsx', 'src/devices/hub/main.ts'],
    {
      stdio: quiet,
      env: { ...process.env, IMBRY_APP: app, IMBRY_HUB_TOKEN: token, IMBRY_CHANNELS: demoChannelIds.join(',') },
    },
    onExit,
  )
}
