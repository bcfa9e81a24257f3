import { exportIngredients, importIngredients } from '@/server/files'
import { answer, download, readText } from '@/server/http'

const MOST_BYTES = 2 * 1024 * 1024

export const GET = () => answer(async () => download(await exportIngredients(), 'text/csv', 'imbry-ingredients.csv'))

export const POST = (request: Request) =>
  answer(async () => Response.json(await importIngredients(await readText(request, ['text/csv'], MOST_BYTES))))
