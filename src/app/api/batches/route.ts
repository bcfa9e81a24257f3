import { startBatchSchema } from '@/contract/batch'
import { startBatch } from '@/server/batches'
import { json } from '@/server/http'
import { route } from '@/server/route'

export const POST = route({ body: json(startBatchSchema) }, ({ body, now }) => startBatch(body, now))
