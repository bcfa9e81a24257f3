/** One process of the app: the built pages and routes behind the door. `scripts/lib/app.ts` starts it and ends it. */
import { readFileSync } from 'node:fs'
import next from 'next'
import { closeDoor, openDoor } from '@/door/door'
import { isLoopback, ownHosts } from '@/door/hosts'

/** Addresses that stand for all this machine has, loopback among them. */
const ANY = new Set(['0.0.0.0', '::'])

async function main(): Promise<void> {
  const listen = process.env.IMBRY_LISTEN ?? '127.0.0.1'
  const port = Number(process.env.PORT)
  const { IMBRY_TLS_CERT: cert, IMBRY_TLS_KEY: key } = process.env
  const app = next({ dev: false, hostname: listen, port })
  await app.prepare()
  // who knows the screens is fetched only where somebody has to be asked
  const screens = process.env.IMBRY_SIGN_IN === '1' ? await import('@/server/screens') : null
  const openOne = () =>
    openDoor(app.getRequestHandler(), {
      hosts: ownHosts(process.env.IMBRY_HOSTS, listen),
      screens,
      tls: cert && key ? { cert: readFileSync(cert, 'utf8'), key: readFileSync(key, 'utf8') } : null,
    })
  // this machine's own devices speak to it over loopback
  const addresses = new Set(isLoopback(listen) || ANY.has(listen) ? [listen] : [listen, '127.0.0.1'])
  const doors = [...addresses].map((address) => openOne().listen(port, address))
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const)
    process.on(signal, () => {
      // whatever runs is not waited for longer than this
      setTimeout(() => process.exit(0), 3000).unref()
      void Promise.all(doors.map((door) => closeDoor(door))).then(() => process.exit(0))
    })
}

main().catch((error: Error) => {
  console.error(error.message)
  process.exit(1)
})
