/** The network between a maker and the app, as something that can be cut. */
import { connect, createServer, type Socket } from 'node:net'
import { freePort } from '../scripts/lib/processes'

export interface Wire {
  /** The app, by way of the wire. */
  readonly url: string
  /** Ends what is on its way, and lets nothing through. */
  kill(): Promise<void>
  /** Lets everything through again. */
  start(): Promise<void>
  close(): Promise<void>
}

export async function wireTo(app: string): Promise<Wire> {
  const port = (await freePort()) as number
  const open = new Set<Socket>()
  let whole = true
  const keep = (socket: Socket): void => {
    open.add(socket)
    socket.on('error', () => socket.destroy())
    socket.on('close', () => open.delete(socket))
  }
  const server = createServer((near) => {
    if (!whole) return void near.destroy()
    const far = connect(Number(new URL(app).port), '127.0.0.1')
    keep(near)
    keep(far)
    near.pipe(far).pipe(near)
    near.on('close', () => far.destroy())
    far.on('close', () => near.destroy())
  })
  await new Promise<void>((done) => server.listen(port, '127.0.0.1', done))
  const cut = (): void => {
    whole = false
    for (const socket of open) socket.destroy()
  }
  return {
    url: `http://127.0.0.1:${port}`,
    kill: async () => cut(),
    start: async () => {
      whole = true
    },
    close: async () => {
      cut()
      await new Promise((done) => server.close(done))
    },
  }
}
