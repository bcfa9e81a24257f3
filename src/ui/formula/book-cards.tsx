'use client'

import { formatDistanceToNow } from 'date-fns'
import Link from 'next/link'
import type { BookEntry } from '@/contract/book'
import { families, formatGrams, ingredients, schoolLabel } from '@/core'
import { sugarColour } from '@/ui/chart/ladder-scale'
import { useTemperature } from '@/ui/shell/preferences'

/** Names of own ingredients by their id. */
export type OwnNames = Readonly<Record<string, string>>

export const nameOf = (id: string, own: OwnNames): string =>
  (own[id] ?? ingredients.find((i) => i.id === id)?.name ?? id).toLowerCase()

/** A card a formula, its edge in the colour of its target. */
export function BookCards({ entries, own }: { readonly entries: readonly BookEntry[]; readonly own: OwnNames }) {
  return (
    <ul className="grid gap-4 sm:grid-cols-2 xl:grid-cols-3">
      {entries.map((entry) => (
        <Card key={entry.id} entry={entry} own={own} />
      ))}
    </ul>
  )
}

function Card({ entry, own }: { readonly entry: BookEntry; readonly own: OwnNames }) {
  const { say } = useTemperature()
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
            <span className="text-[14px] font-semibold text-muted">{families[entry.family].label}</span>
            {entry.targetC !== null && (
              <span className="casual text-[24px] leading-none font-extrabold text-angelica">{say(entry.targetC)}</span>
            )}
          </span>
          <span className="casual text-[20px] leading-snug font-bold group-hover:underline">{entry.name}</span>
          <span className="text-[15px] leading-snug text-muted">{entry.about}</span>
          <span className="mt-auto pt-2 text-[14px]">
            {schoolLabel(entry.family, entry.school)} · {formatGrams(entry.outGrams)} as written
            {entry.boils > 1 && ` · ${entry.boils} boils`}
            {entry.allergens.length > 0 && ` · ${entry.allergens.join(', ')}`}
          </span>
          <span className="text-[14px] text-muted" suppressHydrationWarning>
            {entry.uses
              ? `${formatGrams(entry.uses.gives)} from what you have: it takes ${formatGrams(entry.uses.grams)} ${nameOf(entry.uses.ingredient, own)} as written`
              : entry.lastCooked
                ? `cooked ${formatDistanceToNow(new Date(entry.lastCooked), { addSuffix: true })}`
                : 'never cooked'}
          </span>
        </span>
      </Link>
    </li>
  )
}
