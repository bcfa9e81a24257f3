'use client'

import type { BookEntry } from '@/contract/book'
import { families, inCelsius, inGrams, ingredients, schoolLabel } from '@/core'
import { sugarColour } from '@/ui/chart/ladder-scale'
import { Link } from '@/ui/kit/link'
import { useSay } from '@/ui/shell/preferences'
import { sayAgo } from '@/words'

/** Names of own ingredients by their id. */
export type OwnNames = Readonly<Record<string, string>>

export const nameOf = (id: string, own: OwnNames): string =>
  (own[id] ?? ingredients.find((i) => i.id === id)?.name ?? id).toLowerCase()

interface Props {
  readonly entries: readonly BookEntry[]
  readonly own: OwnNames
  /** Of the server, ms: what is said to have been so long ago is the same there and here. */
  readonly now: number
}

/** Parts two facts, and stays on the line of the first. */
const DOT = '\u00a0· '

/** A card a formula, its edge in the colour of its target. */
export function BookCards({ entries, own, now }: Props) {
  return (
    <ul className="grid gap-4 sm:grid-cols-2 xl:grid-cols-3">
      {entries.map((entry) => (
        <Card key={entry.id} entry={entry} own={own} now={now} />
      ))}
    </ul>
  )
}

function Card({ entry, own, now }: Omit<Props, 'entries'> & { readonly entry: BookEntry }) {
  const say = useSay()
  return (
    <li>
      <Link href={`/formulas/${entry.id}`} className="sheet group flex h-full overflow-hidden">
        <span
          aria-hidden
          className="w-4 shrink-0"
          style={{ background: entry.targetC === null ? 'var(--muted)' : sugarColour(entry.targetC) }}
        />
        <span className="flex flex-1 flex-col gap-1.5 p-5">
          <span className="flex items-baseline justify-between gap-4">
            <span className="text-small font-semibold text-muted">{families[entry.family].label}</span>
            {entry.targetC !== null && (
              <span className="casual text-large leading-none font-extrabold text-angelica">
                {say.temperature(inCelsius(entry.targetC))}
              </span>
            )}
          </span>
          <span className="casual text-head leading-snug font-bold group-hover:underline">{entry.name}</span>
          <span className="text-body leading-snug text-muted">{entry.about}</span>
          <span className="mt-auto pt-2 text-small">
            {[
              schoolLabel(entry.family, entry.school),
              `${say.weight(inGrams(entry.outGrams))} as written`,
              ...(entry.boils > 1 ? [`${entry.boils} boils`] : []),
              ...(entry.allergens.length > 0 ? [entry.allergens.join(', ')] : []),
            ].join(DOT)}
          </span>
          <span className="text-small text-muted">
            {entry.uses
              ? `${say.weight(inGrams(entry.uses.gives))} from what you have: it takes ${say.weight(inGrams(entry.uses.grams))} ${nameOf(entry.uses.ingredient, own)} as written`
              : entry.lastCooked
                ? `cooked ${sayAgo(entry.lastCooked, now)}`
                : 'never cooked'}
          </span>
        </span>
      </Link>
    </li>
  )
}
