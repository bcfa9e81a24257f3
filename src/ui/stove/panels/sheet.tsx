import { ArrowLeft } from 'lucide-react'
import type { ReactNode } from 'react'

interface SheetProps {
  readonly title: string
  /** In place of the title, where the panel has a choice of its own there. */
  readonly head?: ReactNode
  onBack(): void
  readonly children: ReactNode
}

/** A panel in place of the acts: one decision, and the way back. */
export function Sheet({ title, head, onBack, children }: SheetProps) {
  return (
    <section aria-label={title} className="sheet flex min-h-0 flex-1 flex-col gap-2 overflow-auto p-3">
      <div className="flex shrink-0 gap-1">
        <button
          type="button"
          onClick={onBack}
          className="casual flex min-h-16 items-center gap-2 px-2 text-left text-[18px] font-bold"
        >
          <ArrowLeft size={20} aria-hidden />
          <span className={head ? 'sr-only' : undefined}>{title}</span>
          <span className="sr-only">, back (Escape)</span>
        </button>
        {head}
      </div>
      {children}
    </section>
  )
}

interface ChoiceProps {
  readonly label: string
  readonly mark?: string
  readonly detail?: string
  /** Painted all over in it: to be held against what is in the pot. */
  readonly swatch?: string
  onPress(): void
}

/** One answer of a panel, large enough for a sticky finger. */
export function Choice({ label, mark, detail, swatch, onPress }: ChoiceProps) {
  return (
    <button
      type="button"
      onClick={onPress}
      className="flex min-h-16 flex-1 items-center gap-2 rounded-control bg-marble px-3 text-left text-[17px] leading-tight font-semibold hover:brightness-95"
      style={swatch ? { background: swatch } : undefined}
    >
      {mark && <span className="figures text-[14px] text-muted">{mark}</span>}
      <span className={swatch ? 'rounded-[9px] bg-sheet px-2.5 py-1.5' : 'flex-1'}>{label}</span>
      {detail && <span className="figures text-[14px] text-muted">{detail}</span>}
    </button>
  )
}
