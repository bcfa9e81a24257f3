import type { ReactNode } from 'react'

/** How a small box looks in dense forms. */
export const smallBox = 'min-h-10 w-full rounded-inner border border-line bg-marble px-2.5 text-body'

/** A label over the one control inside it. */
export function Labelled({ label, children }: { readonly label: string; readonly children: ReactNode }) {
  return (
    // biome-ignore lint/a11y/noLabelWithoutControl: the control is its child
    <label className="block text-fine text-muted">
      {label}
      <span className="mt-0.5 block text-ink">{children}</span>
    </label>
  )
}
