import type { KitchenFacts, KitchenKind } from '@/contract/kitchen'
import { sugarColour } from '@/ui/chart/ladder-scale'

/** Things of the kitchen as they stand on a shelf, those of one kind to one scale. */

const metals = { copper: '#cb8230', steel: '#98a1ad', aluminium: '#c3cad3', iron: '#57535c' } as const

const potHeight = ({ litres, diameterMm }: KitchenFacts<'pot'>): number =>
  (litres * 1e6) / ((Math.PI * diameterMm ** 2) / 4)

function Pot({ facts }: { readonly facts: KitchenFacts<'pot'> }) {
  const scale = 0.3
  const w = facts.diameterMm * scale
  const h = potHeight(facts) * scale
  return (
    <svg width={w + 26} height={h + 8} aria-hidden>
      <rect x={1} y={6} width={w + 24} height={5} rx={2.5} fill={metals[facts.metal]} />
      <path d={`M13 2 h${w} v${h - 8} q0 8 -8 8 h${-(w - 16)} q-8 0 -8 -8 z`} fill={metals[facts.metal]} />
      <path
        d={`M20 6 v${Math.max(4, h - 14)}`}
        stroke="#fff"
        strokeOpacity={0.35}
        strokeWidth={3}
        strokeLinecap="round"
      />
    </svg>
  )
}

function Vessel({ facts }: { readonly facts: KitchenFacts<'vessel'> }) {
  if (facts.kind === 'mould') {
    const columns = Math.ceil(Math.sqrt(facts.cavities * 1.5))
    const rows = Math.ceil(facts.cavities / columns)
    const r = Math.min(7, 1.6 * Math.cbrt(facts.millilitres))
    const pitch = 2 * r + 3
    return (
      <svg width={columns * pitch + 8} height={rows * pitch + 8} aria-hidden>
        <rect width="100%" height="100%" rx={6} className="fill-alarm" opacity={0.16} />
        {Array.from({ length: facts.cavities }, (_, i) => (
          <circle
            key={i}
            cx={4 + pitch / 2 + (i % columns) * pitch}
            cy={4 + pitch / 2 + Math.floor(i / columns) * pitch}
            r={r}
            className="fill-cherry"
            opacity={0.75}
          />
        ))}
      </svg>
    )
  }
  const scale = 0.28
  if (facts.round)
    return (
      <svg width={facts.lengthMm * scale + 8} height={facts.lengthMm * scale + 8} aria-hidden>
        <circle cx="50%" cy="50%" r={(facts.lengthMm * scale) / 2 + 3} fill="#98a1ad" />
        <circle cx="50%" cy="50%" r={(facts.lengthMm * scale) / 2} fill="#d9dee5" />
      </svg>
    )
  return (
    <svg width={facts.lengthMm * scale + 8} height={facts.widthMm * scale + 8} aria-hidden>
      <rect x={1} y={1} width={facts.lengthMm * scale + 6} height={facts.widthMm * scale + 6} rx={7} fill="#98a1ad" />
      <rect x={4} y={4} width={facts.lengthMm * scale} height={facts.widthMm * scale} rx={4} fill="#d9dee5" />
    </svg>
  )
}

function Cutter({ facts }: { readonly facts: KitchenFacts<'cutter'> }) {
  const scale = 1.1
  const [w, h] = [facts.lengthMm * scale, facts.widthMm * scale]
  return (
    <svg width={w + 6} height={h + 6} aria-hidden className="fill-none stroke-muted" strokeWidth={3}>
      {facts.round ? (
        <circle cx={w / 2 + 3} cy={h / 2 + 3} r={w / 2} />
      ) : (
        <rect x={3} y={3} width={w} height={h} rx={2} />
      )}
    </svg>
  )
}

function Measure({ facts }: { readonly facts: KitchenFacts<'measure'> }) {
  const side = 7 * Math.cbrt(facts.millilitres)
  return (
    <svg width={side + 4} height={side * 1.15 + 4} aria-hidden className="stroke-muted" strokeWidth={2.5}>
      <path
        d={`M2 2 l${side * 0.1} ${side * 1.1} h${side * 0.8} l${side * 0.1} ${-side * 1.1}`}
        className="fill-none"
        strokeLinejoin="round"
      />
      <path d={`M${2 + side * 0.035} ${side * 0.4} h${side * 0.93}`} strokeWidth={1.5} />
    </svg>
  )
}

function Burner({ facts }: { readonly facts: KitchenFacts<'burner'> }) {
  const width = 120
  const most = 3500
  return (
    <svg width={width} height={26} aria-hidden>
      <rect y={8} width={(width * Math.min(most, facts.watts)) / most} height={10} rx={5} className="fill-line" />
      <rect
        y={8}
        width={(width * Math.min(most, facts.watts * facts.efficiency)) / most}
        height={10}
        rx={5}
        className="fill-cherry"
      />
    </svg>
  )
}

function Shade({ facts }: { readonly facts: KitchenFacts<'shade'> }) {
  return (
    <span aria-hidden className="block h-9 w-20 rounded-inner" style={{ background: sugarColour(facts.celsius) }} />
  )
}

const drawings: Partial<Record<KitchenKind, (facts: never) => React.ReactNode>> = {
  pot: (facts: KitchenFacts<'pot'>) => <Pot facts={facts} />,
  vessel: (facts: KitchenFacts<'vessel'>) => <Vessel facts={facts} />,
  cutter: (facts: KitchenFacts<'cutter'>) => <Cutter facts={facts} />,
  measure: (facts: KitchenFacts<'measure'>) => <Measure facts={facts} />,
  shade: (facts: KitchenFacts<'shade'>) => <Shade facts={facts} />,
  burner: (facts: KitchenFacts<'burner'>) => <Burner facts={facts} />,
}

/** The drawing of a thing; nothing for what has no shape. */
export const drawingOf = (kind: KitchenKind, facts: KitchenFacts): React.ReactNode =>
  drawings[kind]?.(facts as never) ?? null
