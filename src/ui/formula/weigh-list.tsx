import { type BatchPlan, type FormulaDocument, formatGrams, formatShare, ingredientById } from '@/core'

interface Props {
  readonly formula: FormulaDocument
  readonly plan: BatchPlan
}

/** What to weigh, in the order it goes in; for one boil where there are several. */
export function WeighList({ formula, plan }: Props) {
  const boils = plan.boils.length
  const total = Object.values(plan.grams).reduce((a, b) => a + b, 0)
  return (
    <section aria-labelledby="weigh" className="sheet flex flex-col px-5 py-4">
      <h2 id="weigh" className="casual flex items-baseline justify-between gap-3 text-[18px] font-bold">
        Weigh
        {boils > 1 && <span className="text-[14px] font-medium text-muted">for each of {boils} boils</span>}
      </h2>
      {formula.groups.map((group) => (
        <table key={group.id} className="mt-2.5 w-full border-collapse">
          <caption className="border-b border-line pb-1.5 text-left text-[13px] font-semibold text-muted">
            {group.label}
          </caption>
          <tbody>
            {formula.lines
              .filter((l) => l.group === group.id)
              .map((line) => {
                const grams = plan.grams[line.id] ?? 0
                return (
                  <tr key={line.id} className="border-b border-line">
                    <th scope="row" className="py-[7px] text-left text-[15px] font-normal">
                      {ingredientById(line.ingredient).name}
                      {line.note && <span className="block text-[13px] text-muted">{line.note}</span>}
                    </th>
                    <td className="figures py-[7px] pl-2 text-right text-[15px] whitespace-nowrap">
                      {formatGrams(grams / boils)}
                    </td>
                    <td className="figures w-[72px] py-2 pl-2 text-right text-[14px] whitespace-nowrap text-muted">
                      {formatShare(grams / total)}
                    </td>
                  </tr>
                )
              })}
          </tbody>
        </table>
      ))}
      <p className="mt-auto flex justify-between pt-4 text-[14px] text-muted">
        <span>Altogether</span>
        <span className="figures">
          {formatGrams(total / boils)}
          {boils > 1 && ` × ${boils}`}
        </span>
      </p>
    </section>
  )
}
