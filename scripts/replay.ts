/** `npm run replay FILE`: judges a cook that was exported as JSON, moment by moment, and says what the stove said. */
import { readFileSync } from 'node:fs'
import { cookFileSchema } from '@/contract/cook'
import { onFile } from './lib/on-file'
import { replay } from './lib/replay'

onFile('npm run replay FILE', async (file) => {
  const parsed = cookFileSchema.safeParse(JSON.parse(readFileSync(file, 'utf8')))
  if (!parsed.success) throw new Error(`${file} is not a cook exported as JSON: ${parsed.error.issues[0]?.message}`)
  return replay(parsed.data).join('\n')
})
