/** The app and the stand-in hub as a test runs them: processes of its own, that it may kill and start again. */
import type { ChildProcess } from 'node:child_process'
import { randomBytes } from 'node:crypto'
import { test as base } from '@playwright/test'
import { startApp, startHub } from '../scripts/lib/app'
import { prepareDatabase } from '../scripts/lib/database'
import { freePort, stop, stopAll } from '../scripts/lib/processes'

export interface App {
  readonly url: string
  readonly token: string
  start(): Promise<void>
  /** As a power cut would. */
  kill(): Promise<void>
}

export const test = base.extend<object, { app: App }>({
  app: [
    // biome-ignore lint/correctness/noEmptyPattern: the runner reads the names of fixtures from the pattern
    async ({}, use) => {
      const databaseUrl = process.env.DATABASE_URL
      if (!databaseUrl)
        throw new Error('Run browser tests with "npm run test:browser": they need a MariaDB of their own')
      const token = randomBytes(12).toString('hex')
      await prepareDatabase(databaseUrl, token)
      const port = (await freePort()) as number
      const url = `http://127.0.0.1:${port}`
      let server: ChildProcess
      const app: App = {
        url,
        token,
        async start() {
          server = await startApp(port, databaseUrl)
        },
        kill: () => stop(server, 'SIGKILL'),
      }
      await app.start()
      startHub(url, token)
      await use(app)
      await stopAll()
    },
    { scope: 'worker', timeout: 180_000 },
  ],
})

export { expect } from '@playwright/test'
