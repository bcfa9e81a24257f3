/** `npm run restore FILE`: a workshop as it was when its backup was made. */
import { resolve } from 'node:path'
import { restore } from './lib/backup'
import { dataFolder } from './lib/data-folder'
import { onFile } from './lib/on-file'

onFile('npm run restore FILE', async (file) => {
  const folder = dataFolder('workshop')
  await restore(folder, file)
  return [
    `The workshop of ${resolve(file)} is in ${folder}. npm start opens it.`,
    `A probe hub needs the token in ${resolve(folder, 'hub-token')}: on a new machine it is a new one.`,
  ].join('\n')
})
