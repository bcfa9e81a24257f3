/** What every curve has: its minutes, and words where they were placed. */
import { ticks } from 'd3'
import type { Placed } from './place-labels'

interface TimeAxisProps {
  readonly x: (s: number) => number
  readonly y: number
  readonly span: number
  readonly count: number
}

export function TimeAxis({ x, y, span, count }: TimeAxisProps) {
  const minutes = ticks(0, span / 60, count).filter((m) => m > 0)
  return (
    <g className="fill-muted text-fine">
      {minutes.map((m) => (
        <text key={m} x={x(m * 60)} y={y} textAnchor="middle">
          {m >= 60 && m % 60 === 0 ? `${m / 60} h` : `${m} min`}
        </text>
      ))}
    </g>
  )
}

/** Words where they were placed; nothing where there was no room. */
export function Words({ label, className }: { readonly label: Placed | undefined; readonly className: string }) {
  if (!label) return null
  return (
    <text x={label.x} y={label.y + label.height / 2} dy="0.35em" className={className}>
      {label.text}
    </text>
  )
}
