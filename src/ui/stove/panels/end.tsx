import type { CookAct } from '@/core'
import { Choice, Sheet } from './sheet'

const REASONS = ['It burnt', 'It grained', 'It split', 'It boiled over', 'Called away'] as const

interface Props {
  onBack(): void
  onAct(act: CookAct): void
}

/** The end of a boil before its last step: done with, or given up and why. */
export function EndPanel({ onBack, onAct }: Props) {
  return (
    <Sheet title="End it" choices onBack={onBack}>
      <Choice label="It is done" onPress={() => onAct({ type: 'finished' })} />
      <p className="self-end px-2 pt-1 text-body text-muted">Given up, because</p>
      {REASONS.map((r) => (
        <Choice key={r} label={r} onPress={() => onAct({ type: 'abandoned', reason: r })} />
      ))}
    </Sheet>
  )
}
