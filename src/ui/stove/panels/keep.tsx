'use client'

import { type Analysis, type Conditions, type FormulaDocument, pieceOf, wrapBy } from '@/core'
import { useSay } from '@/ui/shell/preferences'
import { filmNames, sayDays, sayKeeping } from '@/words'
import { Sheet } from './sheet'

interface Props {
  readonly formula: FormulaDocument
  readonly analysis: Analysis
  readonly conditions: Conditions
  readonly pieceGrams: number
  onBack(): void
}

/** The clock of this sweet in this room: bare, wrapped, in the cold. */
export function KeepPanel({ formula, analysis, conditions, pieceGrams, onBack }: Props) {
  const say = useSay()
  const kept = wrapBy(pieceOf(formula, analysis, pieceGrams), conditions)
  return (
    <Sheet title="Keeps" onBack={onBack} scrolls>
      {sayKeeping(kept, say).map(({ text, detail }) => (
        <p key={text} className="px-1 text-body leading-snug">
          <strong className="casual block text-lead leading-tight">{text}</strong>
          {detail}
        </p>
      ))}
      <table className="mt-1 w-full text-body">
        <caption className="pb-1 text-left text-small text-muted">Wrapped, reckoned for this room</caption>
        <tbody>
          {kept.days.map(({ film, days }) => (
            <tr key={film} className="border-t border-line">
              <th scope="row" className="py-1.5 text-left font-normal">
                {filmNames[film]}
              </th>
              <td className="figures py-1.5 text-right font-semibold">{sayDays(days)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Sheet>
  )
}
