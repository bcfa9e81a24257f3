import { type KitchenFacts, type KitchenKind, type KitchenView, kitchenSchemas, neededKinds } from '@/contract/kitchen'
import { firstProblem } from '@/contract/text'
import { db, listChannels, putThing, readThings, removeThing } from '@/db'
import { Problem } from './problem'

/** The kitchen as a browser may see it: channels without their tokens. */
export async function kitchen(): Promise<KitchenView> {
  const [things, channels] = await Promise.all([readThings(db()), listChannels(db())])
  return {
    ...things,
    room: things.room.toSorted((a, b) => a.altitudeM - b.altitudeM),
    pot: things.pot.toSorted((a, b) => a.litres - b.litres),
    channels: channels.filter((c) => c.kind === 'probe').map(({ id, name }) => ({ id, name })),
    scales: channels.filter((c) => c.kind === 'scale').map(({ id, name }) => ({ id, name })),
  }
}

/** Puts a thing into the kitchen, or changes the one with its id. */
export async function keepThing(kind: KitchenKind, id: string, facts: unknown): Promise<KitchenFacts> {
  const parsed = kitchenSchemas[kind].safeParse(facts)
  if (!parsed.success) throw new Problem(400, firstProblem(parsed.error), 'The kitchen is as it was.')
  await putThing(db(), kind, id, parsed.data)
  return parsed.data
}

export async function dropThing(kind: KitchenKind, id: string): Promise<void> {
  const things = await readThings(db())
  if (neededKinds.includes(kind) && things[kind].length === 1 && things[kind][0]?.id === id)
    throw new Problem(409, `A kitchen needs at least one ${kind}`, 'It is still there.')
  if (!(await removeThing(db(), kind, id))) throw new Problem(404, `The kitchen has no such ${kind}`)
}
