import { type FinishAssessment, inCelsius, inMillimetres, profileAt } from '@/core'
import { sugarColour } from '@/ui/chart/ladder-scale'
import { useSay } from '@/ui/shell/preferences'

interface Props {
  readonly finish: FinishAssessment
  readonly now: number
}

const LAYERS = 9
/** Shades of the coolest and the warmest layer, on the caramel ramp, °C. */
const DARK = 178
const PALE = 164
const WIDTH = 190
const HEIGHT = 48
const BASE = 19

/** What lies there cut through: how warm each layer is, and what it lies on. */
export function CrossSection({ finish, now }: Props) {
  const say = useSay()
  const { mass, top, bottom, celsius, under } = finish
  if (!mass.slab) return null
  const layers = profileAt(mass.course, now, LAYERS)
  const each = HEIGHT / LAYERS
  const [coolest, warmest] = [Math.min(...layers), Math.max(...layers)]
  // the warmer, the paler: as sugar is the darker the more heat it has had, and gives it up from its faces
  const shade = (c: number): number => DARK - ((DARK - PALE) * (c - coolest)) / Math.max(4, warmest - coolest)
  const degrees = (c: number): string => say.temperature(inCelsius(c))
  return (
    <figure aria-label="Through its depth" data-needs="low" className="sheet min-w-0 px-4 py-2">
      <figcaption className="mb-0.5 text-small leading-tight text-muted">
        {say.length(inMillimetres(mass.slab.depthMm))} deep, {mass.depthMeasured ? 'measured' : 'as planned'}
      </figcaption>
      <svg viewBox={`0 0 ${WIDTH + 44} ${HEIGHT + BASE}`} className="w-full max-w-[230px]" aria-hidden>
        {layers.map((c, i) => (
          <rect key={i} y={i * each} width={WIDTH} height={each + 0.5} fill={sugarColour(shade(c))} />
        ))}
        <rect y={HEIGHT} width={WIDTH} height={BASE} className="fill-line" />
        <text x={8} y={HEIGHT + BASE / 2} dy="0.35em" className="fill-ink text-[12px]">
          {mass.on.name}, {degrees(under)}
        </text>
        {[
          { at: 7, c: top },
          { at: HEIGHT / 2, c: celsius },
          { at: HEIGHT - 6, c: bottom },
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
