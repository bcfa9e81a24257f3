import { useId } from 'react'
import type { Forecast, Reading } from '@/core'
import type { LadderScale } from './ladder-scale'

interface Scales {
  readonly x: (s: number) => number
  readonly y: LadderScale
}

interface AheadProps extends Scales {
  /** The road from now to the act. */
  readonly path: readonly Reading[]
  readonly forecast: Forecast
  /** Right edge of the plot, px. */
  readonly end: number
}

/** What is to come: the road as a dotted line in the fan between the early and the late case. */
export function Ahead({ path, forecast, x, y, end }: AheadProps) {
  const clip = useId()
  const from = path[0]?.at ?? 0
  const stretch = (to: number) => (p: Reading) => ({
    at: from + ((p.at - from) * to) / forecast.eta,
    celsius: p.celsius,
  })
  const early = path.map(stretch(forecast.low))
  const late = path.map(stretch(forecast.high)).reverse()
  const points = (list: readonly Reading[]) => list.map((p) => `${x(p.at)},${y(p.celsius)}`).join(' ')
  return (
    <g>
      <clipPath id={clip}>
        <rect width={end} height="100%" />
      </clipPath>
      <polygon points={points([...early, ...late])} clipPath={`url(#${clip})`} className="fill-cherry" opacity={0.18} />
      <polyline
        points={points(path)}
        fill="none"
        className="stroke-cherry"
        strokeWidth={3}
        strokeDasharray="1 7"
        strokeLinecap="round"
      />
    </g>
  )
}

interface HereProps extends Scales {
  readonly here: Reading
  /** How it has come there since it was last read, as it is reckoned; empty where it is read all the time. */
  readonly way: readonly Reading[]
  /** Left edge of the ladder, where the tag points, px. */
  readonly tag: number
}

/** Where the syrup is now: the dot at the end of the line, the tag on the ladder, and the reckoned way from the last reading. */
export function Here({ here, way, tag, x, y }: HereProps) {
  const level = y(here.celsius)
  return (
    <g>
      <polyline
        points={way.map((p) => `${x(p.at)},${y(p.celsius)}`).join(' ')}
        fill="none"
        className="stroke-cherry"
        strokeWidth={2}
        strokeDasharray="4 5"
      />
      <path d={`M${tag - 70} ${level - 9}a7 7 0 0 0 -7 7v4a7 7 0 0 0 7 7h56l12 -9l-12 -9z`} className="fill-cherry" />
      <text x={tag - 66} y={level} dy="0.34em" className="fill-on-fill text-fine font-bold">
        now
      </text>
      <circle cx={x(here.at)} cy={level} r={9} className="fill-sheet" />
      <circle cx={x(here.at)} cy={level} r={6.5} className="fill-cherry" />
    </g>
  )
}
