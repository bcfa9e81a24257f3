/** One process of the app: the built pages and routes behind the door. `scripts/lib/app.ts` starts it and ends it. */
import { readFileSync } from 'node:fs'
import next from 'next'
import { closeDoor, openDoor } from '@/door/door'
import { ownHosts } from '@/door/hosts'

async function main(): Promise<void> {
  const listen = process.env.IMBRY_LISTEN ?? '127.0.0.1'
  const port = Number(process.env.PORT)
  const { IMBRY_TLS_CERT: cert, IMBRY_TLS_KEY: key } = process.env
  const app = next({ dev: false, hostname: listen, port })
  await app.prepare()
  const door = openDoor(app.getRequestHandler(), {
    hosts: ownHosts(process.env.IMBRY_HOSTS, listen),
    tls: cert && key ? { cert: readFileSync(cert, 'utf8'), key: readFileSync(key, 'utf8') } : null,
  })
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const)
    process.on(signal, () => {
      // whatever runs is not waited for longer than this
      setTimeout(() => process.exit(0), 3000).unref()
      void closeDoor(door).then(() => process.exit(0))
    })
  door.listen(port, listen)
}

main().catch((error: Error) => {
  console.error(error.message)
  process.exit(1)
})
