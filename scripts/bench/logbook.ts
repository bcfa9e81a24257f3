/** The logbook after years: how long a page of it takes, and what the log weighs. The data is made once, and used again. */
import { existsSync, readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { gzipSync } from 'node:zlib'
import type { Pool } from 'mysql2/promise'
import type { LogbookPage } from '@/contract/logbook'
import { openPool } from '@/db'
import { demoChannelIds } from '@/demo/kitchen'
import { startApp, startHub } from '../lib/app'
import { build } from '../lib/build'
import { ownDatabase } from '../lib/database'
import { loadDemo } from '../lib/demo-workshop'
import { freePort, stop } from '../lib/processes'
import { pause, percentile, type Row } from './table'

const BATCHES = 10_000
const READINGS = 2000
const LOOKS = 100
const FOLDER = resolve('.imbry-bench/logbook')

export async function benchLogbook(): Promise<Row[]> {
  if (!existsSync(FOLDER)) console.log(`Making ${BATCHES} batches of ${READINGS} readings, once …`)
  const url = await ownDatabase(FOLDER, 'bench', loadDemo)
  const pool = openPool(url)
  const made = await years(pool)
  const bytes = await bytesPerReading(pool)
  await pool.end()
  await build()
  const port = (await freePort()) as number
  const server = await startApp(port, url)
  const app = `http://127.0.0.1:${port}`
  const pages = await timed(LOOKS, () => fetch(`${app}/logbook`).then((r) => r.text()))
  let after = ''
  const deeper = await timed(
    LOOKS,
    async () => {
      const page = (await (await fetch(`${app}/api/logbook?after=${encodeURIComponent(after)}`)).json()) as LogbookPage
      after = page.next ?? after
      return JSON.stringify(page)
    },
    async () => {
      // the first page holds where the next begins
      after = /"next":"([^"]+)"/.exec((await (await fetch(`${app}/logbook`)).text()).replaceAll('\\"', '"'))?.[1] ?? ''
    },
  )
  const others: Row[] = []
  for (const [what, path] of await pagesOf(url)) {
    const { times } = await timed(LOOKS, () => fetch(app + path).then((r) => r.text()))
    others.push({
      what: `${what} beside it, 95th percentile`,
      measured: `${Math.round(percentile(times, 0.95))} ms (median ${Math.round(percentile(times, 0.5))} ms)`,
      wanted: 'under 150 ms',
    })
  }
  const idle = await idleShare(server.pid as number, app)
  const ms = (times: readonly number[]): string =>
    `${Math.round(percentile(times, 0.95))} ms (median ${Math.round(percentile(times, 0.5))} ms)`
  return [
    {
      what: `the logbook of ${BATCHES} batches × ${READINGS} readings opens, 95th percentile`,
      measured: ms(pages.times),
      wanted: 'under 100 ms',
    },
    { what: 'its next pages, one after the other', measured: ms(deeper.times), wanted: 'under 100 ms' },
    {
      what: 'its page compressed, scripts apart',
      measured: `${Math.round(gzipSync(pages.last).length / 1024)} kB`,
      wanted: 'under 100 kB',
    },
    ...others,
    {
      what: 'processor time of the app with a probe hub listening and nothing on the stove',
      measured: `${(100 * idle).toFixed(1)} %`,
      wanted: 'under 1 %',
    },
    { what: 'a reading on the disk, with its indexes', measured: `${Math.round(bytes)} bytes`, wanted: '' },
    ...(made === null ? [] : [{ what: 'making the data', measured: `${Math.round(made)} s`, wanted: '' }]),
  ]
}

/** One of each other kind of page: the stove, a boil, a batch, the book, a formula, the kitchen. */
async function pagesOf(url: string): Promise<[string, string][]> {
  const pool = openPool(url)
  const [[boil]] = (await pool.query(
    'SELECT id, batch_id AS batch FROM boils WHERE `key` > 100000 LIMIT 1',
  )) as unknown as [[{ id: string; batch: string }]]
  const [[batch]] = (await pool.query('SELECT formula_id AS formula FROM batches WHERE id = ?', [
    boil.batch,
  ])) as unknown as [[{ formula: string }]]
  const [twelve] = (await pool.query("SELECT id FROM batches WHERE id LIKE '00%' ORDER BY id LIMIT 12")) as unknown as [
    { id: string }[],
  ]
  await pool.end()
  return [
    ['the stove', '/stove'],
    ['a boil', `/stove/${boil.id}`],
    ['a batch', `/logbook/${boil.batch}`],
    ['the book', '/formulas'],
    ['the formula of them all', `/formulas/${batch.formula}`],
    ['the kitchen', '/kitchen'],
    ['what it has taught', '/kitchen/taught'],
    ['the log, found by a sentence', '/logbook?q=wait&score=poor&pulled=late&flaw=grained'],
    ['twelve batches side by side', `/logbook/beside?ids=${twelve.map((b) => b.id).join(',')}`],
  ]
}

/** It looks less often once it has been quiet for a minute. */
const CALM_S = 65
const IDLE_S = 30

/** Share of a processor the app takes while a hub listens to it and nothing happens. */
async function idleShare(pid: number, app: string): Promise<number> {
  const hub = startHub(app, 'bench', demoChannelIds)
  await pause(CALM_S * 1000)
  const from = processorS(pid)
  await pause(IDLE_S * 1000)
  const used = processorS(pid) - from
  await stop(hub)
  return used / IDLE_S
}

