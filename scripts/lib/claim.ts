/** One Imbry a data folder: whoever opens one holds a socket named after it for as long as it lives. */
import { rmSync } from 'node:fs'
import { connect, createServer } from 'node:net'
import { dataFolder, socketOf, type WorkshopName } from './data-folder'

/** Opens a workshop's folder, then fetches what it takes to open the workshop: a second start is told before that. */
export async function claimed(name: WorkshopName, open: () => Promise<void>): Promise<void> {
  try {
    await claimFolder(dataFolder(name))
    await open()
  } catch (error) {
    console.error(`\n${(error as Error).message}`)
    process.exit(1)
  }
}

/** @throws Error with a sentence, at once, where another Imbry has the folder open. */
export async function claimFolder(folder: string): Promise<void> {
  const path = socketOf(folder).replace(/sock$/, 'on')
  if (await listens(path))
    throw new Error(
      `Imbry is on already with the data in ${folder}. Stop that one, or give this one a folder of its own: IMBRY_DATA=… and another PORT.`,
    )
  // left by one that was killed
  rmSync(path, { force: true })
  await new Promise<void>((resolve, reject) => {
    const server = createServer((socket) => socket.end())
    server.once('error', reject)
    server.listen(path, () => {
      server.unref()
      resolve()
    })
  })
}

const listens = (path: string): Promise<boolean> =>
  new Promise((resolve) => {
    const socket = connect(path)
    socket.once('connect', () => {
      socket.destroy()
      resolve(true)
    })
    socket.once('error', () => resolve(false))
  })
