import { db, type KitchenRecord, readKitchen } from '@/db'

export type Kitchen = Omit<KitchenRecord, 'channels'> & { channels: { id: string; name: string }[] }

/** The kitchen as a browser may see it: channels without their tokens. */
export async function kitchen(): Promise<Kitchen> {
  const { channels, ...rest } = await readKitchen(db())
  return { ...rest, channels: channels.map(({ id, name }) => ({ id, name })) }
}
