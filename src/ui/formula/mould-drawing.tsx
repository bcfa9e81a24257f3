import type { Mould } from '@/core'
import { formatCount } from '@/words'

/** A mould as its cavities, in the rows it most likely has. */
export function MouldDrawing({ mould, fillings }: { readonly mould: Mould; readonly fillings: number }) {
  const columns = Math.ceil(Math.sqrt(mould.cavities * 1.5))
  const rows = Math.ceil(mould.cavities / columns)
  return (
    <figure>
      <svg
        viewBox={`-6 -6 ${columns * 20 + 12} ${rows * 20 + 12}`}
        className="max-h-[40vh] w-full"
        role="img"
        aria-label={`${mould.name}: ${mould.cavities} cavities of ${mould.millilitres} ml`}
      >
        <rect
          x={-4}
          y={-4}
          width={columns * 20 + 8}
          height={rows * 20 + 8}
          rx={8}
          className="fill-marble stroke-muted"
        />
        {Array.from({ length: mould.cavities }, (_, i) => (
          <circle
            key={i}
            cx={(i % columns) * 20 + 10}
            cy={Math.floor(i / columns) * 20 + 10}
            r={7.5}
            fill="var(--color-slab)"
            stroke="var(--color-slab-edge)"
          />
        ))}
      </svg>
      <figcaption className="mt-2 text-body">
        <strong className="casual">{formatCount(mould.cavities)} to a filling</strong>
        <span className="text-muted">
          {' '}
          · {mould.millilitres} ml each · {formatCount(fillings)} {fillings === 1 ? 'filling' : 'fillings'} · you have{' '}
          {mould.count ?? 1}
        </span>
      </figcaption>
    </figure>
  )
}
