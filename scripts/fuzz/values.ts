/** Values nobody would send, and small changes to those somebody would. Shares nothing with what it tries. */

export type Random = () => number

export const pick = <T>(random: Random, of: readonly T[]): T => of[Math.floor(random() * of.length)] as T

export const NASTY_TEXTS = [
  '',
  ' ',
  '\u0000',
  '\u202e\u2066',
  '\ud83c',
  '🍬'.repeat(60),
  'a'.repeat(201),
  'a'.repeat(30_000),
  '<script>alert(1)</script>',
  "'; DROP TABLE boils; --",
  '%s%n%00',
  '../../etc/passwd',
  '__proto__',
  'constructor',
  'toString',
  'NaN',
  '1e999',
  '=HYPERLINK("x")',
  'line\r\nSet-Cookie: a=b',
  '2026-13-45T99:99:99.999Z',
  '+011476-01-01T00:00:00.000Z',
  '0000-01-01T00:00:00.000Z',
  'sugar',
  'quînce',
  'UPPER',
  'New',
  'new',
] as const

const NASTY_NUMBERS = [
  0,
  -0,
  -1,
  1,
  0.5,
  5e-324,
  1e-9,
  1e-5,
  0.001,
  0.05,
  0.1,
  0.3,
  2,
  3,
  7,
  40,
  99.9999,
  200,
  999,
  1000,
  2000,
  3000,
  5000,
  99_999,
  100_000,
  100_001,
  604_800,
  2 ** 31,
  2 ** 53,
  1e12,
  1e300,
  1.7e308,
  -273.15,
  -1e9,
] as const

const anything = (random: Random): unknown =>
  pick<() => unknown>(random, [
    () => pick(random, NASTY_TEXTS),
    () => pick(random, NASTY_NUMBERS),
    () => null,
    () => true,
    () => [],
    () => ({}),
    () => ({ toString: 1, __proto__: null, length: -1 }),
    () => Array.from({ length: 300 }, () => 1),
    () => deep(Math.floor(random() * 60)),
  ])()

const deep = (n: number): unknown => (n === 0 ? 1 : [deep(n - 1)])

/** `value` with a few leaves changed: numbers to the edges of what can be, texts to what cannot, keys dropped and added. */
export function mutated(value: unknown, random: Random, times = 1 + Math.floor(random() * 3)): unknown {
  let made = structuredClone(value)
  for (let i = 0; i < times; i++) made = mutatedOnce(made, random)
  return made
}

function mutatedOnce(value: unknown, random: Random): unknown {
  if (typeof value !== 'object' || value === null || random() < 0.02) return leaf(value, random)
  const keys = Object.keys(value)
  if (keys.length === 0) return random() < 0.5 ? anything(random) : value
  const key = pick(random, keys)
  const holder = value as Record<string, unknown>
  const turn = random()
  if (turn < 0.08) delete holder[key]
  else if (turn < 0.14) holder[pick(random, NASTY_TEXTS.slice(10, 20))] = anything(random)
  else if (turn < 0.2 && Array.isArray(value)) Array.prototype.push.call(value, structuredClone(pick(random, value)))
  else holder[key] = mutatedOnce(holder[key], random)
  return value
}

function leaf(value: unknown, random: Random): unknown {
  if (random() < 0.15) return anything(random)
  if (typeof value === 'number')
    return random() < 0.5 ? pick(random, NASTY_NUMBERS) : value * pick(random, [-1, 0.01, 0.5, 2, 10, 1000, 1 + 1e-9])
  if (typeof value === 'string') return random() < 0.7 ? pick(random, NASTY_TEXTS) : `${value}${value}`
  if (typeof value === 'boolean') return !value
  return anything(random)
}
