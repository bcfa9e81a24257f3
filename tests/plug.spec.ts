/** The plug pulled at random: whatever was acknowledged is stored, and what is sent again is stored once. */
import type { ChildProcess } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdtempSync, readFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { type Browser, chromium, type Page } from '@playwright/test'
import mysql from 'mysql2/promise'
import { ulid } from 'ulid'
import { chromiumOptions } from '../scripts/lib/chromium'
import { logAct, startBoil } from '../scripts/lib/cook'
import { start, stop, until } from '../scripts/lib/processes'
import { seeded } from '../src/core/quantity/seeded'
import { type App, expect, test } from './app'
import { alive } from './stove'
import { wireTo } from './wire'

/** 50 in all, most of them of what is soonest back. */
const RUNS = { server: 2, database: 8, network: 34, screen: 4, browser: 2 } as const

test.describe.configure({ mode: 'parallel' })
const ACTS = 8
const PUSHES = 6
const PER_PUSH = 20

interface Write {
  readonly path: string
  readonly headers: Record<string, string>
  readonly body: string
  /** Ids of acts, and marks of readings, that are stored once it is acknowledged. */
  readonly ids: readonly string[]
}

/** What is stored of a reading's id. */
const markOf = (id: string): string => createHash('sha256').update(id).digest('hex').slice(0, 24)

function writesFor(app: App, boil: string, random: () => number): Write[] {
  const now = Date.now()
  const at = (i: number): string => new Date(now + 100 + i).toISOString()
  const acts = Array.from({ length: ACTS }, (_, i): Write => {
    const id = ulid()
    return {
      path: `/api/boils/${boil}/acts`,
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ id, at: at(i), act: { type: 'note', text: `note ${i}` } }),
      ids: [id],
    }
  })
  const pushes = Array.from({ length: PUSHES }, (_, p): Write => {
    const ids = Array.from({ length: PER_PUSH }, () => ulid())
    return {
      path: '/api/probes/short-probe/readings',
      headers: { authorization: `Bearer ${app.token}` },
      body: ids
        .map((id, i) => JSON.stringify({ id, at: at(p * PER_PUSH + i), celsius: 20 + random(), boil }))
        .join('\n'),
      ids: ids.map(markOf),
    }
  })
  return [...acts, ...pushes].sort(() => random() - 0.5)
}

/** Sends a write; true once it is acknowledged. */
async function post(app: App, write: Omit<Write, 'ids'>): Promise<boolean> {
  try {
    const response = await fetch(app.url + write.path, { method: 'POST', headers: write.headers, body: write.body })
    await response.text()
    return response.ok
  } catch {
    return false
  }
}

/** Leaves no pot on the stove for the tests that follow. */
async function giveUp(app: Pick<App, 'url'>, boil: string): Promise<void> {
  await expect.poll(() => logAct(app.url, boil, { type: 'abandoned', reason: 'the plug was pulled' })).toBe(true)
}

async function rows<T>(app: App, sql: string, boil: string): Promise<T[]> {
  const connection = await mysql.createConnection(app.database.url)
  const [found] = await connection.query(sql, [boil, boil])
  await connection.end()
  return found as T[]
}

const stored = async (app: App, boil: string): Promise<string[]> =>
  (
    await rows<{ id: string }>(
      app,
      `SELECT LOWER(HEX(mark)) AS id FROM readings JOIN boils ON boils.key = boil WHERE boils.id = ?
       UNION ALL SELECT events.id FROM events JOIN boils ON boils.key = boil WHERE boils.id = ?`,
      boil,
    )
  ).map((r) => r.id)

for (const plug of ['server', 'database', 'network'] as const)
  test(`nothing acknowledged is lost in ${RUNS[plug]} killings of the ${plug}`, async ({ app: real }) => {
    test.setTimeout(300_000)
    const wire = await wireTo(real.url)
    const app = { ...real, url: wire.url }
    const thing = { server: real, database: real.database, network: wire }[plug]
    const { boil } = await startBoil(app.url, 'orchard-toffee', 'short-probe')
    for (let seed = 1; seed <= RUNS[plug]; seed++) {
      const random = seeded(seed)
      const writes = writesFor(app, boil, random)
      const acknowledged = new Set<Write>()
      // by so many answers, and not at a time: a slow machine has answered nothing yet where a quick one is done
      const last = 1 + Math.floor(random() * writes.length)
      let pull: Promise<void> | null = null
      await Promise.all(
        writes.map(async (write, i) => {
          await new Promise((done) => setTimeout(done, i % 3 === 0 ? 20 * random() : 0))
          if (await post(app, write)) acknowledged.add(write)
          if (acknowledged.size === last) pull ??= thing.kill()
        }),
      )
      await (pull ?? thing.kill())
      await thing.start()
      const there = new Set(await stored(app, boil))
      for (const write of acknowledged)
        for (const id of write.ids) expect(there.has(id), `seed ${seed}: acknowledged and not stored`).toBe(true)
      // everything else is sent again, as a browser and a hub do with what was not acknowledged
      await Promise.all(
        writes
          .filter((write) => !acknowledged.has(write))
          .map((write) => expect.poll(() => post(app, write), `seed ${seed}`).toBe(true)),
      )
      const ids = (await stored(app, boil)).filter((id) => writes.some((w) => w.ids.includes(id)))
      expect(new Set(ids).size, `seed ${seed}: stored twice`).toBe(ids.length)
      expect(ids.length, `seed ${seed}`).toBe(writes.reduce((n, w) => n + w.ids.length, 0))
    }
    await giveUp(app, boil)
    await wire.close()
  })

