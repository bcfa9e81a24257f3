/** Every way in, found in the folder of routes and pages; and for each something that might be sent to it. */
import { readdirSync } from 'node:fs'
import { ulid } from 'ulid'
import type { FormulaDocument } from '@/core'
import { demoFormulas } from '@/demo/formulas'
import { demoThings } from '@/demo/kitchen'
import { mutated, NASTY_TEXTS, pick, type Random } from './values'

/** What has been made so far, to be asked for again. */
export interface Known {
  readonly batches: string[]
  readonly boils: string[]
  readonly formulas: string[]
}

export interface Asked {
  readonly method: string
  readonly path: string
  readonly headers: Record<string, string>
  readonly body: string
}

/** Addresses of `src/app`, as "/api/boils/[id]/acts". */
export const doors: readonly string[] = (readdirSync('src/app', { recursive: true }) as string[])
  .filter((f) => /(^|\/)(route\.ts|page\.tsx)$/.test(f))
  .map((f) => `/${f.replace(/\/?(route\.ts|page\.tsx)$/, '').replace(/\(\w+\)\/?/g, '')}`.replace(/(.)\/$/, '$1'))
  .sort()

const formulas = Object.entries(demoFormulas) as [string, FormulaDocument][]
const KINDS = Object.keys(demoThings)
const CHANNELS = ['quick-probe', 'second-probe', 'third-probe', 'short-probe', 'bench-scale', 'quay-barometer']

type Make = (random: Random, known: Known) => unknown

const batch: Make = (random, known) => {
  const [formula, document] = pick(random, formulas)
  return {
    id: random() < 0.1 ? pick(random, [...known.batches, ulid()]) : ulid(),
    boilId: random() < 0.1 ? pick(random, [...known.boils, ulid()]) : ulid(),
    formula: random() < 0.3 ? pick(random, [...known.formulas, formula]) : formula,
    revision: 1,
    size: pick(random, [
      { by: 'pieces', pieces: 144 },
      { by: 'weight', grams: 900 },
      { by: 'vessels', count: 1 },
      { by: 'ingredient', line: document.lines[0]?.id ?? 'sugar', grams: 400 },
    ]),
    shape: pick(random, formulas)[1].shape,
    room: pick(random, demoThings.room).id,
    pot: pick(random, demoThings.pot).id,
    burner: pick(random, demoThings.burner).id,
    vessel: pick(random, [null, ...demoThings.vessel.map((v) => v.id)]),
    channel: pick(random, [null, ...CHANNELS]),
    thermometer: null,
    rate: 1,
  }
}

const act: Make = (random) => ({
  id: ulid(),
  at: new Date(Date.now() + 4000 * random()).toISOString(),
  act: pick<object>(random, [
    { type: 'heat', dial: 7 },
    { type: 'lid', on: true },
    { type: 'step', step: pick(random, pick(random, formulas)[1].steps).id },
    { type: 'pulled', step: pick(random, pick(random, formulas)[1].steps).id, celsius: 118 },
    { type: 'test', test: 'drop', result: 'firm-ball' },
    { type: 'reads', celsius: 111 },
    { type: 'note', text: 'smells of toast' },
    { type: 'correction', celsius: 1.5 },
    { type: 'did', what: 'stirred' },
    { type: 'lies', on: { name: 'marble', kind: 'stone', thicknessMm: 30 } },
    { type: 'measures', depthMm: 14 },
    { type: 'feels', touch: 'warm' },
    { type: 'stands', times: 2.4 },
    { type: 'made', pieces: 12 },
    { type: 'texture', texture: 'ribbon' },
    { type: 'stuck' },
    { type: 'weighed', grams: { sugar: 401 } },
    { type: 'yields', pieces: 40, seconds: 3, trimGrams: 25 },
    { type: 'moved', of: ulid(), to: 40 },
    { type: 'amended', of: ulid(), act: { type: 'reads', celsius: 90 } },
    { type: 'undo', of: ulid() },
    { type: 'finished' },
    { type: 'abandoned', reason: 'burned' },
  ]),
})

const formulaWrite: Make = (random) => ({ write: ulid(), from: 1, document: pick(random, formulas)[1] })

const lines = (make: () => object, random: Random): string =>
  Array.from({ length: 1 + Math.floor(random() * 4) }, () => JSON.stringify(mutatedSometimes(make(), random))).join(
    '\n',
  )

const mutatedSometimes = (value: unknown, random: Random): unknown => (random() < 0.3 ? value : mutated(value, random))

