import { customType } from 'drizzle-orm/mysql-core'
import type { z } from 'zod'

/** A JSON column that comes back as what its schema says; MariaDB hands JSON back as text. */
export const json = <T>(name: string, schema: z.ZodType<T>) =>
  customType<{ data: T; driverData: string }>({
    dataType: () => 'json',
    toDriver: (value) => JSON.stringify(value),
    fromDriver: (value) => schema.parse(JSON.parse(value)),
  })(name)

/** UTC to the millisecond. */
export const instant = customType<{ data: Date; driverData: string }>({
  dataType: () => 'datetime(3)',
  toDriver: (value) => value.toISOString().slice(0, 23).replace('T', ' '),
  fromDriver: (value) => new Date(`${value.replace(' ', 'T')}Z`),
})

/** So many bytes, as they are: compared one by one. */
export const binary = (name: string, { length }: { length: number }) =>
  customType<{ data: Buffer; driverData: Buffer }>({ dataType: () => `binary(${length})` })(name)
