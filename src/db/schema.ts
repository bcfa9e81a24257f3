/** Tables. Formulas and batches are documents with their own schemas; a boil's readings and events are append-only. */

import {
  boolean,
  char,
  double,
  foreignKey,
  index,
  int,
  mysqlTable,
  primaryKey,
  text,
  uniqueIndex,
  varchar,
} from 'drizzle-orm/mysql-core'
import { z } from 'zod'
import { batchPlanSchema, conditionsSchema } from '@/contract/batch'
import { actSchema } from '@/contract/cook'
import { daySchema } from '@/contract/day'
import type { DeviceKind } from '@/contract/devices'
import { formulaSchema } from '@/contract/formula'
import type { KitchenKind } from '@/contract/kitchen'
import { curveSchema, traitsSchema } from '@/contract/logbook'
import type { Role } from '@/contract/roles'
import { judgedSchema } from '@/contract/verdict'
import type { FamilyId } from '@/core'
import { binary, blob, exactText, instant, json } from './columns'

const handle = (name: string) => exactText(name, { length: 80 })
const ulid = (name: string) => exactText(name, { length: 26 })
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

/** The owner's passphrase, hashed: one row, once it has been set. */
export const owners = mysqlTable('owners', {
  id: int('id').primaryKey(),
  passphrase: varchar('passphrase', { length: 255 }).notNull(),
  changedAt: instant('changed_at').notNull(),
})

/** Screens that have signed in. Of their tokens only hashes are kept; the one before serves a moment longer. */
export const screens = mysqlTable(
  'screens',
  {
    id: ulid('id').primaryKey(),
    name: varchar('name', { length: 60 }).notNull(),
    role: varchar('role', { length: 20 }).$type<Role>().notNull(),
    tokenHash: char('token_hash', { length: 64 }).notNull().unique(),
    previousHash: char('previous_hash', { length: 64 }),
    rotatedAt: instant('rotated_at').notNull(),
    pairedAt: instant('paired_at').notNull(),
    lastSeenAt: instant('last_seen_at').notNull(),
    revokedAt: instant('revoked_at'),
  },
  (t) => [index('screens_previous').on(t.previousHash)],
)

/** Codes by which a screen is let in, once and for a short while. */
export const pairings = mysqlTable('pairings', {
  id: ulid('id').primaryKey(),
  codeHash: char('code_hash', { length: 64 }).notNull(),
  name: varchar('name', { length: 60 }).notNull(),
  role: varchar('role', { length: 20 }).$type<Role>().notNull(),
  expiresAt: instant('expires_at').notNull(),
  usedAt: instant('used_at'),
})

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

/** What each scale shows, since when it has stood still, and what is to be weighed next on it: one row a scale. */
export const scaleStates = mysqlTable('scale_states', {
  channelId: handle('channel_id')
    .primaryKey()
    .references(() => channels.id),
  /** The newest weight and when it was taken; null before the first. */
  grams: double('grams'),
  at: instant('at'),
  /** The weight it has stood still at, and since when. */
  stillGrams: double('still_grams'),
  stillSince: instant('still_since'),
  wanted: double('wanted'),
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
    /** What lists read, so that none reads a document: written with the batch. */
    name: label('name').notNull(),
    family: varchar('family', { length: 30 }).$type<FamilyId>().notNull(),
    room: label('room').notNull(),
    outGrams: double('out_grams').notNull(),
    pieces: int('pieces').notNull(),
    boilsPlanned: int('boils_planned').notNull(),
    /** Target in that day's air and how far either side is good, °C. */
    targetC: double('target_c').notNull(),
    withinC: double('within_c').notNull(),
    /** Cooked on a clock that runs ahead: it teaches the hand and not the log. */
    practice: boolean('practice').notNull().default(false),
    /** 1 (bin) to 5 (as good as it gets); null until judged. */
    score: int('score'),
    /** What stands on its label: the day it was begun and the end of its id, "261126-7QK". */
    code: varchar('code', { length: 16 }).notNull().default(''),
    burner: label('burner').notNull().default(''),
    pot: label('pot').notNull().default(''),
    /** °C past the target of the boil furthest off; null where nothing was read. */
    offC: double('off_c'),
    /** What was tasted, named and found again later; null until somebody says. */
    judged: json('judged', judgedSchema),
    /** The flaws it has, with commas between, for FIND_IN_SET. */
    flaws: varchar('flaws', { length: 200 }).notNull().default(''),
  },
  (t) => [
    index('batches_code').on(t.code),
    foreignKey({
      name: 'batches_revision_fk',
      columns: [t.formulaId, t.revision],
      foreignColumns: [formulaRevisions.formulaId, formulaRevisions.number],
    }),
    index('batches_started').on(t.practice, t.startedAt, t.id),
    index('batches_formula').on(t.formulaId, t.startedAt),
    // counts by month, the rings and the formulas there are: read off an index alone
    index('batches_months').on(t.practice, t.startedAt, t.score),
    index('batches_ring').on(t.burner),
    index('batches_named').on(t.formulaId, t.name),
  ],
)

