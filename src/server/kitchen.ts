import { type KitchenFacts, type KitchenKind, type KitchenView, kitchenSchemas, neededKinds } from '@/contract/kitchen'
import { firstProblem } from '@/contract/text'
import { ingredients } from '@/core'
import { db, listChannels, putThing, readKitchen, removeThing } from '@/db'
import { Problem } from './problem'

/** The kitchen as a browser may see it: channels without their tokens. */
export async function kitchen(): Promise<KitchenView> {
  const [{ things, unreadable }, channels] = await Promise.all([readKitchen(db()), listChannels(db())])
  return {
    ...things,
    unreadable,
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
  if ('pricePerKg' in parsed.data) checkOwn(id, parsed.data.ingredient.id)
  await putThing(db(), kind, id, parsed.data)
  return parsed.data
}

/** An ingredient of one's own is found by its own id, and takes the place of none in the pantry. */
function checkOwn(id: string, named: string): void {
  if (named !== id)
    throw new Problem(400, `The ingredient is called “${named}”, not “${id}”`, 'The kitchen is as it was.')
  if (ingredients.some((i) => i.id === id))
    throw new Problem(409, `“${id}” is in the pantry already`, 'The kitchen is as it was.')
}

export async function dropThing(kind: KitchenKind, id: string): Promise<void> {
  const done = await removeThing(db(), kind, id, neededKinds.includes(kind))
  if (done === 'last') throw new Problem(409, `A kitchen needs at least one ${kind}`, 'It is still there.')
  if (done === 'missing') throw new Problem(404, `The kitchen has no such ${kind}`)
}
