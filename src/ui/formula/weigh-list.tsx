'use client'

import type { KitchenView } from '@/contract/kitchen'
import {
  type BatchPlan,
  type FormulaDocument,
  filledGroups,
  type GramsByLine,
  inGrams,
  ingredientIn,
  type Line,
  nameOfLine,
  packsIn,
  piecesOf,
  scaleGrams,
  weighsFine,
} from '@/core'
import { useSay } from '@/ui/shell/preferences'
import { formatShare, proseIn, type Say, sayPacks } from '@/words'

interface Props {
  readonly formula: FormulaDocument
  readonly plan: BatchPlan
  readonly priced: KitchenView['ingredient']
}

/** What to weigh, in the order it goes in; for one boil where there are several. */
export function WeighList({ formula, plan, priced }: Props) {
  const say = useSay()
  const total = Object.values(plan.grams).reduce((a, b) => a + b, 0)
  const pieces = piecesOf(formula).filter((p) => p.formula.lines.length > 0)
  const alone = pieces.length === 1
  const boils = alone ? plan.boils.length : 1
  const cost = costOf(formula, plan.grams, priced)
  return (
    <section aria-labelledby="weigh" className="sheet flex flex-col px-5 py-4">
      <h2 id="weigh" className="casual flex items-baseline justify-between gap-3 text-title font-bold">
        Weigh
        {boils > 1 && <span className="text-small font-medium text-muted">for each of {boils} boils</span>}
      </h2>
      {pieces.map((piece) => {
        const own = plan.boils.filter((b) => b.part === piece.part)
        const each = own[0]?.share ?? 1
        return (
          <div key={piece.part ?? 'whole'}>
            {!alone && (
              <h3 className="casual mt-4 flex items-baseline justify-between text-main font-bold">
                {piece.part === null ? 'The rest' : piece.label}
                {own.length > 1 && (
                  <span className="text-fine font-medium text-muted">for each of {own.length} boils</span>
                )}
              </h3>
            )}
            <Groups formula={piece.formula} grams={scaleGrams(plan.grams, each)} total={total * each} />
          </div>
        )
      })}
      <p className="mt-auto flex justify-between pt-4 text-small text-muted">
        <span>Altogether</span>
        <span className="figures">
          {say.weight(inGrams(total / boils))}
          {boils > 1 && ` × ${boils}`}
        </span>
      </p>
      {cost && (
        <p className="flex justify-between pt-1 text-small text-muted">
          <span>
            Costs, of {cost.priced} priced in {cost.of}
          </span>
          <span className="figures">{cost.sum.toFixed(2)}</span>
        </p>
      )}
    </section>
  )
}

function Groups({ formula, grams, total }: { formula: FormulaDocument; grams: GramsByLine; total: number }) {
  const say = useSay()
  return filledGroups(formula).map((group) => (
    <table key={group.id} className="mt-2.5 w-full border-collapse">
      <caption className="border-b border-line pb-1.5 text-left text-fine font-semibold text-muted">
        {proseIn(group.label, say)}
      </caption>
      <tbody>
        {formula.lines
          .filter((l) => l.group === group.id)
          .map((line) => {
            const g = grams[line.id] ?? 0
            return (
              <tr key={line.id} className="border-b border-line">
                <th scope="row" className="py-[7px] text-left text-body font-normal">
                  {nameOfLine(formula, line)}
                  {line.note && <span className="block text-fine text-muted">{noteOf(formula, line, g, say)}</span>}
                </th>
                <td className="figures py-[7px] pl-2 text-right text-body whitespace-nowrap">
                  {weighed(formula, line, g, say)}
                </td>
                <td className="figures w-[72px] py-2 pl-2 text-right text-small whitespace-nowrap text-muted">
                  {formatShare(g / total)}
                </td>
              </tr>
            )
          })}
      </tbody>
    </table>
  ))
}

/** A line's note in the reader's units; packs it counts are those of this batch. */
export function noteOf(formula: Pick<FormulaDocument, 'own'>, line: Line, grams: number, say: Say): string {
  const packs = packsIn(line.note ?? '', ingredientIn(formula, line.ingredient), line.grams, grams)
  return packs ? sayPacks(packs) : proseIn(line.note ?? '', say)
}

/** A line's grams as they are weighed: finer where a little matters. */
export const weighed = (formula: Pick<FormulaDocument, 'own'>, line: Line, grams: number, say: Say): string =>
  weighsFine(ingredientIn(formula, line.ingredient)) ? say.fineWeight(inGrams(grams)) : say.weight(inGrams(grams))

/** What the ingredients with a price come to; null where none has one. */
function costOf(
  formula: FormulaDocument,
  grams: GramsByLine,
  priced: KitchenView['ingredient'],
): { sum: number; priced: number; of: number } | null {
  const prices = new Map(
    priced.flatMap((p) => (p.pricePerKg === null ? [] : [[p.ingredient.id, p.pricePerKg] as const])),
  )
  const lines = piecesOf(formula).flatMap((p) => p.formula.lines)
  const known = lines.filter((l) => prices.has(l.ingredient))
  if (known.length === 0) return null
  const sum = known.reduce((s, l) => s + ((grams[l.id] ?? 0) / 1000) * (prices.get(l.ingredient) ?? 0), 0)
  return { sum, priced: known.length, of: lines.length }
}