export const boils = mysqlTable(
  'boils',
  {
    /** A short key for the two tables that grow: a reading is a few bytes, a ULID twenty-six. */
    key: int('key', { unsigned: true }).autoincrement().primaryKey(),
    id: ulid('id').notNull().unique(),
    batchId: ulid('batch_id')
      .notNull()
      .references(() => batches.id),
    number: int('number').notNull(),
    label: label('label').notNull(),
    channelId: handle('channel_id').references(() => channels.id),
    startedAt: instant('started_at').notNull(),
    endedAt: instant('ended_at'),
    /** How many readings and events it has, which is the number of the newest of each. */
    readings: int('readings', { unsigned: true }).notNull().default(0),
    events: int('events', { unsigned: true }).notNull().default(0),
    lastReadingAt: instant('last_reading_at'),
  },
  (t) => [
    index('boils_channel').on(t.channelId, t.endedAt, t.id),
    uniqueIndex('boils_batch').on(t.batchId, t.number),
    index('boils_open').on(t.endedAt, t.id),
  ],
)

/** What came of a boil that has ended, for lists: they never read its log. */
export const boilSummaries = mysqlTable('boil_summaries', {
  boil: int('boil', { unsigned: true })
    .primaryKey()
    .references(() => boils.key),
  /** Hottest once it was pulled, °C; null for a boil that never was. */
  reachedC: double('reached_c'),
  /** It came off as it should, whether or not anything was read then. */
  pulled: boolean('pulled').notNull().default(false),
  /** Share of its plate that the ring gave the pot; null where it could not be told. */
  power: double('power'),
  minutes: double('minutes').notNull(),
  curve: json('curve', curveSchema).notNull(),
  /** What it can be compared by; null for a boil summed up before there were any. */
  traits: json('traits', traitsSchema),
})

/** Days that are planned: what is wanted, and what has been done of it. */
export const days = mysqlTable('days', {
  date: char('date', { length: 10 }).primaryKey(),
  day: json('day', daySchema).notNull(),
  version: int('version').notNull(),
})

/** Pictures of batches, small for lists and large to look at, each made anew from what came in. */
export const pictures = mysqlTable(
  'pictures',
  {
    id: ulid('id').primaryKey(),
    batchId: ulid('batch_id')
      .notNull()
      .references(() => batches.id),
    at: instant('at').notNull(),
    width: int('width').notNull(),
    height: int('height').notNull(),
    small: blob('small').notNull(),
    large: blob('large').notNull(),
  },
  (t) => [index('pictures_batch').on(t.batchId, t.id)],
)

/** What went into batches of which lot: once a batch and a lot. */
export const lotUses = mysqlTable(
  'lot_uses',
  {
    batchId: ulid('batch_id')
      .notNull()
      .references(() => batches.id),
    /** Of a kitchen thing that may be gone by now: what it was stands here. */
    lotId: handle('lot_id').notNull(),
    ingredient: varchar('ingredient', { length: 40 }).notNull(),
    lotCode: label('lot_code').notNull(),
    grams: double('grams').notNull(),
  },
  (t) => [primaryKey({ columns: [t.batchId, t.lotId] }), index('lot_uses_lot').on(t.lotId)],
)

/**
 * Numbered within their boil, in the order they were stored, and kept together in that order: a picture of a boil takes
 * every so manieth by its number, whatever else was cooking meanwhile.
 */
export const readings = mysqlTable(
  'readings',
  {
    boil: int('boil', { unsigned: true })
      .notNull()
      .references(() => boils.key),
    n: int('n', { unsigned: true }).notNull(),
    /** The start of a digest of the id its sender gave it: the same reading sent twice is one. */
    mark: binary('mark', { length: 12 }).notNull(),
    at: instant('at').notNull(),
    celsius: double('celsius').notNull(),
  },
  (t) => [primaryKey({ columns: [t.boil, t.n] }), uniqueIndex('readings_mark').on(t.boil, t.mark)],
)

export const events = mysqlTable(
  'events',
  {
    boil: int('boil', { unsigned: true })
      .notNull()
      .references(() => boils.key),
    n: int('n', { unsigned: true }).notNull(),
    id: ulid('id').notNull().unique(),
    at: instant('at').notNull(),
    act: json('act', actSchema).notNull(),
    receivedAt: instant('received_at').notNull(),
    /** Name of the screen it was done at; null where nobody signs in. */
    by: varchar('by_screen', { length: 60 }),
  },
  (t) => [primaryKey({ columns: [t.boil, t.n] })],
)
