/** Which names this Imbry answers to. A page elsewhere can make its own name mean this machine; it is not one of these. */
import { hostname, networkInterfaces } from 'node:os'

const LOOPBACK = /^(localhost|127(\.\d{1,3}){3}|\[::1\])$/

/** The name in a Host header without its port, in lower case; null for one that is none. */
export function nameIn(host: string | undefined): string | null {
  const found = /^([a-z0-9._-]+|\[[0-9a-f:.]+\])(?::\d{1,5})?$/i.exec(host ?? '')
  return found ? (found[1] as string).toLowerCase() : null
}

/**
 * Names to answer to beside loopback: what the owner set, with commas between, and where a network is listened on, this
 * machine's own addresses and name.
 */
export function ownHosts(set: string | undefined, listen: string): ReadonlySet<string> {
  const named = (set ?? '')
    .split(',')
    .map((s) => nameIn(s.trim()))
    .filter((s): s is string => s !== null)
  if (isLoopback(listen)) return new Set(named)
  const addresses = Object.values(networkInterfaces()).flatMap((all) =>
    (all ?? []).map((a) => (a.family === 'IPv6' ? `[${a.address.toLowerCase()}]` : a.address)),
  )
  return new Set([...named, ...addresses, hostname().toLowerCase()])
}

/** Whether an address to listen on is reached from this machine alone. */
export const isLoopback = (listen: string): boolean => LOOPBACK.test(listen.includes(':') ? `[${listen}]` : listen)

/** Whether a request for `host` is for us. */
export function answersTo(host: string | undefined, own: ReadonlySet<string>): boolean {
  const name = nameIn(host)
  return name !== null && (LOOPBACK.test(name) || own.has(name))
}
