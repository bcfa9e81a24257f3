/** Plain script, bundled before the tests, that fills the database at DATABASE_URL with what a test begins with. */
import { prepareDatabase } from '../scripts/lib/database'
import { loadBook, loadDemo } from '../scripts/lib/demo-workshop'
import { fillOwn } from '../scripts/lib/own-workshop'

export const fillings = { demo: loadDemo, book: loadBook, own: fillOwn } as const

const { DATABASE_URL = '', HUB_TOKEN = '', FILLING } = process.env
await prepareDatabase(DATABASE_URL, HUB_TOKEN, fillings[FILLING as keyof typeof fillings])