interface Tablet {
  readonly page: Page
  readonly browser: Browser
  readonly process: ChildProcess
}

/** A browser with a profile that outlives it, on a page. */
async function switchOn(profile: string, url: string): Promise<Tablet> {
  const portFile = join(profile, 'DevToolsActivePort')
  const child = start(
    chromiumOptions.executablePath,
    [
      '--headless',
      ...chromiumOptions.args,
      '--no-first-run',
      '--remote-debugging-port=0',
      `--user-data-dir=${profile}`,
    ],
    { stdio: 'ignore' },
  )
  let browser: Browser | null = null
  await until(
    async () => {
      if (!existsSync(portFile)) return false
      browser = await chromium.connectOverCDP(`http://127.0.0.1:${readFileSync(portFile, 'utf8').split('\n')[0]}`)
      return true
    },
    60,
    () => 'The browser did not start.',
  )
  const [context] = (browser as unknown as Browser).contexts()
  const page = await context?.newPage()
  if (!page) throw new Error('The browser has no window.')
  await page.goto(url)
  return { page, browser: browser as unknown as Browser, process: child }
}

/** The dial's turns as they are stored, in order. */
const dials = async (app: App, boil: string): Promise<number[]> =>
  (
    await rows<{ dial: number }>(
      app,
      `SELECT json_value(act, '$.dial') + 0 AS dial FROM events JOIN boils ON boils.key = boil
       WHERE boils.id = ? AND boils.id = ? AND json_value(act, '$.type') = 'heat' ORDER BY n`,
      boil,
    )
  ).map((r) => r.dial)

const upTo = (n: number): number[] => Array.from({ length: n }, (_, i) => i + 1)

/** Turns the dial up by one a key, from one setting to another; the tile says when each is done. */
async function turnUp(page: Page, from: number, to: number): Promise<void> {
  for (let dial = from + 1; dial <= to; dial++) {
    await page.keyboard.press('ArrowUp')
    await expect(page.getByRole('button', { name: new RegExp(`^Heat ${dial}\\b`) })).toBeVisible()
  }
}

/** What the screen says of the line, and of what waits for it. */
const line = (page: Page) => page.getByRole('status').filter({ hasText: /^(live|sending|offline)/ })

test(`nothing done at the screen is lost in ${RUNS.screen} cuts of its network`, async ({ page, app }) => {
  test.setTimeout(300_000)
  const wire = await wireTo(app.url)
  for (let seed = 1; seed <= RUNS.screen; seed++) {
    const random = seeded(200 + seed)
    const { boil } = await startBoil(app.url, 'orchard-toffee', 'short-probe')
    const url = `${wire.url}/stove/${boil}`
    await page.goto(url)
    await alive(page)
    const [before, without] = [Math.floor(5 * random()), 1 + Math.floor(4 * random())]
    // at a random point of the turns, with some of them on their way
    const turning = turnUp(page, 0, before)
    await new Promise((done) => setTimeout(done, 120 * random()))
    await wire.kill()
    await turning
    await turnUp(page, before, before + without)
    await expect(page.getByText(/^offline, \d kept here$/)).toBeVisible()
    // a window closed meanwhile is there again with all of it
    const closed = seed % 3 === 0
    if (closed) await page.goto('about:blank')
    await wire.start()
    if (closed) await page.goto(url)
    await expect.poll(() => dials(app, boil), `seed ${seed}`).toEqual(upTo(before + without))
    await giveUp(app, boil)
  }
  await wire.close()
})

test(`nothing kept is lost in ${RUNS.browser} killings of the browser, with the server there or away`, async ({
  app,
}) => {
  test.setTimeout(300_000)
  for (let seed = 1; seed <= RUNS.browser; seed++) {
    const random = seeded(100 + seed)
    const { boil } = await startBoil(app.url, 'orchard-toffee', 'short-probe')
    const url = `${app.url}/stove/${boil}`
    const profile = mkdtempSync(join(tmpdir(), 'imbry-tablet-'))
    const before = await switchOn(profile, url)
    await alive(before.page)
    const serverIsAway = seed % 2 === 0
    if (serverIsAway) {
      await app.kill()
      await expect(before.page.getByText('offline', { exact: true })).toBeVisible()
    }
    const turns = 2 + Math.floor(6 * random())
    await turnUp(before.page, 0, turns)
    await new Promise((done) => setTimeout(done, 40 * random()))
    // what the screen says is safe: stored by the server, or kept here until it is
    const said = (await line(before.page).textContent()) ?? ''
    await stop(before.process, 'SIGKILL')
    const [, number] = /(\d+)/.exec(said) ?? []
    const safe = serverIsAway ? Number(number) : turns - Number(number ?? 0)
    if (serverIsAway) await app.start()

    const after = await switchOn(profile, url)
    await alive(after.page)
    const where = `seed ${seed}, the server ${serverIsAway ? 'away' : 'there'}, "${said}"`
    await expect.poll(async () => (await dials(app, boil)).length, where).toBeGreaterThanOrEqual(safe)
    const there = await dials(app, boil)
    expect(there, where).toEqual(upTo(there.length))
    await stop(after.process, 'SIGKILL')
    await giveUp(app, boil)
  }
})