/** Processor time a process has had, s; the system counts hundredths. */
function processorS(pid: number): number {
  const fields = readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ')[1]?.split(' ') ?? []
  return (Number(fields[11]) + Number(fields[12])) / 100
}

async function timed(
  looks: number,
  look: () => Promise<string>,
  before: () => Promise<void> = async () => undefined,
): Promise<{ times: number[]; last: string }> {
  // some go first to warm it up
  for (let i = 0; i < 10; i++) await look()
  await before()
  const times: number[] = []
  let last = ''
  for (let i = 0; i < looks; i++) {
    const start = performance.now()
    last = await look()
    times.push(performance.now() - start)
  }
  return { times, last }
}

/** Fills the log with copies of the demo's first batch, a few hours apart; s it took, or null where it was full. */
async function years(pool: Pool): Promise<number | null> {
  const [[{ n }]] = (await pool.query('SELECT COUNT(*) AS n FROM batches')) as unknown as [[{ n: number }]]
  if (n >= BATCHES) return null
  const began = performance.now()
  await pool.query(
    copy(
      'batches',
      {
        id: "CONCAT('00', LPAD(seq, 24, '0'))",
        started_at: ago('seq'),
        score: '1 + seq % 5',
        off_c: '(seq * 37 % 80) / 10 - 4',
        flaws: "IF(seq % 41 = 0, 'grained', '')",
      },
      'ORDER BY id LIMIT 1',
      BATCHES,
    ),
  )
  const first = "(SELECT MIN(id) FROM batches WHERE id NOT LIKE '00%')"
  const boil = `WHERE batch_id = ${first} ORDER BY number LIMIT 1`
  await pool.query(
    copy(
      'boils',
      {
        key: '100000 + seq',
        id: "CONCAT('01', LPAD(seq, 24, '0'))",
        batch_id: "CONCAT('00', LPAD(seq, 24, '0'))",
        started_at: ago('seq'),
        ended_at: `DATE_ADD(${ago('seq')}, INTERVAL 40 MINUTE)`,
        readings: String(READINGS),
        channel_id: 'NULL',
      },
      boil,
      BATCHES,
    ),
  )
  const ofIt = `WHERE boil = (SELECT MIN(\`key\`) FROM boils WHERE batch_id = ${first})`
  await pool.query(
    copy(
      'boil_summaries',
      {
        boil: '100000 + seq',
        reached_c: 'one.reached_c + (seq * 37 % 80) / 10 - 4',
        // each batch a little otherwise than the one before, so that there is something to compare
        traits: "JSON_SET(one.traits, '$.power', (seq * 53 % 100) / 1000 - 0.05, '$.missed', (seq * 37 % 80) / 10 - 4)",
      },
      ofIt,
      BATCHES,
    ),
  )
  // a thousand boils at a time: a statement is a transaction, and one of twenty million rows is none
  for (let from = 1; from <= BATCHES; from += 500)
    await pool.query(
      `INSERT INTO readings (boil, n, mark, at, celsius)
       SELECT 100000 + b.seq, r.seq, UNHEX(LEFT(SHA2(CONCAT(b.seq, ' ', r.seq), 256), 24)),
         DATE_ADD(${ago('b.seq')}, INTERVAL r.seq SECOND), 20 + 120 * (1 - EXP(-r.seq / 900))
       FROM seq_${from}_to_${from + 499} b JOIN seq_1_to_${READINGS} r ORDER BY 1, 2`,
    )
  await pool.query('ANALYZE TABLE readings, batches, boils, boil_summaries')
  return (performance.now() - began) / 1000
}

const ago = (seq: string): string => `DATE_SUB('2026-11-01 12:00:00.000', INTERVAL ${seq} * 4 HOUR)`

/** Copies one row of a table many times, with some of its columns made anew. */
function copy(table: string, anew: Readonly<Record<string, string>>, which: string, times: number): string {
  const columns = Object.keys(anew).map((c) => `\`${c}\``)
  const kept = KEPT[table]?.map((c) => `one.\`${c}\``) ?? []
  return `INSERT INTO ${table} (${[...columns, ...(KEPT[table] ?? []).map((c) => `\`${c}\``)].join(', ')})
    SELECT ${[...Object.values(anew), ...kept].join(', ')}
    FROM (SELECT * FROM ${table} ${which}) one JOIN seq_1_to_${times}`
}

const KEPT: Readonly<Record<string, readonly string[]>> = {
  batches: [
    'formula_id',
    'revision',
    'plan',
    'conditions',
    'note',
    'name',
    'family',
    'room',
    'out_grams',
    'pieces',
    'boils_planned',
    'target_c',
    'within_c',
    'code',
    'burner',
    'pot',
    'judged',
  ],
  boils: ['number', 'label', 'events', 'last_reading_at'],
  boil_summaries: ['minutes', 'curve', 'pulled', 'power'],
}

async function bytesPerReading(pool: Pool): Promise<number> {
  const [[row]] = (await pool.query(
    `SELECT (data_length + index_length) / (SELECT COUNT(*) FROM readings) AS bytes
     FROM information_schema.tables WHERE table_schema = DATABASE() AND table_name = 'readings'`,
  )) as unknown as [[{ bytes: string }]]
  return Number(row.bytes)
}
