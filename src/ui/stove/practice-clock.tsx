import { Segments } from '@/ui/kit/segments'

const RATES = [1, 10, 60]

interface Props {
  readonly rate: number
  onRate(rate: number): void
}

/** How fast a practice cook goes. */
export default function PracticeClock({ rate, onRate }: Props) {
  return (
    <Segments
      label="Practice clock"
      options={RATES.map((r) => ({ id: String(r), label: `${r}×` }))}
      value={String(rate)}
      onPick={(id) => onRate(Number(id))}
      className="flex-nowrap border-0 bg-marble"
      itemClassName="figures min-h-9 min-w-12 px-2 text-small"
    />
  )
}
