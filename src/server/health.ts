import { statfs } from 'node:fs/promises'
import { db, ping } from '@/db'
import packageFile from '../../package.json' with { type: 'json' }

export interface Health {
  readonly status: 'ok' | 'down' | 'disk full'
  readonly database: 'ok' | 'down'
  readonly version: string
}

/** ◊ Less than this and the next hour of a cook may not fit, bytes. */
const LEAST_BYTES = 50 * 2 ** 20

/** Whether there is no room left where the data lives; a server of the owner's own minds its disk itself. */
async function isFull(folder: string | undefined): Promise<boolean> {
  if (!folder) return false
  const room = await statfs(folder).catch(() => null)
  return room !== null && room.bavail * room.bsize < LEAST_BYTES
}

export async function health(folder = process.env.IMBRY_FOLDER): Promise<Health> {
  const [up, full] = await Promise.all([ping(db()).catch(() => false), isFull(folder)])
  return {
    status: !up ? 'down' : full ? 'disk full' : 'ok',
    database: up ? 'ok' : 'down',
    version: packageFile.version,
  }
}
