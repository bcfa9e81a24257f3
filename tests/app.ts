/** The app and the stand-in hub as a test runs them: processes of its own, that it may kill and start again. */
import { type ChildProcess, spawn } from 'node:child_process'
import { randomBytes } from 'node:crypto'
import { once } from 'node:events'
import { test as base } from '@playwright/test'
import { prepareDatabase } from '../scripts/lib/database'
import { demoChannelIds } from '../scripts/lib/demo-workshop'
import { freePort, until } from '../scripts/lib/processes'

export interface App {
  readonly url: string
  readonly token: string
  start(): Promise<void>
  /** As a power cut would. */
  kill(): Promise<void>
}

const TOKEN = randomBytes(12).toString('hex')

async function end(child: ChildProcess | null): Promise<void> {
  if (!child || child.exitCode !== null || child.signalCode !== null) return
  const gone = once(child, 'exit')
  child.kill('SIGKILL')
  await gone
}

export const test = base.extend<object, { app: App }>({
  app: [
    // biome-ignore lint/correctness/noEmptyPattern: the runner reads the names of fixtures from the pattern
    async ({}, use) => {
      const databaseUrl = process.env.DATABASE_URL
      if (!databaseUrl)
        throw new Error('Run browser tests with "npm run test:browser": they need a MariaDB of their own')
      await prepareDatabase(databaseUrl, TOKEN)
      const port = (await freePort()) as number
      const url = `http://127.0.0.1:${port}`
      let server: ChildProcess | null = null
      const app: App = {
        url,
        token: TOKEN,
        async start() {
          const args = ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', String(port)]
          server = spawn('node', args, {
            stdio: ['ignore', 'ignore', 'inherit'],
            env: { ...process.env, DATABASE_URL: databaseUrl, NODE_ENV: 'production' },
          })
          await until(
            async () => (await fetch(`${url}/api/health`)).ok,
            60,
            () => 'the app did not start',
          )
        },
        kill: () => end(server),
      }
      await app.start()
      const hub = spawn('node', ['--import', 'tsx', 'src/devices/hub/main.ts'], {
        stdio: ['ignore', 'ignore', 'inherit'],
        env: { ...process.env, IMBRY_APP: url, IMBRY_HUB_TOKEN: TOKEN, IMBRY_CHANNELS: demoChannelIds.join(',') },
      })
      await use(app)
      await end(hub)
      await app.kill()
    },
    { scope: 'worker', timeout: 180_000 },
  ],
})

export { expect } from '@playwright/test'
