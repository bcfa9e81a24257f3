'use client'

import { type Allergen, allergens } from '@/core'
import { Checkbox } from '@/ui/kit/checkbox'

interface Props {
  /** What is in it that can harm somebody; null while it is not said to be such a thing. */
  readonly harms: readonly Allergen[] | null
  onHarms(harms: readonly Allergen[] | null): void
}

/** Something the pantry does not have that goes in whole: its allergens are all that has to be known of it. */
export function WholeThing({ harms, onHarms }: Props) {
  return (
    <div className="mt-2 text-small">
      <Checkbox
        className="text-small font-semibold"
        checked={harms !== null}
        onChange={(on) => onHarms(on ? [] : null)}
      >
        It goes in whole and does not dissolve, like pretzels or crumbs
      </Checkbox>
      {harms && (
        <fieldset>
          <legend>What in it can harm somebody? It stands on its pack.</legend>
          <div className="flex flex-wrap gap-x-4">
            {allergens.map((a) => (
              <Checkbox
                key={a}
                className="text-small"
                checked={harms.includes(a)}
                onChange={(on) => onHarms(on ? [...harms, a] : harms.filter((h) => h !== a))}
              >
                {a}
              </Checkbox>
            ))}
          </div>
        </fieldset>
      )}
    </div>
  )
}
