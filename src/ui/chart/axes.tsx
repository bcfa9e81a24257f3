/** What every curve has: its minutes, and words where they were placed. */
import { ticks } from 'd3'
import { formatSpan } from '@/words'
import type { Band } from './ladder-scale'
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
          {m < 60 ? `${m} min` : formatSpan(m * 60)}
        </text>
      ))}
    </g>
  )
}

interface WordsProps {
  readonly label: Placed | undefined
  readonly className: string
  /** They end where their place does: names that stand under one another on the right. */
  readonly flush?: boolean
}

/** Words where they were placed; nothing where there was no room. */
export function Words({ label, className, flush = false }: WordsProps) {
  if (!label) return null
  return (
    <text
      x={flush ? label.x + label.width : label.x}
      textAnchor={flush ? 'end' : 'start'}
      y={label.y + label.height / 2}
      dy="0.35em"
      className={className}
    >
      {label.text}
    </text>
  )
}

interface BandsProps {
  readonly bands: readonly Band[]
  readonly y: (celsius: number) => number
  /** px: of the painted column, and of the curves beside it. */
  readonly column: readonly [number, number]
  readonly field: readonly [number, number]
}

/** The bands of a ladder: painted in its column, and faintly behind the curves. */
export function BandFill({ bands, y, column, field }: BandsProps) {
  return (
    <g>
      {bands.map((b) =>
        (
          [
            [field, 0.28],
            [column, 1],
          ] as const
        ).map(([[from, to], opacity]) => (
          <rect
            key={`${b.label} ${opacity}`}
            x={from}
            width={to - from}
            y={y(b.to)}
            height={y(b.from) - y(b.to)}
            fill={b.colour}
            opacity={opacity}
          />
        )),
      )}
    </g>
  )
}
