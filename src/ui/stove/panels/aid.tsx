import { firstAid } from '@/words'
import { Sheet } from './sheet'

export function AidPanel({ onBack }: { onBack(): void }) {
  return (
    <Sheet title="Burned" onBack={onBack}>
      <p className="casual px-2 text-head leading-snug font-bold text-cherry-ink">{firstAid.short}</p>
      <p className="px-2 text-lead leading-normal">{firstAid.full}</p>
    </Sheet>
  )
}
