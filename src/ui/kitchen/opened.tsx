'use client'

import type { KitchenFacts, KitchenView } from '@/contract/kitchen'
import { CheckPanel } from './check-panel'
import { sections } from './fields'
import { IngredientDialog } from './ingredient-dialog'
import { PowerPanel } from './power-panel'
import { ThingDialog } from './thing-dialog'

/** Which shelf, those of things or that of the kitchen's own ingredients, and what of it; null for a new one. */
export interface Open {
  readonly section: string
  readonly id: string | null
}

interface Props {
  readonly kitchen: KitchenView
  readonly open: Open
  onClose(done?: string): void
}

/** What is opened of the kitchen: a thing of a shelf, with its checks, or an ingredient. */
export default function Opened({ kitchen, open, onClose }: Props) {
  const section = sections.find((s) => s.id === open.section)
  if (!section)
    return (
      <IngredientDialog
        key={open.id ?? 'new'}
        thing={kitchen.ingredient.find((i) => i.id === open.id) ?? null}
        onClose={onClose}
      />
    )
  const things = kitchen[section.kind] as readonly (KitchenFacts & { id: string })[]
  const thing = things.find((t) => t.id === open.id) ?? null
  return (
    <ThingDialog key={open.id ?? 'new'} section={section} thing={thing} onClose={onClose}>
      {section.kind === 'thermometer' && thing && (
        <CheckPanel
          id={thing.id}
          facts={thing as KitchenFacts<'thermometer'>}
          rooms={kitchen.room}
          channels={kitchen.channels}
        />
      )}
      {section.kind === 'burner' && thing && (
        <PowerPanel
          id={thing.id}
          facts={thing as KitchenFacts<'burner'>}
          pots={kitchen.pot}
          roomC={kitchen.room[0]?.roomC ?? 20}
        />
      )}
    </ThingDialog>
  )
}
