'use client'

import { useRef, useState } from 'react'
import { type CookAct, type FormulaDocument, type Ingredient, inGrams, ingredientById, ingredientIn } from '@/core'
import { NumberField } from '@/ui/kit/number-field'
import { Select } from '@/ui/kit/select'
import { useSay } from '@/ui/shell/preferences'
import { cautionsInFull } from '@/words'
import { Sheet } from './sheet'

interface Props {
  readonly formula: FormulaDocument
  onBack(): void
  onAct(act: CookAct): void
}

/** ◊ How warm what is put back usually is, °C: water from the kettle, the rest from the shelf. */
export const KETTLE = 90
const SHELF = 20
/** What is reached for when a cook goes wrong. */
const USUAL = ['water', 'cream-36', 'butter', 'glucose-42', 'sugar']

/** Something went in that no step asked for. */
export function AddedPanel({ formula, onBack, onAct }: Props) {
  const say = useSay()
  const mine = formula.lines.map((l) => ingredientIn(formula, l.ingredient))
  const choices = [...new Map([...USUAL.map(ingredientById), ...mine].map((i) => [i.id, i])).values()]
  const [of, setOf] = useState<Ingredient>(choices[0] as Ingredient)
  const [grams, setGrams] = useState<number | null>(null)
  const amount = useRef<HTMLDivElement>(null)
  const celsius = of.id === 'water' ? KETTLE : SHELF
  return (
    <Sheet title="What went in" onBack={onBack} scrolls>
      <Select
        label="What"
        options={choices.map((i) => ({ id: i.id, label: i.name }))}
        value={of.id}
        onPick={(id) => setOf(choices.find((i) => i.id === id) ?? of)}
      />
      <div ref={amount}>
        <NumberField label="How much" as="weight" value={grams} least={1} most={100_000} onValue={setGrams} />
      </div>
      <button
        type="button"
        // how much is being typed counts when its box is left, by this very press
        onClick={() => {
          if (grams === null) amount.current?.querySelector('input')?.focus()
          else onAct({ type: 'added', ingredient: of.id, name: of.name, grams, celsius })
        }}
        className="casual min-h-16 rounded-control bg-bar px-4 text-title font-bold text-on-bar"
      >
        {grams === null ? 'It is in' : `${say.weight(inGrams(grams))} are in`}
      </button>
      <p className="rounded-control bg-lemon p-3 text-body font-semibold text-on-lemon">{cautionsInFull.steam}</p>
    </Sheet>
  )
}
