/** Tables. Formulas and batches are documents with their own schemas; a boil's readings and events are append-only. */

import {
  bigint,
  char,
  double,
  foreignKey,
  index,
  int,
  mysqlTable,
  primaryKey,
  text,
  varchar,
} from 'drizzle-orm/mysql-core'
import { batchPlanSchema, conditionsSchema, vesselSchema } from '@/contract/batch'
import { actSchema } from '@/contract/cook'
import { formulaSchema } from '@/contract/formula'
import type { Metal } from '@/core'
import { instant, json } from './columns'

const handle = (name: string) => varchar(name, { length: 80 })
const ulid = (name: string) => char(name, { length: 26 })
const label = (name: string) => varchar(name, { length: 200 })

export const rooms = mysqlTable('rooms', {
  id: handle('id').primaryKey(),
  name: label('name').notNull(),
  altitudeM: int('altitude_m').notNull(),
  roomC: double('room_c').notNull(),
  humidity: double('humidity').notNull(),
})

export const pots = mysqlTable('pots', {
  id: handle('id').primaryKey(),
  name: label('name').notNull(),
  litres: double('litres').notNull(),
  diameterMm: double('diameter_mm').notNull(),
  massKg: double('mass_kg').notNull(),
  metal: varchar('metal', { length: 20 }).$type<Metal>().notNull(),
})

export const burners = mysqlTable('burners', {
  id: handle('id').primaryKey(),
  name: label('name').notNull(),
  watts: double('watts').notNull(),
  efficiency: double('efficiency').notNull(),
  responseS: double('response_s').notNull(),
})

export const vessels = mysqlTable('vessels', {
  id: handle('id').primaryKey(),
  facts: json('facts', vesselSchema).notNull(),
})

/** A place a probe reports to. Only the hash of its token is kept. */
export const channels = mysqlTable('channels', {
  id: handle('id').primaryKey(),
  name: label('name').notNull(),
  tokenHash: char('token_hash', { length: 64 }).notNull(),
  lagS: double('lag_s').notNull(),
  noiseC: double('noise_c').notNull(),
})

export const formulas = mysqlTable('formulas', {
  id: handle('id').primaryKey(),
  createdAt: instant('created_at').notNull(),
})

export const formulaRevisions = mysqlTable(
  'formula_revisions',
  {
    formulaId: handle('formula_id')
      .notNull()
      .references(() => formulas.id),
    number: int('number').notNull(),
    document: json('document', formulaSchema).notNull(),
    createdAt: instant('created_at').notNull(),
  },
  (t) => [primaryKey({ columns: [t.formulaId, t.number] })],
)

export const batches = mysqlTable(
  'batches',
  {
    id: ulid('id').primaryKey(),
    formulaId: handle('formula_id').notNull(),
    revision: int('revision').notNull(),
    plan: json('plan', batchPlanSchema).notNull(),
    conditions: json('conditions', conditionsSchema).notNull(),
    startedAt: instant('started_at').notNull(),
    note: text('note').notNull(),
    /** 1 (bin) to 5 (as good as it gets); null until judged. */
    score: int('score'),
  },
  (t) => [
    foreignKey({
      name: 'batches_revision_fk',
      columns: [t.formulaId, t.revision],
      foreignColumns: [formulaRevisions.formulaId, formulaRevisions.number],
    }),
    index('batches_started').on(t.startedAt),
  ],
)

export const boils = mysqlTable(
  'boils',
  {
    id: ulid('id').primaryKey(),
    batchId: ulid('batch_id')
      .notNull()
      .references(() => batches.id),
    number: int('number').notNull(),
    label: label('label').notNull(),
    channelId: handle('channel_id').references(() => channels.id),
    startedAt: instant('started_at').notNull(),
    endedAt: instant('ended_at'),
  },
  (t) => [index('boils_channel').on(t.channelId, t.startedAt), index('boils_batch').on(t.batchId)],
)

export const readings = mysqlTable(
  'readings',
  {
    seq: bigint('seq', { mode: 'number' }).autoincrement().primaryKey(),
    id: varchar('id', { length: 40 }).notNull().unique(),
    boilId: ulid('boil_id')
      .notNull()
      .references(() => boils.id),
    at: instant('at').notNull(),
    celsius: double('celsius').notNull(),
  },
  (t) => [index('readings_boil').on(t.boilId, t.seq), index('readings_time').on(t.boilId, t.at)],
)

export const events = mysqlTable(
  'events',
  {
    seq: bigint('seq', { mode: 'number' }).autoincrement().primaryKey(),
    id: ulid('id').notNull().unique(),
    boilId: ulid('boil_id')
      .notNull()
      .references(() => boils.id),
    at: instant('at').notNull(),
    act: json('act', actSchema).notNull(),
    receivedAt: instant('received_at').notNull(),
  },
  (t) => [index('events_boil').on(t.boilId, t.seq)],
)