const judged = (random: Random) => ({
  tasting: pick(random, [null, { scales: { bite: 3, grain: 1 }, pieceGrams: 9 }, { scales: { bite: 9 } }]),
  flaws: pick(random, [[], ['grained'], ['no such flaw']]),
  binned: pick(random, [null, { pieces: 3, reason: 'sticky' }]),
  kept: pick(random, [[], [{ days: 7, stick: 2, note: '' }], [{ days: 8, note: '' }]]),
})

/** Bodies by address: JSON to be changed a little, or a text as it is. */
const bodies: Record<string, Make> = {
  '/api/batches': batch,
  '/api/batches/[id]/boils': (random) => ({ id: ulid(), number: 1 + Math.floor(3 * random()), rate: 1 }),
  '/api/batches/[id]/verdict': (random) => ({
    note: 'fine',
    score: pick(random, [1, 3, 5, null]),
    judged: judged(random),
    from: {
      note: pick(random, ['', 'fine']),
      score: pick(random, [null, 1, 3, 5]),
      judged: { tasting: null, flaws: [], binned: null, kept: [] },
    },
  }),
  '/api/batches/[id]/lots': (random) => ({
    uses: pick(random, [[], [{ lot: 'sugar-a', grams: 100 }], [{ lot: 'no-such', grams: -1 }]]),
  }),
  '/api/days/[date]': (random) => ({
    day: {
      from: '08:00',
      by: pick(random, ['16:30', '24:10']),
      room: 'quay',
      cooks: pick(random, [1, 2, 9]),
      items: pick(random, [
        [],
        [
          {
            id: 'a',
            formula: 'orchard-toffee',
            size: pick(random, [
              { by: 'pieces', pieces: 80 },
              { by: 'weight', grams: 900 },
              { by: 'pieces', pieces: 1e9 },
            ]),
          },
        ],
      ]),
      began: {},
      ended: {},
      who: {},
      pins: {},
      meant: {},
      ways: {},
      lost: [],
      spared: {},
      away: {},
      boils: {},
    },
    version: pick(random, [0, 1, 2]),
  }),
  '/api/boils/[id]/acts': act,
  '/api/boils/[id]/readings': (random) =>
    `time,temp\n${Array.from({ length: 5 }, (_, i) => `${pick(random, [i, i, i, 1e15, -5, '2026-11-26T08:00:00Z', 'x'])},${pick(random, [99, 100, 1e9, '', '="x"'])}`).join('\n')}`,
  '/api/book': (random) => ({
    format: 'imbry-formulas',
    version: 1,
    formulas: [
      { address: pick(random, ['fuzz-a', 'fuzz-b', 'new', ...NASTY_TEXTS]), document: pick(random, formulas)[1] },
    ],
  }),
  '/api/ingredients': (random) =>
    `name,id,sucrose,fat\n${pick(random, [...NASTY_TEXTS, 'Pine'])},${pick(random, ['pine', 'sugar', '', '__proto__'])},${pick(random, [10, 101, 'x', '1e9'])},0`,
  '/api/formulas': formulaWrite,
  '/api/formulas/[id]/revisions': formulaWrite,
  '/api/kitchen/[kind]/[id]': (random) => {
    const { id: _, ...facts } = pick(
      random,
      demoThings[pick(random, KINDS) as keyof typeof demoThings] as { id: string }[],
    )
    return facts
  },
  '/api/probes/[channel]/readings': (random) =>
    lines(() => ({ id: ulid(), at: new Date().toISOString(), celsius: 100 }), random),
  '/api/scales/[channel]/weights': (random) =>
    lines(() => ({ id: ulid(), at: new Date().toISOString(), grams: 100 }), random),
  '/api/scales/[channel]/wanted': () => ({ grams: 120 }),
  '/api/barometers/[channel]/pressure': () => ({ at: new Date().toISOString(), hPa: 1000 }),
}

const queries: Record<string, (random: Random, known: Known) => string> = {
  '/api/boils/stream': (random, known) =>
    `?after=${pick(random, [...known.boils, ulid()])}.${pick(random, ['0.0', '1.1', '999999999999999.0', 'x'])}`,
  '/api/logbook': (random) =>
    `?after=${encodeURIComponent(pick(random, [`2026-11-24T10:00:00.000Z ${ulid()}`, ...NASTY_TEXTS.map(wellFormed)]))}`,
  '/api/boils/[id]/export': (random) =>
    `?as=${pick(random, ['csv', 'json', 'pdf'])}&format=${pick(random, ['csv', 'json', ''])}`,
  '/formulas': (random) =>
    `?q=${encodeURIComponent(wellFormed(pick(random, [...NASTY_TEXTS, '400 g cream'])))}&page=${pick(random, [1, 1000, -1, 'x'])}&sort=${pick(random, ['name', 'cooked', 'x'])}&from=${pick(random, ['', 'NaN', 100])}&without=${pick(random, ['milk', 'gold', ','])}`,
}

