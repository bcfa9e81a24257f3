import { type CookAct, DIAL_TOP } from '@/core'
import { Sheet } from './sheet'

interface Props {
  readonly dial: number
  onBack(): void
  onAct(act: CookAct): void
}

export function HeatPanel({ dial, onBack, onAct }: Props) {
  return (
    <Sheet title="Heat" onBack={onBack}>
      <div className="grid flex-1 grid-cols-4 gap-2">
        {Array.from({ length: DIAL_TOP + 1 }, (_, i) => DIAL_TOP - i).map((d) => (
          <button
            key={d}
            type="button"
            aria-pressed={d === dial}
            onClick={() => onAct({ type: 'heat', dial: d })}
            className={`casual min-h-16 rounded-control text-head font-bold ${d === dial ? 'bg-cherry text-on-fill' : 'bg-marble hover:brightness-95'}`}
          >
            {d === 0 ? 'off' : d}
          </button>
        ))}
      </div>
    </Sheet>
  )
}
