/** The whole log out, and back in without doubles. */
import { setImmediate } from 'node:timers/promises'
import { isDeepStrictEqual } from 'node:util'
import { Zip, ZipDeflate, ZipPassThrough } from 'fflate'
import { LOG_FORMAT, type TakenIn } from '@/contract/log-file'
import { nothingJudged } from '@/contract/verdict'
import {
  addChannel,
  addRevision,
  appendEvents,
  appendReadings,
  type BatchRecord,
  batchIds,
  boilsOfBatch,
  db,
  findBatch,
  findChannel,
  findFormula,
  insertBatch,
  insertBoil,
  lotsOfBatch,
  pictureBytes,
  picturesAfter,
  putLotUses,
  UnreadableRow,
  writeVerdict,
} from '@/db'
import { everything, summarise } from './cook'
import type { ReadBatch } from './long/batch-file'
import { offThread } from './long/off-thread'
import { packed, unpacked } from './long/packed'
import { Problem } from './problem'
import { hashToken } from './tokens'
import { checkWorkable } from './workable'

/** One batch, whole. */
export async function batchFile(record: BatchRecord): Promise<ReadBatch> {
  const [boils, lots] = await Promise.all([boilsOfBatch(db(), record.id), lotsOfBatch(db(), record.id)])
  return {
    format: LOG_FORMAT,
    version: 1,
    id: record.id,
    startedAt: record.startedAt.toISOString(),
    practice: record.practice,
    formula: { address: record.formulaId, document: record.formula },
    plan: record.plan,
    conditions: record.conditions,
    note: record.note,
    score: record.score,
    judged: record.judged,
    lots: lots.map((l) => ({ lot: l.lot, code: l.lotCode, ingredient: l.ingredient, grams: l.grams })),
    boils: await Promise.all(
      boils.map(async ({ id, number, label, channel, startedAt }) => {
        const log = await everything(id)
        const start = Date.parse(startedAt)
        const readings = packed(log.readings.map(([ms, celsius]): [number, number] => [ms - start, celsius]))
        return { id, number, label, channel, startedAt, acts: log.acts, readings }
      }),
    ),
  }
}

/** Batches of the log read at once. */
const AT_ONCE = 50

async function* wholeLog(): AsyncGenerator<BatchRecord> {
  for (let after = ''; ; ) {
    const ids = await batchIds(db(), after, AT_ONCE)
    for (const id of ids) {
      // one that cannot be read is left where it is: the rest of the log goes out all the same
      const record = await findBatch(db(), id).catch((error: unknown) => {
        if (error instanceof UnreadableRow) return null
        throw error
      })
      if (record) yield record
    }
    if (ids.length < AT_ONCE) return
    after = ids.at(-1) as string
  }
}

/** What one line of the table says. */
const COLUMNS = [
  'id',
  'code',
  'started',
  'formula',
  'revision',
  'pot',
  'burner',
  'room',
  'pieces',
  'grams',
  'score',
  'flaws',
  'note',
]
const rowOf = (r: BatchRecord): readonly unknown[] => [
  r.id,
  r.code,
  r.startedAt.toISOString(),
  r.formulaId,
  r.revision,
  r.conditions.pot.name,
  r.conditions.burner.name,
  r.conditions.room,
  r.plan.pieces,
  Math.round(r.plan.outGrams),
  r.score ?? '',
  r.judged.flaws.join(' '),
  r.note,
]

/** ◊ Bytes pressed in one go: a few milliseconds. */
const PRESSED_AT_ONCE = 128 * 1024

/** The pieces of the zip, each batch read only once the one before it has been taken. */
async function* zipped(): AsyncGenerator<Uint8Array> {
  const text = new TextEncoder()
  const made: Uint8Array[] = []
  const zip = new Zip((error, chunk) => {
    if (error) throw error
    made.push(chunk)
  })
  const lines = new ZipDeflate('log.jsonl', { level: 6 })
  zip.add(lines)
  const rows: (readonly unknown[])[] = []
  for await (const record of wholeLog()) {
    const line = await offThread('writeBatch', await batchFile(record))
    rows.push(rowOf(record))
    for (let at = 0; at < line.length; at += PRESSED_AT_ONCE) {
      lines.push(line.subarray(at, at + PRESSED_AT_ONCE))
      yield* made.splice(0)
      // a long log is pressed bit by bit, and between them others have their turn
      await setImmediate()
    }
  }
  lines.push(new Uint8Array(), true)
  const table = new ZipDeflate('batches.csv', { level: 6 })
  zip.add(table)
  table.push(text.encode(await offThread('writeCsv', COLUMNS, rows)), true)
  yield* made.splice(0)
  for (let after = ''; ; ) {
    const some = await picturesAfter(db(), after, AT_ONCE)
    for (const { id, batchId } of some) {
      const bytes = await pictureBytes(db(), id, 'large')
      if (!bytes) continue
      // a JPEG has nothing left to press out of it
      const entry = new ZipPassThrough(`pictures/${batchId}/${id}.jpg`)
      zip.add(entry)
      entry.push(new Uint8Array(bytes), true)
      yield* made.splice(0)
    }
    if (some.length < AT_ONCE) break
    after = (some.at(-1) as { id: string }).id
  }
  zip.end()
  yield* made.splice(0)
}

