/** JSON that comes in: complete, sound, and of the right shape. */

import type { z } from 'zod'
import { firstProblem } from '@/contract/text'
import { Problem } from './problem'

/** Parses one JSON text against a schema. */
export function parseJson<T>(text: string, schema: z.ZodType<T>, where = 'The body'): T {
  const parsed = schema.safeParse(readJson(text, where))
  if (!parsed.success) throw new Problem(400, `${where}: ${firstProblem(parsed.error)}`)
  return parsed.data
}

/** Deeper than any document of ours. */
const DEEPEST = 40

/** JSON that is complete, and sound. */
function readJson(text: string, where: string): unknown {
  let value: unknown
  try {
    value = JSON.parse(text)
  } catch {
    throw new Problem(400, `${where} is not complete JSON`)
  }
  checkSound(value, where)
  return value
}

/** @throws Problem 400 for what is too deep or has half characters: what is made of it could not be stored or shown. */
export function checkSound(value: unknown, where: string): void {
  const left: [unknown, number][] = [[value, 0]]
  for (let next = left.pop(); next; next = left.pop()) {
    const [at, depth] = next
    if (depth > DEEPEST) throw new Problem(400, `${where} is nested too deep`)
    if (typeof at === 'string' && !isWhole(at)) throw new Problem(400, `${where} has half a character in it`)
    if (typeof at === 'object' && at !== null)
      for (const [key, inner] of Object.entries(at)) left.push([key, depth], [inner, depth + 1])
  }
}

/** Half of a pair of code units is no character: no page could show it, nor a database give it back. */
const isWhole = (text: string): boolean => !/\p{Surrogate}/u.test(text)
