import type { Foam } from '@/core'
import { sayFoam } from '@/words'

const WIDTH = 200
const HEIGHT = 150
/** px that the mass stood high at first. */
const FIRST = 34
const MOST = 4

/** The mass in its bowl: where it stood at first, where it stands, and where it is light enough. */
export function Bowl({ foam }: { readonly foam: Foam }) {
  const level = (times: number): number => HEIGHT - 8 - FIRST * Math.min(MOST, times)
  const there = foam.times * (foam.gPerMl / foam.within[1])
  return (
    <figure aria-label="In the bowl" data-needs="high" className="sheet min-w-0 px-4 py-3">
      <figcaption className="mb-2 text-body leading-snug">{sayFoam(foam)}</figcaption>
      <svg viewBox={`0 0 ${WIDTH + 90} ${HEIGHT}`} className="w-full max-w-[290px]" aria-hidden>
        <clipPath id="bowl">
          <path
            d={`M6 4 L26 ${HEIGHT - 26} Q30 ${HEIGHT - 8} 50 ${HEIGHT - 8} H${WIDTH - 50} Q${WIDTH - 30} ${HEIGHT - 8} ${WIDTH - 26} ${HEIGHT - 26} L${WIDTH - 6} 4 Z`}
          />
        </clipPath>
        <rect clipPath="url(#bowl)" y={level(foam.times)} width={WIDTH} height={HEIGHT} className="fill-slab-wash" />
        <path
          d={`M6 4 L26 ${HEIGHT - 26} Q30 ${HEIGHT - 8} 50 ${HEIGHT - 8} H${WIDTH - 50} Q${WIDTH - 30} ${HEIGHT - 8} ${WIDTH - 26} ${HEIGHT - 26} L${WIDTH - 6} 4`}
          className="fill-none stroke-muted"
          strokeWidth={3}
          strokeLinecap="round"
        />
        {[
          { times: 1, says: 'at first', look: 'stroke-muted' },
          { times: there, says: 'light enough', look: 'stroke-angelica' },
        ].map(({ times, says, look }) => (
          <g key={says}>
            <line
              x1={14}
              x2={WIDTH - 4}
              y1={level(times)}
              y2={level(times)}
              className={look}
              strokeWidth={2}
              strokeDasharray="5 4"
            />
            <text x={WIDTH + 2} y={level(times)} dy="0.35em" className="fill-ink text-[13px]">
              {says}
            </text>
          </g>
        ))}
      </svg>
    </figure>
  )
}
