import type { LogbookEntry } from '@/contract/logbook'
import { ladderScale } from '@/ui/chart/ladder-scale'

const W = 132
const H = 56

/** A batch's curves, small, with its target. */
export function Thumbnail({ entry }: { readonly entry: LogbookEntry }) {
  const curves = entry.boils.map((b) => b.curve)
  const longest = Math.max(60, ...curves.map((c) => c.at(-1)?.[0] ?? 0))
  const hottest = Math.max(entry.target, ...curves.flatMap((c) => c.map(([, celsius]) => celsius)))
  const y = ladderScale(15, hottest + 5, H - 3, 3)
  return (
    <svg width={W} height={H} aria-hidden="true" className="shrink-0">
      <line x1={0} x2={W} y1={y(entry.target)} y2={y(entry.target)} className="stroke-angelica" strokeWidth={1.5} />
      {curves.map((c, i) => (
        <polyline
          key={i}
          points={c.map(([s, celsius]) => `${(s / longest) * W},${y(celsius)}`).join(' ')}
          fill="none"
          className="stroke-cherry"
          strokeWidth={2}
          strokeLinejoin="round"
          opacity={0.85}
        />
      ))}
    </svg>
  )
}
