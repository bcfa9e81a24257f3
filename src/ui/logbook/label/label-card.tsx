import type { Label } from '@/core'
import { labelIngredients, nutrientRows } from '@/words'

interface Props {
  readonly label: Label
  /** Net weight, code, dates, storage, maker: one line each. */
  readonly lines: readonly string[]
  readonly widthMm: number
  readonly heightMm: number
}

/** One label as it is printed: black on white, whatever the theme. */
export function LabelCard({ label, lines, widthMm, heightMm }: Props) {
  const wide = widthMm > 120
  return (
    <div
      className="flex flex-col overflow-hidden border border-neutral-400 bg-white p-[3mm] text-[2.35mm] leading-[1.22] text-black"
      style={{ width: `${widthMm}mm`, height: `${heightMm}mm` }}
    >
      <p className="casual text-[4.2mm] leading-tight font-extrabold">{label.name}</p>
      <div className={`mt-[1mm] flex min-h-0 flex-1 gap-[3mm] ${wide ? '' : 'flex-row'}`}>
        <div className="flex min-w-0 flex-1 flex-col justify-between gap-[1mm]">
          <p>
            {labelIngredients(label).map((r, i) => (
              <span key={`${i} ${r.text}`} className={r.strong ? 'font-extrabold uppercase' : ''}>
                {r.text}
              </span>
            ))}
            .
          </p>
          <div>
            {lines.map((l) => (
              <p key={l}>{l}</p>
            ))}
          </div>
        </div>
        <table className="h-fit w-[40mm] shrink-0 border border-black text-[2.1mm]">
          <thead>
            <tr className="border-b border-black">
              <th className="px-[1mm] text-left">In</th>
              <th className="px-[1mm] text-right">100 g</th>
              <th className="px-[1mm] text-right">piece</th>
            </tr>
          </thead>
          <tbody>
            {nutrientRows(label.nutrients).map((r, i) => (
              <tr key={r.label || 'kcal'}>
                <td className={r.inside ? 'pl-[2mm]' : 'px-[1mm]'}>{r.label}</td>
                <td className="px-[1mm] text-right whitespace-nowrap">{r.value}</td>
                <td className="px-[1mm] text-right whitespace-nowrap">
                  {nutrientRows(label.nutrients, label.pieceGrams)[i]?.value}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </div>
  )
}
