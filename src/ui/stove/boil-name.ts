import type { BoilView } from '@/contract/cook'

/** "Rhubarb, boil 1 of 3", "boil 2 of 2"; "Base, 1 of 4" in a batch made part by part; empty where the batch is one boil. */
export function boilName({ label, number, plan }: Pick<BoilView, 'label' | 'number' | 'plan'>): string {
  const { length } = plan.boils
  if (length === 1) return ''
  const named = /^\d/.test(label) ? '' : label
  const partByPart = plan.boils.some((b) => b.part !== null) && plan.boils.every((b) => b.label !== '')
  return [named, `${partByPart ? '' : 'boil '}${number} of ${length}`].filter(Boolean).join(', ')
}
