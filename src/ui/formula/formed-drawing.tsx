import { type FormedShape, formedOn, inMillimetres, type Tray } from '@/core'
import { useSay } from '@/ui/shell/preferences'
import { formatCount } from '@/words'
import { TrayRim } from './tray-drawing'

interface Props {
  readonly shape: FormedShape
  readonly tray: Tray
  /** g/ml, with its air. */
  readonly density: number
  readonly pieces: number
  readonly trays: number
  /** How they come to lie. */
  readonly said: string
}

/** ◊ More than this are not drawn one by one. */
const MOST = 400

/** A tray from above, to scale, with what was dropped or rolled onto it one by one. */
export function FormedDrawing({ shape, tray, density, pieces, trays, said }: Props) {
  const say = useSay()
  const { acrossMm, centres } = formedOn(shape, tray, density)
  const across = say.length(inMillimetres(Math.round(acrossMm)))
  const lie = Math.min(pieces, centres.length)
  return (
    <figure>
      <svg
        viewBox={`-8 -8 ${tray.lengthMm + 16} ${tray.widthMm + 16}`}
        className="max-h-[46vh] w-full"
        role="img"
        aria-label={`${tray.name}, ${lie} pieces on it, ${across} across`}
      >
        <TrayRim tray={tray} />
        {centres.slice(0, Math.min(lie, MOST)).map(({ x, y }) => (
          <circle
            key={`${x} ${y}`}
            cx={x}
            cy={y}
            r={acrossMm / 2}
            fill="var(--color-slab)"
            stroke="var(--color-slab-edge)"
          />
        ))}
      </svg>
      <figcaption className="mt-2 text-body">
        <strong className="casual">
          {formatCount(centres.length)} to a tray, {across} across
        </strong>
        <span className="text-muted">
          {' '}
          · {said} · {formatCount(trays)} {trays === 1 ? 'tray' : 'trays'}
        </span>
      </figcaption>
    </figure>
  )
}
