/** The whole workshop in one file, as `npm run backup` writes it and `npm run restore` takes it. */
import { PassThrough, Readable } from 'node:stream'
import { createGzip } from 'node:zlib'
import { dumpOf } from '@/db'
import { Problem } from './problem'

/** A backup made while it is fetched. A dump that breaks off breaks the download off, so that no half file looks whole. */
export async function backupFile(): Promise<Response> {
  const url = process.env.DATABASE_URL
  if (!url) throw new Problem(503, 'There is no database to back up')
  const dump = dumpOf(url)
  const out = new PassThrough()
  const gzip = createGzip()
  dump.out.pipe(gzip).pipe(out, { end: false })
  out.on('close', dump.stop)
  // whoever fetches it sees it break off; nobody else listens
  out.on('error', () => undefined)
  gzip.on('end', () =>
    dump.done.then(
      () => out.end(),
      (error) => out.destroy(error),
    ),
  )
  dump.done.catch((error) => out.destroy(error))
  // the first bytes tell whether the program is there at all
  await Promise.race([new Promise((first) => dump.out.once('data', first)), dump.done]).catch((error: Error) => {
    throw new Problem(503, `No backup can be made from here: ${error.message}`, '“npm run backup FILE” makes one too.')
  })
  const day = new Date().toISOString().slice(0, 10)
  return new Response(Readable.toWeb(out) as ReadableStream<Uint8Array>, {
    headers: {
      'content-type': 'application/gzip',
      'content-disposition': `attachment; filename="imbry-${day}.sql.gz"`,
    },
  })
}
