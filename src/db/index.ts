/** The only room that knows SQL. */
export * from './batches'
export * from './book'
export { type Db, db, openDb, openPool, ping } from './client'
export * from './formulas'
export * from './kitchen'
export * from './log'
export * from './scales'
