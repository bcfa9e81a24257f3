import { startBatchSchema } from '@/contract/batch'
import { startBatch } from '@/server/batches'
import { answer, readWrite } from '@/server/http'

export function POST(request: Request) {
  return answer(async () => Response.json(await startBatch(await readWrite(request, startBatchSchema), new Date())))
}
