import { db, ping } from '@/db'
import packageFile from '../../package.json' with { type: 'json' }

export interface Health {
  status: 'ok' | 'down'
  database: 'ok' | 'down'
  version: string
}

export async function health(): Promise<Health> {
  const up = await ping(db()).catch(() => false)
  return { status: up ? 'ok' : 'down', database: up ? 'ok' : 'down', version: packageFile.version }
}
