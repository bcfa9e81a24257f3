import { newRevisionSchema } from '@/contract/book'
import { revise } from '@/server/formulas'
import { answer, FORMULA_BYTES, readWrite } from '@/server/http'

export const POST = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async () => {
    const { id } = await params
    return Response.json(await revise(id, await readWrite(request, newRevisionSchema, FORMULA_BYTES), new Date()))
  })
