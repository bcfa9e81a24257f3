import { ArrowLeft } from 'lucide-react'
import type { ReactNode } from 'react'

interface SheetProps {
  readonly title: string
  /** In place of the title, where the panel has a choice of its own there. */
  readonly head?: ReactNode
  /** What is in it is a list of choices, two beside each other where there is room. */
  readonly choices?: boolean
  /** It may be longer than the screen. */
  readonly scrolls?: boolean
  onBack(): void
  readonly children: ReactNode
}

/** A panel in place of the acts: one decision, and the way back. */
export function Sheet({ title, head, choices = false, scrolls, onBack, children }: SheetProps) {
  return (
    <section
      aria-label={title}
      data-scrolls={scrolls || undefined}
      className="sheet flex min-h-0 flex-1 flex-col gap-2 overflow-auto p-3"
    >
      <div className="flex shrink-0 gap-1">
        <button
          type="button"
          onClick={onBack}
          className="casual flex min-h-16 items-center gap-2 px-2 text-left text-title font-bold"
        >
          <ArrowLeft size={20} aria-hidden />
          <span className={head ? 'sr-only' : undefined}>{title}</span>
          <span className="sr-only">, back (Escape)</span>
        </button>
        {head}
      </div>
      <div
        className={choices ? 'grid flex-1 auto-rows-[minmax(64px,1fr)] grid-cols-1 gap-2 sm:grid-cols-2' : 'contents'}
      >
        {children}
      </div>
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
      className="flex min-h-16 flex-1 items-center gap-2 rounded-control bg-marble px-3 text-left text-lead leading-tight font-semibold hover:brightness-95"
      style={swatch ? { background: swatch } : undefined}
    >
      {mark && <span className="figures text-small text-muted">{mark}</span>}
      <span className={swatch ? 'rounded-inner bg-sheet px-2.5 py-1.5' : 'flex-1'}>{label}</span>
      {detail && <span className="figures text-small text-muted">{detail}</span>}
    </button>
  )
}
