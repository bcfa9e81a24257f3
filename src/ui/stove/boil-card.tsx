import Link from 'next/link'
import type { BoilView } from '@/contract/cook'
import { families } from '@/core'
import { sugarColour } from '@/ui/chart/ladder-scale'
import { boilName } from './boil-name'

/** A boil that is on: one touch brings it back. */
export function BoilCard({ boil }: { readonly boil: BoilView }) {
  const { formula, conditions } = boil
  return (
    <li>
      <Link href={`/stove/${boil.id}`} className="sheet flex overflow-hidden">
        <span aria-hidden className="w-4 shrink-0" style={{ background: sugarColour(formula.target.celsius) }} />
        <span className="flex flex-col gap-1 p-6">
          <span className="text-[14px] font-semibold text-muted">{families[formula.family].label}</span>
          <span className="casual text-[22px] leading-snug font-bold">{formula.name}</span>
          <span className="text-[15px]">
            {[boilName(boil), `${conditions.pot.name} on the ${conditions.burner.name}`, conditions.room]
              .filter(Boolean)
              .join(' · ')}
          </span>
          <span className="mt-2 font-semibold text-cherry">Back to this cook</span>
        </span>
      </Link>
    </li>
  )
}