/** The log as a zip, made as fast as it is fetched: `log.jsonl`, one batch a line, `batches.csv` for a spreadsheet, and the pictures. */
export function exportLog(): ReadableStream<Uint8Array> {
  const pieces = zipped()
  return new ReadableStream({
    async pull(controller) {
      const { done, value } = await pieces.next()
      if (done) controller.close()
      else controller.enqueue(value)
    },
    async cancel() {
      await pieces.return(undefined)
    },
  })
}

/** The revision of the book that is word for word `document`: the newest where it is that, else one more. */
async function revisionOf({ address, document }: ReadBatch['formula'], now: Date): Promise<number> {
  const newest = await findFormula(db(), address)
  for (let n = newest?.revision ?? 0; n > 0; n--) {
    const found = n === newest?.revision ? newest : await findFormula(db(), address, n)
    if (found && isDeepStrictEqual(found.document, document)) return n
  }
  checkWorkable(document, 'Nothing of this batch was taken in.')
  const written = await addRevision(db(), address, document, now)
  if ('conflict' in written)
    throw new Problem(409, `“${address}” was changed just now`, 'Try again: nothing of it was taken in.')
  return written.revision
}

/** Takes one batch in, once: one whose id is there already stays as it is. */
export async function importBatch(text: string, now: Date): Promise<TakenIn> {
  const file = await offThread('readBatch', text)
  const [first, ...others] = file.boils
  if (!first) throw new Problem(400, 'It has no boil')
  if (await findBatch(db(), file.id)) return { came: 'same' }
  const revision = await revisionOf(file.formula, now)
  for (const { channel } of file.boils)
    if (channel && !(await findChannel(db(), channel)))
      // a probe of the kitchen it came from: its readings belong to it, and nobody can push under its name
      await addChannel(db(), {
        id: channel,
        name: channel,
        tokenHash: hashToken(crypto.randomUUID()),
        lagS: 4,
        noiseC: 0.3,
        kind: 'probe',
        room: null,
      })
  const boilOf = (b: ReadBatch['boils'][number]) => ({
    id: b.id,
    batchId: file.id,
    number: b.number,
    label: b.label,
    channelId: b.channel,
    startedAt: new Date(b.startedAt),
    clock: clockIn(b.acts),
  })
  const inserted = await insertBatch(
    db(),
    {
      id: file.id,
      formulaId: file.formula.address,
      revision,
      plan: file.plan,
      conditions: file.conditions,
      startedAt: new Date(file.startedAt),
    },
    file.formula.document,
    boilOf(first),
  )
  if (inserted === 'conflict')
    throw new Problem(
      409,
      `A boil of batch ${file.id} is in the log already, of another batch`,
      'That one stands as it was.',
    )
  for (const b of others) await insertBoil(db(), boilOf(b))
  for (const b of file.boils) {
    await appendEvents(db(), b.id, b.acts)
    const start = Date.parse(b.startedAt)
    const readings = unpacked(b.readings).map(([ms, celsius], n) => ({
      id: `log ${b.id} ${n}`,
      at: new Date(start + ms),
      celsius,
    }))
    for (let i = 0; i < readings.length; i += READINGS_AT_ONCE)
      await appendReadings(db(), b.id, readings.slice(i, i + READINGS_AT_ONCE))
    await summarise(b.id)
  }
  await putLotUses(
    db(),
    file.id,
    file.lots.map((l) => ({ lot: l.lot, lotCode: l.code, ingredient: l.ingredient, grams: l.grams })),
  )
  const { note, score, judged } = file
  await writeVerdict(db(), file.id, { note, score, judged }, { note: '', score: null, judged: nothingJudged })
  return { came: 'new' }
}

const READINGS_AT_ONCE = 5000

/** The clock a boil was started with: the first act of its log. */
function clockIn(acts: ReadBatch['boils'][number]['acts']): { id: string; rate: number } {
  const first = acts.find((a) => a.act.type === 'clock')
  if (first?.act.type !== 'clock')
    throw new Problem(400, 'A boil has no clock in its log', 'Nothing of it was taken in.')
  return { id: first.id, rate: first.act.rate }
}
