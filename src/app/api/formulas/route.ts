import { newFormulaSchema } from '@/contract/book'
import { addFormula } from '@/server/formulas'
import { FORMULA_BYTES, json } from '@/server/http'
import { route } from '@/server/route'

export const POST = route(
  { body: json(newFormulaSchema, FORMULA_BYTES), status: 201 },
  ({ body: { document, write }, now }) => addFormula(document, write, now),
)
