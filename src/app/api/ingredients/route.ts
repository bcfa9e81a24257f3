import { exportIngredients, importIngredients } from '@/server/files'
import { download, text } from '@/server/http'
import { route } from '@/server/route'

const MOST_BYTES = 2 * 1024 * 1024

export const GET = route({}, async () => download(await exportIngredients(), 'text/csv', 'imbry-ingredients.csv'))

export const POST = route({ body: text(['text/csv'], MOST_BYTES) }, ({ body }) => importIngredients(body))
