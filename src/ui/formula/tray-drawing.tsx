'use client'

import { useId } from 'react'
import { inMillimetres, layoutOf, type Shape, stripsOf, type Tray } from '@/core'
import { traySaid } from '@/ui/kitchen/said'
import { useSay } from '@/ui/shell/preferences'
import { formatCount } from '@/words'

interface Props {
  readonly shape: Extract<Shape, { kind: 'cut' }>
  readonly tray: Tray
  /** Where a bar holds the slab, mm along the tray; null where it is full. */
  readonly barMm: number | null
  /** How many trays are like this one. */
  readonly count: number
}

/** How round the corners of a tray are drawn, mm. */
const rimOf = (tray: Tray, corner: number): number => (tray.round ? tray.lengthMm / 2 + corner / 2 : corner)

/** How far the rim of a tray reaches beyond its inside, as it is drawn, mm. */
const RIM = 6

/** The rim of a tray. */
export const TrayRim = ({ tray }: { readonly tray: Tray }) => (
  <rect
    x={-5}
    y={-5}
    width={tray.lengthMm + 10}
    height={tray.widthMm + 10}
    rx={rimOf(tray, 10)}
    className="fill-none stroke-muted"
    strokeWidth={2}
  />
)

/** A tray from above, to scale, with its cuts. Measures stand along its sides. */
export function TrayDrawing({ shape, tray, barMm, count }: Props) {
  const say = useSay()
  const clip = useId()
  const layout = layoutOf(shape, tray, barMm ?? tray.lengthMm)
  const { count: pieces, places, round, used } = layout
  const strips = stripsOf(layout)
  const font = tray.lengthMm / 24
  // the measures stand clear of the rim
  const clear = RIM + 0.45 * font
  const pad = clear + font
  return (
    <figure className="min-w-0 flex-1">
      <svg
        viewBox={`${-pad} ${-pad} ${tray.lengthMm + 2 * pad} ${tray.widthMm + 2 * pad}`}
        className="max-h-[44vh] w-full"
        role="img"
        aria-label={`${tray.name}, ${traySaid(tray, say)} inside, cut into ${pieces} pieces`}
      >
        <TrayRim tray={tray} />
        <clipPath id={clip}>
          <rect width={barMm ?? tray.lengthMm} height={tray.widthMm} />
        </clipPath>
        <rect
          width={tray.lengthMm}
          height={tray.widthMm}
          rx={rimOf(tray, 4)}
          clipPath={`url(#${clip})`}
          fill="var(--color-slab-wash)"
          opacity={0.55}
        />
        {places.map((p) =>
          round ? (
            <circle
              key={`${p.x} ${p.y}`}
              cx={p.x + p.w / 2}
              cy={p.y + p.h / 2}
              r={p.w / 2}
              fill="var(--color-slab)"
              stroke="var(--color-slab-edge)"
              strokeWidth={1}
            />
          ) : (
            <rect
              key={`${p.x} ${p.y}`}
              x={p.x}
              y={p.y}
              width={p.w}
              height={p.h}
              fill="var(--color-slab)"
              stroke="var(--color-slab-edge)"
              strokeWidth={1}
            />
          ),
        )}
        {barMm !== null && (
          <line x1={barMm} x2={barMm} y1={-12} y2={tray.widthMm + 12} className="stroke-ink" strokeWidth={5} />
        )}
        <g className="fill-muted" fontSize={font} textAnchor="middle">
          {/* a bar may stand in the middle: what is round has its measure beside it */}
          <text x={tray.round ? font * 2 : tray.lengthMm / 2} y={-clear}>
            {say.length(inMillimetres(tray.lengthMm))}
          </text>
          {!tray.round && (
            <text transform={`translate(${-clear} ${tray.widthMm / 2}) rotate(-90)`}>
              {say.length(inMillimetres(tray.widthMm))}
            </text>
          )}
        </g>
      </svg>
      <figcaption className="mt-1 text-body">
        <strong className="casual">
          {count > 1 && `${formatCount(count)} × `}
          {formatCount(pieces)} {round ? 'discs' : 'pieces'}
        </strong>
        <span className="text-muted">
          {' '}
          {strips && strips.strips > 1 && ` · ${strips.strips} strips of ${strips.each}`} · {Math.round(100 * used)} %
          of the slab
          {pieces > places.length && ' · too many to draw one by one'}
          {barMm !== null && ` · bar at ${say.length(inMillimetres(barMm))}`}
        </span>
      </figcaption>
    </figure>
  )
}
