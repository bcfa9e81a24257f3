import { type FinishAssessment, inCelsius, inMillimetres, profileAt } from '@/core'
import { sugarColour } from '@/ui/chart/ladder-scale'
import { useSay } from '@/ui/shell/preferences'

interface Props {
  readonly finish: FinishAssessment
  readonly now: number
}

const LAYERS = 9
const WIDTH = 190
const HEIGHT = 92
const BASE = 24

/** What lies there cut through: how warm each layer is, and what it lies on. */
export function CrossSection({ finish, now }: Props) {
  const say = useSay()
  const { mass, top, bottom, celsius, under } = finish
  if (!mass.slab) return null
  const layers = profileAt(mass.course, now, LAYERS)
  const each = HEIGHT / LAYERS
  const warmest = Math.max(...layers)
  const degrees = (c: number): string => say.temperature(inCelsius(c))
  return (
    <figure aria-label="Through its depth" className="min-w-0">
      <figcaption className="mb-1 text-small text-muted">
        {say.length(inMillimetres(mass.slab.depthMm))} deep, {mass.depthMeasured ? 'measured' : 'as planned'}
      </figcaption>
      <svg viewBox={`0 0 ${WIDTH + 44} ${HEIGHT + BASE}`} className="w-full max-w-[260px]" aria-hidden>
        {layers.map((c, i) => (
          <rect
            key={i}
            y={i * each}
            width={WIDTH}
            height={each + 0.5}
            fill={sugarColour(150 + 30 * ((c - 20) / Math.max(30, warmest - 20)))}
          />
        ))}
        <rect y={HEIGHT} width={WIDTH} height={BASE} className="fill-line" />
        <text x={8} y={HEIGHT + BASE / 2} dy="0.35em" className="fill-ink text-[12px]">
          {mass.on.name}, {degrees(under)}
        </text>
        {[
          { at: 8, c: top },
          { at: HEIGHT / 2, c: celsius },
          { at: HEIGHT - 8, c: bottom },
        ].map(({ at, c }, i) => (
          <text
            key={at}
            x={WIDTH + 6}
            y={at}
            dy="0.35em"
            className={`figures fill-ink text-[12px] ${i === 1 ? 'font-bold' : ''}`}
          >
            {degrees(c)}
          </text>
        ))}
      </svg>
    </figure>
  )
}