const wellFormed = (text: string): string => text.replace(/\p{Surrogate}/gu, '?')

function part(name: string, random: Random, known: Known): string {
  const nasty = random() < 0.12
  const raw = nasty
    ? pick(random, [
        '%ff',
        '%00',
        '%2e%2e%2fx',
        '%F0%9F%8D',
        ...NASTY_TEXTS.map((t) => encodeURIComponent(wellFormed(t).slice(0, 300))),
      ])
    : pick(
        random,
        {
          '[kind]': KINDS,
          '[date]': ['2026-11-26', '2026-13-40', 'today'],
          '[picture]': ['01JD3M9Q6S8ZK3V3N8C0A7T4QX'],
          '[channel]': CHANNELS,
          '[batch]': [...known.batches, ulid()],
          '[boil]': [...known.boils, ulid()],
        }[name] ?? [
          ...known.batches,
          ...known.boils,
          ...known.formulas,
          ...formulas.map(([id]) => id),
          ...demoThings.pot.map((p) => p.id),
        ],
      )
  return raw || 'x'
}

/** An id that suits the address, most of the time. */
function filled(door: string, random: Random, known: Known): string {
  const own = door.startsWith('/api/batches/') ? known.batches : door.startsWith('/api/boils/') ? known.boils : null
  return door.replace(/\[\w+\]/g, (name) =>
    name === '[id]' && own && own.length > 0 && random() < 0.85 ? pick(random, own) : part(name, random, known),
  )
}

const METHODS = ['GET', 'HEAD', 'POST', 'PUT', 'DELETE', 'PATCH', 'OPTIONS', 'TRACE'] as const

const HEADERS: readonly (readonly [string, string])[] = [
  ['cookie', 'zone=Nowhere/Nothing; units=x-y-z; theme=<b>'],
  ['cookie', 'zone=%ff; units=F-oz-in'],
  ['cookie', `units=${'a'.repeat(3000)}`],
  ['cookie', 'session=guess; imbry=guess'],
  ['rsc', '1'],
  ['next-router-state-tree', '%5B%22%22%5D'],
  ['next-router-state-tree', 'nonsense'],
  ['next-router-prefetch', '1'],
  ['next-action', 'abcdef'],
  ['x-middleware-subrequest', 'src/proxy:src/proxy'],
  ['x-forwarded-host', 'evil.example'],
  ['x-imbry-client', 'me'],
  ['range', 'bytes=0-1'],
  ['if-none-match', '*'],
  ['accept', 'nothing/at-all'],
  ['accept-encoding', 'br;q=x, zstd'],
  ['accept-language', '*;q=9'],
  ['origin', 'http://evil.example'],
  ['origin', 'null'],
  ['host', 'evil.example'],
  ['content-type', 'multipart/form-data; boundary=x'],
  ['content-type', 'text/plain'],
  ['transfer-encoding', 'chunked'],
  ['authorization', 'Bearer guess'],
  ['authorization', 'Basic !!!'],
  ['expect', '100-continue'],
  ['upgrade', 'websocket'],
]

/** A request out of the seed. */
export function askedOf(random: Random, known: Known, token: string): Asked {
  const door = pick(random, doors)
  const body = bodies[door]
  const made =
    body && random() < 0.95
      ? body(random, known)
      : pick<unknown>(random, [undefined, '{', 'null', '[]', 'x'.repeat(100_000)])
  const isText = typeof made === 'string'
  const text = made === undefined ? '' : isText ? made : JSON.stringify(mutatedSometimes(made, random))
  const method =
    body && random() < 0.85
      ? /kitchen|verdict|wanted|lots|days/.test(door)
        ? pick(random, ['PUT', 'PUT', 'PUT', 'DELETE'])
        : 'POST'
      : random() < 0.75
        ? 'GET'
        : pick(random, METHODS)
  const headers: Record<string, string> = {
    'content-type': /readings|ingredients/.test(door) && !/probes/.test(door) ? 'text/csv' : 'application/json',
    ...(random() < 0.8 && /probes|scales|barometers/.test(door) && { authorization: `Bearer ${token}` }),
  }
  for (let n = random() < 0.3 ? 1 + Math.floor(3 * random()) : 0; n > 0; n--) {
    const [name, value] = pick(random, HEADERS)
    headers[name] = value
  }
  const cut = random() < 0.03 ? text.slice(0, Math.floor(random() * text.length)) : text
  return { method, path: filled(door, random, known) + (queries[door]?.(random, known) ?? ''), headers, body: cut }
}
