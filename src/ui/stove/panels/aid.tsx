import { firstAid, firstAidInFull } from '@/words'
import { Sheet } from './sheet'

export function AidPanel({ onBack }: { onBack(): void }) {
  return (
    <Sheet title="Burned" onBack={onBack}>
      <p className="casual px-2 text-head leading-snug font-bold text-cherry-ink">{firstAid}</p>
      <p className="px-2 text-lead leading-normal">{firstAidInFull}</p>
    </Sheet>
  )
}
