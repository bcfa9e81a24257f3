/** Tables. Formulas and batches are documents with their own schemas; a boil's readings and events are append-only. */

import { sql } from 'drizzle-orm'
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
import { z } from 'zod'
import { batchPlanSchema, conditionsSchema } from '@/contract/batch'
import { actSchema } from '@/contract/cook'
import type { DeviceKind } from '@/contract/devices'
import { formulaSchema } from '@/contract/formula'
import type { KitchenKind } from '@/contract/kitchen'
import { instant, json } from './columns'

const handle = (name: string) => varchar(name, { length: 80 })
const ulid = (name: string) => char(name, { length: 26 })
const label = (name: string) => varchar(name, { length: 200 })

/** Everything the kitchen owns, by kind: rooms, pots, burners, trays and moulds, thermometers and the rest. */
export const kitchenThings = mysqlTable(
  'kitchen_things',
  {
    kind: varchar('kind', { length: 20 }).$type<KitchenKind>().notNull(),
    id: handle('id').notNull(),
    /** As its kind's schema says; checked where it is written and where it is read. */
    facts: json('facts', z.unknown()).notNull(),
  },
  (t) => [primaryKey({ columns: [t.kind, t.id] })],
)

/** A place a device reports to: a probe, a scale, a room's barometer. Only the hash of its token is kept. */
export const channels = mysqlTable('channels', {
  id: handle('id').primaryKey(),
  name: label('name').notNull(),
  tokenHash: char('token_hash', { length: 64 }).notNull(),
  lagS: double('lag_s').notNull(),
  noiseC: double('noise_c').notNull(),
  kind: varchar('kind', { length: 20 }).$type<DeviceKind>().notNull().default('probe'),
  /** The room a barometer hangs in. */
  room: handle('room'),
})

export const weights = mysqlTable(
  'weights',
  {
    seq: bigint('seq', { mode: 'number' }).autoincrement().primaryKey(),
    id: varchar('id', { length: 40 }).notNull().unique(),
    channelId: handle('channel_id')
      .notNull()
      .references(() => channels.id),
    at: instant('at').notNull(),
    grams: double('grams').notNull(),
  },
  (t) => [index('weights_channel').on(t.channelId, t.seq)],
)

/** What is to be weighed next on each scale. */
export const scaleWants = mysqlTable('scale_wants', {
  channelId: handle('channel_id')
    .primaryKey()
    .references(() => channels.id),
  grams: double('grams'),
})

/** One row a formula: what its newest revision says, in columns that lists and searches read. */
export const formulas = mysqlTable(
  'formulas',
  {
    id: handle('id').primaryKey(),
    createdAt: instant('created_at').notNull(),
    /** Number of the newest revision; 0 until it has been indexed. */
    latest: int('latest').notNull().default(0),
    name: label('name').notNull().default(''),
    family: varchar('family', { length: 30 }).notNull().default(''),
    school: varchar('school', { length: 40 }).notNull().default(''),
    about: text('about'),
    /** °C at the standard atmosphere; null where nothing is boiled. */
    targetC: double('target_c'),
    outGrams: double('out_grams').notNull().default(0),
    boils: int('boils').notNull().default(0),
    /** With commas between, for FIND_IN_SET. */
    allergens: varchar('allergens', { length: 200 }).notNull().default(''),
    /** Name, about and ingredients in lower case. */
    words: text('words'),
  },
  (t) => [index('formulas_name').on(t.name), index('formulas_family').on(t.family, t.school)],
)

export const formulaIngredients = mysqlTable(
  'formula_ingredients',
  {
    formulaId: handle('formula_id')
      .notNull()
      .references(() => formulas.id),
    ingredient: varchar('ingredient', { length: 40 }).notNull(),
    grams: double('grams').notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.formulaId, t.ingredient] }),
    index('formula_ingredients_by').on(t.ingredient, t.grams),
  ],
)

export const formulaRevisions = mysqlTable(
  'formula_revisions',
  {
    formulaId: handle('formula_id')
      .notNull()
      .references(() => formulas.id),
    number: int('number').notNull(),
    document: json('document', formulaSchema).notNull(),
    createdAt: instant('created_at').notNull(),
    /** Made by the client, so that a retried write is the same write. */
    writeId: ulid('write_id').unique(),
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
    index('batches_formula').on(t.formulaId, t.startedAt),
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
    /** Which ten seconds it belongs to: an index finds the last of each without reading what lies between. */
    stretch: bigint('stretch', { mode: 'number' }).generatedAlwaysAs(sql`to_seconds(\`at\`) div 10`),
  },
  (t) => [
    index('readings_boil').on(t.boilId, t.seq),
    index('readings_time').on(t.boilId, t.at),
    index('readings_stretch').on(t.boilId, t.stretch, t.at),
  ],
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
