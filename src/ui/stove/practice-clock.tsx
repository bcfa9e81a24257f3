import { Segments } from '@/ui/kit/segments'

const RATES = [1, 10, 60]

interface Props {
  readonly rate: number
  onRate(rate: number): void
  /** Goes on to the next moment that wants a person; null where the pot itself has to be waited for. */
  readonly onJump: (() => void) | null
}

/** How fast a practice cook goes. */
export default function PracticeClock({ rate, onRate, onJump }: Props) {
  return (
    <>
      {onJump && (
        <button
          type="button"
          onClick={onJump}
          className="min-h-11 rounded-control bg-marble px-3 font-semibold hover:brightness-95"
        >
          On to its moment
        </button>
      )}
      <Segments
        label="Practice clock"
        options={RATES.map((r) => ({ id: String(r), label: `${r}×` }))}
        value={String(rate)}
        onPick={(id) => onRate(Number(id))}
        className="flex-nowrap border-0 bg-marble"
        itemClassName="figures min-h-9 min-w-12 px-2 text-small"
      />
    </>
  )
}
