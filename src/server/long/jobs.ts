/** Work that may take longer than a request's thread can be spared: files whole, and a cook's whole log. Pure, and without a database. */
import { readBatch, writeBatch } from './batch-file'
import { readBook } from './book-file'
import { readReadings, sumUpLog, writeCookCsv, writeCookJson } from './cook'
import { writeCsv } from './csv'
import { readIngredients, writeIngredients } from './ingredient-file'

export const jobs = {
  readBook,
  readBatch,
  readIngredients,
  readReadings,
  sumUpLog,
  writeBatch,
  writeCookCsv,
  writeCookJson,
  writeCsv,
  writeIngredients,
} as const
export type Jobs = typeof jobs
export type JobName = keyof Jobs

/** What is asked of the thread, and what it answers: what came of it, what the caller did wrong, or a fault of ours. */
export interface Asked {
  readonly n: number
  readonly job: JobName
  readonly input: readonly unknown[]
}
export type Answered = { readonly n: number } & (
  | { readonly made: unknown }
  | { readonly problem: { readonly status: number; readonly message: string; readonly kept: string } }
  | { readonly fault: string }
)
