import { backupFile } from '@/server/backup'
import { route } from '@/server/route'

/** Everything of the workshop as one file. */
export const GET = route({}, () => backupFile())
