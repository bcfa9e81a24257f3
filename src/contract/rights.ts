/** What each address asks for. */
import type { Role } from './roles'

/** Whoever may come in without being known: to sign in, to be told that Imbry is on, and devices, which have tokens. */
export type Asks = Role | 'anybody' | 'device'

/** What each address asks for, by method; a page is read by GET. An address that is not here is the owner's alone. */
export const rights: readonly { readonly path: string; readonly read?: Asks; readonly write?: Asks }[] = [
  { path: '/api/health', read: 'anybody' },
  { path: '/api/session', read: 'anybody', write: 'anybody' },
  { path: '/api/owner', write: 'anybody' },
  { path: '/sign-in', read: 'anybody' },
  { path: '/icon.svg', read: 'anybody' },
  { path: '/api/probes/[channel]/readings', write: 'device' },
  { path: '/api/probes/[channel]/cook', read: 'device' },
  { path: '/api/scales/[channel]/weights', write: 'device' },
  { path: '/api/scales/[channel]/wanted', read: 'device', write: 'cook' },
  { path: '/api/barometers/[channel]/pressure', write: 'device' },
  { path: '/', read: 'looker-on' },
  { path: '/stove', read: 'looker-on' },
  { path: '/stove/[boil]', read: 'looker-on' },
  { path: '/formulas', read: 'looker-on' },
  { path: '/formulas/[id]', read: 'looker-on' },
  { path: '/formulas/[id]/revisions', read: 'looker-on' },
  { path: '/formulas/[id]/edit', read: 'owner' },
  { path: '/formulas/[id]/balance', read: 'owner' },
  { path: '/formulas/new', read: 'owner' },
  { path: '/day', read: 'looker-on' },
  { path: '/api/days/[date]', write: 'cook' },
  { path: '/logbook', read: 'looker-on' },
  { path: '/logbook/[batch]', read: 'looker-on' },
  { path: '/logbook/beside', read: 'looker-on' },
  { path: '/logbook/recall', read: 'looker-on' },
  { path: '/logbook/[batch]/label', read: 'looker-on' },
  { path: '/api/batches/[id]/lots', write: 'cook' },
  { path: '/api/batches/[id]/pictures', write: 'cook' },
  { path: '/api/batches/[id]/pictures/[picture]', read: 'looker-on', write: 'cook' },
  { path: '/kitchen', read: 'looker-on' },
  { path: '/kitchen/screens', read: 'owner' },
  { path: '/kitchen/taught', read: 'looker-on' },
  { path: '/welcome', read: 'owner' },
  { path: '/api/boils/stream', read: 'looker-on' },
  { path: '/api/scales/[channel]/stream', read: 'looker-on' },
  { path: '/api/logbook', read: 'looker-on', write: 'owner' },
  { path: '/api/logbook/export', read: 'owner' },
  { path: '/api/backup', read: 'owner' },
  { path: '/api/logbook/reminders', read: 'looker-on' },
  { path: '/api/boils/[id]/export', read: 'looker-on' },
  { path: '/api/formulas/[id]/export', read: 'looker-on' },
  { path: '/api/batches', write: 'cook' },
  { path: '/api/batches/[id]/boils', write: 'cook' },
  { path: '/api/batches/[id]/verdict', write: 'cook' },
  { path: '/api/boils/[id]/acts', write: 'cook' },
  { path: '/api/boils/[id]/readings', write: 'cook' },
  { path: '/api/formulas', write: 'owner' },
  { path: '/api/formulas/[id]/revisions', write: 'owner' },
  { path: '/api/book', read: 'owner', write: 'owner' },
  { path: '/api/ingredients', read: 'owner', write: 'owner' },
  { path: '/api/kitchen/[kind]/[id]', write: 'owner' },
  { path: '/api/screens', read: 'owner', write: 'owner' },
  { path: '/api/screens/[id]', write: 'owner' },
]

const patterns = rights.map((r) => ({ ...r, pattern: new RegExp(`^${r.path.replace(/\[\w+\]/g, '[^/]+')}$`) }))

/** What a request asks for. A fixed address goes before one with a part that varies. */
export function asksFor(method: string, path: string): Asks {
  const plain = path.length > 1 ? path.replace(/\/$/, '') : path
  const found = patterns.find((p) => p.path === plain) ?? patterns.find((p) => p.pattern.test(plain))
  return (method === 'GET' || method === 'HEAD' ? found?.read : found?.write) ?? 'owner'
}
