import { redirect } from 'next/navigation'
import { isFurnished, type KitchenView } from '@/contract/kitchen'
import { kitchen } from '@/server/kitchen'

/** The kitchen, or the first-run page while it lacks what a batch is sized with. */
export async function furnishedKitchen(): Promise<KitchenView> {
  const things = await kitchen()
  if (!isFurnished(things)) redirect('/welcome')
  return things
}
