import Link from 'next/link'
import { type FormulaDocument, families, formatCount } from '@/core'
import { sugarColour } from '@/ui/chart/ladder-scale'
import { TargetText } from './target-text'

interface Props {
  readonly formulas: readonly { readonly id: string; readonly revision: number; readonly document: FormulaDocument }[]
}

/** The book: a card a formula, its edge in the colour of its target. */
export function Book({ formulas }: Props) {
  return (
    <ul className="grid gap-4 sm:grid-cols-2 xl:grid-cols-3">
      {formulas.map(({ id, document }) => {
        const grams = document.lines.reduce((sum, l) => sum + l.grams, 0)
        return (
          <li key={id}>
            <Link href={`/formulas/${id}`} className="sheet group flex h-full overflow-hidden">
              <span aria-hidden className="w-4 shrink-0" style={{ background: sugarColour(document.target.celsius) }} />
              <span className="flex flex-1 flex-col gap-2 p-5">
                <span className="flex items-baseline justify-between gap-4">
                  <span className="text-[14px] font-semibold text-muted">{families[document.family].label}</span>
                  <span className="casual text-[26px] font-extrabold text-angelica">
                    <TargetText celsius={document.target.celsius} />
                  </span>
                </span>
                <span className="casual text-[21px] leading-snug font-bold group-hover:underline">{document.name}</span>
                <span className="text-[15px] text-muted">{document.about}</span>
                <span className="mt-auto pt-3 text-[14px]">
                  {families[document.family].schools[document.school] ?? document.school} · {document.lines.length}{' '}
                  ingredients · {formatCount(grams)} g as written
                  {document.boils.length > 1 && ` · ${document.boils.length} boils`}
                </span>
              </span>
            </Link>
          </li>
        )
      })}
    </ul>
  )
}
