/** A command that works on the one file it is given, and says in a sentence how it went. */
import { stopAll } from './processes'

export function onFile(usage: string, work: (file: string) => Promise<string>): void {
  const [file, ...more] = process.argv.slice(2)
  const done = file && more.length === 0 ? work(file) : Promise.reject(new Error(`Say which file: ${usage}`))
  done.then(
    (said) => console.log(said),
    async (error: Error) => {
      await stopAll()
      console.error(error.message)
      process.exitCode = 1
    },
  )
}
