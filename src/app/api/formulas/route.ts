import { newFormulaSchema } from '@/contract/book'
import { addFormula } from '@/server/formulas'
import { answer, FORMULA_BYTES, readWrite } from '@/server/http'

export const POST = (request: Request) =>
  answer(async () => {
    const { document, write } = await readWrite(request, newFormulaSchema, FORMULA_BYTES)
    return Response.json(await addFormula(document, write, new Date()), { status: 201 })
  })
