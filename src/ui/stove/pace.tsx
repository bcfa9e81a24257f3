'use client'

interface Props {
  readonly rate: number
  readonly connected: boolean
  readonly waiting: number
  readonly practice: boolean
  onRate(rate: number): void
}

const RATES = [1, 10, 60]

/** The practice clock and the state of the line, in a corner of the chart. */
export function Pace({ rate, connected, waiting, practice, onRate }: Props) {
  return (
    <div className="flex shrink-0 items-center gap-3 text-[14px]">
      {practice && (
        <fieldset className="flex items-center gap-1 rounded-control bg-marble p-1">
          <legend className="sr-only">Practice clock</legend>
          <span className="px-2 text-muted">practice</span>
          {RATES.map((r) => (
            <button
              key={r}
              type="button"
              aria-pressed={r === rate}
              onClick={() => onRate(r)}
              className={`figures min-h-9 min-w-12 rounded-[9px] px-2 font-semibold ${r === rate ? 'bg-bar text-on-bar' : 'hover:bg-sheet'}`}
            >
              {r}×
            </button>
          ))}
        </fieldset>
      )}
      <span role="status" className="flex items-center gap-2">
        <span aria-hidden className={`size-3 ${connected ? 'rounded-full bg-angelica' : 'rotate-45 bg-cherry'}`} />
        {connected
          ? waiting > 0
            ? `sending ${waiting}`
            : 'live'
          : waiting > 0
            ? `offline, ${waiting} kept here`
            : 'offline'}
      </span>
    </div>
  )
}
