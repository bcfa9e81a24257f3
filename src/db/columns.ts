import { customType } from 'drizzle-orm/mysql-core'
import type { z } from 'zod'

/** A document in the database that is not what its schema says: another Imbry wrote it, or a hand did. */
export class Unreadable {
  constructor(
    /** As it stands there. */
    readonly text: string,
  ) {}
}

/** A page asked for one thing, and it is unreadable. */
export class UnreadableRow extends Error {}

/** The document. @throws UnreadableRow where it is unreadable. */
export function whole<T>(value: T | Unreadable): T {
  if (value instanceof Unreadable) throw new UnreadableRow('It is written in a way this Imbry cannot read')
  return value
}

export const isReadable = <T>(value: T | Unreadable): value is T => !(value instanceof Unreadable)

/**
 * A JSON column; MariaDB hands JSON back as text. What is not as its schema says comes back as `Unreadable`, so that
 * whoever reads many rows must decide what to do about one that is lost.
 */
export const json = <T>(name: string, schema: z.ZodType<T>) =>
  customType<{ data: T | Unreadable; driverData: string }>({
    dataType: () => 'json',
    toDriver: (value) => JSON.stringify(value),
    fromDriver: (value) => readAs(value, schema),
  })(name)

function readAs<T>(text: string, schema: z.ZodType<T>): T | Unreadable {
  try {
    const parsed = schema.safeParse(JSON.parse(text))
    return parsed.success ? parsed.data : new Unreadable(text)
  } catch {
    return new Unreadable(text)
  }
}

/** UTC to the millisecond. */
export const instant = customType<{ data: Date; driverData: string }>({
  dataType: () => 'datetime(3)',
  toDriver: (value) => value.toISOString().slice(0, 23).replace('T', ' '),
  fromDriver: (value) => new Date(`${value.replace(' ', 'T')}Z`),
})

/** So many bytes, as they are: compared one by one. */
export const binary = (name: string, { length }: { length: number }) =>
  customType<{ data: Buffer; driverData: Buffer }>({ dataType: () => `binary(${length})` })(name)

/** Bytes of any number, up to 16 MB. */
export const blob = customType<{ data: Buffer; driverData: Buffer }>({ dataType: () => 'mediumblob' })

/** Text compared letter by letter: to a name, case, accents and spaces at the end make another. */
export const exactText = (name: string, { length }: { length: number }) =>
  customType<{ data: string; driverData: string }>({
    dataType: () => `varchar(${length}) character set utf8mb4 collate utf8mb4_nopad_bin`,
  })(name)

/** A pattern for what has `word` in it: % and _ are letters here. */
export const containing = (word: string): string => `%${word.toLowerCase().replace(/[\\%_]/g, '\\$&')}%`
