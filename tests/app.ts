/** The app and the stand-in hub as a test runs them: processes of its own, that it may kill and start again. */
import type { ChildProcess } from 'node:child_process'
import { resolve } from 'node:path'
import { type BrowserContext, test as base, expect } from '@playwright/test'
import { startApp, startHub } from '../scripts/lib/app'
import type { Mariadb } from '../scripts/lib/mariadb'
import { freePort, stop, stopAll } from '../scripts/lib/processes'
import { demoChannelIds } from '../src/demo/kitchen'
import { copyOfWorkshop, type Filling, filled, HUB_TOKEN } from './workshop'

export interface App {
  readonly url: string
  readonly token: string
  /** Of this worker alone: it may be killed and started again, too. */
  readonly database: Mariadb
  start(): Promise<void>
  /** As a power cut would. */
  kill(): Promise<void>
}

/** What a browser says when a request did not get through, which a test may have arranged. */
const ARRANGED = /Failed to load resource|net::ERR_|EventSource/

/** Everything that goes wrong in any page of a context: errors, and what React says of a page it had to draw anew. */
function faultsIn(context: BrowserContext): string[] {
  const faults: string[] = []
  context.on('weberror', (error) => faults.push(error.error().stack ?? error.error().message))
  context.on('console', (message) => {
    if (message.type() === 'error' && !ARRANGED.test(message.text())) faults.push(message.text())
  })
  return faults
}

export const test = base.extend<object, { app: App }>({
  context: async ({ context }, use) => {
    const faults = faultsIn(context)
    await use(context)
    expect(faults, 'errors on the page').toEqual([])
  },
  app: [
    // biome-ignore lint/correctness/noEmptyPattern: the runner reads the names of fixtures from the pattern
    async ({}, use, worker) => {
      const database = await copyOfWorkshop(resolve('.imbry-test/browser', String(worker.workerIndex)))
      const port = (await freePort()) as number
      const url = `http://127.0.0.1:${port}`
      let server: ChildProcess
      const app: App = {
        url,
        token: HUB_TOKEN,
        database,
        async start() {
          server = await startApp(port, database.url)
        },
        kill: () => stop(server, 'SIGKILL'),
      }
      await app.start()
      startHub(url, HUB_TOKEN, demoChannelIds)
      await use(app)
      await stopAll()
    },
    { scope: 'worker', timeout: 180_000 },
  ],
})

export { expect } from '@playwright/test'

/** A workshop of its own on the same database server: what happens in it, the tests that follow do not see. */
export async function workshopBeside(
  app: App,
  name: string,
  filling: Filling,
  env: Readonly<Record<string, string>> = {},
): Promise<{ url: string; stop(): Promise<void> }> {
  const own = (url: string): string => url.replace('/imbry_test?', `/imbry_test_${name}?`)
  await app.database.create(`imbry_test_${name}`)
  await filled(own(app.database.keeperUrl), filling)
  const port = (await freePort()) as number
  const server = await startApp(port, own(app.database.url), { env })
  return { url: `http://127.0.0.1:${port}`, stop: () => stop(server) }
}
