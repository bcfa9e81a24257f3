import { ofUlid } from '@/contract/text'
import { importCookReadings } from '@/server/cook-files'
import { text } from '@/server/http'
import { route } from '@/server/route'

const MOST_BYTES = 16 * 1024 * 1024

export const POST = route({ params: ofUlid, body: text(['text/csv'], MOST_BYTES) }, ({ params, body }) =>
  importCookReadings(params.id, body),
)
