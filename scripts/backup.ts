/** `npm run backup FILE`: all of your workshop in one file, while it runs or not. */
import { resolve } from 'node:path'
import { backup } from './lib/backup'
import { dataFolder } from './lib/data-folder'
import { onFile } from './lib/on-file'

onFile('npm run backup FILE', async (file) => {
  await backup(dataFolder('workshop'), file)
  return `Everything in ${dataFolder('workshop')} is now also in ${resolve(file)}. Keep it on another machine.`
})
