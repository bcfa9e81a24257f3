'use client'

import { inCelsius, type Stage } from '@/core'
import { useSize } from '@/ui/kit/use-size'
import { useSay } from '@/ui/shell/preferences'
import type { Say } from '@/words'
import { bandsOf, ladderScale, spread } from './ladder-scale'
import { fitted } from './place-labels'

export interface LadderRung {
  readonly id: string
  readonly celsius: number
  readonly text: string
  readonly detail?: string
  readonly target?: boolean
}

interface Props {
  readonly stages: readonly Stage[]
  readonly rungs: readonly LadderRung[]
}

const PAD = 12
const COLUMN = { x: 92, width: 34 }
const GAP = 44
/** px of the house's body text. */
const BODY = 15

/** The ladder as the spine of a method: this formula's stages on one side, its rungs on the other. */
export function Ladder({ stages, rungs }: Props) {
  const [ref, size] = useSize<HTMLDivElement>()
  return (
    <div ref={ref} className="min-h-[420px] flex-1">
      {size && <Drawing stages={stages} rungs={rungs} width={size.width} height={size.height} />}
    </div>
  )
}

function Drawing({ stages, rungs, width, height }: Props & { width: number; height: number }) {
  const say = useSay()
  const high = Math.max(162, ...rungs.map((r) => r.celsius + 10))
  const y = ladderScale(94, high, height - PAD, PAD)
  const bands = bandsOf(stages, 94, high)
  const labels = spread(
    bands.map((b) => (y(b.from) + y(b.to)) / 2),
    18,
    PAD + 8,
    height - PAD - 8,
  )
  const places = spread(
    rungs.map((r) => y(r.celsius)),
    GAP,
    PAD + 16,
    height - PAD - 18,
  )
  const edge = COLUMN.x + COLUMN.width
  return (
    <svg width={width} height={height} role="img" aria-label={inWords(rungs, say)}>
      {/* where nothing is known of its stages the column is empty */}
      <rect x={COLUMN.x} width={COLUMN.width} y={PAD} height={height - 2 * PAD} className="fill-marble" />
      {bands.map((b, i) => (
        <g key={b.label}>
          <rect x={COLUMN.x} width={COLUMN.width} y={y(b.to)} height={y(b.from) - y(b.to)} fill={b.colour} />
          <text
            x={COLUMN.x - 10}
            y={labels[i]}
            dy="0.35em"
            textAnchor="end"
            className="casual fill-muted text-fine font-medium"
          >
            {b.label}
          </text>
        </g>
      ))}
      {rungs.map((r, i) => {
        const at = y(r.celsius)
        const place = places[i] as number
        return (
          <g key={r.id} className={r.target ? 'fill-angelica' : 'fill-ink'}>
            <path
              d={`M${COLUMN.x} ${at}H${edge + 8}L${edge + 18} ${place}h4`}
              fill="none"
              className={r.target ? 'stroke-angelica' : 'stroke-ink'}
              strokeWidth={r.target ? 2.5 : 1.5}
            />
            <circle cx={edge + 24} cy={place} r={5} />
            <text x={edge + 36} y={place} dy={r.detail ? '-0.15em' : '0.35em'} className="casual text-body font-bold">
              {fitted(`${say.temperature(inCelsius(r.celsius))} ${r.text}`, BODY, width - edge - 36)}
            </text>
            {r.detail && (
              <text x={edge + 36} y={place} dy="1.15em" className="fill-muted text-fine">
                {r.detail}
              </text>
            )}
          </g>
        )
      })}
    </svg>
  )
}

const inWords = (rungs: readonly LadderRung[], say: Say): string =>
  `Temperature ladder. ${rungs.map((r) => `${say.temperature(inCelsius(r.celsius))}: ${r.text}`).join('. ')}`
