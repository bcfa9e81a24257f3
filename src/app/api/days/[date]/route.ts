import { newDaySchema, ofDay } from '@/contract/day'
import { setDay } from '@/server/day'
import { json } from '@/server/http'
import { route } from '@/server/route'

/** Writes the day of a date, over the version its writer saw. */
export const PUT = route({ params: ofDay, body: json(newDaySchema) }, ({ params, body }) =>
  setDay(params.date, body.day, body.version),
)
