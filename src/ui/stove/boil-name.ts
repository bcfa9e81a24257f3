import type { BoilView } from '@/contract/cook'

/** "Rhubarb, boil 1 of 3", "boil 2 of 2"; empty where the batch is one boil. */
export function boilName({ label, number, plan }: Pick<BoilView, 'label' | 'number' | 'plan'>): string {
  const { length } = plan.boils
  if (length === 1) return ''
  const named = /^\d/.test(label) ? '' : label
  return [named, `boil ${number} of ${length}`].filter(Boolean).join(', ')
}
