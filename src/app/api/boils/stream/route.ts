import { z } from 'zod'
import { boil, followBoils, parseFollows } from '@/server/cook'
import { route } from '@/server/route'

const query = z.object({ after: z.union([z.string(), z.array(z.string())]) })

export const GET = route({ query }, async ({ query: { after } }) => {
  const from = parseFollows([after].flat())
  await Promise.all([...from.keys()].map(boil))
  return (signal: AbortSignal) => followBoils(from, signal)
})
